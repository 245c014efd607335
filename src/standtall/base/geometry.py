"""Rectangles in pixels or in shares of a picture."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final


@dataclass(frozen=True, slots=True)
class Rect:
    """A rectangle: left, top, width, height; the unit is that of the picture it lies in."""

    x: float
    y: float
    w: float
    h: float

    @property
    def right(self) -> float:
        return self.x + self.w

    @property
    def bottom(self) -> float:
        return self.y + self.h

    @property
    def cx(self) -> float:
        return self.x + self.w / 2

    @property
    def cy(self) -> float:
        return self.y + self.h / 2

    @property
    def area(self) -> float:
        return max(0.0, self.w) * max(0.0, self.h)

    def scaled(self, sx: float, sy: float) -> Rect:
        """The same rectangle on a picture that is `sx` times as wide and `sy` times as high."""
        return Rect(self.x * sx, self.y * sy, self.w * sx, self.h * sy)

    def overlap(self, other: Rect) -> float:
        """Intersection over union, 0..1."""
        w = min(self.right, other.right) - max(self.x, other.x)
        h = min(self.bottom, other.bottom) - max(self.y, other.y)
        if w <= 0 or h <= 0:
            return 0.0
        return w * h / (self.area + other.area - w * h)

    def contains(self, other: Rect, slack: float = 0.0) -> bool:
        """True when `other` lies inside, give or take `slack`."""
        return (
            other.x >= self.x - slack
            and other.y >= self.y - slack
            and other.right <= self.right + slack
            and other.bottom <= self.bottom + slack
        )

    def common(self, other: Rect) -> Rect:
        """What lies in both; of no width or height where nothing does."""
        x, y = max(self.x, other.x), max(self.y, other.y)
        return Rect(x, y, max(0.0, min(self.right, other.right) - x), max(0.0, min(self.bottom, other.bottom) - y))

    def inside(self, bounds: Rect) -> Rect:
        """This rectangle moved, not resized, so that it lies within `bounds` as far as it fits."""
        x = min(max(self.x, bounds.x), max(bounds.x, bounds.right - self.w))
        y = min(max(self.y, bounds.y), max(bounds.y, bounds.bottom - self.h))
        return Rect(x, y, self.w, self.h)


FULL: Final = Rect(0.0, 0.0, 1.0, 1.0)
"""The whole of a picture or frame, in shares of it."""
