"""Which emoji stand for a word: by its labels and keywords in the Unicode CLDR (tables made by `tools/emoji_pictures.py`), by
whole words and by their stems."""

from __future__ import annotations

import functools
import gzip
import json
import re
from importlib import resources
from typing import Any, Final

from standtall.language.stems import stem

LEAST_SHARE: Final = 0.3
"""Matches worth less are none: one word of a long label."""
PEOPLE: Final = (0, 1)
"""The groups of faces and of people."""
COMPONENTS: Final = 2
"""The group of parts that are no emoji by themselves."""


def emoji_of(code: str) -> str:
    """The letters of a code such as "1F331"."""
    return "".join(chr(int(part, 16)) for part in code.split("-"))


@functools.cache
def _table() -> dict[str, Any]:
    with resources.files("standtall.language").joinpath("data/emoji.json.gz").open("rb") as file:
        table: dict[str, Any] = json.loads(gzip.decompress(file.read()))
    return table


def languages() -> tuple[str, ...]:
    """Languages with words for emoji."""
    return tuple(_table()["words"])


def label(emoji: str, language: str = "en") -> str:
    """What an emoji is called; empty where nothing is known."""
    words = _table()["words"].get(language) or _table()["words"]["en"]
    code = "-".join(f"{ord(c):04X}" for c in emoji)
    found = words.get(code) or words.get(code.replace("-FE0F", "")) or [""]
    return str(found[0])


def all_emoji() -> list[tuple[str, int]]:
    """All emoji in the order of the standard, each with the number of its group."""
    groups = _table()["groups"]
    return [(emoji_of(code), groups[code]) for code in _table()["order"] if groups[code] != COMPONENTS]


@functools.cache
def _index(language: str) -> dict[str, list[tuple[float, int, str]]]:
    """By stem: how well an emoji is meant by it, its place in the standard's order, its code."""
    place = {code: n for n, code in enumerate(_table()["order"])}
    groups = _table()["groups"]
    out: dict[str, dict[str, float]] = {}
    for code, (name, *tags) in _table()["words"].get(language, {}).items():
        if groups[code] == COMPONENTS:
            continue
        for text, worth in [(name, 1.0), *((tag, 0.75) for tag in tags)]:
            parts = re.findall(r"[^\W\d_]+", text.lower())
            for part in parts:
                key = stem(part, language)
                share = worth / len(parts)
                if share >= LEAST_SHARE and share > out.setdefault(key, {}).get(code, 0.0):
                    out[key][code] = share

    def rank(code: str, share: float) -> tuple[float, int, str]:
        """The thing itself goes before people who do something with it."""
        return -share, place[code] + (len(place) if groups[code] in PEOPLE else 0), code

    return {key: sorted(rank(code, share) for code, share in codes.items()) for key, codes in out.items()}


def emoji_for(word: str, language: str) -> list[str]:
    """Emoji that stand for a word (lower case, without punctuation), the best first."""
    if language not in _table()["words"]:
        return []
    return [emoji_of(code) for _share, _place, code in _index(language).get(stem(word, language), [])]


def found_by(text: str, language: str, most: int = 120) -> list[str]:
    """Emoji whose label or keywords hold every one of some words, or begin with them."""
    parts = text.lower().split()
    words = _table()["words"].get(language) or _table()["words"]["en"]
    out = []
    for code in _table()["order"]:
        known = " ".join(words.get(code, ())).lower().split()
        if parts and all(any(k.startswith(part) for k in known) for part in parts) and _table()["groups"][code] != COMPONENTS:
            out.append(emoji_of(code))
            if len(out) == most:
                break
    return out
