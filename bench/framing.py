"""Framing against truth, on each set, as suggested and with Follow forced; side by side with two naive cameras."""

from __future__ import annotations

import itertools
import time
from collections import defaultdict
from collections.abc import Iterator
from dataclasses import dataclass, field
from typing import Literal

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import uniform_filter1d

from bench.row import Row
from bench.sets import SETS, Scene, scenes_of
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.framing.cells import crop_width
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.session.framing_table import framing_rows

How = Literal["follow", "suggested", "raw", "mean"]
AROUND_S, SHORT_S = 0.2, 0.9
"""Left out of the strict figures: around changes of speaker, and turns shorter than this."""
STILL = 0.001
"""Change of the place of a crop, as a share of the picture's width, that is none."""


@dataclass
class Tally:
    """Counts over the frames of a set."""

    strict: int = 0
    strict_inside: int = 0
    talking: int = 0
    inside: int = 0
    heads: int = 0
    wrong: int = 0
    sized: int = 0
    good_size: int = 0
    sizeable: int = 0
    """Of the sized ones, those whose face is no higher than it may be in the largest crop that lies inside the picture."""
    seated: int = 0
    still: int = 0
    reversals: int = 0
    speeds: list[float] = field(default_factory=list)
    jerks: list[float] = field(default_factory=list)
    switches: list[float] = field(default_factory=list)
    layouts: list[bool] = field(default_factory=list)
    outside: int = 0


def run() -> Iterator[Row]:
    for name in SETS:
        found = list(scenes_of(name))
        for how in ("follow", "suggested"):
            tally = Tally()
            for scene in found:
                one = Tally()
                measure(scene, how, one)
                if one.strict_inside < 0.995 * one.strict or one.wrong > 0.015 * one.talking:
                    print(
                        f"  {name} {how}: {scene.name}: {one.strict_inside}/{one.strict} inside, {one.wrong}/{one.talking} wrong"
                    )
                measure(scene, how, tally)
            yield from _rows(f"{name}, {how}", tally)
        for naive, words in (("raw", "the face's own centre"), ("mean", "its mean over a second")):
            tally = Tally()
            for scene in found:
                measure(scene, naive, tally)
            yield Row(f"{name}, {words}: whole face inside", tally.strict_inside / max(1, tally.strict), "share")
            yield Row(f"{name}, {words}: still where people sit", tally.still / max(1, tally.seated), "share")
            yield Row(f"{name}, {words}: peak speed", max(tally.speeds, default=0), "widths/s")
        began = time.perf_counter()
        for scene in found:
            plan(Short.of("all", (Segment(scene.source.key, 0, scene.source.length),)), scene.source, scene.analysis.people)
        length = sum(s.source.length for s in found) / TICKS_PER_SECOND
        yield Row(f"{name}: planning, of the length of the footage", (time.perf_counter() - began) / length, "ratio")


def _rows(name: str, t: Tally) -> Iterator[Row]:
    yield Row(f"{name}: speaker's whole face inside, strict", t.strict_inside / max(1, t.strict), "share", ">= 0.995")
    yield Row(f"{name}: speaker's whole face inside, all talk", t.inside / max(1, t.talking), "share")
    yield Row(f"{name}: wrong person, nothing left out", t.wrong / max(1, t.talking), "share", "<= 0.015")
    yield Row(f"{name}: head cut", (t.inside - t.heads) / max(1, t.talking), "share", "<= 0.005")
    if t.switches:
        late = np.abs(t.switches)
        yield Row(f"{name}: changes of speaker within 150 ms", float((late <= 0.150).mean()), "share", ">= 1")
        yield Row(f"{name}: changes of speaker, median", float(np.median(late)) * 1000, "ms", "<= 50")
    yield Row(f"{name}: face 10 to 30 % of the height", t.good_size / max(1, t.sized), "share", ">= 1")
    yield Row(f"{name}: the same, of those that a crop inside the picture can make so", t.good_size / max(1, t.sizeable), "share", ">= 1")
    yield Row(f"{name}: still where people sit", t.still / max(1, t.seated), "share", ">= 0.8")
    yield Row(f"{name}: reversals within 0.7 s", t.reversals, "count", "<= 0")
    yield Row(f"{name}: peak speed, of what is allowed", max(t.speeds, default=0), "ratio", "<= 1")
    yield Row(f"{name}: jerk, 999 of 1000", float(np.percentile(t.jerks, 99.9)) if t.jerks else 0.0, "w/s^3", "<= 12")
    yield Row(f"{name}: crops outside the picture", t.outside, "frames", "<= 0")
    if name.endswith("suggested"):
        yield Row(f"{name}: layouts as written", sum(t.layouts) / max(1, len(t.layouts)), "share", ">= 0.9")


Cells = list[tuple[Rect, str]]


