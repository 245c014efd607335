"""How much of each pixel letters cover, kept apart from their colours: a word in another colour is not drawn again."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

import cv2
import numpy as np
from PySide6.QtCore import QRectF
from PySide6.QtGui import QTransform

from standtall.ink.sprite import CHROMA, LUMA, Plane, Sprite
from standtall.ink.states import Colour

NONE: Final = 1e-3
"""Opacity below which nothing is seen."""


@dataclass(frozen=True, slots=True)
class Mask:
    """Coverage 0..255: uint8 (height, width), and its mean over each two by two pixels; x, y, width and height are even."""

    x: int
    y: int
    full: Plane
    half: Plane

    @staticmethod
    def of(full: Plane, x: int, y: int) -> Mask:
        """From the coverage of each pixel."""
        half = cv2.resize(full, (full.shape[1] // 2, full.shape[0] // 2), interpolation=cv2.INTER_AREA)
        return Mask(x, y, full, np.asarray(half))

    def moved_by(self, way: QTransform, frame: tuple[int, int]) -> Mask:
        """As seen after a transform of the frame, for what is on its way from one place to another."""
        high, wide = self.full.shape
        box = way.mapRect(QRectF(self.x, self.y, wide, high))
        left, top = (max(0, int(v) // 2 * 2 - 2) for v in (box.left(), box.top()))
        right = max(left + 2, min(frame[0], (int(box.right()) + 4) // 2 * 2))
        bottom = max(top + 2, min(frame[1], (int(box.bottom()) + 4) // 2 * 2))
        to = QTransform.fromTranslate(self.x + 0.5, self.y + 0.5) * way * QTransform.fromTranslate(-left - 0.5, -top - 0.5)
        matrix = np.array([[to.m11(), to.m21(), to.dx()], [to.m12(), to.m22(), to.dy()]])
        seen = cv2.warpAffine(self.full, matrix, (right - left, bottom - top), flags=cv2.INTER_LINEAR)
        return Mask.of(np.asarray(seen), left, top)


def coloured(layers: Sequence[tuple[Mask, Colour]]) -> Sprite | None:
    """Masks of one size and place in their colours, from the bottom up; None where nothing of them is seen."""
    seen = [(mask, colour) for mask, colour in layers if colour[3] > NONE]
    if not seen:
        return None
    out: list[Plane] = []
    for mask, colour in seen:
        bgra = np.array([*(255 * colour[2 - n] for n in range(3)), 255.0])
        parts = (float(LUMA[0] @ bgra), 255.0, *(float(row @ bgra) for row in CHROMA), 255.0)
        over = [
            cv2.convertScaleAbs(mask.full if n < 2 else mask.half, alpha=part / 255 * min(1.0, colour[3]))
            for n, part in enumerate(parts)
        ]
        if out:
            keeps = (255 - over[1], 255 - over[4])
            over = [
                cv2.add(cv2.multiply(below, keeps[n > 1], scale=1 / 255), above)
                for n, (below, above) in enumerate(zip(out, over, strict=True))
            ]
        out = [np.asarray(plane, np.uint8) for plane in over]
    luma, cover, blue, red, half = out
    return Sprite(seen[0][0].x, seen[0][0].y, luma, 255 - cover, blue, red, 255 - half, _Picture(tuple(seen)))


@dataclass(frozen=True, slots=True)
class _Picture:
    """The drawing in B'G'R'A, made when somebody asks for it: painting frames needs only its planes."""

    layers: tuple[tuple[Mask, Colour], ...]

    def __call__(self) -> Plane:
        out: Plane | None = None
        for mask, (red, green, blue, alpha) in self.layers:
            shares = (blue * alpha, green * alpha, red * alpha, alpha)
            over = cv2.merge([cv2.convertScaleAbs(mask.full, alpha=share) for share in shares])
            if out is not None:
                keep = cv2.merge([255 - over[..., 3]] * 4)
                over = cv2.add(cv2.multiply(out, keep, scale=1 / 255), over)
            out = np.asarray(over, np.uint8)
        assert out is not None
        return out
