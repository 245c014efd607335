"""Picture layers of the talk itself: a crop that fills the frame, or all of it on a blurred backdrop."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from typing import Final

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.footage import Footage, asset_of
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.framing.camera import View
from standtall.framing.cells import Cell
from standtall.framing.following import head_of
from standtall.model.source import Source
from standtall.model.timemap import TimeMap

PUNCH: Final = 1.09
"""How much nearer a punch-in is: seen as meant, not as a jump (common practice, no source)."""
EYES: Final = 0.36
"""Where the eyes stand in the tall picture, as a share of its height."""
BLUR: Final = 5 / 240
"""Radius of the blur of a backdrop, as a share of the frame's height."""
DIM: Final = 0.62
"""Brightness of a backdrop."""
MOST_FACES: Final = 90
"""Moments at most at which it is looked where faces are."""


def talk_layers(footage: Footage, tick: int, aspect: float, near: bool = False) -> tuple[Layer, ...]:
    """The layers that show a source at one of its ticks, as its camera frames it; a little `near`er where the cut asks for it."""
    if not footage.source.has_picture:
        return (FillLayer(),)
    view = footage.camera.at(tick)
    if view.layout == "whole":
        return _whole(footage.source, tick, aspect)
    asset = asset_of(footage.source)
    return tuple(PictureLayer(asset, tick, cell.crop, cell.target) for cell in (nearer(view) if near else view).cells)


def nearer(view: View) -> View:
    """A small punch-in: the eyes stay about where they are. A whole picture stays so."""
    if view.layout == "whole":
        return view

    def punched(crop: Rect) -> Rect:
        w, h = crop.w / PUNCH, crop.h / PUNCH
        return Rect(crop.x + (crop.w - w) / 2, crop.y + (crop.h - h) * EYES, w, h)

    return replace(view, cells=tuple(Cell(punched(cell.crop), cell.target) for cell in view.cells))


def _whole(source: Source, tick: int, aspect: float) -> tuple[Layer, ...]:
    """The whole picture across the width, on a blurred and dimmed enlargement of itself."""
    asset, wide = asset_of(source), aspect * source.height / source.width
    behind = Rect((1 - wide) / 2, 0.0, wide, 1.0) if wide <= 1 else Rect(0.0, (1 - 1 / wide) / 2, 1.0, 1 / wide)
    high = min(1.0, wide)
    place = Rect(0.0, (1 - high) / 2, 1.0, high)
    return (
        PictureLayer(asset, tick, behind, blur=BLUR, brightness=DIM),
        PictureLayer(asset, tick, target=place),
    )


def faces_on(footage: Mapping[str, Footage], time_map: TimeMap) -> list[Rect]:
    """Faces as they stand on the tall picture, twice a second (less often in a long short), in its shares."""
    out: list[Rect] = []
    for tick in range(0, time_map.length, max(TICKS_PER_SECOND // 2, time_map.length // MOST_FACES)):
        source, source_tick = time_map.to_source(tick)
        people, view = footage[source].camera.people, footage[source].camera.at(source_tick)
        if view.layout == "whole" or not people.shots:
            continue
        for track in people.tracks_in(people.shot_at(source_tick)):
            face = track.at(source_tick)
            if face is not None:
                out += [seen for cell in view.cells if (seen := _on_frame(head_of(face), cell)) is not None]
    return out


def _on_frame(rect: Rect, cell: Cell) -> Rect | None:
    """A part of the source as it stands on the frame in a cell; None where it is not in it."""
    crop, target = cell.crop, cell.target
    x, y = (rect.x - crop.x) / crop.w, (rect.y - crop.y) / crop.h
    w, h = rect.w / crop.w, rect.h / crop.h
    if x >= 1 or x + w <= 0 or y >= 1 or y + h <= 0:
        return None
    return Rect(target.x + x * target.w, target.y + y * target.h, w * target.w, h * target.h)
