"""The one map between source time and short time."""

from __future__ import annotations

import bisect
from dataclasses import dataclass

from standtall.model import checks


@dataclass(frozen=True, slots=True)
class Excerpt:
    """An in/out range of a source, in ticks: in belongs to it, out does not."""

    start: int
    end: int

    def __post_init__(self) -> None:
        checks.forward("An excerpt", self.start, self.end)

    @property
    def length(self) -> int:
        return self.end - self.start


class TimeMap:
    """Joins short time and source time for excerpts in the order in which they are heard; they never overlap."""

    def __init__(self, excerpts: tuple[Excerpt, ...]) -> None:
        self.excerpts = excerpts
        self._starts: list[int] = []
        at = 0
        for excerpt in excerpts:
            self._starts.append(at)
            at += excerpt.length
        self.length = at
        """Length of the short in ticks."""
        self._in_source = sorted(range(len(excerpts)), key=lambda n: excerpts[n].start)
        self._source_starts = [excerpts[n].start for n in self._in_source]

    def index_at(self, tick: int) -> int:
        """Which excerpt plays at `tick` of the short (clamped to the first and last)."""
        return max(0, bisect.bisect_right(self._starts, tick) - 1)

    def to_source(self, tick: int) -> int:
        """Short time to source time; times outside the short are clamped to its ends."""
        i = self.index_at(max(0, min(self.length - 1, tick)))
        return self.excerpts[i].start + max(0, min(self.length - 1, tick)) - self._starts[i]

    def to_short(self, tick: int) -> int | None:
        """Source time to its place in the short, or None where it is cut out."""
        i = bisect.bisect_right(self._source_starts, tick) - 1
        if i < 0:
            return None
        number = self._in_source[i]
        excerpt = self.excerpts[number]
        return self._starts[number] + tick - excerpt.start if tick < excerpt.end else None

    def span_of(self, index: int) -> tuple[int, int]:
        """Start and end of excerpt `index` in short time."""
        return self._starts[index], self._starts[index] + self.excerpts[index].length
