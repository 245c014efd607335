"""Analyse a source: stage by stage, each kept when it is finished, none done twice for the same content.

Words, pictures and voices are given out in tasks (`session.analysis_supply`) to whoever helps: this thread, processes on
all cores of this machine, or other machines. Each answer is kept: an analysis that was stopped or killed goes on from there,
and what is there already can be worked with. The loudness is measured beside.
"""

from __future__ import annotations

import base64
import importlib
import threading
import time
import weakref
from collections.abc import Callable, Iterable
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import TYPE_CHECKING, Final

import numpy as np

from standtall.base.beside import Beside
from standtall.base.errors import MediaError, NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.jobs.tasks import Helpers, Here
from standtall.library.cache import AnalysisCache, Stamp
from standtall.media.sound_reader import SPEECH_RATE, level_db, sound_blocks, sound_of
from standtall.model.analysis import Analysis
from standtall.model.brief import DETECT, Brief
from standtall.model.corrections import Term
from standtall.model.people import People, Shake
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.session.analysis_tasks import HeardWords, carried_out

if TYPE_CHECKING:
    from standtall.people.voices import Voices
    from standtall.session.analysis_supply import Looking, Stream

STAGES: Final = ("sound", "words", "voices", "people")
BLOCK_S: Final = 60.0

Heard = Callable[[tuple[Word, ...], float], None]
"""Told of the words so far and of the seconds of the source that are heard."""


def part_of(source: Source, brief: Brief) -> tuple[int, int] | None:
    """The part of a source to use, None for all of it; a part without an end is named as one that ends with the source."""
    part = brief.part
    if part is None:
        return None
    start, end = part[0], min(source.length, part[1] or source.length)
    return None if start == 0 and end == source.length else (start, end)


@dataclass(frozen=True, slots=True)
class Options:
    """What the editor sets before analysis, a caption file to use for words, and terms to listen for (what was heard without
    them stays: the word list mends it, too)."""

    brief: Brief = field(default_factory=Brief)
    captions: Path | None = None
    terms: tuple[str, ...] = ()

    @staticmethod
    def of(brief: Brief, terms: Iterable[Term]) -> Options:
        """What a project says: the brief of a source, and all terms that hold in it."""
        return Options(brief, terms=(*(t.text for t in terms), *brief.topics))

    def part_mark(self, source: Source) -> str:
        part = part_of(source, self.brief)
        track = f";track={source.sound_track}" if source.sound_track else ""
        return (f";part={part[0]}-{part[1]}" if part else "") + track

    def words_mark(self, source: Source) -> str:
        """What the words depend on besides the content."""
        if self.captions is not None:
            return f"captions={self.captions.name}:{self.captions.stat().st_mtime_ns}"
        return f"language={self.brief.language}" + self.part_mark(source)

    def faces_mark(self, source: Source) -> str:
        """What the shots and faces depend on besides the content."""
        part = part_of(source, self.brief)
        content = f";{self.brief.content}" if self.brief.content in ("one", "nobody") else ""
        return (f"part={part[0]}-{part[1]}" if part else "") + content


@dataclass(frozen=True, slots=True)
class _Level:
    values: tuple[float, ...]


@dataclass(frozen=True, slots=True)
class _Prints:
    """Middles of passages in ticks, and their voice prints as base64 of 256 signed bytes each."""

    middles: tuple[int, ...]
    data: str


def analyse(
    source: Source,
    options: Options,
    progress: Progress,
    cache: AnalysisCache,
    done: Callable[[str, float], None] | None = None,
    heard: Heard | None = None,
    helpers: Helpers | None = None,
) -> Analysis:
    """All that is known of a source, measured now where it is not in the cache, by `helpers` or in this thread. `done` hears of
    each finished stage with the seconds it took, `heard` of the words as they come.

    Raises `ModelMissing` when words are wanted and there is neither a model nor a caption file.
    """
    told = done or (lambda _stage, _seconds: None)
    kept = known(source, options, cache)
    if kept is not None:
        for stage in STAGES:
            told(stage, 0.0)
        return kept
    _import_slow()
    measuring = _Measuring(source, options, cache, progress, told, heard or (lambda _w, _s: None))
    with Beside(lambda: _level(source, cache, progress, told), progress.cancel) as level:
        words, prints, faces = measuring.run(helpers or Here(carried_out))
        people = _people(source, options, cache, words.words, prints, faces, level.result())
    return Analysis(source.key, words.words, people, level.result(), language=words.language)


