"""The tall picture as it renders: the crop is dragged and zoomed in it."""

from __future__ import annotations

from dataclasses import replace

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QResizeEvent, QWheelEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from standtall.base.geometry import FULL, Rect
from standtall.base.interface_language import tr
from standtall.compose.composition import Composition
from standtall.compose.painters.extra_boxes import ExtraBox, extra_boxes
from standtall.ui.preview import caption_drag, extra_drag
from standtall.ui.preview.caption_drag import CaptionDrag
from standtall.ui.preview.crop_drag import CropDrag, gripped
from standtall.ui.preview.extra_drag import ExtraDrag
from standtall.ui.preview.player import Shown
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.tips import set_tip


class PreviewView(QWidget):
    """The result as it renders. Where it is a crop, what is dragged is the picture under it."""

    resized = Signal(int, int)

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self._shown: Shown | None = None
        self._aspect = 9 / 16
        self._drag: CropDrag | None = None
        self._captions: CaptionDrag | None = None
        self._tried: Composition | None = None
        """What the drag of the captions would make of the short."""
        self._extra: ExtraDrag | None = None
        self._extras: tuple[Composition, int, list[ExtraBox]] | None = None
        """The texts and pictures of a frame; kept as long as it is shown."""
        self._boxed: tuple[Opened, int, QRectF | None] | None = None
        """Where the captions of a frame are; kept while the pointer moves over it."""
        self._over = FULL
        """The cell of the frame that is dragged in."""
        focus_ring.give_on_pictures(self)
        self.setAccessibleName(tr("Tall picture"))
        set_tip(
            self,
            tr(
                "The short as it will be rendered. Drag captions, texts and pictures to move them, their corners for their size, "
                "their sides for their width; drag the picture to move the crop; turn the wheel to zoom."
            ),
        )
        self.setMouseTracking(True)
        workspace.trial.changed.connect(self._try)
        workspace.selection.extra_changed.connect(self.update)
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

    def _box(self) -> QRectF:
        """Where the picture stands."""
        w, h = (v / self.devicePixelRatioF() for v in self.picture_size())
        return QRectF((self.width() - w) / 2, (self.height() - h) / 2, w, h)

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
        box = self._box()
        painter.fillRect(box, QColor(theme.WELL))
        if self._shown is None:
            painter.setPen(QColor("#8d949c"))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr("The short\nstands here"))
            return
        painter.drawImage(box, self._shown.tall)
        if self._captions is not None and self._ws.opened is not None:
            made = self._tried or self._ws.opened.composition
            caption_drag.paint_guides(painter, self._captions, made, self._shown.frame, box)
        opened = self._ws.opened
        number = self._extra.held.extra if self._extra is not None else self._ws.selection.extra
        if opened is not None and number is not None and self._captions is None:
            made = self._tried if self._extra is not None and self._tried is not None else opened.composition
            extra_drag.paint_chosen(painter, self._extra_boxes(made), number, opened, box, self._extra is not None)
        if self._shown.frame < 0:
            bar = QRectF(box.left(), box.bottom() - 34, box.width(), 34)
            painter.fillRect(bar, QColor(12, 13, 15, 200))
            painter.setPen(QColor("#e9e4da"))
            painter.drawText(bar, Qt.AlignmentFlag.AlignCenter, tr("not in the short"))

    # gestures

    def _cell_at(self, at: QPointF) -> tuple[int, Rect] | None:
        """The number of the cell at a place of the widget, and its target."""
        opened, shown = self._ws.opened, self._shown
        if opened is None or shown is None or shown.heard.source != opened.source.key:
            return None
        view = opened.camera.at(shown.heard.tick)
        box = self._box()
        here = Rect((at.x() - box.x()) / max(1.0, box.width()), (at.y() - box.y()) / max(1.0, box.height()), 0.0, 0.0)
        cells = [(n, c.target) for n, c in enumerate(view.cells) if c.target.contains(here)]
        return cells[-1] if cells and view.layout != "whole" else None  # the last one lies on top

    def _gripped(self, at: QPointF) -> CropDrag | None:
        cell, shown = self._cell_at(at), self._shown
        if cell is None or shown is None:
            return None
        opened = self._ws.opened
        assert opened is not None
        crop = opened.camera.at(shown.heard.tick).cells[cell[0]].crop
        drag = gripped(opened, shown.heard.source, shown.heard.tick, at, None)
        return None if drag is None else replace(drag, cell=cell[0], before=crop, after=crop)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() != Qt.MouseButton.LeftButton:
            return
        self._tried = None
        self._extra = self._extra_at(event.position())
        if self._extra is not None:
            self._ws.selection.choose_extra(self._extra.held.extra)
            return
        self._captions = self._caption_at(event.position())
        if self._captions is None:
            cell = self._cell_at(event.position())
            self._drag, self._over = self._gripped(event.position()), cell[1] if cell is not None else FULL
            if cell is not None:
                self._ws.selection.choose_cell(cell[0])

    def _caption_at(self, at: QPointF) -> CaptionDrag | None:
        shown, opened = self._shown, self._ws.opened
        if shown is None or opened is None:
            return None
        if self._boxed is None or self._boxed[0] is not opened or self._boxed[1] != shown.frame:
            self._boxed = opened, shown.frame, caption_drag.caption_box(opened.composition, shown.frame)
        return caption_drag.held(opened, shown.frame, self._boxed[2], at, self._box())

    def _extra_boxes(self, made: Composition) -> list[ExtraBox]:
        frame = -1 if self._shown is None else self._shown.frame
        if self._extras is None or self._extras[0] is not made or self._extras[1] != frame:
            self._extras = made, frame, extra_boxes(made, frame)
        return self._extras[2]

    def _extra_at(self, at: QPointF) -> ExtraDrag | None:
        opened = self._ws.opened
        if self._shown is None or opened is None:
            return None
        return extra_drag.held(opened, self._extra_boxes(opened.composition), at, self._box())

    def _try(self, composition: Composition) -> None:
        self._tried = composition if self._captions is not None or self._extra is not None else None

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._captions is not None:
            box = self._box()
            x, y = (event.position().x() - box.x()) / box.width(), (event.position().y() - box.y()) / box.height()
            self._captions = self._captions.moved(x - self._captions.start.x(), y - self._captions.start.y())
            self._ws.trial.show(self._captions.opened, self._captions.edit)
            self.update()
        elif self._extra is not None:
            box = self._box()
            x, y = (event.position().x() - box.x()) / box.width(), (event.position().y() - box.y()) / box.height()
            self._extra = self._extra.moved(x - self._extra.start.x(), y - self._extra.start.y())
            if self._extra.changed:
                self._ws.trial.show(self._extra.opened, self._extra.edit)
            self.update()
        elif self._drag is None:
            extra = self._extra_at(event.position())
            over = caption_drag.cursor_of(self._caption_at(event.position()))
            self.setCursor(over if extra is None else extra_drag.cursor_of(extra))
        if self._drag is not None:
            drag, moved, box = self._drag, event.position() - self._drag.start, self._box()
            x = -moved.x() / max(1.0, box.width() * self._over.w) * drag.before.w
            y = -moved.y() / max(1.0, box.height() * self._over.h) * drag.before.h
            self._drag = drag.moved(x, y)
            self._ws.trial.show(drag.opened, self._drag.edit, drag.at)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        extra, self._extra = self._extra, None
        if extra is not None:
            self._ws.trial.finish(extra.opened, extra.edit if extra.changed else None)
            self.update()
        captions, self._captions = self._captions, None
        if captions is not None:
            self._ws.trial.finish(captions.opened, captions.edit if captions.changed else None)
            self.update()
        drag, self._drag = self._drag, None
        if drag is not None:
            self._ws.trial.finish(drag.opened, drag.edit if drag.changed else None)

    def wheelEvent(self, event: QWheelEvent) -> None:
        drag = self._gripped(event.position())
        if drag is not None and event.angleDelta().y():
            sized = drag.sized(0.94 if event.angleDelta().y() > 0 else 1 / 0.94)
            self._ws.edit(lambda short, _a: sized.edit(short), drag.opened)
