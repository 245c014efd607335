"""How the picture as a whole moves from frame to frame: measured where shaky footage is to be steadied.

Points that are easy to follow are followed to the next picture (Lucas and Kanade in pyramids), and the movement that most of them
agree to (RANSAC) is that of the camera: whoever moves in front of it is outvoted."""

from __future__ import annotations

from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.progress import Progress
from standtall.media.reader import PictureReader
from standtall.model.people import Shake
from standtall.model.source import Source

WIDE: Final = 480
"""Width of the pictures that are looked at."""
POINTS, LEAST = 160, 12
"""Points that are followed at most, and how many have to agree."""
JUMP: Final = 0.12
"""A step further than this share of the picture is a mistake or a cut, not shake."""


def measure_shake(source: Source, start: int, end: int, progress: Progress) -> Shake:
    """Where each picture from `start` to `end` (ticks) lies against the first, in shares of the picture. Raises `MediaError`
    where the picture cannot be read."""
    high = max(2, round(WIDE * source.height / source.width))
    times: list[int] = []
    steps: list[tuple[float, float]] = []
    last: NDArray[np.uint8] | None = None
    with PictureReader(source.path, source.rotation) as reader:
        for seen in reader.walk(start, end):
            grey = np.ascontiguousarray(seen.sketch(WIDE, high).y)
            steps.append((0.0, 0.0) if last is None else _step(last, grey))
            times.append(seen.tick)
            last = grey
            progress.report("shake", min(1.0, (seen.tick - start) / max(1, end - start)))
    progress.report("shake", 1.0)
    moved = np.cumsum(np.array(steps).reshape(-1, 2), axis=0) / (WIDE, high)
    x, y = (tuple(round(float(v), 6) for v in moved[:, k]) for k in (0, 1))
    return Shake(start, end, tuple(times), x, y)


def _step(last: NDArray[np.uint8], now: NDArray[np.uint8]) -> tuple[float, float]:
    """How far the picture moved, in pixels; nothing where that cannot be told."""
    points: Any = cv2.goodFeaturesToTrack(last, POINTS, 0.005, 8)
    if points is None or len(points) < LEAST:
        return 0.0, 0.0
    there, ok, _ = cv2.calcOpticalFlowPyrLK(last, now, points, np.empty_like(points), winSize=(21, 21), maxLevel=3)
    good = ok[:, 0] > 0
    if good.sum() < LEAST:
        return 0.0, 0.0
    found: Any = cv2.estimateAffinePartial2D(points[good], there[good], method=cv2.RANSAC, ransacReprojThreshold=1.0)
    move, agreed = found
    if move is None or agreed.sum() < LEAST:
        return 0.0, 0.0
    middle = np.array([last.shape[1] / 2, last.shape[0] / 2, 1.0])
    x, y = move @ middle - middle[:2]
    far = max(abs(x) / last.shape[1], abs(y) / last.shape[0])
    return (float(x), float(y)) if far < JUMP else (0.0, 0.0)
