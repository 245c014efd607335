"""A bar along an edge of the frame that is filled so far."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.model.extras import BarExtra


@dataclass(frozen=True, slots=True)
class BarLayer(Layer):
    """`share` of the bar is filled, 0..1."""

    bar: BarExtra
    share: float
