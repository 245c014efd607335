"""Layers of a cutaway: over the whole frame, in a window over the talk, beside it, behind its people; and of clips before and
after the talk."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from typing import Final

from standtall.base.geometry import FULL, Rect
from standtall.compose.footage import asset_of
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.layers.shadow import ShadowLayer
from standtall.compose.producers.framing import BLUR, DIM
from standtall.model.cut import Segment
from standtall.model.extras import Clip, Cutaway, Fit, Move
from standtall.model.source import Source
from standtall.model.timemap import SourceTime

NEAREST: Final = 1.16
"""How much nearer a still is after it was moved nearer."""
WINDOW: Final = (0.07, 0.86, 0.42)
"""Left edge, width and greatest height of a window, in shares of the frame."""
TOPS: Final = (0.09, 0.56, 0.32)
"""Where its upper edge may be: where it hides least of the face."""
CORNERS: Final = 0.03
HALF: Final = 0.5
"""The share of the frame's height (of its width, where it is wider than high) that a cutaway beside the talk takes."""


def cutaway_at(cutaways: tuple[Cutaway, ...], files: Mapping[str, Source], at: SourceTime) -> Cutaway | None:
    """The cutaway that is shown at a moment of a source; None where there is none, or its file is missing."""
    return next((c for c in cutaways if c.extent.holds(*at) and c.path in files), None)


def with_cutaway(
    cutaway: Cutaway, file: Source, at: SourceTime, talk: tuple[Layer, ...], face: Rect | None, aspect: float
) -> tuple[Layer, ...]:
    """The picture layers while a cutaway lasts. `talk` are those of the talk, `face` where its speaker's face lies on the frame.

    A short clip begins anew until its time is over.
    """
    tick = (cutaway.at + at.tick - cutaway.extent.start) % max(1, file.length)
    share = (at.tick - cutaway.extent.start) / max(1, cutaway.extent.length)
    if cutaway.placing == "window":
        target = window_of(file, cutaway.fit, aspect, face)
        return (*talk, ShadowLayer(target, CORNERS, 0.5), *_shown(cutaway, file, tick, share, target, aspect, CORNERS))
    if cutaway.placing == "beside":
        first, second = beside(aspect)
        return (*squeezed(talk, second, face), *_shown(cutaway, file, tick, share, first, aspect))
    if cutaway.placing == "behind":
        (picture,) = _shown(replace(cutaway, fit="crop"), file, tick, share, FULL, aspect)
        return (*talk, replace(picture, behind_people=True))
    return _shown(cutaway, file, tick, share, FULL, aspect)


def clip_layers(clip: Clip, file: Source, into: int, aspect: float) -> tuple[Layer, ...]:
    """A clip before or after the talk, `into` ticks after its start."""
    shown = Cutaway(clip.path, clip.key, Segment("", 0, 1), fit=clip.fit)
    return _shown(shown, file, (clip.at + into) % max(1, file.length), 0.0, FULL, aspect)


def beside(aspect: float) -> tuple[Rect, Rect]:
    """The places of a cutaway and of the talk beside each other."""
    if aspect <= 1:
        return Rect(0.0, 0.0, 1.0, HALF), Rect(0.0, HALF, 1.0, 1 - HALF)
    return Rect(0.0, 0.0, HALF, 1.0), Rect(HALF, 0.0, 1 - HALF, 1.0)


def window_of(file: Source, fit: Fit, aspect: float, face: Rect | None) -> Rect:
    """As wide as windows are; as high as its picture, or as windows may be; clear of the face as far as can be."""
    x, w, most = WINDOW
    high = w * aspect * file.height / max(1, file.width)
    if high > most and fit == "whole":
        w = w * most / high
        x, high = (1 - w) / 2, most
    places = [Rect(x, y, w, min(most, high)) for y in TOPS]
    return min(places, key=lambda place: 0.0 if face is None else place.common(face).area)


