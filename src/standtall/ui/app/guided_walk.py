"""Shows a newcomer around the demo once: five stops, each beside the real control, left at any time."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from typing import Final

from PySide6.QtCore import QEvent, QObject, QPoint, QRect, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import button

WIDE: Final = 300
GAP: Final = 12
FOLLOW_MS: Final = 150


@dataclass(frozen=True, slots=True)
class Stop:
    """`before` brings the control into view."""

    title: str
    text: str
    control: Callable[[], QWidget]
    before: Callable[[], object] = lambda: None


class _Outline(QWidget):
    """A line around a control; what is under it can be used."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QPen(QColor(theme.NOW), 3))
        painter.drawRoundedRect(self.rect().adjusted(2, 2, -3, -3), 8, 8)


class Walk(QFrame):
    """Lies over the window without taking the focus from it. `over` tells that it was seen to its end, or left."""

    over = Signal()

    def __init__(self, window: QWidget, stops: Sequence[Stop]) -> None:
        super().__init__(window)
        self._stops = stops
        self.at = -1
        self.setObjectName("card")
        self.setAutoFillBackground(True)
        self.setFixedWidth(WIDE)
        self.setAccessibleName(tr("A short walk through the window"))
        self._outline = _Outline(window)
        self.title, self.text, self.count = QLabel(), QLabel(), QLabel()
        self.title.setStyleSheet("font-weight: 700;")
        self.text.setWordWrap(True)
        self.count.setObjectName("faint")
        self.leave = button(tr("Leave"), tr("It is not shown again; the help (F1) tells all of it"), self.end)
        self.next = button(tr("Next"), tr("The next stop"), self.go_on, "main")
        row = QHBoxLayout()
        row.addWidget(self.count, 1)
        row.addWidget(self.leave)
        row.addWidget(self.next)
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 12, 14, 12)
        column.setSpacing(8)
        for widget in (self.title, self.text):
            column.addWidget(widget)
        column.addLayout(row)
        self._timer = QTimer(self)
        self._timer.setInterval(FOLLOW_MS)
        self._timer.timeout.connect(self._stand)
        window.installEventFilter(self)

    def begin(self) -> None:
        self.go_on()
        self._timer.start()

    def go_on(self) -> None:
        """To the next stop; after the last it is over."""
        self.at += 1
        if self.at >= len(self._stops):
            self.end()
            return
        stop = self._stops[self.at]
        stop.before()
        self.title.setText(stop.title)
        self.text.setText(stop.text)
        self.count.setText(tr("{at} of {stops}", at=self.at + 1, stops=len(self._stops)))
        self.next.setText(tr("Next") if self.at + 1 < len(self._stops) else tr("Done"))
        self.setAccessibleDescription(f"{stop.title}. {stop.text}")
        self._stand()

    def end(self) -> None:
        """Leave it."""
        self._timer.stop()
        self._outline.hide()
        self.hide()
        self.over.emit()

    def eventFilter(self, _watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Resize and self.isVisible():
            self._stand()
        return False

    def _stand(self) -> None:
        """Beside the control, inside the window."""
        if not 0 <= self.at < len(self._stops):
            return
        control, window = self._stops[self.at].control(), self.parentWidget()
        if window is None:
            return
        there = control.isVisible()
        self._outline.setVisible(there)
        self.setFixedHeight(self.heightForWidth(WIDE) if self.hasHeightForWidth() else self.sizeHint().height())
        high = self.height()
        box = (
            QRect(control.mapTo(window, QPoint(0, 0)), control.size()) if there else QRect(window.rect().center(), control.size())
        )
        if there:
            self._outline.setGeometry(box.adjusted(-4, -4, 4, 4))
            self._outline.raise_()
        left = box.left() - WIDE - GAP
        if left < GAP:
            left = box.right() + GAP if box.right() + GAP + WIDE < window.width() else box.right() - WIDE - GAP
        top = box.top() + min(40, max(0, box.height() - high))
        self.move(max(GAP, min(left, window.width() - WIDE - GAP)), max(GAP, min(top, window.height() - high - GAP)))
        self.show()
        self.raise_()
