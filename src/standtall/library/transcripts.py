"""Transcripts in a project file: the words as they were found, and every revision since, each undone by its inverse."""

from __future__ import annotations

import bisect
from dataclasses import dataclass, replace

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.library.database import Database, Step
from standtall.library.stored import packed, unpacked
from standtall.model.carry import Moved, carried_words, inverse_of, moves_of
from standtall.model.identity import distinct
from standtall.model.transcript import Revision, Transcript, revised, unrevised
from standtall.model.words import Word


@dataclass(frozen=True, slots=True)
class Turn:
    """A step of some history: when it was taken (counting all steps of the project) and its label."""

    number: int
    label: str


def _last_start(words: tuple[Word, ...]) -> int:
    return words[-1].start if words else -1


class Transcripts:
    """The transcripts of one open project, by the content key of their source."""

    def __init__(self, db: Database) -> None:
        self._db = db
        db.renewed = self._forget
        self._now: dict[str, tuple[int, Transcript]] = {}
        self._last: dict[str, int] = {}
        """Where the last word of each base starts."""
        self._more: dict[str, tuple[Word, ...]] = {}
        self._broken: dict[str, int] = {}
        self._moves: dict[str, list[tuple[Moved, ...]]] = {}
        """What each step taken since the project was opened did to the places of words, by source."""

    def _forget(self) -> None:
        """Another program has written: nothing that was read holds any more, and no step from then to now is known."""
        for source in self._now:
            self._moves.setdefault(source, []).append(())
            self._broken[source] = len(self._moves[source])
        self._now.clear()
        self._last.clear()
        self._more.clear()

    def steps(self, source: str) -> int:
        """How many steps (forward or back) the words of a source have taken since the project was opened."""
        return len(self._moves.get(source, ()))

    def carried(self, source: str, since: int, chosen: range) -> range | None:
        """Where words that were chosen when `since` steps were taken stand now; None where they are not the same ones."""
        if since < self._broken.get(source, 0):
            return None
        return carried_words(chosen, [move for step in self._moves.get(source, ())[since:] for move in step])

    def find(self, source: str) -> Transcript | None:
        """The transcript of a source as it stands, or None where nothing was corrected yet."""
        kept = self._current(source)
        return kept[1] if kept else None

    def copy_from(self, other: Transcripts, source: str, turn: int) -> bool:
        """Take the transcript of a source over from another project with all its steps, where there is none here; -> whether it
        was. `turn` is that of the first step."""
        found = other._current(source)
        if found is None or self._current(source) is not None:
            return False
        row = other._db.row("SELECT base FROM transcript WHERE source = ?", source)
        assert row is not None
        steps: list[Step] = [("INSERT INTO transcript VALUES (?, ?, ?)", (source, found[0], row[0]))]
        revisions = "SELECT step, label, value FROM revision WHERE source = ? AND step <= ? ORDER BY step"
        for number, (step, label, value) in enumerate(other._db.rows(revisions, source, found[0])):
            steps.append(("INSERT INTO revision VALUES (?, ?, ?, ?, ?)", (source, step, turn + number, label, value)))
        self._db.write(*steps)
        return True

    def _current(self, source: str) -> tuple[int, Transcript] | None:
        if source not in self._now:
            row = self._db.row("SELECT head, base FROM transcript WHERE source = ?", source)
            if row is None:
                return None
            head, transcript = self._db.whole(row[0]), unpacked(Transcript, row[1])
            self._last[source] = _last_start(transcript.words)
            for step in range(1, head + 1):
                transcript = revised(transcript, self._revision(source, step))
            self._now[source] = head, transcript
        return self._now[source]

    def _revision(self, source: str, step: int) -> Revision:
        row = self._db.row("SELECT value FROM revision WHERE source = ? AND step = ?", source, step)
        if row is None:
            raise ProjectError(tr("A correction is missing."), tr("The project is damaged: open a backup of it."))
        return unpacked(Revision, row[0])

    def grow(self, source: str, found: tuple[Word, ...]) -> None:
        """Take in words that were found after the first correction: they join the end of what was there from the start, so that
        no step is needed and every revision stays as it is. Nothing happens where `found` does not begin as the words did.

        They can be found again at any time, so they are written with the next revision, which may speak of them.
        """
        kept = self._current(source)
        if kept is None:
            return
        head, transcript = kept
        at = bisect.bisect_right(found, self._last[source], key=lambda w: w.start)
        if at and found[at - 1].start != self._last[source]:
            return
        free = transcript.words[-1].end if transcript.words else 0
        more = distinct((w for w in found[at:] if w.start >= free), {w.id for w in transcript.words})
        if more:
            self._now[source] = head, replace(transcript, words=transcript.words + more)
            self._last[source] = more[-1].start
            self._more[source] = self._more.get(source, ()) + more

    def _grown(self, source: str) -> list[Step]:
        """What writes the words that were taken in."""
        more = self._more.get(source)
        row = self._db.row("SELECT base FROM transcript WHERE source = ?", source) if more else None
        if not more or row is None:
            return []
        base = unpacked(Transcript, row[0])
        whole = packed(replace(base, words=base.words + more))
        return [("UPDATE transcript SET base = ? WHERE source = ?", (whole, source))]

    def last(self, source: str) -> Turn | None:
        """The revision that undo would undo."""
        return self._turn(source, 0)

    def next(self, source: str) -> Turn | None:
        """The revision that redo would bring again."""
        return self._turn(source, 1)

    def _turn(self, source: str, beyond: int) -> Turn | None:
        row = self._db.row(
            "SELECT turn, label FROM revision JOIN transcript USING (source) WHERE source = ? AND step = head + ?", source, beyond
        )
        return Turn(self._db.whole(row[0]), self._db.text(row[1])) if row else None

    def apply(self, source: str, base: Transcript, revision: Revision, turn: int, *others: Step) -> None:
        """Make a revision the present state, with `others` in the same transaction. `base` is what the words are
        where none was corrected yet."""
        kept = self._current(source)
        head, transcript = kept or (0, base)
        new = revised(transcript, revision)
        first = [] if kept else [("INSERT INTO transcript VALUES (?, 0, ?)", (source, packed(base)))]
        self._db.write(
            *first,
            *self._grown(source),
            ("DELETE FROM revision WHERE source = ? AND step > ?", (source, head)),
            ("INSERT INTO revision VALUES (?, ?, ?, ?, ?)", (source, head + 1, turn, revision.label, packed(revision))),
            ("UPDATE transcript SET head = ? WHERE source = ?", (head + 1, source)),
            *others,
        )
        self._now[source] = head + 1, new
        self._moves.setdefault(source, []).append(moves_of(revision))
        self._last.setdefault(source, _last_start(base.words))
        self._more.pop(source, None)

    def undo(self, source: str) -> None:
        kept = self._current(source)
        if kept is not None and kept[0] > 0:
            revision = self._revision(source, kept[0])
            self._move(source, kept[0] - 1, unrevised(kept[1], revision), inverse_of(moves_of(revision)))

    def redo(self, source: str) -> None:
        kept = self._current(source)
        if kept is not None and self.next(source) is not None:
            revision = self._revision(source, kept[0] + 1)
            self._move(source, kept[0] + 1, revised(kept[1], revision), moves_of(revision))

    def _move(self, source: str, head: int, transcript: Transcript, moves: tuple[Moved, ...]) -> None:
        self._db.write(("UPDATE transcript SET head = ? WHERE source = ?", (head, source)))
        self._now[source] = head, transcript
        self._moves.setdefault(source, []).append(moves)
