"""Two steps of work that overlap: a producer thread ahead of its consumer by a bounded queue."""

from __future__ import annotations

import queue
import threading
from collections.abc import Callable, Iterator
from typing import Generic, TypeVar

T = TypeVar("T")


class Ahead(Generic[T]):
    """Runs `produce` in a thread, at most `room` items ahead. Use as a context manager and iterate.

    An error in the producer is raised where the items are taken; leaving the block stops and joins the thread.
    """

    def __init__(self, produce: Callable[[], Iterator[T]], room: int) -> None:
        self._produce = produce
        self._items: queue.Queue[T | None] = queue.Queue(room)
        self._stop = threading.Event()
        self._error: BaseException | None = None
        self._thread = threading.Thread(target=self._run, name="render-ahead", daemon=True)

    def __enter__(self) -> Ahead[T]:
        self._thread.start()
        return self

    def __exit__(self, *_: object) -> None:
        self._stop.set()
        while self._thread.is_alive():
            try:
                self._items.get(timeout=0.05)
            except queue.Empty:
                continue
        self._thread.join()

    def _put(self, item: T | None) -> bool:
        while not self._stop.is_set():
            try:
                self._items.put(item, timeout=0.1)
                return True
            except queue.Full:
                continue
        return False

    def _run(self) -> None:
        try:
            for item in self._produce():
                if not self._put(item):
                    return
        except BaseException as error:  # noqa: BLE001 - handed to the consumer, whatever it is
            self._error = error
        self._put(None)

    def __iter__(self) -> Iterator[T]:
        while (item := self._items.get()) is not None:
            yield item
        if self._error is not None:
            raise self._error
