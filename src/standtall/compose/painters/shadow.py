"""Paints shadows."""

from __future__ import annotations

from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.compose.layers.shadow import ShadowLayer
from standtall.compose.painters.painter import Box
from standtall.compose.painters.places import box_of
from standtall.media.planes import Planes

SOFT: Final = 0.028
"""Radius of the blur of a shadow, as a share of the frame's width."""
FALLS: Final = 0.010
"""How far it falls below what throws it."""


class ShadowPainter:
    """Paints shadows on frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._made: tuple[ShadowLayer, NDArray[np.uint8]] | None = None

    def box(self, layer: ShadowLayer) -> Box:
        width, height = self._size
        x, y, w, h = box_of(layer.target, width, height)
        around = round(3 * SOFT * width / 2) * 2
        return max(0, x - around), max(0, y - around), min(width, x + w + around), min(height, y + h + around)

    def covers(self, _layer: ShadowLayer) -> bool:
        return False

    def paint(self, layer: ShadowLayer, _picture: Planes | None, canvas: Planes) -> None:
        light = self._light(layer)
        x0, y0, x1, y1 = self.box(layer)
        for plane, ground, half in ((canvas.y, 16, 1), (canvas.u, 128, 2), (canvas.v, 128, 2)):
            place = plane[y0 // half : y1 // half, x0 // half : x1 // half]
            share = light if half == 1 else cv2.resize(light, (place.shape[1], place.shape[0]), interpolation=cv2.INTER_AREA)
            over = place.astype(np.int32) - ground
            place[:] = np.clip(ground + (over * share + 127) // 255, 0, 255).astype(np.uint8)

    def _light(self, layer: ShadowLayer) -> NDArray[np.uint8]:
        """How much light is left in the box of a shadow, 0..255; made once, since it is the same in every frame."""
        if self._made is None or self._made[0] != layer:
            width, height = self._size
            x0, y0, x1, y1 = self.box(layer)
            x, y, w, h = box_of(layer.target, width, height)
            dark = np.zeros((y1 - y0, x1 - x0), np.float32)
            inside = rounded(w, h, round(layer.radius * width)).astype(np.float32) / 255
            top, left = y - y0 + round(FALLS * width), x - x0
            part = inside[: dark.shape[0] - top]
            dark[top : top + part.shape[0], left : left + w] = part
            soft = cv2.GaussianBlur(dark, (0, 0), SOFT * width)
            self._made = layer, np.asarray(np.round(255 * (1 - layer.dark * soft)), np.uint8)
        return self._made[1]


def rounded(width: int, height: int, radius: int) -> NDArray[np.uint8]:
    """uint8 (height, width): 255 inside a box with round corners, smooth at their edge."""
    radius = min(radius, width // 2, height // 2)
    out = np.full((height, width), 255, np.uint8)
    if radius < 1:
        return out
    away = radius - 0.5 - np.arange(radius)
    corner = np.clip(radius - np.hypot(away[:, None], away[None, :]) + 0.5, 0, 1)
    quarter = np.asarray(np.round(255 * corner), np.uint8)
    out[:radius, :radius], out[:radius, -radius:] = quarter, quarter[:, ::-1]
    out[-radius:, :radius], out[-radius:, -radius:] = quarter[::-1], quarter[::-1, ::-1]
    return out
