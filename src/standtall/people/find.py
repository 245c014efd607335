"""The whole way from pictures to people."""

from __future__ import annotations

import bisect
from dataclasses import replace
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.media.reader import PictureReader
from standtall.model.brief import Content
from standtall.model.people import People, Shot, Track
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.people.again import group
from standtall.people.cuts import SIZE, CutFinder
from standtall.people.faces import FaceMesh, SmallFaceDetector
from standtall.people.follow import FaceFollower, Trail
from standtall.people.talking import RATE, read_lips
from standtall.people.voices import SILENT, Voices, who_talks

LINES: Final = 540
"""Height of the pictures that are looked at."""
SHORTEST: Final = round(0.3 * TICKS)


def find_faces(
    source: Source, progress: Progress, part: tuple[int, int] | None = None, content: Content = "unknown"
) -> People:
    """Shots, tracks and made-up names ("Person 1") of a source with a picture, or of a part of it (ticks).

    Where the footage shows nobody only the shots are found; where it shows one face, all are that person's and smaller
    ones at the same time are left out. Nobody is known to talk yet: see `with_talk`.
    """
    start, end = part or (0, source.length)
    cuts, follower = CutFinder(), FaceFollower(SmallFaceDetector(), FaceMesh())
    step = TICKS // RATE
    due = start
    height = LINES if not source.rotation % 180 and source.height > LINES else None
    with PictureReader(source.path, source.rotation, height, rough=True) as reader:
        for seen in reader.walk(start, end):
            cuts.see(seen.tick, seen.sketch(*SIZE))
            if content != "nobody" and seen.tick >= due:
                follower.see(seen.tick, seen.planes())
                due = max(due + step, seen.tick - step)
            progress.report("people", min(1.0, (seen.tick - start) / max(1, end - start)))
    shots = cuts.shots(source.length)
    tracks = _tracks(follower.trails, shots)
    if content == "one":
        tracks = one_person(tracks)
    people = 1 + max((t.person for t in tracks), default=-1)
    progress.report("people", 1.0)
    return People(shots, tracks, (), tuple(f"Person {i + 1}" for i in range(people)))


def one_person(tracks: tuple[Track, ...]) -> tuple[Track, ...]:
    """The largest face at each time, all of them the same person."""
    kept: list[Track] = []
    for track in sorted(tracks, key=lambda t: -float(np.median([s.w * s.h for s in t.samples]))):
        if not any(k.start <= track.end and track.start <= k.end for k in kept):
            kept.append(replace(track, person=0))
    return tuple(sorted(kept, key=lambda t: t.start))


def with_talk(people: People, words: tuple[Word, ...], level_db: NDArray[np.float32], voices: Voices = SILENT) -> People:
    """The same people with who of them says what, told from lips and voice together; voices that belong to no face
    become people of their own, who are never in the picture."""
    cuts = tuple(s.start for s in people.shots[1:])
    lips = read_lips(words, people.tracks, cuts, level_db)
    talk, strangers = who_talks(words, lips, cuts, voices, len(people.names))
    known = len(people.names)
    names = people.names + tuple(f"Voice {known + i + 1}" for i in range(strangers))
    return replace(people, talk=talk, names=names)


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
