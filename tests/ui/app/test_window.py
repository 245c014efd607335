"""The window around its places: keys, shade, projects, shuttle, even time, the rows of the script, threads and their dispatcher."""

from __future__ import annotations

import os
import signal
import threading
from functools import partial
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QPoint, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPaintEvent
from PySide6.QtWidgets import QApplication, QWidget
from pytestqt.qtbot import QtBot

from standtall.base.errors import NothingToDo, StandTallError
from standtall.base.folders import settings_folder
from standtall.base.log import log_file
from standtall.base.time import TICKS_PER_SECOND
from standtall.library import settings
from standtall.library.project import Project
from standtall.model import corrections
from standtall.model.analysis import LEVEL_STEP
from standtall.model.words import Word
from standtall.ui.app import whole_window
from standtall.ui.app.application import dressed, end_by_signals, show_first
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.transcript import ground, lanes
from standtall.ui.bench.transcript.lanes import LaneBox, paint_picture_lane, paint_time_lane
from standtall.ui.state.rows import MOST_LETTERS, MOST_WORDS, ROW, Pages, reading_rows
from standtall.ui.threads.dispatcher import Dispatcher, Worker
from standtall.ui.widgets import theme
from tests.ui.driving import WAIT, edited


def test_all_keys_are_on_the_sheet(qtbot: QtBot, window: MainWindow) -> None:
    window._show_shortcuts()
    sheet = window.keys_sheet
    assert sheet is not None
    shown = {sheet.table.item(n, c).text() for n in range(sheet.table.rowCount()) for c in range(3)}
    assert len(window.actions()) > 50
    assert len(window.actions()) == sum(len(actions) for _title, actions in window.shortcuts.groups)
    for _title, actions in window.shortcuts.groups:
        for action in actions:
            assert {action.text, " or ".join(action.keys)} <= shown
    sheet.close()


def test_the_theme_is_kept(qtbot: QtBot, window: MainWindow) -> None:
    assert theme.current() is theme.LIGHT
    before = window.bench.page.viewport().grab().toImage().pixelColor(380, 30)
    window.change_theme()
    try:
        qtbot.waitUntil(lambda: settings.load()[0].theme == "dark", timeout=WAIT)
        after = window.bench.page.viewport().grab().toImage().pixelColor(380, 30)
        assert before != after
        assert window.bench.page.viewport().grab().toImage().pixelColor(150, 3).lightness() < 60, "the picture lane stays dark"
    finally:
        window.change_theme()
    qtbot.waitUntil(lambda: settings.load()[0].theme == "light", timeout=WAIT)


