"""Which shots were taken by one camera that stood the same way: they look alike as a whole, and show the same people at the same
places."""

from __future__ import annotations

from typing import Final

import numpy as np

from standtall.model.people import People

ALIKE: Final = 9.0
"""Mean difference of the looks of two shots of one camera at most, in levels; between two cameras it is larger."""
MOVED: Final = 0.12
"""How far a person may sit elsewhere, in shares of the picture, and by what share their face may be larger (twice this)."""
MOST: Final = 400
"""Set-ups at most that a shot is compared with, the newest."""


def setups(people: People) -> tuple[tuple[int, ...], ...]:
    """Numbers of the shots of each set-up, in order; a shot that nothing is known of is one alone."""
    groups: list[list[int]] = []
    size = max((len(s.look) for s in people.shots), default=0)
    looks = np.full((len(people.shots), size), np.inf)
    """The look of the first shot of each set-up."""
    faces = [_faces(people, number) for number in range(len(people.shots))]
    for number, shot in enumerate(people.shots):
        near: list[int] = []
        look = np.array(shot.look, np.float64)
        oldest = max(0, len(groups) - MOST)
        if shot.look and len(look) == size:
            apart = np.abs(looks[oldest : len(groups)] - look).mean(axis=1)
            near = [oldest + int(k) for k in np.argsort(apart, kind="stable") if apart[k] < ALIKE]
        at = next((k for k in near if _same_places(faces[number], faces[groups[k][-1]])), None)
        if at is None:
            if shot.look and len(look) == size:
                looks[len(groups)] = look
            groups.append([number])
        else:
            groups[at].append(number)
    return tuple(tuple(group) for group in groups)


def _faces(people: People, number: int) -> dict[int, tuple[float, float, float]]:
    """Of each person in a shot: where their face usually is (middle across and down), and its usual height."""
    out: dict[int, tuple[float, float, float]] = {}
    for track in people.tracks_in(number):
        boxes = np.array([(s.x + s.w / 2, s.y + s.h / 2, s.h) for s in track.samples])
        x, y, h = (float(v) for v in np.median(boxes, axis=0))
        out[track.person] = x, y, h
    return out


def _same_places(a: dict[int, tuple[float, float, float]], b: dict[int, tuple[float, float, float]]) -> bool:
    """Whether those who are seen in both shots sit where they sat, as large."""
    for person in a.keys() & b.keys():
        (x, y, h), (u, v, g) = a[person], b[person]
        if abs(x - u) > MOVED or abs(y - v) > MOVED or max(h, g) > (1 + 2 * MOVED) * min(h, g):
            return False
    return True
