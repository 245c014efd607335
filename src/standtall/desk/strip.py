"""The whole source running down one narrow column: cuts, who talks, how loud, and where the proposals lie."""

from __future__ import annotations

import numpy as np
from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from standtall.base.time import clock
from standtall.desk import theme
from standtall.desk.workspace import Workspace
from standtall.model.analysis import LEVEL_STEP
from standtall.model.moment import Moment

WIDE = 132
QUIET_DB, LOUD_DB = -55.0, -10.0


class SourceStrip(QWidget):
    """`chosen` carries the number of a proposal that was clicked, `went` a tick of the source."""

    chosen = Signal(int)
    went = Signal(int)

    def __init__(self, workspace: Workspace) -> None:
        super().__init__()
        self._ws = workspace
        self._moments: tuple[Moment, ...] = ()
        self._now = -1
        self._levels: tuple[object, int, np.ndarray] | None = None
        self.setFixedWidth(WIDE)
        self.setAccessibleName("The whole footage from top to bottom, with the proposals")
        self.setToolTip("The whole footage: cuts, who talks, how loud, and where the proposals lie. Click one to go to it.")

    def show_moments(self, moments: tuple[Moment, ...], now: int = -1) -> None:
        self._moments, self._now = moments, now
        self.update()

    def _length(self) -> int:
        return self._ws.opened.source.length if self._ws.opened is not None else 1

    def _y(self, tick: int) -> float:
        return 6 + tick / self._length() * (self.height() - 12)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        y = event.position().y()
        for number, moment in enumerate(self._moments):
            if event.position().x() > WIDE - 46 and self._y(moment.start) - 3 <= y <= self._y(moment.end) + 3:
                self.chosen.emit(number)
                return
        self.went.emit(round(max(0.0, min(1.0, (y - 6) / max(1, self.height() - 12))) * self._length()))

    def _levels_of(self, rows: int) -> np.ndarray:
        """The loudest of each row of pixels, made once for a size."""
        opened = self._ws.opened
        assert opened is not None
        level = opened.analysis.level_db
        if self._levels is None or self._levels[0] is not level or self._levels[1] != rows:
            edges = np.linspace(0, self._length() / LEVEL_STEP, rows + 1).astype(int)
            values = np.array(level or (QUIET_DB,), np.float32)
            starts = np.clip(edges[:-1], 0, len(values) - 1)
            self._levels = (level, rows, np.maximum.reduceat(values, starts))
        return self._levels[2]

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        look = theme.current()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.WELL))
        painter.drawRoundedRect(QRectF(self.rect()), 8, 8)
        opened = self._ws.opened
        if opened is None:
            return
        rows = max(1, self.height() - 12)
        painter.setBrush(QColor("#5d6c68"))
        for i, db in enumerate(self._levels_of(rows)):
            share = min(1.0, max(0.0, (float(db) - QUIET_DB) / (LOUD_DB - QUIET_DB)))
            painter.drawRect(QRectF(58, 6 + i, 26 * share, 1))
        for talk in opened.analysis.people.talk:
            painter.setBrush(theme.person_colour(talk.person))
            top, bottom = self._y(talk.start), self._y(talk.end)
            place = QRectF(46, top, 8, max(1.0, bottom - top))
            painter.drawRect(place)
            painter.fillRect(place, theme.person_brush(talk.person))
        painter.setPen(QPen(QColor("#e9e4da"), 1))
        for shot in opened.analysis.people.shots[1:]:
            painter.drawLine(44, round(self._y(shot.start)), 56, round(self._y(shot.start)))
        font = painter.font()
        font.setPixelSize(theme.SMALL)
        painter.setFont(font)
        painter.setPen(QColor("#aaa499"))
        marks = max(1, self.height() // 90)
        for i in range(marks):
            tick = self._length() * i // marks
            painter.drawText(QRectF(4, self._y(tick), 38, 16), Qt.AlignmentFlag.AlignRight, clock(tick))
        for number, moment in enumerate(self._moments):
            top, bottom = self._y(moment.start), self._y(moment.end)
            colour = QColor(theme.NOW if number == self._now else theme.KEPT)
            painter.setPen(QPen(colour, 3))
            painter.drawLine(90, round(top), 90, round(max(top + 2, bottom)))
            painter.setPen(QColor(look.raised))
            painter.setBrush(colour)
            place = QRectF(95, (top + bottom) / 2 - 9, 28, 18)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawRoundedRect(place, 5, 5)
            painter.setPen(QColor(theme.ON_NOW))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, str(number + 1))
