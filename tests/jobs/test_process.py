"""Jobs: started without keeping anybody waiting, stopped for sure, and heard of to the end whatever they print."""

from __future__ import annotations

import os
import time
from pathlib import Path

import pytest

from standtall.base.log import log_file
from standtall.jobs import process
from standtall.jobs.process import Event, Job, end_all
from tests.conftest import make_clip, tone

pytestmark = pytest.mark.fault


def script(tmp_path: Path, monkeypatch: pytest.MonkeyPatch, text: str) -> list[Event]:
    """Let jobs run a script of ours in place of the program; -> what they say."""
    place = tmp_path / "standtall" / "__main__.py"
    place.parent.mkdir()
    (place.parent / "__init__.py").touch()
    place.write_text(text)
    monkeypatch.setenv("PYTHONPATH", str(tmp_path))
    monkeypatch.chdir(tmp_path)
    return []


def test_a_job_runs_the_program_and_says_its_end(tmp_path: Path) -> None:
    clip = make_clip(tmp_path / "-odd name.mp4", sound=tone(2.0))
    heard: list[Event] = []
    job = Job(["probe", "--", str(clip)], heard.append)
    began = time.perf_counter()
    job.start()
    assert time.perf_counter() - began < 0.05, "whoever starts a job does not wait for the process"
    assert job.wait(60)
    assert [e.kind for e in heard] == ["result", "end"]
    assert heard[0].values["name"] == "-odd name"
    assert job.state == "done"


def test_lines_that_are_none_are_passed_over(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, """
import sys
print("hello"); print("[" * 5000); print('{"kind": "progress", "stage": "x", "share": NaN}'); print("{}"); print("[1]")
sys.stdout.buffer.write(b"\\xff\\xfe\\n"); sys.stdout.flush(); print('{"kind": "result", "n": 1}')
""")  # fmt: skip
    job = Job(["any"], heard.append)
    job.start()
    assert job.wait(30)
    assert heard == [Event("result", {"n": 1}), Event("end", {"state": "done"})]


def test_work_that_dies_says_so_and_its_last_words_are_in_the_log(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, "import os, sys\nsys.stderr.write('last words\\n'); sys.stderr.flush(); os._exit(9)")
    job = Job(["any"], heard.append)
    job.start()
    assert job.wait(30)
    assert [e.kind for e in heard] == ["error", "end"]
    assert "code 9" in str(heard[0].values["message"])
    assert str(log_file()) in str(heard[0].values["hint"])
    assert "last words" in log_file().read_text("utf-8")
    assert job.state == "failed"


def test_a_listener_that_fails_ends_the_job_and_nothing_else(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    script(tmp_path, monkeypatch, 'import time\nprint(\'{"kind": "result"}\', flush=True)\ntime.sleep(60)')
    ended: list[Event] = []

    def listen(event: Event) -> None:
        if event.kind == "result":
            raise KeyError("planted")
        ended.append(event)

    job = Job(["any"], listen)
    job.start()
    assert job.wait(30)
    assert [e.kind for e in ended] == ["error", "end"]
    assert "planted" in log_file().read_text("utf-8")


def test_a_process_that_cannot_be_started_is_a_sentence(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(process.sys, "executable", "/nowhere/python")
    heard: list[Event] = []
    job = Job(["any"], heard.append)
    job.start()
    assert job.wait(10)
    assert [e.kind for e in heard] == ["error", "end"]
    assert "could not be started" in str(heard[0].values["message"])


def test_a_job_that_is_cancelled_before_it_began_never_begins(monkeypatch: pytest.MonkeyPatch) -> None:
    heard: list[Event] = []
    job = Job(["any"], heard.append)
    job.cancel()
    job.start()
    assert job.wait(10)
    assert heard == [Event("end", {"state": "stopped"})]


def test_jobs_that_do_not_stop_are_ended_within_two_seconds(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, """
import signal, time
signal.signal(signal.SIGTERM, signal.SIG_IGN)
print('{"kind": "ready"}', flush=True)
time.sleep(60)
""")  # fmt: skip
    jobs = [Job(["any"], heard.append) for _ in range(2)]
    for job in jobs:
        job.start()
    until = time.monotonic() + 30
    while len(heard) < 2 and time.monotonic() < until:
        time.sleep(0.02)
    began = time.monotonic()
    end_all([*jobs, None])
    assert time.monotonic() - began < 2.0
    assert [j.state for j in jobs] == ["stopped", "stopped"]


def test_a_job_gives_way_to_everything_else(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    heard = script(tmp_path, monkeypatch, """
import json, os, time
for _ in range(500):
    if os.sched_getscheduler(0) == os.SCHED_IDLE:
        break
    time.sleep(0.01)
print(json.dumps({"kind": "result", "idle": os.sched_getscheduler(0) == os.SCHED_IDLE}))
""")  # fmt: skip
    job = Job(["any"], heard.append)
    job.start()
    assert job.wait(30)
    assert heard[0].values == {"idle": True}
    assert os.sched_getscheduler(0) != os.SCHED_IDLE
