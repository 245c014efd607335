"""Analyse a source: stage by stage, each kept when it is finished, none done twice for the same content.

Words and faces are looked for at the same time, since one asks for the processor's arithmetic and the other for its decoder;
the loudness is measured before the faces, so that nothing stands before the first words.
Words are kept piece by piece: an analysis that was stopped or killed goes on from its last piece, and what is there
already can be worked with.
"""

from __future__ import annotations

import base64
import importlib
import time
from collections.abc import Callable, Iterable
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import TYPE_CHECKING, Final, TypeVar

import numpy as np

from standtall.base.beside import Beside
from standtall.base.errors import MediaError, NothingToDo
from standtall.base.progress import Progress
from standtall.base.time import seconds, ticks
from standtall.library.cache import AnalysisCache
from standtall.media.sound_reader import SPEECH_RATE, level_db, sound_blocks, sound_of
from standtall.model.analysis import Analysis
from standtall.model.brief import DETECT, Brief
from standtall.model.corrections import Term
from standtall.model.people import People, Shake
from standtall.model.source import Source
from standtall.model.words import Word

if TYPE_CHECKING:
    from standtall.people.detection import SeenPiece
    from standtall.people.voices import Voices
    from standtall.speech.align import PhoneAligner
    from standtall.speech.chunks import Piece
    from standtall.speech.recognise import WhisperRecogniser

STAGES: Final = ("sound", "words", "voices", "people")
BLOCK_S: Final = 60.0
_UNSPELT: Final = "ar fa he ur hi bn ta te th ja zh yue ko my km lo am ka hy"
UNSPELT: Final = frozenset(_UNSPELT.split())
"""Languages whose letters tell the aligner nothing."""

T = TypeVar("T")
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
class _Words:
    words: tuple[Word, ...]
    language: str = ""


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
) -> Analysis:
    """All that is known of a source, measured now where it is not in the cache. `done` hears of each finished stage
    with the seconds it took, `heard` of the words as they come.

    Raises `ModelMissing` when words are wanted and there is neither a model nor a caption file.
    """
    told = done or (lambda _stage, _seconds: None)

    def timed(stage: str, work: Callable[[], T]) -> T:
        began = time.monotonic()
        result = work()
        told(stage, time.monotonic() - began)
        return result

    kept = known(source, options, cache)
    if kept is not None:
        for stage in STAGES:
            told(stage, 0.0)
        return kept

    _import_slow()

    def measured() -> tuple[tuple[float, ...], People]:
        level = timed("sound", lambda: _level(source, cache, progress))
        return level, _faces(source, options, progress, cache)

    with Beside(measured, progress.cancel) as beside:
        tell = heard or (lambda _w, _s: None)
        words = timed("words", lambda: _words(source, options, cache, progress, tell, beside.busy))
        prints = timed("voices", lambda: _prints(source, options, cache, words.words, progress))
        people = timed("people", lambda: _people(source, options, cache, words.words, prints, beside.result))
        level = beside.result()[0]
    return Analysis(source.key, words.words, people, level, language=words.language)


def _import_slow() -> None:
    """Import what both threads of an analysis use, before there are two: threads that import parts of SciPy at the same time
    for the first time can be left with a module that is half made."""
    for name in ("people.detection", "speech.align", "speech.prints", "speech.recognise", "speech.transcribe"):
        importlib.import_module(f"standtall.{name}")


def known(source: Source, options: Options, cache: AnalysisCache) -> Analysis | None:
    """The analysis of a source if all of it is in the cache."""
    level = cache.find(source.key, "sound", _Level, _level_mark(source))
    words = cache.find(source.key, "words", _Words, options.words_mark(source))
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
    while (piece := cache.find(source.key, "piece", _Words, f"{options.words_mark(source)}#{number}")) is not None:
        words += piece.words
        language = piece.language or language
        number += 1
    if not words:
        return None
    faces = cache.find(source.key, "faces", People, options.faces_mark(source))
    return Analysis(source.key, words, faces or People(), level.values if level else (), language=language)


