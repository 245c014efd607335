"""Ticks and frames."""

from __future__ import annotations

from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from standtall.base.time import TICKS_PER_SECOND, frame_middle, frame_start


@given(st.integers(-(10**9), 10**9), st.integers(1, 10**6), st.integers(1, 10**4))
def test_frames_begin_and_have_their_middle_where_fractions_say(number: int, above: int, below: int) -> None:
    rate = Fraction(above, below)
    assert frame_middle(number, rate) == round(Fraction(2 * number + 1, 2) / rate * TICKS_PER_SECOND)
    assert frame_start(number, rate) == round(Fraction(number) / rate * TICKS_PER_SECOND)
