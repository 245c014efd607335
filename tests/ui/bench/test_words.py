"""Correcting words in the real window: each test drives the widgets and looks at what is on disk."""

from __future__ import annotations

import itertools
from pathlib import Path
from typing import Any

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QColor
from PySide6.QtWidgets import QCheckBox
from pytestqt.qtbot import QtBot

from standtall.cutting import by_words
from standtall.library import wordlist
from standtall.library.project import Project
from standtall.model import corrections
from standtall.model.corrections import Term
from standtall.model.transcript import Transcript
from standtall.ui.app.window import MainWindow
from standtall.ui.bench import word_actions
from standtall.ui.bench.export import ExportSheet
from standtall.ui.preview import listening
from standtall.ui.widgets import theme
from tests.ui.driving import WAIT, edited, word_point

S = 48_000


def said(window: MainWindow) -> Transcript:
    assert window.workspace.opened is not None
    return window.workspace.opened.transcript


def on_disk(window: MainWindow) -> Transcript:
    assert window.workspace.project_path is not None
    with Project(window.workspace.project_path, "read") as project:
        found = project.transcripts.find(window.workspace.opened.source.key)  # type: ignore[union-attr]
    assert found is not None
    return found


def type_over(qtbot: QtBot, window: MainWindow, text: str) -> None:
    field = window.bench.page.retyping.field
    assert field is not None
    field.selectAll()
    qtbot.keyClicks(field, text)
    edited(qtbot, window, lambda: qtbot.keyClick(field, Qt.Key.Key_Return))


def test_a_word_is_retyped_where_it_stands_and_shown_at_once(qtbot: QtBot, window: MainWindow) -> None:
    before = said(window)
    index = next(i for i, w in enumerate(before.words) if i > 20 and w.low_confidence)
    view = window.bench.page.viewport()
    qtbot.mouseDClick(view, Qt.MouseButton.LeftButton, pos=word_point(window, index))
    type_over(qtbot, window, "Odile")
    word = said(window).words[index]
    assert (word.text, word.start, word.end) == ("Odile", before.words[index].start, before.words[index].end)
    assert said(window) == on_disk(window)
    lines = window.workspace.opened.composition.cards  # type: ignore[union-attr]
    assert any(w.text == "Odile" for line in lines for w in line.words), "captions show the new spelling"
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert said(window) == before


def test_escape_gives_the_typing_up_and_letters_are_not_taken_for_keys(qtbot: QtBot, window: MainWindow) -> None:
    before, short = said(window), window.workspace.opened.entry.short  # type: ignore[union-attr]
    window.workspace.selection.select(range(6, 8))
    qtbot.keyClick(window, Qt.Key.Key_T)
    field = window.bench.page.retyping.field
    assert field is not None
    qtbot.keyClicks(field, "b c o i ")  # keys of the window, were it not for the field
    qtbot.keyClick(field, Qt.Key.Key_Escape)
    assert window.bench.page.retyping.field is None
    assert said(window) is before
    assert window.workspace.opened.entry.short is short  # type: ignore[union-attr]


def test_doubts_are_walked_and_accepted_one_key_each(qtbot: QtBot, window: MainWindow) -> None:
    doubts = [i for i, w in enumerate(said(window).words) if w.low_confidence]
    seen = []
    for _ in range(3):
        qtbot.keyClick(window, Qt.Key.Key_D)
        assert window.workspace.selection.words is not None
        seen.append(window.workspace.selection.words.start)
    assert seen == doubts[:3]
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_A))
    assert said(window).words[seen[-1]].confidence == 1.0
    assert window.workspace.selection.words.start == doubts[doubts.index(seen[-1]) + 1]
    assert f"{len(doubts) - 1} of" in window.bench.inspector.chosen._doubts.text()
    qtbot.keyClick(window, Qt.Key.Key_D, Qt.KeyboardModifier.ShiftModifier)
    assert window.workspace.selection.words.start == seen[-2]


def test_words_are_merged_moved_and_marked_by_keys(qtbot: QtBot, window: MainWindow) -> None:
    words = said(window).words
    window.workspace.selection.select(range(1, 3))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_M))
    assert said(window).words[1].text == words[1].text + words[2].text
    window.workspace.selection.select(range(1, 2))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_BracketRight))
    assert said(window).words[1].start == words[1].start + 480
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_N))
    assert said(window).words[1].kind == "unspoken"
    lines = window.workspace.opened.composition.cards  # type: ignore[union-attr]
    gone = said(window).words[1].id
    assert all(w.said.id != gone for line in lines for w in line.words), "what is not spoken is not shown"


