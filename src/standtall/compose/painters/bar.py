"""Paints progress bars: each pixel as far as the bar covers it."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.compose.layers.bar import BarLayer
from standtall.compose.layers.fill import colour_of
from standtall.compose.painters.painter import Box
from standtall.media.planes import Planes

Mask = NDArray[np.float32]


class BarPainter:
    """Paints bars on frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height

    def _place(self, layer: BarLayer) -> tuple[int, int, int, int]:
        """Left, top, right and bottom of the whole bar in pixels."""
        (width, height), bar = self._size, layer.bar
        thick, margin = max(2, round(bar.thickness * width)), round(bar.margin * width)
        if bar.edge in ("top", "bottom"):
            top = margin if bar.edge == "top" else height - margin - thick
            return margin, top, width - margin, top + thick
        left = margin if bar.edge == "left" else width - margin - thick
        return left, margin, left + thick, height - margin

    def box(self, layer: BarLayer) -> Box:
        left, top, right, bottom = self._place(layer)
        return left // 2 * 2, top // 2 * 2, (right + 1) // 2 * 2, (bottom + 1) // 2 * 2

    def covers(self, _layer: BarLayer) -> bool:
        return False

    def paint(self, layer: BarLayer, _picture: Planes | None, canvas: Planes) -> None:
        left, top, right, bottom = self._place(layer)
        x0, y0, x1, y1 = self.box(layer)
        bar = layer.bar
        upright = bar.edge in ("left", "right")
        long, thick = (bottom - top, right - left) if upright else (right - left, bottom - top)
        ground, fill = np.ones((thick, long), np.float32), filled(thick, long, layer.share, bar.round)
        if bar.round:
            ground = filled(thick, long, 1.0, True)
        for mask, colour in ((ground * (1 - fill), bar.ground), (fill, bar.colour)):
            share = int(colour[7:9] or "ff", 16) / 255
            # a bar that stands fills from the bottom up
            placed = np.zeros((y1 - y0, x1 - x0), np.float32)
            own = np.ascontiguousarray(mask.T[::-1]) if upright else mask
            placed[top - y0 : bottom - y0, left - x0 : right - x0] = own * share
            _blend(canvas, placed, colour_of(colour), (x0, y0, x1, y1))


def filled(thick: int, long: int, share: float, rounded: bool) -> Mask:
    """float32 (thick, long): how much of each pixel the filled part of a lying bar covers, 0..1."""
    end = share * long
    columns = np.arange(long, dtype=np.float32)
    if not rounded:
        row = np.clip(end - columns, 0, 1)
        return np.repeat(row[None, :], thick, axis=0).astype(np.float32)
    radius = thick / 2
    x, y = columns[None, :] + 0.5, np.arange(thick, dtype=np.float32)[:, None] + 0.5
    last = max(radius, end - radius)
    away = np.hypot(x - np.clip(x, radius, last), y - radius)
    inside = np.clip(radius - away + 0.5, 0, 1)
    return (inside * np.clip(end - columns, 0, 1)[None, :]).astype(np.float32)


def _blend(canvas: Planes, mask: Mask, colour: tuple[int, int, int], box: Box) -> None:
    x0, y0, x1, y1 = box
    half = cv2.resize(mask, (mask.shape[1] // 2, mask.shape[0] // 2), interpolation=cv2.INTER_AREA)
    y, u, v = colour
    for plane, value, share, step in ((canvas.y, y, mask, 1), (canvas.u, u, half, 2), (canvas.v, v, half, 2)):
        place = plane[y0 // step : y1 // step, x0 // step : x1 // step]
        place[:] = np.round(place + (value - place.astype(np.float32)) * share).astype(np.uint8)
