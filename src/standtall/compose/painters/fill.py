"""Paints fill layers."""

from __future__ import annotations

from standtall.compose.layers.fill import FillLayer
from standtall.compose.painters.painter import Box
from standtall.media.planes import Planes


class FillPainter:
    """Fills frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height

    def box(self, _layer: FillLayer) -> Box:
        return 0, 0, *self._size

    def covers(self, _layer: FillLayer) -> bool:
        return True

    def paint(self, layer: FillLayer, _picture: Planes | None, canvas: Planes) -> None:
        canvas.y[:], canvas.u[:], canvas.v[:] = layer.y, layer.cb, layer.cr
