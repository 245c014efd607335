"""Who the faces that were followed belong to: the tracks of a source, with a person each."""

from __future__ import annotations

import bisect
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final, NamedTuple

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import FaceSample, Shot, Track
from standtall.people.reidentify import Looks, group

Numbers = tuple[tuple[int, ...], ...]

SHORTEST: Final = round(0.3 * TICKS_PER_SECOND)
"""What is followed for less is nobody."""
PASSES: Final = 2 * TICKS_PER_SECOND
"""Somebody whose face never shows is a person from this long on."""


@dataclass(frozen=True, slots=True)
class SeenTrail:
    """A face that was followed: its samples, the mean of the colours around it, and that of its vectors (empty without any)."""

    samples: tuple[FaceSample, ...]
    colours: tuple[float, ...]
    vector: tuple[float, ...] = ()


class Found(NamedTuple):
    """The tracks of a source; and what each person looks like, by their number: their wardrobe in ten-thousandths, and their
    face's vector in thousandths (empty where it has none)."""

    tracks: tuple[Track, ...]
    wardrobes: Numbers
    faces: Numbers


@dataclass(frozen=True, slots=True)
class _Piece:
    """A face in one shot."""

    shot: int
    samples: tuple[FaceSample, ...]
    looks: Looks


def tracks_of(trails: list[SeenTrail], shots: tuple[Shot, ...]) -> Found:
    """Trails cut at the shots, too short ones left out, with a person each."""
    starts = [s.start for s in shots]
    pieces: list[_Piece] = []
    for trail in trails:
        by_shot: dict[int, list[FaceSample]] = {}
        for sample in trail.samples:
            by_shot.setdefault(bisect.bisect_right(starts, sample.at) - 1, []).append(sample)
        looks = Looks(np.array(trail.colours, np.float32), np.array(trail.vector, np.float32))
        pieces += [
            _Piece(shot, tuple(samples), looks) for shot, samples in by_shot.items() if samples[-1].at - samples[0].at >= SHORTEST
        ]
    people = group([p.looks for p in pieces], [(p.samples[0].at, p.samples[-1].at) for p in pieces])
    pieces, people = _without_passers(pieces, people)
    tracks = [Track(p.shot, who, p.samples) for p, who in zip(pieces, people, strict=True)]
    theirs = [[p for p, who in zip(pieces, people, strict=True) if who == n] for n in range(1 + max(people, default=-1))]
    wardrobes = tuple(_mean([(len(p.samples), p.looks.colours) for p in own], 10_000) for own in theirs)
    faces = tuple(_mean([(len(p.samples), p.looks.vector) for p in own if p.looks.vector.size], 1000) for own in theirs)
    return Found(tuple(sorted(tracks, key=lambda t: (t.start, t.samples[0].x))), wardrobes, faces)


def never_shows(samples: Iterable[FaceSample]) -> bool:
    """Whether the face does not show in any of them."""
    return all(s.mouth is None for s in samples)


def _mean(weighed: list[tuple[int, NDArray[np.float32]]], units: int) -> tuple[int, ...]:
    """The mean of rows with weights, in whole units of one `units`-th; empty where there are none."""
    if not weighed:
        return ()
    mean = np.average([row for _, row in weighed], axis=0, weights=[n for n, _ in weighed])
    return tuple(round(units * float(v)) for v in mean)


def _without_passers(pieces: list[_Piece], people: list[int]) -> tuple[list[_Piece], list[int]]:
    """Without those whose face never shows and who are seen for less than `PASSES` in all; the others keep their order."""
    seen: dict[int, int] = {}
    for piece, who in zip(pieces, people, strict=True):
        length = piece.samples[-1].at - piece.samples[0].at
        seen[who] = seen.get(who, 0) + (length if never_shows(piece.samples) else PASSES)
    kept = [who for who in sorted(seen) if seen[who] >= PASSES]
    both = [(piece, kept.index(who)) for piece, who in zip(pieces, people, strict=True) if who in kept]
    return [piece for piece, _ in both], [who for _, who in both]
