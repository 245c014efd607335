"""Crops by hand: one for all of a shot, or keyframes that the crop moves between."""

from __future__ import annotations

import pytest

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.model.cut import Segment
from standtall.model.keyframe_edits import (
    NEAR,
    add_keyframe,
    ease_keyframe,
    keyframes_of,
    move_keyframe,
    moves,
    remove_keyframe,
    set_crop,
)
from standtall.model.people import People, Shot
from standtall.model.short import Short
from standtall.model.source import Source

S = TICKS_PER_SECOND
SHOT = Segment("k", 0, 10 * S)
SHORT = Short.of("s", (SHOT,))
SOURCE = Source("k", "/x", "x", 10 * S, 1920, 1080)
PEOPLE = People((Shot(0, 10 * S),))


def two() -> Short:
    one = add_keyframe(SHORT, SHOT, 2 * S, 0.3, 0.5, 1.0).short
    return add_keyframe(one, SHOT, 6 * S, 0.7, 0.5, 1.0).short


def middle(short: Short, second: float) -> float:
    return float(plan(short, SOURCE, PEOPLE).at(round(second * S)).crop.cx)


def test_a_crop_without_keyframes_is_that_of_the_whole_shot() -> None:
    made = set_crop(SHORT, SHOT, 0.3, 0.5, 0.9, at=4 * S).short
    assert [k.at for k in keyframes_of(made, SHOT)] == [0]
    assert not moves(made, SHOT)
    assert middle(made, 9) == pytest.approx(0.3)


def test_between_keyframes_the_crop_moves_as_it_is_told() -> None:
    short = two()
    assert moves(short, SHOT)
    assert [middle(short, t) for t in (1, 2, 4, 6, 9)] == pytest.approx([0.3, 0.3, 0.5, 0.7, 0.7])
    assert middle(short, 2.4) < 0.34, "by and by"
    even = ease_keyframe(short, SHOT, 2 * S, "even").short
    assert middle(even, 2.4) == pytest.approx(0.34)
    hold = ease_keyframe(short, SHOT, 2 * S, "hold").short
    assert middle(hold, 5.9) == pytest.approx(0.3)
    assert middle(hold, 6.0) == pytest.approx(0.7)


def test_a_drag_at_a_moment_sets_the_crop_of_that_moment() -> None:
    made = set_crop(two(), SHOT, 0.5, 0.5, 0.8, at=8 * S).short
    assert [(k.at, k.cx) for k in keyframes_of(made, SHOT)] == [(2 * S, 0.3), (6 * S, 0.7), (8 * S, 0.5)]
    near = set_crop(made, SHOT, 0.6, 0.5, 0.8, at=8 * S + NEAR // 2).short
    assert [(k.at, k.cx) for k in keyframes_of(near, SHOT)][-1] == (8 * S, 0.6), "the keyframe that is there is changed"


def test_keyframes_are_moved_and_removed() -> None:
    moved = move_keyframe(two(), SHOT, 6 * S, 99 * S).short
    assert [k.at for k in keyframes_of(moved, SHOT)] == [2 * S, 10 * S - 1], "never out of the shot"
    over = move_keyframe(two(), SHOT, 6 * S, 2 * S).short
    assert [(k.at, k.cx) for k in keyframes_of(over, SHOT)] == [(2 * S, 0.7)]
    one = remove_keyframe(two(), SHOT, 2 * S).short
    assert [k.at for k in keyframes_of(one, SHOT)] == [6 * S]
    assert remove_keyframe(one, SHOT, 6 * S).short == SHORT, "then the shot is framed automatically"
    for refused in (remove_keyframe, lambda s, shot, at: move_keyframe(s, shot, at, S)):
        with pytest.raises(NothingToDo, match=r"no keyframe at 0:05\.0"):
            refused(two(), SHOT, 5 * S)


def test_values_are_kept_inside_what_a_crop_can_be() -> None:
    made = add_keyframe(SHORT, SHOT, -5, 2.0, -1.0, 9.0).short
    (key,) = keyframes_of(made, SHOT)
    assert (key.at, key.cx, key.cy, key.h) == (1, 1.0, 0.0, 1.0)
