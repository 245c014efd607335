"""Paints picture layers: a window of a picture scaled into its place, blurred, or seen through."""

from __future__ import annotations

import math
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import FULL, Rect
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.painters.painter import Box
from standtall.compose.painters.places import box_of
from standtall.compose.painters.shadow import rounded
from standtall.media.planes import Plane, Planes, scaled
from standtall.people.silhouettes import Silhouettes

SMALL: Final = (16, 8)
"""What is blurred is made at one of these fractions of the size: at the first where the blur still is
LEAST_RADIUS pixels, so that nothing is seen of its pixels."""
LEAST_RADIUS: Final = 2.0


class PicturePainter:
    """Paints picture layers on frames of one size."""

    def __init__(self, width: int, height: int) -> None:
        self._size = width, height
        self._people: Silhouettes | None = None
        """Opened when it is first needed."""

    def box(self, layer: PictureLayer) -> Box:
        x, y, w, h = box_of(layer.target, *self._size)
        return x, y, x + w, y + h

    def covers(self, layer: PictureLayer) -> bool:
        return layer.target == FULL and layer.opacity >= 1 and layer.radius == 0 and not layer.behind_people

    def paint(self, layer: PictureLayer, picture: Planes | None, canvas: Planes) -> None:
        assert picture is not None, "a picture layer is painted with the picture it shows"
        x, y, w, h = box_of(layer.target, *self._size)
        planes = _made(picture, layer, w, h)
        if layer.behind_people:
            self._people = self._people or Silhouettes()
            _behind(canvas, planes, (x, y, w, h), self._people)
            return
        for out, part, half in ((canvas.y, planes.y, 1), (canvas.u, planes.u, 2), (canvas.v, planes.v, 2)):
            place = out[y // half : (y + h) // half, x // half : (x + w) // half]
            if layer.radius > 0:
                _round(place, part, layer.opacity, round(layer.radius * self._size[0] / half))
            elif layer.opacity >= 1:
                place[:] = part
            else:
                place[:] = cv2.addWeighted(place, 1 - layer.opacity, part, layer.opacity, 0)

    def whole(self, layer: PictureLayer, picture: Planes) -> Planes:
        """What a layer that covers the frame shows: a canvas of its own, so that nothing is copied."""
        return _made(picture, layer, *self._size)


def _made(picture: Planes, layer: PictureLayer, width: int, height: int) -> Planes:
    if layer.fine:
        return _finely(picture, layer.crop, width, height)
    return _blurred(picture, layer, width, height) if layer.blur > 0 else windowed(picture, layer.crop, width, height)


def _behind(canvas: Planes, picture: Planes, box: Box, silhouettes: Silhouettes) -> None:
    """Lay a picture over a box (left, top, width, height) of a canvas, but not over the people who are seen there."""
    x, y, w, h = box
    y_place, u_place, v_place = (
        out[y // half : (y + h) // half, x // half : (x + w) // half]
        for out, half in ((canvas.y, 1), (canvas.u, 2), (canvas.v, 2))
    )
    people = silhouettes.cover(Planes(y_place, u_place, v_place))
    half_people = np.asarray(cv2.resize(people, (w // 2, h // 2), interpolation=cv2.INTER_AREA), np.float32)
    y_place[:] = cv2.blendLinear(y_place, picture.y, people, 1 - people)
    for place, part in ((u_place, picture.u), (v_place, picture.v)):
        place[:] = cv2.blendLinear(place, part, half_people, 1 - half_people)


def _round(place: Plane, part: NDArray[np.uint8], opacity: float, radius: int) -> None:
    """Lay a part with round corners over a place."""
    under = [place[rows, columns].copy() for rows, columns in _corners(radius)]
    place[:] = part if opacity >= 1 else cv2.addWeighted(place, 1 - opacity, part, opacity, 0)
    masks = rounded(2 * radius, 2 * radius, radius).astype(np.uint16)
    for was, (rows, columns) in zip(under, _corners(radius), strict=True):
        if was.shape != (radius, radius):  # smaller than its corners
            continue
        share = masks[rows, columns]
        mixed = place[rows, columns].astype(np.uint16) * share + was.astype(np.uint16) * (255 - share)
        place[rows, columns] = ((mixed + 127) // 255).astype(np.uint8)


def _corners(radius: int) -> tuple[tuple[slice, slice], ...]:
    first, last = slice(0, radius), slice(-radius, None)
    return (first, first), (first, last), (last, first), (last, last)


def windowed(picture: Planes, crop: Rect, width: int, height: int) -> Planes:
    """The part `crop` (shares) of a picture as planes of `width` x `height`, both even."""
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
    if crop == FULL:
        return scaled(plane, (width, height)) if columns > width else _larger(plane, (width, height))
    x, y = crop.x * columns, crop.y * rows
    sx, sy = width / (crop.w * columns), height / (crop.h * rows)
    nx, ny = min(columns, math.ceil(crop.w * columns) + 1), min(rows, math.ceil(crop.h * rows) + 1)
    x0, y0 = min(max(0, math.floor(x)), columns - nx), min(max(0, math.floor(y)), rows - ny)
    w, h = max(width, round(nx * sx)), max(height, round(ny * sy))
    part = plane[y0 : y0 + ny, x0 : x0 + nx]
    made = scaled(part, (w, h)) if sx < 0.75 else _larger(part, (w, h))
    dx, dy = min(w - width, max(0, round((x - x0) * sx))), min(h - height, max(0, round((y - y0) * sy)))
    return np.asarray(made[dy : dy + height, dx : dx + width], np.uint8)


def _larger(plane: Plane, size: tuple[int, int]) -> Plane:
    return np.asarray(cv2.resize(plane, size, interpolation=cv2.INTER_CUBIC), np.uint8)


def _finely(picture: Planes, crop: Rect, width: int, height: int) -> Planes:
    """A window to a part of a pixel. What is much larger is made smaller first, for it would shimmer."""
    planes = []
    for plane, half in ((picture.y, 1), (picture.u, 2), (picture.v, 2)):
        rows, columns = plane.shape
        w, h = width // half, height // half
        scale = w / (crop.w * columns)
        while scale < 0.6 and min(rows, columns) > 16:
            plane = np.asarray(cv2.resize(plane, (columns // 2, rows // 2), interpolation=cv2.INTER_AREA), np.uint8)
            rows, columns = plane.shape
            scale = w / (crop.w * columns)
        down = h / (crop.h * rows)
        right, below = -crop.x * columns * scale + (scale - 1) / 2, -crop.y * rows * down + (down - 1) / 2
        matrix = np.array([[scale, 0, right], [0, down, below]])
        made = cv2.warpAffine(plane, matrix, (w, h), flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        planes.append(np.asarray(made, np.uint8))
    return Planes(*planes)


def _blurred(picture: Planes, layer: PictureLayer, width: int, height: int) -> Planes:
    """The window, made small, blurred and darkened, and scaled up again: what is soft needs no more."""
    part = next((n for n in SMALL if layer.blur * height / n >= LEAST_RADIUS), SMALL[-1])
    small = windowed(picture, layer.crop, max(2, width // part // 2 * 2), max(2, height // part // 2 * 2))
    radius = layer.blur * height / part
    pale = 1 - (1 - layer.brightness) * 0.53  # colours fade less than light, or what is dark looks grey
    planes = []
    for plane, level, share, half in ((small.y, 16, layer.brightness, 1), (small.u, 128, pale, 2), (small.v, 128, pale, 2)):
        soft = cv2.GaussianBlur(plane, (0, 0), radius / half).astype(np.float32)
        dim = np.clip((soft - level) * share + level, 0, 255).astype(np.uint8)
        planes.append(np.asarray(cv2.resize(dim, (width // half, height // half), interpolation=cv2.INTER_LINEAR), np.uint8))
    return Planes(*planes)
