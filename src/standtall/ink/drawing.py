"""Draws the parts of a card: what lies under its words, and each word in its state."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen

from standtall.ink.drawn import PARTS, InkWord
from standtall.ink.layout import LaidCard, PlacedWord
from standtall.ink.masks import Mask
from standtall.ink.sprite import Sprite, shade, sprite
from standtall.ink.states import Colour, colour
from standtall.model.style import CaptionStyle

MARK = (0.14, 0.02)
"""How far the box of a word reaches beyond it, sideways and up and down, in ems."""
RUN_HIGH = 0.09
SHADOW_WIDER = 0.06
"""How far a soft shadow reaches beyond its letters before it is softened, in ems."""
NEAR = 0.08
"""How far around letters their ground is looked at, in ems: about the thickness of a stroke."""
BAND_REACH = 1.6
"""How far the dimming band reaches beyond the rows, in ems, before it has faded away."""


class Canvas:
    """A transparent picture over a part of the frame; `painter` draws in the coordinates of the frame."""

    def __init__(self, box: QRectF, frame: tuple[int, int]) -> None:
        left, top = max(0, int(box.left()) // 2 * 2 - 2), max(0, int(box.top()) // 2 * 2 - 2)
        right = min(frame[0], (int(box.right()) + 4) // 2 * 2)
        bottom = min(frame[1], (int(box.bottom()) + 4) // 2 * 2)
        self.x, self.y = min(left, frame[0] - 2), min(top, frame[1] - 2)
        self.image = QImage(max(2, right - self.x), max(2, bottom - self.y), QImage.Format.Format_ARGB32_Premultiplied)
        self.image.fill(Qt.GlobalColor.transparent)

    def painter(self) -> QPainter:
        out = QPainter(self.image)
        out.setRenderHint(QPainter.RenderHint.Antialiasing)
        out.translate(-self.x, -self.y)
        return out

    def pixels(self) -> NDArray[np.uint8]:
        """The picture itself: uint8 (height, width, 4)."""
        return _pixels(self.image)

    def soften(self, radius: float, draw: Callable[[QPainter], None], wider: float = 0.0) -> None:
        """Draw something with soft edges, as the first of all, made wider by so many pixels before it is softened: what is
        wide is drawn small, which cannot be told apart."""
        part = max(1, int(radius / 2))
        wide, high = self.image.width(), self.image.height()
        small = QImage(-(-wide // part), -(-high // part), QImage.Format.Format_ARGB32_Premultiplied)
        small.fill(Qt.GlobalColor.transparent)
        painter = QPainter(small)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.scale(1 / part, 1 / part)
        painter.translate(-self.x, -self.y)
        draw(painter)
        painter.end()
        reach = round(wider / part)
        if reach > 0:
            round_one = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * reach + 1, 2 * reach + 1))
            _pixels(small)[:] = cv2.dilate(_pixels(small), round_one)
        soft = cv2.GaussianBlur(_pixels(small), (0, 0), max(0.6, radius / part)) if radius > 0 else _pixels(small)
        if part > 1:
            soft = cv2.resize(soft, (small.width() * part, small.height() * part), interpolation=cv2.INTER_LINEAR)[:high, :wide]
        self.pixels()[:] = soft

    def mask(self) -> Mask:
        """What is covered, whatever its colour."""
        return Mask.of(np.ascontiguousarray(self.pixels()[..., 3]), self.x, self.y)

    def sprite(self) -> Sprite:
        return sprite(self.pixels(), self.x, self.y)


def _pixels(image: QImage) -> NDArray[np.uint8]:
    data: Any = image.bits()
    return np.frombuffer(data, np.uint8).reshape(image.height(), image.bytesPerLine() // 4, 4)[:, : image.width()]


def qcolour(value: Colour) -> QColor:
    return QColor.fromRgbF(*(min(1.0, max(0.0, v)) for v in value))


def rounded(painter: QPainter, card: LaidCard, box: QRectF, fill: Colour, radius: float) -> None:
    """Fill a box of a card, with round corners where the radius says so."""
    painter.save()
    painter.setTransform(card.placed, True)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(qcolour(fill))
    if radius > 0:
        painter.drawRoundedRect(box, radius, radius)
    elif card.placed.isRotating():
        painter.drawRect(box)
    else:
        painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
        painter.drawRect(box)
    painter.restore()


def band(card: LaidCard, style: CaptionStyle, frame: tuple[int, int]) -> Sprite | None:
    """The dark band behind a card, from side to side, soft above and below."""
    if style.band <= 0:
        return None
    box = card.placed.mapRect(QRectF(card.rows[0]).united(card.rows[-1]))
    soft = BAND_REACH * card.em
    top, bottom = max(0, int(box.top() - soft)) // 2 * 2, min(frame[1], int(box.bottom() + soft)) // 2 * 2
    if bottom - top < 2:
        return None
    y = np.arange(top, bottom)
    far = np.maximum(0.0, np.maximum(box.top() - y, y - box.bottom())) / soft
    dark = style.band * (1 - far * far * (3 - 2 * far))
    return shade(np.rint(255 * dark).astype(np.uint8), frame[0] // 2 * 2, top)


def ground(
    card: LaidCard, words: tuple[InkWord, ...], style: CaptionStyle, frame: tuple[int, int], shadows: bool
) -> Sprite | None:
    """Boxes of lines or of the card, and the shadows of all words where they are all shown."""
    plate = colour(style.plate)
    boxed = plate[3] > 0 and style.plate_of != "word"
    shadowed = shadows and (style.shadow > 0 or (plate[3] > 0 and style.plate_of == "word"))
    if not boxed and not shadowed:
        return None
    wide, high = style.plate_wide * card.em, style.plate_high * card.em
    boxes = [row.adjusted(-wide, -high, wide, high) for row in card.rows]
    if style.plate_of == "card":
        whole = QRectF()
        for box in boxes:
            whole = whole.united(box)
        boxes = [whole]
    covered = QRectF()
    for box in boxes if boxed else []:
        covered = covered.united(card.placed.mapRect(box))
    if shadowed:
        for place in card.words:
            covered = covered.united(_under_box(card, place, style))
    canvas = Canvas(covered, frame)
    if shadowed:
        _shadows(canvas, card, list(zip(card.words, words, strict=True)))
    painter = canvas.painter()
    for box in boxes if boxed else []:
        if boxed:
            painter.setCompositionMode(
                QPainter.CompositionMode.CompositionMode_Source
                if style.plate_of == "line"
                else QPainter.CompositionMode.CompositionMode_SourceOver
            )
            rounded(painter, card, box, plate, style.plate_radius * card.em)
    painter.end()
    return canvas.sprite()


def under_word(card: LaidCard, number: int, word: InkWord, frame: tuple[int, int]) -> Sprite | None:
    """The shadow and the box of one word, for styles that show words one after the other."""
    style = word.style
    if style.shadow <= 0 and not (style.plate_of == "word" and colour(style.plate)[3] > 0):
        return None
    place = card.words[number]
    canvas = Canvas(_under_box(card, place, style), frame)
    _shadows(canvas, card, [(place, word)])
    return canvas.sprite()


def _under_box(card: LaidCard, place: PlacedWord, style: CaptionStyle) -> QRectF:
    around = (0.2 + 3 * style.shadow_blur + abs(style.shadow_down)) * card.em if style.shadow > 0 else 0.0
    box = place.outline.boundingRect().adjusted(-around, -around, around, around)
    wide, high = style.plate_wide * card.em, style.plate_high * card.em
    return card.placed.mapRect(box.united(place.rect.adjusted(-wide, -high, wide, high)))


def _shadows(canvas: Canvas, card: LaidCard, words: list[tuple[PlacedWord, InkWord]]) -> None:
    if any(w.style.shadow > 0 for _p, w in words):
        blur = words[0][1].style.shadow_blur
        canvas.soften(blur * card.em, partial(_draw_shadows, card, words), SHADOW_WIDER * card.em if blur > 0 else 0.0)
    painter = canvas.painter()
    for place, word in words:
        plate = colour(word.style.plate)
        if word.style.plate_of == "word" and plate[3] > 0:
            wide, high = word.style.plate_wide * card.em, word.style.plate_high * card.em
            rounded(painter, card, place.rect.adjusted(-wide, -high, wide, high), plate, word.style.plate_radius * card.em)
    painter.end()


def _draw_shadows(card: LaidCard, words: list[tuple[PlacedWord, InkWord]], painter: QPainter) -> None:
    for place, word in words:
        style = word.style
        if style.shadow > 0:
            dark = qcolour((*colour(style.shadow_ink)[:3], style.shadow))
            path = card.placed.map(place.outline).translated(0, card.em * style.shadow_down)
            painter.fillPath(path, dark)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(dark)
            for _code, box in place.pictures:
                painter.drawEllipse(card.placed.mapRect(box.translated(0, card.em * style.shadow_down)))


def run_bar(card: LaidCard, number: int, word: InkWord, style: CaptionStyle, frame: tuple[int, int]) -> Sprite | None:
    """The bar under the row of a word, from where the row begins to how far the word is said."""
    fill = colour(style.run)
    place = card.words[number]
    row = card.rows[place.row]
    until = place.steps[0] + word.told / PARTS * (place.steps[-1] - place.steps[0])
    begin = row.right() if place.backwards else row.left()
    y = place.baseline + 0.24 * card.em
    box = QRectF(min(begin, until), y, abs(until - begin), RUN_HIGH * card.em)
    if fill[3] <= 0 or box.width() < 1:
        return None
    canvas = Canvas(card.placed.mapRect(box), frame)
    painter = canvas.painter()
    rounded(painter, card, box, fill, RUN_HIGH * card.em / 2)
    painter.end()
    return canvas.sprite()


def near_letters(card: LaidCard, number: int, frame: tuple[int, int]) -> tuple[int, int, NDArray[np.bool_]]:
    """The letters of a word and what is close around them: left, top, and which pixels from there on."""
    path = card.placed.map(card.words[number].outline)
    reach = NEAR * card.words[number].size
    canvas = Canvas(path.boundingRect().adjusted(-reach, -reach, reach, reach), frame)
    painter = canvas.painter()
    painter.fillPath(path, Qt.GlobalColor.black)
    painter.strokePath(path, QPen(Qt.GlobalColor.black, 2 * reach))
    painter.end()
    return canvas.x, canvas.y, canvas.pixels()[..., 3] > 127
