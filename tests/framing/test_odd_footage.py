"""Footage that nobody plans for: sensible framing and no failure, from the pictures to the crop."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import cv2
import numpy as np
import pytest

from standtall.base.geometry import FULL
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import Camera, plan
from standtall.framing.setups import setups
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.framing import LAYOUT_TITLES, Layout
from standtall.model.people import FaceSample, People, Shot, Talk, Track
from standtall.model.short import Short
from standtall.model.source import Source
from tests.seeing import find_faces

S = TICKS_PER_SECOND
RATE = 25
LAYOUTS = tuple(LAYOUT_TITLES)


def written(path: Path, pictures: list[np.ndarray]) -> Source:
    """Grey pictures (height, width) as footage."""
    high, wide = pictures[0].shape
    half = np.full((high // 2, wide // 2), 128, np.uint8)
    with MovieWriter(path, wide, high, Fraction(RATE), {"preset": "ultrafast", "crf": "12"}, sound=False) as writer:
        for picture in pictures:
            writer.picture(Planes(np.ascontiguousarray(picture), half, half))
    return probe(path)


def texture(high: int, wide: int, seed: int = 0) -> np.ndarray:
    rough = np.random.default_rng(seed).integers(20, 230, (high // 12, wide // 12), np.uint8)
    return cv2.resize(rough, (wide, high), interpolation=cv2.INTER_CUBIC)


def framed(source: Source, people: People) -> list[Camera]:
    """The camera of each layout; every crop at every frame lies inside the picture and has the shape of its cell."""
    out = []
    for layout in (None, *LAYOUTS):
        short = Short.of("a", (Segment(source.key, 0, source.length),))
        short = framing_edits.set_layout_of_all(short, layout).short
        camera = plan(short, source, people, everywhere=True)
        for tick in range(0, source.length, max(1, source.length // 60)):
            view = camera.at(tick)
            for cell in view.cells:
                assert FULL.contains(cell.crop, 1e-6), (layout, tick)
                if view.layout != "whole":
                    shape = cell.crop.w * source.width / (cell.crop.h * source.height)
                    assert shape == pytest.approx(9 / 16 * cell.target.w / cell.target.h, rel=0.01), (layout, tick)
        assert camera.spans[0].start == 0
        assert all(a.end == b.start for a, b in zip(camera.spans, camera.spans[1:], strict=False))
        out.append(camera)
    return out


FOOTAGE = {
    "black": [np.full((180, 320), 16, np.uint8)] * 40,
    "flashing": [np.full((180, 320), 235 if n % 2 else 16, np.uint8) for n in range(60)],
    "one pixel of movement": [np.roll(texture(180, 320), n % 2, axis=1) for n in range(50)],
    "portrait": [texture(320, 180)] * 30,
    "square": [texture(240, 240)] * 30,
    "very wide": [texture(64, 640)] * 30,
    "five frames": [texture(180, 320)] * 5,
    "one frame": [texture(180, 320)],
}


@pytest.mark.parametrize("name", list(FOOTAGE))
def test_odd_pictures_are_framed(name: str, tmp_path: Path) -> None:
    source = written(tmp_path / "odd.mp4", FOOTAGE[name])
    people = find_faces(source)
    assert len(people.shots) == 1, "none of these is a change of shot"
    assert people.tracks == ()
    suggested, *_ = framed(source, people)
    assert suggested.at(0).layout == "whole", "nobody is in view"


def crowd(count: int, seconds: int) -> tuple[Track, ...]:
    """People side by side, as many as fit or more, who sway."""
    at = np.arange(0, seconds * S, 3_200)
    return tuple(
        Track(
            0,
            n,
            tuple(FaceSample(int(t), (n + 0.2) / count + 0.002 * np.sin(t / S), 0.4, 0.5 / count, 0.8 / count, 0.0) for t in at),
        )
        for n in range(count)
    )


def test_thirty_people_who_all_talk_are_framed() -> None:
    source = Source("k", "/x", "x", 30 * S, 1920, 1080)
    talk = tuple(Talk(n * S, n * S + S, n, 1.0) for n in range(30))
    framed(source, People((Shot(0, 30 * S),), crowd(30, 30), talk, tuple(f"P{n}" for n in range(30))))


@pytest.mark.parametrize("size", [(1080, 1920), (1080, 1080), (4096, 512), (96, 64)])
def test_faces_in_footage_of_any_shape_are_framed(size: tuple[int, int]) -> None:
    source = Source("k", "/x", "x", 10 * S, *size)
    framed(source, People((Shot(0, 10 * S),), crowd(2, 10), (Talk(0, 5 * S, 0, 1.0), Talk(5 * S, 10 * S, 1, 1.0)), ("A", "B")))


def test_fifteen_hundred_shots_are_planned_and_grouped() -> None:
    count, dice = 1_500, np.random.default_rng(1)
    looks = [tuple(int(v) for v in dice.integers(0, 255, 144)) for _ in range(700)]
    shots = tuple(Shot(n * S, (n + 1) * S, looks[n % 700]) for n in range(count))
    tracks = tuple(
        Track(n, n % 5, tuple(FaceSample(n * S + k * 4_800, 0.3, 0.3, 0.1, 0.2, 0.0) for k in range(10))) for n in range(count)
    )
    people = People(shots, tracks, tuple(Talk(n * S, n * S + S // 2, n % 5, 1.0) for n in range(count)), tuple("ABCDE"))
    source = Source("k", "/x", "x", count * S, 1920, 1080)
    camera = plan(Short.of("a", (Segment("k", 0, count * S),)), source, people, everywhere=True)
    assert len(camera.spans) == count
    groups = setups(people)
    assert sum(map(len, groups)) == count
    assert max(map(len, groups)) <= 3, "700 cameras, and only the newest are compared with"


def test_a_shot_of_ten_minutes_is_one_path_and_a_layout_that_is_asked_for_is_given() -> None:
    source = Source("k", "/x", "x", 600 * S, 1920, 1080)
    at = np.arange(0, 600 * S, 3_200)
    walk = 0.45 + 0.3 * np.sin(at / S / 20)
    track = Track(0, 0, tuple(FaceSample(int(t), float(x), 0.3, 0.09, 0.2, 0.0) for t, x in zip(at, walk, strict=True)))
    people = People((Shot(0, 600 * S),), (track,), (Talk(0, 600 * S, 0, 1.0),), ("A",))
    cameras = framed(source, people)
    wanted: tuple[Layout, ...] = ("follow", "whole", "stack", "grid")
    assert [c.at(300 * S).layout for c in cameras[1:5]] == list(wanted)
    assert len(cameras[0].spans) == 1
    inside = [cameras[0].at(int(t)).crop.contains(track.samples[k * 100].rect) for k, t in enumerate(at[::100])]
    assert all(inside)
