"""Takes mains hum and steady noise out of speech.

Hum: each harmonic of the mains frequency is a slow sinusoid. Its amplitude and phase over time are estimated by weighted least
squares in windows of some seconds, where quiet moments weigh most (so that a voice at the same pitch counts little), and what was
estimated is subtracted. Noise: a Wiener gain for each bin of a short-time spectrum with the decision-directed a priori SNR of
Ephraim and Malah (1984, IEEE Trans. ASSP 32(6), eq. 51), against a noise spectrum measured in the quietest moments.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import MIX_RATE, Samples

Values = NDArray[np.float64]

MAINS: Final = (50.0, 60.0)
SEARCHED: Final = 0.4
"""Hertz around the mains frequency in which hum is looked for."""
HARMONICS: Final = 16
LEAST_OVER_DB: Final = 9.0
"""A harmonic that stands out of what is around it by less is left."""
BLOCK: Final = MIX_RATE // 100
TURNS: Final = 9
"""Blocks on each side over which the level that weights follow is smoothed."""
HALF_WINDOW: Final = 250
"""Blocks on each side over which the amplitude of hum is estimated: 2.5 s."""

FRAME, HOP = 2048, 512
QUIET: Final = 12.0
"""Percentile of a bin's level over time that is taken for noise."""
BIAS: Final = 2.15
"""How much higher the mean of noise is than that percentile of its smoothed power, measured on white noise."""
SMOOTH: Final = 0.98
"""Weight of the frame before in the a priori SNR (Ephraim and Malah)."""
FLOORS: Final = {"gentle": 10 ** (-13 / 20), "strong": 10 ** (-24 / 20)}


@dataclass(frozen=True, slots=True)
class Hum:
    """The mains frequency in hertz, and those multiples of it that are heard."""

    hertz: float
    harmonics: tuple[int, ...]


