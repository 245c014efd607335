"""A project packed and opened again in the real window."""

from __future__ import annotations

from pathlib import Path

from pytestqt.qtbot import QtBot

from standtall.ui.app.window import MainWindow
from tests.ui.driving import WAIT, short_of


def test_the_open_project_is_packed_and_the_pack_opened(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.projects.aboutToShow.emit()
    names = [a.text() for a in window.projects.actions()]
    assert "Pack this project…" in names and "Open a packed project…" in names
    name = short_of(window).name
    window.projects.pack()
    sheet = window.projects.sheet
    assert sheet is not None and sheet.choice.isVisible()
    sheet.start(tmp_path / "a.zip")
    qtbot.waitUntil(lambda: sheet.list.count() > 0, timeout=WAIT)
    assert "MB are packed" in sheet.list.item(0).text()  # type: ignore[union-attr]
    assert sheet.bar.value() == 1000
    sheet.cancel.click()
    window.projects.open_packed(tmp_path / "a.zip")
    opening = window.projects.sheet
    assert opening is not None and not opening.choice.isVisible()
    opening.start(tmp_path / "there")
    qtbot.waitUntil(lambda: window.workspace.renders.project == tmp_path / "there" / "project.standtall", timeout=WAIT)
    assert [opening.list.item(n).text() for n in range(opening.list.count())][1] == "All of them are what was packed."  # type: ignore[union-attr]
    opening.cancel.click()
    qtbot.waitUntil(lambda: window.workspace.opened is not None, timeout=WAIT)
    assert short_of(window).name == name
    assert window.workspace.opened is not None
    assert window.workspace.opened.source.path.startswith(str(tmp_path / "there"))


def test_what_is_no_pack_is_told_and_the_sheet_closes(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    bad = tmp_path / "bad.zip"
    bad.write_bytes(b"no")
    window.projects.open_packed(bad)
    sheet = window.projects.sheet
    assert sheet is not None
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "no packed project" in text):
        sheet.start(tmp_path / "there")
    assert not (tmp_path / "there").exists()
