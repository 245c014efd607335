"""Loudness against published cases, levelling, joins that cannot be heard."""

from __future__ import annotations

import re
import subprocess
import wave
from pathlib import Path

import imageio_ffmpeg
import numpy as np
import pyloudnorm
import pytest

from standtall.media.sound_reader import MIX_RATE, read_sound
from standtall.model.cut import Segment
from standtall.sound.loudness import levelled, loudness_lufs, true_peak_db
from standtall.sound.mix import FADE, joined
from tests.conftest import tone

DATA = Path(__file__).parents[1] / "data"


def sine(seconds: float, dbfs: float, hertz: float = 1000.0) -> np.ndarray:
    return tone(seconds, hertz, 10 ** (dbfs / 20))


@pytest.mark.parametrize("level", [-23.0, -33.0])
def test_ebu_tech_3341_cases_1_and_2(level: float) -> None:
    """EBU Tech 3341, table 1: a stereo 1 kHz sine at -23.0 (-33.0) dBFS for 20 s reads -23.0 (-33.0) LUFS, +-0.1."""
    assert loudness_lufs(sine(20, level)) == pytest.approx(level, abs=0.1)


def test_ebu_tech_3341_case_3() -> None:
    """EBU Tech 3341, table 1: -36 dBFS 10 s, -23 dBFS 60 s, -36 dBFS 10 s reads -23.0 LUFS, +-0.1 (relative gate)."""
    parts = np.concatenate([sine(10, -36), sine(60, -23), sine(10, -36)], axis=1)
    assert loudness_lufs(parts) == pytest.approx(-23.0, abs=0.1)


def test_loudness_agrees_with_reference_libraries(tmp_path: Path) -> None:
    """ffmpeg's ebur128 filter (libav, as imageio-ffmpeg carries it) and pyloudnorm, on a real voice, in stereo that differs."""
    voice = read_sound(DATA / "hand-marked/mfa/cold_corpus.wav", MIX_RATE, 2)[:, : 20 * MIX_RATE]
    voice[1] *= 0.4
    file = tmp_path / "voice.wav"
    with wave.open(str(file), "wb") as out:
        out.setnchannels(2)
        out.setsampwidth(2)
        out.setframerate(MIX_RATE)
        out.writeframes((voice.T * 32767).astype("<i2").tobytes())
    ours = loudness_lufs(voice)
    said = subprocess.run(
        [imageio_ffmpeg.get_ffmpeg_exe(), "-nostats", "-i", str(file), "-af", "ebur128=peak=true", "-f", "null", "-"],
        capture_output=True, text=True, check=True,
    ).stderr.rsplit("Summary:", 1)[1]  # fmt: skip
    assert ours == pytest.approx(float(re.search(r"I:\s+(-?[\d.]+) LUFS", said)[1]), abs=0.1)
    assert true_peak_db(voice) == pytest.approx(float(re.search(r"Peak:\s+(-?[\d.]+) dBFS", said)[1]), abs=0.2)
    assert ours == pytest.approx(pyloudnorm.Meter(MIX_RATE).integrated_loudness(voice.T.astype(float)), abs=0.1)


def test_limiting_leaves_quiet_passages_alone() -> None:
    sound = tone(6.0, 300.0, 0.05)
    sound[:, 140_000:141_000] = tone(6.0, 700.0, 0.99)[:, 140_000:141_000]
    out = levelled(sound, target_lufs=-23.0)
    gain = out[0, 20_000:100_000] / np.where(np.abs(sound[0, 20_000:100_000]) < 1e-3, np.nan, sound[0, 20_000:100_000])
    assert np.nanmax(gain) - np.nanmin(gain) < 1e-3
    assert true_peak_db(out) <= -1.8 + 0.05


def test_true_peak_between_samples() -> None:
    """EBU Tech 3341, case 15 idea: fs/4 at 45 degrees has samples at -3 dB of its peak; allowed +0.2/-0.4 dB."""
    t = np.arange(48_000)
    wave = (0.5 * np.sin(2 * np.pi * t / 4 + np.pi / 4)).astype(np.float32)
    assert np.abs(wave).max() == pytest.approx(0.3536, abs=1e-3)
    assert -6.02 - 0.4 <= true_peak_db(np.stack([wave, wave])) <= -6.02 + 0.2


def test_silence_has_no_loudness_and_stays_silent() -> None:
    silence = np.zeros((2, 48_000), np.float32)
    assert loudness_lufs(silence) == -np.inf
    assert true_peak_db(silence) == -np.inf
    assert np.abs(levelled(silence)).max() == 0
    assert loudness_lufs(silence[:, :100]) == -np.inf


@pytest.mark.parametrize("level", [-30.0, -20.0, -6.0])
def test_levelling_lands_on_the_target_under_the_ceiling(level: float) -> None:
    rng = np.random.default_rng(2)
    bursts = rng.normal(0, 1, (2, 48_000 * 8)) * (0.15 + 0.85 * (np.sin(np.arange(48_000 * 8) / 9_000) > 0.2))
    speech = (bursts * 10 ** (level / 20) * 0.3).astype(np.float32)
    out = levelled(speech)
    assert out.shape == speech.shape
    assert loudness_lufs(out) == pytest.approx(-14.0, abs=0.3)
    assert true_peak_db(out) <= -1.0


def reader_of(sound: np.ndarray):
    def read(_source: str, a: int, b: int) -> np.ndarray:
        out = np.zeros((2, b - a), np.float32)
        low, high = max(0, a), min(sound.shape[1], b)
        if high > low:
            out[:, low - a : high - a] = sound[:, low:high]
        return out

    return read


def test_a_join_makes_no_step() -> None:
    """Issue's bound: no step over -50 dBFS beyond what the wave itself does."""
    sound = tone(4.0, 90.0, 0.5)
    out = joined((Segment("k", 10_000, 60_133), Segment("k", 90_411, 150_000)), reader_of(sound))
    own_step = np.abs(np.diff(sound[0])).max()
    at = 60_133 - 10_000
    steps = np.abs(np.diff(out[0, at - FADE : at + FADE]))
    assert 20 * np.log10(max(1e-9, steps.max() - own_step)) < -50


def test_joined_sound_is_as_long_as_its_segments_and_untouched_away_from_joins() -> None:
    rng = np.random.default_rng(1)
    sound = rng.normal(0, 0.1, (2, 100_000)).astype(np.float32)
    segments = (Segment("k", 5_000, 25_000), Segment("k", 25_000, 40_000), Segment("k", 60_000, 90_000))
    out = joined(segments, reader_of(sound))
    assert out.shape == (2, 65_000)
    np.testing.assert_array_equal(out[:, 1_000:20_000], sound[:, 6_000:25_000])
    np.testing.assert_allclose(out[:, 19_000:21_000], sound[:, 24_000:26_000], atol=1e-7)  # what meets is not faded
    np.testing.assert_array_equal(out[:, 36_000:60_000], sound[:, 61_000:85_000])


def test_crossfades_keep_the_power_of_equal_sound() -> None:
    sound = np.full((2, 50_000), 0.25, np.float32)
    out = joined((Segment("k", 1_000, 11_000), Segment("k", 30_000, 40_000)), reader_of(sound))
    assert np.abs(out[:, 5_000:15_000] - 0.25).max() < 1e-6
