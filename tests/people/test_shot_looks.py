"""How shots look as a whole, and where in them there is most to see."""

from __future__ import annotations

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.people import People, Shot
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.people.shot_looks import COLUMNS, SeenLook, look_of, with_looks

S = TICKS_PER_SECOND
STEP = S // 15


def planes(luma: np.ndarray) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    grey = np.full((len(luma), 11, 20), 128, np.uint8)
    return luma.astype(np.uint8), grey, grey


def walled(count: int = 60) -> np.ndarray:
    """A wall with a lamp at the left, (n, 22, 40)."""
    out = np.full((count, 22, 40), 90, np.uint8)
    out[:, 4:9, 4:9] = 180
    return out


def test_who_walks_through_leaves_nothing_in_the_look() -> None:
    empty, crossed = walled(), walled()
    for n in range(60):
        crossed[n, 6:20, n % 36 : n % 36 + 4] = 30
    ticks = [n * STEP for n in range(60)]
    a, b = (look_of(ticks, planes(p), 0, 60 * STEP) for p in (empty, crossed))
    assert a is not None
    assert b is not None
    assert np.abs(np.array(a.values) - np.array(b.values)).mean() < 1.5
    assert look_of(ticks, planes(empty), 100 * S, 101 * S) is None


def test_shots_take_the_look_of_their_longest_part() -> None:
    looks = [SeenLook(0, 10, (1,)), SeenLook(10, 40, (2,), (5,)), SeenLook(50, 60, (3,))]
    shots = with_looks((Shot(0, 40), Shot(40, 50), Shot(50, 60)), looks)
    assert [s.look for s in shots] == [(2,), (), (3,)]
    assert shots[0].weights == (5,)


def follow_of(weights: tuple[int, ...]) -> float:
    """The left edge of the crop of a shot with nobody in it."""
    source, shot = Source("k", "/x", "x", 10 * S, 1920, 1080), Segment("k", 0, 10 * S)
    short = framing_edits.set_layout(Short.of("s", (shot,)), shot, "follow").short
    span = plan(short, source, People((Shot(0, 10 * S, (), weights),))).span_at(0)
    assert span.decision.why.kind == "what moves or stands out"
    return span.at(0).crop.x


def test_a_crop_without_people_shows_what_moves_or_stands_out() -> None:
    moving = walled()
    for n in range(60):
        moving[n, 10:16, 28 + n % 6 : 32 + n % 6] = 200
    seen = look_of([n * STEP for n in range(60)], planes(moving), 0, 60 * STEP)
    assert seen is not None
    assert len(seen.weights) == COLUMNS
    assert abs(sum(seen.weights) - 100) <= COLUMNS
    assert follow_of(seen.weights) > 0.5, "what moves counts for more than the lamp"
    still = look_of([0, STEP, 2 * STEP], planes(walled(3)), 0, 3 * STEP)
    assert still is not None
    assert follow_of(still.weights) < 0.2, "the lamp is all there is"
    middle = (1 - 9 / 16 * 1080 / 1920) / 2
    assert abs(follow_of(()) - middle) < 1e-9
    assert abs(follow_of((6,) * COLUMNS) - middle) < 0.02
