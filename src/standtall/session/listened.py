"""Sound of footage as clips are found in it: listened to once, then kept beside its analysis."""

from __future__ import annotations

import contextlib
from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass
from pathlib import Path
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError, OutputError
from standtall.base.files import written_whole
from standtall.base.interface_language import tr
from standtall.base.log import note
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import KEY, AnalysisCache
from standtall.media.sound_reader import Samples, sound_blocks
from standtall.model.source import Source
from standtall.sound.landmarks import HOP, RATE, Landmarks, landmarks

BLOCK_S: Final = 64.0
"""A whole number of windows, so that the windows of blocks follow each other."""
AT_ONCE: Final = 2
VERSION: Final = 1


@dataclass(frozen=True, slots=True)
class Listened:
    """All of the sound of a source (mono at 8 kHz, int16), read from the disk as it is needed, and its landmarks."""

    sound: NDArray[np.int16]
    marks: Landmarks


def listened(source: Source, progress: Progress, cache: AnalysisCache) -> Listened:
    """The sound of a source, from where it is kept or listened to now; raises `MediaError` where it has none."""
    if not source.has_sound:
        raise MediaError(
            tr("{name} has no sound, so no clip can be found in it.", name=source.name), tr("Choose footage with sound.")
        )
    kept = _kept(source, cache)
    if kept is not None:
        progress.report("listen", 1.0)
        return kept
    found = _listen(source, progress)
    if KEY.fullmatch(source.key):
        try:
            _keep(source, cache, found)
        except OutputError as error:  # it works without, only not as quickly the next time
            note(f"The sound of {source.name} is not kept: {error}")
        return _kept(source, cache) or found
    return found


def _paths(source: Source, cache: AnalysisCache) -> tuple[Path, Path]:
    folder = cache.folder_of(source.key)
    track = f"-{source.sound_track}" if source.sound_track else ""
    return folder / f"heard{track}-{VERSION}.npy", folder / f"landmarks{track}-{VERSION}.npy"


def _kept(source: Source, cache: AnalysisCache) -> Listened | None:
    if not KEY.fullmatch(source.key):
        return None
    sound, marks = _paths(source, cache)
    longest = source.length * RATE // TICKS_PER_SECOND + 10 * RATE
    with contextlib.suppress(OSError, ValueError, EOFError):
        heard = np.load(sound, mmap_mode="r", allow_pickle=False)
        pairs = np.load(marks, allow_pickle=False)
        if (
            heard.dtype == np.int16 and heard.ndim == 1 and len(heard) <= longest
            and pairs.dtype == np.uint32 and pairs.ndim == 2 and pairs.shape[0] == 2
        ):  # fmt: skip
            at = pairs[1].astype(np.int32)
            windows = len(heard) // HOP + 1
            if not len(at) or (at.min() >= 0 and at.max() <= windows):
                return Listened(heard, Landmarks(pairs[0], at, windows))
    return None


def _keep(source: Source, cache: AnalysisCache, found: Listened) -> None:
    sound, marks = _paths(source, cache)
    sound.parent.mkdir(parents=True, exist_ok=True)
    pairs = np.stack([found.marks.names, found.marks.at.astype(np.uint32)])
    for path, values in ((sound, found.sound), (marks, pairs)):
        with written_whole(path) as part, part.open("wb") as file:
            np.save(file, values, allow_pickle=False)


def _marks_at(block: Samples, window: int) -> Landmarks:
    return landmarks(block).shifted(window)


def _listen(source: Source, progress: Progress) -> Listened:
    sound: list[NDArray[np.int16]] = []
    parts: list[Future[Landmarks]] = []
    passed = 0
    with ThreadPoolExecutor(AT_ONCE, "landmarks") as pool:  # the codec and the transforms let each other work
        for block in sound_blocks(source, RATE, BLOCK_S):
            if len(parts) >= AT_ONCE:
                parts[-AT_ONCE].result()  # never far ahead: a block is held until its landmarks are known
            parts.append(pool.submit(_marks_at, block, passed // HOP))
            sound.append(np.round(np.clip(block, -1, 1) * 32_767).astype(np.int16))
            passed += len(block)
            progress.report("listen", min(1.0, passed / RATE * TICKS_PER_SECOND / source.length))
        found = [part.result() for part in parts]
    names = np.concatenate([p.names for p in found]) if found else np.zeros(0, np.uint32)
    at = np.concatenate([p.at for p in found]) if found else np.zeros(0, np.int32)
    whole = np.concatenate(sound) if sound else np.zeros(0, np.int16)
    return Listened(whole, Landmarks(names, at, len(whole) // HOP + 1))
