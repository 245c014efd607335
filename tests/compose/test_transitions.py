"""How the picture goes over a cut: straight, nearer by turns, or blended."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import numpy as np
import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.producers.framing import PUNCH, nearer
from standtall.framing.cells import Cell
from standtall.framing.spans import View
from standtall.media.probe import probe
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.cut import Transitions
from standtall.model.framing import ShotFraming
from standtall.model.people import FaceSample, People, Shot, Track
from standtall.model.source import Source
from tests.conftest import grey
from tests.helpers import composed, small_short

S = TICKS_PER_SECOND
THREE = ((0, S), (2 * S, 3 * S), (4 * S, 5 * S))
SIZE = (180, 320)


@pytest.fixture
def brightening(tmp_path: Path) -> Source:
    """Six seconds of even grey that gets brighter by 20 a second."""
    path = tmp_path / "grey.mp4"
    with MovieWriter(path, 320, 180, Fraction(30), {"preset": "ultrafast", "crf": "4"}, sound=False) as writer:
        for n in range(180):
            writer.picture(grey(40 + n * 20 // 30))
    return probe(path)


def one_face(source: Source, cut: int) -> Analysis:
    """One face that stays where it is, through shots that change at `cut`."""
    shots = (Shot(0, cut), Shot(cut, 6 * S)) if cut < 6 * S else (Shot(0, cut),)
    tracks = tuple(
        Track(n, 0, tuple(FaceSample(t, 0.45, 0.3, 0.1, 0.2, 0.0) for t in range(s.start, s.end, S // 5)))
        for n, s in enumerate(shots)
    )
    return Analysis(source.key, people=People(shots, tracks, (), ("Ada",)))


def made(source: Source, transitions: Transitions, cut: int = 6 * S) -> Composition:
    short = small_short("j", source.key, *THREE, size=SIZE, captions=False, transitions=transitions)
    return composed(short, source, one_face(source, cut))


def pictures(composition: Composition, number: int) -> list[PictureLayer]:
    return [layer for layer in composition.frame(number).layers if isinstance(layer, PictureLayer)]


def test_segments_are_nearer_by_turns_inside_one_camera_position(brightening: Source) -> None:
    composition = made(brightening, "punch")
    assert [t.near for t in composition.transitions] == [False, True, False]
    wide, near = (pictures(composition, n)[0].crop for n in (10, 40))
    assert near.w == pytest.approx(wide.w / PUNCH)
    assert wide.contains(near)
    other_shot = made(brightening, "punch", 2 * S)
    assert [t.near for t in other_shot.transitions] == [False, False, True], "a change of shot needs none"
    assert [t.near for t in made(brightening, "straight").transitions] == [False] * 3
    whole = View("whole", (Cell(wide),))
    assert nearer(whole) is whole


def test_a_blend_fades_from_one_segment_to_the_next(brightening: Source) -> None:
    composition = made(brightening, "blend")
    assert len(pictures(composition, 29)) == 1
    shares = [layers[1].opacity for n in range(30, 40) if len(layers := pictures(composition, n)) == 2]
    assert len(shares) == 5
    assert shares == sorted(shares, reverse=True)
    with Assets() as assets:
        painter = FramePainter(assets, *SIZE)
        levels = [float(np.median(painter.paint(composition.frame(n)).y[100:200])) for n in (29, 30, 32, 34, 36)]
    assert levels == sorted(levels)
    assert levels[1] < levels[0] + 8, "the first picture is mostly the one before"
    assert levels[-1] == pytest.approx(levels[0] + 24, abs=4)


def test_a_blend_of_fitted_pictures_is_that_of_the_whole_frames(brightening: Source) -> None:
    """Layer by layer against the two frames blended by the formula."""
    analysis = one_face(brightening, 6 * S)
    plain = small_short("j", brightening.key, *THREE, size=SIZE, captions=False, transitions="blend")
    framing = plain.framing.with_shot(brightening.key, 0, 6 * S, ShotFraming(brightening.key, 0, "whole"))
    composition = composed(
        type(plain)(plain.name, plain.cut, framing, plain.captions, output=plain.output), brightening, analysis
    )
    layers = pictures(composition, 31)
    assert len(layers) == 4
    share = layers[1].opacity
    arriving, leaving = layers[0::2], layers[1::2]
    with Assets() as assets:
        frame = composition.frame(31)
        whole = FramePainter(assets, *SIZE).paint(frame).y.astype(float)
        sides = []
        for side in (arriving, leaving):
            opaque = tuple(PictureLayer(x.asset, x.tick, x.crop, x.target, 1.0, x.blur, x.brightness) for x in side)
            painted = FramePainter(assets, *SIZE).paint(type(frame)(frame.number, frame.tick, opaque, frame.heard))
            sides.append(painted.y.astype(float))
    assert np.abs(whole - (sides[0] * (1 - share) + sides[1] * share)).max() <= 1.0


def test_segments_that_meet_are_one_picture(brightening: Source) -> None:
    for transitions in ("punch", "blend"):
        short = small_short("j", brightening.key, (0, S), (S, 2 * S), size=SIZE, transitions=transitions)
        again = composed(short, brightening, Analysis(brightening.key))
        assert [(t.near, t.kind) for t in again.transitions] == [(False, "cut")] * 2
