"""Coloured pictures of emoji, drawn from the open set that ships, and where they stand in a text."""

from __future__ import annotations

import functools
import re
import zipfile
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final

import cv2
import numpy as np
from PySide6.QtCore import QByteArray, QRectF
from PySide6.QtGui import QImage, QPainter
from PySide6.QtSvg import QSvgRenderer

RIM: Final = 0.035
"""Width of the rim around a picture, as a share of its side."""
ARCHIVE: Final = Path(__file__).parent / "emoji" / "pictures.zip"
_TONES = re.compile("[\U0001f3fb-\U0001f3ff]")
_PICTURED = re.compile(
    "(?:[\U0001f1e6-\U0001f1ff]{2}|[0-9#*]\ufe0f?\u20e3|"
    "[\u00a9\u00ae\u203c\u2049\u2122\u2139\u2194-\u21aa\u231a-\u23ff\u24c2\u25aa-\u27bf\u2934-\u2b55\u3030\u303d\u3297\u3299"
    "\U0001f000-\U0001faff](?:\ufe0f|[\U0001f3fb-\U0001f3ff])?(?:[\U000e0020-\U000e007f]+)?"
    "(?:\u200d[\u2640-\u27bf\U0001f000-\U0001faff](?:\ufe0f|[\U0001f3fb-\U0001f3ff])?)*)"
)
_TEXT: Final = frozenset("©®™ℹ")
"""Signs that are letters of a font unless a picture is asked for."""


@dataclass(frozen=True, slots=True)
class Pictured:
    """A piece of a text that is drawn as a picture: from letter `start` up to `end`, and the code of its picture."""

    start: int
    end: int
    code: str


@functools.cache
def _codes() -> frozenset[str]:
    with zipfile.ZipFile(ARCHIVE) as archive:
        return frozenset(archive.namelist())


def code_of(emoji: str) -> str | None:
    """The code of the picture of an emoji: as it is, without its tone of skin, or of its first part; None where there is none."""
    for text in (emoji, _TONES.sub("", emoji), _TONES.sub("", emoji).split("\u200d")[0]):
        for sign in (text, text.replace("\ufe0f", ""), text + "\ufe0f"):
            code = "-".join(f"{ord(c):04X}" for c in sign)
            if code in _codes():
                return code
    return None


def pictured(text: str) -> list[Pictured]:
    """The emoji of a text, in order."""
    if text.isascii():
        return []
    out = []
    for found in _PICTURED.finditer(text):
        if found[0] in _TEXT:
            continue
        code = code_of(found[0])
        if code is not None:
            out.append(Pictured(found.start(), found.end(), code))
    return out


@functools.lru_cache(maxsize=64)
def _drawing(code: str) -> bytes:
    with zipfile.ZipFile(ARCHIVE) as archive:
        return archive.read(code)


@functools.lru_cache(maxsize=128)
def picture_of(code: str, side: int) -> QImage:
    """The drawing of a code on a square of so many pixels, with a white rim that keeps its thin lines apart from any ground."""
    image = QImage(side, side, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(0)
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    rim = max(1, round(RIM * side))
    renderer = QSvgRenderer(QByteArray(_drawing(code)))  # one of its own: threads must not share one
    renderer.render(painter, QRectF(rim, rim, side - 2 * rim, side - 2 * rim))
    painter.end()
    bits: Any = image.bits()
    view = np.frombuffer(bits, np.uint8).reshape(side, image.bytesPerLine() // 4, 4)[:, :side]
    round_ = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * rim + 1, 2 * rim + 1))
    wide = cv2.GaussianBlur(cv2.dilate(np.ascontiguousarray(view[..., 3]), round_), (0, 0), 0.6)
    under = (wide.astype(np.uint16) * (255 - view[..., 3]) // 255)[..., None]
    view[:] = np.minimum(255, view + under).astype(np.uint8)
    return image
