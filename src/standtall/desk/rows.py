"""The rows of the script: one for each caption line, and the map between time and height on the page."""

from __future__ import annotations

import bisect
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

import numpy as np

from standtall.base.time import TICKS
from standtall.captions.lines import CaptionLine, lines, spoken
from standtall.model.analysis import Analysis
from standtall.model.timemap import Excerpt, TimeMap

ROW: Final = 27
"""Height of a row in pixels."""
PAUSE_PIXELS: Final = 16.0
MOST_PAUSE: Final = 46.0
EVEN: Final = 46.0
"""Pixels a second where time is even."""
TOP: Final = 12


@dataclass(frozen=True, slots=True)
class Row:
    """Words first..last (indexes) on one line of the page, `top` pixels down."""

    first: int
    last: int
    start: int
    end: int
    top: float


class Page:
    """Rows of a whole source, and time to height and back, elastic (as the text needs) or even."""

    def __init__(self, groups: tuple[CaptionLine, ...], length: int, even: bool) -> None:
        rows: list[Row] = []
        times: list[float] = [0.0]
        heights: list[float] = [float(TOP)]
        y = float(TOP)
        before = 0
        for group in groups:
            start, end = group.words[0].start, group.words[-1].end
            if even:
                y = max(y, TOP + start / TICKS * EVEN)
            else:
                y += min(MOST_PAUSE, max(0.0, (start - before) / TICKS - 0.25) * PAUSE_PIXELS)
            rows.append(Row(group.words[0].index, group.words[-1].index, start, end, y))
            times += [start, max(end, start + 1)]
            heights += [y, y + ROW]
            y += ROW
            before = end
        rest = max(0, length - before) / TICKS
        y = max(y, TOP + length / TICKS * EVEN) if even else y + min(160.0, 24 + rest * PAUSE_PIXELS)
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


def page_of(analysis: Analysis, length: int, max_words: int, width: Callable[[str], float], even: bool) -> Page:
    """The page of a source; rows break as captions break."""
    whole = TimeMap((Excerpt(0, max(1, length)),))
    return Page(lines(spoken(analysis.words, whole), max_words, width, length), length, even)
