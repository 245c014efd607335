"""Finds where the pieces of a finished clip come from in hours of sound."""

from __future__ import annotations

import itertools
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.media.sound_reader import Samples
from standtall.sound.landmarks import HOP, RATE, LandmarkIndex, Landmarks, landmarks

SPEEDS: Final = (1.0, 1.005, 0.995, 1.01, 0.99)
"""A clip may have been played so much faster: tried in this order until its pieces are found."""
SLICE: Final = 80
"""Windows of a clip (1.3 s) that vote together for a place."""
LEAST_VOTES: Final = 5
PLACES: Final = 3
"""So many places are kept for a slice, so many slices tried for a place, and so many places looked at in all."""
TRIES: Final = 3
MOST_PLACES: Final = 40
NOWHERE: Final = 0.12
"""How well 20 ms agree with no place at all: what agrees less comes from elsewhere."""
CHANGE: Final = 4.0
EVIDENCE: Final = 16.0
"""What a piece agrees better than nowhere in all, added up over its steps. A second of voice 12 dB over music has 16 to 21; of
200 strangers tried against twenty hours at five speeds two had pieces, of 5 and 10."""
SURE: Final = 0.4
LONGEST_PAUSE: Final = 200
"""Steps of 20 ms."""
NEAR: Final = 3
"""Windows by which votes for one place may differ."""
LEAST_PIECE: Final = 60
"""A piece is at least so many windows long (1 s)."""
STEP: Final = RATE // 50
"""Samples of 20 ms: the fineness with which the ends of a piece are looked for."""
AGREES: Final = 0.45
ENOUGH_FOUND: Final = 0.5

Read = Callable[[int, int], Samples]
"""Gives mono sound at 8 kHz between two sample numbers of the source, silence outside it."""


@dataclass(frozen=True, slots=True)
class Found:
    """A piece of a clip and the passage of the source that it is, in ticks; `confidence` is the share of it that agrees."""

    clip_start: int
    clip_end: int
    start: int
    end: int
    confidence: float


def find_clip(index: LandmarkIndex, clip: Samples, read: Read) -> tuple[Found, ...]:
    """The pieces of a clip (mono at 8 kHz) in the order in which it plays them; empty where the source does not hold it."""
    best: tuple[Found, ...] = ()
    for speed in SPEEDS:
        sound = clip if speed == 1.0 else _at_speed(clip, speed)
        found = tuple(_back(f, speed) for f in _pieces(index, sound, read))
        if _covered(found) > _covered(best):
            best = found
        if _covered(best) >= ENOUGH_FOUND * len(clip) / RATE * TICKS_PER_SECOND:
            break
    return best


def _at_speed(clip: Samples, speed: float) -> Samples:
    """The clip as it was before it was played `speed` times as fast."""
    places = np.arange(0, len(clip) - 1, 1 / speed)
    return np.interp(places, np.arange(len(clip)), clip).astype(np.float32)


def _back(found: Found, speed: float) -> Found:
    if speed == 1.0:
        return found
    return Found(round(found.clip_start / speed), round(found.clip_end / speed), found.start, found.end, found.confidence)


def _covered(found: tuple[Found, ...]) -> int:
    return sum(f.clip_end - f.clip_start for f in found)


def _pieces(index: LandmarkIndex, clip: Samples, read: Read) -> list[Found]:
    marks = landmarks(clip)
    here, there = index.matches(marks)
    offsets = _offsets(clip, _votes(here, there - here, marks), read)
    return _spoken_by(clip, offsets, read) if offsets else []


