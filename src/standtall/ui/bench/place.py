"""The Bench: transcript page, wide picture and inspector side by side."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtGui import QImage, QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QSplitter, QToolButton, QVBoxLayout, QWidget

from standtall.base.interface_language import capital, tr
from standtall.model import edits
from standtall.ui.bench.actions import actions_of
from standtall.ui.bench.clipboard import Clipboard
from standtall.ui.bench.compare import CompareSheet
from standtall.ui.bench.gauge import LengthGauge
from standtall.ui.bench.panels.inspector import Inspector
from standtall.ui.bench.shorts_button import ShortsButton
from standtall.ui.bench.transcript.page import Part, TranscriptPage
from standtall.ui.bench.transcript.page_menus import OFFERED, PageMenus
from standtall.ui.bench.transcript.page_told import PageTold
from standtall.ui.bench.transcript.search_bar import SearchBar
from standtall.ui.bench.word_actions import WordActions
from standtall.ui.preview.player import Shown
from standtall.ui.preview.wide_view import WideView
from standtall.ui.state.basket import Basket
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.actions import key_text
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.context_menu import menu_at
from standtall.ui.widgets.fields import Field
from standtall.ui.widgets.layouts import from_the_left
from standtall.ui.widgets.place import Place

PANEL_MOST = 440
"""Width of the panel that it takes by itself at most."""
SCRIPT_LEAST = 408
"""Width that the page needs for its longest rows."""
NAME_TIP = tr("Name of the short; the finished file gets it too")


class Bench(QWidget):
    """Most hours are spent here. `shared_out` carries the share of the width that the panel was given by hand."""

    shared_out = Signal(float)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.page = TranscriptPage(workspace)
        self.wide = WideView(workspace)
        self.work = WordActions(workspace, self)
        self.basket = Basket(workspace)
        self.shorts = ShortsButton(workspace)
        self.inspector = Inspector(workspace, self.work, self.basket)
        self.comparing: CompareSheet | None = None
        boxes = self.inspector.framing.boxes
        boxes.drawing.connect(self.wide.draw_box)
        self.wide.drawn.connect(boxes.drawn)
        self.wide.gave_up_drawing.connect(boxes.give_up)
        self.clipboard = Clipboard(workspace, lambda: self.tall_image, self)
        self.tall_image: QImage | None = None
        """The tall picture as it is shown now."""
        PageTold(workspace, self.page)
        self.menus = PageMenus(workspace, self.page, self.clipboard)
        self.menus.menu_wanted.connect(self._offer)
        self.menus.pictures.connect(self._lay_over)
        self.searching = SearchBar(workspace, self.page)
        self.inspector.chosen.retype.connect(self.page.retype)
        self.inspector.chosen.new_short.connect(self.shorts.make)
        self._name = Field(tr("Name of the short"), tr("No short yet"))
        self._name.setObjectName("name")
        self._named: Opened | None = None
        """The short whose name is in the field."""
        font = self._name.font()
        font.setPixelSize(17)
        font.setBold(True)
        self._name.setFont(font)
        self._name.setStyleSheet("font-size: 17px; font-weight: 700;")
        self._name.editingFinished.connect(self._rename)
        self._undo = self._tool("undo", workspace.undo)
        self._redo = self._tool("redo", workspace.redo)
        self.gauge = LengthGauge(workspace)
        left = QVBoxLayout()
        left.setSpacing(6)
        head = QHBoxLayout()
        head.setSpacing(6)
        head.addWidget(self._name, 1)
        head.addWidget(self.shorts)
        head.addWidget(self._undo)
        head.addWidget(self._redo)
        head.addWidget(self.gauge)
        left.addLayout(head)
        left.addWidget(self.searching)
        left.addLayout(self._lane_heads())
        left.addWidget(self.page, 1)
        right = QVBoxLayout()
        right.setSpacing(8)
        right.addWidget(self.wide)
        right.addWidget(self.inspector, 1)
        holder = QWidget()
        holder.setLayout(right)
        right.setContentsMargins(0, 0, 0, 0)
        holder.setMinimumWidth(292)
        script = QWidget()
        script.setLayout(left)
        left.setContentsMargins(0, 0, 0, 0)
        script.setMinimumWidth(SCRIPT_LEAST)
        self.split = QSplitter(Qt.Orientation.Horizontal)
        self.split.setChildrenCollapsible(False)
        self.split.setHandleWidth(theme.PAD)
        self.split.addWidget(script)
        self.split.addWidget(holder)
        handle = self.split.handle(1)
        handle.setToolTip(tr("Drag it to give the words or the panel more room"))
        handle.setAccessibleName(tr("Between words and panel"))
        self.split.splitterMoved.connect(self._split_moved)
        self._share = 0.0
        whole = QHBoxLayout(self)
        whole.setContentsMargins(theme.PAD, theme.PAD, theme.PAD, theme.PAD)
        whole.addWidget(self.split)
        workspace.opened_changed.connect(self._refresh)
        workspace.composition_changed.connect(self._refresh)
        self._refresh()

    def set_share(self, share: float) -> None:
        """Give the panel this share of the width; 0: two fifths, as far as it needs so much."""
        self._share = share
        self._lay_out()

    def _lay_out(self) -> None:
        wide = self.split.width() - theme.PAD
        panel = round(wide * self._share) if self._share else min(PANEL_MOST, round(wide * 2 / 5))
        self.split.setSizes([wide - panel, panel])

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._lay_out()

    def _split_moved(self, _at: int, _number: int) -> None:
        words, panel = self.split.sizes()
        self._share = panel / max(1, words + panel)
        self.shared_out.emit(self._share)

    def place(self) -> Place:
        self.declared = actions_of(self)
        return Place("bench", self, self.declared, (self.page, self.page.viewport(), self.wide))

    def show_tall(self, shown: Shown) -> None:
        """The tall picture is another one now."""
        self.tall_image = shown.tall

    def _lay_over(self, pictures: list[Path]) -> None:
        """One picture over the words at the playhead, several shared out over the short."""
        cutaways = self.inspector.extras.cutaways
        if len(pictures) == 1:
            cutaways.put_over(pictures[0])
        else:
            cutaways.add(pictures)

    def _offer(self, part: Part, at: QPoint) -> None:
        self.offered = menu_at(at, self.declared, OFFERED[part], self)

    def toggle_even(self) -> None:
        """Show time evenly, or elastic."""
        self.page.set_even(not self.page.even)
        even = tr("Time is even: all seconds are as high.")
        self._ws.said.emit(even if self.page.even else tr("Time is elastic: rows are as high as their words."), "note")

    def compare(self) -> None:
        """Show versions of the moment at the playhead beside each other."""
        if self._ws.opened is not None:
            self.comparing = CompareSheet(self._ws, self)
            self.comparing.show()

    def edge(self, make: Callable[..., edits.Edit]) -> None:
        """An edit of the short at the playhead."""
        opened = self._ws.opened
        if opened is not None:
            here = opened.at(self._ws.selection.playhead)
            self._ws.edit(lambda short, _analysis: make(short, here))

    def _tool(self, name: str, does: Callable[[], object]) -> QToolButton:
        button = QToolButton()
        button.setObjectName("plain")
        theme.draw(button, name)
        button.setAccessibleName(capital(tr(name)))
        button.clicked.connect(lambda _checked=False: does())
        return button

    def _lane_heads(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(0)
        for number, (text, width) in enumerate(((tr("TIME"), 50), (tr("PICTURE"), 176), (tr("WORDS"), 0))):
            label = heading(text)
            label.setContentsMargins(4, 0, 0, 0)
            if width:
                label.setFixedWidth(width)
            if number == 1:  # as wide as the picture lane is
                self.page.laid_out.connect(label.setFixedWidth)
            row.addWidget(label, 0 if width else 1)
        end = heading(tr("EXTRAS"))
        end.setAlignment(Qt.AlignmentFlag.AlignRight)
        row.addWidget(end)
        from_the_left(row)
        return row

    def _rename(self) -> None:
        seen, text = self._named, self._name.text()
        if seen is not None and text.strip() and text != seen.entry.short.name:
            self._name.setModified(False)
            self._ws.edit(lambda s, _a: edits.rename(s, text), seen)

    def _refresh(self) -> None:
        opened = self._ws.opened
        self._name.setEnabled(opened is not None)
        entry = opened.entry if opened else None
        was = self._named
        same = was is not None and opened is not None and (was.project, was.entry.id) == (opened.project, opened.entry.id)
        if not same:
            self._rename()  # what was typed is meant for the short that it was typed for
        if not (same and self._name.isModified()):  # nothing is taken from under somebody's fingers
            self._named = opened
            self._name.setText(entry.short.name if entry else "")
            self._name.setToolTip(f"{entry.short.name}\n{NAME_TIP}" if entry else NAME_TIP)
            self._name.setCursorPosition(0)
        for button, label, word, keys in (
            (self._undo, entry.undo if entry else None, tr("Undo"), key_text("Ctrl+Z")),
            (self._redo, entry.redo if entry else None, tr("Redo"), key_text("Ctrl+Shift+Z")),
        ):
            button.setEnabled(label is not None)
            button.setToolTip(
                f"{word}: {label} ({keys})" if label else tr("Nothing to {what} ({keys})", what=word.lower(), keys=keys)
            )
