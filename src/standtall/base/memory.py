"""Memory: how the C library's allocator is set for a program that works with pictures and sound for hours, and when Python looks
for what nothing leads to any more."""

from __future__ import annotations

import contextlib
import ctypes
import gc
from typing import Final

_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD, _M_ARENA_MAX = -1, -3, -8
LARGE: Final = 4 << 20
YOUNG: Final = 5_000
"""New objects after which Python looks through them (its own 700 are made by each edit of a short many times)."""


def give_back_large() -> None:
    """Let everything from 4 MiB on be taken from the system and given back to it when it is freed (mallopt(3) of glibc).

    Left to itself glibc raises that limit to 32 MiB as it goes, and keeps an arena for each thread: a soundtrack for each edit
    and a picture for each frame then tear holes that are never filled, and memory rises for as long as the program plays.
    Elsewhere than on glibc nothing happens.
    """
    with contextlib.suppress(OSError, AttributeError):
        library = ctypes.CDLL(None)
        for option, value in ((_M_MMAP_THRESHOLD, LARGE), (_M_TRIM_THRESHOLD, LARGE), (_M_ARENA_MAX, 2)):
            library.mallopt(option, value)


def begin_to_load() -> None:
    """Let Python look for nothing to give back while the program is being loaded: all of it stays."""
    gc.disable()


def settle(thoroughly: bool = False) -> None:
    """What is there now stays: Python looks only through what comes after it, and after more of that than usual. Looking through
    all that the program is made of, and all words of hours of talk, would hold up everything for a tenth of a second, now and
    then. `thoroughly` takes that time, for what was thought to stay and is gone."""
    if thoroughly:
        gc.unfreeze()
        gc.collect()
    gc.freeze()
    gc.set_threshold(YOUNG, 20, 20)
    gc.enable()
