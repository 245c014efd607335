"""Keeps posts, how they went, and what was done with them: one SQLite file for all projects, shared by windows and the outbox.

Each change is one transaction. A change carries the values that it was made against: where one of them is another by now, nothing
of it is done. A step of undo holds every post before and after it, and is only taken back where they still stand as it left them.
"""

from __future__ import annotations

import contextlib
import json
import sqlite3
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any, Final

from standtall.base import log
from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.folders import data_folder
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, json_of
from standtall.model.codec import from_plain, to_plain
from standtall.model.post import Post
from standtall.model.rhythm import PostSettings

VERSION: Final = 1
LARGEST: Final = 4_000_000
STEPS: Final = 500
"""Of undo that are kept."""
WAIT_S: Final = 8.0
_TABLES: Final = """
CREATE TABLE posts (id INTEGER PRIMARY KEY AUTOINCREMENT, mark TEXT NOT NULL UNIQUE, project TEXT NOT NULL, number INTEGER NOT
NULL, channel TEXT NOT NULL, state TEXT NOT NULL, version INTEGER NOT NULL, value TEXT NOT NULL);
CREATE UNIQUE INDEX once ON posts (project, number, channel) WHERE state NOT IN ('skipped', 'withdrawn');
CREATE TABLE attempts (id INTEGER PRIMARY KEY, post INTEGER NOT NULL, at INTEGER NOT NULL, what TEXT NOT NULL, answer TEXT NOT
NULL); CREATE INDEX attempts_of ON attempts (post);
CREATE TABLE steps (id INTEGER PRIMARY KEY AUTOINCREMENT, name TEXT NOT NULL, undone INTEGER NOT NULL DEFAULT 0, value TEXT NOT
NULL); CREATE TABLE kept (name TEXT PRIMARY KEY, value TEXT NOT NULL);
"""

Change = tuple[Post | None, Post | None]
"""A post before (None: it is new) and after (None: it is removed)."""


@dataclass(frozen=True, slots=True)
class Attempt:
    """What was done with a post when (seconds since 1970), and what came back."""

    at: int
    what: str
    answer: str


@dataclass(frozen=True, slots=True)
class _Change:
    before: Post | None
    after: Post | None


@dataclass(frozen=True, slots=True)
class _Changes:
    changes: tuple[_Change, ...]


def posts_file() -> Path:
    return data_folder() / "posts.sqlite"


