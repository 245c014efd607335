"""The tall picture alone, as large as a screen: over the whole one, or on a second one beside the window."""

from __future__ import annotations

from collections.abc import Mapping

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import (
    QCloseEvent,
    QColor,
    QGuiApplication,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QResizeEvent,
    QScreen,
)
from PySide6.QtWidgets import QWidget

from standtall.base.interface_language import tr
from standtall.ui.preview.player import Shown

GROUND = QColor("#0b0c0d")


class BigPicture(QWidget):
    """`resized` carries the size in device pixels that the picture fills, `key_pressed` a key that is not its own. Escape, or two
    clicks, close it; so does the screen going away."""

    resized = Signal(int, int)
    key_pressed = Signal(str)
    closed = Signal()

    KEYS: Mapping[Qt.Key, str] = {
        Qt.Key.Key_Space: "play", Qt.Key.Key_K: "play", Qt.Key.Key_J: "play-backwards", Qt.Key.Key_L: "play-forwards",
        Qt.Key.Key_Left: "frame-back", Qt.Key.Key_Right: "frame-on",
    }  # fmt: skip

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent, Qt.WindowType.Window)
        self.setWindowTitle(tr("Tall picture – Stand Tall"))
        self.setAccessibleName(tr("Tall picture, large"))
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self._shown: Shown | None = None
        self._aspect = 9 / 16
        QGuiApplication.instance().screenRemoved.connect(self._screen_gone)  # type: ignore[union-attr]

    def open_on(self, screen: QScreen, aspect: float) -> None:
        """Fill a screen; on a narrow one the picture is as wide as that."""
        self._aspect = aspect
        self.setGeometry(screen.geometry())
        self.showFullScreen()
        self.activateWindow()
        self._tell_size()

    def show_picture(self, shown: Shown) -> None:
        self._shown = shown
        self.update()

    def _screen_gone(self, screen: QScreen) -> None:
        if self.isVisible() and self.screen() is screen:
            self.close()

    def _size(self) -> tuple[float, float]:
        high = min(float(self.height()), self.width() / self._aspect)
        return high * self._aspect, high

    def _tell_size(self) -> None:
        ratio = self.devicePixelRatioF()
        wide, high = self._size()
        self.resized.emit(round(wide * ratio), round(high * ratio))

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), GROUND)
        if self._shown is not None:
            wide, high = self._size()
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawImage(QRectF((self.width() - wide) / 2, (self.height() - high) / 2, wide, high), self._shown.tall)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._tell_size()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        name = self.KEYS.get(Qt.Key(event.key()))
        if event.key() == Qt.Key.Key_Escape:
            self.close()
        elif name is not None:
            self.key_pressed.emit(name)
        else:
            super().keyPressEvent(event)

    def mouseDoubleClickEvent(self, _event: QMouseEvent) -> None:
        self.close()

    def closeEvent(self, event: QCloseEvent) -> None:
        super().closeEvent(event)
        self.closed.emit()
