"""Where layers lie on a frame, in pixels."""

from __future__ import annotations

from standtall.base.geometry import FULL, Rect


def box_of(target: Rect, width: int, height: int) -> tuple[int, int, int, int]:
    """The place of a layer in pixels: left, top, width and height, all even."""
    if target == FULL:
        return 0, 0, width, height
    x, y = (max(0, round(v / 2) * 2) for v in (target.x * width, target.y * height))
    right, bottom = (round(v / 2) * 2 for v in (target.right * width, target.bottom * height))  # so that neighbours meet
    return x, y, max(2, min(right, width) - x), max(2, min(bottom, height) - y)
