"""Places that shorts are posted to: how long a short may be, what they cover of the picture, what they ask of a post."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, field
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.geometry import FULL, Rect
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.post_rules import PostRules

FIRST_CHANNEL: Final = "quillbarn"
NAME: Final = re.compile(r"[a-z0-9][a-z0-9-]{0,39}")
"""How channels and looks are named in files: a name that is also a safe name of a file."""


COVERED: Final = (Rect(0.0, 0.87, 1.0, 0.13), Rect(0.86, 0.50, 0.14, 0.37))
"""Parts of a portrait frame over which channels lay their own buttons and titles (common practice, no source)."""


@dataclass(frozen=True, slots=True)
class Channel:
    """`name` is kept in projects, `title` is shown; a short may last `longest_s` seconds. `covered` are the parts of a portrait
    frame (shares of it) over which the channel lays something of its own. Covers are `cover_width` by `cover_height` pixels
    there."""

    name: str
    title: str
    longest_s: float
    covered: tuple[Rect, ...] = COVERED
    cover_width: int = 1080
    cover_height: int = 1920
    posts: PostRules = field(default_factory=PostRules)

    def __post_init__(self) -> None:
        check_name("A channel", self.name)
        check_title("A channel", self.title)
        checks.in_range("The longest short of a channel in seconds", self.longest_s, 1, 86_400)
        for side in (self.cover_width, self.cover_height):
            checks.in_range("A side of a channel's covers in pixels", side, 64, 4320)
            if side % 2:
                raise ProjectError(tr("The sides of a channel's covers are even numbers of pixels."))
        if any(not FULL.contains(part, 1e-6) for part in self.covered):
            raise ProjectError(tr("What a channel covers must lie inside the frame."))

    @property
    def longest(self) -> int:
        """Ticks."""
        return round(self.longest_s * TICKS_PER_SECOND)


def check_name(what: str, name: str) -> None:
    """Raise `ProjectError` for a name that could not be that of a file."""
    if not NAME.fullmatch(name):
        raise ProjectError(tr("{what} is named by small letters, digits and hyphens, not “{name}”.", what=what, name=name[:40]))


def check_title(what: str, title: str) -> None:
    if not title.strip() or len(title) > 60 or not title.isprintable():
        raise ProjectError(tr("{what} needs a title of at most 60 letters.", what=what))


def channel_named(channels: Sequence[Channel], name: str) -> Channel:
    """The channel of that name, or the strictest where it is not known (a project may come from elsewhere)."""
    return next((c for c in channels if c.name == name), min(channels, key=lambda c: c.longest_s))


def channel_for(channels: Sequence[Channel], length: int) -> Channel:
    """The strictest channel that takes shorts of `length` ticks, or the one that takes the longest."""
    fitting = [c for c in channels if c.longest >= length]
    return min(fitting or channels, key=lambda c: c.longest_s if fitting else -c.longest_s)
