"""Edits in the real window: made on what the person saw, whatever was pressed meanwhile, and never lost in silence."""

from __future__ import annotations

import sqlite3
from collections.abc import Callable
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from pytestqt.qtbot import QtBot

from standtall.base.log import log_file
from standtall.library.project import Project
from standtall.model import corrections, edits, framing_edits
from standtall.model.brief import Brief
from standtall.ui.app.window import MainWindow
from standtall.ui.widgets.fields import Field
from tests.ui.driving import WAIT, edited, short_of

pytestmark = pytest.mark.fault
CTRL = Qt.KeyboardModifier.ControlModifier


def settled(qtbot: QtBot, window: MainWindow) -> None:
    """All that was asked for so far is done and shown."""
    done: list[bool] = []
    window.workspace.project_thread.do(lambda: True, done.append)
    qtbot.waitUntil(lambda: bool(done), timeout=WAIT)
    assert not log_file().exists(), log_file().read_text("utf-8")


def said(window: MainWindow) -> list[str]:
    """What the window says from now on."""
    heard: list[str] = []
    window.workspace.said.connect(lambda text, _kind: heard.append(text))
    return heard


def words_of(window: MainWindow) -> list[str]:
    assert window.workspace.opened is not None
    return [w.text for w in window.workspace.opened.transcript.words]


def on_disk(window: MainWindow, number: int):  # type: ignore[no-untyped-def]
    assert window.workspace.project_path is not None
    with Project(window.workspace.project_path, "read") as project:
        return project.entry(number).short


def still_works(qtbot: QtBot, window: MainWindow) -> None:
    was = short_of(window).captions.shown
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_C))
    assert short_of(window).captions.shown is not was


# seven ways in which the project thread used to end


def test_merging_the_last_words_and_accepting_them_at_once(qtbot: QtBot, window: MainWindow) -> None:
    count = len(words_of(window))
    window.workspace.selection.select(range(count - 3, count))
    last = "".join(words_of(window)[-3:])
    qtbot.keyClick(window, Qt.Key.Key_M)
    qtbot.keyClick(window, Qt.Key.Key_A)
    settled(qtbot, window)
    assert words_of(window)[-1] == last
    still_works(qtbot, window)


