"""When it is looked for writing and screens in a source, and what of that is really there: what is seen again at the same
place."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Region, Shot, Track
from standtall.people.shot_changes import OVER_USUAL
from standtall.people.writing import TextDetector, screens_in

FIRST, SECOND, EVERY = (round(s * TICKS_PER_SECOND) for s in (0.7, 2.2, 10.0))
"""When it is looked after a change of picture, again, and then seldom: what is written stays."""
ANOTHER: Final = 0.16
"""Difference of structure from which a picture counts as changed."""
USUAL_OVER: Final = 12
"""Pictures over which the usual difference is taken: in a shaking picture each differs, and it would never be looked at one."""
SAME: Final = 0.4
"""Overlap of two boxes of one thing."""
WIDE: Final = 1.3
"""Width of a line over its height at least: stripes, eyes and buttons are less."""


@dataclass(frozen=True, slots=True)
class Sight:
    """What was seen at a tick: lines of writing, and screens, in shares of the picture."""

    at: int
    lines: tuple[Rect, ...]
    screens: tuple[Rect, ...]


class Sights:
    """Takes pictures in order and looks at some of them."""

    def __init__(self, detector: TextDetector) -> None:
        self._detector = detector
        self._due: list[int] = [0]
        self._usual = 0.0
        self.seen: list[Sight] = []

    def see(self, tick: int, changed: float, picture: Callable[[], NDArray[np.uint8]]) -> None:
        """Take the next picture, which differs by `changed` (0..1) from the one before; it is only made when it is looked at."""
        stands_out = changed > max(ANOTHER, OVER_USUAL * self._usual)
        self._usual += (changed - self._usual) / USUAL_OVER
        if stands_out or not self.seen:
            self._due = [tick + FIRST, tick + SECOND] if self.seen else [tick, tick + SECOND]
        if tick < self._due[0]:
            return
        self._due = self._due[1:] or [tick + EVERY]
        shown = picture()
        lines = [line for line in self._detector.lines(shown) if line.w * shown.shape[1] >= WIDE * line.h * shown.shape[0]]
        self.seen.append(Sight(tick, tuple(lines), tuple(screens_in(shown, lines))))


def regions(
    sights: list[Sight], shots: tuple[Shot, ...], tracks: tuple[Track, ...]
) -> tuple[tuple[Region, ...], tuple[Region, ...]]:
    """The writing and the screens of each shot: what was seen twice at one place, or at the only look, and is on nobody."""
    texts: list[Region] = []
    screens: list[Region] = []
    for number, shot in enumerate(shots):
        here = [s for s in sights if shot.start <= s.at < shot.end]
        people = [t for t in tracks if t.shot == number]
        texts += _lasting([(s.at, s.lines) for s in here], shot, people)
        screens += _lasting([(s.at, s.screens) for s in here], shot, [])
    return tuple(texts), tuple(screens)


def _lasting(sights: list[tuple[int, tuple[Rect, ...]]], shot: Shot, people: list[Track]) -> list[Region]:
    groups: list[list[tuple[int, Rect]]] = []
    for at, boxes in sights:
        for box in boxes:
            if any(_on_somebody(box, at, track) for track in people):
                continue
            same = next((g for g in groups if g[-1][1].overlap(box) > SAME), None)
            if same is None:
                groups.append([(at, box)])
            else:
                same.append((at, box))
    out = []
    for group in groups:
        if len(group) < min(2, len(sights)):
            continue
        times = [at for at, _ in sights]
        first, last = times.index(group[0][0]), times.index(group[-1][0])
        start = shot.start if first == 0 else (times[first - 1] + times[first]) // 2
        end = shot.end if last == len(times) - 1 else (times[last] + times[last + 1]) // 2
        x, y, w, h = (round(float(np.median([getattr(box, side) for _, box in group])), 4) for side in "xywh")
        out.append(Region(start, end, x, y, w, h))
    return out


def _on_somebody(box: Rect, at: int, track: Track) -> bool:
    """Whether a box lies on the face or the chest of somebody."""
    face = track.at(at)
    if face is None:
        return False
    body = Rect(face.x - 0.9 * face.w, face.y - 0.5 * face.h, 2.8 * face.w, 4.5 * face.h)
    across = min(box.right, body.right) - max(box.x, body.x)
    down = min(box.bottom, body.bottom) - max(box.y, body.y)
    return across > 0.6 * box.w and down > 0.6 * box.h
