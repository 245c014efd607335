"""Loudness by ITU-R BS.1770-4 (pyloudnorm), true peak by its Annex 2 (four times oversampled)."""

from __future__ import annotations

import warnings
from typing import Final

import numpy as np

from standtall.base.progress import Progress
from standtall.media.sound import MIX_RATE, Samples, filtered

TARGET_LUFS: Final = -14.0
CEILING_DBTP: Final = -1.0
ROOM_DB: Final = 0.8
"""Kept under the ceiling, because the encoder's own waveform overshoots."""
MOST_GAIN_DB: Final = 30.0


def loudness_lufs(samples: Samples) -> float:
    """Integrated loudness of float32 (2, samples) at 48 kHz; minus infinity for silence or less than 0.4 s."""
    if samples.shape[1] < int(0.4 * MIX_RATE) + 1:
        return float("-inf")
    import pyloudnorm  # slow to import, and the window must be there first

    with warnings.catch_warnings(), np.errstate(divide="ignore"):
        warnings.simplefilter("ignore")
        return float(pyloudnorm.Meter(MIX_RATE).integrated_loudness(samples.T.astype(np.float64)))


def true_peak_db(samples: Samples) -> float:
    """True peak in dBTP; minus infinity for silence.

    Short blocks are oversampled loudest first; those that could not pass the peak found so far, even if the wave rose
    to twice its samples, are left out.
    """
    from scipy.signal import resample_poly

    n = samples.shape[1]
    block, room = 4096, 64
    places = [(c, a) for c in range(len(samples)) for a in range(0, n, block)]
    starts = [(float(np.abs(samples[c, a : a + block]).max()), c, a) for c, a in places]
    peak = 0.0
    for loudest, c, a in sorted(starts, reverse=True):
        if 2 * loudest <= peak:
            break
        part = samples[c, max(0, a - room) : a + block + room]
        peak = max(peak, float(np.abs(resample_poly(part, 4, 1)).max()))
    return float(20 * np.log10(peak)) if peak > 0 else float("-inf")


def levelled(
    samples: Samples,
    target_lufs: float = TARGET_LUFS,
    ceiling_db: float = CEILING_DBTP,
    progress: Progress | None = None,
) -> Samples:
    """The same sound at the target loudness with no true peak over the ceiling; silence stays silence."""
    loud = loudness_lufs(samples)
    if not np.isfinite(loud) or loud < -70:
        return samples
    limit = ceiling_db - ROOM_DB
    out = samples
    gain = 0.0
    for _ in range(4):  # limiting takes a little loudness away, so measure again
        if progress is not None:
            progress.check()
        gain = min(MOST_GAIN_DB, gain + target_lufs - loud)
        out = samples * np.float32(10 ** (gain / 20))
        if true_peak_db(out) > limit:
            out = _limited(out, limit)
        loud = loudness_lufs(out)
        if abs(loud - target_lufs) < 0.15 or gain >= MOST_GAIN_DB:
            break
    return out


def _limited(samples: Samples, limit_db: float) -> Samples:
    aim = limit_db - 0.2
    out = samples
    for _ in range(3):
        value = 10 ** (aim / 20)
        out = filtered(samples, [("alimiter", f"limit={value:.6f}:attack=5:release=60:level=false:latency=true")])
        over = true_peak_db(out) - limit_db
        if over <= 0.05:
            break
        aim -= over + 0.05
    return out