def _votes(here: NDArray[np.int32], offset: NDArray[np.int32], marks: Landmarks) -> list[tuple[int, int, int]]:
    """The best places of each slice of the clip with enough votes: (votes, first window of the slice, offset in windows)."""
    out: list[tuple[int, int, int]] = []
    for n in range(0, max(1, marks.windows), SLICE // 2):
        a, b = np.searchsorted(here, (n, n + SLICE))
        some = np.sort(offset[a:b])
        for _ in range(PLACES):
            if len(some) < LEAST_VOTES:
                break
            count = np.searchsorted(some, some + NEAR, "right") - np.arange(len(some))
            best = int(np.argmax(count))
            if count[best] < LEAST_VOTES:
                break
            middle = int(np.median(some[best : best + count[best]]))
            out.append((int(count[best]), n, middle))
            some = some[np.abs(some - middle) > 2 * NEAR]
    return out


def _offsets(clip: Samples, votes: list[tuple[int, int, int]], read: Read) -> list[int]:
    """Places (clip to source, in samples) that the waves themselves agree on, those with the most votes first."""
    found: list[int] = []
    tried: dict[int, int] = {}
    for _count, n, offset in sorted(votes, reverse=True):
        key = next((k for k in tried if abs(k - offset) <= NEAR), offset)
        if tried.get(key, 0) >= TRIES:
            continue
        tried[key] = tried.get(key, 0) + 1
        exact, score = _exact(clip, n * HOP, (n + SLICE) * HOP, offset, read)
        if score >= AGREES:
            tried[key] = TRIES
            if all(abs(exact - other) > 2 for other in found):
                found.append(exact)
        if len(found) == MOST_PLACES:
            break
    return found


def _exact(clip: Samples, a: int, b: int, offset: int, read: Read) -> tuple[int, float]:
    """-> (offset in samples, how well the waves agree 0..1): cross-correlation of a slice around a place."""
    part = clip[a : min(b, len(clip))]
    room = 4 * HOP
    source = read(a + offset * HOP - room, a + offset * HOP + len(part) + room)
    if len(source) < len(part) or len(part) < RATE // 2 or not part.any() or not source.any():
        return 0, 0.0
    from scipy import fft  # slow to import: the window opens without it

    size = fft.next_fast_len(len(source), real=True)  # what goes round its end is not looked at
    cross = fft.irfft(fft.rfft(source, size) * np.conj(fft.rfft(part, size)), size)[: len(source) - len(part) + 1]
    score = cross / np.sqrt(np.maximum(1e-6, _sliding(source, len(part))) * float(np.square(part, dtype=np.float64).sum()))
    best = int(np.argmax(score))
    return offset * HOP - room + best, float(score[best])


def _sliding(source: Samples, size: int) -> NDArray[np.float64]:
    """Energy of each stretch of `size` samples."""
    sums = np.concatenate([[0.0], np.cumsum(np.square(source, dtype=np.float64))])
    return sums[size:] - sums[:-size]


def _agreement(clip: Samples, offset: int, steps: int, read: Read) -> NDArray[np.float64]:
    """For each 20 ms of the clip how well it agrees with the source at a place, -1..1."""
    mine = clip[: steps * STEP].reshape(steps, STEP).astype(np.float64)
    theirs = read(offset, offset + steps * STEP).reshape(steps, STEP).astype(np.float64)
    size = np.sqrt((mine**2).sum(axis=1) * (theirs**2).sum(axis=1))
    return np.divide((mine * theirs).sum(axis=1), size, out=np.zeros(steps), where=size > 1e-6)


def _weights(clip: Samples, steps: int) -> NDArray[np.float64]:
    """How much each 20 ms of the clip says about its place, 0..1: pauses, in which only music may be heard, say little."""
    loud = np.sqrt(np.square(clip[: steps * STEP].reshape(steps, STEP), dtype=np.float64).mean(axis=1))
    return np.asarray(np.minimum(1.0, loud / max(1e-6, float(np.percentile(loud, 60)))) ** 2)


def _spoken_by(clip: Samples, offsets: list[int], read: Read) -> list[Found]:
    """Which place each 20 ms of the clip comes from, or none: the way through all of them that agrees best, where every change
    of place costs (Viterbi 1967)."""
    steps = len(clip) // STEP
    if not steps:
        return []
    fits = np.stack([np.full(steps, NOWHERE), *(_agreement(clip, o, steps, read) for o in offsets)])
    fits *= _weights(clip, steps)
    total, came = fits[:, 0].copy(), np.zeros(fits.shape, np.int16)
    for n in range(1, steps):
        best = int(np.argmax(total))
        jump = total[best] - CHANGE
        stays = total >= jump
        came[:, n] = np.where(stays, np.arange(len(total)), best)
        total = np.where(stays, total, jump) + fits[:, n]
    state = int(np.argmax(total))
    way = np.empty(steps, np.int16)
    for n in range(steps - 1, -1, -1):
        way[n] = state
        state = int(came[state, n])
    return _joined(way, fits, offsets)


def _joined(way: NDArray[np.int16], fits: NDArray[np.float64], offsets: list[int]) -> list[Found]:
    """Stretches of the way at one place as pieces; a short stretch of nowhere inside one is a pause of it."""
    edges = [0, *(int(e) for e in np.flatnonzero(np.diff(way)) + 1), len(way)]
    spans = [[int(way[a]), a, b] for a, b in itertools.pairwise(edges)]
    whole: list[list[int]] = []
    for state, a, b in spans:
        if state == 0:
            continue
        if whole and whole[-1][0] == state and a - whole[-1][2] <= LONGEST_PAUSE:
            whole[-1][2] = b
        else:
            whole.append([state, a, b])
    out: list[Found] = []
    for state, a, b in whole:
        if (b - a) * STEP < LEAST_PIECE * HOP:
            continue
        offset, fit = offsets[state - 1], fits[state, a:b]
        share = float((fit > 0.15).sum() / max(1, (np.abs(fit) > 0.03).sum()))
        if share < SURE or float((fit - fits[0, a:b]).sum()) < EVIDENCE:
            continue
        start = max(0, a * STEP + offset)
        here, there, first, last = (round(v * TICKS_PER_SECOND / RATE) for v in (a * STEP, b * STEP, start, b * STEP + offset))
        out.append(Found(here, there, first, last, round(min(1.0, share), 3)))
    return out
