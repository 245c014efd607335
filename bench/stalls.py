"""Stalls of the interface thread, less what the machine itself took from it."""

from __future__ import annotations

import os
import subprocess
import sys
import time
from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property
from pathlib import Path

from PySide6.QtCore import QTimer

SLEEP_S = 0.005
SEEN_S = 0.015
"""A sleeping process that comes so late was kept from its core by the machine. Beside threads of all priorities that this program
has, each busy without a pause on that core, it came after 10 ms in 99 of 100 cases and never after 14 while the machine took
nothing (`steal` of proc(5), `stat`; 12 s each); where the machine took a quarter of an idle core, one in twenty
came after 12."""
CONTROL = """
import os, sys, time
sleep, seen = float(sys.argv[1]), float(sys.argv[2])
os.sched_setaffinity(0, {int(sys.argv[3])})
last = time.monotonic()
while True:
    time.sleep(sleep)
    now = time.monotonic()
    if now - last > seen:
        print(last + sleep, now, flush=True)
    last = now
"""


@dataclass(frozen=True, slots=True)
class Gap:
    """Between two turns of the event loop (seconds of the monotonic clock): on which core it ended, and how long of it the thread
    itself was at work (seconds)."""

    start: float
    end: float
    core: int
    worked: float


class Stalls:
    """Gaps of more than `least` seconds between turns of the event loop, less what processes that only sleep, one on each core, saw
    at the same time: where the machine of somebody else takes the time of one core, a process on the other sees nothing of it."""

    def __init__(self, least: float = 0.2) -> None:
        self.gaps: list[Gap] = []
        self._least = least
        self._place = Path(f"/proc/self/task/{os.getpid()}/stat")
        self._last, self._worked = time.monotonic(), time.thread_time()
        self._controls = {
            core: subprocess.Popen(
                [sys.executable, "-c", CONTROL, str(SLEEP_S), str(SEEN_S), str(core)], stdout=subprocess.PIPE, text=True
            )
            for core in os.sched_getaffinity(0)
        }
        self._watch = QTimer()
        self._watch.timeout.connect(self._tick)
        self._watch.start(5)

    def _tick(self) -> None:
        now, worked = time.monotonic(), time.thread_time()
        if now - self._last > self._least:
            core = int(self._place.read_text().rsplit(")", 1)[1].split()[36])  # proc(5): field 39, "processor"
            self.gaps.append(Gap(self._last, now, core, worked - self._worked))
        self._last, self._worked = now, worked

    def longest(self) -> float:
        return max(self.lengths(), default=0.0)

    def lengths(self, besides: Sequence[tuple[float, float]] = ()) -> list[float]:
        """Of all gaps, also without what was done `besides`. What the thread waited is taken off where it was seen on any core:
        the clock that wakes it, and the thread that has the interpreter, may be on another one. What it worked stays."""
        everywhere = [stretch for core in self._frozen.values() for stretch in core]
        own = self.own(besides)
        return [max(worked, _left(gap, [*everywhere, *besides])) for worked, gap in zip(own, self.gaps, strict=True)]

    def own(self, besides: Sequence[tuple[float, float]] = ()) -> list[float]:
        """How long of each gap the thread itself was at work; never more than its length without what was seen on its core, since
        the clock of a thread runs on while its core is taken."""
        return [min(gap.worked, _left(gap, [*self._frozen.get(gap.core, []), *besides])) for gap in self.gaps]

    @cached_property
    def _frozen(self) -> dict[int, list[tuple[float, float]]]:
        """What the sleeping processes saw, which end with this."""
        frozen: dict[int, list[tuple[float, float]]] = {}
        for core, control in self._controls.items():
            control.terminate()
            out, _ = control.communicate()
            lines = [line.split() for line in out.splitlines()]
            frozen[core] = [(float(a), float(b)) for a, b in (line for line in lines if len(line) == 2)]
        return frozen


def _left(gap: Gap, taken: Sequence[tuple[float, float]]) -> float:
    """Length of a gap without the stretches that are taken off it, each second of it once."""
    left, at = gap.end - gap.start, gap.start
    for start, end in sorted(taken):
        first, last = max(start, at), min(end, gap.end)
        if last > first:
            left -= last - first
            at = last
    return left
