"""Pictures with see-through parts that lie on frames: still and moving files, and drawings (SVG) that may move."""

from __future__ import annotations

import math
import threading
from collections import OrderedDict
from pathlib import Path
from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QByteArray, QRectF, QSize
from PySide6.QtGui import QImage, QImageReader, QPainter
from PySide6.QtSvg import QSvgRenderer

from standtall.base.errors import MediaError
from standtall.base.files import content_key
from standtall.base.interface_language import tr
from standtall.ink.safe_svg import LARGEST, checked_svg
from standtall.ink.sprite import Sprite, sprite
from standtall.library.stickers import sticker_file

MOST_SIDE, MOST_PIXELS = 12_000, 60_000_000
MOST_FRAMES: Final = 240
MOST_MOVING_PIXELS: Final = 30_000_000
"""In all frames of a moving picture together, which are kept in memory; what is longer begins anew there."""
MOST_KEPT: Final = 48
"""Drawn sizes and steps that are kept of a picture."""
MOST_OPEN: Final = 48
LARGEST_FILE: Final = 60_000_000
WIDEST: Final = 2160
"""Pixels that a moving picture is kept at, at most."""
STEPS_A_SECOND: Final = 24
"""How often a moving picture changes."""

Pixels = NDArray[np.uint8]


class PlacedPicture:
    """A file opened for drawing: use it from one thread. Raises `MediaError` for what is no picture, or too large."""

    def __init__(self, path: str) -> None:
        place = sticker_file(path)
        self._name = place.name
        self._drawing: QSvgRenderer | None = None
        self._frames: list[Pixels] = []
        self._kept: OrderedDict[tuple[int, float, int, int, int], Sprite] = OrderedDict()
        try:
            size = place.stat().st_size
            if size > LARGEST_FILE:
                raise MediaError(tr("{name} is too large for a picture.", name=self._name), tr("Make it smaller."))
            if place.suffix.lower() == ".svg":
                self._open_drawing(place.read_bytes() if size <= LARGEST else b" " * (LARGEST + 1))
            else:
                self._open_frames(place)
        except OSError as error:
            raise MediaError(
                tr("{name} cannot be read: {error}.", name=self._name, error=error.strerror), tr("Choose the file again.")
            ) from error

    def _open_drawing(self, data: bytes) -> None:
        self._drawing = QSvgRenderer()
        self._drawing.setAnimationEnabled(False)  # it would start a timer in this thread; its frames are asked for one by one
        self._drawing.load(QByteArray(checked_svg(data, self._name)))
        box = self._drawing.viewBoxF()
        if not self._drawing.isValid() or box.width() <= 0 or box.height() <= 0:
            raise MediaError(tr("{name} holds no drawing.", name=self._name), tr("Choose a picture."))
        self.aspect = box.width() / box.height()
        length = self._drawing.animationDuration() / 1000 if self._drawing.animated() else 0.0
        self.steps = max(1, min(MOST_FRAMES, round(length * STEPS_A_SECOND)))

    def _open_frames(self, place: Path) -> None:
        QImageReader.setAllocationLimit(512)
        reader = QImageReader(str(place))
        reader.setAutoTransform(True)
        size = reader.size()
        if not reader.canRead() or size.isEmpty():
            raise MediaError(
                tr("{name} is no picture that can be read.", name=self._name), tr("Choose a PNG, JPEG, WebP, GIF or SVG.")
            )
        if max(size.width(), size.height()) > MOST_SIDE or size.width() * size.height() > MOST_PIXELS:
            raise MediaError(tr("{name} is too large for a picture.", name=self._name), tr("Make it smaller."))
        moving = reader.supportsAnimation() and reader.imageCount() != 1
        most = WIDEST if not moving else 720
        if size.width() > most:
            reader.setScaledSize(QSize(most, max(1, round(size.height() * most / size.width()))))
        delays: list[int] = []
        while len(self._frames) < MOST_FRAMES:
            image = reader.read()
            if image.isNull():
                break
            self._frames.append(_pixels(image))
            delays.append(max(20, reader.nextImageDelay()))
            if not moving or sum(f.shape[0] * f.shape[1] for f in self._frames) > MOST_MOVING_PIXELS:
                break
        if not self._frames:
            raise MediaError(
                tr("{name} is damaged: {error}.", name=self._name, error=reader.errorString()),
                tr("Choose another picture."),
            )
        self.aspect = self._frames[0].shape[1] / self._frames[0].shape[0]
        ends = np.cumsum(delays) / 1000
        self._ends = ends
        self.steps = max(1, min(MOST_FRAMES, round(float(ends[-1]) * STEPS_A_SECOND))) if len(self._frames) > 1 else 1

    @property
    def moves(self) -> bool:
        return self.steps > 1

    def pixels(self, wide: int, step: int = 0) -> Pixels:
        """uint8 (height, wide, 4) B'G'R'A multiplied by alpha, as it is at a step of its movement."""
        high = max(2, round(wide / self.aspect))
        if self._drawing is not None:
            self._drawing.setCurrentFrame(round(step / STEPS_A_SECOND * self._drawing.framesPerSecond()))
            image = QImage(wide, high, QImage.Format.Format_ARGB32_Premultiplied)
            image.fill(0)
            painter = QPainter(image)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            self._drawing.render(painter, QRectF(0, 0, wide, high))
            painter.end()
            return _pixels(image)
        number = int(np.searchsorted(self._ends, (step % self.steps) / STEPS_A_SECOND + 1e-6)) if self.steps > 1 else 0
        frame = self._frames[min(number, len(self._frames) - 1)]
        return np.asarray(cv2.resize(frame, (wide, high), interpolation=cv2.INTER_AREA), np.uint8)

    def sprite(self, wide: float, rotation: float, step: int, x: float, y: float) -> Sprite:
        """The picture that wide, turned clockwise by degrees, its middle at a place of the frame in pixels."""
        width, phase = max(2, round(wide / 2) * 2), step % self.steps
        high = width / self.aspect
        radians = math.radians(rotation)
        turned_w = abs(width * math.cos(radians)) + abs(high * math.sin(radians))
        turned_h = abs(width * math.sin(radians)) + abs(high * math.cos(radians))
        left, top = round((x - turned_w / 2) / 2) * 2, round((y - turned_h / 2) / 2) * 2
        key = width, rotation, phase, left, top
        if key not in self._kept:
            if len(self._kept) >= MOST_KEPT:
                self._kept.popitem(last=False)
            made = _turned(self.pixels(width, phase), rotation, math.ceil(turned_w), math.ceil(turned_h))
            self._kept[key] = sprite(_even(made), left, top)
        return self._kept[key]


