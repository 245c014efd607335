"""Sets the words of a card in rows: shaped by Qt's text engine, each word with the outline of its letters and where it stands."""

from __future__ import annotations

import unicodedata
from dataclasses import dataclass, field
from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QFont, QFontMetricsF, QPainterPath, QTextCharFormat, QTextLayout, QTextLine, QTextOption, QTransform

from standtall.ink.drawn import InkWord, Rows
from standtall.ink.emoji_pictures import pictured
from standtall.ink.letters import code_units, font_of, leans, outline_of, slanted, x_of
from standtall.language.direction import reads_backwards
from standtall.language.joining import gap
from standtall.model.style import CaptionStyle

LEAST_SCALE: Final = 0.55
"""Letters of a row that is too wide are set smaller down to this, then the row is broken anywhere."""
PICTURE: Final = 1.15
"""Width of an emoji in ems."""
MARGIN: Final = 0.012
"""Share of the picture's width that captions keep from its edges."""
HOLDER: Final = "_"
"""Stands in the text where an emoji is drawn: a letter of every font, without a direction of its own."""
JOINED: Final = (
    "ARABIC",
    "SYRIAC",
    "MONGOLIAN",
    "DEVANAGARI",
    "BENGALI",
    "GURMUKHI",
    "GUJARATI",
    "TAMIL",
    "TELUGU",
    "KANNADA",
    "THAI",
)
"""Scripts whose letters join or stack: no room is put between them."""
_HIDDEN: Final = frozenset("\u202a\u202b\u202c\u202d\u202e\u2066\u2067\u2068\u2069\u2028\u2029\ufeff")
"""Signs that would turn the order of other words, or break lines."""


@dataclass(frozen=True, slots=True)
class PlacedWord:
    """A word in the coordinates of its card. `rect` is its room in the row; `steps` are the places where its letters begin, in
    reading order, and where it ends; `pictures` are its emoji with their squares."""

    outline: QPainterPath
    rect: QRectF
    baseline: float
    row: int
    backwards: bool
    steps: tuple[float, ...]
    pictures: tuple[tuple[str, QRectF], ...]
    size: float
    """Of its letters in pixels."""


@dataclass(frozen=True, slots=True)
class LaidCard:
    """All words in order, the room of each row, and the way from the card to the picture."""

    words: tuple[PlacedWord, ...]
    rows: tuple[QRectF, ...]
    em: float
    placed: QTransform


@dataclass(slots=True)
class _Text:
    """A row as one text for the engine."""

    whole: str = ""
    starts: list[int] = field(default_factory=list)
    units: list[int] = field(default_factory=list)
    holders: list[list[tuple[int, str]]] = field(default_factory=list)
    """For each word its emoji: unit of the text, code."""


def cleaned(text: str) -> str:
    """A text without control characters and without signs that turn the direction of others."""
    return "".join(c for c in text if c not in _HIDDEN and (unicodedata.category(c) != "Cc"))


def joins(text: str) -> bool:
    """Whether letters of a text join or stack."""
    return not text.isascii() and any(unicodedata.name(c, "").startswith(JOINED) for c in text)


def laid_out(rows: Rows, style: CaptionStyle, frame: tuple[int, int], middle: float, language: str = "") -> LaidCard:
    """Set a card on a frame of that width and height, its middle at a share of the height."""
    width, height = frame
    column = style.width * width
    backwards = reads_backwards(w.text for row in rows for w in row)
    y, words, boxes = 0.0, [], []
    for number, row in enumerate(rows):
        text = _text_of(row)
        layout, lines = _set(row, text, column, height, backwards, language)
        for line in lines:
            line.setPosition(QPointF(line.position().x(), y + line.position().y()))
        placed = [_placed(layout, text, n, word, number, height) for n, word in enumerate(row)]
        box = QRectF()
        for line in lines:
            box = box.united(line.naturalTextRect())
        shift = _start(style.align, column, box.width()) - box.left()
        words += [_moved(word, shift) for word in placed]
        boxes.append(box.translated(shift, 0))
        y = box.bottom() + (style.line_spacing - 1) * box.height()
    em = style.size * height
    return LaidCard(tuple(words), tuple(boxes), em, _placement(words, boxes, style, rows, frame, middle))


def _start(align: str, column: float, wide: float) -> float:
    return {"left": 0.0, "centre": (column - wide) / 2, "right": column - wide}[align]


