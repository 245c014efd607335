"""Laughter, applause and clips by their sound."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from scipy import signal

from standtall.base.errors import MediaError, NothingToDo
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.probe import probe
from standtall.media.sound_reader import SPEECH_RATE, read_sound
from standtall.model.source import Source
from standtall.session.clips import ClipFinder, rebuilt
from standtall.sound.crowd import kind_of
from standtall.sound.matching import NOWHERE, _joined
from tests.conftest import make_clip, write_sound

RATE = 16_000


def applause(seconds: float = 2.0) -> np.ndarray:
    """Claps of many hands: short bursts of noise at random times."""
    rng = np.random.default_rng(3)
    out = np.zeros(round(seconds * SPEECH_RATE), np.float32)
    for at in rng.integers(0, len(out) - 400, round(220 * seconds)):
        out[at : at + 400] += rng.normal(0, 0.05, 400) * np.exp(-np.arange(400) / 90)
    return out.astype(np.float32)


def laughter(seconds: float = 2.0, calls: float = 5.0) -> np.ndarray:
    """Calls of a voice at 260 Hz with its overtones, each dying away."""
    t = np.arange(round(seconds * SPEECH_RATE)) / SPEECH_RATE
    voice = sum(np.sin(2 * np.pi * 260 * k * t) / k for k in range(1, 12))
    phase = (t * calls) % 1
    return (0.1 * voice * np.exp(-5 * phase) * (phase < 0.6)).astype(np.float32)


def test_laughter_and_applause_are_told_from_other_sounds() -> None:
    rng = np.random.default_rng(4)
    t = np.arange(2 * SPEECH_RATE) / SPEECH_RATE
    assert kind_of(applause()) == "applause"
    assert kind_of(laughter()) == "laughter"
    assert kind_of((0.1 * np.sin(2 * np.pi * 110 * t)).astype(np.float32)) is None, "a hum"
    chord = sum(np.sin(2 * np.pi * f * t) for f in (220, 277, 330)) * np.minimum(1, t)
    assert kind_of((0.05 * chord).astype(np.float32)) is None, "music"
    assert kind_of(rng.normal(0, 0.1, 2_000).astype(np.float32)) is None, "a knock"
    assert kind_of(np.zeros(SPEECH_RATE, np.float32)) is None


@pytest.fixture(scope="module")
def talk(demo_file: Path) -> np.ndarray:
    return read_sound(demo_file, RATE, 1).reshape(-1)


def test_a_clip_in_three_pieces_is_found_and_rebuilt(talk: np.ndarray, demo_source: Source, tmp_path: Path) -> None:
    finder = ClipFinder([demo_source], Progress())
    places = ((100.0, 108.0), (20.0, 29.5), (60.0, 66.0))
    cut = np.concatenate([talk[round(a * RATE) : round(b * RATE)] for a, b in places])
    t = np.arange(len(cut)) / RATE
    music = np.sin(2 * np.pi * 330 * t) + np.sin(2 * np.pi * 415 * t)
    cut = cut + (music * np.sqrt(np.square(cut).mean()) * 10 ** (-12 / 20)).astype(np.float32)
    located = finder.locate(write_sound(tmp_path / "clip.m4a", cut, RATE))
    assert len(located.pieces) == 3
    at = 0.0
    for piece, (a, b) in zip(located.pieces, places, strict=True):
        assert (piece.start - piece.clip_start) / TICKS_PER_SECOND == pytest.approx(a - at, abs=0.04)
        at += b - a
    assert located.confidence > 0.6
    short = rebuilt(located, [demo_source])
    assert short.name == "clip"
    assert [e.start > TICKS_PER_SECOND * (a - 1) for e, (a, _b) in zip(short.segments, places, strict=True)] == [True] * 3
    assert short.length == pytest.approx(23.5 * TICKS_PER_SECOND, abs=0.6 * TICKS_PER_SECOND)


def test_a_clip_played_one_per_cent_faster_is_found(talk: np.ndarray, demo_source: Source, tmp_path: Path) -> None:
    part = signal.resample_poly(talk[30 * RATE : 52 * RATE], 100, 101).astype(np.float32)
    located = ClipFinder([demo_source], Progress()).locate(write_sound(tmp_path / "fast.m4a", part, RATE))
    assert located.pieces
    assert located.pieces[0].start / TICKS_PER_SECOND == pytest.approx(30.0, abs=0.3)


def test_a_second_that_agrees_well_is_a_piece_and_two_that_agree_by_chance_are_none() -> None:
    steps = 200
    pauses_too = np.full(steps, 0.5)  # how much each 20 ms says
    way = np.zeros(steps, np.int16)
    way[20:70] = 1  # a second, as a voice 12 dB over music agrees with what it was cut from
    way[80:190] = 2  # two seconds, as two voices that have nothing to do with each other may agree
    fits = np.stack([NOWHERE * pauses_too, np.where(way == 1, 0.85, 0.0) * pauses_too, np.where(way == 2, 0.4, 0.0) * pauses_too])
    (piece,) = _joined(way, fits, [800, 8_000])
    assert (piece.clip_start, piece.clip_end) == (20 * 960, 70 * 960), "ticks of 20 ms"
    assert piece.start - piece.clip_start == 800 * TICKS_PER_SECOND // 8_000


def test_what_is_not_in_the_footage_is_not_found(talk: np.ndarray, demo_source: Source, tmp_path: Path) -> None:
    finder = ClipFinder([demo_source], Progress())
    backwards = finder.locate(write_sound(tmp_path / "other.m4a", talk[: 20 * RATE][::-1].copy(), RATE))
    silent = finder.locate(write_sound(tmp_path / "silent.m4a", np.zeros(5 * RATE, np.float32), RATE))
    assert backwards.pieces == silent.pieces == ()
    with pytest.raises(NothingToDo, match="not from this footage"):
        rebuilt(backwards, [demo_source])
    with pytest.raises(MediaError, match="no sound"):
        ClipFinder([probe(make_clip(tmp_path / "mute.mp4", 10))], Progress())
