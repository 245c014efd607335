"""Small settings of the window: recent projects, theme. A damaged file counts as none."""

from __future__ import annotations

import threading
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import Final, Literal

from standtall.base.folders import settings_folder
from standtall.base.interface_language import tr
from standtall.base.priority import going_on
from standtall.library.own import read_own, write_own
from standtall.model.brief import Brief

MOST_RECENT: Final = 8
MOST_FOLDERS: Final = 20
Motion = Literal["system", "less", "all"]


@dataclass(frozen=True, slots=True)
class ChosenKeys:
    """The keys of an action, by its name."""

    action: str
    keys: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class WindowPlace:
    """Where the window was, and whether it filled the screen."""

    x: int
    y: int
    width: int
    height: int
    whole: bool = False


@dataclass(frozen=True, slots=True)
class Settings:
    """`recent` holds project files, newest first; `picture_folders` those whose pictures are offered; finished files
    are written into `render_folder`; kinds of notices that are `waived` are not told of before a render. `theme` is light, dark
    or system, `scale` the size of everything in hundredths, `keys` those that the person has changed. Sound is heard
    `sound_late_ms` later than its device says; who has `walked` is not shown around again. `panel_share` is
    the share of the Bench's width that its panel was given, and `pane_width` the pixels of the tall pane, 0 where none were.
    `language` is a code, `sound_device` a name, both empty for that of the desktop, as is a `scale` of 0; `speech_model` is a
    folder, empty for the model that ships. New footage begins with `brief`, finished files are named by `name_pattern`, and
    `replace_files` says whether they are written over those of the same name. Work
    takes at most so many `cores` and gigabytes, the preview shows at most so many frames a second; 0 is no limit."""

    recent: tuple[str, ...] = ()
    theme: str = "light"
    picture_folders: tuple[str, ...] = ()
    render_folder: str = ""
    waived: tuple[str, ...] = ()
    keys: tuple[ChosenKeys, ...] = ()
    scale: int = 0
    window: WindowPlace | None = None
    sound_late_ms: int = 0
    walked: bool = False
    panel_share: float = 0.0
    pane_width: int = 0
    language: str = ""
    large_targets: bool = False
    motion: Motion = "system"
    brief: Brief = field(default_factory=Brief)
    name_pattern: str = ""
    replace_files: bool = False
    sound_device: str = ""
    speech_model: str = ""
    cores: int = 0
    memory_gb: int = 0
    preview_fps: int = 0
    screen_on: bool = False

    def with_render_folder(self, folder: str) -> Settings:
        return replace(self, render_folder=folder)

    def with_waived(self, kind: str, waived: bool) -> Settings:
        others = tuple(k for k in self.waived if k != kind)
        return replace(self, waived=(*others, kind) if waived else others)

    def with_folder(self, folder: str) -> Settings:
        others = tuple(f for f in self.picture_folders if f != folder)
        return replace(self, picture_folders=(folder, *others)[:MOST_FOLDERS])

    def with_recent(self, path: Path) -> Settings:
        others = tuple(p for p in self.recent if p != str(path))
        return replace(self, recent=(str(path), *others)[:MOST_RECENT])


def _file() -> Path:
    return settings_folder() / "settings.json"


_left_out: dict[Path, str] = {}
"""What was left out of a file: whoever reads it first puts a broken one aside, and others shall hear of it, too."""
_one_reads = threading.Lock()


def load() -> tuple[Settings, str]:
    """-> (the settings, what was left out of them in a sentence or nothing)."""
    path = _file()
    with going_on(), _one_reads:  # who comes second finds a broken file already put away, and must hear of it, too
        found, said = read_own(path, Settings, Settings(), tr("Your settings"))
        if said:
            _left_out[path] = said
        return found, _left_out.get(path, "")


def save(settings: Settings) -> None:
    write_own(_file(), settings)
    _left_out.pop(_file(), None)
