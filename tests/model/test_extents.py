"""Extents: what they cover of a short, and that they stay on what was meant whatever is cut."""

from __future__ import annotations

import hypothesis.strategies as st
import pytest
from hypothesis import given

from standtall.base.errors import ProjectError
from standtall.model.cut import Segment
from standtall.model.extents import FromExtent, OpeningExtent, PassageExtent, WholeExtent, missed, spans_of
from standtall.model.timemap import TimeMap

S = 48_000


def short_of(*parts: tuple[int, int]) -> TimeMap:
    return TimeMap(tuple(Segment("a", start, end) for start, end in parts))


def test_each_kind_covers_what_it_says() -> None:
    two = short_of((10 * S, 14 * S), (20 * S, 26 * S))
    assert spans_of(WholeExtent(), two, {}) == ((0, 10 * S),)
    assert spans_of(OpeningExtent(3 * S), two, {}) == ((0, 3 * S),)
    assert spans_of(OpeningExtent(30 * S), two, {}) == ((0, 10 * S),), "no longer than the short"
    assert spans_of(FromExtent("a", 21 * S), two, {}) == ((5 * S, 10 * S),)
    assert spans_of(PassageExtent("a", 12 * S, 22 * S), two, {}) == ((2 * S, 6 * S),), "over the cut, as one"
    assert spans_of(PassageExtent("b", 12 * S, 22 * S), two, {}) == ()


def test_from_a_moment_that_is_cut_out_is_from_the_next_that_is_not() -> None:
    two = short_of((10 * S, 14 * S), (20 * S, 26 * S))
    assert spans_of(FromExtent("a", 16 * S), two, {}) == ((4 * S, 10 * S),)
    assert spans_of(FromExtent("a", 30 * S), two, {}) == ()


def test_words_that_were_timed_anew_take_the_extent_along() -> None:
    one = short_of((0, 20 * S))
    extent = PassageExtent("a", 2 * S, 3 * S, first=7, last=8, of="words")
    assert spans_of(extent, one, {("a", 7): (4 * S, 5 * S), ("a", 8): (5 * S, 6 * S)}) == ((4 * S, 6 * S),)
    assert spans_of(extent, one, {("a", 7): (4 * S, 5 * S)}) == ((2 * S, 3 * S),), "with a word gone it stays where it was"


def test_a_passage_played_in_another_order_is_on_in_both_places() -> None:
    turned = short_of((20 * S, 22 * S), (10 * S, 12 * S))
    assert spans_of(PassageExtent("a", 11 * S, 21 * S), turned, {}) == ((0, S), (3 * S, 4 * S))


def test_what_is_missed_is_told() -> None:
    assert missed(((2, 4), (6, 8)), 10) == ((0, 2), (4, 6), (8, 10))
    assert missed(((0, 10),), 10) == ()
    assert missed((), 10) == ((0, 10),)


@pytest.mark.parametrize("make", [lambda: OpeningExtent(0), lambda: PassageExtent("a", 5, 5), lambda: FromExtent("a", -1)])
def test_nonsense_is_refused(make: object) -> None:
    with pytest.raises(ProjectError):
        make()  # type: ignore[operator]


@given(
    cuts=st.lists(st.tuples(st.integers(0, 400), st.integers(1, 60)), min_size=1, max_size=8),
    passage=st.tuples(st.integers(0, 400), st.integers(1, 80)),
    order=st.randoms(use_true_random=False),
)
def test_extras_stay_on_their_words_in_any_cut(
    cuts: list[tuple[int, int]], passage: tuple[int, int], order: object
) -> None:  # fmt: skip
    """Every tick of the short is covered exactly when the source tick it plays lies in the passage."""
    parts, at = [], 0
    for gap, length in cuts:
        parts.append((at + gap, at + gap + length))
        at += gap + length
    order.shuffle(parts)  # type: ignore[attr-defined]
    made = short_of(*parts)
    extent = PassageExtent("a", passage[0], passage[0] + passage[1])
    spans = spans_of(extent, made, {})
    for tick in range(made.length):
        inside = any(a <= tick < b for a, b in spans)
        assert inside == (extent.start <= made.to_source(tick).tick < extent.end)
