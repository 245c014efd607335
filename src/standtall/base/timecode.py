"""Timecode: frames counted as hours, minutes, seconds and frames (SMPTE ST 12-1), with and without dropped numbers.

At 30000/1001 and 60000/1001 fps the drop-frame count leaves out the first two (four) numbers of each minute but every tenth, so
that it stays with the clock.
"""

from __future__ import annotations

import re
from fractions import Fraction
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr

RATES: Final = tuple(
    Fraction(*r) for r in ((24_000, 1001), (24, 1), (25, 1), (30_000, 1001), (30, 1), (50, 1), (60_000, 1001), (60, 1))
)
"""The rates that timecode is written at."""
_FORM: Final = re.compile(r"(\d{1,2})[:;.,](\d{1,2})[:;.,](\d{1,2})([:;.,])(\d{1,2})")


def usual_rate(rate: Fraction) -> Fraction:
    """The rate of `RATES` that is nearest to one: files say 29.97 in many ways."""
    return min(RATES, key=lambda r: abs(float(r - rate)))


def counted(rate: Fraction) -> int:
    """Frames that the count takes for a second: 30 at 30000/1001."""
    return round(rate)


def can_drop(rate: Fraction) -> bool:
    """Whether there is a drop-frame count at a rate."""
    return rate in (Fraction(30_000, 1001), Fraction(60_000, 1001))


def timecode(frame: int, rate: Fraction, drop: bool = False) -> str:
    """The timecode of a frame, HH:MM:SS:FF, or HH:MM:SS;FF in drop-frame count; after a day it begins anew."""
    base = counted(rate)
    number = frame
    if drop and can_drop(rate):
        left_out = base // 15
        in_minute, in_ten = 60 * base - left_out, 600 * base - 9 * left_out
        tens, rest = divmod(frame, in_ten)
        minutes = 0 if rest < 60 * base else 1 + (rest - 60 * base) // in_minute
        number = frame + left_out * (9 * tens + minutes)
    number %= 24 * 3600 * base
    seconds, frames = divmod(number, base)
    mark = ";" if drop and can_drop(rate) else ":"
    return f"{seconds // 3600:02d}:{seconds // 60 % 60:02d}:{seconds % 60:02d}{mark}{frames:02d}"


def is_drop(text: str) -> bool:
    """Whether a timecode is written in drop-frame count: its last mark is no colon."""
    found = _FORM.fullmatch(text.strip())
    return found is not None and found[4] in ";,."


def frame_of(text: str, rate: Fraction, drop: bool | None = None) -> int:
    """The frame that a timecode names; without `drop` its own marks say how it is counted. Raises `NothingToDo` for one that
    there is not: 00:01:00;00 is dropped, and no second has a frame 30 at 30 fps."""
    found = _FORM.fullmatch(text.strip())
    if found is None:
        raise NothingToDo(
            tr("“{written}” is no timecode.", written=text.strip()[:30]),
            tr("It is written 01:02:03:04, or 01:02:03;04 in drop frame."),
        )
    hours, minutes, seconds, frames = (int(found[n]) for n in (1, 2, 3, 5))
    base = counted(rate)
    if hours > 23 or minutes > 59 or seconds > 59 or frames >= base:
        raise NothingToDo(
            tr("There is no timecode {written} at {rate:.5g} fps.", written=text.strip(), rate=float(rate)),
            tr("Say at which fps it counts."),
        )
    number = (hours * 3600 + minutes * 60 + seconds) * base + frames
    dropped = (is_drop(text) if drop is None else drop) and can_drop(rate)
    if not dropped:
        return number
    left_out = base // 15
    if minutes % 10 and seconds == 0 and frames < left_out:
        raise NothingToDo(
            tr("The drop-frame count leaves {written} out.", written=text.strip()),
            tr("Take the next one, or count without dropping."),
        )
    whole = hours * 60 + minutes
    return number - left_out * (whole - whole // 10)
