"""Covers: frames of a short that could stand for it, and the picture that is made of one."""

from __future__ import annotations

import math
import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import NothingToDo, OutputError
from standtall.base.files import write_whole
from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.compose.layers.bar import BarLayer
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.frame import Frame
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.framing.camera import plan
from standtall.media.planes import Planes, to_bgr
from standtall.model.channel import Channel
from standtall.model.cover import Cover
from standtall.model.extras import PictureExtra, TextExtra
from standtall.model.timemap import SourceTime
from standtall.people.faces import FaceMesh, Mesh, SmallFaceDetector
from standtall.session.composing import worked_out

LOOKED_AT: Final = 40
"""Moments of a short that are looked at, evenly spread."""
WIDE: Final = 360
"""Pixels across at which they are looked at."""
APART: Final = 0.06
"""Two proposals are at least this share of the short apart."""
HEAD_ROOM: Final = 0.22
"""Share of the height above a face that a headline needs."""
OPEN_EYES, SHUT_MOUTH, LARGE_FACE = 0.2, 0.03, 0.28
"""Height over width of an eye that is open; gap of lips that are together, and height of a face that is large, as shares of the
face's and of the frame's height (the first after Soukupova and Cech 2016, 21st Computer Vision Winter Workshop; the others common
practice, no source)."""
USUAL_DETAIL: Final = 60.0
"""Of a face that is neither sharp nor soft, at the width at which it is looked at (judged on the demo)."""
SHAPES_NEAR: Final = 1.3
"""A picture of another shape is cut at its edges up to this ratio of the shapes; beyond it too much would be lost."""
QUALITY: Final = 92
"""Of JPEG."""
TITLE: Final = 10_000
"""Number of the text that a title is: no short has as many."""

Picture = NDArray[np.uint8]


@dataclass(frozen=True, slots=True)
class ProposedCover:
    """A frame of the short, what speaks for it in words, its rating, and the picture, uint8 (height, width, 3) B'G'R'."""

    at: SourceTime
    rating: float
    reasons: tuple[str, ...]
    picture: Picture


def bare(frame: Frame) -> Frame:
    """A frame without captions and progress bar."""
    return replace(frame, layers=tuple(k for k in frame.layers if not isinstance(k, CaptionLayer | BarLayer)))


def proposed_covers(composition: Composition, count: int, progress: Progress) -> tuple[ProposedCover, ...]:
    """The best frames of a short for its cover, best first, apart from each other in time. Raises `MediaError` for footage that
    cannot be read."""
    small = _small(composition)
    detector, mesh = SmallFaceDetector(), FaceMesh()
    found: list[tuple[float, int, tuple[str, ...], Picture]] = []
    with Assets(rate=composition.short.output.fps) as assets:
        painter = FramePainter(assets, small.short.output.width, small.short.output.height)
        places = np.unique(np.linspace(small.lead, max(small.lead, small.frames - 2), LOOKED_AT).astype(int))
        for n, number in enumerate(places.tolist()):
            progress.report("covers", n / len(places))
            picture = to_bgr(painter.paint(bare(small.frame(number))))
            rating, reasons = rated(picture, detector.faces(picture), lambda box, p=picture: mesh.read(p, box))  # type: ignore[misc]
            found.append((rating, number, reasons, picture))
    found.sort(key=lambda f: -f[0])
    chosen: list[tuple[float, int, tuple[str, ...], Picture]] = []
    for one in found:
        if len(chosen) < count and all(abs(one[1] - other[1]) >= APART * small.frames for other in chosen):
            chosen.append(one)
    return tuple(ProposedCover(small.heard_in(number), rating, reasons, picture) for rating, number, reasons, picture in chosen)


