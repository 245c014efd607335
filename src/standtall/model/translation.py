"""A second language beside the words: passages of a sentence or so, each with its translation."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.words import Word, closes_sentence, words_within

LONGEST: Final = 7 * TICKS_PER_SECOND
MOST_LETTERS: Final = 84
"""A passage fits into one subtitle of two lines (common practice, no source)."""


@dataclass(frozen=True, slots=True)
class Passage:
    """Words from `start` to `end` (ticks of the source), as they read when they were translated, and the translation."""

    start: int
    end: int
    original: str
    text: str = ""

    def __post_init__(self) -> None:
        checks.forward("A passage", self.start, self.end)


@dataclass(frozen=True, slots=True)
class Translation:
    """Passages in time order, never overlapping, in a language such as "de"."""

    language: str
    passages: tuple[Passage, ...] = ()

    @property
    def done(self) -> int:
        return sum(bool(p.text) for p in self.passages)


@dataclass(frozen=True, slots=True)
class Translated:
    """A change of a translation: passages from index `at` on are replaced; without any left there is no such language."""

    language: str
    at: int
    old: tuple[Passage, ...]
    new: tuple[Passage, ...]


def changed(translations: tuple[Translation, ...], language: str, at: int, old: Sequence[Passage], new: Sequence[Passage],
            ) -> tuple[Translation, ...] | None:  # fmt: skip
    """The translations after a change; None when the change does not belong to them."""
    kept = {t.language: list(t.passages) for t in translations}
    passages = kept.setdefault(language, [])
    if passages[at : at + len(old)] != list(old):
        return None
    passages[at : at + len(old)] = new
    return tuple(Translation(name, tuple(rows)) for name, rows in kept.items() if rows)


def passages_of(words: tuple[Word, ...]) -> tuple[Passage, ...]:
    """The words in passages that are translated as one: a sentence of one speaker, or as much of it as a subtitle holds."""
    groups: list[list[Word]] = []
    for word in words:
        if word.kind != "word":
            continue
        if groups and not _ends(groups[-1], word):
            groups[-1].append(word)
        else:
            groups.append([word])
    return tuple(Passage(g[0].start, g[-1].end, " ".join(w.text for w in g)) for g in groups)


def _ends(group: list[Word], word: Word) -> bool:
    last = group[-1]
    letters = sum(len(w.text) + 1 for w in group)
    long = letters + len(word.text) > MOST_LETTERS or word.end - group[0].start > LONGEST
    clause = letters > MOST_LETTERS // 2 and last.text.endswith((",", ";", ":"))
    return closes_sentence(last, word) or long or clause


def original_of(words: tuple[Word, ...], passage: Passage) -> str:
    """How the passage reads now."""
    return " ".join(words[i].text for i in words_within(words, passage.start, passage.end) if words[i].kind == "word")
