"""Threads that compute beside the interface go on while it waits for events, and wait while it is at work.

They share one interpreter with it: cores that give way do not help, since it changes hands every `sys.getswitchinterval()`
between all that compute in Python, and each call into Qt gives it away.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Callable
from typing import Final

from standtall.base.priority import Watched

LONGEST_S: Final = 0.2
"""So long other threads wait at most for the interface to come to rest."""
LOOK_S: Final = 0.002
"""How often they look whether it is at work."""
AGAIN_S: Final = 0.02
"""How often they look again while they wait: it may have come to rest just before."""


class Turns:
    """To be made in the interface thread, which then says when it comes to rest (`rests`)."""

    def __init__(self) -> None:
        self._interface = Watched()
        self._rest = threading.Condition()
        self._rests, self._waiting = 0, 0
        self._over = False

    def rests(self) -> None:
        """The interface has nothing more to do for now."""
        self._rests += 1
        if self._waiting:
            with self._rest:
                self._rest.notify_all()

    def end(self) -> None:
        """Nobody gives way any more: the interface goes, and waits for what must still be done."""
        self._over = True
        with self._rest:
            self._rest.notify_all()

    def for_thread(self) -> Callable[[], None]:
        """What one other thread calls to give way: it comes back when the interface rests, at most `LONGEST_S` after that was
        first seen at work."""
        looked = rested = 0.0

        def wait() -> None:
            nonlocal looked, rested
            now = time.monotonic()
            if now - looked < LOOK_S or self._over:
                return
            if now - looked > LONGEST_S:
                rested = now  # nobody looked in between
            while not self._at_rest(now - rested < LONGEST_S):
                now = time.monotonic()
                if now - rested >= LONGEST_S:
                    looked = now
                    return
            looked = rested = time.monotonic()

        return wait

    def _at_rest(self, may_wait: bool) -> bool:
        """Whether the interface is at rest, or comes to rest soon."""
        before = self._rests
        if not self._interface.at_work():
            return True
        if not may_wait:
            return False
        with self._rest:
            self._waiting += 1
            came = self._rest.wait_for(lambda: self._rests != before or self._over, AGAIN_S)
            self._waiting -= 1
        return came
