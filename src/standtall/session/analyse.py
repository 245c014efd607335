"""Analyse a source: stage by stage, each kept when it is finished, none done twice for the same content."""

from __future__ import annotations

import time
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import Final

import numpy as np

from standtall.base.errors import MediaError, NothingToDo
from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.media import proxy
from standtall.media.sound import SPEECH_RATE, Samples, level_db, sound_of
from standtall.model.analysis import Analysis
from standtall.model.people import People
from standtall.model.source import Source
from standtall.model.words import Word

STAGES: Final = ("sound", "words", "people", "proxy")


@dataclass(frozen=True, slots=True)
class Options:
    """What the editor sets before analysis: spoken language (None to detect) and a caption file to use for words."""

    language: str | None = "en"
    captions: Path | None = None

    @property
    def words_mark(self) -> str:
        """What the words depend on besides the content."""
        if self.captions is None:
            return f"language={self.language}"
        return f"captions={self.captions.name}:{self.captions.stat().st_mtime_ns}"


@dataclass(frozen=True, slots=True)
class _Level:
    values: tuple[float, ...]


@dataclass(frozen=True, slots=True)
class _Words:
    words: tuple[Word, ...]


def analyse(
    source: Source, options: Options, progress: Progress, cache: AnalysisCache, done: Callable[[str, float], None] | None = None
) -> Analysis:
    """All that is known of a source, measured now where it is not in the cache. `done` hears of each finished stage
    with the seconds it took.

    Raises `ModelMissing` when words are wanted and there is neither a model nor a caption file.
    """
    told = done or (lambda _stage, _seconds: None)
    began = time.monotonic()

    def finished(stage: str) -> None:
        nonlocal began
        told(stage, time.monotonic() - began)
        began = time.monotonic()

    samples: Samples | None = None

    def sound() -> Samples:
        nonlocal samples
        if samples is None:
            samples = sound_of(source, SPEECH_RATE, 1, progress=progress)
        return samples

    level = _level(source, cache, sound)
    finished("sound")
    words = _words(source, options, cache, sound, progress)
    finished("words")
    people = cache.find(source.key, "people", People, options.words_mark)
    if people is None:
        from standtall.people.find import find_people  # slow to import, and the window only asks what is known

        people = find_people(source, words, np.array(level, np.float32), progress) if source.has_picture else People()
        cache.keep(source.key, "people", people, options.words_mark)
    finished("people")
    if proxy.needed(source) and not cache.proxy(source.key).exists():
        proxy.make_proxy(source, cache.proxy(source.key), progress)
    finished("proxy")
    return Analysis(source.key, words, people, level)


def known(source: Source, options: Options, cache: AnalysisCache) -> Analysis | None:
    """The analysis of a source if all of it is in the cache."""
    level = cache.find(source.key, "sound", _Level)
    words = cache.find(source.key, "words", _Words, options.words_mark)
    people = cache.find(source.key, "people", People, options.words_mark)
    if level is None or words is None or people is None:
        return None
    return Analysis(source.key, words.words, people, level.values)


def _level(source: Source, cache: AnalysisCache, sound: Callable[[], Samples]) -> tuple[float, ...]:
    if not source.has_sound:
        return ()
    kept = cache.find(source.key, "sound", _Level)
    if kept is None:
        kept = _Level(tuple(round(float(v), 1) for v in level_db(sound())))
        cache.keep(source.key, "sound", kept)
    return kept.values


def _words(
    source: Source, options: Options, cache: AnalysisCache, sound: Callable[[], Samples], progress: Progress
) -> tuple[Word, ...]:
    kept = cache.find(source.key, "words", _Words, options.words_mark)
    if kept is not None:
        return kept.words
    from standtall.exchange.words_in import read_words
    from standtall.speech import models
    from standtall.speech.align import PhoneAligner
    from standtall.speech.recognise import WhisperRecogniser
    from standtall.speech.transcribe import align_words, transcribe

    if options.captions is not None:
        read = read_words(options.captions)
        if read.times == "none":
            raise MediaError(
                f"{options.captions.name} has no times.",
                "Analyse the footage first, then take the words of a plain script on the Bench.",
            )
        words = read.words
        if read.times == "cues" and source.has_sound and options.language in (None, "en"):
            words = align_words(sound(), words, PhoneAligner(), progress)
        words = tuple(w for w in words if w.end <= source.length)
        if not words:
            raise NothingToDo(f"{options.captions.name} has no words inside this footage.", "Choose its own caption file.")
    elif not source.has_sound:
        words = ()
    else:
        recogniser = WhisperRecogniser(models.require(), options.language)
        aligner = PhoneAligner() if options.language == "en" else None
        words = transcribe(sound(), recogniser, aligner, progress)
    cache.keep(source.key, "words", _Words(words), options.words_mark)
    return words
