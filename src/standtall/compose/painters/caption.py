"""Paints caption layers, from drawings that are kept while the same words are shown."""

from __future__ import annotations

from collections import OrderedDict
from typing import Final

from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.painters.painter import Box
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.sprite import Sprite
from standtall.media.planes import Planes
from standtall.model.style import CaptionStyle

MOST_STYLES: Final = 6
"""Styles whose drawings are kept."""


class CaptionPainter:
    """Paints the captions of frames of one size. Use it from one thread."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._inks: OrderedDict[tuple[CaptionStyle, str], CaptionInk] = OrderedDict()
        self._last: tuple[CaptionLayer, list[Sprite]] | None = None

    def box(self, layer: CaptionLayer) -> Box:
        boxes = [s.box(*self._size) for s in self._sprites(layer)]
        if not boxes:
            return 0, 0, 0, 0
        return min(b[0] for b in boxes), min(b[1] for b in boxes), max(b[2] for b in boxes), max(b[3] for b in boxes)

    def covers(self, _layer: CaptionLayer) -> bool:
        return False

    def paint(self, layer: CaptionLayer, _picture: Planes | None, canvas: Planes) -> None:
        for sprite in self._sprites(layer):
            sprite.blend(canvas)

    def _sprites(self, layer: CaptionLayer) -> list[Sprite]:
        if self._last is None or self._last[0] is not layer:
            rows = tuple(tuple(w.drawn for w in row) for row in layer.rows)
            ink = self._ink(layer.style, layer.language)
            self._last = layer, ink.sprites(rows, layer.middle, layer.come, layer.go)
        return self._last[1]

    def _ink(self, style: CaptionStyle, language: str) -> CaptionInk:
        key = style, language
        if key not in self._inks:
            self._inks[key] = CaptionInk(style, *self._size, language)
            if len(self._inks) > MOST_STYLES:
                self._inks.popitem(last=False)
        self._inks.move_to_end(key)
        return self._inks[key]
