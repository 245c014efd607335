"""Draws the made-up people of the demo: head and shoulders, with a mouth that opens, a turn, a blink, a lean.

Nobody drawn here exists. Shapes are given in units of the face's half width (`fw`) and half height (`fh`)
around its centre, so that a head can be drawn at any size and place, at fractions of a pixel.
"""

from __future__ import annotations

import math
from dataclasses import dataclass
from typing import Final

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QGradient, QLinearGradient, QPainter, QPainterPath, QPen, QRadialGradient


@dataclass(frozen=True, slots=True)
class Person:
    """The lasting looks of one made-up person."""

    skin: str
    hair: str
    top: str
    collar: str
    lip: str
    iris: str
    style: str
    beard: bool = False
    glasses: bool = False


@dataclass(frozen=True, slots=True)
class Pose:
    """What changes from frame to frame: mouth, blink and brow in 0..1, yaw -1..1 (1 is about 30 degrees)."""

    mouth: float = 0.0
    yaw: float = 0.0
    blink: float = 0.0
    brow: float = 0.0
    tilt_deg: float = 0.0


@dataclass(frozen=True, slots=True)
class Drawn:
    """Where the head came to stand, in pixels: x, y, width, height from hair to chin, and of the face alone."""

    head: tuple[float, float, float, float]
    face: tuple[float, float, float, float]


PEOPLE: Final = {
    "wren": Person("#e3ab84", "#5a2f1c", "#2f6f73", "#3f8b8c", "#b5544f", "#4a3220", "bob"),
    "marlow": Person("#c98d63", "#1d1a1c", "#8a4436", "#a3584a", "#9c5148", "#2d1f16", "short", beard=True),
    "odile": Person("#8a5a3c", "#15100e", "#d0a541", "#e3bd62", "#7a352f", "#20140e", "cloud", glasses=True),
}


def _shade(colour: QColor, factor: float) -> QColor:
    return QColor(*(max(0, min(255, round(c * factor))) for c in (colour.red(), colour.green(), colour.blue())))


def _alpha(colour: QColor, alpha: float) -> QColor:
    out = QColor(colour)
    out.setAlphaF(alpha)
    return out


def smooth(points: list[tuple[float, float]]) -> QPainterPath:
    """A closed Catmull-Rom curve through `points`."""
    path = QPainterPath(QPointF(*points[0]))
    n = len(points)
    for i in range(n):
        a, b, c, d = points[i - 1], points[i], points[(i + 1) % n], points[(i + 2) % n]
        path.cubicTo(
            QPointF(b[0] + (c[0] - a[0]) / 6, b[1] + (c[1] - a[1]) / 6),
            QPointF(c[0] - (d[0] - b[0]) / 6, c[1] - (d[1] - b[1]) / 6),
            QPointF(*c),
        )
    path.closeSubpath()
    return path


