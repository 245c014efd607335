"""Steadying: what of the picture's own movement is shake, which the crop goes along with so that what it shows stands still.

A movement that lasts is meant (a pan, somebody who walks with the camera): only what is quicker than `SLOW_S` is taken out, as in
the stabilisation by smoothed paths of Matsushita et al. ("Full-frame video stabilization", CVPR 2005). The crop is as much
smaller as it has to be to stay inside the picture. Turning of the picture is not taken out."""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np

from standtall.base.geometry import FULL, Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Shake

SLOW_S: Final = 0.6
"""Standard deviation of the window over which movement is meant, in seconds."""
MOST: Final = 0.06
"""The crop goes along by at most this share of the picture: more would cost too much of it."""


@dataclass(frozen=True, slots=True)
class Steady:
    """How far the picture is from where it would stand at some times (ticks), in shares of it; `loss` is the share of the crop's
    height that steadying costs."""

    times: tuple[int, ...]
    x: tuple[float, ...]
    y: tuple[float, ...]
    loss: float

    def moved(self, crop: Rect, tick: int) -> Rect:
        """The crop at a tick, gone along with the shake."""
        i = max(0, bisect.bisect_right(self.times, tick) - 1)
        w, h = crop.w * (1 - self.loss), crop.h * (1 - self.loss)
        return Rect(crop.cx - w / 2 + self.x[i], crop.cy - h / 2 + self.y[i], w, h).inside(FULL)


def steady_of(shakes: tuple[Shake, ...], start: int, end: int, crops: tuple[Rect, ...]) -> Steady | None:
    """What takes the shake out of a path of `crops` from `start` to `end`; None where it was not measured."""
    shake = next((s for s in shakes if s.start <= start and s.end >= end), None)
    if shake is None:
        return None
    first, last = bisect.bisect_left(shake.times, start), bisect.bisect_left(shake.times, end)
    times = shake.times[first:last]
    if len(times) < 3:
        return None
    gap = float(np.median(np.diff(times))) / TICKS_PER_SECOND
    from scipy.ndimage import gaussian_filter1d  # slow to import: the window opens without it

    sides = []
    for moved in (shake.x, shake.y):
        way = np.array(moved[first:last])
        sides.append(np.clip(way - gaussian_filter1d(way, SLOW_S / gap, mode="nearest"), -MOST, MOST))
    x, y = (float(np.abs(side).max()) for side in sides)
    loss = max(_loss(crop, x, y) for crop in crops)
    return Steady(times, tuple(float(v) for v in sides[0]), tuple(float(v) for v in sides[1]), loss)


def _loss(crop: Rect, x: float, y: float) -> float:
    """By what share a crop must be smaller to be moved by `x` and `y` to each side inside the picture."""
    across = max(0.0, x - crop.x, crop.right + x - 1.0) / crop.w
    down = max(0.0, y - crop.y, crop.bottom + y - 1.0) / crop.h
    return min(0.3, 2 * max(across, down))
