"""The keys of the window: what each does, and where it holds. A focused control has its own keys first."""

from __future__ import annotations

from collections.abc import Callable
from typing import Literal

from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QApplication, QDialog, QGridLayout, QLabel, QMainWindow, QScrollArea, QVBoxLayout, QWidget

Where = Literal["anywhere", "ground", "bench"]
"""In every place, also inside controls; in every place where the page or a picture has the focus; the same on the Bench alone."""
NARROW = 2
"""Columns of the sheet of keys; each is a key and what it does."""


class Keys(QObject):
    """Actions with their keys. `ground` are the widgets that have no keys of their own: the page and the pictures."""

    def __init__(self, window: QMainWindow, ground: tuple[QWidget, ...]) -> None:
        super().__init__(window)  # goes with the window, and its connections with it
        self._window, self._ground = window, ground
        self._actions: list[tuple[QAction, Where]] = []
        self.listed: list[tuple[str, str]] = []
        """Keys and what they do, as the sheet shows them."""
        self.bench = False
        """Whether the Bench is in front."""
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        application.focusChanged.connect(self._focus_changed)

    def add(self, text: str, keys: str, does: Callable[[], object], where: Where = "anywhere") -> None:
        action = QAction(text, self._window)
        action.setShortcuts([QKeySequence(k.strip()) for k in keys.split(" or ")])
        action.setShortcutContext(Qt.ShortcutContext.WindowShortcut)
        action.triggered.connect(lambda _c=False: does())
        self._window.addAction(action)
        self._actions.append((action, where))
        self.listed.append((keys, text))

    def _focus_changed(self, _before: QWidget | None, _now: QWidget | None) -> None:
        self.refresh()

    def refresh(self) -> None:
        """Let each key hold where it should, as the focus is now."""
        focus = QApplication.focusWidget()
        free = focus is None or focus is self._window or focus in self._ground
        for action, where in self._actions:
            action.setEnabled(where == "anywhere" or (free and (where == "ground" or self.bench)))

    def show_sheet(self) -> None:
        """All keys, in a window of their own that scrolls where it is smaller than they are."""
        box = QDialog(self._window)
        box.setWindowTitle("Keys")
        inner = QWidget()
        grid = QGridLayout(inner)
        grid.setContentsMargins(20, 16, 20, 16)
        grid.setHorizontalSpacing(18)
        rows = -(-len(self.listed) // NARROW)
        for i, (keys, text) in enumerate(self.listed):
            label = QLabel(keys)
            label.setStyleSheet("font-weight: 700;")
            grid.addWidget(label, i % rows, 2 * (i // rows))
            grid.addWidget(QLabel(text), i % rows, 2 * (i // rows) + 1)
        scroll = QScrollArea()
        scroll.setWidgetResizable(True)
        scroll.setWidget(inner)
        whole = QVBoxLayout(box)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.addWidget(scroll)
        wished, window = inner.sizeHint(), self._window.size()
        box.resize(min(wished.width() + 28, window.width() - 40), min(wished.height() + 8, window.height() - 60))
        box.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        box.open()
