"""Spoken words with their times."""

from __future__ import annotations

import bisect
import functools
from dataclasses import dataclass
from typing import Final, Literal

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks

DOUBT: Final = 0.75
"""Likelihood of being right below which a word is marked as of low confidence; bench/ tells how many of those are wrong."""
KNOWN: Final = 32_768
"""Spellings of which it is kept what they are like: an edit asks it of thousands of words, of which most are the same."""

NOBODY: Final = -1
"""The speaker of a word that nobody is known to have said."""

NEW: Final = -1
"""The id of a word that gets one as it is made."""

Kind = Literal["word", "filler", "unspoken"]
"""A filler is a sound like "um"; an unspoken word was written down but is not in the sound, and is never shown."""


@dataclass(frozen=True, slots=True)
class Word:
    """One spoken word: text with its punctuation, start and end in ticks of the source, confidence 0..1.

    `speaker` is the number of its speaker in the transcript, or `NOBODY`. The `id` names the word among those of its source, also
    after it was retyped or re-timed; a word that is new is named after the tick where it starts.
    """

    text: str
    start: int
    end: int
    confidence: float = 1.0
    speaker: int = NOBODY
    kind: Kind = "word"
    id: int = NEW

    def __post_init__(self) -> None:
        if self.id == NEW:
            object.__setattr__(self, "id", self.start)
        checks.forward(f"The word '{self.text}'", self.start, self.end)
        checks.in_range("The confidence of a word", self.confidence, 0.0, 1.0)

    @property
    def bare(self) -> str:
        """Lower case without punctuation at the ends."""
        return bare(self.text)

    @property
    def low_confidence(self) -> bool:
        return self.confidence < DOUBT and self.kind == "word"

    @property
    def ends_sentence(self) -> bool:
        return ends_sentence(self.text)


@functools.lru_cache(maxsize=KNOWN)
def ends_sentence(text: str) -> bool:
    """Whether a word, as it is written, ends a sentence: by the marks of Latin, Greek, Arabic, Indic and East Asian scripts, with
    closing quotes and brackets after them."""
    return text.rstrip("\"'”’»)]」』").endswith((".", "!", "?", "…", "。", "！", "？", "؟", "।", "\u037e"))


SENTENCE_PAUSE: Final = round(1.5 * TICKS_PER_SECOND)
"""A silence after which something new begins, whatever the punctuation says (common practice, no source)."""


def closes_sentence(word: Word, after: Word | None) -> bool:
    """Whether a sentence ends with `word`, where `after` is said next: by its mark, before a long pause or another speaker."""
    return after is None or word.ends_sentence or after.start - word.end > SENTENCE_PAUSE or after.speaker != word.speaker


@functools.lru_cache(maxsize=KNOWN)
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
