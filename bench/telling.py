"""Teaches `moments.telling` by the talks to tune on, and tries it on talks that were left out.

The likelihood of a segmental conditional random field and its gradient by the forward and backward sums (Sarawagi and Cohen 2004):
each talk is cut into passages that are strong, of up to `LONGEST` sentences, and single sentences between them.
"""

from __future__ import annotations

import time
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import minimize
from scipy.special import logsumexp

from bench.moments import judged
from bench.row import Row
from bench.talks import TUNING, talked
from standtall.moments import telling
from standtall.moments.talk import Talk
from standtall.moments.telling import measured

Values = NDArray[np.float64]
SHORTEST, LONGEST = 3, 26
"""Sentences of a strong passage."""
STIFF = 30.0
"""How strongly weights are drawn towards 0; the best of 10, 30, 60 and 120 in leaving out the first sixteen talks to tune on,
by a little, so that what `run` tells of talks left out is a little too good."""
STEPS = 60
SLACK = 0.05
"""Added to the spread of a feature, so that what hardly ever happens does not weigh much."""
FOLDS = 4


@dataclass(frozen=True, slots=True)
class Lesson:
    """A talk, measured: (sentences, features), those at edges as first and last, and the strong passages (first, last sentence)."""

    plain: Values
    begins: Values
    ends: Values
    strong: tuple[tuple[int, int], ...]


def lesson(name: str) -> Lesson:
    made = talked(name)
    talk = Talk(made.analysis)
    plain, edges = measured(talk)
    number = talk.sentence_of
    return Lesson(plain, edges[1], edges[-1], tuple((int(number[run.start]), int(number[run[-1]])) for run in made.strong))


def taught(lessons: Sequence[Lesson]) -> dict[str, Any]:
    """Weights as `moments.telling` reads them."""
    parts = {name: np.concatenate([getattr(one, name) for one in lessons]) for name in ("plain", "begins", "ends")}
    scales = {name: (values.mean(0), values.std(0) + SLACK) for name, values in parts.items()}
    standard = [
        (*((getattr(one, name) - mean) / spread for name, (mean, spread) in scales.items()), one.strong) for one in lessons
    ]
    width, edge = parts["plain"].shape[1], parts["begins"].shape[1]

    def cost(weights: Values) -> tuple[float, Values]:
        value, slope = 0.0, np.zeros_like(weights)
        for one in standard:
            here, there = _likelihood(weights, one, width, edge)
            value, slope = value + here, slope + there
        held = weights.copy()
        held[-2:] = 0
        return STIFF / 2 * float(held @ held) - value, STIFF * held - slope

    found = minimize(cost, np.zeros(width + 2 * edge + 2), jac=True, method="L-BFGS-B", options={"maxiter": STEPS}).x
    cuts = np.split(found, [width, width + edge, width + 2 * edge])
    names = {"inside": ("plain", cuts[0], cuts[3][0]), "begins": ("begins", cuts[1], cuts[3][1]), "ends": ("ends", cuts[2], 0.0)}
    return {
        name: {
            "mean": _rounded(scales[part][0]), "spread": _rounded(scales[part][1]), "weight": _rounded(weight),
            "shift": round(float(shift), 4),
        }
        for name, (part, weight, shift) in names.items()
    }  # fmt: skip


def _rounded(values: Values) -> list[float]:
    return [round(float(v), 4) for v in values]


def _likelihood(weights: Values, one: tuple[Any, ...], width: int, edge: int) -> tuple[float, Values]:
    """Log likelihood of the strong passages of a talk, and its gradient."""
    plain, first, last, strong = one
    count = len(plain)
    inside = plain @ weights[:width] + weights[-2]
    begins = first @ weights[width : width + edge] + weights[-1]
    ends = last @ weights[width + edge : width + 2 * edge]
    until = np.concatenate([[0.0], np.cumsum(inside)])
    forward, backward = np.zeros(count + 1), np.zeros(count + 1)
    for stop in range(1, count + 1):
        start = np.arange(max(0, stop - LONGEST), max(0, stop - SHORTEST + 1))
        told = forward[start] + begins[start] + ends[stop - 1] + until[stop] - until[start]
        forward[stop] = logsumexp(np.append(told, forward[stop - 1]))
    for start in range(count - 1, -1, -1):
        stop = np.arange(start + SHORTEST, min(count, start + LONGEST) + 1)
        told = backward[stop] + begins[start] + ends[stop - 1] + until[stop] - until[start]
        backward[start] = logsumexp(np.append(told, backward[start + 1]))
    expected = {name: np.zeros(count) for name in ("begins", "ends")}
    change = np.zeros(count + 1)
    for start in range(count):
        stop = np.arange(start + SHORTEST, min(count, start + LONGEST) + 1)
        told = forward[start] + begins[start] + ends[stop - 1] + until[stop] - until[start] + backward[stop] - forward[count]
        likely = np.exp(told)
        expected["begins"][start] += likely.sum()
        expected["ends"][stop - 1] += likely
        change[start] += likely.sum()
        change[stop] -= likely
    true = {name: np.zeros(count) for name in ("begins", "ends", "inside")}
    value = -float(forward[count])
    for a, b in strong:
        true["begins"][a] += 1
        true["ends"][b] += 1
        true["inside"][a : b + 1] += 1
        value += float(begins[a] + ends[b] + until[b + 1] - until[a])
    within = true["inside"] - np.cumsum(change)[:count]
    at_first, at_last = true["begins"] - expected["begins"], true["ends"] - expected["ends"]
    slope = np.concatenate([plain.T @ within, first.T @ at_first, last.T @ at_last, [within.sum(), at_first.sum()]])
    return value, slope


def run() -> Iterator[Row]:
    """The talks to tune on, a quarter of them left out in turn: what is to be expected of a talk of the same hand."""
    lessons = {name: lesson(name) for name in TUNING}
    shipped, total, began = telling._weights, np.zeros(8), time.monotonic()
    for fold in range(FOLDS):
        made = taught([one for n, one in enumerate(lessons.values()) if n % FOLDS != fold])
        telling._weights = lambda made=made: made  # type: ignore[assignment,misc]
        for n, name in enumerate(lessons):
            if n % FOLDS == fold:
                total += np.array(judged(name))
    telling._weights = shipped
    met, strong, hits, start, start_near, end, end_near, notices = total
    yield Row(f"talks left out: strong passages met by the first 10, of {strong:.0f}", met, "", f">= {strong:.0f}")
    yield Row("talks left out: starts exact", start / hits, "", ">= 0.8")
    yield Row("talks left out: starts within one sentence", start_near / hits, "", ">= 0.95")
    yield Row("talks left out: ends exact", end / hits, "", ">= 0.8")
    yield Row("talks left out: ends within one sentence", end_near / hits, "", ">= 0.95")
    yield Row("talks left out: with a greeting or notice", notices, "", "<= 0")
    yield Row("time to teach", (time.monotonic() - began) / FOLDS, "s")
