"""Repairs a damaged project as far as it goes: all rows that can still be read, checked, in a new file beside it.

A table of which pages are damaged is read from its start and from its end until the damage, and what lies between is lost.
"""

from __future__ import annotations

import contextlib
import sqlite3
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final
from urllib.parse import quote

from standtall.base.errors import ProjectError, StandTallError
from standtall.base.files import written_whole
from standtall.base.interface_language import tr
from standtall.library.database import APPLICATION_ID
from standtall.library.project import TABLES, VERSION, Project
from standtall.library.stored import from_text, unpacked
from standtall.model.brief import Brief
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Revision, Transcript

Row = tuple[Any, ...]
MOST_ROWS: Final = 2_000_000


def _whole(value: object) -> int:
    if type(value) is not int:
        raise ProjectError(tr("A number of the project is none."))
    return value


READ: Final[dict[str, Callable[[Row], object]]] = {
    "source": lambda row: from_text(Source, row[1]),
    "history": lambda row: (from_text(Short, row[3]), _whole(row[0]), _whole(row[1])),
    "brief": lambda row: from_text(Brief, row[1]), "transcript": lambda row: unpacked(Transcript, row[2]),
    "revision": lambda row: unpacked(Revision, row[4]),
}  # fmt: skip
"""What a row of a table must be read as to be taken over."""


@dataclass(frozen=True, slots=True)
class Repaired:
    """The new file, and how many of each were saved and lost: files of footage, shorts, steps of edits and corrections."""

    path: Path
    sources: int
    shorts: int
    steps: int
    lost: int
    cut_off: tuple[str, ...]
    """Tables of which a part could not be read, so that nobody knows how much is lost."""

    @property
    def told(self) -> str:
        """In a sentence for people."""
        lost = tr("{lost} could not be read", lost=self.lost) if self.lost else tr("nothing that could be counted is lost")
        more = tr(", and parts that nobody can count") if self.cut_off else ""
        return tr(
            "Saved: {sources} of footage, {shorts} shorts with {steps} steps; {lost}{more}.",
            sources=self.sources,
            shorts=self.shorts,
            steps=self.steps,
            lost=lost,
            more=more,
        )


def repaired(path: Path) -> Repaired:
    """Write what can be saved of `path` to a new project beside it, which is left as it is. Raises `ProjectError` where nothing
    can be saved, `OutputError` where the new file cannot be written."""
    target, number = path.with_name(f"{path.stem} repaired.standtall"), 2
    while target.exists():
        target, number = path.with_name(f"{path.stem} repaired {number}.standtall"), number + 1
    with contextlib.closing(_opened(path)) as old:
        found, cut_off = {}, []
        for table in TABLES:
            found[table], whole = _rows(old, table)
            if not whole:
                cut_off.append(table)
    kept, lost = _checked(found)
    if not kept["history"] and not kept["source"]:
        told = tr("Nothing in {name} can be read any more.", name=path.name)
        raise ProjectError(told, tr("Bring back the copy of another day: “Copies by day” in the menu of projects."))
    with written_whole(target) as beside:
        beside.unlink(missing_ok=True)
        Project(beside).close()
        _fill(beside, kept)
        with Project(beside) as made:
            shorts, sources = len(made.shorts(lambda _e: None)), len(made.sources())
        for wal in (beside.with_name(f"{beside.name}-wal"), beside.with_name(f"{beside.name}-shm")):
            wal.unlink(missing_ok=True)
    return Repaired(target, sources, shorts, len(kept["history"]) + len(kept["revision"]), lost, tuple(cut_off))


def _opened(path: Path) -> sqlite3.Connection:
    """The damaged file, to be read, with the changes that wait beside it where those can be read."""
    try:
        db = sqlite3.connect(f"file:{quote(str(path.absolute()))}?mode=ro", uri=True, isolation_level=None)
        db.execute("PRAGMA trusted_schema = OFF")
        db.execute("PRAGMA cell_size_check = ON")
        version = db.execute("PRAGMA user_version").fetchone()[0]
        made_by = db.execute("PRAGMA application_id").fetchone()[0]
    except sqlite3.Error as error:
        told = tr("{name} cannot be repaired: its first page is damaged, or it is no project.", name=path.name)
        raise ProjectError(told, tr("Bring back the copy of another day: “Copies by day” in the menu of projects.")) from error
    if made_by != APPLICATION_ID or version != VERSION:
        db.close()
        raise ProjectError(
            tr(
                "{name} cannot be repaired: it says that it is of version {version}, and this program is at {own}.",
                name=path.name,
                version=version,
                own=VERSION,
            ),
            tr("Choose a project of this version, or a copy of another day."),
        )
    return db


