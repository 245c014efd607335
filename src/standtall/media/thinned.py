"""Footage of which only some passages are left, each at the time it always had: packets are copied, never coded anew."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

import av
import av.error

from standtall.base.errors import MediaError, OutputError, disk_error
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.opening import DAMAGE, damaged, open_media, rate_comment, rate_of, zero_of

FORMATS: Final = {".mp4": "mp4", ".m4a": "mp4", ".mov": "mov", ".mkv": "matroska", ".webm": "webm"}
"""Kinds of files whose packets keep their times where others between them are gone."""
SOUND_LEAD: Final = TICKS_PER_SECOND // 5
"""Sound that a decoder hears before it is itself again."""


def can_be_thinned(path: Path) -> bool:
    return path.suffix.lower() in FORMATS


def thin(path: Path, spans: Sequence[tuple[int, int]], out: Path, progress: Progress) -> None:
    """Write the passages (start, end in ticks) of a file to `out`: pictures from the key frame before each on, sound, and nothing
    between them but the first and the last, so that it is as long as it was. Every picture and sample that is left has its time.

    Raises `MediaError` where the file cannot be read, `OutputError` where it cannot be written, `Cancelled` when stopped.
    """
    kind = FORMATS.get(path.suffix.lower())
    if kind is None:
        raise MediaError(tr("Passages of {name} cannot be taken out as they are.", name=path.name), tr("Pack it whole."))
    with open_media(path) as source:
        streams = [s for s in source.streams if s.type in ("video", "audio") and s.codec_context is not None]
        zero = zero_of(source)
        wanted = {s.index: _wanted_packets(path, s.index, s.type == "video", spans, zero, progress) for s in streams}
        options = {"movflags": "+faststart"} if kind in ("mp4", "mov") else {}
        try:
            target = av.open(str(out), "w", format=kind, options=options)
        except (OSError, ValueError) as error:
            raise OutputError(
                tr("{name} cannot be written.", name=out.name), tr("See whether its disk is full."), reason=str(error)
            ) from error
        picture = next((s for s in streams if s.type == "video"), None)
        if picture is not None:
            target.metadata["comment"] = rate_comment(rate_of(source, picture))
        with target:
            _copy(path, source, target, streams, wanted, progress)


def _times(packet: Any, zero: Fraction) -> tuple[int, int]:
    at = packet.pts if packet.pts is not None else packet.dts
    start = (Fraction(at) * packet.time_base - zero) * TICKS_PER_SECOND
    return int(start), int(start + Fraction(packet.duration or 0) * packet.time_base * TICKS_PER_SECOND)


def _wanted_packets(
    path: Path, index: int, picture: bool, spans: Sequence[tuple[int, int]], zero: Fraction, progress: Progress
) -> set[int]:
    """The numbers of the packets of a stream that passages need. Pictures depend on those since their key frame, and come in
    another order than they are shown in, so that all of a group is taken that holds one that is shown; with the group before
    it, where that picture is shown before the key frame."""
    wanted: set[int] = set()
    before: list[int] = []
    group: list[int] = []
    key_at, last = 0, -1
    try:
        with open_media(path) as source:
            for number, packet in enumerate(p for p in source.demux(source.streams[index]) if p.dts is not None):
                if number % 500 == 0:
                    progress.check()
                start, end = _times(packet, zero)
                lead = 0 if picture else SOUND_LEAD
                here = any(a - lead <= end and start <= b + lead for a, b in spans)
                last = number
                if not picture:
                    wanted |= {number} if here else set()
                    continue
                if packet.is_keyframe:
                    wanted |= set(group) if wanted & set(group) else set()
                    before, group, key_at = group, [], start
                group.append(number)
                if here:
                    wanted |= {number} | (set(before) if start < key_at else set())
    except DAMAGE as error:
        raise damaged(path, error) from error
    wanted |= set(group)  # with the last pictures the file is as long as it was, and not cut short
    return wanted | ({0, last} if last >= 0 else set())


def _copy(path: Path, source: Any, target: Any, streams: list[Any], wanted: dict[int, set[int]], progress: Progress) -> None:
    made = {s.index: target.add_stream_from_template(s, opaque=True) for s in streams}
    numbers = dict.fromkeys(made, -1)
    try:
        for packet in source.demux(streams):
            if packet.dts is None:
                continue
            index = packet.stream.index
            numbers[index] += 1
            if numbers[index] % 500 == 0:
                progress.check()
            if numbers[index] in wanted[index]:
                packet.stream = made[index]
                target.mux(packet)
    except OSError as error:
        raise disk_error(error, path) from error
    except DAMAGE as error:
        raise damaged(path, error) from error
