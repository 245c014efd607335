"""Places that shorts are posted to, as far as cutting needs to know them: how long a short may be. All are invented."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS


@dataclass(frozen=True, slots=True)
class Channel:
    """`name` is kept in files, `title` is shown; `longest` is in ticks."""

    name: str
    title: str
    longest: int


CHANNELS: Final = (
    Channel("pebble", "Pebble Lane", 60 * TICKS),
    Channel("wicket", "Wicket Hall", 90 * TICKS),
    Channel("fernway", "Fernway", 180 * TICKS),
)
FIRST: Final = CHANNELS[0]


def channel_named(name: str) -> Channel:
    """The channel of that name, or the strictest where it is not known (a project may come from elsewhere)."""
    return next((c for c in CHANNELS if c.name == name), FIRST)
