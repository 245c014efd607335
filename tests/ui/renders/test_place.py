"""The Renders place in the real window: what is put into the queue, rows in every state, what is kept."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QDropEvent, QGuiApplication
from PySide6.QtWidgets import QLabel, QPushButton
from pytestqt.qtbot import QtBot

from standtall.base.folders import state_folder
from standtall.jobs.events import Ended, Foretold, Problem, Progressed, Rendered, Started
from standtall.jobs.requests import ForetellRequest, RenderRequest
from standtall.library import settings
from standtall.library.own import read_own
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.proof import Finding
from standtall.ui.app.window import MainWindow
from standtall.ui.renders.place import RendersPlace
from standtall.ui.renders.row import ORDER
from standtall.ui.state.renders import Over, Row
from tests.conftest import make_clip, tone
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
        if isinstance(request, RenderRequest):
            made.append(self)
        else:
            asked.append(self)

    def start(self) -> None:
        pass

    def cancel(self) -> None:
        self.listener(Ended("stopped"))  # type: ignore[operator]


made: list[Still] = []
asked: list[Still] = []
"""Of other kinds."""


@pytest.fixture
def still(window: MainWindow) -> list[Still]:
    made.clear()
    asked.clear()
    window.workspace.jobs.queue.backend = Still
    return made


def states(place: RendersPlace) -> list[str]:
    return [row.row.state for row in place.rows]


@pytest.mark.real
def test_a_short_in_two_shapes_is_rendered_and_the_rows_are_kept(qtbot: QtBot, window: MainWindow, renders: RendersPlace) -> None:
    window.workspace.selection.select(range(8))
    edited(qtbot, window, window.bench.inspector.chosen.use_only)
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


def test_a_name_that_is_taken_gets_a_number_unless_files_are_replaced(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]
) -> None:
    asking, folder = renders.asking, window.workspace.renders.folder
    name = asking.example.text()
    folder.mkdir(parents=True, exist_ok=True)
    (folder / name).touch()
    for number, replaced in enumerate((False, False, True), 2):
        if replaced:
            asking.replaces.click()
        wanted = name if replaced else f"{Path(name).stem} {number}.mp4"
        qtbot.waitUntil(lambda w=wanted: asking.example.text() == w, timeout=WAIT)  # type: ignore[misc]
        asking.ask()
        qtbot.waitUntil(lambda n=number: len(window.workspace.renders.live) == n - 1, timeout=WAIT)  # type: ignore[misc]
        assert Path(window.workspace.renders.live[-1].request.out) == folder / wanted


FINDINGS = (
    Finding("length", True, {"seconds": 1.0, "wanted": 1.0}),
    Finding("black", False, {"seconds": 0.9}, S // 2),
)


def test_a_report_is_kept_and_leads_back_to_what_is_off(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]
) -> None:
    renders.asking.ask()
    qtbot.waitUntil(lambda: len(still) == 1, timeout=WAIT)
    request = still[0].request
    assert isinstance(request, RenderRequest)
    still[0].listener(Rendered(request.out, 270, 480, 30.0, 1.0, 5_000, -14.0, -1.8, 1, FINDINGS))  # type: ignore[operator]
    still[0].listener(Ended("done"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: states(renders) == ["done"], timeout=WAIT)
    row = renders.rows[0]
    assert "something is off" in row.state.text() and "0.9 s" in row.told.text()
    qtbot.mouseClick(row, Qt.MouseButton.LeftButton)
    assert renders.report.isVisible() and row.property("chosen")
    assert "1 to look at" in renders.report.name.text()
    told = [b for b in renders.report.findChildren(QPushButton) if b.text() == "0:00"]
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "another project" in text):
        renders._go_back(replace(row.row, project="/elsewhere/other.standtall"), 0)
    assert window.place == "renders"
    told[0].click()
    assert window.place == "bench"
    qtbot.waitUntil(lambda: abs(window.workspace.selection.playhead - (16 * S + S // 2)) < 2_000, timeout=WAIT)

    def kept() -> bool:
        rows = read_own(state_folder() / "renders.json", Over, Over(), "x")[0].rows
        return len(rows) == 1 and rows[0].findings == FINDINGS and rows[0].number == request.number

    qtbot.waitUntil(kept, timeout=WAIT)


def test_what_is_chosen_is_checked_and_a_kind_is_waived_for_good(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace
) -> None:  # fmt: skip
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: Edit("no captions", replace(
        s.with_segments((Segment(s.main_source, 16 * S, 21 * S),)), captions=replace(s.captions, shown=False)))))  # fmt: skip
    renders.check()
    panel = renders.checking
    qtbot.waitUntil(lambda: bool(panel.found), timeout=WAIT)
    assert "no captions" in [n.kind for n in panel.found[0].notices]
    texts = [label.text() for label in panel.findChildren(QLabel)]
    assert "It has no captions" in texts
    assert "to look at" in renders.asking.look.text()
    fix = next(b for b in panel.findChildren(QPushButton) if b.text() == "Show the captions")
    with qtbot.waitSignal(window.workspace.composition_changed, timeout=WAIT):
        fix.click()
    assert short_of(window).captions.shown
    qtbot.waitUntil(lambda: bool(panel.found) and "no captions" not in [n.kind for n in panel.found[0].notices], timeout=WAIT)
    edited(qtbot, window, window.workspace.undo)
    panel.asked()
    qtbot.waitUntil(lambda: "no captions" in [n.kind for row in panel.found for n in row.notices], timeout=WAIT)
    count = int(panel.told.text().split()[0])
    panel._waive("no captions", True)
    assert "It has no captions" not in [label.text() for label in panel.findChildren(QLabel) if label.isVisibleTo(panel)]
    qtbot.waitUntil(lambda: settings.load()[0].waived == ("no captions",), timeout=WAIT)
    assert (int(panel.told.text().split()[0]) if count > 1 else 0) == count - 1
    panel._waive("no captions", False)
    qtbot.waitUntil(lambda: settings.load()[0].waived == (), timeout=WAIT)
    with qtbot.waitSignal(panel.wanted_place, timeout=WAIT):
        next(b for b in panel.findChildren(QPushButton) if b.text() == "Open the short").click()
    assert window.place == "bench"


def test_rows_are_dragged_to_another_place_and_files_out_of_the_window(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]
) -> None:
    for shape in ("1:1", "4:5", "16:9"):
        renders.asking.shapes[shape].click()
    renders.asking.ask()
    qtbot.waitUntil(lambda: states(renders) == ["running", "waiting", "waiting", "waiting"], timeout=WAIT)
    first, second, third = (row.number for row in renders.rows[1:])
    data = renders.rows[3].dragged()
    assert data is not None and bytes(data.data(ORDER).data()) == str(third).encode()
    drop = QDropEvent(QPointF(5, 5), Qt.DropAction.MoveAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    renders.rows[1].dropEvent(drop)
    assert [row.number for row in renders.rows[1:]] == [third, first, second]
    renders.rows[1].dropped.emit(second)
    assert [row.number for row in renders.rows[1:]] == [second, third, first]
    renders._dropped(first, second)
    assert [row.number for row in renders.rows[1:]] == [third, first, second], "down the list it goes after what it was dropped on"
    still[0].listener(Ended("done"))  # type: ignore[operator]
    live = window.workspace.renders.live
    qtbot.waitUntil(lambda: len(still) == 2 and len(live) == 3 and live[0].row.state == "running", timeout=WAIT)
    assert isinstance(still[1].request, RenderRequest)
    assert still[1].request.out == renders._renders.live[0].request.out, "the queue works in the order that is shown"
    out = renders.rows[-1].dragged()
    assert out is not None and out.urls()[0].toLocalFile() == renders.rows[-1].row.file


def test_more_than_one_at_once(qtbot: QtBot, renders: RendersPlace, still: list[Still]) -> None:
    renders.at_once.setCurrentIndex(renders.at_once.findData(2))
    for shape in ("1:1", "4:5"):
        renders.asking.shapes[shape].click()
    renders.asking.ask()
    qtbot.waitUntil(lambda: states(renders) == ["running", "running", "waiting"], timeout=WAIT)
    still[1].listener(Ended("done"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: states(renders) == ["running", "running", "done"], timeout=WAIT)


def test_size_and_time_are_foretold_for_all_that_is_chosen(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, still: list[Still]
) -> None:
    renders.asking.shapes["1:1"].click()
    qtbot.waitUntil(lambda: bool(asked), timeout=WAIT)
    request = asked[-1].request
    assert isinstance(request, ForetellRequest)
    asked[-1].listener(Foretold(2_000_000, 10.0))  # type: ignore[operator]
    asked[-1].listener(Ended("done"))  # type: ignore[operator]
    qtbot.waitUntil(lambda: renders.asking.cost.text().startswith("About"), timeout=WAIT)
    assert "together" in renders.asking.cost.text()
    size = float(renders.asking.cost.text().split()[1])
    assert size > 2.0, "two files are larger than one"
    window.go("bench")
    assert window.workspace.renders.live == []


def test_a_file_and_the_edit_are_seen_over_each_other(
    qtbot: QtBot, window: MainWindow, renders: RendersPlace, tmp_path: Path
) -> None:
    renders.compare_two()
    assert not hasattr(renders, "sheet"), "there is nothing to compare yet"
    clip = make_clip(tmp_path / "a.mp4", frames=30, sound=tone(1.0))
    ws = window.workspace
    ws.renders.over = (Row("a", "H.264", str(clip), "done"),)
    ws.renders.changed.emit()
    renders.compare.click()
    sheet = renders.sheet
    qtbot.waitUntil(lambda: not sheet.picture.images[0].isNull(), timeout=WAIT)
    assert sheet.choices[1].currentText().startswith("The short on the Bench")
    assert sheet.moment.maximum() == pytest.approx(1000, abs=40)
    sheet.picture.resize(300, 420)
    before = sheet.picture.edge
    qtbot.keyClick(sheet.picture, Qt.Key.Key_Right)
    assert sheet.picture.edge > before
    sheet.picture.set_edge(1.0)
    left = sheet.picture.grab().toImage()
    sheet.picture.set_edge(0.0)
    assert sheet.picture.grab().toImage() != left, "the edge uncovers the other picture"
    first = sheet.picture.images[0]
    sheet.moment.setValue(600)
    qtbot.waitUntil(lambda: sheet.picture.images[0] != first, timeout=WAIT)
    qtbot.keyClick(sheet, Qt.Key.Key_Space)
    assert sheet.play.text() == "Stop"
    qtbot.waitUntil(lambda: sheet.play.text() == "Play", timeout=WAIT)
    sheet.close()


def test_a_cover_is_proposed_titled_and_undone(qtbot: QtBot, window: MainWindow, renders: RendersPlace, tmp_path: Path) -> None:
    renders.side.show_tab("cover")
    panel = renders.cover
    assert not panel.title.isEnabled()
    panel.ask.click()
    qtbot.waitUntil(lambda: bool(panel.proposals), timeout=WAIT)
    edited(qtbot, window, lambda: panel.choose(0))
    cover = short_of(window).cover
    assert cover is not None and cover.tick == panel.proposals[0].at.tick
    qtbot.waitUntil(lambda: not panel.picture.pixmap().isNull(), timeout=WAIT)
    panel.title.setText("Worms work")
    edited(qtbot, window, panel.title.editingFinished.emit)
    assert short_of(window).cover == replace(cover, title="Worms work")
    edited(qtbot, window, lambda: panel.near.setValue(150))
    assert short_of(window).cover.near == 1.5  # type: ignore[union-attr]
    spot = QPoint(panel.picture.width() // 2, panel.picture.height() // 2 + panel.picture.pixmap().height() // 4)
    edited(qtbot, window, lambda: qtbot.mouseClick(panel.picture, Qt.MouseButton.LeftButton, pos=spot))
    assert short_of(window).cover.point_down == pytest.approx(0.75, abs=0.02)  # type: ignore[union-attr]
    assert panel.point_down.value() == pytest.approx(75, abs=2)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "6 covers" in text):
        panel.write_all_to(tmp_path)
    assert len(list(tmp_path.glob("*cover*.png"))) == 3
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "cover is written" in text):
        panel.write_to(tmp_path / "cover.jpg")
    assert (tmp_path / "cover.jpg").stat().st_size > 1000
    edited(qtbot, window, panel.none.click)
    assert short_of(window).cover is None
    window.go("bench")
    edited(qtbot, window, window.workspace.undo)
    assert short_of(window).cover.near == 1.5  # type: ignore[union-attr]
    assert panel.picture.pixmap().isNull() and not panel.title.isEnabled(), "nobody sees it"
    window.go("renders")
    assert panel.title.isEnabled() and panel.near.value() == 150
    qtbot.waitUntil(lambda: not panel.picture.pixmap().isNull(), timeout=WAIT)
