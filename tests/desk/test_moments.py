"""The Moments place in the real window."""

from __future__ import annotations

import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QPushButton
from pytestqt.qtbot import QtBot

from standtall.desk.moments import MomentCard
from standtall.desk.window import MainWindow
from standtall.library.project import Project
from standtall.model.analysis import Analysis
from tests.desk.test_desk import WAIT, edited, short_of, window

__all__ = ["window"]


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
    assert "opens on a question" in [r.text for r in first.part("opening").reasons]
    (make,) = [b for b in cards[0].findChildren(QPushButton) if b.text() == "Make a short"]
    cards[0].title.setEditText("One plot, five people")
    edited(qtbot, window, make.click)
    assert window.places.currentIndex() == 1, "the Bench"
    assert short_of(window).name == "One plot, five people"
    (excerpt, *_rest) = short_of(window).excerpts
    assert abs(excerpt.start - first.start) < 24_000


def test_a_proposal_plays_in_the_tall_picture_and_the_bench_comes_back(qtbot: QtBot, window: MainWindow) -> None:
    before = short_of(window)
    cards = asked(qtbot, window)
    with qtbot.waitSignal(window.player.shown, timeout=WAIT):
        qtbot.keyClick(cards[1], Qt.Key.Key_Return)
    assert window._previewing is not None
    assert abs(window._previewing.time_map.length - cards[1].moment.length) < 48_000
    assert window._previewing.lines, "with captions, as its short would have them"
    window.player.pause()
    window.go("bench")
    assert window._previewing is None
    assert short_of(window) == before


def test_what_is_kept_is_on_disk_and_stays_when_asked_again(qtbot: QtBot, window: MainWindow) -> None:
    cards = asked(qtbot, window)
    kept, passed = cards[2].moment, cards[0].moment
    (keep,) = [b for b in cards[2].findChildren(QPushButton) if b.text() == "Keep"]
    (over,) = [b for b in cards[0].findChildren(QPushButton) if b.text() == "Pass"]
    keep.click()
    over.click()
    again = asked(qtbot, window, 10, 30)
    qtbot.waitUntil(lambda: bool(window.moments.cards) and window.moments.cards[0].moment.start == kept.start, timeout=WAIT)
    again = window.moments.cards
    assert again[0].kept is True
    assert passed.start not in [c.moment.start for c in again if c.moment.end == passed.end]
    key = window.workspace.opened.source.key  # type: ignore[union-attr]
    assert window.workspace.project_path is not None
    with Project(window.workspace.project_path) as project:
        assert project.votes(key) == {(kept.start, kept.end): True, (passed.start, passed.end): False}
    count = len(again)
    with qtbot.waitSignal(window.workspace.edition_changed, timeout=WAIT):
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
    assert not strip.grab().isNull()
    window.player.pause()


@pytest.mark.parametrize(("words", "says"), [(True, "are spoken in all. Ask for shorter"), (False, "Nobody says a word")])
def test_where_nothing_is_found_it_says_what_to_do(qtbot: QtBot, window: MainWindow, words: bool, says: str) -> None:
    opened = window.workspace.opened
    assert opened is not None
    if words:
        asked(qtbot, window, 300, 301)
    else:
        window.moments._found(window.workspace.opened.__class__(  # type: ignore[union-attr]
            opened.source, opened.found, opened.transcript, Analysis(opened.source.key), opened.entry, opened.edition,
            opened.camera, opened.page, opened.index, None), ())  # fmt: skip
    assert says in window.moments._told.text()
    assert window.moments.cards == []
