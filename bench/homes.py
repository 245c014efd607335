"""Folders of their own for a program that a measure starts, so that nothing of the user's is read or changed."""

import os
from pathlib import Path

from standtall.speech import models

FOLDERS = ("XDG_CACHE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_STATE_HOME")


def home(folder: Path) -> dict[str, str]:
    """The environment of a program whose folders are in `folder`; the speech model is the user's, fetched where it is missing.

    Without the model nothing would be recognised, and an analysis be next to no work.
    """
    link = folder / "XDG_DATA_HOME" / "stand-tall" / "models"
    if not link.is_symlink():
        link.parent.mkdir(parents=True, exist_ok=True)
        link.symlink_to(models.fetch().parent, target_is_directory=True)
    return {**os.environ, "HOME": str(folder), **{name: str(folder / name) for name in FOLDERS}}
