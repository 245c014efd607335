"""Brings a project file of version 4 to version 5: every stored value to version 2, in the transaction of the upgrade.

A value that cannot be read stays as it is: it is told of when it is asked for, and the others are not lost with it.
"""

from __future__ import annotations

import contextlib
import sqlite3
from typing import Final

from standtall.base.errors import ProjectError
from standtall.library.stored import as_text, from_text, packed, plain_of_packed
from standtall.library.upgrades.words import revision_2, transcript_2
from standtall.model.brief import Brief
from standtall.model.short import Short
from standtall.model.source import Source

CHANGES: Final = """
CREATE TABLE change (
  turn INTEGER PRIMARY KEY, label TEXT NOT NULL, kind TEXT NOT NULL, source TEXT NOT NULL, old TEXT NOT NULL, new TEXT NOT NULL,
  undone INTEGER NOT NULL
)
"""
"""Changes of baskets, and removals of sources, with what stood there before."""


def to_5(db: sqlite3.Connection) -> None:
    """Upgrade all values of a file; the caller holds the transaction."""
    db.execute(CHANGES)
    for table, kind, key in (("history", Short, "rowid"), ("brief", Brief, "source"), ("source", Source, "key")):
        for place, text in db.execute(f"SELECT {key}, value FROM {table}").fetchall():  # noqa: S608 - names of our own
            with contextlib.suppress(ProjectError):
                value = as_text(from_text(kind, text))
                db.execute(f"UPDATE {table} SET value = ? WHERE {key} = ?", (value, place))  # noqa: S608
    for source, base in db.execute("SELECT source, base FROM transcript").fetchall():
        with contextlib.suppress(ProjectError):
            _transcript(db, source, base)


def _transcript(db: sqlite3.Connection, source: object, base: object) -> None:
    """The words of one source with every step that was ever taken, also those that were undone."""
    transcript = transcript_2(plain_of_packed(base))
    words = list(transcript.words)
    db.execute("UPDATE transcript SET base = ? WHERE source = ?", (packed(transcript), source))
    steps = db.execute("SELECT step, value FROM revision WHERE source = ? ORDER BY step", (source,)).fetchall()
    for step, value in steps:
        revision = revision_2(plain_of_packed(value), words)
        db.execute("UPDATE revision SET value = ? WHERE source = ? AND step = ?", (packed(revision), source, step))
