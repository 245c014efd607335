"""Where captions stand so that they cover no face."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

from standtall.base.geometry import Rect

CHOICES: Final = (0.70, 0.74, 0.66, 0.78, 0.62, 0.82, 0.20)
"""Middles as shares of the height, the liked ones first; the lowest fifth belongs to the channels' buttons
(common practice, no source)."""


MOVE: Final = 0.06
"""What it costs that captions move from one card to the next: as much as covering so much of the picture for a second."""
LIKED: Final = 0.002
"""What each place further down the list costs for a second."""


def clear_of(faces: Sequence[Rect], half_height: float) -> float:
    """The first liked middle at which a band of twice `half_height` covers least of the faces (shares of the tall
    picture)."""

    return min(CHOICES, key=lambda middle: (_covered(faces, middle, half_height), CHOICES.index(middle)))


def clear_course(faces: Sequence[Sequence[Rect]], seconds: Sequence[float], half_height: float) -> list[float]:
    """A middle for each card, given what is seen during it at some moments (one list after the other, their boxes weighed alike)
    and how long it stays: the course of least cost, which covers little and moves seldom."""
    paths: list[list[int]] = []
    costs = [0.0] * len(CHOICES)
    last: Sequence[Rect] | None = None
    covered: list[float] = []
    for seen, length in zip(faces, seconds, strict=True):
        if seen is not last:  # long shorts have many cards of which the same is seen
            last, covered = seen, [_covered(seen, middle, half_height) + LIKED * i for i, middle in enumerate(CHOICES)]
        own = [cost * length for cost in covered]
        cheapest = min(range(len(CHOICES)), key=lambda i: costs[i])
        before = [i if not paths or costs[i] <= costs[cheapest] + MOVE else cheapest for i in range(len(CHOICES))]
        costs = [(costs[b] + (MOVE if b != i else 0.0)) + own[i] for i, b in enumerate(before)]
        paths.append(before)
    if not paths:
        return []
    at = min(range(len(CHOICES)), key=lambda i: costs[i])
    out = []
    for before in reversed(paths):
        out.append(CHOICES[at])
        at = before[at]
    return out[::-1]


def _covered(faces: Sequence[Rect], middle: float, half_height: float) -> float:
    """How much of some boxes a band covers, in shares of the picture."""
    top, bottom = middle - half_height, middle + half_height
    return round(sum(max(0.0, min(bottom, f.bottom) - max(top, f.y)) * max(0.0, f.w) for f in faces), 4)
