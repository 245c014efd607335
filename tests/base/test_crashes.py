"""A process that ends inside a library leaves where it was; one that is killed or ends as it should leaves nothing."""

from __future__ import annotations

import signal
import subprocess
import sys

import pytest

from standtall.base.log import log_file

pytestmark = pytest.mark.fault

BEGIN = """
import faulthandler, os, signal, sys, time
from standtall.base.crashes import watch_for_crashes
from standtall.base.ending import leave
print(watch_for_crashes(), flush=True)
"""


def process(then: str) -> subprocess.Popen[str]:
    return subprocess.Popen([sys.executable, "-c", BEGIN + then], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True)


def ended(then: str) -> tuple[int, str]:
    """With what code a process ended, and how many crashes it found."""
    begun = process(then)
    found, _ = begun.communicate(timeout=600)
    return begun.returncode, found.strip()


def files() -> list[str]:
    return sorted(f.name for f in log_file().parent.glob("crash-*"))


def test_where_a_process_crashed_comes_into_the_log_at_the_next_start_and_once() -> None:
    assert ended("def painting():\n    faulthandler._sigsegv()\npainting()") == (-signal.SIGSEGV, "0")
    (left,) = files()
    assert ended("leave(0)") == (0, "1")
    text = log_file().read_text("utf-8")
    assert "Segmentation fault" in text and "in painting" in text and left.removesuffix(".txt") in text
    assert files() == []
    assert ended("leave(0)") == (0, "0")


def test_a_process_that_was_killed_or_ended_as_it_should_did_not_crash() -> None:
    for then, code in (("os.kill(os.getpid(), signal.SIGKILL)", -signal.SIGKILL), ("leave(0)", 0)):
        assert ended(then) == (code, "0")
        assert ended("leave(0)") == (0, "0")
    assert files() == [] and not log_file().exists()


def test_what_a_living_process_keeps_is_left_alone() -> None:
    living = process("time.sleep(60)")
    assert living.stdout is not None
    assert living.stdout.readline() == "0\n"
    assert ended("leave(0)") == (0, "0")
    assert files() == [f"crash-{living.pid}.txt"]
    living.kill()
    living.communicate()
