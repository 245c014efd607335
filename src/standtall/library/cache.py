"""Analysis kept by the content of the media, shared by all projects; may be deleted at any time."""

from __future__ import annotations

import contextlib
import gzip
import hashlib
import json
import re
from collections.abc import Callable, Iterator, Sequence
from pathlib import Path
from typing import Final, TypeVar

from standtall.base import log
from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import cache_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, file_bytes, json_of, unpacked
from standtall.library.upgrades.analysis import stage_2
from standtall.model.codec import from_plain, to_plain

T = TypeVar("T")
Stamp = tuple[str, int, int, int]

VERSION: Final = 2
LARGEST: Final = 200_000_000
"""Most bytes that a stage may unpack to: the faces of a day."""
LARGEST_FILE: Final = 60_000_000
KEY: Final = re.compile(r"[0-9a-f]{24}")
"""How the content of a source is named (`base.files.content_key`)."""


class AnalysisCache:
    """One folder for each content key, in it one file for each finished stage and its settings.

    `left_out` hears in a sentence of each file that is broken: it is kept beside and counts as absent.
    """

    def __init__(self, folder: Path | None = None, left_out: Callable[[str], None] | None = None) -> None:
        self.folder = folder or cache_folder() / "analysis"
        self.left_out = left_out

    def folder_of(self, key: str) -> Path:
        """Where things of a source are kept; raises `ProjectError` for a key that is none, since it becomes a folder's name."""
        if not KEY.fullmatch(key):
            raise ProjectError(
                tr("The footage key “{key}” is none: it must be 24 hexadecimal digits.", key=key[:40]),
                tr("The project is damaged or was made by another program: open a backup of it."),
            )
        return self.folder / key

    def path(self, key: str, stage: str, settings: str = "", version: int = VERSION) -> Path:
        mark = hashlib.sha256(f"{version}:{settings}".encode("utf-8", "replace")).hexdigest()[:8]
        return self.folder_of(key) / f"{stage}-{mark}.json.gz"

    def keep(self, key: str, stage: str, value: object, settings: str = "") -> None:
        """Write a finished stage; a kill while writing leaves the older state."""
        data = json.dumps(to_plain(value), separators=(",", ":")).encode()
        write_whole(self.path(key, stage, settings), gzip.compress(data, 5, mtime=0))

    def find(self, key: str, stage: str, kind: type[T], settings: str = "") -> T | None:
        """A stage that was kept, or None; a broken file is put aside and counts as absent."""
        for version in (VERSION, 1):
            path = self.path(key, stage, settings, version)
            try:
                data = json_of(unpacked(file_bytes(path, LARGEST_FILE), LARGEST, gzip=True), LARGEST)
                return from_plain(kind, data if version == VERSION else stage_2(stage, data))
            except OSError:
                continue
            except (Unreadable, ProjectError) as error:
                self._put_aside(path, str(error))
        return None

    def stamps(self, key: str, stages: Sequence[tuple[str, str]], all_of: str) -> tuple[Stamp, ...]:
        """What tells whether files of a source are those that were read before: of stages with their settings, and of a stage
        with any. A file is never changed, only put in the place of another."""
        paths = [self.path(key, stage, settings, version) for stage, settings in stages for version in (VERSION, 1)]
        out = []
        for path in (*paths, *sorted(self.folder_of(key).glob(f"{all_of}-*.json.gz"))):
            with contextlib.suppress(OSError):
                found = path.stat()
                out.append((str(path), found.st_ino, found.st_mtime_ns, found.st_size))
        return tuple(out)

    def all_of(self, key: str, stage: str, kind: type[T]) -> Iterator[T]:
        """Everything that was kept of a stage, whatever the settings; broken files are put aside."""
        for path in sorted(self.folder_of(key).glob(f"{stage}-*.json.gz")):
            try:
                yield from_plain(kind, json_of(unpacked(file_bytes(path, LARGEST_FILE), LARGEST, gzip=True), LARGEST))
            except OSError:
                continue
            except (Unreadable, ProjectError) as error:
                self._put_aside(path, str(error))

    def _put_aside(self, path: Path, why: str) -> None:
        with contextlib.suppress(OSError):
            path.replace(path.with_name(f"{path.name}.broken"))
        said = tr(
            "A part of the analysis cannot be read ({why}). It is kept as {name}.broken; analyse the footage again.",
            why=why,
            name=path.name,
        )
        log.note(f"{path}: {said}")
        if self.left_out is not None:
            self.left_out(said)

    def forget(self, key: str, stage: str) -> None:
        """Remove what was kept of a stage, whatever its settings."""
        for path in self.folder_of(key).glob(f"{stage}-*.json.gz"):
            path.unlink(missing_ok=True)

    def proxy(self, key: str) -> Path:
        return self.folder_of(key) / "proxy.mp4"
