"""Small settings of the window: recent projects, theme. A damaged file counts as none."""

from __future__ import annotations

import json
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.files import write_whole
from standtall.base.folders import settings_folder
from standtall.model.plain import from_plain, to_plain

MOST_RECENT: Final = 8


@dataclass(frozen=True, slots=True)
class Settings:
    """`recent` holds project files, newest first."""

    recent: tuple[str, ...] = ()
    theme: str = "light"

    def with_recent(self, path: Path) -> Settings:
        others = tuple(p for p in self.recent if p != str(path))
        return replace(self, recent=(str(path), *others)[:MOST_RECENT])


def _file() -> Path:
    return settings_folder() / "settings.json"


def load() -> Settings:
    try:
        return from_plain(Settings, json.loads(_file().read_text("utf-8")))
    except (OSError, ValueError, ProjectError):
        return Settings()


def save(settings: Settings) -> None:
    write_whole(_file(), (json.dumps(to_plain(settings), indent=1) + "\n").encode())
