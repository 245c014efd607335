"""Where the program keeps its things, by the XDG base directory specification."""

from __future__ import annotations

import os
from pathlib import Path


def _folder(variable: str, fallback: str) -> Path:
    base = os.environ.get(variable, "")
    return (Path(base) if base.startswith("/") else Path.home() / fallback) / "stand-tall"


def data_folder() -> Path:
    """Models, the demo and projects: `$XDG_DATA_HOME/stand-tall`."""
    return _folder("XDG_DATA_HOME", ".local/share")


def cache_folder() -> Path:
    """Analysis, proxies, thumbnails; may be deleted at any time: `$XDG_CACHE_HOME/stand-tall`."""
    return _folder("XDG_CACHE_HOME", ".cache")


def settings_folder() -> Path:
    """Small settings of the window: `$XDG_CONFIG_HOME/stand-tall`."""
    return _folder("XDG_CONFIG_HOME", ".config")


def state_folder() -> Path:
    """The log, and notes of files that are being written: `$XDG_STATE_HOME/stand-tall`."""
    return _folder("XDG_STATE_HOME", ".local/state")
