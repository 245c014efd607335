"""Time stamps of sound as whole numbers of samples: by exact fractions, as Python rounds them."""

from __future__ import annotations

from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

from standtall.media.sound_reader import _sample_of

UNITS = [Fraction(1, n) for n in (1_000, 8_000, 44_100, 48_000, 90_000, 14_112_000)] + [Fraction(1_001, 30_000)]


@given(
    st.sampled_from(UNITS), st.fractions(-5, 90_000, max_denominator=96_000), st.sampled_from([16_000, 44_100, 48_000]),
    st.integers(-(10**6), 10**12),
)  # fmt: skip
def test_the_sample_of_a_time_stamp(unit: Fraction, start: Fraction, rate: int, stamp: int) -> None:
    assert _sample_of(unit, start, rate)(stamp) == round((stamp * unit - start) * rate)
