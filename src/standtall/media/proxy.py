"""Small, quickly seekable stand-ins for footage in which exact seeking is slow."""

from __future__ import annotations

from pathlib import Path
from typing import Final

from standtall.base.files import written_whole
from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.media.reader import PictureReader
from standtall.media.writer import MovieWriter
from standtall.model.source import Source

HEIGHT: Final = 540
SLOW_GAP: Final = round(1.5 * TICKS)
"""Key frames further apart than this make stepping through the original feel slow."""


def needed(source: Source) -> bool:
    """True when the original is large or its key frames are far apart."""
    return source.has_picture and (source.keyframe_gap > SLOW_GAP or source.width * source.height > 1920 * 1080)


def make_proxy(source: Source, out: Path, progress: Progress) -> None:
    """Write a picture-only copy `HEIGHT` lines high with a key frame every 8 pictures; on disk whole or not at all."""
    w = max(2, round(source.width * HEIGHT / source.height / 2) * 2)
    options = {"preset": "ultrafast", "crf": "24", "g": "8", "keyint_min": "8", "bf": "0"}
    with (
        written_whole(out) as beside,
        PictureReader(source.path, source.rotation, HEIGHT if not source.rotation % 180 else None) as reader,
        MovieWriter(beside, w, HEIGHT, source.rate, options, sound=False) as writer,
    ):
        total = max(1, round(source.length * source.rate / TICKS))
        for number in range(total):
            middle = round((number + 0.5) / source.rate * TICKS)
            writer.picture(reader.at(middle))
            progress.report("proxy", (number + 1) / total)
