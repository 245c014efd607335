"""Knows the same person again in other shots by hair and clothes."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray

DIFFERENT: Final = 0.58
"""Distance (0 equal .. 1 nothing shared) from which two faces belong to two people."""


def distance(a: NDArray[np.float32], b: NDArray[np.float32]) -> float:
    """One minus the intersection of two colour histograms (Swain and Ballard 1991), 0..1."""
    return float(1.0 - np.minimum(a, b).sum() / max(1e-6, min(a.sum(), b.sum())))


def group(colours: list[NDArray[np.float32]], spans: list[tuple[int, int]]) -> list[int]:
    """One person number for each face, the longest-seen person first.

    Faces seen at the same time are never one person. Nearest groups are joined first (average linkage), until all
    that may be joined are further apart than `DIFFERENT`.
    """
    groups: list[list[int]] = [[i] for i in range(len(colours))]
    apart = np.array([[distance(a, b) for b in colours] for a in colours]) if colours else np.zeros((0, 0))

    def together(a: list[int], b: list[int]) -> bool:
        return any(spans[i][0] < spans[j][1] and spans[j][0] < spans[i][1] for i in a for j in b)

    while True:
        best: tuple[float, int, int] | None = None
        for i in range(len(groups)):
            for j in range(i + 1, len(groups)):
                if together(groups[i], groups[j]):
                    continue
                d = float(apart[np.ix_(groups[i], groups[j])].mean())
                if d < DIFFERENT and (best is None or d < best[0]):
                    best = (d, i, j)
        if best is None:
            break
        groups[best[1]] += groups.pop(best[2])
    groups.sort(key=lambda g: -sum(spans[i][1] - spans[i][0] for i in g))
    out = [0] * len(colours)
    for number, members in enumerate(groups):
        for i in members:
            out[i] = number
    return out
