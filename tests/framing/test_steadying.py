"""Shaky footage: what shakes is measured, and the crop goes along with it, so that what it shows stands still."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import pytest

from standtall.base.errors import ProjectError
from standtall.base.geometry import FULL
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.framing.steadying import MOST, steady_of
from standtall.library.cache import AnalysisCache
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model import framing_edits
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.people import People, Shake, Shot
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.people.shake import measure_shake
from standtall.session.shakes import with_shakes

S = TICKS_PER_SECOND
W, H, RATE, FRAMES = 640, 360, 25, 100


def offsets() -> np.ndarray:
    """Where the place lies in each frame, pixels (n, 2): a slow pan with the shake of a hand over it."""
    rng = np.random.default_rng(3)
    t = np.arange(FRAMES) / RATE
    shake = np.stack([4 * np.sin(2 * np.pi * 2.7 * t) + rng.normal(0, 1, FRAMES), 3 * np.sin(2 * np.pi * 3.3 * t + 1)], axis=1)
    return shake + np.stack([12 * t, 0 * t], axis=1)


@pytest.fixture(scope="module")
def film(tmp_path_factory: pytest.TempPathFactory) -> Path:
    rng = np.random.default_rng(1)
    ground = cv2.resize(rng.integers(30, 220, (70, 120), np.uint8), (1200, 700), interpolation=cv2.INTER_CUBIC)
    half = np.full((H // 2, W // 2), 128, np.uint8)
    path = tmp_path_factory.mktemp("shake") / "shaky.mp4"
    with MovieWriter(path, W, H, Fraction(RATE), {"preset": "ultrafast", "crf": "12"}, sound=False) as writer:
        for x, y in offsets():
            move = np.array([[1, 0, x - 200], [0, 1, y - 150]], np.float32)
            writer.picture(Planes(cv2.warpAffine(ground, move, (W, H)), half, half))
    return path


def test_the_movement_of_the_picture_is_measured_to_a_part_of_a_pixel(film: Path) -> None:
    source = probe(film)
    shake = measure_shake(source, 0, source.length, Progress())
    assert len(shake.times) == FRAMES
    found = np.stack([np.array(shake.x) * W, np.array(shake.y) * H], axis=1)
    true = offsets() - offsets()[0]
    assert np.abs(found - true).max() < 1.0
    assert np.abs(np.diff(found - true, axis=0)).max() < 0.4


def test_what_the_crop_shows_stands_still_and_a_pan_stays_a_pan(film: Path) -> None:
    source = probe(film)
    people = People((Shot(0, source.length),))
    shot = Segment(source.key, 0, source.length)
    short = framing_edits.set_layout(Short.of("s", (shot,)), shot, "follow").short
    shaky = plan(short, source, people)
    steadied = framing_edits.set_steady(short, shot, True).short
    analysis = with_shakes(steadied, source, Analysis(source.key, people=people), Progress())
    camera = plan(steadied, source, analysis.people)
    true = offsets() / (W, H)
    ticks = [round((n + 0.5) * S / RATE) for n in range(FRAMES)]

    def shown(cam: object) -> np.ndarray:
        """Where a thing in the picture stands in the crop, in shares of the picture."""
        crops = [cam.at(t).crop for t in ticks]  # type: ignore[attr-defined]
        return true - np.array([(c.cx, c.cy) for c in crops])

    def wobble(places: np.ndarray) -> float:
        return float(np.abs(np.diff(places, 2, axis=0)).mean())

    assert wobble(shown(camera)) < 0.25 * wobble(shown(shaky))
    across = shown(camera)[:, 0]
    assert across[-1] - across[0] > 0.8 * 12 * FRAMES / RATE / W * 0.9, "the pan is meant"
    crops = [camera.at(t).crop for t in ticks]
    assert all(FULL.contains(c, 1e-9) for c in crops)
    assert len({round(c.h, 9) for c in crops}) == 1, "its size does not breathe"
    loss = camera.spans[0].paths[0].steady.loss  # type: ignore[union-attr]
    assert 0 < loss < 0.1
    again = with_shakes(steadied, source, analysis, Progress())
    assert again.people.shakes == analysis.people.shakes, "measured once"
    assert [s.times for s in AnalysisCache().all_of(source.key, "shake", Shake)] == [analysis.people.shakes[0].times]


def test_without_a_measurement_or_need_nothing_is_changed() -> None:
    source = Source("k", "/x", "x", 10 * S, 1920, 1080)
    shot = Segment("k", 0, 10 * S)
    short = Short.of("s", (shot,))
    steadied = framing_edits.set_steady(framing_edits.set_layout(short, shot, "follow").short, shot, True).short
    camera = plan(steadied, source, People((Shot(0, 10 * S),)))
    assert camera.spans[0].paths[0].steady is None
    back = framing_edits.set_layout(framing_edits.set_steady(steadied, shot, False).short, shot, None).short
    assert back == short
    assert with_shakes(short, source, Analysis("k", people=People((Shot(0, 10 * S),))), Progress()).people.shakes == ()


def test_a_jolt_is_followed_only_as_far_as_it_is_worth() -> None:
    times = tuple(range(0, 10 * S, 1_600))
    jolt = tuple(0.2 if n == 100 else 0.0 for n in range(len(times)))
    still = tuple(0.0 for _ in times)
    steady = steady_of((Shake(0, 10 * S, times, jolt, still),), 0, 10 * S, (FULL,))
    assert steady is not None
    assert max(steady.x) == MOST
    assert steady.loss <= 0.3
    assert steady_of((), 0, S, (FULL,)) is None
    with pytest.raises(ProjectError):
        Shake(0, 10, (0, 1), (0.0,), (0.0, 0.0))
