"""The real window with the demo open on the Bench."""

from __future__ import annotations

import shutil
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QApplication
from pytestqt.qtbot import QtBot

from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.model.analysis import Analysis
from standtall.model.source import Source
from standtall.ui.app import demo_opening
from standtall.ui.app.application import dressed, open_files
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.preview_copies import PreviewCopies
from standtall.ui.state import legible, thumbnails
from standtall.ui.state.heard import Sounding
from standtall.ui.widgets import dressing, theme
from standtall.ui.widgets.images import wide_at
from tests.ui.driving import WAIT, Shown

_probed: dict[str, Source] = {}


def demo_probed(path: Path) -> Source:
    """A file of the demo, which is the same in each test, looked into once."""
    if path.name not in _probed:
        _probed[path.name] = probe(path)
    return replace(_probed[path.name], path=str(path))


@pytest.fixture(scope="session")
def demo_thumbs(demo_source: Source, demo_analysis: Analysis, tmp_path_factory: pytest.TempPathFactory) -> Path:
    """The small pictures of the demo as they are kept: made anew for each window, they take as long as all the rest of it."""
    images: dict[int, QImage] = {}
    with PictureReader(demo_source.path, demo_source.rotation) as reader:
        for level in thumbnails.wanted(demo_analysis.people.shots, demo_source.length):
            images |= {at: wide_at(reader, tick, thumbnails.WIDE) for at, tick in level}
    path = tmp_path_factory.mktemp("thumbs") / "thumbs.zip"
    thumbnails._keep(path, images)
    return path


@pytest.fixture
def window(
    qtbot: QtBot, qapp: QApplication, open_demo_here: Path, demo_source: Source, demo_thumbs: Path,
    monkeypatch: pytest.MonkeyPatch, request: pytest.FixtureRequest,
) -> Iterator[MainWindow]:  # fmt: skip
    """The demo open on the Bench; no copies for moving about are made, and its sound only for tests that are marked `heard`."""
    shutil.copyfile(demo_thumbs, AnalysisCache().folder_of(demo_source.key) / demo_thumbs.name)
    if request.node.get_closest_marker("heard") is None:
        monkeypatch.setattr(Sounding, "make", lambda _self, _composition: None)
    monkeypatch.setattr(demo_opening, "probe", demo_probed)
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
    ws = made.workspace
    qtbot.waitUntil(lambda: made.place == "bench" and ws.thumbs is not None and bool(ws.thumbs.images), timeout=WAIT)
    yield made
    made.end()
