"""How a word is written in a caption: its case, its marks of punctuation, and whether it is masked."""

from __future__ import annotations

import unicodedata
from collections.abc import Collection
from typing import Final

MASK: Final = "•"
MATTER: Final = frozenset("!?…'’-%&/+=#@$€£¥°")
"""Marks that change what is meant; the others only help to read (common practice, no source)."""
INSIDE: Final = frozenset("'’-/.,:")
"""Marks that stay where letters or digits stand on both sides of them."""


def plain_of(text: str) -> str:
    """A word without case and without marks at its ends, to compare it."""
    return text.strip("\"'“”‘’«»()[],;:.!?…–—¿¡-").casefold()


def written(text: str, case: str = "as said", punctuation: str = "all", masked: Collection[str] = ()) -> str:
    """A word as it is shown; a word of `masked` (lower case) keeps its first letter."""
    shown = _masked(text) if masked and plain_of(text) in masked else text
    if punctuation != "all":
        shown = _bare(shown, punctuation) or shown
    if case == "capitals":
        return shown.upper()
    return shown.lower() if case == "small" else shown


def _masked(text: str) -> str:
    out, first = "", True
    for letter in text:
        if letter.isalnum():
            out += letter if first else MASK
            first = False
        elif not unicodedata.combining(letter):
            out += letter
    return out


def _bare(text: str, punctuation: str) -> str:
    out = ""
    for i, letter in enumerate(text):
        if (
            not unicodedata.category(letter).startswith("P")
            or letter == MASK
            or (punctuation == "that matter" and letter in MATTER)
            or (letter in INSIDE and 0 < i < len(text) - 1 and text[i - 1].isalnum() and text[i + 1].isalnum())
        ):
            out += letter
    return out
