"""The threads beside the interface: they outlive every fault, and nothing comes back to what has gone."""

from __future__ import annotations

import threading
from collections.abc import Iterator

import pytest
from PySide6.QtCore import QObject
from PySide6.QtWidgets import QLabel
from pytestqt.qtbot import QtBot

from standtall.base.errors import Cancelled, NothingToDo, StandTallError
from standtall.base.log import log_file
from standtall.ui.threads.dispatcher import Dispatcher, Worker
from tests.ui.driving import WAIT

pytestmark = pytest.mark.fault


@pytest.fixture
def dispatcher(qtbot: QtBot) -> Iterator[Dispatcher]:
    made = Dispatcher()
    yield made
    made.shut()


@pytest.mark.parametrize("fault", [KeyError("planted"), MemoryError(), SystemExit(3), KeyboardInterrupt(), RecursionError()])
def test_a_worker_goes_on_after_any_fault(qtbot: QtBot, dispatcher: Dispatcher, fault: BaseException) -> None:
    worker = Worker("tester", dispatcher)
    told: list[StandTallError] = []
    dispatcher.failed.connect(told.append)

    def fails() -> None:
        raise fault

    worker.do(fails, undone="The picture was not made")
    done: list[int] = []
    worker.do(lambda: 7, done.append)
    qtbot.waitUntil(lambda: done == [7], timeout=WAIT)
    assert "The picture was not made" in str(told[0])
    assert type(fault).__name__ in log_file().read_text("utf-8")
    worker.close()


def test_an_error_that_nobody_hears_of_is_said_and_a_cancel_is_not(qtbot: QtBot, dispatcher: Dispatcher) -> None:
    worker = Worker("tester", dispatcher)
    told: list[StandTallError] = []
    dispatcher.failed.connect(told.append)

    def refuse(error: StandTallError) -> None:
        raise error

    worker.do(lambda: refuse(Cancelled()))
    worker.do(lambda: refuse(NothingToDo("Nothing here.")))
    qtbot.waitUntil(lambda: bool(told), timeout=WAIT)
    assert [str(e) for e in told] == ["Nothing here."]
    worker.close()


def test_what_comes_after_its_window_has_gone_comes_to_nobody(qtbot: QtBot, dispatcher: Dispatcher) -> None:
    worker = Worker("tester", dispatcher)
    label = QLabel()
    go = threading.Event()
    worker.do(go.wait, lambda _r: label.setText("late"), owner=label)
    worker.do(go.wait, label.setWindowTitle)
    label.deleteLater()
    qtbot.waitUntil(lambda: not _alive(label), timeout=WAIT)
    go.set()
    done: list[int] = []
    worker.do(lambda: 1, done.append)
    qtbot.waitUntil(lambda: bool(done), timeout=WAIT)
    worker.close()


def _alive(thing: QObject) -> bool:
    import shiboken6

    return bool(shiboken6.isValid(thing))


def test_a_worker_that_ends_does_what_must_be_done_and_gives_up_the_rest(qtbot: QtBot, dispatcher: Dispatcher) -> None:
    worker = Worker("tester", dispatcher)
    started, go = threading.Event(), threading.Event()
    done: list[str] = []

    def first() -> None:
        started.set()
        go.wait()

    worker.do(first)
    worker.do(lambda: done.append("waits"))
    worker.do(lambda: done.append("must"), must=True)
    started.wait()
    worker.end()
    go.set()
    worker.close(5.0)
    assert done == ["must"]
