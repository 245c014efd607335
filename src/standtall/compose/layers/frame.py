"""A frame: its layers from the ground up."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.layer import Layer
from standtall.model.timemap import SourceTime


@dataclass(frozen=True, slots=True)
class Frame:
    """Frame `number` of a short (-1 for a moment outside it), its middle in ticks of the short, its layers from the ground up,
    and the moment of the source that is heard with it."""

    number: int
    tick: int
    layers: tuple[Layer, ...]
    heard: SourceTime
