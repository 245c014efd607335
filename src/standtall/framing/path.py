"""The calmest path of a camera inside soft bounds, solved exactly in time that grows linearly with its length.

A path is a uniform cubic B-spline; its control points x solve one linear programme:

    minimise   w0 |x - aim| + w1 |Dx| + w2 |D2 x| + w3 |D3 x| + HELD sum(outside)
    subject to low - outside <= x <= high + outside,  |Dx| <= fastest,  |D3 x| <= jerkiest,  least <= x <= most,

with |.| the sum of absolute values and D, D2, D3 the first three differences. The sums of absolute values make paths that stand
still, then move evenly, with few changes in between: Grundmann, Kwatra and Essa, "Auto-directed video stabilization with
robust L1 optimal camera paths" (CVPR 2011). The curve is a mean of its control points, so that bounds on these, on their
speed and on their jerk are bounds on the curve (de Boor, "A practical guide to splines", chapters IX and XI).

It is solved by Mehrotra's predictor-corrector method ("On the implementation of a primal-dual interior point method", SIAM
Journal on Optimization 2, 1992). All unknowns but x stand alone in their equations, so that each step is one band matrix of
width four."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.framing.band_solver import solve_band

Floats = NDArray[np.float64]

HELD: Final = 40.0
"""What a step outside the bounds costs, against one step of movement."""
EXACT: Final = 5e-4
"""Gap between the solution and its proof, as a share of the cost."""
MOST_STEPS: Final = 60


@dataclass(frozen=True, slots=True)
class Weights:
    """What is to be small: the distance from the aim, the movement, and its first and second change."""

    aim: float = 0.01
    movement: float = 1.0
    change: float = 6.0
    jolt: float = 12.0


@dataclass(frozen=True, slots=True)
class Limits:
    """The largest |Dx| (a number, or one for each of the n - 1 steps) and |D3 x|."""

    fastest: float | Floats = np.inf
    jerkiest: float = np.inf
    edges: tuple[Floats, Floats] | None = None
    """The least and the most that x may be, each (n,)."""


class _Rows:
    """Rows `sign * A x - share * t <= bound` of the programme, A being the difference of some order, with their slacks `s`
    and prices `p`, each (2, m), or (3, m) where the t have a `floor` of 0. `cost` is that of each t; None where the bounds
    are hard."""

    def __init__(self, order: int, above: Floats, below: Floats, cost: float | None, floor: bool = False) -> None:
        self.order, self.cost = order, cost
        self.bounds = np.stack([above, below, *([np.zeros_like(above)] if floor else [])])
        self.t = np.zeros_like(above)
        self.s, self.p = np.ones_like(self.bounds), np.ones_like(self.bounds)

    def sides(self, u: Floats, t: Floats) -> Floats:
        """The left sides of the rows for A x = `u`."""
        out = np.empty_like(self.bounds)
        out[0], out[1], out[2:] = u, -u, 0.0
        if self.cost is not None:
            out -= t
        return out


def _difference(x: Floats, order: int) -> Floats:
    return np.diff(x, order) if order else x


def _adjoint(u: Floats, order: int) -> Floats:
    """The transpose of the difference of some order."""
    for _ in range(order):
        u = np.concatenate([[-u[0]], u[:-1] - u[1:], [u[-1]]])
    return u


_STENCILS: Final = {0: (1.0,), 1: (-1.0, 1.0), 2: (1.0, -2.0, 1.0), 3: (-1.0, 3.0, -3.0, 1.0)}


def _add_band(band: Floats, order: int, weights: Floats) -> None:
    """Add A' diag(weights) A to a symmetric matrix in the upper form of `solveh_banded`."""
    stencil, m, top = _STENCILS[order], len(weights), len(band) - 1
    for i, a in enumerate(stencil):
        for j in range(i, len(stencil)):
            band[top - (j - i), j : j + m] += a * stencil[j] * weights


def solve(low: Floats, high: Floats, aim: Floats, weights: Weights = Weights(), limits: Limits = Limits()) -> Floats:
    """The control points (n,) of the best path for bounds and aims (each (n,), any unit). Bounds that cross meet in their
    middle."""
    middle = (low + high) / 2
    low, high = np.minimum(low, middle), np.maximum(high, middle)
    n = len(low)
    scale = max(1e-9, float(np.ptp(np.concatenate([low, high, aim]))))
    if n < 4 or float(low.max()) <= float(high.min()):
        still = np.clip(np.median(aim), low.max(), high.min()) if n and low.max() <= high.min() else np.median(middle)
        return np.full(n, float(still))
    shift = float(np.median(aim))
    x = _interior((low - shift) / scale, (high - shift) / scale, (aim - shift) / scale, weights, limits, scale, shift)
    return x * scale + shift


