"""Picture layers of the talk itself: a crop that fills the frame, or all of it on a blurred backdrop."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Final

from standtall.base.geometry import Rect
from standtall.compose.footage import Footage, asset_of
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.frame import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.framing.camera import View
from standtall.model.framing import Layout
from standtall.model.source import Source

PUNCH: Final = 1.09
"""How much nearer a punch-in is: seen as meant, not as a jump (common practice, no source)."""
EYES: Final = 0.36
"""Where the eyes stand in the tall picture, as a share of its height."""
BLUR: Final = 5 / 240
"""Radius of the blur of a backdrop, as a share of the frame's height."""
DIM: Final = 0.62
"""Brightness of a backdrop."""


def talk_layers(footage: Footage, tick: int, aspect: float, near: bool = False) -> tuple[Layer, ...]:
    """The layers that show a source at one of its ticks, as its camera frames it; a little `near`er where the cut asks for it."""
    if not footage.source.has_picture:
        return (FillLayer(),)
    view = footage.camera.at(tick)
    return _LAYOUTS[view.layout](footage.source, tick, nearer(view).crop if near else view.crop, aspect)


def nearer(view: View) -> View:
    """A small punch-in: the eyes stay about where they are. A picture that is fitted whole stays so."""
    crop = view.crop
    w, h = crop.w / PUNCH, crop.h / PUNCH
    if view.layout != "crop":
        return view
    return replace(view, crop=Rect(crop.x + (crop.w - w) / 2, crop.y + (crop.h - h) * EYES, w, h))


def _crop(source: Source, tick: int, crop: Rect, _aspect: float) -> tuple[Layer, ...]:
    return (PictureLayer(asset_of(source), tick, crop),)


def _fit(source: Source, tick: int, _crop: Rect, aspect: float) -> tuple[Layer, ...]:
    """The whole picture across the width, on a blurred and dimmed enlargement of itself."""
    asset, wide = asset_of(source), aspect * source.height / source.width
    behind = Rect((1 - wide) / 2, 0.0, wide, 1.0) if wide <= 1 else Rect(0.0, (1 - 1 / wide) / 2, 1.0, 1 / wide)
    high = min(1.0, wide)
    place = Rect(0.0, (1 - high) / 2, 1.0, high)
    return (
        PictureLayer(asset, tick, behind, blur=BLUR, brightness=DIM),
        PictureLayer(asset, tick, target=place),
    )


_LAYOUTS: Final[dict[Layout, Callable[[Source, int, Rect, float], tuple[Layer, ...]]]] = {"crop": _crop, "fit": _fit}
"""What each layout is made of."""
