"""Versions of the moment at the playhead beside each other, one of which is chosen by its number."""

from __future__ import annotations

from functools import partial
from typing import Final, Literal

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QDialog, QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from standtall.base.errors import StandTallError
from standtall.base.interface_language import tr
from standtall.model.framing import LAYOUT_TITLES
from standtall.model.look import Look
from standtall.session.versions import Version, by_hand_and_not, layouts, looks, painted, shapes
from standtall.ui.state.opened import Opened
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import theme
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.images import image_of
from standtall.ui.widgets.tips import set_tip

Side = Literal["layouts", "automatic", "shapes", "looks"]
SIDES: Final[dict[Side, str]] = {
    "layouts": tr("Layouts of this shot"), "automatic": tr("By hand and automatic"), "shapes": tr("Shapes"), "looks": tr("Looks"),
}  # fmt: skip
LOOKS: Final = 6
"""Looks beside each other."""
HIGH: Final = 420


class Tile(QWidget):
    """One version: its picture, its number and its name."""

    chosen = Signal()

    def __init__(self, number: int, title: str) -> None:
        super().__init__()
        self._number, self._title = number, title
        self.image: QImage | None = None
        self.current = False
        self.setAccessibleName(f"{number}: {title}")
        self.setToolTip(tr("Choose {title} (key {number})", title=title, number=number))
        self.setMinimumWidth(96)

    def sizeHint(self) -> QSize:
        return QSize(180, 340)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton and self.rect().contains(event.position().toPoint()):
            self.chosen.emit()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        room = QRectF(3, 3, self.width() - 6, self.height() - 34)
        box = room
        if self.image is not None:
            scale = min(room.width() / self.image.width(), room.height() / self.image.height())
            w, h = self.image.width() * scale, self.image.height() * scale
            box = QRectF(room.center().x() - w / 2, room.center().y() - h / 2, w, h)
            painter.drawImage(box, self.image)
        if self.current:
            painter.setPen(QPen(QColor(theme.NOW), 3))
            painter.drawRect(box)
        painter.setPen(self.palette().color(self.foregroundRole()))
        label = QRectF(0, self.height() - 28, self.width(), 24)
        painter.drawText(label, Qt.AlignmentFlag.AlignCenter, f"{self._number}   {self._title}")


class CompareSheet(QDialog):
    """Follows the playhead while it is open; a number chooses, Escape leaves all as it is."""

    def __init__(self, workspace: Workspace, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.setWindowTitle(tr("Compare versions"))
        self.resize(1120, 500)
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 14, 18, 14)
        column.setSpacing(10)
        row = QHBoxLayout()
        row.setSpacing(4)
        self._sides: dict[Side, QPushButton] = {}
        for side, title in SIDES.items():
            made = QPushButton(title)
            made.setCheckable(True)
            made.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            set_tip(made, tr("See these versions side by side: {title}", title=title))
            made.clicked.connect(partial(self.show_side, side))
            self._sides[side] = made
            row.addWidget(made)
        self.others = button(tr("Other looks"), tr("Show the next looks beside that of the short"), self.show_others, "small")
        row.addWidget(self.others)
        row.addStretch(1)
        self._hint = QLabel(tr("A number or a click chooses; Escape leaves all as it is."))
        self._hint.setObjectName("faint")
        row.addWidget(self._hint)
        column.addLayout(row)
        self._row = QHBoxLayout()
        self._row.setSpacing(10)
        column.addLayout(self._row, 1)
        self.tiles: list[Tile] = []
        self._versions: list[Version] = []
        self._side: Side = "layouts"
        self._first_look = 0
        self._busy, self._again = False, False
        workspace.selection.playhead_changed.connect(self._paint)
        for signal in (workspace.opened_changed, workspace.composition_changed):
            signal.connect(self._rebuild)
        self.show_side("layouts")

    def show_side(self, side: Side) -> None:
        """Show one kind of versions."""
        self._side = side
        self.others.setVisible(side == "looks")
        for name, made in self._sides.items():
            made.setChecked(name == side)
        self._rebuild()

    def _rebuild(self) -> None:
        opened = self._ws.opened
        shot = None if opened is None else opened.shot_at(self._ws.selection.playhead)
        for tile in self.tiles:
            tile.setParent(None)
            tile.deleteLater()
        self.tiles, self._versions = [], []
        if self._side == "shapes":
            self._versions = shapes()
        elif self._side == "looks":
            self._versions = looks(self._looks())
        elif opened is not None and shot is not None:
            people = opened.camera.people
            self._versions = layouts(shot, people) if self._side == "layouts" else by_hand_and_not(shot)
        for number, version in enumerate(self._versions, 1):
            tile = Tile(number, version.title)
            tile.chosen.connect(partial(self.choose, number))
            self._row.addWidget(tile, 1)
            self.tiles.append(tile)
        self._paint()

    def show_others(self) -> None:
        """Show the next looks."""
        self._first_look += LOOKS - 1
        self._rebuild()

    def _looks(self) -> list[Look]:
        """That of the short and some others."""
        opened, known = self._ws.opened, list(self._ws.data.looks)
        if opened is None or not known:
            return []
        now = [k for k in known if k.name == opened.entry.short.captions.look]
        rest = [k for k in known if k not in now]
        at = self._first_look % max(1, len(rest))
        return [*now, *(rest[at:] + rest[:at])[: LOOKS - len(now)]]

    def _paint(self) -> None:
        """Paint all versions beside the interface; a newer wish waits for the one that is being painted."""
        opened, versions = self._ws.opened, self._versions
        if opened is None or not versions or not opened.source.has_picture:
            return
        if self._busy:
            self._again = True
            return
        self._busy, self._again = True, False
        tick = self._ws.selection.playhead

        def work() -> list[QImage]:
            made = painted(versions, opened.composition, opened.source, opened.camera, tick, HIGH)
            return [image_of(planes) for planes in made]

        self._ws.queues.do("trial", work, lambda images: self._came(images, versions, opened, tick), self._failed, self)

    def _came(self, images: list[QImage], versions: list[Version], opened: Opened, tick: int) -> None:
        self._busy = False
        if versions is self._versions:
            now = {"layouts": LAYOUT_TITLES[opened.camera.at(tick).layout], "automatic": tr("As it is"),
                   "shapes": opened.entry.short.output.shape,
                   "looks": next((k.title for k in self._ws.data.looks if k.name == opened.entry.short.captions.look), ""),
                   }[self._side]  # fmt: skip
            for tile, version, image in zip(self.tiles, versions, images, strict=True):
                tile.image, tile.current = image, version.title == now
                tile.update()
        if self._again or versions is not self._versions:
            self._paint()

    def _failed(self, error: StandTallError) -> None:
        self._busy = False
        self._hint.setText(str(error))

    def choose(self, number: int) -> None:
        """Take a version, by its number, and close."""
        opened = self._ws.opened
        if opened is None or not 1 <= number <= len(self._versions):
            return
        make = self._versions[number - 1].make
        if make is not None:
            self._ws.edit(lambda short, _a: make(short), opened)
        self.accept()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.text().isdigit() and event.text():
            self.choose(int(event.text()))
            return
        super().keyPressEvent(event)
