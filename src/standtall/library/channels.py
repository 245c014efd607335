"""The channels that there are: those that ship and the user's own."""

from __future__ import annotations

import re
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.library.data_files import DataFiles
from standtall.model.channel import Channel

CHANNELS: Final = DataFiles(Channel, "channels", "The channel")


def channels() -> tuple[Channel, ...]:
    """All channels, the strictest first."""
    return tuple(sorted(CHANNELS.load().values, key=lambda c: (c.longest_s, c.name)))


def new_channel(title: str, longest_s: float) -> Channel:
    """Make and keep a channel of the user's own, named after its title. Raises `NothingToDo` where there is no title
    or it is taken, `ProjectError` for a length that no short has."""
    known = CHANNELS.load().values
    if not title.strip():
        raise NothingToDo("A channel needs a name.", "Type the name of the place you post to.")
    if any(c.title.casefold() == title.strip().casefold() for c in known):
        raise NothingToDo(f"There is a channel called “{title.strip()}” already.", "Give it another name.")
    plain = re.sub(r"[^a-z0-9]+", "-", title.casefold()).strip("-")[:30].strip("-") or "channel"
    names, name, number = {c.name for c in known}, plain, 2
    while name in names:
        name, number = f"{plain}-{number}", number + 1
    made = Channel(name, title.strip(), longest_s)
    CHANNELS.save(made)
    return made
