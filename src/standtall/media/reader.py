"""Pictures of a file by time: exact, forwards quickly, anywhere by seeking."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from fractions import Fraction
from pathlib import Path
from types import TracebackType
from typing import Any, Final

import av.error
import numpy as np
from av.video.frame import VideoFrame

from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.base.priority import give_way
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.between import Between
from standtall.media.conform import Conform, is_common, whole_pictures
from standtall.media.opening import DAMAGE, damaged, open_media, rate_of, tick_of, zero_of
from standtall.media.planes import Plane, Planes, plane_of, scaled
from standtall.media.probe import is_still, picture_stream

_STEP_ON: Final = TICKS_PER_SECOND
"""Times up to this far ahead are reached by decoding on, further ones by seeking."""
_MISSING: Final = TICKS_PER_SECOND
"""How much of the end of a track may be missing: headers are not exact."""
_SAME: Final = 0.02
"""Share of the way to the next picture up to which a moment counts as that of a picture."""


class PictureReader:
    """Decodes pictures of one file. Not thread safe: give each thread its own.

    `rough` leaves out the smoothing between blocks, a fifth of the work: good enough to find things, not to show them.
    `sparse` passes over the pictures that no other is made from, where the coding has such: two in three, and two thirds of
    the work.
    """

    def __init__(
        self, path: str | Path, rotation: int = 0, height: int | None = None, threads: int = 0, rough: bool = False,
        sparse: bool = False,
    ) -> None:  # fmt: skip
        self._path = Path(path)
        self._container = open_media(self._path)
        stream = picture_stream(self._container)
        if stream is None:
            self._container.close()
            raise MediaError(tr("{name} has no picture.", name=self._path.name), tr("Choose a video file."))
        self._stream: Any = stream
        self._stream.thread_type = "AUTO"
        self._stream.codec_context.thread_count = threads
        if rough:
            self._stream.codec_context.options = {"skip_loop_filter": "all"}
        if sparse:
            self._stream.codec_context.skip_frame = "NONREF"
        self._base: Fraction = stream.time_base
        self._zero = zero_of(self._container)
        self._rotation, self._height = rotation, height
        self._conform = Conform(stream.sample_aspect_ratio)
        self._frames: Iterator[VideoFrame] = iter(())
        self._now: VideoFrame | None = None
        self._next: VideoFrame | None = None
        self._planes: Planes | None = None
        self._pair: tuple[int, Between] | None = None
        self._late = self._period = 0
        self._still = is_still(self._container)
        try:
            self._restart(0)
            if self._now is not None and self._container.format.name == "avi":
                # AVI has no presentation times: with B-pictures the library counts from the first one it can show
                self._late = self._tick(self._now)
        except MediaError:
            self.close()
            raise

    @property
    def rate(self) -> Fraction:
        """Pictures a second, in the mean; 0 where it is not known."""
        return rate_of(self._container, self._stream)

    def close(self) -> None:
        self._frames = iter(())
        self._container.close()

    def __enter__(self) -> PictureReader:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        self.close()

    def _tick(self, frame: VideoFrame) -> int:
        return tick_of(frame.pts or 0, frame.time_base or self._base, self._zero) - self._late

    def _to_planes(self, frame: VideoFrame) -> Planes:
        try:
            return self._conform.planes(frame, self._rotation, self._height)
        except DAMAGE as error:
            raise damaged(self._path, error) from error

    def _pull(self) -> VideoFrame | None:
        try:
            while True:
                frame = next(self._frames, None)
                if frame is None or frame.pts is not None:
                    return frame
        except av.error.EOFError:
            return None
        except DAMAGE as error:
            raise damaged(self._path, error) from error

    def _restart(self, tick: int) -> None:
        """Start decoding at the key frame at or before `tick`."""
        if self._still:
            if self._now is None:
                self._frames = self._container.decode(self._stream)
                self._now = self._pull()
            return
        target = Fraction(tick, TICKS_PER_SECOND) + self._zero
        for back in (0, 2, 8, 10**6):  # some containers land after the target
            at = max(Fraction(0), target - back) if back < 10**6 else Fraction(0)
            try:
                self._container.seek(round(at / self._base), stream=self._stream, backward=True)
            except DAMAGE as error:
                if back == 10**6:
                    raise damaged(self._path, error) from error
                continue
            self._frames = whole_pictures(self._container.decode(self._stream))
            self._now = self._pull()
            if at == 0 or (self._now is not None and self._tick(self._now) <= tick):
                break
        self._next = self._pull()
        self._planes = None

    def _advance(self) -> None:
        give_way()
        self._now, self._next = self._next, self._pull()
        self._planes = None

    def at(self, tick: int) -> Planes:
        """The picture on show at `tick`: the last one that starts at or before it (the first one before the start,
        the last one after the end)."""
        if self._now is None:
            self._restart(0)
            if self._now is None:
                raise MediaError(tr("No picture in {name} can be decoded.", name=self._path.name), tr("Export the file again."))
        here = self._tick(self._now)
        before = tick < here and here > 0
        after = tick > here + _STEP_ON and self._next is not None
        if before or after:
            self._restart(max(0, tick))
        while self._next is not None and self._tick(self._next) <= tick:
            self._advance()
        assert self._now is not None
        if self._next is None and self._ends_early(tick):
            raise MediaError(
                tr("{name} ends before it said it does.", name=self._path.name), tr("Bring the whole file back, and try again.")
            )
        if self._planes is None:
            self._planes = self._to_planes(self._now)
        return self._planes

    def _ends_early(self, tick: int) -> bool:
        """Whether no picture is left at `tick`, although the track says that it goes on: the file was cut off meanwhile."""
        if self._now is None or self._still or not self._stream.duration:
            return False
        last = self._tick(self._now) + round((self._now.duration or 0) * self._base * TICKS_PER_SECOND)
        end = tick_of(self._stream.duration + (self._stream.start_time or 0), self._base, self._zero) - self._late
        return last + _MISSING < tick < end - _MISSING

    def between(self, tick: int) -> Planes:
        """The picture at `tick` itself: where it lies between the middles of two pictures, what moves is moved on between them.
        Stills, and places where the shot changes, as by `at`."""
        if self._still:
            return self.at(tick)
        if self._now is not None and self._next is not None:
            self._period = self._tick(self._next) - self._tick(self._now)
        target = tick - self._period // 2
        before = self.at(max(0, target))
        if target <= 0 or self._now is None or self._next is None:
            return before
        here, there = self._tick(self._now), self._tick(self._next)
        share = (target - here) / max(1, there - here)
        if share < _SAME or share > 1 - _SAME or there - here > 2 * self._period:
            return self.at(tick) if share > 0.5 else before
        if self._pair is None or self._pair[0] != here:
            self._pair = here, Between(before, self._to_planes(self._next))
        return self._pair[1].at(share)

    def walk(self, start: int = 0, end: int | None = None) -> Iterator[Seen]:
        """All pictures from the one on show at `start` up to `end`, in order."""
        self._restart(start)
        while self._next is not None and self._tick(self._next) <= start:
            self._advance()
        while self._now is not None:
            tick = self._tick(self._now)
            if end is not None and tick >= end:
                return
            yield Seen(tick, self._now, self._to_planes)
            self._advance()


class Seen:
    """A picture that was passed, converted only as far as it is asked for."""

    def __init__(self, tick: int, frame: VideoFrame, convert: Callable[[VideoFrame], Planes]) -> None:
        self.tick = tick
        self._frame, self._convert = frame, convert

    @property
    def key(self) -> bool:
        """Whether it is coded by itself, as encoders do where a shot begins."""
        return bool(self._frame.key_frame)

    def planes(self) -> Planes:
        """The whole picture, as the reader was told to give it."""
        return self._convert(self._frame)

    def sketch(self, width: int, height: int) -> Planes:
        """A small picture of that size, not turned upright: the mean of every few pixels, enough to see what changes."""
        frame = self._frame
        if not is_common(frame):
            whole = self.planes()
            parts = [whole.y, whole.u, whole.v]
        else:
            parts = [plane_of(frame, i, frame.width >> min(i, 1), frame.height >> min(i, 1)) for i in range(3)]
        return Planes(*(scaled(_thinned(p, height), (width, height)) for p in parts))


def _thinned(plane: Plane, height: int) -> Plane:
    step = max(1, plane.shape[0] // (3 * height))
    return np.ascontiguousarray(plane[::step, ::step])
