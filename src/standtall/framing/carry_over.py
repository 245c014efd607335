"""The framing of one shot carried over to others, so that they match: the same layout, the same person as large at the same place
of the frame."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from typing import Final

import numpy as np

from standtall.base.geometry import FULL, Rect
from standtall.framing.camera import Camera
from standtall.framing.cells import crop_width, largest
from standtall.model.cut import Segment
from standtall.model.framing import CELLED, BoxTarget, CellCrop, Framing, Keyframe, PersonTarget, ShotFraming
from standtall.model.people import People
from standtall.model.source import Source

SMALLEST: Final = 0.1
"""Height of a crop at least."""


def matched(
    framing: Framing, source: Source, aspect: float, camera: Camera, number: int, others: Iterable[int]
) -> list[tuple[Segment, ShotFraming]]:
    """For each of the `others` (numbers of shots of `camera.people`) what makes it look like shot `number` does."""
    people = camera.people
    shot = people.shots[number]
    chosen = framing.of_shot(source.key, shot.start, shot.end) or ShotFraming(source.key, shot.start)
    span = camera.span_at((shot.start + shot.end) // 2)
    layout = chosen.layout or span.decision.layout
    out = []
    for other in others:
        there = people.shots[other]
        made = replace(chosen, at=there.start, layout=layout, locked=False)
        if isinstance(chosen.target, PersonTarget) and not _tracks(people, other, chosen.target.person):
            made = replace(made, target=None)
        elif isinstance(chosen.target, BoxTarget):
            made = replace(made, target=BoxTarget((replace(chosen.target.places[0], at=there.start),), there.start))
        view = camera.at((shot.start + shot.end) // 2)
        if chosen.keyframes and layout not in CELLED:
            moved = _moved(source, aspect, people, view.crop, number, other)
            made = replace(made, keyframes=(Keyframe(there.start, moved.cx, moved.cy, moved.h),))
        elif chosen.keyframes:  # a cell that moves here is still there, as it is in the middle of this shot
            cells = {k.cell for k in chosen.keyframes if k.cell < len(view.cells)}
            crops = tuple(CellCrop(n, c.cx, c.cy, c.h) for n in sorted(cells) for c in [view.cells[n].crop])
            made = replace(made, keyframes=(), cells=(*(c for c in made.cells if c.cell not in cells), *crops))
        out.append((Segment(source.key, there.start, there.end), made))
    return out


def _moved(source: Source, aspect: float, people: People, crop: Rect, number: int, other: int) -> Rect:
    """The crop in which the person of another shot is as large, and at the same place, as somebody is in `crop` of this one."""
    here = _faces(people, number)
    framed = {p: face for p, face in here.items() if crop.contains(Rect(face.cx, face.cy, 0, 0))}
    who = max(framed, key=lambda p: framed[p].h, default=None)
    there = _faces(people, other)
    if who is None or not there:
        return crop
    face, like = framed[who], there.get(who) or max(there.values(), key=lambda f: f.h)
    h = min(largest(source, aspect), max(SMALLEST, crop.h * like.h / face.h))
    w = crop_width(source, aspect, h)
    x = like.cx - (face.cx - crop.x) / crop.w * w
    y = like.cy - (face.cy - crop.y) / crop.h * h
    return Rect(x, y, w, h).inside(FULL)


def _tracks(people: People, number: int, person: int) -> bool:
    return any(t.person == person for t in people.tracks_in(number))


def _faces(people: People, number: int) -> dict[int, Rect]:
    """Where the face of each person in a shot usually is."""
    out: dict[int, Rect] = {}
    for person in {t.person for t in people.tracks_in(number)}:
        boxes = [(s.x, s.y, s.w, s.h) for t in people.tracks_in(number) if t.person == person for s in t.samples]
        out[person] = Rect(*(float(v) for v in np.median(boxes, axis=0)))
    return out