def _framed(scene: Scene, how: How) -> list[Cells]:
    """The cells of each frame, in shares of the source, with the layout."""
    out: list[Cells] = [[] for _ in range(scene.truth["frames"])]
    if how in ("raw", "mean"):
        return _naive(scene, how == "mean")
    for number, _out, _cell, x, y, w, h, layout, _why in framing_rows(
        scene.source, scene.analysis, "follow" if how == "follow" else None
    ):
        if number < len(out):
            out[number].append((Rect(x, y, w, h).scaled(1 / scene.source.width, 1 / scene.source.height), layout))
    return out


def _naive(scene: Scene, smooth: bool) -> list[Cells]:
    """A crop of the whole height on the face of who talks (else of whom it showed before), as found."""
    people, rate = scene.analysis.people, scene.truth["rate"]
    width = crop_width(scene.source, 9 / 16, 1.0)
    centres, at = [], 0.5
    for n in range(scene.truth["frames"]):
        tick = round((n + 0.5) * TICKS_PER_SECOND / rate)
        who = people.speaker_at(tick)
        faces = (
            {t.person: f for t in people.tracks_in(people.shot_at(tick)) if (f := t.at(tick)) is not None} if people.shots else {}
        )
        face = faces.get(who) if who is not None else None
        at = face.cx if face is not None else at
        centres.append(at)
    path: NDArray[np.float64] = np.array(centres)
    if smooth:
        path = uniform_filter1d(path, rate)
    return [[(Rect(min(max(0.0, float(c) - width / 2), 1 - width), 0.0, width, 1.0), "follow")] for c in path]


def measure(scene: Scene, how: How, t: Tally) -> None:
    """Add what the frames of a scene show."""
    truth, w, h = scene.truth, scene.source.width, scene.source.height
    framed = _framed(scene, how)
    strict = _strict_frames(truth)
    for n in range(truth["frames"]):
        cells = [c for c, _ in framed[n]]
        t.outside += any(not Rect(0, 0, 1, 1).contains(c, slack=1e-4) for c in cells)
        people = {
            who: (Rect(*head).scaled(1 / w, 1 / h), Rect(*face).scaled(1 / w, 1 / h)) for who, head, face in truth["people"][n]
        }
        speakers = [s for s in truth["speakers"][n] if s in people and Rect(0, 0, 1, 1).contains(people[s][1], slack=0.004)]
        if not speakers or not cells:
            continue
        t.talking += 1
        shown = [s for s in speakers if any(c.contains(people[s][1], slack=0.002) for c in cells)]
        t.inside += bool(shown)
        t.heads += any(c.contains(people[s][0], slack=0.01) for s in shown for c in cells)
        others = [face for who, (_h, face) in people.items() if who not in speakers]
        t.wrong += not shown and any(c.contains(face) for face in others for c in cells)
        if strict[n]:
            t.strict += 1
            t.strict_inside += bool(shown)
        if framed[n][0][1] == "follow" and shown:
            share = max(people[s][1].h for s in shown) / cells[0].h
            t.sized += 1
            t.good_size += 0.10 <= share <= 0.30
            t.sizeable += max(people[s][1].h for s in shown) <= 0.30
    _moves(scene, framed, t)
    if how == "follow":
        t.switches += _switches(scene, framed)
    for (first, last), good in zip(truth["shots"], truth["layouts"], strict=True):
        seen = [framed[n][0][1] for n in range(first, last) if framed[n]]
        t.layouts.append(bool(seen) and max(set(seen), key=seen.count) in good)


