"""Reads lines of writing in pictures.

By the recogniser of PP-OCR version 4 (Du et al., "SVTR: scene text recognition with a single visual model", IJCAI 2022; the
network is Apache-2.0, see `models/`). It knows Latin letters without accents, digits and Chinese characters.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.people.networks import network
from standtall.people.writing import TextDetector

TALL: Final = 48
"""Height of what the network sees, in pixels."""
LEAST, WIDEST = 8, 40 * TALL
"""Pixels across a line."""
TALLEST: Final = 0.2
"""Of the picture's height: what is taller is a face or a thing."""
SURE: Final = 0.6
"""Mean likeness of its letters from which a line counts as read."""
SPACE: Final = 1.5
"""Heights of its letters between two words of a line at most."""


@dataclass(frozen=True, slots=True)
class Line:
    """A line that was read, and where it stands in shares of the picture."""

    text: str
    box: Rect


class TextReader:
    """Finds lines of writing and reads them. Not thread safe."""

    def __init__(self) -> None:
        self._detector = TextDetector()
        self._net: Any = network("text_reader")
        self._input: str = self._net.get_inputs()[0].name
        told = self._net.get_modelmeta().custom_metadata_map["character"]
        self._letters = ("", *told.splitlines(), " ")

    def lines(self, picture: NDArray[np.uint8]) -> list[Line]:
        """What stands in uint8 (height, width, 3) B'G'R', from the top down; what cannot be read surely is left out."""
        h, w = picture.shape[:2]
        out = []
        for box in self._detector.lines(picture):
            x0, x1 = (min(w, max(0, round(x * w))) for x in (box.x, box.right))
            y0, y1 = (min(h, max(0, round(y * h))) for y in (box.y, box.bottom))
            small = x1 - x0 >= LEAST and y1 - y0 >= LEAST and box.h <= TALLEST
            if small and (text := self._read(picture[y0:y1, x0:x1])):
                out.append(Line(text, box))
        return _rows(out, w / h)

    def _read(self, line: NDArray[np.uint8]) -> str:
        """The letters of one line, by the best letter of each column: those that repeat without a gap are one (greedy decoding of
        Graves et al., "Connectionist temporal classification", ICML 2006)."""
        h, w = line.shape[:2]
        wide = min(WIDEST, max(LEAST, round(w * TALL / h)))
        small = cv2.resize(line, (wide, TALL)).astype(np.float32) / 127.5 - 1
        likeness = self._net.run(None, {self._input: small.transpose(2, 0, 1)[None]})[0][0]
        best = likeness.argmax(axis=1)
        new = (best > 0) & np.concatenate([[True], best[1:] != best[:-1]])
        if not new.any() or float(likeness.max(axis=1)[new].mean()) < SURE:
            return ""
        return "".join(self._letters[n] for n in best[new]).strip()


def _rows(found: list[Line], wide: float) -> list[Line]:
    """Words that stand beside each other as one line, from the top down; `wide` is the picture's width over its height."""
    out: list[Line] = []
    for line in sorted(found, key=lambda one: one.box.x):
        before = next((n for n, row in enumerate(out) if _goes_on(row.box, line.box, wide)), None)
        if before is None:
            out.append(line)
            continue
        row = out[before].box
        top, bottom = min(row.y, line.box.y), max(row.bottom, line.box.bottom)
        out[before] = Line(f"{out[before].text} {line.text}", Rect(row.x, top, line.box.right - row.x, bottom - top))
    return sorted(out, key=lambda one: (one.box.y, one.box.x))


def _goes_on(row: Rect, box: Rect, wide: float) -> bool:
    """Whether a box stands in a row, right after it: its middle is on the row, and both are about as tall."""
    alike = max(row.h, box.h) < 2 * min(row.h, box.h)
    return alike and row.y < box.cy < row.bottom and (box.x - row.right) * wide < SPACE * row.h
