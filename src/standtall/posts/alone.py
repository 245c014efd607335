"""One outbox at a time for a user: told by a lock that the system lets go of when its process dies, however it dies
(flock(2))."""

from __future__ import annotations

import contextlib
import fcntl
import os
from pathlib import Path

from standtall.base.folders import state_folder


def lock_path() -> Path:
    return state_folder() / "outbox.lock"


class Alone:
    """`take` says whether this process is the outbox now; it is until `release`."""

    def __init__(self, path: Path | None = None) -> None:
        self._path = path or lock_path()
        self._file = -1

    def take(self) -> bool:
        self._path.parent.mkdir(parents=True, exist_ok=True)
        file = os.open(self._path, os.O_RDWR | os.O_CREAT | os.O_CLOEXEC | os.O_NOFOLLOW, 0o600)
        try:
            fcntl.flock(file, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            os.close(file)
            return False
        os.ftruncate(file, 0)
        os.pwrite(file, str(os.getpid()).encode(), 0)
        self._file = file
        return True

    def release(self) -> None:
        if self._file >= 0:
            os.close(self._file)
            self._file = -1


def outbox_runs(path: Path | None = None) -> bool:
    """Whether an outbox works for this user just now."""
    file = -1
    with contextlib.suppress(OSError):
        file = os.open(path or lock_path(), os.O_RDWR | os.O_CLOEXEC)
    if file < 0:
        return False
    try:
        fcntl.flock(file, fcntl.LOCK_SH | fcntl.LOCK_NB)
    except OSError:
        return True
    finally:
        os.close(file)
    return False
