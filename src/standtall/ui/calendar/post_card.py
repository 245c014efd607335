"""A post as the calendar shows it."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date

from standtall.base.interface_language import tr
from standtall.model.post import PostState
from standtall.ui.calendar.post_drawing import STATES


@dataclass(frozen=True, slots=True)
class Card:
    """A post as it is drawn; keys of slots of a plan are below 0."""

    key: int
    day: date
    minute: int
    state: PostState
    name: str
    channel: int
    channel_title: str
    clash: bool = False
    planned: bool = False
    question: bool = False
    """Its time does not exist, or comes twice."""

    @property
    def told(self) -> str:
        state = tr("planned, not taken yet") if self.planned else STATES[self.state][0]
        more = tr(", too near to another") if self.clash else ""
        more += tr(", its time is changed by summer time") if self.question else ""
        return f"{self.name}, {self.channel_title}, {self.day:%A %d %B}, {clock_of(self.minute)}, {state}{more}"


def clock_of(minute: int) -> str:
    return f"{minute // 60:02d}:{minute % 60:02d}"