def _strict_frames(truth: dict) -> list[bool]:
    """Frames that count strictly: not near a change of speaker, not in a short turn."""
    rate, frames = truth["rate"], truth["frames"]
    out = [True] * frames
    said = sorted(truth["said"], key=lambda s: s[1])
    turns: list[list] = []
    for who, start, end in said:
        if turns and turns[-1][0] == who:
            turns[-1][2] = max(turns[-1][2], end)
        else:
            turns.append([who, start, end])
    for _who, start, end in turns:
        for edge in (start, end):
            for n in range(max(0, int((edge - AROUND_S) * rate)), min(frames, int((edge + AROUND_S) * rate) + 1)):
                out[n] = False
        if end - start < SHORT_S:
            for n in range(max(0, int(start * rate)), min(frames, int(end * rate) + 1)):
                out[n] = False
    for first, _last in truth["shots"][1:]:
        half = next((c["frames"] // 2 for c in truth["cuts"] if c["at"] == first), 0)
        for n in range(max(0, first - half - 1), min(frames, first + half + 1)):
            out[n] = False
    return out


def _moves(scene: Scene, framed: list[Cells], t: Tally) -> None:
    """Stillness, reversals, speed and jerk of each cell between cuts; speed against what the people in view allow."""
    truth, rate = scene.truth, scene.truth["rate"]
    cuts = {first for first, _ in truth["shots"]}
    tracks: dict[int, list[tuple[int, Rect]]] = defaultdict(list)
    for n, cells in enumerate(framed):
        for i, (c, _layout) in enumerate(cells):
            tracks[i].append((n, c))
    walkers = _speeds_of_people(scene)
    for rows in tracks.values():
        run: list[tuple[int, Rect]] = []
        for n, c in [*rows, (10**9, Rect(0, 0, 1, 1))]:
            jump = bool(run) and (n != run[-1][0] + 1 or n in cuts or _jumps(run, c))
            if jump:
                _count_moves(run, rate, walkers, t)
                run = []
            run.append((n, c))


def _jumps(run: list[tuple[int, Rect]], now: Rect) -> bool:
    """Whether the crop is cut elsewhere: it changes size, or its step is many times the one before."""
    step = abs(now.cx - run[-1][1].cx)
    before = abs(run[-1][1].cx - run[-2][1].cx) if len(run) > 1 else 0.0
    return abs(now.w - run[-1][1].w) > 0.03 * now.w or step > max(0.03 * now.w, 5 * before)


def _speeds_of_people(scene: Scene) -> list[float]:
    """The speed of the fastest person in view at each frame, shares of the picture's width a second, over a fifth of a second."""
    truth, rate = scene.truth, scene.truth["rate"]
    out = [0.0] * truth["frames"]
    half = max(1, rate // 10)
    for n in range(half, truth["frames"] - half):
        before = {who: face[0] + face[2] / 2 for who, _h, face in truth["people"][n - half]}
        after = {who: face[0] + face[2] / 2 for who, _h, face in truth["people"][n + half]}
        if any(first <= n + half and n - half < first for first, _ in truth["shots"][1:]):
            continue
        both = [abs(after[w] - before[w]) for w in before if w in after]
        out[n] = max(both, default=0.0) / scene.source.width * rate / (2 * half)
    return out


def _count_moves(run: list[tuple[int, Rect]], rate: int, walkers: list[float], t: Tally) -> None:
    if len(run) < 5:
        return
    x = np.array([c.cx for _, c in run])
    y = np.array([c.cy for _, c in run])
    width = np.array([c.w for _, c in run])
    first = run[0][0]
    step = np.abs(np.diff(x))
    here = np.array(walkers[first + 1 : first + len(run)])
    near = max(1, rate // 2)
    around = np.array([here[max(0, i - near) : i + near + 1].max(initial=0.0) for i in range(len(here))])
    seated = around < 0.04
    t.seated += int(seated.sum())
    t.still += int((seated & (step < STILL) & (np.abs(np.diff(y)) < STILL)).sum())
    speed = step * rate / width[1:]
    allowed = np.maximum(0.40, 1.1 * around / width[1:])
    t.speeds.append(float((speed / allowed).max()))
    t.jerks += [float(v) for v in np.abs(np.diff(x, 3)) * rate**3 / width[3:]]
    t.reversals += _reversals(np.diff(x) / width[1:], rate)


def _reversals(steps: NDArray[np.float64], rate: int) -> int:
    """How often a move of 0.5 % of the crop and more turns within 0.7 s into one the other way."""
    moves: list[list[float]] = []  # direction, last frame, length
    for n, step in enumerate(steps):
        if abs(step) < 2e-5:
            continue
        way = 1.0 if step > 0 else -1.0
        if moves and moves[-1][0] == way and n - moves[-1][1] <= 2:
            moves[-1][1], moves[-1][2] = n, moves[-1][2] + abs(step)
        else:
            moves.append([way, n, abs(step), n])
    real = [m for m in moves if m[2] > 0.005]
    return sum(b[0] != a[0] and b[3] - a[1] < 0.7 * rate for a, b in itertools.pairwise(real))


def _switches(scene: Scene, framed: list[Cells]) -> list[float]:
    """For each turn of 0.9 s and more that follows another person's, both in view and not in one crop: how late the crop holds the
    new one, in seconds (negative where it is early)."""
    truth, rate = scene.truth, scene.truth["rate"]
    w, h = scene.source.width, scene.source.height
    turns: list[list] = []
    for who, start, end in sorted(truth["said"], key=lambda s: s[1]):
        if turns and turns[-1][0] == who and start - turns[-1][2] < 3:
            turns[-1][2] = max(turns[-1][2], end)
        else:
            turns.append([who, start, end])
    turns = [t for n, t in enumerate(turns) if t[2] - t[1] >= SHORT_S or (n and turns[n - 1][0] == t[0])]
    out = []

    def holds(n: int, who: str) -> bool | None:
        face = next((Rect(*f).scaled(1 / w, 1 / h) for name, _h, f in truth["people"][n] if name == who), None)
        return None if face is None or not framed[n] else any(c.contains(face, slack=0.002) for c, _ in framed[n])

    for a, b in itertools.pairwise(turns):
        begins = int(b[1] * rate)
        if a[0] == b[0] or begins >= truth["frames"] or any(int(a[2] * rate) - 2 <= c["at"] <= begins + 2 for c in truth["cuts"]):
            continue
        before = int(max(a[1], min(a[2], b[1]) - 0.8) * rate)
        if holds(begins, b[0]) is None or holds(before, b[0]) is not False:
            continue
        last = min(truth["frames"], int(min(b[2], b[1] + 3) * rate))
        at = next((n for n in range(before, last) if holds(n, b[0])), last)
        out.append(at / rate - b[1])
    return out
