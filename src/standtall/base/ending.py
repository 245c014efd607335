"""The end of a process in which threads may still be at work."""

from __future__ import annotations

import logging
import os
import sys
from typing import NoReturn


def leave(code: int) -> NoReturn:
    """End this process with exit code `code` at once; to be called when all that matters is on disk.

    When Python ends by itself, it stops each thread that wants to go on. One that is inside a library written in C++ just then
    takes the whole process with it: "terminate called without an active exception", with a signal instead of a code.
    """
    logging.shutdown()
    for stream in (sys.stdout, sys.stderr):
        if stream is not None:
            stream.flush()
    os._exit(code)
