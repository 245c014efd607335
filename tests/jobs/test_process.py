"""Jobs: started without keeping anybody waiting, stopped for sure, and heard of to the end whatever they print."""

from __future__ import annotations

import os
import signal
import subprocess
import threading
import time
from dataclasses import replace
from pathlib import Path

import pytest

from standtall.base.log import log_file
from standtall.base.priority import process_behind
from standtall.jobs import process
from standtall.jobs.events import Copied, Ended, Event, Problem, Progressed
from standtall.jobs.process import Job, end_all
from standtall.jobs.requests import AnalyseRequest, FetchRequest, PreviewCopyRequest
from standtall.media.probe import probe
from standtall.model.brief import Brief
from standtall.model.source import Source
from tests.conftest import make_clip, tone

pytestmark = pytest.mark.fault
SOURCE = Source("0123456789abcdef01234567", "/a.mp4", "a", 96_000, 320, 180)
ANY = FetchRequest("http://127.0.0.1:9/x.mp4", "/tmp")

PATIENCE_S = 180
"""A job runs only where nobody else wants the core: on a busy machine that takes a while."""


def script(tmp_path: Path, monkeypatch: pytest.MonkeyPatch, text: str) -> list[Event]:
    """Let jobs run a script of ours in place of the program; -> what they say."""
    place = tmp_path / "standtall" / "__main__.py"
    place.parent.mkdir()
    (place.parent / "__init__.py").touch()
    place.write_text(text)
    monkeypatch.setenv("PYTHONPATH", str(tmp_path))
    monkeypatch.chdir(tmp_path)
    return []


def test_a_job_carries_a_request_out_and_says_its_end(tmp_path: Path) -> None:
    source = probe(make_clip(tmp_path / "-odd name.mp4", sound=tone(2.0)))
    heard: list[Event] = []
    job = Job(PreviewCopyRequest(source), heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert [e for e in heard if not isinstance(e, Progressed)] == [Copied(0), Ended("done")]
    assert job.state == "done"


def test_whoever_starts_a_job_does_not_wait_for_its_process(monkeypatch: pytest.MonkeyPatch) -> None:
    may_begin, begins = threading.Event(), subprocess.Popen

    def slow(*given: object, **more: object) -> object:
        assert may_begin.wait(PATIENCE_S)
        return begins(*given, **more)  # type: ignore[call-overload]

    monkeypatch.setattr(subprocess, "Popen", slow)
    job = Job(AnalyseRequest(replace(SOURCE, path="/nowhere/gone.mp4"), Brief()), lambda _event: None)
    job.start()
    assert job.state == "running" and not may_begin.is_set()
    may_begin.set()
    assert job.wait(PATIENCE_S)


def test_work_that_cannot_be_done_says_why(tmp_path: Path) -> None:
    heard: list[Event] = []
    job = Job(AnalyseRequest(replace(SOURCE, path=str(tmp_path / "gone.mp4")), Brief()), heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    problem, end = heard[-2:]
    assert isinstance(problem, Problem) and "gone.mp4" in problem.message and problem.hint
    assert end == Ended("failed")


def test_lines_that_are_none_are_passed_over(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, """
import sys
print("hello"); print("[" * 5000); print('{"kind": "progress", "stage": "x", "share": NaN}'); print("{}"); print("[1]")
print('{"kind": "copied", "lines": "many"}'); print('{"kind": "copied", "lines": 1, "more": 2}')
sys.stdout.buffer.write(b"\\xff\\xfe\\n"); sys.stdout.flush(); print('{"kind": "copied", "lines": 7}')
""")  # fmt: skip
    job = Job(ANY, heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert heard == [Copied(7), Ended("done")]


def test_work_that_dies_says_so_and_its_last_words_are_in_the_log(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, "import os, sys\nsys.stderr.write('last words\\n'); sys.stderr.flush(); os._exit(9)")
    job = Job(ANY, heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert [e.kind for e in heard] == ["problem", "ended"]
    assert "code 9" in heard[0].message
    assert str(log_file()) in heard[0].hint
    assert "last words" in log_file().read_text("utf-8")
    assert job.state == "failed"


def test_where_a_job_crashed_inside_a_library_is_in_the_log(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, "import faulthandler\ndef painting():\n    faulthandler._sigsegv()\npainting()")
    job = Job(ANY, heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert heard[0].kind == "problem" and f"code {-signal.SIGSEGV}" in heard[0].message
    text = log_file().read_text("utf-8")
    assert "Segmentation fault" in text and "in painting" in text


def test_a_listener_that_fails_ends_the_job_and_nothing_else(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    script(tmp_path, monkeypatch, 'import time\nprint(\'{"kind": "copied", "lines": 7}\', flush=True)\ntime.sleep(60)')
    ended: list[Event] = []

    def listen(event: Event) -> None:
        if event.kind == "copied":
            raise KeyError("planted")
        ended.append(event)

    job = Job(ANY, listen)
    job.start()
    assert job.wait(PATIENCE_S)
    assert [e.kind for e in ended] == ["problem", "ended"]
    assert "planted" in log_file().read_text("utf-8")


def test_a_process_that_cannot_be_started_is_a_sentence(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(process.sys, "executable", "/nowhere/python")
    heard: list[Event] = []
    job = Job(ANY, heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert [e.kind for e in heard] == ["problem", "ended"]
    assert "could not be started" in heard[0].message


def test_a_job_that_is_cancelled_before_it_began_never_begins(monkeypatch: pytest.MonkeyPatch) -> None:
    heard: list[Event] = []
    job = Job(ANY, heard.append)
    job.cancel()
    job.start()
    assert job.wait(PATIENCE_S)
    assert heard == [Ended("stopped")]


def test_jobs_that_do_not_stop_are_ended(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, """
import signal, time
signal.signal(signal.SIGTERM, signal.SIG_IGN)
print('{"kind": "copied", "lines": 7}', flush=True)
time.sleep(60)
""")  # fmt: skip
    jobs = [Job(ANY, heard.append) for _ in range(2)]
    for job in jobs:
        job.start()
    until = time.monotonic() + 30
    while len(heard) < 2 and time.monotonic() < until:
        time.sleep(0.02)
    began = time.monotonic()
    end_all(jobs)
    assert time.monotonic() - began < 40, "they would sleep a minute"
    assert [j.state for j in jobs] == ["stopped", "stopped"]


def test_a_job_gives_way_to_everything_else(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(process, "process_behind", process_behind)  # which other tests do without
    heard = script(tmp_path, monkeypatch, """
import json, os, time
for _ in range(500):
    if os.sched_getscheduler(0) == os.SCHED_IDLE:
        break
    time.sleep(0.01)
print(json.dumps({"kind": "copied", "lines": int(os.sched_getscheduler(0) == os.SCHED_IDLE)}))
""")  # fmt: skip
    job = Job(ANY, heard.append)
    job.start()
    assert job.wait(PATIENCE_S)
    assert heard[0] == Copied(1)
    assert os.sched_getscheduler(0) != os.SCHED_IDLE