class _Sketch:
    """The pen of one head: places in face units, colours, soft spots."""

    def __init__(self, painter: QPainter, person: Person, pose: Pose, height: float) -> None:
        self.p = painter
        self.who = person
        self.pose = pose
        self.fw = height * 0.335
        self.fh = height * 0.43
        self.skin = QColor(person.skin)
        self.hair = QColor(person.hair)
        self.top = QColor(person.top)
        self.shift = self.fw * 0.16 * pose.yaw
        self.jaw = pose.mouth * 0.085

    def x(self, u: float, depth: float = 1.0) -> float:
        """Sideways place of a feature on the turned head."""
        turn = self.pose.yaw * 0.55
        front = math.sqrt(max(0.0, 1 - min(1.0, abs(u)) ** 2 * 0.8)) * depth
        return self.fw * (u * math.cos(turn) + front * math.sin(turn) * 0.72)

    def y(self, v: float) -> float:
        return self.fh * v

    def fill(self, path: QPainterPath, brush: QBrush | QColor | QGradient) -> None:
        self.p.fillPath(path, QBrush(brush))

    def blob(self, points: list[tuple[float, float]], brush: QBrush | QColor | QGradient) -> None:
        self.fill(smooth(points), brush)

    def oval(self, x: float, y: float, a: float, b: float, brush: QBrush | QColor | QGradient) -> None:
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(QBrush(brush))
        self.p.drawEllipse(QPointF(x, y), a, b)

    def soft(self, x: float, y: float, a: float, b: float, colour: QColor, strength: float = 0.6) -> None:
        """A spot that fades out towards its rim."""
        self.p.save()
        self.p.translate(x, y)
        self.p.scale(1.0, b / max(a, 1e-6))
        spot = QRadialGradient(QPointF(0, 0), a)
        spot.setColorAt(0.0, _alpha(colour, strength))
        spot.setColorAt(0.55, _alpha(colour, strength * 0.55))
        spot.setColorAt(1.0, _alpha(colour, 0.0))
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(QBrush(spot))
        self.p.drawEllipse(QPointF(0, 0), a, a)
        self.p.restore()

    def stroke(self, path: QPainterPath, colour: QColor, width: float) -> None:
        pen = QPen(colour, width)
        pen.setCapStyle(Qt.PenCapStyle.RoundCap)
        pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
        self.p.strokePath(path, pen)


def draw_body(painter: QPainter, person: Person, x: float, y: float, height: float) -> None:
    """Neck and shoulders below a head of `height` pixels centred at (x, y)."""
    painter.save()
    painter.translate(x, y)
    s = _Sketch(painter, person, Pose(), height)
    fw, fh = s.fw, s.fh
    neck = _shade(s.skin, 0.80)
    low = s.y(1.45)
    path = QPainterPath()
    path.addPolygon([QPointF(-fw * 0.5, s.y(0.5)), QPointF(fw * 0.5, s.y(0.5)), QPointF(fw * 0.62, s.y(1.7)),
                     QPointF(-fw * 0.62, s.y(1.7))])  # fmt: skip
    s.fill(path, neck)
    cloth = QLinearGradient(-fw * 3, low, fw * 3, low + fh * 2.4)
    cloth.setColorAt(0.0, _shade(s.top, 1.16))
    cloth.setColorAt(0.55, s.top)
    cloth.setColorAt(1.0, _shade(s.top, 0.72))
    deep = low + fh * 6
    s.blob(
        [(-fw * 0.62, low), (-fw * 1.3, low + fh * 0.2), (-fw * 2.1, low + fh * 0.42), (-fw * 2.65, low + fh * 0.95),
         (-fw * 2.95, low + fh * 2.0), (-fw * 3.05, deep), (fw * 3.05, deep), (fw * 2.95, low + fh * 2.0),
         (fw * 2.65, low + fh * 0.95), (fw * 2.1, low + fh * 0.42), (fw * 1.3, low + fh * 0.2), (fw * 0.62, low),
         (0.0, low + fh * 0.34)],
        cloth,
    )  # fmt: skip
    for side in (-1, 1):  # the fold of each sleeve
        fold = QPainterPath(QPointF(side * fw * 2.2, low + fh * 1.25))
        fold.quadTo(QPointF(side * fw * 2.05, low + fh * 2.2), QPointF(side * fw * 2.12, low + fh * 3.4))
        s.stroke(fold, _alpha(_shade(s.top, 0.55), 0.55), fw * 0.05)
    throat = QPainterPath()
    throat.addPolygon([QPointF(-fw * 0.62, low - 2), QPointF(fw * 0.62, low - 2), QPointF(0, low + fh * 0.52)])
    s.fill(throat, neck)
    s.soft(fw * 0.05, s.y(1.08), fw * 0.72, fh * 0.42, _shade(s.skin, 0.45), 0.55)
    for side in (-1, 1):
        collar = QPainterPath()
        collar.addPolygon([QPointF(side * fw * 0.62, low - fh * 0.06), QPointF(side * fw * 1.0, low + fh * 0.13),
                           QPointF(side * fw * 0.05, low + fh * 0.68)])  # fmt: skip
        s.fill(collar, QColor(person.collar))
    painter.restore()


