"""Decoded pictures as pictures for the screen."""

from __future__ import annotations

from PySide6.QtGui import QImage

from standtall.media.planes import Planes, scaled, to_bgrx
from standtall.media.reader import PictureReader


def image_of(planes: Planes) -> QImage:
    """Planes as a picture for the screen."""
    data = to_bgrx(planes)
    return QImage(data.data, planes.width, planes.height, data.strides[0], QImage.Format.Format_RGB32).copy()


def smaller(planes: Planes, width: int) -> Planes:
    """Planes scaled down to an even width."""
    width = width // 2 * 2
    if width >= planes.width:
        return planes
    height = max(2, round(planes.height * width / planes.width / 2) * 2)
    sizes = ((width, height), (width // 2, height // 2), (width // 2, height // 2))
    parts = (planes.y, planes.u, planes.v)
    return Planes(*(scaled(p, size) for p, size in zip(parts, sizes, strict=True)))


def wide_at(reader: PictureReader, tick: int, width: int) -> QImage:
    """A small picture of the source, for lanes and posters."""
    return image_of(smaller(reader.at(tick), width))
