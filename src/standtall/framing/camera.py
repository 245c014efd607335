"""The camera of a short: whom it follows in each shot, and the crop at every moment."""

from __future__ import annotations

import bisect
from dataclasses import dataclass, replace
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.decisions import Decision, Why
from standtall.framing.path import calmest, eased
from standtall.framing.whom import Turn, turns
from standtall.model.framing import Framing, Keyframe, Layout, PersonTarget, ShotFraming
from standtall.model.people import People, Track
from standtall.model.short import Short
from standtall.model.source import Source

STEP: Final = TICKS_PER_SECOND // 5
"""Time between two samples of a path."""
FACE_SHARE: Final = 0.205
"""Wished height of a face, hairline to chin, as a share of the tall picture (common practice, no source)."""
NEAREST: Final = 0.80
"""The crop is never lower than this share of the picture by itself: what is enlarged more looks soft."""
ROUNDING: Final = 0.12
HAIR, SIDES, HEADROOM = 0.42, 0.24, 0.10
"""A head around its face box (shares of the face), and the air kept above it (share of the crop)."""


@dataclass(frozen=True, slots=True)
class View:
    """What the tall picture shows at one moment: a crop in shares of the source, or the whole picture."""

    layout: Layout
    crop: Rect


@dataclass(frozen=True, slots=True)
class Span:
    """One camera position or move: what was decided, and the crop at each of some times (source ticks)."""

    decision: Decision
    times: tuple[int, ...]
    crops: tuple[Rect, ...]

    @property
    def start(self) -> int:
        return self.decision.start

    @property
    def end(self) -> int:
        return self.decision.end

    def at(self, tick: int) -> Rect:
        """The crop at `tick`, read between samples."""
        i = bisect.bisect_right(self.times, tick)
        if i == 0 or i == len(self.times):
            return self.crops[min(i, len(self.times) - 1)]
        a, b = self.crops[i - 1], self.crops[i]
        f = (tick - self.times[i - 1]) / (self.times[i] - self.times[i - 1])
        return Rect(a.x + (b.x - a.x) * f, a.y + (b.y - a.y) * f, a.w + (b.w - a.w) * f, a.h + (b.h - a.h) * f)


@dataclass(frozen=True, slots=True)
class Camera:
    """All spans of one source, without gaps inside the part they cover."""

    spans: tuple[Span, ...]

    def span_at(self, tick: int) -> Span:
        i = bisect.bisect_right(self.spans, tick, key=lambda s: s.start) - 1
        return self.spans[max(0, i)]

    def at(self, tick: int) -> View:
        span = self.span_at(tick)
        return View(span.decision.layout, span.at(tick))


def crop_width(source: Source, aspect: float, height: float) -> float:
    """Width in shares of the source of a crop of `height` shares that is `aspect` wide for its height in pixels."""
    return height * source.height * aspect / source.width


def largest(source: Source, aspect: float) -> float:
    """Height in shares of the largest crop of that aspect which fits the picture."""
    return min(1.0, source.width / (source.height * aspect))


def plan(short: Short, source: Source, people: People, everywhere: bool = False) -> Camera:
    """The camera for every shot of a source that the short touches, or for the whole source.

    The same short, source and people always give the same path, and a shot's path does not depend on where the short
    is cut. In each shot a choice by hand wins; else the camera follows who is speaking; where nobody is seen, the
    picture is fitted whole.
    """
    used = [s for s in short.segments if s.source == source.key]
    first, last = (0, source.length) if everywhere or not used else (min(s.start for s in used), max(s.end for s in used))
    if not source.has_picture or not people.shots:
        return Camera((_fitted(first, last, Why("people not looked for")),))
    spans: list[Span] = []
    for number, shot in enumerate(people.shots):
        if shot.end > first and shot.start < last:
            spans += _shot(short, source, people, number)
    if not spans:
        spans = [_fitted(first, last, Why("not analysed"))]
    begin = replace(spans[0].decision, start=min(first, spans[0].start))
    spans[0] = replace(spans[0], decision=begin)
    return Camera(tuple(spans))


def _fitted(start: int, end: int, why: Why, by_hand: bool = False) -> Span:
    return Span(Decision(start, end, "fit", None, why, by_hand), (start,), (Rect(0, 0, 1, 1),))


def _shot(short: Short, source: Source, people: People, number: int) -> list[Span]:
    shot = people.shots[number]
    start, end, aspect = shot.start, shot.end, short.output.aspect
    chosen = short.framing.of_shot(source.key, start, end)
    if chosen is not None and chosen.layout == "fit":
        return [_fitted(start, end, Why("by hand"), by_hand=True)]
    if chosen is not None and chosen.keyframes:
        return [_keyed(source, aspect, chosen, start, end)]
    tracks = people.tracks_in(number)
    if not tracks:
        return [_fitted(start, end, Why("nobody in view"))]
    follow = chosen.target.person if chosen is not None and isinstance(chosen.target, PersonTarget) else None
    tallest = max(float(np.median([s.h for s in t.samples])) for t in tracks)
    if chosen is None and tallest < short.framing.fit_under:
        return [_fitted(start, end, Why("face beside a screen"))]
    wanted = turns(people, tracks, start, end, follow)
    shared = _shared(source, aspect, tracks, wanted) if len(wanted) > 1 else None
    if shared is not None:
        return [shared]
    out: list[Span] = []
    for turn in wanted:
        track = _of(tracks, turn.person)
        out.append(_follow(source, short.framing, aspect, track, turn, follow is not None))
    return _merged(out, tracks)


