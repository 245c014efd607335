"""What an editor's keep and pass teach: how much each shown part counts.

A logistic model on the parts, regularised towards the weights that hold for everybody (maximum a posteriori with a normal prior:
Bishop 2006, Pattern Recognition and Machine Learning, 4.5), so that a few votes move little and many move much.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.interface_language import capital, tr
from standtall.model.moment import PARTS

USUAL: Final = (0.20, 0.22, 0.10, 0.13, 0.05, 0.06, 0.24)
"""Weights of the parts in their order, which is that in which editors ask for them (common practice, no source)."""
SHARP: Final = 6.0
STIFF: Final = 0.12
"""Standard deviation of the prior: how far a weight may move before votes have to be many."""


@dataclass(frozen=True, slots=True)
class Lesson:
    """A vote: the values of the parts that were shown, and whether it was kept."""

    values: tuple[float, ...]
    kept: bool


@dataclass(frozen=True, slots=True)
class Learnt:
    """The weights now, those before any vote, and how many votes taught them."""

    weights: tuple[float, ...]
    votes: int

    def changes(self) -> tuple[str, ...]:
        """What was learnt, in words, the greatest change first; empty where it is next to nothing."""
        moved = sorted(zip(PARTS, USUAL, self.weights, strict=True), key=lambda m: -abs(m[2] - m[1]))
        return tuple(
            tr(
                "{part} counts {way}: {now:.0%} instead of {before:.0%}",
                part=capital(tr(name)),
                way=tr("more") if now > before else tr("less"),
                now=now,
                before=before,
            )
            for name, before, now in moved
            if abs(now - before) >= 0.01
        )


def learn(lessons: tuple[Lesson, ...]) -> Learnt:
    """The weights that votes teach. Votes of one kind only teach too: against the middle of what can be."""
    good = [lesson for lesson in lessons if 0 < len(lesson.values) <= len(PARTS)]
    if not good:
        return Learnt(USUAL, 0)
    missing = [
        (0.5,) * (len(PARTS) - len(lesson.values)) for lesson in good
    ]  # votes from before a part was measured say nothing of it
    x = np.array([lesson.values + rest for lesson, rest in zip(good, missing, strict=True)]) - 0.5
    y = np.array([1.0 if lesson.kept else -1.0 for lesson in good])
    prior = np.array(USUAL)

    def cost(parameters: NDArray[np.float64]) -> tuple[float, NDArray[np.float64]]:
        weights, shift = parameters[:-1], parameters[-1]
        margin = y * (SHARP * (x @ weights) + shift)
        wrong = 1 / (1 + np.exp(np.clip(margin, -50, 50)))
        value = np.logaddexp(0, -margin).sum() + ((weights - prior) ** 2).sum() / (2 * STIFF**2) + shift**2 / 2
        slope = -(wrong * y) @ (SHARP * x) + (weights - prior) / STIFF**2
        return float(value), np.append(slope, -(wrong * y).sum() + shift)

    from scipy.optimize import minimize  # slow to import, and only needed once somebody has voted

    found = minimize(cost, np.append(prior, 0.0), jac=True, method="L-BFGS-B", bounds=[(0.0, 1.0)] * len(PARTS) + [(-5.0, 5.0)])
    weights = np.maximum(0.005, found.x[:-1])
    weights /= weights.sum()
    return Learnt(tuple(round(float(w), 4) for w in weights), len(good))
