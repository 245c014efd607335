"""Refreshes what is seen at once, and what is not when it is shown: an edit waits for nothing that nobody sees."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QEvent, QObject, SignalInstance
from PySide6.QtWidgets import QWidget


class WhenSeen(QObject):
    """Calls `refresh` when one of the signals comes while `widget` is seen, else once when it is next shown; where it is `stale`
    from the beginning, also when it is first shown."""

    def __init__(self, widget: QWidget, refresh: Callable[[], object], *signals: SignalInstance, stale: bool = False) -> None:
        super().__init__(widget)
        self._widget, self._refresh = widget, refresh
        self._stale = stale
        widget.installEventFilter(self)
        for signal in signals:
            signal.connect(self._changed)

    def _changed(self) -> None:
        self._stale = not self._widget.isVisible()
        if not self._stale:
            self._refresh()

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Show and of is self._widget and self._stale:
            self._stale = False
            self._refresh()
        return False
