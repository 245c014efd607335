"""A bar as long as the footage that shows which parts of it shorts show."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.model.source import Source
from standtall.session.usage import Usage, in_words
from standtall.ui.widgets import theme

HEIGHT = 8
LEAST_WIDE = 2.0


class UsedBar(QWidget):
    """Hidden until it is known."""

    def __init__(self, source: Source) -> None:
        super().__init__()
        self._source, self._used = source, Usage()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.hide()

    def sizeHint(self) -> QSize:
        return QSize(120, HEIGHT)

    def show_used(self, used: Usage) -> None:
        self._used = used
        said = in_words(used, self._source)
        names = "\n".join(used.shorts[:12])
        self.setToolTip(f"{said}\n{names}".strip())
        self.setAccessibleName(tr("Used parts of {name}", name=self._source.name))
        self.setAccessibleDescription(said)
        self.show()
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(QColor(theme.current().faint))
        painter.setBrush(QColor(theme.current().line))
        painter.drawRoundedRect(QRectF(self.rect()).adjusted(0.5, 0.5, -0.5, -0.5), 3, 3)
        scale = self.width() / max(1, self._source.length)
        for start, end in self._used.spans:
            painter.fillRect(
                QRectF(start * scale, 1, max(LEAST_WIDE, (end - start) * scale), self.height() - 2), QColor(theme.KEPT)
            )
