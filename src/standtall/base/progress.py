"""Progress and cancel without any interface: stages, shares, time left."""

from __future__ import annotations

import threading
import time
from collections.abc import Callable
from dataclasses import dataclass

from standtall.base.errors import Cancelled
from standtall.base.priority import give_way


@dataclass(frozen=True, slots=True)
class Step:
    """One report: the stage's name, its share done 0..1, and the seconds left in the stage if known."""

    stage: str
    share: float
    left_s: float | None = None


Listener = Callable[[Step], None]


class Progress:
    """Hands reports to a listener, at most ten a second and stage, and raises `Cancelled` when asked to stop.

    Stages may run at the same time in several threads; the listener hears one report after the other.
    """

    def __init__(self, listener: Listener | None = None, clock: Callable[[], float] = time.monotonic) -> None:
        self._listener = listener
        self._stop = threading.Event()
        self._others: list[Progress] = []
        self._clock = clock
        self._lock = threading.Lock()
        self._stages: dict[str, tuple[float, float, float]] = {}
        """When each stage began, at which share, and when it was last told of."""

    def cancel(self) -> None:
        """Ask the work to stop at its next report; may be called from any thread or a signal handler."""
        self._stop.set()
        for other in self._others:
            other.cancel()

    def also_cancels(self, other: Progress) -> None:
        """Let a cancel of this stop another one, too."""
        self._others.append(other)
        if self._stop.is_set():
            other.cancel()

    @property
    def stopped(self) -> bool:
        """Whether it was asked to stop."""
        return self._stop.is_set()

    def wait(self, seconds: float) -> None:
        """Do nothing for a time, or less when asked to stop."""
        self._stop.wait(seconds)

    def check(self) -> None:
        """Raise `Cancelled` when the work should stop; wait while others go first."""
        give_way()
        if self._stop.is_set():
            raise Cancelled

    def report(self, stage: str, share: float) -> None:
        """Say that `stage` is `share` (0..1) done."""
        self.check()
        if self._listener is None:
            return
        with self._lock:
            now = self._clock()
            began, first, last = self._stages.get(stage, (now, share, -1.0))
            if share < first:  # it began anew
                began, first, last = now, share, -1.0
            quiet = share < 1.0 and now - last < 0.1
            self._stages[stage] = began, first, last if quiet else now
            if quiet:
                return
            spent, done = now - began, share - first
            left = spent * (1 - share) / done if done > 0.02 and spent > 0.5 else None
            self._listener(Step(stage, min(1.0, max(0.0, share)), left))
