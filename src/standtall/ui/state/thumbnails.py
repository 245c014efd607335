"""Small pictures of a source along its time: first a few of the whole, then one for each shot, then inside long shots.

They are made once, in slices between other work, kept beside the analysis, and drawn without touching the media.
"""

from __future__ import annotations

import bisect
import zipfile
from collections.abc import Callable
from pathlib import Path
from typing import Final

from PySide6.QtCore import QBuffer, QByteArray, QIODevice
from PySide6.QtGui import QImage

from standtall.base.files import written_whole
from standtall.base.priority import give_way
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.reader import PictureReader
from standtall.model.people import Shot
from standtall.model.source import Source
from standtall.ui.threads.dispatcher import Worker
from standtall.ui.widgets.images import wide_at

WIDE: Final = 224
OVERVIEW: Final = 24
INSIDE: Final = 40 * TICKS_PER_SECOND
SLICE: Final = 10
MOST: Final = 4000
LARGEST: Final = 200_000
"""Most bytes of one kept picture."""


def wanted(shots: tuple[Shot, ...], length: int) -> list[list[tuple[int, int]]]:
    """The levels from coarse to fine: for each picture where it is drawn and which picture it is, in ticks."""
    step = max(1, length // OVERVIEW)
    whole = [(t, t) for t in range(step // 2, length, step)]
    first = [(s.start, min(s.start + TICKS_PER_SECOND // 2, (s.start + s.end) // 2)) for s in shots]
    inside = [(t, t) for s in shots for t in range(s.start + INSIDE, s.end - INSIDE // 2, INSIDE)]
    return [whole, first[:MOST], inside[:MOST]]


class Thumbs:
    """`images` holds what is there, by the tick it is drawn at."""

    def __init__(self, source: Source, proxy: str | None, shots: tuple[Shot, ...], cache: AnalysisCache) -> None:
        self.images: dict[int, QImage] = {}
        self._source, self._proxy = source, proxy
        self._levels = wanted(shots, source.length)
        self._file = cache.folder_of(source.key) / "thumbs.zip"
        self._sorted: list[int] = []
        self._coarse = {at for at, _ in self._levels[0]} - {at for level in self._levels[1:] for at, _ in level}

    def between(self, start: int, end: int) -> list[tuple[int, QImage]]:
        """The pictures drawn at [start, end), in order; those of the whole only as long as the shot has none of its own."""
        if len(self._sorted) != len(self.images):
            self._sorted = sorted(self.images)
        a, b = bisect.bisect_left(self._sorted, start), bisect.bisect_left(self._sorted, end)
        here = self._sorted[a:b]
        if start in self.images:
            here = [t for t in here if t not in self._coarse]
        return [(t, self.images[t]) for t in here]

    def make(self, worker: Worker, stop: Progress, came: Callable[[], None]) -> None:
        """Bring what is kept, then make what is missing; `came` is called in the interface's thread after each slice."""

        def brought(kept: dict[int, QImage]) -> None:
            self.images.update(kept)
            came()
            self._next(worker, stop, came, dirty=False)

        worker.do(lambda: _kept(self._file), brought, lambda _error: None)

    def _next(self, worker: Worker, stop: Progress, came: Callable[[], None], dirty: bool) -> None:
        missing = next((m for m in ([w for w in level if w[0] not in self.images] for level in self._levels) if m), [])
        if not missing:
            if dirty:
                images = dict(self.images)
                worker.do(lambda: _keep(self._file, images), None, lambda _error: None)
            return

        def work() -> dict[int, QImage]:
            stop.check()
            path, rotation = (self._proxy, 0) if self._proxy else (self._source.path, self._source.rotation)
            with PictureReader(path, rotation) as reader:
                made = {}
                for at, tick in missing[:SLICE]:
                    stop.check()
                    made[at] = wide_at(reader, tick, WIDE)
                return made

        def arrived(made: dict[int, QImage]) -> None:
            self.images.update(made)
            came()
            self._next(worker, stop, came, dirty=True)

        worker.do(work, arrived, lambda _error: None)


def _keep(path: Path, images: dict[int, QImage]) -> None:
    with written_whole(path) as beside, zipfile.ZipFile(beside, "w") as packed:
        for tick, image in images.items():
            data = QByteArray()
            buffer = QBuffer(data)
            buffer.open(QIODevice.OpenModeFlag.WriteOnly)
            image.save(buffer, "JPG", 82)  # type: ignore[call-overload]
            packed.writestr(f"{tick}.jpg", data.data())


def _kept(path: Path) -> dict[int, QImage]:
    """What was kept; nothing where it is damaged or not ours."""
    out: dict[int, QImage] = {}
    try:
        with zipfile.ZipFile(path) as packed:
            for info in packed.infolist()[: 3 * MOST]:
                give_way()
                name = info.filename.removesuffix(".jpg")
                if info.file_size <= LARGEST and name.isdigit():
                    image = QImage.fromData(packed.read(info))
                    if not image.isNull():
                        out[int(name)] = image
    except (OSError, zipfile.BadZipFile, ValueError, NotImplementedError, RuntimeError):
        return {}
    return out
