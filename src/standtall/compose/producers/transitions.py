"""How the picture goes over the cuts of a short: nearer and back by turns, or by a transition over the start of a segment."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Final

from standtall.base.geometry import FULL, Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.footage import Footage
from standtall.compose.layers.fill import FillLayer
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.producers.framing import FrameStyle, talk_layers
from standtall.model.cut import Segment, TransitionKind
from standtall.model.short import Short

BLEND: Final = TICKS_PER_SECOND // 6
"""Length of a blend at all cuts: about five frames at 30 fps."""
BLACK: Final = (16, 128, 128)
ZOOM: Final = 1.3
"""How many times as near the picture that goes is in the end of a soft zoom."""


@dataclass(frozen=True, slots=True)
class Transition:
    """How a segment follows the one before it: shown a little nearer, or by a `kind` over its first `length` ticks."""

    near: bool = False
    kind: TransitionKind = "cut"
    length: int = 0


def transitions_of(short: Short, footage: Mapping[str, Footage]) -> tuple[Transition, ...]:
    """How each segment follows the one before. Where the camera stands elsewhere, a cut is a cut and needs nothing."""
    out: list[Transition] = []
    style, chosen = short.cut.transitions, short.cut.chosen_transitions()
    for number, segment in enumerate(short.segments):
        before = short.segments[number - 1] if number else None
        own = chosen.get(number) if before is not None and not before.meets(segment) else None
        if own is not None:
            out.append(Transition(kind=own.transition, length=min(own.length, segment.length)))
            continue
        if before is None or before.meets(segment) or style == "straight":
            out.append(Transition(near=out[-1].near if before is not None and before.meets(segment) else False))
            continue
        same = _same_position(before, segment, footage)
        if style == "punch":
            out.append(Transition(near=same and not out[-1].near))
        else:
            out.append(Transition(kind="blend" if same else "cut", length=min(BLEND, segment.length)))
    return tuple(out)


def _same_position(before: Segment, segment: Segment, footage: Mapping[str, Footage]) -> bool:
    if before.source != segment.source or segment.source not in footage:
        return False
    camera = footage[segment.source].camera
    return camera.span_at(before.end - 1) == camera.span_at(segment.start)


def over_cut(
    transition: Transition, arriving: tuple[Layer, ...], before: Segment, footage: Footage, into: int, style: FrameStyle
) -> tuple[Layer, ...]:
    """The layers `into` ticks after a cut: those of the segment that comes, with what is still seen of the one that goes, whose
    picture runs on."""
    if transition.kind == "cut" or into >= transition.length:
        return arriving
    share = into / transition.length
    leaving = _running_on(talk_layers(footage, before.end - 1, style), before.end + into)
    if transition.kind == "blend":
        return blended(arriving, _seen_through(leaving, 1 - share))
    if transition.kind == "dip":
        dark = FillLayer(BLACK, opacity=1 - abs(2 * share - 1))
        return (*(leaving if share < 0.5 else arriving), dark)
    eased = share * share * (3 - 2 * share)
    if transition.kind == "slide":
        return (*leaving, *shifted(arriving, 1 - eased))
    if transition.kind == "push":
        return (*shifted(leaving, -eased), *shifted(arriving, 1 - eased))
    away, coming = ZOOM**eased, ZOOM ** (0.5 * (1 - eased))
    return (*_nearer(arriving, coming), *_seen_through(_nearer(leaving, away), 1 - eased))


def _running_on(layers: tuple[Layer, ...], tick: int) -> tuple[Layer, ...]:
    return tuple(replace(layer, tick=tick) if isinstance(layer, PictureLayer) else layer for layer in layers)


def _seen_through(layers: tuple[Layer, ...], share: float) -> tuple[Layer, ...]:
    """Pictures with less opacity; what else there is goes at once."""
    return tuple(replace(k, opacity=k.opacity * share) for k in layers if isinstance(k, PictureLayer) and share > 0)


def shifted(layers: tuple[Layer, ...], by: float) -> tuple[Layer, ...]:
    """Layers moved to the right by a share of the frame's width; what leaves the frame is cut off."""
    out: list[Layer] = []
    for layer in layers:
        if isinstance(layer, PictureLayer | FillLayer):
            t = layer.target
            seen = Rect(t.x + by, t.y, t.w, t.h).common(FULL)
            if seen.w <= 0.002:
                continue
            if isinstance(layer, FillLayer):
                out.append(replace(layer, target=seen))
                continue
            c, left = layer.crop, (seen.x - t.x - by) / t.w
            crop = Rect(c.x + c.w * left, c.y, c.w * seen.w / t.w, c.h)
            out.append(replace(layer, crop=crop, target=seen, radius=0.0))
    return tuple(out)


def _nearer(layers: tuple[Layer, ...], size: float) -> tuple[Layer, ...]:
    """Each picture that many times as near, around its middle."""

    def near(crop: Rect) -> Rect:
        return Rect(crop.x + crop.w * (1 - 1 / size) / 2, crop.y + crop.h * (1 - 1 / size) / 2, crop.w / size, crop.h / size)

    return tuple(replace(k, crop=near(k.crop), fine=k.blur == 0) if isinstance(k, PictureLayer) else k for k in layers)


def blended(arriving: tuple[Layer, ...], leaving: tuple[Layer, ...]) -> tuple[Layer, ...]:
    """Both pictures over each other. Layers of the same place are blended one by one, which is as if the whole pictures were."""
    if len(arriving) != len(leaving):
        return (*arriving, *leaving)
    return tuple(layer for pair in zip(arriving, leaving, strict=True) for layer in pair)
