from __future__ import annotations

from datetime import date, timedelta

import pytest
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt
from PySide6.QtGui import QDropEvent, QPixmap
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from standtall.ui.calendar.post_card import Card
from standtall.ui.calendar.view import SHORT_MIME, CalendarView
from standtall.ui.widgets import dressing, theme
from tests.ui.driving import WAIT

TODAY = date(2026, 11, 27)


def cards(*days: int) -> dict[int, Card]:
    return {n: Card(n, TODAY + timedelta(d), 540, "waiting", f"Short {n}", n % 3, "One") for n, d in enumerate(days, 1)}


@pytest.fixture
def view(qtbot: QtBot, qapp: QApplication) -> CalendarView:
    dressing.apply(qapp, theme.LIGHT)
    made = CalendarView(lambda: TODAY)
    qtbot.addWidget(made)
    made.resize(700, 600)
    made.show_cards(cards(0, 1, 9), ("A", "B", "C"), frozenset({TODAY + timedelta(3)}))
    made.show()
    made.show_day(TODAY)
    return made


def at(view: CalendarView, key: int) -> QPoint:
    rect = view.sheet.cards(view.cards[key].day)[key]
    return QPointF(rect.center().x(), rect.center().y() - view.verticalScrollBar().value()).toPoint()


def test_a_click_chooses_and_keys_go_on_from_there(qtbot: QtBot, view: CalendarView) -> None:
    with qtbot.waitSignal(view.chosen, timeout=WAIT) as told:
        qtbot.mouseClick(view.viewport(), Qt.MouseButton.LeftButton, pos=at(view, 1))
    assert told.args == [1]
    assert "Short 1, One, Friday 27 November, 09:00, goes out" in view.accessibleDescription()
    qtbot.keyClick(view, Qt.Key.Key_Right)
    assert view.key == 2 and view.day == TODAY + timedelta(1)
    qtbot.keyClick(view, Qt.Key.Key_Period)
    assert view.key == 3
    qtbot.keyClick(view, Qt.Key.Key_Comma)
    assert view.key == 2
    qtbot.keyClick(view, Qt.Key.Key_Down)
    assert view.key == 0 and "0 posts" in view.accessibleDescription()


def test_a_card_is_dragged_to_another_day_and_keeps_its_time(qtbot: QtBot, view: CalendarView) -> None:
    start, end = at(view, 1), at(view, 1) + QPoint(220, 0)
    with qtbot.waitSignal(view.moved, timeout=WAIT) as told:
        qtbot.mousePress(view.viewport(), Qt.MouseButton.LeftButton, pos=start)
        for n in range(1, 6):
            qtbot.mouseMove(view.viewport(), start + (end - start) * n / 5)
        view.viewport().grab()
        qtbot.mouseRelease(view.viewport(), Qt.MouseButton.LeftButton, pos=end)
    assert told.args == [1, TODAY + timedelta(2), None]


def test_in_a_week_a_drag_chooses_the_hour_and_keys_a_quarter(qtbot: QtBot, view: CalendarView) -> None:
    view.set_mode("week")
    view.choose(1)
    start = at(view, 1)
    with qtbot.waitSignal(view.moved, timeout=WAIT) as told:
        qtbot.mousePress(view.viewport(), Qt.MouseButton.LeftButton, pos=start)
        qtbot.mouseMove(view.viewport(), start + QPoint(0, 40))
        qtbot.mouseMove(view.viewport(), start + QPoint(0, 120))
        qtbot.mouseRelease(view.viewport(), Qt.MouseButton.LeftButton, pos=start + QPoint(0, 120))
    assert told.args[0] == 1 and told.args[2] > 540 and told.args[2] % 15 == 0
    with qtbot.waitSignal(view.moved, timeout=WAIT) as told:
        qtbot.keyClick(view, Qt.Key.Key_Down, Qt.KeyboardModifier.AltModifier)
    assert told.args == [1, TODAY, 555]


def test_a_move_by_key_over_midnight_is_the_day_after(qtbot: QtBot, view: CalendarView) -> None:
    view.show_cards({1: Card(1, TODAY, 1435, "held", "Late", 0, "One")}, ("A",), frozenset())
    view.set_mode("week")
    view.choose(1)
    with qtbot.waitSignal(view.moved, timeout=WAIT) as told:
        view.shift_card(0, 15)
    assert told.args == [1, TODAY + timedelta(1), 10]


def test_a_short_is_dropped_on_a_day_and_nothing_else_is_taken(qtbot: QtBot, view: CalendarView) -> None:
    data = QMimeData()
    data.setData(SHORT_MIME, b"42")
    rect = view.sheet.day_rect(TODAY + timedelta(2))
    place = QPointF(rect.center().x(), rect.center().y() - view.verticalScrollBar().value())
    view.dragMoveEvent(QDropEvent(place, Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier))  # type: ignore[arg-type]
    with qtbot.waitSignal(view.dropped, timeout=WAIT) as told:
        view.dropEvent(QDropEvent(place, Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier))
    assert told.args == [42, TODAY + timedelta(2), None]
    other = QMimeData()
    other.setData(SHORT_MIME, b"no number")
    assert CalendarView._short_in(other) == 0


def test_scrolling_paints_what_comes_into_view_and_both_themes_differ(qtbot: QtBot, qapp: QApplication, view: CalendarView) -> None:
    poster = QPixmap(36, 64)
    poster.fill(Qt.GlobalColor.red)
    view.posters = dict.fromkeys(view.cards, poster)
    light = view.grab().toImage()
    view.verticalScrollBar().setValue(view.verticalScrollBar().value() + 40)
    qapp.processEvents()
    assert view.grab().toImage() != light
    dressing.apply(qapp, theme.DARK)
    assert view.grab().toImage() != light
    dressing.apply(qapp, theme.LIGHT)


def test_a_plan_cannot_be_moved_and_is_told_of(view: CalendarView) -> None:
    view.show_cards({-1: Card(-1, TODAY, 150, "held", "Planned", 0, "One", planned=True, question=True)}, ("A",), frozenset())
    view.choose(-1)
    assert "planned, not taken yet, its time is changed by summer time" in view.accessibleDescription()
    moved: list[object] = []
    view.moved.connect(lambda *a: moved.append(a))
    view.shift_card(1, 0)
    assert moved == []