def test_split_undo_and_trim_at_once(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    window.workspace.selection.seek(before.segments[0].start + 20 * 48_000)
    heard = said(window)
    qtbot.keyClick(window, Qt.Key.Key_S)
    qtbot.keyClick(window, Qt.Key.Key_Z, CTRL)
    qtbot.keyClick(window, Qt.Key.Key_Period)
    settled(qtbot, window)
    assert len(short_of(window).segments) == 1
    assert short_of(window).segments[0].start > before.segments[0].start, "the piece is the one that it was"
    assert heard == []
    still_works(qtbot, window)


def test_trimming_a_piece_that_was_split_meanwhile_is_refused(qtbot: QtBot, window: MainWindow) -> None:
    window.workspace.selection.seek(short_of(window).segments[0].start + 20 * 48_000)
    heard = said(window)
    qtbot.keyClick(window, Qt.Key.Key_S)
    qtbot.keyClick(window, Qt.Key.Key_Period)
    settled(qtbot, window)
    assert len(short_of(window).segments) == 2
    assert any("That piece was changed meanwhile" in text for text in heard)


def test_enter_in_a_retype_field_after_undo_took_the_word(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    ws.selection.select(range(9, 10))
    edited(qtbot, window, lambda: ws.revise(lambda t: corrections.split(t, 9)))
    ws.selection.select(range(10, 11))
    window.bench.page.retype()
    field = window.bench.page.retyping.field
    assert isinstance(field, Field)
    edited(qtbot, window, ws.undo)
    whole = words_of(window)
    heard = said(window)
    field.setText("other")
    qtbot.keyClick(field, Qt.Key.Key_Return)
    settled(qtbot, window)
    assert words_of(window) == whole
    assert any("Those words were changed meanwhile" in text for text in heard)
    still_works(qtbot, window)


def test_an_edge_of_words_that_were_just_removed(qtbot: QtBot, window: MainWindow) -> None:
    ws, count = window.workspace, len(words_of(window))
    ws.selection.select(range(count - 2, count))
    heard = said(window)
    window.bench.work.remove()
    qtbot.keyClick(window, Qt.Key.Key_BracketRight)
    settled(qtbot, window)
    assert len(words_of(window)) == count - 2
    assert any("Those words were changed meanwhile" in text for text in heard)
    still_works(qtbot, window)


@pytest.mark.parametrize("value", ["[" * 20_000, '{"version": 1, "short": {"name": 1e999}}', "x"])
def test_a_short_that_is_damaged_on_disk(qtbot: QtBot, window: MainWindow, value: str) -> None:
    heard, path = said(window), window.workspace.project_path
    assert path is not None
    db = sqlite3.connect(path)
    db.execute("UPDATE history SET value = ?", (value,))
    db.commit()
    db.close()
    qtbot.keyClick(window, Qt.Key.Key_C)
    settled(qtbot, window)
    assert heard
    window.workspace.open_project(path.with_name("other.standtall"))
    qtbot.waitUntil(lambda: window.workspace.project_path == path.with_name("other.standtall"), timeout=WAIT)


@pytest.mark.parametrize("text", ['{"words": [{"text": "a", "start": 0, "end": ' + "9" * 400 + "}]}", "[" * 200_000])
def test_a_word_file_that_nobody_can_mean(qtbot: QtBot, window: MainWindow, tmp_path: Path, text: str) -> None:
    file = tmp_path / "words.json"
    file.write_text(text)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda _t, kind: kind == "error") as told:
        window.files.import_words(file)
    assert "not word-timed JSON" in told.args[0]
    settled(qtbot, window)


def test_a_fault_of_ours_is_logged_said_and_the_thread_goes_on(qtbot: QtBot, window: MainWindow) -> None:
    def broken(*_given: object) -> edits.Edit:
        raise ZeroDivisionError("planted")

    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        window.workspace.edit(broken)
    assert "The change was not made" in told.args[0]
    assert str(log_file()) in told.args[0]
    assert "planted" in log_file().read_text("utf-8")
    log_file().unlink()
    still_works(qtbot, window)


# what the person saw


def test_a_copy_is_cut_and_not_the_original(qtbot: QtBot, window: MainWindow) -> None:
    first = window.workspace.opened.entry  # type: ignore[union-attr]
    window.workspace.selection.select(range(8, 11))
    qtbot.keyClick(window, Qt.Key.Key_D, CTRL)
    qtbot.keyClick(window, Qt.Key.Key_Delete)
    settled(qtbot, window)
    now = window.workspace.opened.entry  # type: ignore[union-attr]
    assert now.short.name.endswith("copy")
    assert len(now.short.segments) == 2
    assert on_disk(window, first.id) == first.short


def test_what_was_merged_is_marked_and_nothing_beside_it(qtbot: QtBot, window: MainWindow) -> None:
    texts = words_of(window)
    window.workspace.selection.select(range(20, 22))
    qtbot.keyClick(window, Qt.Key.Key_M)
    qtbot.keyClick(window, Qt.Key.Key_N)
    settled(qtbot, window)
    words = window.workspace.opened.transcript.words  # type: ignore[union-attr]
    assert [w.text for w in words if w.kind == "unspoken"] == [texts[20] + texts[21]]


def test_a_key_while_another_source_is_being_opened_changes_nothing(qtbot: QtBot, window: MainWindow) -> None:
    ws, before = window.workspace, short_of(window)
    number = ws.opened.entry.id  # type: ignore[union-attr]
    heard = said(window)
    ws.open_source(ws.sources[0])
    qtbot.keyClick(window, Qt.Key.Key_C)
    settled(qtbot, window)
    assert on_disk(window, number) == before
    assert any("just being opened, so nothing was changed" in text for text in heard)
    still_works(qtbot, window)


def test_an_edit_that_comes_late_does_not_bring_the_old_short_back(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    seen = ws.opened
    assert seen is not None
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_D, CTRL))
    copy = ws.opened.entry.id  # type: ignore[union-attr]
    heard = said(window)
    ws.edit(lambda s, _a: edits.rename(s, "found late"), seen)
    settled(qtbot, window)
    assert ws.opened.entry.id == copy  # type: ignore[union-attr]
    assert on_disk(window, seen.entry.id).name == "found late"
    assert any("not on the Bench now" in text for text in heard)


