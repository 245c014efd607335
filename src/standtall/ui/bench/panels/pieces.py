"""The pieces of the short and the basket: what is heard, in which order, and what more could be."""

from __future__ import annotations

from functools import cached_property, partial
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QShowEvent
from PySide6.QtWidgets import (
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.time import clock
from standtall.cutting import order, trim
from standtall.cutting.trim import Edge
from standtall.model import edits
from standtall.model.cut import Segment, Transitions
from standtall.model.short import Short
from standtall.session.told import Spoken
from standtall.ui.bench.clipboard import PASSAGES, carried
from standtall.ui.preview.listening import Hearing
from standtall.ui.state.basket import Basket
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.actions import Action, button_of
from standtall.ui.widgets.cards import Panel, card_in
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.segment_list import SegmentList

if TYPE_CHECKING:
    from standtall.ui.bench.cuts import Cuts

TRANSITIONS: tuple[tuple[str, Transitions, str], ...] = (
    (tr("Straight"), "straight", tr("The picture jumps as the speaker moved")),
    (tr("Punch in"), "punch", tr("Every other piece is shown a little nearer, so that a cut looks meant")),
    (tr("Blend"), "blend", tr("Five frames of one piece fade into the next")),
)


_button = partial(button, name="side")


class PiecesPanel(Panel):
    """Two lists of passages that work the same way."""

    def __init__(self, workspace: Workspace, basket: Basket, hearing: Hearing, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._basket, self._hearing = workspace, basket, hearing
        self.declared = [
            Action("split-piece", tr("Split the piece at the playhead"), self.split, ("S",), label=tr("Split")),
            Action("to-front", tr("Let the chosen words open the short"), self.to_front, ("F",), label=tr("To the start")),
            Action("to-basket", tr("Add the chosen words to the basket"), self.put, ("P",), label=tr("Add the chosen words")),
        ]
        out, into = tr("Write the cut for other programs"), tr("Bring in a cut or markers")
        self.for_others = [
            Action("cut-out", out, lambda: self.cuts.write(), ("Ctrl+E",), "anywhere", tr("Write the cut…")),
            Action("cut-in", into, lambda: self.cuts.choose(), ("Ctrl+Shift+E",), "anywhere", tr("Bring in a cut…")),
        ]
        self._pieces_card(card_in(self.column, tr("PIECES OF THE SHORT")))
        self._basket_card(card_in(self.column, tr("BASKET")))
        row = QHBoxLayout()
        row.setSpacing(6)
        for action in self.for_others:
            row.addWidget(button_of(action, "side"))
        card_in(self.column, tr("OTHER PROGRAMS")).addLayout(row)
        self.finish()
        self.viewport().setAcceptDrops(True)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.refresh)
        workspace.selection.playhead_changed.connect(self._mark_piece)
        workspace.selection.changed.connect(self._refresh_basket)
        basket.changed.connect(self._refresh_basket)
        self.refresh()

    @cached_property
    def cuts(self) -> Cuts:
        """Cuts for other programs and from them."""
        from standtall.ui.bench.cuts import Cuts  # with all its formats: not for the first screen

        return Cuts(self._ws, self)

    def _pieces_card(self, box: QVBoxLayout) -> None:
        self.pieces = SegmentList(tr("Pieces of the short"))
        self.pieces.moved.connect(lambda e, to: self._ws.edit(lambda s, _a: order.move(s, _number(s, e), to)))
        self.pieces.gone.connect(lambda e: self._ws.edit(lambda s, _a: order.remove(s, _number(s, e))))
        self.pieces.wanted.connect(self._go_to)
        box.addWidget(self.pieces)
        row = QHBoxLayout()
        row.setSpacing(6)
        for action in (*self.declared[:2], Action("original-order", tr("Order the pieces as they were said"),
            self._original_order,
                                                  label=tr("Original order"))):  # fmt: skip
            row.addWidget(button_of(action, "side"))
        box.addLayout(row)
        grid = QGridLayout()
        grid.setSpacing(5)
        edges: tuple[tuple[Edge, str, str], ...] = (("start", tr("Begins"), ", ."), ("end", tr("Ends"), "< >"))
        for y, (edge, name, keys) in enumerate(edges):
            grid.addWidget(QLabel(name), y, 0)
            back, on = keys.split()
            for x, (text, unit, way) in enumerate(
                ((tr("− word"), "word", -1), (tr("− frame"), "frame", -1), (tr("+ frame"), "frame", 1), (tr("+ word"), "word", 1))
            ):
                key = ("Alt+" if unit == "word" else "") + (back if way < 0 else on)
                verb, when = tr("begin") if edge == "start" else tr("end"), tr("earlier") if way < 0 else tr("later")
                tip = tr("Let this piece {verb} one {unit} {when} ({key})", verb=verb, unit=tr(unit), when=when, key=key)
                grid.addWidget(button(text, tip, partial(self.trim, edge, unit, way), "small"), y, x + 1)
        box.addLayout(grid)
        row = QHBoxLayout()
        row.addWidget(QLabel(tr("Picture at cuts")))
        self._transitions = QComboBox()
        self._transitions.setAccessibleName(tr("Picture at cuts"))
        for text, value, tip in TRANSITIONS:
            self._transitions.addItem(text, value)
            self._transitions.setItemData(self._transitions.count() - 1, tip, Qt.ItemDataRole.ToolTipRole)
        self._transitions.setToolTip(tr("How the picture goes over a cut inside one camera position"))
        self._transitions.activated.connect(self._choose_transitions)
        row.addWidget(self._transitions, 1)
        box.addLayout(row)

    def _basket_card(self, box: QVBoxLayout) -> None:
        self._about = QLabel(tr("Passages from anywhere in the footage, and from the archive, for a short to be made of them."))
        self._about.setWordWrap(True)
        self._about.setObjectName("faint")
        box.addWidget(self._about)
        self.picked = SegmentList(tr("Basket"))
        self.picked.moved.connect(self._basket.move)
        self.picked.gone.connect(self._basket.remove)
        self.picked.wanted.connect(self._go_to)
        box.addWidget(self.picked)
        self._length = QLabel()
        box.addWidget(self._length)
        self._put = button_of(self.declared[2], "side")
        box.addWidget(self._put)
        row = QHBoxLayout()
        row.setSpacing(6)
        self._hear = _button(tr("Hear"), tr("Hear all of it as it would be cut"), self._hear_basket)
        self._clear = _button(tr("Empty"), tr("Remove everything from the basket"), self._basket.clear)
        for one in (self._hear, self._clear):
            row.addWidget(one)
        box.addLayout(row)
        row = QHBoxLayout()
        self.name = Field(
            tr("Name of the new short"), tr("name of the short"), tip=tr("What the short that is made of the basket is called")
        )
        self.name.returnPressed.connect(self._make)
        self._make_button = _button(tr("Make a short"), tr("Make a short of the basket"), self._make)
        row.addWidget(self.name, 1)
        row.addWidget(self._make_button)
        box.addLayout(row)

    # what it does

    def split(self) -> None:
        opened = self._ws.opened
        if opened is not None:
            here = opened.at(self._ws.selection.playhead)
            self._ws.edit(lambda s, _a: trim.split(s, here))

    def to_front(self) -> None:
        chosen = self._ws.selection.or_said()
        if chosen is None:
            self._ws.said.emit(tr("Choose the words first that should open the short."), "note")
            return
        self._ws.edit_words(chosen, order.to_front)

    def trim(self, edge: Edge, unit: str, way: int) -> None:
        """Move an edge of the chosen piece (the one under the playhead, as long as no other is chosen) by a frame or a word."""
        opened = self._ws.opened
        if opened is None:
            return
        row = self.pieces.currentRow() if self.isVisible() else -1  # the list of a side that is not seen may be an old one
        number = row if row >= 0 else trim.piece_at(opened.entry.short, opened.at(self._ws.selection.playhead))
        fps = opened.composition.fps
        if unit == "word":
            self._ws.edit_piece(number, lambda s, a, n: trim.trim_by_word(s, a, n, edge, way))
        else:
            self._ws.edit_piece(number, lambda s, _a, n: trim.trim_by_frame(s, n, edge, way, fps))

    def put(self) -> None:
        chosen = self._ws.selection.words
        if not chosen:
            self._ws.said.emit(tr("Choose words first: drag over them in the transcript."), "note")
            return
        self._basket.put(chosen)
        self._ws.said.emit(tr("{chosen} added to the basket.", chosen=count_of(len(chosen))), "note")

    def _original_order(self) -> None:
        self._ws.edit(lambda s, _a: order.back_to_source_order(s))

    def _choose_transitions(self, _index: int) -> None:
        chosen: Transitions = self._transitions.currentData()
        opened = self._ws.opened
        if opened is not None and opened.entry.short.cut.transitions != chosen:
            self._ws.edit(lambda s, _a: edits.set_transitions(s, chosen))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasFormat(PASSAGES):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        """Words that were dragged here are added to the basket."""
        try:
            self._basket.put_passages(carried(event.mimeData(), self._ws))
        except NothingToDo as error:
            self._ws.said.emit(f"{error.message} {error.hint}".strip(), "note")
        event.acceptProposedAction()

    def _go_to(self, passage: Segment) -> None:
        """To a passage in the transcript; one of other footage is heard instead, since that is not on the Bench."""
        opened = self._ws.opened
        if opened is not None and passage.source != opened.source.key:
            self._hearing.pieces((passage,))
        else:
            self._ws.selection.seek(passage.start)

    def _hear_basket(self) -> None:
        self._hearing.pieces(self._basket.passages)

    def _make(self) -> None:
        self._basket.make(self.name.text(), self.name.clear)

    # what it shows

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()

    def refresh(self) -> None:
        opened = self._ws.opened
        self.inner.setEnabled(opened is not None)
        if opened is None or not self.isVisible():  # an edit waits for no list that nobody sees
            return
        short = opened.entry.short
        others = {key: Spoken(f.source, f.analysis.words) for key, f in opened.composition.footage.items()}
        self.pieces.show_segments(short.segments, opened.analysis, others)
        self._transitions.setCurrentIndex(self._transitions.findData(short.cut.transitions))
        self._mark_piece(self._ws.selection.playhead)
        self._refresh_basket()

    def _mark_piece(self, tick: int) -> None:
        opened = self._ws.opened
        here = None if opened is None else opened.in_short(tick)
        if opened is not None and here is not None and not self.pieces.hasFocus():
            self.pieces.setCurrentRow(opened.composition.time_map.index_at(here))

    def _refresh_basket(self) -> None:
        opened = self._ws.opened
        if opened is None or not self.isVisible():
            return
        passages = self._basket.passages
        self.picked.show_segments(passages, opened.analysis, opened.picked_from)
        self.picked.setVisible(bool(passages))
        limit = opened.channel
        over = self._basket.length > limit.longest
        self._length.setText(
            tr(
                "{length} of {longest} for {title}",
                length=clock(self._basket.length, True),
                longest=clock(limit.longest),
                title=limit.title,
            )
        )
        self._length.setObjectName("warn" if over else "")
        self._length.style().polish(self._length)
        self._length.setVisible(bool(passages))
        self._put.setEnabled(bool(self._ws.selection.words))
        for widget in (self._hear, self._clear, self._make_button):
            widget.setEnabled(bool(passages))


def _number(short: Short, piece: Segment) -> int:
    """Which piece of a short it is now."""
    if piece not in short.segments:
        raise NothingToDo(tr("That piece was changed meanwhile, so nothing was done."), tr("Choose it again."))
    return short.segments.index(piece)
