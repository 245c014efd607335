"""Paints caption layers, from drawings that are kept while the same words are shown."""

from __future__ import annotations

from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.painters.painter import Box
from standtall.compose.painters.sprites import Inks, around
from standtall.ink.sprite import Sprite
from standtall.media.planes import Planes


class CaptionPainter:
    """Paints the captions of frames of one size. Use it from one thread."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._inks = Inks(width, height)
        self._last: tuple[CaptionLayer, list[Sprite]] | None = None

    def box(self, layer: CaptionLayer) -> Box:
        return around(self._sprites(layer), *self._size)

    def covers(self, _layer: CaptionLayer) -> bool:
        return False

    def paint(self, layer: CaptionLayer, _picture: Planes | None, canvas: Planes) -> None:
        for sprite in self._sprites(layer):
            sprite.blend(canvas)

    def _sprites(self, layer: CaptionLayer) -> list[Sprite]:
        if self._last is None or self._last[0] is not layer:
            rows = tuple(tuple(w.drawn for w in row) for row in layer.rows)
            ink = self._inks.of(layer.style, layer.language)
            self._last = layer, ink.sprites(rows, layer.middle, layer.come, layer.go)
        return self._last[1]
