"""A drawn piece of text, ready to be blended into planes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtGui import QImage, QPainter

from standtall.media.planes import Planes

Weights = NDArray[np.uint16]

# ITU-R BT.709-6, tables 3 and 4: luma weights, and the scaling of 8-bit limited range
KR, KG, KB = 0.2126, 0.7152, 0.0722


@dataclass(frozen=True, slots=True)
class Sprite:
    """Planes multiplied by their opacity (0..255), and what is left of the picture under them; x and y are even."""

    x: int
    y: int
    luma: Weights
    keep_luma: Weights
    blue: Weights
    red: Weights
    keep_chroma: Weights
    picture: NDArray[np.uint8]
    """The drawing itself: uint8 (height, width, 4) B'G'R'A multiplied by alpha."""

    def box(self, width: int, height: int) -> tuple[int, int, int, int]:
        """Left, top, right and bottom of the part of it that lies on a picture of that size."""
        h, w = self.luma.shape
        left, top = min(max(0, self.x), width), min(max(0, self.y), height)
        return left, top, max(left, min(width, self.x + w)), max(top, min(height, self.y + h))

    def faded(self, opacity: float) -> Sprite:
        """The same with less opacity, 0..1."""
        part = max(0, min(256, round(256 * opacity)))

        def less(values: Weights) -> Weights:
            return (values.astype(np.uint32) * part >> 8).astype(np.uint16)

        def more(keep: Weights) -> Weights:
            return (255 - ((255 - keep.astype(np.uint32)) * part >> 8)).astype(np.uint16)

        keep, keep2 = more(self.keep_luma), more(self.keep_chroma)
        top, top2 = (255 - keep) * np.uint16(255), (255 - keep2) * np.uint16(255)
        return replace(
            self, luma=np.minimum(less(self.luma), top), keep_luma=keep, blue=np.minimum(less(self.blue), top2),
            red=np.minimum(less(self.red), top2), keep_chroma=keep2, picture=(self.picture * opacity).astype(np.uint8),
        )  # fmt: skip

    def scaled(self, share: float, centre: tuple[float, float]) -> Sprite:
        """The same, larger or smaller around a point of the frame."""
        high, wide = self.luma.shape
        x, y = (round((c + (at - c) * share) / 2) * 2 for at, c in ((self.x, centre[0]), (self.y, centre[1])))
        size = max(2, round(wide * share / 2) * 2), max(2, round(high * share / 2) * 2)
        return sprite(cv2.resize(self.picture, size, interpolation=cv2.INTER_AREA).astype(np.uint8), x, y)

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
            red=self.red[:, half], keep_chroma=self.keep_chroma[:, half], picture=self.picture[:, wide],
        )  # fmt: skip

    def blend(self, onto: Planes) -> None:
        """Paint into writable planes; parts outside the picture are left out."""
        _blend(onto.y, self.luma, self.keep_luma, self.x, self.y)
        _blend(onto.u, self.blue, self.keep_chroma, self.x // 2, self.y // 2)
        _blend(onto.v, self.red, self.keep_chroma, self.x // 2, self.y // 2)


def _blend(plane: NDArray[np.uint8], add: Weights, keep: Weights, x: int, y: int) -> None:
    h, w = add.shape
    x0, y0, x1, y1 = max(0, x), max(0, y), min(plane.shape[1], x + w), min(plane.shape[0], y + h)
    if x1 <= x0 or y1 <= y0:
        return
    cut = (slice(y0 - y, y1 - y), slice(x0 - x, x1 - x))
    under = plane[y0:y1, x0:x1].astype(np.uint16)
    under *= keep[cut]  # at most 255 * 255, which fits
    under += add[cut]
    under += 127
    plane[y0:y1, x0:x1] = under // 255


def sprite(picture: NDArray[np.uint8], x: int, y: int) -> Sprite:
    """From uint8 (height, width, 4) B'G'R'A with colours multiplied by alpha; height, width, x and y even."""
    bgra = picture.astype(np.float32)
    b, g, r, a = bgra[..., 0], bgra[..., 1], bgra[..., 2], bgra[..., 3]
    bright = KR * r + KG * g + KB * b
    luma = 16 * a / 255 + bright * (219 / 255)
    cb = 128 * a / 255 + (b - bright) / (2 * (1 - KB)) * (224 / 255)
    cr = 128 * a / 255 + (r - bright) / (2 * (1 - KR)) * (224 / 255)
    half = (picture.shape[1] // 2, picture.shape[0] // 2)
    cb2, cr2, a2 = (cv2.resize(p, half, interpolation=cv2.INTER_AREA) for p in (cb, cr, a))

    def whole(values: NDArray[Any]) -> Weights:
        return np.rint(np.clip(values * 255, 0, 65535)).astype(np.uint16)

    def left(values: NDArray[Any]) -> Weights:
        return (255 - np.rint(np.clip(values, 0, 255))).astype(np.uint16)

    # never more than white over what is left, so that rounding cannot wrap
    keep, keep2 = left(a), left(a2)
    top, top2 = (255 - keep) * np.uint16(255), (255 - keep2) * np.uint16(255)
    blue, red = np.minimum(whole(cb2), top2), np.minimum(whole(cr2), top2)
    return Sprite(x, y, np.minimum(whole(luma), top), keep, blue, red, keep2, picture.copy())


def painted(sprites: Sequence[Sprite], width: int, height: int) -> QImage:
    """Drawings on one transparent picture for the screen."""
    image = QImage(width, height, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(0)
    painter = QPainter(image)
    for one in sprites:
        h, w = one.picture.shape[:2]
        painter.drawImage(one.x, one.y, QImage(one.picture.tobytes(), w, h, w * 4, QImage.Format.Format_ARGB32_Premultiplied))
    painter.end()
    return image
