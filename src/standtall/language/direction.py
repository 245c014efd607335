"""Which way a text is read."""

from __future__ import annotations

import unicodedata
from collections.abc import Iterable


def reads_backwards(texts: Iterable[str]) -> bool:
    """Whether a text, given in parts, is read from right to left: by its first letter with a direction (Unicode Standard Annex 9,
    rule P2)."""
    for text in texts:
        if text.isascii() and any(c.isalpha() for c in text):
            return False
        for letter in text:
            kind = unicodedata.bidirectional(letter)
            if kind in ("L", "R", "AL"):
                return kind != "L"
    return False
