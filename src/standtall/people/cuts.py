"""Cuts between shots, found with the content detector of PySceneDetect on small pictures."""

from __future__ import annotations

import itertools
from collections.abc import Iterable
from typing import Any, Final

import numpy as np
from numpy.typing import NDArray
from scenedetect.common import FrameTimecode
from scenedetect.detectors import ContentDetector

from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Planes, scaled
from standtall.model.people import Shot

SIZE: Final = (160, 90)
THRESHOLD: Final = 22.0
RATE: Final = 240
"""Times are told to the detector in pictures of this rate, so that it does not matter how many are left out."""
SHORTEST: Final = round(0.4 * RATE)
"""Time between two cuts at least."""


class CutFinder:
    """Takes every picture of a source in order and says where shots begin."""

    def __init__(self) -> None:
        self._detector: Any = ContentDetector(threshold=THRESHOLD, min_scene_len=SHORTEST)
        self._at: dict[int, tuple[int, int, bool]] = {}
        self._before = 0
        self._number = -1
        self._cuts: list[int] = []

    def see(self, tick: int, small: Planes, key: bool = True) -> None:
        """Take the next picture, `SIZE` small; `key` says whether it is coded by itself."""
        self._number = max(self._number + 1, tick * RATE // TICKS_PER_SECOND)
        self._at[self._number] = self._before, tick, key
        self._before = tick
        found = self._detector.process_frame(FrameTimecode(self._number, float(RATE)), small_picture(small))
        self._cuts += [cut.frame_num for cut in found]
        for old in [n for n in self._at if n < self._number - 4 * RATE and n not in self._cuts]:
            del self._at[old]

    def cuts(self) -> list[tuple[int, int, bool]]:
        """The cuts found, in order: the tick of the last picture before, that of the first after, whether that is a key."""
        return sorted({self._at[n] for n in self._cuts if n in self._at and self._at[n][1] > 0})


def shots_between(cuts: Iterable[int], length: int) -> tuple[Shot, ...]:
    """The shots of a source of `length` ticks that is cut at those ticks; one shot where there are none."""
    edges = [0, *sorted({c for c in cuts if 0 < c < length}), length]
    return tuple(Shot(a, b) for a, b in itertools.pairwise(edges) if b > a)


def where_it_changes(pictures: Iterable[tuple[int, Planes]]) -> int | None:
    """The tick of the small picture that differs most from the one before it; None where there are not two."""
    best, at = -1.0, None
    before: NDArray[np.float32] | None = None
    for tick, small in pictures:
        now = small.y.astype(np.float32)
        if before is not None:
            change = float(np.abs(now - before).mean())
            if change > best:
                best, at = change, tick
        before = now
    return at


def small_picture(planes: Planes) -> NDArray[np.uint8]:
    """uint8 (90, 160, 3): luma and the two colour differences, which the detector reads like any three channels."""
    return np.stack([scaled(p, SIZE) for p in (planes.u, planes.v, planes.y)], axis=2)
