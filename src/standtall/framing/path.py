"""The calmest camera path inside given bounds, as two linear programmes.

First the least total movement (the 1-norm of the velocity), then, among all paths that move no more than that, the
least change of movement (the 1-norm of the acceleration): the 1-norm makes paths that stand still, then move evenly,
as in Grundmann, Kwatra and Essa, "Auto-directed video stabilization with robust L1 optimal camera paths" (CVPR 2011).
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter1d
from scipy.optimize import linprog
from scipy.sparse import csr_matrix, diags, eye_array, hstack, vstack

Floats = NDArray[np.float64]

LONGEST = 900
"""Samples that are solved at once."""


def calmest(low: Floats, high: Floats) -> Floats:
    """The path x with low <= x <= high (each (n,), any unit) that moves least, then changes its movement least.

    Where the bounds cross, they meet in their middle. Starting from rest and ending at rest count as changes.
    """
    middle = (low + high) / 2
    low, high = np.minimum(low, middle), np.maximum(high, middle)
    n = len(low)
    if n > LONGEST:  # one speaker for many minutes: solve piece by piece, each starting where the last one ended
        head = calmest(low[:LONGEST], high[:LONGEST])
        low, high = low[LONGEST - 1 :].copy(), high[LONGEST - 1 :].copy()
        low[0] = high[0] = head[-1]
        return np.concatenate([head[:-1], calmest(low, high)])
    if n < 3 or float(low.max()) <= float(high.min()):
        return np.full(n, _nearest_to_middle(low, high)) if n else middle
    still = _least_movement(low, high)
    return _least_change(low, high, float(np.abs(np.diff(still)).sum()), still)


def eased(path: Floats, low: Floats, high: Floats, sigma: float) -> Floats:
    """`path` with rounded corners (Gaussian, `sigma` in samples), kept inside the bounds."""

    smooth = gaussian_filter1d(path, sigma, mode="nearest") if sigma > 0 and len(path) > 1 else path
    return np.minimum(np.maximum(smooth, np.minimum(low, path)), np.maximum(high, path))


def _nearest_to_middle(low: Floats, high: Floats) -> float:
    """The still place that lies best: nearest to the median of the middles."""
    return float(np.clip(np.median((low + high) / 2), low.max(), high.min()))


def _differences(n: int) -> csr_matrix:

    return csr_matrix(diags([-np.ones(n - 1), np.ones(n - 1)], [0, 1], shape=(n - 1, n)))


def _least_movement(low: Floats, high: Floats) -> Floats:
    """Minimise sum(t) with -t <= Dx <= t; variables are x then t."""

    n = len(low)
    d, one = _differences(n), eye_array(n - 1)
    limits = vstack([hstack([d, -one]), hstack([-d, -one])])
    cost = np.concatenate([np.zeros(n), np.ones(n - 1)])
    bounds = [*zip(low, high, strict=True), *([(0, None)] * (n - 1))]
    found = linprog(cost, A_ub=limits, b_ub=np.zeros(2 * (n - 1)), bounds=bounds, method="highs")
    return np.asarray(found.x[:n]) if found.status == 0 else np.clip((low + high) / 2, low, high)


def _least_change(low: Floats, high: Floats, movement: float, fallback: Floats) -> Floats:
    """Minimise the 1-norm of the second difference with the total movement held; variables are x, t, a."""

    n = len(low)
    d, one = _differences(n), eye_array(n - 1)
    padded = vstack([csr_matrix((1, n)), d, csr_matrix((1, n))])  # at rest before and after
    second = _differences(n + 1) @ padded
    m = n
    nothing_t, nothing_a = csr_matrix((2 * (n - 1), m)), csr_matrix((2 * m, n - 1))
    moves = hstack([vstack([hstack([d, -one]), hstack([-d, -one])]), nothing_t])
    turns = hstack([vstack([second, -second]), nothing_a, vstack([-eye_array(m), -eye_array(m)])])
    total = hstack([csr_matrix((1, n)), csr_matrix(np.ones((1, n - 1))), csr_matrix((1, m))])
    limits = vstack([moves, turns, total]).tocsr()
    right = np.concatenate([np.zeros(2 * (n - 1) + 2 * m), [movement * (1 + 1e-6) + 1e-9]])
    cost = np.concatenate([np.zeros(2 * n - 1), np.ones(m)])
    bounds = [*zip(low, high, strict=True), *([(0, None)] * (n - 1 + m))]
    found = linprog(cost, A_ub=limits, b_ub=right, bounds=bounds, method="highs")
    return np.asarray(found.x[:n]) if found.status == 0 else fallback
