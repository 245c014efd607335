"""The Moments place in the real window."""

from __future__ import annotations

from dataclasses import replace

import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QPushButton
from pytestqt.qtbot import QtBot

from standtall.library.project import Project
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment
from standtall.ui.app.window import MainWindow
from standtall.ui.moments.place import MomentCard
from standtall.ui.widgets import theme
from tests.ui.driving import WAIT, edited, short_of


def asked(qtbot: QtBot, window: MainWindow, least: int = 10, most: int = 45) -> list[MomentCard]:
    place = window.moments
    qtbot.keyClick(window, Qt.Key.Key_F4)
    place.least.setValue(least)
    place.most.setValue(most)
    place.ask()
    qtbot.waitUntil(lambda: bool(place.cards) or "Looking" not in place._told.text(), timeout=WAIT)
    return place.cards


def test_moments_are_found_with_reasons_and_made_into_a_short(qtbot: QtBot, window: MainWindow) -> None:
    cards = asked(qtbot, window)
    assert len(cards) >= 4
    qtbot.waitUntil(lambda: not cards[0]._poster.pixmap().isNull(), timeout=WAIT)
    first = cards[0].moment
    assert any("opens on" in r.text for r in first.part("opening").reasons)
    (make,) = [b for b in cards[0].findChildren(QPushButton) if b.text() == "Make a short"]
    cards[0].title.setEditText("One plot, five people")
    edited(qtbot, window, make.click)
    assert window.place == "bench", "the Bench"
    assert short_of(window).name == "One plot, five people"
    (segment, *_rest) = short_of(window).segments
    assert abs(segment.start - first.start) < 24_000


