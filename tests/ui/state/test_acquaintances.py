"""Somebody who was named in one piece of footage is offered under that name in the next."""

from __future__ import annotations

from PySide6.QtWidgets import QAbstractButton
from pytestqt.qtbot import QtBot

from standtall.model import corrections
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT


def named(qtbot: QtBot, window: MainWindow, speaker: int, name: str) -> None:
    with qtbot.waitSignal(window.workspace.transcript_changed, timeout=WAIT):
        window.workspace.revise(lambda t: corrections.name_speaker(t, speaker, name))


def test_names_are_offered_in_the_second_piece_of_the_demo(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    qtbot.waitUntil(lambda: len(ws.sources) == 2, timeout=WAIT)
    opened = ws.opened
    assert opened is not None
    assert ws.acquaintances.found == []
    named(qtbot, window, 1, "Wren")
    named(qtbot, window, 0, "Marlow")
    second = next(s for s in ws.sources if s.key != opened.source.key)
    ws.open_source(second)
    qtbot.waitUntil(lambda: ws.opened is not None and ws.opened.source.key == second.key, timeout=WAIT)
    qtbot.waitUntil(lambda: len(ws.acquaintances.found) == 2, timeout=WAIT)
    assert {found.name for found in ws.acquaintances.found} == {"Wren", "Marlow"}
    panel = window.bench.inspector.transcript
    window.bench.inspector.show_side("transcript")
    (first, *_) = [b for b in panel.findChildren(QAbstractButton) if b.text() == "Same person"]
    with qtbot.waitSignal(ws.transcript_changed, timeout=WAIT):
        first.click()
    assert ws.opened is not None
    assert {"Wren", "Marlow"} & {s.name for s in ws.opened.transcript.speakers}
    qtbot.waitUntil(lambda: len(ws.acquaintances.found) == 1, timeout=WAIT)
    panel.grab()