def test_many_quick_trims_are_all_made(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window).segments[0].start
    for _ in range(6):
        qtbot.keyClick(window, Qt.Key.Key_Period)
    settled(qtbot, window)
    frame = 48_000 / float(window.workspace.opened.composition.fps)  # type: ignore[union-attr]
    assert short_of(window).segments[0].start - before == pytest.approx(6 * frame, abs=6)


def test_a_name_that_is_being_typed_stays_and_is_for_its_own_short(qtbot: QtBot, window: MainWindow) -> None:
    ws, field = window.workspace, window.bench._name
    first = ws.opened.entry.id  # type: ignore[union-attr]
    field.setFocus()
    field.selectAll()
    qtbot.keyClicks(field, "Half a na")
    edited(qtbot, window, lambda: ws.edit(lambda s, _a: framing_edits.set_calm(s, 0.1)))
    assert field.text() == "Half a na", "nothing is taken from under somebody's fingers"
    edited(qtbot, window, window.bench.shorts.duplicate)
    settled(qtbot, window)
    assert on_disk(window, first).name == "Half a na"
    assert field.text() != "Half a na"


def test_chosen_words_and_removals_are_of_the_short_on_the_bench(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    ws, side = window.workspace, window.bench.inspector.tighten
    window.bench.inspector.show_side("tighten")
    edited(qtbot, window, side.apply)
    out = len(side.rows.out)
    assert out > 0
    ws.selection.select(range(5, 9))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_D, CTRL))
    assert ws.selection.words is None
    assert len(side.rows.out) == 0, "what was taken out of the other short is not listed"
    source = ws.sources[0]
    ws.open_project(tmp_path / "second.standtall")
    qtbot.waitUntil(lambda: ws.project_path == tmp_path / "second.standtall" and ws.opened is None, timeout=WAIT)
    ws.add_source(source)
    with qtbot.waitSignal(ws.opened_changed, timeout=WAIT):
        ws.open_source(source)
    assert ws.opened.entry.id == 1  # type: ignore[union-attr]
    assert len(side.rows.out) == 0, "a number that comes again in another project is another short"
    edited(qtbot, window, lambda: ws.revise(lambda t: corrections.remove(t, range(10, len(t.words)))))
    for row in range(side.rows.rowCount()):
        assert side.rows.index(row, 1).data()


def test_every_way_to_begin_a_short_keeps_the_brief(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    source = ws.sources[0]
    ws.set_brief(source, Brief(look="lantern", content="screen"))
    made: list[tuple[str, str, float]] = []

    def begin(does: Callable[[], object]) -> None:
        with qtbot.waitSignal(ws.composition_changed, timeout=WAIT):
            does()
        made.append((short_of(window).captions.look, short_of(window).name, short_of(window).framing.fit_under))

    ws.selection.select(range(30, 40))
    begin(window.bench.shorts.make)
    ws.selection.select(None)
    begin(window.bench.shorts.make)
    ws.selection.select(range(60, 70))
    window.bench.basket.put(range(60, 70))
    begin(lambda: window.bench.basket.make("From the basket", lambda: None))
    window.go("moments")
    window.moments.ask()
    qtbot.waitUntil(lambda: bool(window.moments.cards), timeout=WAIT)
    begin(lambda: window.moments.make(0, "From Moments"))
    assert [look for look, _n, _w in made] == ["lantern"] * 4
    assert all(whole > 0 for _l, _n, whole in made)


# a project that goes away


def test_a_project_that_is_deleted_while_it_is_open_is_kept_and_said_at_once(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    path, number = ws.project_path, ws.opened.entry.id  # type: ignore[union-attr]
    assert path is not None
    for file in path.parent.glob(f"{path.name}*"):
        file.unlink()
    with qtbot.waitSignal(ws.said, timeout=WAIT) as told:  # nobody pressed anything
        pass
    assert "Nothing is lost" in told.args[0]
    assert ws.project_path != path
    assert str(ws.project_path) in told.args[0]
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_C))
    assert on_disk(window, number).captions.shown is False