def draw_head(painter: QPainter, person: Person, x: float, y: float, height: float, pose: Pose) -> Drawn:
    """Draw one person, shoulders first, with the head's centre at (x, y) and `height` pixels from hair to chin."""
    draw_body(painter, person, x - pose.tilt_deg * height * 0.006, y + height * 0.005, height)
    painter.save()
    painter.translate(x, y)
    painter.rotate(pose.tilt_deg)
    s = _Sketch(painter, person, pose, height)
    _hair_behind(s)
    face = _face(s)
    painter.save()
    painter.setClipPath(face)
    _modelling(s)
    if person.beard:
        _beard(s)
    painter.restore()
    _nose(s)
    for side in (-1, 1):
        _eye(s, side)
    _mouth(s)
    if person.glasses:
        _glasses(s)
    _hair_in_front(s)
    painter.restore()
    wide, high = {"bob": (1.25, 1.36), "short": (1.08, 1.36), "cloud": (1.68, 1.66)}[person.style]
    fw, fh = s.fw, s.fh
    return Drawn(
        (x - fw * wide, y - fh * high, 2 * fw * wide, fh * (high + 1.06)),
        (x + s.shift - fw, y - fh, 2 * fw, 2 * fh),
    )


def _hair_behind(s: _Sketch) -> None:
    fw, fh, h = s.fw, s.fh, s.shift
    if s.who.style == "bob":
        s.blob(
            [(h - fw * 1.25, s.y(-0.35)), (h - fw * 0.95, s.y(-1.1)), (h, s.y(-1.36)), (h + fw * 0.95, s.y(-1.1)),
             (h + fw * 1.25, s.y(-0.35)), (h + fw * 1.24, s.y(0.75)), (h + fw * 0.8, s.y(1.0)),
             (h - fw * 0.8, s.y(1.0)), (h - fw * 1.24, s.y(0.75))],
            _shade(s.hair, 0.75),
        )  # fmt: skip
    elif s.who.style == "cloud":
        s.oval(h, s.y(-0.44), fw * 1.55, fh * 1.08, s.hair)
        for i in range(11):  # an uneven rim, so that it reads as curls
            angle = math.pi * (1.02 + 0.96 * i / 10)
            s.oval(h + fw * 1.42 * math.cos(angle), s.y(-0.44) + fh * 1.0 * math.sin(angle), fw * 0.26, fw * 0.26, s.hair)
    for side in (-1, 1):
        seen = max(0.0, min(1.0, 1 - side * s.pose.yaw * 1.3))
        if seen > 0.15:
            s.oval(h + side * fw * 0.98, s.y(0.02), fw * 0.15 * seen, fh * 0.2, _shade(s.skin, 0.86))


def _face(s: _Sketch) -> QPainterPath:
    fh, jaw, yaw = s.fh, s.fh * s.jaw, s.pose.yaw

    def tx(u: float) -> float:
        return s.shift + s.fw * u * (1 - 0.05 * abs(yaw)) + s.fw * 0.07 * yaw * (1 if abs(u) < 0.7 else 0.4)

    outline = smooth(
        [(tx(0), s.y(-1.08)), (tx(0.62), s.y(-0.93)), (tx(0.96), s.y(-0.42)), (tx(0.97), s.y(0.10)),
         (tx(0.84), s.y(0.55)), (tx(0.52), s.y(0.89) + jaw * 0.7), (tx(0.20), s.y(1.02) + jaw),
         (tx(-0.20), s.y(1.02) + jaw), (tx(-0.52), s.y(0.89) + jaw * 0.7), (tx(-0.84), s.y(0.55)),
         (tx(-0.97), s.y(0.10)), (tx(-0.96), s.y(-0.42)), (tx(-0.62), s.y(-0.93))]
    )  # fmt: skip
    light = QRadialGradient(QPointF(s.shift - s.fw * 0.35, -fh * 0.3), s.fw * 2.0)
    light.setColorAt(0.0, _shade(s.skin, 1.07))
    light.setColorAt(0.5, _shade(s.skin, 0.99))
    light.setColorAt(1.0, _shade(s.skin, 0.72))
    s.fill(outline, light)
    return outline


