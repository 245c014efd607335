"""Pitch: of made-up voices whose pitch is known, of noise and of silence."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray

from standtall.language.stress import HIGHER, MELODY_STEP, Melody, over_pitch
from standtall.model.words import Word
from standtall.sound.pitch import STEP_S, pitch_of

RATE = 16_000


def voice(hz: NDArray[np.float64], harmonics: int = 8) -> NDArray[np.float32]:
    """A buzz whose pitch is `hz` at each sample, its harmonics weaker the higher they are."""
    phase = 2 * np.pi * np.cumsum(hz) / RATE
    sound = sum(np.sin(k * phase) / k**1.2 for k in range(1, harmonics + 1))
    return np.asarray(0.2 * sound, np.float32)


@pytest.mark.parametrize("hz", [82.0, 110.0, 196.0, 262.0, 440.0])
def test_a_steady_voice_has_its_pitch(hz: float) -> None:
    told = pitch_of(voice(np.full(RATE, hz)), RATE)
    assert len(told) == 100
    inner = told[4:-4]
    assert not np.isnan(inner).any()
    assert np.abs(12 * np.log2(inner / hz)).max() < 0.1, "a tenth of a semitone"


def test_a_voice_that_glides_is_followed_and_one_whose_first_harmonic_is_missing_too() -> None:
    hz = np.geomspace(110, 220, 2 * RATE)
    told = pitch_of(voice(hz), RATE)
    true = hz[np.minimum(len(hz) - 1, (np.arange(len(told)) * STEP_S * RATE).astype(int))]
    off = np.abs(12 * np.log2(told[5:-5] / true[5:-5]))
    assert np.nanmax(off) < 0.3
    phase = 2 * np.pi * 150 * np.arange(RATE) / RATE
    thin = np.asarray(0.1 * sum(np.sin(k * phase) for k in (2, 3, 4, 5)), np.float32)
    assert np.nanmedian(pitch_of(thin, RATE)) == pytest.approx(150, rel=0.01), "as over a telephone"


def test_noise_silence_and_nothing_have_no_pitch() -> None:
    dice = np.random.default_rng(0)
    noise = pitch_of(dice.normal(0, 0.1, RATE).astype(np.float32), RATE)
    assert np.isnan(noise).mean() > 0.9
    assert np.isnan(pitch_of(np.zeros(RATE, np.float32), RATE)).all()
    assert len(pitch_of(np.zeros(0, np.float32), RATE)) == 0
    both = np.concatenate([voice(np.full(RATE // 2, 200.0)), dice.normal(0, 0.002, RATE // 2).astype(np.float32)])
    told = pitch_of(both, RATE)
    assert not np.isnan(told[5:45]).any()
    assert np.isnan(told[55:]).mean() > 0.9, "what is far softer than the voice is none"


def test_a_word_said_higher_stands_out_and_nothing_does_where_no_pitch_is_known() -> None:
    said = [Word(f"w{i}", i * 24_000, i * 24_000 + 20_000, 1.0) for i in range(12)]
    hz = np.full(12 * 50, 120.0)
    hz[6 * 50 : 6 * 50 + 42] = 160.0
    melody = Melody(0, hz)
    over = over_pitch(said, melody)
    assert over[6] == pytest.approx(12 * np.log2(160 / 120))
    assert over[6] > HIGHER
    assert np.abs(np.delete(over, 6)).max() < 0.1
    assert not over_pitch(said, None).any()
    assert not over_pitch(said, Melody(0, np.full(600, np.nan))).any()
    assert not over_pitch(said, Melody(10_000_000 * MELODY_STEP, hz)).any(), "of another passage"
