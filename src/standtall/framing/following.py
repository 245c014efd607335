"""The moves of one cell that follows a person: how large the crop is, and where it is, at every moment of a turn."""

from __future__ import annotations

import bisect
import math
from dataclasses import dataclass, replace
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import FULL, Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.cells import crop_width, largest
from standtall.framing.path import Limits, Weights, blend, solve
from standtall.framing.steadying import Steady
from standtall.model.framing import FACE, BoxTarget, Ease
from standtall.model.people import Track
from standtall.model.source import Source

Floats = NDArray[np.float64]

STEP: Final = TICKS_PER_SECOND // 10
"""Time between two control points of a path."""
LARGEST_FACE: Final = 0.36
"""A face is never higher than this share of its cell, where the picture allows it."""
NEAREST, NEAREST_ASKED = 0.55, 0.2
"""The crop is never lower than this share of the picture by itself, and where a size was asked for: what is enlarged more looks
soft."""
LOOK_ROOM: Final = 0.07
"""How far the middle of the crop lies ahead of a face that is turned in profile, as a share of the crop's width (common practice:
more room on the side that somebody looks to; no source for the number)."""
TURNED: Final = 0.25
"""How far a face is turned at least before it looks anywhere: 0 to the camera, 1 in profile."""
LOOKS_S: Final = 2.0
"""Over this long the way somebody looks is taken: a glance aside moves nothing."""
LEAD_ROOM_S: Final = 0.35
"""The crop aims at where a walker will be so much later."""
BOX_SHARE: Final = (0.62, 0.5)
"""A thing that is followed takes at most this share of the crop's width and height."""
HAIR, SIDES, HEADROOM = 0.42, 0.24, 0.10
"""A head around its face box (shares of the face), and the air kept above it (share of the crop)."""
KNOWN: Final = round(0.45 * TICKS_PER_SECOND)
"""Time without a sample over which a face is still taken to be where it was; further away it is not known."""
INSIDE: Final = 2e-4
"""How far, in shares of the picture, a path may lie outside it before it is solved anew."""
SAME_SIZE: Final = 0.22
"""The size is held while the face is within this share of its usual size."""
WALKS: Final = 0.05
"""Speed in picture widths a second from which somebody walks."""
PACE: Final = TICKS_PER_SECOND // 2
"""Over which the speed of a person is measured."""
BESIDE: Final = 3
"""Steps before and after that time in which the camera may be as fast."""
FASTEST: Final = 0.38
"""Crop widths a second at most, for somebody who is not faster."""
JERKIEST: Final = 11.0
"""Crop widths per second cubed at most."""


@dataclass(frozen=True, slots=True)
class FaceSize:
    """The wished height of a face as a share of its cell, and whether somebody `asked` for it."""

    share: float = FACE
    asked: bool = False


@dataclass(frozen=True, slots=True)
class Path:
    """The crops of one cell at some times (source ticks), read between them; of a `smooth` path they are the control points of a
    uniform cubic B-spline."""

    times: tuple[int, ...]
    crops: tuple[Rect, ...]
    target: Rect = FULL
    smooth: bool = False
    eases: tuple[Ease, ...] = ()
    """How each crop goes on to the next; evenly where there are none."""
    steady: Steady | None = None
    """What takes shake out of it."""

    def at(self, tick: int) -> Rect:
        crop = self._planned(tick)
        return crop if self.steady is None else self.steady.moved(crop, tick)

    def _planned(self, tick: int) -> Rect:
        if self.smooth:
            return self._on_curve((tick - self.times[0]) / STEP)
        i = bisect.bisect_right(self.times, tick)
        if i == 0 or i == len(self.times):
            return self.crops[min(i, len(self.times) - 1)]
        a, b = self.crops[i - 1], self.crops[i]
        f = (tick - self.times[i - 1]) / (self.times[i] - self.times[i - 1])
        ease = self.eases[i - 1] if self.eases else "even"
        f = {"smooth": f * f * (3 - 2 * f), "even": f, "hold": 0.0}[ease]
        return Rect(a.x + (b.x - a.x) * f, a.y + (b.y - a.y) * f, a.w + (b.w - a.w) * f, a.h + (b.h - a.h) * f)

    def _control(self, k: int) -> Rect:
        """Control point `k`; before the first and after the last the path goes on as it went: a camera that is cut to
        somebody who walks moves with them at once."""
        crops, last = self.crops, len(self.crops) - 1
        if 0 <= k <= last or last == 0:
            return crops[min(max(0, k), last)]
        return _further(crops[1], crops[0]) if k < 0 else _further(crops[last - 1], crops[last])

    def _on_curve(self, place: float) -> Rect:
        last = len(self.crops) - 1
        i = min(max(0, math.floor(place)), last)
        f = min(max(0.0, place - i), 1.0)
        near = [self._control(k) for k in (i - 1, i, i + 1, i + 2)]
        shares = blend(f)
        x, y, w, h = (
            sum(s * v for s, v in zip(shares, part, strict=True))
            for part in zip(*((c.x, c.y, c.w, c.h) for c in near), strict=True)
        )
        return Rect(x, y, w, h).inside(FULL)


