"""Whole pictures on their backdrops, and what parts cells."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.base.errors import ProjectError
from standtall.base.geometry import FULL, Rect
from standtall.compose.footage import Footage
from standtall.compose.layers.fill import FillLayer, colour_of
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import Asset, PictureLayer
from standtall.compose.layers.shadow import ShadowLayer
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.painters.shadow import rounded
from standtall.compose.producers.framing import FrameStyle, talk_layers
from standtall.framing.camera import plan
from standtall.media.planes import Planes
from standtall.model import framing_edits
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.framing import Backdrop, Bar, WholeStyle
from standtall.model.people import FaceSample, People, Shot, Track
from standtall.model.short import Short
from standtall.model.source import Source
from tests.compose.test_frames import SIZE, frame

S = 48_000
SOURCE = Source("k" * 24, "/a.mp4", "a", 10 * S, 1920, 1080)
SHORT = Short.of("s", (Segment(SOURCE.key, 0, 10 * S),))


def layers_of(style: FrameStyle, layout: str = "whole") -> tuple[Layer, ...]:
    tracks = tuple(
        Track(0, n, tuple(FaceSample(t, x, 0.3, 0.08, 0.2, 0.0) for t in range(0, 10 * S, S // 5)))
        for n, x in enumerate((0.2, 0.7))
    )
    people = People((Shot(0, 10 * S),), tracks, (), ("Ann", "Bo"))
    short = framing_edits.set_layout_of_all(SHORT, layout).short  # type: ignore[arg-type]
    return talk_layers(Footage(SOURCE, Analysis(SOURCE.key, people=people), plan(short, SOURCE, people)), S, style)


def painted(*layers: Layer, size: tuple[int, int] = SIZE) -> Planes:
    with Assets() as assets:
        return FramePainter(assets, *size).paint(frame(*layers))


@pytest.mark.parametrize(
    ("colour", "levels"),
    [("#000000", (16, 128, 128)), ("#ffffff", (235, 128, 128)), ("#ff0000", (63, 102, 240)), ("#00ff00", (173, 42, 26)),
     ("#0000ff", (32, 240, 118)), ("#ffff00", (219, 16, 138)), ("#00ffff", (188, 154, 16)), ("#ff00ff", (78, 214, 230))],
)  # fmt: skip
def test_colours_are_those_of_the_bars(colour: str, levels: tuple[int, int, int]) -> None:
    """The 100 % colour bars of ITU-R BT.709-6 in 8 bits, computed from its equations (values from memory)."""
    assert colour_of(colour) == levels


def test_a_picture_of_the_frames_width_lies_on_its_own_blur_at_first() -> None:
    behind, picture = layers_of(FrameStyle(9 / 16))
    assert isinstance(behind, PictureLayer)
    assert behind.blur > 0
    assert isinstance(picture, PictureLayer)
    assert (picture.crop, picture.target.w) == (FULL, 1.0)
    assert abs(picture.target.cy - 0.5) < 1e-9


def test_size_place_corners_and_shadow_are_as_asked() -> None:
    whole = WholeStyle(Backdrop("coloured", "#102030"), scale=0.8, down=0.1, radius=0.04, shadow=0.6)
    behind, shadow, picture = layers_of(FrameStyle(9 / 16, whole))
    assert behind == FillLayer(colour_of("#102030"))
    assert isinstance(picture, PictureLayer)
    assert abs(picture.target.w - 0.8) < 1e-9
    assert abs(picture.target.cy - 0.6) < 1e-9
    assert isinstance(shadow, ShadowLayer)
    assert (shadow.target, shadow.radius) == (picture.target, 0.04)


def test_what_is_larger_than_the_frame_shows_its_middle() -> None:
    _behind, picture = layers_of(FrameStyle(9 / 16, WholeStyle(scale=2.0)))
    assert isinstance(picture, PictureLayer)
    assert picture.target.w == 1.0
    assert abs(picture.crop.w - 0.5) < 1e-9
    assert abs(picture.crop.cx - 0.5) < 1e-9
    assert picture.crop.h == pytest.approx(1.0)
    (alone,) = layers_of(FrameStyle(16 / 9))
    assert alone == replace(alone, blur=0.0), "what fills the frame has nothing behind it"  # type: ignore[call-arg]


def test_a_picture_of_ones_own_lies_behind_and_gives_way_where_it_is_gone(tmp_path: Path) -> None:
    backdrop = Backdrop("picture", path="/wall.png", key="w" * 24)
    file = Source("w" * 24, "/wall.png", "wall", 5 * S, 1000, 1000)
    behind, _ = layers_of(FrameStyle(9 / 16, WholeStyle(backdrop), files={"/wall.png": file}))
    assert isinstance(behind, PictureLayer)
    assert (behind.asset.path, behind.blur) == ("/wall.png", 0.0)
    assert abs(behind.crop.w - 9 / 16) < 1e-9, "a square wall fills the frame with its middle"
    gone, _ = layers_of(FrameStyle(9 / 16, WholeStyle(backdrop)))
    assert isinstance(gone, PictureLayer)
    assert gone.blur > 0
    short = framing_edits.set_backdrop(SHORT, backdrop).short
    assert [f.path for f in short.files] == ["/wall.png"]


def test_bars_lie_where_cells_meet() -> None:
    style = FrameStyle(9 / 16, bar=Bar(0.02, "#ffffff"))
    *_, bar = layers_of(style, "stack")
    assert isinstance(bar, FillLayer)
    assert (bar.target.x, bar.target.w) == (0.0, 1.0)
    assert abs(bar.target.cy - 0.5) < 1e-9
    assert abs(bar.target.h - 0.02 * 9 / 16) < 1e-9
    assert not any(isinstance(layer, FillLayer) for layer in layers_of(FrameStyle(9 / 16), "stack"))


def test_two_colours_go_over_into_each_other_without_steps() -> None:
    planes = painted(FillLayer((40, 100, 140), (80, 140, 120)))
    rows = planes.y.astype(float).mean(axis=1)
    assert abs(rows[0] - 40) < 1
    assert abs(rows[-1] - 80) < 1
    assert np.abs(np.diff(rows)).max() < 0.8, "dithered: no row is a whole level from the next"


def test_a_shadow_darkens_around_what_throws_it_and_nowhere_else() -> None:
    ground = FillLayer((180, 128, 128))
    planes = painted(ground, ShadowLayer(Rect(0.3, 0.4, 0.4, 0.2), 0.02, 0.7), size=(360, 640))
    assert planes.y[340, 180] < 75, "under the middle"
    assert planes.y[0, 0] == planes.y[639, 359] == 180
    assert 75 < planes.y[300, 108] < 180, "soft at its edge"
    light = painted(ground, ShadowLayer(Rect(0.3, 0.4, 0.4, 0.2), 0.02, 0.0), size=(360, 640))
    assert (light.y == 180).all()


def test_corners_are_round_and_show_what_is_behind(clip: Path) -> None:
    asset = Asset("a", str(clip))
    place = Rect(0.1, 0.2, 0.8, 0.4)
    ground = FillLayer((235, 128, 128))
    flat = painted(ground, PictureLayer(asset, 0, target=place), size=(360, 640))
    round_ = painted(ground, PictureLayer(asset, 0, target=place, radius=0.1), size=(360, 640))
    assert round_.y[128, 36] == 235
    assert flat.y[128, 36] < 60
    assert np.array_equal(flat.y[200:320, 80:280], round_.y[200:320, 80:280]), "inside it is the same"
    mask = rounded(80, 60, 20)
    assert mask[0, 0] == 0
    assert mask[30, 0] == mask[0, 40] == 255
    assert abs(float(mask.sum()) / 255 - (80 * 60 - (4 - np.pi) * 20**2)) < 8, "the area of a box with round corners"


@pytest.mark.parametrize(
    "make",
    [lambda: WholeStyle(scale=3.0), lambda: WholeStyle(down=0.9), lambda: WholeStyle(radius=0.5), lambda: WholeStyle(shadow=2.0),
     lambda: Bar(0.5), lambda: Bar(colour="red"), lambda: Backdrop(colour="#12345"), lambda: Backdrop(lower="#gggggg")],
)  # fmt: skip
def test_what_cannot_be_shown_is_refused(make: object) -> None:
    with pytest.raises(ProjectError):
        make()  # type: ignore[operator]
