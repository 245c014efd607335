"""The delay of a sound device out of taps, on simulated people and outputs of known delay."""

from __future__ import annotations

import numpy as np
import pytest

from standtall.base.errors import NothingToDo
from standtall.sound.tap_delay import PERIOD_S, delay_of

BEATS = [PERIOD_S * n for n in range(16)]


def tapped(dice: np.random.Generator, delay: float, early: float, spread: float, missed: float = 0.0) -> list[float]:
    """Taps of a person who is `early`, scattered by `spread`, with beats that come `delay` late; some are missed, some double."""
    taps = [b + delay - early + dice.normal(0, spread) for b in BEATS if dice.random() >= missed]
    return sorted([*taps, *(t + 0.25 for t in taps if dice.random() < missed)])


@pytest.mark.parametrize("delay", [0.0, 0.04, 0.12, 0.2, 0.35])
def test_a_known_delay_is_found_whatever_the_person_is_like(delay: float) -> None:
    dice = np.random.default_rng(round(1000 * delay))
    off = []
    for early in (-0.03, 0.0, 0.05):
        for _ in range(30):
            found = delay_of(BEATS, tapped(dice, 0.0, early, 0.025), BEATS, tapped(dice, delay, early, 0.025, 0.06))
            off.append(abs(found.seconds - delay))
            assert 0 < found.within < 0.03
    assert np.mean(off) < 0.012 and max(off) < 0.04


def test_taps_that_say_nothing_are_refused() -> None:
    dice = np.random.default_rng(1)
    good = tapped(dice, 0.0, 0.0, 0.02)
    with pytest.raises(NothingToDo, match="too few"):
        delay_of(BEATS, good, BEATS, good[:4])
    with pytest.raises(NothingToDo, match="did not go with the beat"):
        delay_of(BEATS, good, BEATS, list(dice.uniform(0, 16, 60)))
    with pytest.raises(NothingToDo, match="too short"):
        delay_of(BEATS[:5], good, BEATS, good)
