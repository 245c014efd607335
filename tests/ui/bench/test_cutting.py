"""Cutting on the Bench in the real window: pieces, basket, removals, grips, channels, shorts, clips, chapters."""

from __future__ import annotations

from pathlib import Path

import pytest
from PySide6.QtCore import QCoreApplication, QEvent, QPoint, Qt
from PySide6.QtWidgets import QDialogButtonBox
from pytestqt.qtbot import QtBot
from shiboken6 import isValid

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.layers.picture import PictureLayer
from standtall.cutting.by_words import kept_words
from standtall.jobs.events import Ended, Event, Progressed
from standtall.library.project import Project
from standtall.media.sound_reader import read_sound
from standtall.model.cut import Segment
from standtall.session.run import run as carry_out
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.gauge import shares
from standtall.ui.bench.panels import tighten
from standtall.ui.bench.transcript import grips
from standtall.ui.moments.chapters_sheet import ChaptersSheet
from standtall.ui.moments.clips_sheet import ClipsSheet
from tests.conftest import make_clip, write_sound
from tests.ui.driving import WAIT, Work, edited, short_of


def words_in(window: MainWindow) -> tuple[int, ...]:
    opened = window.workspace.opened
    assert opened is not None
    return kept_words(opened.entry.short, opened.analysis)


def test_words_are_moved_to_the_front_and_pieces_by_keys(qtbot: QtBot, window: MainWindow) -> None:
    qtbot.keyClick(window, Qt.Key.Key_2, Qt.KeyboardModifier.ControlModifier)
    window.workspace.selection.select(range(20, 24))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_F))
    assert words_in(window)[:4] == (20, 21, 22, 23)
    pieces = window.bench.inspector.pieces.pieces
    assert pieces.count() == len(short_of(window).segments) == 3
    pieces.setCurrentRow(0)
    edited(qtbot, window, lambda: qtbot.keyClick(pieces, Qt.Key.Key_Down, Qt.KeyboardModifier.AltModifier))
    assert words_in(window)[0] == 0
    pieces.setCurrentRow(1)
    edited(qtbot, window, lambda: qtbot.keyClick(pieces, Qt.Key.Key_Delete))
    assert 20 not in words_in(window)
    for _ in range(3):
        edited(qtbot, window, lambda: window.workspace.undo())
    assert len(short_of(window).segments) == 1


def test_split_trim_and_cut_to_a_side_by_keys(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("pieces")
    opened = window.workspace.opened
    assert opened is not None
    window.workspace.selection.seek(opened.analysis.words[10].start)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_S))
    assert len(short_of(window).segments) == 2
    edited(qtbot, window, lambda: window.bench.inspector.pieces.trim("start", "word", 1))
    assert words_in(window)[:12] == (*range(10), 11, 12)
    before = short_of(window).segments[1].start
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Period))
    assert 0 < short_of(window).segments[1].start - before <= TICKS_PER_SECOND // 24
    window.workspace.selection.seek(opened.analysis.words[20].start)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_O, Qt.KeyboardModifier.ShiftModifier))
    assert words_in(window)[-1] == 19
    window.workspace.selection.seek(opened.analysis.words[15].start)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_I, Qt.KeyboardModifier.ShiftModifier))
    assert words_in(window) == (*range(10), *range(15, 20))


def test_an_edge_is_dragged_by_its_grip_to_a_word(qtbot: QtBot, window: MainWindow) -> None:
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(8)), window.bench.inspector.chosen.use_only()))
    script = window.bench.page
    script.verticalScrollBar().setValue(0)
    view = script.viewport()
    (end,) = [g for g in script._grips if g.edge == "end"]
    place = grips.place(end, script.right).center().toPoint()
    row = script.page.rows[script.page.row_of(12)]  # type: ignore[union-attr]
    (box,) = [b for i, b in script.words.places(script.page.row_of(12)) if i == 12]  # type: ignore[union-attr]
    to = QPoint(int(box.center().x()), int(row.top + 13))
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=place)
    qtbot.mouseMove(view, to)
    edited(qtbot, window, lambda: qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=to))
    assert words_in(window) == tuple(range(13))


