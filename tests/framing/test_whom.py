"""Whom the camera shows, against all courses tried one by one."""

from __future__ import annotations

import itertools

import numpy as np
import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.whom import HELD, LEAD, Turn, _cheapest, turns, with_reactions
from standtall.model.framing import Reaction
from standtall.model.people import FaceSample, People, Shot, Talk, Track

S = TICKS_PER_SECOND


def track(person: int, start: float, end: float, x: float = 0.2, size: float = 0.1) -> Track:
    return Track(
        0, person, tuple(FaceSample(t, x, 0.3, size, 2 * size, 0.0) for t in range(round(start * S), round(end * S), 3_200))
    )


def people(*talk: tuple[float, float, int], tracks: tuple[Track, ...]) -> People:
    said = tuple(Talk(round(a * S), round(b * S), who, 1.0) for a, b, who in talk)
    return People((Shot(0, 20 * S),), tracks, said, ("A", "B", "C"))


BOTH = (track(0, 0, 20), track(1, 0, 20, 0.7))


@pytest.mark.parametrize("seed", range(20))
def test_the_course_is_the_cheapest_of_all(seed: int) -> None:
    dice = np.random.default_rng(seed)
    costs, change = dice.random((6, 3)), float(dice.uniform(0, 0.8))

    def total(course: tuple[int, ...]) -> float:
        return sum(costs[i, j] for i, j in enumerate(course)) + change * sum(a != b for a, b in itertools.pairwise(course))

    best = min(total(course) for course in itertools.product(range(3), repeat=6))
    assert total(tuple(_cheapest(costs, change))) == pytest.approx(best)


def test_it_goes_over_just_before_the_first_word() -> None:
    found = turns(p := people((1, 4, 0), (6, 9, 1), tracks=BOTH), p.tracks, 0, 20 * S, None)
    assert [t.person for t in found] == [0, 1]
    assert found[1].start == 6 * S - LEAD


def test_it_never_goes_into_the_last_words_of_another() -> None:
    found = turns(p := people((1, 4, 0), (4.01, 9, 1), tracks=BOTH), p.tracks, 0, 20 * S, None)
    assert found[1].start == 4 * S


@pytest.mark.parametrize(("length", "shown"), [(0.3, [0]), (0.6, [0]), (0.9, [0, 1, 0]), (2.0, [0, 1, 0])])
def test_short_answers_are_held_over(length: float, shown: list[int]) -> None:
    assert 0.6 < HELD / S < 0.9
    p = people((1, 4, 0), (4.2, 4.2 + length, 1), (4.4 + length, 9, 0), tracks=BOTH)
    assert [t.person for t in turns(p, p.tracks, 0, 20 * S, None)] == shown


def test_how_long_an_answer_has_to_be_can_be_chosen() -> None:
    p = people((1, 4, 0), (4.2, 4.6, 1), (5, 9, 0), tracks=BOTH)
    shown = {h: [t.person for t in turns(p, p.tracks, 0, 20 * S, None, round(h * S))] for h in (0.0, 0.2, 0.7, 3.0)}
    assert shown == {0.0: [0, 1, 0], 0.2: [0, 1, 0], 0.7: [0], 3.0: [0]}


def test_nobody_is_shown_while_they_are_out_of_view() -> None:
    tracks = (track(0, 0, 20), track(1, 0, 5, 0.7), track(1, 12, 20, 0.7))
    p = people((1, 4, 1), (5.5, 9, 1), (13, 19, 1), tracks=tracks)
    assert [(t.person, round(t.start / S)) for t in turns(p, tracks, 0, 20 * S, None)] == [(1, 0), (0, 5), (1, 13)]


def test_while_nobody_speaks_the_nearest_is_shown() -> None:
    tracks = (track(0, 0, 20, size=0.05), track(1, 0, 20, 0.7, 0.2))
    (only,) = turns(people(tracks=tracks), tracks, 0, 20 * S, None)
    assert (only.person, only.why) == (1, "nearest while nobody speaks")


def test_who_was_chosen_is_followed() -> None:
    (only,) = turns(p := people((1, 9, 0), tracks=BOTH), p.tracks, 0, 20 * S, 1)
    assert (only.person, only.why) == (1, "chosen person")


def test_a_reaction_is_laid_over_the_turns_and_nothing_else_changes() -> None:
    wanted = [Turn(0, 100, 0, "speaking"), Turn(100, 200, 1, "speaking")]
    shown = with_reactions(wanted, (Reaction(40, 60, 1), Reaction(90, 120, 0)), {0, 1})
    assert [(t.start, t.end, t.person, t.why) for t in shown] == [
        (0, 40, 0, "speaking"), (40, 60, 1, "reaction"), (60, 90, 0, "speaking"), (90, 120, 0, "reaction"), (120, 200, 1, "speaking"),
    ]  # fmt: skip
    assert with_reactions(wanted, (Reaction(40, 60, 7), Reaction(300, 400, 1)), {0, 1}) == wanted, (
        "nobody there, or not in the shot"
    )
    assert with_reactions([], (Reaction(40, 60, 1),), {1}) == []
