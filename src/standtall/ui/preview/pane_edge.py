"""The edge of the tall pane, dragged or moved by keys to give it more or less room."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QColor, QFocusEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import right_to_left, tr
from standtall.ui.preview.pane import PreviewPane
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip

WIDE: Final = 6
STEP: Final = 16


class PaneEdge(QWidget):
    """`chosen` tells the width that was chosen for the pane in pixels, 0 for as wide as its picture needs."""

    chosen = Signal(int)

    def __init__(self, pane: PreviewPane) -> None:
        super().__init__()
        self._pane = pane
        self._from: tuple[float, int] | None = None
        self.setFixedWidth(WIDE)
        self.setCursor(Qt.CursorShape.SplitHCursor)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setAccessibleName(tr("Edge of the tall picture"))
        set_tip(
            self,
            tr("Drag it, or move it by the arrow keys, to give the tall picture more or less room; a double click lets it fit"),
        )

    def _set(self, width: int) -> None:
        self._pane.choose_width(width)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._from = event.globalPosition().x(), self._pane.width()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._from is not None:
            far = round(event.globalPosition().x() - self._from[0])
            self._set(self._from[1] + (far if right_to_left() else -far))

    def mouseReleaseEvent(self, _event: QMouseEvent) -> None:
        if self._from is not None:
            self._from = None
            self.chosen.emit(self._pane.wanted)

    def mouseDoubleClickEvent(self, _event: QMouseEvent) -> None:
        self._from = None
        self._set(0)
        self.chosen.emit(0)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        ways = {Qt.Key.Key_Left: STEP, Qt.Key.Key_Right: -STEP}
        step = ways.get(Qt.Key(event.key()))
        if step is None:
            super().keyPressEvent(event)
            return
        self._set(self._pane.width() + (-step if right_to_left() else step))
        self.chosen.emit(self._pane.wanted)

    def focusInEvent(self, event: QFocusEvent) -> None:
        super().focusInEvent(event)
        self.update()

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self.update()

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        look = theme.current()
        middle, high = self.width() / 2, 28 if not self.hasFocus() else self.height() - 24
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(look.focus if self.hasFocus() else look.line))
        painter.drawRoundedRect(round(middle) - 1, round((self.height() - high) / 2), 3, high, 1.5, 1.5)
        painter.end()
