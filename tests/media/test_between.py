"""Pictures between the footage's own: what moves evenly in the footage moves evenly at another rate, and cuts stay cuts."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import pytest

from standtall.base.time import frame_middle
from standtall.compose.layers.picture import Asset
from standtall.compose.painters.assets import Assets, uneven
from standtall.media.between import Between
from standtall.media.planes import Planes
from standtall.media.writer import MovieWriter
from tests.conftest import grey

WIDTH, HEIGHT, SIZE, SPEED = 640, 360, 90, 8.0


def _textured(seed: int, height: int, width: int) -> np.ndarray:
    """Soft made-up texture, uint8."""
    noise = np.random.default_rng(seed).normal(size=(height, width)).astype(np.float32)
    soft = cv2.GaussianBlur(noise, None, 4.0)
    return np.asarray(np.clip(120 + 60 * soft / soft.std(), 16, 235), np.uint8)


PATCH = np.asarray(np.maximum(_textured(1, SIZE, SIZE), 130), np.uint8)
GROUND = np.asarray(_textured(2, HEIGHT, WIDTH) // 3 + 16, np.uint8)


def moved_to(x: float) -> Planes:
    """A bright textured square whose left side is at `x`, before a dark ground that stands still."""
    planes = grey(0, WIDTH, HEIGHT)
    planes.y[:] = GROUND
    shift = np.array([[1, 0, x], [0, 1, 130]], np.float32)
    square = cv2.warpAffine(PATCH, shift, (WIDTH, HEIGHT))
    inside = cv2.warpAffine(np.full_like(PATCH, 255), shift, (WIDTH, HEIGHT)) / 255.0
    planes.y[:] = np.clip(planes.y * (1 - inside) + square * (inside > 0), 0, 255).astype(np.uint8)
    return planes


def place_of(planes: Planes) -> float:
    """The middle of the bright square, in pixels."""
    bright = np.clip(planes.y[130:220].astype(np.float64) - 115, 0, None)
    return float((bright.sum(axis=0) * np.arange(WIDTH)).sum() / bright.sum())


def film(path: Path, rate: Fraction, count: int = 40, cut: int | None = None) -> Path:
    """The square moves by the same at each picture; from picture `cut` on it is another, bright scene."""
    with MovieWriter(path, WIDTH, HEIGHT, rate, {"preset": "ultrafast", "crf": "10"}, sound=False) as writer:
        for n in range(count):
            writer.picture(grey(210, WIDTH, HEIGHT) if cut is not None and n >= cut else moved_to(20 + SPEED * n))
    return path


def places(path: Path, wanted: Fraction, between: bool, count: int) -> np.ndarray:
    """Where the square is in each frame at a rate."""
    with Assets(rate=wanted if between else None) as assets:
        asset = Asset("a", str(path))
        return np.array([place_of(assets.picture(asset, frame_middle(n, wanted))) for n in range(count)])


@pytest.mark.parametrize(("own", "wanted"), [(25, 30), (24, 30), (30, 25), (30, 24), (25, 24)])
def test_what_moves_evenly_moves_evenly_at_another_rate(tmp_path: Path, own: int, wanted: int) -> None:
    path = film(tmp_path / "a.mp4", Fraction(own))
    count = int(38 / own * wanted)
    steps = {between: np.diff(places(path, Fraction(wanted), between, count)[3:-3]) for between in (True, False)}
    even = SPEED * own / wanted
    assert np.abs(steps[True] - even).max() < 0.25 * SPEED
    assert steps[True].std() < 0.1 * SPEED
    assert np.abs(steps[False] - even).max() > 0.5 * SPEED  # a picture shown twice, or one left out


def test_pictures_are_where_the_moment_is(tmp_path: Path) -> None:
    """A frame shows its middle, as at the footage's own rate, so that sound and picture stay together."""
    path = film(tmp_path / "a.mp4", Fraction(25))
    seen = places(path, Fraction(30), True, 40)[3:36]
    own = place_of(moved_to(20))  # of picture 0, whose middle is 20 ms from the start
    wanted = own + SPEED * ((np.arange(3, 36) + 0.5) / 30 - 0.02) * 25
    assert np.abs(seen - wanted).max() < 0.15 * SPEED


def test_nothing_is_mixed_across_a_cut(tmp_path: Path) -> None:
    path = film(tmp_path / "a.mp4", Fraction(25), cut=20)
    with Assets(rate=Fraction(30)) as assets, Assets() as plain:
        asset = Asset("a", str(path))
        for n in range(20, 28):
            tick = frame_middle(n, Fraction(30))
            seen, shown = assets.picture(asset, tick), plain.picture(asset, tick)
            after = shown.y.mean() > 150
            assert (seen.y.mean() > 150) == after
            if after:
                assert np.abs(seen.y.astype(int) - 210).max() < 6


def test_uneven_rates_are_told_from_those_that_fit() -> None:
    fits = [(25, 25), (30, 60), (60, 30), (50, 25), (24, 48), (Fraction(30_000, 1_001), 30), (Fraction(24_000, 1_001), 24)]
    unfit = [(25, 30), (24, 30), (30, 25), (60, 50), (50, 60), (24, 25), (60, 24)]
    assert not any(uneven(Fraction(a), Fraction(b)) for a, b in fits)
    assert all(uneven(Fraction(a), Fraction(b)) for a, b in unfit)
    assert not uneven(Fraction(0), Fraction(30))


def test_the_ends_of_the_way_are_the_pictures_themselves() -> None:
    first, second = moved_to(100), moved_to(110)
    pair = Between(first, second)
    assert pair.at(0.0) is first
    assert pair.at(1.0) is second
    assert place_of(pair.at(0.5)) == pytest.approx(place_of(moved_to(105)), abs=1.0)  # a tenth of the way
    assert not Between(first, grey(220, WIDTH, HEIGHT)).alike
