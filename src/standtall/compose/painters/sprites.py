"""What painters of drawings share: the drawings of styles, and where drawings lie."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Sequence
from typing import Final

from standtall.compose.painters.painter import Box
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.sprite import Sprite
from standtall.model.style import CaptionStyle

MOST_STYLES: Final = 6
"""Styles whose drawings are kept."""


class Inks:
    """Drawings of styles on frames of one size; those used last are kept."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._kept: OrderedDict[tuple[CaptionStyle, str], CaptionInk] = OrderedDict()

    def of(self, style: CaptionStyle, language: str) -> CaptionInk:
        key = style, language
        if key not in self._kept:
            self._kept[key] = CaptionInk(style, *self._size, language)
            if len(self._kept) > MOST_STYLES:
                self._kept.popitem(last=False)
        self._kept.move_to_end(key)
        return self._kept[key]


def around(sprites: Sequence[Sprite], width: int, height: int) -> Box:
    """The box that holds drawings, in a frame of that size; of no size without any."""
    boxes = [s.box(width, height) for s in sprites]
    if not boxes:
        return 0, 0, 0, 0
    return min(b[0] for b in boxes), min(b[1] for b in boxes), max(b[2] for b in boxes), max(b[3] for b in boxes)
