"""Whose lips move with the voice.

A mouth that moves much, and whose movement follows the loudness of the voice, belongs to the speaker; chewing does the first
alone, not both. The two together tell how many times likelier the lips of somebody in view are those of a speaker than those of a
listener.
"""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter1d, uniform_filter1d

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Track
from standtall.model.words import Word

Floats = NDArray[np.float64]
Ticks = NDArray[np.int64]

RATE: Final = 15
"""Mouth values a second."""
PAUSE: Final = round(0.16 * TICKS_PER_SECOND)
LONGEST: Final = round(2.5 * TICKS_PER_SECOND)
MEAN_S: Final = 1.6
ROOM: Final = RATE // 5
"""Values around a stretch of time that are looked at with it: lips open before the voice is heard."""
FEWEST: Final = 4
"""Values of a mouth that say something."""
LAGS: Final = (-2, -1, 0, 1, 2)
"""Values by which sound and picture may be out of step."""
LOUDEST, RANGE_DB, QUIETEST_DB = 97, 38.0, -60.0
"""The percentile of all levels that counts as loud, the range below it in which loudness is told, and the lowest that is loud."""
LEAST_MOVEMENT: Final = 0.0045
"""Mouth movement, as a share of face height, that noise alone can reach."""
FACTORS: Final = (0.0, 3.0, 4.2)
"""How movement (its logarithm, of what is usual for that mouth) and likeness to the voice (correlation) add up: fitted by
logistic regression on the words of scenes where it is known who talks (docs/decisions/0044)."""
HIDDEN, SUREST = -2.0, 4.0
"""The most that lips tell against somebody, and for somebody, in one stretch (natural logarithm): a hand may be before a mouth
that speaks, or it may be turned away."""


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
class _Curve:
    """How far a mouth is open from slot `first` on, without its slow part, at `RATE` values a second."""

    person: int
    first: int
    opening: Floats
    shown: Floats
    """1 where the face shows, 0 where it does not."""


