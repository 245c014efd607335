"""Edits of the crops that are set by hand in a shot: one for all of it, or keyframes that the crop moves between."""

from __future__ import annotations

from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import Ease, Keyframe, ShotFraming
from standtall.model.short import Short

NEAR: Final = TICKS_PER_SECOND // 20
"""Keyframes nearer than this are one."""


def keyframes_of(short: Short, shot: Segment) -> tuple[Keyframe, ...]:
    """The keyframes of a shot, in order."""
    chosen = short.framing.of_shot(shot.source, shot.start, shot.end)
    return () if chosen is None else tuple(sorted(chosen.keyframes, key=lambda k: k.at))


def moves(short: Short, shot: Segment) -> bool:
    """Whether a crop by hand is set for moments of a shot, not for all of it."""
    keys = keyframes_of(short, shot)
    return len(keys) > 1 or (len(keys) == 1 and keys[0].at > shot.start)


def _with(short: Short, shot: Segment, keys: tuple[Keyframe, ...]) -> Short:
    before = short.framing.of_shot(shot.source, shot.start, shot.end) or ShotFraming(shot.source, shot.start)
    made = replace(before, at=shot.start, layout="follow" if keys else None, target=None, keyframes=keys)
    kept = None if made.empty else made
    return replace(short, framing=short.framing.with_shot(shot.source, shot.start, shot.end, kept))


def _clamped(at: int, cx: float, cy: float, h: float, ease: Ease = "smooth") -> Keyframe:
    return Keyframe(at, min(1.0, max(0.0, cx)), min(1.0, max(0.0, cy)), min(1.0, max(0.1, h)), ease)


def set_crop(short: Short, shot: Segment, cx: float, cy: float, h: float, at: int | None = None) -> Edit:
    """Frame a shot by hand: all of it, or where it has keyframes the moment `at` (a tick of the source)."""
    if at is not None and moves(short, shot):
        return Edit(tr("Move the crop"), add_keyframe(short, shot, at, cx, cy, h).short)
    return Edit(tr("Move the crop"), _with(short, shot, (_clamped(shot.start, cx, cy, h),)))


def add_keyframe(short: Short, shot: Segment, at: int, cx: float, cy: float, h: float) -> Edit:
    """Set the crop at a moment of a shot; one that is set there already gives way."""
    at = min(max(at, shot.start + 1), shot.end - 1)  # one at the very start stands for the whole shot
    keys = keyframes_of(short, shot)
    same = next((k for k in keys if abs(k.at - at) < NEAR), None)
    made = _clamped(same.at if same is not None else at, cx, cy, h, same.ease if same is not None else "smooth")
    rest = tuple(k for k in keys if k is not same)
    return Edit(tr("Set a keyframe"), _with(short, shot, tuple(sorted((*rest, made), key=lambda k: k.at))))


def remove_keyframe(short: Short, shot: Segment, at: int) -> Edit:
    """Remove the keyframe at a tick; without any the shot is framed automatically again."""
    keys = keyframes_of(short, shot)
    if all(k.at != at for k in keys):
        raise NothingToDo(tr("There is no keyframe at {at}.", at=clock(at, tenths=True)))
    return Edit(tr("Remove a keyframe"), _with(short, shot, tuple(k for k in keys if k.at != at)))


def move_keyframe(short: Short, shot: Segment, at: int, to: int) -> Edit:
    """Move a keyframe to another moment of its shot; one that is there gives way."""
    keys = keyframes_of(short, shot)
    moved = next((k for k in keys if k.at == at), None)
    if moved is None:
        raise NothingToDo(tr("There is no keyframe at {at}.", at=clock(at, tenths=True)))
    to = min(max(to, shot.start + 1), shot.end - 1)
    rest = tuple(k for k in keys if k is not moved and abs(k.at - to) >= NEAR)
    return Edit(tr("Move a keyframe"), _with(short, shot, tuple(sorted((*rest, replace(moved, at=to)), key=lambda k: k.at))))


def ease_keyframe(short: Short, shot: Segment, at: int, ease: Ease) -> Edit:
    """Choose how the crop goes on from a keyframe to the next."""
    keys = keyframes_of(short, shot)
    return Edit(tr("Ease of a keyframe"), _with(short, shot, tuple(replace(k, ease=ease) if k.at == at else k for k in keys)))
