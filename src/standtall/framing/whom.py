"""Whom the camera follows when: the speakers of a shot, without nervous cuts."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.decisions import WhyKind
from standtall.model.people import People, Track

SHORTEST: Final = round(0.9 * TICKS_PER_SECOND)
"""A camera position is held at least this long."""
LEAD: Final = round(0.12 * TICKS_PER_SECOND)
"""How long before a new speaker's first word the camera is there."""


@dataclass(frozen=True, slots=True)
class Turn:
    """The camera belongs to `person` from `start` to `end` (source ticks)."""

    start: int
    end: int
    person: int
    why: WhyKind


def turns(people: People, tracks: tuple[Track, ...], start: int, end: int, follow: int | None) -> list[Turn]:
    """Turns that fill [start, end) of one shot with faces; `follow` names the person chosen by hand, if any."""
    seen = {t.person for t in tracks}
    if follow is not None and follow in seen:
        return [Turn(start, end, follow, "chosen person")]
    talk = [t for t in people.talk_within(start, end) if t.person in seen]
    if not talk:
        biggest = max(tracks, key=lambda t: sum(s.w * s.h for s in t.samples))
        why: WhyKind = "only one in view" if len(seen) == 1 else "nearest while nobody speaks"
        return [Turn(start, end, biggest.person, why)]
    out: list[Turn] = []
    for t in talk:
        if out and out[-1].person == t.person:
            continue
        begin = start if not out else max(out[-1].start + 1, _switch(people, out[-1].person, t.start))
        if out:
            out[-1] = Turn(out[-1].start, begin, out[-1].person, out[-1].why)
        out.append(Turn(begin, end, t.person, "speaking"))
    return _without_short(out)


def _switch(people: People, before: int, starts: int) -> int:
    """When to go over to the next speaker: just before the first word, but not into the last one."""
    ended = max((t.end for t in people.talk_within(starts - LEAD, starts) if t.person == before and t.end <= starts), default=0)
    return max(ended, starts - LEAD)


def _without_short(turns_in: list[Turn]) -> list[Turn]:
    out: list[Turn] = []
    for turn in turns_in:
        if out and turn.end - turn.start < SHORTEST:
            out[-1] = Turn(out[-1].start, turn.end, out[-1].person, out[-1].why)
        elif out and out[-1].person == turn.person:
            out[-1] = Turn(out[-1].start, turn.end, turn.person, out[-1].why)
        elif out and len(out) == 1 and out[0].end - out[0].start < SHORTEST:
            out[0] = Turn(out[0].start, turn.end, turn.person, turn.why)
        else:
            out.append(turn)
    return out
