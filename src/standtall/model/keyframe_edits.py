"""Edits of the crops that are set by hand in a shot or in a cell of its layout: one for all of it, or keyframes that the crop
moves between."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.model import framing_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import CELLED, BoxTarget, Ease, Keyframe, Layout, ShotFraming
from standtall.model.short import Short

NEAR: Final = TICKS_PER_SECOND // 20
"""Keyframes nearer than this are one."""


@dataclass(frozen=True, slots=True)
class CropOf:
    """Which crop of a shot: the one that is shown alone, or that of one cell (from 0) of a layout that has several."""

    layout: Layout = "follow"
    cell: int = 0


ALONE: Final = CropOf()


def _choice(short: Short, shot: Segment) -> ShotFraming:
    return short.framing.of_shot(shot.source, shot.start, shot.end) or ShotFraming(shot.source, shot.start)


def keyframes_of(short: Short, shot: Segment, of: CropOf = ALONE) -> tuple[Keyframe, ...]:
    """The keyframes of a crop of a shot, in order; one that was set for all of the shot stands at its start."""
    chosen = _choice(short, shot)
    if chosen.layout != of.layout if of.layout in CELLED else chosen.layout in CELLED:
        return ()
    keys = tuple(k for k in chosen.keyframes if k.cell == of.cell)
    if of.layout in CELLED and not keys:
        return tuple(Keyframe(shot.start, c.cx, c.cy, max(0.1, c.h), cell=c.cell) for c in chosen.cells if c.cell == of.cell)
    return tuple(sorted(keys, key=lambda k: k.at))


def moves(short: Short, shot: Segment, of: CropOf = ALONE) -> bool:
    """Whether a crop by hand is set for moments of a shot, not for all of it."""
    keys = keyframes_of(short, shot, of)
    return len(keys) > 1 or (len(keys) == 1 and keys[0].at > shot.start)


def _with(short: Short, shot: Segment, of: CropOf, keys: tuple[Keyframe, ...]) -> Short:
    before = _choice(short, shot)
    if of.layout in CELLED:
        same = before.layout in (None, of.layout)
        others = tuple(k for k in before.keyframes if k.cell != of.cell) if before.layout == of.layout else ()
        cells = tuple(c for c in before.cells if c.cell != of.cell) if same else ()
        target = None if isinstance(before.target, BoxTarget) else before.target
        keys = (*others, *(replace(k, cell=of.cell) for k in keys))
        made = replace(before, at=shot.start, layout=of.layout, target=target, keyframes=keys, cells=cells)
    else:
        made = replace(before, at=shot.start, layout="follow" if keys else None, target=None, keyframes=keys)
    kept = None if made.empty else made
    return replace(short, framing=short.framing.with_shot(shot.source, shot.start, shot.end, kept))


def _clamped(at: int, cx: float, cy: float, h: float, ease: Ease = "smooth") -> Keyframe:
    return Keyframe(at, min(1.0, max(0.0, cx)), min(1.0, max(0.0, cy)), min(1.0, max(0.1, h)), ease)


def set_crop(
    short: Short, shot: Segment, cx: float, cy: float, h: float, at: int | None = None, of: CropOf = ALONE
) -> Edit:  # fmt: skip
    """Frame a shot, or a cell of it, by hand: all of it, or where it has keyframes the moment `at` (a tick of the source)."""
    cell = of.layout in CELLED
    label = tr("Move cell {cell}", cell=of.cell + 1) if cell else tr("Move the crop")
    if at is not None and moves(short, shot, of):
        return Edit(label, add_keyframe(short, shot, at, cx, cy, h, of).short)
    if cell:
        return framing_edits.set_cell(short, shot, of.layout, of.cell, cx, cy, h)
    return Edit(label, _with(short, shot, of, (_clamped(shot.start, cx, cy, h),)))


def add_keyframe(short: Short, shot: Segment, at: int, cx: float, cy: float, h: float, of: CropOf = ALONE) -> Edit:
    """Set the crop at a moment of a shot; one that is set there already gives way."""
    at = min(max(at, shot.start + 1), shot.end - 1)  # one at the very start stands for the whole shot
    keys = keyframes_of(short, shot, of)
    same = next((k for k in keys if abs(k.at - at) < NEAR), None)
    made = _clamped(same.at if same is not None else at, cx, cy, h, same.ease if same is not None else "smooth")
    rest = tuple(k for k in keys if k is not same)
    return Edit(tr("Set a keyframe"), _with(short, shot, of, tuple(sorted((*rest, made), key=lambda k: k.at))))


def remove_keyframe(short: Short, shot: Segment, at: int, of: CropOf = ALONE) -> Edit:
    """Remove the keyframe at a tick; without any the crop is set automatically again."""
    keys = keyframes_of(short, shot, of)
    if all(k.at != at for k in keys):
        raise NothingToDo(tr("There is no keyframe at {at}.", at=clock(at, tenths=True)))
    return Edit(tr("Remove a keyframe"), _with(short, shot, of, tuple(k for k in keys if k.at != at)))


def move_keyframe(short: Short, shot: Segment, at: int, to: int, of: CropOf = ALONE) -> Edit:
    """Move a keyframe to another moment of its shot; one that is there gives way."""
    keys = keyframes_of(short, shot, of)
    moved = next((k for k in keys if k.at == at), None)
    if moved is None:
        raise NothingToDo(tr("There is no keyframe at {at}.", at=clock(at, tenths=True)))
    to = min(max(to, shot.start + 1), shot.end - 1)
    rest = tuple(k for k in keys if k is not moved and abs(k.at - to) >= NEAR)
    made = tuple(sorted((*rest, replace(moved, at=to)), key=lambda k: k.at))
    return Edit(tr("Move a keyframe"), _with(short, shot, of, made))


def ease_keyframe(short: Short, shot: Segment, at: int, ease: Ease, of: CropOf = ALONE) -> Edit:
    """Choose how the crop goes on from a keyframe to the next."""
    keys = keyframes_of(short, shot, of)
    made = tuple(replace(k, ease=ease) if k.at == at else k for k in keys)
    return Edit(tr("Ease of a keyframe"), _with(short, shot, of, made))
