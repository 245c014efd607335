"""The rows of the transcript page: what stands on each line, and the map between time and height on the page."""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.lines import BOUND_TO_NEXT
from standtall.language.sentences import closes_phrase
from standtall.model.words import Word

ROW: Final = 27
"""Height of a row in pixels."""
PAUSE_PIXELS: Final = 16.0
MOST_PAUSE: Final = 46.0
EVEN: Final = 46.0
"""Pixels a second where time is even."""
TOP: Final = 12
MOST_LETTERS, MOST_WORDS = 26, 5
"""What a row holds at most: it is read at a glance, as a caption line is."""


@dataclass(frozen=True, slots=True)
class Row:
    """Words first..last (indexes) on one line of the page, `top` pixels down."""

    first: int
    last: int
    start: int
    end: int
    top: float


class Pages:
    """The page of a source in both ways of showing time; made once for each state of its words."""

    def __init__(self, words: tuple[Word, ...], length: int) -> None:
        groups = reading_rows(words)
        self.elastic = Page(words, groups, length, even=False)
        self.even = Page(words, groups, length, even=True)


class Page:
    """Rows of a whole source, and time to height and back, elastic (as the text needs) or even."""

    def __init__(self, words: tuple[Word, ...], groups: list[range], length: int, even: bool) -> None:
        self.even = even
        rows: list[Row] = []
        times: list[float] = [0.0]
        heights: list[float] = [float(TOP)]
        y = float(TOP)
        before = 0
        for group in groups:
            start, end = words[group.start].start, words[group.stop - 1].end
            if even:
                y = max(y, TOP + start / TICKS_PER_SECOND * EVEN)
            else:
                y += min(MOST_PAUSE, max(0.0, (start - before) / TICKS_PER_SECOND - 0.25) * PAUSE_PIXELS)
            rows.append(Row(group.start, group.stop - 1, start, end, y))
            times += [start, max(end, start + 1)]
            heights += [y, y + ROW]
            y += ROW
            before = end
        rest = max(0, length - before) / TICKS_PER_SECOND
        y = max(y, TOP + length / TICKS_PER_SECOND * EVEN) if even else y + min(160.0, 24 + rest * PAUSE_PIXELS)
        times.append(max(length, before + 1))
        heights.append(y)
        self.rows = tuple(rows)
        self.height = y + TOP
        self._times, self._heights = np.array(times), np.array(heights)

    def y(self, tick: float) -> float:
        """Pixels from the top of the page."""
        return float(np.interp(tick, self._times, self._heights))

    def ys(self, ticks: np.ndarray) -> np.ndarray:
        return np.interp(ticks, self._times, self._heights)

    def ticks(self, heights: np.ndarray) -> np.ndarray:
        return np.interp(heights, self._heights, self._times)

    def tick(self, y: float) -> int:
        return int(np.interp(y, self._heights, self._times))

    def visible(self, top: float, bottom: float) -> range:
        """Numbers of the rows between two heights."""
        first = bisect.bisect_left(self.rows, top - ROW, key=lambda r: r.top)
        last = bisect.bisect_right(self.rows, bottom, key=lambda r: r.top)
        return range(first, last)

    def row_of(self, word: int) -> int:
        """Number of the row that holds a word."""
        return max(0, bisect.bisect_right(self.rows, word, key=lambda r: r.first) - 1)


def reading_rows(words: tuple[Word, ...]) -> list[range]:
    """Indexes of the words of each row, in order: none reaches over a pause, the end of a sentence or another speaker."""
    out: list[range] = []
    first = 0
    for i, word in enumerate(words):
        if closes_phrase(word, words[i + 1] if i + 1 < len(words) else None):
            out += _even_rows(words, first, i + 1)
            first = i + 1
    return out


def _even_rows(words: tuple[Word, ...], first: int, stop: int) -> list[range]:
    """A phrase in as few rows as it needs, about equally long, none ending on a word that belongs to the next."""
    letters = sum(len(words[i].text) + 1 for i in range(first, stop))
    count = max(-(-letters // MOST_LETTERS), -(-(stop - first) // MOST_WORDS))
    wished = letters / count
    out: list[range] = []
    begin, used = first, 0
    for i in range(first, stop):
        size = len(words[i].text) + 1
        full = i - begin == MOST_WORDS or used + size > MOST_LETTERS or used + size / 2 > wished
        if i > begin and full:
            end = i
            while end - begin > 1 and words[end - 1].bare in BOUND_TO_NEXT:
                end -= 1
            out.append(range(begin, end))
            begin, used = end, sum(len(words[k].text) + 1 for k in range(end, i))
        used += size
    out.append(range(begin, stop))
    return out
