"""Carries tasks out in processes of this machine, as many as it has cores and memory for.

Each helper is `python -m standtall help-out`: it reads a task from its input, a line each, and writes events. It ends with the
process that began it, since its input ends then.
"""

from __future__ import annotations

import contextlib
import json
import os
import queue
import subprocess
import sys
import threading
from pathlib import Path
from typing import Final

from standtall.base.errors import ProjectError, StandTallError
from standtall.base.interface_language import tr
from standtall.base.log import log_file, note
from standtall.base.progress import Progress
from standtall.base.reading import Unreadable, json_of
from standtall.jobs.events import Answered, Problem, Progressed, Told
from standtall.jobs.tasks import Answer, Supply, Task
from standtall.model.codec import from_plain

LONGEST_LINE: Final = 64_000_000
COMMAND: Final = ("-m", "standtall", "help-out")
MEMORY: Final = 900_000_000
"""Bytes that one helper may come to use."""
MOST: Final = 32
TRIES: Final = 2
"""A task whose helper dies is given to another one once."""


CORES, MEMORY_GB = "STAND_TALL_CORES", "STAND_TALL_MEMORY_GB"
"""Environment variables by which the person says how much of the machine may be used; processes begun by this one keep to it."""


def cores_here() -> int:
    """How many cores this process may use."""
    return len(os.sched_getaffinity(0)) if hasattr(os, "sched_getaffinity") else os.cpu_count() or 1


def _wished(name: str) -> int | None:
    said = os.environ.get(name, "")
    return int(said) if said.isdecimal() and 0 < int(said) < 10_000 else None


def usual_count() -> int:
    """So many helpers as there are cores and memory for: those that the person allows, of what this machine has for this process
    and what memory can be had (proc(5), MemAvailable)."""
    cores = min(_wished(CORES) or cores_here(), cores_here())
    free = MEMORY * cores
    with contextlib.suppress(OSError, ValueError, IndexError):
        lines = Path("/proc/meminfo").read_text().splitlines()
        free = next((int(line.split()[1]) * 1024 for line in lines if line.startswith("MemAvailable:")), free)
    most = _wished(MEMORY_GB)
    if most is not None:
        free = min(free, most * 1_000_000_000)
    return max(1, min(cores, MOST, free // MEMORY))


class LocalHelpers:
    """Carries tasks out in `count` processes of this machine."""

    def __init__(self, count: int, command: tuple[str, ...] = COMMAND) -> None:
        self._count, self._command = count, command

    def run(self, supply: Supply, progress: Progress) -> None:
        said: queue.Queue[tuple[_Helper, str | None]] = queue.Queue()
        helpers: list[_Helper] = []
        waiting: list[tuple[Task, int]] = []
        try:
            while not supply.over:
                self._give(supply, helpers, waiting, said)
                try:
                    helper, line = said.get(timeout=0.2)
                except queue.Empty:
                    progress.check()
                    continue
                progress.check()
                if line is None:
                    waiting += _again(helper)
                    helpers.remove(helper)
                else:
                    _hear(helper, line, supply)
        finally:
            for helper in helpers:
                helper.end()

    def _give(
        self,
        supply: Supply,
        helpers: list[_Helper],
        waiting: list[tuple[Task, int]],
        said: queue.Queue[tuple[_Helper, str | None]],
    ) -> None:
        """Give each idle helper a task, and begin more of them where there is more to do."""
        while True:
            idle = next((h for h in helpers if h.task is None), None)
            if idle is None and len(helpers) >= self._count:
                return
            task, tried = waiting.pop() if waiting else (supply.take(), 0)
            if task is None:
                return
            if idle is None:
                idle = _Helper(self._command, said)
                helpers.append(idle)
            idle.give(task, tried + 1)


def _hear(helper: _Helper, line: str, supply: Supply) -> None:
    try:
        event = from_plain(Told, {"event": json_of(line, LONGEST_LINE)}).event
    except (Unreadable, ProjectError):
        return  # libraries may print lines of their own
    task = helper.task
    if task is None:
        return
    if isinstance(event, Answered):
        helper.task = None
        supply.took(task, Answer(event.text))
    elif isinstance(event, Progressed):
        supply.told(task, event.stage, event.share)
    elif isinstance(event, Problem):
        problem = StandTallError(event.message, event.hint)
        problem.exit_code = event.code
        raise problem


def _again(helper: _Helper) -> list[tuple[Task, int]]:
    """The task of a helper that has died, to be given to another one."""
    code = helper.end()
    if helper.task is None:
        return []
    note(f"A helper ended with code {code} at {helper.task.name}")
    if helper.tries >= TRIES:
        raise StandTallError(
            tr("The work ended unexpectedly at {name} (code {code}).", name=helper.task.name, code=code),
            tr("Try again; the log is {file}.", file=log_file()),
        )
    return [(helper.task, helper.tries)]


class _Helper:
    def __init__(self, command: tuple[str, ...], said: queue.Queue[tuple[_Helper, str | None]]) -> None:
        self.task: Task | None = None
        self.tries = 0
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "OMP_NUM_THREADS": "1"}
        try:
            self._process = subprocess.Popen(
                [sys.executable, *command], stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL,
                text=True, encoding="utf-8", errors="replace", env=environment,
            )  # fmt: skip
        except OSError as error:
            raise StandTallError(
                tr("The work could not be started: {error}.", error=error.strerror),
                tr("Close other programs, then try again."),
            ) from error
        self._given: queue.Queue[str | None] = queue.Queue()
        threading.Thread(target=self._listen, args=(said,), name="helper-said", daemon=True).start()
        threading.Thread(target=self._write, name="helper-given", daemon=True).start()

    def give(self, task: Task, tries: int) -> None:
        self.task, self.tries = task, tries
        self._given.put(task.text)

    def end(self) -> int:
        """Kill it, since nothing is lost with it: what it had found was told."""
        self._given.put(None)
        self._process.kill()
        return self._process.wait()

    def _write(self) -> None:
        """In a thread of its own: a long task does not fit into the pipe before the helper reads it."""
        assert self._process.stdin is not None
        try:
            with self._process.stdin as given:
                while (text := self._given.get()) is not None:
                    given.write(json.dumps(text) + "\n")
                    given.flush()
        except (OSError, ValueError):
            return  # it has died, which is told of by the end of its output

    def _listen(self, said: queue.Queue[tuple[_Helper, str | None]]) -> None:
        assert self._process.stdout is not None
        with self._process.stdout as told:
            while line := told.readline(LONGEST_LINE):
                said.put((self, line))
        said.put((self, None))
