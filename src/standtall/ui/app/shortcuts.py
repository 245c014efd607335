"""The shortcuts of the window, and where each holds. A focused control has its own keys first."""

from __future__ import annotations

from collections.abc import Iterable

from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QApplication, QDialog, QGridLayout, QLabel, QMainWindow, QScrollArea, QVBoxLayout, QWidget

from standtall.ui.widgets.actions import Action
from standtall.ui.widgets.cards import heading
from standtall.ui.widgets.place import Place

COLUMNS = 2
"""Columns of the list of shortcuts; each is a key and what it does."""
ALWAYS = (("Up, Down", "Row up or down"), ("Ctrl+Left, Ctrl+Right", "Word by word; with Shift, choose"))
"""Keys that the page has by itself."""


class Shortcuts(QObject):
    """Actions with their keys. `ground` are the widgets that have no keys of their own: the page and the pictures."""

    def __init__(
        self, window: QMainWindow, everywhere: Iterable[Action], places: Iterable[Place], ground: tuple[QWidget, ...]
    ) -> None:
        super().__init__(window)  # goes with the window, and its connections with it
        self._window, self._ground = window, ground
        self._made: list[tuple[QAction, Action, str]] = []
        """Each with the name of its place, or nothing."""
        self.groups: list[tuple[str, list[Action]]] = []
        self.place = ""
        """The name of the place in front."""
        self._declare("Everywhere", "", everywhere)
        for place in places:
            self._ground += place.ground
            self._declare(place.title, place.name, place.actions)
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        application.focusChanged.connect(self._focus_changed)

    def _declare(self, title: str, place: str, actions: Iterable[Action]) -> None:
        listed = list(actions)
        for action in listed:
            if not action.keys:
                continue
            made = QAction(action.text, self._window)
            made.setObjectName(action.name)
            made.setShortcuts([QKeySequence(k) for k in action.keys])
            made.setShortcutContext(Qt.ShortcutContext.WindowShortcut)
            made.triggered.connect(lambda _c=False, a=action: a.does())
            self._window.addAction(made)
            self._made.append((made, action, place))
        self.groups.append((title, [a for a in listed if a.keys]))

    def _focus_changed(self, _before: QWidget | None, _now: QWidget | None) -> None:
        self.refresh()

    def refresh(self) -> None:
        """Let each shortcut hold where it should, as the focus is now."""
        focus = QApplication.focusWidget()
        free = focus is None or focus is self._window or focus in self._ground
        for made, action, place in self._made:
            here = action.where != "place" or place == self.place
            made.setEnabled(action.where == "anywhere" or (free and here))

    def show_list(self) -> None:
        """All shortcuts by place, in a window of their own that scrolls where it is smaller than they are."""
        box = QDialog(self._window)
        box.setWindowTitle("Shortcuts")
        inner = QWidget()
        column = QVBoxLayout(inner)
        column.setContentsMargins(20, 16, 20, 16)
        for title, actions in self.groups:
            rows = [(" or ".join(a.keys), a.text) for a in actions]
            if title == self.groups[-1][0]:
                rows += ALWAYS
            if rows:
                column.addWidget(heading(title.upper()))
                column.addLayout(_grid(rows))
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


def _grid(rows: list[tuple[str, str]]) -> QGridLayout:
    grid = QGridLayout()
    grid.setHorizontalSpacing(18)
    high = -(-len(rows) // COLUMNS)
    for i, (keys, text) in enumerate(rows):
        label = QLabel(keys)
        label.setStyleSheet("font-weight: 700;")
        grid.addWidget(label, i % high, 2 * (i // high))
        grid.addWidget(QLabel(text), i % high, 2 * (i // high) + 1)
    grid.setColumnStretch(2 * COLUMNS, 1)
    return grid
