"""The Footage place: briefs, the queue, first words early, previews, and what the desktop is told."""

from __future__ import annotations

import os
import stat
from dataclasses import replace
from pathlib import Path

import pytest
from PySide6.QtCore import QPoint, Qt
from pytestqt.qtbot import QtBot

from standtall.base.time import TICKS_PER_SECOND
from standtall.jobs.events import Ended, Fetched, Heard, Problem, Progressed, Received, StageDone
from standtall.jobs.requests import AnalyseRequest, FetchRequest
from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.model import corrections
from standtall.model.brief import DETECT, Brief
from standtall.model.source import SoundTrack, Source
from standtall.model.words import Word
from standtall.session import analyse as stages
from standtall.session.analyse import Options
from standtall.session.analysis_tasks import HeardWords
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.card import warnings_of
from standtall.ui.widgets import notification as desktop
from standtall.ui.widgets import theme
from tests.conftest import make_clip, tone
from tests.ui.driving import WAIT, Shown, Work, edited


@pytest.fixture
def work(window: MainWindow) -> Work:
    """Nothing is really done: tests say what the work says."""
    return Work(window)


def add(qtbot: QtBot, window: MainWindow, *paths: Path) -> list[Source]:
    window.footage.add(list(paths))
    keys = [probe(p).key for p in paths]
    qtbot.waitUntil(lambda: all(k in [s.key for s in window.workspace.sources] for k in keys), timeout=WAIT)
    qtbot.waitUntil(lambda: all(k in window.footage._cards for k in keys), timeout=WAIT)
    return [next(s for s in window.workspace.sources if s.key == k) for k in keys]


def clips(tmp_path: Path, count: int) -> list[Path]:
    return [make_clip(tmp_path / f"c{i}.mp4", frames=60 + i, sound=tone(2.0 + i / 30)) for i in range(count)]


