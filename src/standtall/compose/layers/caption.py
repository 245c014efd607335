"""A card of caption words with the one that is being said."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.compose.layers.layer import Layer
from standtall.model.style import CaptionStyle

State = Literal["said", "now", "upcoming"]


@dataclass(frozen=True, slots=True)
class ShownWord:
    """A word on the frame: of which source and which word there it is, how it reads, and whether it is being said. `style` is
    its own where it has one."""

    source: str
    word: int
    text: str
    state: State = "said"
    style: CaptionStyle | None = None


@dataclass(frozen=True, slots=True)
class CaptionLayer(Layer):
    """Words in reading order, their middle as a share of the frame's height."""

    words: tuple[ShownWord, ...]
    style: CaptionStyle
    middle: float