def _keyed(source: Source, aspect: float, chosen: ShotFraming, start: int, end: int) -> Span:
    """The crops that were set by hand, each held until the next."""
    keys = sorted(chosen.keyframes, key=lambda k: k.at)

    def placed(key: Keyframe) -> Rect:
        h = min(key.h, largest(source, aspect))
        w = crop_width(source, aspect, h)
        return Rect(key.cx - w / 2, key.cy - h / 2, w, h).inside(Rect(0, 0, 1, 1))

    times = tuple(max(start, k.at) for k in keys)
    return Span(Decision(start, end, "crop", None, Why("by hand"), by_hand=True), times, tuple(placed(k) for k in keys))


def _of(tracks: tuple[Track, ...], person: int) -> tuple[Track, ...]:
    return tuple(t for t in tracks if t.person == person)


def _faces(tracks: tuple[Track, ...], times: NDArray[np.int64]) -> NDArray[np.float64]:
    """(n, 4) face boxes in shares at `times`, read between samples, held where the face is lost."""
    samples = sorted((s for t in tracks for s in t.samples), key=lambda s: s.at)
    at = np.array([s.at for s in samples], np.float64)
    boxes = np.array([(s.x, s.y, s.w, s.h) for s in samples])
    return np.stack([np.interp(times, at, boxes[:, k]) for k in range(4)], axis=1)


def head_of(face: Rect) -> Rect:
    """The whole head with its hair around a face box."""
    return Rect(face.x - SIDES * face.w, face.y - HAIR * face.h, face.w * (1 + 2 * SIDES), face.h * (1 + HAIR + 0.06))


def _follow(source: Source, framing: Framing, aspect: float, tracks: tuple[Track, ...], turn: Turn, chosen: bool) -> Span:
    times = np.unique(np.append(np.arange(turn.start, turn.end, STEP), turn.end - 1)).astype(np.int64)
    faces = _faces(tracks, times)
    x, y, w, h = faces.T
    tall = float(np.median(h))
    height = min(largest(source, aspect), max(NEAREST, tall / FACE_SHARE))
    width = crop_width(source, aspect, height)
    half = width / 2
    slack = width * (0.05 + 0.12 * framing.calm)
    centre = x + w / 2
    head_low, head_high = x + w * (1 + SIDES) - half, x - w * SIDES + half
    low, high = np.maximum(centre - slack, head_low), np.minimum(centre + slack, head_high)
    cross = low > high  # the head is wider than the crop: keep it in the middle
    low[cross] = high[cross] = centre[cross]
    low, high = np.clip(low, half, 1 - half), np.clip(high, half, 1 - half)
    room = ROUNDING * (high - low)  # the path is solved a little inside, so that rounding its corners stays inside too
    path = eased(calmest(low + room, high - room), low, high, sigma=1.2)
    top = float(np.percentile(y - HAIR * h, 10)) - HEADROOM * height
    y0 = min(max(0.0, top), 1.0 - height)
    crops = tuple(Rect(float(c) - half, y0, width, height).inside(Rect(0, 0, 1, 1)) for c in path)
    decision = Decision(turn.start, turn.end, "crop", turn.person, Why(turn.why, (turn.person,)), chosen)
    return Span(decision, tuple(int(t) for t in times), crops)


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
    why = Why("all who speak fit together", tuple(sorted(who)))
    return Span(Decision(start, end, "crop", wanted[0].person, why), (start,), (Rect(x, y, width, height),))


def _merged(spans: list[Span], tracks: tuple[Track, ...]) -> list[Span]:
    """Hold the camera still over a change of speaker when it has the next one well in frame already."""
    out: list[Span] = []
    for span in spans:
        decision = span.decision
        if out and decision.person is not None and not out[-1].decision.by_hand:
            last = out[-1].crops[-1]
            heads = [head_of(Rect(*f)) for f in _faces(_of(tracks, decision.person), np.array(span.times, np.int64))]
            if all(last.contains(head, slack=-0.01) for head in heads):
                held = out[-1].decision
                out[-1] = Span(
                    replace(held, end=span.end, why=replace(held.why, next_in_view=True)),
                    (*out[-1].times, *span.times),
                    (*out[-1].crops, *([last] * len(span.times))),
                )
                continue
        out.append(span)
    return out
