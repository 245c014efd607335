"""What is compared side by side: a finished file, or a short as it is edited now, each seen at any time."""

from __future__ import annotations

from pathlib import Path
from typing import Protocol

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.soundtrack.mixdown import soundtrack
from standtall.media.planes import Planes, lowered
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import MIX_RATE, Samples, sound_of

LINES = 720
"""Height at which sides are compared."""


class Side(Protocol):
    """Pictures by time from the start, and the sound, float32 (2, samples) at `MIX_RATE`, or None. Not thread safe: use it from
    one thread."""

    @property
    def length(self) -> int:
        """Ticks."""

    def at(self, tick: int) -> Planes: ...
    def sound(self) -> Samples | None: ...
    def close(self) -> None: ...


class FileSide:
    """A finished file. Raises `MediaError` for one that cannot be read."""

    def __init__(self, path: Path) -> None:
        source = probe(path)
        self.length, self._source = source.length, source
        self._reader = PictureReader(path, source.rotation)

    def at(self, tick: int) -> Planes:
        return lowered(self._reader.at(tick), LINES)

    def sound(self) -> Samples | None:
        return sound_of(self._source, MIX_RATE, 2) if self._source.has_sound else None

    def close(self) -> None:
        self._reader.close()


class EditSide:
    """A short as it stands on the Bench."""

    def __init__(self, composition: Composition) -> None:
        self._composition = composition
        self.length = composition.length
        self._assets = Assets(rate=composition.short.output.fps)
        output = composition.short.output
        self._painter = FramePainter(self._assets, output.width, output.height)

    def at(self, tick: int) -> Planes:
        number = min(self._composition.frames - 1, max(0, int(tick * self._composition.fps / TICKS_PER_SECOND)))
        return lowered(self._painter.paint(self._composition.frame(number)), LINES)

    def sound(self) -> Samples | None:
        return soundtrack(self._composition, Progress())

    def close(self) -> None:
        self._assets.close()