def _modelling(s: _Sketch) -> None:
    fw, fh = s.fw, s.fh
    blush = QColor(min(255, int(s.skin.red() * 1.04)), int(s.skin.green() * 0.82), int(s.skin.blue() * 0.78))
    for side in (-1, 1):
        s.soft(s.x(side * 0.55), s.y(0.28), fw * 0.4, fh * 0.26, blush, 0.6)
        s.soft(s.x(side * 0.40), s.y(-0.18), fw * 0.36, fh * 0.19, _shade(s.skin, 0.76), 0.7)
    s.soft(s.x(0.0, 1.0), s.y(0.78), fw * 0.4, fh * 0.1, _shade(s.skin, 0.72), 0.5)


def _beard(s: _Sketch) -> None:
    fw, fh, jaw = s.fw, s.fh, s.fh * s.jaw
    h = s.shift
    s.blob(
        [(h - fw * 1.0, s.y(0.12)), (h - fw * 0.62, s.y(0.34)), (h - fw * 0.36, s.y(0.36)), (h, s.y(0.40)),
         (h + fw * 0.36, s.y(0.36)), (h + fw * 0.62, s.y(0.34)), (h + fw * 1.0, s.y(0.12)),
         (h + fw * 0.95, s.y(0.85)), (h, s.y(1.2) + jaw), (h - fw * 0.95, s.y(0.85))],
        _alpha(_shade(s.hair, 1.7), 0.78),
    )  # fmt: skip
    s.soft(s.x(0, 1.1), s.y(0.62) + jaw, fw * 0.52, fh * 0.24, _shade(s.skin, 0.9), 0.95)


def _nose(s: _Sketch) -> None:
    fw, fh = s.fw, s.fh
    x0, tip, w = s.x(0, 1.25), s.y(0.27), fw * 0.19
    lit = -1 if s.pose.yaw > 0 else 1
    s.blob([(s.x(0.10 * lit, 1.05), s.y(-0.2)), (x0 + w * 0.8 * lit, tip - fh * 0.02), (x0, tip + fh * 0.055),
            (x0, s.y(-0.1))], _alpha(_shade(s.skin, 0.84), 0.75))  # fmt: skip
    s.soft(x0 - fw * 0.01, s.y(0.04), fw * 0.09, fh * 0.26, _shade(s.skin, 1.12), 0.7)
    s.soft(x0, tip + fh * 0.055, fw * 0.26, fh * 0.06, _shade(s.skin, 0.55), 0.85)
    for side in (-1, 1):
        s.oval(x0 + side * w * 0.52, tip + fh * 0.042, fw * 0.055, fh * 0.024, _shade(s.skin, 0.34))


