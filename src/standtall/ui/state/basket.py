"""The basket: passages picked out of the transcript, in any order and from any part, for a short to be made of them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QObject, Signal

from standtall.cutting.cut_points import spans_of, without
from standtall.model.cut import Segment
from standtall.model.edits import rename
from standtall.model.short import Short
from standtall.ui.state.editor import Present
from standtall.ui.state.workspace import Workspace

Passages = tuple[Segment, ...]


class Basket(QObject):
    """The basket of the opened source; every change is on disk when it is made, and can be undone."""

    changed = Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self.passages: Passages = ()
        self._before: list[Passages] = []
        self._key = ""
        workspace.opened_changed.connect(self._reopened)

    @property
    def length(self) -> int:
        """Ticks."""
        return sum(p.length for p in self.passages)

    @property
    def can_undo(self) -> bool:
        return bool(self._before)

    def _reopened(self) -> None:
        opened = self._ws.opened
        key = opened.source.key if opened is not None else ""
        if key == self._key:
            return
        self._key, self.passages, self._before = key, (), []
        self.changed.emit()
        if key:
            self._ws.with_project(lambda project: (key, project.basket(key)), self._arrived)

    def _arrived(self, found: tuple[str, Passages]) -> None:
        if found[0] == self._key and not self._before:
            self.passages = found[1]
            self.changed.emit()

    def _set(self, passages: Passages, remember: bool = True) -> None:
        if remember:
            self._before.append(self.passages)
        self.passages, key = passages, self._key
        self._ws.with_project(lambda project: project.set_basket(key, passages))
        self.changed.emit()

    def put(self, words: range) -> None:
        """Put words at the end; what is in the basket already moves there."""
        opened = self._ws.opened
        if opened is None:
            return
        piece = spans_of(opened.analysis, words)
        self._set((*without(self.passages, piece.source, piece.start, piece.end), piece))

    def move(self, passage: Segment, to: int) -> None:
        if passage in self.passages:
            others = [p for p in self.passages if p != passage]
            self._set((*others[:to], passage, *others[to:]))

    def remove(self, passage: Segment) -> None:
        if passage in self.passages:
            self._set(tuple(p for p in self.passages if p != passage))

    def clear(self) -> None:
        if self.passages:
            self._set(())

    def undo(self) -> None:
        if self._before:
            self._set(self._before.pop(), remember=False)

    def make(self, name: str, then: Callable[[], object]) -> None:
        """A short of the basket, under a name; the basket is empty then."""
        passages = self.passages
        if not passages:
            self._ws.said.emit("The basket is empty: choose words in the transcript and add them (P).", "note")
            return

        key = self._key

        def short(now: Present) -> Short:
            made = Short.of("Basket", passages)
            return rename(made, name).short if name.strip() else replace(made, name=_first_words(now, passages))

        def made(_shown: bool) -> None:
            if self._key == key and self.passages == passages:  # what was put in meanwhile stays
                self.clear()
                then()

        self._ws.make_short(short, made)


def _first_words(now: Present, passages: Passages) -> str:
    words = [w.text for w in now.analysis.words if passages[0].start <= w.start < passages[0].end]
    return " ".join(words[:6]).strip(" ,.;:!?") or now.source.name
