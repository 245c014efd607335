"""How the picture goes over a cut: straight, nearer by turns, or blended."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest

from standtall.base.time import TICKS
from standtall.compose.pictures import Pictures
from standtall.compose.scene import PUNCH, Edition, nearer
from standtall.framing.camera import View
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.people import FaceSample, People, Shot, Track
from standtall.model.short import Joins, Short
from standtall.model.source import Source
from standtall.model.timemap import Excerpt
from standtall.session.make import worked_out
from tests.conftest import grey

THREE = (Excerpt(0, TICKS), Excerpt(2 * TICKS, 3 * TICKS), Excerpt(4 * TICKS, 5 * TICKS))


@pytest.fixture
def brightening(tmp_path: Path) -> Source:
    """Six seconds of even grey that gets brighter by 20 a second."""
    path = tmp_path / "grey.mp4"
    with MovieWriter(path, 320, 180, Fraction(30), {"preset": "ultrafast", "crf": "4"}, sound=False) as writer:
        for n in range(180):
            writer.picture(grey(40 + n * 20 // 30))
    return probe(path)


def made(source: Source, joins: Joins, cut: int = 6 * TICKS) -> Edition:
    """One face that stays where it is, through shots that change at `cut`."""
    shots = (Shot(0, cut), Shot(cut, 6 * TICKS)) if cut < 6 * TICKS else (Shot(0, cut),)
    tracks = tuple(
        Track(n, 0, tuple(FaceSample(t, 0.45, 0.3, 0.1, 0.2, 0.0) for t in range(s.start, s.end, TICKS // 5))) for n, s in enumerate(shots)
    )
    short = Short("j", source.key, THREE, joins=joins, width=180, height=320, captions_on=False)
    return worked_out(short, source, Analysis(source.key, people=People(shots, tracks, (), ("Ada",))))


def test_pieces_are_nearer_by_turns_inside_one_camera_position(brightening: Source) -> None:
    edition = made(brightening, "punch")
    assert [j.near for j in edition.joins] == [False, True, False]
    wide, near = (edition.scene(n).view.crop for n in (10, 40))
    assert near.w == pytest.approx(wide.w / PUNCH)
    assert wide.contains(near)
    assert [j.near for j in made(brightening, "punch", 2 * TICKS).joins] == [False, False, True], "a change of shot needs none"
    assert [j.near for j in made(brightening, "straight").joins] == [False] * 3
    whole = View("whole", wide)
    assert nearer(whole) is whole


def test_a_blend_fades_from_one_piece_to_the_next(brightening: Source) -> None:
    edition = made(brightening, "blend")
    assert edition.scene(29).under is None
    shares = [under.share for n in range(30, 40) if (under := edition.scene(n).under) is not None]
    assert len(shares) == 5
    assert shares == sorted(shares, reverse=True)
    with Pictures(brightening.path, 0) as reader:
        levels = [float(np.median(_luma(reader.painted(edition.scene(n), 180, 320, None)))) for n in (29, 30, 32, 34, 36)]
    assert levels == sorted(levels)
    assert levels[1] < levels[0] + 8, "the first picture is mostly the one before"
    assert levels[-1] == pytest.approx(levels[0] + 24, abs=4)


def test_pieces_that_meet_are_one_picture(brightening: Source) -> None:
    split = (Excerpt(0, TICKS), Excerpt(TICKS, 2 * TICKS))
    for joins in ("punch", "blend"):
        edition = made(brightening, joins)
        again = worked_out(replace(edition.short, excerpts=split), brightening, Analysis(brightening.key))
        assert [(j.near, j.blends) for j in again.joins] == [(False, False)] * 2


def _luma(planes: Planes) -> np.ndarray:
    return planes.y[100:200]
