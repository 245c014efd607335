"""The shots of a source as a person parted and joined them."""

from __future__ import annotations

import bisect
import itertools
from dataclasses import replace

from standtall.model.framing import ShotEdge
from standtall.model.people import People, Shot, Track


def with_edges(people: People, edges: tuple[ShotEdge, ...]) -> People:
    """The people with shots parted at some ticks and joined at others, and each track in the shot it lies in. Edges that mean
    nothing here (a shot begins there already, none begins there) change nothing; of the same people with fewer shots, those that
    are left come out the same."""
    parted = sorted({e.at for e in edges if e.parted})
    joined = {e.at for e in edges if not e.parted}
    shots: list[Shot] = []
    for shot in people.shots:
        inside = parted[bisect.bisect_right(parted, shot.start) : bisect.bisect_left(parted, shot.end)]
        shots += [replace(shot, start=a, end=b) for a, b in itertools.pairwise((shot.start, *inside, shot.end))]
    out: list[Shot] = []
    for shot in shots:
        if out and out[-1].end == shot.start and shot.start in joined:
            longer = max(out[-1], shot, key=lambda s: s.end - s.start)
            out[-1] = replace(longer, start=out[-1].start, end=shot.end)
        else:
            out.append(shot)
    if [s.start for s in out] == [s.start for s in people.shots]:
        return people
    starts = [s.start for s in out]
    tracks = [part for track in people.tracks for part in _parted(track, starts)]
    return replace(people, shots=tuple(out), tracks=tuple(sorted(tracks, key=lambda t: (t.start, t.samples[0].x))))


def _parted(track: Track, starts: list[int]) -> list[Track]:
    by_shot = itertools.groupby(track.samples, key=lambda s: bisect.bisect_right(starts, s.at) - 1)
    return [Track(max(0, shot), track.person, tuple(samples)) for shot, samples in by_shot]