def _interior(low: Floats, high: Floats, aim: Floats, weights: Weights, limits: Limits, scale: float, shift: float) -> Floats:
    n = len(low)
    groups = [
        _Rows(0, high, -low, HELD, floor=True),
        _Rows(0, aim, -aim, weights.aim),
        *(
            _Rows(k, np.zeros(n - k), np.zeros(n - k), w)
            for k, w in ((1, weights.movement), (2, weights.change), (3, weights.jolt))
        ),
    ]
    for order, limit in ((1, limits.fastest), (3, limits.jerkiest)):
        bound = np.broadcast_to(np.asarray(limit, np.float64) / scale, (n - order,)).copy()
        if np.isfinite(bound).all():
            groups.append(_Rows(order, bound, bound, None))
    if limits.edges is not None:
        least, most = limits.edges
        groups.append(_Rows(0, (most - shift) / scale, -(least - shift) / scale, None))
    x = np.clip(aim, low, high)
    _begin(groups, x)
    count = sum(g.s.size for g in groups)
    for _ in range(MOST_STEPS):
        gap = sum(float(np.vdot(g.s, g.p)) for g in groups) / count
        if gap * count < EXACT * max(1e-3, _cost(groups, x)) and _infeasible(groups, x) < 1e-5:
            break
        dx, moves = _step(groups, x, [g.s * g.p for g in groups])
        reach = _reach(groups, moves)
        ahead = sum(float(np.vdot(g.s + reach * ds, g.p + reach * dp)) for g, (_, ds, dp) in zip(groups, moves, strict=True))
        centre = gap * (ahead / count / gap) ** 3
        dx, moves = _step(groups, x, [g.s * g.p + ds * dp - centre for g, (_, ds, dp) in zip(groups, moves, strict=True)])
        reach = min(1.0, 0.995 * _reach(groups, moves))
        x = x + reach * dx
        for g, (dt, ds, dp) in zip(groups, moves, strict=True):
            g.t, g.s, g.p = g.t + reach * dt, g.s + reach * ds, g.p + reach * dp
    return x


def _begin(groups: list[_Rows], x: Floats) -> None:
    """A point well inside: what is soft is as loose as it has to be, and a little more."""
    for g in groups:
        u = _difference(x, g.order)
        if g.cost is not None:
            g.t = np.maximum(u - g.bounds[0], -u - g.bounds[1]).clip(min=0.0) + 0.1
        g.s = np.maximum(g.bounds - g.sides(u, g.t), 0.1)
        g.p[:] = 0.1 if g.cost is None else max(1e-3, g.cost / len(g.bounds))


def _cost(groups: list[_Rows], x: Floats) -> float:
    total = 0.0
    for g in groups:
        if g.cost is not None:
            u = _difference(x, g.order)
            total += g.cost * float(np.maximum(np.maximum(u - g.bounds[0], -u - g.bounds[1]), 0.0).sum())
    return total


def _infeasible(groups: list[_Rows], x: Floats) -> float:
    return max(float(np.abs(g.sides(_difference(x, g.order), g.t) + g.s - g.bounds).max()) for g in groups)


Moves = list[tuple[Floats, Floats, Floats]]


def _step(groups: list[_Rows], x: Floats, products: list[Floats]) -> tuple[Floats, Moves]:
    """Newton's step towards slack x price = what `products` leave over: -> dx, and (dt, ds, dp) of each group."""
    n = len(x)
    band, right = np.zeros((4, n)), np.zeros(n)
    band[3] += 1e-12
    kept = []
    for g, product in zip(groups, products, strict=True):
        over = g.sides(_difference(x, g.order), g.t) + g.s - g.bounds
        w = g.p / g.s
        q = (g.p * over - product) / g.s
        pull, stiff, t_part = q[1] - q[0] + g.p[1] - g.p[0], w[0] + w[1], None
        if g.cost is not None:  # the t stand alone in their equations
            all_w, cross, e = w.sum(axis=0), w[1] - w[0], (g.p + q).sum(axis=0) - g.cost
            ratio = cross / all_w
            stiff, pull = stiff - cross * ratio, pull - ratio * e
            t_part = e / all_w, ratio
        kept.append((over, w, q, t_part))
        _add_band(band, g.order, stiff)
        right += _adjoint(pull, g.order)
    dx = solve_band(band, right)
    moves: Moves = []
    for g, (over, w, q, t_part) in zip(groups, kept, strict=True):
        du = _difference(dx, g.order)
        dt = g.t * 0.0 if t_part is None else t_part[0] - t_part[1] * du
        sides = g.sides(du, dt)
        moves.append((dt, -over - sides, q + w * sides))
    return dx, moves


def _reach(groups: list[_Rows], moves: Moves) -> float:
    """How far a step can go until a slack or a price is nothing, at most 1."""
    fastest = 1.0
    for g, (_, ds, dp) in zip(groups, moves, strict=True):
        fastest = max(fastest, float((-ds / g.s).max()), float((-dp / g.p).max()))
    return 1.0 / fastest


def blend(f: float) -> tuple[float, float, float, float]:
    """What four control points in a row count for on the curve, `f` (0 .. 1) of the way from the second to the third."""
    return (1 - f) ** 3 / 6, (3 * f**3 - 6 * f**2 + 4) / 6, (-3 * f**3 + 3 * f**2 + 3 * f + 1) / 6, f**3 / 6
