"""Changes of shot: cuts, dissolves, wipes and fades, told from small pictures by how they differ from those around them.

Pictures are compared by their structure: luma less its neighbourhood, divided by the contrast there, so that two dark pictures of
one colour differ as much as two bright ones. A *cut* stands out from the differences around it and lasts (a flash does not
last; in a whip pan or a shaken picture the differences around it are as large). In a *dissolve* or a *wipe* every place goes
from what it was before to what it is after without becoming anything else, which no movement does. In a *fade* the contrast
goes and comes back."""

from __future__ import annotations

import itertools
from collections.abc import Callable, Iterable
from dataclasses import dataclass
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import maximum_filter1d, median_filter

from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Plane, Planes, scaled
from standtall.model.people import Shot
from standtall.people.shot_looks import SeenLook, look_of

Floats = NDArray[np.float32]

SIZE: Final = (160, 90)
"""Size of the pictures that changes are told from."""
STRUCTURE: Final = (80, 45)
MIXING: Final = (40, 22)
COLOUR: Final = (20, 11)
SPREAD: Final = 6.0
"""Standard deviation of a neighbourhood, in pixels of `STRUCTURE`."""
NOISE: Final = 3.0
"""Contrast, in levels of luma, that is taken for nothing."""
LEAST: Final = 0.16
"""Difference 0..1 that a cut has at least: a slide that changes on a wall is less, another place is above a half."""
OVER_USUAL, OVER_NEXT = 2.6, 1.6
"""How far a cut stands out from the usual difference around it, and from the largest one beside it."""
BRIGHTER: Final = 100.0
"""Mean change in levels of light and colour that counts as a whole difference: plain cards have no structure."""
LASTING: Final = 0.55
"""Share of the difference that is still there a quarter of a second later."""
BLOCK, DRAWN, LEAST_DRAWN, ALIKE, STAYS, FILLED = 5, 0.35, 0.2, 0.25, 0.45, 0.5
"""Side of the blocks in which it is seen what stays; the structure of a block that shows something, and the least share of such
blocks that tells anything; the difference of blocks that are the same; the share of them over which there was no cut (up to .17
at cuts to tune on, .74 where a slide changes); and how much of the rectangle around it what changed fills."""
AROUND_S, BESIDE_S, LATER_S = 1.0, 0.25, 0.25
APART_S: Final = 0.4
"""Time between two changes at least."""
LENGTHS_S: Final = (0.35, 0.5, 0.7, 0.95, 1.3, 1.7, 2.2)
"""Lengths of gradual changes that are tried."""
OTHER: Final = 0.22
"""Difference between the pictures before and after a gradual change at least."""
CHANGED, WIDE = 4.0, 0.45
"""Levels by which a place changes, and share of the picture that does, in a gradual change."""
UNEVEN: Final = 0.22
"""Mean distance from one even mixture in a dissolve at most, as a share of the whole change."""
HALFWAY: Final = 0.25
"""Share of the places that are neither as before nor as after in a wipe at most."""
CALMER: Final = 0.5
"""Share of the change in a gradual change that there is before and after it, in as long a time."""
BLANK, BLANK_S = 3.0, 0.3
"""Contrast, in levels, of a picture that shows nothing, and for how long such pictures only stand between two others."""
DARK: Final = 0.12
"""Share of the contrast around it that is left in the middle of a fade."""


@dataclass(frozen=True, slots=True)
class Change:
    """A change of shot between two pictures that were seen, at `before` and `after` (ticks); a gradual one is at `after`, its
    middle. `key` says that the picture after it is coded by itself, as encoders do where a shot begins."""

    before: int
    after: int
    key: bool
    gradual: bool


