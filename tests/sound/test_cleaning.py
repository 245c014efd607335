"""Hum and noise taken out of voices, speakers brought to one level."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest

from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.words import Word
from standtall.sound.cleaning import find_hum, noise_of, without_hum, without_noise
from standtall.sound.loudness import loudness_lufs
from standtall.sound.speakers import gain_curve, levelling, speaker_loudness

S = MIX_RATE
VOICE = Path(__file__).parents[1] / "data/hand-marked/mfa/cold_corpus.wav"


@pytest.fixture(scope="module")
def voice() -> Samples:
    return read_sound(VOICE, S, 2, 0, 15 * S)


def hum_of(hertz: float, seconds: float) -> Samples:
    t = np.arange(round(seconds * S)) / S
    wave = sum(0.012 / k**0.7 * np.sin(2 * np.pi * hertz * k * t + k) for k in (1, 2, 3, 5))
    return np.repeat(np.asarray(wave, np.float32)[None], 2, axis=0)


def line_power(sound: Samples, hertz: float) -> float:
    """Power of the harmonics in windows of 4 s, in dB."""
    mono, size, total = sound.mean(axis=0), 4 * S, 0.0
    for at in range(0, len(mono) - size + 1, size):
        t = np.arange(size) / S
        total += sum(
            abs(np.sum(mono[at : at + size] * np.hanning(size) * np.exp(-2j * np.pi * hertz * k * t))) ** 2 for k in (1, 2, 3, 5)
        )
    return 10 * float(np.log10(total))


@pytest.mark.parametrize("hertz", [50.03, 59.96])
def test_hum_is_found_and_goes_while_the_voice_stays(voice: Samples, hertz: float) -> None:
    hum = hum_of(hertz, 15)
    found = find_hum(voice + hum)
    assert found is not None
    assert found.hertz == pytest.approx(hertz, abs=0.01)
    assert set(found.harmonics) >= {1, 2, 3, 5}
    made = without_hum(voice + hum, found)
    assert line_power(hum, hertz) - line_power(made - voice, hertz) > 25
    assert loudness_lufs(made) == pytest.approx(loudness_lufs(voice), abs=0.5)


def test_where_there_is_no_hum_none_is_found(voice: Samples) -> None:
    assert find_hum(voice) is None
    assert find_hum(np.zeros((2, 5 * S), np.float32)) is None
    assert find_hum(voice[:, :S]) is None, "too short to tell"


def test_noise_goes_down_in_pauses_and_the_voice_stays(voice: Samples) -> None:
    rng = np.random.default_rng(2)
    noise = (rng.standard_normal(voice.shape) * np.sqrt(np.square(voice).mean()) * 0.03).astype(np.float32)
    quiet = np.zeros((2, 4 * S), np.float32)
    mixed = np.concatenate([voice, quiet], axis=1) + np.pad(noise, ((0, 0), (0, 4 * S)), mode="wrap")
    for strength, least in (("gentle", 9.0), ("strong", 14.0)):
        made = without_noise(mixed, noise_of(mixed), strength)
        before, after = (float(np.square(x[:, -3 * S : -S]).mean()) for x in (mixed, made))
        assert 10 * np.log10(before / after) > least
        assert loudness_lufs(made) == pytest.approx(loudness_lufs(voice), abs=0.8)


def test_without_noise_nothing_changes() -> None:
    silent = np.zeros((2, S), np.float32)
    assert np.array_equal(without_noise(silent, noise_of(silent), "strong"), silent)


def turns(count: int = 8) -> list[Word]:
    """Two speakers in turn, a second each, with pauses of a quarter second."""
    return [Word("w", round((1.25 * n) * S), round((1.25 * n + 1) * S), speaker=n % 2, id=n) for n in range(count)]


def test_a_soft_speaker_is_brought_to_the_level_of_the_loud_one(voice: Samples) -> None:
    words = turns()
    level = gain_curve(words, {1: -8.0}, 0, 10 * S)
    talk = np.repeat(np.sin(2 * np.pi * 300 * np.arange(10 * S) / S)[None].astype(np.float32) * 0.2, 2, axis=0) * level
    before = speaker_loudness(talk, words, 0)
    assert before[0] - before[1] == pytest.approx(8, abs=0.3)
    after = speaker_loudness(talk * gain_curve(words, levelling(before), 0, 10 * S), words, 0)
    assert abs(after[0] - after[1]) < 0.5


def test_levels_change_in_the_pause_between_turns_without_a_step() -> None:
    curve = gain_curve(turns(), {1: 8.0}, 0, 10 * S)
    in_db = 20 * np.log10(curve)
    assert np.abs(np.diff(in_db)).max() < 8 / (0.2 * S), "no faster than the pause allows"
    for word in turns():
        middle = (word.start + word.end) // 2
        assert in_db[middle] == pytest.approx(8.0 * word.speaker, abs=0.01)


def test_who_is_heard_too_little_keeps_their_level() -> None:
    talk = np.full((2, 5 * S), 0.1, np.float32)
    assert speaker_loudness(talk, [Word("a", 0, S // 2, speaker=3)], 0) == {}
    assert levelling({}) == {}
    assert gain_curve([], {1: 3.0}, 0, 100).tolist() == [1.0] * 100
