"""Who goes first when the cores are full: the interface, then the picture that plays, then everything else."""

from __future__ import annotations

import contextlib
import os
import threading

PLAYING, BACKGROUND = 3, 10


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
