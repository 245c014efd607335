"""The walk through the demo: five stops beside real controls, left at any time, never again."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import QPoint, QRect, Qt
from PySide6.QtWidgets import QWidget
from pytestqt.qtbot import QtBot

from standtall.ui.app.guided_walk import Walk
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT, edited, word_point


def begun(window: MainWindow) -> Walk:
    window.projects.settings = replace(window.projects.settings, walked=False)
    window.walk()
    assert window.walking is not None
    return window.walking


def on_window(window: MainWindow, widget: QWidget) -> QRect:
    return QRect(widget.mapTo(window, QPoint(0, 0)), widget.size())


def test_five_stops_stand_beside_their_controls_inside_the_window(qtbot: QtBot, window: MainWindow) -> None:
    walk = begun(window)
    for number in range(5):
        assert walk.count.text() == f"{number + 1} of 5" and walk.text.text()
        control = walk._stops[number].control()
        assert control.isVisible() and window.rect().contains(walk.geometry())
        assert walk._outline.geometry().contains(on_window(window, control).adjusted(4, 4, -4, -4))
        qtbot.mouseClick(walk.next, Qt.MouseButton.LeftButton)
    assert not walk.isVisible() and not walk._outline.isVisible() and window.projects.settings.walked
    window.walking = None
    window.walk()
    assert window.walking is None, "it is not shown again"


def test_the_real_control_is_used_while_a_stop_is_shown_and_it_can_be_left(qtbot: QtBot, window: MainWindow) -> None:
    walk = begun(window)
    assert window.focusWidget() is window.bench.page, "the walk takes no focus"
    ws, page = window.workspace, window.bench.page
    assert ws.opened is not None
    before = ws.opened.entry.short
    start = word_point(window, 40)
    qtbot.mousePress(page.viewport(), Qt.MouseButton.LeftButton, pos=start)
    qtbot.mouseMove(page.viewport(), word_point(window, 42))
    qtbot.mouseRelease(page.viewport(), Qt.MouseButton.LeftButton, pos=word_point(window, 42))
    assert ws.selection.words is not None and len(ws.selection.words) == 3
    page.setFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(page, Qt.Key.Key_Delete))
    assert ws.opened.entry.short != before
    window.resize(1100, 720)
    qtbot.waitUntil(lambda: window.rect().contains(walk.geometry()), timeout=WAIT)
    qtbot.mouseClick(walk.leave, Qt.MouseButton.LeftButton)
    assert not walk.isVisible() and window.projects.settings.walked
