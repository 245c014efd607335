"""A short of two files on the Bench: both are shown, framed and heard; what is not analysed is told of."""

from __future__ import annotations

from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from standtall.base.progress import Progress
from standtall.library.cache import AnalysisCache
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model import edits
from standtall.model.brief import Brief
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.analyse import Options, analyse
from standtall.ui.app.window import MainWindow
from tests.conftest import make_clip
from tests.ui.driving import WAIT, Shown, edited, short_of

S = 48_000


@pytest.fixture
def other(window: MainWindow, tmp_path: Path) -> Source:
    return probe(make_clip(tmp_path / "Second.mp4", frames=90))


def two(window: MainWindow, other: Source, name: str = "Two") -> list[int]:
    """A short of three seconds of the demo and two of the other file, in the project."""
    opened, made = window.workspace.opened, list[int]()
    assert opened is not None
    short = Short.of(name, [Segment(opened.source.key, 20 * S, 23 * S), Segment(other.key, 0, 2 * S)])

    def add(project: Project) -> int:
        project.add_source(other)
        return project.add_short(short)

    window.workspace.with_project(add, made.append)
    return made


def test_both_files_are_shown_and_the_page_stays_while_the_other_plays(
    qtbot: QtBot, window: MainWindow, other: Source
) -> None:
    analyse(other, Options(Brief()), Progress(), AnalysisCache())
    made = two(window, other)
    qtbot.waitUntil(lambda: bool(made), timeout=WAIT)
    window.go("bench")
    window.workspace.open_short(made[0])
    qtbot.waitUntil(lambda: short_of(window).name == "Two", timeout=WAIT)
    opened = window.workspace.opened
    assert opened is not None
    assert set(opened.composition.footage) == {opened.source.key, other.key}
    assert opened.camera_of(other.key) is opened.composition.footage[other.key].camera
    assert opened.camera_of("nowhere") is None
    shown = Shown(window.player)
    window.workspace.selection.seek(23 * S - 100)
    last = shown.wait(qtbot, opened.composition.frames * 3 // 5 - 1)
    assert last.heard.source == opened.source.key
    playhead = window.workspace.selection.playhead
    window.playback.step(1)
    first = shown.wait(qtbot, last.frame + 1)
    assert first.heard.source == other.key
    assert window.workspace.selection.playhead == playhead, "the page is of the first file"
    assert window.bench.wide._camera() is opened.camera_of(other.key)
    window.bench.inspector.show_side("pieces")
    qtbot.waitUntil(lambda: window.bench.inspector.pieces.pieces.count() == 2, timeout=WAIT)
    assert "Second: (no words)" in window.bench.inspector.pieces.pieces.item(1).text()
    edited(qtbot, window, lambda: window.workspace.edit(lambda short, _a: edits.rename(short, "Both")))
    now = window.workspace.opened
    assert now is not None and now.composition.footage[other.key] is opened.composition.footage[other.key], "nothing is done twice"


def test_other_footage_that_is_not_analysed_is_told_of(qtbot: QtBot, window: MainWindow, other: Source) -> None:
    made = two(window, other)
    qtbot.waitUntil(lambda: bool(made), timeout=WAIT)
    before = short_of(window).name
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "not analysed" in text) as said:
        window.workspace.open_short(made[0])
    assert said.args[0].startswith("“Two” also shows Second, which is not analysed.")
    assert short_of(window).name == before
