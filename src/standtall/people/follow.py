"""Follows faces from picture to picture inside a shot, and remembers what each one wears."""

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

DETECT_EVERY, DETECT_OFTEN = round(2.0 * TICKS_PER_SECOND), round(0.4 * TICKS_PER_SECOND)
"""Time between two runs of the detector where all is well, and where a face was lost or nobody is seen;
the mesh carries faces in between."""
FULLY_EVERY, FULLY_OFTEN = 3, 4
"""Of so many runs one looks for small faces, too; the first in a shot always does."""
JUMP: Final = 22.0
"""Mean change of luma that counts as a new picture, so that no face is carried over a cut."""
LOST: Final = 3
BINS: Final = (12, 6, 4)


@dataclass(slots=True)
class Trail:
    """A face being followed: its samples, its colours, and how often it was missed."""

    samples: list[FaceSample] = field(default_factory=list)
    colours: list[NDArray[np.float32]] = field(default_factory=list)
    box: Rect = field(default_factory=lambda: Rect(0, 0, 1, 1))
    missed: int = 0


class FaceFollower:
    """Takes pictures in order; `trails` holds every face that was followed."""

    def __init__(self, detector: FaceDetector, mesh: FaceMesh) -> None:
        self._detector, self._mesh = detector, mesh
        self.trails: list[Trail] = []
        self._alive: list[Trail] = []
        self._detected: int | None = None
        self._glances = 0
        self._last: NDArray[np.uint8] | None = None

    def see(self, tick: int, planes: Planes) -> None:
        small = scaled(planes.y, (80, 45))
        if self._last is not None and float(cv2.absdiff(small, self._last).mean()) > JUMP:
            self._alive, self._detected = [], None
        self._last = small
        well = bool(self._alive) and not any(t.missed for t in self._alive)
        wait = DETECT_EVERY if well else DETECT_OFTEN
        due = self._detected is None or tick - self._detected >= wait
        if not self._alive and not due:
            return
        picture = to_bgr(planes)
        if due:
            fully = self._detected is None or self._glances + 1 >= (FULLY_EVERY if well else FULLY_OFTEN)
            self._glances = 0 if fully else self._glances + 1
            self._detect(picture, not fully)
            self._detected = tick
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
            trail.samples.append(FaceSample(tick, b.x / w, b.y / h, b.w / w, b.h / h, round(mesh.mouth, 4)))
            if due and len(trail.colours) < 24:
                trail.colours.append(wardrobe(picture, b))

    def _detect(self, picture: NDArray[np.uint8], glance: bool) -> None:
        found = self._detector.faces(picture, glance)
        for trail in list(self._alive):
            best = max(found, key=lambda box: box.overlap(trail.box), default=None)
            if best is not None and best.overlap(trail.box) > 0.25:
                found.remove(best)
                if trail.missed:
                    trail.box = best
        for box in found:
            if any(box.overlap(trail.box) > 0.2 for trail in self._alive):
                continue
            trail = Trail(box=box)
            self._alive.append(trail)
            self.trails.append(trail)


def wardrobe(picture: NDArray[np.uint8], face: Rect) -> NDArray[np.float32]:
    """A histogram of the colours of hair and clothes around a face: what knows a person again over cuts.

    Face vectors fail on drawn people; clothing and hair hold on drawn and on filmed ones.
    """
    h, w = picture.shape[:2]
    parts = (
        Rect(face.x - face.w * 0.1, face.y - face.h * 0.28, face.w * 1.2, face.h * 0.24),  # hair
        Rect(face.x - face.w * 0.35, face.bottom + face.h * 0.55, face.w * 1.7, face.h * 0.7),  # clothes
    )
    out = []
    for part in parts:
        x0, x1 = int(max(0, part.x)), int(min(w, part.right))
        y0, y1 = int(max(0, part.y)), int(min(h, part.bottom))
        if x1 - x0 < 4 or y1 - y0 < 4:
            out.append(np.zeros(int(np.prod(BINS)), np.float32))
            continue
        colours = cv2.cvtColor(picture[y0:y1, x0:x1], cv2.COLOR_BGR2HSV)
        counts = cv2.calcHist([colours], [0, 1, 2], None, list(BINS), [0, 180, 0, 256, 0, 256]).ravel()
        out.append((counts / max(1.0, counts.sum())).astype(np.float32))
    return np.concatenate([out[0] * 0.35, out[1] * 0.65])
