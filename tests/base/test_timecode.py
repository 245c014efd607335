"""Timecode against worked values of SMPTE ST 12-1 and of the usual tables (values from memory), and against an independent count."""

from __future__ import annotations

from fractions import Fraction

import opentimelineio as otio
import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.errors import NothingToDo
from standtall.base.timecode import RATES, can_drop, counted, frame_of, is_drop, timecode, usual_rate

NTSC, DOUBLE = Fraction(30_000, 1001), Fraction(60_000, 1001)


@pytest.mark.parametrize(("frame", "text"), [
    (0, "00:00:00;00"), (1799, "00:00:59;29"), (1800, "00:01:00;02"), (3597, "00:01:59;29"), (3598, "00:02:00;02"),
    (17981, "00:09:59;29"), (17982, "00:10:00;00"), (107_892, "01:00:00;00"), (2_589_407, "23:59:59;29"),
])  # fmt: skip
def test_dropped_numbers_at_29_97(frame: int, text: str) -> None:
    """17,982 frames in ten minutes and 107,892 in an hour: SMPTE ST 12-1, drop-frame compensation (from memory)."""
    assert timecode(frame, NTSC, True) == text
    assert frame_of(text, NTSC) == frame


@pytest.mark.parametrize(("frame", "text"), [(3599, "00:00:59;59"), (3600, "00:01:00;04"), (35_964, "00:10:00;00"), (215_784, "01:00:00;00")])
def test_dropped_numbers_at_59_94(frame: int, text: str) -> None:
    assert timecode(frame, DOUBLE, True) == text
    assert frame_of(text, DOUBLE) == frame


def test_an_hour_of_drop_frame_is_an_hour() -> None:
    for rate in (NTSC, DOUBLE):
        assert abs(frame_of("01:00:00;00", rate) / rate - 3600) < Fraction(1, 100)
        assert abs(frame_of("01:00:00:00", rate) / rate - 3600) > 3, "counted without dropping it runs 3.6 s late"


@given(st.sampled_from(RATES), st.integers(0, 24 * 3600 * 23), st.booleans())
def test_every_frame_has_a_timecode_and_comes_back(rate: Fraction, frame: int, drop: bool) -> None:
    text = timecode(frame, rate, drop)
    assert frame_of(text, rate) == frame
    assert is_drop(text) == (drop and can_drop(rate))


@given(st.sampled_from([r for r in RATES if r != Fraction(24_000, 1001)]), st.integers(0, 2_000_000))
def test_the_reference_library_counts_alike(rate: Fraction, frame: int) -> None:
    """OpenTimelineIO's own count (an independent reading of the same standard)."""
    time = otio.opentime.RationalTime(frame, float(rate))
    for drop in (True, False) if can_drop(rate) else (False,):
        assert time.to_timecode(float(rate), drop) == timecode(frame, rate, drop)


@pytest.mark.parametrize("text", ["00:01:00;00", "00:01:00;01", "00:59:00;01", "24:00:00:00", "00:60:00:00", "00:00:00:30", "12:00", "", "aa:bb:cc:dd", "-1:00:00:00"])
def test_a_timecode_that_there_is_not_is_refused(text: str) -> None:
    with pytest.raises(NothingToDo):
        frame_of(text, NTSC)


def test_rates_are_known_by_what_files_say() -> None:
    for said, rate in ((23.98, 0), (23.976, 0), (29.97, 3), (29.97002997, 3), (59.94, 6), (25.0, 2), (30, 4)):
        assert usual_rate(Fraction(said).limit_denominator(100_000)) == RATES[rate]
    assert [counted(r) for r in RATES] == [24, 24, 25, 30, 30, 50, 60, 60]
