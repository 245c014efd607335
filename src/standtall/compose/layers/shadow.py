"""The soft shadow of something that lies on the frame."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.base.geometry import Rect
from standtall.compose.layers.layer import Layer


@dataclass(frozen=True, slots=True)
class ShadowLayer(Layer):
    """The shadow of what lies at `target` (shares of the frame) with corners of `radius` (a share of the frame's width); `dark`
    is 0 (none) .. 1 (black)."""

    target: Rect
    radius: float = 0.0
    dark: float = 0.5
