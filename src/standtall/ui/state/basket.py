"""The basket: passages picked out of the transcript, in any order and from any part, for a short to be made of them."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QObject, Signal

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.cutting.cut_points import spans_of, without
from standtall.model.cut import Segment
from standtall.model.edits import rename
from standtall.model.short import Short
from standtall.ui.state.editor import Present
from standtall.ui.state.workspace import Workspace

Passages = tuple[Segment, ...]


class Basket(QObject):
    """The basket of the opened source, which may hold passages of other footage, too; every change is on disk when it is made,
    and is undone like any edit."""

    changed = Signal()

    def __init__(self, workspace: Workspace) -> None:
        super().__init__(workspace)
        self._ws = workspace
        self._shown: tuple[object, ...] = ()
        workspace.opened_changed.connect(self._refresh)
        workspace.composition_changed.connect(self._refresh)

    @property
    def passages(self) -> Passages:
        return self._ws.opened.basket if self._ws.opened is not None else ()

    @property
    def length(self) -> int:
        """Ticks."""
        return sum(p.length for p in self.passages)

    def _refresh(self) -> None:
        opened = self._ws.opened
        now = (opened.source.key, opened.basket, tuple(opened.picked_from)) if opened is not None else ()
        if now != self._shown:
            self._shown = now
            self.changed.emit()

    def put(self, words: range) -> None:
        """Put words at the end; what is in the basket already moves there."""

        def put(now: Present) -> Passages:
            piece = spans_of(now.analysis, now.words(words))
            return (*without(now.basket, piece.source, piece.start, piece.end), piece)

        self._ws.change_basket(tr("Add to the basket"), put)

    def put_passages(self, passages: Passages) -> None:
        """Put passages of any footage at the end; what of them is in the basket already moves there."""

        def put(now: Present) -> Passages:
            basket = now.basket
            for piece in passages:
                basket = (*without(basket, piece.source, piece.start, piece.end), piece)
            return basket

        self._ws.change_basket(tr("Add to the basket"), put)

    def move(self, passage: Segment, to: int) -> None:
        """Let a passage stand at another place, counted without it."""

        def moved(now: Present) -> Passages:
            others = tuple(p for p in now.basket if p != passage)
            return (*others[:to], passage, *others[to:]) if len(others) < len(now.basket) else now.basket

        self._ws.change_basket(tr("Move in the basket"), moved)

    def remove(self, passage: Segment) -> None:
        self._ws.change_basket(tr("Remove from the basket"), lambda now: tuple(p for p in now.basket if p != passage))

    def clear(self) -> None:
        self._ws.change_basket(tr("Empty the basket"), lambda _now: ())

    def make(self, name: str, then: Callable[[], object]) -> None:
        """A short of the basket, under a name; the basket is empty then."""
        used: list[Passages] = []

        def short(now: Present) -> Short:
            if not now.basket:
                raise NothingToDo(tr("The basket is empty: choose words in the transcript and add them (P)."))
            used.append(now.basket)
            made = Short.of(tr("Basket"), now.basket)
            return rename(made, name).short if name.strip() else replace(made, name=_first_words(now, now.basket))

        def made(shown: bool) -> None:
            if shown:  # what was put in meanwhile stays
                self._ws.change_basket(tr("Empty the basket"), lambda now: () if now.basket == used[0] else now.basket)
                then()

        self._ws.make_short(short, made)


def _first_words(now: Present, passages: Passages) -> str:
    first = passages[0]
    other = now.seen.picked_from.get(first.source)
    there = now.analysis.words if first.source == now.source.key else () if other is None else other.words
    words = [w.text for w in there if first.start <= w.start < first.end]
    return " ".join(words[:6]).strip(" ,.;:!?") or now.source.name
