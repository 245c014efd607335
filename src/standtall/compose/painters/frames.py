"""Paints whole frames: the one object that preview, player and render share."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Final

import numpy as np

from standtall.compose.layers.bar import BarLayer
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.frame import Frame
from standtall.compose.layers.image import ImageLayer
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.light import LightLayer
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.layers.shadow import ShadowLayer
from standtall.compose.layers.text import TextLayer
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.bar import BarPainter
from standtall.compose.painters.caption import CaptionPainter
from standtall.compose.painters.fill import FillPainter
from standtall.compose.painters.image import ImagePainter
from standtall.compose.painters.light import LightPainter
from standtall.compose.painters.painter import Box, Painter
from standtall.compose.painters.picture import PicturePainter
from standtall.compose.painters.shadow import ShadowPainter
from standtall.compose.painters.text import TextPainter
from standtall.media.planes import Planes

PAINTERS: Final[dict[type, Callable[[int, int], Painter]]] = {
    PictureLayer: PicturePainter,
    FillLayer: FillPainter,
    ShadowLayer: ShadowPainter,
    CaptionLayer: CaptionPainter,
    TextLayer: TextPainter,
    ImageLayer: ImagePainter,
    BarLayer: BarPainter,
    LightLayer: LightPainter,
}
"""Who paints each type of layer, at a width and a height."""


@dataclass(frozen=True, slots=True)
class _Painted:
    """A layer as it was painted: what it was (with the picture it showed), and what its box covered."""

    layer: Layer
    picture: Planes | None
    box: Box
    under: Planes | None
    """None where it covers the whole frame and nothing of what is below can be seen."""

    def same(self, layer: Layer, picture: Planes | None) -> bool:
        return self.layer == layer and self.picture is picture


class FramePainter:
    """Paints frames at one size. Layers that are the same as in the frame before are not painted again: only the boxes of those
    that changed, and of what lies over them, are. Needs `ink.engine.start()` where there are captions; use it from one thread.
    """

    def __init__(self, assets: Assets, width: int, height: int) -> None:
        self.width, self.height = width, height
        self._assets = assets
        self._painters: dict[type, Painter] = {kind: make(width, height) for kind, make in PAINTERS.items()}
        self._canvas: Planes | None = None
        self._last: list[_Painted] = []

    def paint(self, frame: Frame) -> Planes:
        """The frame as planes that must not be written to. Raises `MediaError` for a picture that cannot be read."""
        layers = [self._looked_up(layer, self._role(frame.layers, n)) for n, layer in enumerate(frame.layers)]
        kept = 0
        for before, (layer, picture) in zip(self._last, layers, strict=False):
            if not before.same(layer, picture):
                break
            kept += 1
        if self._canvas is not None and kept == len(layers) == len(self._last):
            return self._canvas
        if any(layer.under is None for layer in self._last[kept:]):
            kept = 0  # what lies under a layer that hides everything was never kept
        canvas, painted = self._covered(layers[0]) if kept == 0 and layers else (None, self._last[:kept])
        canvas = canvas or self._begun(kept)
        painted += [self._painted(layer, picture, canvas) for layer, picture in layers[len(painted) :]]
        self._canvas, self._last = canvas, painted
        return canvas

    def _looked_up(self, layer: Layer, role: int) -> tuple[Layer, Planes | None]:
        """The layer without its time, which the picture on show stands for."""
        if isinstance(layer, PictureLayer):
            return replace(layer, tick=0), self._assets.picture(layer.asset, layer.tick, role)
        return layer, None

    @staticmethod
    def _role(layers: tuple[Layer, ...], number: int) -> int:
        """Which reader of its file a layer uses: one for each moment of the file that the frame shows."""
        layer = layers[number]
        if not isinstance(layer, PictureLayer):
            return 0
        same = [x.tick for x in layers[: number + 1] if isinstance(x, PictureLayer) and x.asset == layer.asset]
        return list(dict.fromkeys(same)).index(layer.tick)

    def _covered(self, lowest: tuple[Layer, Planes | None]) -> tuple[Planes | None, list[_Painted]]:
        """A canvas that shows the lowest layer, where that is a picture that covers all of it; else none."""
        layer, picture = lowest
        painter = self._painters[type(layer)]
        if not isinstance(painter, PicturePainter) or not isinstance(layer, PictureLayer) or not painter.covers(layer):
            return None, []
        assert picture is not None, "a picture layer is painted with the picture it shows"
        return painter.whole(layer, picture), [_Painted(layer, picture, painter.box(layer), None)]

    def _begun(self, kept: int) -> Planes:
        """A canvas that shows the first `kept` layers of the last frame, black where there are none."""
        if kept == 0 or self._canvas is None:
            size, half = (self.height, self.width), (self.height // 2, self.width // 2)
            return Planes(np.full(size, 16, np.uint8), np.full(half, 128, np.uint8), np.full(half, 128, np.uint8))
        canvas = Planes(self._canvas.y.copy(), self._canvas.u.copy(), self._canvas.v.copy())
        for layer in reversed(self._last[kept:]):
            if layer.under is not None:
                _put(canvas, layer.box, layer.under)
        return canvas

    def _painted(self, layer: Layer, picture: Planes | None, canvas: Planes) -> _Painted:
        painter = self._painters[type(layer)]
        box = painter.box(layer)
        under = None if painter.covers(layer) else _taken(canvas, box)
        painter.paint(layer, picture, canvas)
        return _Painted(layer, picture, box, under)


def _taken(canvas: Planes, box: Box) -> Planes:
    """A copy of a box of the canvas."""
    x0, y0, x1, y1 = box
    return Planes(
        canvas.y[y0:y1, x0:x1].copy(),
        canvas.u[y0 // 2 : y1 // 2, x0 // 2 : x1 // 2].copy(),
        canvas.v[y0 // 2 : y1 // 2, x0 // 2 : x1 // 2].copy(),
    )


def _put(canvas: Planes, box: Box, part: Planes) -> None:
    x0, y0, x1, y1 = box
    canvas.y[y0:y1, x0:x1] = part.y
    canvas.u[y0 // 2 : y1 // 2, x0 // 2 : x1 // 2] = part.u
    canvas.v[y0 // 2 : y1 // 2, x0 // 2 : x1 // 2] = part.v
