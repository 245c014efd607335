"""All looks, each moving on the editor's own words over the editor's own picture."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Final

from PySide6.QtCore import QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QColor, QHideEvent, QImage, QLinearGradient, QPainter, QPainterPath, QPaintEvent, QPen, QShowEvent
from PySide6.QtWidgets import QButtonGroup, QGridLayout, QPushButton, QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.look import Look
from standtall.ui.bench.panels.captions.samples import TALL, Samples, Wanted
from standtall.ui.widgets import theme
from standtall.ui.widgets.tips import set_tip

WORDS: Final = ("these", "are", "your", "own", "words")
COLUMNS: Final = 2
EVERY_MS: Final = 100
HIGH: Final = 74
Pictures = list[QImage | None]
Beside = Callable[[Callable[[], Pictures], Callable[[Pictures], None], Callable[[], None]], None]
"""Does work beside the window, and then something with what comes of it here, or something where it fails."""


class LookSample(QPushButton):
    """One look; checked while the short has it."""

    def __init__(self, look: Look) -> None:
        super().__init__()
        self.look = look
        self._words: tuple[str, ...] = WORDS
        self._language = ""
        self._picture: QImage | None = None
        self._shown: QImage | None = None
        self.setObjectName("look")
        self.setCheckable(True)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("Look {title}", title=look.title))
        set_tip(self, f"{look.title}. {tr(look.about)}")

    def sizeHint(self) -> QSize:
        return QSize(130, HIGH + 20)

    def show_words(self, words: tuple[str, ...], language: str, picture: QImage | None) -> None:
        if (self._words, self._language) != (words or WORDS, language):
            self._shown = None
        self._words, self._language, self._picture = words or WORDS, language, picture
        self.update()

    def wanted(self, tick: int) -> Wanted:
        """What is to be seen at a moment."""
        return Wanted(self.look, self.width() - 2, self._words, self._language, tick)

    @property
    def shows_picture(self) -> bool:
        """Whether its words are seen yet."""
        return self._shown is not None

    def show_picture(self, picture: QImage | None) -> None:
        """Show a moment."""
        self._shown = picture
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHints(QPainter.RenderHint.Antialiasing | QPainter.RenderHint.SmoothPixmapTransform)
        well = QRectF(1, 1, self.width() - 2, HIGH)
        shape = QPainterPath()
        shape.addRoundedRect(well, 6, 6)
        painter.setClipPath(shape)
        if self._picture is None:
            ground = QLinearGradient(0, 0, self.width(), HIGH)
            ground.setColorAt(0, QColor("#2d3a36"))
            ground.setColorAt(1, QColor("#7d8a80"))
            painter.fillRect(well, ground)
        else:
            wide, high = self._picture.width(), self._picture.height()
            part = min(high, wide * well.height() / well.width())
            across = part * well.width() / well.height()
            painter.drawImage(well, self._picture, QRectF((wide - across) / 2, (high - part) / 2, across, part))
        sample = self._shown
        if sample is not None:
            painter.drawImage(
                QRectF(well.x(), well.y(), sample.width(), HIGH), sample, QRectF(0, (TALL - HIGH) / 2, sample.width(), HIGH)
            )
        painter.setClipping(False)
        if self.isChecked() or self.hasFocus():
            painter.setPen(QPen(QColor(theme.current().focus), 2) if self.hasFocus() else QColor(theme.NOW))
            painter.drawRoundedRect(well, 6, 6)
        painter.setPen(self.palette().color(self.foregroundRole()))
        title = ("✓ " if self.isChecked() else "") + self.look.title
        painter.drawText(QRectF(0, HIGH + 1, self.width(), 19), Qt.AlignmentFlag.AlignCenter, title)


class Gallery(QWidget):
    """Samples in a grid, all in step; they stand still while nobody sees them. They are painted `beside` the window: one that
    comes while the one before is not ready is left out."""

    def __init__(self, chosen: Callable[[Look], None], beside: Beside) -> None:
        super().__init__()
        self._chosen, self._beside = chosen, beside
        self._maker = Samples()
        self._busy = False
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setSpacing(6)
        self._group = QButtonGroup(self)
        self.samples: list[LookSample] = []
        self._tick = 0
        self._made_small: tuple[int, QImage] | None = None
        self._timer = QTimer(self)
        self._timer.setInterval(EVERY_MS)
        self._timer.timeout.connect(self._step)

    def fill(self, looks: Sequence[Look]) -> None:
        """Show these looks."""
        for old in self.samples:
            self._group.removeButton(old)
            self._grid.removeWidget(old)
            old.deleteLater()
        self.samples = []
        for n, look in enumerate(looks):
            sample = LookSample(look)
            sample.clicked.connect(lambda _c=False, k=look: self._chosen(k))
            self._group.addButton(sample)
            self._grid.addWidget(sample, n // COLUMNS, n % COLUMNS)
            self.samples.append(sample)

    def show_words(self, words: tuple[str, ...], language: str, picture: QImage | None) -> None:
        small = None if picture is None else self._small(picture)
        for sample in self.samples:
            sample.show_words(words, language, small)

    def _small(self, picture: QImage) -> QImage:
        """Twice as high as the samples at most: each is painted ten times a second."""
        if self._made_small is None or self._made_small[0] != picture.cacheKey():
            small = picture
            if picture.height() > 2 * HIGH:
                small = picture.scaledToHeight(2 * HIGH, Qt.TransformationMode.SmoothTransformation)
            self._made_small = picture.cacheKey(), small
        return self._made_small[1]

    def check(self, name: str) -> None:
        """Mark the look of the short; none where it is not on this machine."""
        self._group.setExclusive(False)
        for sample in self.samples:
            sample.setChecked(sample.look.name == name)
        self._group.setExclusive(True)

    def _step(self) -> None:
        self._tick += EVERY_MS * TICKS_PER_SECOND // 1_000
        if self._busy:
            return
        still = theme.less_motion()
        seen = [
            sample
            for sample in self.samples
            if not sample.visibleRegion().isEmpty()
            and (not still or not sample.shows_picture or sample.underMouse() or sample.hasFocus())
        ]
        wanted = [sample.wanted(self._tick) for sample in seen]
        if not wanted:
            return

        def over() -> None:
            self._busy = False

        def arrived(pictures: Pictures) -> None:
            over()
            for sample, picture in zip(seen, pictures, strict=True):
                if sample in self.samples:
                    sample.show_picture(picture)

        self._busy = True
        self._beside(lambda: [self._maker.picture(one) for one in wanted], arrived, over)

    def showEvent(self, event: QShowEvent) -> None:
        self._timer.start()
        QTimer.singleShot(0, self._step)

    def hideEvent(self, event: QHideEvent) -> None:
        self._timer.stop()
