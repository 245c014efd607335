"""How shots look as a whole, by which shots from one camera are known again.

Of each place the middle (median) of what it shows through the shot is taken, so that people who move and what is shown for a
moment leave the least in it: what stays is the place, the light and how the camera stands."""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Shot

LUMA, CHROMA = (12, 8), (6, 4)
"""Width and height of the planes of a look."""
COLUMNS: Final = 16
MOVES, STILL = 3.0, 2.0
"""What a thing that moves counts for against one that stands out, and levels of luma that are no movement."""
MOST: Final = 25
"""Pictures that the middle is taken of at most."""
EDGE: Final = TICKS_PER_SECOND // 2
"""Left out at both ends of a shot of four times as long, where it may dissolve."""


@dataclass(frozen=True, slots=True)
class SeenLook:
    """How the footage from `start` to `end` (ticks) looks, and how much there is to see in each column of it."""

    start: int
    end: int
    values: tuple[int, ...]
    weights: tuple[int, ...] = ()


def look_of(ticks: list[int], planes: tuple[NDArray[np.uint8], ...], start: int, end: int) -> SeenLook | None:
    """The look of [start, end): `planes` are those of luma, Cb and Cr, each (n, height, width), at n `ticks`. None where no
    picture lies in it."""
    edge = EDGE if end - start >= 4 * EDGE else 0
    here = [i for i, t in enumerate(ticks) if start + edge <= t < end - edge]
    here = here or [i for i, t in enumerate(ticks) if start <= t < end]
    if not here:
        return None
    chosen = [here[int(k)] for k in np.linspace(0, len(here) - 1, min(MOST, len(here)))]
    values: list[int] = []
    for plane, size in zip(planes, (LUMA, CHROMA, CHROMA), strict=True):
        small = np.stack([cv2.resize(plane[i], size, interpolation=cv2.INTER_AREA) for i in chosen])
        values += [int(v) for v in np.median(small, axis=0).ravel()]
    return SeenLook(start, end, tuple(values), _weights([plane[chosen] for plane in planes]))


def _weights(planes: list[NDArray[np.uint8]]) -> tuple[int, ...]:
    """How much there is to see in each of `COLUMNS` columns of the picture, 0..100 of all: what moves more than the rest of the
    picture, and what stands out of its surroundings in light and colour."""
    luma, *chroma = (plane.astype(np.float32) for plane in planes)
    wide = luma.shape[2]
    stands_out = np.zeros(luma.shape[1:], np.float32)
    for plane in (luma, *chroma):
        middle = cv2.resize(np.median(plane, axis=0), (wide, luma.shape[1]), interpolation=cv2.INTER_LINEAR)
        stands_out += np.abs(middle - cv2.GaussianBlur(middle, (0, 0), wide / 8))
    moves = np.abs(np.diff(luma, axis=0)).mean(axis=0) if len(luma) > 1 else np.zeros_like(stands_out)
    moves = np.maximum(0.0, moves - np.median(moves) - STILL)  # when the camera moves, all does
    energy = stands_out / max(1e-6, float(stands_out.sum())) + MOVES * moves / max(1.0, float(moves.sum()))
    columns = cv2.resize(energy.sum(axis=0)[None], (COLUMNS, 1), interpolation=cv2.INTER_AREA)[0]
    return tuple(round(100 * float(v)) for v in columns / max(1e-6, float(columns.sum())))


def with_looks(shots: tuple[Shot, ...], looks: list[SeenLook]) -> tuple[Shot, ...]:
    """The shots with the look of the longest part that was seen of each; looks are in the order of their start."""
    starts = [seen.start for seen in looks]
    out = []
    for shot in shots:
        first = max(0, bisect.bisect_right(starts, shot.start) - 1)
        here = looks[first : bisect.bisect_left(starts, shot.end)]
        longest = max(here, key=lambda seen: min(seen.end, shot.end) - max(seen.start, shot.start), default=None)
        there = longest is not None and min(longest.end, shot.end) > max(longest.start, shot.start)
        seen = longest if longest is not None and there else SeenLook(0, 0, ())
        out.append(Shot(shot.start, shot.end, seen.values, seen.weights))
    return tuple(out)
