"""Everything ever said, looked through in the real window."""

from __future__ import annotations

from pathlib import Path
from types import SimpleNamespace

import numpy as np
import pytest
from PySide6.QtCore import Qt
from pytestqt.qtbot import QtBot

from standtall.library.project import Project
from standtall.media.probe import probe
from standtall.media.sound_reader import Samples
from standtall.model import corrections
from standtall.model.source import Source
from standtall.model.transcript import Speaker, Transcript
from standtall.model.words import Word
from standtall.session.archive import Archive, ArchivedSource
from standtall.ui.app.window import MainWindow
from standtall.ui.footage.said_sheet import SaidSheet
from standtall.ui.preview import listening
from tests.conftest import make_clip, tone
from tests.ui.driving import WAIT, edited

S = 48_000


@pytest.fixture
def sheet(qtbot: QtBot, window: MainWindow) -> SaidSheet:
    """The sheet, once what is on the Bench is taken in."""
    window.go("footage")
    window.footage.look_through()
    made = window.footage.said
    assert made is not None
    qtbot.waitUntil(lambda: made.programme.count() > 1, timeout=WAIT)
    return made


def found(sheet: SaidSheet) -> list[str]:
    return [hit.text for hit in sheet.hits]


def ask(qtbot: QtBot, sheet: SaidSheet, text: str, count: int) -> None:
    sheet.query.setText(text)
    qtbot.waitUntil(lambda: len(sheet.hits) == count and "line" in sheet.told.text(), timeout=WAIT)


