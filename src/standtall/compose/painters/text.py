"""Paints text layers, from drawings that are kept while the same text is shown."""

from __future__ import annotations

from standtall.compose.layers.text import TextLayer
from standtall.compose.painters.painter import Box
from standtall.compose.painters.sprites import Inks, around
from standtall.ink.sprite import Sprite
from standtall.media.planes import Planes


class TextPainter:
    """Paints texts on frames of one size. Use it from one thread."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._inks = Inks(width, height)
        self._last: dict[int, tuple[TextLayer, list[Sprite]]] = {}
        """By the id of the extra."""

    def box(self, layer: TextLayer) -> Box:
        return around(self._sprites(layer), *self._size)

    def covers(self, _layer: TextLayer) -> bool:
        return False

    def paint(self, layer: TextLayer, _picture: Planes | None, canvas: Planes) -> None:
        for sprite in self._sprites(layer):
            sprite.blend(canvas)

    def _sprites(self, layer: TextLayer) -> list[Sprite]:
        last = self._last.get(layer.extra)
        if last is None or last[0] != layer:
            ink = self._inks.of(layer.style, layer.language)
            last = self._last[layer.extra] = layer, ink.sprites(layer.rows, layer.middle, layer.come, layer.go)
        return last[1]
