"""Sound of a file as samples."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from typing import Final

import av
import av.error
import numpy as np
from av.audio.frame import AudioFrame
from av.audio.resampler import AudioResampler
from numpy.typing import NDArray

from standtall.base.errors import MediaError
from standtall.base.progress import Progress
from standtall.base.time import TICKS
from standtall.media.opening import damaged, only, open_media, zero_of

Samples = NDArray[np.float32]

SPEECH_RATE: Final = 16_000
MIX_RATE: Final = TICKS


def read_sound(
    path: str | Path,
    rate: int = MIX_RATE,
    channels: int = 2,
    start: int = 0,
    end: int | None = None,
    progress: Progress | None = None,
) -> Samples:
    """The sound between two ticks as float32 (channels, samples) at `rate`, -1..1, silence where there is none.

    Sample 0 lies exactly at `start`: late or missing beginnings are filled with silence. Raises `MediaError` when
    the file has no sound.
    """
    place = Path(path)
    with open_media(place) as container:
        stream = only(container.streams.audio)
        if stream is None:
            raise MediaError(f"{place.name} has no sound.", "Choose footage with a sound track, or add captions from a file.")
        stream.thread_type = "AUTO"
        zero = zero_of(container)
        if end is None:
            length = stream.duration * stream.time_base if stream.duration else Fraction(container.duration or 0, av.time_base)
            end = max(start, round(length * TICKS))
        wanted = round(Fraction(end - start, TICKS) * rate)
        out = np.zeros((channels, max(0, wanted)), np.float32)
        resampler = AudioResampler(format="fltp", layout="stereo" if channels == 2 else "mono", rate=rate)
        at: int | None = None
        try:
            if start > 0:  # half a second early: compressed sound needs a run-up
                early = max(Fraction(0), Fraction(start, TICKS) - Fraction(1, 2)) + zero
                container.seek(round(early / stream.time_base), stream=stream, backward=True)
            for frame in container.decode(stream):
                if at is None:
                    begun = (Fraction(frame.pts or 0) * stream.time_base - zero) if frame.pts is not None else Fraction(0)
                    at = round((begun - Fraction(start, TICKS)) * rate)
                at = _place(out, at, resampler.resample(frame))
                if progress is not None and wanted:
                    progress.report("sound", max(0.0, at / wanted))
                if at >= wanted:
                    break
            if at is not None and at < wanted:
                _place(out, at, resampler.resample(None))
        except av.error.EOFError:
            pass
        except av.error.FFmpegError as error:
            if at is None or at <= 0:
                raise damaged(place, error) from error
    return out


def _place(out: Samples, at: int, frames: list[AudioFrame]) -> int:
    for piece in frames:
        data = piece.to_ndarray()
        a, b = max(0, at), min(out.shape[1], at + data.shape[1])
        if b > a:
            out[:, a:b] = data[: out.shape[0], a - at : b - at]
        at += data.shape[1]
    return at


def level_db(samples: Samples, rate: int = SPEECH_RATE, step_ms: int = 10) -> NDArray[np.float32]:
    """Root-mean-square level of mono sound in dBFS, one value each `step_ms`, not below -90."""
    mono = samples.reshape(-1) if samples.ndim == 1 else samples.mean(axis=0)
    hop = rate * step_ms // 1000
    n = len(mono) // hop
    power = np.square(mono[: n * hop].reshape(n, hop).astype(np.float64)).mean(axis=1)
    return np.maximum(-90.0, 10 * np.log10(np.maximum(power, 1e-9))).astype(np.float32)
