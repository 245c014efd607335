"""Which layout a shot asks for, and why."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final

import numpy as np

from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.decisions import WhyKind
from standtall.model.framing import Framing, Layout
from standtall.model.people import People, Shot, Talk, Track

QUICK: Final = round(2.2 * TICKS_PER_SECOND)
"""Turns that are shorter than this on average would be cut too often (common practice, no source)."""
MANY_TURNS: Final = 4
QUICK_FOR, CALM = round(5.0 * TICKS_PER_SECOND), round(8.0 * TICKS_PER_SECOND)
"""How long turns are quick at least, and how long it is calm before and after, for a layout to change inside a shot."""
BOTH_FOR, BOTH_SHARE = round(2.0 * TICKS_PER_SECOND), 0.25
"""How long people talk at once at least, and for what share of all that is said in a shot, to be shown at once (common practice,
no source)."""
BREATH: Final = TICKS_PER_SECOND
"""Talk at once goes on over a pause that is no longer."""
ALL_SHOWN: Final[frozenset[WhyKind]] = frozenset(("quick turns far apart", "talk at once"))
"""Why all who talk are shown at once."""
SMALL_FACE: Final = 0.06
"""A face lower than this share of the picture says little in a cell of its own."""


@dataclass(frozen=True, slots=True)
class Suggestion:
    """A layout, and why."""

    layout: Layout
    why: WhyKind


def screen_in(people: People, shot: Shot) -> Rect | None:
    """The largest screen of a shot; None where there is none for at least half of it."""
    there = people.seen_in(people.screens, shot.start, shot.end)
    lasting: list[Rect] = []
    for region in there:
        same = [r for r in there if r.rect.overlap(region.rect) > 0.6]
        time = sum(min(r.end, shot.end) - max(r.start, shot.start) for r in same)
        if 2 * time >= shot.end - shot.start:
            lasting.append(region.rect)
    return max(lasting, key=lambda r: r.w * r.h, default=None)


def lacking(people: People, tick: int) -> dict[Layout, str]:
    """The layouts that the shot at a tick of the source cannot have, and what it lacks."""
    if not people.shots:
        return dict.fromkeys(("follow", "stack", "grid", "screen", "corner"), tr("no people were looked for"))
    number = people.shot_at(tick)
    if screen_in(people, people.shots[number]) is None or not people.tracks_in(number):
        return dict.fromkeys(("screen", "corner"), tr("no screen with a face was found in this shot"))
    return {}


def suggested(framing: Framing, people: People, number: int) -> Suggestion:
    """What shot `number` asks for: screens and wide views stay whole, quick turns are shown at once, others are followed."""
    shot, tracks = people.shots[number], people.tracks_in(number)
    if not tracks:
        return Suggestion("whole", "nobody in view")
    tallest = max(float(np.median([s.h for s in t.samples])) for t in tracks)
    screen = screen_in(people, shot)
    if screen is not None:
        return (
            Suggestion("screen", "screen beside a face") if tallest >= SMALL_FACE else Suggestion("whole", "face beside a screen")
        )
    if tallest < framing.fit_under:
        return Suggestion("whole", "face beside a screen")
    if _quick(people, shot, tracks):
        return _all(tracks, "quick turns far apart")
    if _much_at_once(people, shot, tracks):
        return _all(tracks, "talk at once")
    return Suggestion("follow", "speaking")


def _all(tracks: tuple[Track, ...], why: WhyKind) -> Suggestion:
    return Suggestion("grid" if len({t.person for t in tracks}) >= 4 else "stack", why)


def parts(people: People, number: int) -> list[tuple[int, int, Suggestion]]:
    """The parts of a shot in which people are followed, as (start, end, what each asks for): where turns are quick for a while,
    or people talk at once, and it is calm around, all are shown at once for that while."""
    shot, tracks = people.shots[number], people.tracks_in(number)
    follow = Suggestion("follow", "speaking")
    asked: list[tuple[int, int, WhyKind]] = []
    if len({t.person for t in tracks}) > 1:
        asked += [(a, b, "quick turns far apart") for a, b in _quick_runs(people, shot, tracks)]
        asked += [(a, b, "talk at once") for a, b in _runs_at_once(people, shot, tracks)]
    out: list[tuple[int, int, Suggestion]] = []
    since = shot.start
    for first, last, why in sorted(asked):
        if first - since >= CALM and shot.end - last >= CALM:
            out += [(since, first, follow), (first, last, _all(tracks, why))]
            since = last
    return [*out, (since, shot.end, follow)]


def _quick_runs(people: People, shot: Shot, tracks: tuple[Track, ...]) -> list[tuple[int, int]]:
    """Where turns of less than `QUICK` follow each other for some time, as (start, end) in order."""
    here = {t.person for t in tracks}
    turns: list[Talk] = []
    for talk in people.talk_within(shot.start, shot.end):
        if talk.person not in here:
            continue
        if turns and turns[-1].person == talk.person:
            turns[-1] = replace(turns[-1], end=talk.end)
        else:
            turns.append(talk)
    out: list[tuple[int, int]] = []
    run: list[Talk] = []
    for turn in [*turns, None]:
        if turn is not None and turn.end - turn.start < QUICK and (not run or turn.start - run[-1].end < QUICK):
            run.append(turn)
            continue
        if len(run) >= MANY_TURNS and run[-1].end - run[0].start >= QUICK_FOR:
            out.append((run[0].start, run[-1].end))
        run = []
    return out


def _runs_at_once(people: People, shot: Shot, tracks: tuple[Track, ...]) -> list[tuple[int, int]]:
    """Where two who are in view talk at once for some time, as (start, end) in order."""
    here = {t.person for t in tracks}
    runs: list[list[int]] = []
    for other in people.overlaps:
        start, end = max(other.start, shot.start), min(other.end, shot.end)
        beside = {t.person for t in people.talk_within(start, end)} & here - {other.person} if start < end else set()
        if other.person not in here or not beside:
            continue
        if runs and start - runs[-1][1] <= BREATH:
            runs[-1][1] = max(runs[-1][1], end)
        else:
            runs.append([start, end])
    return [(a, b) for a, b in runs if b - a >= BOTH_FOR]


def _much_at_once(people: People, shot: Shot, tracks: tuple[Track, ...]) -> bool:
    """Whether the people of a shot talk at once for much of the time in which they talk."""
    said = sum(min(t.end, shot.end) - max(t.start, shot.start) for t in people.talk_within(shot.start, shot.end))
    return sum(b - a for a, b in _runs_at_once(people, shot, tracks)) > BOTH_SHARE * said


def _quick(people: People, shot: Shot, tracks: tuple[Track, ...]) -> bool:
    """Whether the people of a shot take turns so quickly, for so long, that a camera would cut all the time."""
    here = {t.person for t in tracks}
    said = [t for t in people.talk_within(shot.start, shot.end) if t.person in here]
    turns = [t for i, t in enumerate(said) if i == 0 or said[i - 1].person != t.person]
    return len(turns) >= MANY_TURNS and (said[-1].end - said[0].start) / len(turns) < QUICK
