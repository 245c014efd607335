"""Draws a caption line with its lit word: shaped by Qt's text engine, painted from glyph outlines."""

from __future__ import annotations

from collections import OrderedDict
from dataclasses import dataclass
from typing import Final

import cv2
import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QFontMetricsF, QImage, QPainter, QPainterPath, QPen, QTextLayout, QTextOption

from standtall.ink.sprite import Sprite, sprite
from standtall.model.look import Look

WIDEST: Final = 0.86
"""Width of the caption column as a share of the picture."""
KEPT: Final = 8
"""Sprites kept in memory."""


@dataclass(frozen=True, slots=True)
class CaptionText:
    """What is to be drawn: the words of a line and which of them is lit."""

    words: tuple[str, ...]
    lit: int | None


MOST_WIDTHS: Final = 100_000


class CaptionInk:
    """Draws captions of one look at one picture size. Needs `ink.engine.start()`; use it from one thread."""

    def __init__(self, look: Look, width: int, height: int) -> None:
        self.look, self.width, self.height = look, width, height
        self._made: OrderedDict[tuple[CaptionText, float], Sprite] = OrderedDict()
        self._shadowed: tuple[tuple[str, ...], QImage] | None = None
        self._metrics: QFontMetricsF | None = None
        self._widths: dict[str, float] = {}

    def font(self, scale: float = 1.0) -> QFont:
        font = QFont(self.look.family)
        font.setPixelSize(max(4, round(self.look.size * self.height * scale)))
        font.setWeight(QFont.Weight(self.look.weight))
        font.setHintingPreference(QFont.HintingPreference.PreferNoHinting)
        if self.look.letter_spacing:
            font.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, self.look.letter_spacing * font.pixelSize())
        if self.look.lighting == "box":  # room for the box between two words
            font.setWordSpacing(0.1 * font.pixelSize())
        return font

    def cased(self, text: str) -> str:
        return text.upper() if self.look.capitals else text

    def width_of(self, text: str) -> float:
        """Width of a text as a share of the caption column."""
        known = self._widths.get(text)
        if known is None:
            if self._metrics is None:
                self._metrics = QFontMetricsF(self.font())
            if len(self._widths) > MOST_WIDTHS:
                self._widths.clear()
            known = self._widths[text] = self._metrics.horizontalAdvance(self.cased(text)) / (WIDEST * self.width)
        return known

    def sprite(self, text: CaptionText, middle: float) -> Sprite:
        """The drawn line with its middle at `middle` (share of the height); cached."""
        key = (text, middle)
        if key not in self._made:
            self._made[key] = self._draw(text, middle)
            if len(self._made) > KEPT:
                self._made.popitem(last=False)
        self._made.move_to_end(key)
        return self._made[key]

    def _layout(self, words: tuple[str, ...]) -> tuple[QTextLayout, QRectF]:
        text = " ".join(words)
        widest = max(self.width_of(w) for w in words)
        layout = QTextLayout(text, self.font(min(1.0, 1 / widest) if widest > 0 else 1.0))
        option = QTextOption(Qt.AlignmentFlag.AlignHCenter)
        option.setWrapMode(QTextOption.WrapMode.WordWrap)
        layout.setTextOption(option)
        layout.beginLayout()
        y, column = 0.0, WIDEST * self.width
        while (line := layout.createLine()).isValid():
            line.setLineWidth(column)
            line.setPosition(QPointF(0, y))
            y += line.height()
        layout.endLayout()
        return layout, QRectF(0, 0, column, y)

    def _word_path(self, layout: QTextLayout, first: int, length: int) -> QPainterPath:
        path = QPainterPath()
        path.setFillRule(Qt.FillRule.WindingFill)
        for run in layout.glyphRuns(first, length):
            raw = run.rawFont()
            for glyph, at in zip(run.glyphIndexes(), run.positions(), strict=True):
                path.addPath(raw.pathForGlyph(glyph).translated(at))
        return path

    def _draw(self, text: CaptionText, middle: float) -> Sprite:
        words = tuple(self.cased(w) for w in text.words)
        layout, box = self._layout(words)
        em = self.look.size * self.height
        room = int(em * 0.6) // 2 * 2 + 2
        w = (int(box.width()) + 2 * room + 1) // 2 * 2
        h = (int(box.height()) + 2 * room + 1) // 2 * 2
        paths = []
        at = 0
        for word in words:
            units = code_units(word)
            paths.append(self._word_path(layout, at, units).translated(room, room))
            at += units + 1
        image = self._ground(words, paths, w, h, em).copy()
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        boxed = self.look.lighting == "box" and text.lit is not None
        self._outlines(painter, [p for i, p in enumerate(paths) if not (boxed and i == text.lit)])
        if boxed and text.lit is not None:
            self._box(painter, paths[text.lit], layout, em)
        for i, path in enumerate(paths):
            colour = QColor(self.look.lit if i == text.lit else self.look.ink)
            if text.lit is not None and i > text.lit:
                colour.setAlphaF(colour.alphaF() * self.look.ahead)
            painter.fillPath(path, colour)
        painter.end()
        data = np.frombuffer(image.constBits(), np.uint8).reshape(h, image.bytesPerLine() // 4, 4)[:, :w]
        x = round((self.width - w) / 4) * 2
        y = round((middle * self.height - h / 2) / 2) * 2
        left, top, wide, high = cv2.boundingRect(np.ascontiguousarray(data[..., 3]))
        left, top = left // 2 * 2, top // 2 * 2
        right, bottom = min(w, (left + wide + 3) // 2 * 2), min(h, (top + high + 3) // 2 * 2)
        return sprite(data[top:bottom, left:right], x + left, y + top)

    def _ground(self, words: tuple[str, ...], paths: list[QPainterPath], w: int, h: int, em: float) -> QImage:
        """An empty picture with the shadow of the words, kept while other words of the same line are lit."""
        if self._shadowed is None or self._shadowed[0] != words:
            image = QImage(w, h, QImage.Format.Format_ARGB32_Premultiplied)
            image.fill(Qt.GlobalColor.transparent)
            self._shadow(image, paths, em)
            self._shadowed = words, image
        return self._shadowed[1]

    def _outlines(self, painter: QPainter, paths: list[QPainterPath]) -> None:
        if self.look.outline_width <= 0:
            return
        pen = QPen(_colour(self.look.outline), 2 * self.look.outline_width * self.height)
        pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
        for path in paths:
            painter.strokePath(path, pen)

    def _box(self, painter: QPainter, path: QPainterPath, layout: QTextLayout, em: float) -> None:
        bounds = path.boundingRect()
        metrics = QFontMetricsF(layout.font())
        middle = bounds.center().y()
        high = max(bounds.height() + em * 0.34, metrics.capHeight() + em * 0.5)
        rect = QRectF(bounds.left() - em * 0.16, middle - high / 2, bounds.width() + em * 0.32, high)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(_colour(self.look.box))
        painter.drawRoundedRect(rect, em * 0.18, em * 0.18)

    def _shadow(self, image: QImage, paths: list[QPainterPath], em: float) -> None:
        if self.look.shadow <= 0:
            return
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        dark = QColor(0, 0, 0, round(255 * self.look.shadow))
        for path in paths:
            painter.fillPath(path.translated(0, em * 0.045), dark)
            painter.strokePath(path.translated(0, em * 0.045), QPen(dark, em * 0.12))
        painter.end()
        view = np.frombuffer(image.bits(), np.uint8).reshape(image.height(), image.bytesPerLine() // 4, 4)
        view[..., 3] = cv2.GaussianBlur(np.ascontiguousarray(view[..., 3]), (0, 0), max(0.8, em * 0.07))


def code_units(text: str) -> int:
    """How many UTF-16 code units a text has, which is how Qt counts: letters outside the basic plane have two."""
    return len(text.encode("utf-16-le", "surrogatepass")) // 2


def _colour(text: str) -> QColor:
    """`#rrggbb` or `#rrggbbaa`."""
    colour = QColor(text[:7])
    if len(text) == 9:
        colour.setAlpha(int(text[7:], 16))
    return colour
