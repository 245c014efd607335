"""A project file: one SQLite database, every edit one transaction (schema in docs/project-file.md)."""

from __future__ import annotations

import contextlib
import functools
import json
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from types import TracebackType
from typing import Final, Literal, get_args

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, json_of
from standtall.base.time import clock
from standtall.library.cache import KEY
from standtall.library.changes import FORGET_UNDONE, Changes
from standtall.library.database import Database, Migration, Mode, ProjectOld
from standtall.library.stored import as_text, from_text
from standtall.library.transcripts import Transcripts, Turn
from standtall.library.upgrades.project_5 import to_5
from standtall.model.brief import Brief
from standtall.model.corrections import Term
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.transcript import Revision, Transcript

_FIRST: Final = """
CREATE TABLE source (key TEXT PRIMARY KEY, value TEXT NOT NULL, place INTEGER NOT NULL);
CREATE TABLE short (id INTEGER PRIMARY KEY, head INTEGER NOT NULL, opened INTEGER NOT NULL DEFAULT 0);
CREATE TABLE history (
  short INTEGER NOT NULL REFERENCES short(id), step INTEGER NOT NULL, label TEXT NOT NULL, value TEXT NOT NULL,
  PRIMARY KEY (short, step)
);
"""


_TRANSCRIPTS: Final = """
ALTER TABLE history ADD COLUMN turn INTEGER NOT NULL DEFAULT 0;
UPDATE history SET turn = step;
CREATE TABLE transcript (source TEXT PRIMARY KEY, head INTEGER NOT NULL, base BLOB NOT NULL);
CREATE TABLE revision (
  source TEXT NOT NULL REFERENCES transcript(source), step INTEGER NOT NULL, turn INTEGER NOT NULL, label TEXT NOT NULL,
  value BLOB NOT NULL, PRIMARY KEY (source, step)
);
CREATE TABLE brief (source TEXT PRIMARY KEY, value TEXT NOT NULL);
CREATE TABLE term (text TEXT PRIMARY KEY, heard TEXT NOT NULL);
"""


_VOTES: Final = """
CREATE TABLE vote (
  source TEXT NOT NULL, start INTEGER NOT NULL, end INTEGER NOT NULL, kept INTEGER NOT NULL, PRIMARY KEY (source, start, end)
);
"""


_LESSONS: Final = """
ALTER TABLE vote ADD COLUMN parts TEXT NOT NULL DEFAULT '';
CREATE TABLE basket (source TEXT NOT NULL, place INTEGER NOT NULL, start INTEGER NOT NULL, end INTEGER NOT NULL);
"""


_ORIGINS: Final = """
ALTER TABLE basket ADD COLUMN origin TEXT NOT NULL DEFAULT '';
"""


MIGRATIONS: Final[tuple[Migration, ...]] = (_FIRST, _TRANSCRIPTS, _VOTES, _LESSONS, to_5, _ORIGINS)
"""Number n brings a file of version n to n + 1."""


VERSION: Final = len(MIGRATIONS)
TABLES: Final[dict[str, tuple[str, ...]]] = {
    "source": ("key", "value", "place"), "short": ("id", "head", "opened"),
    "history": ("short", "step", "label", "value", "turn"), "transcript": ("source", "head", "base"),
    "revision": ("source", "step", "turn", "label", "value"), "brief": ("source", "value"), "term": ("text", "heard"),
    "vote": ("source", "start", "end", "kept", "parts"), "basket": ("source", "place", "start", "end", "origin"),
    "change": ("turn", "label", "kind", "source", "old", "new", "undone"),
}  # fmt: skip


History = Literal["short", "words", "change"]
"""What has a history of its own; the steps of all are counted together, and undone in that order."""
KNOWN_SHORTS: Final = 128
"""Shorts that are not read anew while their text is the same."""


@dataclass(frozen=True, slots=True)
class Entry:
    """A short in the project at its present state."""

    id: int
    short: Short
    undo: str | None
    redo: str | None