def rated(picture: Picture, faces: list[Rect], read: Callable[[Rect], Mesh]) -> tuple[float, tuple[str, ...]]:
    """How well a picture would do as a cover, 0..1, and what speaks for it."""
    high = picture.shape[0]
    grey = np.asarray(cv2.cvtColor(picture, cv2.COLOR_BGR2GRAY), np.uint8)
    if not faces:
        sharp = sharpness(grey)
        return 0.25 * sharp, (tr("sharp"),) if sharp > 0.6 else ()
    face = max(faces, key=lambda f: f.area)
    seen = read(face)
    x0, y0 = max(0, int(face.x)), max(0, int(face.y))
    sharp = sharpness(grey[y0 : int(face.bottom) + 1, x0 : int(face.right) + 1])
    parts = (
        (0.25, sharp, tr("sharp")),
        (0.25, min(1.0, seen.eyes / OPEN_EYES) ** 2, tr("eyes open")),
        (0.2, min(1.0, face.h / (LARGE_FACE * high)), tr("face large")),
        (0.15, 1.0 if seen.mouth < SHUT_MOUTH else max(0.0, 1 - (seen.mouth - SHUT_MOUTH) / 0.1), tr("not mid-word")),
        (0.1, min(1.0, max(0.0, face.y / high) / HEAD_ROOM), tr("room for a headline")),
        (0.05, 1 - abs(seen.turn), tr("looks this way")),
    )
    return sum(weight * value for weight, value, _told in parts), tuple(told for _w, value, told in parts if value > 0.75)


def sharpness(grey: Picture) -> float:
    """0..1: how much finest detail there is (variance of the Laplacian: Pech-Pacheco et al. 2000, ICPR 15)."""
    if grey.size == 0:
        return 0.0
    detail = float(cv2.Laplacian(grey, cv2.CV_32F).var())
    return detail / (detail + USUAL_DETAIL)


def cover_picture(composition: Composition, cover: Cover) -> Picture:
    """The cover at the size of the short, uint8 (height, width, 3) B'G'R'. Raises `NothingToDo` where its moment was cut out."""
    tick = composition.time_map.to_short(cover.source, cover.tick)
    if tick is None:
        raise NothingToDo(tr("The moment of the cover is not in the short any more."), tr("Choose another cover."))
    made = titled(composition, cover)
    with Assets(rate=made.short.output.fps) as assets:
        painter = FramePainter(assets, made.short.output.width, made.short.output.height)
        frame = bare(made.frame(made.frame_at(tick)))
        if cover.near == 1.0:
            return to_bgr(painter.paint(frame))
        over = tuple(k for k in frame.layers if k in made.extras.over(made.frame_at(tick), tick))
        ground = replace(frame, layers=tuple(k for k in frame.layers if k not in over))
        near = _nearer(painter.paint(ground), cover)
        return to_bgr(_laid_over(near, painter, over, frame))


def titled(composition: Composition, cover: Cover) -> Composition:
    """The short with its pictures and, of all its texts, only the title of the cover."""
    short = composition.short
    items = [e for e in short.extras.items if isinstance(e, PictureExtra)]
    if cover.title.strip():
        items.append(TextExtra(TITLE, cover.title, headline=True, down=cover.down))  # type: ignore[arg-type]
    return worked_out(replace(short, extras=replace(short.extras, items=tuple(items))), composition.footage)


def in_size(composition: Composition, width: int, height: int) -> Composition:
    """The short framed anew in another size, and shape."""
    short = composition.short
    if (short.output.width, short.output.height) == (width, height):
        return composition
    other = replace(short, output=replace(short.output, width=width, height=height))
    footage = {
        key: Footage(f.source, f.analysis, plan(other, f.source, f.analysis.people)) for key, f in composition.footage.items()
    }
    return worked_out(other, footage)


def write_for_channels(
    composition: Composition, cover: Cover, channels: Sequence[Channel], folder: Path, progress: Progress
) -> tuple[Path, ...]:
    """Write the cover as PNG and JPEG for each channel, in the size that it has there; -> the files. Raises `NothingToDo` where
    its moment was cut out, `OutputError` where a file cannot be written."""
    out = []
    plain = re.sub(r"[^\w\- ']+", "", composition.short.name).strip()[:80] or "short"
    for number, channel in enumerate(channels):
        progress.report("covers", number / len(channels))
        picture = cover_picture(in_size(composition, channel.cover_width, channel.cover_height), cover)
        for ending in (".png", ".jpg"):
            path = folder / f"{plain} cover {channel.name}{ending}"
            write_cover(picture, path)
            out.append(path)
    return tuple(out)


