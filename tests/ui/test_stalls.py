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


def test_work_of_the_thread_is_no_longer_than_what_the_machine_left() -> None:
    stalls = object.__new__(Stalls)
    stalls.gaps = [Gap(1.0, 2.0, 0, 0.9), Gap(3.0, 4.0, 1, 0.3)]
    stalls.__dict__["_frozen"] = {0: [(1.2, 1.8)], 1: [(3.5, 3.6)]}
    assert stalls.own() == pytest.approx([0.4, 0.3])
