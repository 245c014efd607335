"""Laughter and applause by their sound.

Applause is noise without pitch that goes on; laughter is a voice in bursts, about four to seven a second (Bachorowski, Smoski
and Owren 2001, J. Acoust. Soc. Am. 110(3): 4.4 calls a second in the mean). Looked for only where no word is said.
"""

from __future__ import annotations

from typing import Final, Literal

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import SPEECH_RATE, Samples

Kind = Literal["laughter", "applause"]
WINDOW, HOP = 512, 160
"""Samples at 16 kHz: 32 ms, each 10 ms."""
LOW_HZ, HIGH_HZ = 500.0, 7000.0
NOISE_FLATNESS: Final = 0.42
"""White noise has a flatness of 0.56 in windows like these (measured), a voice under 0.2."""
CALLS_HZ: Final = (3.5, 8.0)
CALLS: Final = 0.3
"""How strongly the loudness must come back after one call (autocorrelation) for laughter."""
SLOW: Final = 40
"""Steps of 10 ms: slower changes of loudness are taken away."""
SHORTEST_S: Final = 0.6


def kind_of(samples: Samples) -> Kind | None:
    """What a stretch of mono sound at 16 kHz without words is, or None for anything else."""
    if len(samples) < SHORTEST_S * SPEECH_RATE or not samples.any():
        return None
    flatness, level = _shape(samples)
    loud = level > level.max() - 20.0
    noisy = float(np.median(flatness[loud]))
    back = _comes_back(level)
    if noisy >= NOISE_FLATNESS and float(loud.mean()) > 0.7:
        return "applause"
    if noisy < NOISE_FLATNESS and back >= CALLS:
        return "laughter"
    return None


def _shape(samples: Samples) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """Spectral flatness 0..1 (geometric over arithmetic mean of the power) and level in dB, each 10 ms."""
    count = 1 + (len(samples) - WINDOW) // HOP
    frames = np.lib.stride_tricks.sliding_window_view(samples, WINDOW)[::HOP][:count] * np.hanning(WINDOW)
    power = np.abs(np.fft.rfft(frames, axis=1)) ** 2 + 1e-12
    hertz = np.fft.rfftfreq(WINDOW, 1 / SPEECH_RATE)
    band = power[:, (hertz >= LOW_HZ) & (hertz <= HIGH_HZ)]
    flatness = np.exp(np.log(band).mean(axis=1)) / band.mean(axis=1)
    return flatness, 10 * np.log10(power.sum(axis=1))


def _comes_back(level: NDArray[np.float64]) -> float:
    """The strongest return of the loudness after the time of one call."""
    from scipy.ndimage import uniform_filter1d  # slow to import: the window opens without it

    swing = np.clip(level, level.max() - 25.0, None)
    swing = swing - uniform_filter1d(swing, SLOW)  # a swell is no call
    power = float(swing @ swing)
    if power < len(level) * 4.0:  # hardly any swing: a steady tone or hum
        return 0.0
    lags = range(int(100 / CALLS_HZ[1]), int(100 / CALLS_HZ[0]) + 1)
    found = [float(swing[lag:] @ swing[:-lag]) / power * len(level) / (len(level) - lag) for lag in lags if lag < len(level) // 2]
    return max(found, default=0.0)
