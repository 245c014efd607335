"""Edits of extras: put in, changed, given another extent, ordered, removed; clips before and after the talk."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from typing import Any, Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.model.edits import Edit
from standtall.model.extents import Extent
from standtall.model.extras import BarExtra, Clip, Cutaway, Extra, Extras, Light, LightExtra, PictureExtra, SoundExtra, TextExtra
from standtall.model.short import Short

LIGHTS: Final[dict[Light, str]] = {"grain": tr("Grain"), "warm": tr("Warm light"), "flash": tr("Flash"), "tape": tr("Old tape")}
KINDS: Final = ("headline", "text", "logo", "sticker", "progress bar", "light effect", "sound effect")


def kind_of(extra: Extra) -> str:
    """What an extra is called."""
    if isinstance(extra, TextExtra):
        return "headline" if extra.headline else "text"
    if isinstance(extra, PictureExtra):
        return extra.role
    if isinstance(extra, BarExtra):
        return "progress bar"
    return "light effect" if isinstance(extra, LightExtra) else "sound effect"


def name_of(extra: Extra) -> str:
    """What tells an extra from others of its kind."""
    if isinstance(extra, TextExtra):
        return " ".join(extra.text.split())
    if isinstance(extra, PictureExtra):
        return extra.path.rsplit("/", 1)[-1].removeprefix("sticker:").rsplit(".", 1)[0].replace("-", " ")
    if isinstance(extra, LightExtra):
        return LIGHTS[extra.light]
    return extra.effect.replace("-", " ") if isinstance(extra, SoundExtra) else ""


def next_id(short: Short) -> int:
    """A number that no extra of the short has."""
    return max((e.id for e in short.extras.items), default=0) + 1


def _with(short: Short, **fields: Any) -> Short:
    return replace(short, extras=replace(short.extras, **fields))


def put_in(short: Short, extra: Extra) -> Edit:
    """Put an extra in, over the others, under a number of its own. There is one headline, one logo and one progress bar at a
    time: a new one takes the place of the old."""
    new = replace(extra, id=next_id(short))
    alone = kind_of(extra) in ("headline", "progress bar", "logo")
    others = [e for e in short.extras.items if not (alone and kind_of(e) == kind_of(extra))]
    return Edit(tr("Add a {kind}", kind=tr(kind_of(extra))), _with(short, items=(*others, new)))


def change(short: Short, number: int, label: str = "", **fields: Any) -> Edit:
    """Give an extra other values; raises `NothingToDo` where it is gone or nothing changes."""
    old = _item(short, number)
    new = replace(old, **fields)
    if new == old:
        raise NothingToDo(tr("Nothing changes."))
    items = tuple(new if e.id == number else e for e in short.extras.items)
    return Edit(label or tr("Change the {kind}", kind=tr(kind_of(old))), _with(short, items=items))


def set_extent(short: Short, number: int, extent: Extent) -> Edit:
    """When an extra is on."""
    return change(short, number, tr("When the {kind} is shown", kind=tr(kind_of(_item(short, number)))), extent=extent)


def restyle(short: Short, number: int, changes: Mapping[str, Any]) -> Edit:
    """Other values of the style of a text; None as the look has it."""
    old = _item(short, number)
    if not isinstance(old, TextExtra):
        raise NothingToDo(tr("This extra has no letters."))
    style = {k: v for k, v in {**old.style, **changes}.items() if v is not None}
    return change(short, number, style=style)


def remove(short: Short, number: int) -> Edit:
    old = _item(short, number)
    return Edit(
        tr("Remove the {kind}", kind=tr(kind_of(old))),
        _with(short, items=tuple(e for e in short.extras.items if e.id != number)),
    )


def clear_kind(short: Short, kind: str) -> Edit:
    """Remove all extras of a kind, or all cutaways ("cutaway")."""
    if kind == "cutaway":
        if not short.extras.cutaways:
            raise NothingToDo(tr("This short has no cutaways."))
        return Edit(tr("Remove all cutaways"), _with(short, cutaways=()))
    left = tuple(e for e in short.extras.items if kind_of(e) != kind)
    gone = len(short.extras.items) - len(left)
    if not gone:
        raise NothingToDo(tr("This short has no {kind}.", kind=kind))
    return Edit(tr("Remove {gone}", gone=count_of(gone, kind)), _with(short, items=left))


def raise_over(short: Short, number: int) -> Edit:
    """Let an extra lie over all others."""
    own = _item(short, number)
    others = tuple(e for e in short.extras.items if e.id != number)
    return Edit(tr("Bring the {kind} to the front", kind=tr(kind_of(own))), _with(short, items=(*others, own)))


def put_all_in(short: Short, extras: tuple[Extra, ...], label: str) -> Edit:
    """Put several extras in as one step."""
    if not extras:
        raise NothingToDo(tr("There is nothing to add."))
    first = next_id(short)
    return Edit(label, _with(short, items=(*short.extras.items, *(replace(e, id=first + n) for n, e in enumerate(extras)))))


def _item(short: Short, number: int) -> Extra:
    found = short.extras.item(number)
    if found is None:
        raise NothingToDo(tr("That extra is not there any more."))
    return found


# cutaways


def put_cutaway(short: Short, cutaway: Cutaway) -> Edit:
    """Put a cutaway in; those that it overlaps give way as far as it reaches."""
    left = [part for old in short.extras.cutaways for part in _beside(old, cutaway)]
    new = sorted((*left, cutaway), key=lambda c: (c.extent.source, c.extent.start))
    return Edit(tr("Add a cutaway"), _with(short, cutaways=tuple(new)))


def change_cutaway(short: Short, old: Cutaway, label: str = tr("Change a cutaway"), **fields: Any) -> Edit:
    """Give a cutaway other values."""
    if old not in short.extras.cutaways:
        raise NothingToDo(tr("That cutaway is not there any more."))
    new = replace(old, **fields)
    if new == old:
        raise NothingToDo(tr("Nothing changes."))
    others = _with(short, cutaways=tuple(c for c in short.extras.cutaways if c != old))
    return Edit(label, put_cutaway(others, new).short)


def change_all_cutaways(short: Short, label: str, **fields: Any) -> Edit:
    new = tuple(replace(c, **fields) for c in short.extras.cutaways)
    if new == short.extras.cutaways:
        raise NothingToDo(tr("Nothing changes."))
    return Edit(label, _with(short, cutaways=new))


def remove_cutaway(short: Short, old: Cutaway) -> Edit:
    if old not in short.extras.cutaways:
        raise NothingToDo(tr("That cutaway is not there any more."))
    return Edit(tr("Remove a cutaway"), _with(short, cutaways=tuple(c for c in short.extras.cutaways if c != old)))


def swap_cutaway(short: Short, old: Cutaway, way: int) -> Edit:
    """Let a cutaway change places with the one before (-1) or after it (1): each shows its picture for the time of the other."""
    row = sorted(short.extras.cutaways, key=lambda c: (c.extent.source, c.extent.start))
    if old not in row or not 0 <= row.index(old) + way < len(row):
        raise NothingToDo(tr("There is no cutaway on that side."))
    other = row[row.index(old) + way]
    there = {old: replace(other, extent=old.extent), other: replace(old, extent=other.extent)}
    new = tuple(there.get(c, c) for c in row)
    return Edit(tr("Order of the cutaways"), _with(short, cutaways=new))


def _beside(old: Cutaway, new: Cutaway) -> list[Cutaway]:
    """What is left of a cutaway beside another one."""
    a, b = old.extent, new.extent
    if not a.overlaps(b):
        return [old]
    out = []
    if a.start < b.start:
        out.append(replace(old, extent=replace(a, end=b.start)))
    if b.end < a.end:
        out.append(replace(old, extent=replace(a, start=b.end), at=old.at + b.end - a.start))
    return out


# clips before and after the talk


def set_clip(short: Short, where: str, clip: Clip | None) -> Edit:
    """The clip before ("opening") or after ("closing") the talk; None for none."""
    if getattr(short.extras, where) == clip:
        raise NothingToDo(tr("Nothing changes."))
    name = {"opening": tr("opening clip"), "closing": tr("closing clip")}[where]
    return Edit(
        tr("Remove the {name}", name=name) if clip is None else tr("Set the {name}", name=name), _with(short, **{where: clip})
    )


def without_file(short: Short, path: str) -> Edit:
    """Without anything that shows or plays a file."""
    extras, mix = short.extras, short.sound
    left = replace(
        extras,
        cutaways=tuple(c for c in extras.cutaways if c.path != path),
        items=tuple(e for e in extras.items if not (isinstance(e, PictureExtra) and e.path == path)),
        opening=None if extras.opening is not None and extras.opening.path == path else extras.opening,
        closing=None if extras.closing is not None and extras.closing.path == path else extras.closing,
    )
    sound = replace(
        mix, music=None if mix.music is not None and mix.music.path == path else mix.music,
        recorders=tuple(r for r in mix.recorders if r.path != path),
    )  # fmt: skip
    new = replace(short, extras=left, sound=sound)
    if new == short:
        raise NothingToDo(tr("Nothing of the short needs that file."))
    return Edit(tr("Leave {name} out", name=path.rsplit("/", 1)[-1]), new)


def without_extras(short: Short) -> Edit:
    """The talk alone."""
    if short.extras == Extras():
        raise NothingToDo(tr("This short has no extras."))
    return Edit(tr("Remove all extras"), replace(short, extras=Extras()))
