"""What a word shares with its other forms (Porter 1980 and its kin, by the Snowball library)."""

from __future__ import annotations

import functools
from typing import Any, Final

STEMMERS: Final = {
    "en": "english", "de": "german", "fr": "french", "es": "spanish", "it": "italian", "nl": "dutch", "pt": "portuguese",
    "sv": "swedish", "da": "danish", "no": "norwegian", "fi": "finnish", "ru": "russian", "ro": "romanian", "hu": "hungarian",
    "tr": "turkish", "pl": "polish",
}  # fmt: skip
"""The library's names of languages."""


def stem(word: str, language: str) -> str:
    """The stem of a word (lower case, without punctuation); the word itself in languages without a stemmer."""
    found = _stemmer(language)
    return word if found is None else str(found.stemWord(word))


@functools.cache
def _stemmer(language: str) -> Any:
    import snowballstemmer  # slow to import: the window opens without it

    name = STEMMERS.get(language)
    return snowballstemmer.stemmer(name) if name else None
