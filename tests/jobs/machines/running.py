"""A scheduler and workers in processes of their own, and tasks that they can be given."""

from __future__ import annotations

import contextlib
import json
import os
import socket
import subprocess
import sys
import time
from collections.abc import Iterator
from pathlib import Path

from standtall.jobs.machines.asker import Link
from standtall.jobs.machines.media_here import media_here
from standtall.jobs.machines.serving import KEY
from standtall.jobs.tasks import Answer, Task

ROOT = Path(__file__).parents[3]


def free_port() -> int:
    with socket.socket() as probe:
        probe.bind(("127.0.0.1", 0))
        return int(probe.getsockname()[1])


@contextlib.contextmanager
def command(*arguments: str, home: Path, until: str) -> Iterator[subprocess.Popen[str]]:
    """A command of the program that runs until the block ends; begun when it has said a line of that kind."""
    environment = {**os.environ, "PYTHONPATH": f"{ROOT}{os.pathsep}{ROOT / 'src'}"}
    for variable in ("XDG_CACHE_HOME", "XDG_STATE_HOME", "XDG_CONFIG_HOME"):
        environment[variable] = str(home / variable)
    process = subprocess.Popen(
        [sys.executable, "-m", "standtall", *arguments, "--json"], stdout=subprocess.PIPE, text=True, env=environment, cwd=ROOT
    )
    assert process.stdout is not None
    try:
        for line in process.stdout:
            if line.startswith("{") and json.loads(line)["kind"] == until:
                break
        else:
            raise AssertionError(f"{arguments[0]} ended with {process.wait()}")
        yield process
    finally:
        process.terminate()
        process.wait(30)
        process.stdout.close()


def carry(task: Task, asker: str, number: str) -> Answer:
    """What workers of these tests do: `text` says it as JSON."""
    wish = json.loads(task.text)
    with Link(asker, number, Path(os.environ[KEY])) as link:
        until = time.monotonic() + wish.get("sleeps", 0)
        while time.monotonic() < until:
            link.told("sleeping", 0.5)
            time.sleep(0.05)
        if wish.get("fails"):
            raise ValueError("broken")
        if wish.get("dies") and not Path(wish["dies"]).exists():
            Path(wish["dies"]).touch()
            os._exit(9)
        here = media_here(task.media, link)
        texts = {there: Path(path).read_text() for there, path in here.items()}
    return Answer(json.dumps({"pid": os.getpid(), "number": wish["number"], "read": texts, "at": sorted(here.values())}))
