"""Whether captions lie on a face or on writing, and whether a channel lays something over them or over a face."""

from __future__ import annotations

import functools
from collections.abc import Iterator
from typing import Final

from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.captions.clearance import clear_of
from standtall.checks.notice import Fix, Kind, Notice
from standtall.compose.composition import Composition, looked_at
from standtall.compose.producers.framing import kept_clear_of, on_frame
from standtall.framing.camera import Camera
from standtall.model.channel import Channel
from standtall.model.people import shown_name
from standtall.model.timemap import SourceTime

ON_FACE, ON_WRITING, UNDER = 0.12, 0.45, 0.5
"""Shares of a face or of a line of writing that captions cover, and of either that a channel covers, before it is told."""
COLUMN: Final = 0.86
"""Width of a card of captions, as a share of the frame."""
PORTRAIT: Final = 0.7
"""Channels lay their buttons over frames that are narrower for their height than this."""
MOST: Final = 200
FIXES: Final[dict[Kind, tuple[Fix, ...]]] = {
    "caption on a face": ("move the captions",),
    "caption on writing": ("move the captions",),
    "caption under buttons": ("move the captions",),
    "face under buttons": ("show the whole picture",),
}


def caption_notices(composition: Composition, channel: Channel) -> tuple[Notice, ...]:
    """One notice for each kind in each shot, at the first card of captions where it is so."""
    time_map = composition.time_map
    found: dict[tuple[Kind, str, int], Notice] = {}
    covered = channel.covered if composition.short.output.aspect < PORTRAIT else ()
    for number in looked_at(composition.cards, time_map, MOST):
        start, end = int(composition.cards.starts[number]), int(composition.cards.ends[number])
        at = time_map.to_source((start + min(end, time_map.length)) // 2)
        footage = composition.footage[at.source]
        people = footage.camera.people
        if not people.shots or not footage.source.has_picture:
            continue
        shown = composition.short.captions.shown
        band = caption_band(composition, composition.middles[number]) if shown else Rect(0.0, 0.0, 0.0, 0.0)
        look = functools.partial(_seen_at, footage.camera, at.tick, band, covered)
        for kind, facts in footage.camera.seen(("captions", at.tick, band, covered), look):
            key = (kind, at.source, people.shot_at(at.tick))
            found.setdefault(key, Notice(kind, facts, SourceTime(at.source, at.tick), FIXES[kind]))
    return tuple(found.values())


def caption_band(composition: Composition, middle: float | None = None) -> Rect:
    """Where cards of captions lie on the frame."""
    half = 0.75 * composition.caption_style.size
    return Rect((1 - COLUMN) / 2, (composition.caption_middle if middle is None else middle) - half, COLUMN, 2 * half)


def clear_middle(composition: Composition, channel: Channel) -> float:
    """The middle of captions (a share of the frame's height) that lies on least of all faces and writing of the short, and on
    none of what the channel covers."""
    covered = channel.covered if composition.short.output.aspect < PORTRAIT else ()
    kept_clear = [*kept_clear_of(composition.footage, composition.time_map), *(part for part in covered for _ in range(50))]
    return clear_of(kept_clear, 0.75 * composition.caption_style.size)


def _seen_at(camera: Camera, tick: int, band: Rect, covered: tuple[Rect, ...]) -> tuple[tuple[Kind, dict[str, int | str]], ...]:
    return tuple(_told_of(camera, tick, band, covered))


def _told_of(
    camera: Camera, tick: int, band: Rect, covered: tuple[Rect, ...]
) -> Iterator[tuple[Kind, dict[str, int | str]]]:  # fmt: skip
    people, view = camera.people, camera.at(tick)
    if view.layout == "whole":
        return
    for track in people.tracks_in(people.shot_at(tick)):
        box = track.at(tick)
        for cell in view.cells if box is not None else ():
            face = None if box is None else on_frame(box, cell)
            if face is None:
                continue
            name = shown_name(people.names[track.person]) if track.person < len(people.names) else tr("a person")
            if _share(face, band) > ON_FACE:
                yield "caption on a face", {"name": name}
            if any(_share(face, part) > UNDER for part in covered):
                yield "face under buttons", {"name": name}
    for text in people.seen_in(people.texts, tick, tick + 1):
        for cell in view.cells:
            writing = on_frame(text.rect, cell)
            if writing is not None and _share(writing, band) > ON_WRITING:
                yield "caption on writing", {}
    if any(_share(band, part) > UNDER for part in covered):
        yield "caption under buttons", {}


def _share(part: Rect, over: Rect) -> float:
    """How much of a part of the frame lies under something."""
    return part.common(over).area / max(1e-9, part.area)
