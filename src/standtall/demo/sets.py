"""Draws the places of the demo: a potting-shed studio, a garden row, a planting chart, a landscape, a wall screen."""

from __future__ import annotations

import math
import random
from typing import Final

import cv2
import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QFont, QImage, QLinearGradient, QPainter, QPainterPath, QPen, QRadialGradient

from standtall.demo.dialogue import HEIGHT, WIDTH

PAN_WIDTH: Final = 2700
"""Width in pixels of the landscape that the camera pans over."""

TITLE: Final = "KETTERBY ROW"


def blank(width: int = WIDTH, height: int = HEIGHT, colour: str = "#20302a") -> QImage:
    """A new opaque picture in one colour."""
    image = QImage(width, height, QImage.Format.Format_RGB32)
    image.fill(QColor(colour))
    return image


def pixels(image: QImage) -> np.ndarray:
    """-> uint8 (height, width, 4) in B, G, R, X order, sharing memory with `image`."""
    view = np.frombuffer(image.bits(), np.uint8)
    return view.reshape(image.height(), image.bytesPerLine() // 4, 4)[:, : image.width()]


def pen_on(image: QImage) -> QPainter:
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(Qt.PenStyle.NoPen)
    return painter


def blur(image: QImage, sigma: float) -> QImage:
    """Soften in place, as a lens does to what is far behind the speaker."""
    if sigma > 0:
        view = pixels(image)
        view[...] = cv2.GaussianBlur(view, (0, 0), sigma)
    return image


def close_up(image: QImage, x: float, y: float, zoom: float, sigma: float) -> QImage:
    """The set seen nearer: a window of it around (x, y), enlarged and softened."""
    w, h = WIDTH / zoom, HEIGHT / zoom
    part = QRectF(min(max(x - w / 2, 0), WIDTH - w), min(max(y - h / 2, 0), HEIGHT - h), w, h)
    out = blank()
    painter = pen_on(out)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    painter.drawImage(QRectF(0, 0, WIDTH, HEIGHT), image, part)
    painter.end()
    return blur(out, sigma)


def font(size_px: float, weight: QFont.Weight = QFont.Weight.Bold, family: str = "Inter") -> QFont:
    face = QFont(family)
    face.setPixelSize(int(size_px))
    face.setWeight(weight)
    return face


def _pot(p: QPainter, x: float, base: float, size: float, colour: str, leaf: str, seed: int) -> None:
    r = random.Random(seed)
    p.setBrush(QColor(leaf))
    for i in range(11):
        angle = math.radians(-160 + 14 * i + r.uniform(-6, 6))
        reach = size * r.uniform(0.7, 1.25)
        path = QPainterPath(QPointF(x, base - size * 0.8))
        tip = QPointF(x + math.cos(angle) * reach, base - size * 0.8 + math.sin(angle) * reach)
        side = QPointF(-math.sin(angle) * size * 0.16, math.cos(angle) * size * 0.16)
        middle = QPointF((x + tip.x()) / 2, (base - size * 0.8 + tip.y()) / 2)
        path.quadTo(middle + side, tip)
        path.quadTo(middle - side, QPointF(x, base - size * 0.8))
        p.setBrush(QColor(leaf).lighter(r.randint(82, 128)))
        p.drawPath(path)
    body = QPainterPath(QPointF(x - size * 0.42, base - size * 0.85))
    body.lineTo(x + size * 0.42, base - size * 0.85)
    body.lineTo(x + size * 0.3, base)
    body.lineTo(x - size * 0.3, base)
    body.closeSubpath()
    shade = QLinearGradient(x - size * 0.42, 0, x + size * 0.42, 0)
    shade.setColorAt(0, QColor(colour).lighter(118))
    shade.setColorAt(1, QColor(colour).darker(135))
    p.setBrush(shade)
    p.drawPath(body)
    p.setBrush(QColor(colour).lighter(112))
    p.drawRoundedRect(QRectF(x - size * 0.47, base - size * 0.98, size * 0.94, size * 0.2), 3, 3)


def shed() -> QImage:
    """The studio: a board wall, a window with evening light, shelves of pots, a string of lamps."""
    image = blank(colour="#2b3a33")
    p = pen_on(image)
    r = random.Random(4)
    for i in range(24):
        x = i * 80
        wood = QLinearGradient(x, 0, x + 80, 0)
        base = QColor("#35483e").lighter(r.randint(92, 110))
        wood.setColorAt(0, base)
        wood.setColorAt(0.93, base.darker(108))
        wood.setColorAt(1, QColor("#1f2b25"))
        p.fillRect(QRectF(x, 0, 80, HEIGHT), wood)
    sky = QLinearGradient(0, 130, 0, 560)
    sky.setColorAt(0, QColor("#f6cf8d"))
    sky.setColorAt(0.6, QColor("#f0b06e"))
    sky.setColorAt(1, QColor("#9db37b"))
    p.setBrush(QColor("#d9c7a3"))
    p.drawRoundedRect(QRectF(716, 96, 488, 440), 8, 8)
    p.fillRect(QRectF(740, 120, 440, 392), sky)
    for x, y, size in ((790, 470, 90), (900, 490, 70), (1040, 476, 110), (1150, 492, 80)):
        p.setBrush(QColor("#6f8d5d"))
        p.drawEllipse(QPointF(x, y), size, size * 0.55)
    p.fillRect(QRectF(740, 484, 440, 28), QColor("#58744c"))
    for bar in (QRectF(952, 120, 16, 392), QRectF(740, 306, 440, 14)):
        p.fillRect(bar, QColor("#d9c7a3"))
    p.fillRect(QRectF(696, 528, 528, 22), QColor("#c2ab82"))
    for x0, y in ((70, 330), (70, 560), (1330, 330), (1330, 560)):
        p.fillRect(QRectF(x0, y, 520, 18), QColor("#8b6544"))
        p.fillRect(QRectF(x0, y + 18, 520, 8), QColor("#20302a"))
        for i in range(5):
            tone = ("#b86a45", "#c98a56", "#8c8f86", "#a95a40", "#d0a06a")[(i + int(y)) % 5]
            leaf = ("#5f8f4e", "#7aa35a", "#4d7d55", "#86a860")[(i + int(x0)) % 4]
            _pot(p, x0 + 60 + i * 100, y, r.uniform(62, 92), tone, leaf, seed=int(x0 + y) + i)
    wire = QPainterPath(QPointF(0, 40))
    for i in range(6):
        wire.quadTo(QPointF(i * 330 + 165, 110), QPointF((i + 1) * 330, 40))
    p.strokePath(wire, QPen(QColor("#161d19"), 3))
    for i in range(6):
        for k in (0.25, 0.5, 0.75):
            at = QPointF(i * 330 + 330 * k, 40 + 35 * 4 * k * (1 - k) + 10)
            glow = QRadialGradient(at, 60)
            glow.setColorAt(0, QColor(255, 222, 150, 235))
            glow.setColorAt(0.2, QColor(255, 214, 140, 110))
            glow.setColorAt(1, QColor(255, 214, 140, 0))
            p.setBrush(glow)
            p.drawEllipse(at, 60, 60)
    warm = QRadialGradient(QPointF(960, 320), 1100)
    warm.setColorAt(0, QColor(255, 205, 130, 46))
    warm.setColorAt(1, QColor(10, 16, 14, 120))
    p.fillRect(image.rect(), warm)
    p.end()
    return image


def table(p: QPainter, top: float, mugs: tuple[float, ...]) -> None:
    """The table in front of the speakers, from `top` pixels down, with a mug at each place."""
    wood = QLinearGradient(0, top, 0, HEIGHT)
    wood.setColorAt(0, QColor("#b17f52"))
    wood.setColorAt(0.18, QColor("#8d6040"))
    wood.setColorAt(1, QColor("#5b3c29"))
    p.setPen(Qt.PenStyle.NoPen)
    p.fillRect(QRectF(0, top, WIDTH, HEIGHT - top), wood)
    p.fillRect(QRectF(0, top, WIDTH, 6), QColor("#d3a271"))
    for x in mugs:
        p.setPen(QPen(QColor("#e9e1d2"), 9))
        p.setBrush(Qt.BrushStyle.NoBrush)
        p.drawEllipse(QPointF(x + 40, top - 24), 17, 20)
        p.setPen(Qt.PenStyle.NoPen)
        body = QLinearGradient(x - 38, 0, x + 38, 0)
        body.setColorAt(0, QColor("#fbf5e8"))
        body.setColorAt(1, QColor("#c9bda6"))
        p.setBrush(body)
        p.drawRoundedRect(QRectF(x - 38, top - 66, 76, 88), 10, 10)
        p.fillRect(QRectF(x - 38, top - 34, 76, 14), QColor("#c8553d"))


def garden() -> QImage:
    """Outdoors: sky, a hedge, sheds far off, rows of beds running away from the camera."""
    image = blank()
    p = pen_on(image)
    sky = QLinearGradient(0, 0, 0, 560)
    sky.setColorAt(0, QColor("#8fc1cf"))
    sky.setColorAt(1, QColor("#f2e3c0"))
    p.fillRect(QRectF(0, 0, WIDTH, 600), sky)
    r = random.Random(9)
    for depth, (y, tone) in enumerate(((430, "#a8bf9a"), (490, "#86a878"), (545, "#64905c"))):
        path = QPainterPath(QPointF(0, HEIGHT))
        path.lineTo(0, y)
        for i in range(17):
            path.quadTo(QPointF(i * 120 + 60, y - r.uniform(20, 70) / (depth * 0.4 + 1)), QPointF((i + 1) * 120, y))
        path.lineTo(WIDTH, HEIGHT)
        p.fillPath(path, QColor(tone))
    for x, w in ((250, 150), (1490, 190)):
        p.fillRect(QRectF(x, 440, w, 130), QColor("#8a5a3e"))
        roof = QPainterPath(QPointF(x - 18, 446))
        roof.lineTo(x + w / 2, 380)
        roof.lineTo(x + w + 18, 446)
        p.fillPath(roof, QColor("#55382a"))
        p.fillRect(QRectF(x + w * 0.35, 492, w * 0.28, 78), QColor("#3c2a20"))
    ground = QLinearGradient(0, 560, 0, HEIGHT)
    ground.setColorAt(0, QColor("#7f9a58"))
    ground.setColorAt(1, QColor("#4f6a38"))
    p.fillRect(QRectF(0, 560, WIDTH, HEIGHT - 560), ground)
    for i in range(-6, 8):
        bed = QPainterPath(QPointF(960 + i * 60, 566))
        bed.lineTo(960 + i * 60 + 26, 566)
        bed.lineTo(960 + (i * 60 + 26) * 6, HEIGHT)
        bed.lineTo(960 + i * 60 * 6, HEIGHT)
        p.fillPath(bed, QColor("#6b4a33"))
    p.end()
    return blur(image, 5)


def bean_row(p: QPainter) -> None:
    """A row of bean leaves right in front of the camera."""
    r = random.Random(12)
    p.setPen(Qt.PenStyle.NoPen)
    for _ in range(260):
        x, y = r.uniform(-20, WIDTH + 20), r.uniform(900, HEIGHT + 30)
        p.setBrush(QColor("#3f7040").lighter(r.randint(75, 150)))
        p.save()
        p.translate(x, y)
        p.rotate(r.uniform(-70, 70))
        p.drawEllipse(QPointF(0, 0), 19, 46)
        p.restore()


def chart() -> tuple[QImage, list[tuple[str, float, float, float, float]]]:
    """The planting chart, and its texts near an edge as (text, x, y, width, height)."""
    image = blank(colour="#f4ead3")
    p = pen_on(image)
    p.setPen(QColor("#24352c"))
    p.setFont(font(66))
    p.drawText(QRectF(30, 24, 1860, 90), Qt.AlignmentFlag.AlignLeft, "WHAT GOES IN WHEN")
    p.setFont(font(38, QFont.Weight.Medium))
    p.drawText(QRectF(30, 34, 1866, 80), Qt.AlignmentFlag.AlignRight, "Plot 14, Ketterby Row")
    months = ("JAN", "FEB", "MAR", "APR", "MAY", "JUN", "JUL", "AUG", "SEP", "OCT", "NOV", "DEC")
    left, step, top = 420.0, 123.0, 190.0
    rows = (("Broad beans", 9, 11, "#5d8a55"), ("Garlic", 9, 11, "#a78bb0"), ("Onions", 2, 4, "#d7a249"),
            ("Lettuce", 3, 8, "#86b05c"), ("Courgettes", 4, 6, "#3f7d64"), ("Pumpkins", 4, 6, "#d9772f"),
            ("Kale", 5, 8, "#2f6157"), ("Compost", 0, 12, "#7b5a3f"))  # fmt: skip
    p.setFont(font(34))
    for i, month in enumerate(months):
        p.setPen(QColor("#24352c"))
        p.drawText(QRectF(left + i * step, 138, step, 44), Qt.AlignmentFlag.AlignCenter, month)
        p.fillRect(QRectF(left + i * step, top, 2, 850), QColor("#d8c9a6"))
    edge: list[tuple[str, float, float, float, float]] = [
        ("WHAT GOES IN WHEN", 30, 30, 700, 74),
        ("Plot 14, Ketterby Row", 1490, 40, 406, 52),
        ("DEC", left + 11 * step + 20, 138, 84, 44),
    ]
    for k, (name, first, last, colour) in enumerate(rows):
        y = top + 18 + k * 104
        p.setPen(QColor("#24352c"))
        p.setFont(font(48, QFont.Weight.DemiBold))
        p.drawText(QRectF(30, y, 380, 76), Qt.AlignmentFlag.AlignVCenter, name)
        edge.append((name, 30, y + 8, 300, 60))
        p.setPen(Qt.PenStyle.NoPen)
        p.setBrush(QColor(colour))
        months_long = last - first + (0 if last == 12 else 1)
        p.drawRoundedRect(QRectF(left + first * step + 8, y + 6, months_long * step - 16, 64), 32, 32)
    p.end()
    return image, edge


def landscape() -> QImage:
    """Ketterby Row from the hill, wider than the frame, for a slow pan."""
    image = blank(PAN_WIDTH, HEIGHT)
    p = pen_on(image)
    sky = QLinearGradient(0, 0, 0, 620)
    sky.setColorAt(0, QColor("#5f9fb8"))
    sky.setColorAt(0.7, QColor("#f4d9a6"))
    sky.setColorAt(1, QColor("#f7e8c9"))
    p.fillRect(image.rect(), sky)
    sun = QRadialGradient(QPointF(2050, 330), 420)
    sun.setColorAt(0, QColor(255, 244, 210, 255))
    sun.setColorAt(0.14, QColor(255, 238, 190, 230))
    sun.setColorAt(1, QColor(255, 230, 170, 0))
    p.setBrush(sun)
    p.drawEllipse(QPointF(2050, 330), 420, 420)
    r = random.Random(21)
    for base, rise, tone in ((560, 150, "#9fb7a8"), (640, 120, "#7fa084"), (720, 90, "#5f8a62")):
        path = QPainterPath(QPointF(0, HEIGHT))
        path.lineTo(0, base)
        x = 0.0
        while x < PAN_WIDTH:
            step = r.uniform(260, 480)
            path.cubicTo(QPointF(x + step * 0.3, base - r.uniform(0.3, 1) * rise),
                         QPointF(x + step * 0.7, base - r.uniform(0.3, 1) * rise), QPointF(x + step, base))  # fmt: skip
            x += step
        path.lineTo(PAN_WIDTH, HEIGHT)
        p.fillPath(path, QColor(tone))
    p.fillRect(QRectF(0, 720, PAN_WIDTH, 360), QColor("#6f9350"))
    for row in range(4):
        y, size = 742 + row * 78, 1.0 + row * 0.35
        for i in range(15):
            x = i * 190 * 1.0 + (row % 2) * 95 + r.uniform(-14, 14)
            p.setBrush(QColor(("#7a5238", "#6b8f46", "#88a552", "#8a6242", "#5d8450")[r.randint(0, 4)]))
            p.drawRoundedRect(QRectF(x, y, 150 * size * 0.8, 46 * size * 0.8), 6, 6)
            if r.random() < 0.28:
                hut = QRectF(x + 30, y - 34 * size, 46 * size, 40 * size)
                p.fillRect(hut, QColor("#9a6a48").darker(r.randint(90, 130)))
                roof = QPainterPath(QPointF(hut.left() - 6, hut.top() + 4))
                roof.lineTo(hut.center().x(), hut.top() - 20 * size)
                roof.lineTo(hut.right() + 6, hut.top() + 4)
                p.fillPath(roof, QColor("#4b352a"))
    p.setBrush(QColor("#f7f3ea"))  # the goose
    p.drawEllipse(QPointF(1500, 968), 52, 34)
    p.drawRoundedRect(QRectF(1532, 896, 18, 70), 9, 9)
    p.drawEllipse(QPointF(1545, 898), 20, 16)
    beak = QPainterPath(QPointF(1560, 892))
    beak.lineTo(1592, 902)
    beak.lineTo(1560, 908)
    p.fillPath(beak, QColor("#e08a2c"))
    p.end()
    return image


def title(p: QPainter) -> tuple[str, float, float, float, float]:
    """The place name in the lower left corner; -> (text, x, y, width, height)."""
    p.setPen(Qt.PenStyle.NoPen)
    p.fillRect(QRectF(0, 880, 700, 120), QColor(20, 32, 27, 205))
    p.fillRect(QRectF(0, 880, 16, 120), QColor("#f2a33a"))
    p.setPen(QColor("#fff7e6"))
    p.setFont(font(70, QFont.Weight.ExtraBold))
    p.drawText(QRectF(46, 880, 650, 120), Qt.AlignmentFlag.AlignVCenter, TITLE)
    return (TITLE, 46, 898, 560, 84)


def wall_screen(p: QPainter) -> list[tuple[str, float, float, float, float]]:
    """A screen on the left with the result of the three beds; -> its texts near an edge."""
    p.setPen(Qt.PenStyle.NoPen)
    p.setBrush(QColor("#14191a"))
    p.drawRoundedRect(QRectF(56, 96, 1104, 704), 18, 18)
    p.fillRect(QRectF(78, 118, 1060, 660), QColor("#f6efe0"))
    p.setPen(QColor("#24352c"))
    p.setFont(font(58))
    p.drawText(QRectF(110, 138, 1000, 80), Qt.AlignmentFlag.AlignLeft, "Three beds, three months")
    beds = (("dug", 0.34, "#b0764f"), ("left alone", 0.52, "#8aa35c"), ("cardboard", 0.94, "#2f8f7f"))
    for i, (name, value, tone) in enumerate(beds):
        x, h = 170 + i * 330, 400 * value
        p.fillRect(QRectF(x, 690 - h, 220, h), QColor(tone))
        p.setPen(QColor("#24352c"))
        p.setFont(font(44, QFont.Weight.DemiBold))
        p.drawText(QRectF(x - 40, 700, 300, 60), Qt.AlignmentFlag.AlignCenter, name)
    return [("Three beds, three months", 110, 138, 800, 76), ("dug", 230, 704, 100, 50)]
