"""Versions of one moment of a short beside each other: other layouts of its shot, as the camera would frame it, other shapes."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.compose.composition import Composition, reframed
from standtall.compose.layers.frame import Frame
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.framing.camera import Camera, tried
from standtall.framing.suggest import lacking
from standtall.media.planes import Planes
from standtall.model import caption_edits, framing_edits
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.framing import LAYOUT_TITLES
from standtall.model.look import Look
from standtall.model.output import SHAPES
from standtall.model.people import People
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.session.composing import worked_out


@dataclass(frozen=True, slots=True)
class Version:
    """What it is called, and the edit that makes it; None for what is."""

    title: str
    make: Callable[[Short], Edit] | None


def layouts(shot: Segment, people: People) -> list[Version]:
    """One for each layout that a shot can have, from what was chosen by hand in it."""
    there = [layout for layout in LAYOUT_TITLES if layout not in lacking(people, shot.start)]
    return [Version(LAYOUT_TITLES[n], lambda s, x=n: framing_edits.set_layout(s, shot, x)) for n in there]  # type: ignore[misc]


def by_hand_and_not(shot: Segment) -> list[Version]:
    """The shot as it is, and as the camera would frame it."""
    return [Version(tr("As it is"), None), Version(tr("Automatic"), lambda s: framing_edits.release(s, shot))]


def shapes() -> list[Version]:
    """One for each shape."""
    return [Version(shape, lambda s, x=shape: framing_edits.set_shape(s, x)) for shape in SHAPES]  # type: ignore[misc]


def looks(there: Sequence[Look]) -> list[Version]:
    """One for each of some looks."""
    return [Version(k.title, lambda s, x=k: caption_edits.set_look(s, x)) for k in there]  # type: ignore[misc]


def painted(
    versions: list[Version], composition: Composition, source: Source, camera: Camera, tick: int, high: int
) -> Iterator[Planes]:
    """Each version at a tick of a source, `high` pixels high. Raises `MediaError` where the picture cannot be read."""
    with Assets() as assets:
        for version in versions:
            made = _made(version, composition, source, camera, tick)
            wide = max(2, round(high * made.short.output.aspect / 2) * 2)
            yield FramePainter(assets, wide, high).paint(_frame(made, source, tick))


def _made(version: Version, composition: Composition, source: Source, camera: Camera, tick: int) -> Composition:
    if version.make is None:
        return composition
    try:
        short = version.make(composition.short).short
    except NothingToDo:
        return composition
    if short.captions != composition.short.captions:
        return worked_out(short, composition.footage)
    there = tried(camera, short, source, tick)
    if short.output == composition.short.output:
        return reframed(composition, short, source.key, there)
    footage = dict(composition.footage)
    footage[source.key] = replace(footage[source.key], camera=there)
    return worked_out(short, footage)


def _frame(made: Composition, source: Source, tick: int) -> Frame:
    at = made.time_map.to_short(source.key, tick)
    if at is None:
        return made.outside(SourceTime(source.key, tick))
    return made.frame(made.frame_at(at))
