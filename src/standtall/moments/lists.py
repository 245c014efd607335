"""Words and turns of phrase by which a language tells what is talk and what is not: readable files, one a language.

They are what is said in all programmes (common practice, no source). In a language without a file nothing is told by words, and
what does not depend on them is measured all the same.
"""

from __future__ import annotations

import json
import re
from dataclasses import dataclass, fields
from functools import cache
from pathlib import Path
from typing import Any, Final

FOLDER: Final = Path(__file__).with_name("lists")
Words = frozenset[str]
NOTHING: Final = re.compile(r"(?!)")


@dataclass(frozen=True, slots=True)
class Lists:
    """Bare words (see `Word.bare`), and patterns that are searched in the bare words of a sentence with one space between."""

    reacting: Words
    """What a listener says to show that he listens."""
    greeting: re.Pattern[str]
    notice: re.Pattern[str]
    at_edge: re.Pattern[str]
    """What is a notice near the start or the end of a source, and may be talk elsewhere."""
    pointing: re.Pattern[str]
    """What leads through the material of a talk, and is nothing without it."""
    i_am: Words
    """After which a name is somebody's own."""
    claim: Words
    contrast: Words
    number: Words
    how_to: Words
    feeling: Words
    hedge: Words
    bridge: Words
    """What begins a sentence that, with one of `being` after it, only points to what was said or to what there is."""
    being: Words
    saying: Words
    first_person: Words
    """The one who speaks, and those he speaks for."""
    modal: Words
    about_talk: Words
    """What is said of the talk itself, its parts and its time."""
    opener: Words
    """With what something begins to be told."""
    extreme: Words
    closing: Words
    """Reactions that end what was told, and do not only go along with it."""
    question: Words
    address: Words
    clearing: Words
    """What only clears the throat."""
    outside: Words
    """What refers to something named before."""
    these: Words
    """Those of them that may stand before the thing itself."""
    links: Words
    person: Words
    past: Words
    past_form: re.Pattern[str]
    """How a verb of what happened is written as a whole, beside those in `past`."""


PATTERNS: Final = ("greeting", "notice", "at_edge", "pointing")


@cache
def lists_of(language: str) -> Lists:
    """The lists of a language by its code ("" is English); empty ones where there are none."""
    path = FOLDER / f"{language or 'en'}.json"
    told: dict[str, Any] = json.loads(path.read_text("utf-8")) if path.is_file() else {}
    made: dict[str, Any] = {f.name: frozenset(told.get(f.name, "").split()) for f in fields(Lists) if f.type == "Words"}
    for name in PATTERNS:
        made[name] = re.compile("|".join(told[name])) if name in told else NOTHING
    made["past_form"] = re.compile(told["past_form"]) if told else NOTHING
    return Lists(**made)