def elsewhere(folder: Path) -> Source:
    """Footage of another project, in which something like the demo is said."""
    other = probe(make_clip(folder / "other.mp4", frames=180, sound=tone(6.0)))
    text = "Nobody brought a cabbage here."
    words = tuple(Word(t, n * S // 2, n * S // 2 + S // 3, speaker=0) for n, t in enumerate(text.split()))
    with Archive() as archive:
        archive.add(ArchivedSource(other.key, other.name, other.path, "Other", "2030-01-01"), Transcript(words, (Speaker("Zoe"),)))
    return other


def test_a_line_is_found_and_opened_where_it_is_said(qtbot: QtBot, window: MainWindow, sheet: SaidSheet) -> None:
    ask(qtbot, sheet, "brought a cabbage", 2)
    assert all("cabbage" in text for text in found(sheet))
    first = sheet.hits[0]
    qtbot.waitUntil(lambda: sheet.list.item(0).icon().pixmap(96, 54).toImage().pixelColor(48, 27).alpha() != 0, timeout=WAIT)  # type: ignore[union-attr]
    assert not sheet.go.isEnabled()
    sheet.list.setCurrentRow(0)
    with qtbot.waitSignal(window.workspace.opened_changed, timeout=WAIT):
        sheet.go.click()
    qtbot.waitUntil(lambda: window.place == "bench" and window.workspace.selection.playhead == first.start, timeout=WAIT)


def test_what_is_corrected_is_found_as_it_stands_now(qtbot: QtBot, window: MainWindow, sheet: SaidSheet) -> None:
    ws = window.workspace
    at = next(i for i, w in enumerate(ws.opened.transcript.words) if w.bare == "cabbage")  # type: ignore[union-attr]
    with qtbot.waitSignal(window.footage.archive.changed, timeout=WAIT):
        edited(qtbot, window, lambda: ws.revise_words(range(at, at + 1), lambda t, chosen: corrections.retype(t, chosen, "kohlrabi")))
    ask(qtbot, sheet, "kohlrabi", 1)


def test_lines_of_several_files_become_one_short(qtbot: QtBot, window: MainWindow, sheet: SaidSheet, tmp_path: Path) -> None:
    other = elsewhere(tmp_path)
    ask(qtbot, sheet, "brought a cabbage", 3)
    assert sheet.hits[0].speaker == "Zoe"
    sheet.list.item(0).setSelected(True)  # type: ignore[union-attr]
    sheet.list.item(1).setSelected(True)  # type: ignore[union-attr]
    assert not sheet.go.isEnabled() and sheet.make.isEnabled()
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda text, _k: "is made" in text or "not" in text) as said:
        sheet.make.click()
    assert "is made" in said.args[0]
    assert other.key in [s.key for s in window.workspace.sources]
    project = window.workspace.project_path
    assert project is not None
    with Project.reading(project) as kept:
        newest = kept.shorts()[-1].short
    assert newest.name == "Nobody brought a cabbage here."
    assert len(newest.sources) == 2


def test_nearly_the_same_is_found(qtbot: QtBot, sheet: SaidSheet, tmp_path: Path) -> None:
    elsewhere(tmp_path)
    ask(qtbot, sheet, "has brought a cabbage", 1)
    sheet.list.setCurrentRow(0)
    sheet.before.click()
    qtbot.waitUntil(lambda: "nearly the same" in sheet.told.text(), timeout=WAIT)
    assert found(sheet) == ["He has brought a cabbage.", "Nobody brought a cabbage here."]


def test_nothing_said_is_told(qtbot: QtBot, sheet: SaidSheet) -> None:
    sheet.query.setText("zyzzyva")
    qtbot.waitUntil(lambda: "Nobody said that" in sheet.told.text(), timeout=WAIT)


def test_lines_of_any_footage_are_heard_and_put_into_the_basket(
    qtbot: QtBot, window: MainWindow, sheet: SaidSheet, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    other = elsewhere(tmp_path)
    ask(qtbot, sheet, "brought a cabbage", 3)
    opened = window.workspace.opened
    assert opened is not None
    mine = [n for n, hit in enumerate(sheet.hits) if hit.source.key == opened.source.key]
    theirs = next(n for n, hit in enumerate(sheet.hits) if hit.source.key == other.key)
    sheet.list.setCurrentRow(theirs)
    assert sheet.hear.isEnabled() and sheet.basket.isEnabled()
    with qtbot.waitSignal(window.footage.heard_wanted, timeout=WAIT) as heard:
        qtbot.keyClick(sheet.list, Qt.Key.Key_Space)
    assert heard.args == [other.path, sheet.hits[theirs].start, sheet.hits[theirs].end]
    sheet.list.selectAll()
    assert sheet.basket.isEnabled() and not sheet.hear.isEnabled()
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as said:
        sheet.add_to_basket()
    assert said.args[0] == "3 lines added to the basket."
    qtbot.waitUntil(lambda: len(window.bench.basket.passages) == 3, timeout=WAIT)
    wanted = [(hit.source.key, hit.start, hit.end) for hit in sheet.hits]
    there = window.bench.basket.passages
    assert all(p.source == key and p.start <= a and b <= p.end for p, (key, a, b) in zip(there, wanted, strict=True))
    assert len(mine) == 2 and other.key in [s.key for s in window.workspace.sources], "footage of elsewhere is brought in"
    sheet.close()
    window.go("bench")
    window.bench.inspector.show_side("pieces")
    shown = window.bench.inspector.pieces.picked
    qtbot.waitUntil(lambda: shown.count() == 3, timeout=WAIT)
    assert "other: (no words)" in shown.item(theirs).text(), "it is not analysed on this machine"
    shown.setCurrentRow(theirs)
    before = window.workspace.selection.playhead
    played: list[Samples] = []
    monkeypatch.setattr(listening, "sound_device", lambda: SimpleNamespace(stop=lambda: None, play=lambda s, _r: played.append(s)))
    qtbot.keyClick(shown, Qt.Key.Key_Return)
    qtbot.waitUntil(lambda: len(played) == 1, timeout=WAIT)
    assert np.abs(played[0]).max() > 0.05 and window.workspace.selection.playhead == before, "heard, since it is not on the Bench"
    edited(qtbot, window, window.workspace.undo)
    assert not window.bench.basket.passages
