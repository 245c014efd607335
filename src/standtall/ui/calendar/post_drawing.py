"""Draws posts as small cards: a tall poster, the time, the channel by shape and colour, the state by frame and sign."""

from __future__ import annotations

from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPixmap, QPolygonF

from standtall.base.interface_language import tr
from standtall.model.post import PostState
from standtall.ui.widgets import theme

STATES: Final[dict[PostState, tuple[str, str]]] = {
    "idea": (tr("no time"), "·"), "held": (tr("waits for you"), "?"), "waiting": (tr("goes out"), "→"),
    "sending": (tr("on its way"), "↑"),
    "placed": (tr("kept there"), "⇥"), "out": ("out", "✓"), "draft": (tr("draft there"), "≡"), "failed": (tr("needs you"), "!"),
    "missed": ("missed", "!"), "skipped": ("skipped", "×"), "withdrawing": (tr("coming back"), "↓"),
    "withdrawn": (tr("taken back"), "×"),
}  # fmt: skip
"""A state in a word or two, and its sign."""
POSTER: Final = 0.5625
NARROW: Final = 56.0
LINE: Final = 16.0
"""Height of the line with the time."""


def state_colour(state: PostState) -> str:
    if state in ("out", "placed", "draft"):
        return theme.KEPT
    if state in ("failed", "missed"):
        return theme.WARN
    return theme.NOW if state in ("waiting", "sending") else theme.current().faint


def paint_channel(painter: QPainter, rect: QRectF, number: int, letter: str) -> None:
    """The mark of a channel: its letter on a disc, a square, a lozenge or a drop, by its number among the channels."""
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.person_colour(number))
    match number % 4:
        case 0:
            painter.drawEllipse(rect)
        case 1:
            painter.drawRoundedRect(rect, 3, 3)
        case 2:
            c = rect.center()
            half = rect.width() * 0.62
            points = [QPointF(c.x(), c.y() - half), QPointF(c.x() + half, c.y()), QPointF(c.x(), c.y() + half),
                      QPointF(c.x() - half, c.y())]  # fmt: skip
            painter.drawPolygon(QPolygonF(points))
        case _:
            painter.drawPolygon(QPolygonF([rect.topLeft(), rect.topRight(), QPointF(rect.center().x(), rect.bottom() + 2)]))
    painter.setPen(QColor("#14110c"))
    font = painter.font()
    font.setPixelSize(max(8, int(rect.height() * 0.72)))
    font.setBold(True)
    painter.setFont(font)
    painter.drawText(rect, Qt.AlignmentFlag.AlignCenter, letter[:1].upper())
    painter.restore()


def paint_card(
    painter: QPainter, rect: QRectF, poster: QPixmap | None, time: str, state: PostState, channel: int, letter: str, *,
    chosen: bool, planned: bool = False, clash: bool = False, faded: bool = False,
) -> None:  # fmt: skip
    """One post. `planned` is one that is only proposed; `clash` stands in another's way; `faded` is being dragged away."""
    look = theme.current()
    painter.save()
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.setOpacity(0.4 if faded else 0.75 if planned else 1.0)
    tone = QColor(theme.WARN if clash else state_colour(state))
    painter.setBrush(QColor(look.chosen if chosen else look.raised))
    pen = QPen(QColor(theme.NOW) if chosen else tone, 2 if chosen or state in ("failed", "missed") else 1)
    if planned or state in ("held", "idea"):
        pen.setStyle(Qt.PenStyle.DashLine)
    painter.setPen(pen)
    painter.drawRoundedRect(rect.adjusted(1, 1, -1, -1), 5, 5)
    high = rect.height() - LINE - 7
    picture = QRectF(rect.x() + 4, rect.y() + LINE + 3, high * POSTER, high)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(theme.WELL))
    painter.drawRoundedRect(picture, 3, 3)
    if poster is not None and not poster.isNull():
        painter.drawPixmap(picture, poster, QRectF(poster.rect()))
    painter.setPen(QColor(theme.ON_NOW) if chosen else QColor(look.text))
    font = painter.font()
    font.setPixelSize(theme.SMALL)
    font.setBold(False)
    font.setStrikeOut(state in ("skipped", "withdrawn"))
    painter.setFont(font)
    line = QRectF(rect.x() + 5, rect.y() + 2, rect.width() - 9, LINE)
    painter.drawText(line, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, time)
    font.setStrikeOut(False)
    font.setBold(True)
    painter.setFont(font)
    painter.setPen(QColor(theme.ON_NOW) if chosen else QColor(_on_paper(state)))
    sign = "+" if planned else STATES[state][1]
    if rect.width() < NARROW:  # beside the picture, where the line holds the time alone
        line = QRectF(picture.right() + 2, picture.y(), rect.right() - picture.right() - 4, LINE)
    painter.drawText(line, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, sign)
    paint_channel(painter, QRectF(picture.right() + 5, rect.bottom() - 20, 14, 14), channel, letter)
    painter.restore()


def _on_paper(state: PostState) -> str:
    """The colour of a state's sign, dark enough to be read on the ground of the card."""
    look = theme.current()
    if state in ("failed", "missed"):
        return look.struck_ink if look.name == "light" else "#ff9b84"
    return look.text
