"""The log of faults: written with its traceback, turned over by size, and never a reason to stop."""

from __future__ import annotations

import os
import sys
import threading
from pathlib import Path

import pytest

from standtall.base import log
from standtall.base.errors import NothingToDo, Unforeseen

pytestmark = pytest.mark.fault


def broken() -> None:
    raise KeyError("no such thing")


def caught() -> BaseException:
    try:
        broken()
    except KeyError as error:
        return error
    raise AssertionError


def test_a_fault_is_told_in_a_sentence_and_kept_with_its_traceback() -> None:
    problem = log.unforeseen(caught(), "The change was not made")
    assert isinstance(problem, Unforeseen)
    assert str(problem).startswith("The change was not made, because of a fault in the program (KeyError).")
    assert str(log.log_file()) in problem.hint
    text = log.log_file().read_text("utf-8")
    assert "in broken" in text
    assert "no such thing" in text
    assert f"pid {os.getpid()}" in text


def test_an_error_of_ours_is_told_as_it_is_and_not_logged() -> None:
    ours = NothingToDo("There is nothing.")
    assert log.told(ours, "It was not done") is ours
    assert not log.log_file().exists()


def test_the_log_is_turned_over_by_size(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(log, "LARGEST", 500)
    for number in range(60):
        log.note(f"line {number} " + "x" * 60)
    kept = sorted(p.name for p in log.log_file().parent.glob("stand-tall.log*"))
    assert kept == ["stand-tall.log", "stand-tall.log.1", "stand-tall.log.2"]
    assert all(p.stat().st_size < 900 for p in log.log_file().parent.glob("stand-tall.log*"))
    assert "line 59 " in log.log_file().read_text("utf-8")


def test_a_state_folder_that_cannot_be_written_stops_nothing(own_folders: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    place = own_folders / "a file"
    place.write_text("")
    monkeypatch.setenv("XDG_STATE_HOME", str(place))
    assert "fault in the program" in str(log.unforeseen(caught(), "It was not done"))


def test_what_escapes_a_thread_is_logged_and_said(monkeypatch: pytest.MonkeyPatch) -> None:
    for name in ("excepthook", "unraisablehook"):
        monkeypatch.setattr(sys, name, getattr(sys, name))
    monkeypatch.setattr(threading, "excepthook", threading.excepthook)
    said: list[str] = []
    log.hear_all(said.append)
    thread = threading.Thread(target=broken, name="a worker")
    thread.start()
    thread.join()
    assert len(said) == 1
    assert said[0].startswith("The work of “a worker” stopped")
    sys.excepthook(KeyError, caught(), None)
    assert said[1].startswith("The last step was not done")
    assert log.log_file().read_text("utf-8").count("in broken") == 2
