"""The words that captions say: those that a short keeps of its sources, in the time of the short."""

from __future__ import annotations

import operator
from collections.abc import Iterable, Mapping
from fractions import Fraction
from itertools import repeat
from typing import NamedTuple, Protocol

import numpy as np

from standtall.base.time import TICKS_PER_SECOND, nearest
from standtall.model.timemap import TimeMap
from standtall.model.translation import Translation
from standtall.model.word_columns import columns_of
from standtall.model.words import Word, words_within


class CaptionWord(NamedTuple):
    """A word of a card: the word of which source it stands for, its text, start and end in ticks of the short, and the segment of
    the short that it is in. A plain tuple, since an edit makes all of a short anew."""

    source: str
    said: Word
    text: str
    start: int
    end: int
    segment: int = 0


_START = operator.itemgetter(CaptionWord._fields.index("start"))


class Worded(Protocol):
    """What has words: an analysis or a transcript of one source."""

    @property
    def words(self) -> tuple[Word, ...]: ...
    @property
    def caption_offset(self) -> int: ...
    @property
    def translations(self) -> tuple[Translation, ...]: ...


def spoken(worded: Mapping[str, Worded], time_map: TimeMap, shifted: bool = True) -> tuple[CaptionWord, ...]:
    """The words that a short keeps of its sources, in its own time, later by their caption offset where they are to be
    `shifted`; words that are not in the sound are left out."""
    out: list[CaptionWord] = []
    for number, segment in enumerate(time_map.segments):
        if segment.source not in worded:
            continue
        words = worded[segment.source].words
        begin, end = time_map.span_of(number)
        moved = begin - segment.start + (worded[segment.source].caption_offset if shifted else 0)
        inside = words_within(words, segment.start, segment.end)
        here = columns_of(words).part(inside, "unspoken")
        starts = np.minimum(np.maximum(here.starts + moved, begin), end - 1)
        stops = np.maximum(np.minimum(here.ends + moved, end), starts + 1)
        out += made(zip(repeat(segment.source), here.words, here.texts, starts.tolist(), stops.tolist(), repeat(number)))
    return tuple(out)


def made(rows: Iterable[tuple[object, ...]]) -> list[CaptionWord]:
    """Words of rows of their values: what `CaptionWord(...)` does for one, a fifth as long for each of thousands."""
    words: list[CaptionWord] = list(map(tuple.__new__, repeat(CaptionWord), rows))
    return words


def _first_frames(words: tuple[CaptionWord, ...], fps: Fraction) -> list[int]:
    """The first frame whose middle is not before each word's start: `first_frame` below, for all words at once."""
    once, below = fps.numerator, TICKS_PER_SECOND * fps.denominator
    starts = np.fromiter(map(_START, words), np.int64, len(words))
    numbers = np.maximum(0, (2 * starts * once - below) // (2 * below))
    while True:
        whole, rest = np.divmod((2 * numbers + 1) * below, 2 * once)
        middles = whole + ((rest > once) | ((rest == once) & (whole % 2 == 1)))
        early = middles < starts
        if not early.any():
            found: list[int] = numbers.tolist()
            return found
        numbers[early] += 1


def with_a_frame_each(words: tuple[CaptionWord, ...], fps: Fraction) -> tuple[CaptionWord, ...]:
    """Words of which each is being said in the middle of some frame: one that is too short for that begins a frame earlier, or
    the next one a frame later, where the word that gives a frame away keeps one."""
    out = list(words)
    once, below = fps.numerator, TICKS_PER_SECOND * fps.denominator

    def middle(number: int) -> int:
        return nearest((2 * number + 1) * below, 2 * once)

    def first_frame(tick: int) -> int:
        """The first frame whose middle is not before a tick."""
        number = max(0, (2 * tick * once - below) // (2 * below))
        while middle(number) < tick:
            number += 1
        return number

    firsts = _first_frames(words, fps)
    for i in np.flatnonzero(np.diff(firsts) == 0).tolist():
        here, after = firsts[i], firsts[i + 1]
        if here != after or out[i].segment != out[i + 1].segment:
            continue
        earlier = middle(here - 1) if here else -1
        if earlier >= 0 and (i == 0 or (out[i - 1].segment == out[i].segment and firsts[i - 1] < here - 1)):
            out[i], firsts[i] = out[i]._replace(start=earlier), first_frame(earlier)
        elif i + 2 == len(out) or firsts[i + 2] > after + 1:
            later = min(middle(after) + 1, out[i + 1].end - 1)
            out[i + 1] = out[i + 1]._replace(start=max(out[i + 1].start, later))
            firsts[i + 1] = first_frame(out[i + 1].start)
    return tuple(out)