def test_search_marks_every_hit_and_walks_them(qtbot: QtBot, window: MainWindow) -> None:
    qtbot.keyClick(window, Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier)
    bar = window.bench.searching
    qtbot.keyClicks(bar.field, "soil")
    with qtbot.waitSignal(window.workspace.search.changed, timeout=WAIT):
        qtbot.keyClick(bar.field, Qt.Key.Key_Return)
    words = said(window).words
    assert [words[h.start].bare for h in window.workspace.search.hits] == ["soil"] * sum(w.bare == "soil" for w in words)
    assert bar._count.text() == f"{window.workspace.search.hit + 1} of {len(window.workspace.search.hits)}"
    first = window.workspace.search.hit
    qtbot.keyClick(bar.field, Qt.Key.Key_Return)
    assert window.workspace.search.hit == (first + 1) % len(window.workspace.search.hits)
    assert window.workspace.selection.playhead == words[window.workspace.search.hits[window.workspace.search.hit].start].start
    _used, hits, _doubts = window.bench.page.verticalScrollBar().marks()  # type: ignore[attr-defined]
    assert len(hits) == len(window.workspace.search.hits)
    qtbot.keyClick(bar.field, Qt.Key.Key_Escape)
    assert window.workspace.search.hits == ()
    assert not bar.isVisible()


def test_find_and_replace_and_the_word_list_mend_everywhere_at_once(qtbot: QtBot, window: MainWindow) -> None:
    sheet = window.bench.inspector.transcript
    window.bench.inspector.show_side("transcript")
    sheet._find.setText("soil")
    count = sum(w.bare == "soil" for w in said(window).words)
    assert sheet._found.text() == f"{count} times"
    sheet._by.setText("earth")
    edited(qtbot, window, sheet._replace.click)
    assert sum(w.bare == "earth" for w in said(window).words) == count
    sheet._term.setText("Odile Bracken")
    sheet._heard.setText("Bracken, Odeal Bracken")
    with qtbot.waitSignal(window.workspace.word_lists.changed, timeout=WAIT):
        sheet._heard.setFocus()
        qtbot.keyClick(sheet._heard, Qt.Key.Key_Return)
    assert window.workspace.word_lists.terms == (Term("Odile Bracken", ("Bracken", "Odeal Bracken")),)
    edited(qtbot, window, sheet._apply.click)
    assert any(w.text == "Odile" for w in said(window).words)
    edited(qtbot, window, window.workspace.undo)
    edited(qtbot, window, window.workspace.undo)
    assert sum(w.bare == "soil" for w in said(window).words) == count


def test_speakers_are_named_joined_and_given_words(qtbot: QtBot, window: MainWindow) -> None:
    sheet = window.bench.inspector.transcript
    window.bench.inspector.show_side("transcript")
    name = sheet._speakers.itemAtPosition(2, 1).widget()
    name.setText("Odile")  # type: ignore[attr-defined]
    edited(qtbot, window, lambda: name.editingFinished.emit())  # type: ignore[attr-defined]
    assert said(window).speakers[2].name == "Odile"
    assert window.workspace.opened.analysis.people.names[2] == "Odile", "the camera's people have the name too"  # type: ignore[union-attr]
    window.workspace.selection.select(range(10, 14))
    edited(qtbot, window, sheet._new_speaker.click)
    assert {w.speaker for w in said(window).words[10:14]} == {3}
    menu = sheet._speakers.itemAtPosition(3, 4).widget().menu()  # type: ignore[attr-defined]
    assert [a.text() for a in menu.actions()] == [
        "Same person as Speaker 1", "Same person as Speaker 2", "Same person as Odile", "Two people: divide by voice",
    ]  # fmt: skip
    edited(qtbot, window, menu.actions()[0].trigger)
    assert {w.speaker for w in said(window).words[10:14]} == {0}
    assert len(said(window).speakers) == 3


def test_the_offset_moves_captions_and_not_words(qtbot: QtBot, window: MainWindow) -> None:
    words = said(window).words
    before = window.workspace.opened.composition.cards[1]  # type: ignore[union-attr]
    sheet = window.bench.inspector.captions
    sheet.offset.offset.setValue(20)
    edited(qtbot, window, sheet.offset._set_offset)
    assert window.workspace.opened.composition.cards[1].start == before.start + 9_600  # type: ignore[union-attr]
    assert said(window).words == words


