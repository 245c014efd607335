"""Keys: a focused control has its own first; those of the Bench work where the page or a picture has the focus."""

from __future__ import annotations

import time

import pytest
from PySide6.QtCore import QLibraryInfo, Qt, QTranslator
from PySide6.QtWidgets import QApplication, QMessageBox, QPushButton
from pytestqt.qtbot import QtBot

from standtall.base.folders import state_folder
from standtall.base.interface_language import Catalogue
from standtall.base.progress import Progress
from standtall.jobs.events import Ended
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets import actions
from standtall.ui.widgets.actions import Action, key_text
from tests.ui.driving import WAIT, Work, edited, short_of

pytestmark = pytest.mark.fault
CTRL = Qt.KeyboardModifier.ControlModifier


def button(window: MainWindow, text: str) -> QPushButton:
    return next(b for b in window.bench.findChildren(QPushButton) if b.text() == text and b.isVisibleTo(window))


def test_enter_on_a_focused_button_presses_it_and_leaves_the_short(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    window.workspace.selection.select(range(30, 32))
    pressed: list[bool] = []
    hear = button(window, "Hear")
    hear.clicked.connect(lambda _c=False: pressed.append(True))
    hear.setFocus()
    qtbot.keyClick(hear, Qt.Key.Key_Space)
    assert pressed == [True]
    assert window.player.speed == 0
    qtbot.keyClick(hear, Qt.Key.Key_Return)
    qtbot.keyClick(hear, Qt.Key.Key_Delete)
    window.workspace.project_thread.do(lambda: None)
    qtbot.wait(200)
    assert short_of(window) == before


def test_arrows_on_a_slider_move_it_and_no_frame(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_panel("framing")
    slider, at = window.bench.inspector.framing.all_shots.calm, window.workspace.selection.playhead
    slider.setFocus()
    was = slider.value()
    edited(qtbot, window, lambda: qtbot.keyClick(slider, Qt.Key.Key_Right))
    assert slider.value() > was
    assert window.workspace.selection.playhead == at


def test_letters_in_a_list_find_rows_and_move_no_words(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    window.bench.inspector.show_side("pieces")
    window.workspace.selection.select(range(40, 44))
    pieces = window.bench.inspector.pieces.pieces
    pieces.setFocus()
    for key in (Qt.Key.Key_F, Qt.Key.Key_S, Qt.Key.Key_B, Qt.Key.Key_I):
        qtbot.keyClick(pieces, key)
    qtbot.wait(200)
    assert short_of(window) == before


def test_escape_takes_the_focus_back_to_the_page(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_panel("framing")
    slider = window.bench.inspector.framing.all_shots.calm
    slider.setFocus()
    qtbot.keyClick(slider, Qt.Key.Key_Escape)
    assert window.bench.page.hasFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(window.bench.page, Qt.Key.Key_C))


def test_a_click_on_a_button_leaves_the_keys_to_the_page(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.page.setFocus()
    window.workspace.selection.select(range(10, 12))
    edited(qtbot, window, lambda: qtbot.mouseClick(button(window, "Cut"), Qt.MouseButton.LeftButton))
    assert window.bench.page.hasFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(window.bench.page, Qt.Key.Key_B))


def test_ctrl_a_chooses_all_where_there_is_text(qtbot: QtBot, window: MainWindow) -> None:
    assert window.workspace.opened is not None
    qtbot.keyClick(window.bench.page, Qt.Key.Key_A, CTRL)
    assert window.workspace.selection.words == range(len(window.workspace.opened.analysis.words))
    window.bench._name.setFocus()
    window.bench._name.deselect()
    qtbot.keyClick(window.bench._name, Qt.Key.Key_A, CTRL)
    assert window.bench._name.selectedText() == window.bench._name.text()


def test_the_sheet_of_keys_is_no_larger_than_the_window(qtbot: QtBot, window: MainWindow) -> None:
    window.resize(1024, 640)
    window._show_shortcuts()
    sheet = window.keys_sheet
    assert sheet is not None and sheet.width() < window.width()
    assert sheet.height() < window.height()
    sheet.close()


# closing


MAY_END = MainWindow._may_end
"""As it is outside tests."""


@pytest.mark.parametrize("answer", ["Stay here", "Stop and close"])
def test_closing_asks_when_work_would_stop(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch, answer: str
) -> None:
    monkeypatch.setattr(MainWindow, "_may_end", MAY_END)
    work = Work(window)
    window.preview_pane.rendering.start()
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    asked: list[str] = []

    def answered(box: QMessageBox) -> int:
        asked.append(box.text())
        next(b for b in box.buttons() if b.text() == answer).click()
        return 0

    monkeypatch.setattr(QMessageBox, "exec", answered)
    window.close()
    assert "being rendered" in asked[0]
    assert window.isVisible() is (answer == "Stay here")
    if answer == "Stay here":
        work.tell(qtbot, 0, Ended("done"))
    else:
        assert not list((state_folder() / "queue").glob("*.json")), "what the person stopped is not gone on with"
        window.workspace.jobs.queue._thread.join(60)
        assert not window.workspace.jobs.queue._thread.is_alive(), "it waits for nothing"


def test_closing_saves_what_was_pressed_and_gives_up_what_need_not_be_done(qtbot: QtBot, window: MainWindow) -> None:
    from standtall.library.project import Project

    ws = window.workspace
    number, path = ws.opened.entry.id, ws.project_path  # type: ignore[union-attr]
    done: list[int] = []

    def slowly(n: int) -> None:
        stop = Progress()
        for _ in range(10):
            stop.check()
            time.sleep(0.05)
        done.append(n)

    for n in range(200):
        ws.in_background("words", lambda n=n: slowly(n), lambda _r: None)  # type: ignore[misc]
    for _ in range(9):
        qtbot.keyClick(window, Qt.Key.Key_Period)
    qtbot.keyClick(window, Qt.Key.Key_C)
    window.close()
    assert len(done) < 4
    assert path is not None
    with Project(path) as project:
        assert project.entry(number).short.captions.shown is False
        assert project.entry(number).undo == "Hide captions"


def test_keys_are_called_as_in_the_language_of_the_program(qapp: QApplication, monkeypatch: pytest.MonkeyPatch) -> None:
    action = Action("play", "Play or pause", lambda: None, ("Space", "K"))
    assert action.tip == "Play or pause (Space)" and key_text("Ctrl+Shift+Z") == "Ctrl+Shift+Z"
    texts = QTranslator()
    assert texts.load("qtbase_de", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath))
    qapp.installTranslator(texts)
    monkeypatch.setattr(actions, "used", lambda: Catalogue("de"))
    try:
        assert action.tip == "Play or pause (Leertaste)"
        assert key_text("Ctrl+Shift+Z") == "Strg+Umschalt+Z"
    finally:
        qapp.removeTranslator(texts)
