"""Progress and cancel without any interface: stages, shares, time left."""

from __future__ import annotations

import threading
import time
from collections.abc import Callable
from dataclasses import dataclass

from standtall.base.errors import Cancelled


@dataclass(frozen=True, slots=True)
class Step:
    """One report: the stage's name, its share done 0..1, and the seconds left in the stage if known."""

    stage: str
    share: float
    left_s: float | None = None


Listener = Callable[[Step], None]


class Progress:
    """Hands reports to a listener, at most ten a second and stage, and raises `Cancelled` when asked to stop."""

    def __init__(self, listener: Listener | None = None, clock: Callable[[], float] = time.monotonic) -> None:
        self._listener = listener
        self._stop = threading.Event()
        self._clock = clock
        self._stage = ""
        self._began = 0.0
        self._last = -1.0

    def cancel(self) -> None:
        """Ask the work to stop at its next report; may be called from any thread or a signal handler."""
        self._stop.set()

    def check(self) -> None:
        """Raise `Cancelled` when the work should stop."""
        if self._stop.is_set():
            raise Cancelled

    def report(self, stage: str, share: float) -> None:
        """Say that `stage` is `share` (0..1) done."""
        self.check()
        now = self._clock()
        if stage != self._stage:
            self._stage, self._began, self._last = stage, now, -1.0
        if self._listener is None or (share < 1.0 and now - self._last < 0.1):
            return
        self._last = now
        spent = now - self._began
        left = spent * (1 - share) / share if share > 0.02 and spent > 0.5 else None
        self._listener(Step(stage, min(1.0, max(0.0, share)), left))
