"""Menus, keys, help and preferences, in the real window."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from typing import get_args

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage, QKeySequence
from PySide6.QtWidgets import QFileDialog
from pytestqt.qtbot import QtBot

from standtall.base.folders import cache_folder
from standtall.checks.notice import Kind
from standtall.library import settings
from standtall.library.backups import copies
from standtall.library.kept import let_go, sizes
from standtall.ui.app.help_sheet import FOLDER, OF_BENCH, PAGES, found, page_of, pages, written
from standtall.ui.app.window import LEAST, MainWindow
from standtall.ui.app.window_place import back_on_a_screen, place_of, take_place
from tests.ui.driving import WAIT


def test_every_action_is_in_the_menus_and_those_of_a_place_only_work_there(window: MainWindow) -> None:
    named = {a.name for _title, actions in window.shortcuts.groups for a in actions}
    assert set(window.menus.done) == named
    window.go("bench")
    window.menus.refresh()
    assert window.menus.done["start-here"].isEnabled() and not window.menus.done["post-approve"].isEnabled()
    window.go("calendar")
    window.menus.refresh()
    assert window.menus.done["post-approve"].isEnabled() and not window.menus.done["start-here"].isEnabled()
    window.menus.done["go-moments"].trigger()
    assert window.place == "moments"
    assert "Alt+1" in window.menus.done["go-footage"].text()


def test_no_key_does_two_things_at_once(window: MainWindow) -> None:
    window._show_shortcuts()
    sheet = window.keys_sheet
    assert sheet is not None
    for name, keys in sheet.keys.items():
        for key in keys:
            assert sheet.clashes(name, key) == [], f"{name} {key}"


def test_keys_are_searched_changed_kept_shared_and_put_back(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    window._show_shortcuts()
    sheet = window.keys_sheet
    assert sheet is not None
    sheet.search.setText("retype")
    assert sheet.table.rowCount() == 1
    sheet.table.selectRow(0)
    sheet.edit.setKeySequence(QKeySequence("C"))
    assert "Captions on or off" in sheet.clash.text()
    sheet.set_key.click()
    assert sheet.keys["retype"] == ("C",) and sheet.keys["captions"] == ()
    qtbot.waitUntil(lambda: len(settings.load()[0].keys) == 2, timeout=WAIT)
    made = {a.objectName(): a for a in window.actions()}
    assert made["retype"].shortcuts() == [QKeySequence("C")] and made["captions"].shortcuts() == []
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_a: (str(tmp_path / "keys.json"), ""))
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_a: (str(tmp_path / "keys.json"), ""))
    sheet.save()
    sheet.put_all_back()
    assert sheet.different() == () and made["captions"].shortcuts() == [QKeySequence("C")]
    sheet.load()
    assert sheet.keys["retype"] == ("C",)
    (tmp_path / "keys.json").write_text("[1]")
    sheet.load()
    assert "holds no keys" in sheet.clash.text()
    sheet.put_all_back()
    qtbot.waitUntil(lambda: settings.load()[0].keys == (), timeout=WAIT)


def test_help_opens_at_what_is_in_front_and_is_searched(qtbot: QtBot, window: MainWindow) -> None:
    window.go("bench")
    window.bench.inspector.show_panel("framing")
    window.show_help()
    sheet = window.help_sheet
    assert sheet is not None and "Each shot gets a layout" in sheet.text.toPlainText()
    window.go("calendar")
    window.show_help()
    assert "A post is a short on one channel" in sheet.text.toPlainText()
    sheet.search.setText("time zone headline nothing of the kind")
    assert "Nothing is found" in sheet.text.toPlainText()
    sheet.search.setText("basket")
    assert sheet.list.count() >= 1
    sheet.close()


def test_a_page_of_help_is_laid_out_again_only_where_another_one_stands_first(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    window.show_help()
    sheet = window.help_sheet
    assert sheet is not None
    laid_out: list[str] = []
    set_whole = sheet._set
    monkeypatch.setattr(sheet, "_set", lambda page: (laid_out.append(page.name), set_whole(page)))
    sheet.open_at("captions")
    for text in ("bask", "baske", "basket"):
        sheet.search.setText(text)
        assert sheet.text.textCursor().selectedText().casefold() == text
    first = [found(text, sheet.pages)[0].name for text in ("bask", "baske", "basket")]
    assert len(set(first)) == 1 and laid_out == ["07-captions", first[0]]
    sheet.open_at("captions")
    assert laid_out[2:] == ["07-captions"] and sheet.text.textCursor().position() == 0
    assert sheet.list.currentItem().text() == "Captions" and sheet.search.text() == ""
    sheet.close()


def test_pages_show_a_picture_of_the_demo(window: MainWindow) -> None:
    """Each picture is of a page, and Qt loads it."""
    pictures = sorted((FOLDER / "pictures").glob("*.jpg"))
    assert len(pictures) == 12 and {p.stem for p in pictures} < {page.name for page in written()}
    window.go("moments")
    window.show_help()
    sheet = window.help_sheet
    assert sheet is not None
    assert "![Moments](pictures/04-moments.jpg)" in sheet.text.toMarkdown()
    assert sheet.text.document().size().height() > 313  # that of the picture
    assert sheet.text.horizontalScrollBar().maximum() == 0
    assert all(not QImage(str(p)).isNull() and p.stat().st_size < 100_000 for p in pictures)
    sheet.close()


def test_every_place_panel_action_and_warning_has_its_page(window: MainWindow) -> None:
    there = {p.name: p.text for p in pages(window.actions_by_place())}
    assert set(PAGES.values()) <= there.keys()
    assert {p.name for p in window.all_places} <= set(PAGES)
    for place, actions in window.actions_by_place().items():
        for action in actions:
            assert f"* {action.text}" in there[page_of(place, action.name)], action.name
            assert all(key in there[page_of(place, action.name)] for key in action.keys)
    for _page, begins in OF_BENCH:
        for begin in begins:
            assert any(a.name.startswith(begin) for a in window.actions_by_place()["bench"]), f"there is no {begin} any more"
    warnings = there["11-warnings"]
    missing = [kind for kind in get_args(Kind) if f"**{kind}**" not in warnings]
    assert missing == []
    assert found("cover gone", written())[0].name == "11-warnings"


def test_what_is_kept_is_let_go_by_its_kind() -> None:
    root = cache_folder()
    for path in ("analysis/k/proxy.mp4", "analysis/k/words-1.json.gz", "fetched/a.mp4"):
        (root / path).parent.mkdir(parents=True, exist_ok=True)
        (root / path).write_bytes(b"1234")
    assert sizes() == {"copies": 4, "listened": 0, "fetched": 4, "analysis": 4}
    assert let_go(("copies", "fetched")) == 8
    assert sizes() == {"copies": 0, "listened": 0, "fetched": 0, "analysis": 4}


def test_the_window_comes_back_where_it_was(qtbot: QtBot, window: MainWindow) -> None:
    window.setGeometry(12, 14, 1060, 700)
    window.projects.change(lambda s: replace(s, window=place_of(window)))
    qtbot.waitUntil(lambda: settings.load()[0].window is not None, timeout=WAIT)
    kept = settings.load()[0].window
    assert kept is not None and (kept.width, kept.height) == (1060, 700)
    window.projects.settings = settings.load()[0]
    window.resize(1280, 800)
    take_place(window, window.projects.settings.window, LEAST)
    assert (window.width(), window.height()) == (1060, 700)


def test_a_window_whose_screen_is_taken_away_comes_to_another(qtbot: QtBot, window: MainWindow) -> None:
    assert not back_on_a_screen(window, LEAST), "it is on one"
    window.move(90_000, 200)
    window._screen_gone(window.screen())
    qtbot.waitUntil(lambda: window.screen().geometry().contains(window.frameGeometry().center()), timeout=WAIT)
    assert "is gone" in window._message.text()


def test_a_place_by_alt_and_its_number(qtbot: QtBot, window: MainWindow) -> None:
    for number, name in enumerate(("footage", "moments", "bench", "renders", "calendar"), 1):
        qtbot.keyClick(window.preview_pane.picture, Qt.Key(Qt.Key.Key_0.value + number), Qt.KeyboardModifier.AltModifier)
        assert window.place == name


def test_without_footage_the_first_steps_are_shown_and_the_demo_is_one_click(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.workspace.open_project(tmp_path / "empty.standtall")
    qtbot.waitUntil(lambda: window.workspace.project_path == tmp_path / "empty.standtall" and not window.workspace.sources, timeout=WAIT)
    window.go("footage")
    steps = window.footage.first
    qtbot.waitUntil(lambda: steps.isVisible(), timeout=WAIT)
    steps.demo.click()
    qtbot.waitUntil(lambda: window.place == "bench" and window.workspace.opened is not None, timeout=WAIT)


def test_a_copy_of_each_day_is_kept_and_comes_back_from_the_menu(qtbot: QtBot, window: MainWindow) -> None:
    project = window.workspace.project_path
    assert project is not None
    window.projects._fill()
    qtbot.waitUntil(lambda: len(copies(project)) == 1, timeout=WAIT)
    window.projects._fill_days()
    (entry,) = window.projects.days.actions()
    entry.trigger()
    qtbot.waitUntil(lambda: window.workspace.project_path not in (None, project), timeout=WAIT)
    assert project.stem in window.windowTitle() and project.is_file()
