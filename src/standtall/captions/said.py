"""The words that captions say: those that a short keeps of its sources, in the time of the short."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from fractions import Fraction
from itertools import groupby, repeat
from typing import Final, NamedTuple, Protocol, overload

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND, nearest
from standtall.model.timemap import TimeMap
from standtall.model.translation import Translation
from standtall.model.word_columns import columns_of
from standtall.model.words import Word

Ints = NDArray[np.int64]
_NONE: Final = np.zeros(0, np.int64)


class CaptionWord(NamedTuple):
    """A word of a card: the word of which source it stands for, its text, start and end in ticks of the short, and the segment of
    the short that it is in."""

    source: str
    said: Word
    text: str
    start: int
    end: int
    segment: int = 0


class CaptionWords(Sequence[CaptionWord]):
    """Words of a short in columns, in its order: an edit makes all of them anew, and a short of an hour has nine thousand. One is
    made a `CaptionWord` where it is asked for."""

    __slots__ = ("ends", "segments", "sources", "speakers", "starts", "texts", "words")
    __hash__ = None  # type: ignore[assignment]

    def __init__(
        self, sources: tuple[str, ...], words: tuple[Word, ...], texts: tuple[str, ...], starts: Ints, ends: Ints,
        segments: Ints, speakers: Ints,
    ) -> None:  # fmt: skip
        self.sources, self.words, self.texts = sources, words, texts
        self.starts, self.ends, self.segments, self.speakers = starts, ends, segments, speakers

    @classmethod
    def of(cls, words: Sequence[CaptionWord]) -> CaptionWords:
        """The columns of words that were made one by one."""
        if isinstance(words, cls):
            return words
        sources, said, texts, starts, ends, segments = zip(*words, strict=True) if words else ((),) * 6
        speakers = [w.speaker for w in said]
        return cls(sources, said, texts, *(np.array(v, np.int64) for v in (starts, ends, segments, speakers)))

    def __len__(self) -> int:
        return len(self.words)

    @overload
    def __getitem__(self, at: int) -> CaptionWord: ...
    @overload
    def __getitem__(self, at: slice) -> tuple[CaptionWord, ...]: ...
    def __getitem__(self, at: int | slice) -> CaptionWord | tuple[CaptionWord, ...]:
        if isinstance(at, slice):
            return tuple(self._made(at))
        return CaptionWord(
            self.sources[at], self.words[at], self.texts[at], int(self.starts[at]), int(self.ends[at]), int(self.segments[at])
        )

    def __iter__(self) -> Iterator[CaptionWord]:
        return self._made(slice(None))

    def __eq__(self, other: object) -> bool:
        if isinstance(other, CaptionWords):
            texts = (self.sources, self.words, self.texts) == (other.sources, other.words, other.texts)
            numbers = ((self.starts, other.starts), (self.ends, other.ends), (self.segments, other.segments))
            return texts and all(np.array_equal(mine, theirs) for mine, theirs in numbers)
        return isinstance(other, Sequence) and len(self) == len(other) and all(a == b for a, b in zip(self, other, strict=True))

    def _made(self, here: slice) -> Iterator[CaptionWord]:
        numbers = (column[here].tolist() for column in (self.starts, self.ends, self.segments))
        rows = zip(self.sources[here], self.words[here], self.texts[here], *numbers, strict=True)
        return map(CaptionWord._make, rows)


class Worded(Protocol):
    """What has words: an analysis or a transcript of one source."""

    @property
    def words(self) -> tuple[Word, ...]: ...
    @property
    def caption_offset(self) -> int: ...
    @property
    def translations(self) -> tuple[Translation, ...]: ...


def spoken(worded: Mapping[str, Worded], time_map: TimeMap, shifted: bool = True) -> CaptionWords:
    """The words that a short keeps of its sources, in its own time, later by their caption offset where they are to be
    `shifted`; words that are not in the sound are left out."""
    sources: list[str] = []
    words: list[Word] = []
    texts: list[str] = []
    columns: list[tuple[Ints, Ints, Ints, Ints]] = [(_NONE, _NONE, _NONE, _NONE)]
    for source, run in groupby(enumerate(time_map.segments), key=lambda numbered: numbered[1].source):
        if source not in worded:
            continue
        numbers, segments = zip(*run, strict=True)
        said = columns_of(worded[source].words)
        firsts, lasts = said.within([e.start for e in segments], [e.end for e in segments])
        counts = lasts - firsts
        own = np.repeat(np.arange(len(segments)), counts)  # the segment of each word in this run
        at = np.arange(len(own)) + np.repeat(firsts - (np.cumsum(counts) - counts), counts)
        spoken_here = said.spoken[at]
        if not spoken_here.all():
            own, at = own[spoken_here], at[spoken_here]
        begins, ends = np.array([time_map.span_of(number) for number in numbers], np.int64).T
        later = worded[source].caption_offset if shifted else 0
        moved = (begins - np.array([e.start for e in segments], np.int64) + later)[own]
        starts = np.minimum(np.maximum(said.starts[at] + moved, begins[own]), ends[own] - 1)
        stops = np.maximum(np.minimum(said.ends[at] + moved, ends[own]), starts + 1)
        sources += repeat(source, len(at))
        words += map(said.words.__getitem__, at.tolist())
        texts += map(said.texts.__getitem__, at.tolist())
        columns.append((starts, stops, np.array(numbers, np.int64)[own], said.speakers[at]))
    return CaptionWords(tuple(sources), tuple(words), tuple(texts), *map(np.concatenate, zip(*columns, strict=True)))


def _first_frames(starts: Ints, fps: Fraction) -> Ints:
    """The first frame whose middle is not before each start: `first_frame` below, for all words at once."""
    once, below = fps.numerator, TICKS_PER_SECOND * fps.denominator
    numbers = np.maximum(0, (2 * starts * once - below) // (2 * below))
    while True:
        whole, rest = np.divmod((2 * numbers + 1) * below, 2 * once)
        middles = whole + ((rest > once) | ((rest == once) & (whole % 2 == 1)))
        early = middles < starts
        if not early.any():
            return numbers
        numbers[early] += 1


def with_a_frame_each(words: Sequence[CaptionWord], fps: Fraction) -> CaptionWords:
    """Words of which each is being said in the middle of some frame: one that is too short for that begins a frame earlier, or
    the next one a frame later, where the word that gives a frame away keeps one."""
    said = CaptionWords.of(words)
    once, below = fps.numerator, TICKS_PER_SECOND * fps.denominator

    def middle(number: int) -> int:
        return nearest((2 * number + 1) * below, 2 * once)

    def first_frame(tick: int) -> int:
        """The first frame whose middle is not before a tick."""
        number = max(0, (2 * tick * once - below) // (2 * below))
        while middle(number) < tick:
            number += 1
        return number

    frames = _first_frames(said.starts, fps)
    shared = np.flatnonzero(np.diff(frames) == 0).tolist()
    if not shared:
        return said
    firsts: list[int] = frames.tolist()
    starts, ends, segments = said.starts.tolist(), said.ends.tolist(), said.segments.tolist()
    for i in shared:
        here, after = firsts[i], firsts[i + 1]
        if here != after or segments[i] != segments[i + 1]:
            continue
        earlier = middle(here - 1) if here else -1
        if earlier >= 0 and (i == 0 or (segments[i - 1] == segments[i] and firsts[i - 1] < here - 1)):
            starts[i], firsts[i] = earlier, first_frame(earlier)
        elif i + 2 == len(said) or firsts[i + 2] > after + 1:
            starts[i + 1] = max(starts[i + 1], min(middle(after) + 1, ends[i + 1] - 1))
            firsts[i + 1] = first_frame(starts[i + 1])
    moved = np.array(starts, np.int64)
    return CaptionWords(said.sources, said.words, said.texts, moved, said.ends, said.segments, said.speakers)
