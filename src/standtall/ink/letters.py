"""Fonts of styles, and the outlines of shaped text by the text engine's own positions."""

from __future__ import annotations

import functools
from typing import Any

from PySide6.QtCore import Qt
from PySide6.QtGui import QFont, QFontMetricsF, QPainterPath, QTextLayout, QTextLine, QTransform

from standtall.ink.families import families, slanted_by_itself
from standtall.model.style import CaptionStyle

SLANT = 0.21
"""How far letters lean where their family has no slanted ones: twelve degrees."""


def code_units(text: str) -> int:
    """How many UTF-16 code units a text has, which is how Qt counts: letters outside the basic plane have two."""
    return len(text.encode("utf-16-le", "surrogatepass")) // 2


@functools.lru_cache(maxsize=256)
def _font(style: CaptionStyle, size: int, language: str, weight: int, text: str) -> QFont:
    font = QFont()
    font.setFamilies(families(style.family, style.italic, language, text))
    font.setPixelSize(size)
    font.setWeight(QFont.Weight(weight))
    font.setVariableAxis(QFont.Tag("wght"), weight)
    font.setHintingPreference(QFont.HintingPreference.PreferNoHinting)
    if style.letter_spacing:
        font.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, style.letter_spacing * size)
    return font


def font_of(style: CaptionStyle, height: float, scale: float = 1.0, language: str = "", weight: int = 0, text: str = "") -> QFont:
    """The font of a style for a text on a picture of that height in pixels."""
    stacked = text if max(text, default="") >= "\u0900" else ""  # plain letters need no font of their own for each text
    return QFont(_font(style, max(2, round(style.size * height * scale)), language, weight or style.weight, stacked))


def line_height(style: CaptionStyle, height: float) -> float:
    """Ascent and descent of the letters of a style in pixels, which other programs take for the size of a font. Needs
    `ink.engine.start()`."""
    return QFontMetricsF(font_of(style, height)).height()


def leans(style: CaptionStyle) -> bool:
    """Whether the letters of a style are slanted by the program."""
    return style.italic and not slanted_by_itself(style.family)


def outline_of(layout: QTextLayout, first: int, units: int) -> QPainterPath:
    """The outlines of the glyphs that stand for `units` UTF-16 units of a text, from its unit `first` on."""
    path = QPainterPath()
    path.setFillRule(Qt.FillRule.WindingFill)
    for run in layout.glyphRuns(first, units):
        raw = run.rawFont()
        for glyph, at in zip(run.glyphIndexes(), run.positions(), strict=True):
            path.addPath(raw.pathForGlyph(glyph).translated(at))
    return path


def slanted(path: QPainterPath, baseline: float) -> QPainterPath:
    """An outline that leans to the right around its baseline."""
    return QTransform(1, 0, -SLANT, 1, SLANT * baseline, 0).map(path)


def x_of(line: QTextLine, at: int) -> float:
    """Where a unit of the text begins; the library tells the place that it used along with it."""
    found: Any = line.cursorToX(at)
    return float(found[0])
