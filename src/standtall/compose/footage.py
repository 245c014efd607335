"""A source as compositions use it: the file, what is known of it, and its camera."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.compose.layers.picture import Asset
from standtall.framing.camera import Camera
from standtall.model.analysis import Analysis
from standtall.model.source import Source


@dataclass(frozen=True, slots=True)
class Footage:
    """One source of a short; `camera` covers at least what the short uses of it."""

    source: Source
    analysis: Analysis
    camera: Camera


def asset_of(source: Source) -> Asset:
    return Asset(source.key, source.path, source.rotation)
