"""Draws the people of the second set with OpenCV: flat shades, a dark outline, light from the right.

Nobody drawn here exists. A head stands on a cylinder: features at an angle around it move and hide when it turns, up to a
full profile. Drawn twice as large and reduced; heads are kept by their rounded pose, so that a film needs some hundreds.
"""

from __future__ import annotations

import math
from dataclasses import dataclass
from functools import lru_cache

import cv2
import numpy as np
from numpy.typing import NDArray

Colour = tuple[int, int, int]
Points = list[tuple[float, float]]
AWAY = 100
"""Degrees from which a head is seen from behind."""
Picture = NDArray[np.uint8]


@dataclass(frozen=True, slots=True)
class Look:
    """The lasting looks of one made-up person: colours as red, green, blue; `wide` is the face's width for its height."""

    skin: Colour
    hair: Colour
    top: Colour
    style: str
    iris: Colour = (60, 45, 30)
    wide: float = 0.76
    glasses: bool = False
    moustache: bool = False
    striped: bool = False


LOOKS = {
    "ines": Look((236, 196, 168), (178, 92, 40), (92, 44, 110), "long", (70, 110, 80), 0.74),
    "tomas": Look((214, 160, 122), (70, 62, 58), (30, 70, 130), "side", wide=0.80, moustache=True),
    "ruth": Look((150, 102, 70), (30, 24, 22), (200, 90, 60), "bun", wide=0.75, striped=True),
    "jonah": Look((228, 180, 150), (228, 180, 150), (60, 96, 60), "bald", (60, 90, 130), 0.82, glasses=True),
    "mei": Look((240, 205, 170), (24, 22, 28), (225, 225, 215), "fringe", wide=0.78),
    "abel": Look((108, 72, 50), (20, 18, 18), (150, 150, 40), "curly", wide=0.80, striped=True),
}


@dataclass(frozen=True, slots=True)
class Pose:
    """`mouth` and `blink` 0..1, `yaw` in degrees (90 is a profile that looks right), `down` 0..1 (looks into the lap),
    `hand` 0..1 (how far a hand is before the mouth)."""

    mouth: float = 0.0
    yaw: float = 0.0
    blink: float = 0.0
    down: float = 0.0
    hand: float = 0.0

    def rounded(self) -> Pose:
        return Pose(
            round(self.mouth * 10) / 10,
            round(self.yaw / 5) * 5.0,
            round(self.blink * 2) / 2,
            round(self.down * 4) / 4,
            round(self.hand * 4) / 4,
        )


@dataclass(frozen=True, slots=True)
class Placed:
    """Where a person came to stand in the picture, in pixels: x, y, width, height of the head with its hair, and of the face."""

    head: tuple[float, float, float, float]
    face: tuple[float, float, float, float]


class _Pen:
    """Draws on a patch with an opacity of its own; places are in units of the face's half width and half height."""

    def __init__(self, look: Look, pose: Pose, height: int) -> None:
        self.look, self.pose = look, pose
        self.fh = height * 2 * 0.42
        self.fw = self.fh * look.wide
        self.ox, self.oy = self.fh * 3.0, self.fh * 1.75
        self.colours = np.zeros((round(self.fh * 8.2), round(self.fh * 6.0), 3), np.uint8)
        self.cover = np.zeros(self.colours.shape[:2], np.uint8)
        self.turn = math.radians(pose.yaw)
        self.line = max(2, round(self.fh * 0.022))

    def at(self, u: float, v: float, out: float = 1.0) -> tuple[float, float]:
        """A place on the turned head: `u` sideways -1..1 as seen from the front, `v` downwards, `out` from the axis."""
        angle = math.asin(max(-1.0, min(1.0, u))) + self.turn
        drop = 0.20 * self.pose.down * (1 - 0.25 * abs(v))
        return self.ox + self.fw * out * math.sin(angle), self.oy + self.fh * (v + drop)

    def seen(self, u: float) -> float:
        """How much of a feature at `u` faces the camera, 0..1."""
        return max(0.0, math.cos(math.asin(max(-1.0, min(1.0, u))) + self.turn))

    def shape(self, points: Points, colour: Colour, edge: bool = False, soft: float = 0.0, strength: float = 1.0) -> None:
        p = np.array(points)
        room = 4 + self.line + math.ceil(3.2 * soft * self.fh)
        x0, y0 = (max(0, math.floor(v) - room) for v in p.min(axis=0))
        x1, y1 = (
            min(self.cover.shape[1], math.ceil(p[:, 0].max()) + room),
            min(self.cover.shape[0], math.ceil(p[:, 1].max()) + room),
        )
        if x1 <= x0 or y1 <= y0:
            return
        at = [np.round((p - (x0, y0)) * 8).astype(np.int32)]
        colours, cover = self.colours[y0:y1, x0:x1], self.cover[y0:y1, x0:x1]
        mask = np.zeros(cover.shape, np.uint8)
        cv2.fillPoly(mask, at, 255, cv2.LINE_AA, 3)
        if soft:
            mask = np.minimum(cv2.GaussianBlur(mask, (0, 0), soft * self.fh), cover)
        part = mask.astype(np.float32)[..., None] * (strength / 255)
        colours[:] = (colours * (1 - part) + np.array(colour[::-1], np.float32) * part).astype(np.uint8)
        if not soft:
            cover[:] = np.maximum(cover, mask)
        if edge:
            edged = np.ascontiguousarray(colours)
            cv2.polylines(edged, at, True, tuple(int(c * 0.42) for c in colour[::-1]), self.line, cv2.LINE_AA, 3)
            colours[:] = edged

    def oval(self, x: float, y: float, a: float, b: float, colour: Colour, **how: object) -> None:
        round_ = [(x + a * math.cos(t), y + b * math.sin(t)) for t in np.linspace(0, 2 * math.pi, 40, endpoint=False)]
        self.shape(round_, colour, **how)  # type: ignore[arg-type]


