"""The cells of each layout but Follow: whose they are, and the path of each."""

from __future__ import annotations

from dataclasses import replace
from typing import Final

import numpy as np

from standtall.base.geometry import FULL, Rect
from standtall.framing.cells import crop_width, frame_cells, holding, largest
from standtall.framing.decisions import Decision, Why
from standtall.framing.following import FaceSize, Path, follow
from standtall.framing.spans import Span
from standtall.framing.suggest import Suggestion, screen_in
from standtall.model.framing import CELLED, CellCrop, Framing, Keyframe, ShotFraming
from standtall.model.people import People, Shot, Track
from standtall.model.source import Source

OTHERS: Final = 0.72
"""How near to the next person a cell reaches, as a share of the way: nobody is shown twice."""
CENTRAL: Final = 0.15
"""How much less there may be to see in a crop in the middle of the picture than in one at its edge."""
RIM: Final = 0.025
"""Width of the rim of a screen, in shares of the picture."""
MOST_CELLS: Final = {"stack": 3, "grid": 4}


def keyed(source: Source, aspect: float, chosen: ShotFraming, start: int, end: int) -> Span:
    """The crops that were set by hand, read between."""
    path = _through(source, aspect, chosen.keyframes, start, FULL)
    return Span(Decision(start, end, "follow", (), Why("by hand"), by_hand=True), (path,))


def _through(source: Source, aspect: float, keyframes: tuple[Keyframe, ...], start: int, target: Rect) -> Path:
    """The way through crops that were set by hand, in a cell of the shape `aspect`."""
    keys = sorted(keyframes, key=lambda k: k.at)
    crops = tuple(_placed(source, aspect, k) for k in keys)
    return Path(tuple(max(start, k.at) for k in keys), crops, target, eases=tuple(k.ease for k in keys))


def _placed(source: Source, aspect: float, crop: Keyframe | CellCrop) -> Rect:
    h = min(crop.h, largest(source, aspect))
    w = crop_width(source, aspect, h)
    return Rect(crop.cx - w / 2, crop.cy - h / 2, w, h).inside(FULL)


def where_most_is(source: Source, aspect: float, shot: Shot, by_hand: bool) -> Span:
    """A still crop of the part of the picture in which most moves or stands out, where a crop is wanted and nobody is there to
    follow; of the middle where that is not known."""
    h = largest(source, aspect)
    w = crop_width(source, aspect, h)
    x = (1 - w) / 2
    if shot.weights and w < 1:
        edges = np.linspace(0, 1, len(shot.weights) + 1)
        total = np.concatenate([[0.0], np.cumsum(shot.weights)])
        places = np.linspace(0, 1 - w, 65)
        inside = np.interp(places + w, edges, total) - np.interp(places, edges, total)
        inside -= CENTRAL * inside.max() * np.abs(places - x) / max(1e-6, x)  # of two that are alike the one in the middle
        x = float(places[int(np.argmax(inside))])
    path = Path((shot.start,), (Rect(x, (1 - h) / 2, w, h),))
    return Span(Decision(shot.start, shot.end, "follow", (), Why("what moves or stands out"), by_hand), (path,))


def of_person(tracks: tuple[Track, ...], person: int) -> tuple[Track, ...]:
    return tuple(t for t in tracks if t.person == person)


def _middle_of(tracks: tuple[Track, ...]) -> float:
    """Where a person usually is across the picture, in shares of it."""
    return float(np.median([s.x + s.w / 2 for t in tracks for s in t.samples]))


def _talk_times(people: People, tracks: tuple[Track, ...], start: int, end: int) -> dict[int, int]:
    """How long each person in view talks between `start` and `end`, in ticks, also beside another."""
    out = {t.person: 0 for t in tracks}
    beside = (t for t in people.overlaps if t.start < end and t.end > start)
    for talk in (*people.talk_within(start, end), *beside):
        if talk.person in out:
            out[talk.person] += min(talk.end, end) - max(talk.start, start)
    return out


