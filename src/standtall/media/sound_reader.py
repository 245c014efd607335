"""Sound of a file as samples."""

from __future__ import annotations

import itertools
import math
from collections.abc import Callable, Iterator
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

import av
import av.error
import numpy as np
from av.audio.fifo import AudioFifo
from av.audio.frame import AudioFrame
from av.audio.resampler import AudioResampler
from numpy.typing import NDArray

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.base.priority import give_way
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.opening import DAMAGE, damaged, open_media, zero_of
from standtall.model.source import MIX, Source

Samples = NDArray[np.float32]

SPEECH_RATE: Final = 16_000
MIX_RATE: Final = TICKS_PER_SECOND
LONGEST_S: Final = 86_400
GATHERED: Final = 4
"""A second of sound is copied in so many parts."""


def read_sound(
    path: str | Path,
    rate: int = MIX_RATE,
    channels: int = 2,
    start: int = 0,
    end: int | None = None,
    progress: Progress | None = None,
    track: int = 0,
) -> Samples:
    """The sound between two ticks as float32 (channels, samples) at `rate`, -1..1, silence where there is none.

    Sample 0 lies exactly at `start`: late or missing beginnings are filled with silence. `track` is the number of a sound
    track, or `MIX` for all of them together. More channels than asked for are mixed down by the matrix of the codec
    library. Raises `MediaError` when the file has no such sound.
    """
    place = Path(path)
    if track != MIX:
        return _read_track(place, rate, channels, start, end, progress, track)
    with open_media(place) as container:
        count = len(container.streams.audio)
    parts = [_read_track(place, rate, channels, start, end, progress, n) for n in range(max(1, count))]
    out: Samples = np.zeros((channels, max(p.shape[1] for p in parts)), np.float32)
    for part in parts:
        out[:, : part.shape[1]] += part / np.float32(len(parts) ** 0.5)  # as loud as one, for voices that take turns
    return out


def sound_of(
    source: Source, rate: int, channels: int, start: int = 0, end: int | None = None, progress: Progress | None = None
) -> Samples:
    """`read_sound` of the track that a source uses."""
    return read_sound(source.path, rate, channels, start, end, progress, source.sound_track)


def sound_blocks(source: Source, rate: int, length_s: float) -> Iterator[Samples]:
    """The whole sound of a source as mono float32 (samples,), block by block, so that hours need little memory.

    Every block but the last holds `length_s` seconds. Tracks are mixed as in `read_sound`.
    """
    size = round(length_s * rate)
    count = len(source.sound_tracks) if source.sound_track == MIX else 1
    numbers = range(count) if source.sound_track == MIX else range(source.sound_track, source.sound_track + 1)
    streams = [_track_blocks(Path(source.path), rate, size, n) for n in numbers]
    for parts in itertools.zip_longest(*streams):
        here = [p for p in parts if p is not None]
        out = np.zeros(max(len(p) for p in here), np.float32)
        for part in here:
            out[: len(part)] += part / np.float32(count**0.5)
        yield out


def _track_blocks(place: Path, rate: int, size: int, track: int) -> Iterator[Samples]:
    with open_media(place) as container:
        if not 0 <= track < len(container.streams.audio):
            raise MediaError(
                tr("{name} has no sound.", name=place.name), tr("Choose footage with a sound track, or add captions from a file.")
            )
        stream: Any = container.streams.audio[track]
        stream.thread_type = "AUTO"
        zero = zero_of(container)
        room = np.zeros((1, 2 * size), np.float32)
        at, given = 0, 0
        for pts, pieces in _resampled(container, stream, place, rate):
            if pts is not None:
                lies = round((Fraction(pts) * stream.time_base - zero) * rate)
                if abs(lies - at) > rate // 20 and 0 <= lies <= LONGEST_S * rate:  # a gap or a late start: silence
                    while lies - given > size:
                        yield room[0, :size].copy()
                        room[:] = 0
                        given += size
                    at = max(given, lies)
            for piece in pieces:
                data = piece.to_ndarray()[0]
                while len(data):
                    fits = min(len(data), size - (at - given))
                    room[0, at - given : at - given + fits] = data[:fits]
                    at, data = at + fits, data[fits:]
                    if at - given == size:
                        yield room[0, :size].copy()
                        room[:] = 0
                        given += size
        if at > given:
            yield room[0, : at - given].copy()


def _resampled(container: Any, stream: Any, place: Path, rate: int) -> Iterator[tuple[int | None, list[AudioFrame]]]:
    """Time stamps of decoded sound, and the sound as mono at `rate`. A form that nothing can be resampled from is damage, too."""
    resampler = AudioResampler(format="fltp", layout="mono", rate=rate)
    for frame in itertools.chain(_frames(container, stream, place), [None]):
        try:
            pieces = resampler.resample(frame)
        except DAMAGE as error:
            raise damaged(place, error) from error
        yield (frame.pts if frame is not None else None), pieces


def _frames(container: Any, stream: Any, place: Path) -> Iterator[Any]:
    """Decoded sound up to the end or to where a damaged file breaks off; raises `MediaError` when there is none at all."""
    seen = False
    try:
        for frame in container.decode(stream):
            seen = True
            yield frame
    except av.error.EOFError:
        return
    except DAMAGE as error:
        if not seen:
            raise damaged(place, error) from error


