"""Cuts and markers of other programs put on the footage that is here: by content, by name, by reel, by timecode."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path, PurePosixPath, PureWindowsPath
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.base.timecode import usual_rate
from standtall.cutting.cut_points import SHORTEST
from standtall.exchange.edl import read_edl, reels_of
from standtall.exchange.markers import read_markers
from standtall.exchange.otio import read_otio
from standtall.model.cut import Segment
from standtall.model.cut_list import CutClip, CutFile, CutList, Incoming, IncomingClip, IncomingMarker
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.cuts_out import file_of

ENDINGS: Final = (".otio", ".edl", ".csv")
MOST_SHORTS: Final = 200
AFTER_MARK: Final = 30 * TICKS_PER_SECOND
"""How long a short is at most that a marker without a length begins (common practice, no source)."""
OVER: Final = Fraction(1, 10)
"""Seconds by which a clip may reach over the end of its file: programs round lengths up."""


@dataclass(frozen=True, slots=True)
class BroughtIn:
    """The shorts that a file of another program makes here, and in sentences what could not be taken."""

    name: str
    shorts: tuple[Short, ...]
    left_out: tuple[str, ...]


def read_cut(path: Path, rate: Fraction) -> Incoming:
    """What a file holds; `rate` is that of its timecode, for formats that do not say. Raises `NothingToDo` where it cannot be
    read."""
    ending = path.suffix.lower()
    if ending == ".otio":
        return read_otio(path)
    if ending == ".edl":
        return read_edl(path, rate)
    if ending == ".csv":
        return read_markers(path, rate)
    raise NothingToDo(
        tr("{name} is no cut that can be read.", name=path.name),
        tr("Choose a file that ends in {these}.", these=", ".join(ENDINGS)),
    )


def brought_in(incoming: Incoming, sources: Sequence[Source]) -> BroughtIn:
    """Put what was read on the footage that is here: the clips become one short, markers of footage a short each. Raises
    `NothingToDo` where nothing of it can be used."""
    left_out = list(incoming.left_out)
    files = [file_of(s) for s in sources]
    reels = reels_of(CutList("", Fraction(25), 0, 0, tuple(CutClip(f, 0, f.length) for f in files)))
    segments: list[Segment] = []
    for clip in incoming.clips:
        file = _file(clip, files, reels)
        if file is None:
            left_out.append(tr("“{name}”: its footage ({told}) is not in this project.", name=clip.name, told=_told(clip)))
            continue
        segment = _segment(clip, file, left_out)
        if segment is None:
            continue
        if any(segment.overlaps(s) for s in segments):
            left_out.append(
                tr("“{name}”: a short holds each moment of footage once, and this one is in it already.", name=clip.name)
            )
            continue
        segments.append(segment)
    shorts = [Short.of(incoming.name[:80] or tr("A cut"), segments)] if segments else []
    if not incoming.clips:
        shorts += _marked(incoming.markers, files, left_out)
    elif incoming.markers:
        left_out.append(tr("{markers} markers of the cut are not taken over.", markers=len(incoming.markers)))
    if not shorts:
        raise NothingToDo(tr("Nothing of it can be used here."), left_out[0] if left_out else tr("Add its footage first."))
    return BroughtIn(incoming.name, tuple(shorts), tuple(left_out))


def _told(clip: IncomingClip) -> str:
    return _base(clip.path) or clip.reel or tr("no file is named")


def _base(path: str) -> str:
    """The name of a file at the end of a path of any system."""
    return PureWindowsPath(PurePosixPath(path).name).name


def _file(clip: IncomingClip, files: Sequence[CutFile], reels: dict[str, str]) -> CutFile | None:
    for same in (
        lambda f: bool(clip.key) and f.key == clip.key,
        lambda f: bool(clip.path) and Path(f.path).name.casefold() == _base(clip.path).casefold(),
        lambda f: bool(clip.path) and Path(f.path).stem.casefold() == Path(_base(clip.path)).stem.casefold(),
        lambda f: Path(f.path).stem.casefold() == Path(clip.name).stem.casefold(),
        lambda f: bool(clip.reel) and clip.reel.upper() in (reels[f.key], f.reel.upper()),
    ):
        found = [f for f in files if same(f)]
        inside = [f for f in found if _inside(clip, f)]
        if found:
            return (inside or found)[0]
    timed = [f for f in files if f.first and not clip.from_media and _inside(clip, f)]
    return timed[0] if len(timed) == 1 else None


def _start(clip: IncomingClip, file: CutFile) -> Fraction:
    """The second of the file at which a clip begins."""
    if clip.from_media or not file.rate:
        return clip.start
    return clip.start - Fraction(file.first) / file.rate


def _inside(clip: IncomingClip, file: CutFile) -> bool:
    start = _start(clip, file)
    return start >= 0 and start + clip.end - clip.start <= Fraction(file.length, TICKS_PER_SECOND) + OVER


def _segment(clip: IncomingClip, file: CutFile, left_out: list[str]) -> Segment | None:
    if clip.exact is not None and clip.key == file.key and clip.exact[1] <= file.length:
        return Segment(file.key, *clip.exact)
    start = round(_start(clip, file) * TICKS_PER_SECOND)
    end = start + round((clip.end - clip.start) * TICKS_PER_SECOND)
    if start < 0 or start >= file.length:
        at = clock(max(0, start), tenths=True)
        left_out.append(
            tr(
                "“{name}”: {other} has no {at}{start}.",
                name=clip.name,
                other=file.name,
                at=at,
                start=tr(" (before its first frame)") if start < 0 else "",
            )
        )
        return None
    if end > file.length + OVER * TICKS_PER_SECOND:
        left_out.append(tr("“{name}”: it was longer than {other}, and ends with it now.", name=clip.name, other=file.name))
    end = min(end, file.length)
    if end - start < SHORTEST:
        left_out.append(tr("“{name}”: too short to be cut.", name=clip.name))
        return None
    return Segment(file.key, start, end)


def _marked(markers: Sequence[IncomingMarker], files: Sequence[CutFile], left_out: list[str]) -> list[Short]:
    out: list[Short] = []
    ordered = sorted(markers, key=lambda m: (m.file, m.start))
    for number, marker in enumerate(ordered):
        named = [
            f for f in files if marker.file and _base(marker.file).casefold() in (Path(f.path).name.casefold(), f.name.casefold())
        ]
        file = named[0] if named else files[0] if len(files) == 1 and not marker.file else None
        if file is None:
            left_out.append(
                tr(
                    "“{name}”: its footage ({file}) is not in this project.",
                    name=marker.name,
                    file=marker.file or tr("none is named"),
                )
            )
            continue
        if len(out) >= MOST_SHORTS:
            left_out.append(tr("“{name}”: at most {most} shorts are made at once.", name=marker.name, most=MOST_SHORTS))
            continue
        start = round(marker.start * TICKS_PER_SECOND)
        end = round(marker.end * TICKS_PER_SECOND)
        if end <= start:
            after = ordered[number + 1] if number + 1 < len(ordered) else None
            limit = round(after.start * TICKS_PER_SECOND) if after is not None and after.file == marker.file else file.length
            end = min(start + AFTER_MARK, max(limit, start))
        end = min(end, file.length)
        if start >= file.length or end - start < SHORTEST:
            left_out.append(tr("“{name}”: {other} has no passage there.", name=marker.name, other=file.name))
            continue
        out.append(Short.of(marker.name[:80], [Segment(file.key, start, end)]))
    return out


def rate_of(sources: Sequence[Source]) -> Fraction:
    """The rate that timecode without a rate counts at: that of most footage."""
    rates = [usual_rate(s.rate) for s in sources if s.rate]
    return max(dict.fromkeys(rates), key=rates.count) if rates else Fraction(25)
