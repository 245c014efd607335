"""The transcript page: time runs down it, words at the right, the picture lane beside them."""

from __future__ import annotations

from typing import Literal

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRect, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QFont, QFontMetricsF, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QResizeEvent
from PySide6.QtWidgets import QAbstractScrollArea, QApplication, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.cutting.by_words import kept_words
from standtall.model.words import word_at, words_within
from standtall.ui.bench.transcript import extras_lane, grips
from standtall.ui.bench.transcript.extras_lane import ExtrasLane
from standtall.ui.bench.transcript.giving_up import GivingUp
from standtall.ui.bench.transcript.ground import Ground
from standtall.ui.bench.transcript.lane_drag import LaneDrag
from standtall.ui.bench.transcript.lanes import LaneBox, paint_loudness, paint_picture_lane, paint_time_lane
from standtall.ui.bench.transcript.line_timing import LineTiming
from standtall.ui.bench.transcript.overview import OverviewBar
from standtall.ui.bench.transcript.page_changes import MOST, PageState, changed, joined, rows_of
from standtall.ui.bench.transcript.retyping import Retyping
from standtall.ui.bench.transcript.word_painting import Column, PageWords
from standtall.ui.state.opened import Opened
from standtall.ui.state.rows import ROW, Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme

Part = Literal["time", "shot", "words", "extra"]
TIME_W, EXTRAS_W = 50, extras_lane.WIDE
LANE_LEAST, WORDS_W = 76, 236
"""The picture lane is never narrower; before it is, the words keep the width that a row of them may need."""


