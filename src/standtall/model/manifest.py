"""What lies in a packed project: every file with its size and hash."""

from __future__ import annotations

import re
from dataclasses import dataclass
from pathlib import PurePosixPath
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

Role = Literal["project", "footage", "picture", "analysis", "look"]
"""Pictures are all files beside the footage that shorts use, sounds too."""
FORMAT: Final = "stand-tall-pack"
VERSION: Final = 1
PROJECT: Final = "project.standtall"
MANIFEST: Final = "manifest.json"
MOST_FILES: Final = 20_000
LARGEST: Final = 1 << 44
"""Bytes of one file."""
DEEPEST: Final = 4
SHA: Final = re.compile(r"[0-9a-f]{64}")


@dataclass(frozen=True, slots=True)
class PackedFile:
    """A file by its place inside the pack; `key` is its content key, for media and analysis."""

    path: str
    size: int
    sha256: str
    role: Role
    key: str = ""

    def __post_init__(self) -> None:
        check_inside(self.path)
        checks.in_range("The size of a packed file", self.size, 0, LARGEST)
        if not SHA.fullmatch(self.sha256):
            raise ProjectError(tr("A packed file has no hash."))


@dataclass(frozen=True, slots=True)
class Manifest:
    """`name` is that of the project."""

    name: str
    files: tuple[PackedFile, ...]
    format: str = FORMAT
    version: int = VERSION

    def __post_init__(self) -> None:
        if self.format != FORMAT:
            raise ProjectError(tr("This is no packed project."))
        if self.version != VERSION:
            raise ProjectError(
                tr("This project was packed by a newer version of Stand Tall."), tr("Update the program to open it.")
            )
        checks.in_range("The number of packed files", len(self.files), 1, MOST_FILES)
        places = [f.path.casefold() for f in self.files]
        if len(set(places)) != len(places) or [f.path for f in self.files if f.role == "project"] != [PROJECT]:
            raise ProjectError(tr("The list of what is packed is damaged."), tr("Pack the project again."))

    @property
    def size(self) -> int:
        """Bytes of all files."""
        return sum(f.size for f in self.files)


def check_inside(path: str) -> None:
    """Raise `ProjectError` for a path that is not a plain one inside a folder."""
    parts = PurePosixPath(path).parts
    plain = all(p.isprintable() and p not in (".", "..") and not set(p) & set('\\:*?"<>|') and p.strip(" .") == p for p in parts)
    if not parts or len(parts) > DEEPEST or path.startswith("/") or not plain or "/".join(parts) != path or len(path) > 250:
        raise ProjectError(
            tr("The path “{path}” leads out of the pack, or is none.", path=path[:60]),
            tr("Do not open packs of people you do not know."),
        )
