"""The words of a source with what is measured of them once, so that any passage is rated in a few steps."""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from functools import cached_property
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.sentences import sentences
from standtall.language.stems import stem
from standtall.model.analysis import Analysis
from standtall.model.moment import Part, Passage
from standtall.model.words import Word


def _set(text: str) -> frozenset[str]:
    return frozenset(text.split())


CLAIM: Final = _set(
    "never always nobody everybody everyone nothing everything only best worst most least truth secret mistake wrong must"
)
CONTRAST: Final = _set("but instead yet however although actually except until unless not")
NUMBER: Final = _set(
    "two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty sixty hundred thousand million billion "
    "half twice"
)
HOW_TO: Final = _set("should need try make put keep use stop start first step way method")
FEELING: Final = _set(
    "love hate fear afraid proud angry happy sad cry cried laugh laughed hope hurt beautiful terrible wonderful wasted regret "
    "believe dream"
)
LAUGHED: Final = TICKS_PER_SECOND
"""A laugh that begins within this after a word is about it."""


def is_number(word: str) -> bool:
    return word in NUMBER or bool(re.fullmatch(r"\d[\d.,]*", word))


def _asks(word: Word) -> bool:
    return word.text.rstrip("\"'”’)").endswith("?")


@dataclass(frozen=True)
class Talk:
    """The words of a source: sentences, information, counts of telling kinds, pauses."""

    analysis: Analysis
    memory: dict[tuple[object, ...], Part] = field(default_factory=dict)
    """Parts that depend on one place alone, kept for all passages that begin or end there."""

    @property
    def words(self) -> tuple[Word, ...]:
        return self.analysis.words

    @property
    def language(self) -> str:
        return self.analysis.language or "en"

    @cached_property
    def sentences(self) -> list[range]:
        return sentences(self.words)

    @cached_property
    def sentence_of(self) -> NDArray[np.int32]:
        """(n,) number of the sentence of each word, -1 for words that were not spoken."""
        out = np.full(len(self.words), -1, np.int32)
        for number, span in enumerate(self.sentences):
            out[span.start : span.stop] = number
        return out

    def sentence_at(self, word: int) -> range:
        number = int(self.sentence_of[word])
        return self.sentences[number] if number >= 0 else range(word, word + 1)

    @cached_property
    def bare(self) -> list[str]:
        return [w.bare for w in self.words]

    @cached_property
    def stems(self) -> list[str]:
        known = {b: stem(b, self.language) for b in set(self.bare)}
        return [known[b] for b in self.bare]

    @cached_property
    def bits(self) -> NDArray[np.float64]:
        """(n,) information of each word, less the more often the source says it; 0 for glue and fillers."""
        told: dict[str, int] = {}
        value_of = {b: information(b, self.language) for b in set(self.bare)}
        out = np.zeros(len(self.words))
        for i, word in enumerate(self.bare):
            value = value_of[word]
            if self.words[i].kind != "word" or value < COMMON_BITS:
                continue
            told[word] = told.get(word, 0) + 1
            out[i] = value / told[word] ** 0.5
        return out

    @cached_property
    def told(self) -> NDArray[np.float64]:
        """(n + 1,) running sum of `bits`."""
        return np.concatenate([[0.0], np.cumsum(self.bits)])

    @cached_property
    def usual(self) -> float:
        """Bits a second that this talk tells in the mean."""
        length = seconds(self.words[-1].end - self.words[0].start) if self.words else 1.0
        return float(self.told[-1]) / max(1.0, length)

    @cached_property
    def counts(self) -> dict[str, NDArray[np.int64]]:
        """For each telling kind of word the (n + 1,) running count."""
        flags = {
            "how to": [b in HOW_TO for b in self.bare],
            "claim": [b in CLAIM for b in self.bare],
            "contrast": [b in CONTRAST for b in self.bare],
            "feeling": [b in FEELING for b in self.bare],
            "number": [is_number(b) for b in self.bare],
            "name": [self.named(i) for i in range(len(self.bare))],
            "laugh": self._laughed(),
            "gap": [seconds(b.start - a.end) > 1.5 for a, b in zip(self.words, self.words[1:], strict=False)] + [False],
        }
        return {kind: np.concatenate([[0], np.cumsum(np.array(some, np.int64))]) for kind, some in flags.items()}

    def count(self, kind: str, passage: Passage) -> int:
        sums = self.counts[kind]
        return int(sum(sums[run.stop] - sums[run.start] for run in passage))

    def named(self, i: int) -> bool:
        """Whether a word is a name: written with a capital inside a sentence."""
        text = self.words[i].text
        inside = i > 0 and self.sentence_of[i] == self.sentence_of[i - 1]
        return inside and self.language != "de" and text[:1].isupper() and self.bare[i].split("'")[0] != "i" and len(text) > 1

    def _laughed(self) -> list[bool]:
        out = [False] * len(self.words)
        starts = np.array([w.start for w in self.words])
        for heard in self.analysis.soundings:
            if heard.kind == "laughter" and len(starts):
                i = max(0, int(np.searchsorted(starts, heard.start)) - 1)
                out[i] = out[i] or heard.start - self.words[i].end < LAUGHED
        return out

    @cached_property
    def first_said(self) -> dict[str, int]:
        """The first word (index) of each spelling."""
        out: dict[str, int] = {}
        for i, b in enumerate(self.bare):
            out.setdefault(b, i)
        return out

    @cached_property
    def seen(self) -> NDArray[np.float64]:
        """Running sum over whole seconds of the source in which somebody is in view."""
        people = self.analysis.people
        last = int(seconds(self.words[-1].end)) + 2 if self.words else 1
        flags = np.zeros(last)
        for track in people.tracks:
            flags[int(seconds(track.start)) : int(seconds(track.end)) + 1] = 1.0
        return np.concatenate([[0.0], np.cumsum(flags)])

    def asks(self, i: int) -> bool:
        """Whether a word ends a question."""
        return _asks(self.words[i])

    def length_of(self, passage: Passage) -> float:
        """Seconds from the first to the last word of each run."""
        return sum(seconds(self.words[run[-1]].end - self.words[run.start].start) for run in passage)
