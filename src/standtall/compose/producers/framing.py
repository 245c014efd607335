"""Picture layers of the talk itself: a crop that fills the frame, or all of it on a backdrop."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field, replace
from typing import Final

from standtall.base.geometry import FULL, Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.footage import Footage, asset_of
from standtall.compose.layers.fill import FillLayer, colour_of
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.picture import PictureLayer
from standtall.compose.layers.shadow import ShadowLayer
from standtall.framing.camera import Camera
from standtall.framing.cells import Cell
from standtall.framing.following import head_of
from standtall.framing.spans import View
from standtall.model.framing import Bar, Punch, WholeStyle
from standtall.model.source import Source
from standtall.model.timemap import TimeMap

PUNCH: Final = 1.09
"""How much nearer a punch-in is: seen as meant, not as a jump (common practice, no source)."""
EYES: Final = 0.36
"""Where the eyes stand in the tall picture, as a share of its height."""
BLUR: Final = 5 / 240
"""Radius of the blur of a backdrop, as a share of the frame's height."""
EASE: Final = TICKS_PER_SECOND * 3 // 10
"""Time that a punch-in takes to come and to go, where it is not cut."""
DIM: Final = 0.62
"""Brightness of a backdrop."""
MOST_FACES: Final = 90
"""Moments at most at which it is looked where faces are."""


@dataclass(frozen=True, slots=True)
class FrameStyle:
    """How the frames of a short are laid out: width to height, how whole pictures are shown, what parts cells, and the files that
    backdrops are of, by path."""

    aspect: float
    whole: WholeStyle = field(default_factory=WholeStyle)
    bar: Bar = field(default_factory=Bar)
    punches: tuple[Punch, ...] = ()
    files: Mapping[str, Source] = field(default_factory=dict)


def talk_layers(footage: Footage, tick: int, style: FrameStyle, near: bool = False) -> tuple[Layer, ...]:
    """The layers that show a source at one of its ticks, as its camera frames it; a little `near`er where the cut asks for it."""
    if not footage.source.has_picture:
        return (FillLayer(),)
    view = footage.camera.at(tick)
    if view.layout == "whole":
        return _whole(footage.source, tick, style)
    asset = asset_of(footage.source)
    punch = next((p for p in style.punches if p.source == footage.source.key and p.start <= tick < p.end), None)
    if punch is not None:
        view = punched(view, footage.camera, punch, tick)
    cells = (nearer(view) if near else view).cells
    return (*(PictureLayer(asset, tick, cell.crop, cell.target) for cell in cells), *_bars(view, style))


def _bars(view: View, style: FrameStyle) -> Iterator[Layer]:
    """What parts the cells of a view: a bar over each edge at which two of them meet."""
    if style.bar.width <= 0 or len(view.cells) < 2 or view.layout == "corner":
        return
    colour, half = colour_of(style.bar.colour), style.bar.width / 2
    down = half * style.aspect  # as wide on the frame as those that stand
    targets = [cell.target for cell in view.cells]
    for y in sorted({t.y for t in targets if t.y > 0}):
        yield FillLayer(colour, target=Rect(0.0, y - down, 1.0, 2 * down))
    for t in targets:
        if t.x > 0:
            yield FillLayer(colour, target=Rect(t.x - half, t.y, 2 * half, t.h))


