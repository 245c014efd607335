"""Writing in pictures, and the screens, slides and charts that it stands on.

Lines of writing are found by the detector of PP-OCR version 4 (Liao et al., "Real-time scene text detection with differentiable
binarization", AAAI 2020; the network is Apache-2.0, see `models/`).
"""

from __future__ import annotations

from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.people.networks import network

LONGEST: Final = 640
"""Longer side of what the network sees, in pixels; letters of 1/40 of the picture's height are found."""
LIKELY, SURE = 0.3, 0.6
"""Likeness to writing of a point that belongs to a line, and of a line as a whole."""
GROWN: Final = 1.6
"""The network marks the core of a line; its box is larger by area times this over the length of its edge."""
LEAST: Final = 0.018
"""Height of a line of writing at least, as a share of the picture's height."""
SCREEN_LINES: Final = 3
SCREEN_AREA: Final = 0.09
"""What shows at least so many lines, on at least this share of the picture, is a screen, a slide or a chart."""


class TextDetector:
    """Finds lines of writing. Not thread safe."""

    def __init__(self) -> None:
        self._net: Any = network("text_detector")
        self._input: str = self._net.get_inputs()[0].name

    def lines(self, picture: NDArray[np.uint8]) -> list[Rect]:
        """Boxes of lines in uint8 (height, width, 3) B'G'R', in shares of the picture, from the top down."""
        h, w = picture.shape[:2]
        scale = min(1.0, LONGEST / max(h, w))
        size = max(32, round(w * scale / 32) * 32), max(32, round(h * scale / 32) * 32)
        small = cv2.resize(picture, size, interpolation=cv2.INTER_AREA).astype(np.float32) / 255
        planes = ((small - (0.485, 0.456, 0.406)) / (0.229, 0.224, 0.225)).transpose(2, 0, 1)[None].astype(np.float32)
        likeness = self._net.run(None, {self._input: planes})[0][0, 0]
        found = []
        contours, _ = cv2.findContours((likeness > LIKELY).astype(np.uint8), cv2.RETR_LIST, cv2.CHAIN_APPROX_SIMPLE)
        for contour in contours:
            x, y, a, b = cv2.boundingRect(contour)
            mask = np.zeros((b, a), np.uint8)
            cv2.fillPoly(mask, [contour - (x, y)], 1)
            if mask.sum() < 6 or float(likeness[y : y + b, x : x + a][mask > 0].mean()) < SURE:
                continue
            grow = GROWN * a * b / (2 * (a + b))
            box = Rect((x - grow) / size[0], (y - grow) / size[1], (a + 2 * grow) / size[0], (b + 2 * grow) / size[1])
            if box.h >= LEAST:
                found.append(box)
        return sorted(found, key=lambda r: (r.y, r.x))


def screens_in(picture: NDArray[np.uint8], lines: list[Rect]) -> list[Rect]:
    """The screens, slides and charts among what is written on, in shares of the picture.

    Lines that share an even ground belong together: the ground is grown from around each line over pixels of its own colour, and
    what lines stand on one ground are on one screen, which reaches as far as the ground does.
    """
    h, w = picture.shape[:2]
    small = np.asarray(cv2.resize(picture, (320, max(2, round(320 * h / w))), interpolation=cv2.INTER_AREA), np.uint8)
    rows, columns = small.shape[:2]
    left = list(lines)
    out: list[Rect] = []
    while left:
        first = max(left, key=lambda r: r.w * r.h)
        ground = _ground(small, first)
        there = [r for r in left if _on(ground, r)] or [first]
        left = [r for r in left if r not in there]
        x, y, a, b = cv2.boundingRect(ground.astype(np.uint8))
        box = Rect(x / columns, y / rows, a / columns, b / rows)
        even = float(ground[y : y + b, x : x + a].mean()) if a and b else 0.0
        if len(there) >= SCREEN_LINES and even > 0.5 and box.w * box.h >= SCREEN_AREA:
            out.append(box)
    return out


def _ground(small: NDArray[np.uint8], line: Rect) -> NDArray[np.bool_]:
    """The pixels that are reached from beside a line over ground of one colour."""
    rows, columns = small.shape[:2]
    x = min(columns - 1, max(0, round((line.x - 0.006) * columns)))
    y = min(rows - 1, max(0, round(line.cy * rows)))
    mask = np.zeros((rows + 2, columns + 2), np.uint8)
    fixed = 4 | cv2.FLOODFILL_FIXED_RANGE | cv2.FLOODFILL_MASK_ONLY | (255 << 8)
    cv2.floodFill(small.copy(), mask, (x, y), 0, (14, 14, 14), (14, 14, 14), fixed)
    return mask[1:-1, 1:-1] > 0


def _on(ground: NDArray[np.bool_], line: Rect) -> bool:
    """Whether the ground surrounds a line."""
    rows, columns = ground.shape
    x0, x1 = round((line.x - 0.01) * columns), round((line.right + 0.01) * columns)
    y0, y1 = round((line.y - 0.01) * rows), round((line.bottom + 0.01) * rows)
    part = ground[max(0, y0) : y1 + 1, max(0, x0) : x1 + 1]
    return bool(part.size) and float(part.mean()) > 0.25
