"""Whose lips move with the voice.

For each stretch of speech between two pauses, each face in view is scored by how much its mouth moves and by how
well that movement follows the loudness of the voice; chewing fools the first alone, not both.
"""

from __future__ import annotations

import bisect
import itertools
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter1d, uniform_filter1d

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Track
from standtall.model.words import Word

RATE: Final = 15
"""Mouth values a second."""
PAUSE: Final = round(0.16 * TICKS_PER_SECOND)
LONGEST: Final = round(2.5 * TICKS_PER_SECOND)
MEAN_S: Final = 1.6
LEAST_MOVEMENT: Final = 0.0045
"""Mouth movement, as a share of face height, that noise alone can reach."""
STILL: Final = 0.3
"""Score under which a lone face is listening to a voice from outside the picture."""


def stretches(words: tuple[Word, ...], cuts: tuple[int, ...]) -> list[tuple[int, int]]:
    """Speech between pauses, ends of sentences and cuts, as (start, end) in ticks."""
    out: list[list[int]] = []
    closed = True
    for word in words:
        crossed = bool(out) and _cut_between(cuts, out[-1][1], word.start)
        pause = bool(out) and word.start - out[-1][1] > PAUSE
        long = bool(out) and word.end - out[-1][0] > LONGEST
        if closed or crossed or pause or long:
            out.append([word.start, word.end])
        else:
            out[-1][1] = word.end
        closed = word.ends_sentence
    return [(a, b) for a, b in out]


def _cut_between(cuts: tuple[int, ...], first: int, last: int) -> bool:
    at = bisect.bisect_left(cuts, first)
    return at < len(cuts) and cuts[at] <= last


@dataclass(frozen=True, slots=True)
class Lips:
    """A stretch of speech (ticks), and for each person in view how well their lips fit it: 1 is usual for a speaker."""

    start: int
    end: int
    scores: dict[int, float]

    @property
    def best(self) -> int | None:
        """Who talks by the lips alone; None when nobody is in view or a lone face is listening to a voice from outside."""
        if not self.scores:
            return None
        best = max(self.scores, key=lambda person: self.scores[person])
        return None if len(self.scores) == 1 and self.scores[best] < STILL else best

    @property
    def sure(self) -> float:
        """How far the best stands out from the next, 0..1."""
        ranked = [*sorted(self.scores.values(), reverse=True), 0.0, 0.0]
        return float(np.clip((ranked[0] - ranked[1]) / max(ranked[0], 1e-6), 0.0, 1.0))


def read_lips(
    words: tuple[Word, ...], tracks: tuple[Track, ...], cuts: tuple[int, ...], level_db: NDArray[np.float32]
) -> list[Lips]:
    """The stretches of speech in time order, each with the lips of those in view."""
    voice = _envelope(level_db)
    curves = [(track, *_mouth(track)) for track in sorted(tracks, key=lambda t: t.start)]
    starts = [track.start for track, _, _ in curves]
    latest = list(itertools.accumulate((track.end for track, _, _ in curves), max))  # rises, as the starts do
    usual = _usual_movement(curves, voice)
    out: list[Lips] = []
    for start, end in stretches(words, cuts):
        scores: dict[int, float] = {}
        for track, first, opening in curves[bisect.bisect_left(latest, start) : bisect.bisect_right(starts, end)]:
            if track.end < start:
                continue
            score = _score(opening, first, voice, start, end) / usual[track.person]
            scores[track.person] = max(score, scores.get(track.person, -1.0))
        out.append(Lips(start, end, scores))
    return out


def _envelope(level_db: NDArray[np.float32]) -> NDArray[np.float64]:
    """Loudness 0..1 at `RATE` values a second."""
    if not len(level_db):
        return np.zeros(1)
    linear = np.clip((level_db.astype(np.float64) + 50) / 40, 0, 1)
    smooth = gaussian_filter1d(linear, 4.0)
    at = np.minimum(len(smooth) - 1, (np.arange(int(len(smooth) / 100 * RATE) + 1) * 100 / RATE).astype(int))
    out: NDArray[np.float64] = smooth[at]
    return out


def _mouth(track: Track) -> tuple[int, NDArray[np.float64]]:
    """-> (first slot, mouth opening at `RATE` values a second without its slow part)."""
    slots = np.array([s.at * RATE // TICKS_PER_SECOND for s in track.samples])
    first, last = int(slots[0]), int(slots[-1])
    opening = np.interp(np.arange(first, last + 1), slots, [s.mouth for s in track.samples])
    slow = uniform_filter1d(opening, max(3, round(MEAN_S * RATE)), mode="nearest")
    return first, opening - np.minimum(slow, opening.max())


def _usual_movement(curves: list[tuple[Track, int, NDArray[np.float64]]], voice: NDArray[np.float64]) -> dict[int, float]:
    """How much each person's mouth moves when it moves much: beards and small faces show less of it."""
    moves: dict[int, list[NDArray[np.float64]]] = {}
    for track, first, opening in curves:
        width = max(3, RATE * 2 // 3)
        mean = uniform_filter1d(opening, width, mode="nearest")
        spread = np.sqrt(np.maximum(0.0, uniform_filter1d(opening**2, width, mode="nearest") - mean**2))
        heard = voice[first : first + len(spread)]
        moves.setdefault(track.person, []).append(spread[: len(heard)][heard > 0.4])
    out = {}
    for person, parts in moves.items():
        all_moves = np.concatenate(parts)
        high = float(np.percentile(all_moves, 92)) if len(all_moves) else 0.0
        out[person] = max(LEAST_MOVEMENT, high)
    return out


def _score(opening: NDArray[np.float64], first: int, voice: NDArray[np.float64], start: int, end: int) -> float:
    room = RATE // 5
    a, b = start * RATE // TICKS_PER_SECOND - room, end * RATE // TICKS_PER_SECOND + room + 1
    a, b = max(a, first, 0), min(b, first + len(opening), len(voice))
    if b - a < 4:
        return 0.0
    mouth = opening[a - first : b - first]
    activity = float(mouth.std())
    best = -1.0
    for lag in (-2, -1, 0, 1, 2):  # picture and sound are seldom exactly in step
        shifted = voice[max(0, a + lag) : max(0, a + lag) + len(mouth)]
        if len(shifted) == len(mouth) and shifted.std() > 1e-6 and activity > 1e-6:
            best = max(best, float(np.corrcoef(mouth, shifted)[0, 1]))
    return activity * (0.35 + max(0.0, best))