def test_a_word_is_heard_in_its_surroundings(qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """A stand-in for the sound device keeps what is played."""

    class Device:
        played: list[np.ndarray] = []  # noqa: RUF012

        def stop(self) -> None:
            self.played.clear()

        def play(self, samples: np.ndarray, rate: int) -> None:
            assert rate == 48_000
            self.played.append(samples)

    device: Any = Device()
    monkeypatch.setattr(listening, "sound_device", lambda: device)
    word = said(window).words[30]
    window.workspace.selection.select(range(30, 31))
    qtbot.keyClick(window, Qt.Key.Key_H)
    qtbot.waitUntil(lambda: bool(device.played), timeout=WAIT)
    assert device.played[0].shape == (word.end - word.start + 48_000, 2)
    assert np.abs(device.played[0]).max() > 0.01


def test_without_a_sound_device_that_is_said(qtbot: QtBot, window: MainWindow) -> None:
    window.workspace.selection.select(range(3, 4))
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as heard:
        qtbot.keyClick(window, Qt.Key.Key_H)
    assert "sound device" in heard.args[0]


def test_words_are_found_in_the_sound_anew(qtbot: QtBot, window: MainWindow) -> None:
    before = said(window).words
    window.workspace.selection.select(range(20, 21))
    for _ in range(9):
        edited(qtbot, window, lambda: window.bench.work.shift_end(-1))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Y))
    assert abs(said(window).words[20].end - before[20].end) < 48_000 * 0.05


def test_words_go_out_and_come_in_as_a_file(qtbot: QtBot, window: MainWindow, tmp_path: Path) -> None:
    out = tmp_path / "words.srt"
    sheet = ExportSheet("source", "short", (), window)
    sheet.wanted.connect(window.files.export_words)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT) as told:
        sheet.wanted.emit(out, True, "")
    before = said(window)
    assert f"{len(before.words)} words written" in told.args[0]
    out.write_text(out.read_text("utf-8").replace("soil", "earth"), "utf-8")
    edited(qtbot, window, lambda: window.files.import_words(out))
    now = said(window)
    assert [w.text.replace("earth", "soil") for w in now.words] == [w.text for w in before.words]
    late = [abs(a.start - b.start) / 48_000 for a, b in zip(now.words, before.words, strict=True)]
    assert np.median(late) < 0.03, "the words of a caption file are timed by the sound"
    edited(qtbot, window, window.workspace.undo)
    assert said(window) == before


@pytest.mark.parametrize("text", ["nothing of this is said in the programme at all, not one word", ""])
def test_a_file_of_something_else_is_refused_and_changes_nothing(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, text: str
) -> None:
    path = tmp_path / "script.txt"
    path.write_text(text * 3, "utf-8")
    before = said(window)
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT, check_params_cb=lambda t, _k: "Finding" not in t):
        window.files.import_words(path)
    assert said(window) == before


def test_two_people_taken_for_one_are_parted_by_voice(qtbot: QtBot, window: MainWindow) -> None:
    """Two speakers of the demo are joined, and the program parts them again by their voices."""
    before = said(window)
    edited(qtbot, window, lambda: window.workspace.revise(lambda t: corrections.join_speakers(t, 1, 0)))
    joined = said(window)
    assert len(joined.speakers) == len(before.speakers) - 1
    gone = sum(w.speaker == 0 for w in before.words)
    edited(qtbot, window, lambda: window.bench.work.divide(0))
    after = said(window)
    new = len(after.speakers) - 1
    moved = [i for i, w in enumerate(after.words) if w.speaker == new]
    right = max(sum(before.words[i].speaker == k for i in moved) for k in (0, 1))
    assert right / len(moved) > 0.97
    assert abs(len(moved) - min(gone, sum(w.speaker == 1 for w in before.words))) <= 4
    assert after == on_disk(window)


