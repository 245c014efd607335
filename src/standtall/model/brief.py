"""What the editor says of a source before it is analysed, and what is wished of it."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal

from standtall.model import checks
from standtall.model.captions import FIRST_LOOK

Content = Literal["unknown", "one", "many", "screen", "nobody", "clip"]
"""What the footage shows: whatever is found, one face (others are pictures or passers-by), two or more people who talk, a
face beside a screen or slides, no people; or a clip that is already cut, which becomes one whole short."""

DETECT: Final = "detect"


@dataclass(frozen=True, slots=True)
class Brief:
    """Spoken language (a code such as "en", or `DETECT`), the part to use in ticks (an `end` of 0 is the end), the kind of
    footage, the wished length of shorts in seconds, topics, and the look that new shorts begin with."""

    language: str = "en"
    start: int = 0
    end: int = 0
    content: Content = "unknown"
    least_s: int = 20
    most_s: int = 60
    topics: tuple[str, ...] = ()
    look: str = FIRST_LOOK

    def __post_init__(self) -> None:
        checks.in_range("The shortest wished length", self.least_s, 3, 600)
        checks.in_range("The longest wished length", self.most_s, self.least_s, 600)
        checks.in_range("The start of the part", self.start, 0, 48_000 * 86_400)
        if self.end:
            checks.forward("The part to use", self.start, self.end)

    @property
    def part(self) -> tuple[int, int] | None:
        """The part to use as (start, end), or None for all of it; an end of 0 stays for the length of the source."""
        return (self.start, self.end) if self.start or self.end else None
