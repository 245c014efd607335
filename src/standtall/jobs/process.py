"""One job: a request carried out by this program in a process of its own, heard event by event.

The window and a person in a terminal carry out the very same requests, so a crash or a kill of the work never takes the
window with it, and the interface never waits for Python code in the work.
"""

from __future__ import annotations

import collections
import json
import os
import subprocess
import sys
import threading
import time
from collections.abc import Callable, Iterable, Mapping
from typing import Final

from standtall.base.errors import ProjectError, StandTallError
from standtall.base.interface_language import tr
from standtall.base.log import log_file, note, told
from standtall.base.priority import process_behind
from standtall.base.reading import Unreadable, json_of
from standtall.jobs.events import Ended, Event, Problem, State, Told
from standtall.jobs.requests import Asked, Request
from standtall.model.codec import from_plain, to_plain

Listener = Callable[[Event], None]
LONGEST_LINE: Final = 4_000_000
MOST_LINES: Final = 60
"""Lines of what the work printed last that are kept for the log."""
COMMAND: Final = ("-m", "standtall", "work")


class Job:
    """Runs a request; the listener is called from the job's own thread, which also starts the process: the caller never waits
    for it."""

    def __init__(self, request: Request, listener: Listener, environment: Mapping[str, str] | None = None) -> None:
        self.request = request
        self._environment = dict(environment or {})
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
        """Ask the work to stop; it cleans up after itself and says that it has ended."""
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
            problem = told(error, tr("The work was not done"))
            self.kill()
            if self._process is not None:
                self._process.wait()
                for pipe in (self._process.stdout, self._process.stderr):
                    if pipe is not None:
                        pipe.close()
            self.state = "failed"
            self._listener(Problem(problem.message, problem.hint, problem.exit_code))
            self._listener(Ended(self.state))

    def _begun(self) -> subprocess.Popen[str] | None:
        """The process with its request, or None where it was to stop before it began."""
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen", **self._environment}
        with self._lock:
            if self._asked_to_stop:
                return None
            try:
                self._process = subprocess.Popen(
                    [sys.executable, "-X", "faulthandler", *COMMAND],  # where it crashed is among its last words
                    stdin=subprocess.PIPE,
                    stdout=subprocess.PIPE,
                    stderr=subprocess.PIPE,
                    text=True,
                    encoding="utf-8",
                    errors="replace",
                    env=environment,
                )
            except OSError as error:
                raise StandTallError(
                    tr("The work could not be started: {error}.", error=error.strerror),
                    tr("Close other programs, then try again."),
                ) from error
            process_behind(self._process.pid)
        self._hand_over(self._process)
        return self._process

    def _hand_over(self, process: subprocess.Popen[str]) -> None:
        assert process.stdin is not None
        try:
            with process.stdin as given:
                given.write(json.dumps(to_plain(Asked(self.request))))
        except BrokenPipeError:
            return  # it has died, which is told of when its last words are read

    def _listen(self) -> None:
        process = self._begun()
        if process is None:
            self.state = "stopped"
            self._listener(Ended(self.state))
            return
        assert process.stdout is not None and process.stderr is not None
        said_problem = False
        errors: collections.deque[str] = collections.deque(maxlen=MOST_LINES)
        drain = threading.Thread(target=lambda: errors.extend(process.stderr or ()), name="job-errors", daemon=True)
        drain.start()
        while line := process.stdout.readline(LONGEST_LINE):
            try:
                event = from_plain(Told, {"event": json_of(line, LONGEST_LINE)}).event
            except (Unreadable, ProjectError):
                continue  # libraries may print lines of their own
            problem = isinstance(event, Problem)
            said_problem = said_problem or problem
            if not (problem and self._asked_to_stop) and not isinstance(event, Ended):
                self._listener(event)
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
            if not said_problem:
                note(f"{self.request.kind} ended with code {code}: {''.join(errors)}")
                message = tr("The work ended unexpectedly (code {code}).", code=code)
                self._listener(Problem(message, tr("Try again; the log is {file}.", file=log_file())))
        self._listener(Ended(self.state))


def end_all(jobs: Iterable[Job], patience_s: float = 0.8) -> None:
    """Ask jobs to stop, all at once, and end those that have not after `patience_s`."""
    running = list(jobs)
    for job in running:
        job.cancel()
    until = time.monotonic() + patience_s
    for job in running:
        if not job.wait(max(0.0, until - time.monotonic())):
            job.kill()
    for job in running:
        job.wait(0.3)
