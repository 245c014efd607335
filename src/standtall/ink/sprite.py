"""A drawn piece of text, ready to be blended into planes."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtGui import QImage, QPainter

from standtall.media.planes import Planes

Plane = NDArray[np.uint8]

# ITU-R BT.709-6, tables 3 and 4: luma weights, and the scaling of 8-bit limited range
KR, KG, KB = 0.2126, 0.7152, 0.0722
LUMA: Final = np.array([[KB * 219 / 255, KG * 219 / 255, KR * 219 / 255, 16 / 255]], np.float32)
CHROMA: Final = np.array(
    [
        [(1 - KB) / (2 * (1 - KB)) * 224 / 255, -KG / (2 * (1 - KB)) * 224 / 255, -KR / (2 * (1 - KB)) * 224 / 255, 128 / 255],
        [-KB / (2 * (1 - KR)) * 224 / 255, -KG / (2 * (1 - KR)) * 224 / 255, (1 - KR) / (2 * (1 - KR)) * 224 / 255, 128 / 255],
    ],
    np.float32,
)
"""From B'G'R' and alpha (0..255, colours multiplied by alpha) to the parts of the picture."""


@dataclass(frozen=True, slots=True)
class Sprite:
    """Planes multiplied by their opacity (0..255), and what is left of the picture under them; x and y are even."""

    x: int
    y: int
    luma: Plane
    keep_luma: Plane
    blue: Plane
    red: Plane
    keep_chroma: Plane
    make_picture: Callable[[], Plane]
    opacity: float = 1.0
    """How much of the drawing is left where it is faded."""

    @property
    def picture(self) -> Plane:
        """The drawing itself: uint8 (height, width, 4) B'G'R'A multiplied by alpha."""
        return self.make_picture()

    def box(self, width: int, height: int) -> tuple[int, int, int, int]:
        """Left, top, right and bottom of the part of it that lies on a picture of that size."""
        h, w = self.luma.shape
        left, top = min(max(0, self.x), width), min(max(0, self.y), height)
        return left, top, max(left, min(width, self.x + w)), max(top, min(height, self.y + h))

    def faded(self, opacity: float) -> Sprite:
        """The same with less opacity, 0..1."""

        def less(values: Plane) -> Plane:
            return _plane(cv2.convertScaleAbs(values, alpha=opacity))

        def more(keep: Plane) -> Plane:
            return _plane(255 - cv2.convertScaleAbs(255 - keep, alpha=opacity))

        return replace(
            self, luma=less(self.luma), keep_luma=more(self.keep_luma), blue=less(self.blue), red=less(self.red),
            keep_chroma=more(self.keep_chroma), opacity=self.opacity * opacity,
        )  # fmt: skip

    def scaled(self, share: float, centre: tuple[float, float]) -> Sprite:
        """The same, larger or smaller around a point of the frame."""
        high, wide = self.luma.shape
        x, y = (round((c + (at - c) * share) / 2) * 2 for at, c in ((self.x, centre[0]), (self.y, centre[1])))
        size = max(2, round(wide * share / 2) * 2), max(2, round(high * share / 2) * 2)
        half = size[0] // 2, size[1] // 2

        def sized(values: Plane, to: tuple[int, int]) -> Plane:
            return _plane(cv2.resize(values, to, interpolation=cv2.INTER_LINEAR))

        return replace(
            self, x=x, y=y, luma=sized(self.luma, size), keep_luma=sized(self.keep_luma, size), blue=sized(self.blue, half),
            red=sized(self.red, half), keep_chroma=sized(self.keep_chroma, half), make_picture=lambda: sized(self.picture, size),
        )  # fmt: skip

    def moved(self, x: int, y: int) -> Sprite:
        """The same further to the right and down, by even numbers of pixels."""
        return replace(self, x=self.x + x, y=self.y + y)

    def cut(self, left: int, right: int) -> Sprite | None:
        """What lies between two even columns of the frame; None where nothing does."""
        a, b = max(left - self.x, 0), min(right - self.x, self.luma.shape[1])
        if b - a < 2:
            return None
        wide, half = slice(a, b), slice(a // 2, b // 2)
        return replace(
            self, x=self.x + a, luma=self.luma[:, wide], keep_luma=self.keep_luma[:, wide], blue=self.blue[:, half],
            red=self.red[:, half], keep_chroma=self.keep_chroma[:, half], make_picture=lambda: self.picture[:, wide],
        )  # fmt: skip

    def within(self, mask: Plane) -> Sprite:
        """Only what a mask of its size lets through: uint8 0..255."""
        half = cv2.resize(mask, (mask.shape[1] // 2, mask.shape[0] // 2), interpolation=cv2.INTER_AREA)

        def part(values: Plane, of: Any) -> Plane:
            return _plane(cv2.multiply(values, of, scale=1 / 255))

        return replace(
            self, luma=part(self.luma, mask), keep_luma=255 - part(255 - self.keep_luma, mask), blue=part(self.blue, half),
            red=part(self.red, half), keep_chroma=255 - part(255 - self.keep_chroma, half),
            make_picture=lambda: part(self.picture, cv2.merge([mask] * 4)),
        )  # fmt: skip

    def blend(self, onto: Planes) -> None:
        """Paint into writable planes; parts outside the picture are left out."""
        _blend(onto.y, self.luma, self.keep_luma, self.x, self.y)
        _blend(onto.u, self.blue, self.keep_chroma, self.x // 2, self.y // 2)
        _blend(onto.v, self.red, self.keep_chroma, self.x // 2, self.y // 2)


def _plane(values: Any) -> Plane:
    return np.asarray(values, np.uint8)


def _blend(plane: Plane, add: Plane, keep: Plane, x: int, y: int) -> None:
    h, w = add.shape
    x0, y0, x1, y1 = max(0, x), max(0, y), min(plane.shape[1], x + w), min(plane.shape[0], y + h)
    if x1 <= x0 or y1 <= y0:
        return
    cut = (slice(y0 - y, y1 - y), slice(x0 - x, x1 - x))
    under = plane[y0:y1, x0:x1]
    # both steps round and stop at white, so the sum is within one of the exact value
    plane[y0:y1, x0:x1] = cv2.add(cv2.multiply(under, keep[cut], scale=1 / 255), add[cut])


def sprite(picture: Plane, x: int, y: int) -> Sprite:
    """From uint8 (height, width, 4) B'G'R'A with colours multiplied by alpha; height, width, x and y even."""
    left, top, wide, high = cv2.boundingRect(np.ascontiguousarray(picture[..., 3]))
    if wide:  # what is empty around the drawing is left out
        right, bottom = (left + wide + 1) // 2 * 2, (top + high + 1) // 2 * 2
        left, top = left // 2 * 2, top // 2 * 2
        picture, x, y = picture[top:bottom, left:right], x + left, y + top
    picture = picture.copy()
    half = cv2.resize(picture, (picture.shape[1] // 2, picture.shape[0] // 2), interpolation=cv2.INTER_AREA)
    chroma = cv2.transform(half, CHROMA)  # rounds, and stays in 0..255
    return Sprite(
        x, y, _plane(cv2.transform(picture, LUMA)), _plane(255 - picture[..., 3]), np.ascontiguousarray(chroma[..., 0]),
        np.ascontiguousarray(chroma[..., 1]), _plane(255 - half[..., 3]), lambda: picture,
    )  # fmt: skip


def shade(dark: NDArray[np.uint8], width: int, y: int) -> Sprite:
    """Black from side to side of a frame, with an opacity for each of its rows; their number, the width and y are even."""
    half = _plane((dark[::2].astype(np.uint16) + dark[1::2] + 1) // 2)

    def wide(rows: NDArray[np.uint8], columns: int) -> Plane:
        return np.repeat(rows[:, None], columns, axis=1)

    def picture() -> Plane:
        out = np.zeros((len(dark), width, 4), np.uint8)
        out[..., 3] = dark[:, None]
        return out

    grey = _plane(cv2.convertScaleAbs(half, alpha=128 / 255)).reshape(-1)
    return Sprite(
        0, y, wide(_plane(cv2.convertScaleAbs(dark, alpha=16 / 255)).reshape(-1), width), wide(255 - dark, width),
        wide(grey, width // 2), wide(grey, width // 2), wide(255 - half, width // 2), picture,
    )  # fmt: skip


def painted(sprites: Sequence[Sprite], width: int, height: int) -> QImage:
    """Drawings on one transparent picture for the screen."""
    image = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(0)
    painter = QPainter(image)
    for one in sprites:
        picture = one.picture
        h, w = picture.shape[:2]
        painter.setOpacity(one.opacity)
        painter.drawImage(one.x, one.y, QImage(picture.tobytes(), w, h, w * 4, QImage.Format.Format_ARGB32_Premultiplied))
    painter.end()
    return image
