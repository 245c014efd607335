"""A source as the editor has put it right: what was measured, with the words and speakers of the project's transcript."""

from __future__ import annotations

from dataclasses import dataclass, replace

from standtall.library.project import Project
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.model.transcript import Transcript, first_transcript, people_as_told
from standtall.model.words import Word


@dataclass(frozen=True, slots=True)
class Spoken:
    """Footage with what is said in it, where nothing else of it is needed."""

    source: Source
    words: tuple[Word, ...]


@dataclass(frozen=True, slots=True)
class Found:
    """What was measured in a source, and the transcript as it was found, before any correction."""

    analysis: Analysis
    transcript: Transcript


def found_in(analysis: Analysis) -> Found:
    return Found(analysis, first_transcript(analysis.words, analysis.people))


def transcript_of(project: Project, found: Found) -> Transcript:
    """The corrected transcript of a source with what was found since, or the words as they were found."""
    project.transcripts.grow(found.analysis.source_key, found.transcript.words)
    return project.transcripts.find(found.analysis.source_key) or found.transcript


def as_told(found: Analysis, transcript: Transcript) -> Analysis:
    """What was measured, with words, speakers and names as the transcript tells them."""
    people = people_as_told(found.people, transcript)
    return replace(
        found,
        words=transcript.words,
        people=people,
        caption_offset=transcript.caption_offset,
        translations=transcript.translations,
    )
