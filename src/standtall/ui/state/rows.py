"""The rows of the transcript page: what stands on each line, and the map between time and height on the page."""

from __future__ import annotations

import bisect
import functools
from typing import Final, NamedTuple

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.bonds import bonds
from standtall.language.sentences import closes_phrase
from standtall.model.words import Word

BACK: Final = 2
"""How many words earlier a row may end so that it parts no words that belong together."""
SHORTER: Final = 0.12
"""What each word less in a row costs against parting words that belong together (1)."""
ROW: Final = 27
"""Height of a row in pixels."""
PAUSE_PIXELS: Final = 16.0
MOST_PAUSE: Final = 46.0
EVEN: Final = 84.0
"""Pixels a second where time is even."""
TOP: Final = 12
MOST_LETTERS, MOST_WORDS = 26, 5
"""What a row holds at most: it is read at a glance, as a caption line is."""


class Row(NamedTuple):
    """Words first..last (indexes) on one line of the page, `top` pixels down."""

    first: int
    last: int
    start: int
    end: int
    top: float


class Pages:
    """The page of a source in both ways of showing time; made once for each state of its words."""

    def __init__(self, words: tuple[Word, ...], length: int) -> None:
        self._words, self._length = words, length
        self._groups = reading_rows(words)
        self.elastic = Page(words, self._groups, length, even=False)

    @functools.cached_property
    def even(self) -> Page:
        """Made when it is first shown, which takes 15 ms for four hours."""
        return Page(self._words, self._groups, self._length, even=True)


class Page:
    """Rows of a whole source, and time to height and back, elastic (as the text needs) or even."""

    def __init__(self, words: tuple[Word, ...], groups: list[range], length: int, even: bool) -> None:
        self.even = even
        starts = np.array([words[g.start].start for g in groups], np.int64)
        ends = np.array([words[g.stop - 1].end for g in groups], np.int64)
        over = np.arange(len(groups)) * float(ROW)
        """Height of all rows above each."""
        if even:  # no row stands higher than its time, or over the one before
            tops = np.maximum.accumulate(TOP + starts / TICKS_PER_SECOND * EVEN - over) + over
        else:
            pauses = starts - np.concatenate([[0], ends[:-1]]) if len(groups) else starts
            tops = TOP + over + np.cumsum(np.clip((pauses / TICKS_PER_SECOND - 0.25) * PAUSE_PIXELS, 0.0, MOST_PAUSE))
        last = int(ends[-1]) if len(groups) else 0
        below = float(tops[-1]) + ROW if len(groups) else float(TOP)
        rest = max(0, length - last) / TICKS_PER_SECOND
        bottom = max(below, TOP + length / TICKS_PER_SECOND * EVEN) if even else below + min(160.0, 24 + rest * PAUSE_PIXELS)
        firsts, lasts = [g.start for g in groups], [g.stop - 1 for g in groups]
        self.rows = tuple(map(Row, firsts, lasts, starts.tolist(), ends.tolist(), tops.tolist()))
        self.height = bottom + TOP
        edges = np.stack([starts, np.maximum(ends, starts + 1)], 1).ravel()
        self._times = np.concatenate([[0], edges, [max(length, last + 1)]]).astype(np.float64)
        ends_at = tops + (ends - starts) / TICKS_PER_SECOND * EVEN if even else tops + ROW
        ends_at = np.minimum(ends_at, np.append(tops[1:], np.inf)) if even else ends_at
        self._heights = np.concatenate([[TOP], np.stack([tops, ends_at], 1).ravel(), [bottom]])

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

    def row_at(self, tick: int) -> int:
        """Number of the row that is said at a time, or was last said before it."""
        return max(0, bisect.bisect_right(self.rows, tick, key=lambda r: r.start) - 1)


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
    firm = bonds([w.text for w in words[first:stop]])
    for i in range(first, stop):
        size = len(words[i].text) + 1
        full = i - begin == MOST_WORDS or used + size > MOST_LETTERS or used + size / 2 > wished
        if i > begin and full:
            ends = range(i, max(min(begin + 1, i - 1), i - BACK - 1), -1)  # no word stands alone for it
            end = min(ends, key=lambda e: firm[e - 1 - first] + SHORTER * (i - e))
            out.append(range(begin, end))
            begin, used = end, sum(len(words[k].text) + 1 for k in range(end, i))
        used += size
    out.append(range(begin, stop))
    return out