def _eye(s: _Sketch, side: int) -> None:
    fw, fh, yaw, blink = s.fw, s.fh, s.pose.yaw, s.pose.blink
    ex, ey = s.x(side * 0.40), s.y(-0.17)
    squeeze = max(0.5, min(1.0, 1 - 0.30 * max(0.0, side * yaw)))
    ew, eh = fw * 0.215 * squeeze, fh * 0.088 * (1 - 0.92 * blink)
    white = QPainterPath(QPointF(ex - ew, ey))
    white.quadTo(QPointF(ex - ew * 0.1, ey - eh * 2.0), QPointF(ex + ew, ey))
    white.quadTo(QPointF(ex, ey + eh * 1.5), QPointF(ex - ew, ey))
    if blink < 0.85:
        s.fill(white, QColor("#f3eee8"))
        s.p.save()
        s.p.setClipPath(white, Qt.ClipOperation.IntersectClip)
        ix, r = ex + ew * 0.18 * yaw, fh * 0.082
        s.oval(ix, ey - eh * 0.05, r, r, QColor(s.who.iris))
        s.oval(ix, ey - eh * 0.05, r * 0.5, r * 0.5, QColor("#0b0909"))
        s.soft(ex, ey - eh * 1.0, ew, eh * 0.7, QColor("#4a3a34"), 0.5)
        s.p.restore()
        s.oval(ix - r * 0.35, ey - r * 0.42, r * 0.22, r * 0.22, QColor("#ffffff"))
    lid = QPainterPath(QPointF(ex - ew, ey))
    lid.quadTo(QPointF(ex - ew * 0.1, ey - eh * 2.0 if blink < 0.85 else ey + fh * 0.05), QPointF(ex + ew, ey))
    s.stroke(lid, QColor("#20150f"), max(1.0, fh * 0.028))
    crease = lid.translated(0, -fh * 0.055)
    s.stroke(crease, _alpha(_shade(s.skin, 0.55), 0.6), max(0.8, fh * 0.013))
    by = s.y(-0.395) - fh * 0.06 * s.pose.brow
    brow = _shade(s.hair, 0.8)
    s.blob([(ex - side * ew * 1.1, by + fh * 0.005), (ex - side * ew * 0.3, by - fh * 0.03),
            (ex + side * ew * 0.65, by - fh * 0.03), (ex + side * ew * 1.35, by + fh * 0.045),
            (ex + side * ew * 0.6, by + fh * 0.014), (ex - side * ew * 0.3, by + fh * 0.022),
            (ex - side * ew * 1.08, by + fh * 0.045)], brow)  # fmt: skip


def _mouth(s: _Sketch) -> None:
    fw, fh, yaw, m = s.fw, s.fh, s.pose.yaw, s.pose.mouth
    mx, my = s.x(0, 1.12), s.y(0.56)
    mw = fw * (0.348 - 0.055 * m) * (1 - 0.10 * abs(yaw))
    gap = fh * 0.19 * m
    upper, lower, curve, dip = fh * 0.058, fh * 0.085, fh * 0.012, fh * 0.02
    left, right = mw * (1 - 0.35 * max(0.0, -yaw)), mw * (1 - 0.35 * max(0.0, yaw))
    lip = QColor(s.who.lip)
    top = [(mx - left, my - curve), (mx - left * 0.45, my - upper * 0.85), (mx - mw * 0.12, my - upper * 1.12),
           (mx, my - upper * 0.82), (mx + mw * 0.12, my - upper * 1.12), (mx + right * 0.45, my - upper * 0.85),
           (mx + right, my - curve)]  # fmt: skip
    s.blob([*top, (mx + right * 0.5, my + gap * 0.85 + lower * 0.72), (mx, my + gap + lower),
            (mx - left * 0.5, my + gap * 0.85 + lower * 0.72)], lip)  # fmt: skip
    s.blob([*top, (mx, my + dip)], _shade(lip, 0.82))
    inner = smooth(
        [(mx - left * 0.86, my - curve * 0.9), (mx - left * 0.4, my + dip * 0.2 - gap * 0.04), (mx, my + dip * 0.5),
         (mx + right * 0.4, my + dip * 0.2 - gap * 0.04), (mx + right * 0.86, my - curve * 0.9),
         (mx + right * 0.45, my + dip + gap * 0.82), (mx, my + dip + gap), (mx - left * 0.45, my + dip + gap * 0.82)]
    )  # fmt: skip
    s.fill(inner, QColor("#2a0f10"))
    if m > 0.08:
        s.p.save()
        s.p.setClipPath(inner, Qt.ClipOperation.IntersectClip)
        s.oval(mx, my + dip + gap, mw * 0.5, gap * 0.34, QColor("#a34a4a"))
        s.oval(mx, my - fh * 0.01, mw * 0.66, fh * 0.02 + gap * 0.22, QColor("#f0eae1"))
        s.p.restore()
    s.soft(mx, my + gap + lower * 0.5, mw * 0.5, fh * 0.022, _shade(lip, 1.35), 0.5)


