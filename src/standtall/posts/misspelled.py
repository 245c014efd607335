"""Words that no dictionary of this machine knows: Hunspell dictionaries, read by the library `spylls`, where one is installed."""

from __future__ import annotations

import functools
import gc
import re
import warnings
from collections.abc import Collection, Iterator
from pathlib import Path
from typing import Any, Final

from standtall.base import log
from standtall.base.folders import data_folder

FOLDERS: Final = ("/usr/share/hunspell", "/usr/share/myspell/dicts", "/usr/share/myspell")
LARGEST: Final = 40_000_000
"""Most bytes of a list of words."""
MOST: Final = 12
_WORD: Final = re.compile(r"[^\W\d_]+(?:['’][^\W\d_]+)*")
_LEFT_OUT: Final = re.compile(r"#\w+|https?://\S+|\S+@\S+")


def dictionary_file(language: str) -> Path | None:
    """The list of words for a language, the one of its own country first; the user's own folder `dictionaries` comes before the
    system's. None where none is installed."""
    base = language.split("-")[0] or "en"
    wanted = language.replace("-", "_")
    for folder in (data_folder() / "dictionaries", *map(Path, FOLDERS)):
        try:
            found = sorted(p for p in folder.glob(f"{base}*.dic") if p.with_suffix(".aff").is_file())
        except OSError:
            continue
        found = [p for p in found if re.fullmatch(rf"{base}([_-]\w+)?", p.stem) and p.stat().st_size < LARGEST]
        if found:
            return next((p for p in found if p.stem == wanted), found[0])
    return None


@functools.lru_cache(maxsize=3)
def _dictionary(path: Path) -> Any:
    from spylls.hunspell import Dictionary

    book = None
    with warnings.catch_warnings():
        warnings.simplefilter("ignore", ResourceWarning)  # the library leaves its files to be closed by themselves
        try:
            book = Dictionary.from_files(str(path.with_suffix("")))
        except Exception as error:  # noqa: BLE001 - a dictionary that cannot be read means that nothing is checked
            log.note(f"The dictionary {path} is left out: {error}")
        gc.collect()
    return book


def unknown_words(text: str, language: str, known: Collection[str] = ()) -> tuple[str, ...]:
    """Words of a text that the dictionary of a language does not know, each once, `MOST` at most; those in `known` (lower case)
    are taken as right. Nothing where no dictionary is installed. The first call reads it, which takes seconds."""
    path = dictionary_file(language)
    book = _dictionary(path) if path is not None else None
    if book is None:
        return ()
    out: dict[str, None] = {}
    for word in _words(text):
        plain = word.replace("’", "'")
        if plain.casefold() not in known and word not in out and not book.lookup(plain):
            out[word] = None
        if len(out) == MOST:
            break
    return tuple(out)


def _words(text: str) -> Iterator[str]:
    for found in _WORD.finditer(_LEFT_OUT.sub(" ", text)):
        yield found[0]
