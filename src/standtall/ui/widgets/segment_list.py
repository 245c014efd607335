"""A list of segments in the order in which they are heard: dragged or moved by keys, removed, gone to."""

from __future__ import annotations

from collections.abc import Mapping
from types import MappingProxyType
from typing import Any, Final

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QContextMenuEvent, QDropEvent, QKeyEvent
from PySide6.QtWidgets import QAbstractItemView, QListWidget, QListWidgetItem, QMenu, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import clock, seconds
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.words import Word, words_within
from standtall.session.told import Spoken
from standtall.ui.widgets.tips import set_tip

SHOWN: Final = 8
ROW: Final = 26
_SIZE: Final = QSize(10, ROW)


class _Row(QListWidgetItem):
    """One segment; what it says is put together when it is seen: an hour may have a thousand of them."""

    def __init__(self, number: int, segment: Segment, words: tuple[Word, ...] | None, other: str) -> None:
        super().__init__()
        self._number, self._segment, self._words, self._other = number, segment, words, other

    def data(self, role: int) -> Any:
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return self._told()
        if role == Qt.ItemDataRole.ToolTipRole:
            start = clock(self._segment.start, True)
            return tr("from {start} of {name}", start=start, name=self._other or tr("the footage"))
        return _SIZE if role == Qt.ItemDataRole.SizeHintRole else super().data(role)

    def _told(self) -> str:
        words, segment = self._words or (), self._segment
        said = words_within(words, segment.start, segment.end)
        text = " ".join(words[i].text for i in said[:SHOWN]) + (" …" if len(said) > SHOWN else "")
        name = tr("Footage that is not here: ") if self._words is None else f"{self._other}: " if self._other else ""
        length = seconds(segment.length)
        return tr(
            "{number}   {length:.1f} s   {name}{said}",
            number=self._number + 1, length=length, name=name, said=text or tr("(no words)"),
        )  # fmt: skip


class SegmentList(QListWidget):
    """`moved` carries a segment and the number of its new place, `gone` and `wanted` a segment: what it is, not where it stands,
    since the list may be older than what is done with it."""

    moved = Signal(object, int)
    gone = Signal(object)
    wanted = Signal(object)

    def __init__(self, name: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAccessibleName(name)
        set_tip(
            self, tr("{name}: drag to another place, or Alt+Up and Alt+Down; Delete removes one; Enter goes there", name=name)
        )
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setDefaultDropAction(Qt.DropAction.MoveAction)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setTextElideMode(Qt.TextElideMode.ElideRight)
        self.setUniformItemSizes(True)
        self.shown: tuple[Segment, ...] = ()
        self.itemActivated.connect(lambda item: self.wanted.emit(self.shown[self.row(item)]))

    def show_segments(
        self, segments: tuple[Segment, ...], analysis: Analysis, others: Mapping[str, Spoken] = MappingProxyType({})
    ) -> None:
        """Fill the list anew; the row that was chosen stays so. `others` is footage that segments are of beside the main one."""
        row = self.currentRow()
        self.shown = segments
        self.clear()
        for number, segment in enumerate(segments):
            other = None if segment.source == analysis.source_key else others.get(segment.source)
            words = analysis.words if other is None else other.words
            here = segment.source == analysis.source_key or other is not None
            self.addItem(_Row(number, segment, words if here else None, "" if other is None else other.source.name))
        self.setFixedHeight(max(1, min(6, len(segments))) * ROW + 8)
        self.setCurrentRow(min(row, len(segments) - 1))

    def dropEvent(self, event: QDropEvent) -> None:
        number = self.currentRow()
        index = self.indexAt(event.position().toPoint())
        to = index.row() if index.isValid() else self.count() - 1
        below = self.dropIndicatorPosition() == QAbstractItemView.DropIndicatorPosition.BelowItem
        to = to + 1 if below and to < number else to
        to = to - 1 if not below and to > number and index.isValid() else to
        event.setDropAction(Qt.DropAction.IgnoreAction)  # the list is filled anew by the edit itself
        event.accept()
        if to != number and number >= 0:
            self._move(number, to)

    def _move(self, number: int, to: int) -> None:
        """Show the new order at once, so that the next key is about the same segment."""
        segment, others = self.shown[number], [*self.shown[:number], *self.shown[number + 1 :]]
        self.shown = (*others[:to], segment, *others[to:])
        self.insertItem(to, self.takeItem(number))
        self.setCurrentRow(to)
        self.moved.emit(segment, to)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        """What can be done with the row under the pointer."""
        item = self.itemAt(event.pos())
        row = self.currentRow() if item is None else self.row(item)
        if not 0 <= row < len(self.shown):
            return
        self.setCurrentRow(row)
        menu = QMenu(self)
        menu.addAction(tr("Go there\tReturn"), lambda: self.wanted.emit(self.shown[row]))
        if row > 0:
            menu.addAction(tr("Move it up\tAlt+Up"), lambda: self._move(row, row - 1))
        if row + 1 < self.count():
            menu.addAction(tr("Move it down\tAlt+Down"), lambda: self._move(row, row + 1))
        menu.addAction(tr("Remove it\tDelete"), lambda: self.gone.emit(self.shown[row]))
        menu.aboutToHide.connect(menu.deleteLater)
        menu.popup(event.globalPos())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        row, key = self.currentRow(), event.key()
        way = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}.get(Qt.Key(key), 0)
        if row >= 0 and way and event.modifiers() & Qt.KeyboardModifier.AltModifier:
            if 0 <= row + way < self.count():
                self._move(row, row + way)
        elif row >= 0 and key in (Qt.Key.Key_Delete, Qt.Key.Key_Backspace):
            self.gone.emit(self.shown[row])
        else:
            super().keyPressEvent(event)
