"""Faces that meet are let go of, and a trail that changes over to somebody else is parted."""

from __future__ import annotations

import cv2
import numpy as np

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Planes, from_rgb
from standtall.model.people import FaceSample
from standtall.people.detection import _cut_at, _taken_over
from standtall.people.faces import Mesh
from standtall.people.follow import FaceFollower, Trail
from standtall.people.reidentify import DIFFERENT
from standtall.people.wardrobe import wardrobe
from tests.seeing import NoBodies, NoVectors

STEP = TICKS_PER_SECOND // 15


class Passing:
    """Two faces that cross the picture: the detector and the mesh in one; where they meet only the first is seen."""

    def __init__(self) -> None:
        self.n = 0

    def places(self) -> list[Rect]:
        a = Rect(20 + self.n * 2.0, 60, 30, 36)
        b = Rect(270 - self.n * 2.0, 60, 30, 36)
        return [a] if a.overlap(b) > 0.1 else [a, b]

    def faces(self, _picture: object, glance: bool = False) -> list[Rect]:
        return list(self.places())

    def read(self, _picture: object, near: Rect) -> Mesh:
        best = max(self.places(), key=lambda box: box.overlap(near))
        return Mesh(best, 0.1, 0.9 if best.overlap(near) > 0.1 else 0.1, 0.0)


def test_no_trail_goes_through_a_meeting() -> None:
    passing = Passing()
    follower = FaceFollower(passing, passing, NoBodies(), NoVectors())  # type: ignore[arg-type]
    picture = from_rgb(np.full((180, 320, 3), 90, np.uint8))
    for n in range(125):
        passing.n = n
        follower.see(n * STEP, picture)
    long = [t for t in follower.trails if len(t.samples) > 20]
    assert len(long) >= 3, "two before and two after, or one of them hidden for a while"
    for trail in long:
        moves = np.diff([s.x for s in trail.samples])
        assert (moves >= -1e-6).all() or (moves <= 1e-6).all(), "nobody turns round where they meet"


def test_colours_are_gathered_also_while_others_are_there() -> None:
    passing = Passing()
    follower = FaceFollower(passing, passing, NoBodies(), NoVectors())  # type: ignore[arg-type]
    picture = from_rgb(np.full((180, 320, 3), 90, np.uint8))
    for n in range(45):
        passing.n = n
        follower.see(n * STEP, picture)
    assert len(follower.trails) == 2
    assert all(len(t.colours) >= 5 for t in follower.trails), "what is seen later does not stand for all that was seen"


def clothed(hue: int, seed: int = 0) -> np.ndarray:
    hsv = np.zeros((200, 200, 3), np.uint8)
    hsv[..., 0], hsv[..., 1], hsv[..., 2] = hue, 160, 150
    noisy = cv2.cvtColor(hsv, cv2.COLOR_HSV2BGR).astype(float) + np.random.default_rng(seed).normal(0, 6, (200, 200, 3))
    return np.asarray(noisy.clip(0, 255), np.uint8)


class TurnsAway:
    """Somebody who walks to the right, and whose face shows at some times only: detector, mesh and bodies in one."""

    def __init__(self) -> None:
        dice = np.random.default_rng(3)
        self.ground, self.figure = (
            cv2.GaussianBlur(dice.integers(0, 255, size).astype(np.uint8), (0, 0), 1.5) for size in ((270, 480), (170, 90))
        )
        self.n, self.shows, self.stands = 0, True, True

    @property
    def face(self) -> Rect:
        return Rect(60 + 2.0 * self.n, 80, 40, 50)

    def picture(self) -> Planes:
        grey = self.ground.copy()
        x = int(self.face.x) - 25
        grey[60:230, x : x + 90] = self.figure
        return from_rgb(np.repeat(grey[..., None], 3, axis=2))

    def faces(self, _picture: object, glance: bool = False) -> list[Rect]:
        return [self.face] if self.shows else []

    def read(self, _picture: object, near: Rect) -> Mesh:
        there = self.shows and self.face.overlap(near) > 0.1
        return Mesh(self.face, 0.1, 0.9 if there else 0.1, 0.0)

    def bodies(self, _picture: object, sure: float = 0.5) -> list[Rect]:
        return [Rect(self.face.x - 40, 60, 120, 210)] if self.stands else []

    def followed(self, shows: tuple[int, int], frames: int, stands: int = 10_000) -> FaceFollower:
        """What is followed where the face shows until the first and again from the second of `shows`, and somebody stands there
        until frame `stands`."""
        follower = FaceFollower(self, self, self, NoVectors())  # type: ignore[arg-type]
        for self.n in range(frames):
            self.shows, self.stands = self.n < shows[0] or self.n >= shows[1], self.n < stands
            follower.see(self.n * STEP, self.picture())
        return follower


