"""Analysis kept by the content of the media, shared by all projects; may be deleted at any time."""

from __future__ import annotations

import gzip
import hashlib
import json
import zlib
from pathlib import Path
from typing import Any, Final, TypeVar

from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import cache_folder
from standtall.model.plain import from_plain, to_plain

T = TypeVar("T")

VERSION: Final = 1
LARGEST: Final = 400_000_000
"""Most bytes that a stage may unpack to."""


class AnalysisCache:
    """One folder for each content key, in it one file for each finished stage and its settings."""

    def __init__(self, folder: Path | None = None) -> None:
        self.folder = folder or cache_folder() / "analysis"

    def path(self, key: str, stage: str, settings: str = "") -> Path:
        mark = hashlib.sha256(f"{VERSION}:{settings}".encode()).hexdigest()[:8]
        return self.folder / key / f"{stage}-{mark}.json.gz"

    def keep(self, key: str, stage: str, value: object, settings: str = "") -> None:
        """Write a finished stage; a kill while writing leaves the older state."""
        data = json.dumps(to_plain(value), separators=(",", ":")).encode()
        write_whole(self.path(key, stage, settings), gzip.compress(data, 5, mtime=0))

    def find(self, key: str, stage: str, kind: type[T], settings: str = "") -> T | None:
        """A stage that was kept, or None; a damaged file counts as absent."""
        data = self._data(self.path(key, stage, settings))
        if data is None:
            return None
        try:
            return from_plain(kind, data)
        except ProjectError:
            return None

    def forget(self, key: str, stage: str) -> None:
        """Remove what was kept of a stage, whatever its settings."""
        for path in (self.folder / key).glob(f"{stage}-*.json.gz"):
            path.unlink(missing_ok=True)

    def _data(self, path: Path) -> Any:
        try:
            with gzip.open(path) as file:
                raw = file.read(LARGEST + 1)
            return json.loads(raw) if len(raw) <= LARGEST else None
        except (OSError, EOFError, ValueError, zlib.error):
            return None

    def proxy(self, key: str) -> Path:
        return self.folder / key / "proxy.mp4"