def _curve(points: Points) -> Points:
    """A closed curve through points."""
    p = np.array(points)
    out = []
    for i in range(len(p)):
        a, b, c, d = p[i - 1], p[i], p[(i + 1) % len(p)], p[(i + 2) % len(p)]
        for t in np.linspace(0, 1, 8, endpoint=False):
            out.append(0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t**2 + (3 * b - a - 3 * c + d) * t**3))
    return [(float(x), float(y)) for x, y in out]


def _times(colour: Colour, factor: float) -> Colour:
    r, g, b = (max(0, min(255, round(c * factor))) for c in colour)
    return r, g, b


def _body(s: _Pen) -> None:
    fw, fh, x, y = s.fw, s.fh, s.ox, s.oy
    s.shape(
        [(x - fw * 0.45, y), (x + fw * 0.45, y), (x + fw * 0.55, y + fh * 1.7), (x - fw * 0.55, y + fh * 1.7)],
        _times(s.look.skin, 0.78),
    )
    low = y + fh * 1.38
    body = [(x - fw * 0.5, low), (x - fw * 1.5, low + fh * 0.35), (x - fw * 2.5, low + fh * 0.8), (x - fw * 2.9, low + fh * 2.2),
            (x - fw * 3.0, y + fh * 7), (x + fw * 3.0, y + fh * 7), (x + fw * 2.9, low + fh * 2.2), (x + fw * 2.5, low + fh * 0.8),
            (x + fw * 1.5, low + fh * 0.35), (x + fw * 0.5, low), (x, low + fh * 0.5)]  # fmt: skip
    s.shape(_curve(body), s.look.top, edge=True)
    if s.look.striped:
        for i in range(7):
            v = low + fh * (0.9 + 0.75 * i)
            band = [(x - fw * 2.4, v), (x + fw * 2.4, v), (x + fw * 2.4, v + fh * 0.25), (x - fw * 2.4, v + fh * 0.25)]
            s.shape(band, _times(s.look.top, 1.45))
    s.oval(x, y + fh * 1.1, fw * 0.6, fh * 0.25, _times(s.look.skin, 0.6), soft=0.06, strength=0.7)


def _hair_behind(s: _Pen) -> None:
    x, y, fw, fh = s.ox - s.fw * 0.12 * math.sin(s.turn), s.oy, s.fw, s.fh
    hair = s.look.hair
    if s.look.style == "long":
        s.shape(_curve([(x - fw * 1.2, y - fh * 0.5), (x, y - fh * 1.32), (x + fw * 1.2, y - fh * 0.5), (x + fw * 1.3, y + fh * 1.5),
                        (x + fw * 0.7, y + fh * 1.75), (x - fw * 0.7, y + fh * 1.75), (x - fw * 1.3, y + fh * 1.5)]), _times(hair, 0.8), edge=True)  # fmt: skip
    elif s.look.style == "bun":
        s.oval(x - fw * 0.9 * math.sin(s.turn), y - fh * 1.28, fw * 0.48, fh * 0.36, hair, edge=True)
    elif s.look.style == "curly":
        for a in np.linspace(math.pi * 0.92, math.pi * 2.08, 11):
            s.oval(x + fw * 1.05 * math.cos(a), y - fh * 0.35 + fh * 0.92 * math.sin(a), fw * 0.36, fh * 0.3, hair)
    if s.look.style != "bald":
        s.oval(x - fw * 0.35 * math.sin(s.turn), y - fh * 0.25, fw * 1.1, fh * 1.02, _times(hair, 0.85))


