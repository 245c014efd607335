"""People in a picture whose faces need not show: from behind, far off, looking into their lap.

Found by NanoDet, a network that was taught on photographs (see `tools/picture_models.py` and the licences in `models/`); it finds
drawn people, too. Between two of its looks a head is carried on by the points on it and on the shoulders under it (Lucas and
Kanade; Kalal, Mikolajczyk and Matas, "Forward-backward error", ICPR 2010).
"""

from __future__ import annotations

from typing import Any, Final, Protocol

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.people.flow import agreed_move
from standtall.people.networks import network

SIZE: Final = 416
"""Width and height of what the network sees."""
MEAN, SPREAD = (103.53, 116.28, 123.675), (57.375, 57.12, 58.395)
"""Of blue, green and red in the pictures that the network was taught on."""
GRIDS: Final = ((52, 8), (26, 16), (13, 32))
"""Cells of the network's three grids along a side, and the pixels from one to the next."""
BINS: Final = 11
"""Each side of a box is told as the chances of so many distances, in cells (Li et al. 2020, arXiv:2006.04388)."""
SURE, LIKELY, SAME = 0.5, 0.25, 0.5
"""How sure the network is of a person whom nobody knew of yet, and of one who is followed already; and the overlap from which two
boxes are one person (0..1)."""
TALL, BROAD, EDGE = 6.5, 0.42, 0.03
"""A head with its hair is as high as a whole body through the first (drawing manuals count seven to eight heads), no higher than
the second of the body's width (common practice, no source); a body that ends within the third of the picture's height from its
lower edge is not seen whole."""
OVER: Final = 1.2
"""Heights of a face that its middle may be over the body."""
HAIR, FACE, NARROW = 0.30, 0.68, 0.78
"""Of the head's height what lies over the face, what the face is; and the face's width of its height."""
HEAD: Final = (0.1, 0.3)
"""What is followed of a head: so many of the face's widths at each side of it, of its heights above it."""
SHOULDERS: Final = (0.5, 0.2, 1.0)
"""What is followed with it: so many of its widths at each side, from so many of its heights under it on, and how high that is."""


class BodyDetector(Protocol):
    """Finds people in uint8 (height, width, 3) B'G'R'; boxes of whole bodies in pixels, the surest first, of whom it is as sure
    as `sure` (0..1)."""

    def bodies(self, picture: NDArray[np.uint8], sure: float = SURE) -> list[Rect]: ...


class PersonDetector:
    """NanoDet on onnxruntime, one thread. Not thread safe."""

    def __init__(self) -> None:
        self._net: Any = network("person_detector")
        self._input: str = self._net.get_inputs()[0].name

    def bodies(self, picture: NDArray[np.uint8], sure: float = SURE) -> list[Rect]:
        h, w = picture.shape[:2]
        scale = SIZE / max(h, w)
        seen = np.zeros((SIZE, SIZE, 3), np.float32)
        small = cv2.resize(picture, (max(1, round(w * scale)), max(1, round(h * scale))), interpolation=cv2.INTER_AREA)
        seen[: small.shape[0], : small.shape[1]] = small
        planes = ((seen - MEAN) / SPREAD).transpose(2, 0, 1)[None].astype(np.float32)
        told = self._net.run(None, {self._input: planes})
        kinds = {t.shape[1]: t[0] for t in told if t.shape[2] == 80}
        sides = {t.shape[1]: t[0] for t in told if t.shape[2] == 4 * BINS}
        scores, boxes = [], []
        for cells, step in GRIDS:
            likely = kinds[cells * cells][:, 0]  # a person is the first of the kinds of things
            for i in np.flatnonzero(likely > sure):
                chances = np.exp(sides[cells * cells][i].reshape(4, BINS).astype(np.float64))
                left, up, right, down = step * (chances @ np.arange(BINS)) / chances.sum(axis=1)
                x, y = (i % cells + 0.5) * step, (i // cells + 0.5) * step
                scores.append(float(likely[i]))
                boxes.append((x - left, y - up, left + right, up + down))
        kept = cv2.dnn.NMSBoxes(boxes, scores, sure, SAME) if boxes else ()
        inside = Rect(0, 0, w, h)
        return [inside.common(Rect(*(float(v) / scale for v in boxes[i]))) for i in np.ravel(kept)]


def face_of(body: Rect, rows: int) -> Rect:
    """Where the face of a body lies, if it looks this way, in a picture `rows` high: from its height and width alone."""
    whole = body.bottom < (1 - EDGE) * rows
    head = min(body.h / TALL, body.w * BROAD) if whole else min(body.h, body.w * BROAD)
    height = FACE * head
    return Rect(body.cx - NARROW * height / 2, body.y + HAIR * head, NARROW * height, height)


def belongs(face: Rect, body: Rect) -> bool:
    """Whether a face box may be that of a body: in the upper part of it or right over it, since what is found may be the trunk
    alone; not at its sides."""
    return body.x < face.cx < body.right and body.y - OVER * face.h < face.cy < body.y + max(2.0 * face.h, body.h / 3)


def carried(before: NDArray[np.uint8], now: NDArray[np.uint8], face: Rect) -> Rect | None:
    """Where the head at `face` in a picture is in the next one (both uint8 (height, width) luma); None where it cannot be told,
    or has left the picture."""
    aside, above = HEAD
    head = Rect(face.x - aside * face.w, face.y - above * face.h, face.w * (1 + 2 * aside), face.h * (1 + above))
    aside, under, high = SHOULDERS
    shoulders = Rect(face.x - aside * face.w, face.bottom + under * face.h, face.w * (1 + 2 * aside), face.h * high)
    move = agreed_move(before, now, head, shoulders)
    if move is None:
        return None
    x, y = move @ np.array([face.cx, face.cy, 1.0])
    rows, columns = now.shape
    return Rect(x - face.w / 2, y - face.h / 2, face.w, face.h) if 0 <= x < columns and 0 <= y < rows else None
