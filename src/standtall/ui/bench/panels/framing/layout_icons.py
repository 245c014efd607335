"""Small drawings of the layouts: the tall frame with its cells."""

from __future__ import annotations

from functools import lru_cache
from typing import Final

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QIcon, QPainter, QPen, QPixmap

from standtall.model.framing import Layout
from standtall.ui.widgets import theme

WIDE, HIGH = 22, 32
_CELLS: Final[dict[Layout, tuple[tuple[float, float, float, float], ...]]] = {
    "follow": ((0.0, 0.0, 1.0, 1.0),),
    "whole": ((0.0, 0.33, 1.0, 0.34),),
    "stack": ((0.0, 0.0, 1.0, 0.48), (0.0, 0.52, 1.0, 0.48)),
    "grid": ((0.0, 0.0, 0.47, 0.48), (0.53, 0.0, 0.47, 0.48), (0.0, 0.52, 0.47, 0.48), (0.53, 0.52, 0.47, 0.48)),
    "screen": ((0.0, 0.0, 1.0, 0.34), (0.0, 0.38, 1.0, 0.62)),
    "corner": ((0.0, 0.0, 1.0, 1.0), (0.34, 0.05, 0.6, 0.24)),
}
_FACES: Final[dict[Layout, tuple[tuple[float, float, float], ...]]] = {
    "follow": ((0.5, 0.36, 0.2),),
    "whole": ((0.7, 0.47, 0.09),),
    "stack": ((0.5, 0.22, 0.16), (0.5, 0.74, 0.16)),
    "grid": ((0.24, 0.22, 0.13), (0.76, 0.22, 0.13), (0.24, 0.74, 0.13), (0.76, 0.74, 0.13)),
    "screen": ((0.5, 0.62, 0.18),),
    "corner": ((0.5, 0.56, 0.2),),
}
"""Heads in each drawing: middle, and radius as a share of the width."""


def layout_icon(layout: Layout, ratio: float = 1.0) -> QIcon:
    """The drawing of a layout in the colours of the theme."""
    return _icon(layout, ratio, theme.current().ink)


@lru_cache(maxsize=64)
def _icon(layout: Layout, ratio: float, colour: str) -> QIcon:
    """Each is drawn once: while it plays, every span shows all of them anew."""
    picture = QPixmap(round((WIDE + 4) * ratio), round((HIGH + 4) * ratio))
    picture.setDevicePixelRatio(ratio)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    ink = QColor(colour)
    frame = QRectF(2, 2, WIDE, HIGH)
    painter.setPen(QPen(ink, 1.2))
    painter.drawRoundedRect(frame, 3, 3)
    for number, (x, y, w, h) in enumerate(_CELLS[layout]):
        cell = QRectF(4 + x * (WIDE - 4), 4 + y * (HIGH - 4), w * (WIDE - 4), h * (HIGH - 4))
        fill = QColor(theme.KEPT)
        fill.setAlpha(90 if number == 0 else 200)
        painter.fillRect(cell, fill)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(ink)
    for x, y, r in _FACES[layout]:
        radius = r * WIDE
        painter.drawEllipse(QRectF(4 + x * (WIDE - 4) - radius, 4 + y * (HIGH - 4) - radius, 2 * radius, 2 * radius))
    painter.end()
    return QIcon(picture)
