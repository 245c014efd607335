"""What the camera decided for a stretch of a shot, as facts; the window puts them into words."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.model.framing import Layout

WhyKind = Literal[
    "by hand",
    "layout chosen",
    "locked",
    "chosen person",
    "reaction",
    "box",
    "speaking",
    "only one in view",
    "nearest while nobody speaks",
    "all who speak fit together",
    "quick turns far apart",
    "talk at once",
    "screen beside a face",
    "face beside a screen",
    "nobody in view",
    "what moves or stands out",
    "parts of the picture",
    "people not looked for",
    "not analysed",
]
"""Set by hand; one layout was chosen for all shots; a person was chosen to be followed, or a thing that was drawn around; who is
speaking is followed; ..."""


@dataclass(frozen=True, slots=True)
class Why:
    """A reason and the people it is about. `next_in_view` says that the camera stays although another one speaks, since they are
    in view already."""

    kind: WhyKind
    people: tuple[int, ...] = ()
    next_in_view: bool = False


@dataclass(frozen=True, slots=True)
class Decision:
    """For `start` to `end` (ticks of the source): the layout, whom its cells follow (none where nobody), why, and whether a
    person made it."""

    start: int
    end: int
    layout: Layout
    people: tuple[int, ...]
    why: Why
    by_hand: bool = False

    @property
    def person(self) -> int | None:
        """Whom the first cell follows."""
        return self.people[0] if self.people else None