def _text_of(row: tuple[InkWord, ...]) -> _Text:
    out, before = _Text(), ""
    for number, word in enumerate(row):
        text = cleaned(word.text)
        out.whole += gap(before, text) if number else ""
        out.starts.append(code_units(out.whole))
        holders, at, shown = [], 0, ""
        for emoji in pictured(text):
            shown += text[at : emoji.start]
            holders.append((code_units(out.whole + shown), emoji.code))
            shown += HOLDER
            at = emoji.end
        shown += text[at:]
        out.units.append(code_units(shown))
        out.holders.append(holders)
        out.whole += shown
        before = text
    return out


def _set(
    row: tuple[InkWord, ...], text: _Text, column: float, height: float, backwards: bool, language: str
) -> tuple[QTextLayout, list[QTextLine]]:  # fmt: skip
    """The row as one line; smaller where it is too wide, and broken where it would be too small."""
    layout, lines = _shaped(row, text, 1e7, height, 1.0, backwards, language)
    wide = lines[0].naturalTextWidth() if lines else 0.0
    if wide > column:
        scale = column / wide
        room = 1e7 if scale >= LEAST_SCALE else column
        layout, lines = _shaped(row, text, room, height, max(scale * 0.999, LEAST_SCALE), backwards, language)
    return layout, lines


def _shaped(
    row: tuple[InkWord, ...], text: _Text, room: float, height: float, scale: float, backwards: bool, language: str
) -> tuple[QTextLayout, list[QTextLine]]:  # fmt: skip
    base = font_of(row[0].style, height, scale, language, text=row[0].text)
    layout = QTextLayout(text.whole, base)
    layout.setFormats(_formats(row, text, base, height, scale, language))
    option = QTextOption(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignAbsolute)
    option.setWrapMode(QTextOption.WrapMode.WrapAtWordBoundaryOrAnywhere)
    option.setTextDirection(Qt.LayoutDirection.RightToLeft if backwards else Qt.LayoutDirection.LeftToRight)
    layout.setTextOption(option)
    layout.beginLayout()
    lines, y = [], 0.0
    while (line := layout.createLine()).isValid():
        line.setLineWidth(room)
        line.setPosition(QPointF(0, y))
        y += line.height()
        lines.append(line)
    layout.endLayout()
    return layout, lines


def _formats(
    row: tuple[InkWord, ...], text: _Text, base: QFont, height: float, scale: float, language: str
) -> list[QTextLayout.FormatRange]:  # fmt: skip
    """Fonts of words that are set otherwise than the first, and the room of emoji."""
    out = []
    for number, word in enumerate(row):
        font = font_of(word.style, height, scale, language, text=word.text)
        if word.style.letter_spacing and joins(word.text):
            font.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, 0)
        if font != base:
            out.append(_format(text.starts[number], text.units[number], font))
        room = _extra_between(row, number, height, scale, language)
        if room > 0:
            spaced = QFont(base)
            spaced.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, room)
            out.append(_format(text.starts[number] + text.units[number], 1, spaced))
        for at, _code in text.holders[number]:
            wide = QFont(font)
            wide.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, 0)
            room = PICTURE * font.pixelSize() - QFontMetricsF(wide).horizontalAdvance(HOLDER)
            wide.setLetterSpacing(QFont.SpacingType.AbsoluteSpacing, room)
            out.append(_format(at, 1, wide))
    return out


def _extra_between(row: tuple[InkWord, ...], number: int, height: float, scale: float, language: str) -> float:
    """Room in pixels to add after a word, so that it and the next can grow and turn heavy without touching."""
    if number + 1 >= len(row) or not gap(row[number].text, row[number + 1].text):
        return 0.0
    more = max(_growth(row[n], height, scale, language) for n in (number, number + 1))
    return max(0.0, more / 2 - 0.12 * row[number].style.size * height * scale)


def _growth(word: InkWord, height: float, scale: float, language: str) -> float:
    """How much wider a word is at most while it is said, in pixels."""
    style = word.style
    if style.grow <= 1 and style.now_weight <= style.weight:
        return 0.0
    most = max(style.grow, 1.0) * (1.08 if style.ease == "over" and style.grow > 1 else 1.0)
    still = QFontMetricsF(font_of(style, height, scale, language, text=word.text)).horizontalAdvance(word.text)
    heavy = QFontMetricsF(font_of(style, height, scale, language, style.now_weight, word.text)).horizontalAdvance(word.text)
    return max(0.0, most * max(still, heavy if style.now_weight else 0.0) - still) + abs(style.lean) / 90 * style.size * height


