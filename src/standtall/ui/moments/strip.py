"""The whole source running down one column, its measures as lanes over time, with the proposals on it."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QEvent, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QHelpEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QPixmap, QPolygonF
from PySide6.QtWidgets import QToolTip, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.moment import Moment
from standtall.moments.finder import Finder
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip

WIDE: Final = 212
TOP: Final = 22
QUIET_DB, LOUD_DB = -55.0, -10.0
CUTS, SPEAKERS, LOUD, PACE, CHANGE, MARKS = 42, 54, 68, 102, 136, 168
"""Left edges of the lanes."""
HEADS: Final = ((CUTS, tr("cuts")), (LOUD, tr("loud")), (PACE, tr("pace")), (CHANGE, tr("topic")))
PACE_S: Final = 12
USUAL_S, RISES_DB = 25, 4.0
"""Louder by so much than in the seconds around is drawn bright."""
LANE: Final = 26
ABOUT: Final = tr(
    "The whole footage from top to bottom. Lanes from left to right: cuts and who speaks, loudness (bright where it rises) with "
    "laughter and applause, "
    "words a minute, how much the topic changes (lines are chapters), proposals. Click to go there; Shift and drag choose a part."
)


class SourceStrip(QWidget):
    """`chosen` carries the number of a proposal that was clicked, `drawn` a part that was drawn (ticks)."""

    chosen = Signal(int)
    drawn = Signal(int, int)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._moments: tuple[Moment, ...] = ()
        self._now = -1
        self._finder: Finder | None = None
        self._part: tuple[int, int] | None = None
        self._held: int | None = None
        self._clips: tuple[tuple[int, int, str], ...] = ()
        self._lanes: tuple[object, int, QPixmap] | None = None
        self.setFixedWidth(WIDE)
        self.setAccessibleName(tr("The whole footage from top to bottom, with its measures and the proposals"))
        set_tip(self, ABOUT)

    def show_moments(self, moments: tuple[Moment, ...], now: int = -1) -> None:
        self._moments, self._now = moments, now
        self.update()

    def show_talk(self, finder: Finder) -> None:
        """What was measured of the talk: chapters, change of topic, laughter."""
        self._finder, self._lanes = finder, None
        self.update()

    def show_clips(self, clips: tuple[tuple[int, int, str], ...]) -> None:
        """Where finished clips were found: start and end in ticks, and their names."""
        self._clips = clips
        self.update()

    def show_part(self, part: tuple[int, int] | None) -> None:
        self._part = part
        self.update()

    # places

    def _length(self) -> int:
        return self._ws.opened.source.length if self._ws.opened is not None else 1

    def _y(self, tick: float) -> float:
        return TOP + tick / self._length() * (self.height() - TOP - 8)

    def _tick(self, y: float) -> int:
        return round(max(0.0, min(1.0, (y - TOP) / max(1, self.height() - TOP - 8))) * self._length())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        x, y = event.position().x(), event.position().y()
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self._held = self._tick(y)
            return
        for number, moment in enumerate(self._moments):
            if x > MARKS - 4 and self._y(moment.start) - 3 <= y <= self._y(moment.end) + 3:
                self.chosen.emit(number)
                return
        self._ws.selection.seek(self._tick(y))

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._held is not None:
            here = self._tick(event.position().y())
            self.show_part((min(self._held, here), max(self._held, here)))

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        held, self._held = self._held, None
        if held is not None and self._part is not None and self._part[1] - self._part[0] > TICKS_PER_SECOND:
            self.drawn.emit(*self._part)

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QHelpEvent) and self._ws.opened is not None:
            QToolTip.showText(event.globalPos(), self._told_at(event.pos().y()), self)
            return True
        return super().event(event)

    def _told_at(self, y: float) -> str:
        """What is at a height, in words."""
        tick = self._tick(y)
        out = [
            clock(tick),
            *dict.fromkeys(tr("clip: {name}", name=name) for start, end, name in self._clips if start <= tick < end),
        ]
        finder = self._finder
        if finder is not None:
            out += [tr("chapter: {title}", title=c.title) for c in finder.chapters if c.start <= tick < c.end]
            near = self._length() // 120
            heard = finder.talk.analysis.soundings
            out += [
                tr("{kind} at {start}", kind=tr(s.kind), start=clock(s.start))
                for s in heard
                if s.start - near <= tick < s.end + near
            ]
        return "\n".join([*out, "", ABOUT])

    # painting

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.WELL))
        painter.drawRoundedRect(QRectF(self.rect()), 8, 8)
        opened = self._ws.opened
        if opened is None:
            return
        key = (opened.analysis, self._finder, self.height())
        if self._lanes is None or self._lanes[0] != key[1] or self._lanes[1] != key[2]:
            self._lanes = (key[1], key[2], self._drawn(opened.analysis))
        painter.drawPixmap(0, 0, self._lanes[2])
        if self._part is not None:
            shade = QColor(8, 9, 11, 150)
            painter.fillRect(QRectF(CUTS, TOP, MARKS - CUTS, self._y(self._part[0]) - TOP), shade)
            bottom = self._y(self._part[1])
            painter.fillRect(QRectF(CUTS, bottom, MARKS - CUTS, self.height() - 8 - bottom), shade)
        y = self._y(self._ws.selection.playhead)
        painter.setPen(QPen(QColor(theme.NOW), 1))
        painter.drawLine(QPointF(CUTS, y), QPointF(MARKS - 4, y))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor("#e9e4da"), 1.4))
        for start, end, _name in self._clips:
            painter.drawRoundedRect(QRectF(MARKS - 7, self._y(start), 5, max(3.0, self._y(end) - self._y(start))), 2, 2)
        self._paint_moments(painter)

    def _paint_moments(self, painter: QPainter) -> None:
        last = 0.0
        for number, moment in sorted(enumerate(self._moments), key=lambda pair: pair[1].start):
            top, bottom = self._y(moment.start), self._y(moment.end)
            colour = QColor(theme.NOW if number == self._now else theme.KEPT)
            painter.setPen(QPen(colour, 3))
            painter.drawLine(QPointF(MARKS, top), QPointF(MARKS, max(top + 2, bottom)))
            painter.setBrush(colour)
            place = QRectF(MARKS + 6, max(last, (top + bottom) / 2 - 9), 28, 18)
            last = place.bottom() + 2
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawRoundedRect(place, 5, 5)
            painter.setPen(QColor(theme.ON_NOW))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, str(number + 1))

    def _drawn(self, analysis: Analysis) -> QPixmap:
        """The lanes by themselves: they stay as they are while proposals come and go."""
        ratio = self.devicePixelRatioF()
        ground = QPixmap(self.size() * ratio)
        ground.setDevicePixelRatio(ratio)
        ground.fill(Qt.GlobalColor.transparent)
        painter = QPainter(ground)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        font = self.font()
        font.setPixelSize(11)
        painter.setFont(font)
        painter.setPen(QColor("#8d949c"))
        for x, name in HEADS:
            painter.drawText(QRectF(x - 2, 3, 40, 15), Qt.AlignmentFlag.AlignLeft, name)
        rows = max(1, self.height() - TOP - 8)
        self._paint_times(painter)
        self._paint_level(painter, analysis, rows)
        self._paint_speakers(painter, analysis)
        self._paint_line(painter, _pace(analysis, rows, self._length()), PACE, QColor("#7fa8d9"))
        if self._finder is not None:
            self._paint_topics(painter, self._finder, rows)
        painter.end()
        return ground

    def _paint_times(self, painter: QPainter) -> None:
        painter.setPen(QColor("#aaa499"))
        marks = max(1, self.height() // 90)
        for i in range(marks):
            tick = self._length() * i // marks
            painter.drawText(QRectF(0, self._y(tick), CUTS - 6, 16), Qt.AlignmentFlag.AlignRight, clock(tick))

    def _paint_level(self, painter: QPainter, analysis: Analysis, rows: int) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        level = _loudest(analysis, rows, self._length())
        rising = _rising(analysis, rows, self._length())
        for i, db in enumerate(level):
            share = min(1.0, max(0.0, (float(db) - QUIET_DB) / (LOUD_DB - QUIET_DB)))
            painter.setBrush(QColor("#dcd3c2" if rising[i] else "#5d6c68"))
            painter.drawRect(QRectF(LOUD, TOP + i, LANE * share, 1))
        for heard in self._finder.talk.analysis.soundings if self._finder is not None else ():
            top = self._y(heard.start)
            painter.setBrush(QColor("#e58fb5" if heard.kind == "laughter" else "#f0cd5b"))
            painter.drawRect(QRectF(LOUD, top, LANE, max(2.0, self._y(heard.end) - top)))

    def _paint_speakers(self, painter: QPainter, analysis: Analysis) -> None:
        for talk in analysis.people.talk:
            top, bottom = self._y(talk.start), self._y(talk.end)
            place = QRectF(SPEAKERS, top, 8, max(1.0, bottom - top))
            painter.fillRect(place, theme.person_colour(talk.person))
            painter.fillRect(place, theme.person_brush(talk.person))
        for beside in analysis.people.overlaps:
            top, bottom = self._y(beside.start), self._y(beside.end)
            place = QRectF(SPEAKERS + 4, top, 4, max(1.0, bottom - top))
            painter.fillRect(place, theme.person_colour(beside.person))
            painter.fillRect(place, theme.person_brush(beside.person))
        painter.setPen(QPen(QColor("#e9e4da"), 1))
        for shot in analysis.people.shots[1:]:
            y = round(self._y(shot.start))
            painter.drawLine(CUTS, y, CUTS + 9, y)

    def _paint_line(self, painter: QPainter, values: NDArray[np.float64], x: int, colour: QColor) -> None:
        """Values 0..1, one for each row of pixels, as a filled curve to the right of `x`."""
        curve = (QPointF(x + LANE * float(v), TOP + n) for n, v in enumerate(values))
        points = [QPointF(x, TOP), *curve, QPointF(x, TOP + len(values))]
        fill = QColor(colour)
        fill.setAlpha(110)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(fill)
        painter.drawPolygon(QPolygonF(points))

    def _paint_topics(self, painter: QPainter, finder: Finder, rows: int) -> None:
        talk = finder.talk
        change = finder.topics.change()
        if len(talk.sentences) == len(change):
            ticks = np.array([talk.words[s.start].start for s in talk.sentences], np.float64)
            at = np.linspace(0, self._length(), rows)
            low, high = float(change.min()), max(float(change.max()), float(change.min()) + 1e-6)
            self._paint_line(painter, (np.interp(at, ticks, change) - low) / (high - low), CHANGE, QColor("#c79bf2"))
        painter.setPen(QPen(QColor("#c79bf2"), 1))
        for chapter in finder.chapters[1:]:
            y = self._y(chapter.start)
            painter.drawLine(QPointF(CHANGE - 2, y), QPointF(CHANGE + LANE, y))


def _loudest(analysis: Analysis, rows: int, length: int) -> NDArray[np.float32]:
    """The loudest of each row of pixels."""
    edges = np.linspace(0, length / LEVEL_STEP, rows + 1).astype(int)
    values = np.array(analysis.level_db or (QUIET_DB,), np.float32)
    return np.maximum.reduceat(values, np.clip(edges[:-1], 0, len(values) - 1))


def _rising(analysis: Analysis, rows: int, length: int) -> NDArray[np.bool_]:
    """For each row of pixels whether the talk gets clearly louder there than it was for a while: voices rise, people laugh."""
    level = np.array(analysis.level_db or (QUIET_DB,), np.float32)
    seconds = level[: len(level) // 100 * 100].reshape(-1, 100).max(axis=1) if len(level) >= 100 else level
    around = np.pad(seconds, (USUAL_S // 2, (USUAL_S - 1) // 2), mode="edge")
    usual = np.median(np.lib.stride_tricks.sliding_window_view(around, USUAL_S), axis=1)
    louder = seconds - usual > RISES_DB
    at = np.clip(np.linspace(0, length / TICKS_PER_SECOND, rows).astype(int), 0, len(louder) - 1)
    return np.asarray(louder[at])


def _pace(analysis: Analysis, rows: int, length: int) -> NDArray[np.float64]:
    """Words a second around each row of pixels, 0..1 (1 is five a second)."""
    starts = np.array([w.start for w in analysis.words], np.float64)
    at = np.linspace(0, length, rows)
    half = PACE_S * TICKS_PER_SECOND / 2
    count = np.searchsorted(starts, at + half) - np.searchsorted(starts, at - half)
    return np.asarray(np.clip(count / PACE_S / 5.0, 0, 1))
