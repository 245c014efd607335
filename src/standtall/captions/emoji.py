"""Proposes emoji for the words of a short by what the words mean."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final, Literal

from standtall.captions.grouping import Card
from standtall.language.emoji_words import emoji_for, label
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.written import plain_of
from standtall.model.caption_marks import WordEmoji

KEPT_BACK: Final = 4
"""Emoji in a row that all differ."""


def proposed_emoji(
    cards: Sequence[Card], language: str, every: int = 3, place: Literal["line", "above"] = "line"
) -> list[WordEmoji]:
    """At most one emoji a card, and one of `every` cards at most; those that tell most first, never the same twice in a row."""
    rated: list[tuple[float, int, int]] = []
    for number, card in enumerate(cards):
        for i, word in enumerate(card.words):
            plain = plain_of(word.text)
            bits = information(plain, language)
            if word.said.kind == "word" and bits >= COMMON_BITS and emoji_for(plain, language):
                rated.append((bits, number, i))
    chosen: dict[int, int] = {}
    for _bits, number, i in sorted(rated, key=lambda r: (-r[0], r[1])):
        if all(abs(number - other) >= every for other in chosen):
            chosen[number] = i
    out: list[WordEmoji] = []
    for number in sorted(chosen):
        word = cards[number].words[chosen[number]]
        last = {e.emoji for e in out[-KEPT_BACK:]}
        fitting = next((e for e in emoji_for(plain_of(word.text), language) if e not in last), None)
        if fitting is not None:
            out.append(
                WordEmoji(word.source, word.said.id, fitting, place, f"{plain_of(word.text)}: {label(fitting, language)}"[:120])
            )
    return out