def _further(a: Rect, b: Rect) -> Rect:
    """As far after `b` as that is after `a`."""
    return Rect(2 * b.x - a.x, 2 * b.y - a.y, 2 * b.w - a.w, 2 * b.h - a.h)


def head_of(face: Rect) -> Rect:
    """The whole head with its hair around a face box."""
    return Rect(face.x - SIDES * face.w, face.y - HAIR * face.h, face.w * (1 + 2 * SIDES), face.h * (1 + HAIR + 0.06))


def faces_at(tracks: tuple[Track, ...], times: NDArray[np.int64]) -> tuple[Floats, NDArray[np.bool_]]:
    """(n, 4) face boxes in shares at `times`, and (n,) whether they are known: a place is read between two samples only where
    these are near, and never across a time in which the person was not seen."""
    samples = sorted((s for t in tracks for s in t.samples), key=lambda s: s.at)
    at = np.array([s.at for s in samples], np.int64)
    boxes = np.array([(s.x, s.y, s.w, s.h) for s in samples])
    read = np.stack([np.interp(times, at, boxes[:, k]) for k in range(4)], axis=1)
    after = np.clip(np.searchsorted(at, times), 0, len(at) - 1)
    before = np.clip(np.searchsorted(at, times, side="right") - 1, 0, len(at) - 1)
    near = np.minimum(np.abs(at[after] - times), np.abs(times - at[before])) <= KNOWN
    return read, near & ((at[after] - at[before] <= 2 * KNOWN) | (after == before) | (times <= at[0]) | (times >= at[-1]))


