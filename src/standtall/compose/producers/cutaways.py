"""Picture layers that stand for the talk's own while a cutaway lasts."""

from __future__ import annotations

from collections.abc import Mapping

from standtall.base.geometry import Rect
from standtall.compose.footage import asset_of
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.framing.cells import crop_width, largest
from standtall.model.extras import Cutaway
from standtall.model.source import Source
from standtall.model.timemap import SourceTime


def cutaway_layers(
    cutaways: tuple[Cutaway, ...], files: Mapping[str, Source], at: SourceTime, aspect: float
) -> tuple[Layer, ...] | None:
    """The layers of the cutaway that is shown at a moment of a source, None where there is none or its file is missing.

    `files` are those of the cutaways by their path. A short clip begins anew until its time is over.
    """
    for cutaway in cutaways:
        if cutaway.extent.holds(*at) and cutaway.path in files:
            file = files[cutaway.path]
            tick = (cutaway.at + at.tick - cutaway.extent.start) % max(1, file.length)
            height = largest(file, aspect)
            width = crop_width(file, aspect, height)
            return (PictureLayer(asset_of(file), tick, Rect((1 - width) / 2, (1 - height) / 2, width, height)),)
    return None
