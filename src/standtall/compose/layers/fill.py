"""One colour, or one that goes over into another, over a part of the frame."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.base.geometry import FULL, Rect
from standtall.compose.layers.layer import Layer

Colour = tuple[int, int, int]
"""Y', Cb and Cr of 8-bit limited range (ITU-R BT.709-6)."""
DARK: Colour = (30, 126, 130)
"""What stands for the picture of footage that has none."""


def colour_of(text: str) -> Colour:
    """A colour "#rrggbb" as Y', Cb and Cr (ITU-R BT.709-6, items 3.2 to 3.5)."""
    red, green, blue = (int(text[i : i + 2], 16) / 255 for i in (1, 3, 5))
    y = 0.2126 * red + 0.7152 * green + 0.0722 * blue
    return round(16 + 219 * y), round(128 + 224 * (blue - y) / 1.8556), round(128 + 224 * (red - y) / 1.5748)


@dataclass(frozen=True, slots=True)
class FillLayer(Layer):
    """A colour over the place `target` (shares of the frame); with a `lower` one it goes over into that from the top down.
    What lies under it is seen as far as its `opacity` is below 1."""

    colour: Colour = DARK
    lower: Colour | None = None
    target: Rect = FULL
    opacity: float = 1.0
