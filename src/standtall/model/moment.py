"""A passage proposed as a short, with the parts of its rating."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal

from standtall.model import checks

PartName = Literal["opening", "worth", "ending", "alone", "pace", "picture", "edges"]
PARTS: Final[tuple[PartName, ...]] = ("opening", "worth", "ending", "alone", "pace", "picture", "edges")

Passage = tuple[range, ...]
"""Runs of words (indexes) in the order in which they are heard."""


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
class Title:
    """A title out of a passage's own words, and the manner it is made in."""

    text: str
    manner: Literal["as asked", "as promised", "as numbers", "as said"]


@dataclass(frozen=True, slots=True)
class Shape:
    """What a proposal is to hold: the line it opens on, the stretch it leaves out, its last word."""

    lead: range | None
    dull: range | None
    last: int


@dataclass(frozen=True, slots=True)
class Moment:
    """Whole sentences from word `first` to word `last` (indexes), `start` to `end` in ticks of the source.

    It may open on a `lead`, a strong line said later, and leave out a `dull` stretch of its middle. `length` is what is heard,
    in ticks.
    """

    first: int
    last: int
    start: int
    end: int
    rating: float
    parts: tuple[Part, ...]
    length: int
    lead: range | None = None
    dull: range | None = None
    reaction: range | None = None
    """Words after it that only react to it; they can be put back."""
    reacts: range | None = None
    """Words at its end that only react; they can be left out."""
    titles: tuple[Title, ...] = ()
    about: tuple[str, ...] = ()
    """Topics that were asked for and are met, as they are said in it."""

    @property
    def shape(self) -> Shape:
        return Shape(self.lead, self.dull, self.last)

    @property
    def passage(self) -> Passage:
        return passage_of(self.first, self.last, self.lead, self.dull)

    @property
    def words(self) -> tuple[int, ...]:
        """Indexes of the words in the order in which they are heard."""
        return tuple(i for run in self.passage for i in run)

    def part(self, name: PartName) -> Part:
        return next(p for p in self.parts if p.name == name)


def passage_of(first: int, last: int, lead: range | None = None, dull: range | None = None) -> Passage:
    """The runs of a passage that opens on `lead` and leaves `dull` out of its middle."""
    runs = [range(first, last + 1)]
    for gone in (dull, lead):
        if gone is not None:
            runs = [
                part
                for run in runs
                for part in (range(run.start, min(run.stop, gone.start)), range(max(run.start, gone.stop), run.stop))
                if part
            ]
    return ((lead,) if lead is not None else ()) + tuple(runs)


@dataclass(frozen=True, slots=True)
class Chapter:
    """A part of a source that is about one thing: ticks, title, and the words that tell it apart."""

    start: int
    end: int
    title: str
    telling: tuple[str, ...] = ()
