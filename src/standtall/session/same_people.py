"""People who are known from other footage of a project: told by hair, skin and clothes, as over shots, by face and by voice."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final, NamedTuple

import numpy as np

from standtall.model.people import UNNAMED, People
from standtall.model.transcript import Transcript

SAME: Final = 0.36
"""Distance of two wardrobes (0 equal .. 1 nothing shared) under which they may be one person's, stricter than inside one footage
since clothes are changed between days."""
SAME_VOICE, OTHER_VOICE = 0.78, 0.60
"""Likeness (cosine) of two voices from which they may be one person's, and under which they are not, whatever people wear: over
the demo and the scenes to tune on one voice was at least 0.78 like itself in 99 of 100 pairs, two at most 0.72."""
CLEARER: Final = 0.22
"""By how much the next person must be less like, where 0 is equal and 1 only just like enough."""


class Traits(NamedTuple):
    """What somebody wears, how they sound, and what their face is like, as in `People`; each empty where it is not known."""

    wardrobe: tuple[int, ...] = ()
    voice: tuple[int, ...] = ()
    face: tuple[int, ...] = ()


@dataclass(frozen=True, slots=True)
class Known:
    """Somebody with a name in other footage: their name, and that footage's."""

    name: str
    footage: str
    traits: Traits


@dataclass(frozen=True, slots=True)
class Likeness:
    """A speaker of a transcript who is like somebody known; `sounds` where their voices tell so."""

    speaker: int
    name: str
    footage: str
    sounds: bool = False


def named_in(footage: str, people: People, transcript: Transcript) -> list[Known]:
    """Those of a source to whom the editor gave a name."""
    found = [Known(s.name, footage, _of(people, s.person)) for s in transcript.speakers if not UNNAMED.fullmatch(s.name)]
    return [k for k in found if any(k.traits)]


def likenesses(people: People, transcript: Transcript, known: Iterable[Known]) -> list[Likeness]:
    """For each speaker without a name of their own, the one person known who looks or sounds like them, where nobody else does as
    much. A name that is given to somebody here already, or would be to two, is left out."""
    found: list[tuple[float, Likeness]] = []
    taken = {s.name for s in transcript.speakers}
    others = list(known)
    for number, speaker in enumerate(transcript.speakers):
        if not UNNAMED.fullmatch(speaker.name):
            continue
        traits = _of(people, speaker.person)
        best: dict[str, tuple[float, str, bool]] = {}
        for other in others:
            apart, sounds = _apart(traits, other.traits)
            best[other.name] = min(best.get(other.name, (9.0, "", False)), (apart, other.footage, sounds))
        ranked = sorted((apart, name, footage, sounds) for name, (apart, footage, sounds) in best.items())
        clear = len(ranked) == 1 or (len(ranked) > 1 and ranked[1][0] - ranked[0][0] > CLEARER)
        if ranked and ranked[0][0] < 1 and clear and ranked[0][1] not in taken:
            found.append((ranked[0][0], Likeness(number, *ranked[0][1:])))
    out: list[Likeness] = []
    for _far, likeness in sorted(found, key=lambda f: f[0]):
        if likeness.name not in {other.name for other in out}:
            out.append(likeness)
    return sorted(out, key=lambda likeness: likeness.speaker)


def _of(people: People, person: int) -> Traits:
    return Traits(*(rows[person] if 0 <= person < len(rows) else () for rows in (people.wardrobes, people.voices, people.faces)))


def _apart(one: Traits, other: Traits) -> tuple[float, bool]:
    """How far two people are apart, 0 equal .. 1 only just like enough, by what is known of both; and whether their voices are
    what tells so. One voice is one person, whatever they wear; clothes are of two where voices or faces are, and count for more
    where faces are alike, as voices do."""
    from standtall.people.face_vectors import OTHER, apart
    from standtall.people.face_vectors import SAME as SAME_FACE
    from standtall.people.reidentify import NEARER, distance

    looks = sounds = 9.0
    share = 1.0
    if one.face and len(one.face) == len(other.face):
        far = apart(np.array(one.face, np.float32) / 1000, np.array(other.face, np.float32) / 1000)
        if far > OTHER:
            return 9.0, False
        share = NEARER if far < SAME_FACE else 1.0
    if one.wardrobe and len(one.wardrobe) == len(other.wardrobe):
        looks = share * distance(*(np.array(t.wardrobe, np.float32) for t in (one, other))) / SAME
    if one.voice and len(one.voice) == len(other.voice):
        a, b = np.array(one.voice, np.float64), np.array(other.voice, np.float64)
        alike = float(a @ b) / max(1e-9, float(np.linalg.norm(a) * np.linalg.norm(b)))
        if alike < OTHER_VOICE:
            return 9.0, False
        sounds = share * (1 - alike) / (1 - SAME_VOICE)
    return min(looks, sounds), sounds < looks
