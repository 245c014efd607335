"""Slow work in queues apart: what is in one never waits for what is in another."""

from __future__ import annotations

import time
from collections.abc import Callable
from typing import Any, Literal

from PySide6.QtCore import QObject

from standtall.ui.threads.dispatcher import Dispatcher, Failed, Worker

Queue = Literal["sound", "pictures", "moments", "words", "files", "preview", "trial", "desktop", "archive", "posts",
              "post files", "looks", "legible"]  # fmt: skip
"""Soundtracks; thumbnails; the search for moments and clips; listening again and translating; reading and writing files; passages
that are only looked at; what is tried while it is dragged; what the desktop is asked for; everything that was ever said; what is
kept of posts; files of posts, and channels that are asked something; samples of looks; whether captions can be read."""


class Queues:
    """One thread for each queue, begun when there is something to do."""

    def __init__(self, dispatcher: Dispatcher) -> None:
        self._dispatcher = dispatcher
        self._workers: dict[Queue, Worker] = {}
        self._ended = False

    def worker(self, queue: Queue) -> Worker:
        """The thread of a queue; called from the interface thread."""
        if queue not in self._workers:
            self._workers[queue] = Worker(queue, self._dispatcher)
            if self._ended:
                self._workers[queue].end()
        return self._workers[queue]

    def do(
        self, queue: Queue, work: Callable[[], Any], then: Callable[[Any], None] | None, failed: Failed,
        owner: QObject | None = None,
    ) -> None:  # fmt: skip
        """Do `work` after what waits in its queue, then `then(result)` or `failed(error)` in the interface thread."""
        self.worker(queue).do(work, then, failed, owner)

    def end(self) -> None:
        """Give up what waits."""
        self._ended = True
        for worker in self._workers.values():
            worker.end()

    def close(self, patience_s: float) -> None:
        """Wait until the threads have ended (all together at most so long)."""
        until = time.monotonic() + patience_s
        for worker in self._workers.values():
            worker.close(max(0.0, until - time.monotonic()))