class TranscriptPage(QAbstractScrollArea):
    """Choose words by dragging over them; drag the band in the picture lane to move the crop."""

    laid_out = Signal(int)
    """Width of the picture lane, when it changes."""
    drag_wanted = Signal(object)
    """The chosen words (a range) are dragged away."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        focus_ring.give(self)
        self.setAccessibleName(tr("Transcript"))
        self.setAccessibleDescription(tr("Words of the footage from top to bottom, with the picture lane beside them"))
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.even = False  # whether all seconds are as high as each other
        self.setVerticalScrollBar(OverviewBar(workspace, lambda: self.page))
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOn)
        where = (lambda: self.page, lambda: Column(self._words_x(), self.right))
        self.words, self.timing = PageWords(workspace, *where), LineTiming(workspace, *where)
        self.extras = ExtrasLane(workspace, lambda: self.page)
        self.retyping = Retyping(workspace, self, self.viewport())
        self.viewport().setMouseTracking(True)
        self._grips: list[grips.Grip] = []
        self._held: grips.Grip | None = None
        self._held_in: Opened | None = None  # what was on the Bench when the grip was taken
        self._anchor: int | None = None
        self._lifted: QPointF | None = None
        """Where chosen words were pressed: they are dragged from there, or chosen anew."""
        self._dragged = LaneDrag(workspace)
        GivingUp(self, (self.timing.give_up, self._dragged.give_up), self.refresh)
        workspace.trial.changed.connect(lambda _made: self.refresh())
        self._last_playhead = 0
        self._shown_page: Page | None = None
        self._ground = Ground(self.viewport())
        self._state: PageState | None = None
        self._marked = range(0)
        self._level: tuple[tuple[float, ...], NDArray[np.float32]] = ((), np.zeros(0, np.float32))
        workspace.opened_changed.connect(self._reopened)
        workspace.composition_changed.connect(self._edited)
        chosen = workspace.selection
        chosen.changed.connect(self._chosen)
        workspace.notices_changed.connect(self._edited)
        for signal in (chosen.extra_changed, workspace.sounding.changed):
            signal.connect(self.refresh)
        workspace.search.changed.connect(self.refresh)
        workspace.thumbs_changed.connect(self.refresh)
        workspace.selection.playhead_changed.connect(self._moved)

    # what is where

    @property
    def page(self) -> Page | None:
        opened = self._ws.opened
        if opened is None:
            return None
        return opened.pages.even if self.even else opened.pages.elastic

    def set_even(self, even: bool) -> None:
        """Let all seconds be as high as each other, or rows as high as their words need."""
        self.even = even
        self._reopened()
        self.verticalScrollBar().update()

    def _lane(self) -> LaneBox:
        return LaneBox(TIME_W, self._lane_width(), float(self.verticalScrollBar().value()), float(self.viewport().height()))

    def _lane_width(self) -> int:
        free = self.viewport().width() - TIME_W - EXTRAS_W
        return max(LANE_LEAST, min(260, int(free * 0.36), free - WORDS_W))

    def _words_x(self) -> float:
        return float(TIME_W + self._lane_width())

    @property
    def right(self) -> float:
        """Where the words end and the extras begin."""
        return float(self.viewport().width() - EXTRAS_W)

    def _level_db(self, opened: Opened) -> NDArray[np.float32]:
        if self._level[0] is not opened.analysis.level_db:
            self._level = opened.analysis.level_db, np.array(opened.analysis.level_db, np.float32)
        return self._level[1]

    def word_near(self, x: float, y: float) -> int | None:
        """Index of the word at or nearest to a point of the page, inside its row."""
        page = self.page
        rows = page.visible(y - ROW, y + ROW) if page is not None and page.rows else ()
        if page is None or not rows:
            return None
        number = min(rows, key=lambda n: abs(page.rows[n].top + ROW / 2 - y))
        return min(self.words.places(number), key=lambda p: max(0.0, p[1].left() - x, x - p[1].right()))[0]

    # changes

    def _reopened(self) -> None:
        self._edited()
        self._scroll_range()
        if self._ws.opened is not None:
            self.show_tick(self._ws.selection.playhead)

    def _edited(self) -> None:
        opened = self._ws.opened
        if self.page is not None and self.page is not self._shown_page:
            self._shown_page = self.page
            self._ground.forget()
            self._scroll_range()
        self.words.keep(frozenset(kept_words(opened.entry.short, opened.analysis)) if opened else frozenset())
        self._grips = grips.grips(opened, self.page) if opened and self.page else []
        before, self._state = self._state, None
        if opened is not None and self.page is not None:
            self._state = PageState(opened, self.page, self.words.kept, self.words.inside, self._grips, self.extras.bars())
        told = self._ws.trial.camera is not None or opened is None or self._ws.sounding.of(opened.composition) is not None
        self._ground.renew(None if told or before is None or self._state is None else changed(before, self._state))

    def _chosen(self) -> None:
        """Other words are chosen: their rows look otherwise, and those of the words that were."""
        before, self._marked = self._marked, self._ws.selection.words or range(0)
        other = set(before) ^ set(self._marked)
        if self._state is None or self._state.page.even or len(other) > MOST:
            self.refresh()
        elif other:
            self._ground.renew(joined(rows_of(self._state.page, other)))

    def _scroll_range(self) -> None:
        bar = self.verticalScrollBar()
        high = self.viewport().height()
        bar.setRange(0, max(0, int((self.page.height if self.page else 0) - high)))
        bar.setPageStep(high)
        bar.setSingleStep(ROW)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._ground.resize(event.oldSize(), self.verticalScrollBar().value())
        if event.size().width() != event.oldSize().width():
            self.words.forget_places()
        self._scroll_range()
        self.laid_out.emit(int(self._lane().w))

    def _moved(self, tick: int) -> None:
        page = self.page
        if page is None:
            return
        top = self.verticalScrollBar().value()
        for at in (self._last_playhead, tick):
            y = page.y(at) - top
            self.viewport().update(QRect(0, int(y) - 2 * ROW, self.viewport().width(), 4 * ROW))
        self._last_playhead = tick
        y = page.y(tick)
        high = self.viewport().height()
        if not top + ROW < y < top + high - 2 * ROW and not self._anchor:
            self.verticalScrollBar().setValue(int(y - high * 0.3))

    def show_tick(self, tick: int) -> None:
        if self.page is not None:
            self.verticalScrollBar().setValue(int(self.page.y(tick) - self.viewport().height() * 0.12))

    # painting

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self.viewport())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        look = theme.current()
        clip = event.rect()
        painter.fillRect(clip, QColor(look.paper))
        opened, page = self._ws.opened, self.page
        lane = self._lane()
        if opened is None or page is None:
            painter.setPen(QColor(look.pale_ink))
            painter.setFont(self.words.font())
            painter.drawText(self.viewport().rect(), Qt.AlignmentFlag.AlignCenter,
                             tr("Add footage in the Footage place.\nIts words will stand here."))  # fmt: skip
            return
        top = self.verticalScrollBar().value()
        self._ground.paint(painter, top, lambda part, into: self._paint_part(into, opened, page, lane, part))
        painter.translate(0, -top)
        self.words.paint_now(painter, opened, page)
        y = page.y(self._ws.selection.playhead)
        painter.setPen(QPen(QColor(theme.NOW), 2))
        inside = any(page.rows[n].top + 2 < y < page.rows[n].top + ROW - 2 for n in page.visible(y - ROW, y + ROW))
        right = self._words_x() + 6 if inside else self.right  # between rows, or beside one: never through words
        painter.drawLine(QPointF(0, y), QPointF(right, y))
        if inside:
            painter.drawLine(QPointF(self.right, y), QPointF(self.viewport().width(), y))
        painter.setBrush(QColor(theme.NOW))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawRoundedRect(QRectF(0, y - 9, TIME_W - 4, 18), 4, 4)
        painter.setPen(QColor(theme.ON_NOW))
        font = self.words.font()
        font.setPixelSize(12)
        font.setWeight(QFont.Weight.DemiBold)
        painter.setFont(font)
        painter.drawText(QRectF(0, y - 9, TIME_W - 4, 18), Qt.AlignmentFlag.AlignCenter, clock(self._ws.selection.playhead, True))

    def _paint_part(self, painter: QPainter, opened: Opened, page: Page, lane: LaneBox, part: QRectF) -> None:
        """Paint a stretch of the page into the picture that is kept of it."""
        wide = self.viewport().width()
        area = part.adjusted(0, -ROW, 0, ROW)  # what begins beyond the edge reaches over it
        paint_time_lane(painter, area, lane, self._level_db(opened), page)
        found = self._ws.sounding.of(opened.composition)
        if found is not None and found.meters is not None and len(found.meters.short):
            paint_loudness(painter, area, lane, opened, page, found.meters)
        paint_picture_lane(painter, area, lane, self._ws, page)
        self.words.paint(painter, area)
        self.timing.paint(painter, area)
        grips.paint(painter, self._grips, self._words_x(), self.right, area)
        self.extras.paint(painter, area, QRectF(wide - EXTRAS_W, area.top(), EXTRAS_W, area.height()))

    def refresh(self) -> None:
        """Paint everything anew."""
        self._ground.renew()

    def scrollContentsBy(self, dx: int, dy: int) -> None:
        """Keep what was painted and paint only the stretch that comes into view."""
        if self._ws.opened is None or self.page is None:
            self.refresh()
        else:
            self._ground.scroll(dy, self.verticalScrollBar().value())

    # mouse and keys

    def _at(self, event: QMouseEvent) -> tuple[float, float]:
        return event.position().x(), event.position().y() + self.verticalScrollBar().value()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        page, opened = self.page, self._ws.opened
        if page is None or opened is None or event.button() != Qt.MouseButton.LeftButton:
            return
        x, y = self._at(event)
        lane = self._lane()
        self._held, self._held_in = grips.at(self._grips, x, y, self.right), opened
        if self._held is not None:
            return
        if x >= self.right:
            self.extras.press(x, y, self.right)
            return
        if self.timing.press(x, y):
            return
        if lane.x <= x < lane.x + lane.w:
            if not self._dragged.press(x, y, lane, page):
                self._ws.selection.seek(page.tick(y))
            return
        if x < lane.x:
            self._ws.selection.select(None)
            self._ws.selection.seek(page.tick(y))
            return
        word = self.word_near(x, y)
        if word is None:
            return
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier and self._ws.selection.words:
            first, last = self._ws.selection.words[0], self._ws.selection.words[-1]
            self._ws.selection.select(range(min(first, word), max(last, word) + 1))
            return
        chosen = self._ws.selection.words
        if chosen and word in chosen:
            self._lifted = event.position()
            return
        self._anchor = word
        self._ws.selection.select(None)
        self._ws.selection.seek(opened.analysis.words[word].start)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x, y = self._at(event)
        if self._lifted is not None:
            if (event.position() - self._lifted).manhattanLength() >= QApplication.startDragDistance():
                self._lifted = None
                self.drag_wanted.emit(self._ws.selection.words)
        elif self.extras.holds:
            self.extras.move(y)
            self.refresh()
        elif self._held is not None:
            self._drag_edge(x, y)
        elif self.timing.held is not None:
            self.timing.move(x)
            self.refresh()
        elif self._dragged.held is not None and self.page is not None:
            self._dragged.move(x, y, self._lane(), self.page)
        elif self._anchor is not None:
            word = self.word_near(x, y)
            if word is not None and (word != self._anchor or self._ws.selection.words):
                self._ws.selection.select(range(min(self._anchor, word), max(self._anchor, word) + 1))
        else:
            lane = self._lane()
            over = lane.x <= x < lane.x + lane.w
            shape = Qt.CursorShape.SizeHorCursor if over else Qt.CursorShape.IBeamCursor
            grip = grips.at(self._grips, x, y, self.right)
            ends = x >= self.right and self.extras.end_at(x, y, self.right) is not None
            if x >= self.right:
                shape = Qt.CursorShape.PointingHandCursor
            elif self.timing.tick_at(x, y) is not None:
                shape = Qt.CursorShape.SizeHorCursor
            self.viewport().setCursor(shape if grip is None and not ends else Qt.CursorShape.SizeVerCursor)

    def _drag_edge(self, x: float, y: float) -> None:
        """Show where the edge would lie: the words between it and where it was are chosen."""
        word, opened = self.word_near(x, y), self._ws.opened
        if word is None or opened is None or self._held is None:
            return
        piece = opened.entry.short.segments[self._held.number]
        held = words_within(opened.analysis.words, piece.start, piece.end)
        if held and self._held.edge == "start":
            self._ws.selection.select(range(word, held[-1] + 1) if word <= held[-1] else None)
        elif held:
            self._ws.selection.select(range(held.start, word + 1) if word >= held.start else None)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._anchor = None
        if self._lifted is not None:
            self._lifted = None
            word, opened = self.word_near(*self._at(event)), self._ws.opened
            if word is not None and opened is not None:
                self._ws.selection.select(None)
                self._ws.selection.seek(opened.analysis.words[word].start)
            return
        if self.extras.holds:
            x, y = self._at(event)
            assert self.page is not None, "a bar that is held lies on a page"
            self.extras.release(None if self.even else self.word_near(self._words_x() + 40, y), self.page.tick(y))
            self.refresh()
            return
        if self._held is not None:
            x, y = self._at(event)
            held, self._held = self._held, None
            page, seen = self.page, self._held_in
            if page is not None and seen is not None and abs(y - held.y) > 4:
                word = None if self.even else self.word_near(x, y)
                grips.drop(self._ws, seen, held, word, page.tick(y))
            self._ws.selection.select(None)
            return
        self._dragged.release()
        if self.timing.release():
            self.refresh()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        x, y = self._at(event)
        word = self.word_near(x, y)
        if word is not None and x >= self._words_x():
            self._anchor = None
            self._ws.selection.select(range(word, word + 1))
            self.retype()

    def part_at(self, x: float) -> Part:
        """What stands in the column of the page that has `x` in it."""
        lane = self._lane()
        if x >= self._words_x():
            return "extra" if x >= self.right else "words"
        return "shot" if x >= lane.x else "time"

    def choose_all(self) -> None:
        opened = self._ws.opened
        if opened is not None and opened.analysis.words:
            self._ws.selection.select(range(len(opened.analysis.words)))

    # typing in place

    def retype(self) -> None:
        """Type other words over the chosen ones, right where they stand."""
        opened, page, chosen = self._ws.opened, self.page, self._ws.selection.or_said()
        if opened is None or page is None or chosen is None:
            self._ws.said.emit(tr("Choose a word first: click it in the transcript."), "note")
            return
        number = page.row_of(chosen.start)
        self.ensure_row(number)
        box = dict(self.words.places(number))[chosen.start]
        text = " ".join(w.text for w in opened.analysis.words[chosen.start : chosen.stop])
        room = self.viewport().width() - EXTRAS_W - box.left() - 4
        wide = min(room, max(110.0, QFontMetricsF(self.words.font()).horizontalAdvance(text) + 44))
        top = int(box.top()) - self.verticalScrollBar().value() - 2
        self.retyping.begin(chosen, QRect(int(box.left()) - 8, top, int(wide), ROW + 4), opened)

    def ensure_row(self, number: int) -> None:
        """Scroll a row into view where it is not."""
        assert self.page is not None
        top, high = self.verticalScrollBar().value(), self.viewport().height()
        y = self.page.rows[number].top
        if not top + ROW < y < top + high - 2 * ROW:
            self.verticalScrollBar().setValue(int(y - high * 0.3))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        opened, page = self._ws.opened, self.page
        step = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}.get(Qt.Key(event.key()))
        side = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(Qt.Key(event.key()))
        if opened is None or page is None or not page.rows:
            super().keyPressEvent(event)
            return
        words = opened.analysis.words
        here = word_at(words, self._ws.selection.playhead)
        if here is None:
            here = max(0, min(len(words) - 1, sum(w.start <= self._ws.selection.playhead for w in words) - 1))
        if step is not None:
            number = max(0, min(len(page.rows) - 1, page.row_of(here) + step))
            self._go(page.rows[number].first, bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier), here)
        elif side is not None and event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            target = max(0, min(len(words) - 1, here + side))
            self._go(target, bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier), here)
        else:
            super().keyPressEvent(event)

    def _go(self, word: int, extend: bool, here: int) -> None:
        assert self._ws.opened is not None
        if extend:
            chosen = self._ws.selection.words or range(here, here + 1)
            low, high = chosen[0], chosen[-1]
            if here == high:
                high = word
            else:
                low = word
            self._ws.selection.select(range(min(low, high), max(low, high) + 1))
        else:
            self._ws.selection.select(None)
        self._ws.selection.seek(self._ws.opened.analysis.words[word].start)