def test_the_brief_is_kept_and_handed_to_the_analysis(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    window.go("footage")
    (source,) = add(qtbot, window, *clips(tmp_path, 1))
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    work.tell(qtbot, -1, Ended("stopped"))
    brief = window.footage.brief
    window.footage.choose_source(source)
    brief.language.setCurrentIndex(brief.language.findData(DETECT))
    brief.language.activated.emit(0)
    brief.kind.setCurrentIndex(brief.kind.findData("one"))
    brief.kind.activated.emit(0)
    brief.topics.setText(" soil,  slugs ,")
    brief.topics.editingFinished.emit()
    brief.least.setValue(25)
    brief.most.setValue(90)
    brief.most.editingFinished.emit()
    column = brief.column
    window.grab()  # lays everything out
    grip = QPoint(30, round(column.height_of(column.end)))
    qtbot.mousePress(column, Qt.MouseButton.LeftButton, pos=grip)
    there = QPoint(30, round(column.height_of(source.length * 5 // 8)))
    qtbot.mouseMove(column, there)
    qtbot.mouseRelease(column, Qt.MouseButton.LeftButton, pos=there)
    wanted = window.workspace.brief_of(source)
    assert (wanted.language, wanted.content, wanted.topics, wanted.least_s, wanted.most_s) == (
        DETECT,
        "one",
        ("soil", "slugs"),
        25,
        90,
    )
    assert wanted.end == pytest.approx(source.length * 5 / 8, abs=TICKS_PER_SECOND / 20)
    window.footage.start(source)
    qtbot.waitUntil(lambda: len(work.begun) == 2, timeout=WAIT)
    asked = work.begun[-1].request
    assert isinstance(asked, AnalyseRequest)
    assert (asked.source.key, asked.brief, asked.terms) == (source.key, wanted, ("soil", "slugs"))
    window.workspace.project_thread.do(lambda: None)
    qtbot.waitUntil(lambda: on_disk(window).get(source.key) == wanted, timeout=WAIT)


def on_disk(window: MainWindow) -> dict[str, Brief]:
    assert window.workspace.project_path is not None
    with Project(window.workspace.project_path, "read") as project:
        return project.briefs()


def test_what_waits_can_go_first(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    first, second, third = add(qtbot, window, *clips(tmp_path, 3))
    jobs = window.workspace.jobs
    qtbot.waitUntil(lambda: len(jobs.of(AnalyseRequest, "waiting")) == 2, timeout=WAIT)
    waiting = [e.request.source.key for e in jobs.of(AnalyseRequest, "waiting")]
    last = next(s for s in (first, second, third) if s.key == waiting[-1])
    window.footage._cards[last.key]._sooner.click()
    assert [e.request.source.key for e in jobs.of(AnalyseRequest, "waiting")] == waiting[::-1]
    assert jobs.queue.idle(5)
    work.tell(qtbot, 0, Ended("done"))
    qtbot.waitUntil(lambda: len(work.begun) == 2, timeout=WAIT)
    assert work.begun[1].request.source.key == last.key, "the one that was brought forward is next"


def test_first_words_are_opened_while_the_rest_is_coming(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    (source,) = add(qtbot, window, *clips(tmp_path, 1))
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    cache, options = window.workspace.cache, Options()
    cache.keep(source.key, "sound", stages._Level((-20.0,) * 200))
    pieces = [
        (Word("early", 4_800, 19_200, 0.4), Word("words.", 24_000, 40_000)),
        (Word("late", 48_000, 60_000), Word("ones.", 66_000, 90_000)),
    ]
    mark = options.words_mark(source)
    cache.keep(source.key, "piece", HeardWords(pieces[0]), f"{mark}#0")
    window.footage._open_next = True
    with qtbot.waitSignal(window.workspace.opened_changed, timeout=WAIT):
        work.begun[0].listener(Heard(2, 1.0))
    assert [w.text for w in window.workspace.opened.transcript.words] == ["early", "words."]  # type: ignore[union-attr]
    cache.keep(source.key, "piece", HeardWords(pieces[1]), f"{mark}#1")
    with qtbot.waitSignal(window.workspace.transcript_changed, timeout=WAIT):
        work.begun[0].listener(Heard(4, 2.0))
    assert len(window.workspace.opened.transcript.words) == 4  # type: ignore[union-attr]
    cache.forget(source.key, "piece")
    cache.keep(source.key, "piece", HeardWords(pieces[0]), f"{mark}#0")
    window.workspace.refresh_found(source, last=False)
    qtbot.waitUntil(lambda: len(window.workspace.opened.transcript.words) == 2, timeout=WAIT)  # type: ignore[union-attr]
    edited(qtbot, window, lambda: window.workspace.revise(lambda t: corrections.retype(t, range(1), "Earliest")))
    cache.keep(source.key, "piece", HeardWords(pieces[1]), f"{mark}#1")
    with qtbot.waitSignal(window.workspace.transcript_changed, timeout=WAIT):
        work.begun[0].listener(Heard(4, 2.0))
    words = window.workspace.opened.transcript.words  # type: ignore[union-attr]
    assert [w.text for w in words] == ["Earliest", "words.", "late", "ones."], "what was corrected early stays corrected"
    edited(qtbot, window, lambda: window.workspace.revise(lambda t: corrections.retype(t, range(2, 3), "Latest")))
    edited(qtbot, window, lambda: window.workspace.undo())
    edited(qtbot, window, lambda: window.workspace.undo())
    words = window.workspace.opened.transcript.words  # type: ignore[union-attr]
    assert [w.text for w in words] == ["early", "words.", "late", "ones."], "what came later is no step that undo takes back"


def test_a_finished_clip_goes_straight_to_the_bench(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    first, second = add(qtbot, window, *clips(tmp_path, 2))
    ws = window.workspace
    for source in (first, second):
        ws.set_brief(source, replace(ws.brief_of(source), content="clip"))
        ws.cache.keep(source.key, "sound", stages._Level((-20.0,) * 200))
        ws.cache.keep(source.key, "piece", HeardWords((Word("once.", 4_800, 19_200),)), f"{Options().words_mark(source)}#0")
    window.go("footage")
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    begun = work.begun[0].request.source
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        work.begun[0].listener(Heard(1, 1.0))
    qtbot.waitUntil(lambda: window.place == "bench", timeout=WAIT)
    assert ws.opened is not None
    assert [(s.source, s.start, s.end) for s in ws.opened.entry.short.segments] == [(begun.key, 0, begun.length)]
    work.tell(qtbot, 0, Ended("done"))
    qtbot.waitUntil(lambda: len(work.begun) == 2, timeout=WAIT)
    work.tell(qtbot, 1, Heard(1, 1.0))
    assert window.place == "bench"
    assert ws.opened.source.key == begun.key, "who works on the Bench is not disturbed by the next clip"


def test_progress_of_two_stages_is_shown_together(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    (source,) = add(qtbot, window, *clips(tmp_path, 1))
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    work.tell(qtbot, 0, Progressed("words", 0.6), Progressed("people", 0.25, 90.0))
    card = window.footage._cards[source.key]
    assert card._bar.value() == 250
    assert "Words 60%" in card._state.text()
    assert "People 25%, about 1:30 left" in card._state.text()
    work.tell(qtbot, 0, StageDone("people", 3.0), Progressed("words", 0.7))
    assert card._bar.value() == 700
    assert "People" not in card._state.text()


@pytest.mark.fault
def test_what_is_analysed_anew_shows_how_far_it_is(qtbot: QtBot, window: MainWindow, work: Work) -> None:
    source = window.workspace.opened.source  # type: ignore[union-attr]
    card = window.footage._cards[source.key]
    card.show_state("ready")
    window.workspace.jobs.ask(AnalyseRequest(source, Brief()))
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    work.tell(qtbot, 0, Progressed("words", 0.5))
    assert "Words 50%" in card._state.text()


def test_a_source_is_seen_in_place_and_the_bench_comes_back(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    (source,) = add(qtbot, window, *clips(tmp_path, 1))
    window.go("footage")
    shown = Shown(window.player)
    window.footage.choose_source(source)
    shown.wait(qtbot)
    assert window.playback._looked_at is not None
    assert window.playback._looked_at.short.main_source == source.key
    assert not window.preview_pane.rendering.isVisible()
    again = Shown(window.player)
    window.go("bench")
    again.wait(qtbot)
    assert window.playback._looked_at is None
    assert window.player._composition is window.workspace.opened.composition  # type: ignore[union-attr]


def test_warnings_are_plain() -> None:
    plain = Source("k", "/a.mp4", "a", 48_000, 1920, 1080, audio_channels=2)
    assert warnings_of(plain) == []
    poor = Source("k", "/a.mp4", "a", 48_000, 640, 360, sound_tracks=(SoundTrack("aac", 2, 48_000), SoundTrack("aac", 1, 48_000)))
    assert len(warnings_of(poor)) == 3


def test_the_desktop_is_told_where_there_is_one(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """A stand-in program writes down what it is given."""
    monkeypatch.setenv("PATH", str(tmp_path))
    assert desktop.notify("Ready", "it is done") is False
    program = tmp_path / "notify-send"
    program.write_text(f'#!/bin/sh\nfor a in "$@"; do echo "$a" >> {tmp_path}/told; done\n')
    program.chmod(program.stat().st_mode | stat.S_IEXEC)
    assert desktop.notify("Ready", "--it is done; $(rm x)") is True
    assert (tmp_path / "told").read_text().splitlines() == ["--app-name=Stand Tall", "--", "Ready", "--it is done; $(rm x)"]
    program.write_text("#!/bin/sh\nexit 3\n")
    assert desktop.notify("Ready", "x") is False
    assert os.access(program, os.X_OK)


def test_a_link_is_fetched_and_added(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    """The job itself is tested with the small host in tests/media/test_link.py and tests/cli."""
    window.go("footage")
    field = window.footage.fetching.link
    qtbot.keyClicks(field, "http://127.0.0.1:9/film.mp4")
    qtbot.keyClick(field, Qt.Key.Key_Return)
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    assert isinstance(work.begun[0].request, FetchRequest) and work.begun[0].request.link == "http://127.0.0.1:9/film.mp4"
    assert window.footage.fetching.isVisible()
    work.tell(qtbot, 0, Progressed("fetching", 0.5, 30.0), Received(24_000_000, 48_000_000, 800_000.0))
    assert window.footage.fetching._text.text() == "24 MB of 48 MB  ·  0.8 MB/s  ·  about 0:30 left"
    (clip,) = clips(tmp_path, 1)
    work.tell(qtbot, 0, Fetched(str(clip)), Ended("done"))
    assert not window.footage.fetching.isVisible()
    qtbot.waitUntil(lambda: probe(clip).key in window.footage._cards, timeout=WAIT)
    window.footage.fetching.fetch("http://127.0.0.1:9/other.mp4")
    qtbot.waitUntil(lambda: isinstance(work.begun[-1].request, FetchRequest) and len(work.begun) == 3, timeout=WAIT)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        work.begun[-1].listener(Problem("127.0.0.1 refuses.", "Check the link."))
    assert "refuses" in told.args[0]


def test_a_file_that_was_moved_is_found_again_and_one_that_is_gone_is_asked_for(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work, monkeypatch: pytest.MonkeyPatch
) -> None:
    shoot = tmp_path / "footage" / "shoot"
    shoot.mkdir(parents=True)
    first, second = add(qtbot, window, *clips(shoot, 2))
    ws = window.workspace
    moved = Path(first.path).rename(shoot / "renamed.mp4")
    away = tmp_path / "away"
    away.mkdir(parents=True, exist_ok=True)
    gone = Path(second.path).rename(away / "gone.mp4")
    with qtbot.waitSignal(ws.lost.changed, timeout=WAIT):
        ws.look_for_files()
    qtbot.waitUntil(lambda: any(s.path == str(moved) for s in ws.sources), timeout=WAIT)
    assert ws.lost.states == {second.key: "missing"}
    card = window.footage._cards[second.key]
    assert card._find.isVisibleTo(card)
    assert "gone from" in card._warn.text()
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getOpenFileName", lambda *_a: (str(moved), ""))
    with qtbot.waitSignal(ws.said, timeout=WAIT) as told:
        card._find.click()
    assert "other content" in told.args[0]
    assert ws.lost.states == {second.key: "missing"}, "another file is never taken for it"
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getOpenFileName", lambda *_a: (str(gone), ""))
    card._find.click()
    qtbot.waitUntil(lambda: ws.lost.states == {} and any(s.path == str(gone) for s in ws.sources), timeout=WAIT)
    assert not card._find.isVisibleTo(card)


def test_footage_is_taken_out_and_comes_back_with_all_that_was_made_of_it(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work
) -> None:
    ws = window.workspace
    demo = ws.opened.source  # type: ignore[union-attr]
    second = next(s for s in ws.sources if s.key != demo.key)
    (other,) = add(qtbot, window, *clips(tmp_path, 1))
    edited(qtbot, window, lambda: ws.revise(lambda t: corrections.retype(t, range(1), "Greetings")))
    short = ws.opened.entry.short  # type: ignore[union-attr]
    window.go("footage")
    card = window.footage._cards[demo.key]
    card.setFocus()
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        qtbot.keyClick(card, Qt.Key.Key_Delete)
    assert ws.opened is None
    assert demo.key not in window.footage._cards
    assert window.footage.brief.source.key == second.key, "the next one"  # type: ignore[union-attr]
    with Project(ws.project_path, "read") as project:  # type: ignore[arg-type]
        assert [s.key for s in project.sources()] == [second.key, other.key]
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow, timeout=WAIT)
    qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    qtbot.waitUntil(lambda: demo.key in window.footage._cards, timeout=WAIT)
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        window.open_on_bench(demo)
    assert ws.opened.entry.short == short  # type: ignore[union-attr]
    assert ws.opened.transcript.words[0].text == "Greetings"  # type: ignore[union-attr]


def test_what_is_being_analysed_can_be_taken_out(qtbot: QtBot, window: MainWindow, tmp_path: Path, work: Work) -> None:
    first, second = add(qtbot, window, *clips(tmp_path, 2))
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    running = work.begun[0].request.source
    waiting = second if running.key == first.key else first
    window.footage._cards[running.key].left.emit(running)
    qtbot.waitUntil(lambda: running.key not in [s.key for s in window.workspace.sources], timeout=WAIT)
    qtbot.waitUntil(lambda: len(work.begun) == 2, timeout=WAIT)
    assert running.key not in window.footage._cards
    assert work.begun[1].request.source.key == waiting.key, "the next one goes on"
    window.footage._cards[waiting.key].left.emit(waiting)
    qtbot.waitUntil(lambda: waiting.key not in [s.key for s in window.workspace.sources], timeout=WAIT)
    opened: list[Source] = []
    window.footage.opened.connect(opened.append)
    window.footage._open_next = True
    work.tell(qtbot, 1, Ended("done"))  # it was finished before it could be stopped
    assert waiting.key not in window.footage._cards
    assert opened == []
    assert len(work.begun) == 2


def test_what_shorts_show_of_footage_is_drawn_and_told(qtbot: QtBot, window: MainWindow) -> None:
    opened = window.workspace.opened
    assert opened is not None
    window.go("footage")
    card = window.footage._cards[opened.source.key]
    qtbot.waitUntil(lambda: card.used.isVisible() and "1 short shows" in card.used_text.text(), timeout=WAIT)
    assert card.used.accessibleDescription() == card.used_text.text()
    picture = card.used.grab().toImage()
    spans = [(s.start, s.end) for s in opened.entry.short.segments]
    scale = picture.width() / opened.source.length
    inside = picture.pixelColor(round((spans[0][0] + spans[0][1]) / 2 * scale), picture.height() // 2)
    assert inside.name() == theme.KEPT
    last = max(end for _start, end in spans)
    assert picture.pixelColor(round((last + opened.source.length) / 2 * scale), picture.height() // 2).name() != theme.KEPT
