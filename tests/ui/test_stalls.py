"""How the bench counts stalls: each second that the machine itself took is taken off once."""

from __future__ import annotations

import pytest
from bench.stalls import Gap, Stalls, _left

GAP = Gap(1.0, 2.0, 0, 0.0)


@pytest.mark.parametrize(
    ("taken", "left"),
    [([], 1.0), ([(0.5, 1.2)], 0.8), ([(0.5, 1.2), (1.1, 1.3), (1.9, 3.0)], 0.6), ([(0.0, 0.5), (2.5, 3.0)], 1.0), ([(0.0, 3.0), (1.2, 1.4)], 0.0)],
)
def test_what_was_taken_is_taken_off_once(taken: list[tuple[float, float]], left: float) -> None:
    assert _left(GAP, taken) == pytest.approx(left)


def test_what_was_waited_is_taken_off_on_any_core_and_what_was_worked_only_on_its_own() -> None:
    stalls = object.__new__(Stalls)
    stalls.gaps = [Gap(1.0, 2.0, 0, 0.9), Gap(3.0, 4.0, 1, 0.3), Gap(5.0, 6.0, 0, 0.7), Gap(7.0, 8.0, 0, 0.0)]
    stalls.__dict__["_frozen"] = {0: [(1.2, 1.8)], 1: [(3.5, 3.6), (5.0, 5.8), (7.1, 7.9)]}
    assert stalls.own() == pytest.approx([0.4, 0.3, 0.7, 0.0])
    assert stalls.lengths() == pytest.approx([0.4, 0.9, 0.7, 0.2])
    assert stalls.lengths([(3.0, 3.5)])[1] == pytest.approx(0.4)
