"""The queue of all work, as the window sees it."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from PySide6.QtCore import QObject, Signal

from standtall.base.folders import state_folder
from standtall.jobs.events import Ended, Event, Noted, Started, State
from standtall.jobs.queue import Entry, JobQueue
from standtall.jobs.requests import Request
from standtall.jobs.store import Store
from standtall.ui.threads.dispatcher import Dispatcher

R = TypeVar("R", bound=Request)


class Jobs(QObject):
    """`heard` carries the number of a request, the request and an event, in the interface thread and in order."""

    heard = Signal(int, object, object)
    noted = Signal(str)
    """Something that the person should know of while the work goes on."""

    def __init__(self, dispatcher: Dispatcher, parent: QObject) -> None:
        super().__init__(parent)
        self._dispatcher = dispatcher
        self.entries: list[Entry] = []
        """What waits and runs, in its order, as far as has been heard."""
        self.queue = JobQueue(self._told, Store(state_folder() / "queue"))

    def resume(self) -> None:
        """Go on with what was not finished when the program was killed."""
        self.queue.resume()

    def ask(self, request: Request) -> int:
        """Put a request at the end of the queue; -> its number."""
        number = self.queue.ask(request)
        self.entries.append(Entry(number, request))
        return number

    def cancel(self, number: int) -> None:
        self.queue.cancel(number)

    def sooner(self, number: int) -> None:
        """Let a request that waits go before the one of its kind in front of it."""
        waiting = [n for n, e in enumerate(self.entries) if e.state == "waiting" and self._kind(e) == self._kind_of(number)]
        at = next((n for n in waiting if self.entries[n].number == number), None)
        if at is not None and waiting.index(at) > 0:
            self.entries.insert(waiting[waiting.index(at) - 1], self.entries.pop(at))
            self.queue.sooner(number)

    def before(self, number: int, other: int) -> None:
        """Let one that waits go right before another of its kind, or last where `other` is none."""
        entry = next((e for e in self.entries if e.number == number and e.state == "waiting"), None)
        if entry is not None:
            self.entries.remove(entry)
            at = next((n for n, e in enumerate(self.entries) if e.number == other), len(self.entries))
            self.entries.insert(at, entry)
            self.queue.before(number, other)

    @staticmethod
    def _kind(entry: Entry) -> str:
        return entry.request.kind

    def _kind_of(self, number: int) -> str:
        return next((e.request.kind for e in self.entries if e.number == number), "")

    def of(self, kind: type[R], state: State | None = None, where: Callable[[R], bool] = lambda _r: True) -> list[Entry]:
        """Those of one kind of request, in their order."""
        return [
            e for e in self.entries
            if isinstance(e.request, kind) and (state is None or e.state == state) and where(e.request)
        ]  # fmt: skip

    def _told(self, number: int, request: Request, event: Event) -> None:
        """From any thread."""
        self._dispatcher.send(lambda: self._heard(number, request, event), self)

    def _heard(self, number: int, request: Request, event: Event) -> None:
        entry = next((e for e in self.entries if e.number == number), None)
        if entry is None:  # one that is gone on with
            entry = Entry(number, request)
            self.entries.append(entry)
        if isinstance(event, Started):
            entry.state = "running"
        elif isinstance(event, Ended):
            self.entries.remove(entry)
        if isinstance(event, Noted):
            self.noted.emit(event.text)
        self.heard.emit(number, request, event)

    def close(self) -> None:
        """Give everything up."""
        self.queue.close()