def _format(start: int, length: int, font: QFont) -> QTextLayout.FormatRange:
    one = QTextLayout.FormatRange()
    one.start, one.length, one.format = start, length, QTextCharFormat()
    one.format.setFont(font)
    return one


def _placed(layout: QTextLayout, text: _Text, number: int, word: InkWord, row: int, height: float) -> PlacedWord:
    first, units = text.starts[number], text.units[number]
    line = layout.lineForTextPosition(first)
    edges = (x_of(line, first), x_of(line, first + units))
    size = font_of(word.style, height).pixelSize()
    baseline = line.y() + line.ascent()
    holders = [at for at, _code in text.holders[number]]
    outline, at = QPainterPath(), first
    outline.setFillRule(Qt.FillRule.WindingFill)
    for stop in [*holders, first + units]:
        if stop > at:
            outline.addPath(outline_of(layout, at, stop - at))
        at = stop + 1
    if leans(word.style):
        outline = slanted(outline, baseline)
    pictures = []
    for holder, code in text.holders[number]:
        own = layout.lineForTextPosition(holder)
        x = sorted((x_of(own, holder), x_of(own, holder + 1)))
        side = x[1] - x[0]
        top = own.y() + own.ascent() - 0.86 * side
        pictures.append((code, QRectF(x[0] + 0.04 * side, top, 0.92 * side, 0.92 * side)))
    rect = QRectF(min(edges), line.y(), abs(edges[1] - edges[0]), line.height())
    steps = tuple(x_of(line, first + n) for n in range(units + 1))
    return PlacedWord(outline, rect, baseline, row, edges[1] < edges[0], steps, tuple(pictures), size)


def _moved(word: PlacedWord, x: float) -> PlacedWord:
    return PlacedWord(
        word.outline.translated(x, 0), word.rect.translated(x, 0), word.baseline, word.row, word.backwards,
        tuple(s + x for s in word.steps), tuple((code, box.translated(x, 0)) for code, box in word.pictures), word.size,
    )  # fmt: skip


def reach(words: list[PlacedWord], boxes: list[QRectF], style: CaptionStyle, em: float, height: int) -> QRectF:
    """All that a card may cover, in its own coordinates: letters, boxes, outlines, and words that grow or are raised."""
    out = QRectF()
    for box in boxes:
        out = out.united(
            box.adjusted(
                -style.plate_wide * em, -max(0.0, style.plate_high) * em, style.plate_wide * em, max(0.0, style.plate_high) * em
            )
        )
    for word in words:
        box = word.outline.boundingRect().united(word.rect)
        more = max(0.0, style.grow - 1) / 2 + (0.12 if style.lean else 0.0)
        out = out.united(
            box.adjusted(
                -more * box.width() - 0.02 * em, -more * box.height(), more * box.width() + 0.02 * em, more * box.height()
            )
        )
    around = (
        style.outline_width * height
        + (style.shadow_blur * em if style.shadow else 0.0)
        + abs(style.lift) * em
        + (0.3 * em if style.glow else 0.0)
    )
    return out.adjusted(-around, -around, around, around + abs(style.shadow_down) * em * bool(style.shadow))


def _placement(
    words: list[PlacedWord], boxes: list[QRectF], style: CaptionStyle, rows: Rows, frame: tuple[int, int], middle: float
) -> QTransform:  # fmt: skip
    """From the card to the frame: its middle where it is wished, turned, all of it inside the frame."""
    width, height = frame
    em = max((w.style.size for row in rows for w in row), default=style.size) * height
    box = reach(words, boxes, style, em, height)
    whole = QRectF(0, boxes[0].top(), style.width * width, boxes[-1].bottom() - boxes[0].top())
    turned = QTransform().rotate(style.rotation)
    covered = turned.mapRect(box.translated(-whole.center()))
    edge = MARGIN * width
    scale = min(1.0, (width - 2 * edge) / max(1.0, covered.width()), (height - 2 * edge) / max(1.0, covered.height()))
    covered = QRectF(covered.left() * scale, covered.top() * scale, covered.width() * scale, covered.height() * scale)
    x = min(max(style.across * width, edge - covered.left()), width - edge - covered.right())
    y = min(max(middle * height, edge - covered.top()), height - edge - covered.bottom())
    out = QTransform().translate(round(x), round(y))
    return out.rotate(style.rotation).scale(scale, scale).translate(-whole.center().x(), -whole.center().y())
