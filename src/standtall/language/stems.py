"""What a word shares with its other forms (Porter 1980 and its kin, by the Snowball library)."""

from __future__ import annotations

import threading
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


_own = threading.local()
"""Stemmers of each thread: they keep the word at hand within themselves, so that two threads would get parts of each other's."""


def _stemmer(language: str) -> Any:
    kept: dict[str, Any] = _own.__dict__
    if language not in kept:
        name = STEMMERS.get(language)
        if name is None:
            kept[language] = None
        else:
            import snowballstemmer  # slow to import: the window opens without it

            kept[language] = snowballstemmer.stemmer(name)
    return kept[language]
