"""Which part of a picture is people, so that something can be shown behind them.

The network is the one for portraits out of an npm package (docs/parts.md; 256 x 256, 5 ms a picture). Its soft edge is led along
those of the picture by a guided filter (He, Sun, Tang, "Guided image filtering", IEEE TPAMI 35(6), 2013, equations 5, 6 and 8).
"""

from __future__ import annotations

from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.media.planes import Plane, Planes
from standtall.people.networks import MODELS

MASK_FILE: Final = MODELS / "people_mask.tflite"
SIDE: Final = 256
SMALL: Final = 270
"""About how wide the picture is made along whose edges the mask is led."""
REACH: Final = 5
"""Half the window of the guided filter, in pixels of the small picture."""
EVEN: Final = 4e-4
"""Variance of the luma 0..1 below which a window counts as even (epsilon of the guided filter)."""
LOW, HIGH = 0.25, 0.75
"""Shares of the mask that count as nothing and as all of a person: in between lies a soft edge."""


class Silhouettes:
    """The network, run by LiteRT on one thread. Not thread safe."""

    def __init__(self) -> None:
        from ai_edge_litert.interpreter import Interpreter

        self._net: Any = Interpreter(str(MASK_FILE), num_threads=1)
        self._net.allocate_tensors()
        self._input: int = self._net.get_input_details()[0]["index"]
        self._output: int = self._net.get_output_details()[0]["index"]

    def cover(self, picture: Planes) -> NDArray[np.float32]:
        """How much of each pixel is people: float32 (height, width) 0..1 of a picture of any size."""
        high, wide = picture.y.shape
        part = max(1, round(wide / SMALL))
        size = max(8, wide // part), max(8, high // part)
        luma = _sized(picture.y, size)
        found = self._seen(luma, _sized(picture.u, size), _sized(picture.v, size))
        bright = np.asarray((luma.astype(np.float32) - 16) / 219, np.float32)
        led = guided(bright, np.asarray(cv2.resize(found, size, interpolation=cv2.INTER_LINEAR), np.float32))
        sure = np.clip((led - LOW) / (HIGH - LOW), 0.0, 1.0).astype(np.float32)
        return np.asarray(cv2.resize(sure, (wide, high), interpolation=cv2.INTER_LINEAR), np.float32)

    def _seen(self, luma: Plane, u_plane: Plane, v_plane: Plane) -> NDArray[np.float32]:
        """The network's answer for a picture of one size in all planes: float32 (SIDE, SIDE) 0..1."""
        y, u, v = (
            cv2.resize(p, (SIDE, SIDE), interpolation=cv2.INTER_LINEAR).astype(np.float32) for p in (luma, u_plane, v_plane)
        )
        bright, cb, cr = (y - 16) / 219, (u - 128) / 224, (v - 128) / 224
        red, green, blue = bright + 1.5748 * cr, bright - 0.1873 * cb - 0.4681 * cr, bright + 1.8556 * cb  # ITU-R BT.709-6
        rgb = np.stack((red, green, blue), axis=-1)
        self._net.set_tensor(self._input, np.clip(rgb, 0, 1).astype(np.float32)[np.newaxis])
        self._net.invoke()
        return np.asarray(self._net.get_tensor(self._output)[0, ..., 0], np.float32)


def _sized(plane: Plane, size: tuple[int, int]) -> Plane:
    return np.asarray(cv2.resize(plane, size, interpolation=cv2.INTER_AREA), np.uint8)


def guided(guide: NDArray[np.float32], mask: NDArray[np.float32]) -> NDArray[np.float32]:
    """A mask led along the edges of a guide of its size: both float32 (height, width)."""

    def mean(values: NDArray[Any]) -> NDArray[np.float32]:
        return np.asarray(cv2.blur(values, (2 * REACH + 1, 2 * REACH + 1)), np.float32)

    middle, masked = mean(guide), mean(mask)
    slope = (mean(guide * mask) - middle * masked) / (mean(guide * guide) - middle * middle + np.float32(EVEN))
    return np.asarray(mean(slope) * guide + mean(masked - slope * middle), np.float32)
