"""Who goes first when the cores are full: the interface, then the picture that plays, then everything else."""

from __future__ import annotations

import contextlib
import os
import threading

PLAYING, BACKGROUND = 7, 15
"""How far each gives way. 30 ms of work of the interface beside a thread that computes in Python, two that decode and two
processes took 36 ms in the middle and 45 in nine of ten at these; 48 to 58 and 65 to 72 at 3 and 10."""


def thread_behind(nice: int) -> None:
    """Let the calling thread give way by `nice` (0..19), as Linux allows for single threads; elsewhere nothing happens."""
    with contextlib.suppress(OSError, AttributeError):
        os.setpriority(os.PRIO_PROCESS, threading.get_native_id(), nice)


def process_behind(pid: int) -> None:
    """Let a process run only on time that nobody else wants; at the lowest niceness where that is unknown.

    It is done from outside: a process that lowers itself before it has begun keeps its parent waiting for that.
    """
    try:
        os.sched_setscheduler(pid, os.SCHED_IDLE, os.sched_param(0))
    except (OSError, AttributeError):
        with contextlib.suppress(OSError):
            os.setpriority(os.PRIO_PROCESS, pid, 19)
