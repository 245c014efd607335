"""Whether a channel lays its buttons over a text or a picture of a short, and whether one reaches out of the frame."""

from __future__ import annotations

from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.geometry import FULL, Rect
from standtall.base.interface_language import tr
from standtall.checks.captions import PORTRAIT
from standtall.checks.notice import Notice
from standtall.compose.composition import Composition
from standtall.compose.painters.extra_boxes import ExtraBox, extra_boxes
from standtall.model import extra_edits
from standtall.model.channel import Channel
from standtall.model.edits import Edit
from standtall.model.extras import TextExtra
from standtall.model.short import Short

COVERED, OUTSIDE = 0.12, 0.02
"""Shares of a text or a picture that are covered, or reach out of the frame, before it is told."""
STEP: Final = 0.01


def extra_notices(composition: Composition, channel: Channel) -> tuple[Notice, ...]:
    """One notice for each extra, at the first frame that shows it whole."""
    out = []
    for extra in composition.short.extras.items:
        spans = composition.extras.spans(extra.id)
        if not spans:
            continue
        middle = composition.frame_at((max(0, spans[0][0]) + spans[0][1]) // 2)
        box = next((b for b in extra_boxes(composition, middle) if b.extra == extra.id), None)
        if box is None:
            continue
        place = composition.time_map.to_source(max(0, spans[0][0]))
        facts: dict[str, int | str] = {"extra": extra.id, "name": extra_edits.kind_of(extra)}
        if _share(box.box, _covered(composition, channel)) > COVERED:
            out.append(Notice("extra under buttons", facts, place, ("move it clear",)))
        elif 1 - box.box.common(FULL).area / max(1e-9, box.box.area) > OUTSIDE:
            out.append(Notice("extra out of frame", facts, place, ("move it clear",)))
    return tuple(out)


def _covered(composition: Composition, channel: Channel) -> tuple[Rect, ...]:
    return channel.covered if composition.short.output.aspect < PORTRAIT else ()


def _share(box: Rect, parts: tuple[Rect, ...]) -> float:
    return sum(box.common(part).area for part in parts) / max(1e-9, box.area)


def moved_clear(short: Short, composition: Composition, channel: Channel, number: int) -> Edit:
    """An extra at the nearest place at which nothing covers it and all of it lies on the frame. Raises `NothingToDo` where it is
    gone, or where there is no such place."""
    spans = composition.extras.spans(number)
    at = composition.frame_at((max(0, spans[0][0]) + spans[0][1]) // 2) if spans else -1
    box = next((b for b in extra_boxes(composition, at) if b.extra == number), None)
    extra = short.extras.item(number)
    if box is None or extra is None:
        raise NothingToDo(tr("That extra is not there any more."))
    parts = _covered(composition, channel)
    steps = [STEP * k * sign for k in range(100) for sign in (1, -1)]
    sides = [0.0] if box.text else sorted(steps[:100], key=abs)
    ways = sorted(((x, y) for x in sides for y in steps), key=lambda way: way[0] ** 2 + way[1] ** 2)
    for x, y in ways:
        there = Rect(box.box.x + x, box.box.y + y, box.box.w, box.box.h)
        if FULL.contains(there, 1e-6) and _share(there, parts) <= 1e-6:
            return _at(short, extra, box, x, y)
    raise NothingToDo(tr("There is no free place of that size."), tr("Make it smaller first."))


def _at(short: Short, extra: object, box: ExtraBox, x: float, y: float) -> Edit:
    down = round(box.down + y, 4)
    if isinstance(extra, TextExtra):
        return extra_edits.change(short, box.extra, "Move an extra clear", down=down)
    return extra_edits.change(short, box.extra, "Move an extra clear", corner="free", across=round(box.across + x, 4), down=down)