def test_a_second_language_is_typed_beside_the_words_and_captions_follow(
    qtbot: QtBot, window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    qtbot.keyClick(window, Qt.Key.Key_F9, Qt.KeyboardModifier.ShiftModifier)
    second = window.bench.inspector.translation
    assert second.isVisible()
    second.language.setCurrentIndex(second.language.findData("de"))
    edited(qtbot, window, lambda: second.language.activated.emit(second.language.currentIndex()))
    assert second.model.rowCount() > 30
    assert second.model.data(second.model.index(0, 0)).startswith("Welcome")
    edited(qtbot, window, lambda: second.model.setData(second.model.index(0, 1), "Willkommen zur Gartenstunde."))
    assert on_disk(window).translations[0].passages[0].text == "Willkommen zur Gartenstunde."
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, a: by_words.choose(s, a, range(6))))
    edited(qtbot, window, second.captions.click)
    lines = window.workspace.opened.composition.cards  # type: ignore[union-attr]
    assert [w.text for line in lines for w in line.words] == ["Willkommen", "zur", "Gartenstunde."]
    path = tmp_path / "t.de.xlf"
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getSaveFileName", lambda *_a: (str(path), ""))
    with qtbot.waitSignal(window.workspace.said, timeout=WAIT):
        second.give()
    path.write_text(path.read_text("utf-8").replace("Willkommen zur", "Hallo zur"), "utf-8")
    monkeypatch.setattr("PySide6.QtWidgets.QFileDialog.getOpenFileName", lambda *_a: (str(path), ""))
    edited(qtbot, window, second.take)
    assert on_disk(window).translations[0].passages[0].text == "Hallo zur Gartenstunde."
    edited(qtbot, window, lambda: window.workspace.revise(lambda t: corrections.retype(t, range(1), "Hello")))
    assert second.model.stale(0)
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    edited(qtbot, window, lambda: qtbot.keyClick(window, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier))
    assert said(window).translations[0].passages[0].text == "Willkommen zur Gartenstunde."


def test_an_edge_of_a_word_is_dragged_along_its_sound(qtbot: QtBot, window: MainWindow) -> None:
    before = said(window).words
    window.bench.inspector.show_side("chosen")
    window.workspace.selection.select(range(40, 41))
    edges = window.bench.inspector.chosen.edges
    assert edges.isVisible()
    high = edges.height() // 2
    at = QPoint(round(edges.x_of(before[40].end)), high)
    there = QPoint(round(edges.x_of(before[40].end - 4_800)), high)
    qtbot.mousePress(edges, Qt.MouseButton.LeftButton, pos=at)
    qtbot.mouseMove(edges, there)
    edited(qtbot, window, lambda: qtbot.mouseRelease(edges, Qt.MouseButton.LeftButton, pos=there))
    after = said(window).words
    assert abs(after[40].end - (before[40].end - 4_800)) < 600
    assert after[40].start == before[40].start
    assert after[:40] + after[41:] == before[:40] + before[41:], "neighbours keep their times"
    assert said(window) == on_disk(window)
    far = QPoint(edges.width() - 2, high)
    qtbot.mousePress(edges, Qt.MouseButton.LeftButton, pos=QPoint(round(edges.x_of(after[40].end)), high))
    qtbot.mouseMove(edges, far)
    edited(qtbot, window, lambda: qtbot.mouseRelease(edges, Qt.MouseButton.LeftButton, pos=far))
    assert said(window).words[40].end <= before[41].start, "never over the next word"


def test_a_word_of_the_user_holds_in_every_project(qtbot: QtBot, window: MainWindow) -> None:
    sheet, ws = window.bench.inspector.transcript, window.workspace
    window.bench.inspector.show_side("transcript")
    with qtbot.waitSignal(ws.word_lists.changed, timeout=WAIT):
        ws.word_lists.keep((Term("Odile", ("Odeal",)), Term("Ketterby", ("Caterby",))), ())
    (box,) = [b for b in sheet.findChildren(QCheckBox) if b.toolTip().startswith("Odile holds")]
    with qtbot.waitSignal(ws.word_lists.changed, timeout=WAIT):
        box.click()
    assert [t.text for t in ws.word_lists.own] == ["Odile"]
    assert [t.text for t in ws.word_lists.terms] == ["Ketterby"]
    assert wordlist.load()[0] == (Term("Odile", ("Odeal",)),)
    assert ws.project_path is not None
    with qtbot.waitSignal(ws.project_changed, timeout=WAIT):
        ws.open_project(ws.project_path.with_name("Another.standtall"))
    assert [t.text for t in ws.word_lists.all] == ["Odile"], "another project has it, too"


