"""What is left of a process that ended inside a library, where no exception tells of it."""

from __future__ import annotations

import contextlib
import faulthandler
import fcntl
import os
from pathlib import Path
from typing import IO, Final

from standtall.base.log import log_file, note

LONGEST: Final = 20_000
"""Bytes of one crash that are kept."""
_NAME: Final = "crash-*.txt"

_own: list[IO[str]] = []


def watch_for_crashes() -> int:
    """Let this process write down where each of its threads was, should it end inside a library (`faulthandler`), and log what
    earlier processes left of that. -> How many of them there were.

    Each process has a file of its own beside the log, locked as long as the process lives: what nobody holds is left over, and
    empty where the process was only killed. Without a folder to write to, work goes on unwatched.
    """
    folder, found = log_file().parent, 0
    with contextlib.suppress(OSError):
        folder.mkdir(parents=True, exist_ok=True)
        for left in folder.glob(_NAME):
            found += _taken(left)
        file = (folder / _NAME.replace("*", str(os.getpid()))).open("w", encoding="utf-8")
        fcntl.flock(file, fcntl.LOCK_EX | fcntl.LOCK_NB)
        _own.append(file)
        faulthandler.enable(file)
    return found


def end_watch() -> None:
    """This process ends as it should: its file goes."""
    while _own:
        file = _own.pop()
        faulthandler.disable()
        with contextlib.suppress(OSError):
            Path(file.name).unlink()
            file.close()


def _taken(left: Path) -> bool:
    """Whether a file told of a crash; it is in the log then, and gone."""
    with contextlib.suppress(OSError), left.open(encoding="utf-8", errors="replace") as file:
        fcntl.flock(file, fcntl.LOCK_EX | fcntl.LOCK_NB)  # refused as long as its process lives
        text = file.read(LONGEST).strip()
        left.unlink()
        if text:
            note(f"A crash ({left.stem}):\n{text}")
        return bool(text)
    return False
