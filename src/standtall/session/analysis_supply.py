"""Gives an analysis out in tasks, keeps each answer, and puts the answers together.

Words, pictures and then voices are streams of tasks; the next task is of the stream that is least far, with the words a little
ahead, since they can be worked with first.
"""

from __future__ import annotations

import base64
import time
from collections.abc import Callable, Iterator
from typing import Final, Protocol, TypeVar

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, json_of
from standtall.base.time import TICKS_PER_SECOND, seconds, ticks
from standtall.jobs.tasks import Answer, MediaFile, Task
from standtall.library.cache import AnalysisCache
from standtall.media.sound_reader import SPEECH_RATE, sound_blocks
from standtall.model.brief import Content
from standtall.model.codec import from_plain
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.people.detection import SeenPiece, stretches
from standtall.session.analysis_tasks import (
    LONGEST,
    HeardWords,
    HearTask,
    LookTask,
    PrintsMade,
    VoicesTask,
    middles_of,
    sound_as_text,
    text_of,
)
from standtall.speech.chunks import Piece, pieces
from standtall.speech.prints import SIZE, windows

BLOCK_S: Final = 60.0
AHEAD: Final = 60 * TICKS_PER_SECOND
"""So far the words go before the pictures."""
Heard = Callable[[tuple[Word, ...], float], None]
T = TypeVar("T")


class Stream(Protocol):
    """The tasks of one stage."""

    stage: str

    def at(self) -> int:
        """How far it is given out, in ticks of the source."""

    def take(self) -> Task | None: ...
    def took(self, number: int, answer: Answer) -> None: ...
    def told(self, number: int, share: float) -> None: ...
    @property
    def over(self) -> bool: ...


class Hearing:
    """The words of a source, piece by piece; each is kept as it comes, so that a broken off analysis goes on from there."""

    stage = "words"

    def __init__(
        self, source: Source, span: tuple[int, int], language: str, terms: tuple[str, ...], mark: str,
        cache: AnalysisCache, heard: Heard, progress: Progress,
    ) -> None:  # fmt: skip
        self._source, self._span, self._terms = source, span, terms
        self._mark, self._cache, self._heard, self._progress = mark, cache, heard, progress
        self._language, self._spoken = language, ""
        blocks = sound_blocks(source, SPEECH_RATE, BLOCK_S)
        self._pieces: Iterator[Piece] = pieces(blocks, seconds(span[0]), seconds(span[1]))
        self._next: Piece | None = next(self._pieces, None)
        self._given: dict[int, Piece] = {}
        self._found: dict[int, tuple[HeardWords, float]] = {}
        self._words: tuple[Word, ...] = ()
        self._said = 0

    def at(self) -> int:
        return ticks(self._next.start) - AHEAD if self._next is not None else self._span[1]

    @property
    def over(self) -> bool:
        return self._next is None and not self._given

    def take(self) -> Task | None:
        while self._next is not None:
            kept = self._cache.find(self._source.key, "piece", HeardWords, f"{self._mark}#{self._next.number}")
            if kept is None:
                break
            piece, self._next = self._next, next(self._pieces, None)
            self._put(piece, kept)
        if self._next is None or (not self._language and self._given):
            return None  # the language that is found out holds for all that follows
        piece, self._next = self._next, next(self._pieces, None)
        self._given[piece.number] = piece
        asked = HearTask(piece.number, piece.start, sound_as_text(piece.samples), self._language, self._terms)
        return Task(f"words {piece.number + 1}", text_of(asked))

    def took(self, number: int, answer: Answer) -> None:
        found = _read(HeardWords, answer)
        piece = self._given[number]
        first, last = ticks(piece.start) - TICKS_PER_SECOND, ticks(piece.end) + TICKS_PER_SECOND
        if any(not first <= w.start < w.end <= last for w in found.words):
            raise StandTallError(
                tr("A helper told of words that are not in the sound it was given."), tr("Try again without it.")
            )
        del self._given[number]
        self._cache.keep(self._source.key, "piece", found, f"{self._mark}#{number}")
        self._put(piece, found)

    def told(self, number: int, share: float) -> None: ...

    def _put(self, piece: Piece, found: HeardWords) -> None:
        self._found[piece.number] = found, piece.end
        self._language = self._language or found.language
        while self._said in self._found:  # in order, and as far as nothing is missing
            words, end = self._found.pop(self._said)
            self._said += 1
            self._words += words.words
            self._spoken = words.language or self._spoken
            self._heard(self._words, end)
            start, whole = seconds(self._span[0]), seconds(self._span[1] - self._span[0])
            self._progress.report("words", min(1.0, (end - start) / max(0.1, whole)))

    def result(self) -> HeardWords:
        return HeardWords(tuple(w for w in self._words if w.end <= self._source.length), self._spoken)


