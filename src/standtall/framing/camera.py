"""The camera of a short: the layout of each shot, whom its cells follow, and their crops at every moment."""

from __future__ import annotations

import bisect
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Final

import numpy as np

from standtall.base.geometry import FULL, Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.cells import Cell, crop_width, frame_cells, holding, largest
from standtall.framing.decisions import Decision, Why
from standtall.framing.following import HEADROOM, FaceSize, Path, faces_at, follow, follow_box, head_of
from standtall.framing.shots import with_edges
from standtall.framing.steadying import steady_of
from standtall.framing.suggest import Suggestion, parts, screen_in, suggested
from standtall.framing.whom import Turn, turns, with_reactions
from standtall.model.framing import FACE, BoxTarget, Framing, Keyframe, Layout, PersonTarget, Reaction, ShotEdge, ShotFraming
from standtall.model.people import People, Track
from standtall.model.short import Short
from standtall.model.source import Source

OTHERS: Final = 0.72
"""How near to the next person a cell reaches, as a share of the way: nobody is shown twice."""
RIM: Final = 0.015
"""Width of the rim of a screen, in shares of the picture."""
MOST_CELLS: Final = {"stack": 3, "grid": 4}
CELLED: Final = frozenset(("stack", "grid", "screen", "corner"))


@dataclass(frozen=True, slots=True)
class View:
    """What the frame shows at one moment."""

    layout: Layout
    cells: tuple[Cell, ...]

    @property
    def crop(self) -> Rect:
        """The crop of the first cell, in shares of the source."""
        return self.cells[0].crop


@dataclass(frozen=True, slots=True)
class Span:
    """One camera position or move: what was decided, and the path of each cell."""

    decision: Decision
    paths: tuple[Path, ...]

    @property
    def start(self) -> int:
        return self.decision.start

    @property
    def end(self) -> int:
        return self.decision.end

    def at(self, tick: int) -> View:
        return View(self.decision.layout, tuple(Cell(p.at(tick), p.target) for p in self.paths))


@dataclass(frozen=True, slots=True)
class _Planned:
    """What the spans of a shot were planned from, and the spans."""

    asked: tuple[object, ...]
    spans: tuple[Span, ...]


@dataclass(frozen=True, slots=True)
class Camera:
    """All spans of one source, without gaps inside the part they cover; `planned` are those of its shots, by number.

    `people` are those of the source with shots as they were parted and joined by hand (`edges`), made of those that were `found`.
    """

    spans: tuple[Span, ...]
    people: People = field(default_factory=People, compare=False, repr=False)
    found: People = field(default_factory=People, compare=False, repr=False)
    edges: tuple[ShotEdge, ...] = field(default=(), compare=False, repr=False)
    planned: Mapping[int, _Planned] = field(default_factory=dict, compare=False, repr=False)

    def span_at(self, tick: int) -> Span:
        i = bisect.bisect_right(self.spans, tick, key=lambda s: s.start) - 1
        return self.spans[max(0, i)]

    def at(self, tick: int) -> View:
        return self.span_at(tick).at(tick)


def plan(short: Short, source: Source, people: People, everywhere: bool = False, before: Camera | None = None) -> Camera:
    """The camera for every shot of a source that the short touches, or for the whole source.

    The same short, source and people always give the same path, and a shot's path does not depend on where the short
    is cut. In each shot a choice by hand wins, then the layout chosen for the whole short; else what is in the shot decides.
    What `before` planned of the same people in the same way is taken from there.
    """
    used = [s for s in short.segments if s.source == source.key]
    first, last = (0, source.length) if everywhere or not used else (min(s.start for s in used), max(s.end for s in used))
    if not source.has_picture or not people.shots:
        return Camera((_whole(first, last, Why("people not looked for")),), people, people)
    framing, planned, found = short.framing, dict[int, _Planned](), people
    edges = tuple(e for e in framing.edges if e.source == source.key)
    same = before is not None and before.found is found and before.edges == edges
    people = before.people if before is not None and same else with_edges(found, edges)
    known = before.planned if before is not None and same else {}
    by_hand = {people.shot_at(s.at): s for s in framing.shots if s.source == source.key}
    for number, shot in enumerate(people.shots):
        if shot.end > first and shot.start < last:
            asked = (
                source.key,
                short.output.aspect,
                framing.calm,
                framing.layout,
                framing.fit_under,
                framing.hold_s,
                framing.face,
                by_hand.get(number),
            )
            kept = known.get(number)
            if kept is None or kept.asked != asked:
                kept = _Planned(asked, tuple(_shot(short, source, people, number)))
            planned[number] = kept
    spans = [span for shot_plan in planned.values() for span in shot_plan.spans]
    if not spans:
        spans = [_whole(first, last, Why("not analysed"))]
    begin = replace(spans[0].decision, start=min(first, spans[0].start))
    spans[0] = replace(spans[0], decision=begin)
    return Camera(tuple(spans), people, found, edges, planned)