def test_an_edit_on_a_project_that_has_just_gone_is_kept(qtbot: QtBot, window: MainWindow) -> None:
    ws = window.workspace
    path, number = ws.project_path, ws.opened.entry.id  # type: ignore[union-attr]
    assert path is not None
    path.rename(path.with_name("moved away.standtall"))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_C))
    qtbot.waitUntil(lambda: ws.project_path != path, timeout=WAIT)
    assert on_disk(window, number).captions.shown is False


def test_a_project_that_somebody_else_has_is_opened_to_be_read(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    ws, path = window.workspace, tmp_path / "theirs.standtall"
    with Project(path) as theirs:
        theirs.add_source(ws.sources[0])
        heard = said(window)
        ws.open_project(path)
        qtbot.waitUntil(lambda: ws.project_path == path and not ws.writable, timeout=WAIT)
        assert any("being worked on by" in text and "nothing can be changed" in text for text in heard)
        assert "read only" in window.windowTitle()
        ws.word_lists.keep((corrections.Term("x"),), ())
        qtbot.waitUntil(lambda: any("only open to be read" in text for text in heard), timeout=WAIT)
        assert theirs.terms() == ()


# found by random inputs


def test_nothing_of_what_was_open_is_left_when_another_project_is(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    ws = window.workspace
    ws.search.run("soil")
    assert ws.search.hits
    source = ws.sources[0]
    window.footage.choose_source(source)
    window.moments.ask()  # its answer comes when nothing is open any more
    ws.open_project(tmp_path / "empty.standtall")
    qtbot.waitUntil(lambda: ws.project_path == tmp_path / "empty.standtall", timeout=WAIT)
    brief = window.footage.brief
    assert brief.source is None
    for box in (brief.language, brief.kind, brief.look, brief.track):
        box.activated.emit(0)
    brief.most.editingFinished.emit()
    brief.column.part_changed.emit(0, 48_000)
    qtbot.keyClick(window, Qt.Key.Key_F3)
    window.moments.ask()
    settled(qtbot, window)
    assert ws.search.hits == ()
    assert ws.briefs == {}


def test_a_project_that_cannot_be_opened_leaves_the_one_that_is(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    ws, bad = window.workspace, tmp_path / "bad.standtall"
    path = ws.project_path
    bad.write_bytes(b"no project " * 900)
    with qtbot.waitSignal(ws.said, timeout=WAIT, check_params_cb=lambda _t, kind: kind == "error") as told:
        ws.open_project(bad)
    assert "not a Stand Tall project" in told.args[0]
    assert ws.project_path == path
    still_works(qtbot, window)
    ws.open_project(bad)
    ws.open_project(tmp_path / "good.standtall")  # asked for before the first one has failed
    qtbot.waitUntil(lambda: ws.project_path == tmp_path / "good.standtall", timeout=WAIT)
    ws.word_lists.keep((corrections.Term("Wren"),), ())
    qtbot.waitUntil(lambda: ws.word_lists.terms == (corrections.Term("Wren"),), timeout=WAIT)
    ws.open_project(bad)
    ws.open_project(bad)
    with qtbot.waitSignal(ws.said, timeout=WAIT):
        pass
    settled(qtbot, window)
    ws.open_project(tmp_path / "third.standtall")
    ws.open_project(bad)
    qtbot.waitUntil(lambda: ws.project_path == tmp_path / "third.standtall", timeout=WAIT)
    settled(qtbot, window)
    ws.word_lists.keep((corrections.Term("Odile"),), ())
    qtbot.waitUntil(lambda: ws.word_lists.terms == (corrections.Term("Odile"),), timeout=WAIT)