class ChangeFinder:
    """Takes small pictures of a source in order, and says where shots change."""

    def __init__(self) -> None:
        self._ticks: list[int] = []
        self._keys: list[bool] = []
        self._structure: list[NDArray[np.float16]] = []
        self._mixing: list[NDArray[np.uint8]] = []
        self._contrast: list[float] = []

    def see(self, tick: int, small: Planes, key: bool = True) -> None:
        """Take the next picture, `SIZE` small; `key` says whether it is coded by itself."""
        if self._ticks and tick <= self._ticks[-1]:
            return
        self._ticks.append(tick)
        self._keys.append(key)
        self._structure.append(structure(small.y))
        parts = [scaled(small.y, MIXING), scaled(small.u, COLOUR), scaled(small.v, COLOUR)]
        self._mixing.append(np.concatenate([p.ravel() for p in parts]))
        self._contrast.append(float(small.y.std()))

    @property
    def step(self) -> float:
        """How much the last picture differs from the one before it, 0..1."""
        if len(self._structure) < 2:
            return 1.0
        return float(difference(self._structure[-1].astype(np.float32), self._structure[-2].astype(np.float32)))

    def looks(self, cuts: tuple[int, ...], start: int, end: int) -> list[SeenLook]:
        """How each part of [start, end) looks, parted at cuts."""
        mixing = np.array(self._mixing, np.uint8)
        planes, first = [], 0
        for wide, high in (MIXING, COLOUR, COLOUR):
            planes.append(mixing[:, first : first + wide * high].reshape(-1, high, wide))
            first += wide * high
        edges = [start, *(c for c in cuts if start < c < end), end]
        found = (look_of(self._ticks, tuple(planes), a, b) for a, b in itertools.pairwise(edges))
        return [seen for seen in found if seen is not None]

    def changes(self) -> list[Change]:
        """All changes seen so far, in order."""
        if len(self._ticks) < 4:
            return []
        at = np.array(self._ticks, np.float64) / TICKS_PER_SECOND
        shape = np.array(self._structure, np.float32)
        dark = _fades(at, np.array(self._contrast))
        mixing = np.array(self._mixing, np.float32)
        shown = _shown(at, np.array(self._contrast))
        cuts = [int(shown[k]) for k in _cuts(at[shown], shape[shown], mixing[shown])]
        cuts = [k for k in cuts if not any(a <= k <= b for a, b, _ in dark)]
        slow = [m for _, _, m in dark]
        slow += [m for a, b, m in _mixtures(at, shape, mixing, cuts, dark)]
        found = [Change(self._ticks[k - 1], self._ticks[k], self._keys[k], gradual=False) for k in cuts]
        found += [Change(self._ticks[max(0, m - 1)], self._ticks[m], self._keys[m], gradual=True) for m in slow]
        return _apart(sorted(found, key=lambda c: c.after))


def _shown(at: NDArray[np.float64], contrast: NDArray[np.float64]) -> NDArray[np.int64]:
    """Indices of the pictures that show something: a black or white one or two between two shots are none of their own."""
    blank = contrast < BLANK
    out: list[int] = []
    k = 0
    while k < len(at):
        last = k
        while last + 1 < len(at) and blank[k] and blank[last + 1]:
            last += 1
        if not blank[k] or at[last] - at[k] >= BLANK_S:
            out += range(k, last + 1)
        k = last + 1
    return np.array(out if len(out) > 3 else range(len(at)), np.int64)


def structure(luma: Plane) -> NDArray[np.float16]:
    """float16 (3600,): luma less its neighbourhood, in units of the contrast there."""
    small = scaled(luma, STRUCTURE).astype(np.float32)
    over = small - cv2.GaussianBlur(small, (0, 0), SPREAD)
    contrast = np.sqrt(cv2.GaussianBlur(over * over, (0, 0), SPREAD))
    return (over / (contrast + NOISE)).astype(np.float16).ravel()


def difference(a: Floats, b: Floats) -> NDArray[np.float64]:
    """0 (the same) .. 1 (nothing alike), along the last axis."""
    apart, sizes = np.abs(a - b).sum(-1), np.abs(a).sum(-1) + np.abs(b).sum(-1)
    out: NDArray[np.float64] = (apart / np.maximum(sizes, 0.05 * a.shape[-1])).astype(np.float64)
    return out


