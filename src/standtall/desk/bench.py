"""The Bench: script, wide picture and tuner side by side."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QStackedWidget, QToolButton, QVBoxLayout, QWidget

from standtall.base.time import TICKS, clock
from standtall.desk import theme
from standtall.desk.fields import Field
from standtall.desk.pictures import WideView
from standtall.desk.script import ScriptView
from standtall.desk.searchbar import SearchBar
from standtall.desk.second import SecondLanguage
from standtall.desk.sheet import TranscriptSheet
from standtall.desk.tuner import Tuner, heading
from standtall.desk.wordwork import WordWork
from standtall.desk.workspace import Workspace
from standtall.model import edits

LIMIT = 60 * TICKS
"""Length that a short should not pass (common practice, no source)."""


class LengthGauge(QWidget):
    """The running length against the limit."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._length = 0
        self.setFixedSize(150, 30)
        self.setAccessibleName("Length")

    def set_length(self, ticks: int) -> None:
        self._length = ticks
        over = ticks > LIMIT
        self.setToolTip(f"{clock(ticks, True)} of at most {clock(LIMIT)}" + (": too long, cut some words" if over else ""))
        self.setAccessibleDescription(self.toolTip())
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        look = theme.current()
        over = self._length > LIMIT
        painter.setPen(QColor(look.text))
        painter.drawText(self.rect().adjusted(0, 0, 0, -10), Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter,
                         f"{clock(self._length, True)} of {clock(LIMIT)}")  # fmt: skip
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(look.line))
        painter.drawRoundedRect(0, 23, self.width(), 6, 3, 3)
        painter.setBrush(QColor(theme.WARN if over else theme.KEPT))
        painter.drawRoundedRect(0, 23, max(6, round(self.width() * min(1.0, self._length / LIMIT))), 6, 3, 3)


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
        self.searching = SearchBar(workspace, self.script)
        self.tuner.retype.connect(self.script.retype)
        self._name = Field("Name of the short", "No short yet")
        self._name.setObjectName("name")
        self._name.setToolTip("Name of the short; the finished file gets it too")
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
        self.gauge = LengthGauge()
        left = QVBoxLayout()
        left.setSpacing(6)
        head = QHBoxLayout()
        head.setSpacing(6)
        head.addWidget(self._name, 1)
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
        self._side.addWidget(self.sheet)
        self._side.addWidget(self.second)
        row = QHBoxLayout()
        row.setSpacing(6)
        self._side_buttons: list[QPushButton] = []
        for i, (text, tip) in enumerate(
            (("This place", "What belongs to the place under the playhead (F5)"),
             ("Transcript", "Doubts, talkers, replacing, the word list, files (F6)"),
             ("Language", "A second language beside the words (F7)"))
        ):  # fmt: skip
            button = QPushButton(text)
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
        opened = self._ws.opened
        text = self._name.text()
        if opened is not None and text.strip() and text != opened.entry.short.name:
            self._ws.edit(lambda s, _a: edits.rename(s, text))

    def _refresh(self) -> None:
        opened = self._ws.opened
        self._name.setEnabled(opened is not None)
        entry = opened.entry if opened else None
        self._name.setText(entry.short.name if entry else "")
        self._name.setCursorPosition(0)
        self.gauge.set_length(entry.short.length if entry else 0)
        for button, label, word, keys in (
            (self._undo, entry.undo if entry else None, "Undo", "Ctrl+Z"),
            (self._redo, entry.redo if entry else None, "Redo", "Ctrl+Shift+Z"),
        ):
            button.setEnabled(label is not None)
            button.setToolTip(f"{word}: {label} ({keys})" if label else f"Nothing to {word.lower()} ({keys})")

