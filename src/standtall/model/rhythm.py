"""How often a channel gets a post: days, hours, time zone, from when on."""

from __future__ import annotations

import re
from dataclasses import dataclass
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

DAY: Final = re.compile(r"\d{4}-\d\d-\d\d")
Order = Literal["best first", "mixed"]
Late = Literal["post", "skip", "ask"]


@dataclass(frozen=True, slots=True)
class Rhythm:
    """`a_day` posts on each day, shared out evenly from `first_minute` to `last_minute` of the day in `zone`. `weekdays` that are
    left out count from 0 for Monday; `without` are days as 2027-01-01. Nothing goes out before `start` or after `until` ("": no
    end)."""

    zone: str = "UTC"
    a_day: int = 1
    first_minute: int = 17 * 60
    last_minute: int = 20 * 60
    weekdays_out: tuple[int, ...] = ()
    without: tuple[str, ...] = ()
    start: str = ""
    until: str = ""

    def __post_init__(self) -> None:
        checks.in_range("The number of posts a day", self.a_day, 1, 48)
        checks.in_range("The first minute of the day's posts", self.first_minute, 0, 1439)
        checks.in_range("The last minute of the day's posts", self.last_minute, self.first_minute, 1439)
        if any(not 0 <= day <= 6 for day in self.weekdays_out) or len(set(self.weekdays_out)) > 6:
            raise ProjectError(tr("At least one day of the week must be left for posts."))
        if any(not DAY.fullmatch(day) for day in (*self.without, *filter(None, (self.start, self.until)))):
            raise ProjectError(tr("A day is written as 2027-01-31."))

    @property
    def minutes(self) -> tuple[int, ...]:
        """When posts go out on a day, in minutes after midnight; of posts that fall on the same minute each is kept."""
        if self.a_day == 1:
            return (self.first_minute,)
        step = (self.last_minute - self.first_minute) / (self.a_day - 1)
        return tuple(round(self.first_minute + n * step) for n in range(self.a_day))


@dataclass(frozen=True, slots=True)
class PostSettings:
    """How posts are made and sent. `bars` are least values of parts of the rating (0..1, by name), `late` is what becomes of
    posts that fell due while nobody sent them; `templates` are texts by channel, with placeholders."""

    rhythms: tuple[ChannelRhythm, ...] = ()
    order: Order = "best first"
    least_rating: float = 0.0
    bars: tuple[Bar, ...] = ()
    late: Late = "ask"
    hold: bool = True
    zone: str = ""
    templates: tuple[Template, ...] = ()
    shows: tuple[ShowFacts, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("The least rating", self.least_rating, 0, 1)


@dataclass(frozen=True, slots=True)
class ChannelRhythm:
    """The rhythm of a channel (its name); one that is not `used` is not filled."""

    channel: str
    rhythm: Rhythm
    used: bool = True


@dataclass(frozen=True, slots=True)
class Bar:
    """A part of the rating must reach `least`."""

    part: str
    least: float


@dataclass(frozen=True, slots=True)
class Template:
    """The description of posts for a channel, with placeholders such as {text} and {link}."""

    channel: str
    text: str


@dataclass(frozen=True, slots=True)
class ShowFacts:
    """What templates say of a source: the show, a guest, the link to the full programme."""

    source: str
    show: str = ""
    guest: str = ""
    link: str = ""
