"""When an extra is seen: for the whole short, its opening, from a moment on, or during a passage of a source."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Literal

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.timemap import TimeMap

LONGEST = 600 * TICKS_PER_SECOND
WordTimes = Mapping[tuple[str, int], tuple[int, int]]
"""Start and end of words in their source, by source and id."""
Spans = tuple[tuple[int, int], ...]
"""Starts and ends in ticks of the short, in order; none meets another."""


@dataclass(frozen=True, slots=True)
class WholeExtent:
    """All of the short."""

    kind: Literal["whole"] = "whole"


@dataclass(frozen=True, slots=True)
class OpeningExtent:
    """The first ticks of the short."""

    length: int = 4 * TICKS_PER_SECOND
    kind: Literal["opening"] = "opening"

    def __post_init__(self) -> None:
        checks.in_range("The length of an opening in ticks", self.length, 1, LONGEST)


@dataclass(frozen=True, slots=True)
class FromExtent:
    """From a moment of a source to the end of the short."""

    source: str
    start: int
    kind: Literal["from"] = "from"

    def __post_init__(self) -> None:
        checks.in_range("The start of an extra", self.start, 0, 1 << 50)


@dataclass(frozen=True, slots=True)
class PassageExtent:
    """A passage of a source: the words `first` to `last` (ids) where they are still there, else from `start` to `end`. `of` says
    what it was chosen as."""

    source: str
    start: int
    end: int
    first: int = -1
    last: int = -1
    of: Literal["words", "shot", "hand"] = "hand"
    kind: Literal["passage"] = "passage"

    def __post_init__(self) -> None:
        checks.forward("The passage of an extra", self.start, self.end)


Extent = WholeExtent | OpeningExtent | FromExtent | PassageExtent


def passage_of(extent: PassageExtent, times: WordTimes) -> tuple[int, int]:
    """Start and end in the source, by its words where both are known and stand in order."""
    first, last = times.get((extent.source, extent.first)), times.get((extent.source, extent.last))
    if first is not None and last is not None and first[0] < last[1]:
        return first[0], last[1]
    return extent.start, extent.end


def spans_of(extent: Extent, time_map: TimeMap, times: WordTimes) -> Spans:
    """When an extent is on in the short; empty where all of it is cut out."""
    if isinstance(extent, WholeExtent):
        return ((0, time_map.length),)
    if isinstance(extent, OpeningExtent):
        return ((0, min(extent.length, time_map.length)),)
    if isinstance(extent, FromExtent):
        begin = _next_kept(extent, time_map)
        return () if begin is None else ((begin, time_map.length),)
    start, end = passage_of(extent, times)
    found = []
    for number, segment in enumerate(time_map.segments):
        a, b = max(start, segment.start), min(end, segment.end)
        if segment.source == extent.source and a < b:
            at = time_map.span_of(number)[0] - segment.start
            found.append((at + a, at + b))
    return _joined(found)


def _next_kept(extent: FromExtent, time_map: TimeMap) -> int | None:
    """Where a moment stands in the short; where it is cut out, the next moment of its source that is not."""
    here = time_map.to_short(extent.source, extent.start)
    if here is not None:
        return here
    later = [(s.start, n) for n, s in enumerate(time_map.segments) if s.source == extent.source and s.start >= extent.start]
    return time_map.span_of(min(later)[1])[0] if later else None


def _joined(spans: list[tuple[int, int]]) -> Spans:
    out: list[tuple[int, int]] = []
    for start, end in sorted(spans):
        if out and start <= out[-1][1]:
            out[-1] = out[-1][0], max(out[-1][1], end)
        else:
            out.append((start, end))
    return tuple(out)


def missed(spans: Spans, length: int) -> Spans:
    """The parts of a short of that length in which none of the spans is on."""
    out, at = [], 0
    for start, end in spans:
        if start > at:
            out.append((at, start))
        at = end
    return (*out, (at, length)) if at < length else tuple(out)
