"""Fillers that the recogniser leaves out, found by their sound: a steady voice that no word covers.

"Uh" and "um" hold one vowel at one pitch for a quarter of a second and more, where words change from sound to sound (Shriberg
2001, "To 'errrr' is human", doi:10.1017/S0025100301001128). Measured on the hand-marked recordings: docs/decisions/0016.
"""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import binary_closing, maximum_filter1d

from standtall.media.sound_reader import SPEECH_RATE, Samples, level_db
from standtall.speech.voice import above_thumps

LEAST_S, MOST_S = 0.18, 1.6
ROOM: Final = 3
"""Hundredths of a second around words that belong to them."""
FRAME: Final = 640
HOP: Final = 160
VOICED: Final = 0.45
"""Height of the autocorrelation's peak, of 1, from which a frame has a pitch (60 to 400 Hz)."""
STEADY: Final = 0.83
"""Mean cosine between spectra 50 ms apart of a held vowel lies above."""
NEAR_S: Final = 1.2
"""A filler stands this near to a word."""
MOST_SHARE: Final = 0.15
"""More fillers than this share of the words are music or another noise."""
APART: Final = 5
OVER_FLOOR_DB: Final = 6.0
PULSE: Final = 7
GAP: Final = 5
"""A pitch may be lost for so many hundredths of a second."""
OPEN: Final = 0.12
"""A vowel has at least so much of its energy above 300 Hz: none has its first formant much lower (Peterson and Barney 1952,
"Control methods used in a study of the vowels", doi:10.1121/1.1906875). A hum has not."""
NASAL: Final = 0.35
"""An "um" ends with so much less of its energy above 600 Hz than it began with."""


def hesitations(samples: Samples, taken: list[tuple[float, float]]) -> list[tuple[str, float, float]]:
    """Text, start and end (seconds) of fillers in mono samples at 16 kHz, outside the words at `taken` (seconds)."""
    mono = above_thumps(samples)
    level = level_db(mono)
    if len(level) < LEAST_S * 100:
        return []
    loud = maximum_filter1d(level, PULSE)  # a creaking voice is silent between its pulses
    free = loud > float(np.percentile(level, 10)) + OVER_FLOOR_DB
    for start, end in taken:
        free[max(0, round(start * 100) - ROOM) : round(end * 100) + ROOM] = False
    out: list[tuple[str, float, float]] = []
    edges = np.array([t for span in taken for t in span])
    for a, b in _runs(free):
        for c, d in _runs(binary_closing(pitched(mono[a * HOP : b * HOP + FRAME - HOP]), np.ones(GAP))):
            part = mono[(a + c) * HOP : (a + d) * HOP]
            near = bool(len(edges)) and float(np.abs(edges - (a + (c + d) / 2) / 100).min()) <= NEAR_S
            if near and LEAST_S <= (d - c) / 100 <= MOST_S and steadiness(part) >= STEADY and open_share(part) >= OPEN:
                out.append(("um" if nasal(part) else "uh", (a + int(c)) / 100, (a + int(d)) / 100))
    return out if len(out) <= MOST_SHARE * len(taken) else []


def _runs(flags: NDArray[np.bool_]) -> list[tuple[int, int]]:
    """Starts and ends of the stretches that are long enough."""
    edges = np.flatnonzero(np.diff(np.concatenate([[0], flags.astype(np.int8), [0]])))
    return [(int(a), int(b)) for a, b in zip(edges[::2], edges[1::2], strict=True) if b - a >= LEAST_S * 100]


def _frames(part: Samples) -> NDArray[np.float64]:
    count = max(1, 1 + (len(part) - FRAME) // HOP)
    padded = np.pad(part.astype(np.float64), (0, max(0, FRAME - len(part))))
    return np.lib.stride_tricks.sliding_window_view(padded, FRAME)[::HOP][:count]


def pitched(part: Samples) -> NDArray[np.bool_]:
    """Whether each hundredth of a second has a pitch."""
    frames = _frames(part)
    frames = frames - frames.mean(axis=1, keepdims=True)
    auto = np.fft.irfft(np.abs(np.fft.rfft(frames, 2 * FRAME, axis=1)) ** 2, axis=1)
    auto /= np.maximum(1e-9, auto[:, :1])
    lags = np.arange(SPEECH_RATE // 400, SPEECH_RATE // 60)
    return np.asarray((auto[:, lags] / (1 - lags / FRAME)).max(axis=1) >= VOICED)


def _bands(part: Samples) -> NDArray[np.float64]:
    """Log power in 24 bands up to 4 kHz of each frame."""
    power = np.abs(np.fft.rfft(_frames(part) * np.hanning(FRAME), axis=1)) ** 2
    width = 4000 * FRAME // SPEECH_RATE // 24
    return np.log(power[:, 1 : 1 + 24 * width].reshape(len(power), 24, width).sum(axis=2) + 1e-9)


def steadiness(part: Samples) -> float:
    """How alike the spectra of a passage are 50 ms apart, -1..1; 0 where it is too short to say."""
    bands = _bands(part)
    bands = bands - bands.mean(axis=1, keepdims=True)
    if len(bands) <= APART:
        return 0.0
    bands /= np.maximum(1e-9, np.linalg.norm(bands, axis=1, keepdims=True))
    return float((bands[APART:] * bands[:-APART]).sum(axis=1).mean())


def open_share(part: Samples) -> float:
    """Share of the energy of a passage that lies above 300 Hz, 0..1."""
    power = (np.abs(np.fft.rfft(_frames(part) * np.hanning(FRAME), axis=1)) ** 2).sum(axis=0)
    return float(power[300 * FRAME // SPEECH_RATE :].sum() / max(1e-9, power.sum()))


def nasal(part: Samples) -> bool:
    """Whether the sound is closed towards its end, as of an "um"."""
    power = np.abs(np.fft.rfft(_frames(part) * np.hanning(FRAME), axis=1)) ** 2
    split = 600 * FRAME // SPEECH_RATE
    share = power[:, split:].sum(axis=1) / np.maximum(1e-9, power.sum(axis=1))
    third = max(1, len(share) // 3)
    return bool(share[-third:].mean() < NASAL * share[:third].mean())
