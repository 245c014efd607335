"""The one way back to the interface thread, for work done elsewhere, and the threads that do it."""

from __future__ import annotations

import queue
import threading
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

import shiboken6
from PySide6.QtCore import QAbstractEventDispatcher, QObject, Qt, Signal

from standtall.base.errors import Cancelled, StandTallError
from standtall.base.interface_language import tr
from standtall.base.log import told
from standtall.base.priority import BACKGROUND, give_way, stand_behind, thread_behind
from standtall.ui.threads.turns import Turns

Failed = Callable[[StandTallError], None]


class Dispatcher(QObject):
    """Calls given from any thread are made in the interface thread, in order; others give way to that thread by `turns`."""

    failed = Signal(object)
    """An error that nobody else hears of."""
    _call = Signal(object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._open = True
        self._call.connect(self._made, Qt.ConnectionType.QueuedConnection)
        self.turns = Turns()
        loop = QAbstractEventDispatcher.instance()
        if loop is not None:
            loop.aboutToBlock.connect(self._rests)

    def shut(self) -> None:
        """Let nothing more through: the window closes, and what comes late has nobody to come to."""
        self._open = False
        self.turns.end()

    def _made(self, work: Callable[[], None]) -> None:
        if self._open:
            work()

    def _rests(self) -> None:
        self.turns.rests()

    def send(self, work: Callable[[], None], owner: QObject | None = None) -> None:
        """Make a call in the interface thread; none where its `owner` (for a method, its object) has gone meanwhile."""
        of = owner if owner is not None else getattr(work, "__self__", None)

        def call() -> None:
            if not isinstance(of, QObject) or shiboken6.isValid(of):
                work()

        try:
            self._call.emit(call)
        except RuntimeError:
            return  # the window has gone


@dataclass(frozen=True, slots=True)
class _Step:
    work: Callable[[], Any]
    then: Callable[[Any], None] | None
    failed: Failed | None
    owner: QObject | None
    must: bool
    undone: str


class Worker:
    """One thread that does given work in order; results and errors come back through a dispatcher.

    Whatever happens in a piece of work, the thread goes on with the next one. `behind` is how far its work gives way to the
    interface and to what plays (0..19).
    """

    def __init__(self, name: str, dispatcher: Dispatcher, behind: int = BACKGROUND) -> None:
        self._door, self._behind = dispatcher, behind
        self._work: queue.Queue[_Step | None] = queue.Queue()
        self._ending = False
        self._thread = threading.Thread(target=self._run, name=name, daemon=True)
        self._thread.start()

    def do(
        self,
        work: Callable[[], Any],
        then: Callable[[Any], None] | None = None,
        failed: Failed | None = None,
        owner: QObject | None = None,
        must: bool = False,
        undone: str = tr("That was not done"),
    ) -> None:
        """Do `work` in the thread, then `then(result)` or `failed(error)` in the interface thread, as long as `owner` (for a
        method, its object) is still there. Without `failed` the error is said by the window. `must` work is also done when the
        thread is told to end; `undone` begins the sentence that tells of a fault in it."""
        self._work.put(_Step(work, then, failed, owner, must, undone))

    def idle(self) -> bool:
        """Whether nothing waits."""
        return self._work.empty()

    def end(self) -> None:
        """Give up what waits, but for what must be done; `close` waits for the rest."""
        self._ending = True
        self._work.put(None)

    def close(self, patience_s: float | None = None) -> None:
        """End, and wait until the thread has done so (at most so long)."""
        if not self._ending:
            self.end()
        self._thread.join(patience_s)

    def _run(self) -> None:
        thread_behind(self._behind)
        stand_behind(self._door.turns.for_thread())
        while (step := self._work.get()) is not None:
            if not self._ending:
                give_way()  # who asked for it mostly has more to do just then
            if not self._ending or step.must:
                self._do(step)

    def _do(self, step: _Step) -> None:
        try:
            result = step.work()
        except BaseException as error:  # noqa: BLE001 - logged and told: no fault ends the thread
            problem = told(error, step.undone)
            if step.failed is not None:
                failed = step.failed
                self._send(lambda: failed(problem), step.owner, failed)
            elif not isinstance(problem, Cancelled):
                self._door.send(lambda: self._door.failed.emit(problem))
            return
        if step.then is not None:
            then = step.then
            self._send(lambda: then(result), step.owner, then)

    def _send(self, call: Callable[[], None], owner: QObject | None, of: Callable[..., None]) -> None:
        mine = getattr(of, "__self__", None)
        self._door.send(call, owner if owner is not None else mine if isinstance(mine, QObject) else None)
