"""Draws the parts of a card: what lies under its words, and each word in its state."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import partial
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPen

from standtall.ink.drawn import PARTS, InkWord
from standtall.ink.layout import LaidCard, PlacedWord
from standtall.ink.masks import Mask, coloured
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


def room(box: QRectF, frame: tuple[int, int]) -> tuple[int, int, int, int]:
    """Left, top, width and height of the part of a frame around a box, all even."""
    left, top = max(0, int(box.left()) // 2 * 2 - 2), max(0, int(box.top()) // 2 * 2 - 2)
    right = min(frame[0], (int(box.right()) + 4) // 2 * 2)
    bottom = min(frame[1], (int(box.bottom()) + 4) // 2 * 2)
    x, y = min(left, frame[0] - 2), min(top, frame[1] - 2)
    return x, y, max(2, right - x), max(2, bottom - y)


class Canvas:
    """A transparent picture over a part of the frame; `painter` draws in the coordinates of the frame."""

    def __init__(self, box: QRectF, frame: tuple[int, int]) -> None:
        self.x, self.y, wide, high = room(box, frame)
        self.image = QImage(wide, high, QImage.Format.Format_ARGB32_Premultiplied)
        self.image.fill(Qt.GlobalColor.transparent)

    def painter(self) -> QPainter:
        out = QPainter(self.image)
        out.setRenderHint(QPainter.RenderHint.Antialiasing)
        out.translate(-self.x, -self.y)
        return out

    def pixels(self) -> NDArray[np.uint8]:
        """The picture itself: uint8 (height, width, 4)."""
        return _pixels(self.image)

    def mask(self) -> Mask:
        """What is covered, whatever its colour."""
        return Mask.of(np.ascontiguousarray(self.pixels()[..., 3]), self.x, self.y)

    def sprite(self) -> Sprite:
        return sprite(self.pixels(), self.x, self.y)


def soft_mask(box: QRectF, frame: tuple[int, int], radius: float, draw: Callable[[QPainter], None], wider: float = 0.0) -> Mask:
    """What is drawn over a part of the frame, with soft edges, made wider by so many pixels before it is softened: what is
    soft is drawn small, which cannot be told apart."""
    x, y, wide, high = room(box, frame)
    part = max(1, int(radius / 2))
    small = QImage(-(-wide // part), -(-high // part), QImage.Format.Format_ARGB32_Premultiplied)
    small.fill(Qt.GlobalColor.transparent)
    painter = QPainter(small)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.scale(1 / part, 1 / part)
    painter.translate(-x, -y)
    draw(painter)
    painter.end()
    soft = np.ascontiguousarray(_pixels(small)[..., 3])
    reach = round(wider / part)
    if reach > 0:
        soft = np.asarray(cv2.dilate(soft, cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * reach + 1, 2 * reach + 1))))
    if radius > 0:
        soft = np.asarray(cv2.GaussianBlur(soft, (0, 0), max(0.6, radius / part)))
    if part > 1:
        size = small.width() * part, small.height() * part
        soft = np.ascontiguousarray(np.asarray(cv2.resize(soft, size, interpolation=cv2.INTER_LINEAR))[:high, :wide])
    return Mask.of(soft, x, y)


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


def boxes(card: LaidCard, style: CaptionStyle, frame: tuple[int, int]) -> Sprite | None:
    """Boxes of lines or of the card."""
    plate = colour(style.plate)
    if plate[3] <= 0 or style.plate_of == "word":
        return None
    wide, high = style.plate_wide * card.em, style.plate_high * card.em
    rows = [row.adjusted(-wide, -high, wide, high) for row in card.rows]
    whole = _united(rows)
    canvas = Canvas(card.placed.mapRect(whole), frame)
    painter = canvas.painter()
    for box in rows if style.plate_of == "line" else [whole]:
        rounded(painter, card, box, (0.0, 0.0, 0.0, 1.0), style.plate_radius * card.em)
    painter.end()
    return coloured([(canvas.mask(), plate)])  # where lines overlap, they are not twice as dense


def word_boxes(card: LaidCard, words: Sequence[tuple[PlacedWord, InkWord]], frame: tuple[int, int]) -> Sprite | None:
    """Boxes of single words."""
    shown = []
    for place, word in words:
        if word.style.plate_of == "word" and colour(word.style.plate)[3] > 0:
            wide, high = word.style.plate_wide * card.em, word.style.plate_high * card.em
            shown.append((place.rect.adjusted(-wide, -high, wide, high), word.style))
    if not shown:
        return None
    canvas = Canvas(card.placed.mapRect(_united([box for box, _style in shown])), frame)
    painter = canvas.painter()
    for box, style in shown:
        rounded(painter, card, box, colour(style.plate), style.plate_radius * card.em)
    painter.end()
    return canvas.sprite()


def shadows(card: LaidCard, words: Sequence[tuple[PlacedWord, InkWord]], frame: tuple[int, int]) -> Sprite | None:
    """The shadows of words. One card has shadows of one softness, that of its first word."""
    dark = [(place, word.style) for place, word in words if word.style.shadow > 0]
    if not dark:
        return None
    blur = dark[0][1].shadow_blur
    around = (0.2 + 3 * blur + max(abs(style.shadow_down) for _place, style in dark)) * card.em
    box = card.placed.mapRect(_united([place.outline.boundingRect().united(place.rect) for place, _style in dark]))
    box = box.adjusted(-around, -around, around, around)
    inks = dict.fromkeys((style.shadow_ink, style.shadow) for _place, style in dark)
    layers = []
    for ink in inks:
        same = [(place, style) for place, style in dark if (style.shadow_ink, style.shadow) == ink]
        wider = SHADOW_WIDER * card.em if blur > 0 else 0.0
        mask = soft_mask(box, frame, blur * card.em, partial(_draw_shadows, card, same), wider)
        layers.append((mask, (*colour(ink[0])[:3], ink[1])))
    return coloured(layers)


def _draw_shadows(card: LaidCard, words: list[tuple[PlacedWord, CaptionStyle]], painter: QPainter) -> None:
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(Qt.GlobalColor.black)
    for place, style in words:
        painter.fillPath(card.placed.map(place.outline).translated(0, card.em * style.shadow_down), Qt.GlobalColor.black)
        for _code, box in place.pictures:
            painter.drawEllipse(card.placed.mapRect(box.translated(0, card.em * style.shadow_down)))


def _united(parts: Sequence[QRectF]) -> QRectF:
    out = QRectF()
    for box in parts:
        out = out.united(box)
    return out


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