def _pixels(image: QImage) -> Pixels:
    made = image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)
    bits: Any = made.constBits()
    rows = np.frombuffer(bits, np.uint8).reshape(made.height(), made.bytesPerLine() // 4, 4)
    return rows[:, : made.width()].copy()


def _turned(picture: Pixels, degrees: float, wide: int, high: int) -> Pixels:
    if degrees == 0:
        return picture
    h, w = picture.shape[:2]
    matrix = cv2.getRotationMatrix2D((w / 2, h / 2), -degrees, 1.0)
    matrix[:, 2] += wide / 2 - w / 2, high / 2 - h / 2
    return np.asarray(cv2.warpAffine(picture, matrix, (wide, high), flags=cv2.INTER_LINEAR), np.uint8)


def _even(picture: Pixels) -> Pixels:
    h, w = picture.shape[:2]
    return np.pad(picture, ((0, h % 2), (0, w % 2), (0, 0)))


_local = threading.local()


def picture_at(path: str, key: str) -> PlacedPicture | None:
    """The picture of a file, or of a sticker that ships; None where it is missing or cannot be used. Kept for each thread, for a
    drawing that moves is at one step at a time."""
    kept: OrderedDict[tuple[str, str, int], PlacedPicture | None] = _local.__dict__.setdefault("kept", OrderedDict())
    try:
        name = path, key, sticker_file(path).stat().st_mtime_ns
    except (OSError, MediaError):
        return None
    if name not in kept:
        if len(kept) >= MOST_OPEN:
            kept.popitem(last=False)
        try:
            kept[name] = PlacedPicture(path)
        except MediaError:
            kept[name] = None
    kept.move_to_end(name)
    return kept[name]


def picture_key(path: str) -> str:
    """The content key of a picture's file, after it was opened once; raises `MediaError` where it cannot be used."""
    PlacedPicture(path)
    return content_key(sticker_file(path))
