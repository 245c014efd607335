"""What is compared side by side: a finished file, or a short as it is edited now, each seen at any time."""

from __future__ import annotations

from pathlib import Path
from typing import Protocol

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.media.planes import Planes, lowered
from standtall.media.probe import probe
from standtall.media.reader import PictureReader

LINES = 720
"""Height at which sides are compared."""


class Side(Protocol):
    """Pictures by time from the start. Not thread safe: use it from one thread."""

    @property
    def length(self) -> int:
        """Ticks."""

    def at(self, tick: int) -> Planes: ...
    def close(self) -> None: ...


class FileSide:
    """A finished file. Raises `MediaError` for one that cannot be read."""

    def __init__(self, path: Path) -> None:
        source = probe(path)
        self.length = source.length
        self._reader = PictureReader(path, source.rotation)

    def at(self, tick: int) -> Planes:
        return lowered(self._reader.at(tick), LINES)

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

    def close(self) -> None:
        self._assets.close()
