"""Knows the same person again in other shots by hair, skin and clothes, and by the face."""

from __future__ import annotations

from typing import Final, NamedTuple

import numpy as np
from numpy.typing import NDArray

from standtall.people.face_vectors import OTHER, SAME

DIFFERENT: Final = 0.48
"""Distance (0 equal .. 1 nothing shared) from which two faces belong to two people."""
NEARER: Final = 0.7
"""What is left of the distance of two wardrobes whose faces are alike."""


class Looks(NamedTuple):
    """Of a face in one shot: the colours around it, and its vector (empty where it has none)."""

    colours: NDArray[np.float32]
    vector: NDArray[np.float32]


def group(looks: list[Looks], spans: list[tuple[int, int]]) -> list[int]:
    """One person number for each face, the longest-seen person first.

    Faces seen at the same time are never one person. Nearest groups are joined first (average linkage), until all
    that may be joined are further apart than `DIFFERENT`.
    """
    groups: list[list[int]] = [[i] for i in range(len(looks))]
    if len(groups) > 1:
        apart = _distances(np.array([look.colours for look in looks]))
        _join(groups, _by_faces(apart, [look.vector for look in looks]), _together(spans))
        groups = [g for g in groups if g]
    groups.sort(key=lambda g: -sum(spans[i][1] - spans[i][0] for i in g))
    out = [0] * len(looks)
    for number, members in enumerate(groups):
        for i in members:
            out[i] = number
    return out


def distance(a: NDArray[np.float32], b: NDArray[np.float32]) -> float:
    """One minus the intersection of two colour histograms, as a share of the smaller one (Swain and Ballard 1991), 0..1: what of
    one was outside the picture says nothing."""
    return 1.0 - float(np.minimum(a, b).sum()) / max(1e-6, min(float(a.sum()), float(b.sum())))


def _distances(colours: NDArray[np.float32]) -> NDArray[np.float64]:
    """(n, n) one minus the intersection of two colour histograms (Swain and Ballard 1991), 0..1; infinite on the diagonal."""
    total = np.maximum(1e-6, colours.sum(axis=1))
    out = np.empty((len(colours), len(colours)))
    for i, row in enumerate(colours):
        out[i] = 1.0 - np.minimum(colours, row).sum(axis=1) / np.minimum(total, total[i])
    np.fill_diagonal(out, np.inf)
    return out


def _by_faces(apart: NDArray[np.float64], vectors: list[NDArray[np.float32]]) -> NDArray[np.float64]:
    """The distances of wardrobes, made less where faces are alike, and as great as can be where they are two people's."""
    known = [i for i, vector in enumerate(vectors) if vector.size]
    if len(known) < 2:
        return apart
    rows = np.array([vectors[i] for i in known], np.float64)
    squares = (rows**2).sum(axis=1)
    far = np.sqrt(np.maximum(0.0, squares[:, None] + squares[None] - 2 * rows @ rows.T))
    part = np.ix_(known, known)
    told = np.where(far < SAME, apart[part] * NEARER, apart[part])
    out = apart.copy()
    out[part] = np.where(far > OTHER, np.maximum(1.0, told), told)
    return out


def _together(spans: list[tuple[int, int]]) -> NDArray[np.bool_]:
    """(n, n) whether two spans overlap."""
    start, end = np.array([s[0] for s in spans]), np.array([s[1] for s in spans])
    out: NDArray[np.bool_] = (start[:, None] < end) & (start < end[:, None])
    return out


def _join(groups: list[list[int]], apart: NDArray[np.float64], together: NDArray[np.bool_]) -> None:
    """Average linkage in place; a group that was joined to another is left empty."""
    apart = np.where(together, np.inf, apart)
    while True:
        i, j = (int(v) for v in np.unravel_index(int(np.argmin(apart)), apart.shape))
        if not apart[i, j] < DIFFERENT:
            return
        a, b = len(groups[i]), len(groups[j])
        joined = (apart[i] * a + apart[j] * b) / (a + b)  # infinite where either was ever seen at the same time
        joined[i] = np.inf
        apart[i], apart[:, i] = joined, joined
        apart[j], apart[:, j] = np.inf, np.inf
        groups[i] += groups[j]
        groups[j] = []
