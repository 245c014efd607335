"""The shortcuts of the window, and where each holds. A focused control has its own keys first."""

from __future__ import annotations

from collections.abc import Iterable

from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QAction, QKeySequence
from PySide6.QtWidgets import QApplication, QMainWindow, QWidget

from standtall.base.interface_language import tr
from standtall.ui.widgets.actions import Action
from standtall.ui.widgets.place import Place


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
        self._declare(tr("Everywhere"), "", everywhere)
        for place in places:
            self._ground += place.ground
            self._declare(place.title, place.name, place.actions)
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        application.focusChanged.connect(self._focus_changed)

    def _declare(self, title: str, place: str, actions: Iterable[Action]) -> None:
        listed = list(actions)
        for action in listed:
            made = QAction(action.text, self._window)
            made.setObjectName(action.name)
            made.setShortcuts([QKeySequence(k) for k in action.keys])
            made.setShortcutContext(Qt.ShortcutContext.WindowShortcut)
            made.triggered.connect(lambda _c=False, a=action: a.does())
            self._window.addAction(made)
            self._made.append((made, action, place))
        self.groups.append((title, listed))

    def _focus_changed(self, _before: QWidget | None, _now: QWidget | None) -> None:
        self.refresh()

    def refresh(self) -> None:
        """Let each shortcut hold where it should, as the focus is now."""
        focus = QApplication.focusWidget()
        free = focus is None or focus is self._window or focus in self._ground
        for made, action, place in self._made:
            here = action.where != "place" or place == self.place
            made.setEnabled(action.where == "anywhere" or (free and here))

    def choose(self, keys: dict[str, tuple[str, ...]]) -> None:
        """Let actions have these keys from now on, the others their usual ones."""
        for made, action, _place in self._made:
            made.setShortcuts([QKeySequence(k) for k in keys.get(action.name, action.usual)])
