"""A passage proposed as a short, with the parts of its rating."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal

from standtall.model import checks

PartName = Literal["opening", "worth", "ending", "alone", "pace", "picture"]
PARTS: Final[tuple[PartName, ...]] = ("opening", "worth", "ending", "alone", "pace", "picture")


@dataclass(frozen=True, slots=True)
class Reason:
    """A sentence for people on what earned (or cost) something, and the words it is about (indexes first..last)."""

    text: str
    good: bool
    first: int
    last: int


@dataclass(frozen=True, slots=True)
class Part:
    """One measured part of a rating, 0..1, with its reasons."""

    name: PartName
    value: float
    reasons: tuple[Reason, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range(f"The part '{self.name}' of a rating", self.value, 0.0, 1.0)


@dataclass(frozen=True, slots=True)
class Moment:
    """Whole sentences from word `first` to word `last` (indexes), `start` to `end` in ticks of the source."""

    first: int
    last: int
    start: int
    end: int
    rating: float
    parts: tuple[Part, ...]
    titles: tuple[str, ...] = ()

    @property
    def words(self) -> range:
        return range(self.first, self.last + 1)

    @property
    def length(self) -> int:
        return self.end - self.start

    def part(self, name: PartName) -> Part:
        return next(p for p in self.parts if p.name == name)
