"""About, the facts for a report, and the tall picture on a whole screen, in the real window."""

from __future__ import annotations

from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QGuiApplication
from pytestqt.qtbot import QtBot

from standtall.ui.app.about_sheet import last_of_log, parts
from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT


def test_every_part_is_listed_with_its_version_and_licence() -> None:
    found = {name.lower().replace("_", "-"): (version, licence) for name, version, licence in parts()}
    assert {"stand-tall", "numpy", "scipy", "av", "pyside6-essentials", "shiboken6"} <= found.keys()
    assert found["numpy"][0][0].isdigit() and "BSD" in found["numpy"][1]
    assert "pytest" not in found, "what only the tests need is no part"
    assert all(version and licence for version, licence in found.values())


def test_facts_are_copied_without_names_of_footage_or_the_home(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.show_about()
    sheet = window.about
    qtbot.waitUntil(lambda: sheet.table.rowCount() > 10, timeout=WAIT)
    done: list[bool] = []
    sheet.copy_facts(lambda: done.append(True))
    qtbot.waitUntil(lambda: bool(done), timeout=WAIT)
    text = QGuiApplication.clipboard().text()
    assert "libavcodec" in text and "Footage in the project: 2" in text and "1920 x 1080" in text
    assert "Allotment" not in text.partition("The end of the log")[0]
    log = tmp_path / "a.log"
    log.write_text("\n".join([*(f"line {n}" for n in range(90)), f"at {Path.home()}/talk.mp4"]))
    assert last_of_log(log).splitlines()[-1] == "at ~/talk.mp4" and len(last_of_log(log).splitlines()) == 40
    assert last_of_log(tmp_path / "none") == "(no log)"
    sheet.accept()


def test_the_tall_picture_fills_a_screen_and_keeps_its_keys(qtbot: QtBot, window: MainWindow) -> None:
    small = window.player._size
    window.large.whole_screen()
    view = window.large.view
    assert view is not None
    qtbot.waitUntil(lambda: view._shown is not None and view._shown.tall.height() == view.height() // 2 * 2, timeout=WAIT)
    first = view._shown
    qtbot.keyClick(view, Qt.Key.Key_Right)
    qtbot.waitUntil(lambda: view._shown is not first, timeout=WAIT)
    qtbot.keyClick(view, Qt.Key.Key_Escape)
    assert window.large.view is None and window.player._size == small


def test_without_a_second_screen_that_is_said(qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        window.large.other_screen()
    assert "no second screen" in said.args[0]
    screen = window.screen()
    monkeypatch.setattr(QGuiApplication, "screens", lambda: [object(), screen])
    monkeypatch.setattr(window.large, "_open", lambda found: opened.append(found))
    opened: list[object] = []
    window.large.other_screen()
    assert len(opened) == 1 and opened[0] is not screen
