"""A drawing with see-through parts on the frame: a logo, a sticker."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.model.extras import Corner


@dataclass(frozen=True, slots=True)
class ImageLayer(Layer):
    """The picture of the extra `extra` (its id) from the file at `path` with the content `key`, as it is after `step` of its own
    frames. Its middle is at (`across`, `down`) and it is `size` wide, in shares of the frame; `rotation` is in degrees
    clockwise. In a `corner` it stands `margin` (a share of the frame's width) away from both edges instead."""

    extra: int
    path: str
    key: str
    across: float
    down: float
    size: float
    opacity: float = 1.0
    rotation: float = 0.0
    step: int = 0
    corner: Corner = "free"
    margin: float = 0.0
