"""The clock of this machine, and whether somebody moved it.

`CLOCK_BOOTTIME` (clock_gettime(2)) goes on while the machine sleeps and cannot be set: where the time of day runs away from it,
the time of day was changed.
"""

from __future__ import annotations

import time
from typing import Final

MOVED_S: Final = 120
"""A difference that is no correction by the network any more (common practice, no source)."""


class Clock:
    """Tells the time."""

    def now(self) -> int:
        """Seconds since 1970."""
        return int(time.time())

    def steady(self) -> float:
        """Seconds since some moment; nobody can set it."""
        return time.clock_gettime(time.CLOCK_BOOTTIME)


class ClockWatch:
    """Notices between two looks whether the time of day was set, and whether nobody looked for a while."""

    def __init__(self, clock: Clock) -> None:
        self._clock = clock
        self._wall, self._steady = clock.now(), clock.steady()

    def look(self) -> tuple[int, float]:
        """-> (seconds by which the time of day was set since the last look, forward or back, 0 where it was not; seconds since
        then)."""
        wall, steady = self._clock.now(), self._clock.steady()
        gone = steady - self._steady
        set_by = round(wall - self._wall - gone)
        self._wall, self._steady = wall, steady
        return (set_by if abs(set_by) > MOVED_S else 0), gone
