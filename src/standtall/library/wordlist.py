"""The user's own word list, which holds in every project."""

from __future__ import annotations

from pathlib import Path

from standtall.base.folders import settings_folder
from standtall.base.interface_language import tr
from standtall.library.own import read_own, write_own
from standtall.model.corrections import Term


def _file() -> Path:
    return settings_folder() / "words.json"


def load() -> tuple[tuple[Term, ...], str]:
    """-> (the terms in the order of the alphabet, what was left out in a sentence or nothing)."""
    terms, said = read_own(_file(), tuple[Term, ...], (), tr("The words of your own word list"))
    return tuple(sorted(terms, key=lambda t: t.text.lower())), said


def save(terms: tuple[Term, ...]) -> None:
    write_own(_file(), terms)
