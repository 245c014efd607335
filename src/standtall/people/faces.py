"""Faces in one picture: a detector for where they are, a mesh for their exact outline and mouth."""

from __future__ import annotations

import os
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any, Final, Protocol

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect

os.environ.setdefault("OMP_NUM_THREADS", "1")  # the detector's own threads fight with ours
cv2.setNumThreads(1)  # words are heard beside this

DETECT_WIDTH: Final = 640
GLANCE_WIDTH: Final = 320
"""A quarter of the work, for faces of 5 % of the width and more."""
SURE: Final = 0.6
MESH_SIZE: Final = 192
MESH_FILE: Final = Path(__file__).parent / "models" / "face_landmark.tflite"
MESH_SURE: Final = 0.5

FOREHEAD, CHIN, UPPER_LIP, LOWER_LIP = 10, 152, 13, 14
NOSE, LEFT, RIGHT = 1, 234, 454
EYES: Final = ((159, 145, 33, 133), (386, 374, 263, 362))
"""Upper lid, lower lid and both corners of each eye."""
"""Numbers of landmarks in the 468-point face mesh (Kartynnik et al. 2019, arXiv:1907.06724)."""


class FaceDetector(Protocol):
    """Finds faces in uint8 (height, width, 3) B'G'R'; boxes in pixels. A `glance` is quick, and passes over small ones."""

    def faces(self, picture: NDArray[np.uint8], glance: bool = False) -> list[Rect]: ...


class SmallFaceDetector:
    """The libfacedetection network of the yuface package, on a picture at most 640 wide."""

    def faces(self, picture: NDArray[np.uint8], glance: bool = False) -> list[Rect]:
        import yuface

        h, w = picture.shape[:2]
        scale = min(1.0, (GLANCE_WIDTH if glance else DETECT_WIDTH) / w)
        small = cv2.resize(picture, (round(w * scale), round(h * scale)), interpolation=cv2.INTER_AREA)
        _sure, boxes, _points = yuface.detect(np.ascontiguousarray(small), conf=SURE)
        return [Rect(*(float(v) / scale for v in box)) for box in boxes]


@dataclass(frozen=True, slots=True)
class Mesh:
    """A face outline in pixels, from hairline to chin, how far the lips are apart as a share of its height, how far it is turned,
    -1 (to the left edge of the picture) .. 1, how open the eyes are: their height over their width, and all (468, 2) `points`
    in pixels."""

    box: Rect
    mouth: float
    sure: float
    turn: float
    eyes: float = 0.3
    points: NDArray[np.float32] = field(default_factory=lambda: np.zeros((468, 2), np.float32), repr=False, compare=False)


class FaceMesh:
    """The face landmark network, run by LiteRT on one thread (a third of what OpenCV's own reader needs). Not thread safe."""

    def __init__(self) -> None:
        from ai_edge_litert.interpreter import Interpreter

        self._net: Any = Interpreter(str(MESH_FILE), num_threads=1)
        self._net.allocate_tensors()
        self._input: int = self._net.get_input_details()[0]["index"]
        sizes = {int(np.prod(out["shape"])): out["index"] for out in self._net.get_output_details()}
        self._points, self._sure = sizes[1404], sizes[1]

    def read(self, picture: NDArray[np.uint8], near: Rect) -> Mesh:
        """The mesh of the face in or around the box `near`."""
        side = 1.5 * max(near.w, near.h)
        scale = MESH_SIZE / side
        left, top = near.cx - side / 2, near.cy - side / 2
        move = np.array([[scale, 0, -left * scale], [0, scale, -top * scale]], np.float32)
        patch = cv2.warpAffine(picture, move, (MESH_SIZE, MESH_SIZE), flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        colours = cv2.cvtColor(patch, cv2.COLOR_BGR2RGB).astype(np.float32) / np.float32(255)
        self._net.set_tensor(self._input, colours[np.newaxis])
        self._net.invoke()
        sure = float(1 / (1 + np.exp(-np.clip(self._net.get_tensor(self._sure).item(), -30, 30))))
        points = self._net.get_tensor(self._points).reshape(468, 3)[:, :2] / scale + (left, top)
        x0, x1 = float(points[:, 0].min()), float(points[:, 0].max())
        y0, y1 = float(points[:, 1].min()), float(points[:, 1].max())
        tall = float(np.hypot(*(points[CHIN] - points[FOREHEAD])))
        apart = float(np.hypot(*(points[LOWER_LIP] - points[UPPER_LIP])))
        left, right, nose = (float(points[k, 0]) for k in (LEFT, RIGHT, NOSE))
        turn = float(np.clip((2 * nose - left - right) / max(1.0, abs(right - left)), -1, 1))
        open_ = [np.hypot(*(points[top] - points[low])) / max(1.0, np.hypot(*(points[a] - points[b]))) for top, low, a, b in EYES]
        return Mesh(Rect(x0, y0, x1 - x0, y1 - y0), apart / max(1.0, tall), sure, turn, float(np.mean(open_)), points)
