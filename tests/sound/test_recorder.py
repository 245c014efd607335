"""Another recorder: found, aligned to a part of a sample, with the drift of its clock; against scipy."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from scipy import signal

from standtall.base.errors import MediaError
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.sound.recorder import aligned, resampled

S = MIX_RATE
DATA = Path(__file__).parents[1] / "data/hand-marked/mfa"


@pytest.fixture(scope="module")
def voice() -> Samples:
    return read_sound(DATA / "cold_corpus.wav", S, 1, 0, 25 * S)[0]


def roomy(sound: Samples, seed: int) -> Samples:
    rng = np.random.default_rng(seed)
    reply = rng.standard_normal(6000) * np.exp(-np.arange(6000) / 900) * 0.04
    reply[:200], reply[0] = 0, 1
    noise = rng.standard_normal(len(sound)).astype(np.float32) * float(sound.std()) * 0.06
    return signal.fftconvolve(sound, reply)[: len(sound)].astype(np.float32) + noise


@pytest.mark.parametrize(("late_s", "ppm"), [(0.0, 0.0), (3.217, 40.0), (-2.5, -80.0)])
def test_a_recording_is_aligned_within_a_tenth_of_a_millisecond(voice: Samples, late_s: float, ppm: float) -> None:
    late, step = late_s * S, 1 + ppm / 1e6
    other = resampled(voice[None], -late / step, 1 / step, len(voice) + max(0, round(late)))[0]
    found = aligned(roomy(voice, 1), roomy(other, 2))
    places = np.linspace(0, len(voice), 5)
    error = (late + places * step) - (found.offset + places * (1 + found.ppm / 1e6))
    assert np.abs(error).max() / S * 1000 < 0.1
    if ppm == 0:
        whole = signal.correlate(other, voice, "full", method="fft")
        assert found.offset == pytest.approx(int(np.argmax(whole)) - (len(voice) - 1), abs=1)


def test_sounds_that_do_not_belong_together_are_refused(voice: Samples) -> None:
    other = read_sound(DATA / "acoustic_corpus.wav", S, 1, 0, 20 * S)[0]
    rng = np.random.default_rng(4)
    for stranger in (other, np.zeros(20 * S, np.float32), rng.standard_normal(20 * S).astype(np.float32), voice[:S]):
        with pytest.raises(MediaError):
            aligned(voice, stranger)


def test_reading_between_samples_is_exact_for_what_can_be_heard() -> None:
    """A sine of 9 kHz read with an offset of 0.37 samples and a step of 1.0001, against the sine itself."""
    t = np.arange(2 * S)
    sound = np.sin(2 * np.pi * 9000 * t / S).astype(np.float32)[None]
    made = resampled(sound, 1000.37, 1.0001, S)[0]
    wanted = np.sin(2 * np.pi * 9000 * (1000.37 + 1.0001 * np.arange(S)) / S)
    assert np.abs(made - wanted).max() < 0.01
    assert not resampled(sound, -500, 1.0, 400).any(), "silence before the start"
