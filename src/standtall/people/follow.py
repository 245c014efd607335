"""Follows faces from picture to picture inside a shot, and remembers what each one wears.

A face that turns away is carried on as a head, as long as somebody stands there; where no face shows at all, bodies are looked
for (`people.bodies`).

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
from standtall.people.bodies import LIKELY, SURE, BodyDetector, belongs, carried, face_of
from standtall.people.face_vectors import FaceVectors, Vector
from standtall.people.faces import MESH_SURE, FaceDetector, FaceMesh, Mesh
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
SAME, AGAIN = 0.25, 0.1
"""Overlap with a face that was found from which a face that is followed is the same: one that showed, one that did not."""
MEET: Final = 0.15
"""Overlap of two faces from which they are not told apart by their places."""
COLOURS_EVERY, COLOURS = round(0.4 * TICKS_PER_SECOND), 24
"""How often the colours of a trail are looked at, and about how often at most."""
VECTORS: Final = 5
"""Vectors of a face that are taken at most before each is taken twice as seldom."""
CLEAR: Final = 1.0
"""Face widths to the next face from which colours around a face are its own."""
STANDS_EVERY: Final = TICKS_PER_SECOND
"""How often it is looked whether somebody stands where a head is carried on, and for bodies where nobody is seen."""
SOON: Final = TICKS_PER_SECOND // 5
"""The same for a head that could not be carried on."""
STRAYED: Final = 0.6
"""Face heights that a head may be from where its body says before it is put there."""
SMALLEST, MOST = 0.055, 4
"""Heads of those whose faces do not show are so high at least, as a share of the picture's height, and so many at most."""


@dataclass(slots=True)
class Trail:
    """A face being followed: its samples, its colours at some of their ticks, and how often it was missed."""

    samples: list[FaceSample] = field(default_factory=list)
    colours: list[tuple[int, NDArray[np.float32]]] = field(default_factory=list)
    vectors: list[tuple[int, Vector]] = field(default_factory=list)
    """What the face is like at some of their ticks (see `people.face_vectors`)."""
    mesh: Mesh | None = None
    """What was read last."""
    box: Rect = field(default_factory=lambda: Rect(0, 0, 1, 1))
    missed: int = 0
    hidden: bool = False
    """Whether the face does not show, so that the head is carried on."""
    astray: bool = False
    """Whether it could not be carried on into this picture: only its body says where it is."""
    stood: int = 0
    """When somebody was last seen to stand there."""
    aside: float | None = None
    """How far the middle of the face lies aside of that of the body, in the body's widths."""
    doubtful: bool = True
    """Whether the first colours were perhaps not its own: nobody else was seen yet who may have stood in them."""