def _skull(s: _Pen) -> None:
    fw, fh = s.fw, s.fh
    side = math.sin(s.turn)
    jaw = 0.10 * s.pose.mouth
    x, y = s.ox, s.oy + fh * 0.08 * s.pose.down
    for u in (-1.0, 1.0):  # ears
        if u * side < 0.35:
            ear, _ = s.at(u * 0.99, 0.0)
            s.oval(ear, y, fw * (0.14 + 0.10 * abs(side)), fh * 0.22, _times(s.look.skin, 0.9), edge=True)
    face = [(x, y - fh * 1.04), (x + fw * 0.64, y - fh * 0.88), (x + fw * 0.98, y - fh * 0.34), (x + fw * 0.97, y + fh * 0.2),
            (x + fw * (0.74 + 0.1 * side), y + fh * 0.66), (x + fw * (0.3 + 0.35 * side), y + fh * (1.0 + jaw)),
            (x + fw * (-0.3 + 0.35 * side), y + fh * (1.0 + jaw)), (x + fw * (-0.74 + 0.1 * side), y + fh * 0.66),
            (x - fw * 0.97, y + fh * 0.2), (x - fw * 0.98, y - fh * 0.34), (x - fw * 0.64, y - fh * 0.88)]  # fmt: skip
    s.shape(_curve(face), s.look.skin, edge=True)
    skin = s.look.skin
    s.oval(x - fw * 0.75, y + fh * 0.1, fw * 0.45, fh * 0.9, _times(skin, 0.72), soft=0.16, strength=0.75)
    s.oval(x + fw * 0.35, y - fh * 0.45, fw * 0.4, fh * 0.3, _times(skin, 1.1), soft=0.14, strength=0.6)
    for u in (-0.55, 0.55):
        if s.seen(u) > 0.2:
            cheek = s.at(u, 0.3)
            s.oval(*cheek, fw * 0.24, fh * 0.16, (*_times(skin, 1.0)[:1], *_times(skin, 0.8)[1:]), soft=0.07, strength=0.5)


def _back_of_head(s: _Pen) -> None:
    """A head that looks away from the camera."""
    x, y, fw, fh = s.ox, s.oy, s.fw, s.fh
    for u in (-1.0, 1.0):
        s.oval(x + u * fw, y, fw * 0.12, fh * 0.22, _times(s.look.skin, 0.85), edge=True)
    s.oval(x, y + fh * 0.05, fw * 0.98, fh * 1.02, _times(s.look.skin, 0.92), edge=True)
    if s.look.style != "bald":
        low = 1.5 if s.look.style == "long" else 0.62
        s.shape(_curve([(x, y - fh * 1.25), (x + fw * 0.9, y - fh * 0.85), (x + fw * 1.08, y), (x + fw * 0.85, y + fh * low), (x, y + fh * (low + 0.1)),
                        (x - fw * 0.85, y + fh * low), (x - fw * 1.08, y), (x - fw * 0.9, y - fh * 0.85)]), s.look.hair, edge=True)  # fmt: skip
        for u in (-0.5, -0.1, 0.35):
            s.oval(x + u * fw, y - fh * 0.3, fw * 0.06, fh * 0.6, _times(s.look.hair, 0.8), soft=0.05, strength=0.6)


