"""Suggests pictures for the words of a short: by their stems, by what the signs of a picture mean in the language of the talk."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from standtall.language.emoji_words import emoji_for, languages
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.stems import stem
from standtall.language.written import plain_of
from standtall.library.stickers import Sticker
from standtall.model.words import Word

OWN: Final = 1.25
"""A picture of the editor's own is taken for it before one that ships."""
BY_SIGN: Final = 0.62
"""What a match by a sign is worth beside one by a word of the picture; the further down the sign stands, the less."""
FEWEST_BITS: Final = 7.5
"""Words that tell less are about nothing."""
FIRST_WORDS: Final = 3
"""The first words of a picture say what it shows; the others what it may stand for."""


@dataclass(frozen=True, slots=True)
class Suggestion:
    """A picture for the words `first` to `last` (indexes), its reason as the word that it was found by, and how well it fits."""

    sticker: Sticker
    first: int
    last: int
    why: str
    fits: float


class PictureIndex:
    """Finds pictures of a library by words of one language."""

    def __init__(self, library: Sequence[Sticker], language: str) -> None:
        self._language = language if language in languages() else "en"
        self._by_stem: dict[str, list[tuple[Sticker, float]]] = {}
        self._by_sign: dict[str, list[Sticker]] = {}
        for sticker in library:
            for n, word in enumerate(sticker.words):
                worth = (1.0 if n < FIRST_WORDS else 0.8) * (OWN if sticker.own else 1.0)
                tongue = self._language if sticker.own else "en"
                self._by_stem.setdefault(f"{tongue}:{stem(word.lower(), tongue)}", []).append((sticker, worth))
            for sign in sticker.emoji:
                self._by_sign.setdefault(sign.replace("\ufe0f", ""), []).append(sticker)

    def fitting(self, word: str) -> list[tuple[Sticker, float]]:
        """Pictures that fit a word, each with how well, the best first."""
        plain = plain_of(word)
        bits = information(plain, self._language) if plain else 0.0
        if bits < FEWEST_BITS:
            return []
        found: dict[str, tuple[Sticker, float]] = {}
        weight = min(bits, 18.0) / COMMON_BITS

        def add(sticker: Sticker, worth: float) -> None:
            worth *= weight * (0.97 if sticker.moves else 1.0)
            if sticker.path not in found or worth > found[sticker.path][1]:
                found[sticker.path] = sticker, worth

        keys = {f"{self._language}:{stem(plain, self._language)}"}
        for key in keys:
            for sticker, worth in self._by_stem.get(key, ()):
                add(sticker, worth)
        for rank, sign in enumerate(emoji_for(plain, self._language)[:12]):
            for sticker in self._by_sign.get(sign.replace("\ufe0f", ""), ()):
                add(sticker, BY_SIGN / (1 + rank / 5))
        return sorted(found.values(), key=lambda f: -f[1])


def best_of(index: PictureIndex, texts: Sequence[str]) -> list[tuple[Sticker, int, float]]:
    """Pictures for some words said together, each with the word it was found by and how well it fits: what several words speak
    for fits better."""
    total: dict[str, tuple[Sticker, float, int, float]] = {}
    for number, text in enumerate(texts):
        for sticker, worth in index.fitting(text):
            old = total.get(sticker.path)
            if old is None:
                total[sticker.path] = sticker, worth, number, worth
            else:
                why, most = (number, worth) if worth > old[3] else (old[2], old[3])
                total[sticker.path] = sticker, old[1] + 0.5 * worth, why, most
    return [(s, why, score) for s, score, why, _most in sorted(total.values(), key=lambda t: -t[1])]


def suggested(
    words: Sequence[Word], sentences: Sequence[range], index: PictureIndex, every: int, taken: Sequence[int] = ()
) -> list[Suggestion]:
    """At most one picture a sentence, each once, and no two nearer than `every` ticks to each other or to the `taken` times: the
    best fitting first, then in the order of the talk."""
    rated: list[Suggestion] = []
    for sentence in sentences:
        for sticker, why, score in best_of(index, [words[i].text for i in sentence])[:4]:
            at = sentence.start + why
            first, last = max(sentence.start, at - 1), min(sentence.stop - 1, at + 2)
            rated.append(Suggestion(sticker, first, last, plain_of(words[at].text), score))
    chosen: list[Suggestion] = []
    for one in sorted(rated, key=lambda s: -s.fits):
        at = words[one.first].start
        times = [words[c.first].start for c in chosen]
        if any(abs(at - t) < every for t in (*times, *taken)) or any(c.sticker.path == one.sticker.path for c in chosen):
            continue
        chosen.append(one)
    return sorted(chosen, key=lambda s: s.first)
