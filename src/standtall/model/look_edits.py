"""What a short takes over from a look beside its letters, and what a look takes from a short."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.model.edits import Edit
from standtall.model.extra_edits import put_in
from standtall.model.extras import BarExtra, PictureExtra, TextExtra
from standtall.model.look import Look, LookParts
from standtall.model.short import Short
from standtall.model.style import Changes

PARTS: Final = {"bar": tr("Progress bar"), "logo": tr("Logo"), "whole": tr("Backdrop and layout"), "loudness": tr("Loudness")}
"""Parts of a look by their fields, as the window calls them."""


def parts_in(look: Look) -> tuple[str, ...]:
    """Which parts a look holds."""
    return tuple(name for name in PARTS if getattr(look.parts, name) is not None)


def take_parts(short: Short, look: Look, names: Collection[str]) -> Edit:
    """Take some parts of a look over, as one step."""
    new = short
    for name in parts_in(look):
        if name not in names:
            continue
        part = getattr(look.parts, name)
        if name in ("bar", "logo"):
            same = [e for e in new.extras.items if replace(e, id=0) == replace(part, id=0)]
            new = new if same else put_in(new, part).short
        elif name == "whole":
            new = replace(new, framing=replace(new.framing, whole=part))
        else:
            new = replace(new, sound=replace(new.sound, loudness=part))
    if new == short:
        raise NothingToDo(tr("The short has all that was chosen of this look already."))
    return Edit(tr("Take over from {title}", title=look.title), new)


def parts_of(short: Short) -> LookParts:
    """What a short has of the parts of a look."""
    bar = next((replace(e, id=0) for e in short.extras.items if isinstance(e, BarExtra)), None)
    logos = (replace(e, id=0) for e in short.extras.items if isinstance(e, PictureExtra) and e.role == "logo")
    whole = short.framing.whole
    return LookParts(
        whole=None if whole == type(whole)() else whole, bar=bar, logo=next(logos, None), loudness=short.sound.loudness
    )  # fmt: skip


def text_styles(short: Short) -> tuple[Changes, Changes]:
    """How the headline and the other texts of a short differ from its look."""
    texts = [e for e in short.extras.items if isinstance(e, TextExtra)]
    headline = next((e.style for e in texts if e.headline), {})
    return dict(headline), dict(next((e.style for e in texts if not e.headline), {}))