def test_a_head_that_turns_away_is_carried_on_and_is_the_same_person_when_it_turns_back() -> None:
    trails = TurnsAway().followed((30, 75), 100).trails
    assert len(trails) == 1
    hidden = [s for s in trails[0].samples if s.mouth is None]
    assert len(hidden) > 35, "three seconds from behind"
    for sample in trails[0].samples:
        assert abs(sample.x * 480 - (60 + 2.0 * sample.at // STEP)) < 6
        assert abs(sample.y * 270 - 80) < 6
    assert all(s.mouth is not None for s in trails[0].samples if s.at > 82 * STEP), "the face is read again"


def test_a_head_is_let_go_where_nobody_stands() -> None:
    (trail,) = TurnsAway().followed((30, 10_000), 100, stands=50).trails
    assert trail.samples[-1].at < (50 + 16) * STEP, "within a second"
    (never,) = TurnsAway().followed((30, 10_000), 100, stands=0).trails
    assert all(s.mouth is not None for s in never.samples), "what was no head is not carried on at all"


def test_a_stream_that_changes_its_size_is_followed_on() -> None:
    walker = TurnsAway()
    follower = walker.followed((10, 10_000), 20)
    assert any(s.mouth is None for s in follower.trails[0].samples)
    smaller = from_rgb(np.repeat(cv2.resize(walker.picture().y, (320, 180))[..., None], 3, axis=2))
    for n in range(20, 24):
        follower.see(n * STEP, smaller)
    assert follower.trails, "nothing is compared with a picture of another size"


def test_who_never_shows_their_face_is_followed_and_known_as_hidden() -> None:
    walker = TurnsAway()
    (trail,) = walker.followed((0, 10_000), 60).trails
    assert len(trail.samples) > 55
    assert all(s.mouth is None for s in trail.samples)
    moved = (trail.samples[-1].x - trail.samples[0].x) * 480
    assert abs(moved - 2.0 * (trail.samples[-1].at - trail.samples[0].at) / STEP) < 8
    assert len(trail.colours) > 3


FACE = Rect(80, 40, 40, 50)


def apart(a: np.ndarray, b: np.ndarray) -> float:
    return 1.0 - float(np.minimum(a, b).sum())


def test_colours_are_a_whole_and_hold_in_another_light() -> None:
    red, blue = wardrobe(clothed(5), FACE), wardrobe(clothed(110), FACE)
    assert abs(float(red.sum()) - 1) < 1e-4
    dimmer = np.asarray(clothed(5, 1) * 0.9, np.uint8)
    assert apart(red, wardrobe(dimmer, FACE)) < DIFFERENT < apart(red, blue)
    assert apart(wardrobe(clothed(178), FACE), wardrobe(clothed(2), FACE)) < DIFFERENT, "hues go round"
    assert float(wardrobe(clothed(5), Rect(80, 190, 40, 50)).sum()) < 1, "what is outside the picture counts for nothing"


def test_a_trail_that_changes_over_is_parted() -> None:
    red, blue = wardrobe(clothed(5), FACE), wardrobe(clothed(110), FACE)
    seen = [(n * 1_000, red if n < 6 else blue) for n in range(12)]
    assert _taken_over(seen) == [(0, 5_500), (5_500, 1 << 62)]
    assert _taken_over(seen[:6]) == [(0, 1 << 62)]
    assert _taken_over(seen[:1]) == [(0, 1 << 62)]
    half = wardrobe(clothed(5), Rect(80, 120, 40, 50))
    assert _taken_over([(n * 1_000, half) for n in range(12)]) == [(0, 1 << 62)], "clothes below the picture are no other clothes"


def test_what_is_left_of_a_face_in_a_dissolve_is_nobody() -> None:
    cut = 4 * TICKS_PER_SECOND
    samples = [FaceSample(n * STEP, 0.2, 0.2, 0.1, 0.2, 0.0) for n in range(67)]
    trail = Trail(samples, [(0, wardrobe(clothed(5), FACE))])
    assert len(_cut_at(trail, (cut,), frozenset())) == 2
    (before,) = _cut_at(trail, (cut,), frozenset({cut}))
    assert before.samples[-1].at < cut
