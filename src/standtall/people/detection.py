"""The whole way from pictures to people."""

from __future__ import annotations

import itertools
from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import to_bgr
from standtall.media.reader import PictureReader
from standtall.model.brief import Content
from standtall.model.people import People, Track
from standtall.model.source import Source
from standtall.model.words import Word
from standtall.people.bodies import PersonDetector
from standtall.people.face_vectors import FaceVectors
from standtall.people.faces import FaceMesh, SmallFaceDetector
from standtall.people.follow import FaceFollower, Trail
from standtall.people.reidentify import DIFFERENT, distance
from standtall.people.shot_changes import SIZE, Change, ChangeFinder, shots_between, where_it_changes
from standtall.people.shot_looks import SeenLook, with_looks
from standtall.people.sights import Sight, Sights, regions
from standtall.people.talking import RATE, Mouths
from standtall.people.tracks import SHORTEST, SeenTrail, never_shows, tracks_of
from standtall.people.voices import SILENT, Voices, as_numbers
from standtall.people.who_talks import who_talks
from standtall.people.writing import TextDetector

LINES: Final = 540
"""Height of the pictures that are looked at."""
DISSOLVING: Final = round(1.1 * TICKS_PER_SECOND)
"""Longest time that a face is still seen after the middle of a gradual change."""
PIECE: Final = 180 * TICKS_PER_SECOND
"""The longest stretch that is looked at in one go."""
LEAD: Final = TICKS_PER_SECOND


@dataclass(frozen=True, slots=True)
class SeenPiece:
    """What was seen in a part of a source: where it is cut (ticks), and the faces followed."""

    cuts: tuple[int, ...] = ()
    trails: tuple[SeenTrail, ...] = ()
    sights: tuple[Sight, ...] = ()
    looks: tuple[SeenLook, ...] = ()


def stretches(start: int, end: int) -> list[tuple[int, int]]:
    """The part of a source between two ticks as the stretches that are looked at one by one, each for itself."""
    return [(first, min(end, first + PIECE)) for first in range(start, end, PIECE)]


def people_in(pieces: Iterable[SeenPiece], source: Source, content: Content) -> People:
    """Shots, tracks and made-up names ("Speaker 1") of what was seen in all stretches of a source, in their order.

    Where the footage shows one face, all are that person's and smaller ones at the same time are left out. Nobody is known to
    talk yet: see `with_talk`.
    """
    seen = list(pieces)
    cuts = [cut for piece in seen for cut in piece.cuts]
    shots = with_looks(shots_between(cuts, source.length), [look for piece in seen for look in piece.looks])
    tracks, wardrobes, faces = tracks_of([trail for piece in seen for trail in piece.trails], shots)
    if content == "one":
        tracks, wardrobes, faces = one_person(tracks), wardrobes[:1], faces[:1]
    people = 1 + max((t.person for t in tracks), default=-1)
    names = tuple(f"Speaker {i + 1}" for i in range(people))
    texts, screens = regions([sight for piece in seen for sight in piece.sights], shots, tracks)
    return People(shots, tracks, (), names, texts, screens, wardrobes, faces=faces)


class Looker:
    """Looks at the pictures of one source, a stretch at a time; what it finds in one does not depend on the others."""

    def __init__(self, source: Source, content: Content) -> None:
        self._source, self._content = source, content
        self._height = LINES if not source.rotation % 180 and source.height > LINES else None
        self._faces, self._mesh, self._bodies, self._vectors = SmallFaceDetector(), FaceMesh(), PersonDetector(), FaceVectors()
        self._texts = TextDetector()

    def _reader(self, sparse: bool) -> PictureReader:
        return PictureReader(self._source.path, self._source.rotation, self._height, rough=True, sparse=sparse)

    def look(self, start: int, end: int, told: Callable[[float], None]) -> SeenPiece:
        finder, sights = ChangeFinder(), Sights(self._texts)
        follower = FaceFollower(self._faces, self._mesh, self._bodies, self._vectors)
        step = TICKS_PER_SECOND // RATE
        due = start
        with self._reader(sparse=True) as reader:
            for seen in reader.walk(max(0, start - LEAD), end + LEAD):  # a change is told from the pictures around it
                finder.see(seen.tick, seen.sketch(*SIZE), seen.key)
                if start <= seen.tick < end:
                    sights.see(seen.tick, finder.step, lambda now=seen: to_bgr(now.planes()))  # type: ignore[misc]
                if self._content != "nobody" and due <= seen.tick < end:
                    follower.see(seen.tick, seen.planes())
                    due = max(due + step, seen.tick - step)
                told(min(1.0, max(0.0, (seen.tick - start) / max(1, end - start))))
        changes = [(self._exact(c), c.gradual) for c in finder.changes()]
        cuts = tuple(at for at, _ in changes if start <= at < end)
        slow = frozenset(at for at, gradual in changes if gradual)
        trails = tuple(trail for t in follower.trails for trail in _cut_at(t, cuts, slow))
        return SeenPiece(cuts, trails, tuple(sights.seen), tuple(finder.looks(cuts, start, end)))

    def _exact(self, change: Change) -> int:
        """The tick of the first picture of a shot, where pictures were skipped before the one that told of it."""
        rate = float(self._source.rate or 30)
        if change.gradual or change.key or change.after - change.before <= 1.5 * TICKS_PER_SECOND / rate:
            return change.after
        with self._reader(sparse=False) as reader:
            pictures = ((seen.tick, seen.sketch(*SIZE)) for seen in reader.walk(change.before, change.after + 1))
            found = where_it_changes(pictures)
        return change.after if found is None else found


