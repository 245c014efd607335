"""The Bench: script, wide picture and tuner side by side."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QStackedWidget, QToolButton, QVBoxLayout, QWidget

from standtall.model import edits
from standtall.ui.bench.gauge import LengthGauge
from standtall.ui.bench.panels.inspector import Tuner, heading
from standtall.ui.bench.panels.pieces import PiecesSide
from standtall.ui.bench.panels.tighten import TightenSide
from standtall.ui.bench.panels.translation import SecondLanguage
from standtall.ui.bench.panels.words import TranscriptSheet
from standtall.ui.bench.shorts import ShortsButton
from standtall.ui.bench.transcript.page import ScriptView
from standtall.ui.bench.transcript.search_bar import SearchBar
from standtall.ui.bench.word_actions import WordWork
from standtall.ui.preview.views import WideView
from standtall.ui.state.basket import Basket
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import Field

NAME_TIP = "Name of the short; the finished file gets it too"


class Bench(QWidget):
    """Most hours are spent here."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.script = ScriptView(workspace)
        self.wide = WideView(workspace)
        self.work = WordWork(workspace, self)
        self.tuner = Tuner(workspace, self.work)
        self.sheet = TranscriptSheet(workspace, self.work)
        self.second = SecondLanguage(workspace)
        self.basket = Basket(workspace)
        self.pieces = PiecesSide(workspace, self.basket, self.work.hearing)
        self.tighten = TightenSide(workspace, self.work.hearing)
        self.shorts = ShortsButton(workspace)
        self.searching = SearchBar(workspace, self.script)
        self.tuner.retype.connect(self.script.retype)
        self.tuner.new_short.connect(self.shorts.make)
        self._name = Field("Name of the short", "No short yet")
        self._name.setObjectName("name")
        self._named: Opened | None = None
        """The short whose name is in the field."""
        font = self._name.font()
        font.setPixelSize(17)
        font.setBold(True)
        self._name.setFont(font)
        self._name.setStyleSheet("font-size: 17px; font-weight: 700;")
        self._name.editingFinished.connect(self._rename)
        self._undo = self._tool("undo", "Undo")
        self._redo = self._tool("redo", "Redo")
        self._undo.clicked.connect(workspace.undo)
        self._redo.clicked.connect(workspace.redo)
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
        left.addWidget(self.script, 1)
        right = QVBoxLayout()
        right.setSpacing(8)
        right.addWidget(self.wide)
        right.addLayout(self._sides())
        right.addWidget(self._side, 1)
        holder = QWidget()
        holder.setLayout(right)
        right.setContentsMargins(0, 0, 0, 0)
        holder.setMinimumWidth(292)
        holder.setMaximumWidth(440)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(theme.PAD, theme.PAD, theme.PAD, theme.PAD)
        whole.setSpacing(theme.PAD)
        whole.addLayout(left, 3)
        whole.addWidget(holder, 2)
        workspace.opened_changed.connect(self._refresh)
        workspace.edition_changed.connect(self._refresh)
        self._refresh()

    def _sides(self) -> QHBoxLayout:
        """The sides of the right column: what belongs to this place, what concerns the whole transcript, its translation."""
        self._side = QStackedWidget()
        self._side.addWidget(self.tuner)
        for side in (self.pieces, self.tighten, self.sheet, self.second):
            self._side.addWidget(side)
        row = QHBoxLayout()
        row.setSpacing(4)
        self._side_buttons: list[QPushButton] = []
        for i, (text, tip) in enumerate(
            (("Place", "What belongs to the place under the playhead (F5)"),
             ("Pieces", "The pieces of the short, their order and edges; the basket (F8)"),
             ("Tighten", "Fillers, repeats and silences that can go (F9)"),
             ("Words", "Doubts, talkers, replacing, the word list, files (F6)"),
             ("Language", "A second language beside the words (F7)"))
        ):  # fmt: skip
            button = QPushButton(text)
            button.setObjectName("side")
            button.setCheckable(True)
            button.setChecked(i == 0)
            button.setToolTip(tip)
            button.clicked.connect(lambda _c=False, n=i: self.show_side(n))
            self._side_buttons.append(button)
            row.addWidget(button)
        return row

    def show_side(self, number: int) -> None:
        self._side.setCurrentIndex(number)
        for i, button in enumerate(self._side_buttons):
            button.setChecked(i == number)

    def _tool(self, name: str, tip: str) -> QToolButton:
        button = QToolButton()
        button.setObjectName("plain")
        theme.draw(button, name)
        button.setToolTip(tip)
        button.setAccessibleName(tip)
        return button

    def _lane_heads(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(0)
        for text, width in (("TIME", 50), ("PICTURE", 176), ("WORDS", 0)):
            label = heading(text)
            label.setContentsMargins(4, 0, 0, 0)
            if width:
                label.setFixedWidth(width)
            if text == "PICTURE":
                self.script.laid_out.connect(label.setFixedWidth)
            row.addWidget(label, 0 if width else 1)
        end = heading("EXTRAS")
        end.setAlignment(Qt.AlignmentFlag.AlignRight)
        row.addWidget(end)
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
            (self._undo, entry.undo if entry else None, "Undo", "Ctrl+Z"),
            (self._redo, entry.redo if entry else None, "Redo", "Ctrl+Shift+Z"),
        ):
            button.setEnabled(label is not None)
            button.setToolTip(f"{word}: {label} ({keys})" if label else f"Nothing to {word.lower()} ({keys})")

