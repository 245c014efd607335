"""The end of a process in which threads may still be at work, and its beginning anew."""

from __future__ import annotations

import logging
import os
import sys
from collections.abc import Sequence
from typing import NoReturn

from standtall.base.crashes import end_watch


def leave(code: int) -> NoReturn:
    """End this process with exit code `code` at once; to be called when all that matters is on disk.

    When Python ends by itself, it stops each thread that wants to go on. One that is inside a library written in C++ just then
    takes the whole process with it: "terminate called without an active exception", with a signal instead of a code.
    """
    _flush()
    end_watch()
    os._exit(code)


def begin_anew(arguments: Sequence[str]) -> NoReturn:
    """Let the program begin from scratch in this process, called with `arguments`; to be called as `leave` is."""
    _flush()
    end_watch()
    os.execv(sys.executable, [sys.executable, "-m", "standtall", *arguments])  # noqa: S606 - this program itself, without a shell


def _flush() -> None:
    logging.shutdown()
    for stream in (sys.stdout, sys.stderr):
        if stream is not None:
            stream.flush()
