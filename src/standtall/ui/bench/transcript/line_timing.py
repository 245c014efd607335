"""Where time is even, each line has its sound under it, with a tick at each edge of its words, to be dragged."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.model import corrections
from standtall.model.analysis import LEVEL_STEP
from standtall.model.words import Word
from standtall.ui.bench.transcript.word_painting import Column
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import ROW, Page, Row
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme

ROOM: Final = round(0.15 * TICKS_PER_SECOND)
"""Sound that is shown before and after a line."""
HIGH, LEAST, GAP = 26, 12, 3
"""Height of a strip at most, at least, and what is left free above and below it, in pixels."""
REACH: Final = 5
"""Pixels around a tick by which it is taken."""
TOUCH: Final = TICKS_PER_SECOND // 100
"""Words nearer than this share their tick."""
QUIET_DB, LOUD_DB = -60.0, -8.0


@dataclass(frozen=True, slots=True)
class Strip:
    """The sound of one row: where it lies on the page, and its time (ticks of the source)."""

    row: Row
    box: QRectF
    start: int
    end: int

    def x(self, tick: float) -> float:
        return float(self.box.x() + (tick - self.start) / (self.end - self.start) * self.box.width())

    def tick(self, x: float) -> int:
        return round(self.start + (x - self.box.x()) / self.box.width() * (self.end - self.start))


@dataclass(frozen=True, slots=True)
class Tick:
    """An edge of word `word` (its end, where `ends`) of what was on the Bench; `shared` with the start of the next one. `at` is
    where it lies now."""

    opened: Opened
    strip: Strip
    word: int
    ends: bool
    shared: bool
    before: int
    at: int


class LineTiming:
    """The strips of the page in front, none where time is elastic; `column` says where the words stand. `held` is the tick that
    is dragged, None while none is."""

    def __init__(self, ws: Workspace, page: Callable[[], Page | None], column: Callable[[], Column]) -> None:
        self._ws, self._page, self._column = ws, page, column
        self.held: Tick | None = None

    # what is where

    def strips(self, top: float, bottom: float) -> Iterator[Strip]:
        """Those of the rows between two heights that have room under them."""
        page, column = self._page(), self._column()
        for number in page.visible(top - 2 * ROW, bottom) if page is not None and page.even else ():
            assert page is not None
            row = page.rows[number]
            below = page.rows[number + 1].top if number + 1 < len(page.rows) else page.height
            high = min(HIGH, below - row.top - ROW - 2 * GAP)
            if high >= LEAST:
                box = QRectF(column.left + 18, row.top + ROW + GAP, max(40.0, column.right - column.left - 44), high)
                yield Strip(row, box, max(0, row.start - ROOM), row.end + ROOM)

    def _edges(self, opened: Opened, strip: Strip) -> Iterator[Tick]:
        words = opened.analysis.words
        for i in range(strip.row.first, strip.row.last + 1):
            if i == strip.row.first or words[i].start - words[i - 1].end > TOUCH:
                yield Tick(opened, strip, i, False, False, words[i].start, words[i].start)
            shared = i < strip.row.last and words[i + 1].start - words[i].end <= TOUCH
            yield Tick(opened, strip, i, True, shared, words[i].end, words[i].end)

    def tick_at(self, x: float, y: float) -> Tick | None:
        """The tick under a point of the page."""
        opened = self._ws.opened
        if opened is None:
            return None
        for strip in self.strips(y, y):
            if strip.box.adjusted(-REACH, 0, REACH, 0).contains(QPointF(x, y)):
                near = min(self._edges(opened, strip), key=lambda t: abs(strip.x(t.at) - x))
                return near if abs(strip.x(near.at) - x) <= REACH else None
        return None

    # a drag

    def press(self, x: float, y: float) -> bool:
        """Take the tick under a point; -> whether there is one."""
        self.held = self.tick_at(x, y)
        if self.held is not None:
            self._ws.selection.select(range(self.held.word, self.held.word + 1))
        return self.held is not None

    def move(self, x: float) -> None:
        if self.held is not None:
            low, high = _between(self.held)
            self.held = replace(self.held, at=min(max(low, self.held.strip.tick(x)), high))

    def release(self) -> bool:
        """Move the edge of the word to where its tick was dragged; -> whether any was."""
        held, self.held = self.held, None
        if held is None or held.at == held.before:
            return held is not None
        at, index = held.at, held.word
        if held.shared:
            self._ws.revise_words(range(index, index + 2), lambda t, c: corrections.move_edge(t, c.start, at), held.opened)
        else:
            word = held.opened.analysis.words[index]
            start, end = (word.start, at) if held.ends else (at, word.end)
            self._ws.revise_words(range(index, index + 1), lambda t, c: corrections.retime(t, c.start, start, end), held.opened)
        return True

    def give_up(self) -> bool:
        """Leave everything as it was; -> whether anything was dragged."""
        held, self.held = self.held, None
        return held is not None

    # painting

    def paint(self, painter: QPainter, area: QRectF) -> None:
        opened = self._ws.opened
        if opened is None:
            return
        look = theme.current()
        for strip in self.strips(area.top(), area.bottom()):
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(look.page_rule))
            painter.drawRoundedRect(strip.box, 4, 4)
            chosen = self._ws.selection.words or range(0)
            for i in range(max(strip.row.first, chosen.start), min(strip.row.last + 1, chosen.stop)):
                self._paint_word(painter, opened, strip, i)
            self._paint_level(painter, opened, strip)
            for tick in self._edges(opened, strip):
                held = self.held is not None and (self.held.word, self.held.ends) == (tick.word, tick.ends)
                at = self.held.at if held and self.held is not None else tick.at
                mine = held or tick.word in chosen or (tick.shared and tick.word + 1 in chosen)
                self._paint_tick(painter, strip, at, held, QColor(theme.NOW if mine else look.ink))
        if self.held is not None:
            self._paint_moved(painter, self.held)

    def _paint_word(self, painter: QPainter, opened: Opened, strip: Strip, i: int) -> None:
        """The time of a chosen word, as it would be while an edge of it is dragged."""
        start, end = opened.analysis.words[i].start, opened.analysis.words[i].end
        held = self.held
        if held is not None and i == held.word:
            start, end = (start, held.at) if held.ends else (held.at, end)
        light = QColor(theme.NOW)
        light.setAlpha(70)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(light)
        painter.drawRect(QRectF(strip.x(start), strip.box.top(), strip.x(end) - strip.x(start), strip.box.height()))

    def _paint_level(self, painter: QPainter, opened: Opened, strip: Strip) -> None:
        level = opened.analysis.level_db
        first, last = strip.start // LEVEL_STEP, min(len(level), strip.end // LEVEL_STEP)
        middle, wide = strip.box.center().y(), strip.box.width() * LEVEL_STEP / (strip.end - strip.start)
        painter.setBrush(QColor(theme.current().pale_ink))
        bars = []
        for i in range(first, last):
            high = min(1.0, max(0.02, (level[i] - QUIET_DB) / (LOUD_DB - QUIET_DB))) * strip.box.height()
            bars.append(QRectF(strip.x(i * LEVEL_STEP), middle - high / 2, wide, high))
        painter.setOpacity(0.45)
        painter.drawRects(bars)
        painter.setOpacity(1.0)

    def _paint_tick(self, painter: QPainter, strip: Strip, at: int, held: bool, colour: QColor) -> None:
        x = strip.x(at)
        painter.setPen(QPen(colour, 2.5 if held else 1.5))
        painter.drawLine(QPointF(x, strip.box.top()), QPointF(x, strip.box.bottom()))

    def _paint_moved(self, painter: QPainter, held: Tick) -> None:
        """How far the tick was dragged, beside its strip's upper edge, over all else."""
        moved, look = tr("{moved:+.2f} s", moved=seconds(held.at - held.before)), theme.current()
        wide = painter.fontMetrics().horizontalAdvance(moved) + 10
        left = min(held.strip.x(held.at) + 6, held.strip.box.right() - wide)
        plate = QRectF(left, held.strip.box.top() - 2, wide, held.strip.box.height() + 4)
        painter.setPen(QPen(QColor(theme.NOW), 1))
        painter.setBrush(QColor(look.paper))
        painter.drawRoundedRect(plate, 4, 4)
        painter.setPen(QColor(look.ink))
        painter.drawText(plate, Qt.AlignmentFlag.AlignCenter, moved)


def _between(tick: Tick) -> tuple[int, int]:
    """How far a tick can be dragged: words keep their order, and some length."""
    words: tuple[Word, ...] = tick.opened.analysis.words
    mine = words[tick.word]
    if not tick.ends:
        before = words[tick.word - 1].end if tick.word else 0
        return before, max(before, mine.end - corrections.SHORTEST)
    after = words[tick.word + 1] if tick.word + 1 < len(words) else None
    limit = tick.opened.source.length if after is None else after.end - corrections.SHORTEST if tick.shared else after.start
    return mine.start + corrections.SHORTEST, max(mine.start + corrections.SHORTEST, limit)