def test_a_proposal_plays_in_the_tall_picture_and_the_bench_comes_back(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    cards = asked(qtbot, window)
    qtbot.keyClick(cards[1], Qt.Key.Key_Return)
    qtbot.waitUntil(lambda: window.player.speed == 1.0, timeout=WAIT)  # a wait for pictures is not safe while they come quickly
    assert window.playback._looked_at is not None
    assert abs(window.playback._looked_at.time_map.length - cards[1].moment.length) < 48_000
    assert window.playback._looked_at.cards, "with captions, as its short would have them"
    window.player.pause()
    window.go("bench")
    assert window.playback._looked_at is None
    assert short_of(window) == before


def test_a_moment_that_is_left_before_it_is_worked_out_does_not_play(qtbot: QtBot, window: MainWindow) -> None:
    asked(qtbot, window)
    done: list[bool] = []
    window.playback.play_moment(window.moments.moments[1], window.workspace.opened)  # type: ignore[arg-type]
    window.go("bench")
    window.workspace.in_background("preview", lambda: True, done.append)  # comes after it on the same queue
    qtbot.waitUntil(lambda: bool(done), timeout=WAIT)
    assert window.playback._looked_at is None
    assert window.player.speed == 0
    assert window.player._composition is window.workspace.opened.composition  # type: ignore[union-attr]


def test_what_is_kept_is_on_disk_and_stays_when_asked_again(qtbot: QtBot, window: MainWindow) -> None:
    cards = asked(qtbot, window)
    kept, passed = cards[2].moment, cards[0].moment
    (keep,) = [b for b in cards[2].findChildren(QPushButton) if b.text() == "Keep"]
    (over,) = [b for b in cards[0].findChildren(QPushButton) if b.text() == "Skip"]
    keep.click()
    over.click()
    again = asked(qtbot, window, 10, 30)
    qtbot.waitUntil(lambda: bool(window.moments.cards) and window.moments.cards[0].moment.start == kept.start, timeout=WAIT)
    again = window.moments.cards
    assert again[0].kept is True
    assert passed.start not in [c.moment.start for c in again if c.moment.end == passed.end]
    key = window.workspace.opened.source.key  # type: ignore[union-attr]
    assert window.workspace.project_path is not None
    with Project(window.workspace.project_path, "read") as project:
        assert project.votes(key) == {(kept.start, kept.end): True, (passed.start, passed.end): False}
    count = len(again)
    with qtbot.waitSignal(window.workspace.composition_changed, timeout=WAIT):
        window.moments.make_kept()
    assert len(window.moments.cards) == count
    assert short_of(window).name == again[0].title.currentText()


def test_the_strip_goes_to_a_proposal_by_a_click(qtbot: QtBot, window: MainWindow) -> None:
    asked(qtbot, window)
    strip = window.moments.strip
    moment = window.moments.moments[1]
    at = QPoint(strip.width() - 20, round((strip._y(moment.start) + strip._y(moment.end)) / 2))
    with qtbot.waitSignal(window.moments.played, timeout=WAIT) as played:
        qtbot.mouseClick(strip, Qt.MouseButton.LeftButton, pos=at)
    assert played.args[0] == moment
    shown = strip.grab().toImage()

    def colours(of: Moment) -> set[str]:
        y = round((strip._y(of.start) + strip._y(of.end)) / 2)
        return {shown.pixelColor(x, y).name() for x in range(shown.width() // 2, shown.width())}

    assert theme.NOW.lower() in colours(moment), "the one that plays is marked"
    assert theme.KEPT.lower() in colours(window.moments.moments[0])
    window.player.pause()


@pytest.mark.parametrize(("words", "says"), [(True, "are spoken in all. Ask for shorter"), (False, "Nobody says a word")])
def test_where_nothing_is_found_it_says_what_to_do(qtbot: QtBot, window: MainWindow, words: bool, says: str) -> None:
    opened = window.workspace.opened
    assert opened is not None
    if words:
        asked(qtbot, window, 300, 301)
    else:
        window.moments._found(replace(opened, analysis=Analysis(opened.source.key)), ())
    assert says in window.moments._told.text()
    assert window.moments.cards == []


def test_topics_speakers_and_a_drawn_part_are_asked_for(qtbot: QtBot, window: MainWindow) -> None:
    place = window.moments
    place.topics.setText("worms")
    cards = asked(qtbot, window, 8, 40)
    about = [c.moment.about for c in cards if c.moment.about]
    assert about and about[0][0].startswith("worms: worms")
    place.topics.setText("submarines")
    place.ask()
    qtbot.waitUntil(lambda: "Nothing is said about “submarines”" in place._told.text(), timeout=WAIT)
    assert place.cards, "the best ones without it are shown all the same"
    place.topics.setText("")
    opened = window.workspace.opened
    assert opened is not None
    half = opened.source.length // 2
    place.strip.drawn.emit(half, opened.source.length)
    assert place.part.currentText().endswith("as drawn")
    place.speaker.setCurrentIndex(0)
    cards = asked(qtbot, window, 8, 40)
    qtbot.waitUntil(lambda: bool(place.cards) and all(c.moment.start >= half for c in place.cards), timeout=WAIT)
    place.part.setCurrentIndex(1)
    assert place.part.currentData()[0] == 0, "chapters are parts to choose, once they are known"


def test_a_part_that_is_drawn_before_the_first_question_stays_chosen(qtbot: QtBot, window: MainWindow) -> None:
    place = window.moments
    length = window.workspace.opened.source.length  # type: ignore[union-attr]
    place.strip.drawn.emit(length // 2, length)
    cards = asked(qtbot, window, 8, 40)
    assert place.part.count() > 2, "the chapters have come"
    assert place.part.currentData() == (length // 2, length)
    assert place.strip._part == (length // 2, length)
    assert all(c.moment.start >= length // 2 for c in cards)


def test_a_part_is_drawn_on_the_strip_with_shift(qtbot: QtBot, window: MainWindow) -> None:
    strip = window.moments.strip
    qtbot.keyClick(window, Qt.Key.Key_F4)
    shift, left = Qt.KeyboardModifier.ShiftModifier, Qt.MouseButton.LeftButton
    high = strip.height()
    qtbot.mousePress(strip, left, shift, QPoint(80, high // 4))
    qtbot.mouseMove(strip, QPoint(80, high // 2))
    with qtbot.waitSignal(strip.drawn, timeout=WAIT) as drawn:
        qtbot.mouseRelease(strip, left, shift, QPoint(80, high // 2))
    start, end = drawn.args
    length = window.workspace.opened.source.length  # type: ignore[union-attr]
    assert start / length == pytest.approx(0.25, abs=0.05)
    assert end / length == pytest.approx(0.5, abs=0.05)


def test_more_like_this_and_what_votes_teach(qtbot: QtBot, window: MainWindow) -> None:
    place = window.moments
    cards = asked(qtbot, window)
    first = cards[0].moment
    assert not place._forget.isVisible()
    for number, value in ((0, True), (1, False), (2, False)):
        cards[number]._vote(value, True)
    qtbot.waitUntil(lambda: place.learnt.votes == 3, timeout=WAIT)
    assert "Learnt from 3 votes" in place._lesson.text()
    place.forget()
    qtbot.waitUntil(lambda: place.learnt.votes == 0, timeout=WAIT)
    assert not place._forget.isVisible()
    assert cards[0].kept is True, "what was kept stays kept"
    shown = place.moments
    (more,) = [b for b in cards[3].findChildren(QPushButton) if b.text() == "More like this"]
    like = cards[3].moment
    more.click()
    qtbot.waitUntil(lambda: place.moments is not shown, timeout=WAIT)
    others = [m for m in place.moments if m.start != first.start]
    assert all(min(m.end, like.end) - max(m.start, like.start) <= 0.2 * (m.end - m.start) for m in others)


def test_what_was_reshaped_is_said_and_taken_back(qtbot: QtBot, window: MainWindow) -> None:
    place = window.moments
    cards = asked(qtbot, window, 20, 30)
    changed = next(c for c in cards if c.moment.dull is not None or c.moment.lead is not None)
    number, moment = changed.number, changed.moment
    back = [b for b in changed.findChildren(QPushButton) if b.text() == "Undo"]
    assert len(back) == (moment.dull is not None) + (moment.lead is not None)
    back[0].click()
    qtbot.waitUntil(lambda: place.moments[number] is not moment, timeout=WAIT)
    again = place.moments[number]
    assert (again.lead, again.dull).count(None) == (moment.lead, moment.dull).count(None) + 1
    assert place.cards[number].moment is again
    place.shape.setCurrentIndex(1)
    asked(qtbot, window, 20, 30)
    qtbot.waitUntil(lambda: place.moments[0] is not again and all(m.lead is m.dull is None for m in place.moments), timeout=WAIT)