def punched(view: View, camera: Camera, punch: Punch, tick: int) -> View:
    """A view punched in on the face in each cell as it is in the middle of the punch-in: it stays where it is on the frame."""
    into = min(tick - punch.start, punch.end - tick) / max(1, min(EASE, (punch.end - punch.start) // 2))
    share = 1.0 if punch.ease == "cut" else min(1.0, max(0.0, into))
    size = 1 + (punch.size - 1) * share * share * (3 - 2 * share)
    middle = (punch.start + punch.end) // 2
    people = camera.people
    faces = [f for t in (people.tracks_in(people.shot_at(middle)) if people.shots else ()) if (f := t.at(middle)) is not None]

    def near(crop: Rect) -> Rect:
        inside = [f for f in faces if crop.contains(Rect(f.cx, f.cy, 0.0, 0.0))]
        face = max(inside, key=lambda f: f.h, default=None)
        x, y = (face.cx, face.cy) if face is not None else (crop.cx, crop.y + EYES * crop.h)
        return Rect(x - (x - crop.x) / size, y - (y - crop.y) / size, crop.w / size, crop.h / size)

    return replace(view, cells=tuple(Cell(near(cell.crop), cell.target) for cell in view.cells))


def nearer(view: View) -> View:
    """A small punch-in: the eyes stay about where they are. A whole picture stays so."""
    if view.layout == "whole":
        return view

    def punched(crop: Rect) -> Rect:
        w, h = crop.w / PUNCH, crop.h / PUNCH
        return Rect(crop.x + (crop.w - w) / 2, crop.y + (crop.h - h) * EYES, w, h)

    return replace(view, cells=tuple(Cell(punched(cell.crop), cell.target) for cell in view.cells))


def _whole(source: Source, tick: int, style: FrameStyle) -> tuple[Layer, ...]:
    """The whole picture, as large and where the style says, on a backdrop."""
    asset, wide, whole = asset_of(source), style.aspect * source.height / source.width, style.whole
    w, h = whole.scale, whole.scale * wide
    if h > 1 and whole.scale <= 1:  # a picture that is taller than the frame
        w, h = w / h, 1.0
    place = Rect((1 - w) / 2, (1 - h) / 2 + whole.down, w, h)
    seen = place.common(FULL)
    crop = Rect((seen.x - place.x) / w, (seen.y - place.y) / h, seen.w / w, seen.h / h)
    picture = PictureLayer(asset, tick, crop, seen, radius=whole.radius)
    if seen == FULL and whole.radius == 0:
        return (picture,)
    shadow = (ShadowLayer(seen, whole.radius, whole.shadow),) if whole.shadow > 0 else ()
    return (_backdrop(source, tick, style), *shadow, picture)


def _backdrop(source: Source, tick: int, style: FrameStyle) -> Layer:
    chosen = style.whole.backdrop
    if chosen.kind == "coloured":
        return FillLayer(colour_of(chosen.colour))
    if chosen.kind == "graded":
        return FillLayer(colour_of(chosen.colour), colour_of(chosen.lower))
    file = style.files.get(chosen.path) if chosen.kind == "picture" else None
    if file is not None:
        return PictureLayer(asset_of(file), tick % max(1, file.length), _filling(file, style.aspect))
    return PictureLayer(asset_of(source), tick, _filling(source, style.aspect), blur=BLUR, brightness=DIM)


def _filling(source: Source, aspect: float) -> Rect:
    """The largest crop of an aspect, in the middle of a picture."""
    wide = aspect * source.height / source.width
    return Rect((1 - wide) / 2, 0.0, wide, 1.0) if wide <= 1 else Rect(0.0, (1 - 1 / wide) / 2, 1.0, 1 / wide)


def kept_clear_of(footage: Mapping[str, Footage], time_map: TimeMap) -> list[Rect]:
    """Heads and lines of writing as they stand on the tall picture, twice a second (less often in a long short),
    in its shares."""
    every = max(TICKS_PER_SECOND // 2, time_map.length // MOST_FACES)
    return [seen for tick in range(0, time_map.length, every) for seen in seen_at(footage, time_map, tick)]


def seen_at(footage: Mapping[str, Footage], time_map: TimeMap, tick: int, writing: bool = True) -> list[Rect]:
    """Heads, and lines of writing if asked for, on the tall picture at a tick of the short, in its shares."""
    source, source_tick = time_map.to_source(tick)
    camera = footage[source].camera
    return camera.seen(("heads", source_tick, writing), lambda: _seen_by(camera, source_tick, writing))


def _seen_by(camera: Camera, tick: int, writing: bool) -> list[Rect]:
    people, view = camera.people, camera.at(tick)
    if view.layout == "whole" or not people.shots:
        return []
    boxes = [head_of(face) for t in people.tracks_in(people.shot_at(tick)) if (face := t.at(tick)) is not None]
    if writing:
        boxes += [text.rect for text in people.seen_in(people.texts, tick, tick + 1)]
    return [seen for box in boxes for cell in view.cells if (seen := on_frame(box, cell)) is not None]


def on_frame(rect: Rect, cell: Cell) -> Rect | None:
    """A part of the source as it stands on the frame in a cell; None where it is not in it."""
    crop, target = cell.crop, cell.target
    x, y = (rect.x - crop.x) / crop.w, (rect.y - crop.y) / crop.h
    w, h = rect.w / crop.w, rect.h / crop.h
    if x >= 1 or x + w <= 0 or y >= 1 or y + h <= 0:
        return None
    return Rect(target.x + x * target.w, target.y + y * target.h, w * target.w, h * target.h)