def find_hum(samples: Samples) -> Hum | None:
    """The hum in float32 (2, samples) at 48 kHz; None where there is none, or less than 2 s of sound."""
    mono = samples.mean(axis=0).astype(np.float64)
    if len(mono) < 2 * MIX_RATE:
        return None
    low = mono[: len(mono) // 12 * 12].reshape(-1, 12).mean(axis=1)
    rate = MIX_RATE / 12
    size = 1 << 15
    starts = range(0, max(1, len(low) - 4 * size // 8), size // 4)
    spectra = []
    for at in starts:
        part = low[at : at + size // 2]
        spectra.append(np.abs(np.fft.rfft(part * np.hanning(len(part)), 4 * size)) ** 2)
    power = np.percentile(np.array(spectra), 30, axis=0)  # hum is there all the time, a voice is not
    step = rate / (4 * size)
    best: tuple[float, float] = (0.0, 0.0)
    for mains in MAINS:
        for hertz in np.arange(mains - SEARCHED, mains + SEARCHED, 0.02):
            score = sum(max(0.0, _over_db(power, hertz * k, step) - 3) for k in range(1, 9))
            best = max(best, (score, float(hertz)))
    if best[0] <= 0:
        return None
    found = tuple(k for k in range(1, HARMONICS + 1) if _over_db(power, best[1] * k, step) >= LEAST_OVER_DB)
    return Hum(_refined(low, rate, best[1], found), found) if found else None


def _over_db(power: Values, hertz: float, step: float) -> float:
    """How far a line stands out of the spectrum around it."""
    at, near, far = round(hertz / step), max(1, round(0.25 / step)), round(9.0 / step)
    line = float(power[max(0, at - near) : at + near + 1].max())
    around = np.concatenate([power[max(0, at - far) : max(0, at - 8 * near)], power[at + 8 * near : at + far]])
    return 10 * float(np.log10(max(line, 1e-30) / max(float(np.median(around)) if len(around) else 1e-30, 1e-30)))


def _refined(low: Values, rate: float, hertz: float, harmonics: Sequence[int]) -> float:
    """The frequency at which the strongest harmonic turns least from window to window."""
    t = np.arange(len(low)) / rate
    block = round(rate / 2)
    steps: list[tuple[float, float]] = []
    for k in harmonics[:6]:
        wave = low * np.exp(-2j * np.pi * hertz * k * t)
        sums = wave[: len(wave) // block * block].reshape(-1, block).mean(axis=1)
        turn = sums[1:] * np.conj(sums[:-1])
        weight = float(np.abs(turn).sum())
        steps.append((weight, float(np.angle(turn.sum())) / (2 * np.pi * 0.5 * k)))
    total = sum(w for w, _ in steps)
    return hertz + sum(w * d for w, d in steps) / total if total > 0 else hertz


def without_hum(samples: Samples, hum: Hum) -> Samples:
    """The same sound with the harmonics of a hum subtracted."""
    count = samples.shape[1]
    blocks = -(-count // BLOCK)
    padded = np.pad(samples.astype(np.float32), ((0, 0), (0, blocks * BLOCK - count)))
    power = np.square(padded).mean(axis=0).reshape(blocks, BLOCK).mean(axis=1).astype(np.float64)
    # over whole turns of the hum: weights that turn with it would let its harmonics into each other
    power = _smoothed(power, np.hanning(2 * TURNS + 3)[1:-1] / (TURNS + 1))
    weight = 1 / (power + np.percentile(power, 20) + 1e-12) ** 2.0
    kernel = np.hanning(2 * HALF_WINDOW + 1)
    known = _smoothed(weight, kernel)
    t = np.arange(blocks * BLOCK)
    middles = (np.arange(blocks) + 0.5) * BLOCK
    out = padded.copy()
    for k in hum.harmonics:
        turning = np.exp(2j * np.pi * ((hum.hertz * k / MIX_RATE * t) % 1.0)).astype(np.complex64)
        for channel in range(len(padded)):
            sums = (padded[channel] * np.conj(turning)).reshape(blocks, BLOCK).mean(axis=1)
            size = (_smoothed(sums.real * weight, kernel) + 1j * _smoothed(sums.imag * weight, kernel)) / known
            real = np.interp(t, middles, size.real).astype(np.float32)
            imaginary = np.interp(t, middles, size.imag).astype(np.float32)
            out[channel] -= 2 * (real * turning.real - imaginary * turning.imag)
    return out[:, :count]


def _smoothed(values: Values, kernel: Values) -> Values:
    half = len(kernel) // 2
    return np.convolve(np.pad(values, half), kernel, "valid")


def noise_of(samples: Samples) -> Values:
    """(FRAME / 2 + 1,) power of the steady noise in a sound, from its quietest moments."""
    power = np.abs(_spectra(samples.mean(axis=0))) ** 2
    if not len(power):
        return np.zeros(FRAME // 2 + 1)
    smooth = _over_frames(power, 8) if len(power) >= 8 else power
    loud = power.mean(axis=1)
    sounding = smooth[loud > 1e-9]  # silence that was put there is no noise
    return np.asarray(BIAS * np.percentile(sounding, QUIET, axis=0) if len(sounding) else np.zeros(FRAME // 2 + 1))


def _over_frames(power: Values, count: int) -> Values:
    """The mean of each bin over `count` frames around each, those beyond the ends counted as silent."""
    padded = np.pad(power, ((count // 2, count - count // 2 - 1), (0, 0)))
    # added up anew for each frame: a running sum would lose what is soft behind what is loud
    return np.asarray(sum(padded[n : n + len(power)] for n in range(count)) / count)


def _spectra(mono: Samples) -> NDArray[np.complex128]:
    padded = np.pad(mono.astype(np.float64), (FRAME, FRAME))
    frames = np.lib.stride_tricks.sliding_window_view(padded, FRAME)[::HOP]
    return np.fft.rfft(frames * _window(), axis=1)


def _window() -> Values:
    return np.sqrt(np.hanning(FRAME + 1)[:-1])


def without_noise(samples: Samples, noise: Values, strength: str) -> Samples:
    """The same sound with steady noise down by up to the floor of `strength` ("gentle" or "strong")."""
    if not np.any(noise > 0):
        return samples
    floor, window = FLOORS[strength], _window()
    gain = _gains(np.abs(_spectra(samples.mean(axis=0))) ** 2, noise, floor)
    out = np.empty_like(samples)
    for channel, mono in enumerate(samples):
        spectra = _spectra(mono) * gain
        frames = np.fft.irfft(spectra, FRAME, axis=1) * window
        whole = np.zeros(HOP * (len(frames) - 1) + FRAME)
        for part in range(FRAME // HOP):  # frames that do not overlap are laid down at once
            rows = frames[part :: FRAME // HOP]
            flat = rows.reshape(-1)
            whole[part * HOP : part * HOP + len(flat)] += flat
        out[channel] = (whole[FRAME : FRAME + len(mono)] / (FRAME / HOP / 2)).astype(np.float32)
    return out


def _gains(power: Values, noise: Values, floor: float) -> Values:
    """(frames, bins) Wiener gains with the decision-directed a priori SNR."""
    gains = np.empty_like(power)
    kept = np.zeros(power.shape[1])
    safe = np.maximum(noise, 1e-20)
    for n, frame in enumerate(power):
        after = frame / safe
        before = SMOOTH * kept + (1 - SMOOTH) * np.maximum(after - 1, 0)
        wiener = before / (1 + before)
        kept = wiener * wiener * after
        gains[n] = np.maximum(wiener, floor)
    return gains
