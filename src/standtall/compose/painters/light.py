"""Paints light effects over whole frames."""

from __future__ import annotations

import functools
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.compose.layers.light import LightLayer
from standtall.compose.painters.painter import Box
from standtall.media.planes import Plane, Planes

GRAINS: Final = 7
"""Different pictures of grain that follow each other."""
GRAIN_DEEP: Final = 16.0
"""Standard deviation of the grain at full strength, in levels of 8 bits."""
FLASH_S: Final = 0.45
WARM_S: Final = 9.0
"""Seconds in which the warm light wanders once to and fro."""
WARM_STEP: Final = 4
"""Frames for which it stays where it is: it wanders too slowly for a step to be seen."""
SMALL: Final = 24
"""The warm light is made at this fraction of the size."""


class LightPainter:
    """Paints light effects on frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height

    def box(self, _layer: LightLayer) -> Box:
        return 0, 0, *self._size

    def covers(self, _layer: LightLayer) -> bool:
        return False

    def paint(self, layer: LightLayer, _picture: Planes | None, canvas: Planes) -> None:
        {"grain": _grain, "warm": _warm, "flash": _flash, "tape": _tape}[layer.light](layer, canvas)


def _grain(layer: LightLayer, canvas: Planes) -> None:
    high, wide = canvas.y.shape
    noise = _noise(high, wide, layer.into % GRAINS, round(100 * layer.strength))
    canvas.y[:] = cv2.add(canvas.y, noise, dtype=cv2.CV_8U)


@functools.lru_cache(maxsize=2 * GRAINS)
def _noise(high: int, wide: int, number: int, strength: int) -> NDArray[np.int8]:
    """int8 (high, wide): grain a little larger than a pixel at 1080 wide."""
    rng = np.random.default_rng(number)
    fine = rng.standard_normal((high, wide)).astype(np.float32)
    soft = cv2.GaussianBlur(fine, (0, 0), max(0.3, 0.6 * wide / 1080))
    deep = GRAIN_DEEP * strength / 100 / max(1e-6, float(soft.std()))
    return np.clip(np.round(soft * deep), -127, 127).astype(np.int8)


def _flash(layer: LightLayer, canvas: Planes) -> None:
    share = layer.strength * max(0.0, 1 - layer.into / (FLASH_S * layer.fps)) ** 2
    if share <= 0:
        return
    for plane, white in ((canvas.y, 235), (canvas.u, 128), (canvas.v, 128)):
        plane[:] = cv2.convertScaleAbs(plane, alpha=1 - share, beta=white * share)


def _warm(layer: LightLayer, canvas: Planes) -> None:
    """Light as from a low sun that leaks in at a side."""
    high, wide = canvas.y.shape
    more, less_blue, more_red = _glow(high, wide, layer.into // WARM_STEP, round(100 * layer.strength), layer.fps)
    canvas.y[:] = cv2.add(canvas.y, more)
    canvas.u[:] = cv2.subtract(canvas.u, less_blue)
    canvas.v[:] = cv2.add(canvas.v, more_red)


@functools.lru_cache(maxsize=4)
def _glow(high: int, wide: int, step: int, strength: int, fps: float) -> tuple[Plane, Plane, Plane]:
    """What the warm light adds to the luma, takes from the blue and adds to the red of a frame; it stays for some frames."""
    way = np.sin(2 * np.pi * step * WARM_STEP / (WARM_S * fps))
    rows, columns = np.mgrid[0 : max(2, high // SMALL), 0 : max(2, wide // SMALL)].astype(np.float32)
    x, y = columns / columns.shape[1] - (0.92 + 0.1 * way), (rows / rows.shape[0] - (0.24 + 0.08 * way)) * high / wide
    glow = (strength / 100 * np.exp(-(x * x + 0.6 * y * y) / 0.34)).astype(np.float32)
    sizes = ((wide, high, 62.0), (wide // 2, high // 2, 26.0), (wide // 2, high // 2, 24.0))
    more, less_blue, more_red = (
        np.asarray(cv2.resize(np.round(glow * most).astype(np.uint8), (w, h), interpolation=cv2.INTER_LINEAR), np.uint8)
        for w, h, most in sizes
    )
    return more, less_blue, more_red


def _tape(layer: LightLayer, canvas: Planes) -> None:
    """Like an old tape: paler colours that lie beside their place, soft lines, a band of rows that slips."""
    high, wide = canvas.y.shape
    strength = layer.strength
    lift = 18 * strength
    canvas.y[:] = cv2.convertScaleAbs(canvas.y, alpha=1 - lift / 200, beta=lift)
    lines = canvas.y[::4]
    lines[:] = cv2.convertScaleAbs(lines, alpha=1 - 0.14 * strength, beta=16 * 0.14 * strength)
    shift = max(1, round(0.006 * wide * strength))
    for plane, sign in ((canvas.u, 1), (canvas.v, -1)):
        pale = np.asarray(cv2.convertScaleAbs(plane, alpha=1 - 0.3 * strength, beta=38.4 * strength), np.uint8)
        plane[:] = _shifted(pale, sign * shift)
    rng = np.random.default_rng(layer.into // 3)
    at, tall = int(rng.integers(0, high)) // 2 * 2, round(0.03 * high) // 2 * 2
    slip = round(0.02 * wide * strength * (1 if rng.random() < 0.5 else -1)) // 2 * 2
    if rng.random() < 0.4 and slip:
        for plane, half in ((canvas.y, 1), (canvas.u, 2), (canvas.v, 2)):
            band = plane[at // half : (at + tall) // half]
            band[:] = _shifted(band, slip // half)


def _shifted(plane: Plane, by: int) -> Plane:
    """Moved to the right by so many pixels; the edge goes on into what becomes free."""
    if by == 0 or not plane.size:
        return plane
    out = np.roll(plane, by, axis=1)
    if by > 0:
        out[:, :by] = plane[:, :1]
    else:
        out[:, by:] = plane[:, -1:]
    return out
