"""Follows faces from picture to picture inside a shot, and remembers what each one wears.

Two faces that meet in the picture are let go: which of them is seen while one covers the other, and who comes out on which side,
is told afterwards from hair, skin and clothes (`people.reidentify`), never from places alone.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Planes, scaled, to_bgr
from standtall.model.people import FaceSample
from standtall.people.faces import MESH_SURE, FaceDetector, FaceMesh
from standtall.people.shot_changes import difference, structure
from standtall.people.wardrobe import wardrobe

DETECT_EVERY, DETECT_OFTEN = round(2.0 * TICKS_PER_SECOND), round(0.4 * TICKS_PER_SECOND)
"""Time between two runs of the detector where all is well, and where a face was lost or nobody is seen;
the mesh carries faces in between."""
FULLY_EVERY, FULLY_OFTEN = 3, 4
"""Of so many runs one looks for small faces, too; the first in a shot always does."""
SEARCH: Final = 3 * TICKS_PER_SECOND
"""How long a face that was lost is looked for, small ones too, at every run of the detector."""
ANOTHER, JUMP = 0.4, 22.0
"""Difference of structure 0..1, and mean change of luma, that count as another picture, so that no face is carried over a cut."""
LOST: Final = 3
MEET: Final = 0.15
"""Overlap of two faces from which they are not told apart by their places."""
COLOURS_EVERY, COLOURS = round(0.4 * TICKS_PER_SECOND), 24
"""How often the colours of a trail are looked at, and about how often at most."""
CLEAR: Final = 1.0
"""Face widths to the next face from which colours around a face are its own."""


@dataclass(slots=True)
class Trail:
    """A face being followed: its samples, its colours at some of their ticks, and how often it was missed."""

    samples: list[FaceSample] = field(default_factory=list)
    colours: list[tuple[int, NDArray[np.float32]]] = field(default_factory=list)
    box: Rect = field(default_factory=lambda: Rect(0, 0, 1, 1))
    missed: int = 0
    doubtful: bool = True
    """Whether the first colours were perhaps not its own: nobody else was seen yet who may have stood in them."""


class FaceFollower:
    """Takes pictures in order; `trails` holds every face that was followed."""

    def __init__(self, detector: FaceDetector, mesh: FaceMesh) -> None:
        self._detector, self._mesh = detector, mesh
        self.trails: list[Trail] = []
        self._alive: list[Trail] = []
        self._detected: int | None = None
        self._glances = 0
        self._searching = 0
        """Until when a face that was lost is looked for."""
        self._last: tuple[NDArray[np.uint8], NDArray[np.float32]] | None = None

    def see(self, tick: int, planes: Planes) -> None:
        if self._another(planes):
            self._alive, self._detected = [], None
        well = bool(self._alive) and not any(t.missed for t in self._alive)
        well = well and tick >= self._searching
        due = self._detected is None or tick - self._detected >= (DETECT_EVERY if well else DETECT_OFTEN)
        if not self._alive and not due:
            return
        picture = to_bgr(planes)
        if due:
            searching = tick < self._searching
            fully = searching or self._detected is None or self._glances + 1 >= (FULLY_EVERY if well else FULLY_OFTEN)
            self._glances = 0 if fully else self._glances + 1
            self._detect(picture, not fully)
            self._detected = tick
        followed = len(self._alive)
        self._read(tick, picture)
        self._part()
        if len(self._alive) < followed:
            self._searching = tick + SEARCH
        self._look_at_colours(tick, picture)

    def _another(self, planes: Planes) -> bool:
        """Whether this is quite another picture than the one before."""
        small = scaled(planes.y, (80, 45))
        shape = structure(small).astype(np.float32)
        last, self._last = self._last, (small, shape)
        if last is None:
            return False
        return float(cv2.absdiff(small, last[0]).mean()) > JUMP or float(difference(shape, last[1])) > ANOTHER

    def _read(self, tick: int, picture: NDArray[np.uint8]) -> None:
        h, w = picture.shape[:2]
        for trail in list(self._alive):
            mesh = self._mesh.read(picture, trail.box)
            if mesh.sure < MESH_SURE or mesh.box.overlap(trail.box) < 0.2:
                trail.missed += 1
                if trail.missed > LOST:
                    self._alive.remove(trail)
                continue
            trail.missed, trail.box = 0, mesh.box
            b = mesh.box
            trail.samples.append(FaceSample(tick, b.x / w, b.y / h, b.w / w, b.h / h, round(mesh.mouth, 4), round(mesh.turn, 2)))

    def _part(self) -> None:
        """Let go of faces that meet; the detector soon finds those that are seen."""
        for trail in list(self._alive):
            if any(other is not trail and trail.box.overlap(other.box) > MEET for other in self._alive):
                met = [t for t in self._alive if t is trail or trail.box.overlap(t.box) > MEET]
                for one in met:
                    self._alive.remove(one)
                    if one.samples:
                        one.samples.pop()

    def _look_at_colours(self, tick: int, picture: NDArray[np.uint8]) -> None:
        for trail in self._alive:
            if trail.missed or not trail.samples:
                continue
            since = tick - trail.colours[-1][0] if trail.colours else tick
            if since < max(COLOURS_EVERY, (tick - trail.samples[0].at) // COLOURS):
                continue
            b = trail.box
            others = [t.box for t in self._alive if t is not trail]
            alone = all(max(o.x - b.right, b.x - o.right) > CLEAR * min(b.w, o.w) for o in others)
            if alone or not trail.colours:
                if alone and others and trail.doubtful and len(trail.colours) == 1:
                    trail.colours.clear()
                    trail.doubtful = False
                trail.colours.append((tick, wardrobe(picture, b)))

    def _detect(self, picture: NDArray[np.uint8], glance: bool) -> None:
        found = self._detector.faces(picture, glance)
        for trail in list(self._alive):
            best = max(found, key=lambda box: box.overlap(trail.box), default=None)
            if best is not None and best.overlap(trail.box) > 0.25:
                found.remove(best)
                if trail.missed:
                    trail.box = best
        for box in found:
            if any(box.overlap(trail.box) > MEET for trail in self._alive):
                continue
            trail = Trail(box=box)
            self._alive.append(trail)
            self.trails.append(trail)
