"""The brief reads the pictures of its column while it is seen, each once."""

from __future__ import annotations

import pytest
from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from standtall.ui.footage import brief_sheet
from standtall.ui.footage.column import PICTURES
from tests.ui.driving import WAIT


def test_pictures_are_read_only_while_they_are_seen_and_each_once(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    brief, read = window.footage.brief, list[int]()
    made = brief_sheet.wide_at

    def wide_at(reader: object, tick: int, width: int) -> object:
        read.append(tick)
        return made(reader, tick, width)  # type: ignore[arg-type]

    def rest() -> None:
        idle: list[bool] = []
        brief._looker.do(lambda: True, idle.append)
        qtbot.waitUntil(lambda: bool(idle), timeout=WAIT)

    rest()
    monkeypatch.setattr(brief_sheet, "wide_at", wide_at)
    brief._unread, brief._read = None, ("", [])
    window.go("footage")
    brief.column.set_pictures([])
    assert brief.source is not None
    brief._read_pictures(brief.source)
    qtbot.waitUntil(lambda: len(read) >= 2, timeout=WAIT)
    window.go("bench")
    rest()
    assert 2 <= len(read) < PICTURES and not brief.column.pictures, "nobody sees them"
    window.go("footage")
    qtbot.waitUntil(lambda: len(brief.column.pictures) == PICTURES, timeout=WAIT)
    assert len(read) == len(set(read)) == PICTURES, "what was read before is not read again"
