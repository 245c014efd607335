"""Transcripts in a project file: the words as they were found, and every revision since, each undone by its inverse."""

from __future__ import annotations

import json
import sqlite3
import zlib
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any, Final, TypeVar

from standtall.base.errors import ProjectError
from standtall.model.plain import from_plain, to_plain
from standtall.model.transcript import Revision, Transcript, revised, unrevised

T = TypeVar("T")
Write = Callable[..., None]

LARGEST: Final = 100_000_000
"""Most bytes that a stored value may unpack to: far more than the words of a day."""


@dataclass(frozen=True, slots=True)
class Turn:
    """A step of some history: when it was taken (counting all steps of the project) and its label."""

    number: int
    label: str


def packed(value: object) -> bytes:
    return zlib.compress(json.dumps(to_plain(value), separators=(",", ":")).encode(), 5)


def unpacked(kind: type[T], data: object) -> T:
    """The inverse of `packed`; raises `ProjectError` for anything else."""
    try:
        if not isinstance(data, bytes):
            raise ValueError("no bytes")
        opener = zlib.decompressobj()
        raw = opener.decompress(data, LARGEST)
        if opener.unconsumed_tail:
            raise ValueError("too large")
        plain: Any = json.loads(raw)
    except (ValueError, zlib.error) as error:
        raise ProjectError("A transcript in the project cannot be read.", "Open a backup of the project.") from error
    return from_plain(kind, plain)


class Transcripts:
    """The transcripts of one open project, by the content key of their source."""

    def __init__(self, db: sqlite3.Connection, write: Write) -> None:
        self._db, self._write = db, write
        self._now: dict[str, tuple[int, Transcript]] = {}

    def find(self, source: str) -> Transcript | None:
        """The transcript of a source as it stands, or None where nothing was corrected yet."""
        kept = self._current(source)
        return kept[1] if kept else None

    def _current(self, source: str) -> tuple[int, Transcript] | None:
        if source not in self._now:
            row = self._db.execute("SELECT head, base FROM transcript WHERE source = ?", (source,)).fetchone()
            if row is None:
                return None
            head, transcript = int(row[0]), unpacked(Transcript, row[1])
            for step in range(1, head + 1):
                transcript = revised(transcript, self._revision(source, step))
            self._now[source] = head, transcript
        return self._now[source]

    def _revision(self, source: str, step: int) -> Revision:
        row = self._db.execute("SELECT value FROM revision WHERE source = ? AND step = ?", (source, step)).fetchone()
        if row is None:
            raise ProjectError("A correction is missing.", "The project is damaged: open a backup of it.")
        return unpacked(Revision, row[0])

    def last(self, source: str) -> Turn | None:
        """The revision that undo would take back."""
        return self._turn(source, 0)

    def next(self, source: str) -> Turn | None:
        """The revision that redo would bring again."""
        return self._turn(source, 1)

    def _turn(self, source: str, beyond: int) -> Turn | None:
        row = self._db.execute(
            "SELECT turn, label FROM revision JOIN transcript USING (source) WHERE source = ? AND step = head + ?",
            (source, beyond),
        ).fetchone()
        return Turn(int(row[0]), str(row[1])) if row else None

    def apply(
        self, source: str, base: Transcript, revision: Revision, turn: int, *others: tuple[str, tuple[object, ...]]
    ) -> None:
        """Make a revision the present state, with `others` in the same transaction. `base` is what the words are
        where none was corrected yet."""
        kept = self._current(source)
        head, transcript = kept or (0, base)
        new = revised(transcript, revision)
        first = [] if kept else [("INSERT INTO transcript VALUES (?, 0, ?)", (source, packed(base)))]
        self._write(
            *first,
            ("DELETE FROM revision WHERE source = ? AND step > ?", (source, head)),
            ("INSERT INTO revision VALUES (?, ?, ?, ?, ?)", (source, head + 1, turn, revision.label, packed(revision))),
            ("UPDATE transcript SET head = ? WHERE source = ?", (head + 1, source)),
            *others,
        )
        self._now[source] = head + 1, new

    def undo(self, source: str) -> None:
        kept = self._current(source)
        if kept is not None and kept[0] > 0:
            self._move(source, kept[0] - 1, unrevised(kept[1], self._revision(source, kept[0])))

    def redo(self, source: str) -> None:
        kept = self._current(source)
        if kept is not None and self.next(source) is not None:
            self._move(source, kept[0] + 1, revised(kept[1], self._revision(source, kept[0] + 1)))

    def _move(self, source: str, head: int, transcript: Transcript) -> None:
        self._write(("UPDATE transcript SET head = ? WHERE source = ?", (head, source)))
        self._now[source] = head, transcript
