"""The real window with the demo open on the Bench."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.state import legible
from standtall.ui.state.heard import Sounding
from standtall.ui.widgets import dressing, theme
from tests.ui.driving import WAIT, Shown


@pytest.fixture
def window(
    qtbot: QtBot, qapp: QApplication, open_demo_here: Path, monkeypatch: pytest.MonkeyPatch, request: pytest.FixtureRequest
) -> Iterator[MainWindow]:
    """The demo open on the Bench; no copies for moving about are made, and its sound only for tests that are marked `heard`."""
    if request.node.get_closest_marker("heard") is None:
        monkeypatch.setattr(Sounding, "make", lambda _self, _composition: None)
    monkeypatch.setattr(PreviewCopies, "want", lambda _self, _source: None)
    monkeypatch.setattr(legible, "CALM_MS", 10_000_000)  # pictures are looked at where a test is about that
    monkeypatch.setattr(MainWindow, "_may_end", lambda _self: True)  # nobody is there to answer
    dressed(["test"])
    made = MainWindow()
    made.projects.settings = replace(made.projects.settings, walked=True)  # the walk is tried in a test of its own
    dressing.apply(qapp, theme.LIGHT)
    qtbot.addWidget(made, before_close_func=lambda w: setattr(w, "_unasked", True))  # also where setting up fails
    made.resize(1280, 800)  # the screen of tests is smaller
    made.show()
    shown = Shown(made.player)
    open_files(made, [], demo=True)
    shown.wait(qtbot)
    qtbot.waitUntil(lambda: made.place == "bench", timeout=WAIT)
    yield made
    made.end()
