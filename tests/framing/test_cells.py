"""Where layouts put their cells: they fill the frame without a gap, and crops have the shape of their cells."""

from __future__ import annotations

import pytest

from standtall.base.geometry import Rect
from standtall.framing.cells import crop_width, frame_cells, holding, largest
from standtall.model.source import Source

SOURCE = Source("k", "/x", "x", 100, 1920, 1080)


@pytest.mark.parametrize(("layout", "count"), [("stack", 2), ("stack", 3), ("grid", 3), ("grid", 4), ("follow", 1)])
def test_cells_fill_the_frame(layout: str, count: int) -> None:
    cells = frame_cells(layout, count)  # type: ignore[arg-type]
    assert len(cells) == count
    assert sum(c.w * c.h for c in cells) == pytest.approx(1)
    assert all(a is b or a.overlap(b) == 0 for a in cells for b in cells)


def test_a_screen_takes_the_width_and_keeps_its_shape() -> None:
    screen = Rect(0.04, 0.1, 0.6, 0.6)
    top, below = frame_cells("screen", 2, screen, 9 / 16, SOURCE)
    assert (top.w, below.y) == (1.0, top.h)
    assert top.h + below.h == pytest.approx(1)
    assert (top.w * 1080) / (top.h * 1920) == pytest.approx(screen.w * 1920 / (screen.h * 1080))


def test_a_crop_that_holds_a_part_is_the_smallest_of_its_shape() -> None:
    part = Rect(0.1, 0.2, 0.3, 0.3)
    crop = holding(SOURCE, part, 16 / 9)
    assert crop is not None
    assert (crop.x, crop.y, crop.w, crop.h) == pytest.approx((part.x, part.y, part.w, part.h))
    tall = holding(SOURCE, part, 1.0)
    assert tall is not None
    assert tall.contains(part, slack=1e-9)
    assert tall.w * 1920 == pytest.approx(tall.h * 1080)
    assert holding(SOURCE, Rect(0, 0, 1, 1), 1.0) is None, "a whole wide picture is in no square of it"


def test_the_largest_crop_fits() -> None:
    assert largest(SOURCE, 9 / 16) == 1
    assert largest(SOURCE, 32 / 9) == pytest.approx(0.5)
    assert crop_width(SOURCE, 9 / 16, 1.0) == pytest.approx((9 / 16) ** 2)
