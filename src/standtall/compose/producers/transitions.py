"""How the picture goes over the cuts of a short: nearer and back by turns, or blended over the start of a segment."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.footage import Footage
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.producers.framing import FrameStyle, talk_layers
from standtall.model.cut import Segment
from standtall.model.short import Short

BLEND: Final = TICKS_PER_SECOND // 6
"""Length of a blend: about five frames at 30 fps."""


@dataclass(frozen=True, slots=True)
class Transition:
    """How a segment follows the one before it: shown a little nearer, or blended over its start."""

    near: bool = False
    blends: bool = False


def transitions_of(short: Short, footage: Mapping[str, Footage]) -> tuple[Transition, ...]:
    """How each segment follows the one before. Where the camera stands elsewhere, a cut is a cut and needs nothing."""
    out: list[Transition] = []
    style = short.cut.transitions
    for number, segment in enumerate(short.segments):
        before = short.segments[number - 1] if number else None
        if before is None or before.meets(segment) or style == "straight":
            out.append(Transition(near=out[-1].near if before is not None and before.meets(segment) else False))
            continue
        same = _same_position(before, segment, footage)
        if style == "punch":
            out.append(Transition(near=same and not out[-1].near))
        else:
            out.append(Transition(blends=same))
    return tuple(out)


def _same_position(before: Segment, segment: Segment, footage: Mapping[str, Footage]) -> bool:
    if before.source != segment.source or segment.source not in footage:
        return False
    camera = footage[segment.source].camera
    return camera.span_at(before.end - 1) == camera.span_at(segment.start)


def leaving_layers(before: Segment, footage: Footage, into: int, length: int, style: FrameStyle) -> tuple[Layer, ...]:
    """What is still seen of the segment `before` a cut, `into` ticks after it: its picture runs on, less and less of it."""
    over = min(BLEND, length)
    if into >= over:
        return ()
    still = talk_layers(footage, before.end - 1, style)
    share = 1 - into / over
    return tuple(
        replace(layer, tick=before.end + into, opacity=layer.opacity * share)
        for layer in still
        if isinstance(layer, PictureLayer)
    )


def blended(arriving: tuple[Layer, ...], leaving: tuple[Layer, ...]) -> tuple[Layer, ...]:
    """Both pictures over each other. Layers of the same place are blended one by one, which is as if the whole pictures were."""
    if len(arriving) != len(leaving):
        return (*arriving, *leaving)
    return tuple(layer for pair in zip(arriving, leaving, strict=True) for layer in pair)
