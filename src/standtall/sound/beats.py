"""Where the beats of a piece of music lie.

D. P. W. Ellis, "Beat tracking by dynamic programming", Journal of New Music Research 36(1), 2007: a curve of onsets, a tempo out
of its autocorrelation, and the row of beats that lies on most onsets while it keeps that tempo best.
"""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import MIX_RATE, Samples

Values = NDArray[np.float64]

HOP: Final = MIX_RATE // 100
FRAME: Final = 2048
BANDS: Final = 32
LOWEST, HIGHEST = 60.0, 12_000.0
"""Hertz of the bands in which onsets are looked for."""
SHORTEST_S, LONGEST_S = 0.25, 1.2
"""Times from beat to beat that are looked for: 240 to 50 a minute."""
LIKELY_S, SPREAD = 0.5, 0.9
"""Tapping goes on around 120 a minute; the spread is in octaves (Ellis 2007, section 3.1)."""
TIGHT: Final = 100.0
"""How much keeping the tempo counts beside lying on onsets (Ellis 2007, section 3.2)."""
LEAST_CLEAR: Final = 0.12
"""Correlation of the onsets with themselves a beat later below which there is no beat to speak of."""


def beats(sound: Samples) -> NDArray[np.int64]:
    """The beats of float32 (channels, samples) at 48 kHz, as samples in order; none where nothing beats evenly."""
    onsets = onset_curve(sound)
    if len(onsets) < 3 * round(LONGEST_S * 100):
        return np.zeros(0, np.int64)
    period, clear = tempo(onsets)
    if clear < LEAST_CLEAR:
        return np.zeros(0, np.int64)
    return np.asarray(_row(onsets, period) * HOP, np.int64)


def onset_curve(sound: Samples) -> Values:
    """How much begins in each step of 10 ms, with mean 0 and deviation 1."""
    mono = np.asarray(sound, np.float32).mean(axis=0)
    count = len(mono) // HOP
    if count < 8:
        return np.zeros(0)
    padded = np.pad(mono, (FRAME // 2, FRAME))
    frames = np.lib.stride_tricks.sliding_window_view(padded, FRAME)[::HOP][:count]
    hann = np.hanning(FRAME).astype(np.float32)
    edges = np.geomspace(LOWEST, HIGHEST, BANDS + 1) / MIX_RATE * FRAME
    bins = np.maximum.accumulate(np.maximum(1, np.round(edges).astype(int)))
    bins = np.unique(bins)
    levels = []
    for at in range(0, count, 2000):
        power = np.square(np.abs(np.fft.rfft(frames[at : at + 2000] * hann, axis=1)))
        levels.append(np.log10(np.add.reduceat(power[:, : bins[-1]], bins[:-1], axis=1) + 1e-6))
    level = np.concatenate(levels)
    rises = np.maximum(0.0, np.diff(level, axis=0, prepend=level[:1])).mean(axis=1)
    smooth = np.convolve(rises, np.hanning(7)[1:-1] / np.hanning(7)[1:-1].sum(), "same")
    around = np.convolve(smooth, np.ones(101) / 101, "same")
    out = smooth - around
    return np.asarray(out / max(1e-9, float(out.std())), np.float64)


def tempo(onsets: Values) -> tuple[int, float]:
    """Steps from beat to beat, and how clear they are, 0..1."""
    size = 1 << (2 * len(onsets) - 1).bit_length()
    spectrum = np.fft.rfft(onsets, size)
    same = np.fft.irfft(np.square(np.abs(spectrum)))[: len(onsets)]
    lags = np.arange(round(SHORTEST_S * 100), round(LONGEST_S * 100) + 1)
    octaves = np.log2(lags / 100 / LIKELY_S)
    strength = same[lags] + 0.5 * same[2 * lags] if 2 * lags[-1] < len(same) else same[lags]
    best = int(np.argmax(strength * np.exp(-0.5 * np.square(octaves / SPREAD))))
    return int(lags[best]), float(same[lags[best]] / max(1e-9, same[0]))


def _row(onsets: Values, period: int) -> NDArray[np.int64]:
    """The row of beats with the greatest sum."""
    ways = np.arange(round(period / 2), 2 * period + 1)
    cost = -TIGHT * np.square(np.log(ways / period))
    total, before = onsets.copy(), np.full(len(onsets), -1)
    for t in range(len(onsets)):
        reach = min(len(ways), t - ways[0] + 1)
        if reach <= 0:
            continue
        tried = total[t - ways[:reach]] + cost[:reach]
        best = int(np.argmax(tried))
        if tried[best] > 0:
            total[t] += tried[best]
            before[t] = t - ways[best]
    t = int(np.argmax(total[-2 * period :])) + len(total) - min(len(total), 2 * period)
    out = []
    while t >= 0:
        out.append(t)
        t = int(before[t])
    return np.array(out[::-1], np.int64)
