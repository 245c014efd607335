"""The path of a camera against a linear programme of the reference library, and by what the programme promises."""

from __future__ import annotations

import numpy as np
import pytest
from scipy.optimize import linprog
from scipy.sparse import csr_array, eye_array, hstack, vstack

from standtall.framing.path import HELD, Limits, Weights, blend, solve

WEIGHTS, LIMITS = Weights(), Limits(0.04, 0.012)


def differences(n: int, order: int) -> csr_array:
    out = csr_array(eye_array(n))
    for _ in range(order):
        out = out[1:] - out[:-1]
    return csr_array(out)


def cost(x: np.ndarray, low: np.ndarray, high: np.ndarray, aim: np.ndarray) -> float:
    w = WEIGHTS
    moved = sum(k * np.abs(np.diff(x, n)).sum() for n, k in ((1, w.movement), (2, w.change), (3, w.jolt)))
    return float(moved + w.aim * np.abs(x - aim).sum() + HELD * np.maximum(0, np.maximum(low - x, x - high)).sum())


def reference(low: np.ndarray, high: np.ndarray, aim: np.ndarray, edges: tuple[float, float] | None = None) -> np.ndarray:
    """The same programme, written out in full and solved by HiGHS (in SciPy)."""
    n = len(low)
    terms = [(0, WEIGHTS.aim, aim, aim), (1, WEIGHTS.movement, 0.0, 0.0), (2, WEIGHTS.change, 0.0, 0.0), (3, WEIGHTS.jolt, 0.0, 0.0),
             (0, HELD, high, low)]  # fmt: skip
    costs, rows, right = [np.zeros(n)], [], []
    sizes = [n - order for order, *_ in terms]
    for i, (order, weight, above, below) in enumerate(terms):
        d, one = differences(n, order), eye_array(sizes[i])
        pads = [csr_array((sizes[i], size)) for size in sizes]
        pads[i] = csr_array(-one)
        rows += [hstack([d, *pads]), hstack([-d, *pads])]
        right += [np.broadcast_to(above, sizes[i]), np.broadcast_to(-np.asarray(below), sizes[i])]
        costs.append(np.full(sizes[i], weight))
    for order, limit in ((1, LIMITS.fastest), (3, LIMITS.jerkiest)):
        d = hstack([differences(n, order), csr_array((n - order, sum(sizes)))])
        rows += [d, -d]
        right += [np.full(n - order, limit)] * 2
    free = [edges or (None, None)] * n + [(0, None)] * sum(sizes)
    found = linprog(np.concatenate(costs), A_ub=vstack(rows), b_ub=np.concatenate(right), bounds=free, method="highs")
    return np.asarray(found.x[:n])


def somebody(seed: int) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """Bounds around somebody who sways, walks or sits down elsewhere."""
    dice = np.random.default_rng(seed)
    n = int(dice.integers(8, 110))
    aim = 0.5 + np.cumsum(dice.normal(0, 0.02, n) * (dice.random(n) < 0.3))
    if seed % 3 == 0:
        aim = aim + np.where(np.arange(n) > n // 2, 0.4, 0.0)
    slack = dice.uniform(0.02, 0.2)
    return aim - slack, aim + slack, aim


@pytest.mark.parametrize("seeds", [range(i, 200, 8) for i in range(8)])
def test_no_path_is_better_than_that_of_the_reference_by_more_than_one_percent(seeds: range) -> None:
    for seed in seeds:
        low, high, aim = somebody(seed)
        ours, theirs = solve(low, high, aim, WEIGHTS, LIMITS), reference(low, high, aim)
        assert cost(ours, low, high, aim) <= 1.01 * cost(theirs, low, high, aim) + 1e-6
        assert np.abs(np.diff(ours)).max() <= 0.04 + 1e-4
        assert np.abs(np.diff(ours, 3)).max() <= 0.012 + 1e-4


@pytest.mark.parametrize("seeds", [range(i, 60, 4) for i in range(4)])
def test_edges_are_never_crossed_and_the_best_path_inside_them_is_found(seeds: range) -> None:
    for seed in seeds:
        low, high, aim = somebody(seed)
        edges = float(np.percentile(aim, 15)), float(np.percentile(aim, 85)) + 0.02
        n = len(aim)
        limits = Limits(LIMITS.fastest, LIMITS.jerkiest, (np.full(n, edges[0]), np.full(n, edges[1])))
        ours, theirs = solve(low, high, aim, WEIGHTS, limits), reference(low, high, aim, edges)
        assert ours.min() >= edges[0] - 1e-4
        assert ours.max() <= edges[1] + 1e-4
        assert cost(ours, low, high, aim) <= 1.01 * cost(theirs, low, high, aim) + 1e-6
        assert np.abs(np.diff(ours, 3)).max() <= 0.012 + 1e-4


def test_it_stands_still_where_it_can() -> None:
    sway = 0.5 + 0.05 * np.sin(12 * np.linspace(0, 1, 50))
    assert np.ptp(solve(sway - 0.06, sway + 0.06, sway)) == 0


def test_a_walk_is_one_even_move() -> None:
    walk = np.concatenate([np.full(15, 0.2), np.linspace(0.2, 0.8, 40), np.full(15, 0.8)])
    path = solve(walk - 0.04, walk + 0.04, walk)
    assert (np.diff(path) >= -1e-3).all(), "never goes back"
    assert np.abs(path - walk).max() <= 0.04 + 1e-3
    assert np.abs(np.diff(path, 2)).max() < 0.012, "it sets out and arrives by and by"


def test_bounds_that_cross_meet_in_their_middle() -> None:
    low, high = np.full(20, 0.6), np.full(20, 0.4)
    assert solve(low, high, low) == pytest.approx(np.full(20, 0.5))


def test_who_is_faster_than_the_camera_is_caught_up_with() -> None:
    jump = np.where(np.arange(80) < 40, 0.2, 0.8)
    path = solve(jump - 0.05, jump + 0.05, jump, WEIGHTS, LIMITS)
    assert np.abs(np.diff(path)).max() <= 0.04 + 1e-4
    assert path[0] < 0.26
    assert path[-1] > 0.74


def test_a_curve_is_a_mean_of_its_control_points() -> None:
    for f in np.linspace(0, 1, 11):
        shares = blend(float(f))
        assert min(shares) >= 0
        assert sum(shares) == pytest.approx(1)
        assert sum(s * x for s, x in zip(shares, (-1, 0, 1, 2), strict=True)) == pytest.approx(f), "straight lines stay so"
