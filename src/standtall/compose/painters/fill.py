"""Paints fill layers."""

from __future__ import annotations

import cv2
import numpy as np

from standtall.base.geometry import FULL
from standtall.compose.layers.fill import FillLayer
from standtall.compose.painters.painter import Box
from standtall.compose.painters.places import box_of
from standtall.media.planes import Plane, Planes


class FillPainter:
    """Fills parts of frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height

    def box(self, layer: FillLayer) -> Box:
        x, y, w, h = box_of(layer.target, *self._size)
        return x, y, x + w, y + h

    def covers(self, layer: FillLayer) -> bool:
        return layer.target == FULL and layer.opacity >= 1

    def paint(self, layer: FillLayer, _picture: Planes | None, canvas: Planes) -> None:
        x, y, w, h = box_of(layer.target, *self._size)
        lower = layer.lower or layer.colour
        parts = ((canvas.y, 1), (canvas.u, 2), (canvas.v, 2))
        for number, ((plane, half), top, bottom) in enumerate(zip(parts, layer.colour, lower, strict=True)):
            place = plane[y // half : (y + h) // half, x // half : (x + w) // half]
            if layer.opacity < 1:
                place[:] = cv2.convertScaleAbs(place, alpha=1 - layer.opacity, beta=top * layer.opacity)
            elif top == bottom:
                place[:] = top
            else:
                place[:] = _graded(place.shape[0], place.shape[1], top, bottom, number)


def _graded(rows: int, columns: int, top: int, bottom: int, seed: int) -> Plane:
    """From one level to another in even steps, dithered: steps of one level are seen as bands in what is otherwise smooth."""
    level = np.linspace(top, bottom, rows)[:, None]
    noise = np.random.default_rng(seed).random((rows, columns))
    return np.clip(np.floor(level + noise), 0, 255).astype(np.uint8)
