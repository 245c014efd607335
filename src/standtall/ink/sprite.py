"""A drawn piece of text, ready to be blended into planes."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtGui import QImage

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

    def image(self) -> QImage:
        """The drawing for the screen."""
        h, w = self.picture.shape[:2]
        return QImage(self.picture.tobytes(), w, h, w * 4, QImage.Format.Format_ARGB32_Premultiplied).copy()

    def box(self, width: int, height: int) -> tuple[int, int, int, int]:
        """Left, top, right and bottom of the part of it that lies on a picture of that size."""
        h, w = self.luma.shape
        left, top = min(max(0, self.x), width), min(max(0, self.y), height)
        return left, top, max(left, min(width, self.x + w)), max(top, min(height, self.y + h))

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
