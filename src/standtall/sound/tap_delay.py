"""How much later sound is heard than the program believes, from a person who taps along with flashes and then with clicks.

People tap a little before or after a beat, each in a way of their own (Aschersleben, "Temporal Control of Movements in
Sensorimotor Synchronization", Brain and Cognition 48, 2002), and keys take their time; both are the same with flashes and with
clicks, so that the difference between the two is the delay of the sound.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

import numpy as np

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr

FEWEST: Final = 6
"""Taps of each kind that are needed."""
FIRST_LEFT_OUT: Final = 2
"""Beats at the start of a round on which people still find in (common practice, no source)."""
WIDEST_S: Final = 0.12
"""Spread of taps (a quarter to three quarters) up to which they can be said to go with the beat."""
PERIOD_S: Final = 1.0
"""Between beats: what is late by up to 0.35 s still goes with its own."""
MOST_S: Final = 0.5


@dataclass(frozen=True, slots=True)
class Delay:
    """Seconds by which sound is late, and how far that may be off (about two in three such trials)."""

    seconds: float
    within: float


def offsets(beats: Sequence[float], taps: Sequence[float]) -> np.ndarray:
    """Seconds from each beat to the tap that goes with it: the first one from half a beat before it on."""
    period = float(np.median(np.diff(beats)))
    out = []
    for beat in beats[FIRST_LEFT_OUT:]:
        near = [t - beat for t in taps if -period / 2 <= t - beat < period / 2]
        if near:
            out.append(min(near, key=abs))
    return np.array(out)


def delay_of(
    flashes: Sequence[float], with_flashes: Sequence[float], clicks: Sequence[float], with_clicks: Sequence[float]
) -> Delay:
    """The delay from when flashes were shown and clicks should be heard, and the taps with each (all in seconds of one clock).
    Raises `NothingToDo` where there are too few taps, or they do not go with the beat."""
    found = []
    for beats, taps in ((flashes, with_flashes), (clicks, with_clicks)):
        if len(beats) < FEWEST + FIRST_LEFT_OUT:
            raise NothingToDo(tr("The trial was too short."), tr("Tap along until it ends."))
        each = offsets(beats, taps)
        if len(each) < FEWEST:
            raise NothingToDo(
                tr("There were too few taps."), tr("Tap the Space key once with every flash, and with every click.")
            )
        low, high = np.quantile(each, (0.25, 0.75))
        if high - low > WIDEST_S:
            raise NothingToDo(tr("The taps did not go with the beat."), tr("Try again, more evenly; it helps to count along."))
        kept = each[np.abs(each - np.median(each)) <= WIDEST_S]
        found.append((float(np.mean(kept)), float(np.std(kept)) / len(kept) ** 0.5))
    (seen, seen_off), (heard, heard_off) = found
    return Delay(float(np.clip(heard - seen, 0.0, MOST_S)), float(np.hypot(seen_off, heard_off)))