def _level_mark(source: Source) -> str:
    return f"track={source.sound_track}" if source.sound_track else ""


def _level(source: Source, cache: AnalysisCache, progress: Progress) -> tuple[float, ...]:
    if not source.has_sound:
        return ()
    mark = _level_mark(source)
    kept = cache.find(source.key, "sound", _Level, mark)
    if kept is None:
        values: list[float] = []
        for block in sound_blocks(source, SPEECH_RATE, BLOCK_S):
            values += [round(float(v), 1) for v in level_db(block)]
            progress.report("sound", min(1.0, len(values) * 480 / source.length))
        kept = _Level(tuple(values))
        cache.keep(source.key, "sound", kept, mark)
    return kept.values


class _SeenPieces:
    """What was seen of a source so far, piece by piece, in the cache."""

    def __init__(self, cache: AnalysisCache, key: str, mark: str) -> None:
        self._cache, self._key, self._mark = cache, key, mark

    def find(self, number: int) -> SeenPiece | None:
        from standtall.people.detection import SeenPiece

        return self._cache.find(self._key, "seen", SeenPiece, f"{self._mark}#{number}")

    def keep(self, number: int, piece: SeenPiece) -> None:
        self._cache.keep(self._key, "seen", piece, f"{self._mark}#{number}")


def _faces(source: Source, options: Options, progress: Progress, cache: AnalysisCache) -> People:
    mark = options.faces_mark(source)
    kept = cache.find(source.key, "faces", People, mark)
    if kept is None and source.has_picture and not source.still:
        from standtall.people.detection import find_faces  # slow to import, and the window only asks what is known

        pieces = _SeenPieces(cache, source.key, mark)
        kept = find_faces(source, progress, part_of(source, options.brief), options.brief.content, pieces)
        cache.keep(source.key, "faces", kept, mark)
        cache.forget(source.key, "seen")
    return kept or People()


def _people_mark(source: Source, options: Options) -> str:
    faces = options.faces_mark(source)
    many = "many;" if options.brief.content == "many" else ""
    return "voices;" + many + options.words_mark(source) + (f"|{faces}" if faces else "")


def _people(
    source: Source,
    options: Options,
    cache: AnalysisCache,
    words: tuple[Word, ...],
    prints: _Prints,
    measured: Callable[[], tuple[tuple[float, ...], People]],
) -> People:
    mark = _people_mark(source, options)
    kept = cache.find(source.key, "people", People, mark)
    if kept is None:
        level, found = measured()
        if found.tracks or prints.middles:
            from standtall.people.detection import with_talk

            least = 2 if options.brief.content == "many" else 1
            found = with_talk(found, words, np.array(level, np.float32), _voices(prints), least)
        kept = found
        cache.keep(source.key, "people", kept, mark)
    return kept


def _prints(source: Source, options: Options, cache: AnalysisCache, words: tuple[Word, ...], progress: Progress) -> _Prints:
    mark = options.words_mark(source)
    kept = cache.find(source.key, "voices", _Prints, mark)
    if kept is None:
        from standtall.speech.prints import voice_prints, windows

        spans = windows(words) if source.has_sound else []
        middles: list[int] = []
        found: list[bytes] = []
        passed = 0.0
        for block in sound_blocks(source, SPEECH_RATE, BLOCK_S) if spans else ():
            length = len(block) / SPEECH_RATE
            here = [(a - passed, min(b - passed, length)) for a, b in spans if passed <= a < passed + length]
            found.append(np.round(voice_prints(block, here) * 127).astype(np.int8).tobytes())
            middles += [ticks(passed + (a + b) / 2) for a, b in here]
            passed += length
            progress.report("voices", min(1.0, ticks(passed) / source.length))
        kept = _Prints(tuple(middles), base64.b64encode(b"".join(found)).decode())
        cache.keep(source.key, "voices", kept, mark)
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