class PostStore:
    """Used from one thread at a time. Raises `ProjectError` where the file cannot be opened or written."""

    def __init__(self, path: Path | None = None) -> None:
        self.path = path or posts_file()
        self.problems: list[str] = []
        """A sentence for each post that cannot be read and was left out."""
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            self._db = sqlite3.connect(self.path, timeout=WAIT_S, isolation_level=None, check_same_thread=False)
            self._db.execute("PRAGMA journal_mode = WAL")
            self._db.execute("PRAGMA synchronous = FULL")
            self._set_up()
        except (sqlite3.Error, OSError) as error:
            raise self._said(error) from error

    def _set_up(self) -> None:
        with self._writing():
            there = self._db.execute("PRAGMA user_version").fetchone()[0]
            if there > VERSION:
                raise ProjectError(tr("The posts were made by a newer Stand Tall."), tr("Install that one."))
            if there == 0:
                for statement in _TABLES.split(";"):
                    if statement.strip():
                        self._db.execute(statement)
                self._db.execute(f"PRAGMA user_version = {VERSION}")

    def close(self) -> None:
        self._db.close()

    # reading

    def posts(self) -> tuple[Post, ...]:
        """All that are there, in the order in which they were made; what cannot be read is left out and told of."""
        self.problems = []
        out = []
        for number, version, value in self._rows("SELECT id, version, value FROM posts ORDER BY id"):
            try:
                out.append(_read(number, version, value))
            except (Unreadable, ProjectError) as error:
                self.problems.append(tr("Post {number} cannot be read and is left out: {error}", number=number, error=error))
                log.note(self.problems[-1])
        return tuple(out)

    def post(self, number: int) -> Post:
        """Raises `NothingToDo` where it is not there any more."""
        found = self._rows("SELECT id, version, value FROM posts WHERE id = ?", number)
        if not found:
            raise NothingToDo(tr("This post is not there any more."), tr("Look at the calendar as it is now."))
        try:
            return _read(*found[0])
        except Unreadable as error:
            raise ProjectError(
                tr("Post {number} cannot be read.", number=number), tr("Remove it, and make it again."), reason=str(error)
            ) from error

    def attempts(self, number: int) -> tuple[Attempt, ...]:
        """What was done with a post, the newest last."""
        return tuple(
            Attempt(*row) for row in self._rows("SELECT at, what, answer FROM attempts WHERE post = ? ORDER BY id", number)
        )

    def settings(self) -> PostSettings:
        """How posts are made and sent; as at first where that cannot be read."""
        found = self._rows("SELECT value FROM kept WHERE name = 'settings'")
        try:
            return from_plain(PostSettings, json_of(found[0][0], LARGEST)) if found else PostSettings()
        except (Unreadable, ProjectError) as error:
            log.note(f"The settings of posts are left out: {error}")
            return PostSettings()

    def kept(self, name: str) -> str:
        """A small text that is kept under a name; empty where there is none."""
        found = self._rows("SELECT value FROM kept WHERE name = ?", name)
        return str(found[0][0]) if found else ""

    def state(self) -> int:
        """Another number after each change by another connection (sqlite.org/pragma.html#pragma_data_version)."""
        return int(self._rows("PRAGMA data_version")[0][0])

    # changing

    def set_settings(self, settings: PostSettings) -> None:
        self.keep("settings", json.dumps(to_plain(settings), ensure_ascii=False))

    def keep(self, name: str, value: str) -> None:
        with self._writing():
            self._db.execute("INSERT OR REPLACE INTO kept VALUES (?, ?)", (name, value))

    def change(self, name: str, changes: Sequence[Change]) -> tuple[Post, ...]:
        """Do changes as one step that can be undone; -> the posts as they are now. Raises `NothingToDo` where one of them is
        another meanwhile, or a short would stand twice on one channel."""
        with self._writing():
            done = [_Change(before, self._put(before, after)) for before, after in changes]
            self._db.execute("DELETE FROM steps WHERE undone = 1")
            self._step(name, done)
        return tuple(c.after for c in done if c.after is not None)

    def amend(self, before: Post, after: Post) -> Post:
        """Change a post as a part of the step that it was changed by last: undo takes back both. Raises as `change`."""
        with self._writing():
            done = self._put(before, after)
            assert done is not None
            for number, value in self._db.execute(
                "SELECT id, value FROM steps WHERE undone = 0 ORDER BY id DESC LIMIT 20"
            ).fetchall():
                changes = from_plain(_Changes, json_of(value, LARGEST)).changes
                if any(c.after is not None and c.after.id == before.id for c in changes):
                    new = tuple(replace(c, after=done) if c.after is not None and c.after.id == before.id else c for c in changes)
                    text = json.dumps(to_plain(_Changes(new)), ensure_ascii=False)
                    self._db.execute("UPDATE steps SET value = ? WHERE id = ?", (text, number))
                    break
        return done

    def settle(self, before: Post, after: Post, what: str, answer: str, now: int) -> Post:
        """Keep how a post went, with a line in its log; no step of undo. Raises `NothingToDo` where it is another meanwhile."""
        with self._writing():
            done = self._put(before, after)
            self._db.execute(
                "INSERT INTO attempts (post, at, what, answer) VALUES (?, ?, ?, ?)", (before.id, now, what, answer[:2000])
            )
        assert done is not None
        return done

    def undo(self) -> str:
        """Take the newest step back; -> its name, or nothing where there is none. Raises `NothingToDo` where a post of it has
        gone on since."""
        return self._back("SELECT id, name, value FROM steps WHERE undone = 0 ORDER BY id DESC LIMIT 1", 1)

    def redo(self) -> str:
        """Do the step again that was taken back last."""
        return self._back("SELECT id, name, value FROM steps WHERE undone = 1 ORDER BY id LIMIT 1", 0)

    def _back(self, query: str, undone: int) -> str:
        name, told = "", ""
        with self._writing():
            found = self._db.execute(query).fetchone()
            if found is None:
                return ""
            number, name, value = found
            changes = from_plain(_Changes, json_of(value, LARGEST)).changes
            pairs = [(c.after, c.before) if undone else (c.before, c.after) for c in changes]
            now = [None if old is None else self._now(old.id) for old, _new in pairs]
            for (old, _new), there in zip(pairs, now, strict=True):
                if old is not None and (there is None or replace(there, version=old.version) != old):
                    told = (
                        tr("“{name}” has gone on since: “{step}” cannot be undone.", name=old.short.name, step=name)
                        if undone
                        else tr("“{name}” has gone on since: “{step}” cannot be done again.", name=old.short.name, step=name)
                    )
            if told:  # it never can be: the one before it is next
                self._db.execute("DELETE FROM steps WHERE id = ?", (number,))
            else:
                put = [self._put(there, new) for there, (_old, new) in zip(now, pairs, strict=True)]
                done = [_Change(p, c.after) if undone else _Change(c.before, p) for p, c in zip(put, changes, strict=True)]
                text = json.dumps(to_plain(_Changes(tuple(done))), ensure_ascii=False)
                self._db.execute("UPDATE steps SET undone = ?, value = ? WHERE id = ?", (undone, text, number))
        if told:
            raise NothingToDo(told, tr("Change it as it is now."))
        return str(name)

    def _now(self, number: int) -> Post | None:
        found = self._db.execute("SELECT id, version, value FROM posts WHERE id = ?", (number,)).fetchone()
        return _read(*found) if found else None

    def _put(self, before: Post | None, after: Post | None) -> Post | None:
        """Inside a transaction."""
        if before is not None:
            found = self._db.execute("SELECT version FROM posts WHERE id = ?", (before.id,)).fetchone()
            if found is None or found[0] != before.version:
                told = tr("“{name}” was changed meanwhile, or is on its way, so this was not done.", name=before.short.name)
                raise NothingToDo(told, tr("Look at it as it is now, then try again."))
        if after is None:
            assert before is not None
            self._db.execute("DELETE FROM posts WHERE id = ?", (before.id,))
            return None
        number = before.id if before is not None else after.id or None
        made = replace(after, version=(before or after).version + 1)
        row = (number, made.mark, made.short.project, made.short.number, made.channel, made.state, made.version, _text(made))
        try:
            if before is not None:
                names = "mark = ?, project = ?, number = ?, channel = ?, state = ?, version = ?, value = ?"
                self._db.execute(f"UPDATE posts SET {names} WHERE id = ?", (*row[1:], number))  # noqa: S608 - no value is in it
                return replace(made, id=before.id)
            made_id = self._db.execute("INSERT INTO posts VALUES (?, ?, ?, ?, ?, ?, ?, ?)", row).lastrowid
        except sqlite3.IntegrityError as error:
            told = tr("“{name}” is in the calendar for this channel already.", name=made.short.name)
            raise NothingToDo(told, tr("Move that post, or skip it first.")) from error
        return replace(made, id=int(made_id or 0))

    def _step(self, name: str, done: Sequence[_Change]) -> None:
        text = json.dumps(to_plain(_Changes(tuple(done))), ensure_ascii=False)
        self._db.execute("INSERT INTO steps (name, value) VALUES (?, ?)", (name, text))
        self._db.execute("DELETE FROM steps WHERE id <= (SELECT max(id) FROM steps) - ?", (STEPS,))

    @contextlib.contextmanager
    def _writing(self) -> Iterator[None]:
        """One transaction: whole, or not at all."""
        try:
            self._db.execute("BEGIN IMMEDIATE")
            try:
                yield
                self._db.execute("COMMIT")
            except BaseException:
                if self._db.in_transaction:
                    self._db.execute("ROLLBACK")
                raise
        except (sqlite3.Error, OverflowError, UnicodeEncodeError) as error:
            raise self._said(error) from error

    def _rows(self, query: str, *values: object) -> list[Any]:
        try:
            return self._db.execute(query, values).fetchall()
        except sqlite3.Error as error:
            raise self._said(error) from error

    def _said(self, error: Exception) -> ProjectError:
        text = str(error)
        if "locked" in text or "busy" in text:
            return ProjectError(
                tr("The posts are in use by another program, and it does not let go."), tr("Try again in a moment.")
            )
        name = getattr(error, "sqlite_errorname", "")
        unwritable = name in ("SQLITE_FULL", "SQLITE_READONLY", "SQLITE_CANTOPEN") or name.startswith(
            ("SQLITE_IOERR_W", "SQLITE_IOERR_T")
        )
        if unwritable or "full" in text or "readonly" in text or isinstance(error, OSError):
            told = tr("The posts could not be saved in {path}.", path=self.path)
            return ProjectError(told, tr("Free some space, or see that the file may be written."), reason=text)
        told = tr("The posts in {path} cannot be read: the file is damaged.", path=self.path)
        return ProjectError(
            told, tr("Move the file away, or put a backup in its place; what is posted stays posted."), reason=text
        )


def _text(post: Post) -> str:
    return json.dumps(to_plain(replace(post, id=0, version=0)), ensure_ascii=False)


def _read(number: int, version: int, value: str) -> Post:
    """Raises `Unreadable` or `ProjectError`."""
    return replace(from_plain(Post, json_of(value, LARGEST)), id=number, version=version)
