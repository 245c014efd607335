"""Where each layout puts its cells on the frame, and which crop of the picture fills one."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from standtall.base.geometry import FULL, Rect
from standtall.model.framing import Layout
from standtall.model.source import Source

CORNER: Final = (0.03, 0.02, 0.44)
"""Distance of the small picture of the layout Corner from the right and the top, and its width, in shares of the frame."""


@dataclass(frozen=True, slots=True)
class Cell:
    """A part of the frame (`target`, in shares of it) and the crop of the picture that fills it (in shares of the source)."""

    crop: Rect
    target: Rect = FULL


def frame_cells(
    layout: Layout,
    count: int,
    screen: Rect | None = None,
    aspect: float = 9 / 16,
    source: Source | None = None,
    share: float | None = None,
) -> tuple[Rect, ...]:
    """The targets of the cells of a layout for `count` people. For a screen with a face, the screen's cell is first and takes all
    the width that the screen's own shape (in pixels of the source) allows. `share` is that of the upper of two cells."""
    if layout == "stack" and count == 2 and share is not None:
        return Rect(0.0, 0.0, 1.0, share), Rect(0.0, share, 1.0, 1.0 - share)
    if layout == "stack":
        return tuple(Rect(0.0, i / count, 1.0, 1 / count) for i in range(count))
    if layout == "grid" and count == 2:
        return Rect(0.0, 0.0, 0.5, 1.0), Rect(0.5, 0.0, 0.5, 1.0)
    if layout == "grid":
        quarters = [Rect((i % 2) / 2, (i // 2) / 2, 0.5, 0.5) for i in range(count)]
        if count % 2:  # the last one has its row alone
            quarters[-1] = Rect(0.0, quarters[-1].y, 1.0, 0.5)
        return tuple(quarters)
    if layout == "screen" and screen is not None and source is not None:
        high = min(0.6, screen.h * source.height / (screen.w * source.width) * aspect)
        return Rect(0.0, 0.0, 1.0, high), Rect(0.0, high, 1.0, 1.0 - high)
    if layout == "corner" and screen is not None and source is not None:
        aside, down, wide = CORNER
        high = min(0.5, wide * screen.h * source.height / (screen.w * source.width) * aspect)
        return FULL, Rect(1.0 - aside - wide, down, wide, high)
    return (FULL,)


def crop_width(source: Source, aspect: float, height: float) -> float:
    """Width in shares of the source of a crop of `height` shares that is `aspect` wide for its height in pixels."""
    return height * source.height * aspect / source.width


def largest(source: Source, aspect: float) -> float:
    """Height in shares of the largest crop of that aspect which fits the picture."""
    return min(1.0, source.width / (source.height * aspect))


def holding(source: Source, part: Rect, aspect: float) -> Rect | None:
    """The smallest crop of an aspect (in pixels) that holds a part of the picture; None where none fits the picture."""
    w = max(part.w, crop_width(source, aspect, part.h))
    h = w * source.width / (aspect * source.height)
    if w > 1.0 + 1e-9 or h > 1.0 + 1e-9:
        return None
    return Rect(part.cx - w / 2, part.cy - h / 2, w, h).inside(FULL)
