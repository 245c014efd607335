"""Draws captions: shaped by Qt's text engine, painted from the outlines of its glyphs, each word by itself."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any, Final, Literal

import cv2
import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import (
    QColor,
    QFont,
    QFontMetricsF,
    QImage,
    QPainter,
    QPainterPath,
    QPen,
    QTextCharFormat,
    QTextLayout,
    QTextLine,
    QTextOption,
)  # fmt: skip

from standtall.ink.sprite import Sprite, sprite
from standtall.language.joining import gap
from standtall.model.style import CaptionStyle

WIDEST: Final = 0.86
"""Width of the caption column as a share of the picture."""
KEPT: Final = 8
"""Sprites kept in memory."""
MOST_WIDTHS: Final = 100_000
PLATE: Final = (0.30, 0.10)
"""How far a plate reaches beyond its words, sideways and up and down, in ems."""
LINE_DOWN, LINE_HIGH = 0.14, 0.11
"""How far the line under a word lies below its baseline, and how thick it is, in ems."""


@dataclass(frozen=True, slots=True)
class InkWord:
    """A word to be drawn: its text, whether it is being said, and the style it is drawn in."""

    text: str
    state: Literal["said", "now", "upcoming"]
    style: CaptionStyle


@dataclass(frozen=True, slots=True)
class Placed:
    """Where a word stands in a laid-out text: its first UTF-16 unit, how many it has, and the outline of its glyphs."""

    first: int
    units: int
    outline: QPainterPath


def code_units(text: str) -> int:
    """How many UTF-16 code units a text has, which is how Qt counts: letters outside the basic plane have two."""
    return len(text.encode("utf-16-le", "surrogatepass")) // 2


def font_of(style: CaptionStyle, height: float, scale: float = 1.0) -> QFont:
    """The font of a style on a picture of that height in pixels."""
    font = QFont(style.family)
    font.setPixelSize(max(4, round(style.size * height * scale)))
    font.setWeight(QFont.Weight(style.weight))
    font.setHintingPreference(QFont.HintingPreference.PreferNoHinting)
    if style.letter_spacing:
        font.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, style.letter_spacing * font.pixelSize())
    return font


def cased(style: CaptionStyle, text: str) -> str:
    return text.upper() if style.capitals else text


class CaptionInk:
    """Draws captions of one style at one picture size. Needs `ink.engine.start()`; use it from one thread."""

    def __init__(self, style: CaptionStyle, width: int, height: int) -> None:
        self.style, self.width, self.height = style, width, height
        self._made: OrderedDict[tuple[tuple[InkWord, ...], float], Sprite] = OrderedDict()
        self._ground: tuple[tuple[tuple[str, CaptionStyle], ...], QImage] | None = None
        self._metrics: QFontMetricsF | None = None
        self._widths: dict[str, float] = {}

    def width_of(self, text: str) -> float:
        """Width of a text as a share of the caption column."""
        known = self._widths.get(text)
        if known is None:
            if self._metrics is None:
                self._metrics = QFontMetricsF(font_of(self.style, self.height))
            if len(self._widths) > MOST_WIDTHS:
                self._widths.clear()
            advance = self._metrics.horizontalAdvance(cased(self.style, text))
            known = self._widths[text] = advance / (WIDEST * self.width)
        return known

    def sprite(self, words: tuple[InkWord, ...], middle: float) -> Sprite:
        """The drawn words with their middle at `middle` (share of the height); cached."""
        key = (words, middle)
        if key not in self._made:
            self._made[key] = self._draw(words, middle)
            if len(self._made) > KEPT:
                self._made.popitem(last=False)
        self._made.move_to_end(key)
        return self._made[key]

    def laid_out(self, words: Sequence[InkWord]) -> tuple[QTextLayout, QRectF, list[Placed]]:
        """The words as one text, broken into lines; -> the layout, the box it fills, and where each word stands in it."""
        texts = [cased(w.style, w.text) for w in words]
        whole, starts = "", []
        for i, text in enumerate(texts):
            whole += gap(texts[i - 1], text) if i else ""
            starts.append(code_units(whole))
            whole += text
        widest = max(self.width_of(w.text) * w.style.size / self.style.size for w in words)
        scale = min(1.0, 1 / widest) if widest > 0 else 1.0
        layout = QTextLayout(whole, font_of(self.style, self.height, scale))
        layout.setFormats(self._formats(words, texts, starts, scale))
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
        placed = [
            Placed(at, code_units(text), outline_of(layout, at, code_units(text))) for at, text in zip(starts, texts, strict=True)
        ]
        return layout, QRectF(0, 0, column, y), placed

    def _formats(
        self, words: Sequence[InkWord], texts: list[str], starts: list[int], scale: float
    ) -> list[QTextLayout.FormatRange]:
        """Fonts of words that are set otherwise than the rest."""
        out = []
        base = font_of(self.style, self.height, scale)
        for word, text, at in zip(words, texts, starts, strict=True):
            font = font_of(word.style, self.height, scale)
            if font != base:
                one = QTextLayout.FormatRange()
                one.start, one.length, one.format = at, code_units(text), QTextCharFormat()
                one.format.setFont(font)
                out.append(one)
        return out

    def _draw(self, words: tuple[InkWord, ...], middle: float) -> Sprite:
        layout, box, placed = self.laid_out(words)
        em = self.style.size * self.height
        room = int(em * 0.6) // 2 * 2 + 2
        w = (int(box.width()) + 2 * room + 1) // 2 * 2
        h = (int(box.height()) + 2 * room + 1) // 2 * 2
        paths = [p.outline.translated(room, room) for p in placed]
        image = self._grounded(words, layout, paths, QRectF(0, 0, w, h), em, room).copy()
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for word, path in zip(words, paths, strict=True):
            self._outline(painter, word.style, path)
        for word, place, path in zip(words, placed, paths, strict=True):
            style = word.style
            if word.state == "now" and style.lighting == "underline":
                painter.fillRect(underline(layout, place, em).translated(room, room), colour_of(style.line))
            ink = colour_of(style.highlight if word.state == "now" else style.ink)
            if word.state == "upcoming":
                ink.setAlphaF(ink.alphaF() * style.upcoming)
            painter.fillPath(path, ink)
        painter.end()
        data = np.frombuffer(image.constBits(), np.uint8).reshape(h, image.bytesPerLine() // 4, 4)[:, :w]
        x = round((self.width - w) / 4) * 2
        y = round((middle * self.height - h / 2) / 2) * 2
        left, top, wide, high = cv2.boundingRect(np.ascontiguousarray(data[..., 3]))
        left, top = left // 2 * 2, top // 2 * 2
        right, bottom = min(w, (left + wide + 3) // 2 * 2), min(h, (top + high + 3) // 2 * 2)
        return sprite(data[top:bottom, left:right], x + left, y + top)

    def _grounded(
        self, words: tuple[InkWord, ...], layout: QTextLayout, paths: list[QPainterPath], size: QRectF, em: float, room: int
    ) -> QImage:
        """The plates and shadows of words, kept while other ones of the same words are highlighted."""
        key = tuple((w.text, w.style) for w in words)
        if self._ground is None or self._ground[0] != key:
            image = QImage(int(size.width()), int(size.height()), QImage.Format.Format_ARGB32_Premultiplied)
            image.fill(Qt.GlobalColor.transparent)
            for word, path in zip(words, paths, strict=True):
                self._shadow(image, word.style, path, em)
            if any(w.style.shadow > 0 for w in words):
                view = np.frombuffer(image.bits(), np.uint8).reshape(image.height(), image.bytesPerLine() // 4, 4)
                view[..., 3] = cv2.GaussianBlur(np.ascontiguousarray(view[..., 3]), (0, 0), max(0.8, em * 0.07))
            self._plates(image, layout, em, room)
            self._ground = key, image
        return self._ground[1]

    def _plates(self, image: QImage, layout: QTextLayout, em: float, room: int) -> None:
        plate = colour_of(self.style.plate)
        if plate.alpha() == 0:
            return
        painter = QPainter(image)
        painter.setCompositionMode(QPainter.CompositionMode.CompositionMode_Source)
        for number in range(layout.lineCount()):
            text = layout.lineAt(number).naturalTextRect()
            wide, high = PLATE[0] * em, PLATE[1] * em
            painter.fillRect(text.adjusted(-wide, -high, wide, high).translated(room, room).toAlignedRect(), plate)
        painter.end()

    def _outline(self, painter: QPainter, style: CaptionStyle, path: QPainterPath) -> None:
        colour = colour_of(style.outline)
        if style.outline_width > 0 and colour.alpha():
            pen = QPen(colour, 2 * style.outline_width * self.height)
            pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
            painter.strokePath(path, pen)

    @staticmethod
    def _shadow(image: QImage, style: CaptionStyle, path: QPainterPath, em: float) -> None:
        if style.shadow <= 0:
            return
        painter = QPainter(image)
        dark = QColor(0, 0, 0, round(255 * style.shadow))
        painter.fillPath(path.translated(0, em * 0.045), dark)
        painter.strokePath(path.translated(0, em * 0.045), QPen(dark, em * 0.12))
        painter.end()


def outline_of(layout: QTextLayout, first: int, units: int) -> QPainterPath:
    """The outlines of the glyphs that stand for `units` UTF-16 units of a text, from its unit `first` on."""
    path = QPainterPath()
    path.setFillRule(Qt.FillRule.WindingFill)
    for run in layout.glyphRuns(first, units):
        raw = run.rawFont()
        for glyph, at in zip(run.glyphIndexes(), run.positions(), strict=True):
            path.addPath(raw.pathForGlyph(glyph).translated(at))
    return path


def underline(layout: QTextLayout, word: Placed, em: float) -> QRectF:
    """The line under a word, by the text engine's own positions of its letters."""
    line = layout.lineForTextPosition(word.first)
    edges = [_x(line, at) for at in (word.first, word.first + word.units)]
    y = line.y() + line.ascent() + LINE_DOWN * em
    return QRectF(min(edges), y, max(edges) - min(edges), LINE_HIGH * em)


def _x(line: QTextLine, at: int) -> float:
    """Where a unit of the text begins; the library tells the place that it used along with it."""
    found: Any = line.cursorToX(at)
    return float(found[0])


def colour_of(text: str) -> QColor:
    """`#rrggbb` or `#rrggbbaa`."""
    colour = QColor(text[:7])
    if len(text) == 9:
        colour.setAlpha(int(text[7:], 16))
    return colour
