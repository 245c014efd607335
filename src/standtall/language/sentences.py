"""Sentences and phrases of a talk: by punctuation, pauses and changes of speaker. Every part of the program means these."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.words import Word, closes_sentence

PHRASE_PAUSE: Final = round(0.38 * TICKS_PER_SECOND)
"""A silence that parts phrases: longer than the closure of a consonant, shorter than most breaths (common
practice, no source)."""


def sentences(words: tuple[Word, ...]) -> list[range]:
    """Indexes of the words of each sentence, in order; words that were not spoken belong to none."""
    return _groups(words, closes_sentence)


def closes_phrase(word: Word, after: Word | None) -> bool:
    """Whether a phrase ends with `word`, where `after` is said next: with a sentence, or before a pause."""
    return after is None or after.start - word.end > PHRASE_PAUSE or closes_sentence(word, after)


def _groups(words: tuple[Word, ...], closes: Callable[[Word, Word | None], bool]) -> list[range]:
    out: list[range] = []
    first: int | None = None
    spoken = [i for i, w in enumerate(words) if w.kind != "unspoken"]
    for i, following in zip(spoken, [*spoken[1:], None][: len(spoken)], strict=True):
        first = i if first is None else first
        if closes(words[i], None if following is None else words[following]):
            out.append(range(first, i + 1))
            first = None
    return out
