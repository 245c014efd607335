"""Words cut and brought back, pieces trimmed, split and moved."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting import by_words, order, trim
from standtall.cutting.by_words import from_words, kept_words
from standtall.cutting.cut_points import CLOSE, without
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.timemap import SourceTime
from tests.model.test_model import spoken


def at(tick: int) -> SourceTime:
    return SourceTime("key", tick)


def test_segments_hold_whole_words_and_cut_in_the_pauses() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(2, 6))
    (segment,) = short.segments
    assert analysis.words[1].end < segment.start < analysis.words[2].start
    assert analysis.words[5].end < segment.end < analysis.words[6].start
    assert kept_words(short, analysis) == (2, 3, 4, 5)


def test_cut_then_bring_back_is_where_it_was() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(10))
    less = by_words.cut(short, analysis, [4, 5])
    assert less.label == "Cut 2 words"
    assert len(less.short.segments) == 2
    assert kept_words(less.short, analysis) == (0, 1, 2, 3, 6, 7, 8, 9)
    assert by_words.bring_back(less.short, analysis, [4, 5]).short == short


def test_a_cut_keeps_what_was_trimmed_by_hand() -> None:
    analysis = spoken()
    short = trim.trim(from_words("a", analysis, range(6)), 0, "end", analysis.words[6].start - 10).short
    less = by_words.cut(short, analysis, [2]).short
    assert less.segments[-1].end == short.segments[-1].end
    assert less.segments[0].start == short.segments[0].start


@settings(max_examples=60)
@given(st.lists(st.integers(0, 11), min_size=1, unique=True))
def test_any_choice_of_words_is_kept_exactly_in_its_order(chosen: list[int]) -> None:
    analysis = spoken()
    short = from_words("a", analysis, chosen)
    assert list(kept_words(short, analysis)) == chosen
    for i in chosen:
        word = analysis.words[i]
        assert any(e.start <= word.start and word.end <= e.end for e in short.segments), "a word is cut into"


@settings(max_examples=60)
@given(st.lists(st.tuples(st.booleans(), st.sets(st.integers(0, 11), min_size=1, max_size=5)), max_size=8))
def test_whatever_is_struck_and_brought_back_the_words_are_those_asked_for(steps: list[tuple[bool, set[int]]]) -> None:
    analysis = spoken()
    short, kept = from_words("a", analysis, range(12)), set(range(12))
    for strike, chosen in steps:
        try:
            made = (by_words.cut if strike else by_words.bring_back)(short, analysis, chosen)
        except NothingToDo:
            continue
        short, kept = made.short, kept - chosen if strike else kept | chosen
        assert list(kept_words(short, analysis)) == sorted(kept)


def test_bringing_back_goes_where_the_words_belong_in_another_order() -> None:
    analysis = spoken()
    short = from_words("a", analysis, [8, 9, 0, 1, 2, 3, 4])
    less = by_words.cut(short, analysis, [2]).short
    assert kept_words(by_words.bring_back(less, analysis, [2]).short, analysis) == (8, 9, 0, 1, 2, 3, 4)
    assert kept_words(by_words.bring_back(less, analysis, [5]).short, analysis) == (8, 9, 0, 1, 3, 4, 5)


def test_a_cut_silence_comes_back_by_choosing_the_words_around_it() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(6))
    gap = (analysis.words[2].end + 2_000, analysis.words[3].start - 2_000)
    tight = short.with_segments(without(short.segments, "key", *gap))
    assert len(tight.segments) == 2 and kept_words(tight, analysis) == kept_words(short, analysis)
    back = by_words.bring_back(tight, analysis, [2, 3])
    assert back.label == "Close a cut" and back.short.segments == short.segments


def test_words_that_touch_are_cut_close_to_their_border() -> None:
    analysis = spoken(gap=0)
    (piece,) = from_words("a", analysis, [3]).segments
    word = analysis.words[3]
    assert word.start - CLOSE <= piece.start <= word.start < word.end <= piece.end <= word.end + CLOSE
    assert kept_words(by_words.cut(from_words("a", analysis, range(6)), analysis, [3]).short, analysis) == (0, 1, 2, 4, 5)


def test_start_and_end_can_be_set_by_time() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(4))
    first = short.segments[0]
    later = trim.start_at(short, at(first.start + 7_000)).short
    assert later.segments[0].start == first.start + 7_000
    longer = trim.end_at(short, at(first.end + 48_000)).short
    assert longer.segments[-1].end == first.end + 48_000
    assert trim.start_at(later, at(10)).short.segments[0].start == 10


def test_start_and_end_follow_the_order_in_which_pieces_are_heard() -> None:
    analysis = spoken()
    short = from_words("a", analysis, [8, 9, 0, 1, 2, 3])
    inside = analysis.words[2].start
    assert kept_words(trim.start_at(short, at(inside)).short, analysis) == (2, 3)
    assert kept_words(trim.end_at(short, at(inside)).short, analysis) == (8, 9, 0, 1)


def test_trimming_by_frame_and_word_stops_at_the_next_piece() -> None:
    analysis = spoken()
    short = from_words("a", analysis, [1, 2, 3, 6, 7])
    frame = trim.trim_by_frame(short, 0, "end", 1, Fraction(25)).short
    assert frame.segments[0].end - short.segments[0].end == TICKS_PER_SECOND // 25
    assert kept_words(trim.trim_by_word(short, analysis, 0, "end", 1).short, analysis) == (1, 2, 3, 4, 6, 7)
    assert kept_words(trim.trim_by_word(short, analysis, 1, "start", 1).short, analysis) == (1, 2, 3, 7)
    far = trim.trim(short, 0, "end", 10**9).short
    assert far.segments[0].end == far.segments[1].start


def test_split_then_cut_to_one_side() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(6))
    here = analysis.words[3].start
    parts = trim.split(short, at(here)).short
    assert [e.length for e in parts.segments] == [here - short.segments[0].start, short.segments[0].end - here]
    assert kept_words(trim.cut_before_here(parts, at(analysis.words[1].start)).short, analysis) == (1, 2, 3, 4, 5)
    assert kept_words(trim.cut_after_here(parts, at(analysis.words[1].start)).short, analysis) == (0, 3, 4, 5)


def test_pieces_move_and_go_back() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(8))
    opened = order.to_front(short, analysis, [5, 6])
    assert opened.label == "Open on 2 words"
    assert kept_words(opened.short, analysis) == (5, 6, 0, 1, 2, 3, 4, 7)
    assert kept_words(order.move(opened.short, 0, 2).short, analysis) == (0, 1, 2, 3, 4, 7, 5, 6)
    assert kept_words(order.remove(opened.short, 0).short, analysis) == (0, 1, 2, 3, 4, 7)
    assert order.back_to_source_order(opened.short).short == short


def test_what_cannot_be_done_says_so() -> None:
    analysis = spoken()
    short = from_words("a", analysis, range(4))
    outside: list[Callable[[], object]] = [
        lambda: by_words.cut(short, analysis, [9]),
        lambda: by_words.cut(short, analysis, range(4)),
        lambda: by_words.bring_back(short, analysis, [1]),
        lambda: from_words("a", analysis, []),
        lambda: trim.end_at(short, at(short.segments[0].start)),
        lambda: trim.trim(short, 0, "start", short.segments[0].start),
        lambda: trim.trim_by_word(short, analysis, 0, "start", -1),
        lambda: trim.split(short, at(short.segments[0].end + 5)),
        lambda: order.move(short, 0, 0),
        lambda: order.remove(short, 0),
        lambda: order.to_front(short, analysis, range(2)),
        lambda: order.back_to_source_order(short),
    ]
    for broken in outside:
        with pytest.raises(NothingToDo):
            broken()


def test_edits_never_leave_overlapping_pieces() -> None:
    analysis = spoken()
    edits: list[Callable[[Short], Edit]] = [
        lambda s: order.to_front(s, analysis, [4]),
        lambda s: trim.trim_by_word(s, analysis, 0, "end", 1),
        lambda s: by_words.bring_back(s, analysis, range(12)),
    ]
    short = from_words("a", analysis, [0, 1, 2, 3, 4])
    for make in edits:
        short = make(short).short  # the model refuses overlaps
    assert set(kept_words(short, analysis)) == set(range(12))
