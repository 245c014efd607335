"""What mends a notice: the edit behind each of its fixes, for the short that the notice was found in."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.captions import clear_middle
from standtall.checks.extras import moved_clear
from standtall.checks.notice import Fix, Notice
from standtall.compose.composition import Composition
from standtall.cutting.trim import end_at, start_at
from standtall.model import caption_edits, extra_edits, framing_edits, keyframe_edits
from standtall.model.channel import Channel
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import Backdrop
from standtall.model.short import Short
from standtall.session.look_behind import legibility, legible_change

Change = Callable[[Short], Edit]
BEFORE, AFTER = round(0.2 * TICKS_PER_SECOND), round(0.4 * TICKS_PER_SECOND)
"""What is left of a silence before the first word and after the last one (common practice, no source)."""
BY_ONE_CLICK: Final[frozenset[Fix]] = frozenset({
    "blur the picture behind", "move the captions", "move it clear", "leave it out", "remove the cutaways", "frame both alike",
    "frame automatically", "show the whole picture", "show all at once", "show the captions", "trim the silence",
    "make all legible", "remove the cover",
})  # fmt: skip
"""Fixes that need no more of a person than to ask for them."""


def mending(composition: Composition, channel: Channel, notice: Notice, fix: Fix, progress: Progress) -> Change:
    """The edit that a fix makes of the short as it is by then. Raises `NothingToDo` where it cannot be mended like that, and
    `MediaError` where that has to be looked for in footage that cannot be read ("make all legible")."""
    whole = _whole(composition, channel, notice, fix, progress)
    if whole is not None:
        return whole
    shot = _shot(composition, notice)
    if notice.place is None or shot is None:
        raise NothingToDo(tr("The place of this is not known any more."), tr("Open the short and look."))
    if fix == "frame both alike":
        crop = composition.footage[notice.place.source].camera.at(notice.place.tick).crop
        return lambda s: keyframe_edits.set_crop(s, shot, crop.cx, crop.cy, crop.h)
    if fix == "frame automatically":
        return lambda s: framing_edits.reframed(s, shot, "follow")
    if fix == "show the whole picture":
        return lambda s: framing_edits.set_layout(s, shot, "whole")
    if fix == "show all at once":
        return lambda s: framing_edits.set_layout(s, shot, "stack")
    raise NothingToDo(tr("This is mended by hand."), tr("Open the short."))


def _whole(composition: Composition, channel: Channel, notice: Notice, fix: Fix, progress: Progress) -> Change | None:
    """Of fixes that are about the whole short; None for those of one shot."""
    if fix == "blur the picture behind":
        return lambda s: framing_edits.set_backdrop(s, Backdrop())
    if fix == "move the captions":
        middle = clear_middle(composition, channel)
        return lambda s: caption_edits.set_caption_place(s, middle)
    if fix == "move it clear":
        number = int(notice.facts["extra"])
        return lambda s: moved_clear(s, composition, channel, number)
    if fix in ("leave it out", "remove the cutaways"):
        path = str(notice.facts["path"])
        return lambda s: extra_edits.without_file(s, path)
    if fix == "show the captions":
        return lambda s: caption_edits.show_captions(s, True)
    if fix == "remove the cover":
        return lambda s: Edit(tr("Remove the cover"), replace(s, cover=None))
    if fix == "make all legible":
        changes = legible_change(legibility(composition, {}, progress), lambda _name: None)
        return lambda s: caption_edits.set_style(s, changes)
    if fix == "trim the silence":
        return _trimmed(composition, notice)
    return None


def _trimmed(composition: Composition, notice: Notice) -> Change:
    time_map, silent = composition.time_map, int(notice.facts["length"])
    if notice.kind == "silence at the start":
        first = time_map.to_source(max(0, silent - BEFORE))
        return lambda s: start_at(s, first)
    last = time_map.to_source(min(time_map.length - 1, time_map.length - silent + AFTER))
    return lambda s: end_at(s, last)


def _shot(composition: Composition, notice: Notice) -> Segment | None:
    if notice.place is None or notice.place.source not in composition.footage:
        return None
    people = composition.footage[notice.place.source].camera.people
    if not people.shots:
        return None
    shot = people.shots[people.shot_at(notice.place.tick)]
    return Segment(notice.place.source, shot.start, shot.end)