def _shown(
    cutaway: Cutaway, file: Source, tick: int, share: float, target: Rect, aspect: float, radius: float = 0.0
) -> tuple[PictureLayer, ...]:
    """The picture of a cutaway in a place of the frame."""
    asset, own = asset_of(file), target.w * aspect / target.h
    filling = _filling(file, own, cutaway.across)
    if cutaway.fit == "crop":
        moves = file.still and cutaway.move != "none"
        crop = moved_crop(filling, cutaway.move, share) if moves else filling
        return (PictureLayer(asset, tick, crop, target, radius=radius, fine=moves),)
    wide = file.width / max(1, file.height)
    if wide >= own:
        high = target.h * own / wide
        place = Rect(target.x, target.y + (target.h - high) / 2, target.w, high)
    else:
        w = target.w * wide / own
        place = Rect(target.x + (target.w - w) / 2, target.y, w, target.h)
    whole = PictureLayer(asset, tick, FULL, place, radius=radius if place == target else 0.0)
    if abs(place.w - target.w) + abs(place.h - target.h) < 0.004:
        return (replace(whole, target=target, radius=radius),)
    return (PictureLayer(asset, tick, filling, target, blur=BLUR, brightness=DIM, radius=radius), whole)


def _filling(file: Source, aspect: float, across: float) -> Rect:
    """The largest crop of an aspect (pixels), with its middle from side to side as near to `across` as can be."""
    wide = aspect * file.height / max(1, file.width)
    if wide <= 1:
        return Rect(min(max(0.0, across - wide / 2), 1 - wide), 0.0, wide, 1.0)
    return Rect(0.0, (1 - 1 / wide) / 2, 1.0, 1 / wide)


def moved_crop(crop: Rect, move: Move, share: float) -> Rect:
    """A crop of a still as far as it has moved: `share` of its time is over. It starts and ends softly."""
    eased = share * share * (3 - 2 * share)
    if move in ("nearer", "away"):
        size = NEAREST ** (eased if move == "nearer" else 1 - eased)
        return Rect(crop.x + crop.w * (1 - 1 / size) / 2, crop.y + crop.h * (1 - 1 / size) / 2, crop.w / size, crop.h / size)
    w, h = crop.w / NEAREST, crop.h / NEAREST
    free = crop.w - w
    x = crop.x + free * (eased if move == "right" else 1 - eased)
    return Rect(x, crop.y + (crop.h - h) / 2, w, h)


def part_around(face: Rect | None, into: Rect) -> Rect:
    """The part of the frame around a face that is as large as `into`."""
    x, y = (face.cx, face.cy) if face is not None else (0.5, 0.38)
    return Rect(min(max(0.0, x - into.w / 2), 1 - into.w), min(max(0.0, y - into.h * 0.42), 1 - into.h), into.w, into.h)


def squeezed(talk: tuple[Layer, ...], into: Rect, face: Rect | None) -> tuple[Layer, ...]:
    """The part of a frame's picture layers that lies around a face, in another place of the frame: nothing is scaled."""
    window = part_around(face, into)
    out: list[Layer] = []
    for layer in talk:
        if isinstance(layer, PictureLayer):
            cut = clipped(layer, window)
            if cut is not None:
                there = cut.target
                out.append(replace(cut, target=Rect(there.x - window.x + into.x, there.y - window.y + into.y, there.w, there.h)))
    return tuple(out)


def clipped(layer: PictureLayer, window: Rect) -> PictureLayer | None:
    """The part of a picture that lies in a window of the frame; None where nothing does."""
    seen = layer.target.common(window)
    if seen.w <= 1e-4 or seen.h <= 1e-4:
        return None
    if seen == layer.target:
        return layer
    t, c = layer.target, layer.crop
    crop = Rect(c.x + c.w * (seen.x - t.x) / t.w, c.y + c.h * (seen.y - t.y) / t.h, c.w * seen.w / t.w, c.h * seen.h / t.h)
    return replace(layer, crop=crop, target=seen, radius=0.0)
