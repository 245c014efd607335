"""A label of one line, which ends in an ellipsis where it is too long; its tooltip has it whole."""

from __future__ import annotations

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QSizePolicy


class OneLine(QLabel):
    """As wide as its place; `more` stands under the text in the tooltip."""

    def __init__(self, text: str, bold: bool = False, more: str = "") -> None:
        super().__init__(text)
        self.setTextFormat(Qt.TextFormat.PlainText)
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self.setToolTip(f"{text}\n{more}" if more else text)
        font = self.font()
        font.setBold(bold)
        self.setFont(font)

    def minimumSizeHint(self) -> QSize:
        return QSize(20, super().minimumSizeHint().height())

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter, room = QPainter(self), self.contentsRect()
        short = self.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, room.width())
        self.style().drawItemText(
            painter, room, int(self.alignment()), self.palette(), self.isEnabled(), short, self.foregroundRole()
        )