def _cuts(at: NDArray[np.float64], shape: Floats, mixing: Floats) -> list[int]:
    """Indices of the first pictures after cuts: by structure, or by light and colour where there is little else."""

    def lighter(a: Floats, b: Floats) -> NDArray[np.float64]:
        return (np.abs(a - b).mean(axis=-1) / BRIGHTER).astype(np.float64)

    found = sorted({*_standing_out(at, shape, difference), *_standing_out(at, mixing, lighter)})
    return [k for k in found if not _stays(shape[k - 1], shape[k])]


def _stays(before: Floats, after: Floats) -> bool:
    """Whether much of the picture is what it was, and what changed is about a rectangle that hangs in it: a slide that changes,
    however large it is shown, is no other shot. Somebody who stands elsewhere changes the picture down to its lower edge."""
    wide, high = STRUCTURE
    shape = high // BLOCK, BLOCK, wide // BLOCK, BLOCK
    a, b = (v.reshape(shape).swapaxes(1, 2).reshape(-1, BLOCK * BLOCK) for v in (before, after))
    strength = np.abs(a).mean(axis=1), np.abs(b).mean(axis=1)
    apart = np.abs(a - b).mean(axis=1) / np.maximum(1e-6, strength[0] + strength[1])
    drawn = np.maximum(*strength) > DRAWN
    changed = (drawn & (apart >= ALIKE)).reshape(high // BLOCK, wide // BLOCK)
    if drawn.mean() <= LEAST_DRAWN or (apart[drawn] < ALIKE).mean() <= STAYS or not changed.any():
        return False
    rows, columns = np.flatnonzero(changed.any(axis=1)), np.flatnonzero(changed.any(axis=0))
    inside = slice(rows[0], rows[-1] + 1), slice(columns[0], columns[-1] + 1)
    return not changed[-1].any() and bool(changed[inside].sum() > FILLED * drawn.reshape(changed.shape)[inside].sum())


def _standing_out(at: NDArray[np.float64], pictures: Floats, apart: Callable[[Floats, Floats], NDArray[np.float64]]) -> list[int]:
    """Indices of pictures that differ from the one before far more than those around them do, for longer than a flash."""
    n = len(at)
    step = np.concatenate([[0.0], apart(pictures[1:], pictures[:-1])])
    gap = float(np.median(np.diff(at)))
    around, beside = max(1, round(AROUND_S / gap)), max(1, round(BESIDE_S / gap))
    usual = median_filter(step, 2 * around + 1, mode="nearest")
    out = []
    for k in np.flatnonzero((step >= LEAST) & (step >= OVER_USUAL * usual)):
        near = np.concatenate([step[max(1, k - beside) : k], step[k + 1 : k + 1 + beside]])
        if len(near) and step[k] < OVER_NEXT * float(near.max()):
            continue
        later = min(n - 1, int(np.searchsorted(at, at[k] + LATER_S)))
        if float(apart(pictures[later], pictures[k - 1])) >= LASTING * step[k]:
            out.append(int(k))
    return out


def _fades(at: NDArray[np.float64], contrast: NDArray[np.float64]) -> list[tuple[int, int, int]]:
    """(first, last, middle) of the pictures of each fade out and in."""
    gap = float(np.median(np.diff(at)))
    around = max(2, round(1.5 / gap))
    usual = maximum_filter1d(median_filter(contrast, 3, mode="nearest"), 2 * around + 1, mode="nearest")
    dark = contrast < DARK * usual
    out = []
    k = 0
    while k < len(at):
        if not dark[k]:
            k += 1
            continue
        last = k
        while last + 1 < len(at) and dark[last + 1]:
            last += 1
        first, end = k, last
        while first > 0 and contrast[first - 1] > contrast[first] + 0.5 and at[k] - at[first] < 1.5:
            first -= 1
        while end + 1 < len(at) and contrast[end + 1] > contrast[end] + 0.5 and at[end] - at[last] < 1.5:
            end += 1
        if k - first >= 2 and end - last >= 2:  # it goes and comes by and by: a black picture alone is cut to
            out.append((first, end, (k + last + 1) // 2))
        k = last + 1
    return out


def _mixtures(
    at: NDArray[np.float64], shape: Floats, mixing: Floats, cuts: list[int], dark: list[tuple[int, int, int]]
) -> list[tuple[int, int, int]]:
    """(first, last, middle) of the pictures of each dissolve or wipe."""
    closed = np.zeros(len(at), bool)  # no gradual change goes over a cut
    closed[cuts] = True
    for first, last, _ in dark:
        closed[first : last + 1] = True
    passed = np.concatenate([[0], np.cumsum(closed)])
    found: list[tuple[float, int, int, int]] = []
    for length in LENGTHS_S:
        ends = np.searchsorted(at, at + length)
        for i in range(len(at)):
            j = int(ends[i])
            if j >= len(at) or j - i < 3 or passed[j + 1] - passed[i + 1] > 0 or float(difference(shape[j], shape[i])) < OTHER:
                continue
            score = _mixed(mixing[i : j + 1])
            if score is not None and _calm_outside(at, shape, i, j):
                found.append((score[0], i, j, i + score[1]))
    out: list[tuple[int, int, int]] = []
    for _, i, j, middle in sorted(found):
        if all(j < a or i > b for a, b, _ in out):
            out.append((i, j, middle))
    return out


def _calm_outside(at: NDArray[np.float64], shape: Floats, i: int, j: int) -> bool:
    """Whether the picture changes far less before and after than in between, as in no pan."""
    before = max(0, int(np.searchsorted(at, at[i] - LATER_S)))
    after = min(len(at) - 1, int(np.searchsorted(at, at[j] + LATER_S)))
    left, right = difference(shape[before : i + 1], shape[i]), difference(shape[j : after + 1], shape[j])
    outside = max(float(left.max()), float(right.max()))
    later = np.minimum(np.searchsorted(at, at[i:j] + LATER_S), j)
    inside = float(difference(shape[later], shape[i:j]).max())  # in as long a time
    return outside < CALMER * min(inside, float(difference(shape[i], shape[j])))


def _mixed(pictures: Floats) -> tuple[float, int] | None:
    """How far pictures are from going over from the first to the last, and the first one that is more of the last; None where
    they do not. In a dissolve all places have the same share of the last picture, in a wipe nearly each has none of it or
    all."""
    first, last = pictures[0], pictures[-1]
    way = last - first
    changed = np.abs(way) > CHANGED
    if changed.mean() < WIDE:
        return None  # somebody moves, or something on a screen
    share = (pictures - first) @ way / max(float(way @ way), 1e-6)
    steps = np.diff(share)
    if steps.min() < -0.04 or steps.max() > 0.6 or share[1] > 0.5 or share[-2] < 0.5:
        return None
    middle = pictures[1:-1]
    evenly = np.abs(middle - (first + share[1:-1, None] * way)).mean(axis=1) / float(np.abs(way).mean())
    each = np.clip((middle[:, changed] - first[changed]) / way[changed], 0, 1)
    between = ((each > 0.2) & (each < 0.8)).mean(axis=1)
    astray = min(float(evenly.max()) / UNEVEN, float(between.max()) / HALFWAY)
    if astray > 1:
        return None
    flat = float((np.abs(share) < 0.03).mean() + (np.abs(1 - share) < 0.03).mean())
    return astray + flat, int(np.argmax(share >= 0.5))


def _apart(changes: list[Change]) -> list[Change]:
    out: list[Change] = []
    for change in changes:
        if not out or change.after - out[-1].after >= APART_S * TICKS_PER_SECOND:
            out.append(change)
    return out


def shots_between(cuts: Iterable[int], length: int) -> tuple[Shot, ...]:
    """The shots of a source of `length` ticks that is cut at those ticks; one shot where there are none."""
    edges = [0, *sorted({c for c in cuts if 0 < c < length}), length]
    return tuple(Shot(a, b) for a, b in itertools.pairwise(edges) if b > a)


def where_it_changes(pictures: Iterable[tuple[int, Planes]]) -> int | None:
    """The tick of the small picture that differs most from the one before it; None where there are not two."""
    best, at = -1.0, None
    before: NDArray[np.float32] | None = None
    for tick, small in pictures:
        now = small.y.astype(np.float32)
        if before is not None:
            change = float(np.abs(now - before).mean())
            if change > best:
                best, at = change, tick
        before = now
    return at
