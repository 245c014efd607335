"""What may have been missed in the framing of a short: cut writing, half faces, speakers out of frame or only one of two who
speak at once in it, soft pictures."""

from __future__ import annotations

import functools
from collections.abc import Iterator
from typing import Final

from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.checks.notice import Fix, Kind, Notice
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.framing.camera import Camera
from standtall.framing.spans import View
from standtall.model.people import People, shown_name
from standtall.model.timemap import SourceTime

EVERY: Final = TICKS_PER_SECOND // 2
MOST: Final = 300
"""Moments that are looked at at most, evenly spread over a short of more than two and a half minutes: an edit waits for them."""
CUT: Final = (0.08, 0.92)
"""Shares of a line of writing, or of a face, that are seen where it is cut: less is gone, more is there."""
SOFT: Final = 2.6
"""Enlargement from which a picture looks soft (common practice, no source)."""
FIXES: Final[dict[Kind, tuple[Fix, ...]]] = {
    "text cut": ("show the whole picture",),
    "face cut": ("frame automatically",),
    "speaker out of frame": ("frame automatically", "show all at once"),
    "two speak": ("show all at once",),
    "speaker unsure": ("show all at once",),
    "head cut": ("frame automatically",),
    "jump": ("frame both alike",),
    "soft picture": ("show the whole picture",),
}
UNSURE: Final = 0.7
"""A speaker who is told with less probability than this may be another of those in view."""
HEAD: Final = 0.12
"""Share of the height of a face that may be missing above it, hair and all."""
JUMP: Final = (0.015, 0.30)
"""Steps of a crop, in its widths, that look like a mistake where it is cut: less is not seen, more is another picture."""
SAME_SIZE: Final = 0.15
"""By what share two crops may differ in size and still look alike."""


def framing_notices(composition: Composition) -> tuple[Notice, ...]:
    """One notice for each kind in each shot, at the first place where it is so, in the order of the short."""
    high = composition.short.output.height
    found: dict[tuple[Kind, str, int], Notice] = {}
    for at in composition.time_map.spread(EVERY, MOST):
        footage = composition.footage[at.source]
        people = footage.camera.people
        if not people.shots or not footage.source.has_picture:
            continue
        look = functools.partial(_seen_at, footage, at.tick, high)
        for kind, facts in footage.camera.seen(("notices", at.tick, high), look):
            found.setdefault((kind, at.source, people.shot_at(at.tick)), Notice(kind, facts, at, FIXES[kind]))
    for notice in _jumps(composition):
        assert notice.place is not None
        found.setdefault(("jump", notice.place.source, notice.place.tick), notice)
    return tuple(sorted(found.values(), key=lambda n: _in_short(composition, n)))


def _in_short(composition: Composition, notice: Notice) -> int:
    at = None if notice.place is None else composition.time_map.to_short(notice.place.source, notice.place.tick)
    return -1 if at is None else at


def _jumps(composition: Composition) -> Iterator[Notice]:
    """Where a crop is cut to one that is nearly the same: inside a shot, or where words were removed from it."""
    segments = composition.short.segments
    for number, segment in enumerate(segments):
        footage = composition.footage[segment.source]
        camera = footage.camera
        edges = [(s.start, s.start) for s in camera.begun_within(segment.start, segment.end)]
        before = segments[number - 1] if number else None
        if before is not None and before.source == segment.source and not composition.transitions[number].near:
            edges.insert(0, (before.end, segment.start))
        for left, right in edges:
            if camera.seen(("jump", left, right), functools.partial(_jumps_over, camera, left, right)):
                yield Notice("jump", {}, SourceTime(segment.source, right), FIXES["jump"])


def _jumps_over(camera: Camera, left: int, right: int) -> bool:
    people = camera.people
    if not people.shots or people.shot_at(left - 1) != people.shot_at(right):
        return False
    a, b = camera.at(left - 1), camera.at(right)
    return a.layout == b.layout == "follow" and _looks_like_a_jump(a.crop, b.crop)


def _looks_like_a_jump(a: Rect, b: Rect) -> bool:
    step = max(abs(a.cx - b.cx) / a.w, abs(a.cy - b.cy) / a.h)
    return JUMP[0] < step < JUMP[1] and abs(a.w - b.w) < SAME_SIZE * a.w


def _seen_at(footage: Footage, tick: int, high: int) -> tuple[tuple[Kind, dict[str, int | str]], ...]:
    return tuple(_told_of(footage.camera.at(tick), footage.camera.people, footage, tick, high))


def _told_of(view: View, people: People, footage: Footage, tick: int, high: int) -> Iterator[tuple[Kind, dict[str, int | str]]]:
    if view.layout == "whole":
        return
    crops = [cell.crop for cell in view.cells]
    for text in people.seen_in(people.texts, tick, tick + 1):
        share = max(_share(text.rect, crop) for crop in crops)
        if CUT[0] < share < CUT[1]:
            yield "text cut", {}
            break
    talk = people.talk_at(tick)
    speaker = None if talk is None else talk.person
    faces = {t.person: face for t in people.tracks_in(people.shot_at(tick)) if (face := t.at(tick)) is not None}
    for person, face in faces.items():
        inside = max(_share(face, crop) for crop in crops)
        if person == speaker and inside < CUT[0]:
            yield "speaker out of frame", {"person": person, "name": _name(people, person)}
        elif CUT[0] < inside < CUT[1]:
            yield "face cut", {"person": person, "name": _name(people, person)}
        elif person == speaker and inside >= CUT[1] and all(_cuts_head(face, crop) for crop in crops):
            yield "head cut", {"person": person, "name": _name(people, person)}
    unseen = [
        p for p in people.others_at(tick) if p in faces and p != speaker and max(_share(faces[p], c) for c in crops) < CUT[0]
    ]
    if speaker in faces and unseen and max(_share(faces[speaker], crop) for crop in crops) > CUT[1]:
        yield "two speak", {"person": unseen[0], "name": _name(people, speaker), "other": _name(people, unseen[0])}
    sure = talk is None or talk.confidence >= UNSURE or not any(people.voices)  # what was analysed long ago tells less
    if talk is not None and not sure and len(view.cells) < len(faces) > 1:
        yield (
            "speaker unsure",
            {"person": talk.person, "name": _name(people, talk.person), "percent": round(100 * talk.confidence)},
        )
    enlarged = max(cell.target.h * high / (cell.crop.h * footage.source.height) for cell in view.cells)
    if enlarged > SOFT:
        yield "soft picture", {"percent": round(100 * enlarged)}


def _cuts_head(face: Rect, crop: Rect) -> bool:
    """Whether a crop has the face but cuts the hair above it, though the picture goes on there."""
    return _share(face, crop) < CUT[1] or (crop.y > 0.002 and face.y - HEAD * face.h < crop.y)


def _name(people: People, person: int) -> str:
    return shown_name(people.names[person]) if person < len(people.names) else tr("a person")


def _share(part: Rect, crop: Rect) -> float:
    """How much of a part of the picture a crop shows, 0..1."""
    return part.common(crop).area / max(1e-9, part.area)