class Project:
    """An open project file. Use it from one thread. All changes are on disk when the call returns."""

    def __init__(self, path: Path, mode: Mode = "write") -> None:
        """Open or make the file at `path`, or (mode "read") open it without ever writing; raises as `Database` does."""
        self.path = path
        self._db = Database(path, MIGRATIONS, TABLES, mode)
        self.transcripts = Transcripts(self._db)
        self._changes = Changes(self._db)

    @classmethod
    def reading(cls, path: Path) -> Project:
        """Open a project to be read, also while somebody else writes to it; one of an older version is brought up to date."""
        try:
            return cls(path, "read")
        except ProjectOld:
            cls(path).close()
            return cls(path, "read")

    @property
    def writable(self) -> bool:
        return self._db.mode == "write"

    def lost(self) -> bool:
        """Whether the file was moved, deleted or replaced since it was opened."""
        return self._db.lost()

    def kept_elsewhere(self) -> Path:
        """Write everything to a new file after the old one was lost; -> its path."""
        return self._db.kept_elsewhere()

    def copy_to(self, path: Path) -> None:
        """Write all that is in the project to a new file."""
        self._db.copy_to(path)

    def close(self) -> None:
        self._db.close()

    def __enter__(self) -> Project:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        self.close()

    # sources

    def add_source(self, source: Source) -> None:
        """Add a source, or renew what is known of one with the same content."""
        count = self._db.number("SELECT coalesce(max(place), -1) + 1 FROM source")
        self._db.write(
            (
                "INSERT INTO source VALUES (?, ?, ?) ON CONFLICT(key) DO UPDATE SET value = excluded.value",
                (source.key, as_text(source), count),
            )
        )

    def remove_source(self, key: str) -> None:
        """Remove a source; its shorts, words and votes stay in the file, unseen, for when it comes back."""
        self._changes.remove_source(key, self._next_turn())

    def sources(self) -> tuple[Source, ...]:
        found = tuple(from_text(Source, row[0]) for row in self._db.rows("SELECT value FROM source ORDER BY place"))
        for source in found:
            if not KEY.fullmatch(source.key):
                raise ProjectError(
                    tr(
                        "The footage key “{key}” in {name} is none: it must be 24 hexadecimal digits.",
                        key=source.key[:40],
                        name=self.path.name,
                    ),
                    tr("The project is damaged or was made by another program: open a backup of it."),
                )
        return found

    def take_words(self, other: Project, source: str) -> bool:
        """Take the words of a source over from another project, where nothing was corrected here; -> whether they were."""
        return self.transcripts.copy_from(other.transcripts, source, self._next_turn())

    # shorts and their history

    def add_short(self, short: Short) -> int:
        """-> the new short's id."""
        number = self._db.number("SELECT coalesce(max(id), 0) + 1 FROM short")
        self._db.write(
            ("INSERT INTO short (id, head) VALUES (?, 0)", (number,)),
            ("INSERT INTO history VALUES (?, 0, ?, ?, ?)", (number, tr("New short"), as_text(short), self._next_turn())),
        )
        self.mark_opened(number)
        return number

    def mark_opened(self, number: int) -> None:
        """Remember which short was on the Bench last; nothing where the project is only read."""
        if not self.writable:
            return
        self._db.write(("UPDATE short SET opened = (id = ?)", (number,)))

    def opened(self) -> int | None:
        gone = self._changes.removed_shorts()
        numbers = [self._db.whole(row[0]) for row in self._db.rows("SELECT id FROM short ORDER BY opened DESC, id DESC")]
        return next((n for n in numbers if n not in gone), None)

    def remove_short(self, number: int) -> None:
        """Take a short out of the list; all of it stays in the file, and it can be brought back."""
        short = self.entry(number).short
        if number not in self._changes.removed_shorts():
            self._changes.remove_short(number, short.name, short.main_source, self._next_turn())

    def bring_short_back(self, number: int) -> Entry:
        """Let a short that was removed be there again."""
        self._changes.bring_short_back(number)
        return self.entry(number)

    def removed_shorts(self) -> tuple[Entry, ...]:
        """Those that were removed, and can be read."""
        out = []
        for number in sorted(self._changes.removed_shorts()):
            with contextlib.suppress(ProjectError):
                out.append(self.entry(number))
        return tuple(out)

    def shorts(self, damaged: Callable[[ProjectError], None] | None = None) -> tuple[Entry, ...]:
        """All shorts that were not removed, also those whose source was. One that cannot be read is left where it is and told
        to `damaged`; without that it is raised."""
        out: list[Entry] = []
        gone = self._changes.removed_shorts()
        for row in self._db.rows("SELECT id FROM short ORDER BY id"):
            if row[0] in gone:
                continue
            try:
                out.append(self.entry(self._db.whole(row[0])))
            except ProjectError as error:
                if damaged is None:
                    raise
                damaged(error)
        return tuple(out)

    def entry(self, number: int) -> Entry:
        """The short `number` as it stands; raises `ProjectError` when there is none.

        Its undo and redo are those of the short itself, of the words and the basket of its source, and of removals of footage:
        whichever was done last.
        """
        row = self._db.row("SELECT head FROM short WHERE id = ?", number)
        if row is None:
            raise ProjectError(
                tr("There is no short number {number} in this project.", number=number), tr("Choose one that is in its list.")
            )
        head = self._db.whole(row[0])
        found = self._db.row("SELECT value FROM history WHERE short = ? AND step = ?", number, head)
        if found is None:
            raise ProjectError(tr("Short number {number} is damaged.", number=number), tr("Open a backup of the project."))
        short = _short_of(found[0])
        self._check_inside(number, short)
        undo, redo = self._last(number, short.main_source), self._next(number, short.main_source)
        return Entry(number, short, undo[0].label if undo else None, redo[0].label if redo else None)

    def _check_inside(self, number: int, short: Short) -> None:
        """Raise `ProjectError` where a short uses footage beyond its end."""
        for key in short.sources:
            row = self._db.row("SELECT value FROM source WHERE key = ?", key)
            if row is None:
                continue  # it was removed
            length, last = from_text(Source, row[0]).length, max(s.end for s in short.segments if s.source == key)
            if last > length:
                raise ProjectError(
                    tr(
                        "Short number {number} goes on to {last} of footage that ends at {length}.",
                        number=number,
                        last=clock(last),
                        length=clock(length),
                    ),
                    tr("The project is damaged: open a backup of it, or use its other shorts."),
                )

    def _next_turn(self) -> int:
        return self._db.number(
            "SELECT max(coalesce((SELECT max(turn) FROM history), 0), coalesce((SELECT max(turn) FROM revision), 0),"
            " coalesce((SELECT max(turn) FROM change), 0)) + 1"
        )

    def _step(self, number: int, beyond: int) -> Turn | None:
        row = self._db.row(
            "SELECT turn, label FROM history JOIN short ON short = id WHERE id = ? AND step = head + ? AND step > 0",
            number,
            beyond,
        )
        return Turn(self._db.whole(row[0]), self._db.text(row[1])) if row else None

    def _last(self, number: int, source: str) -> tuple[Turn, History] | None:
        """What undo undoes."""
        turns = self._step(number, 0), self.transcripts.last(source), self._changes.last(source)
        found = [(turn, history) for turn, history in zip(turns, get_args(History), strict=True) if turn is not None]
        return max(found, key=lambda f: f[0].number, default=None)

    def _next(self, number: int, source: str) -> tuple[Turn, History] | None:
        """What redo redoes."""
        turns = self._step(number, 1), self.transcripts.next(source), self._changes.next(source)
        found = [(turn, history) for turn, history in zip(turns, get_args(History), strict=True) if turn is not None]
        return min(found, key=lambda f: f[0].number, default=None)

    def apply(self, number: int, edit: Edit) -> Entry:
        """Make an edit the present state; what was undone before it is forgotten."""
        head, source = self._head(number)
        self._db.write(
            ("DELETE FROM history WHERE short = ? AND step > ?", (number, head)),
            (
                "INSERT INTO history VALUES (?, ?, ?, ?, ?)",
                (number, head + 1, edit.label, as_text(edit.short), self._next_turn()),
            ),
            ("UPDATE short SET head = ? WHERE id = ?", (head + 1, number)),
            _forget_redone(source),
            FORGET_UNDONE,
        )
        return self.entry(number)

    def revise(self, number: int, base: Transcript, revision: Revision) -> Entry:
        """Make a revision of the words of a short's source the present state; `base` is what they are before the first."""
        head, source = self._head(number)
        others = ("DELETE FROM history WHERE short = ? AND step > ?", (number, head))
        self.transcripts.apply(source, base, revision, self._next_turn(), others, FORGET_UNDONE)
        return self.entry(number)

    def _head(self, number: int) -> tuple[int, str]:
        entry = self.entry(number)
        return self._db.number("SELECT head FROM short WHERE id = ?", number), entry.short.main_source

    def undo(self, number: int) -> Entry:
        """Step back; at the oldest state nothing happens."""
        _head, source = self._head(number)
        match self._last(number, source):
            case turn, "change":
                self._changes.undo(turn.number)
            case _, "words":
                self.transcripts.undo(source)
            case _:
                self._db.write(("UPDATE short SET head = max(0, head - 1) WHERE id = ?", (number,)))
        return self.entry(number)

    def redo(self, number: int) -> Entry:
        """Step forward; at the newest state nothing happens."""
        _head, source = self._head(number)
        match self._next(number, source):
            case turn, "change":
                self._changes.redo(turn.number)
            case _, "words":
                self.transcripts.redo(source)
            case _:
                newest = "(SELECT max(step) FROM history WHERE short = id)"
                self._db.write((f"UPDATE short SET head = min(head + 1, {newest}) WHERE id = ?", (number,)))  # noqa: S608
        return self.entry(number)

    def undo_removal(self) -> bool:
        """Bring back the source that was removed last, where no short is open; -> whether there was one."""
        turn = self._changes.last(None)
        if turn is not None:
            self._changes.undo(turn.number)
        return turn is not None

    # what was said of a source before its analysis

    def briefs(self) -> dict[str, Brief]:
        """By the content key of the source."""
        return {self._db.text(key): from_text(Brief, value) for key, value in self._db.rows("SELECT source, value FROM brief")}

    def set_brief(self, source: str, brief: Brief) -> None:
        self._db.write(("INSERT OR REPLACE INTO brief VALUES (?, ?)", (source, as_text(brief))))

    # what the editor keeps of the proposed moments, and what not

    def votes(self, source: str) -> dict[tuple[int, int], bool]:
        """Passages (ticks) of a source that were kept (True) or skipped (False)."""
        rows = self._db.rows("SELECT start, end, kept FROM vote WHERE source = ?", source)
        return {(self._db.whole(start), self._db.whole(end)): bool(kept) for start, end, kept in rows}

    def vote(self, source: str, start: int, end: int, kept: bool | None, parts: tuple[float, ...] = ()) -> None:
        """Keep a passage, pass it over, or (None) take that back; `parts` are the values that were shown with it."""
        if kept is None:
            self._db.write(("DELETE FROM vote WHERE source = ? AND start = ? AND end = ?", (source, start, end)))
        else:
            values = (source, start, end, int(kept), json.dumps(parts) if parts else "")
            self._db.write(("INSERT OR REPLACE INTO vote VALUES (?, ?, ?, ?, ?)", values))

    def lessons(self) -> tuple[tuple[tuple[float, ...], bool], ...]:
        """What all votes of the project teach: the values of the parts that were shown, and whether it was kept."""
        rows = self._db.rows("SELECT parts, kept FROM vote WHERE parts != '' ORDER BY source, start, end")
        return tuple((_load_numbers(parts), bool(kept)) for parts, kept in rows)

    def forget_lessons(self) -> None:
        """What was kept and skipped stays so, but teaches nothing any more."""
        self._db.write(("UPDATE vote SET parts = ''", ()))

    # the basket

    def basket(self, source: str) -> tuple[Segment, ...]:
        """Passages of a source that were picked for a short, in their order."""
        return self._changes.basket(source)

    def set_basket(self, number: int, passages: tuple[Segment, ...], label: str) -> Entry:
        """Put other passages into the basket of a short's source: a step like any edit of it."""
        head, source = self._head(number)
        others = ("DELETE FROM history WHERE short = ? AND step > ?", (number, head))
        self._changes.set_basket(source, passages, label, self._next_turn(), others, _forget_redone(source))
        return self.entry(number)

    # the word list

    def terms(self) -> tuple[Term, ...]:
        rows = [
            (self._db.text(t), self._db.text(h))
            for t, h in self._db.rows("SELECT text, heard FROM term ORDER BY text COLLATE NOCASE")
        ]
        return tuple(Term(text, tuple(h for h in heard.split("\n") if h)) for text, heard in rows)

    def set_terms(self, terms: tuple[Term, ...]) -> None:
        self._db.write(
            ("DELETE FROM term", ()),
            *(("INSERT OR REPLACE INTO term VALUES (?, ?)", (t.text, "\n".join(t.heard))) for t in terms),
        )


@functools.lru_cache(maxsize=KNOWN_SHORTS)
def _short_of(text: object) -> Short:
    """A short as it is kept. An edit asks for it three times, the list of shorts for all; one of an hour takes 10 ms to read."""
    return from_text(Short, text)


def _forget_redone(source: str) -> tuple[str, tuple[object, ...]]:
    return (
        "DELETE FROM revision WHERE source = ?1 AND step > (SELECT head FROM transcript WHERE transcript.source = ?1)",
        (source,),
    )


def _load_numbers(text: object) -> tuple[float, ...]:
    try:
        values = json_of(text, 10_000) if isinstance(text, str) else ()
    except Unreadable:
        return ()
    good = isinstance(values, list) and all(type(v) in (int, float) and 0 <= v <= 1 for v in values)
    return tuple(float(v) for v in values) if good else ()