class FaceFollower:
    """Takes pictures in order; `trails` holds every face that was followed."""

    def __init__(self, detector: FaceDetector, mesh: FaceMesh, bodies: BodyDetector, vectors: FaceVectors) -> None:
        self._detector, self._mesh, self._bodies, self._vectors = detector, mesh, bodies, vectors
        self.trails: list[Trail] = []
        self._alive: list[Trail] = []
        self._detected: int | None = None
        self._glances = 0
        self._searching = 0
        """Until when a face that was lost is looked for."""
        self._last: tuple[NDArray[np.uint8], NDArray[np.float32]] | None = None
        self._luma: NDArray[np.uint8] | None = None
        """That of the picture before."""
        self._looked: int | None = None
        """When bodies were last looked for."""
        self._fresh = True
        """Whether the picture has become another one since."""

    def see(self, tick: int, planes: Planes) -> None:
        if self._another(planes):
            self._alive, self._detected, self._fresh = [], None, True
        well = bool(self._alive) and not any(t.missed or t.hidden for t in self._alive)
        well = well and tick >= self._searching
        due = self._detected is None or tick - self._detected >= (DETECT_EVERY if well else DETECT_OFTEN)
        luma, before = planes.y, self._luma
        self._luma = luma
        if before is not None and before.shape != luma.shape:
            before = None  # the size of a stream may change on the way
        if not self._alive and not due:
            return
        picture = to_bgr(planes)
        if due:
            searching = tick < self._searching
            fully = searching or self._detected is None or self._glances + 1 >= (FULLY_EVERY if well else FULLY_OFTEN)
            self._glances = 0 if fully else self._glances + 1
            self._detect(picture, not fully)
            self._detected = tick
        followed = sum(not t.hidden for t in self._alive)
        self._read(tick, picture)
        self._carry(tick, picture, before, luma)
        self._part()
        if sum(not t.hidden for t in self._alive) < followed:
            self._searching = tick + SEARCH
        self._look_at_colours(tick, picture)
        self._look_at_faces(tick, picture)

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
        for trail in [t for t in self._alive if not t.hidden]:
            mesh = self._mesh.read(picture, trail.box)
            if mesh.sure < MESH_SURE or mesh.box.overlap(trail.box) < 0.2:
                trail.missed += 1
                trail.hidden = trail.missed > LOST
                continue
            trail.missed, trail.box, trail.mesh = 0, mesh.box, mesh
            b = mesh.box
            trail.samples.append(FaceSample(tick, b.x / w, b.y / h, b.w / w, b.h / h, round(mesh.mouth, 4), round(mesh.turn, 2)))

    def _carry(self, tick: int, picture: NDArray[np.uint8], before: NDArray[np.uint8] | None, luma: NDArray[np.uint8]) -> None:
        """Carry heads on whose faces do not show, as long as somebody stands there; look for bodies where nobody is seen."""
        for trail in [t for t in self._alive if t.hidden or t.missed]:
            moved = carried(before, luma, trail.box) if before is not None else None
            trail.astray = moved is None
            trail.box = moved or trail.box
        hidden = [t for t in self._alive if t.hidden]
        rest = DETECT_OFTEN if self._fresh else STANDS_EVERY  # a film that flashes is not looked through picture for picture
        nobody = not self._alive and (self._looked is None or tick - self._looked >= rest)
        if nobody or any(tick - t.stood >= (SOON if t.astray else STANDS_EVERY) for t in hidden):
            self._look_for_bodies(tick, picture)
        h, w = picture.shape[:2]
        for trail in [t for t in self._alive if t.hidden]:
            b = trail.box
            trail.samples.append(FaceSample(tick, b.x / w, b.y / h, b.w / w, b.h / h, None))

    def _look_for_bodies(self, tick: int, picture: NDArray[np.uint8]) -> None:
        """Let go of heads where nobody stands; where there is nobody at all, follow the heads of the surest bodies."""
        self._looked, self._fresh = tick, False
        nobody = not self._alive
        bodies = self._bodies.bodies(picture, SURE if nobody else LIKELY)
        for trail in sorted(self._alive, key=lambda t: t.hidden):  # who shows their face takes their body first
            theirs = [b for b in bodies if belongs(trail.box, b)]
            body = min(theirs, key=lambda b: abs(b.cx - trail.box.cx), default=None)
            if body is not None:
                bodies.remove(body)
            if trail.hidden and body is None:
                self._alive.remove(trail)
            elif trail.hidden and body is not None:
                _put_right(trail, body, tick)
        for body in bodies[:MOST] if nobody else ():
            face = face_of(body, picture.shape[0])
            if face.h >= SMALLEST * picture.shape[0]:
                self._alive.append(Trail(box=face, hidden=True, stood=tick, aside=_aside(face, body)))
                self.trails.append(self._alive[-1])

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
            if trail.missed or not trail.samples or (trail.hidden and trail.samples[0].mouth is not None):
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
                trail.colours.append((tick, wardrobe(picture, b, not trail.hidden)))

    def _look_at_faces(self, tick: int, picture: NDArray[np.uint8]) -> None:
        for trail in self._alive:
            if trail.missed or trail.hidden or trail.mesh is None:
                continue
            since = tick - trail.vectors[-1][0] if trail.vectors else COLOURS_EVERY
            if since < max(COLOURS_EVERY, (tick - trail.samples[0].at) // VECTORS):
                continue
            vector = self._vectors.vector(picture, trail.mesh)
            if vector is not None:
                trail.vectors.append((tick, vector))

    def _detect(self, picture: NDArray[np.uint8], glance: bool) -> None:
        found = self._detector.faces(picture, glance)
        for trail in sorted(self._alive, key=lambda t: t.hidden):  # nobody who shows their face loses it to who does not
            best = max(found, key=lambda box: box.overlap(trail.box), default=None)
            if best is not None and best.overlap(trail.box) > (AGAIN if trail.hidden else SAME):
                found.remove(best)
                if trail.missed or trail.hidden:
                    trail.box, trail.hidden, trail.missed = best, False, 0
        for box in found:
            if any(box.overlap(trail.box) > MEET for trail in self._alive):
                continue
            trail = Trail(box=box)
            self._alive.append(trail)
            self.trails.append(trail)


def _aside(face: Rect, body: Rect) -> float:
    """How far the middle of a face lies aside of that of its body, in the body's widths."""
    return (face.cx - body.cx) / max(1.0, body.w)


def _put_right(trail: Trail, body: Rect, tick: int) -> None:
    """Learn from a body where its head lies across, or put the head there if it has strayed; where a body begins differs from one
    look to the next by more than people rise or sink."""
    b = trail.box
    if trail.aside is None:
        trail.aside = _aside(b, body)
    x = body.cx + trail.aside * body.w
    if trail.astray or abs(x - b.cx) > STRAYED * b.h:
        trail.box = Rect(x - b.w / 2, b.y, b.w, b.h)
    trail.stood = tick