def tried(camera: Camera, short: Short, source: Source, tick: int) -> Camera:
    """The camera with the shot at a tick of the source planned for another `short`, and all others as they are: quick enough for
    while something is dragged."""
    if not camera.people.shots:
        return camera
    number = camera.people.shot_at(tick)
    shot = camera.people.shots[number]
    spans = tuple(_shot(short, source, camera.people, number))
    before = tuple(s for s in camera.spans if s.start < shot.start)
    after = tuple(s for s in camera.spans if s.start >= shot.end)
    return replace(camera, spans=(*before, *spans, *after), planned={})


def _whole(start: int, end: int, why: Why, by_hand: bool = False) -> Span:
    return Span(Decision(start, end, "whole", (), why, by_hand), (Path((start,), (FULL,)),))


def _shot(short: Short, source: Source, people: People, number: int) -> list[Span]:
    """The spans of a shot, steadied where that is asked for."""
    spans = _unsteadied(short, source, people, number)
    shot = people.shots[number]
    chosen = short.framing.of_shot(source.key, shot.start, shot.end)
    if chosen is None or not chosen.steady:
        return spans
    out = []
    for span in spans:
        if span.decision.layout != "whole":
            steady = (replace(p, steady=steady_of(people.shakes, span.start, span.end, p.crops)) for p in span.paths)
            span = replace(span, paths=tuple(steady))
        out.append(span)
    return out


def _unsteadied(short: Short, source: Source, people: People, number: int) -> list[Span]:
    shot = people.shots[number]
    start, end, aspect = shot.start, shot.end, short.output.aspect
    chosen = short.framing.of_shot(source.key, start, end)
    if chosen is not None and chosen.keyframes:
        return [_keyed(source, aspect, chosen, start, end)]
    if chosen is not None and isinstance(chosen.target, BoxTarget):
        path = follow_box(source, aspect, short.framing.calm, chosen.target, start, end)
        return [Span(Decision(start, end, "follow", (), Why("box"), by_hand=True), (path,))]
    tracks = people.tracks_in(number)
    wish = FaceSize(short.framing.face, short.framing.face != FACE)
    if chosen is not None and chosen.face is not None:
        wish = FaceSize(chosen.face, asked=True)
    share = chosen.share if chosen is not None else None
    reactions = chosen.reactions if chosen is not None else ()
    target = chosen.target.person if chosen is not None and isinstance(chosen.target, PersonTarget) else None
    layout = chosen.layout if chosen is not None else None
    by_hand = layout is not None or target is not None
    if layout is None and target is None:
        layout = short.framing.layout
    found = (
        Suggestion(layout, "by hand" if by_hand else "layout chosen")
        if layout is not None
        else suggested(short.framing, people, number)
    )
    if target is not None and layout is None:
        found = Suggestion("follow", "chosen person")
    if found.layout in ("screen", "corner"):
        made = _beside_screen(source, aspect, short.framing, people, number, found, by_hand, wish)
        if made is not None:
            return [_with_cells(source, aspect, made, chosen)]
        if found.why == "screen beside a face":
            return [_whole(start, end, Why("face beside a screen"))]
    if found.why == "quick turns far apart":
        near = _together(source, aspect, short.framing, people, tracks, start, end)
        if near is not None:
            return [near]
    if found.layout in MOST_CELLS:
        celled = _celled(source, aspect, short.framing, people, tracks, found, start, end, by_hand, wish, share)
        return [_with_cells(source, aspect, celled, chosen)]
    if found.layout == "whole":
        why = Why("by hand") if by_hand else Why(found.why)
        return [_whole(start, end, why, by_hand)]
    if not tracks:
        return [_middle(source, aspect, start, end, by_hand)]
    asks = parts(people, number) if found.why == "speaking" else []
    if len(asks) < 2 or _together(source, aspect, short.framing, people, tracks, start, end) is not None:
        return _following(source, aspect, short.framing, people, tracks, start, end, target, wish, reactions)
    out: list[Span] = []
    for first, last, asked in asks:
        if asked.layout == "follow":
            out += _following(source, aspect, short.framing, people, tracks, first, last, None, wish, reactions)
        else:
            out.append(_celled(source, aspect, short.framing, people, tracks, asked, first, last, False, wish, share))
    return out


