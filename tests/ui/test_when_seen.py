"""What nobody sees is refreshed when it is shown, once."""

from __future__ import annotations

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QLabel
from pytestqt.qtbot import QtBot

from standtall.ui.widgets.when_seen import WhenSeen


class Source(QObject):
    changed = Signal()
    moved = Signal(int)


def test_a_hidden_widget_is_refreshed_once_when_it_is_shown(qtbot: QtBot) -> None:
    source, label, refreshed = Source(), QLabel(), list[bool]()
    qtbot.addWidget(label)
    WhenSeen(label, lambda: refreshed.append(label.isVisible()), source.changed, source.moved)
    for _ in range(3):
        source.changed.emit()
    source.moved.emit(3)
    assert refreshed == []
    label.show()
    assert len(refreshed) == 1
    label.hide()
    label.show()
    assert len(refreshed) == 1, "nothing has changed meanwhile"
    source.moved.emit(4)
    assert refreshed[1:] == [True], "at once while it is seen"


def test_what_is_stale_from_the_beginning_is_refreshed_when_it_is_first_shown(qtbot: QtBot) -> None:
    label, refreshed = QLabel(), list[bool]()
    qtbot.addWidget(label)
    WhenSeen(label, lambda: refreshed.append(True), stale=True)
    assert refreshed == []
    label.show()
    label.hide()
    label.show()
    assert refreshed == [True]
