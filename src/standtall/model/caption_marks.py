"""What a person has settled about single words and cards of a short: where cards break and where they do not, how long they stay,
which words have emphasis, which have an emoji.

Each is held to a word by its source and id, so that it survives every change of style, cut and words; where its word is not in
the short it waits there without effect.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks

BreakKind = Literal["card", "line", "none"]
"""What stands before a word: a new card, a new line of the same card, or no break at all."""
LONGEST_HOLD: Final = 10 * TICKS_PER_SECOND
LONGEST_EMOJI: Final = 16


@dataclass(frozen=True, slots=True)
class Break:
    """What stands before a word of a source."""

    source: str
    word: int
    kind: BreakKind


@dataclass(frozen=True, slots=True)
class Hold:
    """The card that holds a word stays `ticks` after its last word, or until the next card."""

    source: str
    word: int
    ticks: int

    def __post_init__(self) -> None:
        checks.in_range("How long a caption stays", self.ticks, 0, LONGEST_HOLD)


@dataclass(frozen=True, slots=True)
class Strong:
    """A word with emphasis; `why` says what it was proposed for, and is empty where a person chose it."""

    source: str
    word: int
    why: str = ""

    def __post_init__(self) -> None:
        if len(self.why) > 120:
            raise ProjectError(tr("The reason of an emphasis must be no longer than 120 letters."))


@dataclass(frozen=True, slots=True)
class WordEmoji:
    """An emoji that stands with a word: after it on the line, or in a row above."""

    source: str
    word: int
    emoji: str
    place: Literal["line", "above"] = "line"
    why: str = ""

    def __post_init__(self) -> None:
        if not 0 < len(self.emoji) <= LONGEST_EMOJI:
            raise ProjectError(tr("An emoji must have 1 to 16 letters."))
        if len(self.why) > 120:
            raise ProjectError(tr("The reason of an emoji must be no longer than 120 letters."))
