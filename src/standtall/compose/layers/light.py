"""A light effect over all that lies under it."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.model.extras import Light


@dataclass(frozen=True, slots=True)
class LightLayer(Layer):
    """`strength` is 0..1, `into` the number of frames since it began."""

    light: Light
    strength: float
    into: int
    fps: float
