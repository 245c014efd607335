"""The camera of a short: the layout of each shot, whom its cells follow, and their crops at every moment."""

from __future__ import annotations

import bisect
from collections.abc import Callable, Hashable, Mapping
from dataclasses import dataclass, field, replace
from typing import Any, Final, TypeVar

import numpy as np

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.celled import MOST_CELLS, beside_screen, celled, keyed, of_person, where_most_is, with_cells
from standtall.framing.cells import crop_width, largest
from standtall.framing.decisions import Decision, Why
from standtall.framing.following import HEADROOM, FaceSize, Path, faces_at, follow, follow_box, head_of
from standtall.framing.shots import with_edges
from standtall.framing.spans import Span, View, whole
from standtall.framing.steadying import steady_of
from standtall.framing.suggest import ALL_SHOWN, Suggestion, parts, suggested
from standtall.framing.whom import Turn, turns, with_reactions
from standtall.model.framing import CELLED, FACE, BoxTarget, Framing, PersonTarget, Reaction, ShotEdge
from standtall.model.people import People, Track
from standtall.model.short import Short
from standtall.model.source import Source

NEAR_CUT: Final = 0.3
"""Steps of a crop, in its widths, under which a cut looks like a mistake (common practice, no source)."""
SOON, MOVES = TICKS_PER_SECOND // 2, 0.02
"""Over which it is seen where a crop comes from and goes to, and from which step, in its widths, it moves."""
MOST_SEEN: Final = 50_000
"""Looks that a camera keeps at most."""
T = TypeVar("T")


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
    _seen: dict[Hashable, Any] = field(default_factory=dict, init=False, compare=False, repr=False)
    _starts: list[int] = field(default_factory=list, init=False, compare=False, repr=False)

    def __post_init__(self) -> None:
        self._starts.extend(s.start for s in self.spans)

    def seen(self, about: Hashable, look: Callable[[], T]) -> T:
        """What a `look` through this camera finds, kept by what it is `about`: each edit of the words looks at the same moments
        of the source again, and the camera stays."""
        found: T | None = self._seen.get(about)
        if found is None:
            if len(self._seen) >= MOST_SEEN:
                self._seen.clear()
            found = self._seen[about] = look()
        return found

    def span_at(self, tick: int) -> Span:
        return self.spans[max(0, bisect.bisect_right(self._starts, tick) - 1)]

    def begun_within(self, start: int, end: int) -> tuple[Span, ...]:
        """The spans that begin after `start` and before `end`."""
        return self.spans[bisect.bisect_right(self._starts, start) : bisect.bisect_left(self._starts, end)]

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
        return Camera((whole(first, last, Why("people not looked for")),), people, people)
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
        spans = [whole(first, last, Why("not analysed"))]
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
    if chosen is not None and chosen.keyframes and chosen.layout not in CELLED:
        return [keyed(source, aspect, chosen, start, end)]
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
    kept = chosen is not None and chosen.locked and chosen.kept is not None
    if chosen is not None and kept and not by_hand:
        layout = chosen.kept
    elif not by_hand:
        layout = short.framing.layout
    found = (
        Suggestion(layout, "by hand" if by_hand else "locked" if kept else "layout chosen")
        if layout is not None
        else suggested(short.framing, people, number)
    )
    if target is not None and layout is None:
        found = Suggestion("follow", "chosen person")
    if found.layout in ("screen", "corner"):
        made = beside_screen(source, aspect, short.framing, people, number, found, by_hand, wish)
        if made is not None:
            return [with_cells(source, aspect, made, chosen)]
        if found.why == "screen beside a face":
            return [whole(start, end, Why("face beside a screen"))]
    if found.why in ALL_SHOWN:
        near = _together(source, aspect, short.framing, people, tracks, start, end)
        if near is not None:
            return [near]
    if found.layout in MOST_CELLS:
        in_cells = celled(source, aspect, short.framing, people, tracks, found, start, end, by_hand, wish, share)
        return [with_cells(source, aspect, in_cells, chosen)]
    if found.layout == "whole":
        why = Why("by hand") if by_hand else Why(found.why)
        return [whole(start, end, why, by_hand)]
    if not tracks:
        return [where_most_is(source, aspect, shot, by_hand)]
    asks = parts(people, number) if found.why == "speaking" else []
    if len(asks) < 2 or _together(source, aspect, short.framing, people, tracks, start, end) is not None:
        return _following(source, aspect, short.framing, people, tracks, start, end, target, wish, reactions)
    out: list[Span] = []
    for first, last, asked in asks:
        if asked.layout == "follow":
            out += _following(source, aspect, short.framing, people, tracks, first, last, None, wish, reactions)
        else:
            out.append(celled(source, aspect, short.framing, people, tracks, asked, first, last, False, wish, share))
    return out


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
        path = follow(source, aspect, framing.calm, of_person(tracks, turn.person), turn.start, turn.end, wish=wish)
        why = Why(turn.why, (turn.person,))
        by_hand = target is not None or turn.why == "reaction"
        out.append(Span(Decision(turn.start, turn.end, "follow", (turn.person,), why, by_hand), (path,)))
    return _joined(source, aspect, framing, _merged(out, tracks), tracks, wish)


def _joined(
    source: Source, aspect: float, framing: Framing, spans: list[Span], tracks: tuple[Track, ...], wish: FaceSize
) -> list[Span]:
    """Spans that would be cut to nearly the same crop, as of two who walk side by side, are one move over the change of person:
    such a cut looks like a mistake. What was chosen by hand is left."""
    out: list[Span] = []
    run: list[Span] = []
    for span in [*spans, None]:
        if span is not None and (not run or _nearly_same(run[-1], span)):
            run.append(span)
            continue
        if len(run) > 1:
            parts = [_between(of_person(tracks, s.decision.people[0]), s.start, s.end) for s in run]
            whom = tuple(t for part in parts for t in part)
            if whom:
                path = follow(source, aspect, framing.calm, whom, run[0].start, run[-1].end, wish=wish)
                run = [Span(s.decision, (path,)) for s in run]
        out += run
        run = [span] if span is not None else []
    return out


def _nearly_same(a: Span, b: Span) -> bool:
    """Whether a cut from one crop to the next is one to nearly the same."""
    if a.decision.by_hand or b.decision.by_hand or not a.decision.people or not b.decision.people:
        return False
    last, first = a.at(a.end - 1).crop, b.at(b.start).crop
    step = max(abs(last.cx - first.cx) / last.w, abs(last.cy - first.cy) / last.h)
    came, goes = last.cx - a.at(a.end - SOON).crop.cx, b.at(b.start + SOON).crop.cx - first.cx
    turns_round = min(abs(came), abs(goes)) > MOVES * last.w and came * goes < 0  # a move that turns is worse than a cut
    return 1e-4 < step < NEAR_CUT and abs(last.w - first.w) < NEAR_CUT * last.w and not turns_round


def _between(tracks: tuple[Track, ...], start: int, end: int) -> tuple[Track, ...]:
    """What was seen of somebody in [start, end)."""
    parts = ((t, tuple(s for s in t.samples if start <= s.at < end)) for t in tracks)
    return tuple(Track(t.shot, t.person, samples) for t, samples in parts if samples)


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
            faces, known = faces_at(of_person(tracks, person), times)
            heads = [head_of(Rect(*f)) for f in faces[known]]
            if heads and all(last.contains(head, slack=-0.01) for head in heads):
                held = out[-1].decision
                path = out[-1].paths[0]
                out[-1] = Span(replace(held, end=span.end, why=replace(held.why, next_in_view=True)), (path,))
                continue
        out.append(span)
    return out
