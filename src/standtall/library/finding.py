"""Footage that was moved, renamed or changed since a project knew it: found again by its content, never by its name alone."""

from __future__ import annotations

import os
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Final, Literal

from standtall.base.errors import MediaError
from standtall.base.files import content_key
from standtall.model.source import Source

State = Literal["here", "moved", "missing", "changed"]
DEPTH: Final = 3
MOST: Final = 20_000
"""Files looked at in all: a search is over before anybody waits for it."""


@dataclass(frozen=True, slots=True)
class Whereabouts:
    """Where the content of a source is now; `path` is empty where it was not found.

    "changed" means that another content lies where it was, and its own was found nowhere.
    """

    state: State
    path: str = ""


def whereabouts(source: Source, near: Sequence[Path] = ()) -> Whereabouts:
    """Where a source is: at its place, or else in the folder it was in, the one above, or `near` and the folders inside them."""
    place = Path(source.path)
    if _is(place, source):
        return Whereabouts("here", source.path)
    for path in _files((place.parent, place.parent.parent, *near), source.size_bytes):
        if path != place and _is(path, source):
            return Whereabouts("moved", str(path))
    return Whereabouts("changed" if place.is_file() else "missing")


def _is(path: Path, source: Source) -> bool:
    try:
        return path.is_file() and path.stat().st_size == source.size_bytes and content_key(path) == source.key
    except (OSError, MediaError):
        return False


def _files(folders: Sequence[Path], size: int) -> Iterator[Path]:
    """Files of a size in folders, each folder once; only the first few levels, and never without end."""
    seen: set[str] = set()
    left = [MOST]
    for folder in folders:
        yield from _inside(folder, size, DEPTH, seen, left)


def _inside(folder: Path, size: int, depth: int, seen: set[str], left: list[int]) -> Iterator[Path]:
    name = str(folder.absolute())
    if name in seen or depth == 0:
        return
    seen.add(name)
    inner: list[Path] = []
    try:
        with os.scandir(folder) as entries:
            for entry in entries:
                left[0] -= 1
                if left[0] < 0:
                    return
                if entry.is_file() and entry.stat().st_size == size:
                    yield Path(entry.path)
                elif entry.is_dir(follow_symlinks=False) and not entry.name.startswith("."):
                    inner.append(Path(entry.path))
    except OSError:
        return  # a folder that may not be read holds nothing for us
    for path in inner:
        yield from _inside(path, size, depth - 1, seen, left)
