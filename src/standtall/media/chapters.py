"""A copy of a media file with chapters in it; pictures and sound are copied as they are."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path

import av
import av.error

from standtall.base.errors import OutputError
from standtall.base.files import written_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.opening import open_media

CONTAINERS = {".mp4": "mp4", ".m4v": "mp4", ".mov": "mov", ".mkv": "matroska", ".m4a": "ipod", ".webm": "webm"}
"""Those that hold chapters."""

TICK = Fraction(1, TICKS_PER_SECOND)


def copy_with_chapters(source: Path, out: Path, chapters: list[tuple[int, int, str]], progress: Progress) -> None:
    """Write `out` with chapters (start and end in ticks, title); raises `OutputError` when it cannot be done."""
    kind = CONTAINERS.get(out.suffix.lower())
    if kind is None:
        raise OutputError(
            tr("{suffix} cannot hold chapters.", suffix=out.suffix or tr("This kind of file")),
            tr("Use .mp4, .mov, .mkv or .m4a."),
        )
    if out.exists() and out.samefile(source):
        raise OutputError(tr("The footage itself is never overwritten."), tr("Give the copy another name."))
    with written_whole(out) as beside, open_media(source) as given:
        try:
            with av.open(str(beside), "w", format=kind) as made:
                streams = {s.index: made.add_stream_from_template(s) for s in given.streams if s.type in ("video", "audio")}
                made.set_chapters([
                    {"id": n, "start": start, "end": end, "time_base": TICK, "metadata": {"title": title}}
                    for n, (start, end, title) in enumerate(chapters)
                ])  # fmt: skip
                length = max(1.0, float(given.duration or 0) / av.time_base)
                for packet in given.demux(*(s for s in given.streams if s.index in streams)):
                    if packet.dts is None:
                        continue
                    if packet.pts is not None and packet.time_base:
                        progress.report("copy", min(1.0, max(0.0, float(packet.pts * packet.time_base) / length)))
                    packet.stream = streams[packet.stream.index]
                    made.mux(packet)
        except (av.error.FFmpegError, ValueError) as error:
            hint = tr("Choose .mkv, which takes any footage.")
            raise OutputError(tr("{name} could not be written.", name=out.name), hint, reason=str(error)) from error
