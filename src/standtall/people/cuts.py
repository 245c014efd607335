"""Cuts between shots, found with the content detector of PySceneDetect on small pictures."""

from __future__ import annotations

import itertools
from typing import Any, Final

import numpy as np
from numpy.typing import NDArray
from scenedetect.common import FrameTimecode
from scenedetect.detectors import ContentDetector

from standtall.media.planes import Planes, scaled
from standtall.model.people import Shot

SIZE: Final = (160, 90)
THRESHOLD: Final = 22.0
SHORTEST: Final = 12
"""Frames between two cuts at least."""


class CutFinder:
    """Takes every picture of a source in order and says where shots begin."""

    def __init__(self) -> None:
        self._detector: Any = ContentDetector(threshold=THRESHOLD, min_scene_len=SHORTEST)
        self._ticks: list[int] = []
        self._cuts: list[int] = []

    def see(self, tick: int, small: Planes) -> None:
        """Take the next picture, `SIZE` small."""
        number = len(self._ticks)
        self._ticks.append(tick)
        found = self._detector.process_frame(FrameTimecode(number, 30.0), small_picture(small))
        self._cuts += [cut.frame_num for cut in found]

    def shots(self, length: int) -> tuple[Shot, ...]:
        """All shots of a source of `length` ticks; one shot where nothing was seen."""
        ends = sorted({self._ticks[n] for n in self._cuts if 0 < n < len(self._ticks)})
        edges = [0, *(t for t in ends if 0 < t < length), length]
        return tuple(Shot(a, b) for a, b in itertools.pairwise(edges) if b > a)


def small_picture(planes: Planes) -> NDArray[np.uint8]:
    """uint8 (90, 160, 3): luma and the two colour differences, which the detector reads like any three channels."""
    return np.stack([scaled(p, SIZE) for p in (planes.u, planes.v, planes.y)], axis=2)
