"""Ways to drive the real window in tests."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QPoint
from pytestqt.qtbot import QtBot

from standtall.model.short import Short
from standtall.ui.app.window import MainWindow

WAIT = 90_000
"""Milliseconds: a busy machine is no fault of the code."""


def edited(qtbot: QtBot, window: MainWindow, does: Callable[[], object]) -> None:
    with qtbot.waitSignal(window.workspace.composition_changed, timeout=WAIT):
        does()


def short_of(window: MainWindow) -> Short:
    assert window.workspace.opened is not None
    return window.workspace.opened.entry.short


def word_point(window: MainWindow, index: int) -> QPoint:
    script = window.bench.page
    page = script.page
    assert page is not None
    script.verticalScrollBar().setValue(int(page.rows[page.row_of(index)].top) - 200)
    box = dict(script.words.places(page.row_of(index)))[index]
    return QPoint(int(box.center().x()), int(box.center().y()) - script.verticalScrollBar().value())
