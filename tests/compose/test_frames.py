"""Painting frames: what stays is not painted again, and never shows what it should not."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest

from standtall.base.geometry import Rect
from standtall.compose.layers.caption import CaptionLayer, ShownWord
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.frame import Frame
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import Asset, PictureLayer
from standtall.compose.painters.assets import MOST_OPEN, Assets
from standtall.compose.painters.frames import PAINTERS, FramePainter
from standtall.framing.cells import frame_cells
from standtall.ink.drawn import InkWord
from standtall.media.planes import Planes
from standtall.model.framing import Layout
from standtall.model.style import CaptionStyle
from standtall.model.timemap import SourceTime
from tests.conftest import make_clip, number_in

SIZE = (180, 320)
STYLE = CaptionStyle("Rubik", 600, size=0.05, plate="#f0e0d0ff", ink="#102030")


@pytest.fixture
def asset(clip: Path) -> Asset:
    return Asset("a", str(clip))


def frame(*layers: Layer) -> Frame:
    return Frame(0, 0, layers, SourceTime("a", 0))


def caption(text: str, middle: float = 0.5) -> CaptionLayer:
    return CaptionLayer((tuple(ShownWord("a", n, InkWord(t, STYLE)) for n, t in enumerate(text.split())),), STYLE, middle)


def same(ours: Planes, theirs: Planes) -> bool:
    return all(
        np.array_equal(a, b) for a, b in ((ours.y, theirs.y), (ours.u, theirs.u), (ours.v, theirs.v))
    )  # fmt: skip


class Counting(FramePainter):
    """Counts the layers that are painted."""

    count = 0

    def _painted(self, layer: Layer, picture: Planes | None, canvas: Planes):  # type: ignore[no-untyped-def]
        self.count += 1
        return super()._painted(layer, picture, canvas)

    def _covered(self, lowest: tuple[Layer, Planes | None]):  # type: ignore[no-untyped-def]
        canvas, painted = super()._covered(lowest)
        self.count += len(painted)
        return canvas, painted


def test_every_type_of_layer_has_its_painter() -> None:
    # by name: a dataclass with slots is made anew, and what it was made of is a subclass, too
    assert {kind.__name__ for kind in PAINTERS} == {kind.__name__ for kind in Layer.__subclasses__()}


def test_layers_that_stay_are_painted_once(asset: Asset) -> None:
    with Assets() as assets:
        painter = Counting(assets, *SIZE)
        still = PictureLayer(asset, 0)
        first = painter.paint(frame(still, caption("one two")))
        assert painter.count == 2
        assert painter.paint(frame(still, caption("one two"))) is first, "nothing has changed"
        assert painter.paint(frame(replace(still, tick=400), caption("one two"))) is first, "the same picture is on show"
        second = painter.paint(frame(still, caption("three")))
        assert painter.count == 3, "only the caption"
        assert same(second, FramePainter(assets, *SIZE).paint(frame(still, caption("three"))))
        assert same(first, FramePainter(assets, *SIZE).paint(frame(still, caption("one two")))), "what was given stays as it was"
        gone = painter.paint(frame(still))
        assert painter.count == 3
        assert same(gone, FramePainter(assets, *SIZE).paint(frame(still))), "the caption left nothing behind"


def test_any_order_of_frames_paints_what_a_fresh_painter_does(asset: Asset) -> None:
    box = PictureLayer(asset, 9_000, Rect(0.2, 0.2, 0.5, 0.5), Rect(0.1, 0.3, 0.5, 0.2), opacity=0.5)
    ground = PictureLayer(asset, 0, blur=0.02, brightness=0.6)
    stacks: list[tuple[Layer, ...]] = [
        (ground, box, caption("a b c")), (ground, caption("a b c", 0.3)), (FillLayer(), box), (FillLayer(),), (ground, box),
        (ground, FillLayer(), caption("d")), (ground, box, caption("a b c")), (PictureLayer(asset, 20_000), caption("a b c")),
    ]  # fmt: skip
    rng = np.random.default_rng(5)
    with Assets() as assets:
        painter = FramePainter(assets, *SIZE)
        for n in rng.integers(0, len(stacks), 60):
            assert same(painter.paint(frame(*stacks[n])), FramePainter(assets, *SIZE).paint(frame(*stacks[n]))), n


def test_two_moments_of_one_file_have_a_reader_each(clip: Path) -> None:
    with Assets() as assets:
        painter = FramePainter(assets, 320, 180)
        asset = Asset("a", str(clip))
        for n in range(3):
            early = PictureLayer(asset, n * 1_600, target=Rect(0, 0, 1, 0.5), crop=Rect(0, 0, 1, 0.5))
            late = PictureLayer(asset, 48_000 + n * 1_600, target=Rect(0, 0.5, 1, 0.5), crop=Rect(0, 0.5, 1, 0.5))
            shown = painter.paint(frame(FillLayer(), early, late))
            halves = [Planes(shown.y[a:b], shown.u, shown.v) for a, b in ((0, 90), (90, 180))]
            assert [number_in(h) for h in halves] == [n, 30 + n]
        assert len(assets._open) == 2


def test_copies_stand_for_the_files_they_are_of_and_few_files_are_open(tmp_path: Path) -> None:
    files = [make_clip(tmp_path / f"{n}.mp4", 10 + n) for n in range(MOST_OPEN + 2)]
    with Assets({"0": str(files[1])}) as assets:
        assert number_in(assets.picture(Asset("0", "/gone.mp4"), 16_000)) == 10, "the last picture of the copy"
        for n, file in enumerate(files):
            assets.picture(Asset(f"f{n}", str(file)), 0)
        assert len(assets._open) == MOST_OPEN


@pytest.mark.parametrize("size", [SIZE, (270, 482), (1080, 1920)])
@pytest.mark.parametrize(("layout", "count"), [("stack", 2), ("stack", 3), ("grid", 3), ("grid", 4)])
def test_cells_leave_no_pixel_of_the_frame(asset: Asset, layout: Layout, count: int, size: tuple[int, int]) -> None:
    """Told by a fill of another colour under them."""
    cells = tuple(PictureLayer(asset, 0, Rect(0.2, 0.2, 0.5, 0.5), target) for target in frame_cells(layout, count))
    with Assets() as assets:
        bare = FramePainter(assets, *size).paint(frame(*cells))
        under = FramePainter(assets, *size).paint(frame(FillLayer((235, 30, 200)), *cells))
    assert same(bare, under)


def test_what_no_layer_covers_is_black(asset: Asset) -> None:
    with Assets() as assets:
        planes = FramePainter(assets, *SIZE).paint(frame(PictureLayer(asset, 0, target=Rect(0, 0, 0.5, 0.5))))
    assert (planes.y[200:] == 16).all()
    assert (planes.u[100:] == 128).all()
