"""Which short goes out where and when: free times by a rhythm, filled with the best shorts, or with a mix of them.

A mix puts no two of one topic or one source next to each other where that can be: of the groups by source the largest left
comes first whenever it would otherwise not fit in apart any more, else the best rated short that differs (the known greedy
order for spacing out equal items).
"""

from __future__ import annotations

import itertools
from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date, timedelta
from typing import Final, Literal

from standtall.base.interface_language import tr
from standtall.model.channel import Channel
from standtall.model.post import Post, ShortRef
from standtall.model.rhythm import ChannelRhythm, PostSettings, Rhythm
from standtall.posts.zones import DayTime, at_day_time, day_of

Odd = Literal["earlier", "later", "leave out"]
"""What becomes of posts at times that do not exist or come twice, since clocks are put forward or back."""
MOST_DAYS: Final = 1100
NEAR_S: Final = 30 * 60
"""Two posts on one channel that are nearer than this stand in each other's way (common practice, no source)."""


@dataclass(frozen=True, slots=True)
class Slot:
    """A short on a channel at a time; `day` and `minute` are what was wished, `time` what the clocks make of it."""

    short: ShortRef
    channel: str
    day: date
    minute: int
    zone: str
    time: DayTime


@dataclass(frozen=True, slots=True)
class LeftOut:
    """A short that gets no time on a channel, and why in a sentence."""

    short: ShortRef
    channel: str
    why: str


@dataclass(frozen=True, slots=True)
class FillPlan:
    """What filling would put where; `empty` counts times by channel for which no short is left."""

    slots: tuple[Slot, ...]
    left_out: tuple[LeftOut, ...]
    empty: Mapping[str, int]

    @property
    def asked(self) -> tuple[Slot, ...]:
        """Slots at times that do not exist, or that come twice."""
        return tuple(s for s in self.slots if s.time.kind != "plain")


def settled(plan: FillPlan, odd: Odd) -> FillPlan:
    """The plan with times that do not exist, or that come twice, as the person wishes them."""
    slots: list[Slot] = []
    out: list[LeftOut] = []
    for slot in plan.slots:
        at, other = slot.time.at, slot.time.other
        if slot.time.kind == "plain" or other is None:
            slots.append(slot)
        elif odd == "leave out":
            out.append(
                LeftOut(
                    slot.short, slot.channel, tr("Clocks change on {day:%d %b %Y}, and the day was to be left out.", day=slot.day)
                )
            )
        else:
            slots.append(replace(slot, time=DayTime((min if odd == "earlier" else max)(at, other))))
    return replace(plan, slots=tuple(slots), left_out=(*plan.left_out, *out))


def days_of(rhythm: Rhythm, today: date) -> Iterator[date]:
    """The days on which something goes out, from today or the start on; without an end for `MOST_DAYS` days."""
    first = max(today, date.fromisoformat(rhythm.start)) if rhythm.start else today
    last = date.fromisoformat(rhythm.until) if rhythm.until else first + timedelta(MOST_DAYS)
    without = set(rhythm.without)
    for n in range(min(MOST_DAYS, (last - first).days + 1)):
        day = first + timedelta(n)
        if day.weekday() not in rhythm.weekdays_out and day.isoformat() not in without:
            yield day


def free_times(rhythm: Rhythm, taken: Sequence[int], now: int) -> Iterator[tuple[date, int, DayTime]]:
    """Times of a rhythm after `now`, but for days on which enough is planned already and times that something stands near to."""
    a_day = Counter(day_of(t, rhythm.zone) for t in taken)
    for day in days_of(rhythm, day_of(now, rhythm.zone)):
        free = rhythm.a_day - a_day[day]
        for minute in rhythm.minutes:
            if free <= 0:
                break
            at = at_day_time(day, minute, rhythm.zone)
            if at.at > now and all(abs(at.at - t) >= NEAR_S for t in taken if abs(t - at.at) < 172_800):
                free -= 1
                yield day, minute, at


def why_not(short: ShortRef, channel: Channel, settings: PostSettings) -> str:
    """Why a short is not for a channel, in a sentence; empty where it is."""
    if short.seconds > channel.longest_s:
        return tr(
            "It lasts {seconds:.0f} s; {title} takes {longest_s:g}.",
            seconds=short.seconds,
            title=channel.title,
            longest_s=channel.longest_s,
        )
    if short.seconds < channel.posts.file.shortest_s:
        return tr(
            "It lasts {seconds:.0f} s; {title} takes {shortest_s:g} and more.",
            seconds=short.seconds,
            title=channel.title,
            shortest_s=channel.posts.file.shortest_s,
        )
    if short.rating < settings.least_rating:
        return tr(
            "It is rated {rating:.0f}, under {least_rating:.0f}.",
            rating=100 * short.rating,
            least_rating=100 * settings.least_rating,
        )
    values = {p.name: p.value for p in short.parts}
    for bar in settings.bars:
        if values.get(bar.part, 0.0) < bar.least:
            return tr(
                "Its {part} is rated {rating:.0f}, under {least:.0f}.",
                part=tr(bar.part),
                rating=100 * values.get(bar.part, 0.0),
                least=100 * bar.least,
            )
    return ""