def _nearer(planes: Planes, cover: Cover) -> Planes:
    """A picture enlarged around a point."""
    w, h = planes.width, planes.height
    cut_w, cut_h = (max(2, round(side / cover.near / 2) * 2) for side in (w, h))
    x = min(max(0, round(cover.across * w - cut_w / 2)), w - cut_w) // 2 * 2
    y = min(max(0, round(cover.point_down * h - cut_h / 2)), h - cut_h) // 2 * 2

    def part(plane: Picture, half: int, size: tuple[int, int]) -> Picture:
        crop = plane[y // half : (y + cut_h) // half, x // half : (x + cut_w) // half]
        return np.asarray(cv2.resize(crop, size, interpolation=cv2.INTER_CUBIC), np.uint8)

    return Planes(part(planes.y, 1, (w, h)), part(planes.u, 2, (w // 2, h // 2)), part(planes.v, 2, (w // 2, h // 2)))


def _laid_over(ground: Planes, painter: FramePainter, over: tuple[object, ...], frame: Frame) -> Planes:
    """What lies on the frame, laid on another ground: where it changes the frame, it changes the ground."""
    plain = painter.paint(replace(frame, layers=tuple(k for k in frame.layers if k not in over)))
    plain = Planes(plain.y.copy(), plain.u.copy(), plain.v.copy())
    with_it = painter.paint(frame)
    parts = []
    for below, a, b in zip(
        (ground.y, ground.u, ground.v), (plain.y, plain.u, plain.v), (with_it.y, with_it.u, with_it.v), strict=True
    ):
        changed = cv2.dilate((np.abs(a.astype(np.int16) - b) > 1).astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
        parts.append(np.where(changed, b, below).astype(np.uint8))
    return Planes(*parts)


def _small(composition: Composition) -> Composition:
    output = composition.short.output
    wide = min(WIDE, output.width)
    small = replace(output, width=wide // 2 * 2, height=round(wide * output.height / output.width / 2) * 2)
    extras = replace(
        composition.short.extras, items=tuple(e for e in composition.short.extras.items if isinstance(e, PictureExtra))
    )
    return worked_out(replace(composition.short, output=small, extras=extras), composition.footage)


def fitted(picture: Picture, width: int, height: int) -> Picture:
    """A cover in another size, uint8 (height, width, 3): cut at its edges where the shapes are near, else whole on a soft
    copy."""
    rows, columns = picture.shape[:2]
    filled, whole = max(width / columns, height / rows), min(width / columns, height / rows)
    ground = _middle(_scaled(picture, filled), width, height)
    if filled <= SHAPES_NEAR * whole:
        return ground
    ground = np.asarray(cv2.GaussianBlur(ground, (0, 0), width / 40) * 0.6, np.uint8)
    inner = _middle(_scaled(picture, whole), min(width, round(columns * whole)), min(height, round(rows * whole)))
    y, x = (height - inner.shape[0]) // 2, (width - inner.shape[1]) // 2
    ground[y : y + inner.shape[0], x : x + inner.shape[1]] = inner
    return ground


def _scaled(picture: Picture, factor: float) -> Picture:
    size = max(1, math.ceil(picture.shape[1] * factor)), max(1, math.ceil(picture.shape[0] * factor))
    return np.asarray(cv2.resize(picture, size, interpolation=cv2.INTER_AREA if factor < 1 else cv2.INTER_CUBIC), np.uint8)


def _middle(picture: Picture, width: int, height: int) -> Picture:
    y, x = (picture.shape[0] - height) // 2, (picture.shape[1] - width) // 2
    return picture[y : y + height, x : x + width].copy()


def jpeg_of(picture: Picture) -> bytes:
    return _coded(picture, ".jpg", [cv2.IMWRITE_JPEG_QUALITY, QUALITY])


def write_cover(picture: Picture, path: Path) -> None:
    """Write a cover as PNG or JPEG, by the ending of the file."""
    ending = path.suffix.lower()
    if ending not in (".png", ".jpg", ".jpeg"):
        raise OutputError(
            tr("A cover is written as .png or .jpg, not {ending}.", ending=ending or tr("without an ending")),
            tr("Give it another name."),
        )
    write_whole(path, jpeg_of(picture) if ending != ".png" else _coded(picture, ".png", []))


def _coded(picture: Picture, ending: str, options: list[int]) -> bytes:
    done, data = cv2.imencode(ending, picture, options)
    if not done:
        raise OutputError(tr("The cover could not be encoded."), tr("Choose another size."))
    return bytes(data.tobytes())
