"""The search line over the transcript."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QCheckBox, QComboBox, QHBoxLayout, QLabel, QToolButton, QWidget

from standtall.base.interface_language import tr
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import Field


class SearchBar(QWidget):
    """Word or phrase, exact or loose, of one speaker or all; hits are counted, marked, and walked with Enter."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.field = Field(tr("Search the words"), tr("Word or phrase"))
        self.loose = QCheckBox(tr("Loose"))
        self.loose.setToolTip(tr("Also other endings and slightly different spellings"))
        self.speaker = QComboBox()
        self.speaker.setAccessibleName(tr("Speaker to search"))
        self.speaker.setToolTip(tr("Search only what this speaker says"))
        self._count = QLabel()
        self._count.setObjectName("faint")
        self._count.setMinimumWidth(58)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(5)
        row.addWidget(self.field, 1)
        row.addWidget(self.loose)
        row.addWidget(self.speaker)
        row.addWidget(self._count)
        for icon, tip, way in (("up", tr("Hit before (Shift+F3)"), -1), ("down", tr("Next hit (F3)"), 1)):
            button = QToolButton()
            button.setObjectName("plain")
            theme.draw(button, icon)
            button.setToolTip(tip)
            button.setAccessibleName(tip)
            button.clicked.connect(lambda _c=False, w=way: workspace.search.next(w))
            row.addWidget(button)
        close = QToolButton()
        close.setObjectName("plain")
        theme.draw(close, "close")
        close.setToolTip(tr("Close the search (Escape)"))
        close.setAccessibleName(tr("Close the search"))
        close.clicked.connect(self.leave)
        row.addWidget(close)
        self._wait = QTimer(self)
        self._wait.setSingleShot(True)
        self._wait.setInterval(120)
        self._wait.timeout.connect(self.run)
        self.field.textEdited.connect(lambda _t: self._wait.start())
        self.field.returnPressed.connect(self._enter)
        self.field.given_up.connect(self.leave)
        self.loose.toggled.connect(lambda _c: self.run())
        self.speaker.activated.connect(lambda _i: self.run())
        workspace.search.changed.connect(self._refresh)
        workspace.opened_changed.connect(self._fill_speakers)
        workspace.transcript_changed.connect(self._fill_speakers)
        self.hide()

    def open(self) -> None:
        self.show()
        self.field.setFocus(Qt.FocusReason.ShortcutFocusReason)
        self.field.selectAll()
        if self.field.text():
            self.run()

    def leave(self) -> None:
        self.hide()
        self._ws.search.run("")
        parent = self.parentWidget()
        if parent is not None:
            parent.setFocus()

    def run(self) -> None:
        self._wait.stop()
        self._ws.search.run(self.field.text(), self.loose.isChecked(), self.speaker.currentData())

    def _enter(self) -> None:
        if self._wait.isActive() or not self._ws.search.hits:
            self.run()
        else:
            self._ws.search.next(1)

    def _fill_speakers(self) -> None:
        opened = self._ws.opened
        kept = self.speaker.currentData()
        self.speaker.clear()
        self.speaker.addItem(tr("All speakers"), None)
        for i, speaker in enumerate(opened.transcript.speakers if opened else ()):
            self.speaker.addItem(speaker.shown, i)
        self.speaker.setCurrentIndex(max(0, self.speaker.findData(kept)))
        if self.isVisible():
            self.run()

    def _refresh(self) -> None:
        hits = self._ws.search.hits
        if hits:
            self._count.setText(tr("{hit} of {hits}", hit=self._ws.search.hit + 1, hits=len(hits)))
        else:
            self._count.setText(tr("not said") if self.field.text().strip() else "")