def _rows(db: sqlite3.Connection, table: str) -> tuple[list[Row], bool]:
    """-> (the rows that can be read, whether those are all)."""
    names = ", ".join(TABLES[table])
    out: list[Row] = []
    whole = _taken(db, f"SELECT {names} FROM {table} NOT INDEXED ORDER BY rowid", out)  # noqa: S608 - names of ours
    if not whole:
        before = len(out)
        end: list[Row] = []
        _taken(db, f"SELECT {names} FROM {table} NOT INDEXED ORDER BY rowid DESC", end)  # noqa: S608 - names of ours
        out += [row for row in reversed(end) if row not in out[:before]]
    return out, whole


def _taken(db: sqlite3.Connection, question: str, out: list[Row]) -> bool:
    """Take rows until the damage; -> whether there was none."""
    try:
        for row in db.execute(question):
            out.append(row)
            if len(out) > MOST_ROWS:
                return False
    except (sqlite3.Error, UnicodeDecodeError, OverflowError):
        return False
    return True


def _checked(found: dict[str, list[Row]]) -> tuple[dict[str, list[Row]], int]:
    """-> (the rows that say something that can be read, how many do not)."""
    kept: dict[str, list[Row]] = {}
    lost = 0
    for table, rows in found.items():
        kept[table] = [row for row in rows if _readable(table, row)]
        lost += len(rows) - len(kept[table])
    kept["short"], kept["history"] = _shorts(kept["short"], kept["history"])
    bases = {row[0] for row in kept["transcript"]}
    lost += sum(row[0] not in bases for row in kept["revision"])
    kept["revision"], kept["transcript"] = list(_unbroken(kept["revision"], bases)), kept["transcript"]
    heads = {source: max((r[1] for r in kept["revision"] if r[0] == source), default=0) for source in bases}
    kept["transcript"] = [(source, min(head, heads[source]), base) for source, head, base in kept["transcript"]]
    return kept, lost


def _readable(table: str, row: Row) -> bool:
    read = READ.get(table)
    try:
        if read is not None:
            read(row)
    except StandTallError:
        return False
    return True


def _shorts(rows: list[Row], history: list[Row]) -> tuple[list[Row], list[Row]]:
    """-> (a short for each that has a state left, their states counted anew without gaps); each stands at the state that it
    stood at, or at the newest before it."""
    states: dict[int, list[Row]] = {}
    for row in history:
        states.setdefault(row[0], []).append(row)
    stood = {row[0]: row for row in rows if isinstance(row[0], int) and isinstance(row[1], int)}
    shorts: list[Row] = []
    steps: list[Row] = []
    for number, mine in sorted(states.items()):
        mine.sort(key=lambda row: row[1])
        _id, head, opened = stood.get(number, (number, mine[-1][1], 0))
        shorts.append((number, max(0, sum(row[1] <= head for row in mine) - 1), opened))
        steps += [(number, n, *row[2:]) for n, row in enumerate(mine)]
    return shorts, steps


def _unbroken(revisions: list[Row], bases: set[str]) -> Iterator[Row]:
    """Revisions build on each other: those after a gap say nothing any more."""
    for source in bases:
        mine = {row[1]: row for row in revisions if row[0] == source}
        step = 1
        while step in mine:
            yield mine[step]
            step += 1


def _fill(path: Path, kept: dict[str, list[Row]]) -> None:
    with contextlib.closing(sqlite3.connect(path, isolation_level=None)) as db:
        db.execute("BEGIN IMMEDIATE")
        for table in TABLES:
            marks = ", ".join("?" * len(TABLES[table]))
            for row in kept[table]:
                with contextlib.suppress(sqlite3.Error):  # one that stands against a rule of the table
                    db.execute(f"INSERT OR IGNORE INTO {table} VALUES ({marks})", row)  # noqa: S608 - names of ours
        db.execute("COMMIT")
        db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
