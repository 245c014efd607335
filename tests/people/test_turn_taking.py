"""The chain of speakers against sums and maxima over all courses, written out."""

from __future__ import annotations

import itertools

import numpy as np
import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.words import Word
from standtall.people.turn_taking import BEGINS, ENDS, WINDOW, beside, likeliest, probabilities, steps_of


def weight(course: tuple[int, ...], likes: np.ndarray, costs: np.ndarray) -> float:
    """The logarithm of what one course weighs."""
    own = sum(likes[i, who] for i, who in enumerate(course))
    return float(own - sum(costs[i] for i in range(1, len(course)) if course[i] != course[i - 1]))


@pytest.mark.parametrize("seed", range(12))
def test_course_and_probabilities_are_exact(seed: int) -> None:
    rng = np.random.default_rng(seed)
    steps, people = int(rng.integers(1, 7)), int(rng.integers(1, 4))
    likes, costs = rng.normal(0, 2, (steps, people)), rng.uniform(0, 3, steps)
    courses = list(itertools.product(range(people), repeat=steps))
    weights = np.array([weight(c, likes, costs) for c in courses])
    assert weight(tuple(likeliest(likes, costs)), likes, costs) == pytest.approx(weights.max())
    shares = np.exp(weights - weights.max())
    shares /= shares.sum()
    summed = np.zeros((steps, people))
    for course, share in zip(courses, shares, strict=True):
        summed[np.arange(steps), list(course)] += share
    np.testing.assert_allclose(probabilities(likes, costs), summed, atol=1e-9)


@pytest.mark.parametrize("seed", range(6))
def test_talk_beside_another_is_exact(seed: int) -> None:
    rng = np.random.default_rng(seed)
    tells, seconds = rng.normal(0, 3, 7), rng.uniform(0.1, 1, 7)
    begins, ends = np.exp(-BEGINS), np.exp(-ENDS)
    change = np.array([[1 - begins, begins], [ends, 1 - ends]])
    total, talks = 0.0, np.zeros(7)
    for course in itertools.product((0, 1), repeat=7):
        share = change[0, course[0]] * np.prod([change[a, b] for a, b in itertools.pairwise(course)])
        share *= np.exp(sum(tells[i] * seconds[i] for i in range(7) if course[i]))
        total += share
        talks += share * np.array(course)
    np.testing.assert_allclose(beside(tells, seconds), talks / total, atol=1e-9)


def test_hours_do_not_overflow() -> None:
    rng = np.random.default_rng(1)
    likes = rng.normal(0, 40, (5_000, 3))
    found = probabilities(likes, np.full(5_000, 2.0))
    assert np.isfinite(found).all()
    np.testing.assert_allclose(found.sum(axis=1), 1.0)
    assert np.isfinite(beside(likes[:, 0], np.ones(5_000))).all()


def test_steps_fill_the_source_and_changes_cost_least_after_a_pause_and_a_sentence() -> None:
    second = TICKS_PER_SECOND
    words = (
        Word("a", 100, second), Word("b", second, 2 * second), Word("c", 5 * second, 6 * second), Word("d.", 6 * second, 7 * second),
        Word("e", 7 * second, 8 * second), Word("f.", 8 * second, 9 * second), Word("g", 11 * second, 12 * second),
    )  # fmt: skip
    steps = steps_of(words, 14 * second)
    assert (steps.starts[0], steps.ends[-1]) == (0, 14 * second)
    assert (steps.starts[1:] == steps.ends[:-1]).all()
    at = [int(np.flatnonzero(steps.words == n)[0]) for n in range(7)]
    within, pause, sentence, both = (steps.costs[at[n]] for n in (1, 2, 4, 6))
    assert within > max(pause, sentence)
    assert min(pause, sentence) > both
    e = at[4]
    assert (steps.first[e], steps.last[e]) == (7 * second, 7 * second + WINDOW), "lips are read inside the speech of a word"
    assert (steps.first <= steps.starts).all()
    assert (steps.last >= steps.ends).all()


def test_words_that_lie_over_each_other_are_steps_one_after_another() -> None:
    words = (Word("a", 0, 30_000), Word("b", 20_000, 25_000), Word("c", 24_000, 48_000))
    steps = steps_of(words, 48_000)
    assert [(int(s), int(e)) for s, e in zip(steps.starts, steps.ends, strict=True)] == [(0, 30_000), (30_000, 48_000)]
    assert steps.words.tolist() == [0, 2]
