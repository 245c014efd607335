"""The queue of all work: one request of each kind at a time or as many as is said, in an order that changes, kept on disk.

All changes are made in one thread of its own, in the order in which they were asked for; whoever asks never waits.
"""

from __future__ import annotations

import collections
import queue
import threading
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final, Protocol

from standtall.base.interface_language import tr
from standtall.base.log import told
from standtall.jobs.events import Ended, Event, Started, State
from standtall.jobs.process import Job, end_all
from standtall.jobs.requests import AnalyseRequest, PreviewCopyRequest, Request
from standtall.jobs.store import Store


class Running(Protocol):
    """Work that a backend does: it tells of its end in every case."""

    def start(self) -> None: ...
    def cancel(self) -> None: ...


Backend = Callable[[Request, Callable[[Event], None]], Running]
"""Prepares the work of a request; the listener is called from any thread."""


@dataclass(slots=True)
class Entry:
    """A request in the queue."""

    number: int
    request: Request
    state: State = "waiting"
    place: int = 0
    """Of those of one kind the one with the lowest is next, also after a kill."""


Listener = Callable[[int, Request, Event], None]
"""Told of each event of a numbered request, from any thread."""
KEPT_KINDS: Final = ("analyse", "render", "fetch")
"""Kinds that are gone on with after a kill; copies are asked for again by whoever needs them."""


