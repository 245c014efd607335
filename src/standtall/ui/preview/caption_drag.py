"""A drag of the captions on the tall picture: where they stand, how large they are, how wide their lines may be."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final, Literal

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from standtall.compose.composition import Composition
from standtall.compose.layers.caption import CaptionLayer
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.layout import LaidCard
from standtall.model import caption_edits
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.style_properties import PROPERTIES
from standtall.ui.state.opened import Opened
from standtall.ui.widgets import theme

How = Literal["place", "size", "width"]
NEAR: Final = 9.0
"""Pixels around an edge or a corner of the captions within which it is held."""
SNAP: Final = 0.015
"""Share of the width within which captions go to the middle."""


@dataclass(frozen=True, slots=True)
class CaptionDrag:
    """What was on the Bench, what is dragged, from where, and the values before and now: middle, place from side to side, size of
    the letters, width of the lines."""

    opened: Opened
    how: How
    start: QPointF
    box: QRectF
    """Of the captions, in shares of the picture."""
    before: tuple[float, float, float, float]
    after: tuple[float, float, float, float]

    @property
    def changed(self) -> bool:
        return self.after != self.before

    def moved(self, x: float, y: float) -> CaptionDrag:
        """So far from where it was, in shares of the picture."""
        middle, across, size, width = self.before
        if self.how == "place":
            there = min(0.9, max(0.1, across + x))
            there = 0.5 if abs(there - 0.5) < SNAP else there
            return replace(self, after=(min(0.95, max(0.05, middle + y)), round(there, 4), size, width))
        outwards = x if self._right else -x
        if self.how == "width":
            return replace(self, after=(middle, across, size, _within("width", width + 2 * outwards)))
        factor = 1 + 2 * outwards / max(0.05, self.box.width())
        return replace(self, after=(middle, across, _within("size", size * factor), width))

    @property
    def _right(self) -> bool:
        return self.start.x() > self.box.center().x()

    def edit(self, short: Short) -> Edit:
        middle, across, size, width = self.after
        if self.how == "place":
            return caption_edits.move_captions(short, middle, across)
        return caption_edits.set_style(short, {"size": size} if self.how == "size" else {"width": width})


def _within(name: str, value: float) -> float:
    about = PROPERTIES[name]
    return round(min(about.high, max(about.low, value)), 4)


def caption_box(composition: Composition, frame: int) -> QRectF | None:
    """The captions of a frame, in shares of the picture; None where it has none."""
    if not composition.short.captions.shown or not 0 <= frame < composition.frames:
        return None
    layers = composition.frame(frame).layers
    layer = next((k for k in reversed(layers) if isinstance(k, CaptionLayer)), None)
    return None if layer is None else _box(layer, composition)


def _box(layer: CaptionLayer, composition: Composition) -> QRectF:
    width, height = composition.short.output.width, composition.short.output.height
    rows = tuple(tuple(w.drawn for w in row) for row in layer.rows)
    card: LaidCard = CaptionInk(layer.style, width, height, layer.language).card(rows, layer.middle)
    whole = QRectF()
    for row in card.rows:
        whole = whole.united(row)
    there = card.placed.mapRect(whole)
    return QRectF(there.x() / width, there.y() / height, there.width() / width, there.height() / height)


def held(opened: Opened, frame: int, box: QRectF | None, at: QPointF, picture: QRectF) -> CaptionDrag | None:
    """What a press at a place of the widget holds of the captions of a frame, which lie in a box; None where it holds none."""
    if box is None:
        return None
    there = on_picture(picture, box)
    if not there.adjusted(-NEAR, -NEAR, NEAR, NEAR).contains(at):
        return None
    made = opened.composition
    values = made.middle_at(frame), made.caption_style.across, made.caption_style.size, made.caption_style.width
    side = min(abs(at.x() - there.left()), abs(at.x() - there.right())) <= NEAR
    corner = side and min(abs(at.y() - there.top()), abs(at.y() - there.bottom())) <= NEAR
    how: How = "size" if corner else ("width" if side else "place")
    share = QPointF((at.x() - picture.x()) / picture.width(), (at.y() - picture.y()) / picture.height())
    return CaptionDrag(opened, how, share, box, values, values)


def cursor_of(drag: CaptionDrag | None) -> Qt.CursorShape:
    """The pointer that tells what a press would hold."""
    if drag is None:
        return Qt.CursorShape.ArrowCursor
    return {"place": Qt.CursorShape.SizeAllCursor, "width": Qt.CursorShape.SizeHorCursor, "size": Qt.CursorShape.SizeFDiagCursor}[
        drag.how
    ]


def paint_guides(painter: QPainter, drag: CaptionDrag, composition: Composition, frame: int, picture: QRectF) -> None:
    """What the channel covers, the middle of the picture, and the box that is dragged."""
    painter.save()
    for part in drag.opened.channel.covered:
        zone = on_picture(picture, QRectF(part.x, part.y, part.w, part.h))
        painter.fillRect(zone, QColor(200, 85, 61, 70))
        painter.setPen(QPen(QColor("#c8553d"), 1, Qt.PenStyle.DashLine))
        painter.drawRect(zone)
    middle = drag.after[1] == 0.5
    painter.setPen(QPen(QColor(theme.NOW if middle else "#9aa1a8"), 1, Qt.PenStyle.SolidLine if middle else Qt.PenStyle.DotLine))
    painter.drawLine(QPointF(picture.center().x(), picture.top()), QPointF(picture.center().x(), picture.bottom()))
    box = caption_box(composition, frame)
    if box is not None:
        there = on_picture(picture, box).adjusted(-4, -4, 4, 4)
        painter.setPen(QPen(QColor(theme.NOW), 1.5))
        painter.drawRect(there)
        for corner in (there.topLeft(), there.topRight(), there.bottomLeft(), there.bottomRight()):
            painter.fillRect(QRectF(corner.x() - 3, corner.y() - 3, 6, 6), QColor(theme.NOW))
    painter.restore()


def on_picture(picture: QRectF, box: QRectF) -> QRectF:
    """A box in shares of the picture, on the picture."""
    x, y = picture.x() + box.x() * picture.width(), picture.y() + box.y() * picture.height()
    return QRectF(x, y, box.width() * picture.width(), box.height() * picture.height())
