"""Paints a scene into YUV planes of any size; the same code serves preview and render."""

from __future__ import annotations

import math
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.compose.scene import Scene
from standtall.framing.camera import View
from standtall.ink.caption import CaptionInk, CaptionText
from standtall.media.planes import Plane, Planes

BACKDROP: Final = 8
"""The blurred backdrop is made at this fraction of the size."""
DIM: Final = 0.62
"""Brightness of the backdrop."""


def paint(
    scene: Scene, picture: Planes, width: int, height: int, ink: CaptionInk | None, under: Planes | None = None
) -> Planes:
    """The frame as writable planes of `width` x `height` (even): picture, then caption inside its box.

    `under` is the picture of `scene.under`, where the scene has one.
    """
    out = _framed(scene.view, picture, width, height)
    if scene.under is not None and under is not None:
        out = _blended(out, _framed(scene.under.view, under, width, height), scene.under.share)
    if scene.caption is not None and ink is not None:
        ink.sprite(CaptionText(scene.caption.words, scene.caption.lit), scene.caption.middle).blend(out)
    return out


def _framed(view: View, picture: Planes, width: int, height: int) -> Planes:
    if view.layout == "fill":
        return _filled(picture, view.crop, width, height)
    return _whole(picture, width, height)


def _blended(over: Planes, under: Planes, share: float) -> Planes:
    pairs = ((over.y, under.y), (over.u, under.u), (over.v, under.v))
    return Planes(*(np.asarray(cv2.addWeighted(a, 1 - share, b, share, 0), np.uint8) for a, b in pairs))


def nothing(width: int, height: int) -> Planes:
    """A dark frame for footage without a picture."""
    return Planes(
        np.full((height, width), 30, np.uint8),
        np.full((height // 2, width // 2), 126, np.uint8),
        np.full((height // 2, width // 2), 130, np.uint8),
    )


def _filled(picture: Planes, crop: Rect, width: int, height: int) -> Planes:
    return Planes(
        _window(picture.y, crop, width, height),
        _window(picture.u, crop, width // 2, height // 2),
        _window(picture.v, crop, width // 2, height // 2),
    )


def _window(plane: Plane, crop: Rect, width: int, height: int) -> NDArray[np.uint8]:
    """A window of `plane` (crop in shares) scaled to width x height, to the nearest pixel of the result.

    The part that is scaled is a whole number of pixels wide, always the same number for the same crop size, so that
    the scale does not breathe while the crop moves; what sticks out is cut off after scaling.
    """
    rows, columns = plane.shape
    x, y = crop.x * columns, crop.y * rows
    sx, sy = width / (crop.w * columns), height / (crop.h * rows)
    nx, ny = min(columns, math.ceil(crop.w * columns) + 1), min(rows, math.ceil(crop.h * rows) + 1)
    x0, y0 = min(max(0, math.floor(x)), columns - nx), min(max(0, math.floor(y)), rows - ny)
    w, h = max(width, round(nx * sx)), max(height, round(ny * sy))
    method = cv2.INTER_AREA if sx < 0.75 else cv2.INTER_CUBIC
    scaled = cv2.resize(plane[y0 : y0 + ny, x0 : x0 + nx], (w, h), interpolation=method)
    dx, dy = min(w - width, max(0, round((x - x0) * sx))), min(h - height, max(0, round((y - y0) * sy)))
    part = scaled[dy : dy + height, dx : dx + width]
    return np.ascontiguousarray(part)


def _whole(picture: Planes, width: int, height: int) -> Planes:
    """The whole picture across the width, on a blurred and dimmed enlargement of itself."""
    wide = max(1e-6, width / height * picture.height / picture.width)
    behind = Rect((1 - wide) / 2, 0.0, wide, 1.0) if wide <= 1 else Rect(0.0, (1 - 1 / wide) / 2, 1.0, 1 / wide)
    high = min(height, round(width * picture.height / picture.width / 2) * 2)
    top = (height - high) // 4 * 2
    small = _filled(picture, behind, max(2, width // BACKDROP // 2 * 2), max(2, height // BACKDROP // 2 * 2))
    planes = []
    for source, back, level, half in ((picture.y, small.y, 16, 1), (picture.u, small.u, 128, 2), (picture.v, small.v, 128, 2)):
        soft = cv2.GaussianBlur(back, (0, 0), 5 / half).astype(np.float32)
        dim = np.clip((soft - level) * (DIM if half == 1 else 0.8) + level, 0, 255).astype(np.uint8)
        plane = cv2.resize(dim, (width // half, height // half), interpolation=cv2.INTER_LINEAR)
        method = cv2.INTER_AREA if source.shape[1] > width // half else cv2.INTER_CUBIC
        plane[top // half : (top + high) // half] = cv2.resize(source, (width // half, high // half), interpolation=method)
        planes.append(plane)
    return Planes(*planes)
