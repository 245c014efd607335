"""Meters: the loudness of the finished sound over its time, and what it is at the playhead."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPixmap, QPolygonF
from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import tr
from standtall.sound.loudness import CEILING_DBTP
from standtall.sound.meters import Meters
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip

LOW, HIGH = -42.0, 0.0
HIGH_PX: Final = 118
BARS: Final = 46
"""Width of the place for the bars at the right."""


class MeterView(QWidget):
    """Short-term loudness as a curve with the target, the momentary loudness behind it; bars for now."""

    def __init__(self) -> None:
        super().__init__()
        self._meters: Meters | None = None
        self._curve: QPixmap | None = None
        self._target, self._at = -14.0, 0
        self.setFixedHeight(HIGH_PX)
        self.setAccessibleName(tr("Loudness of the finished sound"))
        set_tip(
            self,
            tr(
                "Loudness over the short: momentary (0.4 s) filled, short-term (3 s) as a line, the target dashed. The bars show "
                "momentary and short-term loudness and true peak at the playhead"
            ),
        )

    def show_meters(self, meters: Meters | None, target: float) -> None:
        self._meters, self._target, self._curve = meters, target, None
        self.setAccessibleDescription(
            ""
            if meters is None
            else tr(
                "{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP", integrated=meters.integrated, true_peak=meters.true_peak
            )
        )
        self.update()

    def show_at(self, tenth: int) -> None:
        """The moment at the playhead, in tenths of a second from the start of the sound."""
        if tenth != self._at:
            self._at = tenth
            self.update()

    def _y(self, lufs: float) -> float:
        return 4 + (HIGH - max(LOW, min(HIGH, lufs))) / (HIGH - LOW) * (self.height() - 8)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        wide, high = self.width() - BARS, self.height()
        painter.fillRect(QRectF(0, 0, wide, high), QColor(theme.WELL))
        meters = self._meters
        if meters is None or not len(meters.momentary):
            painter.setPen(QColor("#9aa1a8"))
            painter.drawText(QRectF(0, 0, wide, high), Qt.AlignmentFlag.AlignCenter, tr("The sound is being worked out"))
            return
        if self._curve is None or self._curve.size() != self.size() * self.devicePixelRatioF():
            self._curve = self._drawn(meters, wide)
        painter.drawPixmap(0, 0, self._curve)
        count = len(meters.momentary)
        at = max(0, min(count - 1, self._at))
        now = wide * at / max(1, count - 1)
        painter.setPen(QPen(QColor(theme.NOW), 1.5))
        painter.drawLine(QPointF(now, 0), QPointF(now, high))
        over = meters.peak[at] > CEILING_DBTP + 0.05
        bars = (
            ("M", meters.momentary[at], "#2fb5a6"),
            ("S", meters.short[at], "#e9e4da"),
            ("P", meters.peak[at], "#c8553d" if over else "#9aa1a8"),
        )
        for n, (name, value, colour) in enumerate(bars):
            left = wide + 6 + n * 14
            painter.fillRect(QRectF(left, 0, 9, high - 14), QColor(theme.WELL))
            top = self._y(float(value)) * (high - 14) / high
            painter.fillRect(QRectF(left, top, 9, high - 14 - top), QColor(colour))
            painter.setPen(self.palette().color(self.foregroundRole()))
            painter.drawText(QRectF(left - 3, high - 14, 15, 14), Qt.AlignmentFlag.AlignCenter, name)

    def _drawn(self, meters: Meters, wide: int) -> QPixmap:
        """All that stays as it is while the playhead moves, as one picture."""
        ratio, high = self.devicePixelRatioF(), self.height()
        picture = QPixmap(self.size() * ratio)
        picture.setDevicePixelRatio(ratio)
        picture.fill(Qt.GlobalColor.transparent)
        painter = QPainter(picture)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(47, 181, 166, 90))
        painter.drawPolygon(QPolygonF([QPointF(0, high), *self._points(meters.momentary, wide), QPointF(wide, high)]))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor("#e9e4da"), 1))
        line = QPolygonF(self._points(meters.short, wide))
        for _ in range(2):  # a wide line of a thousand points takes far longer than two thin ones
            painter.drawPolyline(line)
            line.translate(0, 0.6)
        painter.setPen(QPen(QColor(theme.NOW), 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(0, self._y(self._target)), QPointF(wide, self._y(self._target)))
        painter.end()
        return picture

    def _points(self, lufs: NDArray[np.float64], wide: int) -> list[QPointF]:
        """A curve over the whole width; of long sound the loudest of each half pixel."""
        each = max(1, len(lufs) // (2 * max(1, wide)))
        loudest = np.maximum.reduceat(lufs, np.arange(0, len(lufs), each))
        xs = np.linspace(0, wide, len(loudest))
        ys = 4 + (HIGH - np.clip(loudest, LOW, HIGH)) / (HIGH - LOW) * (self.height() - 8)
        return [QPointF(x, y) for x, y in zip(xs.tolist(), ys.tolist(), strict=True)]
