"""Changes of a source or a short as a whole in a project file: of a basket, and removals. Each is kept with what stood there
before."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final, Literal, get_args

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.library.database import Database, Step
from standtall.library.stored import as_text, from_text
from standtall.library.transcripts import Turn
from standtall.model.cut import Segment
from standtall.model.source import Source

Kind = Literal["basket", "footage", "short"]
FORGET_UNDONE: Final[Step] = ("DELETE FROM change WHERE undone = 1", ())
"""Done with every new step of the project: what was undone before it cannot be redone."""


@dataclass(frozen=True, slots=True)
class _Passages:
    """A basket as it is stored."""

    passages: tuple[Segment, ...] = ()


@dataclass(frozen=True, slots=True)
class _Removed:
    """A source as it is stored when it was removed."""

    source: Source
    place: int


class Changes:
    """What belongs to sources, with its history. All times are ticks of the source."""

    def __init__(self, db: Database) -> None:
        self._db = db

    def basket(self, source: str) -> tuple[Segment, ...]:
        """Passages that were picked beside a source for a short, of it or of other footage, in their order."""
        rows = self._db.rows("SELECT origin, start, end FROM basket WHERE source = ? ORDER BY place", source)
        return tuple(Segment(self._db.text(of) or source, self._db.whole(start), self._db.whole(end)) for of, start, end in rows)

    def set_basket(self, source: str, passages: tuple[Segment, ...], label: str, turn: int, *others: Step) -> None:
        """Put other passages into the basket of a source, with `others` in the same transaction."""
        old, new = as_text(_Passages(self.basket(source))), as_text(_Passages(passages))
        self._db.write(*_basket(source, passages), _step(turn, label, "basket", source, old, new), FORGET_UNDONE, *others)

    def remove_source(self, key: str, turn: int) -> None:
        """Remove a source; its shorts, words, votes and basket stay in the file, unseen, for when it comes back."""
        row = self._db.row("SELECT value, place FROM source WHERE key = ?", key)
        if row is None:
            return
        removed = _Removed(from_text(Source, row[0]), self._db.whole(row[1]))
        label = tr("Remove {name}", name=removed.source.name)
        self._db.write(_gone(key), _step(turn, label, "footage", key, as_text(removed), ""), FORGET_UNDONE)

    def remove_short(self, number: int, name: str, source: str, turn: int) -> None:
        """Remove a short: all of it stays in the file, unseen, until the step is undone or it is brought back."""
        self._db.write(_step(turn, tr("Delete “{name}”", name=name), "short", source, str(number), ""), FORGET_UNDONE)

    def removed_shorts(self) -> frozenset[int]:
        """Numbers of shorts that were removed and not brought back."""
        found = self._db.rows("SELECT old FROM change WHERE kind = 'short' AND undone = 0")
        return frozenset(int(text) for row in found if (text := self._db.text(row[0])).isdecimal())

    def bring_short_back(self, number: int) -> None:
        """Let a short be there again; its removal is no step of undo any more."""
        self._db.write(("DELETE FROM change WHERE kind = 'short' AND undone = 0 AND old = ?", (str(number),)))

    def last(self, source: str | None) -> Turn | None:
        """What undo would undo: of a source's basket, or a removal of footage or of a short."""
        return self._turn(
            "SELECT turn, label FROM change WHERE undone = 0 AND (kind IN ('footage', 'short') OR source = ?) ORDER BY turn DESC",
            source,
        )

    def next(self, source: str | None) -> Turn | None:
        """What redo would redo."""
        return self._turn(
            "SELECT turn, label FROM change WHERE undone = 1 AND (kind IN ('footage', 'short') OR source = ?) ORDER BY turn",
            source,
        )

    def _turn(self, query: str, source: str | None) -> Turn | None:
        row = self._db.row(f"{query} LIMIT 1", source)
        return Turn(self._db.whole(row[0]), self._db.text(row[1])) if row else None

    def undo(self, turn: int) -> None:
        kind, source, old, _new = self._change(turn)
        steps = self._basket_steps(source, old) if kind == "basket" else []
        if kind == "footage":
            steps = [self._brought_back(source, old)]
        self._db.write(*steps, ("UPDATE change SET undone = 1 WHERE turn = ?", (turn,)))

    def redo(self, turn: int) -> None:
        kind, source, _old, new = self._change(turn)
        steps = self._basket_steps(source, new) if kind == "basket" else [_gone(source)] if kind == "footage" else []
        self._db.write(*steps, ("UPDATE change SET undone = 0 WHERE turn = ?", (turn,)))

    def _change(self, turn: int) -> tuple[str, str, str, str]:
        row = self._db.row("SELECT kind, source, old, new FROM change WHERE turn = ?", turn)
        if row is None or row[0] not in get_args(Kind):
            raise ProjectError(tr("A step of the project is not there any more."), tr("Open a backup of the project."))
        kind, source, old, new = (self._db.text(value) for value in row)
        return kind, source, old, new

    @staticmethod
    def _basket_steps(source: str, stored: str) -> list[Step]:
        return _basket(source, from_text(_Passages, stored).passages)

    @staticmethod
    def _brought_back(key: str, stored: str) -> Step:
        removed = from_text(_Removed, stored)
        return "INSERT OR IGNORE INTO source VALUES (?, ?, ?)", (key, as_text(removed.source), removed.place)


def _basket(source: str, passages: tuple[Segment, ...]) -> list[Step]:
    fill: list[Step] = [
        ("INSERT INTO basket VALUES (?, ?, ?, ?, ?)", (source, n, p.start, p.end, "" if p.source == source else p.source))
        for n, p in enumerate(passages)
    ]
    return [("DELETE FROM basket WHERE source = ?", (source,)), *fill]


def _gone(key: str) -> Step:
    return "DELETE FROM source WHERE key = ?", (key,)


def _step(turn: int, label: str, kind: Kind, source: str, old: str, new: str) -> Step:
    return "INSERT INTO change VALUES (?, ?, ?, ?, ?, ?, 0)", (turn, label, kind, source, old, new)
