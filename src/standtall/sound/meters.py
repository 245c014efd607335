"""What meters show of a sound: momentary and short-term loudness, loudness range, true peak over time.

EBU Tech 3341 (2016): momentary loudness over 0.4 s, short-term over 3 s, both ungated. EBU Tech 3342 (2016): the loudness range
is the distance between the 10th and the 95th percentile of short-term loudness, gated at -70 LUFS and 20 LU under the mean.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.progress import Progress
from standtall.media.sound_reader import Samples
from standtall.sound.loudness import ABSOLUTE_GATE, OFFSET, blocks_of, gated, peaks_of, power_of

MOMENTARY_MS, SHORT_MS, STEP_MS = 400, 3000, 10
LOWEST: Final = -70.0

Values = NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Meters:
    """Value n is the greatest of the blocks that end between n and n + 1 tenths of a second after the start; before a block is
    full, what there is of it counts. `peak` holds the true peak of each 100 ms in dBTP."""

    momentary: Values
    short: Values
    peak: Values
    integrated: float
    loudness_range: float
    true_peak: float


def metered(samples: Samples, progress: Progress | None = None) -> Meters:
    """Measure float32 (2, samples) at 48 kHz; `progress` stops it between parts."""
    power = power_of(samples, progress)
    if progress is not None:
        progress.check()
    peaks = peaks_of(samples, 0.0)
    tenths = np.pad(peaks, (0, -len(peaks) % 100)).reshape(-1, 100).max(axis=1)
    return Meters(
        ending(power, MOMENTARY_MS), ending(power, SHORT_MS), 20 * np.log10(np.maximum(tenths, 10 ** (LOWEST / 20))),
        gated(power), range_of(power), float(20 * np.log10(max(float(peaks.max(initial=0.0)), 1e-9))),
    )  # fmt: skip


def lufs(power: Values) -> Values:
    """Loudness of mean K-weighted power, not below -70."""
    return np.asarray(np.maximum(LOWEST, OFFSET + 10 * np.log10(np.maximum(power, 1e-12))))


def ending(power: Values, length_ms: int) -> Values:
    """The greatest loudness of the blocks that end in each tenth of a second; blocks begin every 10 ms."""
    blocks = blocks_of(np.concatenate([np.zeros(length_ms - STEP_MS), power]), length_ms, STEP_MS)
    each = 100 // STEP_MS
    return lufs(np.pad(blocks, (0, -len(blocks) % each), mode="edge").reshape(-1, each).max(axis=1)) if len(blocks) else blocks


def range_of(power: Values) -> float:
    """The loudness range in LU; 0 for less than 3 s."""
    blocks = blocks_of(power, SHORT_MS)
    kept = blocks[blocks > 10 ** ((ABSOLUTE_GATE - OFFSET) / 10)]
    if not len(kept):
        return 0.0
    kept = kept[kept >= kept.mean() * 10 ** (-20 / 10)]
    low, high = np.percentile(lufs(kept), [10, 95])
    return float(high - low)
