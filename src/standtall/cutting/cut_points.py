"""Where the sound is cut beside a word: in the quietest place between words, with room kept around them."""

from __future__ import annotations

import bisect
from collections.abc import Iterable
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment

ROOM: Final = round(0.12 * TICKS_PER_SECOND)
"""Room kept before the first and after the last word of a run, where the pause is long enough."""
TAIL: Final = round(0.30 * TICKS_PER_SECOND)
"""Room kept after a word that ends a sentence: its sound dies away slower."""
CLOSE: Final = round(0.03 * TICKS_PER_SECOND)
"""Where words touch, the quietest place is looked for so far into the neighbour: nobody speaks with a knife between words."""
SHORTEST: Final = TICKS_PER_SECOND // 20
"""A piece is never shorter than this."""


def cut_before(analysis: Analysis, i: int) -> int:
    """The tick where a piece begins that starts with word i."""
    words = analysis.words
    floor = words[i - 1].end if i else 0
    start = words[i].start
    if start - floor > ROOM:
        return analysis.quietest(start - ROOM, start - ROOM // 2)
    return min(start, analysis.quietest(max(0, min(floor, start - CLOSE)), start))


def cut_after(analysis: Analysis, i: int) -> int:
    """The tick where a piece ends whose last word is i."""
    words = analysis.words
    end = words[i].end
    ceiling = words[i + 1].start if i + 1 < len(words) else end + 2 * TAIL
    room = TAIL if words[i].ends_sentence else ROOM
    if ceiling - end > room:
        return analysis.quietest(end + 3 * room // 4, end + room)
    return max(end, analysis.quietest(end, max(ceiling, end + CLOSE)))


def spans_of(analysis: Analysis, indexes: range) -> Segment:
    """The passage of the source that holds the words of a run and the room around them."""
    start, end = cut_before(analysis, indexes[0]), cut_after(analysis, indexes[-1])
    return Segment(analysis.source_key, start, max(end, start + 1))


def runs(indexes: list[int]) -> list[range]:
    """Indexes (in any order) as runs of consecutive ones, each run as it follows the one before."""
    out: list[range] = []
    for i in indexes:
        if out and out[-1].stop == i:
            out[-1] = range(out[-1].start, i + 1)
        else:
            out.append(range(i, i + 1))
    return out


def without(segments: tuple[Segment, ...], source: str, start: int, end: int) -> tuple[Segment, ...]:
    """The segments without a passage of a source; what would be too short to see is left out with it."""
    return without_all(segments, [Segment(source, start, end)]) if start < end else segments


def without_all(segments: tuple[Segment, ...], passages: Iterable[Segment]) -> tuple[Segment, ...]:
    """As `without`, for many passages at once, which may overlap: an hour has a thousand silences, and to go through a thousand
    segments for each takes a second."""
    joined = joined_by_source(passages)
    out: list[Segment] = []
    for e in segments:
        gone = joined.get(e.source, [])
        first = bisect.bisect_right(gone, e.start, key=lambda p: p.end)
        last = bisect.bisect_left(gone, e.end, key=lambda p: p.start)
        if first >= last:
            out.append(e)
            continue
        starts = [e.start, *(p.end for p in gone[first:last])]
        ends = [*(p.start for p in gone[first:last]), e.end]
        out += (Segment(e.source, a, b) for a, b in zip(starts, ends, strict=True) if b - a >= SHORTEST)
    return tuple(out)


def joined_by_source(passages: Iterable[Segment]) -> dict[str, list[Segment]]:
    """Passages of each source in its order, those joined that overlap or meet."""
    joined: dict[str, list[Segment]] = {}
    for passage in sorted(passages, key=lambda p: p.start):
        of_source = joined.setdefault(passage.source, [])
        if of_source and passage.start <= of_source[-1].end:
            of_source[-1] = Segment(passage.source, of_source[-1].start, max(of_source[-1].end, passage.end))
        else:
            of_source.append(passage)
    return joined


def covered_with(segments: tuple[Segment, ...], source: str, start: int, end: int) -> tuple[Segment, ...]:
    """The segments with a passage of a source put back where it came from.

    It joins the segment that ends where it begins and the one that begins where it ends, if that one follows; where
    neither does, it comes after the segment of its source that is said before it.
    """
    for free in _uncovered(segments, source, start, end):
        segments = _with(segments, free)
    return segments


def _uncovered(segments: tuple[Segment, ...], source: str, start: int, end: int) -> list[Segment]:
    out: list[Segment] = []
    at = start
    for e in sorted((e for e in segments if e.source == source), key=lambda e: e.start):
        if e.end <= at or e.start >= end:
            continue
        if e.start > at:
            out.append(Segment(source, at, e.start))
        at = max(at, e.end)
    if at < end:
        out.append(Segment(source, at, end))
    return out


def _with(segments: tuple[Segment, ...], new: Segment) -> tuple[Segment, ...]:
    listed = list(segments)
    before = next((n for n, e in enumerate(listed) if e.meets(new)), None)
    after = next((n for n, e in enumerate(listed) if new.meets(e)), None)
    if before is not None and after == before + 1:
        listed[before : before + 2] = [Segment(new.source, listed[before].start, listed[before + 1].end)]
    elif before is not None:
        listed[before] = Segment(new.source, listed[before].start, new.end)
    elif after is not None:
        listed[after] = Segment(new.source, new.start, listed[after].end)
    else:
        earlier = [(e.start, n) for n, e in enumerate(listed) if e.source == new.source and e.start < new.start]
        listed.insert(max(earlier)[1] + 1 if earlier else 0, new)
    return tuple(listed)
