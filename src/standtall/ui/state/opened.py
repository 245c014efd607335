"""What is open on the Bench: a source with its words, one short of it, and all that was worked out of them."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.scene import Edition
from standtall.framing.camera import Camera, plan
from standtall.library.cache import AnalysisCache
from standtall.library.project import Entry
from standtall.model.analysis import Analysis
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.session.make import worked_out
from standtall.session.told import Found, as_told
from standtall.speech.search import WordIndex
from standtall.ui.bench.transcript.rows import Page


@dataclass(frozen=True, slots=True)
class Opened:
    """A source ready for the Bench; `analysis` is what was found, as the transcript tells it.

    `project` counts the projects opened in this window and `steps` the steps that the words have taken: with the short's entry
    they say exactly what a person saw when they asked for an edit.
    """

    source: Source
    found: Found
    transcript: Transcript
    analysis: Analysis
    entry: Entry
    edition: Edition
    camera: Camera
    page: Page
    index: WordIndex
    proxy: str | None
    project: int
    steps: int


def work_out(
    source: Source, found: Found, transcript: Transcript, entry: Entry, cache: AnalysisCache, even: bool, project: int,
    steps: int, before: Opened | None = None,
) -> Opened:  # fmt: skip
    """Everything that the Bench shows; what did not change since `before` is taken from there."""
    if before is not None and before.source.key != source.key:
        before = None
    analysis = as_told(found.analysis, transcript)
    same_words = before is not None and transcript.words is before.transcript.words
    index = before.index if before is not None and same_words else WordIndex(analysis.words)
    same_page = before is not None and same_words and before.page.even == even
    page = before.page if before is not None and same_page else Page(analysis.words, source.length, even)
    camera = before.camera if before is not None and _same_view(before, entry.short, analysis) else None
    if camera is None:
        camera = plan(entry.short, source, analysis.people, everywhere=True)
    edition = worked_out(entry.short, source, analysis, camera)
    proxy = cache.proxy(source.key)
    path = str(proxy) if proxy.exists() else None
    return Opened(source, found, transcript, analysis, entry, edition, camera, page, index, path, project, steps)


def _same_view(before: Opened, short: Short, analysis: Analysis) -> bool:
    """Whether the camera has nothing new to look at."""
    was = before.entry.short
    same = (was.framing, was.width, was.height) == (short.framing, short.width, short.height)
    return same and before.analysis.people == analysis.people
