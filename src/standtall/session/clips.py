"""Finds shorts that were cut elsewhere in the footage that they come from, and rebuilds them from the original."""

from __future__ import annotations

from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass
from pathlib import Path
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError, NothingToDo
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.sound_reader import Samples, read_sound, sound_blocks
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.sound.landmarks import HOP, RATE, LandmarkIndex, Landmarks, landmarks
from standtall.sound.matching import Found, find_clip

BLOCK_S: Final = 64.0
"""A whole number of windows, so that the windows of blocks follow each other."""
LONGEST_CLIP_S: Final = 900
AT_ONCE: Final = 2


def _landmarks_at(block: Samples, window: int) -> Landmarks:
    return landmarks(block).shifted(window)


@dataclass(frozen=True, slots=True)
class Located:
    """A finished clip and where its pieces come from; `pieces` is empty where the footage does not hold it."""

    path: Path
    length: int
    pieces: tuple[Found, ...]

    @property
    def confidence(self) -> float:
        """The share of the clip that was found, weighed by how well it agrees, 0..1."""
        return min(1.0, sum((p.clip_end - p.clip_start) * p.confidence for p in self.pieces) / max(1, self.length))


class ClipFinder:
    """Hours of footage made ready for clips to be found in, by sound alone."""

    def __init__(self, source: Source, progress: Progress) -> None:
        """Read all of the sound once; raises `MediaError` when there is none."""
        if not source.has_sound:
            raise MediaError(f"{source.name} has no sound, so no clip can be found in it.", "Choose footage with sound.")
        self.source = source
        sound: list[NDArray[np.int16]] = []
        parts: list[Future[Landmarks]] = []
        passed = 0
        with ThreadPoolExecutor(AT_ONCE, "landmarks") as pool:  # the codec and the transforms let each other work
            for block in sound_blocks(source, RATE, BLOCK_S):
                if len(parts) >= AT_ONCE:
                    parts[-AT_ONCE].result()  # never far ahead: a block is held until its landmarks are known
                parts.append(pool.submit(_landmarks_at, block, passed // HOP))
                sound.append(np.round(np.clip(block, -1, 1) * 32_767).astype(np.int16))
                passed += len(block)
                progress.report("listen", min(1.0, passed / RATE * TICKS_PER_SECOND / source.length))
            found = [part.result() for part in parts]
        self._sound = np.concatenate(sound) if sound else np.zeros(0, np.int16)
        self._index = LandmarkIndex(found)

    def _read(self, start: int, end: int) -> Samples:
        out = np.zeros(max(0, end - start), np.float32)
        a, b = max(0, start), min(len(self._sound), end)
        if b > a:
            out[a - start : b - start] = self._sound[a:b] * np.float32(1 / 32_767)
        return out

    def locate(self, path: Path) -> Located:
        """Where the pieces of a finished clip lie in the footage."""
        clip = read_sound(path, RATE, 1, end=LONGEST_CLIP_S * TICKS_PER_SECOND).reshape(-1)
        heard = np.flatnonzero(np.abs(clip) > 1e-4)
        length = int(heard[-1]) + 1 if len(heard) else 0
        return Located(
            path, round(length * TICKS_PER_SECOND / RATE), find_clip(self._index, clip[:length], self._read) if length else ()
        )


def rebuilt(located: Located, source: Source) -> Short:
    """The short that a clip was, from the original footage; raises `NothingToDo` where it was not found.

    Where pieces overlap in the footage, the second one gives way: a short shows nothing twice.
    """
    segments: list[Segment] = []
    for piece in located.pieces:
        start, end = piece.start, min(piece.end, source.length)
        for e in segments:
            if start < e.end and e.start < end:
                start, end = (max(start, e.end), end) if start >= e.start else (start, min(end, e.start))
        if end - start > TICKS_PER_SECOND // 10:
            segments.append(Segment(source.key, start, end))
    if not segments:
        raise NothingToDo(f"{located.path.name} is not from this footage.", "Open the footage that it was cut from.")
    return Short.of(located.path.stem[:120] or "Clip", segments)
