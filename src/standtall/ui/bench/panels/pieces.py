"""The pieces of the short and the basket: what is heard, in which order, and what more could be."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtGui import QShowEvent
from PySide6.QtWidgets import (
    QComboBox,
    QFileDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from standtall.base.errors import NothingToDo
from standtall.base.time import clock
from standtall.cutting import montage, order, trim
from standtall.cutting.trim import Edge
from standtall.model import edits
from standtall.model.channel import channel_named
from standtall.model.short import Joins, Short
from standtall.model.timemap import Excerpt
from standtall.session.make import pictures_in
from standtall.ui.bench.panels.inspector import card_in
from standtall.ui.preview.listening import Hearing
from standtall.ui.state.basket import Basket
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import Field, button
from standtall.ui.widgets.segment_list import PassageList

JOINS: tuple[tuple[str, Joins, str], ...] = (
    ("straight", "straight", "The picture jumps as the talker moved"),
    ("punch in", "punch", "Every other piece is shown a little nearer, so that a cut looks meant"),
    ("blend", "blend", "Five pictures of one piece fade into the next"),
)


PICTURES = "Footage and stills (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;All files (*)"

_button = partial(button, name="side")


class PiecesSide(QScrollArea):
    """Two lists of passages that work the same way."""

    def __init__(self, workspace: Workspace, basket: Basket, hearing: Hearing, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws, self._basket, self._hearing = workspace, basket, hearing
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._inner = QWidget()
        column = QVBoxLayout(self._inner)
        column.setContentsMargins(0, 4, 4, 4)
        column.setSpacing(8)
        self._pieces_card(card_in(column, "PIECES OF THE SHORT"))
        self._basket_card(card_in(column, "BASKET"))
        self._montage_card(card_in(column, "PICTURES OVER THE TALK"))
        column.addStretch(1)
        self.setWidget(self._inner)
        for signal in (workspace.opened_changed, workspace.edition_changed):
            signal.connect(self.refresh)
        workspace.playhead_changed.connect(self._mark_piece)
        workspace.selection_changed.connect(self._refresh_basket)
        basket.changed.connect(self._refresh_basket)
        self.refresh()

    def _pieces_card(self, box: QVBoxLayout) -> None:
        self.pieces = PassageList("Pieces of the short")
        self.pieces.moved.connect(lambda e, to: self._ws.edit(lambda s, _a: order.move(s, _number(s, e), to)))
        self.pieces.gone.connect(lambda e: self._ws.edit(lambda s, _a: order.remove(s, _number(s, e))))
        self.pieces.wanted.connect(lambda e: self._ws.seek(e.start))
        box.addWidget(self.pieces)
        row = QHBoxLayout()
        row.setSpacing(6)
        for text, tip, does in (
            ("Split", "Part the piece at the playhead (S)", self.split),
            ("To the front", "Let the chosen words open the short (F)", self.to_front),
            ("As said", "Order the pieces as they were said", self._as_said),
        ):
            row.addWidget(_button(text, tip, does))
        box.addLayout(row)
        grid = QGridLayout()
        grid.setSpacing(5)
        edges: tuple[tuple[Edge, str, str], ...] = (("start", "Begins", ", ."), ("end", "Ends", "< >"))
        for y, (edge, name, keys) in enumerate(edges):
            grid.addWidget(QLabel(name), y, 0)
            back, on = keys.split()
            for x, (text, unit, way) in enumerate(
                (("− word", "word", -1), ("− frame", "frame", -1), ("+ frame", "frame", 1), ("+ word", "word", 1))
            ):
                key = ("Alt+" if unit == "word" else "") + (back if way < 0 else on)
                verb, when = "begin" if edge == "start" else "end", "earlier" if way < 0 else "later"
                tip = f"Let this piece {verb} one {unit} {when} ({key})"
                grid.addWidget(button(text, tip, partial(self.trim, edge, unit, way), "small"), y, x + 1)
        box.addLayout(grid)
        row = QHBoxLayout()
        row.addWidget(QLabel("Picture at cuts"))
        self._joins = QComboBox()
        self._joins.setAccessibleName("Picture at cuts")
        for text, value, tip in JOINS:
            self._joins.addItem(text, value)
            self._joins.setItemData(self._joins.count() - 1, tip, Qt.ItemDataRole.ToolTipRole)
        self._joins.setToolTip("How the picture goes over a cut inside one camera position")
        self._joins.activated.connect(self._set_joins)
        row.addWidget(self._joins, 1)
        box.addLayout(row)

    def _basket_card(self, box: QVBoxLayout) -> None:
        self._about = QLabel("Passages from anywhere in the footage, for a short to be made of them.")
        self._about.setWordWrap(True)
        self._about.setObjectName("faint")
        box.addWidget(self._about)
        self.picked = PassageList("Basket")
        self.picked.moved.connect(self._basket.move)
        self.picked.gone.connect(self._basket.remove)
        self.picked.wanted.connect(lambda e: self._ws.seek(e.start))
        box.addWidget(self.picked)
        self._length = QLabel()
        box.addWidget(self._length)
        self._put = _button("Put the chosen words in", "Put the chosen words into the basket (P)", self.put)
        box.addWidget(self._put)
        row = QHBoxLayout()
        row.setSpacing(6)
        self._hear = _button("Hear", "Hear all of it as it would be cut", self._hear_basket)
        self._clear = _button("Empty", "Take everything out", self._basket.clear)
        self._back = _button("Take back", "Take back the last change of the basket", self._basket.undo)
        for one in (self._hear, self._clear, self._back):
            row.addWidget(one)
        box.addLayout(row)
        row = QHBoxLayout()
        self.name = Field("Name of the new short", "name of the short")
        self.name.returnPressed.connect(self._make)
        self._make_button = _button("Make a short", "Make a short of the basket", self._make)
        row.addWidget(self.name, 1)
        row.addWidget(self._make_button)
        box.addLayout(row)

    def _montage_card(self, box: QVBoxLayout) -> None:
        self._covered = QLabel()
        self._covered.setWordWrap(True)
        self._covered.setObjectName("faint")
        box.addWidget(self._covered)
        row = QHBoxLayout()
        self.how = QComboBox()
        self.how.setAccessibleName("How the pictures are shared out")
        self.how.setToolTip("Each picture gets as long as the others, or changes where a phrase ends")
        self.how.addItem("even shares", "even")
        self.how.addItem("cut on phrases", "phrases")
        row.addWidget(self.how, 1)
        row.addWidget(_button("Lay over…", "Footage or stills to show while the short is heard", self.choose_pictures))
        self._off = _button("Take off", "Show the talk again", lambda: self._ws.edit(lambda s, _a: montage.take_off(s)))
        row.addWidget(self._off)
        box.addLayout(row)

    # what it does

    def choose_pictures(self) -> None:
        names, _kind = QFileDialog.getOpenFileNames(self, "Footage or stills to lay over", "", PICTURES)
        if names:
            self.lay_over([Path(n) for n in names])

    def lay_over(self, paths: list[Path]) -> None:
        """Share pictures out over the short; they are looked at in the background."""
        how, seen = self.how.currentData(), self._ws.opened

        def arrived(found: tuple[list[montage.Picture], list[str]]) -> None:
            pictures, bad = found
            if bad:
                self._ws.said.emit(bad[0], "error")
            if pictures:
                self._ws.edit(lambda s, a: montage.lay_over(s, a, pictures, how), seen)

        self._ws.in_background(lambda: pictures_in(paths), arrived)

    def split(self) -> None:
        tick = self._ws.playhead
        self._ws.edit(lambda s, _a: trim.split(s, tick))

    def cut_left(self) -> None:
        tick = self._ws.playhead
        self._ws.edit(lambda s, _a: trim.cut_left(s, tick))

    def cut_right(self) -> None:
        tick = self._ws.playhead
        self._ws.edit(lambda s, _a: trim.cut_right(s, tick))

    def to_front(self) -> None:
        chosen = self._ws.chosen_or_said()
        if chosen is None:
            self._ws.said.emit("Choose the words first that should open the short.", "note")
            return
        self._ws.edit_words(chosen, order.to_front)

    def trim(self, edge: Edge, unit: str, way: int) -> None:
        """Move an edge of the chosen piece (the one under the playhead, as long as no other is chosen) by a frame or a word."""
        opened = self._ws.opened
        if opened is None:
            return
        row = self.pieces.currentRow() if self.isVisible() else -1  # the list of a side that is not seen may be an old one
        number = row if row >= 0 else trim.piece_at(opened.entry.short, self._ws.playhead)
        rate = opened.edition.rate
        if unit == "word":
            self._ws.edit_piece(number, lambda s, a, n: trim.trim_by_word(s, a, n, edge, way))
        else:
            self._ws.edit_piece(number, lambda s, _a, n: trim.trim_by_frame(s, n, edge, way, rate))

    def put(self) -> None:
        chosen = self._ws.selection
        if not chosen:
            self._ws.said.emit("Choose words first: drag over them in the script.", "note")
            return
        self._basket.put(chosen)
        self._ws.said.emit(f"{edits.count_of(len(chosen))} put into the basket.", "note")

    def _as_said(self) -> None:
        self._ws.edit(lambda s, _a: order.back_to_source_order(s))

    def _set_joins(self, _index: int) -> None:
        joins: Joins = self._joins.currentData()
        opened = self._ws.opened
        if opened is not None and opened.entry.short.joins != joins:
            self._ws.edit(lambda s, _a: edits.set_joins(s, joins))

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
        self._inner.setEnabled(opened is not None)
        if opened is None or not self.isVisible():  # an edit waits for no list that nobody sees
            return
        short = opened.entry.short
        self.pieces.show_passages(short.excerpts, opened.analysis)
        self._joins.setCurrentIndex(self._joins.findData(short.joins))
        self._mark_piece(self._ws.playhead)
        files = {Path(c.path).name for c in short.covers}
        gone = opened.edition.missing
        told = "Footage or stills to show instead of the talker, while the sound goes on."
        if gone:
            told = f"{Path(gone[0]).name} is not where it was: bring it back, or take the pictures off."
        elif files:
            told = f"{edits.count_of(len(files), 'picture')} laid over: {', '.join(sorted(files))}"
        self._covered.setText(told)
        self._off.setEnabled(bool(short.covers))
        self._refresh_basket()

    def _mark_piece(self, tick: int) -> None:
        opened = self._ws.opened
        if opened is not None and opened.edition.time_map.to_short(tick) is not None and not self.pieces.hasFocus():
            self.pieces.setCurrentRow(trim.piece_at(opened.entry.short, tick))

    def _refresh_basket(self) -> None:
        opened = self._ws.opened
        if opened is None or not self.isVisible():
            return
        passages = self._basket.passages
        self.picked.show_passages(passages, opened.analysis)
        self.picked.setVisible(bool(passages))
        limit = channel_named(opened.entry.short.channel)
        over = self._basket.length > limit.longest
        self._length.setText(f"{clock(self._basket.length, True)} of {clock(limit.longest)} for {limit.title}")
        self._length.setObjectName("warn" if over else "")
        self._length.style().polish(self._length)
        self._length.setVisible(bool(passages))
        self._put.setEnabled(bool(self._ws.selection))
        self._back.setEnabled(self._basket.can_undo)
        for widget in (self._hear, self._clear, self._make_button):
            widget.setEnabled(bool(passages))


def _number(short: Short, piece: Excerpt) -> int:
    """Which piece of a short it is now."""
    if piece not in short.excerpts:
        raise NothingToDo("That piece was changed meanwhile, so nothing was done.", "Choose it again.")
    return short.excerpts.index(piece)
