"""The one door back to the interface thread, for work done elsewhere."""

from __future__ import annotations

import queue
import threading
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, Qt, Signal

from standtall.base.errors import StandTallError
from standtall.base.priority import BACKGROUND, thread_behind


class Door(QObject):
    """Calls given from any thread are made in the interface thread, in order."""

    _call = Signal(object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._open = True
        self._call.connect(self._made, Qt.ConnectionType.QueuedConnection)

    def shut(self) -> None:
        """Let nothing more through: the window closes, and what comes late has nobody to come to."""
        self._open = False

    def _made(self, work: Callable[[], None]) -> None:
        if self._open:
            work()

    def send(self, work: Callable[[], None]) -> None:
        try:
            self._call.emit(work)
        except RuntimeError:
            return  # the window has gone


class Worker:
    """One thread that does given work in order; results and errors come back through a door.

    `behind` is how far its work gives way to the interface and to what plays (0..19).
    """

    def __init__(self, name: str, door: Door, behind: int = BACKGROUND) -> None:
        self._door, self._behind = door, behind
        self._work: queue.Queue[Callable[[], None] | None] = queue.Queue()
        self._thread = threading.Thread(target=self._run, name=name, daemon=True)
        self._thread.start()

    def do(
        self,
        work: Callable[[], Any],
        then: Callable[[Any], None] | None = None,
        failed: Callable[[StandTallError], None] | None = None,
    ) -> None:
        """Do `work` in the thread, then `then(result)` or `failed(error)` in the interface thread."""

        def step() -> None:
            try:
                result = work()
            except StandTallError as error:
                told = error
                if failed is not None:
                    self._door.send(lambda: failed(told))
                return
            if then is not None:
                self._door.send(lambda: then(result))

        self._work.put(step)

    def close(self) -> None:
        """Finish what was given and stop."""
        self._work.put(None)
        self._thread.join()

    def _run(self) -> None:
        thread_behind(self._behind)
        while (step := self._work.get()) is not None:
            step()
