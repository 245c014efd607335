"""The search line over the script."""

from __future__ import annotations

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QCheckBox, QComboBox, QHBoxLayout, QLabel, QToolButton, QWidget

from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import Field


class SearchBar(QWidget):
    """Word or phrase, exact or loose, of one talker or all; hits are counted, marked, and walked with Enter."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.field = Field("Search the words", "Word or phrase")
        self.loose = QCheckBox("Loose")
        self.loose.setToolTip("Also other endings and slightly different spellings")
        self.talker = QComboBox()
        self.talker.setAccessibleName("Talker to search")
        self.talker.setToolTip("Search only what this talker says")
        self._count = QLabel()
        self._count.setObjectName("faint")
        self._count.setMinimumWidth(58)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(5)
        row.addWidget(self.field, 1)
        row.addWidget(self.loose)
        row.addWidget(self.talker)
        row.addWidget(self._count)
        for icon, tip, way in (("up", "Hit before (Shift+F3)", -1), ("down", "Next hit (F3)", 1)):
            button = QToolButton()
            button.setObjectName("plain")
            theme.draw(button, icon)
            button.setToolTip(tip)
            button.setAccessibleName(tip)
            button.clicked.connect(lambda _c=False, w=way: workspace.next_hit(w))
            row.addWidget(button)
        close = QToolButton()
        close.setObjectName("plain")
        theme.draw(close, "close")
        close.setToolTip("Close the search (Escape)")
        close.setAccessibleName("Close the search")
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
        self.talker.activated.connect(lambda _i: self.run())
        workspace.search_changed.connect(self._refresh)
        workspace.opened_changed.connect(self._fill_talkers)
        workspace.transcript_changed.connect(self._fill_talkers)
        self.hide()

    def open(self) -> None:
        self.show()
        self.field.setFocus(Qt.FocusReason.ShortcutFocusReason)
        self.field.selectAll()
        if self.field.text():
            self.run()

    def leave(self) -> None:
        self.hide()
        self._ws.search("")
        parent = self.parentWidget()
        if parent is not None:
            parent.setFocus()

    def run(self) -> None:
        self._wait.stop()
        self._ws.search(self.field.text(), self.loose.isChecked(), self.talker.currentData())

    def _enter(self) -> None:
        if self._wait.isActive() or not self._ws.hits:
            self.run()
        else:
            self._ws.next_hit(1)

    def _fill_talkers(self) -> None:
        opened = self._ws.opened
        kept = self.talker.currentData()
        self.talker.clear()
        self.talker.addItem("All talkers", None)
        for i, talker in enumerate(opened.transcript.talkers if opened else ()):
            self.talker.addItem(talker.name, i)
        self.talker.setCurrentIndex(max(0, self.talker.findData(kept)))
        if self.isVisible():
            self.run()

    def _refresh(self) -> None:
        hits = self._ws.hits
        if hits:
            self._count.setText(f"{self._ws.hit + 1} of {len(hits)}")
        else:
            self._count.setText("not said" if self.field.text().strip() else "")
