"""Moments that are looked at lie at fixed places of a source, so that an edit leaves them."""

from __future__ import annotations

import random

from hypothesis import given
from hypothesis import strategies as st

from standtall.model.cut import Segment
from standtall.model.timemap import SourceTime, TimeMap, even_step

S = 48_000
LENGTHS = st.lists(st.tuples(st.integers(0, 3 * S), st.integers(1, 9 * S)), min_size=1, max_size=8)


def segments_of(parts: list[tuple[int, int]]) -> tuple[Segment, ...]:
    out, at = [], 0
    for gap, length in parts:
        at += gap
        out.append(Segment("a", at, at + length))
        at += length
    return tuple(out)


@given(LENGTHS)
def test_each_segment_is_looked_at_and_nothing_else(parts: list[tuple[int, int]]) -> None:
    segments = segments_of(parts)
    seen = list(TimeMap(segments).spread(S // 2, 300))
    for segment in segments:
        inside = [at.tick for at in seen if segment.start <= at.tick < segment.end]
        assert inside, "one at least"
        gaps = [b - a for a, b in zip(inside, inside[1:], strict=False)]
        assert set(gaps) <= {S // 2}
    assert all(any(s.start <= at.tick < s.end for s in segments) for at in seen)
    assert seen == sorted(seen)


@given(st.integers(0, 50 * S), st.integers(1, 3 * S))
def test_a_cut_leaves_the_other_moments_where_they_were(at: int, gone: int) -> None:
    whole = TimeMap((Segment("a", 0, 60 * S),))
    cut = TimeMap((Segment("a", 0, at + 1), Segment("a", at + 1 + gone, 60 * S)))
    before, after = set(whole.spread(S // 2, 300)), set(cut.spread(S // 2, 300))
    assert {t for t in before if not at + 1 <= t.tick < at + 1 + gone} <= after
    assert len(after - before) <= 2, "those of a piece that is too short for any"


def test_a_step_doubles_so_that_there_are_not_too_many() -> None:
    assert even_step(10 * S, S // 2, 300) == S // 2
    assert even_step(3600 * S, S // 2, 300) == 16 * S
    assert even_step(3599 * S, S // 2, 300) == 16 * S
    assert len(list(TimeMap((Segment("a", 5, 5 + 3600 * S),)).spread(S // 2, 300))) == 225
    assert next(TimeMap((Segment("b", 7, 9),)).spread(S, 300)) == SourceTime("b", 8)


@given(st.lists(st.tuples(st.integers(0, 3), st.integers(1, 4)), min_size=1, max_size=8), st.randoms(), st.integers(0, 40), st.integers(1, 9))
def test_the_segments_within_a_span_are_those_that_hold_some_of_it(
    steps: list[tuple[int, int]], dice: random.Random, start: int, length: int
) -> None:
    at, made = 0, []
    for gap, long in steps:
        made.append(Segment("ab"[long % 2], at + gap, at + gap + long))
        at = made[-1].end
    dice.shuffle(made)
    wanted = [n for n, e in enumerate(made) if e.overlaps(Segment("a", start, start + length))]
    assert TimeMap(tuple(made)).within("a", start, start + length) == sorted(wanted, key=lambda n: made[n].start)
    assert TimeMap(tuple(made)).within("c", start, start + length) == []
