"""The pitch of a voice: autocorrelation of short stretches, made good for the window that they are seen through.

After Boersma, "Accurate short-term analysis of the fundamental frequency and the harmonics-to-noise ratio of a sampled sound",
Proceedings of the Institute of Phonetic Sciences of the University of Amsterdam 17, 1993; without its search for the smoothest
course: single slips are taken out by a median.
"""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]

STEP_S: Final = 0.01
"""Time from one value to the next."""
LOWEST, HIGHEST = 75.0, 500.0
"""Hz: voices of men, women and children."""
PERIODS: Final = 3
"""Periods of the lowest pitch that a stretch holds."""
VOICED: Final = 0.45
"""Autocorrelation (0..1) from which a stretch has a pitch."""
LOUD, QUIET = 99.5, 0.03
"""The percentile of all samples that counts as loud, and the share of it that the loudest sample of a stretch with a pitch has
at least."""
OCTAVE: Final = 0.01
"""What each octave lower costs: of a period and its double the shorter one is meant."""
AROUND: Final = 5
"""Values of which the middle one is taken."""
AT_ONCE: Final = 2_000
"""Stretches that are worked out together."""


def pitch_of(samples: NDArray[np.float32], rate: int) -> Floats:
    """Hz at each `STEP_S` of float32 (n,) samples at `rate`, not a number where there is no pitch."""
    step = round(rate * STEP_S)
    long = round(rate * PERIODS / LOWEST)
    count = max(0, -(-len(samples) // step))
    out = np.full(count, np.nan)
    loudest = float(np.percentile(np.abs(samples), LOUD)) if len(samples) else 0.0
    if loudest <= 0:
        return out
    padded = np.pad(samples.astype(np.float64), (long // 2, long))
    frames = np.lib.stride_tricks.sliding_window_view(padded, long)[::step][:count]
    window = np.hanning(long)
    size = 1 << (2 * long - 1).bit_length()
    own = np.fft.irfft(np.abs(np.fft.rfft(window, size)) ** 2)[:long]
    first, last = max(2, int(rate / HIGHEST)), min(long // 2, int(np.ceil(rate / LOWEST)) + 1)
    lags = np.arange(first, last + 1)
    favour = OCTAVE * np.log2(LOWEST * lags / rate)
    for a in range(0, count, AT_ONCE):
        part = frames[a : a + AT_ONCE]
        loud = np.abs(part).max(axis=1) > QUIET * loudest
        centred = (part - part.mean(axis=1, keepdims=True)) * window
        alike = np.fft.irfft(np.abs(np.fft.rfft(centred, size)) ** 2)[:, :long]
        alike = alike / np.maximum(1e-12, alike[:, :1]) / (own / own[0])
        inner, before, after = alike[:, first : last + 1], alike[:, first - 1 : last], alike[:, first + 1 : last + 2]
        peaks = np.where((inner >= before) & (inner > after), inner - favour, -np.inf)
        best = peaks.argmax(axis=1)
        rows = np.arange(len(part))
        left, middle, right = before[rows, best], inner[rows, best], after[rows, best]
        bend = left - 2 * middle + right
        aside = np.where(np.abs(bend) > 1e-12, 0.5 * (left - right) / np.where(np.abs(bend) > 1e-12, bend, 1.0), 0.0)
        voiced = loud & np.isfinite(peaks[rows, best]) & (middle > VOICED)
        out[a : a + len(part)] = np.where(voiced, rate / (lags[best] + np.clip(aside, -0.5, 0.5)), np.nan)
    return _without_slips(out)


def _without_slips(pitch: Floats) -> Floats:
    """Each value as the middle one of those around it; what has a pitch for no longer than two values has none."""
    around = np.lib.stride_tricks.sliding_window_view(np.pad(pitch, AROUND // 2, constant_values=np.nan), AROUND)
    known = np.sum(~np.isnan(around), axis=1) > AROUND // 2
    middle = np.full(len(pitch), np.nan)
    middle[known] = np.nanmedian(around[known], axis=1)
    return np.where(np.isnan(pitch), np.nan, middle)
