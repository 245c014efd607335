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


def nearest(above: int, below: int) -> int:
    """A quotient to the nearest whole number, halves to the even one, as `round` does it with fractions: that is ten times as
    slow, and these are asked of every word."""
    whole, rest = divmod(above, below)
    return whole + (2 * rest > below or (2 * rest == below and whole & 1))


def frame_middle(number: int, rate: Fraction) -> int:
    """The tick halfway through frame `number` of a picture running at `rate` frames a second."""
    return nearest((2 * number + 1) * TICKS_PER_SECOND * rate.denominator, 2 * rate.numerator)


def frame_start(number: int, rate: Fraction) -> int:
    """The tick at which frame `number` of a picture running at `rate` frames a second begins."""
    return nearest(number * TICKS_PER_SECOND * rate.denominator, rate.numerator)


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
