"""Does a list of things so that the window stays quick: the first at once, the others a few in each turn of the event loop."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable, Iterable
from typing import Generic, TypeVar

from PySide6.QtCore import QEvent, QObject, QTimer
from PySide6.QtWidgets import QWidget

T = TypeVar("T")


class InTurn(QObject, Generic[T]):
    """`does` says whether it took any time; `at_once` of such are done in one go, the others by `each` while `seen`, the widget
    that they come into, is; `over` is called at the end."""

    def __init__(self, does: Callable[[T], bool], at_once: int, each: int, over: Callable[[], object], seen: QWidget) -> None:
        super().__init__(seen)
        self._does, self._at_once, self._each, self._over, self._seen = does, at_once, each, over, seen
        seen.installEventFilter(self)
        self._waiting: deque[T] = deque()
        self._timer = QTimer(self)
        self._timer.timeout.connect(lambda: self._some(self._each))

    def take(self, things: Iterable[T]) -> None:
        """Do these, and no more of those that wait still."""
        self._waiting = deque(things)
        self._some(self._at_once)

    def eventFilter(self, of: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Show and of is self._seen and self._waiting:
            self._timer.start(0)
        return False

    def _some(self, most: int) -> None:
        while self._waiting and most > 0:
            most -= self._does(self._waiting.popleft())
        if self._waiting:
            self._timer.start(0) if self._seen.isVisible() else self._timer.stop()
        else:
            self._timer.stop()
            self._over()
