"""Where captions stand so that they cover no face."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

from standtall.base.geometry import Rect

CHOICES: Final = (0.70, 0.74, 0.66, 0.78, 0.62, 0.82, 0.20)
"""Middles as shares of the height, the liked ones first; the lowest fifth belongs to the channels' buttons
(common practice, no source)."""


def clear_of(faces: Sequence[Rect], half_height: float) -> float:
    """The first liked middle at which a band of twice `half_height` covers least of the faces (shares of the tall
    picture)."""

    def covered(middle: float) -> float:
        top, bottom = middle - half_height, middle + half_height
        return round(sum(max(0.0, min(bottom, f.bottom) - max(top, f.y)) * max(0.0, f.w) for f in faces), 4)

    return min(CHOICES, key=lambda middle: (covered(middle), CHOICES.index(middle)))
