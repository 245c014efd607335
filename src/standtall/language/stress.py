"""How far each word stands out of those said around it in loudness, in length and in pitch."""

from __future__ import annotations

import bisect
from collections.abc import Sequence
from dataclasses import dataclass
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
HIGHER: Final = 4.0
"""How far a word that stands out is over those around it, in semitones (common practice, no source: a third)."""
MELODY_STEP: Final = TICKS_PER_SECOND // 100
"""Time from one value of a melody to the next."""
SLOWER: Final = 1.9
"""How many times as long each letter of a word that stands out takes as around it."""
FEWEST: Final = 4
"""Values of a pitch, and words around, that say something."""
LETTERS: Final = 4
"""Shorter words are drawn out by anything."""


@dataclass(frozen=True, slots=True)
class Melody:
    """How high a voice speaks: (n,) Hz at each `MELODY_STEP` from the tick `start` of the source on, not a number where it has no
    pitch or is not known."""

    start: int
    hz: NDArray[np.float64]


def over_pitch(said: Sequence[Word], melody: Melody | None) -> NDArray[np.float64]:
    """How far each word is over the middle of those around it, in semitones; 0 where nothing is known."""
    out = np.zeros(len(said))
    if melody is None:
        return out
    own = np.array([_height(melody, w) for w in said])
    for i, (a, b) in enumerate(_around(said)):
        near = own[a:b][~np.isnan(own[a:b])]
        if len(near) >= FEWEST and not np.isnan(own[i]):
            out[i] = own[i] - float(np.median(near))
    return out


def _height(melody: Melody, word: Word) -> float:
    """Where the upper pitches of a word lie, in semitones; not a number where too little of it has one."""
    first = max(0, (word.start - melody.start) // MELODY_STEP)
    part = melody.hz[first : max(first, (word.end - melody.start) // MELODY_STEP)]
    part = part[~np.isnan(part)]
    return float(12 * np.log2(np.percentile(part, 80))) if len(part) >= FEWEST else float("nan")


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
