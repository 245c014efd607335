"""Beats of music: click tracks of known tempo, pieces that ship, and own files under a short."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from scipy.io import wavfile

from standtall.compose.soundtrack import own_music
from standtall.library.music import piece_of
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.sound import Music
from standtall.sound.assembly import assembled, beats_of
from standtall.sound.beats import beats

S = MIX_RATE
NEAR = 0.07 * S
"""A beat counts as found within 70 ms (Davies, Degara, Plumbley, "Evaluation methods for musical audio beat tracking
algorithms", 2009)."""


def ticking(a_minute: float, seconds: float = 30.0) -> tuple[Samples, np.ndarray]:  # type: ignore[type-arg]
    """A drum on each beat and a soft chord on every fourth, and where the beats are."""
    rng, period = np.random.default_rng(1), 60 / a_minute * S
    places = np.arange(0.3 * S, seconds * S - S, period).astype(int)
    out = rng.standard_normal(round(seconds * S)) * 1e-3
    t = np.arange(S // 4) / S
    for n, at in enumerate(places):
        hit = (np.sin(2 * np.pi * 90 * t) + 0.4 * rng.standard_normal(len(t))) * np.exp(-t * 30)
        out[at : at + len(t)] += hit * 0.5
        if n % 4 == 0:
            out[at : at + len(t)] += 0.2 * np.sin(2 * np.pi * 330 * t)
    return np.stack([out, out]).astype(np.float32), places


@pytest.mark.parametrize("a_minute", [72.0, 100.0, 128.0, 150.0])
def test_an_even_drum_is_followed(a_minute: float) -> None:
    sound, true = ticking(a_minute)
    found = beats(sound)
    inside = found[(found > true[0] - NEAR) & (found < true[-1] + NEAR)]
    assert np.mean([np.abs(inside - b).min() <= NEAR for b in true]) > 0.95
    assert len(inside) <= len(true) + 2


def test_a_piece_that_ships_is_followed() -> None:
    piece = piece_of("music:long-road")
    assert piece is not None
    sound = assembled(piece, read_sound(piece.file, S, 2), 40 * S)
    found, true = beats(sound), beats_of(piece, 40 * S)
    assert np.mean([np.abs(found - b).min() <= NEAR for b in true]) > 0.95


def test_noise_and_silence_have_no_beat() -> None:
    noise = np.random.default_rng(3).standard_normal((2, 20 * S)).astype(np.float32) * 0.1
    assert len(beats(noise)) == 0
    assert len(beats(np.zeros((2, 20 * S), np.float32))) == 0
    assert len(beats(np.zeros((2, 100), np.float32))) == 0


@pytest.fixture
def drum(tmp_path: Path) -> tuple[Path, np.ndarray]:  # type: ignore[type-arg]
    sound, true = ticking(100.0)
    path = tmp_path / "drum.wav"
    wavfile.write(path, S, np.round(sound.T * 32767).astype(np.int16))
    return path, true


@pytest.mark.parametrize("length", [12 * S, 12 * S + 9_000, 15 * S + 20_000])
def test_a_short_ends_on_a_beat_of_its_own_music(drum: tuple[Path, np.ndarray], length: int) -> None:  # type: ignore[type-arg]
    path, true = drum
    music = Music(str(path), "drum", start=3 * S)
    first = own_music.played_from(music, length)
    assert abs(first - music.start) <= 0.6 * S
    assert np.abs(true - (first + length)).min() <= NEAR
    under = own_music.beats_under(music, length)
    assert len(under) == pytest.approx(length / S * 100 / 60, abs=2)
    assert 0 <= under[0] < under[-1] < length


def test_a_file_from_its_beginning_ends_on_a_beat_too(drum: tuple[Path, np.ndarray]) -> None:  # type: ignore[type-arg]
    """The nearest beat may lie before the end: the file would have to be played from before its beginning."""
    path, true = drum
    for length in range(12 * S, 13 * S, S // 9):
        first = own_music.played_from(Music(str(path), "drum"), length)
        assert 0 <= first <= 0.7 * S
        assert np.abs(true - (first + length)).min() <= NEAR


def test_a_file_that_is_too_short_is_played_from_where_it_was_put(drum: tuple[Path, np.ndarray]) -> None:  # type: ignore[type-arg]
    music = Music(str(drum[0]), "drum", start=3 * S)
    assert own_music.played_from(music, 60 * S) == 3 * S
