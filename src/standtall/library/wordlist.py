"""The user's own word list, which holds in every project; a damaged file counts as none."""

from __future__ import annotations

import json
from pathlib import Path

from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import settings_folder
from standtall.model.corrections import Term
from standtall.model.plain import from_plain, to_plain


def _file() -> Path:
    return settings_folder() / "words.json"


def load() -> tuple[Term, ...]:
    """In the order of the alphabet."""
    try:
        terms = from_plain(tuple[Term, ...], json.loads(_file().read_text("utf-8")))
    except (OSError, ValueError, ProjectError):
        return ()
    return tuple(sorted(terms, key=lambda t: t.text.lower()))


def save(terms: tuple[Term, ...]) -> None:
    write_whole(_file(), (json.dumps(to_plain(terms), indent=1, ensure_ascii=False) + "\n").encode())
