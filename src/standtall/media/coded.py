"""What a finished file says of its coding: colour tags, and the sizes of its coded pictures."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.media.opening import DAMAGE, damaged, open_media
from standtall.media.probe import picture_stream


def colour_tags(path: Path) -> tuple[int, int, int, int]:
    """Primaries, transfer, matrix and range, as ITU-T H.273 numbers the first three; the range is 1 where it is limited."""
    with open_media(path) as container:
        stream = picture_stream(container)
        if stream is None:
            raise MediaError(tr("{name} has no picture.", name=path.name), tr("Render it again."))
        context: Any = stream.codec_context
        return int(context.color_primaries), int(context.color_trc), int(context.colorspace), int(context.color_range)


def coded_sizes(path: Path, settled: int = 0, ending: int = 0) -> tuple[list[int], list[int]]:
    """Bytes of the pictures that are coded by themselves, and of the others from the `settled`th on without the last `ending`."""
    keys: list[int] = []
    others: list[int] = []
    try:
        with open_media(path) as container:
            for n, packet in enumerate(container.demux(video=0)):
                found: Any = packet
                if not found.size:
                    continue
                if found.is_keyframe:
                    keys.append(found.size)
                elif n >= settled:
                    others.append(found.size)
    except DAMAGE as error:
        raise damaged(path, error) from error
    return keys, others[: max(1, len(others) - ending)]
