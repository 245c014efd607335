"""How a part of a picture moves to the next picture, by the points on it.

Points are followed from picture to picture and back (Lucas and Kanade in pyramids; only those that come back to where they began
count: Kalal, Mikolajczyk and Matas, "Forward-backward error", ICPR 2010); what they agree to (RANSAC) is the move.
"""

from __future__ import annotations

from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect

Grey = NDArray[np.uint8]

POINTS, AGREE, LEAST = 80, 1.2, 8
"""Points on a thing at most, how far (pixels) one may come back from where it began, and how many have to."""


def agreed_move(before: Grey, now: Grey, *boxes: Rect) -> NDArray[np.float64] | None:
    """(2, 3) how what is in `boxes` (pixels) moves, turns and grows from one uint8 (height, width) to the next; None where too
    few points agree."""
    mask = np.zeros_like(before)
    for box in boxes:
        mask[max(0, int(box.y)) : max(0, int(box.bottom)), max(0, int(box.x)) : max(0, int(box.right))] = 255
    points: Any = cv2.goodFeaturesToTrack(before, POINTS, 0.01, 3, mask=mask)
    if points is None or len(points) < LEAST:
        return None
    there, ok, _ = cv2.calcOpticalFlowPyrLK(before, now, points, np.empty_like(points), winSize=(17, 17), maxLevel=4)
    back, ok_back, _ = cv2.calcOpticalFlowPyrLK(now, before, there, np.empty_like(points), winSize=(17, 17), maxLevel=4)
    good = (ok[:, 0] > 0) & (ok_back[:, 0] > 0) & (np.abs(back - points).max(axis=(1, 2)) < AGREE)
    if good.sum() < LEAST:
        return None
    move, agreed = cv2.estimateAffinePartial2D(points[good], there[good], method=cv2.RANSAC, ransacReprojThreshold=2.0)
    if move is None or agreed.sum() < LEAST:
        return None
    return np.asarray(move, np.float64)