def test_the_basket_is_kept_on_disk_reordered_and_made_a_short(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("pieces")
    basket, side = window.bench.basket, window.bench.inspector.pieces
    for chosen in (range(60, 66), range(30, 35), range(100, 104)):
        window.workspace.selection.select(chosen)
        edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_P))
    put = basket.passages
    assert len(put) == 3
    edited(qtbot, window, lambda: basket.move(put[2], 0))
    edited(qtbot, window, lambda: basket.remove(put[0]))
    assert basket.passages == (put[2], put[1])
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert basket.passages == (put[2], put[0], put[1])
    key, path = window.workspace.opened.source.key, window.workspace.project_path  # type: ignore[union-attr]
    assert path is not None

    def on_disk() -> int:
        with Project(path, "read") as project:
            return len(project.basket(key))

    qtbot.waitUntil(lambda: on_disk() == 3, timeout=WAIT)
    side.name.setText("Three bits")
    side.name.setFocus()
    edited(qtbot, window, lambda: qtbot.keyClick(side.name, Qt.Key.Key_Return))
    assert short_of(window).name == "Three bits"
    assert words_in(window) == (*range(100, 104), *range(60, 66), *range(30, 35))
    qtbot.waitUntil(lambda: basket.passages == (), timeout=WAIT)
    qtbot.waitUntil(lambda: on_disk() == 0, timeout=WAIT)


def test_removals_are_proposed_refused_taken_out_together_and_brought_back_one_by_one(qtbot: QtBot, window: MainWindow) -> None:
    qtbot.keyClick(window, Qt.Key.Key_3, Qt.KeyboardModifier.ControlModifier)
    side = window.bench.inspector.tighten
    side.pace.setValue(4)
    rows = side.rows.rows
    assert {r.kind for r in rows} >= {"filler", "repeat", "silence"}
    length = short_of(window).length
    side.table.selectRow(1)
    side.table.setFocus()
    qtbot.keyClick(side.table, Qt.Key.Key_Space)
    refused = rows[1]
    assert refused not in side.rows.chosen()
    assert f"{len(rows) - 1} rows ticked" in side._saves.text()
    edited(qtbot, window, side.apply)
    assert short_of(window).length < length - 5 * TICKS_PER_SECOND
    assert len(side.rows.out) == len(rows) - 1
    assert any(e.start <= refused.start and refused.end <= e.end for e in short_of(window).segments)
    gone = next(n for n, r in enumerate(side.rows.rows) if r in side.rows.out and r.kind == "filler")
    removal = side.rows.rows[gone]
    side.table.selectRow(gone)
    tight = short_of(window).length
    edited(qtbot, window, side.bring_back)
    assert short_of(window).length - tight == removal.length
    assert removal not in side.rows.out
    for _ in range(2):
        edited(qtbot, window, window.workspace.undo)
    assert short_of(window).length == length


def test_a_pace_that_proposes_nothing_says_so(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("tighten")
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(3)), window.bench.inspector.chosen.use_only()))
    window.bench.inspector.tighten.pace.setValue(0)
    assert window.bench.inspector.tighten._empty.text().startswith("Nothing to remove")
    assert not window.bench.inspector.tighten._apply.isEnabled()


def test_the_gauge_knows_the_channel_and_the_joins_are_chosen(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("pieces")
    gauge = window.bench.gauge
    assert "Oddmarrow" in gauge.toolTip()
    edited(qtbot, window, lambda: gauge.menu().actions()[2].trigger())
    assert short_of(window).channel == "thistlewray"
    assert "of at most 2:45" in gauge.accessibleDescription()
    box = window.bench.inspector.pieces._transitions
    box.setCurrentIndex(1)
    edited(qtbot, window, lambda: box.activated.emit(1))
    assert short_of(window).cut.transitions == "punch"
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(42, 44)), window.bench.inspector.chosen.cut()))
    transitions = window.workspace.opened.composition.transitions  # type: ignore[union-attr]
    assert [t.near for t in transitions] == [False, True]


def test_a_channel_of_ones_own_is_made_chosen_and_kept(qtbot: QtBot, window: MainWindow) -> None:
    gauge = window.bench.gauge
    sheet = gauge.new_channel()
    ok = sheet._buttons.button(QDialogButtonBox.StandardButton.Ok)
    assert not ok.isEnabled(), "a channel has a name"
    sheet.title.setText("The Parish Loudspeaker")
    sheet.longest.setValue(20)
    edited(qtbot, window, ok.click)
    assert short_of(window).channel == "the-parish-loudspeaker"
    assert window.workspace.opened.channel.longest_s == 20  # type: ignore[union-attr]
    assert "of at most 0:20 for The Parish Loudspeaker" in gauge.accessibleDescription()
    qtbot.waitUntil(lambda: any(a.text().startswith("The Parish Loudspeaker") for a in gauge.menu().actions()), timeout=WAIT)
    twice = gauge.new_channel()
    twice.title.setText("the parish loudspeaker ")
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        twice.accept()
    assert "There is a channel called" in told.args[0]


