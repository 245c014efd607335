"""Long lists come into a place a few at a time."""

from __future__ import annotations

from PySide6.QtWidgets import QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from standtall.ui.renders.row import RenderRow
from standtall.ui.state.renders import Row
from standtall.ui.widgets.in_turn import InTurn
from tests.ui.driving import WAIT


def test_what_takes_time_comes_by_turns_while_the_place_is_seen_and_what_takes_none_at_once(qtbot: QtBot) -> None:
    place, made, ended = QWidget(), list[int](), list[int]()
    qtbot.addWidget(place)

    def make(number: int) -> bool:
        made.append(number)
        return number >= 0

    turns = InTurn(make, 3, 1, lambda: ended.append(len(made)), place)
    turns.take([-1, -2, 0, 1, -3, 2, 3, 4])
    assert made == [-1, -2, 0, 1, -3, 2], "three that take time, and those between them"
    qtbot.wait(50)
    assert len(made) == 6 and not ended, "nobody sees the place"
    place.show()
    qtbot.waitUntil(lambda: bool(ended), timeout=WAIT)
    assert made == [-1, -2, 0, 1, -3, 2, 3, 4] and ended == [8]
    turns.take([5])
    turns.take([6])
    assert made[-2:] == [5, 6] and ended == [8, 9, 10]


def test_rows_of_finished_renders_stay_the_same_widgets_while_others_come_and_go(qtbot: QtBot, window: MainWindow) -> None:
    renders, place = window.workspace.renders, window.renders
    window.go("renders")
    renders.over = tuple(Row(f"Short {n}", "9:16", f"/tmp/{n}.mp4", "done", number=n) for n in range(25))
    renders.changed.emit()
    assert 0 < len(place.rows) < 25
    qtbot.waitUntil(lambda: len(place.rows) == 25, timeout=WAIT)
    before = {made.row.file: made for made in place.rows}
    renders.over = (Row("New", "9:16", "/tmp/new.mp4", "failed", told="no room"), *renders.over[1:])
    renders.changed.emit()
    assert [made.row.name for made in place.rows] == ["New", *(f"Short {n}" for n in range(1, 25))]
    assert all(before[made.row.file] is made for made in place.rows[1:])
    assert [place._rows.itemAt(n).widget() for n in range(25)] == place.rows, "in this order on the screen"  # type: ignore[union-attr]
    renders.over = (*(Row(f"More {n}", "9:16", f"/tmp/more {n}.mp4", "done") for n in range(20)), *renders.over)
    renders.changed.emit()
    assert len(place.rows) < 20, "those that were there wait for their turn, behind new ones"
    renders.clear_over()
    assert place.rows == [] and not place._stay
    qtbot.waitUntil(lambda: not [r for r in place.findChildren(RenderRow) if r.isVisible()], timeout=WAIT)