def _glasses(s: _Sketch) -> None:
    frame = QColor("#7c2f2a")
    for side in (-1, 1):
        rim = QPainterPath()
        a, b = s.fw * 0.31 * max(0.6, 1 - 0.25 * max(0.0, side * s.pose.yaw)), s.fh * 0.2
        rim.addRoundedRect(QRectF(s.x(side * 0.40) - a, s.y(-0.16) - b, 2 * a, 2 * b), a * 0.8, b * 0.8)
        s.fill(rim, _alpha(QColor("#ffffff"), 0.07))
        s.stroke(rim, frame, max(1.5, s.fh * 0.026))
    bridge = QPainterPath(QPointF(s.x(-0.11), s.y(-0.2)))
    bridge.quadTo(QPointF(s.x(0.0, 1.1), s.y(-0.25)), QPointF(s.x(0.11), s.y(-0.2)))
    s.stroke(bridge, frame, max(1.5, s.fh * 0.026))


def _hair_in_front(s: _Sketch) -> None:
    fw, h = s.fw, s.shift
    sheen = _shade(s.hair, 1.5)
    if s.who.style == "bob":
        s.blob(
            [(h - fw * 1.12, s.y(0.30)), (h - fw * 1.16, s.y(-0.55)), (h - fw * 0.7, s.y(-1.2)),
             (h + fw * 0.1, s.y(-1.33)), (h + fw * 0.8, s.y(-1.15)), (h + fw * 1.16, s.y(-0.5)),
             (h + fw * 1.10, s.y(0.35)), (h + fw * 0.93, s.y(-0.25)), (h + fw * 0.70, s.y(-0.66)),
             (h + fw * 0.05, s.y(-0.82)), (h - fw * 0.55, s.y(-0.62)), (h - fw * 0.90, s.y(-0.30))],
            s.hair,
        )  # fmt: skip
        s.soft(h - fw * 0.15, s.y(-1.04), fw * 0.75, s.fh * 0.14, sheen, 0.8)
    elif s.who.style == "short":
        s.blob(
            [(h - fw * 1.04, s.y(-0.12)), (h - fw * 1.08, s.y(-0.75)), (h - fw * 0.62, s.y(-1.22)),
             (h + fw * 0.1, s.y(-1.32)), (h + fw * 0.75, s.y(-1.16)), (h + fw * 1.07, s.y(-0.7)),
             (h + fw * 1.03, s.y(-0.12)), (h + fw * 0.93, s.y(-0.40)), (h + fw * 0.78, s.y(-0.70)),
             (h + fw * 0.2, s.y(-0.84)), (h - fw * 0.45, s.y(-0.78)), (h - fw * 0.90, s.y(-0.45))],
            s.hair,
        )  # fmt: skip
        s.soft(h - fw * 0.05, s.y(-1.1), fw * 0.7, s.fh * 0.12, _shade(s.hair, 2.2), 0.7)
    else:
        s.blob(
            [(h - fw * 1.05, s.y(-0.2)), (h - fw * 1.1, s.y(-0.9)), (h, s.y(-1.35)), (h + fw * 1.1, s.y(-0.9)),
             (h + fw * 1.05, s.y(-0.2)), (h + fw * 0.86, s.y(-0.62)), (h, s.y(-0.82)), (h - fw * 0.86, s.y(-0.62))],
            s.hair,
        )  # fmt: skip
        s.soft(h - fw * 0.3, s.y(-1.1), fw * 0.7, s.fh * 0.2, _shade(s.hair, 2.6), 0.55)
