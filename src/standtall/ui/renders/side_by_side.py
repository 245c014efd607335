"""Two finished files, or one and the short as it is edited now, over each other in step, with an edge that is drawn across."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QComboBox, QDialog, QGridLayout, QHBoxLayout, QLabel, QSlider, QVBoxLayout, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.compose.composition import Composition
from standtall.media.sound_reader import Samples
from standtall.session.sides import EditSide, FileSide, Side
from standtall.ui.renders.sides_sound import SidesSound
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets import focus_ring, theme
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.images import image_of

NOW: Final = tr("The short on the Bench, as it is now")
STEP: Final = 0.02
"""Of the width, by an arrow key."""


class WipePicture(QWidget):
    """The left picture up to the edge, the right one after it."""

    moved = Signal(float)

    def __init__(self) -> None:
        super().__init__()
        self.setMinimumSize(300, 420)
        focus_ring.give_on_pictures(self)
        self.setCursor(Qt.CursorShape.SplitHCursor)
        self.setAccessibleName(tr("Both pictures; the arrow keys move the edge between them"))
        self.setToolTip(tr("Drag the edge across, or move it with the arrow keys"))
        self.images: tuple[QImage, QImage] = (QImage(), QImage())
        self.edge = 0.5

    def show_images(self, left: QImage, right: QImage) -> None:
        self.images = left, right
        self.update()

    def set_edge(self, edge: float) -> None:
        self.edge = min(1.0, max(0.0, edge))
        self.moved.emit(self.edge)
        self.update()

    def _place(self, image: QImage) -> QRectF:
        """Where a picture lies: as large as fits, in the middle."""
        if image.isNull():
            return QRectF()
        factor = min(self.width() / image.width(), self.height() / image.height())
        w, h = image.width() * factor, image.height() * factor
        return QRectF((self.width() - w) / 2, (self.height() - h) / 2, w, h)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.fillRect(self.rect(), QColor(theme.WELL))
        whole = self._place(self.images[0] if not self.images[0].isNull() else self.images[1])
        x = whole.left() + self.edge * whole.width()
        for image, clip in zip(
            self.images, (QRectF(0, 0, x, self.height()), QRectF(x, 0, self.width() - x, self.height())), strict=True
        ):
            if not image.isNull():
                painter.setClipRect(clip)
                painter.drawImage(self._place(image), image)
        painter.setClipping(False)
        painter.setPen(QPen(QColor(theme.NOW), 2))
        painter.drawLine(QPointF(x, whole.top()), QPointF(x, whole.bottom()))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        whole = self._place(self.images[0] if not self.images[0].isNull() else self.images[1])
        if whole.width() > 0:
            self.set_edge((event.position().x() - whole.left()) / whole.width())

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            self.set_edge(self.edge + (STEP if event.key() == Qt.Key.Key_Right else -STEP))
        else:
            super().keyPressEvent(event)


class SideBySideSheet(QDialog):
    """Compares finished files, by the name of each."""

    def __init__(self, workspace: Workspace, files: dict[str, Path], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle(tr("Side by side"))
        self.resize(560, 720)
        self._ws = workspace
        self._edit: Composition | None = None if workspace.opened is None else workspace.opened.composition
        names = [*files, *([NOW] if self._edit is not None else [])]
        self._files = files
        self._sides: dict[str, Side] = {}
        """Opened and read in one thread apart."""
        self._sounds: dict[str, Samples | None] = {}
        self.picture = WipePicture()
        self.choices = (QComboBox(), QComboBox())
        grid = QGridLayout()
        for n, (choice, text) in enumerate(zip(self.choices, (tr("Left"), tr("Right")), strict=True)):
            choice.addItems(names)
            choice.setAccessibleName(text)
            choice.setToolTip(tr("What is seen at the {what}", what=text.lower()))
            choice.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
            choice.setCurrentIndex(min(n, len(names) - 1))
            choice.currentIndexChanged.connect(self._changed)
            grid.addWidget(QLabel(text), n, 0)
            grid.addWidget(choice, n, 1)
        self.hear = QComboBox()
        self.hear.addItems([tr("Of the left one"), tr("Of the right one"), tr("None")])
        self.hear.setAccessibleName(tr("Sound"))
        self.hear.setToolTip(tr("Whose sound is heard while both play; both pictures follow it"))
        self.hear.currentIndexChanged.connect(self._changed)
        grid.addWidget(QLabel(tr("Sound")), 2, 0)
        grid.addWidget(self.hear, 2, 1)
        grid.setColumnStretch(1, 1)
        self.moment: QSlider = QSlider(Qt.Orientation.Horizontal)
        self.moment.setAccessibleName(tr("Time"))
        self.moment.setToolTip(tr("The moment that is seen, in milliseconds"))
        self.moment.setRange(0, 0)
        self.moment.valueChanged.connect(self._show)
        self.moment.actionTriggered.connect(lambda _action: self._stop())  # moved by hand
        self.clock = QLabel("0:00.0")
        self.play = button(tr("Play"), tr("Play both (Space)"), self.toggle, "small")
        line = QHBoxLayout()
        line.addWidget(self.play)
        line.addWidget(self.moment, 1)
        line.addWidget(self.clock)
        whole = QVBoxLayout(self)
        whole.addLayout(grid)
        whole.addWidget(self.picture, 1)
        whole.addLayout(line)
        self._timer = QTimer(self)
        self._timer.setInterval(15)
        self._timer.timeout.connect(self._go_on)
        self._sound = SidesSound(workspace, self)
        self._playing = False
        self.silent = QLabel()
        self.silent.setObjectName("faint")
        self.silent.setWordWrap(True)
        self.silent.hide()
        whole.addWidget(self.silent)
        self._busy = False
        self._wanted: int | None = None
        self._show(0)

    # time

    def toggle(self) -> None:
        """Play, or stop."""
        if self._playing:
            self._stop()
        else:
            self._start(0 if self.moment.value() >= self.moment.maximum() else self.moment.value())

    def _start(self, at: int) -> None:
        """Play from a time in milliseconds on, once the sound is read."""
        which, self._playing = self.hear.currentIndex(), True
        self.play.setText(tr("Stop"))
        name = self.choices[which].currentText() if which < len(self.choices) else ""

        def begun(heard: bool) -> None:
            self.silent.setText(tr("It has no sound, or this machine has no sound device.") if name and not heard else "")
            self.silent.setVisible(bool(self.silent.text()))
            self._timer.start()

        self._sound.start(lambda: self._sound_of(name), at / 1000, begun, self._stop)

    def _stop(self) -> None:
        self._timer.stop()
        self._sound.stop()
        self._playing = False
        self.play.setText(tr("Play"))

    def _changed(self, _index: int) -> None:
        """Another file or sound was chosen: what plays goes on with it."""
        if self._playing:
            self._start(self.moment.value())
        self._show(self.moment.value())

    def _go_on(self) -> None:
        now = self._sound.now()
        if now is None:
            return
        at = round(1000 * now)
        self.moment.setValue(min(at, self.moment.maximum()))
        if at >= self.moment.maximum():
            self._stop()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space:
            self.toggle()
        else:
            super().keyPressEvent(event)

    # pictures

    def _show(self, at: int) -> None:
        """Ask for both pictures of a moment; the newest wish only."""
        self.clock.setText(clock(at * TICKS_PER_SECOND // 1000, tenths=True))
        self._wanted = at
        if not self._busy:
            self._ask()

    def _ask(self) -> None:
        at, names = self._wanted, tuple(c.currentText() for c in self.choices)
        if at is None or not names[0]:
            return
        self._busy, self._wanted = True, None
        tick = at * TICKS_PER_SECOND // 1000

        def work() -> tuple[list[QImage], int]:
            sides = [self._side(name) for name in names]
            return [image_of(s.at(min(tick, s.length - 1))) for s in sides], max(s.length for s in sides)

        def arrived(found: tuple[list[QImage], int]) -> None:
            images, length = found
            self._busy = False
            self.moment.setMaximum(length * 1000 // TICKS_PER_SECOND)
            self.picture.show_images(*images)
            self._next()

        self._ws.in_background_or("trial", work, arrived, self._failed, self)

    def _next(self) -> None:
        if self._wanted is not None:
            self._ask()

    def _failed(self) -> None:
        self._busy = False
        self._stop()

    def _sound_of(self, name: str) -> Samples | None:
        """In the thread that reads, once for each side."""
        if name and name not in self._sounds:
            self._sounds[name] = self._side(name).sound()
        return self._sounds.get(name)

    def _side(self, name: str) -> Side:
        """In the thread that reads."""
        if name not in self._sides:
            edit = self._edit
            self._sides[name] = EditSide(edit) if name == NOW and edit is not None else FileSide(self._files[name])
        return self._sides[name]

    def done(self, result: int) -> None:
        self._stop()
        sides = list(self._sides.values())

        def closed() -> None:
            for side in sides:
                side.close()

        self._ws.in_background("trial", closed, lambda _none: None)
        super().done(result)
