"""Gives footage of a closed project other keys: those of files that stand for it from now on, at the same times."""

from __future__ import annotations

import contextlib
import sqlite3
from collections.abc import Mapping
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.library.cache import KEY

COLUMNS: Final = (
    ("source", "key"), ("source", "value"), ("history", "value"), ("transcript", "source"), ("revision", "source"),
    ("brief", "source"), ("vote", "source"), ("basket", "source"), ("basket", "origin"), ("change", "source"), ("change", "old"),
    ("change", "new"),
)  # fmt: skip
"""Where keys of footage stand, alone or in a value: 24 hexadecimal digits, so that nothing else in a value is like one."""


def rekey(project: Path, keys: Mapping[str, str]) -> None:
    """Put new keys in place of old ones everywhere in a project file, its history included, in one transaction. Raises
    `ProjectError` for keys that are none, or a file that cannot be changed."""
    if not keys:
        return
    if not all(KEY.fullmatch(key) for pair in keys.items() for key in pair):
        raise ProjectError(tr("Footage cannot be given such a key."), tr("Open a backup of the project."))
    try:
        with contextlib.closing(sqlite3.connect(project, isolation_level=None)) as database:
            database.execute("BEGIN IMMEDIATE")
            for table, column in COLUMNS:
                for old, new in keys.items():
                    database.execute(f"UPDATE {table} SET {column} = replace({column}, ?, ?)", (old, new))  # noqa: S608 - our own names
            database.execute("COMMIT")
    except sqlite3.Error as error:
        raise ProjectError(
            tr("{name} cannot be changed: {error}.", name=project.name, error=error), tr("Open a backup of it.")
        ) from error
