"""Who a face is, as a vector: faces of one person lie near each other, those of two far apart.

The network was taught on photographs (King, "High quality face recognition with deep metric learning", dlib 2017; a ResNet after
He et al. 2016, see `tools/picture_models.py`). Of drawn faces it tells nothing, two people lying as near as one: a face that is
too even to be filmed has no vector.
"""

from __future__ import annotations

from typing import Any, Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.people.faces import Mesh
from standtall.people.networks import network

Vector = NDArray[np.float32]

SIZE, ROOM = 150, 0.25
"""Width and height of a face as the network sees it, and the room around its corners in shares of their square."""
CORNERS: Final = (
    (0.8595674595992, 0.2134981538014),
    (0.6460604764104, 0.2289674387677),
    (0.1205750620789, 0.2137274526848),
    (0.3340850613712, 0.2290642403242),
    (0.4901123135679, 0.6277975316475),
)
"""Where the outer and inner corners of both eyes, right one first, and the foot of the nose lie in the square of a face (dlib's
mean face of five points, from memory)."""
LANDMARKS: Final = (263, 362, 33, 133, 2)
"""The same in the face mesh."""
FRONTAL, LEAST = 0.35, 40
"""A face that is turned more, or is narrower (pixels), says little."""
EVEN, DRAWN = 2.0, 0.18
"""Standard deviation of luma under which a block of 8 x 8 pixels is even, and the share of such blocks from which a face is
drawn: of faces of the demo and the scenes to tune on 19 of 20 had over .27, of filmed clips out of packages under .11."""
SAME, OTHER = 0.42, 0.62
"""Distance of two vectors under which they may be of one person, and from which they are of two. The network's author gives 0.6
for both; filmed pictures out of packages had one person at most 0.61 from themselves and two at least 0.50."""


class FaceVectors:
    """Reads vectors of faces; one thread. Not thread safe."""

    def __init__(self) -> None:
        self._net: Any = network("face_vector")
        square = (np.array(CORNERS, np.float32) + ROOM) / (1 + 2 * ROOM)
        self._corners = square * SIZE

    def vector(self, picture: NDArray[np.uint8], mesh: Mesh) -> Vector | None:
        """float32 (128,) of a face in uint8 (height, width, 3) B'G'R'; None where it is turned away, small or drawn, or its
        points lie on one line."""
        if abs(mesh.turn) > FRONTAL or mesh.box.w < LEAST:
            return None
        points = mesh.points[list(LANDMARKS)].astype(np.float32)
        move, _ = cv2.estimateAffinePartial2D(points, self._corners, method=cv2.LMEDS)
        if move is None:
            return None
        seen = np.asarray(cv2.warpAffine(picture, move, (SIZE, SIZE)), np.uint8)
        if evenness(seen) > DRAWN:
            return None
        face = cv2.cvtColor(seen, cv2.COLOR_BGR2RGB)
        out: Vector = self._net.run(None, {"faces": face.astype(np.float32).transpose(2, 0, 1)[None]})[0][0]
        return out


def evenness(face: NDArray[np.uint8]) -> float:
    """The share of even blocks in the middle of a face as the network sees it, 0..1."""
    grey = cv2.cvtColor(face, cv2.COLOR_BGR2GRAY)[19:131, 19:131].reshape(14, 8, 14, 8)
    return float((grey.std(axis=(1, 3)) < EVEN).mean())


def apart(a: NDArray[np.floating], b: NDArray[np.floating]) -> float:
    """The distance of two vectors, 0 equal .. about 1.2."""
    return float(np.linalg.norm(a - b))
