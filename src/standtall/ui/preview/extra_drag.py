"""A drag of a text or a picture on the tall picture: where it stands and how large it is."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final, Literal

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from standtall.base.interface_language import tr
from standtall.compose.painters.extra_boxes import ExtraBox
from standtall.model import extra_edits
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.style_properties import PROPERTIES
from standtall.ui.preview.caption_drag import NEAR, SNAP, on_picture
from standtall.ui.state.opened import Opened
from standtall.ui.widgets import theme

How = Literal["place", "size"]
TEXT_SIZES: Final = PROPERTIES["size"].low, PROPERTIES["size"].high
PICTURE_SIZES: Final = 0.02, 2.0


@dataclass(frozen=True, slots=True)
class ExtraDrag:
    """What was on the Bench, what is dragged, from where, and the values before and now: across, down, size."""

    opened: Opened
    held: ExtraBox
    how: How
    start: QPointF
    after: tuple[float, float, float]

    @property
    def before(self) -> tuple[float, float, float]:
        return self.held.across, self.held.down, self.held.size

    @property
    def changed(self) -> bool:
        return self.after != self.before

    def moved(self, x: float, y: float) -> ExtraDrag:
        """So far from where it was, in shares of the picture."""
        across, down, size = self.before
        if self.how == "place":
            there = min(1.0, max(0.0, across + x))
            there = 0.5 if abs(there - 0.5) < SNAP else there
            return replace(self, after=(round(there, 4), round(min(0.98, max(0.02, down + y)), 4), size))
        outwards = x if self.start.x() > self.held.box.cx else -x
        low, high = TEXT_SIZES if self.held.text else PICTURE_SIZES
        wished = size * (1 + 2 * outwards / max(0.05, self.held.box.w))
        return replace(self, after=(across, down, round(min(high, max(low, wished)), 4)))

    def edit(self, short: Short) -> Edit:
        across, down, size = self.after
        number, label = self.held.extra, tr("Move an extra") if self.how == "place" else tr("Size of an extra")
        if not self.held.text:
            return extra_edits.change(short, number, label, corner="free", across=across, down=down, size=size)
        styled = extra_edits.restyle(short, number, {"across": across} if self.how == "place" else {"size": size}).short
        if self.how == "place" and down != self.held.down:
            return extra_edits.change(styled, number, label, down=down)
        return Edit(label, styled)


def held(opened: Opened, found: list[ExtraBox], at: QPointF, picture: QRectF) -> ExtraDrag | None:
    """What a press at a place of the widget holds of the extras of a frame; None where it holds none."""
    for one in reversed(found):
        there = on_picture(picture, QRectF(one.box.x, one.box.y, one.box.w, one.box.h))
        if not there.adjusted(-NEAR / 2, -NEAR / 2, NEAR / 2, NEAR / 2).contains(at):
            continue
        side = min(abs(at.x() - there.left()), abs(at.x() - there.right())) <= NEAR
        corner = side and min(abs(at.y() - there.top()), abs(at.y() - there.bottom())) <= NEAR
        share = QPointF((at.x() - picture.x()) / picture.width(), (at.y() - picture.y()) / picture.height())
        return ExtraDrag(opened, one, "size" if corner else "place", share, (one.across, one.down, one.size))
    return None


def cursor_of(drag: ExtraDrag) -> Qt.CursorShape:
    """The pointer that tells what a press would hold."""
    return Qt.CursorShape.SizeFDiagCursor if drag.how == "size" else Qt.CursorShape.SizeAllCursor


def paint_chosen(
    painter: QPainter, found: list[ExtraBox], number: int | None, opened: Opened, picture: QRectF, dragged: bool
) -> None:
    """The frame around the chosen extra, with its corners; while it is dragged what the channel covers, and the middle."""
    painter.save()
    if dragged:
        for part in opened.channel.covered:
            zone = on_picture(picture, QRectF(part.x, part.y, part.w, part.h))
            painter.fillRect(zone, QColor(200, 85, 61, 70))
        painter.setPen(QPen(QColor("#9aa1a8"), 1, Qt.PenStyle.DotLine))
        painter.drawLine(QPointF(picture.center().x(), picture.top()), QPointF(picture.center().x(), picture.bottom()))
    for one in found:
        if one.extra == number:
            there = on_picture(picture, QRectF(one.box.x, one.box.y, one.box.w, one.box.h)).adjusted(-3, -3, 3, 3)
            painter.setPen(QPen(QColor(theme.NOW), 1.5))
            painter.drawRect(there)
            for corner in (there.topLeft(), there.topRight(), there.bottomLeft(), there.bottomRight()):
                painter.fillRect(QRectF(corner.x() - 3, corner.y() - 3, 6, 6), QColor(theme.NOW))
    painter.restore()
