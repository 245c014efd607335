"""The looks that there are: those that ship and the user's own."""

from __future__ import annotations

import json
from typing import Any, Final, cast

from standtall.base.interface_language import tr
from standtall.library.data_files import DataFiles
from standtall.model.captions import FIRST_LOOK
from standtall.model.codec import from_plain, to_plain
from standtall.model.look import Look, look_named
from standtall.model.style import CaptionStyle

_KNOWN: Final = ("name", "title", "about", "style", "headline", "label", "parts")
_ALWAYS: Final = ("name", "title", "about", "style")


def look_of_plain(data: object) -> Look:
    """A look from JSON data; sections that this version does not know are kept. Raises `ProjectError` for anything else."""
    if not isinstance(data, dict):
        return from_plain(Look, data)
    sections = {str(k): json.dumps(v, ensure_ascii=False) for k, v in data.items() if k not in _KNOWN}
    return from_plain(Look, {k: v for k, v in data.items() if k in _KNOWN} | {"sections": sections})


def plain_of_look(look: Look) -> dict[str, Any]:
    """The inverse of `look_of_plain`; properties that are as in every style are left out."""
    plain = cast(dict[str, Any], to_plain(look))
    usual = to_plain(CaptionStyle(look.style.family))
    style = {k: v for k, v in plain["style"].items() if k == "family" or v != cast(dict[str, Any], usual)[k]}
    sections = {name: json.loads(text) for name, text in look.sections.items()}
    parts = {k: v for k, v in plain["parts"].items() if v is not None}
    whole = {**{k: plain[k] for k in _KNOWN}, "style": style, "parts": parts, **sections}
    return {k: v for k, v in whole.items() if v or k in _ALWAYS}


LOOKS: Final = DataFiles(Look, "looks", tr("The look"), look_of_plain, plain_of_look)


def look_or_first(name: str) -> Look:
    """The look called `name`, or the first one that ships where it is not on this machine."""
    looks = LOOKS.load().values
    return next((look for look in looks if look.name == name), look_named(looks, FIRST_LOOK))
