"""Extras on frames: when they are on, what they look like, and that clips before and after move nothing else."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtGui import QColor, QImage

from standtall.base.geometry import FULL, Rect
from standtall.compose.composition import Composition
from standtall.compose.layers.bar import BarLayer
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.image import ImageLayer
from standtall.compose.layers.light import LightLayer
from standtall.compose.layers.picture import Asset, PictureLayer
from standtall.compose.layers.shadow import ShadowLayer
from standtall.compose.layers.text import TextLayer
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.bar import filled
from standtall.compose.painters.frames import FramePainter
from standtall.compose.producers.cutaways import moved_crop, squeezed
from standtall.compose.producers.framing import seen_at
from standtall.ink.drawn import STEPS
from standtall.ink.placed_pictures import picture_key
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.model import extra_edits
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.extents import OpeningExtent, PassageExtent
from standtall.model.extras import BarExtra, Clip, Cutaway, Extra, LightExtra, PictureExtra, TextExtra
from standtall.model.short import Short
from standtall.model.source import Source
from tests.helpers import composed, small_short

S = 48_000


def with_extras(source: Source, analysis: Analysis, *extras: Extra, captions: bool = False) -> Composition:
    short = small_short("x", source.key, (20 * S, 26 * S), (40 * S, 44 * S), captions=captions)
    return composed(extra_edits.put_all_in(short, extras, "x").short if extras else short, source, analysis)


def painted(made: Composition, number: int) -> Planes:
    output = made.short.output
    with Assets() as assets:
        return FramePainter(assets, output.width, output.height).paint(made.frame(number))


def kinds(made: Composition, number: int) -> list[type]:
    return [type(layer) for layer in made.frame(number).layers]


def still(path: Path, colour: str = "#00ff00", size: tuple[int, int] = (320, 180)) -> Path:
    image = QImage(*size, QImage.Format.Format_RGB32)
    image.fill(QColor(colour))
    assert image.save(str(path))
    return path


def test_extras_are_on_for_their_extents_and_lie_in_their_order(demo_source: Source, demo_analysis: Analysis) -> None:
    star = picture_key("sticker:star")
    made = with_extras(
        demo_source, demo_analysis,
        TextExtra(0, "Headline", OpeningExtent(2 * S), True),
        PictureExtra(0, "sticker:star", star, extent=PassageExtent(demo_source.key, 25 * S, 41 * S)),
        LightExtra(0, "grain"), captions=True,
    )  # fmt: skip
    assert kinds(made, 30)[-3:] == [LightLayer, TextLayer, CaptionLayer]
    assert TextLayer not in kinds(made, 61)
    rate = float(made.fps)
    on = [n for n in range(made.frames) if ImageLayer in kinds(made, n)]
    assert (on[0], on[-1]) == (round(5 * rate), round(7 * rate) - 1), "over the cut, and no further"
    layers = kinds(made, 155)
    assert layers.index(LightLayer) < layers.index(ImageLayer), "light lies under what is put on the picture"


def test_a_progress_bar_is_exact_in_every_frame(demo_source: Source, demo_analysis: Analysis) -> None:
    made = with_extras(demo_source, demo_analysis, BarExtra(0, thickness=0.05, ground="#000000", colour="#ffffff"))
    width, height = made.short.output.width, made.short.output.height
    for number in (0, 1, 77, 150, made.frames - 2, made.frames - 1):
        row = painted(made, number).y[height - 4].astype(float)
        covered = ((row - 16) / (235 - 16)).sum()
        assert covered == pytest.approx((number + 1) / made.frames * width, abs=0.02 * width / 10 + 0.05)
    assert painted(made, made.frames - 1).y[height - 4].min() == 235, "full in the last frame"


@pytest.mark.parametrize("edge", ["top", "bottom", "left", "right"])
def test_a_bar_is_flush_with_its_edge(demo_source: Source, demo_analysis: Analysis, edge: str) -> None:
    made = with_extras(demo_source, demo_analysis, BarExtra(0, edge=edge, thickness=0.05, colour="#ffffff"))  # type: ignore[arg-type]
    y = painted(made, made.frames - 1).y
    line = {"top": y[0], "bottom": y[-1], "left": y[:, 0], "right": y[:, -1]}[edge]
    assert line.min() >= 234


def test_a_round_bar_covers_what_a_capsule_covers() -> None:
    mask = filled(20, 200, 0.5, True)
    assert mask.sum() == pytest.approx(80 * 20 + np.pi * 100, rel=0.01)
    assert mask[0, 0] == 0
    assert mask[10, 99] > 0.4
    assert filled(20, 200, 1.0, False).min() == 1


def test_a_text_fits_the_width_and_comes_and_goes(demo_source: Source, demo_analysis: Analysis) -> None:
    long = TextExtra(
        0, "Extraordinarily long-winded considerations", OpeningExtent(3 * S), True, style={"entrance": "fade", "exit": "fade"}
    )
    made = with_extras(demo_source, demo_analysis, long)
    (layer,) = (k for k in made.frame(0).layers if isinstance(k, TextLayer))
    assert layer.come < STEPS
    (whole,) = (k for k in made.frame(45).layers if isinstance(k, TextLayer))
    assert (whole.come, whole.go) == (STEPS, 0)
    (last,) = (k for k in made.frame(89).layers if isinstance(k, TextLayer))
    assert last.go > 0
    with Assets() as assets:
        painter = FramePainter(assets, 270, 480)
        painter.paint(made.frame(45))
        boxes = [p.box for p in painter._last if isinstance(p.layer, TextLayer)]
    assert boxes[0][0] >= 0
    assert boxes[0][2] <= 270
    assert boxes[0][2] - boxes[0][0] > 150, "the letters are as large as the width allows"


def test_a_picture_stands_in_its_corner_with_its_proportions(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    file = still(tmp_path / "logo.png", "#ffffff", (80, 40))
    logo = PictureExtra(0, str(file), picture_key(str(file)), "logo", corner="bottom right", size=0.4, margin=0.1)
    made = with_extras(demo_source, demo_analysis, logo)
    white = np.argwhere(painted(made, 10).y != painted(with_extras(demo_source, demo_analysis), 10).y)
    top, left = white.min(axis=0)
    bottom, right = white.max(axis=0)
    assert (right - left + 1, bottom - top + 1) == pytest.approx((108, 54), abs=2)
    assert (270 - right - 1, 480 - bottom - 1) == pytest.approx((27, 27), abs=2)


def test_a_picture_that_changed_or_is_gone_is_told_and_left_out(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:
    file = still(tmp_path / "logo.png")
    extra = PictureExtra(0, str(file), picture_key(str(file)), "logo")
    assert with_extras(demo_source, demo_analysis, extra).missing == ()
    still(file, "#0000ff")
    assert with_extras(demo_source, demo_analysis, extra).missing == (str(file),)
    file.unlink()
    made = with_extras(demo_source, demo_analysis, extra)
    assert made.missing == (str(file),)
    assert painted(made, 5).y.shape == (480, 270), "the frame is painted without it"


@pytest.mark.parametrize("light", ["grain", "warm", "flash", "tape"])
def test_a_light_effect_changes_the_picture_by_its_strength_and_never_leaves_the_range(
    demo_source: Source, demo_analysis: Analysis, light: str
) -> None:
    plain = painted(with_extras(demo_source, demo_analysis), 2).y.astype(float)
    away = []
    for strength in (0.2, 0.9):
        made = painted(with_extras(demo_source, demo_analysis, LightExtra(0, light, strength=strength)), 2)  # type: ignore[arg-type]
        away.append(float(np.abs(made.y.astype(float) - plain).mean()))
    assert 0 < away[0] < away[1]


def test_grain_moves_and_does_not_repeat_from_frame_to_frame(demo_source: Source, demo_analysis: Analysis) -> None:
    made = with_extras(demo_source, demo_analysis, LightExtra(0, "grain", strength=1.0))
    frame = made.frame(10)
    first = replace(frame, layers=(*frame.layers[:-1], replace(frame.layers[-1], into=3)))  # type: ignore[type-var]
    second = replace(frame, layers=(*frame.layers[:-1], replace(frame.layers[-1], into=4)))  # type: ignore[type-var]
    with Assets() as assets:
        painter = FramePainter(assets, 270, 480)
        one, two = painter.paint(first).y.copy(), painter.paint(second).y.copy()
    assert not np.array_equal(one, two)


# cutaways


def over(source: Source, analysis: Analysis, file: Path, **fields: object) -> Composition:
    found = probe(file)
    cutaway = Cutaway(str(file), found.key, Segment(source.key, 21 * S, 24 * S), **fields)  # type: ignore[arg-type]
    short = small_short("x", source.key, (20 * S, 26 * S), captions=False)
    return composed(extra_edits.put_cutaway(short, cutaway).short, source, analysis)


def test_a_cutaway_is_shown_over_all_in_a_window_or_beside(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    file = still(tmp_path / "green.png")
    full = over(demo_source, demo_analysis, file)
    assert kinds(full, 60) == [PictureLayer]
    window = over(demo_source, demo_analysis, file, placing="window")
    assert kinds(window, 60)[-2:] == [ShadowLayer, PictureLayer]
    assert len(kinds(window, 60)) > 2, "the talk is seen around it"
    beside = over(demo_source, demo_analysis, file, placing="beside").frame(60).layers
    targets = [k.target for k in beside if isinstance(k, PictureLayer)]
    assert min(t.y for t in targets[:-1]) >= 0.5 - 1e-6, "the talk is below"
    assert targets[-1] == Rect(0.0, 0.0, 1.0, 0.5)
    assert kinds(full, 5) == kinds(window, 5), "before it begins there is the talk"


def test_a_cutaway_behind_people_leaves_them_to_be_seen(
    demo_source: Source, demo_analysis: Analysis, tmp_path: Path
) -> None:  # fmt: skip
    file = still(tmp_path / "green.png")
    made = over(demo_source, demo_analysis, file, placing="behind", fit="whole")
    layers = made.frame(60).layers
    shown = layers[-1]
    assert isinstance(shown, PictureLayer)
    assert (shown.behind_people, shown.target) == (True, FULL), "it is cropped to fill the frame"
    width, height = made.short.output.width, made.short.output.height
    bare, plain = replace(made.frame(60), layers=layers[:-1]), over(demo_source, demo_analysis, file)
    with Assets() as assets:
        with_it, talk, full = (
            FramePainter(assets, width, height).paint(frame).y.astype(int)
            for frame in (made.frame(60), bare, plain.frame(60))
        )  # fmt: skip
    head = max(seen_at(made.footage, made.time_map, made.middle_of(60), writing=False), key=lambda box: box.h)
    rows = slice(round((head.cy - head.h / 4) * height), round((head.cy + head.h / 4) * height))
    columns = slice(round((head.cx - head.w / 4) * width), round((head.cx + head.w / 4) * width))
    assert np.abs(with_it - talk)[rows, columns].mean() < 3, "the face is that of the talk"
    assert np.abs(with_it - full)[: height // 12].mean() < 3, "the wall is gone"
    assert np.abs(talk - full)[: height // 12].mean() > 20


def test_a_whole_cutaway_shows_all_of_its_picture(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    file = still(tmp_path / "wide.png", size=(320, 180))
    layers = over(demo_source, demo_analysis, file, fit="whole").frame(60).layers
    assert isinstance(layers[-1], PictureLayer)
    assert layers[-1].crop == FULL
    assert layers[-1].target.w * 270 / (layers[-1].target.h * 480) == pytest.approx(16 / 9, rel=0.01)
    assert layers[0].blur > 0, "on a blurred ground of itself"  # type: ignore[attr-defined]


def test_stills_move_slowly_and_stay_inside_their_picture(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    file = still(tmp_path / "a.png")
    made = over(demo_source, demo_analysis, file, move="right")
    crops = [made.frame(n).layers[0].crop for n in range(30, 120)]  # type: ignore[attr-defined]
    steps = np.diff([c.x for c in crops])
    assert steps.min() >= 0
    assert crops[-1].x > crops[0].x + 0.02
    for move in ("nearer", "away", "left", "right"):
        for share in (0.0, 0.3, 1.0):
            crop = moved_crop(Rect(0.2, 0.0, 0.3, 1.0), move, share)  # type: ignore[arg-type]
            assert Rect(0.2, 0.0, 0.3, 1.0).contains(crop, 1e-9)


def test_what_is_squeezed_beside_a_cutaway_is_not_stretched() -> None:
    layer = PictureLayer(Asset("k", "/a"), 0, Rect(0.3, 0.0, 0.3, 1.0))
    (made,) = squeezed((layer,), Rect(0.0, 0.5, 1.0, 0.5), Rect(0.4, 0.2, 0.2, 0.2))
    assert isinstance(made, PictureLayer)
    assert made.target == Rect(0.0, 0.5, 1.0, 0.5)
    assert made.crop.h / made.crop.w == pytest.approx(layer.crop.h / layer.crop.w / 2)
    assert made.crop.y <= 0.2 <= made.crop.bottom, "the face is in it"


# clips before and after


def test_clips_before_and_after_move_no_word_and_no_extra(demo_source: Source, demo_analysis: Analysis, tmp_path: Path) -> None:
    file = still(tmp_path / "title.png")
    key = probe(file).key
    short = small_short("x", demo_source.key, (20 * S, 26 * S))
    short = extra_edits.put_in(short, TextExtra(0, "T", OpeningExtent(S))).short
    short = extra_edits.put_in(short, BarExtra(0)).short
    plain = composed(short, demo_source, demo_analysis)
    longer = extra_edits.set_clip(
        extra_edits.set_clip(short, "opening", Clip(str(file), key, 2 * S)).short, "closing", Clip(str(file), key, S)
    ).short
    made = composed(longer, demo_source, demo_analysis)
    lead = round(2 * float(made.fps))
    assert (made.lead, made.frames) == (lead, plain.frames + lead + round(float(made.fps)))
    assert kinds(made, 0) == [PictureLayer, BarLayer]
    for number in range(plain.frames):
        ours, theirs = made.frame(number + lead), plain.frame(number)
        assert ours.tick == theirs.tick
        assert [k for k in ours.layers if not isinstance(k, BarLayer)] == [
            k for k in theirs.layers if not isinstance(k, BarLayer)
        ]
    assert kinds(made, made.frames - 1) == [PictureLayer, BarLayer]
    assert made.frame(made.frames - 1).layers[-1].share == 1.0  # type: ignore[attr-defined]
    assert made.frame_at(0) == lead
    assert made.length == 9 * S


def test_a_clip_that_is_gone_leaves_dark_frames_and_is_told(demo_source: Source, demo_analysis: Analysis) -> None:
    short = extra_edits.set_clip(small_short("x", demo_source.key, (20 * S, 22 * S)), "opening", Clip("/gone.mp4", "k", S)).short
    made = composed(short, demo_source, demo_analysis)
    assert made.missing == ("/gone.mp4",)
    assert painted(made, 0).y.max() < 60


def test_a_frame_with_everything_painted_in_any_order_is_the_same(demo_source: Source, demo_analysis: Analysis) -> None:
    """What is kept from the frame before never shows: each frame equals the one painted by itself."""
    star = picture_key("sticker:bell-ringing")
    made = with_extras(
        demo_source, demo_analysis, TextExtra(0, "Headline", OpeningExtent(2 * S), True, style={"entrance": "rise"}),
        PictureExtra(0, "sticker:bell-ringing", star, rotation=10.0, entrance="grow"), BarExtra(0, round=True, margin=0.05),
        LightExtra(0, "tape"), captions=True,
    )  # fmt: skip
    with Assets() as assets:
        painter = FramePainter(assets, 270, 480)
        for number in (0, 1, 2, 40, 41, 59, 60, 61, 179, 180, 181, 3):
            one = painter.paint(made.frame(number))
            other = painted(made, number)
            for a, b in ((one.y, other.y), (one.u, other.u), (one.v, other.v)):
                assert np.array_equal(a, b), number


def test_shorts_without_extras_are_as_before(demo_source: Source, demo_analysis: Analysis) -> None:
    made = composed(Short.of("x", (Segment(demo_source.key, 20 * S, 22 * S),)), demo_source, demo_analysis)
    assert made.lead == 0
    assert made.extras.placed == ()
