"""Pictures between two pictures of footage, for a rate that the footage does not have: what moves is moved on, not shown twice.

Motion is measured both ways by dense inverse search (Kroeger et al., "Fast Optical Flow using Dense Inverse Search", 2016, as
OpenCV has it); the motion at a moment between is taken from both (Jiang et al., "Super SloMo", 2018, equation 4), and each
picture is moved by it.
"""

from __future__ import annotations

import math
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.media.planes import Plane, Planes, scaled

_LOOKED_AT: Final = 480
"""Width at which motion is measured, at most."""
_ALIKE: Final = 12.0
"""Mean difference of luma, after what moves was followed, over which two pictures are of different shots."""
_HIDDEN: Final = 20
"""Difference of luma, after both were moved, over which a place is seen in one of the two pictures only."""

_STILL: Final = 0.06
"""Pixels of the small picture by which something moves at least that is not left where it is."""
_CHANGED: Final = 3
"""Difference of luma of the small pictures from which on a place changes."""
_BLOCK: Final = 30
"""Rows of the small picture that are worked out together."""

Flow = NDArray[np.float32]
Places = tuple[NDArray[np.float32], NDArray[np.float32]]
Box = tuple[int, int, int, int]


class Between:
    """What lies between two pictures of the same size; the motion is measured once for a pair. Not thread safe."""

    def __init__(self, first: Planes, second: Planes) -> None:
        self._first, self._second = first, second
        wide = min(_LOOKED_AT, first.width)
        small = max(2, round(first.height * wide / first.width))
        a, b = (scaled(p.y, (wide, small)) for p in (first, second))
        search = cv2.DISOpticalFlow.create(cv2.DISOPTICAL_FLOW_PRESET_FAST)
        none: Flow = np.zeros((small, wide, 2), np.float32)
        self._on: Flow = np.asarray(search.calc(a, b, none.copy()), np.float32)
        self._back: Flow = np.asarray(search.calc(b, a, none.copy()), np.float32)
        followed = _moved(b, _places(self._on, (1.0, 1.0), (0, 0, wide, small)))
        self.alike = float(np.abs(followed.astype(np.int16) - a).mean()) < _ALIKE
        """False where the two are of different shots: nothing lies between them then."""
        far = np.maximum(np.abs(self._on), np.abs(self._back)).max(axis=2) > _STILL
        moving = cv2.dilate((far | (cv2.absdiff(a, b) > _CHANGED)).astype(np.uint8), np.ones((9, 9), np.uint8)) > 0
        self._moving = _boxes(moving, first.width, first.height)

    def at(self, share: float) -> Planes:
        """The picture at a `share` (0 .. 1) of the way from the first to the second."""
        if share <= 0.0 or share >= 1.0 or not self.alike:
            return self._first if share < 0.5 else self._second
        t = np.float32(share)
        flows = -(1 - t) * t * self._on + t * t * self._back, (1 - t) * (1 - t) * self._on - t * (1 - t) * self._back
        nearer = self._first if share < 0.5 else self._second
        planes = Planes(nearer.y.copy(), nearer.u.copy(), nearer.v.copy())
        for box in self._moving:
            self._put(planes, box, flows, share)
        return planes

    def _put(self, planes: Planes, box: Box, flows: tuple[Flow, Flow], share: float) -> None:
        """Work out one box of the picture."""
        size = self._on.shape
        factor = self._first.width / size[1], self._first.height / size[0]
        places = [_places(flow, factor, box) for flow in flows]
        moved = [_moved(p.y, place) for p, place in zip((self._first, self._second), places, strict=True)]
        hidden = cv2.absdiff(*moved) > _HIDDEN
        x0, y0, x1, y1 = box
        planes.y[y0:y1, x0:x1] = _mixed(moved[0], moved[1], share, hidden)
        halves = [_of_chroma(place) for place in places]
        there = hidden[::2, ::2]
        for target, a, b in (
            (planes.u, self._first.u, self._second.u), (planes.v, self._first.v, self._second.v),
        ):  # fmt: skip
            target[y0 // 2 : y1 // 2, x0 // 2 : x1 // 2] = _mixed(_moved(a, halves[0]), _moved(b, halves[1]), share, there)


def _boxes(moving: NDArray[np.bool_], width: int, height: int) -> list[Box]:
    """Around what moves, in whole blocks of `_BLOCK` rows: left, top, right and lower side in pixels of the whole picture."""
    factor_x, factor_y = width / moving.shape[1], height / moving.shape[0]
    out: list[Box] = []
    for top in range(0, moving.shape[0], _BLOCK):
        columns = np.flatnonzero(moving[top : top + _BLOCK].any(axis=0))
        if len(columns):
            x0, x1 = int(columns[0] * factor_x) // 2 * 2, min(width, math.ceil((columns[-1] + 1) * factor_x / 2) * 2)
            y0 = round(top * factor_y / 2) * 2
            y1 = min(height, round(min(moving.shape[0], top + _BLOCK) * factor_y / 2) * 2)
            out.append((x0, y0, x1, y1))
    return out


def _places(flow: Flow, factor: tuple[float, float], box: Box) -> Places:
    """Where each pixel in a box of a picture is taken from, by a motion measured on one that is a `factor` smaller: across and
    down, float32 (high, wide) each."""
    x0, y0, x1, y1 = box
    part = np.array(
        [[1 / factor[0], 0, (x0 + 0.5) / factor[0] - 0.5], [0, 1 / factor[1], (y0 + 0.5) / factor[1] - 0.5]], np.float32
    )
    mode = cv2.INTER_LINEAR | cv2.WARP_INVERSE_MAP
    there = cv2.warpAffine(flow, part, (x1 - x0, y1 - y0), flags=mode, borderMode=cv2.BORDER_REPLICATE)
    across = there[..., 0] * np.float32(factor[0])
    across += np.arange(x0, x1, dtype=np.float32)
    down = there[..., 1] * np.float32(factor[1])
    down += np.arange(y0, y1, dtype=np.float32)[:, None]
    return across, down


def _of_chroma(places: Places) -> Places:
    """The same for planes of half the size: their pixel n lies between the pixels 2n and 2n + 1."""
    halves = [np.asarray(cv2.resize(p, None, fx=0.5, fy=0.5, interpolation=cv2.INTER_AREA), np.float32) for p in places]
    for half in halves:
        half -= np.float32(0.5)
        half *= np.float32(0.5)
    return halves[0], halves[1]


def _moved(plane: Plane, places: Places) -> Plane:
    return np.asarray(cv2.remap(plane, *places, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE), np.uint8)


def _mixed(first: Plane, second: Plane, share: float, hidden: NDArray[np.bool_]) -> Plane:
    """Both in their shares; of places that are seen in one only, the nearer picture's."""
    mixed = np.asarray(cv2.addWeighted(first, 1 - share, second, share, 0.0), np.uint8)
    np.copyto(mixed, first if share < 0.5 else second, where=hidden)
    return mixed
