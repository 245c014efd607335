"""Spoken words with their times."""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final, Literal

from standtall.model import checks

DOUBT: Final = 0.75
"""Likelihood of being right below which a word is shown as doubtful; bench/ tells how many of those marked are wrong."""


NOBODY: Final = -1
"""The talker of a word that nobody is known to have said."""

Kind = Literal["word", "filler", "unspoken"]
"""A filler is a sound like "um"; an unspoken word was written down but is not in the sound, and is never shown."""


@dataclass(frozen=True, slots=True)
class Word:
    """One spoken word: text with its punctuation, start and end in ticks of the source, confidence 0..1.

    `talker` is the number of its talker in the transcript, or `NOBODY`.
    """

    text: str
    start: int
    end: int
    confidence: float = 1.0
    talker: int = NOBODY
    kind: Kind = "word"

    def __post_init__(self) -> None:
        checks.forward(f"The word '{self.text}'", self.start, self.end)
        checks.in_range("The confidence of a word", self.confidence, 0.0, 1.0)

    @property
    def bare(self) -> str:
        """Lower case without punctuation at the ends."""
        return bare(self.text)

    @property
    def doubtful(self) -> bool:
        return self.confidence < DOUBT and self.kind == "word"

    @property
    def ends_sentence(self) -> bool:
        return self.text.rstrip("\"'”’)").endswith((".", "!", "?", "…"))


def bare(text: str) -> str:
    """Lower case without punctuation at the ends: what makes two spellings the same word."""
    return text.strip(" \t\n.,;:!?¿¡…\"'“”‘’«»()[]-–—").lower()


def word_at(words: tuple[Word, ...], tick: int) -> int | None:
    """Index of the word being said at `tick`, or None between words."""
    i = bisect.bisect_right(words, tick, key=lambda w: w.start) - 1
    return i if i >= 0 and tick < words[i].end else None


def words_within(words: tuple[Word, ...], start: int, end: int) -> range:
    """Indexes of the words whose middle lies in [start, end)."""
    first = bisect.bisect_left(words, start, key=lambda w: (w.start + w.end) // 2)
    last = bisect.bisect_left(words, end, key=lambda w: (w.start + w.end) // 2)
    return range(first, last)
