"""Who goes first when the cores are full: the interface, then the picture that plays, then everything else."""

from __future__ import annotations

import contextlib
import functools
import os
import platform
import threading
from collections.abc import Callable, Iterator
from typing import Final

PLAYING, BACKGROUND = 3, 10
"""How far each gives way. Further would be kinder to the interface, but other programs go before these, too."""


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


_FUTEX: Final = {"x86_64": b"202", "aarch64": b"98"}
"""The number of the system call in which a thread waits for another one of its process, such as for Python's interpreter."""


class Watched:
    """The thread that makes this, watched by others through proc(5), `syscall`. Where the system does not tell it is never at
    work."""

    def __init__(self) -> None:
        self._futex = _FUTEX.get(platform.machine(), b"")
        self._file: int | None = None
        with contextlib.suppress(OSError):
            self._file = _opened(threading.get_native_id())

    def at_work(self) -> bool:
        """Whether it computes or waits to go on computing, and does not wait for events, for a file or for time."""
        if self._file is None or not self._futex:
            return False
        try:
            said = os.pread(self._file, 16, 0).split()
        except OSError:
            return False
        return bool(said) and said[0] in (b"running", self._futex)


@functools.cache
def _opened(thread: int) -> int:
    return os.open(f"/proc/self/task/{thread}/syscall", os.O_RDONLY | os.O_CLOEXEC)


class _Ahead(threading.local):
    wait: Callable[[], None] | None = None


_ahead = _Ahead()


def stand_behind(wait: Callable[[], None]) -> None:
    """Let the calling thread call `wait` at each `give_way`. Threads that compute in Python take turns with each other, however
    far one's core gives way to another's."""
    _ahead.wait = wait


def give_way() -> None:
    """Wait while those go first whom the calling thread stands behind; at once where there are none. For loops whose turns take
    some milliseconds."""
    if _ahead.wait is not None:
        _ahead.wait()


@contextlib.contextmanager
def going_on() -> Iterator[None]:
    """Give no way inside: whoever waits for what the calling thread holds would wait for itself."""
    wait, _ahead.wait = _ahead.wait, None
    try:
        yield
    finally:
        _ahead.wait = wait
