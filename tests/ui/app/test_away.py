"""What the program does while the person is at another one."""

from __future__ import annotations

import pytest
from PySide6.QtCore import Qt
from pytestqt.qtbot import QtBot

from standtall.ui.app import application
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT


def test_memory_is_looked_through_only_where_the_person_stays_away(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    looked: list[bool] = []
    monkeypatch.setattr(application, "settle", lambda thoroughly=False: looked.append(thoroughly))
    monkeypatch.setattr(application, "AWAY_MS", 60)
    monkeypatch.setattr(application, "THOROUGH_MS", 0)
    window.player.pause()
    away = application._Away(window)
    qtbot.wait(5)
    away.turned(Qt.ApplicationState.ApplicationInactive)
    away.turned(Qt.ApplicationState.ApplicationActive)
    qtbot.wait(120)
    assert looked == [], "a menu was closed"
    away.turned(Qt.ApplicationState.ApplicationInactive)
    qtbot.waitUntil(lambda: looked == [True], timeout=WAIT)
    window.player.play()
    away.turned(Qt.ApplicationState.ApplicationInactive)
    qtbot.waitUntil(lambda: not away.isActive(), timeout=WAIT)
    assert looked == [True], "not while it plays"
