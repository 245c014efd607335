"""The picture of what stays as it is on the transcript page while the playhead moves, painted a few stretches at a time."""

from __future__ import annotations

import math
import time
from collections.abc import Callable, Sequence
from typing import Final

from PySide6.QtCore import QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QColor, QPainter, QPixmap
from PySide6.QtWidgets import QWidget

from standtall.ui.state.rows import ROW
from standtall.ui.widgets import theme

STRETCH: Final = 13.0 * ROW
"""Height of what is painted in one go, in pixels."""
LONGEST_S: Final = 0.008
"""After so long of painting the event loop has its turn; the rest comes in the next."""

Paint = Callable[[QRectF, QPainter], object]
"""Paints a stretch of the page with a painter that has the coordinates of the page."""


class Ground:
    """Where something changed, what was painted before stands until its stretch is painted anew."""

    def __init__(self, viewport: QWidget) -> None:
        self._viewport = viewport
        self._picture: QPixmap | None = None
        self._due: list[tuple[float, float]] = []
        """Stretches that are not as they are now: top and bottom, in the coordinates of the page."""
        self._all_due = True
        self._at_once = False
        """Whether what is due is painted in one go."""
        self._again = QTimer(viewport)
        self._again.setSingleShot(True)
        self._again.timeout.connect(viewport.update)

    @property
    def is_whole(self) -> bool:
        """Whether nothing waits to be painted."""
        return not self._all_due and not self._due

    def renew(self, stretches: Sequence[tuple[float, float]] | None = None) -> None:
        """Everything is to be painted anew, or some stretches of the page, from the top down."""
        if stretches is None:
            self._all_due = True
        self._due += stretches or ()
        self._viewport.update()

    def forget(self) -> None:
        """Nothing of what was painted is right any more."""
        self._picture = None
        self.renew()

    def resize(self, before: QSize, top: int) -> None:
        """The page has another size than `before`, and begins at `top` as it did: only another width changes what was painted."""
        now, ratio = self._viewport.size(), self._viewport.devicePixelRatioF()
        painted = self._picture
        if painted is None or now.width() != before.width() or painted.devicePixelRatio() != ratio:
            self.forget()
            return
        self._picture = self._empty(now, ratio)
        into = QPainter(self._picture)
        into.drawPixmap(0, 0, painted)
        into.end()
        if now.height() > before.height():
            self._due.append((top + before.height(), top + now.height()))
        self._viewport.update()

    def _empty(self, size: QSize, ratio: float) -> QPixmap:
        picture = QPixmap(size * ratio)
        picture.setDevicePixelRatio(ratio)
        picture.fill(QColor(theme.current().paper))
        return picture

    def scroll(self, dy: int, top: int) -> None:
        """The page moved by `dy` pixels, and begins at `top` now."""
        high, ratio = self._viewport.height(), self._viewport.devicePixelRatioF()
        shift = dy * ratio
        if self._picture is None or abs(dy) >= high:
            self.forget()
        elif shift != round(shift):  # by part of a pixel of the screen: what was painted is nowhere right
            self._at_once = True
            self.renew()
        else:
            self._picture.scroll(0, round(shift), self._picture.rect())
            at = top + (0 if dy > 0 else high + dy)
            self._due.append((at, at + abs(dy)))
            self._viewport.update()

    def paint(self, painter: QPainter, top: int, paint: Paint) -> None:
        """Bring what waits into the picture, as far as there is time, and show it; the page begins at `top`."""
        size, ratio = self._viewport.size(), self._viewport.devicePixelRatioF()
        if self._picture is None:
            self._picture = self._empty(size, ratio)
        if self._all_due:
            self._all_due = False
            self._due = [(float(top), float(top + size.height()))]
        self._some(self._picture, ratio, top, paint)
        painter.drawPixmap(0, 0, self._picture)
        if not self.is_whole:
            self._again.start(0)

    def _some(self, picture: QPixmap, ratio: float, top: int, paint: Paint) -> None:
        until = time.monotonic() + LONGEST_S
        bottom = top + self._viewport.height()
        while self._due:
            first, last = self._due.pop(0)
            first, last = max(first, top), min(last, bottom)
            if last <= first:
                continue
            if last - first > STRETCH:
                self._due.insert(0, (first + STRETCH, last))
                last = first + STRETCH
            first = top + math.floor((first - top) * ratio) / ratio  # whole pixels of the screen: no seam shows
            last = top + math.ceil((last - top) * ratio) / ratio
            part = QRectF(0, first, self._viewport.width(), last - first)
            into = QPainter(picture)
            into.setRenderHint(QPainter.RenderHint.Antialiasing)
            into.translate(0, -top)
            into.setClipRect(part, Qt.ClipOperation.ReplaceClip)
            into.fillRect(part, QColor(theme.current().paper))
            paint(part, into)
            into.end()
            if time.monotonic() > until and not self._at_once:
                return
        self._at_once = False
