"""All looks, each moving on the editor's own words over the editor's own picture."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import Final

from PySide6.QtCore import QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QColor, QHideEvent, QImage, QLinearGradient, QPainter, QPainterPath, QPaintEvent, QShowEvent
from PySide6.QtWidgets import QButtonGroup, QGridLayout, QPushButton, QSizePolicy, QWidget

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.grouping import Card, cards
from standtall.captions.said import CaptionWord
from standtall.compose.producers.caption_styles import CaptionStyles
from standtall.compose.producers.captions import WrittenWidth, caption_layer, grouping_of
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.sprite import painted
from standtall.model.captions import Captions
from standtall.model.look import Look
from standtall.model.words import Word
from standtall.ui.widgets import theme

WORDS: Final = ("these", "are", "your", "own", "words")
COLUMNS: Final = 2
PACE: Final = round(0.42 * TICKS_PER_SECOND)
"""Time of a word in a sample."""
REST: Final = round(0.9 * TICKS_PER_SECOND)
EVERY_MS: Final = 100
AT_ONCE: Final = 3
"""Samples that are made ready at a time."""
HIGH: Final = 74
TALL: Final = 400
"""Height of the frame that a sample is a part of: letters are seen in about their share of a small picture."""


class LookSample(QPushButton):
    """One look; checked while the short has it."""

    def __init__(self, look: Look) -> None:
        super().__init__()
        self.look = look
        self._words: tuple[str, ...] = WORDS
        self._language = ""
        self._picture: QImage | None = None
        self._made: tuple[tuple[object, ...], tuple[Card, ...], CaptionInk, CaptionStyles] | None = None
        self._tick = 0
        self.setObjectName("look")
        self.setCheckable(True)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("Look {title}", title=look.title))
        self.setToolTip(f"{look.title}. {tr(look.about)}")

    def sizeHint(self) -> QSize:
        return QSize(130, HIGH + 20)

    def show_words(self, words: tuple[str, ...], language: str, picture: QImage | None) -> None:
        self._words, self._language, self._picture = words or WORDS, language, picture
        self.update()

    def move_to(self, tick: int) -> None:
        """Show another moment."""
        self._tick = tick
        self.update()

    @property
    def length(self) -> int:
        """Ticks until a sample begins again."""
        return len(self._words) * PACE + REST

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
        sample = self._sample() if self.ready else None
        if sample is not None:
            painter.drawImage(
                QRectF(well.x(), well.y(), sample.width(), HIGH), sample, QRectF(0, (TALL - HIGH) / 2, sample.width(), HIGH)
            )
        painter.setClipping(False)
        if self.isChecked() or self.hasFocus():
            painter.setPen(QColor(theme.NOW))
            painter.drawRoundedRect(well, 6, 6)
        painter.setPen(self.palette().color(self.foregroundRole()))
        title = ("✓ " if self.isChecked() else "") + self.look.title
        painter.drawText(QRectF(0, HIGH + 1, self.width(), 19), Qt.AlignmentFlag.AlignCenter, title)

    def _about(self) -> tuple[object, ...]:
        return self.width() - 2, self._words, self._language

    @property
    def ready(self) -> bool:
        """Whether the words are set in lines; the ground alone is painted until then."""
        return self._made is not None and self._made[0] == self._about()

    def prepare(self) -> None:
        """Set the words in lines, which takes some milliseconds."""
        width, style = self.width() - 2, self.look.style
        style = replace(style, across=0.5, width=0.94, size=min(0.06, style.size * 1.25))
        ink = CaptionInk(style, width, TALL, self._language)
        said = tuple(
            CaptionWord("", Word(text, n * PACE, (n + 1) * PACE - 1_000, id=n), text, n * PACE, (n + 1) * PACE - 1_000)
            for n, text in enumerate(self._words)
        )
        grouping = grouping_of(style, self._language or "en")
        measure = WrittenWidth.of(ink.width_of, style, ())
        self._made = self._about(), cards(said, grouping, measure, self.length), ink, CaptionStyles(style, Captions(), "9:16")
        self.update()

    def _sample(self) -> QImage | None:
        assert self._made is not None
        _key, made, ink, styles = self._made
        width = self.width() - 2
        tick = self._tick % self.length
        card = next((c for c in made if c.start <= tick < c.end), made[-1] if made else None)
        if card is None:
            return None
        layer = caption_layer(card, min(tick, card.end - 1), styles, styles.look, 0.5, self._language)
        rows = tuple(tuple(w.drawn for w in row) for row in layer.rows)
        return painted(ink.sprites(rows, 0.5, layer.come, layer.go), width, TALL)


class Gallery(QWidget):
    """Samples in a grid, all in step; they stand still while nobody sees them."""

    def __init__(self, chosen: Callable[[Look], None]) -> None:
        super().__init__()
        self._chosen = chosen
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setSpacing(6)
        self._group = QButtonGroup(self)
        self.samples: list[LookSample] = []
        self._tick = 0
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
        for sample in self.samples:
            sample.show_words(words, language, picture)

    def check(self, name: str) -> None:
        """Mark the look of the short; none where it is not on this machine."""
        self._group.setExclusive(False)
        for sample in self.samples:
            sample.setChecked(sample.look.name == name)
        self._group.setExclusive(True)

    def _step(self) -> None:
        self._tick += EVERY_MS * TICKS_PER_SECOND // 1_000
        self._prepare()
        for sample in self.samples:
            moves = not theme.less_motion() or sample.underMouse() or sample.hasFocus()
            if moves and not sample.visibleRegion().isEmpty():
                sample.move_to(self._tick)

    def _prepare(self) -> None:
        """Make some samples ready that are seen: all at once would hold up the window."""
        waiting = [s for s in self.samples if not s.ready and not s.visibleRegion().isEmpty()]
        for sample in waiting[:AT_ONCE]:
            sample.prepare()

    def showEvent(self, event: QShowEvent) -> None:
        self._timer.start()
        QTimer.singleShot(0, self._prepare)

    def hideEvent(self, event: QHideEvent) -> None:
        self._timer.stop()
