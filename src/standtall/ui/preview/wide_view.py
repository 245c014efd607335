"""The wide picture with the crop drawn on it: dragged, zoomed, moved by pixels, boxes drawn around things to follow."""

from __future__ import annotations

from dataclasses import replace
from typing import Final

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QFont, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QRegion, QResizeEvent, QWheelEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.framing.camera import Camera
from standtall.framing.following import place_of
from standtall.model.framing import BoxTarget
from standtall.model.people import shown_name
from standtall.ui.preview.crop_drag import CropDrag, gripped
from standtall.ui.preview.player import Shown
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.tips import set_tip

HANDLE: Final = 9
"""Pixels from a corner of a crop within which it is sized."""
SMALLEST_BOX: Final = 0.01
"""Shares of the picture that a box to follow is wide and high at least."""


class WideView(QWidget):
    """The whole picture: what is lost is shaded, people are named, crops are dragged, sized and zoomed with the wheel. `drawn`
    carries a box that was drawn around something, and the tick of the picture."""

    drawn, gave_up_drawing = Signal(object, int), Signal()

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._shown: Shown | None = None
        self._drag: CropDrag | None = None
        self._drawing = False
        """Whether the next drag draws a box."""
        self._drawn_from: QPointF | None = None
        self._box_drawn: Rect | None = None
        focus_ring.give_on_pictures(self)
        self.setAccessibleName(tr("Wide picture"))
        set_tip(self, tr("The whole picture. Drag a crop to move it, its corner to size it; turn the wheel to zoom."))
        self.setMinimumHeight(150)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self.update)

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

    def _camera(self) -> Camera | None:
        """That of the footage whose picture is shown, which may be other footage of the short than that on the page."""
        opened, shown = self._ws.opened, self._shown
        if opened is None or shown is None:
            return None
        if shown.heard.source == opened.source.key and self._ws.trial.camera is not None:
            return self._ws.trial.camera
        return opened.camera_of(shown.heard.source)

    def _cells(self) -> list[Rect]:
        """The crops of all cells that are shown, as they are dragged; none of a whole picture."""
        opened, shown = self._ws.opened, self._shown
        if opened is None or shown is None:
            return []
        camera = self._camera()
        if camera is None:
            return []
        view = camera.at(shown.heard.tick)
        cells = [] if view.layout == "whole" else [cell.crop for cell in view.cells]
        if self._drag is not None and self._drag.cell < len(cells):
            cells[self._drag.cell] = self._drag.after
        elif self._drag is not None and self._drag.changed:
            cells = [self._drag.after]
        return cells

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
        self._paint_drawn(painter)

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
            for corner in (rect.topLeft(), rect.topRight(), rect.bottomLeft(), rect.bottomRight()):
                painter.fillRect(QRectF(corner.x() - 3, corner.y() - 3, 6, 6), QColor(theme.NOW))
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
        camera = self._camera()
        if camera is None or self._shown is None:
            return
        people, tick = camera.people, self._shown.heard.tick
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
            name = shown_name(people.names[track.person]) if track.person < len(people.names) else ""
            width = painter.fontMetrics().horizontalAdvance(name) + 10
            label = QRectF(place.center().x() - width / 2, place.bottom() + 2, width, 17)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(12, 13, 15, 190))
            painter.drawRoundedRect(label, 4, 4)
            painter.setPen(colour)
            painter.drawText(label, Qt.AlignmentFlag.AlignCenter, name)

    def _paint_drawn(self, painter: QPainter) -> None:
        """The box that is being drawn, or the one that the crop follows, with writing that the crop must not cut."""
        opened, shown = self._ws.opened, self._shown
        if opened is None or shown is None or shown.heard.source != opened.source.key:
            return
        tick, people = shown.heard.tick, opened.camera.people
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for text in people.seen_in(people.texts, tick, tick + 1):
            painter.setPen(QPen(QColor(233, 228, 218, 150), 1, Qt.PenStyle.DashLine))
            painter.drawRect(self._on(text.rect))
        shot = opened.shot_at(tick)
        chosen = None if shot is None else opened.entry.short.framing.of_shot(shot.source, shot.start, shot.end)
        box = self._box_drawn
        if box is None and chosen is not None and isinstance(chosen.target, BoxTarget) and not chosen.keyframes:
            box = place_of(chosen.target, tick)
        if box is not None:
            painter.setPen(QPen(QColor(theme.KEPT), 2))
            painter.drawRect(self._on(box))
        if self._drawing and self._box_drawn is None:
            place = QRectF(0, self.height() - 26, self.width(), 26)
            painter.fillRect(place, QColor(12, 13, 15, 200))
            painter.setPen(QColor("#e9e4da"))
            painter.drawText(place, Qt.AlignmentFlag.AlignCenter, tr("Draw around what the crop should follow"))

    # gestures

    def draw_box(self, wanted: bool) -> None:
        """Let the next drag draw a box, or not after all."""
        self._drawing, self._box_drawn, self._drawn_from = wanted, None, None
        self.setCursor(Qt.CursorShape.CrossCursor if wanted else Qt.CursorShape.ArrowCursor)
        self.update()

    def _share(self, at: QPointF) -> tuple[float, float]:
        """A place of the widget in shares of the picture, inside it."""
        box = self._box()
        x, y = (at.x() - box.x()) / max(1.0, box.width()), (at.y() - box.y()) / max(1.0, box.height())
        return min(1.0, max(0.0, x)), min(1.0, max(0.0, y))

    def _grip(self, at: QPointF) -> CropDrag | None:
        if self._shown is None:
            return None
        return gripped(self._ws.opened, self._shown.heard.source, self._shown.heard.tick, at, self._share(at))

    def _corner(self, at: QPointF, crop: Rect) -> bool:
        """Whether a place lies at a corner of a crop, by which it is sized."""
        rect = self._on(crop)
        corners = (rect.topLeft(), rect.topRight(), rect.bottomLeft(), rect.bottomRight())
        return any((at - corner).manhattanLength() <= HANDLE for corner in corners)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() != Qt.MouseButton.LeftButton or self._shown is None:
            return
        if self._ws.opened is not None and self._shown.heard.source != self._ws.opened.source.key:
            self._ws.said.emit(tr("This is other footage of the short: open it in the Footage place to frame it."), "note")
            return
        if self._drawing:
            self._drawn_from = event.position()
            return
        view = None if self._ws.opened is None else self._ws.opened.camera.at(self._shown.heard.tick)
        for cell in view.cells if view is not None and view.layout != "whole" else ():
            if self._corner(event.position(), cell.crop):  # a corner may lie a little outside its crop
                inside = self._on(cell.crop)
                at = QPointF(min(max(event.position().x(), inside.left() + 1), inside.right() - 1),
                             min(max(event.position().y(), inside.top() + 1), inside.bottom() - 1))  # fmt: skip
                drag = self._grip(at)
                self._drag = None if drag is None else replace(drag, start=event.position(), sizing=True)
                return
        self._drag = self._grip(event.position())
        if self._drag is not None:
            self._ws.selection.choose_cell(self._drag.cell)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drawn_from is not None:
            (a, b), (c, d) = self._share(self._drawn_from), self._share(event.position())
            self._box_drawn = Rect(min(a, c), min(b, d), abs(a - c), abs(b - d))
            self.update()
            return
        drag = self._drag
        if drag is None:
            return
        if drag.sizing:
            middle = self._on(drag.before).center()
            far = max(1.0, (drag.start - middle).manhattanLength())
            self._drag = drag.sized((event.position() - middle).manhattanLength() / far)
        else:
            box, moved = self._box(), event.position() - drag.start
            self._drag = drag.moved(moved.x() / max(1.0, box.width()), moved.y() / max(1.0, box.height()))
        self._ws.trial.show(drag.opened, self._drag.edit, drag.at)
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._drawn_from is not None:
            box, shown = self._box_drawn, self._shown
            self.draw_box(False)
            if box is not None and shown is not None and min(box.w, box.h) >= SMALLEST_BOX:
                self.drawn.emit(box, shown.heard.tick)
            else:
                self.gave_up_drawing.emit()
            return
        drag, self._drag = self._drag, None
        if drag is not None:
            far = (event.position() - drag.start).manhattanLength() > 3
            self._ws.trial.finish(drag.opened, drag.edit if drag.changed and far else None)
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        drag = self._grip(event.position())
        if drag is not None and event.angleDelta().y() and drag.layout != "whole":
            sized = drag.sized(0.94 if event.angleDelta().y() > 0 else 1 / 0.94)
            self._ws.edit(lambda short, _a: sized.edit(short), drag.opened)

    def nudge(self, x: int, y: int) -> None:
        """Move the crop by pixels of the source."""
        if self._shown is None or self._ws.opened is None:
            return
        drag = gripped(self._ws.opened, self._shown.heard.source, self._shown.heard.tick, QPointF(), None)
        if drag is not None:
            moved = drag.moved(x / self._ws.opened.source.width, y / self._ws.opened.source.height)
            self._ws.edit(lambda short, _a: moved.edit(short), drag.opened)
