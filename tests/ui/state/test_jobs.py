"""The window goes on with what was not finished when it was killed."""

from __future__ import annotations

from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from standtall.base.folders import state_folder
from standtall.base.progress import Progress
from standtall.jobs.events import Ended, Problem, Progressed
from standtall.jobs.requests import AnalyseRequest, RenderRequest
from standtall.jobs.store import Store
from standtall.library import settings
from standtall.model.brief import Brief
from standtall.session.finish import file_name
from standtall.session.render_request import render_request
from standtall.session.run import run
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT, Work, edited, short_of


@pytest.fixture
def work(window: MainWindow) -> Work:
    return Work(window)


def left_over(window: MainWindow, *requests: AnalyseRequest | RenderRequest) -> None:
    """What a program that was killed left on disk; the window's own store makes way for it meanwhile."""
    own = window.workspace.jobs.queue._store
    assert own is not None
    own.close()
    killed = Store(state_folder() / "queue")
    assert killed.held
    for number, request in enumerate(requests, 7):
        killed.keep(number, number, request)
    killed.close()
    window.workspace.jobs.queue._store = Store(state_folder() / "queue")


def asked(window: MainWindow, out: Path) -> RenderRequest:
    opened = window.workspace.opened
    assert opened is not None
    return render_request(opened.entry.short, {opened.source.key: (opened.source, opened.analysis)}, out)


def test_an_analysis_and_a_render_are_gone_on_with(qtbot: QtBot, window: MainWindow, work: Work, tmp_path: Path) -> None:
    source = window.workspace.opened.source  # type: ignore[union-attr]
    left_over(window, AnalyseRequest(source, Brief()), asked(window, tmp_path / "a.mp4"))
    window.workspace.jobs.resume()
    qtbot.waitUntil(lambda: len(work.begun) == 2, timeout=WAIT)
    assert {type(w.request) for w in work.begun} == {AnalyseRequest, RenderRequest}
    analysing = next(n for n, w in enumerate(work.begun) if isinstance(w.request, AnalyseRequest))
    work.tell(qtbot, analysing, Progressed("words", 0.5))
    assert "Words 50%" in window.footage._cards[source.key]._state.text()
    bar = window.preview_pane.rendering
    assert bar.running
    assert bar.currentIndex() == 1
    bar.cancel()
    qtbot.waitUntil(lambda: not bar.running, timeout=WAIT)
    work.tell(qtbot, analysing, Ended("done"))
    # What is finished or stopped is not begun again; a render's request goes once its row is on disk, beside the window's thread.
    qtbot.waitUntil(lambda: list((state_folder() / "queue").glob("*.json")) == [], timeout=WAIT)


def test_what_is_rendered_is_what_was_asked_for_though_the_short_is_edited(
    qtbot: QtBot, window: MainWindow, work: Work, tmp_path: Path
) -> None:
    window.preview_pane.rendering.folder = tmp_path
    window.preview_pane.rendering.start()
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    request = work.begun[0].request
    assert isinstance(request, RenderRequest)
    before = request.short
    window.workspace.selection.select(range(2, 9))
    edited(qtbot, window, window.bench.inspector.chosen.cut)
    assert work.begun[0].request.short == before  # type: ignore[union-attr]
    assert window.workspace.opened.entry.short != before  # type: ignore[union-attr]
    work.tell(qtbot, 0, Problem("The disk is full.", "Free some space."), Ended("failed"))
    assert not window.preview_pane.rendering.running


def test_a_finished_file_stays_when_its_short_is_rendered_again_unless_it_is_to_be_replaced(
    qtbot: QtBot, window: MainWindow, work: Work, tmp_path: Path
) -> None:
    bar, name = window.preview_pane.rendering, Path(file_name(short_of(window))).stem
    bar.folder = tmp_path
    for number, wanted in enumerate(("", " 2", "")):
        window.workspace.renders.set_replaces(number == 2)
        bar.start()
        qtbot.waitUntil(lambda n=number: len(work.begun) == n + 1, timeout=WAIT)  # type: ignore[misc]
        request = work.begun[number].request
        assert isinstance(request, RenderRequest)
        assert Path(request.out) == tmp_path / f"{name}{wanted}.mp4"
        Path(request.out).touch()
        work.tell(qtbot, number, Ended("done"))
    assert len(window.workspace.renders.over) == 2, "a row for each file"
    qtbot.waitUntil(lambda: settings.load()[0].replace_files, timeout=WAIT)


def test_a_render_that_is_just_being_asked_for_can_be_stopped(qtbot: QtBot, window: MainWindow, work: Work) -> None:
    bar = window.preview_pane.rendering
    bar.start()
    bar.cancel()
    assert not bar.running
    qtbot.wait(300)
    assert work.begun == []


def test_a_request_needs_neither_project_nor_cache(window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Carried out where the caches are empty: it says everything itself."""
    request = asked(window, tmp_path / "a.mp4")
    short = request.short.with_segments((request.short.segments[0].__class__(request.short.main_source, 48_000, 96_000),))
    small = RenderRequest(short, request.footage, request.look, str(tmp_path / "a.mp4"))
    for name in ("CACHE", "STATE", "CONFIG"):
        monkeypatch.setenv(f"XDG_{name}_HOME", str(tmp_path / name))
    heard: list[object] = []
    run(small, heard.append, Progress())
    assert (tmp_path / "a.mp4").stat().st_size > 10_000
    assert [e.kind for e in heard if e.kind == "rendered"] == ["rendered"]  # type: ignore[attr-defined]
