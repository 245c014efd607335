"""How words are written one after the other: with a space between them, or without one in scripts that use none.

Scripts by the blocks of the Unicode Standard, version 15, chapters 16 and 18.
"""

from __future__ import annotations

import bisect
import itertools
from collections.abc import Sequence
from typing import Final

UNSPACED: Final = (
    (0x0E00, 0x0EFF),  # Thai, Lao
    (0x1000, 0x109F),  # Myanmar
    (0x1780, 0x17FF),  # Khmer
    (0x3000, 0x30FF),  # CJK punctuation, Hiragana, Katakana
    (0x31F0, 0x31FF),  # Katakana, phonetic extensions
    (0x3400, 0x4DBF),  # Han, extension A
    (0x4E00, 0x9FFF),  # Han
    (0xA9E0, 0xA9FF),  # Myanmar, extension B
    (0xAA60, 0xAA7F),  # Myanmar, extension A
    (0xF900, 0xFAFF),  # Han, compatibility
    (0xFF00, 0xFF9F),  # full-width forms, half-width Katakana
    (0x20000, 0x3FFFF),  # Han, further extensions
)
"""First and last letters of scripts that are written without spaces between words."""
_STARTS: Final = [first for first, _last in UNSPACED]


def unspaced(letter: str) -> bool:
    """Whether a letter is of a script that puts no spaces between words."""
    i = bisect.bisect_right(_STARTS, ord(letter)) - 1
    return i >= 0 and ord(letter) <= UNSPACED[i][1]


def gap(before: str, after: str) -> str:
    """What stands between two words: nothing where both are of scripts without spaces, else a space."""
    return "" if before and after and unspaced(before[-1]) and unspaced(after[0]) else " "


def joined(words: Sequence[str]) -> str:
    """Words as one text."""
    out = "".join(gap(before, word) + word for before, word in itertools.pairwise(words))
    return (words[0] if words else "") + out
