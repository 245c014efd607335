"""A look, shown on the editor's own words."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent
from PySide6.QtWidgets import QPushButton

from standtall.ink.lettering import CaptionInk, InkWord
from standtall.ink.sprite import Sprite
from standtall.model.look import Look
from standtall.ui.widgets import theme


class LookButton(QPushButton):
    """Checked while the short has this look."""

    def __init__(self, look: Look) -> None:
        super().__init__()
        self.look = look
        self._words: tuple[str, ...] = ("your", "words")
        self._sample: tuple[tuple[int, tuple[str, ...]], Sprite] | None = None
        self.setCheckable(True)
        self.setObjectName("look")
        self.setAccessibleName(f"Look {look.title}")
        self.setToolTip(f"{look.title}: {look.about}")

    def set_words(self, words: tuple[str, ...]) -> None:
        if words and words != self._words:
            self._words = words
            self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        rect = self.rect().adjusted(1, 1, -1, -1)
        painter.setPen(QColor(theme.NOW if self.isChecked() or self.hasFocus() else theme.current().line))
        painter.setBrush(QColor("#3d4a44"))
        painter.drawRoundedRect(rect, 8, 8)
        sample = self._drawn(rect.width())
        painter.drawImage(rect.left() + sample.x, rect.center().y() - sample.luma.shape[0] // 2 - 8, sample.image())
        font = painter.font()
        font.setPixelSize(12)
        painter.setFont(font)
        painter.setPen(QColor("#f4efe6"))
        place = rect.adjusted(8, 0, -8, -4)
        title = ("✓ " if self.isChecked() else "") + self.look.title
        painter.drawText(place, Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignHCenter, title)

    def _drawn(self, width: int) -> Sprite:
        """The sample, drawn again only for other words or another width."""
        key = (width, self._words[:2])
        if self._sample is None or self._sample[0] != key:
            style = self.look.style
            words = tuple(InkWord(w, "upcoming" if n else "now", style) for n, w in enumerate(key[1]))
            self._sample = key, CaptionInk(style, width, 440).sprite(words, 0.5)
        return self._sample[1]
