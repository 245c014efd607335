"""Faces in one picture: a detector for where they are, a mesh for their exact outline and mouth."""

from __future__ import annotations

import os
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Final, Protocol

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect

os.environ.setdefault("OMP_NUM_THREADS", "1")  # the detector's own threads fight with ours
cv2.setNumThreads(1)  # the mesh on two threads costs half as much again

DETECT_WIDTH: Final = 640
SURE: Final = 0.6
MESH_SIZE: Final = 192
MESH_FILE: Final = Path(__file__).parent / "models" / "face_landmark.tflite"
MESH_SURE: Final = 0.5

FOREHEAD, CHIN, UPPER_LIP, LOWER_LIP = 10, 152, 13, 14
"""Numbers of landmarks in the 468-point face mesh (Kartynnik et al. 2019, arXiv:1907.06724)."""


class FaceDetector(Protocol):
    """Finds faces in uint8 (height, width, 3) B'G'R'; boxes in pixels."""

    def faces(self, picture: NDArray[np.uint8]) -> list[Rect]: ...


class SmallFaceDetector:
    """The libfacedetection network of the yuface package, on a picture at most 640 wide."""

    def faces(self, picture: NDArray[np.uint8]) -> list[Rect]:
        import yuface

        h, w = picture.shape[:2]
        scale = min(1.0, DETECT_WIDTH / w)
        small = cv2.resize(picture, (round(w * scale), round(h * scale)), interpolation=cv2.INTER_AREA)
        _sure, boxes, _points = yuface.detect(np.ascontiguousarray(small), conf=SURE)
        return [Rect(*(float(v) / scale for v in box)) for box in boxes]


@dataclass(frozen=True, slots=True)
class Mesh:
    """A face outline in pixels, from hairline to chin, and how far the lips are apart as a share of its height."""

    box: Rect
    mouth: float
    sure: float


class FaceMesh:
    """The face landmark network, run by OpenCV."""

    def __init__(self) -> None:
        self._net = cv2.dnn.readNetFromTFLite(str(MESH_FILE))
        self._outputs: Sequence[str] = self._net.getUnconnectedOutLayersNames()

    def read(self, picture: NDArray[np.uint8], near: Rect) -> Mesh:
        """The mesh of the face in or around the box `near`."""
        side = 1.5 * max(near.w, near.h)
        scale = MESH_SIZE / side
        left, top = near.cx - side / 2, near.cy - side / 2
        move = np.array([[scale, 0, -left * scale], [0, scale, -top * scale]], np.float32)
        patch = cv2.warpAffine(picture, move, (MESH_SIZE, MESH_SIZE), flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        blob = cv2.dnn.blobFromImage(patch, 1 / 255.0, swapRB=True)
        self._net.setInput(blob)
        results = {out.size: out.ravel() for out in self._net.forward(self._outputs)}
        sure = float(1 / (1 + np.exp(-np.clip(results[1][0], -30, 30))))
        points = results[1404].reshape(468, 3)[:, :2] / scale + (left, top)
        x0, x1 = float(points[:, 0].min()), float(points[:, 0].max())
        y0, y1 = float(points[:, 1].min()), float(points[:, 1].max())
        tall = float(np.hypot(*(points[CHIN] - points[FOREHEAD])))
        apart = float(np.hypot(*(points[LOWER_LIP] - points[UPPER_LIP])))
        return Mesh(Rect(x0, y0, x1 - x0, y1 - y0), apart / max(1.0, tall), sure)
