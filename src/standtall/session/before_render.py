"""The check list of what is to be rendered: everything that somebody should look at first, short by short."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from pathlib import Path

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.checks.captions import caption_notices
from standtall.checks.extras import extra_notices
from standtall.checks.framing import framing_notices
from standtall.checks.length import too_long
from standtall.checks.missing_files import files_missing
from standtall.checks.notice import Kind, Notice
from standtall.checks.readiness import font_notices, sound_notices, word_notices
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.framing.camera import plan
from standtall.ink.fonts import load_fonts
from standtall.jobs.requests import RenderRequest
from standtall.library.finding import whereabouts
from standtall.model.channel import Channel, channel_named
from standtall.model.source import Source
from standtall.model.timemap import SourceTime
from standtall.session.composing import worked_out
from standtall.session.covers import TITLE, titled
from standtall.session.look_behind import hard_to_read, legibility
from standtall.session.render_many import disk_of, needed_bytes


@dataclass(frozen=True, slots=True)
class Checked:
    """What was found in what a request would render."""

    request: RenderRequest
    notices: tuple[Notice, ...]


def composition_of(request: RenderRequest) -> Composition:
    """What a request would render, worked out."""
    footage = {
        f.source.key: Footage(f.source, f.analysis, plan(request.short, f.source, f.analysis.people)) for f in request.footage
    }
    return worked_out(request.short, footage, request.look)


def checked(
    requests: Sequence[RenderRequest], channels: Sequence[Channel], waived: Collection[str], progress: Progress
) -> tuple[Checked, ...]:
    """Check each request; kinds that are `waived` are left out. One that cannot be read is told of in its own notices."""
    out = []
    states: dict[str, Notice | None] = {}
    for number, request in enumerate(requests):
        progress.report("checking", number / len(requests))
        found: list[Notice] = []
        for footage in request.footage:
            key = footage.source.key
            if key not in states:
                states[key] = _state(footage.source)
            if (notice := states[key]) is not None:
                found.append(notice)
        if not found:
            found = _found(request, channel_named(channels, request.short.channel), progress)
        out.append(Checked(request, tuple(n for n in found if n.kind not in waived)))
    if "disk too small" in waived:
        return tuple(out)
    rooms = without_room([row.request for row in out])
    return tuple(row if n is None else replace(row, notices=(n, *row.notices)) for row, n in zip(out, rooms, strict=True))


def without_room(requests: Sequence[RenderRequest]) -> list[Notice | None]:
    """A notice for each request from which on the disk of its folder has no room, as they are rendered in order."""
    need: dict[int, int] = {}
    out: list[Notice | None] = []
    for request in requests:
        disk, free = disk_of(Path(request.out).parent)
        need[disk] = need.get(disk, 0) + needed_bytes(request)
        facts = {"free": free // 1_000_000, "need": need[disk] // 1_000_000 + 1}
        out.append(Notice("disk too small", facts, None, ()) if need[disk] > free else None)
    return out


def _title_notices(composition: Composition, channel: Channel) -> tuple[Notice, ...]:
    """The title of its cover, where it reaches out of the frame or lies under a channel's buttons."""
    cover = composition.short.cover
    if cover is None or not cover.title.strip() or composition.time_map.to_short(cover.source, cover.tick) is None:
        return ()
    place = SourceTime(cover.source, cover.tick)
    how = {"extra out of frame": tr("reaches out of it"), "extra under buttons": tr("lies where the channel has its buttons")}
    found = [n for n in extra_notices(titled(composition, cover), channel) if n.facts.get("extra") == TITLE]
    return tuple(Notice("title cut", {"how": how[n.kind]}, place, ()) for n in found if n.kind in how)


def _state(source: Source) -> Notice | None:
    state = whereabouts(source).state
    if state not in ("missing", "changed"):
        return None
    kind: Kind = "source changed" if state == "changed" else "source missing"
    return Notice(kind, {"name": source.name}, None, ())


def _found(request: RenderRequest, channel: Channel, progress: Progress) -> list[Notice]:
    composition = composition_of(request)
    found = [
        *([over] if (over := too_long(request.short, channel)) is not None else []),
        *files_missing(composition),
        *word_notices(composition),
        *font_notices(composition, load_fonts()),
        *framing_notices(composition),
        *(caption_notices(composition, channel) if request.short.captions.shown else ()),
        *extra_notices(composition, channel),
        *_title_notices(composition, channel),
    ]
    try:
        found += sound_notices(composition)
        if composition.cards and request.short.captions.shown and not request.form.sound_alone:
            found += hard_to_read(composition, legibility(composition, {}, progress))[:3]
    except MediaError as error:
        found.append(Notice("source missing", {"name": str(error)}, None, ()))
    return found