class Mouths:
    """The mouths of all faces of a source beside its loudness (dBFS each 10 ms)."""

    def __init__(self, tracks: tuple[Track, ...], level_db: NDArray[np.float32], people: int) -> None:
        self.people = people
        self.length = len(level_db) * TICKS_PER_SECOND // 100
        """Where the loudness ends, in ticks."""
        self._voice = _envelope(level_db)
        self._loud = _summed(self._voice)
        self._curves = [_curve(track) for track in tracks]
        self._usual = _usual_movement(self._curves, self._voice)

    def loudness(self, starts: Ticks, ends: Ticks) -> Floats:
        """The mean loudness of each stretch of time (ticks), 0..1."""
        last = len(self._voice)
        a = np.clip(starts * RATE // TICKS_PER_SECOND, 0, last - 1)
        b = np.clip(ends * RATE // TICKS_PER_SECOND, a + 1, last)
        out: Floats = (self._loud[b] - self._loud[a]) / (b - a)
        return out

    def tell(self, starts: Ticks, ends: Ticks) -> Floats:
        """How many times likelier it is that the lips of each person (column) speak in each stretch of time (row, ticks; both
        rising) than that they listen, as a natural logarithm; 0 where their face does not show, not a number where they are not
        in view."""
        out = np.full((len(starts), self.people), np.nan)
        first = np.round(starts / TICKS_PER_SECOND * RATE).astype(int) - ROOM
        end = np.round(ends / TICKS_PER_SECOND * RATE).astype(int) + ROOM + 1
        for curve in self._curves:
            a, b = max(0, curve.first), min(len(self._voice), curve.first + len(curve.opening))
            rows = np.arange(np.searchsorted(end, a), np.searchsorted(first, b))
            begins, stops = np.maximum(first[rows], a), np.minimum(end[rows], b)
            enough = stops - begins >= FEWEST
            rows, begins, stops = rows[enough], begins[enough], stops[enough]
            if len(rows):
                told = self._told(curve, a, b, begins - a, stops - a)
                out[rows, curve.person] = np.fmax(out[rows, curve.person], told)
        return out

    def _told(self, curve: _Curve, a: int, b: int, begins: NDArray[np.int64], stops: NDArray[np.int64]) -> Floats:
        """The same for one mouth, seen in slots [a, b), in stretches that count from `a`."""
        count = stops - begins
        mouth = curve.opening[a - curve.first : b - curve.first]

        def mean(values: Floats) -> Floats:
            sums = _summed(values)
            out: Floats = (sums[stops] - sums[begins]) / count
            return out

        middle = mean(mouth)
        moves = np.sqrt(np.maximum(0.0, mean(mouth**2) - middle**2))
        alike = np.full(len(count), -1.0)
        for lag in LAGS:
            voice = self._voice[np.clip(np.arange(a + lag, b + lag), 0, len(self._voice) - 1)]
            level = mean(voice)
            varies = np.sqrt(np.maximum(0.0, mean(voice**2) - level**2))
            follows = (mean(voice * mouth) - level * middle) / np.maximum(1e-9, moves * varies)
            alike = np.where((moves > 1e-5) & (varies > 1e-3), np.maximum(alike, follows), alike)
        movement = np.log(np.clip(moves / self._usual[curve.person], 0.03, 1.5))
        told: Floats = FACTORS[0] + FACTORS[1] * movement + FACTORS[2] * np.clip(alike, -0.3, 1.0)
        shown = mean(curve.shown[a - curve.first : b - curve.first])
        return np.where(shown > 0.5, np.clip(told, HIDDEN, SUREST), 0.0)  # what is not seen tells nothing


def _summed(values: Floats) -> Floats:
    """The sums of the first 0, 1, 2 ... values."""
    return np.concatenate([[0.0], np.cumsum(values)])


def _envelope(level_db: NDArray[np.float32]) -> Floats:
    """Loudness 0..1 at `RATE` values a second, against the loudest of the source: quiet recordings have voices, too."""
    if not len(level_db):
        return np.zeros(1)
    top = max(QUIETEST_DB, float(np.percentile(level_db, LOUDEST)))
    linear = np.clip((level_db.astype(np.float64) - top) / RANGE_DB + 1, 0, 1)
    smooth = gaussian_filter1d(linear, 4.0)
    at = np.minimum(len(smooth) - 1, (np.arange(int(len(smooth) / 100 * RATE) + 1) * 100 / RATE).astype(int))
    out: Floats = smooth[at]
    return out


def _curve(track: Track) -> _Curve:
    slots = np.array([s.at * RATE // TICKS_PER_SECOND for s in track.samples])
    first, last = int(slots[0]), int(slots[-1])
    spots = np.arange(first, last + 1)
    shows = np.array([s.mouth is not None for s in track.samples])
    mouths = np.array([s.mouth for s in track.samples if s.mouth is not None])
    shown = shows[np.clip(np.searchsorted(slots, spots), 0, len(slots) - 1)].astype(np.float64)
    opening = np.interp(spots, slots[shows], mouths) if len(mouths) else np.zeros(len(spots))
    slow = uniform_filter1d(opening, max(3, round(MEAN_S * RATE)), mode="nearest")
    return _Curve(track.person, first, opening - np.minimum(slow, opening.max()), shown)


def _usual_movement(curves: list[_Curve], voice: Floats) -> dict[int, float]:
    """How much each person's mouth moves when it moves much: beards and small faces show less of it."""
    moves: dict[int, list[Floats]] = {}
    for curve in curves:
        width = max(3, RATE * 2 // 3)
        mean = uniform_filter1d(curve.opening, width, mode="nearest")
        spread = np.sqrt(np.maximum(0.0, uniform_filter1d(curve.opening**2, width, mode="nearest") - mean**2))
        heard = voice[curve.first : curve.first + len(spread)]
        there = (heard > 0.4) & (curve.shown[: len(heard)] > 0)
        moves.setdefault(curve.person, []).append(spread[: len(heard)][there])
    out = {}
    for person, parts in moves.items():
        all_moves = np.concatenate(parts)
        high = float(np.percentile(all_moves, 92)) if len(all_moves) else 0.0
        out[person] = max(LEAST_MOVEMENT, high)
    return out
