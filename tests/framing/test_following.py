"""The moves of a cell: the whole head inside, no place between two places, a size that is held."""

from __future__ import annotations

import numpy as np
import pytest

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.following import JERKIEST, STEP, Path, faces_at, follow
from standtall.model.people import FaceSample, Track
from standtall.model.source import Source

S = TICKS_PER_SECOND
SOURCE = Source("k", "/x", "x", 20 * S, 1920, 1080)
ASPECT = 9 / 16


def moving(
    xs: dict[float, float], h: float = 0.2, y: float = 0.3, seconds: float = 10, gaps: tuple[tuple[float, float], ...] = ()
) -> tuple[Track, ...]:
    at = np.arange(0, round(seconds * S), 3_200)
    x = np.interp(at / S, list(xs), list(xs.values()))
    samples = [FaceSample(int(t), float(v), y, h * 0.45, h, 0.0) for t, v in zip(at, x, strict=True)]
    parts = [s for s in samples if not any(a <= s.at / S < b for a, b in gaps)]
    return (Track(0, 0, tuple(parts)),)


def test_the_whole_head_is_inside_all_the_way() -> None:
    tracks = moving({0: 0.2, 3: 0.2, 6: 0.7, 10: 0.7})
    path = follow(SOURCE, ASPECT, 0.6, tracks, 0, 10 * S)
    for sample in tracks[0].samples:
        head = Rect(sample.x - 0.1 * sample.w, sample.y - 0.2 * sample.h, sample.w * 1.2, sample.h * 1.25)
        assert path.at(sample.at).contains(head, slack=0.002)


def test_it_never_leaves_the_picture() -> None:
    tracks = moving({0: -0.02, 5: 0.97})
    path = follow(SOURCE, ASPECT, 0.2, tracks, 0, 10 * S)
    for tick in range(0, 10 * S, 1_600):
        assert Rect(0, 0, 1, 1).contains(path.at(tick), slack=1e-9)


def test_speed_and_jerk_are_those_of_an_operator() -> None:
    path = follow(SOURCE, ASPECT, 0.6, moving({0: 0.2, 4: 0.2, 7: 0.75, 10: 0.75}), 0, 10 * S)
    x = np.array([path.at(t).cx for t in range(0, 10 * S, 1_600)])
    width = path.at(0).w
    assert np.abs(np.diff(x, 3)).max() * 30**3 / width <= JERKIEST + 0.5
    assert np.abs(np.diff(x)).max() * 30 / width <= 1.1 * (0.55 / 3) / width


def test_swaying_is_not_followed() -> None:
    sway = {t / 4: 0.4 + 0.01 * np.sin(t) for t in range(41)}
    assert len(follow(SOURCE, ASPECT, 0.6, moving(sway), 0, 10 * S).crops) == 1


def test_a_place_in_a_gap_is_not_known() -> None:
    tracks = moving({0: 0.2, 4: 0.2, 6: 0.8, 10: 0.8}, gaps=((3.5, 7.0),))
    times = np.arange(0, 10 * S, STEP)
    _faces, known = faces_at(tracks, times)
    inside = (times > 4.1 * S) & (times < 6.4 * S)
    assert not known[inside].any()
    assert known[times < 3 * S].all()
    assert known[times > 7.6 * S].all()


def test_somebody_who_comes_nearer_is_shown_wider() -> None:
    at = np.arange(0, 10 * S, 3_200)
    h = np.interp(at / S, [0, 3, 7, 10], [0.13, 0.13, 0.22, 0.22])
    track = Track(0, 0, tuple(FaceSample(int(t), 0.4, 0.3, float(v) * 0.45, float(v), 0.0) for t, v in zip(at, h, strict=True)))
    path = follow(SOURCE, ASPECT, 0.6, (track,), 0, 10 * S)
    assert path.at(0).h < path.at(10 * S - 1).h
    heights = [path.at(t).h for t in range(0, 10 * S, 4_800)]
    assert heights == pytest.approx(sorted(heights), abs=1e-4), "in one gentle change"


def test_a_path_is_read_between_its_times() -> None:
    path = Path((0, 10), (Rect(0, 0, 0.2, 1), Rect(0.4, 0, 0.2, 1)))
    assert path.at(5) == Rect(0.2, 0, 0.2, 1)
    assert path.at(-5).x == 0
    assert path.at(50).x == 0.4


def turned(x: float, turn: float) -> tuple[Track, ...]:
    """Somebody who sits still and looks to one side."""
    return (Track(0, 0, tuple(FaceSample(i * 3_200, x, 0.3, 0.09, 0.2, 0.0, turn) for i in range(150))),)


def test_there_is_more_room_on_the_side_that_somebody_looks_to() -> None:
    ahead, left, right = (follow(SOURCE, ASPECT, 0.6, turned(0.5, t), 0, 10 * S).at(5 * S) for t in (0.0, -0.9, 0.9))
    assert abs(ahead.cx - 0.545) < 0.02
    assert left.cx < ahead.cx - 0.02 < right.cx
    assert all(c.contains(Rect(0.48, 0.25, 0.13, 0.25)) for c in (left, right)), "the head is inside all the same"


def test_a_glance_aside_moves_nothing() -> None:
    samples = tuple(FaceSample(i * 3_200, 0.5, 0.3, 0.09, 0.2, 0.0, 0.9 if 60 <= i < 70 else 0.0) for i in range(150))
    assert len(follow(SOURCE, ASPECT, 0.6, (Track(0, 0, samples),), 0, 10 * S).crops) == 1


def test_the_crop_leads_somebody_who_walks() -> None:
    path = follow(SOURCE, ASPECT, 0.6, moving({0: 0.1, 6: 0.82}, seconds=6), 0, 6 * S)
    faces = {t: 0.1 + 0.12 * t + 0.045 for t in (2, 3, 4)}
    assert all(path.at(t * S).cx > x for t, x in faces.items()), "the middle of the crop is ahead of the face"


def test_a_camera_that_is_cut_to_a_walker_moves_at_once() -> None:
    path = follow(SOURCE, ASPECT, 0.6, moving({0: 0.1, 6: 0.82}, seconds=6), 2 * S, 5 * S)
    assert path.smooth
    x = np.array([path.at(2 * S + n * 1_600).cx for n in range(8)])
    width = path.at(2 * S).w
    assert np.abs(np.diff(x, 3)).max() * 30**3 / width <= JERKIEST + 0.5
    assert np.abs(np.diff(x)).min() > 0.5 * np.abs(np.diff(x)).max(), "no standing start"
