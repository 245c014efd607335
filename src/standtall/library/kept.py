"""What the program keeps that could be made again, how large it is, and how it is let go."""

from __future__ import annotations

import contextlib
import os
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import Final, Literal

from standtall.base.folders import cache_folder

Kind = Literal["copies", "listened", "fetched", "analysis"]
KINDS: Final[tuple[Kind, ...]] = ("copies", "listened", "fetched", "analysis")
"""Copies to move about in; sound and landmarks that clips are traced by; footage that came from other machines; analyses."""


def sizes(check: Callable[[], None] = lambda: None) -> dict[Kind, int]:
    """Bytes of each kind on the disk."""
    out: dict[Kind, int] = dict.fromkeys(KINDS, 0)
    for kind, path in _files():
        check()
        with contextlib.suppress(OSError):
            out[kind] += path.stat().st_size
    return out


def let_go(kinds: tuple[Kind, ...], check: Callable[[], None] = lambda: None) -> int:
    """Delete what is of these kinds; -> the bytes that are free now. It is made again where it is needed."""
    freed = 0
    for kind, path in list(_files()):
        check()
        if kind in kinds:
            with contextlib.suppress(OSError):
                size = path.stat().st_size
                path.unlink()
                freed += size
    return freed


def _files() -> Iterator[tuple[Kind, Path]]:
    root = cache_folder()
    for folder, _folders, names in os.walk(root, followlinks=False):
        for name in names:
            path = Path(folder) / name
            yield _kind(path.relative_to(root)), path


def _kind(path: Path) -> Kind:
    if path.parts[0] in ("fetched", "workers"):
        return "fetched"
    if path.name.startswith("proxy"):
        return "copies"
    return "listened" if path.name.startswith(("listened", "landmarks", "heard")) else "analysis"