def celled(
    source: Source, aspect: float, framing: Framing, people: People, tracks: tuple[Track, ...], found: Suggestion,
    start: int, end: int, by_hand: bool, wish: FaceSize, share: float | None,
) -> Span:  # fmt: skip
    """Two to four people in cells of their own, from left to right as they sit; where there are fewer, parts of the picture."""
    said = _talk_times(people, tracks, start, end)
    here = sorted(said, key=lambda p: -said[p])[: MOST_CELLS[found.layout]]
    if len(here) < 2:
        return _parts(source, aspect, found, start, end, by_hand, share)
    here.sort(key=lambda p: _middle_of(of_person(tracks, p)))
    targets = frame_cells(found.layout, len(here), share=share)
    middles = [_middle_of(of_person(tracks, p)) for p in here]
    paths = []
    for i, (person, cell) in enumerate(zip(here, targets, strict=False)):
        widest = min((2 * OTHERS * abs(m - middles[i]) for k, m in enumerate(middles) if k != i), default=1.0)
        shape = aspect * cell.w / cell.h
        paths.append(follow(source, shape, framing.calm, of_person(tracks, person), start, end, cell, widest, wish))
    return Span(Decision(start, end, found.layout, tuple(here), Why(found.why, tuple(here)), by_hand), tuple(paths))


def _parts(source: Source, aspect: float, found: Suggestion, start: int, end: int, by_hand: bool, share: float | None) -> Span:
    """Parts of one picture in the cells of a layout, side by side from left to right."""
    targets = frame_cells(found.layout, 2 if found.layout == "stack" else 4, share=share)
    paths = []
    for i, cell in enumerate(targets):
        shape = aspect * cell.w / cell.h
        h = min(largest(source, shape), 1.0 / (len(targets) * crop_width(source, shape, 1.0)))
        w = crop_width(source, shape, h)
        middle = (i + 0.5) / len(targets)
        paths.append(Path((start,), (Rect(middle - w / 2, (1 - h) / 2, w, h).inside(FULL),), cell))
    return Span(Decision(start, end, found.layout, (), Why("parts of the picture"), by_hand), tuple(paths))


def with_cells(source: Source, aspect: float, span: Span, chosen: ShotFraming | None) -> Span:
    """The span with the crops of single cells that were set by hand, for all of it or at some moments."""
    if chosen is None or not (chosen.cells or chosen.keyframes) or span.decision.layout not in CELLED:
        return span
    paths = []
    for number, path in enumerate(span.paths):
        shape = aspect * path.target.w / path.target.h
        keys = tuple(k for k in chosen.keyframes if k.cell == number)
        still = next((c for c in chosen.cells if c.cell == number), None)
        if keys:
            paths.append(_through(source, shape, keys, span.start, path.target))
        elif still is not None:
            paths.append(Path((span.start,), (_placed(source, shape, still),), path.target))
        else:
            paths.append(path)
    return Span(replace(span.decision, by_hand=True), tuple(paths))


def beside_screen(
    source: Source, aspect: float, framing: Framing, people: People, number: int, found: Suggestion, by_hand: bool,
    wish: FaceSize,
) -> Span | None:  # fmt: skip
    """The whole screen of a shot, with the face of who talks most beside it; None where there is no screen, or nobody."""
    shot, tracks = people.shots[number], people.tracks_in(number)
    screen = screen_in(people, shot)
    if screen is None or not tracks:
        return None
    said = _talk_times(people, tracks, shot.start, shot.end)
    person = max(said, key=lambda p: said[p])
    above, below = frame_cells(found.layout, 2, screen, aspect, source)
    whole, beside = (below, above) if found.layout == "corner" else (above, below)
    shown = holding(source, screen, aspect * whole.w / whole.h)
    if shown is None:
        return None
    middle = _middle_of(of_person(tracks, person))
    aside, room = max((screen.x - middle, screen.x - RIM), (middle - screen.right, 1.0 - screen.right - RIM))
    widest = min(2 * aside, room) if aside > 0 else 1.0  # the cell of the face shows no part of the screen again
    shape, mine = aspect * beside.w / beside.h, of_person(tracks, person)
    face = follow(source, shape, framing.calm, mine, shot.start, shot.end, beside, widest, wish)
    still = Path((shot.start,), (shown,), whole)
    paths = (face, still) if found.layout == "corner" else (still, face)
    return Span(Decision(shot.start, shot.end, found.layout, (person,), Why(found.why, (person,)), by_hand), paths)