def filled(
    shorts: Sequence[ShortRef], channels: Sequence[Channel], settings: PostSettings, posts: Sequence[Post], now: int
) -> FillPlan:
    """What goes where, for each channel by itself; each short once a channel, also counting those that are out."""
    slots: list[Slot] = []
    left_out: list[LeftOut] = []
    empty: dict[str, int] = {}
    rhythms = {r.channel: r for r in settings.rhythms if r.used}
    for channel in channels:
        if channel.name not in rhythms:
            continue
        mine = [p for p in posts if p.channel == channel.name and p.state not in ("skipped", "withdrawn")]
        known = {p.short.same for p in mine if p.when is not None or p.state in ("out", "draft", "sending")}
        wanted = []
        for short in shorts:
            why = tr("It is in the calendar there already.") if short.same in known else why_not(short, channel, settings)
            if why:
                left_out.append(LeftOut(short, channel.name, why))
            else:
                wanted.append(short)
        got, empty[channel.name] = _channel(wanted, rhythms[channel.name], settings, mine, now)
        slots += got
        taken = {s.short.same for s in got}
        left_out += [LeftOut(s, channel.name, tr("No day is left for it.")) for s in wanted if s.same not in taken]
    return FillPlan(tuple(slots), tuple(left_out), empty)


def _channel(
    wanted: Sequence[ShortRef], rhythm_of: ChannelRhythm, settings: PostSettings, mine: Sequence[Post], now: int
) -> tuple[list[Slot], int]:
    rhythm = rhythm_of.rhythm
    taken = sorted(p.when if p.state != "out" or not p.out_at else p.out_at for p in mine if p.when is not None)
    times = free_times(rhythm, taken, now)
    before = max((p for p in mine if p.when is not None), key=lambda p: p.when or 0, default=None)
    order = (
        mixed(wanted, None if before is None else before.short)
        if settings.order == "mixed"
        else sorted(wanted, key=lambda s: (-s.rating, s.name, s.same))
    )
    got = [Slot(s, rhythm_of.channel, d, m, rhythm.zone, at) for s, (d, m, at) in zip(order, times, strict=False)]
    return got, sum(1 for _ in itertools.islice(times, MOST_DAYS)) if rhythm.until else 0


def mixed(shorts: Sequence[ShortRef], before: ShortRef | None = None) -> list[ShortRef]:
    """An order in which neighbours differ in source and topic where that can be, else the better first."""
    groups: dict[str, list[ShortRef]] = {}
    for short in sorted(shorts, key=lambda s: (-s.rating, s.name, s.same)):
        groups.setdefault(short.source, []).append(short)
    out: list[ShortRef] = []
    last = before
    left = len(shorts)
    while left:
        open_ = [g for g in groups.values() if g and (last is None or g[0].source != last.source)] or [
            g for g in groups.values() if g
        ]
        largest = max(open_, key=len)
        pressing = [largest] if 2 * len(largest) > left else open_
        heads = [(group, n) for group in pressing for n in _first_unlike(group, last)]
        group, n = min(heads, key=lambda h: (_alike(h[0][h[1]], last), -h[0][h[1]].rating, h[0][h[1]].name))
        last = group.pop(n)
        out.append(last)
        left -= 1
    return out


def _first_unlike(group: Sequence[ShortRef], last: ShortRef | None) -> tuple[int, ...]:
    """The first of a group, and the first that shares no topic with `last`."""
    unlike = next((n for n, s in enumerate(group) if not _alike(s, last)), 0)
    return (0, unlike) if unlike else (0,)


def _alike(short: ShortRef, last: ShortRef | None) -> bool:
    return last is not None and bool(set(short.topics) & set(last.topics))


def clashes(posts: Sequence[Post]) -> frozenset[int]:
    """Numbers of posts that stand in the way of another on their channel."""
    out: set[int] = set()
    live = sorted((p for p in posts if p.when is not None and p.state not in ("skipped", "withdrawn")), key=lambda p: p.when or 0)
    for channel in {p.channel for p in live}:
        mine = [p for p in live if p.channel == channel]
        for a, b in itertools.pairwise(mine):
            if (b.when or 0) - (a.when or 0) < NEAR_S:
                out |= {p.id for p in (a, b) if p.state not in ("out", "draft")}  # what is out cannot be moved
    return frozenset(out)


def gaps(posts: Sequence[Post], settings: PostSettings, now: int) -> dict[str, tuple[date, ...]]:
    """Days without a post by channel, between today and the last day that has one, where its rhythm wants one."""
    out: dict[str, tuple[date, ...]] = {}
    for one in settings.rhythms:
        rhythm = one.rhythm
        days = Counter(
            day_of(p.when, rhythm.zone) for p in posts
            if p.channel == one.channel and p.when is not None and p.state not in ("skipped", "withdrawn")
        )  # fmt: skip
        if one.used and days:
            last = max(days)
            wanted = itertools.takewhile(lambda d: d <= last, days_of(rhythm, day_of(now, rhythm.zone)))  # noqa: B023
            out[one.channel] = tuple(d for d in wanted if not days[d])
    return out
