"""A window of footage or of a still, somewhere on the frame."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.base.geometry import FULL, Rect
from standtall.compose.layers.layer import Layer


@dataclass(frozen=True, slots=True)
class Asset:
    """A media file by the content key and path, and how it is to be turned (degrees clockwise)."""

    key: str
    path: str
    rotation: int = 0


@dataclass(frozen=True, slots=True)
class PictureLayer(Layer):
    """The picture of `asset` on show at `tick`: its part `crop` (shares of the picture) in the place `target` (shares of the
    frame), seen through as far as `opacity` is below 1.

    `blur` is the radius of a blur as a share of the frame's height; what is blurred is also darkened to `brightness`. `radius` is
    that of its corners, as a share of the frame's width. What is `fine` lies where its crop says to a part of a pixel, for
    pictures that move slowly. What lies `behind_people` leaves those people to be seen who are in what is under it.
    """

    asset: Asset
    tick: int
    crop: Rect = FULL
    target: Rect = FULL
    opacity: float = 1.0
    blur: float = 0.0
    brightness: float = 1.0
    radius: float = 0.0
    fine: bool = False
    behind_people: bool = False
