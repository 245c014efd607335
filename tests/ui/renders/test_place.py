"""The Renders place in the real window: what is put into the queue, rows in every state, what is kept."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtGui import QGuiApplication
from pytestqt.qtbot import QtBot

from standtall.base.folders import state_folder
from standtall.jobs.events import Ended, Problem, Progressed, Rendered, Started
from standtall.jobs.requests import RenderRequest
from standtall.library.own import read_own
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.ui.app.window import MainWindow
from standtall.ui.renders.place import RendersPlace
from standtall.ui.state.renders import Over
from tests.ui.driving import WAIT, edited, short_of

S = 48_000


@pytest.fixture
def renders(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> RendersPlace:
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: Edit("cut", replace(s, cut=replace(
        s.cut, segments=(Segment(s.main_source, 16 * S, 17 * S),)), output=replace(s.output, width=270, height=480)))))  # fmt: skip
    window.go("renders")
    window.workspace.renders.set_folder(tmp_path / "out")
    return window.renders


class Still:
    """A backend that does nothing until it is told what came of it."""

    def __init__(self, request: object, listener: object) -> None:
        self.request, self.listener = request, listener
        made.append(self)

    def start(self) -> None:
        pass

    def cancel(self) -> None:
        self.listener(Ended("stopped"))  # type: ignore[operator]


made: list[Still] = []


@pytest.fixture
def still(window: MainWindow) -> list[Still]:
    made.clear()
    window.workspace.jobs.queue.backend = Still
    return made


def states(place: RendersPlace) -> list[str]:
    return [row.row.state for row in place.rows]


@pytest.mark.real
def test_a_short_in_two_shapes_is_rendered_and_the_rows_are_kept(qtbot: QtBot, window: MainWindow, renders: RendersPlace) -> None:
    assert renders.empty.isVisible()
    renders.asking.shapes["1:1"].click()
    assert renders.asking.go.text() == "Render 2 files"
    renders.asking.go.click()
    qtbot.waitUntil(lambda: len(window.workspace.renders.over) == 2, timeout=WAIT)
    assert states(renders) == ["done", "done"]
    files = [Path(row.file) for row in window.workspace.renders.over]
    assert all(f.is_file() for f in files)
    assert any(f.stem.endswith("1x1") for f in files)
    assert "LUFS" in renders.rows[0].told.text()

    def kept() -> bool:
        return len(read_own(state_folder() / "renders.json", Over, Over(), "x")[0].rows) == 2

    qtbot.waitUntil(kept, timeout=WAIT)
    with qtbot.waitSignal(renders.looked_at, timeout=WAIT) as looked:
        renders._over_buttons(window.workspace.renders.over[0])[0][2]()
    assert looked.args[0] == files[0]
    renders._over_buttons(window.workspace.renders.over[0])[2][2]()
    assert QGuiApplication.clipboard().text() == str(files[0])


def test_rows_wait_go_sooner_are_cancelled_and_say_why_they_failed(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]
) -> None:
    for shape in ("1:1", "4:5"):
        renders.asking.shapes[shape].click()
    renders.asking.ask()
    qtbot.waitUntil(lambda: states(renders) == ["running", "waiting", "waiting"], timeout=WAIT)
    order = [live.number for live in window.workspace.renders.live]
    window.workspace.renders.sooner(order[2])
    assert [live.number for live in window.workspace.renders.live] == [order[0], order[2], order[1]]
    still[0].listener(Progressed("render", 0.5, 12.0))  # type: ignore[operator]
    qtbot.waitUntil(lambda: "0:12 left" in renders.rows[0].state.text(), timeout=WAIT)
    assert renders.rows[0].bar.value() == pytest.approx(450, abs=10)
    still[0].listener(Problem("The disk is full.", "Make room."))  # type: ignore[operator]
    still[0].listener(Ended("failed"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: states(renders) == ["running", "waiting", "failed"], timeout=WAIT)
    assert "The disk is full. Make room." in renders.rows[2].told.text(), "one that fails never stops the rest"
    window.workspace.renders.cancel(order[1])
    qtbot.waitUntil(lambda: states(renders) == ["running", "stopped", "failed"], timeout=WAIT)
    request = still[1].request
    assert isinstance(request, RenderRequest)
    still[1].listener(Rendered(request.out, 270, 480, 30.0, 1.0, 5_000, -14.0, -1.8, 1))  # type: ignore[operator]
    still[1].listener(Ended("done"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: states(renders) == ["done", "stopped", "failed"], timeout=WAIT)
    assert window.workspace.renders.again(window.workspace.renders.over[2])
    qtbot.waitUntil(lambda: "running" in states(renders), timeout=WAIT)
    assert len(still) == 3
    still[2].listener(Started())  # type: ignore[operator]
    still[2].listener(Ended("stopped"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: not window.workspace.renders.live, timeout=WAIT)
    renders.clear.click()
    qtbot.waitUntil(lambda: renders.empty.isVisible(), timeout=WAIT)


def test_paused_nothing_else_begins(qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]) -> None:
    renders.pause.click()
    assert renders.pause.text() == "Go on"
    renders.asking.ask()
    qtbot.waitUntil(lambda: states(renders) == ["waiting"], timeout=WAIT)
    qtbot.wait(150)
    assert still == []
    renders.pause.click()
    qtbot.waitUntil(lambda: states(renders) == ["running"], timeout=WAIT)
    still[0].cancel()
    qtbot.waitUntil(lambda: not window.workspace.renders.live, timeout=WAIT)


def test_the_name_is_shown_as_it_will_be_and_what_cannot_be_is_told(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace
) -> None:
    asking = renders.asking
    asking.pattern.setText("{number} {name}")
    assert asking.example.text().startswith("01 ")
    assert asking.example.text().endswith(".mp4")
    asking.codec.setCurrentIndex(asking.codec.findData("vp9"))
    assert asking.example.text().endswith(".webm")
    asking.sound.setCurrentIndex(asking.sound.findData("flac"))
    assert asking.example.text().endswith(".flac")
    assert not asking.codec.isEnabled()
    asking.pattern.setText("{nonsense}")
    assert "nonsense" in asking.example.text()
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        asking.ask()
    assert "nonsense" in told.args[0]
    for box in asking.shapes.values():
        box.setChecked(False)
    asking._tell()
    assert not asking.go.isEnabled()
    assert short_of(window).output.width == 270, "what is rendered does not change the short"