class Looking:
    """What is seen in a source, stretch by stretch."""

    stage = "people"

    def __init__(
        self, source: Source, span: tuple[int, int], content: Content, mark: str, cache: AnalysisCache, progress: Progress
    ) -> None:
        self._source, self._content, self._mark, self._cache, self._progress = source, content, mark, cache, progress
        self._spans = stretches(*span)
        self._next = 0
        self._open: set[int] = set()
        self._shares = [0.0] * len(self._spans)
        self._found: dict[int, SeenPiece] = {}

    def at(self) -> int:
        return self._spans[self._next][0] if self._next < len(self._spans) else self._source.length

    @property
    def over(self) -> bool:
        return len(self._found) == len(self._spans)

    def take(self) -> Task | None:
        while self._next < len(self._spans):
            number, self._next = self._next, self._next + 1
            kept = self._cache.find(self._source.key, "seen", SeenPiece, f"{self._mark}#{number}")
            if kept is None:
                self._open.add(number)
                asked = LookTask(number, self._source, self._content, *self._spans[number])
                return Task(f"pictures {number + 1}", text_of(asked), (MediaFile(self._source.key, self._source.path),))
            self._found[number] = kept
            self.told(number, 1.0)
        return None

    def took(self, number: int, answer: Answer) -> None:
        found = _read(SeenPiece, answer)
        start, end = self._spans[number]
        times = [*found.cuts, *(s.at for t in found.trails for s in t.samples)]
        if any(not start - TICKS_PER_SECOND <= at <= end + TICKS_PER_SECOND for at in times):
            raise StandTallError(tr("A helper told of pictures that it was not given."), tr("Try again without it."))
        self._open.discard(number)
        self._cache.keep(self._source.key, "seen", found, f"{self._mark}#{number}")
        self._found[number] = found
        self.told(number, 1.0)

    def told(self, number: int, share: float) -> None:
        self._shares[number] = share
        lengths = [end - start for start, end in self._spans]
        done = sum(share * length for share, length in zip(self._shares, lengths, strict=True))
        self._progress.report("people", min(1.0, done / max(1, sum(lengths))))

    def result(self) -> list[SeenPiece]:
        return [self._found[number] for number in range(len(self._spans))]


class Voicing:
    """The voice prints of the words of a source, a block of its sound at a time."""

    stage = "voices"

    def __init__(self, source: Source, words: tuple[Word, ...], progress: Progress) -> None:
        self._source, self._progress = source, progress
        self._spans = windows(words) if source.has_sound else []
        self._blocks = enumerate(sound_blocks(source, SPEECH_RATE, BLOCK_S) if self._spans else ())
        self._passed = 0.0
        self._left = len(self._spans)
        self._middles: dict[int, list[int]] = {}
        self._found: dict[int, bytes] = {}

    def at(self) -> int:
        return 0  # whoever waits for people waits for voices

    @property
    def over(self) -> bool:
        return not self._left and len(self._found) == len(self._middles)

    def take(self) -> Task | None:
        while self._left:
            number, block = next(self._blocks, (-1, None))
            if block is None:
                self._left = 0
                break
            length, passed = len(block) / SPEECH_RATE, self._passed
            self._passed += length
            here = [(a - passed, min(b - passed, length)) for a, b in self._spans if passed <= a < self._passed]
            if here:
                self._left -= len(here)
                self._middles[number] = middles_of(here, passed)
                return Task(f"voices {number + 1}", text_of(VoicesTask(number, sound_as_text(block), tuple(here))))
        return None

    def took(self, number: int, answer: Answer) -> None:
        try:
            data = base64.b64decode(_read(PrintsMade, answer).data, validate=True)
        except ValueError:
            data = b""
        if len(data) != SIZE * len(self._middles[number]):
            raise StandTallError(tr("A helper told of voices that it was not given."), tr("Try again without it."))
        self._found[number] = data
        self._progress.report("voices", min(1.0, ticks(self._passed) / self._source.length))

    def told(self, number: int, share: float) -> None: ...

    def result(self) -> tuple[tuple[int, ...], str]:
        """Middles of passages in ticks, and their voice prints as base64."""
        middles = tuple(m for number in sorted(self._middles) for m in self._middles[number])
        return middles, base64.b64encode(b"".join(self._found[number] for number in sorted(self._found))).decode()


class AnalysisSupply:
    """Gives out the tasks of streams; `then` gives what follows one that is over, `done` hears of its stage and its seconds."""

    def __init__(
        self, streams: list[Stream], then: Callable[[Stream], Stream | None], done: Callable[[str, float], None]
    ) -> None:
        self._streams = streams
        self._then, self._done = then, done
        self._given: dict[str, tuple[Stream, int]] = {}
        self._began = {s.stage: time.monotonic() for s in streams}
        self._close()

    @property
    def over(self) -> bool:
        return not self._streams

    def take(self) -> Task | None:
        while True:
            before = len(self._streams)
            for stream in sorted(self._streams, key=lambda s: s.at()):
                task = stream.take()
                if task is not None:
                    self._given[task.name] = stream, int(task.name.rsplit(" ", 1)[1]) - 1
                    return task
            self._close()
            if len(self._streams) == before:
                return None

    def took(self, task: Task, answer: Answer) -> None:
        stream, number = self._given.pop(task.name)
        stream.took(number, answer)
        self._close()

    def told(self, task: Task, stage: str, share: float) -> None:
        stream, number = self._given[task.name]
        if stage == stream.stage:
            stream.told(number, share)

    def _close(self) -> None:
        """Put away streams that are over, and begin what follows them."""
        for stream in [s for s in self._streams if s.over]:
            self._streams.remove(stream)
            self._done(stream.stage, time.monotonic() - self._began[stream.stage])
            follows = self._then(stream)
            if follows is not None:
                self._began[follows.stage] = time.monotonic()
                self._streams.append(follows)
                self._close()


def _read(kind: type[T], answer: Answer) -> T:
    try:
        return from_plain(kind, json_of(answer.text, LONGEST))
    except Unreadable as error:
        raise StandTallError(tr("The answer of a helper cannot be read: {error}.", error=error), tr("Try again.")) from error
