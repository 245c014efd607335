"""A source from top to bottom as a column of its pictures, with two handles for the part to use."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.tips import set_tip

PICTURES: Final = 9
MARGIN: Final = 9
GRIP: Final = 10
SHORTEST: Final = TICKS_PER_SECOND


class PictureColumn(QWidget):
    """Time runs down. Drag a handle to choose the part; a click anywhere else asks to see that moment."""

    part_changed = Signal(int, int)
    looked_at = Signal(int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.length = 1
        self.start, self.end = 0, 1
        self.pictures: list[QImage] = []
        self._held: str = ""
        self.setMinimumSize(118, 200)
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Expanding)
        focus_ring.give(self)
        self.setAccessibleName(tr("Part to use"))
        set_tip(
            self,
            tr(
                "Drag the handles to use only a part; click to see a moment.\nKeys: Up and Down move the start, "
                "with Shift the end."
            ),
        )

    def show_source(self, length: int, start: int, end: int) -> None:
        self.length, self.start, self.end = max(1, length), start, end or length
        self.pictures = []
        self.update()

    def set_pictures(self, pictures: list[QImage]) -> None:
        self.pictures = pictures
        self.update()

    def height_of(self, tick: int) -> float:
        return MARGIN + tick / self.length * (self.height() - 2 * MARGIN)

    def tick(self, y: float) -> int:
        return round(min(1.0, max(0.0, (y - MARGIN) / max(1, self.height() - 2 * MARGIN))) * self.length)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        well = QRectF(0, MARGIN, self.width() - 40, self.height() - 2 * MARGIN)
        painter.fillRect(well, QColor(theme.WELL))
        if self.pictures:
            high = well.height() / len(self.pictures)
            for i, picture in enumerate(self.pictures):
                place = QRectF(well.left(), well.top() + i * high, well.width(), high - 1)
                shape = picture.width() / max(1, picture.height())
                wide = min(picture.width(), picture.height() * place.width() / place.height())
                tall = min(picture.height(), picture.width() * place.height() / place.width()) if shape else 1
                middle = QRectF((picture.width() - wide) / 2, (picture.height() - tall) / 2, wide, tall)
                painter.drawImage(place, picture, middle)
        shade = QColor(8, 9, 11, 170)
        painter.fillRect(QRectF(0, MARGIN, well.width(), self.height_of(self.start) - MARGIN), shade)
        painter.fillRect(QRectF(0, self.height_of(self.end), well.width(), well.bottom() - self.height_of(self.end)), shade)
        look = theme.current()
        font = self.font()
        font.setPixelSize(theme.SMALL)
        painter.setFont(font)
        for tick, name in ((self.start, "start"), (self.end, "end")):
            y = self.height_of(tick)
            painter.setPen(QPen(QColor(theme.NOW), 3))
            painter.drawLine(QPointF(0, y), QPointF(well.width(), y))
            painter.setBrush(QColor(theme.NOW))
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawRoundedRect(QRectF(well.width() / 2 - 16, y - 4, 32, 8), 4, 4)
            painter.setPen(QColor(look.text))
            line = QRectF(well.width() + 3, min(max(0.0, y - 9), self.height() - 18), 38, 18)
            if name == "end":
                line.moveTop(max(line.top(), min(self.height() - 18.0, self.height_of(self.start) + 9)))
            painter.drawText(line, Qt.AlignmentFlag.AlignVCenter, clock(tick))

    def _near(self, y: float) -> str:
        a, b = abs(y - self.height_of(self.start)), abs(y - self.height_of(self.end))
        if min(a, b) > GRIP:
            return ""
        return "start" if a <= b else "end"

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._held = self._near(event.position().y())
        if not self._held:
            self.looked_at.emit(self.tick(event.position().y()))

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._held:
            self._move(self._held, self.tick(event.position().y()))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._held:
            self._held = ""
            self.part_changed.emit(self.start, self.end)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        way = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}.get(Qt.Key(event.key()))
        if way is None:
            super().keyPressEvent(event)
            return
        which = "end" if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else "start"
        now = self.end if which == "end" else self.start
        self._move(which, now + way * max(TICKS_PER_SECOND, self.length // 100))
        self.part_changed.emit(self.start, self.end)

    def _move(self, which: str, tick: int) -> None:
        if which == "start":
            self.start = max(0, min(tick, self.end - SHORTEST))
        else:
            self.end = min(self.length, max(tick, self.start + SHORTEST))
        self.update()
