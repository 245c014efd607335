"""A picture as three planes: 8-bit Y'CbCr 4:2:0, BT.709, limited range (ITU-R BT.709-6)."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any, Final

import av
import cv2
import numpy as np
from av.video.frame import VideoFrame
from av.video.reformatter import ColorRange, Colorspace, Interpolation
from numpy.typing import NDArray

Plane = NDArray[np.uint8]

ONE_THREAD = 1
"""The scaler's own threads write past the end of their slices at widths that are no multiple of 16, which shows as
short dashes at the left edge (PyAV 18.1, libswscale of libav 8.1); one thread is right."""


@dataclass(frozen=True, slots=True)
class Planes:
    """`y` (height, width), `u` and `v` (height/2, width/2), uint8; y 16..235, u and v 16..240 around 128."""

    y: Plane
    u: Plane
    v: Plane

    @property
    def width(self) -> int:
        return int(self.y.shape[1])

    @property
    def height(self) -> int:
        return int(self.y.shape[0])


def plane_of(frame: VideoFrame, index: int, width: int, height: int) -> Plane:
    """A view of one plane of a decoded picture, without the padding of its rows."""
    part = frame.planes[index]
    flat: Plane = np.frombuffer(memoryview(part), np.uint8, count=part.line_size * height)
    return flat.reshape(height, part.line_size)[:, :width]


LARGE: Final = 250_000
"""Pixels from which on the codec library is quicker at means than OpenCV (1080p to 1080 x 608 in 1.7 ms, not 8 to 12), though it
has to be set up for each plane."""


def scaled(plane: Plane, size: tuple[int, int]) -> Plane:
    """A plane scaled down to (width, height), each value the mean of what it covers (to one level of 255)."""
    if plane.size < LARGE or size[0] > plane.shape[1] or size[1] > plane.shape[0] or plane.strides[1] != 1:
        return np.asarray(cv2.resize(plane, size, interpolation=cv2.INTER_AREA), np.uint8)
    given = av.VideoFrame.from_numpy_buffer(plane, format="gray")
    made = given.reformat(width=size[0], height=size[1], interpolation=Interpolation.AREA, threads=ONE_THREAD)
    return plane_of(made, 0, *size)


def lowered(planes: Planes, lines: int) -> Planes:
    """A copy of a picture with so many lines at most, its proportions kept and its sides even."""
    factor = min(1.0, lines / planes.height)
    if factor == 1.0:
        return Planes(planes.y.copy(), planes.u.copy(), planes.v.copy())
    w, h = (max(2, round(side * factor / 2) * 2) for side in (planes.width, planes.height))
    return Planes(scaled(planes.y, (w, h)), scaled(planes.u, (w // 2, h // 2)), scaled(planes.v, (w // 2, h // 2)))


def turned(plane: Plane, rotation: int) -> Plane:
    """A plane turned clockwise by 0, 90, 180 or 270 degrees."""
    return np.ascontiguousarray(np.rot90(plane, -(rotation // 90))) if rotation else plane


def to_frame(planes: Planes) -> VideoFrame:
    """Planes as a picture for the encoder, tagged BT.709 limited range."""
    frame = VideoFrame(planes.width, planes.height, "yuv420p")
    put(planes, frame)
    frame.colorspace = Colorspace.ITU709
    frame.color_range = ColorRange.MPEG
    return frame


def put(planes: Planes, frame: VideoFrame) -> None:
    """Write planes into a picture of their size."""
    for target, data in zip(frame.planes, (planes.y, planes.u, planes.v), strict=True):
        rows: Any = np.frombuffer(memoryview(target), np.uint8).reshape(data.shape[0], target.line_size)
        rows[:, : data.shape[1]] = data


def from_rgb(picture: NDArray[np.uint8]) -> Planes:
    """uint8 (height, width, 3) R'G'B' full range to planes; width and height must be even."""
    frame = av.VideoFrame.from_ndarray(np.ascontiguousarray(picture), format="rgb24")
    out = frame.reformat(
        threads=ONE_THREAD,
        format="yuv420p",
        src_colorspace=Colorspace.ITU709,
        dst_colorspace=Colorspace.ITU709,
        src_color_range=ColorRange.JPEG,
        dst_color_range=ColorRange.MPEG,
    )
    h, w = picture.shape[:2]
    return Planes(plane_of(out, 0, w, h).copy(), plane_of(out, 1, w // 2, h // 2).copy(), plane_of(out, 2, w // 2, h // 2).copy())


def to_bgr(planes: Planes) -> NDArray[np.uint8]:
    """Planes as uint8 (height, width, 3) B'G'R' full range, for detectors."""
    return _rgb(planes, "bgr24", 3)


def to_bgrx(planes: Planes) -> NDArray[np.uint8]:
    """Planes as uint8 (height, width, 4) in the byte order that screens paint fastest."""
    return _rgb(planes, "bgra", 4)


def _rgb(planes: Planes, name: str, depth: int) -> NDArray[np.uint8]:
    w, spare = planes.width, -planes.width % 32  # the scaler leaves out the last columns of some odd widths
    if spare:
        wider = ((planes.y, spare), (planes.u, spare // 2), (planes.v, spare // 2))
        planes = Planes(*(np.pad(p, ((0, 0), (0, more)), mode="edge") for p, more in wider))
    out = to_frame(planes).reformat(
        threads=ONE_THREAD,
        format=name,
        src_colorspace=Colorspace.ITU709,
        dst_colorspace=Colorspace.ITU709,
        src_color_range=ColorRange.MPEG,
        dst_color_range=ColorRange.JPEG,
    )
    part = out.planes[0]
    rows: NDArray[np.uint8] = np.frombuffer(memoryview(part), np.uint8).reshape(planes.height, part.line_size)
    return rows[:, : planes.width * depth].reshape(planes.height, planes.width, depth)[:, :w].copy()
