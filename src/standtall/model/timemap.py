"""The one map between source time and short time."""

from __future__ import annotations

import bisect
from collections.abc import Iterator
from typing import NamedTuple

from standtall.model.cut import Segment


def even_step(length: int, least: int, most: int) -> int:
    """A step of at least `least` ticks that goes about `most` times into a length: it doubles, so that it seldom changes with the
    length."""
    step = least
    while length > most * step:
        step *= 2
    return step


class SourceTime(NamedTuple):
    """A tick of a source, which is named by its content key."""

    source: str
    tick: int


class TimeMap:
    """Joins short time and source time for segments in the order in which they are heard; they never overlap."""

    def __init__(self, segments: tuple[Segment, ...]) -> None:
        self.segments = segments
        self._starts: list[int] = []
        at = 0
        for segment in segments:
            self._starts.append(at)
            at += segment.length
        self.length = at
        """Length of the short in ticks."""
        self._in_source: dict[str, list[int]] = {}
        """Numbers of the segments of each source, as they lie in it."""
        for number in sorted(range(len(segments)), key=lambda n: segments[n].start):
            self._in_source.setdefault(segments[number].source, []).append(number)
        self._source_starts = {key: [segments[n].start for n in numbers] for key, numbers in self._in_source.items()}

    def index_at(self, tick: int) -> int:
        """Which segment plays at `tick` of the short (clamped to the first and last)."""
        return max(0, bisect.bisect_right(self._starts, tick) - 1)

    def to_source(self, tick: int) -> SourceTime:
        """Short time to source time; times outside the short are clamped to its ends."""
        inside = max(0, min(self.length - 1, tick))
        i = self.index_at(inside)
        return SourceTime(self.segments[i].source, self.segments[i].start + inside - self._starts[i])

    def to_short(self, source: str, tick: int) -> int | None:
        """Source time to its place in the short, or None where it is cut out."""
        i = bisect.bisect_right(self._source_starts.get(source, []), tick) - 1
        if i < 0:
            return None
        number = self._in_source[source][i]
        segment = self.segments[number]
        return self._starts[number] + tick - segment.start if tick < segment.end else None

    def within(self, source: str, start: int, end: int) -> list[int]:
        """Numbers of the segments that hold anything of [start, end) of a source, as they lie in it."""
        numbers, starts = self._in_source.get(source, []), self._source_starts.get(source, [])
        first = max(0, bisect.bisect_right(starts, start) - 1)
        found = numbers[first : bisect.bisect_left(starts, end)]
        return found[1:] if found and self.segments[found[0]].end <= start else found

    def spread(self, least: int, most: int) -> Iterator[SourceTime]:
        """Moments of the sources in the order of the short, at least `least` ticks apart and about `most` of them; one in each
        segment at least. They lie at fixed places of a source, so that an edit leaves those that stay where they were."""
        step = even_step(self.length, least, most)
        for segment in self.segments:
            first = segment.start - (segment.start - step // 2) % -step
            for tick in range(first, segment.end, step) if first < segment.end else ((segment.start + segment.end) // 2,):
                yield SourceTime(segment.source, tick)

    def span_of(self, index: int) -> tuple[int, int]:
        """Start and end of segment `index` in short time."""
        return self._starts[index], self._starts[index] + self.segments[index].length
