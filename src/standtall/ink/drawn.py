"""A word of a caption as it is to be drawn: plain data, without the text engine."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal

from standtall.model.style import CaptionStyle

State = Literal["said", "now", "upcoming"]
STEPS: Final = 8
"""Into how many steps the change of a word, and the coming and going of a card, are divided."""
PARTS: Final = 24
"""Into how many parts the time of a word is divided, for what moves through it."""


@dataclass(frozen=True, slots=True)
class InkWord:
    """`lit` tells how far the change into its state is, 0..STEPS; `told` how much of its own time is over, 0..PARTS. Both are
    full for styles that do not show them, so that frames that look the same are the same."""

    text: str
    style: CaptionStyle
    state: State = "said"
    lit: int = STEPS
    told: int = PARTS


Rows = tuple[tuple[InkWord, ...], ...]
"""The words of a card, row by row."""
