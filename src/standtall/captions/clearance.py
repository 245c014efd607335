"""Where captions stand so that they cover no face."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

import numpy as np

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


def clear_course(
    faces: Sequence[Sequence[Rect]], seconds: Sequence[float], half_height: float, moments: int = 1
) -> list[float]:  # fmt: skip
    """A middle for each card, given what is seen during it at some `moments` together (their boxes weighed alike) and how long it
    stays: the course of least cost, which covers little and moves seldom."""
    paths: list[list[int]] = []
    places = range(len(CHOICES))
    costs = [0.0] * len(CHOICES)
    for covered, length in zip(_each_covered(faces, half_height, moments), seconds, strict=True):
        own = [(cost + LIKED * i) * length for i, cost in enumerate(covered)]
        cheapest = costs.index(min(costs))
        most = costs[cheapest] + MOVE
        before = [i if not paths or costs[i] <= most else cheapest for i in places]
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


def _each_covered(faces: Sequence[Sequence[Rect]], half_height: float, moments: int) -> list[list[float]]:
    """How much of what is seen each choice covers, for each card: `_covered` for all at once."""
    boxes = np.array([(f.y, f.bottom, max(0.0, f.w) / moments, n) for n, seen in enumerate(faces) for f in seen]).reshape(-1, 4)
    out = np.zeros((len(faces), len(CHOICES)))
    for i, middle in enumerate(CHOICES):
        high = np.minimum(middle + half_height, boxes[:, 1]) - np.maximum(middle - half_height, boxes[:, 0])
        np.add.at(out[:, i], boxes[:, 3].astype(np.int64), np.maximum(0.0, high) * boxes[:, 2])
    found: list[list[float]] = out.round(4).tolist()
    return found


def _covered(faces: Sequence[Rect], middle: float, half_height: float) -> float:
    """How much of some boxes a band covers, in shares of the picture."""
    top, bottom = middle - half_height, middle + half_height
    return round(sum(max(0.0, min(bottom, f.bottom) - max(top, f.y)) * max(0.0, f.w) for f in faces), 4)
