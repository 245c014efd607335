"""The whole way from pictures to people."""

from __future__ import annotations

import bisect
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.media.reader import PictureReader
from standtall.model.people import People, Shot, Track
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.people.again import group
from standtall.people.cuts import CutFinder
from standtall.people.faces import FaceMesh, SmallFaceDetector
from standtall.people.follow import FaceFollower, Trail
from standtall.people.talking import RATE, who_talks

LINES: Final = 540
"""Height of the pictures that are looked at."""
SHORTEST: Final = round(0.3 * TICKS)


def find_people(source: Source, words: tuple[Word, ...], level_db: NDArray[np.float32], progress: Progress) -> People:
    """Shots, tracks, talk and made-up names ("Person 1") of a source with a picture."""
    cuts, follower = CutFinder(), FaceFollower(SmallFaceDetector(), FaceMesh())
    step = TICKS // RATE
    due = 0
    height = LINES if not source.rotation % 180 and source.height > LINES else None
    with PictureReader(source.path, source.rotation, height) as reader:
        for tick, planes in reader.walk():
            cuts.see(tick, planes)
            if tick >= due:
                follower.see(tick, planes)
                due = max(due + step, tick - step)
            progress.report("people", tick / source.length)
    shots = cuts.shots(source.length)
    tracks = _tracks(follower.trails, shots)
    talk = who_talks(words, tracks, tuple(s.start for s in shots[1:]), level_db)
    people = 1 + max((t.person for t in tracks), default=-1)
    progress.report("people", 1.0)
    return People(shots, tracks, talk, tuple(f"Person {i + 1}" for i in range(people)))


def _tracks(trails: list[Trail], shots: tuple[Shot, ...]) -> tuple[Track, ...]:
    """Trails cut at the shots, too short ones left out, with a person each."""
    starts = [s.start for s in shots]
    pieces = []
    for trail in trails:
        by_shot: dict[int, list[int]] = {}
        for i, sample in enumerate(trail.samples):
            by_shot.setdefault(bisect.bisect_right(starts, sample.at) - 1, []).append(i)
        for shot, members in by_shot.items():
            samples = tuple(trail.samples[i] for i in members)
            if samples[-1].at - samples[0].at < SHORTEST or not trail.colours:
                continue
            pieces.append((shot, samples, np.mean(trail.colours, axis=0)))
    people = group([c for _, _, c in pieces], [(s[0].at, s[-1].at) for _, s, _ in pieces])
    tracks = [Track(shot, who, samples) for (shot, samples, _), who in zip(pieces, people, strict=True)]
    return tuple(sorted(tracks, key=lambda t: (t.start, t.samples[0].x)))
