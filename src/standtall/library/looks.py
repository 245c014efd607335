"""The looks that there are: those that ship and the user's own."""

from __future__ import annotations

from typing import Final

from standtall.library.data_files import DataFiles
from standtall.model.captions import FIRST_LOOK
from standtall.model.look import Look, look_named

LOOKS: Final = DataFiles(Look, "looks", "The look")


def look_or_first(name: str) -> Look:
    """The look called `name`, or the first one that ships where it is not on this machine."""
    looks = LOOKS.load().values
    return next((look for look in looks if look.name == name), look_named(looks, FIRST_LOOK))
