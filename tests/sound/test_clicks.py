"""Clicks and pops out of made-up voices: found where they were put, put in anew, and nothing else touched."""

from __future__ import annotations

import numpy as np
import pytest
from scipy import linalg, signal

from standtall.media.sound_reader import MIX_RATE, Samples
from standtall.sound.clicks import ORDER, _blocks, _error, _predictions, clicks, without_clicks, without_pops

S = MIX_RATE


def voice(seconds: float = 4.0, hertz: float = 140.0) -> Samples:
    """Pulses of vocal folds through three resonances, loud and soft in turns, over a faint room: float32 (2, samples)."""
    rng = np.random.default_rng(5)
    t = np.arange(round(seconds * S)) / S
    phase = np.cumsum(hertz * (1 + 0.03 * np.sin(2 * np.pi * 2.1 * t))) / S
    out = np.zeros(len(t))
    for k in range(1, 40):
        f = k * hertz
        strength = sum(1 / (1 + ((f - peak) / width) ** 2) for peak, width in ((600, 90), (1500, 140), (2600, 200))) / k**0.5
        out += strength * np.sin(2 * np.pi * k * phase + rng.uniform(0, 6))
    out *= np.clip(np.sin(2 * np.pi * 1.3 * t), 0, 1) ** 0.5
    out = out / np.abs(out).max() * 0.4 + rng.standard_normal(len(t)) * 1e-3
    return np.stack([out, 0.8 * out]).astype(np.float32)


def with_clicks(sound: Samples, places: np.ndarray) -> Samples:  # type: ignore[type-arg]
    rng = np.random.default_rng(9)
    out = sound.copy()
    for at in places:
        burst = rng.standard_normal(int(rng.integers(1, 20)))
        out[:, at : at + len(burst)] += (burst / np.abs(burst).max() * 0.5).astype(np.float32)
    return out


def test_clicks_are_found_where_they_are_and_put_in_anew() -> None:
    clean = voice()
    places = np.arange(S // 4, clean.shape[1] - S // 4, S // 4) + 37
    clicked = with_clicks(clean, places)
    found = clicks(clicked[0])
    assert len(found) == len(places)
    assert all(any(a <= at <= b for a, b in found) for at in places)
    mended = without_clicks(clicked)
    assert mended.dtype == np.float32
    assert np.square(mended - clean).sum() < np.square(clicked - clean).sum() / 30
    touched = np.zeros(clean.shape[1], bool)
    for channel in clicked:
        for a, b in clicks(channel):
            touched[a : b + 1] = True
    assert np.array_equal(mended[:, ~touched], clicked[:, ~touched]), "nothing else is touched"


def test_a_voice_without_clicks_stays_as_it_is() -> None:
    clean = voice()
    assert clicks(clean[0]) == []
    assert np.array_equal(without_clicks(clean), clean)


def test_a_burst_of_a_consonant_is_no_click() -> None:
    """A "t" is some hundredths of a second of noise: it lasts longer than a click and does not stand alone."""
    sound = voice()
    at = S
    burst = np.random.default_rng(2).standard_normal(S // 50) * np.hanning(S // 50) * 0.4
    sound[:, at : at + len(burst)] += burst.astype(np.float32)
    assert clicks(sound[0]) == []


@pytest.mark.parametrize("hertz", [18.0, 45.0])
def test_pops_go_down_and_the_voice_stays(hertz: float) -> None:
    clean = voice()
    popped = clean.copy()
    t = np.arange(S // 12) / S
    puff = (np.sin(2 * np.pi * hertz * t + 0.4) * np.hanning(len(t)) * 0.7).astype(np.float32)
    for at in (S // 2, 2 * S, 3 * S):
        popped[:, at : at + len(puff)] += puff
    mended = without_pops(popped)
    assert np.square(mended - clean).sum() < np.square(popped - clean).sum() / 5
    assert np.square(without_pops(clean) - clean).sum() < 1e-3 * np.square(clean).sum()


@pytest.mark.parametrize("samples", [0, 10, 300])
def test_too_little_sound_stays_as_it_is(samples: int) -> None:
    short = np.zeros((2, samples), np.float32)
    assert np.array_equal(without_pops(without_clicks(short)), short)


def test_the_prediction_of_many_blocks_is_that_of_each() -> None:
    """By SciPy's own solver of Toeplitz equations."""
    parts = np.random.default_rng(3).normal(size=(5, 700))
    parts[1:] += 4 * np.sin(np.arange(700) * np.arange(1, 5)[:, None] / 9)
    parts[4] = 0
    for part, found in zip(parts, _predictions(parts), strict=True):
        windowed = part * np.hanning(700)
        lags = np.correlate(windowed, windowed, "full")[699 : 700 + ORDER]
        lags[0] = lags[0] * (1 + 1e-6) + 1e-9
        assert np.allclose(found[1:], -linalg.solve_toeplitz(lags[:-1], lags[1:]), atol=1e-6)
        foreseen = signal.lfilter(found, [1.0], part), signal.lfilter(found, [1.0], part[::-1])[::-1]
        assert np.allclose(_error(part[None], found[None])[0], np.abs(foreseen).min(axis=0), atol=1e-12)


@pytest.mark.parametrize("length", [4 * ORDER, 2_048 + 2 * ORDER, 3 * 2_048 + ORDER, 130 * 2_048 + 777])
def test_every_sample_is_in_one_block(length: int) -> None:
    sound = np.arange(length, dtype=np.float32)
    at = 0
    for first, parts in _blocks(sound):
        assert first == at
        for part in parts:
            lead = min(at, ORDER)
            assert np.array_equal(part, sound[at - lead : at - lead + len(part)])
            at += len(part[lead : lead + 2_048])
    assert length - at <= 5 * ORDER or length <= 4 * ORDER
