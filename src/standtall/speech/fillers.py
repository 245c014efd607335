"""Sounds that fill a pause, by language (common practice, no source)."""

from __future__ import annotations

from typing import Final

from standtall.model.words import bare

FILLERS: Final = {
    "en": frozenset(["um", "uh", "er", "erm", "ah", "hm", "hmm", "mm", "mmm", "uhm", "eh", "umm", "uhh"]),
    "de": frozenset(["äh", "ähm", "hm", "hmm", "öh", "öhm", "ehm"]),
    "fr": frozenset(["euh", "heu", "hum", "hein", "bah"]),
    "es": frozenset(["eh", "em", "mmm", "ehm"]),
    "it": frozenset(["ehm", "eh", "mmm", "uhm"]),
    "pt": frozenset(["hum", "ã", "hã", "éh"]),
    "nl": frozenset(["eh", "ehm", "uh", "uhm", "hm"]),
    "pl": frozenset(["yyy", "eee", "hm", "yhm"]),
}
HELD: Final = {
    "en": ("uh", "um"), "de": ("äh", "ähm"), "fr": ("euh", "euh"), "es": ("eh", "em"), "it": ("eh", "ehm"), "pt": ("hã", "hum"),
    "nl": ("eh", "ehm"), "pl": ("yyy", "hm"),
}  # fmt: skip
"""How a held vowel is written, and one that closes on the lips."""
PROMPTS: Final = {
    "en": "Um, so, uh, I I was, er, you know, thinking, um, that, uh, hmm, we could, um, start.",
    "de": "Ähm, also, äh, ich ich war, hm, weißt du, ähm, dass wir, äh, anfangen könnten.",
    "fr": "Euh, alors, euh, je je pensais, hum, que, euh, on pourrait, euh, commencer.",
    "es": "Eh, bueno, em, yo yo estaba, eh, pensando, eh, que podríamos, em, empezar.",
}
"""Text full of fillers, which makes the recogniser write them down instead of smoothing them away."""


def is_filler(text: str, language: str | None) -> bool:
    return bare(text) in FILLERS.get(language or "en", FILLERS["en"])


def prompt(language: str | None, terms: tuple[str, ...] = ()) -> str:
    """What the recogniser is told before it listens: fillers, and the terms of the word list."""
    parts = [PROMPTS.get(language or "en", ""), ", ".join(terms[:60])]
    return " ".join(p for p in parts if p)
