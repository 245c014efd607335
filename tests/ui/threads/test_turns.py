"""Threads beside the interface wait at their `give_way` while it has something to do, and not for ever."""

from __future__ import annotations

import threading
import time
from collections.abc import Iterator
from pathlib import Path

import pytest
from PySide6.QtCore import QTimer
from pytestqt.qtbot import QtBot

from standtall.base.priority import give_way, going_on, stand_behind
from standtall.base.progress import Progress
from standtall.library.own import read_own
from standtall.library.settings import Settings
from standtall.ui.threads import turns
from standtall.ui.threads.dispatcher import Dispatcher, Worker
from tests.ui.driving import WAIT

BUSY_S = 0.1


@pytest.fixture
def door(qtbot: QtBot) -> Iterator[Dispatcher]:
    made = Dispatcher()
    yield made
    made.shut()


def busy(seconds: float) -> float:
    """The interface is at work; -> when it was done."""
    until = time.monotonic() + seconds
    while time.monotonic() < until:
        sum(range(100))
    return time.monotonic()


def test_work_begins_when_the_interface_has_nothing_more_to_do(
    qtbot: QtBot, door: Dispatcher, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(turns, "LONGEST_S", 60.0)  # the machine may be held up meanwhile
    worker, began, done = Worker("words", door), [], []

    def turn() -> None:
        worker.do(lambda: began.append(time.monotonic()))
        done.append(busy(BUSY_S))

    QTimer.singleShot(0, turn)
    qtbot.waitUntil(lambda: bool(began), timeout=WAIT)
    worker.close()
    assert began[0] >= done[0]


def test_work_that_has_begun_waits_at_each_check(qtbot: QtBot, door: Dispatcher, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(turns, "LONGEST_S", 60.0)
    monkeypatch.setattr(turns, "LOOK_S", 0.0)  # one look else stands for two or three of these short turns
    worker, on, times = Worker("words", door), threading.Event(), []
    progress = Progress()

    def work() -> None:
        while not on.is_set():
            progress.check()
            times.append(time.monotonic())
            time.sleep(0.001)

    spans: list[tuple[float, float]] = []

    def turn() -> None:
        begun = time.monotonic()
        spans.append((begun, busy(BUSY_S)))

    worker.do(work)
    qtbot.waitUntil(lambda: len(times) > 5, timeout=WAIT)
    for number in range(3):
        QTimer.singleShot(30, turn)
        qtbot.waitUntil(lambda n=number: len(spans) > n and times[-1] > spans[n][1], timeout=WAIT)  # type: ignore[misc]
    on.set()
    worker.close()
    for begun, ended in spans:
        inside = [t for t in times if begun + 0.01 < t < ended]  # one turn may have been under way
        assert len(inside) <= 1, "it took turns while the interface worked"


def test_an_interface_that_never_comes_to_rest_is_not_waited_for(qtbot: QtBot, door: Dispatcher) -> None:
    worker, began = Worker("words", door), []
    asked: list[float] = []

    def turn() -> None:
        asked.append(time.monotonic())
        worker.do(lambda: began.append(time.monotonic()))
        while not began and time.monotonic() < asked[0] + WAIT / 1_000:
            sum(range(100))

    QTimer.singleShot(0, turn)
    qtbot.waitUntil(lambda: bool(asked), timeout=WAIT)
    assert began, "while it was still at work"
    worker.close()
    assert began[0] - asked[0] > turns.LONGEST_S - 0.05, "not at once"


def test_only_a_thread_that_stands_behind_somebody_waits(tmp_path: Path) -> None:
    heard: list[str] = []
    kept = tmp_path / "kept.json"
    kept.write_text('{"theme": "dark"}', "utf-8")
    give_way()

    def work() -> None:
        stand_behind(lambda: heard.append(threading.current_thread().name))
        give_way()
        Progress().check()
        with going_on():
            give_way()
        read_own(kept, Settings, Settings(), "Settings")
        heard.append("")
        give_way()

    thread = threading.Thread(target=work, name="behind")
    thread.start()
    thread.join()
    give_way()
    assert heard == ["behind", "behind", "", "behind"], "not while it holds what others wait for"