def _words(
    source: Source, options: Options, cache: AnalysisCache, progress: Progress, heard: Heard, shared: Callable[[], bool]
) -> _Words:
    mark = options.words_mark(source)
    kept = cache.find(source.key, "words", _Words, mark)
    if kept is not None:
        return kept
    if options.captions is not None:
        words = _Words(_from_captions(source, options, progress))
    elif not source.has_sound:
        words = _Words(())
    else:
        words = _recognised(source, options, cache, progress, heard, shared)
    if not words.language and options.brief.language != DETECT:
        words = replace(words, language=options.brief.language)
    cache.keep(source.key, "words", words, mark)
    cache.forget(source.key, "piece")
    return words


def _from_captions(source: Source, options: Options, progress: Progress) -> tuple[Word, ...]:
    from standtall.exchange.words_in import read_words
    from standtall.speech.align import PhoneAligner
    from standtall.speech.transcribe import align_words

    assert options.captions is not None
    read = read_words(options.captions)
    if read.times == "none":
        raise MediaError(
            f"{options.captions.name} has no times.",
            "Analyse the footage first, then import the words of a plain script on the Bench.",
        )
    words = read.words
    language = "en" if options.brief.language == DETECT else options.brief.language
    if read.times == "cues" and source.has_sound and language not in UNSPELT:
        words = align_words(sound_of(source, SPEECH_RATE, 1), words, PhoneAligner(language), progress)
    words = tuple(w for w in words if w.end <= source.length)
    if not words:
        raise NothingToDo(f"{options.captions.name} has no words inside this footage.", "Choose its own caption file.")
    return words


class _Ears:
    """The recogniser and the aligner, loaded when the first piece asks for them; the recogniser takes a second core as soon
    as the processor is not `shared` any more."""

    def __init__(self, options: Options, shared: Callable[[], bool]) -> None:
        self._options = options
        self._shared = shared
        self._threads = 0
        self._recogniser: WhisperRecogniser | None = None
        self._aligner: PhoneAligner | None = None

    def hear(self, piece: Piece) -> _Words:
        from standtall.speech import models
        from standtall.speech.align import PhoneAligner
        from standtall.speech.recognise import WhisperRecogniser
        from standtall.speech.transcribe import transcribe

        threads = 1 if self._shared() else 2
        if self._recogniser is None or threads > self._threads:
            wished = None if self._options.brief.language == DETECT else self._options.brief.language
            known = self._recogniser.language if self._recogniser is not None else wished
            self._recogniser = WhisperRecogniser(models.require(), known, threads, self._options.terms)
            self._threads = threads
        if self._recogniser.language is None and level_db(piece.samples).max(initial=-90.0) > -45:
            self._recogniser.language = self._recogniser.detect(piece.samples)
        language = self._recogniser.language
        if self._aligner is None and language is not None and language not in UNSPELT:
            self._aligner = PhoneAligner(language)
        return _Words(transcribe(piece.samples, self._recogniser, self._aligner, piece.start), language or "")


def _recognised(
    source: Source, options: Options, cache: AnalysisCache, progress: Progress, heard: Heard, shared: Callable[[], bool]
) -> _Words:
    from standtall.speech.chunks import pieces

    mark = options.words_mark(source)
    start, end = part_of(source, options.brief) or (0, source.length)
    ears = _Ears(options, shared)
    words: tuple[Word, ...] = ()
    language = ""
    for piece in pieces(sound_blocks(source, SPEECH_RATE, BLOCK_S), seconds(start), seconds(end)):
        progress.check()
        kept = cache.find(source.key, "piece", _Words, f"{mark}#{piece.number}")
        if kept is None:
            kept = ears.hear(piece)
            cache.keep(source.key, "piece", kept, f"{mark}#{piece.number}")
        words += kept.words
        language = kept.language or language
        heard(words, piece.end)
        progress.report("words", min(1.0, (piece.end - seconds(start)) / max(0.1, seconds(end - start))))
    return _Words(tuple(w for w in words if w.end <= source.length), language)
