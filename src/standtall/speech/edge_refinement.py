"""Tightens word times by the energy of the sound alone, for scripts whose letters do not tell their sounds."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import Samples, level_db
from standtall.speech.align import Timed

EARLY_S: Final = 0.045
"""The recogniser's starts lie so much before the sound (measured on hand-marked recordings, docs/measures.md)."""
PAUSE_S: Final = 0.12
SEARCH_S: Final = 0.25
RISE_DB: Final = 12.0


def on_edges(samples: Samples, words: Sequence[Timed]) -> list[Timed]:
    """The same words with starts moved to the rise of the sound after a pause, and by the usual lateness elsewhere."""
    level = level_db(samples)
    if not len(level) or not words:
        return list(words)
    floor = float(np.percentile(level, 10)) + RISE_DB
    out: list[Timed] = []
    for i, word in enumerate(words):
        start = word.start + EARLY_S
        end = word.end
        if i == 0 or word.start - words[i - 1].end > PAUSE_S:
            start = _rise(level, word.start, floor, start)
        if i + 1 == len(words) or words[i + 1].start - word.end > PAUSE_S:
            end = _fall(level, word.end, floor, end)
        before = out[-1].end if out else 0.0
        start = min(max(start, 0.0), max(word.end, word.start + 0.04) - 0.02)
        if out and start < before:
            out[-1] = Timed(out[-1].text, out[-1].start, max(out[-1].start + 0.02, start), out[-1].moved)
            start = max(start, out[-1].end)
        out.append(Timed(word.text, start, max(end, start + 0.02), True))
    return out


def _rise(level: NDArray[np.float32], at: float, floor: float, otherwise: float) -> float:
    """The last time near `at` where the sound comes up out of quiet."""
    a, b = max(1, round((at - SEARCH_S) * 100)), min(len(level), round((at + SEARCH_S) * 100))
    loud = level[a - 1 : b] > floor
    rises = np.flatnonzero(loud[1:] & ~loud[:-1])
    if not len(rises):
        return otherwise
    times = (a + rises) / 100
    return float(times[np.argmin(np.abs(times - otherwise))])


def _fall(level: NDArray[np.float32], at: float, floor: float, otherwise: float) -> float:
    a, b = max(1, round((at - SEARCH_S) * 100)), min(len(level), round((at + 2 * SEARCH_S) * 100))
    loud = level[a - 1 : b] > floor
    falls = np.flatnonzero(~loud[1:] & loud[:-1])
    if not len(falls):
        return otherwise
    times = (a + falls) / 100
    return float(times[np.argmin(np.abs(times - otherwise))])
