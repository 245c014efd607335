"""The channels that there are: those that ship and the user's own."""

from __future__ import annotations

import re
from dataclasses import replace
from pathlib import Path
from typing import Final

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.library.data_files import LARGEST, DataFiles
from standtall.model.channel import Channel
from standtall.model.codec import from_plain

CHANNELS: Final = DataFiles(Channel, "channels", tr("The channel"))


def channels() -> tuple[Channel, ...]:
    """All channels, the strictest first."""
    return tuple(sorted(CHANNELS.load().values, key=lambda c: (c.longest_s, c.name)))


def new_channel(title: str, longest_s: float) -> Channel:
    """Make and keep a channel of the user's own, named after its title. Raises `NothingToDo` where there is no title
    or it is taken, `ProjectError` for a length that no short has."""
    known = CHANNELS.load().values
    if not title.strip():
        raise NothingToDo(tr("A channel needs a name."), tr("Type the name of the place you post to."))
    if any(c.title.casefold() == title.strip().casefold() for c in known):
        raise NothingToDo(
            tr("There is a channel called “{written}” already.", written=title.strip()), tr("Give it another name.")
        )
    plain = re.sub(r"[^a-z0-9]+", "-", title.casefold()).strip("-")[:30].strip("-") or "channel"
    names, name, number = {c.name for c in known}, plain, 2
    while name in names:
        name, number = f"{plain}-{number}", number + 1
    made = Channel(name, title.strip(), longest_s)
    CHANNELS.save(made)
    return made


def channel_from(path: Path) -> Channel:
    """Take a channel that somebody else has written, and keep it among the user's own; -> it, under a name that is free. A
    folder of somebody else's machine is left out. Raises `ProjectError` for what is none."""
    try:
        made = from_plain(Channel, json_of(file_bytes(path, LARGEST), LARGEST))
    except (OSError, Unreadable) as error:
        raise ProjectError(
            tr("{name} is no channel: {error}.", name=path.name, error=error), tr("Choose a file that “Share…” has written.")
        ) from error
    known = {c.name for c in CHANNELS.load().values}
    name, number = made.name, 2
    while name in known:
        name, number = f"{made.name[:36]}-{number}", number + 1
    delivery = made.posts.delivery
    if delivery.folder:
        made = replace(made, posts=replace(made.posts, delivery=replace(delivery, folder="")))
    made = replace(made, name=name)
    CHANNELS.save(made)
    return made