def test_a_side_that_is_not_seen_is_filled_when_it_is_shown(qtbot: QtBot, window: MainWindow) -> None:
    bench = window.bench
    bench.inspector.show_side("chosen")
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(5, 7)), bench.inspector.chosen.cut()))
    assert bench.inspector.pieces.pieces.count() != 2, "nobody saw it, so nothing was done for it"
    bench.inspector.show_side("pieces")
    assert bench.inspector.pieces.pieces.count() == 2
    bench.inspector.show_side("tighten")
    assert bench.inspector.tighten.rows.rows


def test_shorts_are_listed_copied_and_gone_back_to(qtbot: QtBot, window: MainWindow) -> None:
    first = window.workspace.opened.entry.id  # type: ignore[union-attr]
    name = short_of(window).name
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_D, Qt.KeyboardModifier.ControlModifier))
    assert short_of(window).name == f"{name} copy"
    shorts = window.bench.shorts
    qtbot.waitUntil(lambda: len(shorts.entries) == 2, timeout=WAIT)
    edited(qtbot, window, lambda: shorts.menu().actions()[0].trigger())
    assert window.workspace.opened.entry.id == first  # type: ignore[union-attr]


@pytest.mark.real
def test_a_finished_clip_is_found_and_rebuilt(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    source = window.workspace.opened.source  # type: ignore[union-attr]
    part = read_sound(source.path, 16_000, 1).reshape(-1)[40 * 16_000 : 55 * 16_000]
    clip = write_sound(tmp_path / "Old clip.m4a", part, 16_000)
    (tmp_path / "broken.mp4").write_bytes(b"nothing")
    work = Work(window)
    window.moments.show_clips()
    (sheet,) = window.moments.findChildren(ClipsSheet)
    sheet.look([clip, tmp_path / "broken.mp4"])
    qtbot.waitUntil(lambda: len(work.begun) == 1, timeout=WAIT)
    assert sheet.told.text().startswith("Listening to")
    told: list[Event] = []
    carry_out(work.begun[0].request, told.append, Progress())
    sheet.close()  # it goes on without anybody looking
    work.tell(qtbot, 0, Progressed("clips", 0.5), *told, Ended("done"))
    window.moments.show_clips()
    sheet = window.moments.findChildren(ClipsSheet)[-1]
    assert sheet.table.rowCount() == 2
    assert [name for _start, _end, name in window.moments.strip._clips] == ["Old clip"]
    assert sheet.told.text().startswith("1 of 2 clips found")
    assert "not a video or sound file" in sheet.table.item(1, 4).text()
    assert sheet.table.item(0, 3).text() == "sound"
    sheet.write_table(tmp_path / "clips.csv")
    qtbot.waitUntil(lambda: (tmp_path / "clips.csv").exists(), timeout=WAIT)
    assert (tmp_path / "clips.csv").read_text().splitlines()[1].startswith("Old clip.m4a,sound,0.")
    sheet.make()
    qtbot.waitUntil(lambda: short_of(window).name == "Old clip", timeout=WAIT)
    assert short_of(window).segments[0].start / TICKS_PER_SECOND == pytest.approx(40, abs=0.5)
    qtbot.waitUntil(lambda: not isValid(sheet), timeout=WAIT)
    window.moments.show_clips()
    sheet = window.moments.findChildren(ClipsSheet)[-1]
    first = window.workspace.opened.entry.id  # type: ignore[union-attr]
    sheet.make()
    sheet.close()  # what was asked for is done all the same
    QCoreApplication.sendPostedEvents(sheet, QEvent.Type.DeferredDelete)
    assert not isValid(sheet)
    qtbot.waitUntil(lambda: window.workspace.opened.entry.id != first, timeout=WAIT)  # type: ignore[union-attr]


def test_chapters_are_retitled_and_written(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    opened = window.workspace.opened
    assert opened is not None
    place = window.moments
    found: list[ChaptersSheet] = []

    def shown() -> bool:
        found[:] = place.findChildren(ChaptersSheet)
        return bool(found)

    place.show_chapters()
    qtbot.waitUntil(shown, timeout=WAIT)
    sheet = found[0]
    assert len(sheet.titles) >= 2
    sheet.titles[0].setText("A cabbage and a question")
    sheet.write_text(tmp_path / "c.txt", False)
    qtbot.waitUntil((tmp_path / "c.txt").exists, timeout=WAIT)
    lines = (tmp_path / "c.txt").read_text().splitlines()
    assert lines[0] == "0:00 A cabbage and a question"
    assert len(lines) == len(sheet.titles)
    sheet.write_copy(tmp_path / "copy.mp4")
    qtbot.waitUntil((tmp_path / "copy.mp4").exists, timeout=WAIT)
    sheet.accept()


def test_pictures_are_laid_over_the_talk_and_taken_off(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    window.bench.inspector.show_panel("extras")
    side = window.bench.inspector.extras.cutaways
    paths = [make_clip(tmp_path / f"p{n}.mp4", 10) for n in range(2)]
    (tmp_path / "no.txt").write_text("no picture")
    side.how.setCurrentIndex(1)
    edited(qtbot, window, lambda: side.add([*paths, tmp_path / "no.txt"]))
    cutaways = short_of(window).extras.cutaways
    assert {c.path for c in cutaways} == {str(p) for p in paths}
    assert "2 files shown: p0.mp4, p1.mp4" in side.told.text()
    opened = window.workspace.opened
    assert opened is not None
    (layer, *_captions) = window.workspace.frame_at(opened.entry.short.segments[0].start + 100).layers
    assert isinstance(layer, PictureLayer) and layer.asset.path == str(paths[0])
    edited(qtbot, window, side.remove.click)
    assert short_of(window).extras.cutaways == ()
    assert not side.remove.isEnabled()


def test_nothing_chosen_says_what_to_do(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("pieces")
    said: list[str] = []
    window.workspace.said.connect(lambda text, _kind: said.append(text))
    window.workspace.selection.select(None)
    window.bench.inspector.pieces.put()
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT):
        window.bench.basket.make("", lambda: None)
    window.bench.inspector.tighten.table.clearSelection()
    window.bench.inspector.tighten.bring_back()
    assert [text.split(":")[0] for text in said] == [
        "Choose words first", "The basket is empty", "Choose a row that was removed.",
    ]  # fmt: skip


def test_the_list_of_a_long_short_is_worked_out_beside_and_only_the_last_is_shown(
    qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    side = window.bench.inspector.tighten
    window.bench.inspector.show_side("tighten")
    side.pace.setValue(4)
    at_once = side.rows.rows
    assert at_once
    side.pace.setValue(0)
    few = side.rows.rows
    monkeypatch.setattr(tighten, "LONG", 0)
    side.pace.setValue(4)
    assert side.rows.rows == few, "it comes later"
    side.kinds["filler"].setChecked(False)
    qtbot.waitUntil(lambda: side.rows.rows != few, timeout=WAIT)
    assert side.rows.rows == tuple(r for r in at_once if r.kind != "filler")


def test_parts_that_lie_near_are_drawn_as_one() -> None:
    parts = [Segment("a", 500, 600), Segment("a", 0, 100), Segment("a", 101, 200), Segment("a", 700, 1_000)]
    assert shares(parts, 1_000) == [(0.0, 0.2), (0.5, 0.6), (0.7, 1.0)]


def test_silences_draw_short_lines_and_cut_words_long_ones(qtbot: QtBot, window: MainWindow) -> None:
    window.bench.inspector.show_side("tighten")
    edited(qtbot, window, lambda: (window.workspace.selection.select(range(5, 7)), window.bench.inspector.chosen.cut()))
    found = window.bench.page._grips
    assert [(g.number, g.edge, g.silent) for g in found] == [
        (0, "start", False), (0, "end", False), (1, "start", False), (1, "end", False),
    ]  # fmt: skip
    side = window.bench.inspector.tighten
    side.kinds["filler"].setChecked(False)
    side.kinds["repeat"].setChecked(False)
    edited(qtbot, window, side.apply)
    assert any(g.silent for g in window.bench.page._grips)
    assert {r.kind for r in side.rows.rows} == {"silence"}


@pytest.mark.parametrize(("drop", "to"), [(0, 2), (2, 0)])
def test_a_list_of_passages_tells_what_was_dragged_where(qtbot: QtBot, window: MainWindow, drop: int, to: int) -> None:
    window.bench.inspector.show_side("pieces")
    basket = window.bench.basket
    for chosen in (range(60, 66), range(30, 35), range(100, 104)):
        window.workspace.selection.select(chosen)
        edited(qtbot, window, window.bench.inspector.pieces.put)
    before = basket.passages
    picked = window.bench.inspector.pieces.picked
    picked.setCurrentRow(drop)
    key = Qt.Key.Key_Down if to > drop else Qt.Key.Key_Up
    for _ in range(abs(to - drop)):
        edited(qtbot, window, lambda: qtbot.keyClick(picked, key, Qt.KeyboardModifier.AltModifier))
    listed = list(before)
    listed.insert(to, listed.pop(drop))
    assert basket.passages == tuple(listed)
    assert picked.item(to).text().startswith(f"{to + 1} ")
