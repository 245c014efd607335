"""A text on the frame that is no caption: a headline, a label."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.ink.drawn import STEPS, Rows
from standtall.model.style import CaptionStyle


@dataclass(frozen=True, slots=True)
class TextLayer(Layer):
    """The text of the extra `extra` (its id), row by row, its middle as a share of the frame's height. `come` and `go` tell how
    far it has come and is gone, 0..STEPS."""

    extra: int
    rows: Rows
    style: CaptionStyle
    middle: float
    come: int = STEPS
    go: int = 0
    language: str = ""
