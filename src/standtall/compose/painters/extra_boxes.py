"""Where the texts and pictures of a frame lie, for dragging and for checks."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.base.geometry import Rect
from standtall.compose.composition import Composition
from standtall.compose.layers.image import ImageLayer
from standtall.compose.layers.text import TextLayer
from standtall.compose.painters.image import image_place
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.placed_pictures import picture_at


@dataclass(frozen=True, slots=True)
class ExtraBox:
    """An extra (its id) as it lies on a frame, in shares of it, with what is changed by dragging: its middle and its size."""

    extra: int
    box: Rect
    across: float
    down: float
    size: float
    text: bool


def extra_boxes(composition: Composition, number: int) -> list[ExtraBox]:
    """The texts and pictures of frame `number`, from the ground up; none outside the short."""
    if not 0 <= number < composition.frames or not composition.short.extras.items:
        return []
    width, height = composition.short.output.width, composition.short.output.height
    out = []
    for layer in composition.extras.over(number, composition.middle_of(number)):
        if isinstance(layer, TextLayer):
            card = CaptionInk(layer.style, width, height, layer.language).card(layer.rows, layer.middle)
            rows = card.rows[0] if card.rows else None
            for row in card.rows[1:]:
                rows = rows.united(row) if rows is not None else row
            if rows is not None:
                there = card.placed.mapRect(rows)
                box = Rect(there.x() / width, there.y() / height, there.width() / width, there.height() / height)
                out.append(ExtraBox(layer.extra, box, layer.style.across, layer.middle, layer.style.size, True))
        elif isinstance(layer, ImageLayer):
            found = picture_at(layer.path, layer.key)
            if found is not None:
                x, y, w, h = image_place(layer, found.aspect, width, height)
                box = Rect((x - w / 2) / width, (y - h / 2) / height, w / width, h / height)
                out.append(ExtraBox(layer.extra, box, x / width, y / height, layer.size, False))
    return out
