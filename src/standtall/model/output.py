"""The form of the finished picture."""

from __future__ import annotations

import re
from dataclasses import dataclass
from fractions import Fraction
from math import gcd
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

WIDTH, HEIGHT = 1080, 1920
SHAPES: Final = {"9:16": (1080, 1920), "4:5": (1080, 1350), "1:1": (1080, 1080), "16:9": (1920, 1080)}
"""Sizes in pixels of the shapes that are offered."""


MOST_STRETCHED: Final = 4.0
"""How many times as long as the other a side may be."""


def size_of(shape: str) -> tuple[int, int]:
    """Width and height in pixels, both even, of a shape as people write it ("3:4"); the longer side is 1920 at most, the other
    1080. Raises `ProjectError` for what is none."""
    if shape in SHAPES:
        return SHAPES[shape]
    found = re.fullmatch(r"\s*(\d{1,5})\s*[:x/]\s*(\d{1,5})\s*", shape)
    sides = [int(v) for v in found.groups()] if found else [0, 0]
    if min(sides) < 1 or max(sides) > MOST_STRETCHED * min(sides):
        raise ProjectError(tr("A shape is written width:height, such as 3:4, neither more than four times the other."))
    wide, high = sides
    scale = min(HEIGHT / max(sides), WIDTH / min(sides))
    return max(64, round(wide * scale / 2) * 2), max(64, round(high * scale / 2) * 2)


@dataclass(frozen=True, slots=True)
class Output:
    """Size in pixels, and fps; 0 means as the source."""

    width: int = WIDTH
    height: int = HEIGHT
    fps: Fraction = Fraction(0)

    def __post_init__(self) -> None:
        checks.in_range("The width of a short", self.width, 64, 4320)
        checks.in_range("The height of a short", self.height, 64, 7680)
        checks.in_range("The fps of a short", float(self.fps), 0, 120)

    @property
    def aspect(self) -> float:
        """Width over height."""
        return self.width / self.height

    @property
    def shape(self) -> str:
        """The shape as people write it, such as "9:16"."""
        common = gcd(self.width, self.height)
        return f"{self.width // common}:{self.height // common}"
