"""One job: the command line of this program in a process of its own, heard line by line.

The window and a person in a terminal run the very same commands, so a crash or a kill of the work never takes the
window with it, and the interface never waits for Python code in the work.
"""

from __future__ import annotations

import collections
import os
import subprocess
import sys
import threading
import time
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass
from typing import Any, Final, Literal

from standtall.base.errors import StandTallError
from standtall.base.log import log_file, note, told
from standtall.base.priority import process_behind
from standtall.base.reading import Unreadable, json_of

State = Literal["waiting", "running", "done", "failed", "stopped"]


@dataclass(frozen=True, slots=True)
class Event:
    """What a job says: `kind` is progress, stage, result, error, word or end; `values` as the command printed them."""

    kind: str
    values: dict[str, Any]


Listener = Callable[[Event], None]
LONGEST_LINE: Final = 4_000_000
MOST_LINES: Final = 60
"""Lines of what the work printed last that are kept for the log."""


class Job:
    """Runs `stand-tall ARGUMENTS --json`; the listener is called from the job's own thread, which also starts the process: the
    caller never waits for it."""

    def __init__(self, arguments: Sequence[str], listener: Listener) -> None:
        self._arguments = [arguments[0], "--json", *arguments[1:]]
        self._listener = listener
        self._process: subprocess.Popen[str] | None = None
        self._lock = threading.Lock()
        self._thread = threading.Thread(target=self._run, name="job", daemon=True)
        self._asked_to_stop = False
        self.state: State = "waiting"

    def start(self) -> None:
        self.state = "running"
        self._thread.start()

    def cancel(self) -> None:
        """Ask the work to stop; it cleans up after itself and says `end`."""
        with self._lock:
            self._asked_to_stop = True
            if self._process is not None and self._process.poll() is None:
                self._process.terminate()

    def wait(self, timeout_s: float | None = None) -> bool:
        """Wait until the job has ended and said so; -> whether it has."""
        if self.state == "waiting":
            return True
        self._thread.join(timeout_s)
        return not self._thread.is_alive()

    def kill(self) -> None:
        """End work that does not stop when it is asked to; what it was writing is cleared at the next start."""
        with self._lock:
            self._asked_to_stop = True
            if self._process is not None and self._process.poll() is None:
                self._process.kill()

    def _run(self) -> None:
        try:
            self._listen()
        except BaseException as error:  # noqa: BLE001 - logged and told: the listener hears of the end in every case
            problem = told(error, "The work was not done")
            self.kill()
            if self._process is not None:
                self._process.communicate()  # closes what it spoke through
            self.state = "failed"
            self._listener(Event("error", {"message": problem.message, "hint": problem.hint}))
            self._listener(Event("end", {"state": self.state}))

    def _begun(self) -> subprocess.Popen[str] | None:
        """The process, or None where it was to stop before it began."""
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
        with self._lock:
            if self._asked_to_stop:
                return None
            try:
                self._process = subprocess.Popen(
                    [sys.executable, "-m", "standtall", *self._arguments],
                    stdout=subprocess.PIPE,
                    stderr=subprocess.PIPE,
                    stdin=subprocess.DEVNULL,
                    text=True,
                    errors="replace",
                    env=environment,
                )
            except OSError as error:
                raise StandTallError(
                    f"The work could not be started: {error.strerror}.", "Close other programs, then try again."
                ) from error
            process_behind(self._process.pid)
            return self._process

    def _listen(self) -> None:
        process = self._begun()
        if process is None:
            self.state = "stopped"
            self._listener(Event("end", {"state": self.state}))
            return
        assert process.stdout is not None and process.stderr is not None
        said_error = False
        errors: collections.deque[str] = collections.deque(maxlen=MOST_LINES)
        drain = threading.Thread(target=lambda: errors.extend(process.stderr or ()), name="job-errors", daemon=True)
        drain.start()
        while line := process.stdout.readline(LONGEST_LINE):
            try:
                values = json_of(line, LONGEST_LINE)
                kind = str(values.pop("kind"))
            except (Unreadable, KeyError, AttributeError, TypeError):
                continue  # libraries may print lines of their own
            said_error = said_error or kind == "error"
            if not (kind == "error" and self._asked_to_stop):
                self._listener(Event(kind, values))
        code = process.wait()
        drain.join(2)
        process.stdout.close()
        process.stderr.close()
        if self._asked_to_stop:
            self.state = "stopped"
        elif code == 0:
            self.state = "done"
        else:
            self.state = "failed"
            if not said_error:
                note(f"{' '.join(self._arguments[:1])} ended with code {code}: {''.join(errors)}")
                message = f"The work ended unexpectedly (code {code})."
                self._listener(Event("error", {"message": message, "hint": f"Try again; the log is {log_file()}."}))
        self._listener(Event("end", {"state": self.state}))


def end_all(jobs: Iterable[Job | None], patience_s: float = 0.8) -> None:
    """Ask jobs to stop, all at once, and end those that have not after `patience_s`."""
    running = [job for job in jobs if job is not None]
    for job in running:
        job.cancel()
    until = time.monotonic() + patience_s
    for job in running:
        if not job.wait(max(0.0, until - time.monotonic())):
            job.kill()
    for job in running:
        job.wait(0.3)
