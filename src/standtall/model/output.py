"""The form of the finished picture."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from math import gcd
from typing import Final

from standtall.model import checks

WIDTH, HEIGHT = 1080, 1920
SHAPES: Final = {"9:16": (1080, 1920), "4:5": (1080, 1350), "1:1": (1080, 1080), "16:9": (1920, 1080)}
"""Sizes in pixels of the shapes that are offered."""


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
