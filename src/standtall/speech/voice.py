"""Where there is sound that may be a voice, by energy alone."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.signal import butter, sosfiltfilt

from standtall.media.sound_reader import SPEECH_RATE, Samples, level_db

LOWEST_HZ: Final = 70.0
"""No voice has a pitch under this: what is lower are steps, hands on the microphone and wind, however loud."""
_ABOVE_THUMPS: Final = butter(2, LOWEST_HZ, "highpass", fs=SPEECH_RATE, output="sos")

OVER_FLOOR_DB, QUIETEST_DB = 15.0, -50.0
SURELY_QUIET_DB: Final = -45.0
LOUDEST_FLOOR_DB: Final = -32.0
"""In a piece without pauses the tenth percentile is voice itself; no room is louder than this."""


def above_thumps(samples: Samples) -> Samples:
    """Mono float32 at 16 kHz (samples,) without what lies under any voice."""
    mono = samples.reshape(-1)
    if len(mono) < 32:
        return mono
    out: Samples = sosfiltfilt(_ABOVE_THUMPS, mono).astype(np.float32)
    return out


def voiced(samples: Samples) -> NDArray[np.bool_]:
    """One bool each 10 ms: louder than the noise floor by 15 dB and than -50 dBFS."""
    level = level_db(above_thumps(samples))
    if not len(level):
        return np.zeros(0, bool)
    floor = min(float(np.percentile(level, 10)), LOUDEST_FLOOR_DB)
    out: NDArray[np.bool_] = level > max(QUIETEST_DB, floor + OVER_FLOOR_DB)
    return out


def silent(samples: Samples) -> NDArray[np.bool_]:
    """One bool each 10 ms: certainly no voice, not even a weak one: as quiet as the floor and under -45 dBFS."""
    level = level_db(samples)
    if not len(level):
        return np.zeros(0, bool)
    out: NDArray[np.bool_] = level < min(SURELY_QUIET_DB, float(np.percentile(level, 10)) + 6.0)
    return out


def last_voice_s(samples: Samples) -> float:
    """After which time there is certainly no voice, in seconds."""
    heard = np.flatnonzero(~silent(samples))
    return float(heard[-1] + 1) / 100 if len(heard) else 0.0
