"""What was measured in a finished file, point by point."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Literal

Point = Literal[
    "size", "length", "rate", "index", "colour", "decodes", "sound", "loudness", "true peak", "black", "frozen", "in step",
    "captions", "lit", "face",
]  # fmt: skip
"""Size in pixels; length; frames a second; index before data; colour tags; every frame decodes; there is sound; loudness; true
peak; black stretches; stretches in which the picture stands still though it should not; sound against picture; captions are in
the pixels; the right word is lit; the speaker's face is seen."""


@dataclass(frozen=True, slots=True)
class Finding:
    """One point, whether it is right, and its figures by name. `at` is a place in the short (ticks) where it is not, or None."""

    point: Point
    right: bool
    facts: Mapping[str, float] = field(default_factory=dict)
    at: int | None = None
