"""The waiting and running requests on disk, one file each, so that a kill loses none of them."""

from __future__ import annotations

import contextlib
import fcntl
import json
from pathlib import Path
from typing import IO, Final

from standtall.base import log
from standtall.base.errors import ProjectError, StandTallError
from standtall.base.files import write_whole
from standtall.base.reading import Unreadable, file_bytes, json_of
from standtall.jobs.requests import Asked, Request
from standtall.model.codec import from_plain, to_plain

LARGEST: Final = 60_000_000
"""Most bytes of one request: the words and faces of hours."""
VERSION: Final = 1


class Store:
    """A folder of requests that one program at a time uses; another one keeps its requests in memory alone (`held` is false)."""

    def __init__(self, folder: Path) -> None:
        self._folder = folder
        self._lock: IO[bytes] | None = None
        with contextlib.suppress(OSError):
            folder.mkdir(parents=True, exist_ok=True)
            lock = (folder / "lock").open("wb")
            try:
                fcntl.flock(lock, fcntl.LOCK_EX | fcntl.LOCK_NB)
                self._lock = lock
            except OSError:
                lock.close()

    @property
    def held(self) -> bool:
        """Whether this program uses the folder."""
        return self._lock is not None

    def close(self) -> None:
        if self._lock is not None:
            self._lock.close()
            self._lock = None

    def keep(self, number: int, place: int, request: Request) -> None:
        """Write a request down; a disk that cannot be written to is logged: the work is done all the same."""
        if self.held:
            data = {"version": VERSION, "place": place, **to_plain(Asked(request))}
            with contextlib.suppress(StandTallError):
                write_whole(self._path(number), json.dumps(data).encode())
                return
            log.note(f"The request {number} could not be written to {self._folder}")

    def forget(self, number: int) -> None:
        if self.held:
            self._path(number).unlink(missing_ok=True)

    def load(self) -> list[tuple[int, Request]]:
        """What was waiting or running, as (number, request) in its order. A file that cannot be understood is put aside."""
        found: list[tuple[int, int, Request]] = []
        for path in sorted(self._folder.glob("*.json")) if self.held else []:
            try:
                data = json_of(file_bytes(path, LARGEST), LARGEST)
                if not isinstance(data, dict) or data.pop("version", None) != VERSION or not path.stem.isdigit():
                    raise Unreadable("it is of no version that there is")
                place = data.pop("place", None)
                if type(place) is not int:
                    raise Unreadable("it has no place")
                found.append((place, int(path.stem), from_plain(Asked, data).request))
            except (OSError, Unreadable, ProjectError) as error:
                with contextlib.suppress(OSError):
                    path.replace(path.with_name(f"{path.name}.broken"))
                log.note(f"The request {path} cannot be read ({error}); it is put aside")
        return [(number, request) for _place, number, request in sorted(found, key=lambda f: f[:2])]

    def _path(self, number: int) -> Path:
        return self._folder / f"{number}.json"
