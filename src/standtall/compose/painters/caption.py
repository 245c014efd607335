"""Paints caption layers, from drawings that are kept while the same words are shown."""

from __future__ import annotations

from collections import OrderedDict
from typing import Final

from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.painters.painter import Box
from standtall.ink.lettering import CaptionInk, InkWord
from standtall.ink.sprite import Sprite
from standtall.media.planes import Planes
from standtall.model.style import CaptionStyle

MOST_STYLES: Final = 6
"""Styles whose drawings are kept."""


class CaptionPainter:
    """Paints the captions of frames of one size. Use it from one thread."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._inks: OrderedDict[CaptionStyle, CaptionInk] = OrderedDict()

    def box(self, layer: CaptionLayer) -> Box:
        return self._sprite(layer).box(*self._size)

    def covers(self, _layer: CaptionLayer) -> bool:
        return False

    def paint(self, layer: CaptionLayer, _picture: Planes | None, canvas: Planes) -> None:
        self._sprite(layer).blend(canvas)

    def _sprite(self, layer: CaptionLayer) -> Sprite:
        words = tuple(InkWord(w.text, w.state, w.style or layer.style) for w in layer.words)
        return self._ink(layer.style).sprite(words, layer.middle)

    def _ink(self, style: CaptionStyle) -> CaptionInk:
        if style not in self._inks:
            self._inks[style] = CaptionInk(style, *self._size)
            if len(self._inks) > MOST_STYLES:
                self._inks.popitem(last=False)
        self._inks.move_to_end(style)
        return self._inks[style]
