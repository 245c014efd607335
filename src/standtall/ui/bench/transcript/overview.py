"""The scroll bar of the transcript: the whole source at a glance, with what is used, what is in doubt and what was found."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPixmap
from PySide6.QtWidgets import QScrollBar, QWidget

from standtall.base.interface_language import tr
from standtall.ui.state.rows import Page
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip

WIDTH = 18


class OverviewBar(QScrollBar):
    """Left: what the short uses. Middle: hits of the search. Right: words in doubt. A click goes there."""

    def __init__(self, workspace: Workspace, page: Callable[[], Page | None], parent: QWidget | None = None) -> None:
        super().__init__(Qt.Orientation.Vertical, parent)
        self._ws, self._page = workspace, page
        self.setObjectName("overview")
        self.setAccessibleName(tr("Overview of the footage"))
        set_tip(self, tr("The whole footage: green is used, marigold was found, red is in doubt. Click to go there."))
        for signal in (workspace.search.changed, workspace.composition_changed, workspace.opened_changed):
            signal.connect(self.refresh)
        self._ground: QPixmap | None = None
        self._doubts: tuple[Page, NDArray[np.float64]] | None = None
        self._doubtful: tuple[object, QPixmap, NDArray[np.float64]] | None = None

    def refresh(self) -> None:
        self._ground = None
        self.update()

    def marks(self) -> tuple[list[tuple[float, float]], NDArray[np.float64], NDArray[np.float64]]:
        """-> (used parts, hits, doubts) as heights on the page, 0..1."""
        opened, page = self._ws.opened, self._page()
        none = np.zeros(0)
        if opened is None or page is None:
            return [], none, none
        words = opened.analysis.words
        edges = page.ys(np.array([(e.start, e.end) for e in opened.segments])) / page.height
        used = [(a, b) for a, b in edges.reshape(-1, 2).tolist()]
        found = np.array([words[h.start].start for h in self._ws.search.hits])
        hits = page.ys(found) / page.height if len(found) else none
        if self._doubts is None or self._doubts[0] is not page:  # a cut changes none of them
            low_confidence = np.array([w.start for w in words if w.low_confidence])
            self._doubts = (page, page.ys(low_confidence) / page.height if len(low_confidence) else none)
        return used, hits, self._doubts[1]

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        look = theme.current()
        high = self.height()
        if self._ground is None or self._ground.size() != self.size() * self.devicePixelRatioF():
            self._ground = self._marked()
        painter.fillRect(self.rect(), QColor(look.page_rule))
        span = max(1, self.maximum() - self.minimum() + self.pageStep())
        top, size = self.value() / span * high, max(12.0, self.pageStep() / span * high)
        painter.fillRect(QRectF(0, top, WIDTH, size), QColor(look.line))
        painter.drawPixmap(0, 0, self._ground)
        painter.setPen(QColor(look.faint))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(QRectF(0.5, top + 0.5, WIDTH - 1, size - 1))

    def _marked(self) -> QPixmap:
        """The marks by themselves: they stay as they are while the page is scrolled."""
        high = self.height()
        used, hits, doubts = self.marks()
        ground = self._with_doubts(doubts)
        painter = QPainter(ground)
        for a, b in used:
            painter.fillRect(QRectF(1, a * high, 4, max(2.0, (b - a) * high)), QColor(theme.KEPT))
        for y in set(np.round(hits * high).astype(int).tolist()):
            painter.fillRect(QRectF(6, y - 1, 7, 3), QColor(theme.NOW).darker(112))
        painter.end()
        return ground

    def _with_doubts(self, doubts: NDArray[np.float64]) -> QPixmap:
        """A picture with the marks of words in doubt alone, which a cut does not change; there may be thousands."""
        about = (id(doubts), self.size(), self.devicePixelRatioF())
        if self._doubtful is None or self._doubtful[0] != about:
            ground = QPixmap(self.size() * self.devicePixelRatioF())
            ground.setDevicePixelRatio(self.devicePixelRatioF())
            ground.fill(Qt.GlobalColor.transparent)
            painter = QPainter(ground)
            for y in set(np.round(doubts * self.height()).astype(int).tolist()):
                painter.fillRect(QRectF(WIDTH - 5, y, 4, 2), QColor(theme.WARN))
            painter.end()
            self._doubtful = (about, ground, doubts)
        return self._doubtful[1].copy()

    def _to(self, y: float) -> None:
        span = self.maximum() - self.minimum() + self.pageStep()
        self.setValue(round(y / max(1, self.height()) * span - self.pageStep() / 2))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._to(event.position().y())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self._to(event.position().y())

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        event.accept()