def _eyes(s: _Pen) -> None:
    fw, fh, skin = s.fw, s.fh, s.look.skin
    shut = max(s.pose.blink, 0.75 * s.pose.down)
    for u in (-0.42, 0.42):
        see = s.seen(u)
        if see < 0.15:
            continue
        x, y = s.at(u, -0.14)
        a, b = fw * 0.2 * see**0.7, fh * 0.085 * (1 - 0.85 * shut)
        s.oval(x, y, fw * 0.28 * see, fh * 0.15, _times(skin, 0.78), soft=0.04, strength=0.6)
        s.oval(x, y, a, b, (246, 243, 238))
        if shut < 0.8:
            s.oval(x + a * 0.1 * math.sin(s.turn), y, min(a, fh * 0.08), min(b, fh * 0.08), s.look.iris)
            s.oval(x + a * 0.1 * math.sin(s.turn), y, min(a, fh * 0.042), min(b, fh * 0.042), (12, 10, 10))
        lid = [(x - a * 1.1, y), (x - a * 0.5, y - b), (x + a * 0.5, y - b), (x + a * 1.1, y), (x + a * 0.5, y - b - fh * 0.03),
               (x - a * 0.5, y - b - fh * 0.03)]  # fmt: skip
        s.shape(lid, (38, 28, 24))
        brow = _times(s.look.hair if s.look.style != "bald" else (120, 90, 70), 0.7)
        s.shape([(x - a * 1.3, y - fh * 0.2), (x, y - fh * 0.27), (x + a * 1.3, y - fh * 0.2), (x, y - fh * 0.22)], brow)
    if s.look.glasses:
        for u in (-0.42, 0.42):
            if s.seen(u) > 0.2:
                x, y = s.at(u, -0.13, 1.03)
                cv2.ellipse(s.colours, (round(x), round(y)), (max(1, round(fw * 0.3 * s.seen(u))), round(fh * 0.19)), 0, 0, 360,
                            (40, 36, 34), s.line * 2, cv2.LINE_AA)  # fmt: skip


def _nose_and_mouth(s: _Pen) -> None:
    fw, fh, skin = s.fw, s.fh, s.look.skin
    tip, root = s.at(0.0, 0.24, 1.2), s.at(0.0, -0.16, 0.98)
    s.shape([root, tip, (tip[0], tip[1] + fh * 0.06), s.at(0.0, 0.36, 0.95), (s.ox, s.oy + fh * 0.2)], skin, strength=0.9)
    side = 1 if s.turn >= 0 else -1
    wing = fw * 0.17
    s.shape(_curve([root, (tip[0] + side * wing * 0.25, tip[1]), (tip[0], tip[1] + fh * 0.06), (tip[0] - side * wing, tip[1])]),
            _times(skin, 0.86), soft=0.015)  # fmt: skip
    s.oval(tip[0], tip[1] + fh * 0.05, wing * 0.9, fh * 0.03, _times(skin, 0.55), soft=0.012, strength=0.8)
    for u in (-0.5, 0.5):
        s.oval(tip[0] + u * wing, tip[1] + fh * 0.035, fw * 0.05, fh * 0.024, _times(skin, 0.38))
    opened = s.pose.mouth
    middle = s.at(0.0, 0.54, 0.99)
    left, right = s.at(-0.34 + 0.05 * opened, 0.54, 1.0), s.at(0.34 - 0.05 * opened, 0.54, 1.0)
    gap = fh * 0.24 * opened
    lip = (_times(skin, 0.85)[0], _times(skin, 0.55)[1], _times(skin, 0.52)[2])
    top, low = middle[1] - fh * 0.065, middle[1] + gap + fh * 0.085
    s.shape(_curve([left, ((left[0] + middle[0]) / 2, top), (middle[0], top + fh * 0.015), ((right[0] + middle[0]) / 2, top), right,
                    ((right[0] + middle[0]) / 2, low - fh * 0.02), (middle[0], low), ((left[0] + middle[0]) / 2, low - fh * 0.02)]), lip)  # fmt: skip
    inside = [(left[0] * 0.92 + middle[0] * 0.08, left[1]), (middle[0], middle[1] - fh * 0.008), (right[0] * 0.92 + middle[0] * 0.08, right[1]),
              ((right[0] + middle[0]) / 2, middle[1] + gap * 0.85), (middle[0], middle[1] + gap + fh * 0.008), ((left[0] + middle[0]) / 2, middle[1] + gap * 0.85)]  # fmt: skip
    s.shape(_curve(inside), (50, 16, 18))
    if opened > 0.15:
        s.oval(middle[0], middle[1] + gap * 0.16, fw * 0.2 * s.seen(0), gap * 0.17, (236, 232, 224))
    if s.look.moustache:
        s.shape(_curve([(left[0], middle[1] - fh * 0.05), (middle[0], middle[1] - fh * 0.19), (right[0], middle[1] - fh * 0.05),
                        (middle[0], middle[1] - fh * 0.075)]), _times(s.look.hair, 0.9))  # fmt: skip


