"""Draws the parts of a word: its letters in any state, and what moves with them."""

from __future__ import annotations

from functools import partial

import cv2
import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPainter, QPainterPath, QPen, QTransform

from standtall.ink.drawing import MARK, Canvas, rounded, soft_mask
from standtall.ink.drawn import PARTS, InkWord
from standtall.ink.emoji_pictures import picture_of
from standtall.ink.layout import LaidCard, PlacedWord
from standtall.ink.masks import Mask
from standtall.ink.sprite import Sprite
from standtall.ink.states import WordLook

LINE_DOWN, LINE_HIGH = 0.14, 0.11
"""How far the line under a word lies below its baseline, and how thick it is, in ems."""
GLOW, GLOW_WIDER = 0.16, 0.08
"""How soft a glow is, and how far it reaches beyond the letters before it is softened, in ems."""
Letters = tuple[Mask, Mask | None]
"""The letters of a word, and the line around them."""
BEYOND = 100_000
"""Columns beyond any frame."""


def own_way(card: LaidCard, place: PlacedWord, look: WordLook) -> QTransform:
    """How a word stands in its state, from where the card has it."""
    centre = QPointF(place.rect.center().x(), place.baseline - 0.35 * place.size)
    out = QTransform().translate(centre.x(), centre.y() - look.lift * card.em)
    return out.shear(-look.lean / 57.3, 0).scale(look.scale, look.scale).translate(-centre.x(), -centre.y())


def letters(card: LaidCard, outline: QPainterPath, own: QTransform, ring: float, frame: tuple[int, int]) -> Letters:
    """Letters, and the outline of so many pixels around them where there is one."""
    path = (own * card.placed).map(outline)
    around = ring + 2
    box = path.boundingRect().adjusted(-around, -around, around, around)
    filled = Canvas(box, frame)
    painter = filled.painter()
    painter.fillPath(path, Qt.GlobalColor.black)
    painter.end()
    if ring <= 0:
        return filled.mask(), None
    lined = Canvas(box, frame)
    painter = lined.painter()
    pen = QPen(Qt.GlobalColor.black, 2 * ring)
    pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
    painter.strokePath(path, pen)
    painter.end()
    return filled.mask(), lined.mask()


def glow(card: LaidCard, outline: QPainterPath, own: QTransform, frame: tuple[int, int]) -> Mask:
    """The shine around a word."""
    path = (own * card.placed).map(outline)
    around = 0.55 * card.em
    box = path.boundingRect().adjusted(-around, -around, around, around)

    def fill(painter: QPainter) -> None:
        painter.fillPath(path, Qt.GlobalColor.black)

    return soft_mask(box, frame, GLOW * card.em, fill, GLOW_WIDER * card.em)


def behind(card: LaidCard, place: PlacedWord, word: InkWord, look: WordLook, own: QTransform, frame: tuple[int, int]) -> Sprite:
    """The box of a word and the line under it."""
    mark = own.mapRect(place.rect.adjusted(-MARK[0] * card.em, -MARK[1] * card.em, MARK[0] * card.em, MARK[1] * card.em))
    line = QRectF(place.rect.left(), place.baseline + LINE_DOWN * place.size, place.rect.width(), LINE_HIGH * place.size)
    shown = [box for box, fill in ((mark, look.mark), (line, look.line)) if fill[3] > 0]
    canvas = Canvas(card.placed.mapRect(QRectF() if not shown else shown[0].united(shown[-1])).adjusted(-2, -2, 2, 2), frame)
    painter = canvas.painter()
    if look.mark[3] > 0:
        rounded(painter, card, mark, look.mark, word.style.mark_radius * card.em)
    if look.line[3] > 0:
        rounded(painter, card, line, look.line, 0.0)
    painter.end()
    return canvas.sprite()


def pictures(card: LaidCard, place: PlacedWord, own: QTransform, opacity: float, frame: tuple[int, int]) -> Sprite:
    """The emoji of a word."""
    whole = QRectF()
    for _code, box in place.pictures:
        whole = whole.united(box)
    way = own * card.placed
    canvas = Canvas(way.mapRect(whole).adjusted(-2, -2, 2, 2), frame)
    painter = canvas.painter()
    painter.setOpacity(opacity)
    painter.setTransform(way, True)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    for code, box in place.pictures:
        painter.drawImage(box, picture_of(code, max(8, round(box.width()))))
    painter.end()
    return canvas.sprite()


def letters_told(place: PlacedWord, told: int) -> float:
    """Where the letters that are already told end."""
    count = len(place.steps) - 1
    return place.steps[min(count, -(-told * count // PARTS))]


def swept(place: PlacedWord, told: int) -> float:
    """Where a word is filled to."""
    return place.steps[0] + told / PARTS * (place.steps[-1] - place.steps[0])


def told_part(
    sprite: Sprite, card: LaidCard, place: PlacedWord, own: QTransform, until: float, rest: bool = False
) -> Sprite | None:  # fmt: skip
    """What of a drawing lies before a place in its word, in the direction in which it is read, or the `rest` of it; None
    where nothing does."""
    way = own * card.placed
    if not way.isRotating():
        edge = round(way.map(QPointF(until, 0)).x() / 2) * 2
        return sprite.cut(edge, BEYOND) if place.backwards != rest else sprite.cut(-BEYOND, edge)
    high, wide = sprite.luma.shape
    far = 4.0 * max(card.em, place.rect.width(), place.rect.height())
    area = QRectF(until if place.backwards else until - far, place.baseline - far, far, 2 * far)
    corners = [way.map(corner) for corner in (area.topLeft(), area.topRight(), area.bottomRight(), area.bottomLeft())]
    mask = np.zeros((high, wide), np.uint8)
    fine = 8  # bits after the point
    points = np.array([[(c.x() - sprite.x) * (1 << fine), (c.y() - sprite.y) * (1 << fine)] for c in corners]).round()
    cv2.fillConvexPoly(mask, points.astype(np.int32), 255, cv2.LINE_AA, fine)
    return sprite.within(255 - mask if rest else mask)


def on_the_way(rest: Letters, card: LaidCard, there: QTransform, now: QTransform, frame: tuple[int, int]) -> Letters:
    """Letters between two states, out of those that are at rest in a state: as `now` has them instead of `there`."""
    back, _can = (there * card.placed).inverted()
    seen = partial(Mask.moved_by, way=back * now * card.placed, frame=frame)
    return seen(rest[0]), None if rest[1] is None else seen(rest[1])
