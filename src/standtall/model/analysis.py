"""Everything measured in one source; it stays in source time for ever."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Final, Literal

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.people import People
from standtall.model.translation import Translation
from standtall.model.words import Word

LEVEL_STEP: Final = TICKS_PER_SECOND // 100
"""Ticks between two values of the voice level: 10 ms."""


@dataclass(frozen=True, slots=True)
class Sounding:
    """Something that people do to be heard without words, in ticks of the source."""

    kind: Literal["laughter", "applause"]
    start: int
    end: int

    def __post_init__(self) -> None:
        checks.forward(f"The {self.kind}", self.start, self.end)


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Analysis:
    """Words, people and the voice level (dBFS, one value each 10 ms) of one source; captions come `caption_offset`
    ticks later. `language` is that of the words, such as "en", or empty where nobody said. `soundings` are only
    looked for where moments are."""

    source_key: str
    words: tuple[Word, ...] = ()
    people: People = field(default_factory=People)
    level_db: tuple[float, ...] = ()
    caption_offset: int = 0
    language: str = ""
    translations: tuple[Translation, ...] = ()
    soundings: tuple[Sounding, ...] = ()

    def quietest(self, start: int, end: int) -> int:
        """The tick in [start, end] where the sound is quietest: its middle where nothing was measured."""
        if end <= start:
            return (start + end) // 2
        first, last = start // LEVEL_STEP, min(len(self.level_db) - 1, end // LEVEL_STEP)
        if last <= first:
            return (start + end) // 2
        middle = (first + last) / 2
        best = min(range(first, last + 1), key=lambda i: (round(self.level_db[i]), abs(i - middle)))
        return max(start, min(end, best * LEVEL_STEP + LEVEL_STEP // 2))
