"""Whom the camera shows when: the speakers of a shot, without nervous cuts.

Time is cut where somebody begins or ends to speak, is seen or is not seen any more. Showing another person than the one who
speaks costs its time, showing nobody costs far more, and each change of person costs a fixed time: the cheapest course is
found exactly by Viterbi's algorithm (IEEE Transactions on Information Theory 13, 1967). An answer that is shorter than two
changes cost is held over."""

from __future__ import annotations

import itertools
from dataclasses import dataclass, replace
from typing import Final

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.decisions import WhyKind
from standtall.model.framing import Reaction
from standtall.model.people import People, Track

HELD: Final = round(0.7 * TICKS_PER_SECOND)
"""Answers shorter than this are held over, where nothing else is asked for."""
LEAD: Final = round(0.01 * TICKS_PER_SECOND)
"""How long before a new speaker's first word the camera is there (a person's choice: looking ahead is allowed)."""
UNSEEN: Final = 6.0
"""What it costs to point at somebody who is not seen, against showing somebody who does not speak."""


@dataclass(frozen=True, slots=True)
class Turn:
    """The camera belongs to `person` from `start` to `end` (source ticks)."""

    start: int
    end: int
    person: int
    why: WhyKind


def turns(people: People, tracks: tuple[Track, ...], start: int, end: int, follow: int | None, held: int = HELD) -> list[Turn]:
    """Turns that fill [start, end) of one shot with faces; `follow` names the person chosen by hand, if any. Answers shorter
    than `held` ticks do not get the picture."""
    seen = sorted({t.person for t in tracks})
    if follow is not None and follow in seen:
        return [Turn(start, end, follow, "chosen person")]
    if len(seen) == 1:
        return [Turn(start, end, seen[0], "speaking" if _talks(people, seen[0], start, end) else "only one in view")]
    talk = [
        (_before(people, t.start, t.person), t.end, t.person) for t in people.talk_within(start, end + LEAD) if t.person in seen
    ]
    marks = {start, end, *(m for a, b, _ in talk for m in (a, b)), *(m for t in tracks for m in (t.start, t.end))}
    edges = sorted(m for m in marks if start <= m <= end)
    spans = list(itertools.pairwise(edges))
    sizes = {p: sum(s.w * s.h for t in tracks if t.person == p for s in t.samples) for p in seen}
    biggest = max(sizes.values())
    costs = np.zeros((len(spans), len(seen)))
    for i, (a, b) in enumerate(spans):
        speaks = {p for x, y, p in talk if x < b and y > a}
        for j, person in enumerate(seen):
            there = any(t.person == person and t.start < b and t.end > a for t in tracks)
            rate = (bool(speaks) and person not in speaks) + (0.0 if there else UNSEEN)
            rate += 0.0 if talk else 0.1 * (1 - sizes[person] / biggest)
            costs[i, j] = rate * (b - a)
    out: list[Turn] = []
    for (a, b), j in zip(spans, _cheapest(costs, held / 2), strict=True):
        if out and out[-1].person == seen[j]:
            out[-1] = Turn(out[-1].start, b, seen[j], out[-1].why)
        else:
            out.append(Turn(a, b, seen[j], "speaking"))
    return [Turn(t.start, t.end, t.person, "speaking" if _talks(people, t.person, t.start, t.end) else _quiet(seen)) for t in out]


def with_reactions(wanted: list[Turn], reactions: tuple[Reaction, ...], seen: set[int]) -> list[Turn]:
    """The turns with those that were chosen by hand laid over them; somebody who is not seen is not shown."""
    out = wanted
    for reaction in reactions:
        if reaction.person not in seen or not out:
            continue
        start, end = max(reaction.start, out[0].start), min(reaction.end, out[-1].end)
        if end <= start:
            continue
        before = [replace(t, end=min(t.end, start)) for t in out if t.start < start]
        after = [replace(t, start=max(t.start, end)) for t in out if t.end > end]
        out = [*before, Turn(start, end, reaction.person, "reaction"), *after]
    return out


def _quiet(seen: list[int]) -> WhyKind:
    return "only one in view" if len(seen) == 1 else "nearest while nobody speaks"


def _talks(people: People, person: int, start: int, end: int) -> bool:
    return any(t.person == person for t in people.talk_within(start, end))


def _before(people: People, starts: int, person: int) -> int:
    """When to go over to somebody who begins at `starts`: a little before, but not into the last words of another."""
    ended = max((t.end for t in people.talk_within(starts - LEAD, starts) if t.person != person and t.end <= starts), default=0)
    return max(ended, starts - LEAD)


def _cheapest(costs: np.ndarray, change: float) -> list[int]:
    """The cheapest choice (column) for each row; of equal courses that which changes latest."""
    total = costs[0].copy()
    back = np.zeros(costs.shape, int)
    for i in range(1, len(costs)):
        best = int(np.argmin(total))
        stay, go = total, total[best] + change
        moved = (go <= stay) & (np.arange(len(total)) != best)
        back[i] = np.where(moved, best, np.arange(len(total)))
        total = np.where(moved, go, stay) + costs[i]
    at = int(np.argmin(total))
    path = [at]
    for i in range(len(costs) - 1, 0, -1):
        at = int(back[i, at])
        path.append(at)
    return path[::-1]
