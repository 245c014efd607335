"""How far each word stands out of those said around it in loudness and in length."""

from __future__ import annotations

import bisect
from collections.abc import Sequence
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import LEVEL_STEP
from standtall.model.words import Word

AROUND: Final = 5 * TICKS_PER_SECOND
"""Time before and after a word with whose words it is compared."""
LOUDER_DB: Final = 4.5
"""How far a word that stands out is over those around it (common practice, no source: about half as loud again)."""
SLOWER: Final = 1.9
"""How many times as long each letter of a word that stands out takes as around it."""
LETTERS: Final = 4
"""Shorter words are drawn out by anything."""


def over_loudness(said: Sequence[Word], level_db: tuple[float, ...]) -> NDArray[np.float64]:
    """How far each word is over the middle of those around it, in dB; 0 where nothing is known."""
    level = np.array(level_db, np.float64)
    if not len(level):
        return np.zeros(len(said))
    own = np.array([_level(level, w) for w in said])
    return own - np.array([float(np.median(own[a:b])) for a, b in _around(said)])


def over_length(said: Sequence[Word]) -> NDArray[np.float64]:
    """How many times as long each word takes for its letters as those around it."""
    pace = np.array([(w.end - w.start) / (len(w.text) + 1) for w in said])
    return pace / np.array([max(1.0, float(np.median(pace[a:b]))) for a, b in _around(said)])


def _level(level: NDArray[np.float64], word: Word) -> float:
    first, last = word.start // LEVEL_STEP, max(word.start // LEVEL_STEP + 1, word.end // LEVEL_STEP)
    part = level[first:last]
    return float(np.percentile(part, 75)) if len(part) else -90.0


def _around(said: Sequence[Word]) -> list[tuple[int, int]]:
    starts = [w.start for w in said]
    return [(bisect.bisect_left(starts, w.start - AROUND), bisect.bisect_right(starts, w.start + AROUND)) for w in said]