def _import_slow() -> None:
    """Import what both threads of an analysis use, before there are two: threads that import parts of SciPy at the same time
    for the first time can be left with a module that is half made."""
    for name in ("people.detection", "speech.align", "speech.prints", "session.analysis_supply"):
        importlib.import_module(f"standtall.{name}")


class _Measuring:
    """Words, voices and faces of a source: those that are kept, and the others measured in tasks, each kept when it is whole."""

    def __init__(
        self, source: Source, options: Options, cache: AnalysisCache, progress: Progress,
        told: Callable[[str, float], None], heard: Heard,
    ) -> None:  # fmt: skip
        self._source, self._options, self._cache, self._progress = source, options, cache, progress
        self._told, self._heard = told, heard
        self._mark, self._faces_mark = options.words_mark(source), options.faces_mark(source)
        self._words = cache.find(source.key, "words", HeardWords, self._mark)
        self._prints = cache.find(source.key, "voices", _Prints, self._mark)
        self._faces = cache.find(source.key, "faces", People, self._faces_mark)

    def run(self, helpers: Helpers) -> tuple[HeardWords, _Prints, People]:
        from standtall.session.analysis_supply import AnalysisSupply, Hearing, Looking

        source, options, progress = self._source, self._options, self._progress
        span = part_of(source, options.brief) or (0, source.length)
        streams: list[Stream] = []
        if self._words is None and options.captions is None and source.has_sound:
            language = "" if options.brief.language == DETECT else options.brief.language
            streams.append(Hearing(source, span, language, options.terms, self._mark, self._cache, self._heard, progress))
        elif self._words is None:
            self._keep_words(HeardWords(_from_captions(source, options, progress) if options.captions else ()))
        if self._faces is None and source.has_picture and not source.still:
            streams.append(Looking(source, span, options.brief.content, self._faces_mark, self._cache, progress))
        if not any(isinstance(s, Hearing) for s in streams):
            streams += self._voices()
        later = {"voices"} if self._words is None and self._prints is None else set[str]()
        for stage in sorted({"words", "voices", "people"} - {s.stage for s in streams} - later):
            self._told(stage, 0.0)  # nothing is left to do for it
        helpers.run(AnalysisSupply(streams, self._ended, self._told), progress)
        assert self._words is not None
        return self._words, self._prints or _Prints((), ""), self._faces or People()

    def _voices(self) -> list[Stream]:
        from standtall.session.analysis_supply import Voicing

        assert self._words is not None
        return [] if self._prints is not None else [Voicing(self._source, self._words.words, self._progress)]

    def _ended(self, stream: Stream) -> Stream | None:
        """Keep what a stream has brought; -> the one that begins only now."""
        from standtall.session.analysis_supply import Hearing, Looking, Voicing

        if isinstance(stream, Hearing):
            self._keep_words(stream.result())
            return next(iter(self._voices()), None)
        if isinstance(stream, Voicing):
            self._prints = _Prints(*stream.result())
            self._cache.keep(self._source.key, "voices", self._prints, self._mark)
        if isinstance(stream, Looking):
            self._keep_faces(stream)
        return None

    def _keep_words(self, words: HeardWords) -> None:
        brief = self._options.brief
        if not words.language and brief.language != DETECT:
            words = replace(words, language=brief.language)
        self._words = words
        self._cache.keep(self._source.key, "words", words, self._mark)
        self._cache.forget(self._source.key, "piece")

    def _keep_faces(self, stream: Looking) -> None:
        from standtall.people.detection import people_in

        self._faces = people_in(stream.result(), self._source, self._options.brief.content)
        self._cache.keep(self._source.key, "faces", self._faces, self._faces_mark)
        self._cache.forget(self._source.key, "seen")


_read: weakref.WeakValueDictionary[tuple[str, bool, tuple[Stamp, ...]], Analysis] = weakref.WeakValueDictionary()
"""Analyses that somebody has, by the files that they were read from: reading one keeps the interpreter for a while."""
_one_reads = threading.Lock()
"""Two places of the window ask for what was opened at the same moment: the second waits for what the first reads."""


def known(source: Source, options: Options, cache: AnalysisCache) -> Analysis | None:
    """The analysis of a source if all of it is in the cache; the same one as long as somebody has it."""
    stages = [("words", options.words_mark(source)), ("people", _people_mark(source, options))]
    stages += [("sound", _level_mark(source))] if source.has_sound else []
    files = source.key, source.has_sound, cache.stamps(source.key, stages, "shake")
    found = _read.get(files)
    if found is None:
        with _one_reads:
            found = _read.get(files)
            if found is None and (found := _read_whole(source, options, cache)) is not None:
                _read[files] = found
    return found


