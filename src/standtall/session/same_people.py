"""People who are known from other footage of a project: told by hair, skin and clothes, as they are over shots."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass

import numpy as np

from standtall.model.people import UNNAMED, People
from standtall.model.transcript import Transcript

SAME, CLEARER = 0.36, 0.08
"""Distance of two wardrobes (0 equal .. 1 nothing shared) under which they may be one person's, stricter than inside one footage
since clothes are changed between days; and by how much the next person must be further away."""


@dataclass(frozen=True, slots=True)
class Known:
    """Somebody with a name in other footage: their name, that footage's name, and what they look like."""

    name: str
    footage: str
    wardrobe: tuple[int, ...]


@dataclass(frozen=True, slots=True)
class Likeness:
    """A speaker of a transcript who looks like somebody known."""

    speaker: int
    name: str
    footage: str


def named_in(footage: str, people: People, transcript: Transcript) -> list[Known]:
    """Those of a source to whom the editor gave a name."""
    return [
        Known(s.name, footage, people.wardrobes[s.person])
        for s in transcript.speakers
        if 0 <= s.person < len(people.wardrobes) and not UNNAMED.fullmatch(s.name)
    ]


def likenesses(people: People, transcript: Transcript, known: Iterable[Known]) -> list[Likeness]:
    """For each speaker without a name of their own, the one person known who looks like them, where nobody else does as much. A
    name that is given to somebody here already, or would be to two, is left out."""
    from standtall.people.reidentify import distance

    found: list[tuple[float, Likeness]] = []
    taken = {s.name for s in transcript.speakers}
    for number, speaker in enumerate(transcript.speakers):
        if not UNNAMED.fullmatch(speaker.name) or not 0 <= speaker.person < len(people.wardrobes):
            continue
        own = np.array(people.wardrobes[speaker.person], np.float32)
        best: dict[str, tuple[float, str]] = {}
        for other in known:
            if len(other.wardrobe) == len(own):
                apart = distance(own, np.array(other.wardrobe, np.float32))
                best[other.name] = min(best.get(other.name, (9.0, "")), (apart, other.footage))
        ranked = sorted((apart, name, footage) for name, (apart, footage) in best.items())
        clear = len(ranked) == 1 or (len(ranked) > 1 and ranked[1][0] - ranked[0][0] > CLEARER)
        if ranked and ranked[0][0] < SAME and clear and ranked[0][1] not in taken:
            found.append((ranked[0][0], Likeness(number, ranked[0][1], ranked[0][2])))
    out: list[Likeness] = []
    for _apart, likeness in sorted(found, key=lambda f: f[0]):
        if likeness.name not in {other.name for other in out}:
            out.append(likeness)
    return sorted(out, key=lambda likeness: likeness.speaker)
