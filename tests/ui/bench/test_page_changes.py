"""After an edit only what looks otherwise is painted anew, and the page looks as if all of it had been."""

from __future__ import annotations

import random
from collections.abc import Callable
from dataclasses import replace

import numpy as np
import pytest
from PySide6.QtGui import QImage
from pytestqt.qtbot import QtBot

from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.notice import Notice
from standtall.cutting import by_words, order, trim
from standtall.model import caption_edits
from standtall.model.analysis import Analysis
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.timemap import SourceTime
from standtall.ui.app.window import MainWindow
from standtall.ui.bench.transcript.page import TranscriptPage
from standtall.ui.bench.transcript.page_changes import joined, rows_of
from standtall.ui.state.rows import Pages
from tests.ui.driving import WAIT, edited, short_of

Make = Callable[[Short, Analysis], Edit]


@pytest.fixture
def page(qtbot: QtBot, window: MainWindow) -> TranscriptPage:
    """The page, on which no loudness comes and goes while it is looked at."""
    window.go("bench")
    script = window.bench.page
    script.refresh()
    whole(qtbot, script)
    return script


def whole(qtbot: QtBot, script: TranscriptPage) -> QImage:
    qtbot.waitUntil(lambda: script._ground.is_whole, timeout=WAIT)
    return script.viewport().grab().toImage()


def differing(a: QImage, b: QImage) -> list[tuple[int, int]]:
    """Pixels that are seen to differ: by more than Qt may smooth an edge otherwise where it is painted in part."""
    assert a.size() == b.size()
    grey = [i.convertToFormat(QImage.Format.Format_Grayscale8) for i in (a, b)]
    one, other = (np.frombuffer(i.constBits(), np.uint8).reshape(i.height(), -1)[:, : i.width()].astype(int) for i in grey)
    return [(int(x), int(y)) for y, x in np.argwhere(np.abs(one - other) > 12)]


def anywhere(dice: random.Random, words: int) -> Make:
    """An edit that a person may do, of words near the beginning, which are seen."""
    first = dice.randrange(min(words, 90))
    some = range(first, min(words, first + dice.choice((1, 1, 2, 6, 25))))
    ticks = dice.choice((-9_000, 4_800, 24_000))
    edits: list[Make] = [
        lambda s, a: by_words.cut(s, a, some),
        lambda s, a: by_words.cut(s, a, some),
        lambda s, a: by_words.bring_back(s, a, some),
        lambda s, a: by_words.choose(s, a, range(some.start, min(len(a.words), some.start + 60))),
        lambda s, a: order.to_front(s, a, some),
        lambda s, _a: order.remove(s, dice.randrange(len(s.segments))),
        lambda s, _a: trim.trim(s, 0, "start", s.segments[0].start + ticks),
        lambda s, _a: trim.trim(s, len(s.segments) - 1, "end", s.segments[-1].end + ticks),
        lambda s, a: trim.split(s, SourceTime(s.main_source, a.words[first].start)),
        lambda s, _a: caption_edits.show_captions(s, not s.captions.shown),
    ]
    return dice.choice(edits)


def done(qtbot: QtBot, window: MainWindow, make: Make) -> bool:
    """Do it; False where there is nothing to do."""
    said: list[str] = []
    came: list[bool] = []
    ws = window.workspace
    to = ws.composition_changed.connect(lambda: came.append(True)), ws.said.connect(lambda text, _tone: said.append(text))
    ws.edit(make)
    qtbot.waitUntil(lambda: bool(came or said), timeout=WAIT)
    for connection in to:
        ws.disconnect(connection)
    return bool(came)


@pytest.mark.parametrize("seed", [3, 8])
def test_a_page_painted_in_part_looks_as_one_painted_whole(
    qtbot: QtBot, window: MainWindow, page: TranscriptPage, seed: int, monkeypatch: pytest.MonkeyPatch
) -> None:
    dice, in_part = random.Random(seed), 0
    told: list[object] = []
    renew = page._ground.renew
    monkeypatch.setattr(page._ground, "renew", lambda stretches=None: (told.append(stretches), renew(stretches)))
    words = len(window.workspace.opened.analysis.words)  # type: ignore[union-attr]
    for _ in range(25):
        if dice.random() < 0.3:
            first = dice.randrange(60)
            window.workspace.selection.select(dice.choice((None, range(first, first + dice.randint(1, 12)))))
        elif not done(qtbot, window, anywhere(dice, words)):
            continue
        elif dice.random() < 0.2:
            edited(qtbot, window, window.workspace.undo)
        seen = whole(qtbot, page)
        in_part += any(stretches is not None for stretches in told)
        page.refresh()
        assert differing(seen, whole(qtbot, page)) == [], dice
        told.clear()
    assert in_part >= 8


def test_a_word_that_is_struck_paints_its_row_and_no_more(
    qtbot: QtBot, window: MainWindow, page: TranscriptPage, monkeypatch: pytest.MonkeyPatch
) -> None:
    opened = window.workspace.opened
    assert opened is not None
    inside = by_words.kept_words(short_of(window), opened.analysis)
    number = inside[len(inside) // 2]
    page.show_tick(opened.analysis.words[number].start)
    whole(qtbot, page)
    stretches: list[list[tuple[float, float]]] = []
    renew = page._ground.renew
    monkeypatch.setattr(page._ground, "renew", lambda some=None: (stretches.append(some), renew(some)))
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, a: by_words.cut(s, a, [number])))
    (found,) = stretches
    row = page.page.rows[page.page.row_of(number)]  # type: ignore[union-attr]
    assert any(top <= row.top and bottom >= row.top + 20 for top, bottom in found)
    assert sum(bottom - top for top, bottom in found) < 6 * 20


def test_where_more_than_the_cut_changes_all_of_it_is_painted(
    qtbot: QtBot, window: MainWindow, page: TranscriptPage, monkeypatch: pytest.MonkeyPatch
) -> None:
    told: list[object] = []
    renew = page._ground.renew
    monkeypatch.setattr(page._ground, "renew", lambda some=None: (told.append(some), renew(some)))
    edited(qtbot, window, lambda: window.workspace.edit(lambda s, _a: caption_edits.show_captions(s, not s.captions.shown)))
    assert told == [None]


def test_what_was_to_be_looked_at_and_is_no_more_goes(qtbot: QtBot, window: MainWindow, page: TranscriptPage) -> None:
    """What the captions are found to be comes without an edit, and goes with the next one."""
    ws, bare = window.workspace, whole(qtbot, page)
    opened = ws.opened
    assert opened is not None
    ws.legible.stop()
    place = SourceTime(opened.source.key, opened.analysis.words[4].start)
    ws.opened = replace(opened, notices=(*opened.notices, Notice("hard to read", {"told": "too small"}, place, ())))
    ws.notices_changed.emit()
    assert differing(whole(qtbot, page), bare), "a mark beside the picture lane"
    edited(qtbot, window, lambda: ws.edit(lambda s, a: by_words.cut(s, a, by_words.kept_words(s, a)[-1:])))
    seen = whole(qtbot, page)
    page.refresh()
    assert differing(seen, whole(qtbot, page)) == []


def test_stretches_that_meet_are_one() -> None:
    assert joined([(30, 40), (0, 10), (10, 12), (35, 50)]) == [(0, 12), (30, 50)]
    assert joined([]) == []


def test_a_page_without_words_has_no_rows_to_paint() -> None:
    assert list(rows_of(Pages((), 90 * TICKS_PER_SECOND).elastic, (3, 4))) == []
