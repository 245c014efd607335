"""Memory that is given back: how the C library's allocator is set for a program that works with pictures and sound for hours."""

from __future__ import annotations

import contextlib
import ctypes
from typing import Final

_M_TRIM_THRESHOLD, _M_MMAP_THRESHOLD, _M_ARENA_MAX = -1, -3, -8
LARGE: Final = 4 << 20


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
