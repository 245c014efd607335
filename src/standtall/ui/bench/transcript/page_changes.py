"""Which stretches of the transcript page look otherwise after an edit: mostly a row or two of what is seen."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from typing import Final

from standtall.framing.spans import Span
from standtall.model.cut import Segment
from standtall.ui.bench.transcript.extras_lane import ExtraBar
from standtall.ui.bench.transcript.grips import Grip
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import ROW, Page

Stretch = tuple[float, float]
"""Top and bottom, in the coordinates of the page."""
MOST: Final = 400
"""Words that look otherwise at most, to be looked for one by one."""


@dataclass(frozen=True, slots=True)
class PageState:
    """What the page was painted from. `kept` are the numbers of the words that the short holds, `inside` those between the first
    and the last of them: words beyond are pale, not struck out."""

    opened: Opened
    page: Page
    kept: frozenset[int]
    inside: range
    grips: Sequence[Grip]
    bars: Sequence[ExtraBar]


def changed(before: PageState, now: PageState) -> list[Stretch] | None:
    """What looks otherwise than before; None where it may be anything. The line of the loudness that was measured before stands
    until it is measured again."""
    if not _comparable(before, now):
        return None
    was, here = before.opened, now.opened
    page, key = now.page, here.source.key
    words = [*(before.kept ^ now.kept), *_between(before.inside, now.inside)]
    if len(words) > MOST:
        return None
    found = list(rows_of(page, words))
    ticks = [*_edges(was.segments, here.segments)]
    spans = list(_either(was.segments, here.segments))
    for start, end in tuple(spans):
        spans += [
            (span.start, span.end) for span in (here.camera.span_at(start), *here.camera.begun_within(start, end))
            if _used(was, span) != _used(here, span)
        ]  # fmt: skip
    marks = ({n.place for n in seen.notices if n.place is not None and n.place.source == key} for seen in (was, here))
    ticks += [place.tick for place in set.symmetric_difference(*marks)]
    looks = (Counter((g.y, g.edge, g.silent) for g in seen.grips) for seen in (before, now))
    one, other = looks
    found += [(y - ROW, y + ROW) for y, _edge, _silent in ((one - other) + (other - one))]
    found += [(page.y(tick) - ROW, page.y(tick) + ROW) for tick in ticks]
    found += [(page.y(start) - ROW, page.y(end) + ROW) for start, end in spans]
    return joined(found)


def rows_of(page: Page, words: Iterable[int]) -> Iterator[Stretch]:
    """The rows in which words stand; none on a page without words, where those of other footage may still be asked for."""
    for number in {page.row_of(word) for word in words} if page.rows else ():
        yield page.rows[number].top, page.rows[number].top + ROW


def joined(found: Iterable[Stretch]) -> list[Stretch]:
    """Stretches from the top down, those that meet as one."""
    out: list[Stretch] = []
    for top, bottom in sorted(found):
        if out and top <= out[-1][1]:
            out[-1] = out[-1][0], max(bottom, out[-1][1])
        else:
            out.append((top, bottom))
    return out


def _comparable(before: PageState, now: PageState) -> bool:
    """Whether nothing but the segments of the short and its notices can differ."""
    was, here = before.opened, now.opened
    return (
        before.page is now.page
        and was.analysis.words is here.analysis.words
        and was.transcript is here.transcript
        and was.found is here.found
        and was.camera is here.camera
        and before.bars == now.bars
        and was.entry.short.with_segments(here.entry.short.segments) == here.entry.short
    )


def _between(was: range, here: range) -> Iterator[int]:
    """Words that are inside now and were not, or the other way about."""
    for a, b in ((was.start, here.start), (was.stop, here.stop)):
        yield from range(min(a, b), min(max(a, b), min(a, b) + MOST + 1))


def _either(was: Sequence[Segment], here: Sequence[Segment]) -> Iterator[tuple[int, int]]:
    """Spans of the source that are in one of two shorts, not in both: neither holds any twice."""
    ticks = sorted(tick for segment in (*was, *here) for tick in (segment.start, segment.end))
    for start, end in zip(ticks[::2], ticks[1::2], strict=True):
        if start < end:
            yield start, end


def _edges(was: Sequence[Segment], here: Sequence[Segment]) -> Iterator[int]:
    """Where pieces begin or end in one of two shorts only."""
    one, other = (Counter((s.start, "start") for s in some) + Counter((s.end, "end") for s in some) for some in (was, here))
    for tick, _edge in (one - other) + (other - one):
        yield tick


def _used(seen: Opened, span: Span) -> bool:
    """Whether the short shows anything of a span of the source."""
    return bool(seen.composition.time_map.within(seen.source.key, span.start, span.end))