def _keyed(source: Source, aspect: float, chosen: ShotFraming, start: int, end: int) -> Span:
    """The crops that were set by hand, read between."""
    keys = sorted(chosen.keyframes, key=lambda k: k.at)

    def placed(key: Keyframe) -> Rect:
        h = min(key.h, largest(source, aspect))
        w = crop_width(source, aspect, h)
        return Rect(key.cx - w / 2, key.cy - h / 2, w, h).inside(FULL)

    times = tuple(max(start, k.at) for k in keys)
    path = Path(times, tuple(placed(k) for k in keys), eases=tuple(k.ease for k in keys))
    return Span(Decision(start, end, "follow", (), Why("by hand"), by_hand=True), (path,))


def _middle(source: Source, aspect: float, start: int, end: int, by_hand: bool) -> Span:
    """A still crop of the middle, where a crop is wanted and nobody is there to follow."""
    h = largest(source, aspect)
    w = crop_width(source, aspect, h)
    path = Path((start,), (Rect((1 - w) / 2, (1 - h) / 2, w, h),))
    return Span(Decision(start, end, "follow", (), Why("nobody in view"), by_hand), (path,))


def _of(tracks: tuple[Track, ...], person: int) -> tuple[Track, ...]:
    return tuple(t for t in tracks if t.person == person)


def _middle_of(tracks: tuple[Track, ...]) -> float:
    """Where a person usually is across the picture, in shares of it."""
    return float(np.median([s.x + s.w / 2 for t in tracks for s in t.samples]))


def _talk_times(people: People, tracks: tuple[Track, ...], start: int, end: int) -> dict[int, int]:
    """How long each person in view talks between `start` and `end`, in ticks."""
    out = {t.person: 0 for t in tracks}
    for talk in people.talk_within(start, end):
        if talk.person in out:
            out[talk.person] += min(talk.end, end) - max(talk.start, start)
    return out


def _celled(
    source: Source, aspect: float, framing: Framing, people: People, tracks: tuple[Track, ...], found: Suggestion,
    start: int, end: int, by_hand: bool, wish: FaceSize, share: float | None,
) -> Span:  # fmt: skip
    """Two to four people in cells of their own, from left to right as they sit; where there are fewer, parts of the picture."""
    said = _talk_times(people, tracks, start, end)
    here = sorted(said, key=lambda p: -said[p])[: MOST_CELLS[found.layout]]
    if len(here) < 2:
        return _parts(source, aspect, found, start, end, by_hand, share)
    here.sort(key=lambda p: _middle_of(_of(tracks, p)))
    targets = frame_cells(found.layout, len(here), share=share)
    middles = [_middle_of(_of(tracks, p)) for p in here]
    paths = []
    for i, (person, cell) in enumerate(zip(here, targets, strict=False)):
        widest = min((2 * OTHERS * abs(m - middles[i]) for k, m in enumerate(middles) if k != i), default=1.0)
        shape = aspect * cell.w / cell.h
        paths.append(follow(source, shape, framing.calm, _of(tracks, person), start, end, cell, widest, wish))
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


def _with_cells(source: Source, aspect: float, span: Span, chosen: ShotFraming | None) -> Span:
    """The span with the crops of single cells that were set by hand."""
    by_hand = {c.cell: c for c in chosen.cells} if chosen is not None else {}
    if not by_hand or span.decision.layout not in CELLED:
        return span
    paths = []
    for number, path in enumerate(span.paths):
        crop = by_hand.get(number)
        if crop is None:
            paths.append(path)
            continue
        shape = aspect * path.target.w / path.target.h
        h = min(crop.h, largest(source, shape))
        w = crop_width(source, shape, h)
        paths.append(Path((span.start,), (Rect(crop.cx - w / 2, crop.cy - h / 2, w, h).inside(FULL),), path.target))
    return Span(replace(span.decision, by_hand=True), tuple(paths))


