"""Who may write to a project: one process at a time, told by a file beside the project."""

from __future__ import annotations

import contextlib
import errno
import fcntl
import getpass
import json
import os
import socket
import threading
import time
from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.files import short_name
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of

BEAT_S: Final = 20.0
"""How often an owner shows that it lives, for machines that share a drive and do not see each other's locks."""
DEAD_S: Final = 90.0


class ProjectBusy(ProjectError):
    """Somebody else writes to the project now."""


@dataclass(frozen=True, slots=True)
class Owner:
    """Who holds a lock: the name of a person, of a machine, and the number of a process there."""

    person: str
    host: str
    pid: int

    def __str__(self) -> str:
        return f"{self.person} on {self.host} (process {self.pid})"


def _me() -> Owner:
    try:
        person = getpass.getuser()
    except (KeyError, OSError):
        person = f"user {os.getuid()}"
    return Owner(person, socket.gethostname(), os.getpid())


def lock_file(project: Path) -> Path:
    return project.with_name(f".{short_name(project.name, 230)}.lock")


class Lock:
    """Held from `take` to `release`. The operating system lets go of it when the process dies, however it dies."""

    def __init__(self, project: Path) -> None:
        self._path = lock_file(project)
        self._file = -1
        self._done = threading.Event()
        self._beat: threading.Thread | None = None

    def take(self) -> None:
        """Raises `ProjectBusy` naming who has it, `OSError` where no file can be made. A dead owner's lock is taken over:
        one of this machine at once, one of another machine when it has not been renewed for `DEAD_S`."""
        while True:
            file = os.open(self._path, os.O_RDWR | os.O_CREAT | os.O_NOFOLLOW | os.O_CLOEXEC, 0o644)
            try:
                fcntl.flock(file, fcntl.LOCK_EX | fcntl.LOCK_NB)
            except OSError as error:
                if error.errno in (errno.EWOULDBLOCK, errno.EACCES):
                    os.close(file)
                    raise _busy(self._owner()) from error
                # some drives know no locks: there the owner's signs of life tell
            if self._same(file):
                break
            os.close(file)  # its owner let go of it and took it away while we waited
        owner, here = self._owner(), _me()
        if owner is not None and owner.host != here.host and time.time() - os.fstat(file).st_mtime < DEAD_S:
            os.close(file)
            raise _busy(owner)
        os.ftruncate(file, 0)
        os.pwrite(file, json.dumps({"person": here.person, "host": here.host, "pid": here.pid}).encode(), 0)
        self._file = file
        self._beat = threading.Thread(target=self._renew, name="project-lock", daemon=True)
        self._beat.start()

    def release(self) -> None:
        if self._file < 0:
            return
        self._done.set()
        if self._beat is not None:
            self._beat.join()
        if self._same(self._file):
            with contextlib.suppress(OSError):
                self._path.unlink()
        os.close(self._file)
        self._file = -1

    def _renew(self) -> None:
        while not self._done.wait(BEAT_S):
            with contextlib.suppress(OSError):
                os.utime(self._file)

    def _same(self, file: int) -> bool:
        try:
            return os.path.samestat(os.fstat(file), self._path.lstat())
        except OSError:
            return False

    def _owner(self) -> Owner | None:
        try:
            told = json_of(file_bytes(self._path, 4096), 4096)
            return Owner(str(told["person"])[:60], str(told["host"])[:80], int(told["pid"]))
        except (OSError, Unreadable, KeyError, TypeError, ValueError):
            return None


def _busy(owner: Owner | None) -> ProjectBusy:
    who = str(owner) if owner is not None else tr("another program")
    return ProjectBusy(tr("This project is being worked on by {who}.", who=who), tr("Close it there to change it here."))
