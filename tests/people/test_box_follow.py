"""A thing that was drawn around is followed both ways, waits where it is not seen, and is found again."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import pytest

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model.framing import BoxAt
from standtall.people.box_follow import EXACT, _corners, follow_box

W, H, RATE, FRAMES = 640, 360, 25, 100


def texture(seed: int, high: int, wide: int) -> np.ndarray:
    rng = np.random.default_rng(seed)
    return cv2.resize(rng.integers(40, 215, (high // 6, wide // 6), np.uint8), (wide, high), interpolation=cv2.INTER_CUBIC)


def written(path: Path, pictures: list[np.ndarray]) -> Path:
    """Grey pictures as a clip."""
    half = np.full((H // 2, W // 2), 128, np.uint8)
    with MovieWriter(path, W, H, Fraction(RATE), {"preset": "ultrafast", "crf": "12"}, sound=False) as writer:
        for picture in pictures:
            writer.picture(Planes(np.ascontiguousarray(picture), half, half))
    return path


def where(n: int) -> tuple[float, float]:
    """Top left corner of the thing in frame n, pixels."""
    return 60 + 4.0 * n, 120 + 60 * np.sin(n / 20)


@pytest.fixture(scope="module")
def film(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A patch of 72 x 60 pixels goes across the picture, and behind a post from frame 45 to 62."""
    ground, thing = texture(1, H, W) // 3 + 60, texture(2, 60, 72)
    pictures = []
    for n in range(FRAMES):
        picture = ground.copy()
        x, y = (round(v) for v in where(n))
        picture[y : y + 60, x : x + 72] = thing
        picture[:, 300:370] = 90
        pictures.append(picture)
    return written(tmp_path_factory.mktemp("box") / "thing.mp4", pictures)


def test_it_is_followed_both_ways_and_through_a_time_in_which_it_is_hidden(film: Path) -> None:
    source = probe(film)
    drawn = 20
    x, y = where(drawn)
    tick = round((drawn + 0.5) * TICKS_PER_SECOND / RATE)
    found = follow_box(source, BoxAt(tick, x / W, y / H, 72 / W, 60 / H), 0, source.length, Progress())
    at = [p.at for p in found.places]
    assert at == sorted(set(at))
    assert 0.6 < found.seen < 0.97, "it is hidden behind the post for a while"
    for n in (2, 10, 20, 30, 40, 75, 90):
        tick = round((n + 0.5) * TICKS_PER_SECOND / RATE)
        cx = float(np.interp(tick, at, [p.x + p.w / 2 for p in found.places])) * W
        cy = float(np.interp(tick, at, [p.y + p.h / 2 for p in found.places])) * H
        true_x, true_y = where(n)
        assert abs(cx - true_x - 36) < 8, n
        assert abs(cy - true_y - 30) < 8, n
    assert len(found.places) < FRAMES, "what lies on a line between two places is left out"


def test_where_the_picture_is_even_the_box_stands_still(tmp_path: Path) -> None:
    source = probe(written(tmp_path / "even.mp4", [np.full((H, W), 80, np.uint8)] * 20))
    found = follow_box(source, BoxAt(9000, 0.4, 0.4, 0.2, 0.2), 0, source.length, Progress())
    assert {(p.x, p.y) for p in found.places} == {(0.4, 0.4)}


def test_places_that_are_left_out_lie_near_the_line_between_those_that_are_kept() -> None:
    at = np.arange(200.0) * 1000
    values = np.stack([0.3 + 0.2 * np.sin(at / 20_000), at / 1e6, at * 0 + 0.1, at * 0 + 0.1], axis=1)
    kept = _corners(at, values)
    read = np.stack([np.interp(at, at[kept], values[kept, k]) for k in range(4)], axis=1)
    assert np.abs(read - values).max() <= EXACT + 1e-12
    assert 3 < len(kept) < 60
