"""What a short is about: the words and pairs of words in it that tell most, each with where it is said."""

from __future__ import annotations

import itertools
import math
import unicodedata
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Final

from standtall.language.bonds import bonds
from standtall.language.joining import joined
from standtall.language.rarity import COMMON_BITS, UNKNOWN_BITS, information
from standtall.language.sentences import sentences
from standtall.language.stems import stem
from standtall.model.words import Word

TOLD: Final = 12.5
"""Bits from which on a word says what a text is about: a little over the glue of every text."""
TOGETHER: Final = 0.5
"""The bond from which on two words are one term."""
NAME_GAIN: Final = 1.5
WITH_A_PAIR: Final = 0.4
"""What a word still tells by itself beside the pair that it is said in."""
SHORTEST: Final = 3


@dataclass(frozen=True, slots=True)
class KeyTerm:
    """A term as it is said, the indexes of the words that say it first, and how much it tells (bits, more where it comes
    often)."""

    text: str
    words: tuple[int, ...]
    weight: float
    named: bool = False


def bits_of(words: Sequence[Word], language: str) -> list[float]:
    """What each word tells, in bits; fillers and numbers in digits nothing."""
    base = language.split("-")[0] or "en"
    return [
        0.0 if w.kind != "word" or not any(c.isalpha() for c in w.bare) else information(w.bare, base) for w in words
    ]  # fmt: skip


def key_terms(words: tuple[Word, ...], language: str) -> tuple[KeyTerm, ...]:
    """The terms of a short, the most telling first; no two of one stem."""
    base = language.split("-")[0] or "en"
    bits = bits_of(words, language)
    firsts = {span.start for span in sentences(words)}
    held = bonds([w.text for w in words], base)
    places: dict[str, list[int]] = {}
    for i, word in enumerate(words):
        if bits[i] >= TOLD and len(word.bare) >= SHORTEST:
            places.setdefault(stem(_term(word), base), []).append(i)
    out: dict[str, KeyTerm] = {}
    for key, found in places.items():
        named = any(_capital(words[i]) and i not in firsts for i in found)
        told = min(UNKNOWN_BITS, bits[found[0]]) - COMMON_BITS + 1
        out[key] = KeyTerm(
            _term(words[found[0]]), (found[0],), told * math.sqrt(len(found)) * (NAME_GAIN if named else 1.0), named
        )
    pairs: dict[tuple[str, str], list[int]] = {}
    for i, (a, b) in enumerate(itertools.pairwise(words)):
        keys = stem(_term(a), base), stem(_term(b), base)
        named = _capital(a) and _capital(b) and i not in firsts
        told = (keys[0] in out) + (keys[1] in out)
        joins = held[i] >= TOGETHER and a.kind == b.kind == "word" and a.text[-1:].isalnum() and keys[0] != keys[1]
        if joins and (told == 2 or (named and told)):
            pairs.setdefault(keys, []).append(i)
    weights = {key: term.weight for key, term in out.items()}
    for keys, found in pairs.items():
        named = all(_capital(words[i]) for i in (found[0], found[0] + 1))
        if len(found) > 1 or named:
            text = joined([_term(words[found[0]]), _term(words[found[0] + 1])])
            weight = sum(weights.get(k, 0.0) for k in keys) * (0.75 if len(found) > 1 else 0.6) * math.sqrt(len(found))
            weight = max([weight, *(1.01 * weights[k] for k in keys if k in weights and len(places[k]) <= len(found))])
            out[" ".join(keys)] = KeyTerm(text, (found[0], found[0] + 1), weight, named)
            for key in keys:  # it is said with the pair
                if key in out and len(places[key]) <= 2 * len(found):
                    out[key] = replace(out[key], weight=WITH_A_PAIR * out[key].weight)
    return tuple(sorted(out.values(), key=lambda t: (-t.weight, t.words)))


def hashtag(text: str) -> str:
    """A term as a hashtag without its sign: letters, marks and digits, with nothing between them. Empty where no letter is
    left."""
    kept = "".join(c for c in unicodedata.normalize("NFC", text) if unicodedata.category(c)[0] in "LMN")
    return kept.lower() if any(c.isalpha() for c in kept) else ""


def _term(word: Word) -> str:
    """A word without the marks around it and without a genitive's ending."""
    text = word.text.strip(" \t\n.,;:!?¿¡…\"'“”‘’«»()[]-–—")
    return text[:-2] if text.lower().endswith(("'s", "’s")) else text


def _capital(word: Word) -> bool:
    return word.text.lstrip("\"'“‘«(¿¡")[:1].isupper()