def _read_track(
    place: Path, rate: int, channels: int, start: int, end: int | None, progress: Progress | None, track: int
) -> Samples:
    with open_media(place) as container:
        if not 0 <= track < len(container.streams.audio):
            raise MediaError(
                tr("{name} has no sound.", name=place.name), tr("Choose footage with a sound track, or add captions from a file.")
            )
        stream: Any = container.streams.audio[track]
        stream.thread_type = "AUTO"
        zero = zero_of(container)
        told = stream.duration * stream.time_base if stream.duration else Fraction(container.duration or 0, av.time_base)
        expected = max(1, round((told - Fraction(start, TICKS_PER_SECOND)) * rate))
        wanted = None if end is None else max(0, round(Fraction(end - start, TICKS_PER_SECOND) * rate))
        most = LONGEST_S * rate if wanted is None else wanted
        placed = _Placed(np.zeros((channels, min(expected, 60 * rate) if wanted is None else wanted), np.float32), most, rate)
        resampler = AudioResampler(format="fltp", layout="stereo" if channels == 2 else "mono", rate=rate)
        lies_at = _sample_of(stream.time_base, zero + Fraction(start, TICKS_PER_SECOND), rate)
        try:
            if start > 0:  # half a second early: compressed sound needs a run-up
                early = max(Fraction(0), Fraction(start, TICKS_PER_SECOND) - Fraction(1, 2)) + zero
                container.seek(round(early / stream.time_base), stream=stream, backward=True)
            for frame in container.decode(stream):
                lies = lies_at(frame.pts) if frame.pts is not None else -round(Fraction(start * rate, TICKS_PER_SECOND))
                if placed.at is None or (frame.pts is not None and rate // 20 < lies - placed.at <= LONGEST_S * rate):
                    placed.go_on_at(lies)
                if placed.put(resampler.resample(frame)) and progress is not None:
                    progress.report("sound", min(1.0, max(0.0, (placed.at or 0) / (wanted or expected))))
                if placed.at is not None and placed.at >= most:
                    break
            if placed.at is not None and (wanted is None or placed.at < wanted):
                placed.put(resampler.resample(None))
        except av.error.EOFError:
            pass
        except DAMAGE as error:
            if placed.at is None or placed.at <= 0:
                raise damaged(place, error) from error
        placed.flush()
    return placed.out[:, : max(0, placed.at or 0)] if wanted is None else placed.out


class _Placed:
    """Pieces of decoded sound put into `out`, up to `most` samples in all. They are gathered first: to copy each of the thousands
    of a minute by itself takes as long as to decode them."""

    def __init__(self, out: Samples, most: int, rate: int) -> None:
        self.out, self._most, self._enough = out, most, rate // GATHERED
        self.at: int | None = None
        """Where the next piece goes, counted from the first sample of `out`; None before the first."""
        self._gathered, self._form = AudioFifo(), ("", "", 0)

    def go_on_at(self, at: int) -> None:
        """Put what comes next somewhere else."""
        self.flush()
        self.at = at

    def put(self, pieces: list[AudioFrame]) -> bool:
        """-> whether what was gathered is in `out` now."""
        for piece in pieces:
            piece.pts = None  # the gatherer would refuse the small steps in the stamps of some files
            form = piece.format.name, piece.layout.name, piece.sample_rate
            if form != self._form:  # the gatherer takes no other, and breaks the program off for some
                self.flush()
                self._gathered, self._form = AudioFifo(), form
            self._gathered.write(piece)
            self.at = (self.at or 0) + piece.samples
        if self._gathered.samples < self._enough:
            return False
        self.flush()
        return True

    def flush(self) -> None:
        give_way()
        piece = self._gathered.read() if self._gathered.samples else None
        if piece is None or self.at is None:
            return
        data = piece.to_ndarray()
        at = self.at - data.shape[1]
        if self.out.shape[1] < min(self.at, self._most):  # headers may lie about the length, so the room grows with what is there
            self.out = _roomy(self.out, self.at, self._most)
        a, b = max(0, at), min(self.out.shape[1], self.at)
        if b > a:
            self.out[:, a:b] = data[: self.out.shape[0], a - at : b - at]


def _sample_of(unit: Fraction, start: Fraction, rate: int) -> Callable[[int], int]:
    """Gives the sample, counted from `start`, of a time stamp in `unit`, rounded as `round` does. In whole numbers, since a
    minute of sound has thousands of stamps."""
    step, begin = unit * rate, start * rate
    below = math.lcm(step.denominator, begin.denominator)
    each, least = step.numerator * (below // step.denominator), begin.numerator * (below // begin.denominator)

    def of(stamp: int) -> int:
        whole, rest = divmod(stamp * each - least, below)
        return whole + (2 * rest > below or (2 * rest == below and whole % 2 == 1))

    return of


def _roomy(out: Samples, needed: int, most: int) -> Samples:
    """The same samples with room for `needed` of them, growing by half at a time."""
    if needed <= out.shape[1]:
        return out
    room = min(most, max(needed, out.shape[1] * 3 // 2))
    return np.pad(out, ((0, 0), (0, max(0, room - out.shape[1]))))


def level_db(samples: Samples, rate: int = SPEECH_RATE, step_ms: int = 10) -> NDArray[np.float32]:
    """Root-mean-square level of mono sound in dBFS, one value each `step_ms`, not below -90."""
    mono = samples.reshape(-1) if samples.ndim == 1 else samples.mean(axis=0)
    hop = rate * step_ms // 1000
    n = len(mono) // hop
    power = np.square(mono[: n * hop].reshape(n, hop).astype(np.float64)).mean(axis=1)
    return np.maximum(-90.0, 10 * np.log10(np.maximum(power, 1e-9))).astype(np.float32)