def _read_whole(source: Source, options: Options, cache: AnalysisCache) -> Analysis | None:
    level = cache.find(source.key, "sound", _Level, _level_mark(source)) if source.has_sound else _Level(())
    words = cache.find(source.key, "words", HeardWords, options.words_mark(source))
    people = cache.find(source.key, "people", People, _people_mark(source, options))
    if level is None or words is None or people is None:
        return None
    shakes = tuple(cache.all_of(source.key, "shake", Shake))
    return Analysis(source.key, words.words, replace(people, shakes=shakes), level.values, language=words.language)


def so_far(source: Source, options: Options, cache: AnalysisCache) -> Analysis | None:
    """What a running analysis has found already: the first words, without people; None before the first piece."""
    level = cache.find(source.key, "sound", _Level, _level_mark(source))
    words: tuple[Word, ...] = ()
    language = ""
    number = 0
    while (piece := cache.find(source.key, "piece", HeardWords, f"{options.words_mark(source)}#{number}")) is not None:
        words += piece.words
        language = piece.language or language
        number += 1
    if not words:
        return None
    faces = cache.find(source.key, "faces", People, options.faces_mark(source))
    return Analysis(source.key, words, faces or People(), level.values if level else (), language=language)


def _level_mark(source: Source) -> str:
    return f"track={source.sound_track}" if source.sound_track else ""


def _level(source: Source, cache: AnalysisCache, progress: Progress, told: Callable[[str, float], None]) -> tuple[float, ...]:
    if not source.has_sound:
        return ()
    mark, began = _level_mark(source), time.monotonic()
    kept = cache.find(source.key, "sound", _Level, mark)
    if kept is None:
        values: list[float] = []
        for block in sound_blocks(source, SPEECH_RATE, BLOCK_S):
            values += [round(float(v), 1) for v in level_db(block)]
            progress.report("sound", min(1.0, len(values) * 480 / source.length))
        kept = _Level(tuple(values))
        cache.keep(source.key, "sound", kept, mark)
    told("sound", time.monotonic() - began)
    return kept.values


def _people_mark(source: Source, options: Options) -> str:
    faces = options.faces_mark(source)
    many = "many;" if options.brief.content == "many" else ""
    return "voices;" + many + options.words_mark(source) + (f"|{faces}" if faces else "")


def _people(
    source: Source, options: Options, cache: AnalysisCache, words: tuple[Word, ...], prints: _Prints, found: People,
    level: tuple[float, ...],
) -> People:  # fmt: skip
    mark = _people_mark(source, options)
    kept = cache.find(source.key, "people", People, mark)
    if kept is None:
        if found.tracks or prints.middles:
            from standtall.people.detection import with_talk

            least = 2 if options.brief.content == "many" else 1
            found = with_talk(found, words, np.array(level, np.float32), _voices(prints), least)
        kept = found
        cache.keep(source.key, "people", kept, mark)
    return kept


def voices_in(source: Source, options: Options, cache: AnalysisCache) -> Voices | None:
    """How the voices of an analysed source sound; None where that was not kept."""
    kept = cache.find(source.key, "voices", _Prints, options.words_mark(source))
    return None if kept is None else _voices(kept)


def _voices(prints: _Prints) -> Voices:
    from standtall.people.voices import SILENT, Voices

    values = np.frombuffer(base64.b64decode(prints.data), np.int8)
    count = len(prints.middles)
    if not count or len(values) % count:
        return SILENT
    rows = values.reshape(count, -1).astype(np.float32)
    rows /= np.maximum(1e-9, np.linalg.norm(rows, axis=1, keepdims=True))
    return Voices(np.array(prints.middles, np.int64), rows)


def _from_captions(source: Source, options: Options, progress: Progress) -> tuple[Word, ...]:
    from standtall.exchange.words_in import read_words
    from standtall.speech.align import PhoneAligner
    from standtall.speech.spelling import UNSPELT
    from standtall.speech.transcribe import align_words

    assert options.captions is not None
    read = read_words(options.captions)
    if read.times == "none":
        raise MediaError(
            tr("{name} has no times.", name=options.captions.name),
            tr("Analyse the footage first, then import the words of a plain script on the Bench."),
        )
    words = read.words
    language = "en" if options.brief.language == DETECT else options.brief.language
    if read.times == "cues" and source.has_sound and language not in UNSPELT:
        words = align_words(sound_of(source, SPEECH_RATE, 1), words, PhoneAligner(language), progress)
    words = tuple(w for w in words if w.end <= source.length)
    if not words:
        raise NothingToDo(
            tr("{name} has no words inside this footage.", name=options.captions.name), tr("Choose its own caption file.")
        )
    return words
