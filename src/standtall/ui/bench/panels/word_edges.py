"""The edges of one word on its sound, to be dragged."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.model import corrections
from standtall.model.analysis import LEVEL_STEP
from standtall.model.words import words_within
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.tips import set_tip

ROOM: Final = round(0.45 * TICKS_PER_SECOND)
GRIP: Final = 9
HIGH: Final = 74
QUIET_DB, LOUD_DB = -60.0, -8.0


class WordEdges(QWidget):
    """Shows the chosen word (the first of several) with its neighbours over the loudness; drag an edge to move it."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setFixedHeight(HIGH)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setMouseTracking(True)
        focus_ring.give(self, Qt.FocusPolicy.TabFocus)
        self.setAccessibleName(tr("Edges of the chosen word"))
        set_tip(self, tr("Drag an edge of the word along its sound ([ and ] move the start, with Shift the end)"))
        self._word: int | None = None
        self._span = (0, 1)
        self._edges = (0, 1)
        self._held: int | None = None
        for signal in (workspace.selection.changed, workspace.transcript_changed, workspace.opened_changed):
            signal.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Show the word that is chosen now; hidden where none is."""
        opened, chosen = self._ws.opened, self._ws.selection.words
        self._held = None
        self._word = chosen.start if opened is not None and chosen and chosen.start < len(opened.analysis.words) else None
        if opened is not None and self._word is not None:
            word = opened.analysis.words[self._word]
            self._edges = word.start, word.end
            self._span = max(0, word.start - ROOM), word.end + ROOM
        self.setVisible(self._word is not None)
        self.update()

    def x_of(self, tick: int) -> float:
        return (tick - self._span[0]) / (self._span[1] - self._span[0]) * self.width()

    def _tick(self, x: float) -> int:
        return round(self._span[0] + x / max(1, self.width()) * (self._span[1] - self._span[0]))

    # mouse and keys

    def _grip_at(self, x: float) -> int | None:
        near = [(abs(x - self.x_of(edge)), n) for n, edge in enumerate(self._edges)]
        distance, n = min(near)
        return n if distance <= GRIP else None

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._held = self._grip_at(event.position().x())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x = event.position().x()
        if self._held is None:
            over = self._grip_at(x) is not None
            self.setCursor(Qt.CursorShape.SizeHorCursor if over else Qt.CursorShape.ArrowCursor)
            return
        opened = self._ws.opened
        if opened is None or self._word is None:
            return
        words, tick = opened.analysis.words, self._tick(x)
        if self._held == 0:
            low = words[self._word - 1].end if self._word else 0
            self._edges = min(max(low, tick), self._edges[1] - corrections.SHORTEST), self._edges[1]
        else:
            high = words[self._word + 1].start if self._word + 1 < len(words) else opened.source.length
            self._edges = self._edges[0], max(min(high, tick), self._edges[0] + corrections.SHORTEST)
        self.update()

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        held, self._held = self._held, None
        opened, index, (start, end) = self._ws.opened, self._word, self._edges
        if held is None or opened is None or index is None:
            return
        word = opened.analysis.words[index]
        if (start, end) != (word.start, word.end):
            self._ws.revise_words(range(index, index + 1), lambda t, c: corrections.retime(t, c.start, start, end))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape and self._held is not None:
            self.refresh()  # a drag that is broken off leaves everything as it was
        else:
            super().keyPressEvent(event)

    # painting

    def paintEvent(self, _event: QPaintEvent) -> None:
        opened = self._ws.opened
        if opened is None or self._word is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.WELL))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)
        self._paint_words(painter, opened)
        self._paint_level(painter, opened)
        for n, edge in enumerate(self._edges):
            x = self.x_of(edge)
            painter.setPen(QPen(QColor(theme.NOW), 3 if n == self._held else 2))
            painter.drawLine(QPointF(x, 4), QPointF(x, HIGH - 4))
            painter.setBrush(QColor(theme.NOW))
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawRoundedRect(QRectF(x - 4, HIGH / 2 - 8, 8, 16), 3, 3)

    def _paint_words(self, painter: QPainter, opened: Opened) -> None:
        words = opened.analysis.words
        font = painter.font()
        font.setPixelSize(theme.SMALL)
        painter.setFont(font)
        around = words_within(words, self._span[0] - ROOM, self._span[1] + ROOM)
        for i in around:
            start, end = self._edges if i == self._word else (words[i].start, words[i].end)
            box = QRectF(self.x_of(start), 0, self.x_of(end) - self.x_of(start), HIGH)
            ground = QColor(theme.NOW if i == self._word else "#d9d3c7")
            ground.setAlpha(70 if i == self._word else 26)
            painter.fillRect(box, ground)
            painter.setPen(QColor("#f4efe6" if i == self._word else "#aaa499"))
            text = painter.fontMetrics().elidedText(words[i].text, Qt.TextElideMode.ElideRight, int(max(18, box.width() + 8)))
            painter.drawText(QRectF(box.left() + 5, 4, 200, 16), Qt.AlignmentFlag.AlignLeft, text)
        if self._held is None:
            return
        length = tr("{edges:.2f} s", edges=seconds(self._edges[1] - self._edges[0]))
        painter.setPen(QColor("#f4efe6"))
        right = Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignBottom
        painter.drawText(QRectF(self.rect()).adjusted(0, 0, -8, -4), right, length)

    def _paint_level(self, painter: QPainter, opened: Opened) -> None:
        level = opened.analysis.level_db
        first, last = self._span[0] // LEVEL_STEP, min(len(level), self._span[1] // LEVEL_STEP + 1)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.KEPT))
        wide = max(1.0, self.x_of(self._span[0] + LEVEL_STEP) - self.x_of(self._span[0]) - 0.6)
        for i in range(first, last):
            share = min(1.0, max(0.0, (level[i] - QUIET_DB) / (LOUD_DB - QUIET_DB)))
            high = share * (HIGH - 28)
            painter.drawRect(QRectF(self.x_of(i * LEVEL_STEP), HIGH / 2 + 8 - high / 2, wide, max(1.0, high)))
