"""Backgrounds of the second set, with the texts and screens on them; painted once, all from shapes and noise."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

import cv2
import numpy as np
from numpy.typing import NDArray

from bench.scenes.script import SIZE

Picture = NDArray[np.uint8]
Box = tuple[int, int, int, int]


@dataclass(frozen=True, slots=True)
class Back:
    """`texts` are boxes of writing (x, y, width, height in pixels), `screen` the box of slides or a chart."""

    picture: Picture
    texts: tuple[Box, ...] = ()
    screen: Box | None = None


def _room(seed: int, wall: tuple[int, int, int], floor: tuple[int, int, int], soft: float, shift: int = 0) -> Picture:
    dice = np.random.default_rng(seed)
    w, h = SIZE
    picture = np.empty((h, w, 3), np.float32)
    picture[:] = np.linspace(1.1, 0.8, w)[None, :, None] * np.array(wall[::-1], np.float32)
    for _ in range(9):
        x, y = int(dice.integers(-80, w)) + shift, int(dice.integers(0, h * 3 // 5))
        a, b = int(dice.integers(60, 240)), int(dice.integers(50, 220))
        colour = np.array(wall[::-1]) * dice.uniform(0.45, 1.5, 3)
        cv2.rectangle(picture, (x, y), (x + a, y + b), tuple(float(c) for c in colour), -1)
    picture[h * 3 // 4 :] = np.array(floor[::-1], np.float32)
    picture = cv2.GaussianBlur(picture, (0, 0), soft) + dice.normal(0, 2.5, picture.shape)
    return np.clip(picture, 0, 255).astype(np.uint8)


def _street(seed: int) -> Picture:
    dice = np.random.default_rng(seed)
    w, h = SIZE
    picture = np.empty((h, w, 3), np.float32)
    picture[:] = np.linspace(1.0, 0.6, h)[:, None, None] * np.array((215, 190, 160), np.float32)
    x = 0
    while x < w:
        a, b = int(dice.integers(90, 200)), int(dice.integers(180, 420))
        tone = dice.uniform(70, 190, 3)
        cv2.rectangle(picture, (x, h * 3 // 4 - b), (x + a, h * 3 // 4), tuple(tone.tolist()), -1)
        for i in range(x + 14, x + a - 20, 34):
            for j in range(h * 3 // 4 - b + 16, h * 3 // 4 - 30, 46):
                cv2.rectangle(picture, (i, j), (i + 16, j + 24), tuple((tone * 0.5).tolist()), -1)
        x += a
    picture[h * 3 // 4 :] = (90, 96, 98)
    picture = cv2.GaussianBlur(picture, (0, 0), 4) + dice.normal(0, 3, picture.shape)
    return np.clip(picture, 0, 255).astype(np.uint8)


def _write(picture: Picture, text: str, x: int, y: int, size: float, colour: tuple[int, int, int], texts: list[Box]) -> None:
    font, thick = cv2.FONT_HERSHEY_DUPLEX, max(1, round(size * 2))
    (w, h), under = cv2.getTextSize(text, font, size, thick)
    cv2.putText(picture, text, (x, y), font, size, colour[::-1], thick, cv2.LINE_AA)
    texts.append((x, y - h, w, h + under))


_SLIDES = (
    ("Three rules of the kiln", ("Dry the clay for nine days", "Heat it slowly to 600", "Never open the door early")),
    ("What the harbour costs", ("Dredging takes 41 percent", "Ropes and lamps 17 percent", "The rest is patience")),
    ("Next steps", ("Ask at Corrow Sound", "Count the boats twice", "Write it down")),
)


def _slide(picture: Picture, box: Box, number: int, texts: list[Box]) -> None:
    x, y, w, h = box
    cv2.rectangle(picture, (x - 8, y - 8), (x + w + 8, y + h + 8), (30, 28, 28), -1)
    cv2.rectangle(picture, (x, y), (x + w, y + h), (244, 246, 248), -1)
    title, lines = _SLIDES[number % len(_SLIDES)]
    scale = w / 760
    _write(picture, title, x + round(40 * scale), y + round(80 * scale), 1.35 * scale, (20, 50, 90), texts)
    for i, line in enumerate(lines):
        top = y + round((170 + 80 * i) * scale)
        cv2.circle(picture, (x + round(52 * scale), top - round(12 * scale)), max(2, round(7 * scale)), (40, 90, 200), -1)
        _write(picture, line, x + round(76 * scale), top, 0.95 * scale, (50, 50, 54), texts)
    for i in range(4):
        tall = round((40 + 34 * ((i * 7 + number * 3) % 4)) * scale)
        left = x + w - round((230 - 52 * i) * scale)
        cv2.rectangle(picture, (left, y + h - 20 - tall), (left + round(36 * scale), y + h - 20), (150, 120, 60), -1)


def _chart(wide: bool) -> Back:
    picture = np.full((SIZE[1], SIZE[0], 3), (232, 240, 244), np.uint8)
    texts: list[Box] = []
    _write(picture, "Rainfall at Marsh Hallow by month" if wide else "Who mends what", 60, 90, 1.6, (40, 40, 60), texts)
    dice = np.random.default_rng(5 + wide)
    for i in range(11 if wide else 6):
        left = 90 + i * (1120 // (11 if wide else 6))
        tall = int(dice.integers(90, 420))
        cv2.rectangle(picture, (left, 620 - tall), (left + 60, 620), (160, 110, 50), -1)
        _write(picture, f"{int(tall / 4)}", left + 4, 660, 0.9, (60, 60, 60), texts)
    return Back(picture, tuple(texts), (0, 0, *SIZE))


@lru_cache
def back(name: str, number: int = 0) -> Back:
    """One of the backgrounds; `number` is that of the slide shown on it."""
    texts: list[Box] = []
    if name == "studio":
        return Back(_room(3, (86, 110, 128), (70, 62, 56), 7))
    if name == "room":
        return Back(_room(8, (150, 120, 96), (96, 70, 54), 6))
    if name == "room close":
        return Back(_room(8, (146, 118, 96), (100, 74, 58), 13, 160))
    if name in ("dark a", "dark b"):
        return Back(_room(21 if name == "dark a" else 22, (34, 36, 46), (24, 22, 26), 8))
    if name == "street":
        return Back(_street(2))
    if name == "slides":
        picture = _room(12, (96, 92, 90), (60, 54, 50), 9)
        box = (50, 70, 800, 450)
        _slide(picture, box, number, texts)
        return Back(picture, tuple(texts), box)
    if name == "slides full":
        picture = np.full((SIZE[1], SIZE[0], 3), (40, 38, 36), np.uint8)
        box = (20, 20, 1000, 680)
        _slide(picture, box, number, texts)
        return Back(picture, tuple(texts), box)
    if name == "posters":
        picture = _room(30, (120, 134, 118), (84, 76, 66), 8)
        for x, word in ((30, "KETTERBY"), (960, "HARBOUR")):
            cv2.rectangle(picture, (x, 90), (x + 290, 330), (210, 226, 236), -1)
            _write(picture, word, x + 22, 180, 1.5, (130, 40, 40), texts)
            _write(picture, "open every day", x + 34, 260, 0.9, (50, 50, 50), texts)
        return Back(picture, tuple(texts))
    if name == "signs":
        picture = _street(9)
        cv2.rectangle(picture, (830, 60), (1230, 190), (60, 100, 40), -1)
        _write(picture, "Corrow Sound 12", 850, 140, 1.25, (250, 250, 250), texts)
        _write(picture, "MENDED WHILE YOU WAIT", 40, 690, 1.0, (250, 240, 220), texts)
        return Back(picture, tuple(texts))
    if name in ("chart", "chart wide"):
        return _chart(name == "chart wide")
    raise KeyError(name)
