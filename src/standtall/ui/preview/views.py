"""The wide picture with the crop drawn on it, and the tall picture as it renders."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QFont, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QRegion, QResizeEvent, QWheelEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.geometry import Rect
from standtall.framing.cells import crop_width, largest
from standtall.model import keyframe_edits
from standtall.model.cut import Segment
from standtall.ui.preview.player import Shown
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme


class WideView(QWidget):
    """The whole picture: what is lost is shaded, people are named, the crop is dragged or zoomed with the wheel."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._shown: Shown | None = None
        self._drag: tuple[QPointF, Rect, Rect] | None = None
        self._dragged: tuple[Segment, Opened] | None = None
        """The shot that is dragged in, and what was on the Bench when it was gripped: it may play on meanwhile."""
        self._dragged_at = 0
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName("Wide picture")
        self.setToolTip("The whole picture. Drag the crop to frame this shot by hand; turn the wheel to zoom.")
        self.setMinimumHeight(150)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        workspace.composition_changed.connect(self.update)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, width: int) -> int:
        return round(width * 9 / 16)

    def resizeEvent(self, event: QResizeEvent) -> None:
        self.setFixedHeight(round(self.width() * 9 / 16))

    def sizeHint(self) -> QSize:
        return QSize(336, 189)

    def show_picture(self, shown: Shown) -> None:
        self._shown = shown
        self.update()

    def _box(self) -> QRectF:
        image = self._shown.wide if self._shown else QImage(16, 9, QImage.Format.Format_RGB32)
        scale = min(self.width() / image.width(), self.height() / image.height())
        w, h = image.width() * scale, image.height() * scale
        return QRectF((self.width() - w) / 2, (self.height() - h) / 2, w, h)

    def _on(self, rect: Rect) -> QRectF:
        box = self._box()
        part = rect.scaled(box.width(), box.height())
        return QRectF(box.x() + part.x, box.y() + part.y, part.w, part.h)

    def _crop(self) -> Rect | None:
        if self._ws.opened is None or self._shown is None:
            return None
        if self._drag is not None:
            return self._drag[2]
        view = self._ws.opened.camera.at(self._shown.heard.tick)
        return view.crop if view.layout == "follow" else None

    def _cells(self) -> list[Rect]:
        """The crops of all cells that are shown; none of a whole picture."""
        crop = self._crop()
        if crop is not None or self._ws.opened is None or self._shown is None:
            return [] if crop is None else [crop]
        view = self._ws.opened.camera.at(self._shown.heard.tick)
        return [] if view.layout == "whole" else [cell.crop for cell in view.cells]

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(theme.WELL))
        opened = self._ws.opened
        if self._shown is None or opened is None:
            return
        box = self._box()
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(box, self._shown.wide)
        self._paint_cells(painter, box)
        self._name_people(painter)

    def _paint_cells(self, painter: QPainter, box: QRectF) -> None:
        """Shade what is lost, and outline the cells: what is in one of them is seen."""
        inside = [self._on(crop) for crop in self._cells()]
        if not inside:
            return
        lost = QRegion(box.toAlignedRect())
        for rect in inside:
            lost = lost.subtracted(QRegion(rect.toAlignedRect()))
        painter.save()
        painter.setClipRegion(lost)
        painter.fillRect(box, QColor(8, 9, 11, 150))
        painter.restore()
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for rect in inside:
            painter.setPen(QPen(QColor(theme.NOW), 2))
            painter.drawRect(rect)
        if len(inside) > 1:
            font = painter.font()
            font.setPixelSize(12)
            font.setBold(True)
            painter.setFont(font)
            for number, rect in enumerate(inside):
                place = QRectF(rect.left() + 3, rect.top() + 3, 18, 17)
                painter.fillRect(place, QColor(theme.NOW))
                painter.setPen(QColor("#16130e"))
                painter.drawText(place, Qt.AlignmentFlag.AlignCenter, str(number + 1))

    def _name_people(self, painter: QPainter) -> None:
        opened = self._ws.opened
        if opened is None or self._shown is None:
            return
        people, tick = opened.camera.people, self._shown.heard.tick
        if not people.shots:
            return
        font = QFont("Inter")
        font.setPixelSize(12)
        painter.setFont(font)
        for track in people.tracks_in(people.shot_at(tick)):
            face = track.at(tick)
            if face is None:
                continue
            place = self._on(face)
            colour = theme.person_colour(track.person)
            talking = people.speaker_at(tick) == track.person
            painter.setPen(QPen(colour, 2 if talking else 1, Qt.PenStyle.SolidLine if talking else Qt.PenStyle.DotLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRoundedRect(place, 4, 4)
            name = people.names[track.person] if track.person < len(people.names) else ""
            width = painter.fontMetrics().horizontalAdvance(name) + 10
            label = QRectF(place.center().x() - width / 2, place.bottom() + 2, width, 17)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(12, 13, 15, 190))
            painter.drawRoundedRect(label, 4, 4)
            painter.setPen(colour)
            painter.drawText(label, Qt.AlignmentFlag.AlignCenter, name)

    # gestures

    def _shot(self) -> Segment | None:
        if self._ws.opened is None or self._shown is None:
            return None
        return self._ws.opened.shot_at(self._shown.heard.tick)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        crop = self._crop() or self._default_crop()
        shot, opened = self._shot(), self._ws.opened
        if event.button() == Qt.MouseButton.LeftButton and crop is not None and shot is not None and opened is not None:
            self._drag, self._dragged = (event.position(), crop, crop), (shot, opened)
            self._dragged_at = self._shown.heard.tick if self._shown is not None else shot.start

    def _default_crop(self) -> Rect | None:
        """Where a crop begins in a shot that is fitted whole."""
        if self._ws.opened is None:
            return None
        source, aspect = self._ws.opened.source, self._ws.opened.entry.short.output.aspect
        if not source.has_picture:
            return None
        h = largest(source, aspect)
        w = crop_width(source, aspect, h)
        return Rect(0.5 - w / 2, 0.5 - h / 2, w, h)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag is None:
            return
        start, crop, _ = self._drag
        box = self._box()
        moved = event.position() - start
        there = Rect(crop.x + moved.x() / box.width(), crop.y + moved.y() / box.height(), crop.w, crop.h)
        self._drag = (start, crop, there.inside(Rect(0, 0, 1, 1)))
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._drag is None:
            return
        start, before, after = self._drag
        self._drag = None
        if (event.position() - start).manhattanLength() > 3 and before != after and self._dragged is not None:
            shot, seen = self._dragged
            at = self._dragged_at
            self._ws.edit(lambda short, _a: keyframe_edits.set_crop(short, shot, after.cx, after.cy, after.h, at), seen)
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        crop = self._crop()
        if crop is not None and event.angleDelta().y():
            factor = 0.94 if event.angleDelta().y() > 0 else 1 / 0.94
            shot, high = self._shot(), min(1.0, max(0.2, crop.h * factor))
            if shot is not None and self._shown is not None:
                at = self._shown.heard.tick
                self._ws.edit(lambda short, _a: keyframe_edits.set_crop(short, shot, crop.cx, crop.cy, high, at))


class PreviewView(QWidget):
    """The result as it renders."""

    resized = Signal(int, int)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._shown: Shown | None = None
        self._aspect = 9 / 16
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName("Tall picture")
        self.setToolTip("The short as it will be rendered")
        self.setMinimumSize(180, 320)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)

    def show_picture(self, shown: Shown) -> None:
        self._shown = shown
        self.update()

    def clear(self) -> None:
        self._shown = None
        self.update()

    def picture_size(self) -> tuple[int, int]:
        """Size in device pixels that a picture fills the place with."""
        ratio = self.devicePixelRatioF()
        h = min(self.height(), round(self.width() / self._aspect))
        return round(h * self._aspect * ratio), round(h * ratio)

    def set_aspect(self, aspect: float) -> None:
        """Take the shape of the short that is shown: width over height."""
        if abs(aspect - self._aspect) > 1e-6:
            self._aspect = aspect
            self.resized.emit(*self.picture_size())
            self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self.resized.emit(*self.picture_size())

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        w, h = (v / self.devicePixelRatioF() for v in self.picture_size())
        box = QRectF((self.width() - w) / 2, (self.height() - h) / 2, w, h)
        painter.fillRect(box, QColor(theme.WELL))
        if self._shown is None:
            painter.setPen(QColor("#8d949c"))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, "The short\nstands here")
            return
        painter.drawImage(box, self._shown.tall)
        if self._shown.frame < 0:
            bar = QRectF(box.left(), box.bottom() - 34, box.width(), 34)
            painter.fillRect(bar, QColor(12, 13, 15, 200))
            painter.setPen(QColor("#e9e4da"))
            painter.drawText(bar, Qt.AlignmentFlag.AlignCenter, "not in the short")
