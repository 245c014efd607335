"""Escape while something is dragged on the page leaves it as it was, and means nothing else then."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QWidget


class GivingUp(QObject):
    """Watches the keys of a widget; each of `drags` says whether it gave anything up, after which `then` is called."""

    def __init__(self, watched: QWidget, drags: Sequence[Callable[[], bool]], then: Callable[[], None]) -> None:
        super().__init__(watched)
        self._drags, self._then = drags, then
        watched.installEventFilter(self)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        asked = event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent)
        if asked and event.key() == Qt.Key.Key_Escape and sum(give_up() for give_up in self._drags):  # type: ignore[attr-defined]
            event.accept()
            self._then()
            return True
        return super().eventFilter(watched, event)
