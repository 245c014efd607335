"""One job: the command line of this program in a process of its own, heard line by line.

The window and a person in a terminal run the very same commands, so a crash or a kill of the work never takes the
window with it, and the interface never waits for Python code in the work.
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
import threading
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import Any, Literal

from standtall.base.priority import process_behind

State = Literal["waiting", "running", "done", "failed", "stopped"]


@dataclass(frozen=True, slots=True)
class Event:
    """What a job says: `kind` is progress, stage, result, error, word or end; `values` as the command printed them."""

    kind: str
    values: dict[str, Any]


Listener = Callable[[Event], None]


class Job:
    """Runs `stand-tall ARGUMENTS --json`; the listener is called from the job's own thread."""

    def __init__(self, arguments: Sequence[str], listener: Listener) -> None:
        self._arguments = [*arguments, "--json"]
        self._listener = listener
        self._process: subprocess.Popen[str] | None = None
        self._thread: threading.Thread | None = None
        self._asked_to_stop = False
        self.state: State = "waiting"

    def start(self) -> None:
        environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen"}
        self._process = subprocess.Popen(
            [sys.executable, "-m", "standtall", *self._arguments],
            stdout=subprocess.PIPE,
            stderr=subprocess.PIPE,
            stdin=subprocess.DEVNULL,
            text=True,
            env=environment,
            preexec_fn=process_behind,
        )
        self.state = "running"
        self._thread = threading.Thread(target=self._listen, name="job", daemon=True)
        self._thread.start()

    def cancel(self) -> None:
        """Ask the work to stop; it cleans up after itself and says `end`."""
        self._asked_to_stop = True
        if self._process is not None and self._process.poll() is None:
            self._process.terminate()

    def wait(self, timeout_s: float | None = None) -> None:
        """Wait until the job has ended and said so."""
        if self._thread is not None:
            self._thread.join(timeout_s)

    def _listen(self) -> None:
        process = self._process
        assert process is not None and process.stdout is not None and process.stderr is not None
        said_error = False
        errors: list[str] = []
        drain = threading.Thread(target=lambda: errors.extend(process.stderr or ()), daemon=True)
        drain.start()
        for line in process.stdout:
            try:
                values = json.loads(line)
                kind = str(values.pop("kind"))
            except (ValueError, KeyError, AttributeError):
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
                message = f"The work ended unexpectedly (code {code})."
                self._listener(Event("error", {"message": message, "hint": "Try again.", "log": "".join(errors[-8:])}))
        self._listener(Event("end", {"state": self.state}))