def _cut_at(trail: Trail, cuts: tuple[int, ...], slow: frozenset[int]) -> list[SeenTrail]:
    """A trail as one for each shot, each with the colours that were seen in it; where none were, with those of the whole.

    What is left of a face while its shot dissolves (at `slow` cuts) is nobody.
    """
    out: list[SeenTrail] = []
    for start, end in itertools.pairwise((0, *cuts, 1 << 62)):
        samples = tuple(s for s in trail.samples if start <= s.at < end)
        if not trail.colours or not samples or samples[-1].at - samples[0].at < SHORTEST:
            continue
        if never_shows(samples) and not never_shows(s for s in trail.samples if s.at < start):
            continue  # what is carried on over a change of shot is nobody
        seen = [(at, c) for at, c in trail.colours if start <= at < end] or trail.colours
        for first, last in _taken_over(seen):
            part = tuple(s for s in samples if first <= s.at < last)
            mean = np.mean([c for at, c in seen if first <= at < last], axis=0)
            if not part or part[-1].at - part[0].at < SHORTEST:
                continue
            if not any(abs(part[0].at - at) < DISSOLVING and abs(part[-1].at - at) < DISSOLVING for at in slow):
                vectors = [v for at, v in trail.vectors if max(start, first) <= at < min(end, last)]
                like = np.mean(vectors, axis=0) if vectors else ()
                out.append(SeenTrail(part, *(tuple(round(float(v), 5) for v in values) for values in (mean, like))))
    return out


def _taken_over(seen: list[tuple[int, NDArray[np.float32]]]) -> list[tuple[int, int]]:
    """Where a trail changes over to somebody else, as (first tick, end) of its parts: colours are not the same before and
    after."""
    colours = np.array([c for _, c in seen])
    apart = [distance(colours[:k].mean(axis=0), colours[k:].mean(axis=0)) for k in range(1, len(seen))]
    k = 1 + int(np.argmax(apart)) if apart else 0
    if not apart or apart[k - 1] < DIFFERENT:
        return [(0, 1 << 62)]
    left, right = _taken_over(seen[:k]), _taken_over(seen[k:])
    between = (seen[k - 1][0] + seen[k][0]) // 2
    return [*left[:-1], (left[-1][0], between), (between, right[0][1]), *right[1:]]


def one_person(tracks: tuple[Track, ...]) -> tuple[Track, ...]:
    """The largest face at each time, all of them the same person."""
    kept: list[Track] = []
    for track in sorted(tracks, key=lambda t: -float(np.median([s.w * s.h for s in t.samples]))):
        if not any(k.start <= track.end and track.start <= k.end for k in kept):
            kept.append(replace(track, person=0))
    return tuple(sorted(kept, key=lambda t: t.start))


def with_talk(
    people: People, words: tuple[Word, ...], level_db: NDArray[np.float32], voices: Voices = SILENT, least: int = 1
) -> People:
    """The same people with who of them says what, told from lips and voice together; voices that belong to no face
    become people of their own, who are never in the picture. At least `least` voices are told apart where there are any."""
    cuts = tuple(s.start for s in people.shots[1:])
    known = len(people.names)
    said = who_talks(words, Mouths(people.tracks, level_db, known), cuts, voices, least)
    names = people.names + tuple(f"Voice {known + i + 1}" for i in range(said.strangers))
    sounds = tuple(as_numbers(said.known[n]) if n in said.known else () for n in range(len(names)))
    return replace(people, talk=said.talk, names=names, overlaps=said.overlaps, voices=sounds)