def follow(
    source: Source,
    aspect: float,
    calm: float,
    tracks: tuple[Track, ...],
    start: int,
    end: int,
    target: Rect = FULL,
    widest: float = 1.0,
    wish: FaceSize = FaceSize(),
) -> Path:
    """The crops of a cell that follows one person from `start` to `end` (source ticks); `aspect` is that of the cell, `widest`
    the width of the crop at most, unless the head needs more, and `wish` the size of the face."""
    n = max(2, -(-(end - start) // STEP) + 1)
    times = start + np.arange(n) * STEP
    faces, known = faces_at(tracks, times)
    if not known.any():
        known = np.ones(n, bool)
    faces = _held(faces, known)
    x, y, w, h = faces.T
    most = min(largest(source, aspect), widest / crop_width(source, aspect, 1.0))
    height = _heights(source, aspect, h, known, most, wish)
    width = crop_width(source, aspect, 1.0) * height
    half = width / 2
    centre = x + w / 2
    ahead = centre + _look_room(tracks, times) * width + _lead_room(centre, known)
    slack = width * (0.05 + 0.12 * calm)
    low, high = np.maximum(ahead - slack, x + w * (1 + SIDES) - half), np.minimum(ahead + slack, x - w * SIDES + half)
    cross = low > high  # the head is wider than the crop: keep it in the middle
    low[cross] = high[cross] = centre[cross]
    unit = float(width.min())  # limits count in crop widths, wherever it is narrowest
    middle = _solved(low, high, ahead, known, half, 1 - half, calm, _own_speeds(tracks, start, n - 1, unit), unit)
    head_top, chin = y - HAIR * h, y + h
    top = head_top - HEADROOM * height
    up = np.minimum(top + 0.06 * height, head_top - 0.01 * height)
    down = np.maximum(top - 0.10 * height, chin + 0.05 * h - height)
    room = np.zeros(n)
    upper = _solved(np.minimum(down, up), up, top, known, room, 1 - height, calm, FASTEST, float(height.min()))
    return _path(times, np.stack([middle - half, upper, width, height], axis=1), target)


def follow_box(source: Source, aspect: float, calm: float, box: BoxTarget, start: int, end: int, target: Rect = FULL) -> Path:
    """The crops of a cell that follows a thing that was drawn around, from `start` to `end` (source ticks)."""
    n = max(2, -(-(end - start) // STEP) + 1)
    times = start + np.arange(n) * STEP
    at = [p.at for p in box.places]
    x, y, w, h = (np.interp(times, at, [getattr(p, side) for p in box.places]) for side in "xywh")
    most = largest(source, aspect)
    unit = crop_width(source, aspect, 1.0)
    needed = max(float(np.percentile(h, 90)) / BOX_SHARE[1], float(np.percentile(w, 90)) / BOX_SHARE[0] / unit)
    height = np.full(n, min(most, max(NEAREST_ASKED, needed)))
    width = unit * height
    known, all_of = np.ones(n, bool), (1.0 - height, 1.0 - width)
    slack = 0.03 + 0.10 * calm
    fastest = max(FASTEST, 1.05 * _fastest(x + w / 2, float(width[0])), 1.05 * _fastest(y + h / 2, float(height[0])))
    sides = []
    for centre, size, reach, most_at in ((x + w / 2, width, w, all_of[1]), (y + h / 2, height, h, all_of[0])):
        free = np.maximum(0.0, np.minimum(slack * size, (size - reach) / 2))  # the thing stays whole where it fits
        aim = centre - size / 2
        sides.append(_solved(aim - free, aim + free, aim, known, np.zeros(n), most_at, calm, fastest, float(size[0])))
    return _path(times, np.stack([*sides, width, height], axis=1), target)


def place_of(box: BoxTarget, tick: int) -> Rect:
    """Where a thing that was drawn around is at a tick."""
    at = [p.at for p in box.places]
    x, y, w, h = (float(np.interp(tick, at, [getattr(p, side) for p in box.places])) for side in "xywh")
    return Rect(x, y, w, h)


def _path(times: NDArray[np.int64], rows: Floats, target: Rect) -> Path:
    """A path of crops (n, 4) at `times`; one that stands still is one crop."""
    still = bool((np.ptp(rows, axis=0) < 1e-5).all())
    crops = tuple(Rect(*(float(v) for v in row)).inside(FULL) for row in (rows[:1] if still else rows))
    if still:
        return Path((int(times[0]),), crops, target)
    return Path(tuple(int(t) for t in times), crops, target, smooth=True)


def _look_room(tracks: tuple[Track, ...], times: NDArray[np.int64]) -> Floats:
    """How far the crop stands ahead of a face at each time, in crop widths: as it is usually turned around then."""
    samples = sorted((s for t in tracks for s in t.samples), key=lambda s: s.at)
    at, turn = np.array([s.at for s in samples], np.int64), np.array([s.turn for s in samples])
    read = np.interp(times, at, turn)
    half = max(1, round(LOOKS_S * TICKS_PER_SECOND / STEP / 2))
    around = np.lib.stride_tricks.sliding_window_view(np.pad(read, half, mode="edge"), 2 * half + 1)
    usual = np.median(around, axis=1)
    over = np.clip((np.abs(usual) - TURNED) / (1 - TURNED), 0.0, 1.0)
    out: Floats = LOOK_ROOM * np.sign(usual) * np.minimum(1.0, 2 * over)
    return out


def _lead_room(centre: Floats, known: NDArray[np.bool_]) -> Floats:
    """How far ahead of somebody the crop aims, in shares of the picture: by how they walk over a second and a half."""
    span = max(2, round(1.5 * TICKS_PER_SECOND / STEP))
    if len(centre) <= span:
        return np.zeros(len(centre))
    around = np.pad(centre, (span // 2, (span - 1) // 2), mode="edge")
    smooth = np.convolve(around, np.full(span, 1 / span), mode="valid")
    speed = np.gradient(smooth) * (TICKS_PER_SECOND / STEP)
    speed[~known] = 0.0
    walks = np.clip((np.abs(speed) - WALKS) / WALKS, 0.0, 1.0)  # who sways does not walk
    out: Floats = LEAD_ROOM_S * speed * walks
    return out


def _fastest(centre: Floats, width: float) -> float:
    """How fast a thing is at most, in crop widths a second, over half a second."""
    steps = max(1, PACE // STEP)
    if len(centre) <= steps:
        return 0.0
    return float(np.abs(centre[steps:] - centre[:-steps]).max()) / (PACE / TICKS_PER_SECOND) / width


def _held(faces: Floats, known: NDArray[np.bool_]) -> Floats:
    """Where a face is not known, the nearest place where it was known."""
    at = np.flatnonzero(known)
    spots = np.arange(len(known))
    right = np.clip(np.searchsorted(at, spots), 0, len(at) - 1)
    left = np.clip(right - 1, 0, len(at) - 1)
    nearest = np.where(np.abs(at[right] - spots) < np.abs(at[left] - spots), at[right], at[left])
    out: Floats = faces[nearest]
    return out


def _heights(source: Source, aspect: float, face: Floats, known: NDArray[np.bool_], widest: float, wish: FaceSize) -> Floats:
    """The height of the crop at each control point: held, or gently changed where the face comes nearer or goes away."""
    usual = float(np.median(face[known]))
    most = min(largest(source, aspect), max(widest, usual / max(LARGEST_FACE, wish.share)))
    least = min(NEAREST_ASKED if wish.asked else NEAREST, most)
    spread = np.abs(face[known] / usual - 1)
    if float(np.percentile(spread, 95)) <= SAME_SIZE:
        return np.full(len(face), min(most, max(least, usual / wish.share)))
    wished = np.log(np.clip(face / wish.share, least, most))
    path = solve(wished - 0.12, wished + 0.12, wished, Weights(aim=0.005), Limits(0.035, 0.02))
    return np.clip(np.exp(path), least, most)


def _own_speeds(tracks: tuple[Track, ...], start: int, steps: int, width: float) -> Floats:
    """(steps,) how fast the camera may be in each step from `start` on, in crop widths a second: as somebody who walks around
    that time, over half a second, and a little more."""
    out = np.full(steps, FASTEST)
    near = PACE // STEP
    for track in tracks:
        samples = [s for s in track.samples if start - PACE <= s.at < start + steps * STEP + PACE]
        if len(samples) < 2 or samples[-1].at - samples[0].at < PACE:
            continue
        at = np.array([s.at for s in samples])
        centre = np.array([s.x + s.w / 2 for s in samples])
        times = np.arange(at[0], at[-1] - PACE + 1, STEP)
        moved = np.abs(np.interp(times + PACE, at, centre) - np.interp(times, at, centre))
        speeds = 1.05 * moved / (PACE / TICKS_PER_SECOND) / width
        for first, speed in zip(((times - start) // STEP).tolist(), speeds.tolist(), strict=True):
            lo, hi = max(0, first - BESIDE), min(steps, first + near + BESIDE)
            if lo < hi:
                out[lo:hi] = np.maximum(out[lo:hi], speed)
    return out


def _solved(
    low: Floats,
    high: Floats,
    aim: Floats,
    known: NDArray[np.bool_],
    least: Floats,
    most: Floats,
    calm: float,
    speed: float | Floats,
    unit: float,
) -> Floats:
    """The calmest path within bounds that hold around each control point, in a picture that ends at `least` and `most`."""
    low, high = np.where(known, low, -10.0), np.where(known, high, 10.0)
    low = np.maximum(low, np.maximum(np.append(low[1:], low[-1]), np.insert(low[:-1], 0, low[0])))
    high = np.minimum(high, np.minimum(np.append(high[1:], high[-1]), np.insert(high[:-1], 0, high[0])))
    low, high, aim = (np.clip(v, least, most) for v in (low, high, aim))
    seconds = STEP / TICKS_PER_SECOND
    weights = Weights(aim=0.002 + 0.02 * (1 - calm) ** 2, change=4.0 + 6.0 * calm, jolt=8.0 + 12.0 * calm)
    limits = Limits(speed * unit * seconds, JERKIEST * unit * seconds**3)
    path = solve(low, high, aim, weights, limits)
    if (path < least - INSIDE).any() or (path > most + INSIDE).any():  # seldom: the bounds lie inside, and are soft
        path = solve(low, high, aim, weights, replace(limits, edges=(least, most)))
    return np.clip(path, least, most)
