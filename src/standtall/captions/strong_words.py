"""Proposes which words of a short have emphasis: rare ones, those that the speaker stresses, numbers and exclamations."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import Final

from standtall.captions.grouping import Card
from standtall.language.bonds import is_number
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.stress import HIGHER, LETTERS, LOUDER_DB, SLOWER, Melody, over_length, over_loudness, over_pitch
from standtall.language.written import plain_of
from standtall.model.analysis import Analysis
from standtall.model.caption_marks import Strong
from standtall.model.words import Word

NONE: Final[Mapping[str, Melody]] = {}
RARE_BITS: Final = 16.0
"""A word that tells this much is rare: about one in 65,000."""
LEAST: Final = 0.9
"""What a word must rate at least; 1 is a word that is rare, loud, high or drawn out by one of the limits."""


def proposed_strong(
    cards: Sequence[Card], found: Mapping[str, Analysis], language: str, every: int = 2, melodies: Mapping[str, Melody] = NONE
) -> list[Strong]:  # fmt: skip
    """At most one word of a card, and on average one of `every` cards: the strongest, each with its reason."""
    said, sources = [w.said for card in cards for w in card.words], [w.source for card in cards for w in card.words]
    ratings = _ratings(said, found, sources, language, melodies)
    rated: list[tuple[float, int, Strong]] = []
    at = 0
    for number, card in enumerate(cards):
        best = max(range(len(card.words)), key=lambda i: ratings[at + i][0])
        strength, why = ratings[at + best]
        if strength >= LEAST:
            word = card.words[best]
            rated.append((strength, number, Strong(word.source, word.said.id, why)))
        at += len(card.words)
    most = max(1, len(cards) // max(1, every))
    chosen: dict[int, Strong] = {}
    for _strength, number, strong in sorted(rated, key=lambda r: (-r[0], r[1])):
        if len(chosen) < most and (every < 2 or not {number - 1, number + 1} & set(chosen)):
            chosen[number] = strong
    return [chosen[number] for number in sorted(chosen)]


def _ratings(
    words: list[Word], found: Mapping[str, Analysis], sources: list[str], language: str, melodies: Mapping[str, Melody]
) -> list[tuple[float, str]]:  # fmt: skip
    """How strong each word is, and why: the strongest of its reasons, and a little of the others."""
    stress: dict[tuple[str, int], tuple[float, float, float]] = {}
    for source in dict.fromkeys(sources):
        own = sorted({w.id: w for w, s in zip(words, sources, strict=True) if s == source}.values(), key=lambda w: w.start)
        loud, slow = over_loudness(own, found[source].level_db if source in found else ()), over_length(own)
        high = over_pitch(own, melodies.get(source))
        stress |= {(source, w.id): (float(a), float(b), float(c)) for w, a, b, c in zip(own, loud, slow, high, strict=True)}
    return [_rating(w, *stress[s, w.id], language) for w, s in zip(words, sources, strict=True)]


def _rating(word: Word, louder_db: float, slower: float, higher: float, language: str) -> tuple[float, str]:
    plain = plain_of(word.text)
    if not plain or word.kind != "word":
        return 0.0, ""
    number = is_number(plain)
    bits = COMMON_BITS if number else information(plain.split("'")[0].split("’")[0], language)
    if bits < COMMON_BITS:
        return 0.0, ""  # glue words are stressed by chance
    reasons = [
        ((bits - COMMON_BITS) / (RARE_BITS - COMMON_BITS), "a rare word"),
        (louder_db / LOUDER_DB, "said louder"),
        (higher / HIGHER, "said higher"),
        ((slower / SLOWER) if len(plain) >= LETTERS else 0.0, "drawn out"),
        (1.0 if number else 0.0, "a number"),
        (1.0 if word.text.rstrip("”\"'").endswith("!") else 0.0, "exclaimed"),
    ]
    strength, why = max(reasons)
    return strength + 0.2 * sum(max(0.0, min(1.0, s)) for s, _why in reasons), why
