"""A card of caption words with the one that is being said."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.ink.drawn import STEPS, InkWord
from standtall.model.style import CaptionStyle


@dataclass(frozen=True, slots=True)
class ShownWord:
    """A word on the frame: of which source and which word there it is, and how it is drawn."""

    source: str
    word: int
    drawn: InkWord


@dataclass(frozen=True, slots=True)
class CaptionLayer(Layer):
    """Words in reading order, row by row, their middle as a share of the frame's height, in the style of the card. `come` and
    `go` tell how far the card has come and is gone, 0..STEPS."""

    rows: tuple[tuple[ShownWord, ...], ...]
    style: CaptionStyle
    middle: float
    come: int = STEPS
    go: int = 0
    language: str = ""

    @property
    def words(self) -> tuple[ShownWord, ...]:
        return tuple(w for row in self.rows for w in row)
