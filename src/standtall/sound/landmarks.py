"""Landmarks of a sound: peaks of its spectrogram in pairs, which survive coding, music underneath and other loudness.

The method is that of Wang 2003, An Industrial-Strength Audio Search Algorithm (ISMIR); sizes were tried on speech.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import Samples

RATE: Final = 8_000
WINDOW, HOP = 512, 128
"""64 ms windows, one each 16 ms."""
LOWEST, HIGHEST = 8, 200
"""Bins of 15.6 Hz in which peaks are looked for: 125 Hz to 3.1 kHz, where voices are."""
AROUND: Final = (5, 9)
"""A peak is the highest within so many windows and bins on each side."""
UNDER_DB: Final = 45.0
PARTNERS: Final = 6
NEAREST, FARTHEST = 2, 48
"""Windows between the peaks of a pair."""
APART: Final = 60


@dataclass(frozen=True, slots=True)
class Landmarks:
    """Pairs of peaks: a number that is the same wherever the same pair is heard, and the window it begins at (both (n,))."""

    names: NDArray[np.uint32]
    at: NDArray[np.int32]
    windows: int

    def shifted(self, by: int) -> Landmarks:
        return Landmarks(self.names, self.at + np.int32(by), self.windows)


def landmarks(sound: Samples) -> Landmarks:
    """Landmarks of mono sound at 8 kHz (its length is limited by memory: give minutes, not hours)."""
    count = max(0, 1 + (len(sound) - WINDOW) // HOP)
    if count < 2:
        return Landmarks(np.zeros(0, np.uint32), np.zeros(0, np.int32), count)
    from scipy import fft  # slow to import: the window opens without it
    from scipy.ndimage import maximum_filter

    frames = np.lib.stride_tricks.sliding_window_view(sound.astype(np.float32, copy=False), WINDOW)[::HOP]
    spectrum = fft.rfft(frames * np.hanning(WINDOW).astype(np.float32), axis=1, workers=1)[:, LOWEST:HIGHEST]
    power = spectrum.real**2 + spectrum.imag**2
    highest = maximum_filter(power, (2 * AROUND[0] + 1, 2 * AROUND[1] + 1), mode="nearest")
    rows, columns = np.nonzero((power == highest) & (power > max(1e-9, float(power.max()) * 10 ** (-UNDER_DB / 10))))
    return _pairs(rows.astype(np.int32), columns.astype(np.int32), count)


def _pairs(rows: NDArray[np.int32], columns: NDArray[np.int32], count: int) -> Landmarks:
    """Each peak with those that follow it; `rows` ascend."""
    names, at = [], []
    for step in range(1, 4 * PARTNERS):
        if step >= len(rows):
            break
        apart = rows[step:] - rows[:-step]
        high = columns[step:] - columns[:-step]
        good = (apart >= NEAREST) & (apart <= FARTHEST) & (np.abs(high) <= APART)
        first, second, between = (v[good].astype(np.uint32) for v in (columns[:-step], columns[step:], apart))
        names.append((first << np.uint32(14)) | (second << np.uint32(6)) | between)
        at.append(rows[:-step][good])
    name, place = np.concatenate(names or [np.zeros(0, np.uint32)]), np.concatenate(at or [np.zeros(0, np.int32)])
    order = np.argsort(place, kind="stable")
    name, place = name[order], place[order]
    rank = np.arange(len(place)) - np.searchsorted(place, place)  # at most so many pairs begin in one window
    keep = rank < 3 * PARTNERS
    return Landmarks(name[keep], place[keep], count)


class LandmarkIndex:
    """Landmarks of hours of sound, sorted so that those of a clip are found at once."""

    def __init__(self, parts: list[Landmarks]) -> None:
        names = np.concatenate([p.names for p in parts]) if parts else np.zeros(0, np.uint32)
        at = np.concatenate([p.at for p in parts]) if parts else np.zeros(0, np.int32)
        order = np.argsort(names, kind="stable")
        self._names, self._at = names[order], at[order]

    def matches(self, clip: Landmarks) -> tuple[NDArray[np.int32], NDArray[np.int32]]:
        """-> (window of the clip, window of the sound) of every landmark that both hold."""
        first = np.searchsorted(self._names, clip.names, "left")
        last = np.searchsorted(self._names, clip.names, "right")
        counts = last - first
        counts[counts > MOST_ALIKE] = 0  # what is heard everywhere tells nothing
        mine = np.repeat(np.arange(len(counts)), counts)
        within = np.arange(len(mine)) - np.repeat(np.cumsum(counts) - counts, counts)
        return clip.at[mine], self._at[first[mine] + within]


MOST_ALIKE: Final = 400