def _beside_screen(
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
    middle = _middle_of(_of(tracks, person))
    aside, room = max((screen.x - middle, screen.x - RIM), (middle - screen.right, 1.0 - screen.right - RIM))
    widest = min(2 * aside, room) if aside > 0 else 1.0  # the cell of the face shows no part of the screen again
    shape, mine = aspect * beside.w / beside.h, _of(tracks, person)
    face = follow(source, shape, framing.calm, mine, shot.start, shot.end, beside, widest, wish)
    still = Path((shot.start,), (shown,), whole)
    paths = (face, still) if found.layout == "corner" else (still, face)
    return Span(Decision(shot.start, shot.end, found.layout, (person,), Why(found.why, (person,)), by_hand), paths)


def _following(
    source: Source,
    aspect: float,
    framing: Framing,
    people: People,
    tracks: tuple[Track, ...],
    start: int,
    end: int,
    target: int | None,
    wish: FaceSize,
    reactions: tuple[Reaction, ...] = (),
) -> list[Span]:
    wanted = turns(people, tracks, start, end, target, round(framing.hold_s * TICKS_PER_SECOND))
    wanted = with_reactions(wanted, reactions, {t.person for t in tracks})
    shared = _shared(source, aspect, tracks, wanted) if len(wanted) > 1 and not wish.asked else None
    if shared is not None:
        return [shared]
    out: list[Span] = []
    for turn in wanted:
        path = follow(source, aspect, framing.calm, _of(tracks, turn.person), turn.start, turn.end, wish=wish)
        why = Why(turn.why, (turn.person,))
        by_hand = target is not None or turn.why == "reaction"
        out.append(Span(Decision(turn.start, turn.end, "follow", (turn.person,), why, by_hand), (path,)))
    return _merged(out, tracks)


def _together(
    source: Source, aspect: float, framing: Framing, people: People, tracks: tuple[Track, ...], start: int, end: int
) -> Span | None:
    """All who talk in one still crop, where they sit so near to each other that no layout is needed."""
    wanted = turns(people, tracks, start, end, None, round(framing.hold_s * TICKS_PER_SECOND))
    return _shared(source, aspect, tracks, wanted) if wanted else None


def _shared(source: Source, aspect: float, tracks: tuple[Track, ...], wanted: list[Turn]) -> Span | None:
    """One still place that holds the heads of all who talk in the shot, if there is one: then no cut is needed."""
    who = {turn.person for turn in wanted}
    heads = [head_of(s.rect) for t in tracks if t.person in who for s in t.samples]
    height = largest(source, aspect)
    width = crop_width(source, aspect, height)
    low, high = max(h.right for h in heads) - width, min(h.x for h in heads)
    if low > high:
        return None
    start, end = wanted[0].start, wanted[-1].end
    x = min(max((low + high) / 2, 0.0), 1.0 - width)
    y = min(max(0.0, min(h.y for h in heads) - HEADROOM * height), 1.0 - height)
    path = Path((start,), (Rect(x, y, width, height),))
    both = tuple(sorted(who))
    return Span(Decision(start, end, "follow", (wanted[0].person,), Why("all who speak fit together", both)), (path,))


def _merged(spans: list[Span], tracks: tuple[Track, ...]) -> list[Span]:
    """Hold the camera still over a change of speaker when it has the next one well in frame already."""
    out: list[Span] = []
    for span in spans:
        person = span.decision.person
        if out and person is not None and not out[-1].decision.by_hand and not span.decision.by_hand:
            last = out[-1].at(span.start).crop
            times = np.arange(span.start, span.end, 4_800)
            faces, known = faces_at(_of(tracks, person), times)
            heads = [head_of(Rect(*f)) for f in faces[known]]
            if heads and all(last.contains(head, slack=-0.01) for head in heads):
                held = out[-1].decision
                path = out[-1].paths[0]
                out[-1] = Span(replace(held, end=span.end, why=replace(held.why, next_in_view=True)), (path,))
                continue
        out.append(span)
    return out