def test_a_new_project_is_empty_and_the_old_one_comes_back(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    ws = window.workspace
    old, short = ws.project_path, ws.opened.entry.short  # type: ignore[union-attr]
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getSaveFileName", lambda *_a: (str(tmp_path / "next"), ""))
    with qtbot.waitSignal(ws.project_changed, timeout=WAIT):
        window.projects.new()
    assert (ws.project_path, ws.sources, ws.opened) == (tmp_path / "next.standtall", (), None)
    assert window.windowTitle() == "next – Stand Tall"
    assert window.footage.first.isVisibleTo(window.footage)
    for does in (
        window.workspace.undo,
        window.bench.inspector.chosen.cut,
        window.bench.page.retype,
        window.bench.work.hear,
        partial(window.files.choose_export, window),
    ):
        does()  # nothing is open, and nothing goes wrong
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getOpenFileName", lambda *_a: (str(old), ""))
    with qtbot.waitSignal(ws.opened_changed, check_params_cb=lambda: ws.opened is not None, timeout=WAIT):
        window.projects.choose()
    assert ws.opened.entry.short == short  # type: ignore[union-attr]
    assert settings.load()[0].recent[:2] == (str(old), str(tmp_path / "next.standtall"))
    window.projects._fill()
    listed = window.projects.actions()
    recent = listed[next(n for n, a in enumerate(listed) if a.isSeparator()) + 1 :]
    assert [a.text() for a in recent][:2] == ["The Allotment Hour", "next"]


def test_a_project_of_something_else_is_refused_and_the_old_one_stays(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    ws = window.workspace
    before, words = ws.project_path, ws.opened.transcript.words  # type: ignore[union-attr]
    (tmp_path / "notes.standtall").write_bytes(b"this is no project at all" * 100)
    with qtbot.waitSignal(ws.said, timeout=WAIT) as told:
        ws.open_project(tmp_path / "notes.standtall")
    assert told.args[1] == "error"
    assert ws.project_path == before
    edited(qtbot, window, lambda: ws.revise(lambda t: corrections.accept(t, [0, 5])))
    assert ws.opened.transcript.words[1:5] == words[1:5]  # type: ignore[union-attr]


def test_the_shuttle_doubles_and_turns_round(qtbot: QtBot, window: MainWindow) -> None:
    speeds = []
    for way in (1, 1, 1, 1, 1, -1, -1, 1):
        window.playback.faster(way)
        speeds.append(window.player.speed)
    assert speeds == [1, 2, 4, 8, 8, -1, -2, 1]
    window.playback.toggle()
    assert window.player.speed == 0


def test_steps_stay_inside_the_short(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    opened = ws.opened
    assert opened is not None
    for _ in range(3):
        window.playback.step(-1)
    assert window.player.frame == 0
    window.playback.step(10)
    qtbot.waitUntil(lambda: window.player.frame == 10, timeout=WAIT)
    assert ws.selection.playhead == opened.composition.heard_in(10).tick
    before = ws.selection.playhead
    window.playback.step_seconds(2)
    assert ws.selection.playhead == before + 2 * TICKS_PER_SECOND
    window.playback.step(10**6)
    qtbot.waitUntil(lambda: window.player.frame == opened.composition.frames - 1, timeout=WAIT)


def test_time_is_even_or_elastic(qtbot: QtBot, window: MainWindow) -> None:
    page = window.bench.page.page
    assert page is not None
    window.bench.toggle_even()
    even = window.bench.page.page
    assert even is not None
    assert even.height > page.height, "an even page is as long as the footage"
    ten = [even.y(t * TICKS_PER_SECOND) for t in range(20, 120, 10)]
    assert np.ptp(np.diff(ten)) < 2.5 * ROW
    window.bench.toggle_even()
    assert window.bench.page.page.height == page.height  # type: ignore[union-attr]


def test_rows_and_words_are_walked_by_keys(qtbot: QtBot, window: MainWindow) -> None:
    ws, script = window.workspace, window.bench.page
    page, words = script.page, ws.opened.transcript.words  # type: ignore[union-attr]
    assert page is not None
    ws.selection.seek(words[page.rows[3].first].start)
    qtbot.keyClick(script, Qt.Key.Key_Down)
    assert ws.selection.playhead == words[page.rows[4].first].start
    qtbot.keyClick(script, Qt.Key.Key_Right, Qt.KeyboardModifier.ControlModifier)
    assert ws.selection.playhead == words[page.rows[4].first + 1].start
    qtbot.keyClick(script, Qt.Key.Key_Right, Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier)
    assert ws.selection.words == range(page.rows[4].first + 1, page.rows[4].first + 3)
    qtbot.keyClick(script, Qt.Key.Key_Up)
    assert ws.selection.words is None


def test_the_page_is_painted_a_stretch_a_turn_and_what_was_there_stands_until_then(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    script = window.bench.page
    qtbot.waitUntil(lambda: script._ground.is_whole, timeout=WAIT)
    before = script.viewport().grab().toImage()
    monkeypatch.setattr(ground, "LONGEST_S", 0.0)
    theme.choose(theme.DARK)
    script.refresh()
    turns = [script.viewport().grab().toImage() for _ in range(2)]
    theme.choose(theme.LIGHT)
    middle, low = QPoint(400, 100), QPoint(400, before.height() - 20)
    assert turns[0].pixelColor(middle) != before.pixelColor(middle), "the first stretch is new"
    assert turns[0].pixelColor(low) == before.pixelColor(low), "the last one is as it was"
    assert turns[1].pixelColor(low) != before.pixelColor(low)
    script.refresh()
    qtbot.waitUntil(lambda: script._ground.is_whole, timeout=WAIT)
    assert difference(script.viewport().grab().toImage(), before) == 0, "without anybody asking for the rest"


def test_a_jump_paints_what_a_whole_painting_does(qtbot: QtBot, window: MainWindow) -> None:
    """What is kept of a page while it is scrolled is the same picture as a fresh one."""
    script = window.bench.page
    bar = script.verticalScrollBar()
    for at in (0, 60, 47, 400, 430, 200):
        bar.setValue(at)
        qtbot.waitUntil(lambda: script._ground.is_whole, timeout=WAIT)
        kept = script.viewport().grab().toImage()
        script.refresh()
        assert not script._ground.is_whole
        qtbot.waitUntil(lambda: script._ground.is_whole, timeout=WAIT)
        fresh = script.viewport().grab().toImage()
        assert difference(kept, fresh) < 0.002


def difference(one: QImage, other: QImage) -> float:
    """Share of pixels that are plainly not alike."""
    a, b = (
        np.asarray(i.convertToFormat(QImage.Format.Format_RGB32).constBits()).reshape(-1, 4)[:, :3].astype(int)
        for i in (one, other)
    )
    return float((np.abs(a - b).max(axis=1) > 40).mean())


@pytest.mark.parametrize("missing", [0, 3_000])
def test_the_loudness_beside_the_rows_is_the_loudest_of_each_line(qapp: object, missing: int) -> None:
    words = tuple(Word(f"w{i}", i * 24_000, i * 24_000 + 20_000) for i in range(120))
    length = words[-1].end + TICKS_PER_SECOND
    page = Pages(words, length).elastic
    level = np.random.default_rng(4).uniform(-70, 0, length // LEVEL_STEP - missing).astype(np.float32)
    lane = LaneBox(50, 160, 0.0, page.height)
    image = QImage(60, int(page.height), QImage.Format.Format_RGB32)
    painter = QPainter(image)
    paint_time_lane(painter, QRectF(0, 0, 60, page.height), lane, level, page)
    painter.end()
    line = QColor(theme.current().line)
    checked = 0
    for y in range(30, int(page.height) - 40, 6):
        y -= y % 3
        if any(n % 2 == 0 and row.top - 4 <= y <= row.top + ROW + 4 for n, row in enumerate(page.rows)):
            continue  # a clock time is written there
        checked += 1
        a, b = (int(t) // LEVEL_STEP for t in page.ticks(np.array([y, y + 3])))
        part = level[a : max(a + 1, b)]
        share = max(0.0, min(1.0, (float(part.max()) + 55) / 45)) if len(part) else 0.0
        wide = sum(image.pixelColor(x, y) == line for x in range(26, 50))
        assert abs(wide - share * 22) <= 1.5
    assert checked > 30


def test_the_lane_is_empty_where_nothing_was_measured(qapp: object) -> None:
    page = Pages((Word("a", 0, 4_800),), TICKS_PER_SECOND).elastic
    image = QImage(60, 80, QImage.Format.Format_RGB32)
    painter = QPainter(image)
    paint_time_lane(painter, QRectF(0, 0, 60, 80), LaneBox(50, 160, 0.0, 80.0), np.zeros(0, np.float32), page)
    painter.end()
    assert image.pixelColor(45, 60) == QColor(theme.current().page_rule)


@st.composite
def talks(draw: st.DrawFn) -> tuple[Word, ...]:
    out: list[Word] = []
    at = 0
    for _ in range(draw(st.integers(1, 60))):
        at += draw(st.sampled_from([0, 100, 9_600, 60_000, 400_000]))
        long = draw(st.integers(1, 30_000))
        text = draw(st.text("abcdefgh", min_size=1, max_size=30)) + draw(st.sampled_from(["", "", ".", ","]))
        out.append(Word(text, at, at + long, 1.0, draw(st.sampled_from([-1, 0, 1]))))
        at += long
    return tuple(out)


@given(talks(), st.booleans(), st.integers(0, 200_000))
def test_a_page_holds_every_word_once_and_time_runs_down_it(words: tuple[Word, ...], even: bool, rest: int) -> None:
    length = words[-1].end + rest
    pages = Pages(words, length)
    page = pages.even if even else pages.elastic
    assert [i for row in page.rows for i in range(row.first, row.last + 1)] == list(range(len(words)))
    for row in page.rows:
        inside = words[row.first : row.last + 1]
        assert len({w.speaker for w in inside}) == 1
        assert len(inside) <= MOST_WORDS
        assert len(inside) == 1 or sum(len(w.text) + 1 for w in inside) <= MOST_LETTERS + MOST_LETTERS // 2
        assert not any(w.ends_sentence for w in inside[:-1])
        assert page.row_of(row.first) == page.row_of(row.last) == page.rows.index(row)
    tops = [row.top for row in page.rows]
    assert all(b - a >= ROW - 1e-6 for a, b in zip(tops, tops[1:], strict=False)), "no row lies on another"
    ys = page.ys(np.linspace(0, length, 50))
    assert (np.diff(ys) >= -1e-6).all()
    assert ys[0] >= 0
    assert ys[-1] <= page.height
    middle = (page.rows[0].start + page.rows[0].end) // 2
    assert abs(page.tick(page.y(middle)) - middle) <= max(2, (page.rows[0].end - page.rows[0].start) // ROW)
    seen = page.visible(page.rows[-1].top, page.rows[-1].top + 1)
    assert len(page.rows) - 1 in seen


def test_a_row_does_not_end_on_a_word_that_belongs_to_the_next() -> None:
    words = tuple(
        Word(t, i * 9_600, i * 9_600 + 9_000)
        for i, t in enumerate(["we", "planted", "all", "of", "the", "beans", "behind", "the", "old", "shed"])
    )
    for row in reading_rows(words)[:-1]:
        assert words[row[-1]].text not in ("the", "of", "a")


def test_work_goes_in_order_and_comes_back_in_the_interface_thread(qtbot: QtBot) -> None:
    dispatcher = Dispatcher()
    worker = Worker("test", dispatcher)
    seen: list[tuple[int, bool]] = []
    for n in range(5):
        worker.do(lambda n=n: n, lambda n: seen.append((n, threading.current_thread() is threading.main_thread())))  # type: ignore[misc]
    qtbot.waitUntil(lambda: len(seen) == 5, timeout=WAIT)
    assert seen == [(n, True) for n in range(5)]
    worker.close()


def test_an_error_of_ours_is_told_and_the_thread_goes_on(qtbot: QtBot) -> None:
    dispatcher = Dispatcher()
    worker = Worker("test", dispatcher)
    told: list[StandTallError] = []
    done: list[int] = []

    def fails() -> None:
        raise NothingToDo("There is nothing.", "Add something.")

    worker.do(fails, None, told.append)
    worker.do(lambda: 1, done.append)
    qtbot.waitUntil(lambda: bool(done), timeout=WAIT)
    assert [str(e) for e in told] == ["There is nothing. Add something."]
    worker.close()


def test_what_comes_after_the_window_has_closed_is_dropped(qtbot: QtBot) -> None:
    dispatcher = Dispatcher()
    seen: list[int] = []
    dispatcher.send(lambda: seen.append(1))
    dispatcher.shut()
    dispatcher.send(lambda: seen.append(2))
    qtbot.wait(50)
    assert seen == []


def test_the_project_on_disk_is_whole_while_the_window_is_open(qtbot: QtBot, window: MainWindow) -> None:
    path = window.workspace.project_path
    assert path is not None
    edited(qtbot, window, window.bench.inspector.captions.toggle)
    with Project(path, "read") as other:  # another program reads it at the same time
        assert not other.entry(window.workspace.opened.entry.id).short.captions.shown  # type: ignore[union-attr]


def test_a_fault_while_the_rest_is_made_is_said_where_nothing_else_can_be_done(
    qtbot: QtBot, qapp: QApplication, own_folders: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    def fault(_window: MainWindow) -> None:
        raise RuntimeError("planted")

    monkeypatch.setattr(whole_window, "make_whole", fault)
    with qtbot.captureExceptions() as escaped:
        window = show_first(qapp, theme.LIGHT, [], True)
        qtbot.addWidget(window)
        qtbot.waitUntil(lambda: bool(escaped), timeout=WAIT)
    told = window.footage.first._opening
    assert told.isVisible() and "start the program anew" in told.text() and str(log_file()) in told.text()
    assert not window.is_whole
    window.end()


def test_the_first_screen_comes_before_the_rest_which_does_not_come_once_it_is_closed(qtbot: QtBot, qapp: QApplication, own_folders: Path) -> None:
    dressed(["test"])
    went_on: list[MainWindow] = []
    shown, closed = (show_first(qapp, theme.LIGHT, [], False, went_on.append) for _ in range(2))
    assert not shown.is_whole and shown.footage.first.add.isVisible(), "the three steps are there"
    closed.end()
    qtbot.waitUntil(lambda: bool(went_on), timeout=WAIT)
    qtbot.wait(700)
    assert went_on == [shown] and shown.is_whole and not closed.is_whole
    first = shown.footage.first
    first.tell_opening("a talk")
    shown.workspace.said.emit("The clock was set back.", "note")
    assert not first._opening.isHidden(), "a passing message does not mean that it is open"
    shown.workspace.said.emit("It could not be opened.", "error")
    assert first._opening.isHidden() and not first.add.isHidden()
    shown.end()


@pytest.mark.fault
def test_broken_settings_leave_the_window_open_and_are_said(qtbot: QtBot, own_folders: Path) -> None:
    file = settings_folder() / "settings.json"
    file.parent.mkdir(parents=True)
    file.write_text("[" * 100_000)
    made = MainWindow()
    qtbot.addWidget(made)
    made.show()
    assert "Your settings cannot be understood" in made._message.text()
    assert str(file.with_name("settings.json.broken")) in made._message.text()
    made.end()


class Asked(QWidget):
    """While it paints, the process is asked to end."""

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        os.kill(os.getpid(), signal.SIGTERM)
        self.stood = all(self.window().isVisible() for _ in range(1_000))
        painter.fillRect(self.rect(), QColor("red"))
        painter.end()


@pytest.mark.fault
def test_a_window_that_is_asked_to_end_while_it_paints_finishes_that_first(qtbot: QtBot) -> None:
    """It was taken away under the painter, which ended the process inside Qt."""
    before = {number: signal.getsignal(number) for number in (signal.SIGINT, signal.SIGTERM)}
    made = MainWindow()
    qtbot.addWidget(made)
    try:
        end_by_signals(made)
        asked = Asked(made.centralWidget())
        asked.resize(80, 80)
        asked.show()
        made.show()
        qtbot.waitUntil(lambda: made._ended, timeout=WAIT)
        assert asked.stood
    finally:
        for number, handler in before.items():
            signal.signal(number, handler)


def test_a_stretch_of_the_picture_lane_is_painted_as_the_whole_is(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Only the part of a take that is seen is made ready: of the short takes of the demo, too, with firm points close together."""
    monkeypatch.setattr(lanes, "FIRM", 2)
    script = window.bench.page
    page = script.page
    assert page is not None
    lane = LaneBox(0, 120, 0, page.height)

    def painted(part: QRectF) -> QImage:
        image = QImage(120, 80, QImage.Format.Format_RGB32)
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.translate(0, -at)
        painter.setClipRect(QRectF(0, at, 120, 80))
        paint_picture_lane(painter, part, lane, window.workspace, page)
        painter.end()
        return image

    drawn = 0
    for at in range(0, int(page.height) - 80, 160):
        stretch, whole = painted(QRectF(0, at, 120, 80)), painted(QRectF(0, 0, 120, page.height))
        assert difference(stretch, whole) < 0.002, at
        drawn += difference(stretch, painted(QRectF(0, -5_000, 120, 10))) > 0.01
    assert drawn > 5
