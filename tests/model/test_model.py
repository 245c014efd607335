"""The time map, edits, and values written and read."""

from __future__ import annotations

import json
from dataclasses import replace
from fractions import Fraction
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.time import TICKS
from standtall.cutting.words import from_words
from standtall.model import edits
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.look import LOOKS, look_named
from standtall.model.plain import from_plain, to_plain
from standtall.model.short import Follow, Framing, HandCrop, Short
from standtall.model.source import Source
from standtall.model.timemap import Excerpt, TimeMap
from standtall.model.words import Word, word_at, words_within


def spoken(count: int = 12, gap: int = 9_600, length: int = 14_400) -> Analysis:
    """Words of 0.3 s with pauses of 0.2 s between them, loud while they are said."""
    words = tuple(Word(f"w{i}", 4_800 + i * (length + gap), 4_800 + i * (length + gap) + length) for i in range(count))
    level = [-60.0] * ((words[-1].end + TICKS) // LEVEL_STEP)
    for w in words:
        for i in range(w.start // LEVEL_STEP, w.end // LEVEL_STEP + 1):
            level[i] = -20.0
    return Analysis("key", words, level_db=tuple(level))


spans = st.lists(st.tuples(st.integers(1, 5_000), st.integers(1, 5_000)), min_size=1, max_size=8).map(
    lambda gaps: tuple(
        Excerpt(sum(g + n for g, n in gaps[:i]) + g, sum(g + n for g, n in gaps[:i]) + g + n) for i, (g, n) in enumerate(gaps)
    )
)


@given(spans, st.data())
def test_source_time_and_short_time_go_back_and_forth(excerpts: tuple[Excerpt, ...], data: st.DataObject) -> None:
    time_map = TimeMap(excerpts)
    tick = data.draw(st.integers(0, time_map.length - 1))
    assert time_map.to_short(time_map.to_source(tick)) == tick


@given(spans)
def test_what_is_cut_out_has_no_short_time(excerpts: tuple[Excerpt, ...]) -> None:
    time_map = TimeMap(excerpts)
    assert time_map.to_short(excerpts[0].start - 1) is None
    assert time_map.to_short(excerpts[-1].end) is None
    assert time_map.length == sum(e.length for e in excerpts)


def test_excerpts_may_stand_in_any_order_but_never_overlap() -> None:
    short = Short("a", "key", (Excerpt(50, 60), Excerpt(0, 50)))
    assert [short.time_map.to_short(t) for t in (0, 49, 50, 59, 60)] == [10, 59, 0, 9, None]
    with pytest.raises(ProjectError):
        Short("a", "key", (Excerpt(50, 60), Excerpt(0, 51)))


def test_edits_that_change_nothing_say_so() -> None:
    short = from_words("a", spoken(), range(4))
    for broken in (lambda: edits.release_crop(short, (0, 10)), lambda: edits.rename(short, "   ")):
        with pytest.raises(NothingToDo):
            broken()


def test_a_crop_by_hand_replaces_the_one_before_in_its_shot_only() -> None:
    short = from_words("a", spoken(), range(4))
    one = edits.set_crop(short, (0, 100), 0.3, 0.5, 0.9).short
    two = edits.set_crop(one, (100, 200), 0.6, 0.5, 1.0).short
    three = edits.set_crop(two, (0, 100), 0.4, 0.5, 7.0).short
    assert {(c.at, c.cx, c.h) for c in three.framing.crops} == {(100, 0.6, 1.0), (0, 0.4, 1.0)}
    followed = edits.follow(three, (0, 100), 1, "Ada").short
    assert [c.at for c in followed.framing.crops] == [100]
    assert followed.framing.follows == (Follow(0, 1),)
    assert edits.release_crop(followed, (0, 100)).short.framing.follows == ()


def test_words_by_time() -> None:
    words = spoken().words
    assert word_at(words, words[3].start) == 3
    assert word_at(words, words[3].end) is None
    assert list(words_within(words, words[2].start, words[4].end)) == [2, 3, 4]


def test_the_quietest_place_is_found() -> None:
    analysis = Analysis("k", level_db=(-20.0,) * 10 + (-70.0,) * 2 + (-20.0,) * 20)
    assert 10 * LEVEL_STEP <= analysis.quietest(2 * LEVEL_STEP, 30 * LEVEL_STEP) < 12 * LEVEL_STEP


def full_short() -> Short:
    framing = Framing(0.3, (HandCrop(5, 0.2, 0.5, 1.0),), (Follow(9, 2),))
    return Short("näme", "k", (Excerpt(0, 9), Excerpt(10, 40)), "marker", framing, 0.7, False, rate=Fraction(30000, 1001))


@pytest.mark.parametrize("value", [full_short(), Source("k", "/a", "a", 5, rate=Fraction(25)), LOOKS[0], spoken()])
def test_values_come_back_as_they_were(value: Any) -> None:
    assert from_plain(type(value), json.loads(json.dumps(to_plain(value)))) == value


json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats() | st.text(max_size=8),
    lambda inner: st.lists(inner, max_size=4) | st.dictionaries(st.text(max_size=8), inner, max_size=4),
    max_leaves=12,
)


@given(json_values)
def test_foreign_data_is_refused_with_our_own_error(data: Any) -> None:
    with pytest.raises(ProjectError):
        from_plain(Short, data)


@given(st.sampled_from(sorted(to_plain(full_short()))), json_values)
def test_one_foreign_field_is_refused_or_allowed(name: str, data: Any) -> None:
    plain = to_plain(full_short())
    plain[name] = data
    try:
        made = from_plain(Short, plain)
    except ProjectError:
        return
    assert from_plain(Short, to_plain(made)) == made


@pytest.mark.parametrize(
    "broken",
    [
        lambda: Word("a", 5, 5),
        lambda: Word("a", -1, 5),
        lambda: Word("a", 1, 5, 1.5),
        lambda: Excerpt(9, 3),
        lambda: Source("k", "p", "n", 0),
        lambda: Source("k", "p", "n", 5, width=10**6),
        lambda: replace(full_short(), excerpts=(Excerpt(0, 9), Excerpt(5, 40))),
        lambda: replace(full_short(), width=10**9),
        lambda: replace(LOOKS[0], lit="red; background: url(x)"),
        lambda: look_named("nothing"),
    ],
)
def test_the_model_refuses_bad_states(broken: Any) -> None:
    with pytest.raises(ProjectError):
        broken()
