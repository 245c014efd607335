"""The SQLite database of a project: opened with distrust, one writer at a time, every fault a sentence."""

from __future__ import annotations

import contextlib
import os
import sqlite3
from collections.abc import Callable, Sequence
from datetime import datetime
from pathlib import Path
from typing import Any, Final, Literal
from urllib.parse import quote

from standtall.base.errors import ProjectError, disk_error
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.library.lock import Lock, ProjectBusy

APPLICATION_ID: Final = 0x5354_414C
LARGEST: Final = 4_000_000_000
"""Most bytes of a project file: far more than years of edits."""
REPAIR: Final = tr("Repair it (menu of projects, or `stand-tall repair`), or bring back the copy of another day.")
Step = tuple[str, tuple[object, ...]]
Mode = Literal["write", "read"]
Migration = str | Callable[[sqlite3.Connection], None]
"""Statements, or a function that runs them in the transaction it is called in."""


class ProjectOld(ProjectError):
    """A file of an older version, which cannot be read before it was brought up to date."""


class ProjectLost(ProjectError):
    """The file of an open project was moved, deleted or replaced."""


class Database:
    """An open database; use it from one thread. `tables` are the columns of each table at the newest version, and
    `migrations` bring a file from one version to the next.

    In the mode "read" nothing is ever written, and no lock is held.
    """

    def __init__(
        self, path: Path, migrations: Sequence[Migration], tables: dict[str, tuple[str, ...]], mode: Mode = "write"
    ) -> None:
        """Raises `ProjectBusy` where another process writes to it, `ProjectError` for a file that is no project, is damaged
        or newer, `OutputError` where it cannot be made."""
        self.path, self.mode = path, mode
        self._migrations, self._tables = migrations, tables
        self._lock = Lock(path)
        self.renewed: Callable[[], None] = lambda: None
        """Called when what was read before may not hold any more."""
        try:
            if mode == "write":
                path.parent.mkdir(parents=True, exist_ok=True)
                self._lock.take()
            elif not path.is_file():
                raise ProjectError(tr("There is no project {path}.", path=path), tr("Check the name, or choose another."))
            if path.exists() and path.stat().st_size > LARGEST:
                raise self._damaged("it is too large")
            self._db = self._connected()
        except OSError as error:
            self._lock.release()
            raise disk_error(error, path) from error
        except BaseException:
            self._lock.release()
            raise
        try:
            self._open()
            self._identity = self._seen()
            self._version = self._data_version()
        except BaseException:
            self.close()
            raise

    def _connected(self) -> sqlite3.Connection:
        """Python's sqlite3 opens files lazily: damage shows at the first question."""
        name = f"file:{quote(str(self.path.absolute()))}"
        wal = self.path.with_name(f"{self.path.name}-wal")
        if self.mode == "write":
            name += "?mode=rwc"
        elif os.access(self.path.parent, os.W_OK) or wal.exists():
            name += "?mode=ro"
        else:  # a drive that nobody can write to: no file beside is needed to read it
            name += "?immutable=1"
        try:
            return sqlite3.connect(name, uri=True, isolation_level=None, timeout=2.0)
        except sqlite3.Error as error:
            raise ProjectError(
                tr("{name} cannot be opened.", name=self.path.name), tr("Check that the file may be read."), reason=str(error)
            ) from error

    def _open(self) -> None:
        self._ask("PRAGMA trusted_schema = OFF")
        made_by = self.number("PRAGMA application_id")
        version = self.number("PRAGMA user_version")
        empty = self.number("SELECT count(*) FROM sqlite_master") == 0
        newest = len(self._migrations)
        if made_by != APPLICATION_ID and not empty:
            raise ProjectError(
                tr("{name} is not a Stand Tall project.", name=self.path.name), tr("Choose a file that ends in .standtall.")
            )
        if version > newest:
            raise ProjectError(
                tr("{name} was made by a newer version of Stand Tall.", name=self.path.name), tr("Update the program to open it.")
            )
        if version < 0 or (empty and self.mode == "read"):
            raise self._damaged("it says no version that there is")
        if self.mode == "write":
            self._ask("PRAGMA journal_mode = WAL")
            self._ask("PRAGMA synchronous = FULL")
            for number in range(version, newest):
                self._upgrade(number)
        elif version < newest:
            raise ProjectOld(
                tr("{name} was made by an older version of Stand Tall.", name=self.path.name),
                tr("Open it once where it may be written, to bring it up to date."),
            )
        self._check_tables()

    def _upgrade(self, number: int) -> None:
        """One transaction: a kill in the middle leaves the older version whole."""
        migration = self._migrations[number]
        try:
            self._db.execute("BEGIN IMMEDIATE")
            if isinstance(migration, str):
                for statement in migration.split(";"):
                    self._db.execute(statement)
            else:
                migration(self._db)
            self._db.execute(f"PRAGMA application_id = {APPLICATION_ID}")
            self._db.execute(f"PRAGMA user_version = {number + 1}")
            self._db.execute("COMMIT")
        except BaseException as error:
            with contextlib.suppress(sqlite3.Error):
                self._db.execute("ROLLBACK")
            if isinstance(error, sqlite3.Error | OverflowError | UnicodeError):
                raise self._said(error) from error
            raise

    def _check_tables(self) -> None:
        """Only our tables with our columns: no view, trigger or generated column can change what a statement means."""
        rows = self.rows(
            "SELECT type, name FROM sqlite_master WHERE name NOT LIKE 'sqlite_autoindex_%' AND name NOT LIKE 'sqlite_stat%'"
        )
        if {name for kind, name in rows if kind == "table"} != set(self._tables) or any(kind != "table" for kind, _ in rows):
            raise self._damaged("its tables are not those of a project")
        for table, columns in self._tables.items():
            if tuple(str(row[1]) for row in self.rows(f"PRAGMA table_xinfo({table})")) != columns:
                raise self._damaged(f"its table “{table}” is not that of a project")

    def close(self) -> None:
        with contextlib.suppress(sqlite3.Error):
            self._db.close()
        self._lock.release()

    # asking

    def _ask(self, question: str, values: Sequence[object] = ()) -> list[tuple[Any, ...]]:
        try:
            return self._db.execute(question, values).fetchall()
        except (sqlite3.Error, OverflowError, UnicodeDecodeError, ValueError) as error:
            raise self._said(error) from error

    def rows(self, question: str, *values: object) -> list[tuple[Any, ...]]:
        return self._ask(question, values)

    def row(self, question: str, *values: object) -> tuple[Any, ...] | None:
        found = self._ask(question, values)
        return found[0] if found else None

    def number(self, question: str, *values: object) -> int:
        """The whole number that is the one answer; raises `ProjectError` for anything else."""
        found = self.row(question, *values)
        return self.whole(found[0] if found else None)

    def whole(self, value: object) -> int:
        """A value that must be a whole number of at most 62 bits."""
        if type(value) is not int or abs(value) > 1 << 62:
            raise self._damaged("a number in it is none")
        return value

    def text(self, value: object) -> str:
        """A value that must be text."""
        if not isinstance(value, str):
            raise self._damaged("a text in it is none")
        return value

    # writing

    def write(self, *steps: Step) -> None:
        """One transaction. It is refused where another program has written since: what it was worked out from may not hold.

        Raises `ProjectLost` where the file is not where it was, `ProjectError` where it cannot be saved.
        """
        if self.mode == "read":
            raise ProjectError(
                tr("{name} is only open to be read, so nothing was changed.", name=self.path.name),
                tr("Close it where it is being worked on, then open it again."),
            )
        if self.lost():
            raise ProjectLost(tr("{path} is not where it was: it was moved, deleted or replaced.", path=self.path))
        try:
            self._db.execute("BEGIN IMMEDIATE")
            try:
                if self._data_version() != self._version:
                    self._version = self._data_version()
                    self.renewed()
                    raise ProjectError(
                        tr("{name} was changed by another program meanwhile, so this was not done.", name=self.path.name),
                        tr("Look at it as it is now, then try again."),
                    )
                for statement, values in steps:
                    self._db.execute(statement, values)
                self._db.execute("COMMIT")
            except BaseException:
                if self._db.in_transaction:
                    self._db.execute("ROLLBACK")
                raise
        except sqlite3.OperationalError as error:
            raise self._unsaved(error) from error
        except (sqlite3.Error, OverflowError, UnicodeEncodeError) as error:
            raise self._said(error) from error

    def _data_version(self) -> int:
        """Changes when another connection has committed (sqlite.org/pragma.html#pragma_data_version)."""
        return self.number("PRAGMA data_version")

    # where the file is

    def _seen(self) -> tuple[int, int]:
        told = self.path.stat()
        return told.st_dev, told.st_ino

    def lost(self) -> bool:
        """Whether the file is not the one that was opened any more."""
        try:
            return self._seen() != self._identity
        except FileNotFoundError:
            return True
        except OSError:
            return False  # a drive that does not answer for a moment has not lost it

    def copy_to(self, path: Path) -> None:
        """Write all that is in the database to a new file; raises `ProjectError` where it cannot be."""
        try:
            with contextlib.closing(sqlite3.connect(path)) as copy:
                self._db.backup(copy)
        except (sqlite3.Error, OSError) as error:
            raise ProjectError(
                tr("{name} cannot be copied: {error}.", name=self.path.name, error=error), tr("Choose another place.")
            ) from error

    def kept_elsewhere(self) -> Path:
        """Write all that is in the database to a new file beside the place where it was, or else among the user's projects;
        -> its path. The open database holds everything also after its file was deleted.

        Raises `ProjectError` where nothing can be saved.
        """
        day = datetime.now().strftime("%Y-%m-%d %H.%M")
        error: Exception | None = None
        for folder in (self.path.parent, data_folder() / "projects"):
            path, number = folder / f"{self.path.stem} kept {day}.standtall", 2
            while path.exists():
                path, number = folder / f"{self.path.stem} kept {day} {number}.standtall", number + 1
            try:
                folder.mkdir(parents=True, exist_ok=True)
                beside = path.with_name(f".{path.name}.part")
                with contextlib.closing(sqlite3.connect(beside)) as copy:
                    self._db.backup(copy)
                    if copy.execute("PRAGMA quick_check(1)").fetchone()[0] != "ok":
                        raise sqlite3.DatabaseError("the copy is damaged")
                beside.replace(path)
                return path
            except (sqlite3.Error, OSError) as failed:
                error = failed
                with contextlib.suppress(OSError):
                    beside.unlink(missing_ok=True)
        raise ProjectError(
            tr("{name} is not where it was, and what was in it could not be kept elsewhere.", name=self.path.name),
            tr("Bring the file back, or open a backup."),
            reason=str(error),
        )

    # faults

    def _damaged(self, why: str) -> ProjectError:
        return ProjectError(tr("{name} is damaged: {why}.", name=self.path.name, why=why), REPAIR)

    def _unsaved(self, error: sqlite3.OperationalError) -> ProjectError:
        text = str(error)
        hint = (
            tr("Free some space on the disk and try again.")
            if "full" in text
            else tr("Check that the file may be written, then try again.")
        )
        return ProjectError(tr("The change could not be saved in {name}.", name=self.path.name), hint, reason=text)

    def _said(self, error: Exception) -> ProjectError:
        if isinstance(error, sqlite3.OperationalError) and ("locked" in str(error) or "busy" in str(error)):
            return ProjectBusy(
                tr("{name} is in use by another program.", name=self.path.name), tr("Close it there, then try again.")
            )
        return ProjectError(
            tr("{name} is not a Stand Tall project, or it is damaged.", name=self.path.name),
            REPAIR,
            reason=str(error),
        )
