"""Time as whole ticks of 1/48000 s.

A tick is one sample of the 48 kHz mix, so sound is cut exactly; 24, 25, 30, 50 and 60 fps are whole
ticks, and NTSC rates are off by at most half a tick (10 microseconds), which choosing pictures by the middle of
their duration absorbs. See docs/decisions/0002-ticks.md.
"""

from __future__ import annotations

from fractions import Fraction
from typing import Final

TICKS_PER_SECOND: Final = 48_000
"""Ticks in a second."""


def ticks(seconds: float | Fraction) -> int:
    """Seconds to the nearest tick."""
    return round(seconds * TICKS_PER_SECOND)


def seconds(tick: int) -> float:
    """Ticks to seconds, for showing and for numeric analysis."""
    return tick / TICKS_PER_SECOND


def frame_middle(number: int, rate: Fraction) -> int:
    """The tick halfway through frame `number` of a picture running at `rate` frames a second."""
    return round((Fraction(2 * number + 1, 2) / rate) * TICKS_PER_SECOND)


def frame_start(number: int, rate: Fraction) -> int:
    """The tick at which frame `number` of a picture running at `rate` frames a second begins."""
    return round(Fraction(number) / rate * TICKS_PER_SECOND)


def frame_count(length: int, rate: Fraction) -> int:
    """How many frames fill `length` ticks: as many as have their middle inside."""
    return max(0, round(Fraction(length, TICKS_PER_SECOND) * rate))


def clock(tick: int, tenths: bool = False) -> str:
    """Ticks as m:ss, or h:mm:ss from one hour; with `tenths` of a second if asked."""
    total = max(0, tick)
    if tenths:
        ten = total * 10 // TICKS_PER_SECOND
        whole, part = divmod(ten, 10)
    else:
        whole, part = total // TICKS_PER_SECOND, 0
    hours, rest = divmod(whole, 3600)
    text = f"{hours}:{rest // 60:02d}:{rest % 60:02d}" if hours else f"{rest // 60}:{rest % 60:02d}"
    return f"{text}.{part}" if tenths else text
