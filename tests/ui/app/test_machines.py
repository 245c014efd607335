"""The machines that help, in the real window: set, seen, told of, left."""

from __future__ import annotations

from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QGuiApplication
from pytestqt.qtbot import QtBot

from standtall.jobs.events import Ended, MachineSeen, MachinesSeen, Noted, Problem
from standtall.jobs.requests import RenderRequest, WatchMachinesRequest
from standtall.library import machines
from standtall.library.machines import Machines
from standtall.ui.app.machines_sheet import MachinesSheet
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets.machine_strip import in_words
from tests.ui.driving import WAIT, Work

BUSY = MachinesSeen((
    MachineSeen("barn 7-1", "10.0.0.7", True, ("Render: Worms",)),
    MachineSeen("barn 7-2", "10.0.0.7", True),
    MachineSeen("old 1-1", "10.0.0.9", False),
))  # fmt: skip


@pytest.fixture
def work(window: MainWindow) -> Work:
    return Work(window)


@pytest.fixture
def sheet(window: MainWindow) -> MachinesSheet:
    window.show_machines()
    assert window.machines_sheet is not None
    return window.machines_sheet


def helped(qtbot: QtBot, window: MainWindow, work: Work, sheet: MachinesSheet) -> None:
    """Let machines help, and see them."""
    sheet.scheduler.setText("10.0.0.5:8790")
    sheet.use.click()
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    work.tell(qtbot, 0, BUSY)


def test_machines_are_set_seen_and_left(qtbot: QtBot, window: MainWindow, work: Work, sheet: MachinesSheet) -> None:
    assert sheet.state.text() == "This machine works alone: no scheduler is set."
    assert not window.footage.machines.isVisibleTo(window.footage)
    sheet.key.setText("/keys/m.pem")
    helped(qtbot, window, work, sheet)
    assert work.begun[0].request == WatchMachinesRequest("10.0.0.5:8790", "/keys/m.pem")
    assert machines.load()[0] == Machines("10.0.0.5:8790", "/keys/m.pem")
    cells = [[sheet.table.item(r, c).text() for c in range(3)] for r in range(sheet.table.rowCount())]  # type: ignore[union-attr]
    assert cells == [
        ["barn 7-1", "10.0.0.7", "Render: Worms"],
        ["barn 7-2", "10.0.0.7", "nothing just now"],
        ["old 1-1", "10.0.0.9", "another version: is given nothing"],
    ]
    said = "2 workers help, 1 at work. 1 of another version: given nothing. barn 7-1: Render: Worms"
    assert sheet.state.text() == said
    for strip in (window.footage.machines, window.renders.machines):
        assert strip.text.toolTip().split() == said.split()
        assert said.startswith(strip.text.text().rstrip("…"))
        assert not strip.isHidden()
    work.tell(qtbot, 0, MachinesSeen((), "The scheduler at 10.0.0.5:8790 does not answer. Start it."))
    assert sheet.state.text() == "The scheduler at 10.0.0.5:8790 does not answer. This machine works alone."
    assert sheet.table.rowCount() == 0
    sheet.alone.click()
    qtbot.waitUntil(lambda: not window.machines.setting.used, timeout=WAIT)
    assert window.footage.machines.isHidden()
    assert not machines.load()[0].used
    assert not sheet.alone.isEnabled()


def test_each_worker_is_given_a_render(qtbot: QtBot, window: MainWindow, work: Work, sheet: MachinesSheet) -> None:
    from tests.ui.state.test_jobs import asked

    window.renders._renders.set_at_once(1)
    helped(qtbot, window, work, sheet)
    for n in range(4):
        window.workspace.jobs.ask(asked(window, Path(f"/nowhere/{n}.mp4")))
    qtbot.waitUntil(lambda: sum(isinstance(w.request, RenderRequest) for w in work.begun) == 2, timeout=WAIT)
    window.workspace.jobs.queue.idle(10)
    assert len(work.begun) == 3, "two of the four, as many as help"


def test_an_address_that_is_none_is_told_of_beside_it(qtbot: QtBot, work: Work, sheet: MachinesSheet) -> None:
    sheet.scheduler.setText("nowhere")
    qtbot.keyClick(sheet.scheduler, Qt.Key.Key_Return)
    assert "nowhere is no address of a scheduler" in sheet.problem.text()
    assert not sheet.problem.isHidden()
    assert not work.begun


def test_a_key_is_made_and_the_command_copied(
    qtbot: QtBot, sheet: MachinesSheet, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    from PySide6.QtWidgets import QFileDialog

    key = tmp_path / "machines.pem"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_: (str(key), ""))
    sheet.new_key()
    qtbot.waitUntil(lambda: sheet.key.text() == str(key), timeout=WAIT)
    assert key.stat().st_mode & 0o077 == 0
    sheet.scheduler.setText("10.0.0.5:8790")
    sheet.copy.click()
    assert QGuiApplication.clipboard().text() == f"stand-tall workers --scheduler 10.0.0.5:8790 --key {key}"
    assert sheet.command() in sheet.commands.text()


def test_what_work_notes_is_said_and_a_watch_that_ends_is_told_of(
    qtbot: QtBot, window: MainWindow, work: Work, sheet: MachinesSheet
) -> None:
    helped(qtbot, window, work, sheet)
    with qtbot.waitSignal(window.workspace.jobs.noted, timeout=WAIT) as said:
        work.begun[0].listener(Noted("The scheduler is gone. This machine goes on alone."))
    assert said.args == ["The scheduler is gone. This machine goes on alone."]
    work.tell(qtbot, 0, Ended("failed"))
    assert "cannot be seen" in sheet.state.text()


def test_the_sheet_is_reached_by_menu_key_and_strip(qtbot: QtBot, window: MainWindow) -> None:
    window.projects.aboutToShow.emit()
    assert "Machines…" in [a.text() for a in window.projects.actions()]
    window.renders.machines.wanted.emit()
    assert window.machines_sheet is not None
    window.machines_sheet.close()
    qtbot.keyClick(window, Qt.Key.Key_M, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier)
    assert window.machines_sheet.isVisible()


@pytest.mark.parametrize(
    ("seen", "said"),
    [
        (None, "Looking for the machines that help…"),
        (MachinesSeen(()), "No machine helps yet."),
        (MachinesSeen((MachineSeen("a", "b", False),)), "No machine helps yet. 1 of another version: given nothing."),
        (MachinesSeen((MachineSeen("a", "b", True),)), "1 worker helps, 0 at work."),
    ],
)
def test_who_helps_in_words(seen: MachinesSeen | None, said: str) -> None:
    assert in_words(seen) == said


def test_why_machines_cannot_be_watched_is_said(qtbot: QtBot, window: MainWindow, work: Work, sheet: MachinesSheet) -> None:
    helped(qtbot, window, work, sheet)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        work.tell(qtbot, 0, Problem("The key m.pem is not there.", "Choose the key file."), Ended("failed"))
    assert said.args == ["The key m.pem is not there. Choose the key file.", "error"]
    assert sheet.state.text().startswith("The key m.pem is not there.")