class JobQueue:
    """`listener` hears of every request; without a `store` nothing is kept."""

    def __init__(self, listener: Listener, store: Store | None = None, backend: Backend = Job) -> None:
        self._listener, self._store = listener, store
        self.backend = backend
        self._entries: list[Entry] = []
        self._running: dict[int, Running] = {}
        self._paused: set[str] = set()
        self._at_once: dict[str, int] = {}
        self.kept_elsewhere: frozenset[str] = frozenset()
        """Kinds whose requests stay on disk until `end_kept` says that how they ended is written down."""
        self._next_number = 1
        self._number_lock = threading.Lock()
        self._closing = False
        self._steps: queue.Queue[Callable[[], None] | None] = queue.Queue()
        self._thread = threading.Thread(target=self._run, name="queue", daemon=True)
        self._thread.start()

    # asking, from any thread

    def resume(self) -> None:
        """Go on with what was waiting or running when the program was killed."""
        self._steps.put(self._resume)

    def ask(self, request: Request) -> int:
        """Put a request at the end; -> its number."""
        with self._number_lock:
            number = self._next_number
            self._next_number += 1
        self._steps.put(lambda: self._add(number, request))
        return number

    def cancel(self, number: int) -> None:
        """Give a request up, or stop the work on it."""
        self._steps.put(lambda: self._cancel(number))

    def sooner(self, number: int) -> None:
        """Let a request that waits go before the one of its kind that is in front of it."""
        self._steps.put(lambda: self._sooner(number))

    def before(self, number: int, other: int) -> None:
        """Let a request that waits go right before another of its kind that waits, or last where `other` is none."""
        self._steps.put(lambda: self._before(number, other))

    def at_once(self, kind: str, most: int) -> None:
        """Work on so many requests of a kind at the same time."""
        self._steps.put(lambda: self._at_once.update({kind: max(1, most)}))

    def end_kept(self, number: int) -> None:
        """How a request ended is written down by whoever heard of it: it is not gone on with."""
        self._steps.put(lambda: None if self._store is None else self._store.forget(number))

    def pause(self, kind: str) -> None:
        """Begin no other work of a kind."""
        self._steps.put(lambda: self._paused.add(kind))

    def go_on(self, kind: str) -> None:
        """Begin work of a kind again."""
        self._steps.put(lambda: self._go_on(kind))

    def idle(self, timeout_s: float | None = None) -> bool:
        """Wait until all that was asked for so far is taken in; -> whether it is."""
        done = threading.Event()
        self._steps.put(done.set)
        return done.wait(timeout_s)

    def close(self) -> None:
        """Give up what waits and stop what runs, as the person said; they are not gone on with."""
        self._steps.put(self._give_up)
        self._steps.put(None)
        self._thread.join(3.0)

    # in its thread

    def _run(self) -> None:
        while (step := self._steps.get()) is not None:
            try:
                step()
                self._begin()
            except BaseException as error:  # noqa: BLE001 - logged: no fault ends the queue
                told(error, tr("A change of the queue was not made"))
        if self._store is not None:
            self._store.close()

    def _find(self, number: int) -> Entry | None:
        return next((e for e in self._entries if e.number == number), None)

    def _resume(self) -> None:
        if self._store is None:
            return
        found = self._store.load()
        with self._number_lock:  # above all that are on disk, so that no file is written over that is still to be read anew
            first = self._next_number = max([self._next_number, *(old + 1 for old, _request in found)])
            self._next_number += len(found)
        again: list[Request] = []
        for number, (old, request) in enumerate(found, first):
            if request not in again:  # a kill just here left it under two numbers
                again.append(request)
                self._add(number, request)
            self._store.forget(old)

    def _add(self, number: int, request: Request) -> None:
        entry = Entry(number, request, place=number)
        self._entries.append(entry)
        self._keep(entry)

    def _keep(self, entry: Entry) -> None:
        """Write a request down with its place."""
        if self._store is not None and entry.request.kind in KEPT_KINDS:
            self._store.keep(entry.number, entry.place, entry.request)

    def _cancel(self, number: int) -> None:
        entry = self._find(number)
        if entry is None:
            return
        running = self._running.get(number)
        if running is not None:
            running.cancel()
        else:
            self._ended(entry, Ended("stopped"))

    def _sooner(self, number: int) -> None:
        entry = self._find(number)
        if entry is None or entry.state != "waiting":
            return
        at = self._entries.index(entry)
        before = [i for i in range(at) if self._same_kind(i, entry)]
        if before:
            other = self._entries[before[-1]]
            entry.place, other.place = other.place, entry.place
            self._entries.insert(before[-1], self._entries.pop(at))
            self._keep(entry)
            self._keep(other)

    def _before(self, number: int, other: int) -> None:
        entry = self._find(number)
        if entry is None or entry.state != "waiting":
            return
        waiting = [e for e in self._entries if e.state == "waiting" and e.request.kind == entry.request.kind]
        places = sorted(e.place for e in waiting)
        waiting.remove(entry)
        at = next((n for n, e in enumerate(waiting) if e.number == other), len(waiting))
        waiting.insert(at, entry)
        others = [e for e in self._entries if e not in waiting]
        self._entries = [*others, *waiting]
        for place, moved in zip(places, waiting, strict=True):
            if moved.place != place:
                moved.place = place
                self._keep(moved)

    def _same_kind(self, place: int, entry: Entry) -> bool:
        other = self._entries[place]
        return other.state == "waiting" and other.request.kind == entry.request.kind

    def _go_on(self, kind: str) -> None:
        self._paused.discard(kind)

    def _begin(self) -> None:
        """Begin the first requests of each kind of which no more are worked on than may be."""
        if self._closing:
            return
        busy = collections.Counter(e.request.kind for e in self._entries if e.state == "running")
        for entry in list(self._entries):
            kind = entry.request.kind
            full = busy[kind] >= self._at_once.get(kind, 1)
            if entry.state != "waiting" or full or kind in self._paused or self._held_back(entry.request):
                continue
            busy[kind] += 1
            entry.state = "running"
            work = self.backend(entry.request, lambda event, e=entry: self._heard(e, event))  # type: ignore[misc]
            self._running[entry.number] = work
            self._listener(entry.number, entry.request, Started())
            work.start()

    def _held_back(self, request: Request) -> bool:
        """Copies are made while nothing is analysed."""
        return isinstance(request, PreviewCopyRequest) and any(isinstance(e.request, AnalyseRequest) for e in self._entries)

    def _heard(self, entry: Entry, event: Event) -> None:
        """Called by the backend, from any thread."""
        if isinstance(event, Ended):
            self._steps.put(lambda: self._ended(entry, event))
        else:
            self._listener(entry.number, entry.request, event)

    def _ended(self, entry: Entry, event: Ended) -> None:
        self._running.pop(entry.number, None)
        if entry in self._entries:
            self._entries.remove(entry)
        entry.state = event.state
        if self._store is not None and entry.request.kind not in self.kept_elsewhere:
            self._store.forget(entry.number)
        self._listener(entry.number, entry.request, event)

    def _give_up(self) -> None:
        self._closing = True
        if self._store is not None:
            for entry in self._entries:
                self._store.forget(entry.number)
        end_all(job for job in self._running.values() if isinstance(job, Job))
        for entry in self._entries:
            running = self._running.get(entry.number)
            if running is not None and not isinstance(running, Job):
                running.cancel()
