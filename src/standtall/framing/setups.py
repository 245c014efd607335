"""Which shots were taken by one camera that stood the same way: they look alike as a whole, and show the same people at the same
places."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.model.people import People

ALIKE: Final = 11.0
"""Mean difference of the looks of two shots of one camera at most, in levels; between two cameras it is larger."""
MOVED: Final = 0.12
"""How far a person may sit elsewhere, in shares of the picture, and by what share their face may be larger (twice this)."""
MOST: Final = 400
"""Set-ups at most that a shot is compared with: the oldest of more are left."""


def setups(people: People) -> list[list[int]]:
    """Numbers of the shots of each set-up, in order; a shot that nothing is known of is one alone."""
    groups: list[list[int]] = []
    looks: list[NDArray[np.float64] | None] = []
    faces = [_faces(people, number) for number in range(len(people.shots))]
    for number, shot in enumerate(people.shots):
        look = np.array(shot.look, np.float64) if shot.look else None
        best, at = ALIKE, None
        for place in range(max(0, len(groups) - MOST), len(groups)):
            other = looks[place]
            if look is None or other is None or len(other) != len(look):
                continue
            apart = float(np.abs(other - look).mean())
            if apart < best and all(_same_places(faces[number], faces[n]) for n in groups[place][-1:]):
                best, at = apart, place
        if at is None:
            groups.append([number])
            looks.append(look)
        else:
            groups[at].append(number)
    return groups


def setup_of(people: People, number: int) -> list[int]:
    """The numbers of the shots from the camera of one shot, itself among them."""
    return next((group for group in setups(people) if number in group), [number])


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
