"""Cuts for other programs in the real window: what is listed is written, and what comes in is shown before it is made."""

from __future__ import annotations

import json
from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot
from shiboken6 import isValid

from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.cuts import Cuts
from tests.ui.driving import WAIT, edited, short_of

S = 48_000


@pytest.fixture
def cuts(qtbot: QtBot, window: MainWindow) -> Cuts:
    parts = [(10 * S, 14 * S), (40 * S, 43 * S)]
    edited(qtbot, window, lambda: window.workspace.edit(
        lambda s, _a: Edit("cut", s.with_segments([Segment(s.main_source, *p) for p in parts]))))  # fmt: skip
    window.go("bench")
    return window.bench.inspector.pieces.cuts


def test_the_cut_of_the_short_is_listed_and_written(qtbot: QtBot, window: MainWindow, cuts: Cuts, tmp_path: Path) -> None:
    cuts.write()
    sheet = cuts.sheet
    assert sheet is not None
    qtbot.waitUntil(lambda: sheet.list.topLevelItemCount() == 2, timeout=WAIT)
    assert [sheet.list.topLevelItem(0).text(n) for n in (1, 2, 3)] == ["00:00:10:00", "00:00:14:00", "4.0 s"]  # type: ignore[union-attr]
    assert sheet.list.topLevelItem(0).text(4)  # type: ignore[union-attr]
    assert "2 clips of 1 file, 0:07.0" in sheet.told.text()
    sheet.formats[".edl"].click()
    assert sheet.ending() == ".edl"
    for ending in (".otio", ".edl", ".csv", ".html", ".pdf"):
        path = tmp_path / f"a{ending}"
        with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "The cut is written" in text):
            cuts._written(path, sheet.cuts)
        assert path.stat().st_size > 300
    talk = json.loads((tmp_path / "a.otio").read_text())["tracks"]["children"][0]
    assert [c["source_range"]["start_time"]["value"] for c in talk["children"]] == [300, 1200]
    sheet.of["kept"].click()
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "No moments are kept" in text):
        pass
    assert not sheet.go.isEnabled()
    sheet.of["all"].click()
    qtbot.waitUntil(lambda: sheet.list.topLevelItemCount() >= 2, timeout=WAIT)
    sheet.reject()


def test_the_cut_is_listed_each_time_it_is_asked_for(qtbot: QtBot, window: MainWindow, cuts: Cuts) -> None:
    """What was gathered for a sheet that is gone goes nowhere; the next sheet has its own."""
    for close_at_once in (True, False, True, False):
        cuts.write()
        sheet = cuts.sheet
        assert sheet is not None
        if not close_at_once:
            qtbot.waitUntil(lambda s=sheet: s.list.topLevelItemCount() == 2 and s.go.isEnabled(), timeout=WAIT)  # type: ignore[misc]
        sheet.reject()
        qtbot.waitUntil(lambda s=sheet: not isValid(s), timeout=WAIT)  # type: ignore[misc]
    arrived: list[object] = []
    window.workspace.in_background("files", lambda: None, arrived.append)
    qtbot.waitUntil(lambda: bool(arrived), timeout=WAIT)  # what was gathered has come by now, for whomever


def test_a_cut_comes_in_as_a_short_with_what_is_left_out(qtbot: QtBot, window: MainWindow, cuts: Cuts, tmp_path: Path) -> None:
    opened = window.workspace.opened
    assert opened is not None
    name = Path(opened.source.path).name
    path = tmp_path / "theirs.edl"
    path.write_text(
        "TITLE: Their cut\nFCM: NON-DROP FRAME\n\n"
        f"001  AX       AA/V  C        00:00:20:00 00:00:26:15 01:00:00:00 01:00:06:15\n* FROM CLIP NAME: {name}\n"
        "002  AX       AA/V  C        00:00:20:00 00:00:21:00 01:00:06:15 01:00:07:15\n* FROM CLIP NAME: gone.mov\n"
    )
    cuts.bring(path)
    qtbot.waitUntil(lambda: cuts.incoming is not None, timeout=WAIT)
    sheet = cuts.incoming
    assert sheet is not None
    assert sheet.shorts.item(0).text() == "Their cut  –  0:06.5, 1 piece"  # type: ignore[union-attr]
    assert "gone.mov" in sheet.left_out.item(0).text()  # type: ignore[union-attr]
    before = opened.entry.id
    sheet.go.click()
    qtbot.waitUntil(lambda: short_of(window).name == "Their cut", timeout=WAIT)
    assert window.workspace.opened is not None and window.workspace.opened.entry.id != before
    assert [(s.start, s.end) for s in short_of(window).segments] == [(20 * S, 26 * S + S // 2)]


def test_a_file_that_is_no_cut_is_told_of(qtbot: QtBot, window: MainWindow, cuts: Cuts, tmp_path: Path) -> None:
    path = tmp_path / "a.otio"
    path.write_text("{}")
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "cannot be read as a cut" in text):
        cuts.bring(path)
    assert cuts.incoming is None
