"""One colour over the whole frame."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer


@dataclass(frozen=True, slots=True)
class FillLayer(Layer):
    """Y', Cb and Cr of 8-bit limited range (ITU-R BT.709-6)."""

    y: int = 30
    cb: int = 126
    cr: int = 130
