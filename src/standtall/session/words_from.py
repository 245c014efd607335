"""Words taken from a file made elsewhere, timed by the sound of a source."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.exchange.words_in import fits, read_words
from standtall.media.sound_reader import SPEECH_RATE, sound_of
from standtall.model.source import Source
from standtall.model.transcript import Transcript, first_transcript
from standtall.session.told import Found
from standtall.speech.script import laid_over

CONFIRMED: Final = 0.5
"""Least share of words that the sound must confirm before a caption file counts as belonging to it."""


@dataclass(frozen=True, slots=True)
class Taken:
    """Words from a file, and in a sentence how well they agree with the sound."""

    transcript: Transcript
    told: str


def words_from(path: Path, source: Source, found: Found, progress: Progress | None = None) -> Taken:
    """The words of a file in place of the recognised ones. Words with their own times keep them; all others are
    aligned to the sound, and those that it does not confirm are low_confidence.

    Raises `MediaError` for a file that cannot be used, `NothingToDo` when it does not belong to the sound.
    """
    from standtall.speech.spelling import UNSPELT

    read = read_words(path)
    words = read.words
    told = tr("{words} words with their times.", words=len(words))
    if read.times == "none":
        words, share = laid_over(tuple(w.text for w in words), found.analysis.words, source.length)
        told = tr("{words} words; {share:.0%} of them were heard where the script has them.", words=len(words), share=share)
    words = fits(words, source.length)
    if not words:
        raise NothingToDo(tr("{name} has no words inside this footage.", name=path.name), tr("Choose its own file."))
    language = found.analysis.language or "en"
    if read.times != "words" and source.has_sound and language not in UNSPELT:
        from standtall.speech.align import PhoneAligner
        from standtall.speech.transcribe import align_words

        sound = sound_of(source, SPEECH_RATE, 1)
        sure = align_words(sound, words, PhoneAligner(language), progress)
        confirmed = sum(w.confidence > CONFIRMED for w in sure) / len(sure)
        words = tuple(replace(w, confidence=min(w.confidence, old.confidence)) for w, old in zip(sure, words, strict=True))
        told = tr("{told}; {confirmed:.0%} confirmed by the sound.", told=told.rstrip("."), confirmed=confirmed)
    words = tuple(replace(w, end=min(w.end, source.length)) for w in words if w.start < source.length)
    if read.speakers:
        return Taken(Transcript(words, read.speakers), told)
    return Taken(replace(first_transcript(words, found.analysis.people)), told)
