"""Follows a thing that a person drew around through a shot, both ways from where it was drawn.

The box is moved and scaled as the points on it agree to (`people.flow`). The thing as it was drawn is laid over each place and
draws the box back to it, so that small errors do not add up.
Where it is not seen nothing is made up: the box waits where it was last, until the thing looks like itself again."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.reader import PictureReader
from standtall.model.framing import BoxAt
from standtall.model.source import Source
from standtall.people.flow import agreed_move

Grey = NDArray[np.uint8]

WIDE: Final = 640
"""Width of the pictures that are looked at."""
BACK: Final = 4 * TICKS_PER_SECOND
"""Pictures are read this much at a time to go backwards through them."""
LIKE, ITSELF = 0.55, 0.75
"""Correlation with the thing as it was drawn: below it is lost, above it is taken for found again."""
NEARBY, WIDER, FURTHEST = 0.8, 0.15, 8.0
"""How far from where it was last a lost thing is looked for, in box sizes: by so much more with every picture, and at most."""
EXACT: Final = 0.0015
"""Places are left out that lie within this of the line between those that are kept, in shares of the picture."""
SMALLEST: Final = 8
"""Pixels that a box is wide and high at least while it is followed."""


@dataclass(frozen=True, slots=True)
class Followed:
    """Places of a box in the order of their time, and the share of the time in which the thing was seen."""

    places: tuple[BoxAt, ...]
    seen: float


def follow_box(source: Source, box: BoxAt, start: int, end: int, progress: Progress) -> Followed:
    """Where the thing in `box` is from `start` to `end` (ticks of the source); raises `MediaError` where the picture cannot be
    read. Where its picture is even, so that nothing can be followed, the box stands still."""
    at = min(max(box.at, start), end - 1)
    length = max(1, end - start)
    thing: _Thing | None = None
    first: Grey | None = None
    after: list[tuple[int, Rect | None]] = []
    with _reader(source) as reader:
        for seen in reader.walk(at, end):
            grey = _grey(seen.sketch(WIDE, _high(source)).y)
            if thing is None:
                thing, first = _Thing(grey, box), grey
                after.append((seen.tick, thing.place))
            else:
                after.append((seen.tick, thing.follow(grey)))
            progress.report("box", min(1.0, (seen.tick - at) / length))
    before: list[tuple[int, Rect | None]] = []
    back = _Thing(first, box) if first is not None else None
    for tick, grey in _backwards(source, start, at) if back is not None else ():
        assert back is not None
        before.append((tick, back.follow(grey)))
        progress.report("box", min(1.0, (end - tick) / length))
    progress.report("box", 1.0)
    seen_at = [*reversed(before), *after]
    share = sum(place is not None for _, place in seen_at) / max(1, len(seen_at))
    return Followed(_places(seen_at, box, start), round(share, 3))


def _reader(source: Source) -> PictureReader:
    return PictureReader(source.path, source.rotation)


def _high(source: Source) -> int:
    return max(2, round(WIDE * source.height / source.width))


def _grey(luma: NDArray[np.uint8]) -> Grey:
    return np.ascontiguousarray(luma)


def _backwards(source: Source, start: int, at: int) -> Iterator[tuple[int, Grey]]:
    """The pictures of [start, at), the last one first."""
    for last in range(at, start, -BACK):
        first = max(start, last - BACK)
        with _reader(source) as reader:
            found = [(s.tick, _grey(s.sketch(WIDE, _high(source)).y)) for s in reader.walk(first, last)]
        yield from ((t, g) for t, g in reversed(found) if first <= t < last)


class _Thing:
    """What was drawn around: how it looked, and where it is now."""

    def __init__(self, grey: Grey, box: BoxAt) -> None:
        high, wide = grey.shape
        self._size = wide, high
        w, h = max(SMALLEST, box.w * wide), max(SMALLEST, box.h * high)
        self._box = Rect((box.x + box.w / 2) * wide - w / 2, (box.y + box.h / 2) * high - h / 2, w, h)
        self._looked = _cut(grey, self._box)
        self._last, self._lost = grey, 0

    @property
    def place(self) -> Rect:
        """In shares of the picture."""
        wide, high = self._size
        return self._box.scaled(1 / wide, 1 / high)

    def follow(self, grey: Grey) -> Rect | None:
        """Where it is in the next picture, None where it is not seen."""
        moved = None if self._lost else self._moved(grey)
        if moved is not None:
            moved, like = self._drawn_back(grey, moved, reach=0.06)
            if like < LIKE:
                moved = None
        if moved is None:
            found, like = self._drawn_back(grey, self._box, min(FURTHEST, NEARBY + WIDER * self._lost))
            moved = found if like > ITSELF else None
        self._last, self._lost = grey, self._lost + 1 if moved is None else 0
        if moved is None:
            return None
        self._box = moved
        return self.place

    def _moved(self, grey: Grey) -> Rect | None:
        """The box as the points on it move; None where too few agree."""
        move = agreed_move(self._last, grey, self._box)
        if move is None:
            return None
        b = self._box
        grown = float(np.clip(np.hypot(move[0, 0], move[1, 0]), 0.9, 1.1))
        x, y = move @ np.array([b.cx, b.cy, 1.0])
        w, h = max(SMALLEST, b.w * grown), max(SMALLEST, b.h * grown)
        return self._kept(Rect(x - w / 2, y - h / 2, w, h))

    def _kept(self, box: Rect) -> Rect | None:
        """The box, None where it has left the picture for the most part."""
        wide, high = self._size
        inside = (min(box.right, wide) - max(box.x, 0)) * (min(box.bottom, high) - max(box.y, 0))
        return box if 0 < inside >= 0.4 * box.w * box.h and box.w <= wide and box.h <= high else None

    def _drawn_back(self, grey: Grey, box: Rect, reach: float) -> tuple[Rect, float]:
        """The box where the thing lies most like it was drawn, within `reach` (box sizes) of it, and how like it is, -1..1."""
        like = cv2.resize(self._looked, (max(SMALLEST, round(box.w)), max(SMALLEST, round(box.h))), interpolation=cv2.INTER_AREA)
        aside, down = max(2, round(reach * box.w)), max(2, round(reach * box.h))
        around = _cut(grey, Rect(box.cx - like.shape[1] / 2 - aside, box.cy - like.shape[0] / 2 - down,
                                 like.shape[1] + 2 * aside, like.shape[0] + 2 * down))  # fmt: skip
        if min(around.shape[0] - like.shape[0], around.shape[1] - like.shape[1]) < 1 or float(like.std()) < 2.0:
            return box, 1.0 if float(like.std()) < 2.0 else -1.0
        scores = cv2.matchTemplate(around, like, cv2.TM_CCOEFF_NORMED)
        _, best, _, (left, top) = cv2.minMaxLoc(scores)
        moved = Rect(box.x + left - aside, box.y + top - down, box.w, box.h)
        return moved, float(best)


def _cut(grey: Grey, box: Rect) -> Grey:
    """A part of a picture, its edge repeated outside."""
    size = max(1, round(box.w)), max(1, round(box.h))
    return np.asarray(cv2.getRectSubPix(grey, size, (box.cx - 0.5, box.cy - 0.5)), np.uint8)


def _places(seen: Iterable[tuple[int, Rect | None]], box: BoxAt, start: int) -> tuple[BoxAt, ...]:
    """The places as few as say the same; while it is not seen the thing is where it was last."""
    rows: list[tuple[int, Rect]] = []
    lost = False
    for tick, place in seen:
        if place is None:
            lost = True
            continue
        if lost and rows:
            rows.append((tick - 1, rows[-1][1]))
        rows.append((tick, place))
        lost = False
    if not rows:
        return (BoxAt(start, box.x, box.y, box.w, box.h),)
    at = np.array([t for t, _ in rows], np.float64)
    values = np.array([(r.x, r.y, r.w, r.h) for _, r in rows])
    kept = _corners(at, values)
    return tuple(_box_at(int(at[i]), *values[i]) for i in kept)


def _box_at(tick: int, x: float, y: float, w: float, h: float) -> BoxAt:
    """A place inside the picture."""
    left, top, right, bottom = (min(1.0, max(0.0, float(v))) for v in (x, y, x + w, y + h))
    left, top = min(left, 0.999), min(top, 0.999)
    return BoxAt(tick, round(left, 5), round(top, 5), round(max(0.001, right - left), 5), round(max(0.001, bottom - top), 5))


def _corners(at: NDArray[np.float64], values: NDArray[np.float64]) -> list[int]:
    """Indices of the rows between which all others lie within `EXACT` of a line (Ramer, Douglas and Peucker, 1972-73)."""
    kept = {0, len(at) - 1}
    parts = [(0, len(at) - 1)]
    while parts:
        a, b = parts.pop()
        if b - a < 2:
            continue
        share = ((at[a + 1 : b] - at[a]) / max(1.0, at[b] - at[a]))[:, None]
        off = np.abs(values[a + 1 : b] - (values[a] + share * (values[b] - values[a]))).max(axis=1)
        worst = int(np.argmax(off))
        if off[worst] > EXACT:
            kept.add(a + 1 + worst)
            parts += [(a, a + 1 + worst), (a + 1 + worst, b)]
    return sorted(kept)
