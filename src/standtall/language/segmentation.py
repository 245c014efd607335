"""Phrases of scripts that put no spaces between words, found by the models of the `budoux` library (Japanese, Chinese, Thai)."""

from __future__ import annotations

import functools
from typing import Final, Protocol, cast

from standtall.language.joining import unspaced

_LANGUAGES: Final = ("ja", "zh", "th")


class Parser(Protocol):
    def parse(self, sentence: str) -> list[str]: ...


def splits(language: str) -> bool:
    """Whether phrases of a language are found here."""
    return language.split("-")[0] in _LANGUAGES


def chunks(text: str, language: str = "") -> list[str]:
    """A text in phrases that a line may end after; where no language is given it is told by the letters."""
    told = language.split("-")[0] or _by_letters(text)
    if told not in _LANGUAGES or not any(unspaced(c) for c in text):
        return text.split()
    return [part for word in text.split() for part in _parser(told).parse(word)]


def chunk_ends(text: str, language: str = "") -> frozenset[int]:
    """How many letters of a text stand before each place where a phrase ends."""
    out, at = set(), 0
    for part in chunks(text, language):
        at = text.index(part, at) + len(part)
        out.add(at)
    return frozenset(out)


def _by_letters(text: str) -> str:
    if any("\u3040" <= c <= "\u30ff" for c in text):
        return "ja"
    return "th" if any("\u0e00" <= c <= "\u0e7f" for c in text) else "zh"


@functools.cache
def _parser(language: str) -> Parser:
    import budoux

    make = {"ja": budoux.load_default_japanese_parser, "th": budoux.load_default_thai_parser,
            "zh": budoux.load_default_simplified_chinese_parser}[language]  # fmt: skip
    return cast(Parser, make())