def test_words_read_from_the_right_stand_and_are_hit_from_the_right(qtbot: QtBot, window: MainWindow) -> None:
    texts = ("ازرع", "الثوم", "في", "الخريف")
    for number, text in enumerate(texts):
        edited(
            qtbot, window, lambda n=number, t=text: window.workspace.revise(lambda k: corrections.retype(k, range(n, n + 1), t))
        )  # type: ignore[misc]
    page = window.bench.page
    assert page.page is not None
    for row in {page.page.row_of(number) for number in range(len(texts))}:
        places = [(i, box) for i, box in page.words.places(row) if i < len(texts)]
        assert all(a.left() >= b.right() for (_i, a), (_k, b) in itertools.pairwise(places))
        for number, box in places:
            assert page.word_near(box.center().x(), box.center().y()) == number
    window.workspace.selection.select(range(1, 2))
    row = page.page.row_of(1)
    box = dict(page.words.places(row))[1]
    shot = page.viewport().grab().toImage()
    at = QPoint(round(box.right()), round(box.center().y()) - page.verticalScrollBar().value())
    assert QColor(shot.pixel(at)).name() == QColor(theme.current().chosen).name(), "what is chosen is painted where the word is"


def test_in_even_time_each_line_has_its_sound_and_ticks_that_are_dragged(qtbot: QtBot, window: MainWindow) -> None:
    page, opened = window.bench.page, window.workspace.opened
    assert opened is not None
    assert list(page.timing.strips(0, 900)) == [], "time is elastic"
    page.set_even(True)
    page.verticalScrollBar().setValue(0)
    strips = list(page.timing.strips(0, page.viewport().height()))
    assert len(strips) >= 2
    strip = next(s for s in strips if s.row.last - s.row.first >= 2)
    words = opened.analysis.words
    ticks = [t for t in page.timing._edges(opened, strip) if t.shared] or list(page.timing._edges(opened, strip))
    tick = ticks[0]
    spot = QPoint(round(strip.x(tick.at)), round(strip.box.center().y()))
    view = page.viewport()
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=spot)
    assert page.timing.held is not None
    qtbot.mouseMove(view, spot + QPoint(6, 0))
    window.bench.grab()
    qtbot.keyClick(page, Qt.Key.Key_Escape)
    assert page.timing.held is None
    qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=spot + QPoint(6, 0))
    assert window.workspace.opened.analysis.words == words, "a drag that is given up changes nothing"  # type: ignore[union-attr]
    far = round(6 / strip.box.width() * (strip.end - strip.start))
    qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=spot)
    qtbot.mouseMove(view, spot + QPoint(6, 0))
    with qtbot.waitSignal(window.workspace.transcript_changed, timeout=WAIT):
        qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=spot + QPoint(6, 0))
    now = window.workspace.opened.analysis.words  # type: ignore[union-attr]
    moved = (now[tick.word].end if tick.ends else now[tick.word].start) - tick.before
    assert abs(moved - far) < S // 50
    if tick.shared:
        assert now[tick.word].end == now[tick.word + 1].start
    assert all(a.end <= b.start for a, b in zip(now, now[1:], strict=False)), "neighbours keep their order"


def test_a_line_is_found_in_the_sound_anew(qtbot: QtBot, window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    asked: list[range] = []

    def again(_source: object, transcript: Transcript, chosen: range, language: str) -> list[tuple[int, int]]:
        asked.append(chosen)
        assert language == "en", "that of the talk"
        return [
            (w.start + 480, w.end + 480) if n == 0 else (w.start, w.end)
            for n, w in enumerate(transcript.words[chosen.start : chosen.stop])
        ]

    monkeypatch.setattr(word_actions, "align_again", again)
    rows = window.workspace.opened.pages.elastic.rows  # type: ignore[union-attr]
    row = next(r for r in rows if r.last - r.first >= 2)
    window.workspace.selection.select(range(row.first + 1, row.first + 2))
    before = window.workspace.opened.analysis.words[row.first].start  # type: ignore[union-attr]
    with qtbot.waitSignal(window.workspace.transcript_changed, timeout=WAIT):
        qtbot.keyClick(window, Qt.Key.Key_Y, Qt.KeyboardModifier.ShiftModifier)
    assert asked == [range(row.first, row.last + 1)]
    assert window.workspace.opened.analysis.words[row.first].start == before + 480  # type: ignore[union-attr]