def _hair_in_front(s: _Pen) -> None:
    fw, fh, hair, style = s.fw, s.fh, s.look.hair, s.look.style
    x, y = s.ox + fw * 0.25 * math.sin(s.turn), s.oy + fh * 0.12 * s.pose.down
    if style == "bald":
        return
    line = {"fringe": -0.42, "side": -0.66, "long": -0.7, "bun": -0.74, "curly": -0.7}[style]
    part = {"fringe": 0.0, "side": 0.45, "long": -0.1}.get(style, 0.0)
    lock = 0.15 if style in ("long", "fringe") else -0.3
    s.shape(_curve([(s.ox - fw * 1.05, y + fh * lock), (s.ox - fw * 1.1, y - fh * 0.7), (s.ox - fw * 0.4, y - fh * 1.2), (s.ox + fw * 0.4, y - fh * 1.2),
                    (s.ox + fw * 1.1, y - fh * 0.7), (s.ox + fw * 1.05, y + fh * lock), (s.ox + fw * 0.9, y - fh * 0.4), (x + fw * 0.55, y + fh * line * 0.98),
                    (x + fw * part, y + fh * (line - 0.06)), (x - fw * 0.55, y + fh * line * 0.98), (s.ox - fw * 0.9, y - fh * 0.4)]), hair, edge=True)  # fmt: skip


def _hand(s: _Pen) -> None:
    if s.pose.hand <= 0:
        return
    x, y = s.at(0.0, 0.62 + 1.4 * (1 - s.pose.hand), 1.0)
    skin = _times(s.look.skin, 0.93)
    s.shape(
        [(x - s.fw * 0.3, y), (x + s.fw * 0.35, y), (x + s.fw * 0.9, y + s.fh * 3.2), (x + s.fw * 0.2, y + s.fh * 3.2)],
        _times(s.look.top, 0.9),
        edge=True,
    )
    s.oval(x, y, s.fw * 0.5, s.fh * 0.36, skin, edge=True)
    for i in range(4):
        s.oval(x - s.fw * 0.42 + i * s.fw * 0.26, y - s.fh * 0.2, s.fw * 0.12, s.fh * 0.3, skin, edge=True)


@lru_cache(maxsize=200)
def _dressed(name: str, height: int) -> _Pen:
    s = _Pen(LOOKS[name], Pose(), height)
    _body(s)
    return s


@lru_cache(maxsize=1500)
def _sprite(name: str, pose: Pose, height: int) -> tuple[Picture, Picture, float, float, float, float]:
    s = _Pen(LOOKS[name], pose, height)
    body = _dressed(name, height)
    s.colours[:], s.cover[:] = body.colours, body.cover
    _hair_behind(s)
    if abs(pose.yaw) > AWAY:
        _back_of_head(s)
    else:
        _skull(s)
        _eyes(s)
        _nose_and_mouth(s)
        _hair_in_front(s)
        _hand(s)
    size = (s.cover.shape[1] // 2, s.cover.shape[0] // 2)
    small = cv2.resize(s.colours, size, interpolation=cv2.INTER_AREA), cv2.resize(s.cover, size, interpolation=cv2.INTER_AREA)
    return small[0], small[1], s.ox / 2, s.oy / 2, s.fw / 2, s.fh / 2


def draw(picture: Picture, name: str, x: float, y: float, height: int, pose: Pose) -> Placed:
    """Draw one person into uint8 B'G'R', the middle of the face at (x, y), the head `height` pixels high."""
    pose = pose.rounded()
    colours, cover, ox, oy, fw, fh = _sprite(name, pose, height)
    left, top = math.floor(x - ox), math.floor(y - oy)
    move = np.array([[1, 0, x - ox - left], [0, 1, y - oy - top]], np.float32)
    size = (colours.shape[1] + 1, colours.shape[0] + 1)
    colours, cover = cv2.warpAffine(colours, move, size), cv2.warpAffine(cover, move, size)
    h, w = picture.shape[:2]
    x0, y0, x1, y1 = max(0, left), max(0, top), min(w, left + size[0]), min(h, top + size[1])
    if x1 > x0 and y1 > y0:
        part = (slice(y0 - top, y1 - top), slice(x0 - left, x1 - left))
        share = cover[part][..., None].astype(np.uint16)
        under = picture[y0:y1, x0:x1].astype(np.uint16)
        picture[y0:y1, x0:x1] = ((under * (255 - share) + colours[part] * share) // 255).astype(np.uint8)
    up = 1.34 if LOOKS[name].style in ("bun", "curly") else 1.22
    face = (x - fw, y - fh * 1.0, 2 * fw, fh * 2.02)
    return Placed((x - fw * 1.12, y - fh * up, 2.24 * fw, fh * (up + 1.04)), face)
