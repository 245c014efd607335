"""Writes finished movies: H.264 and AAC in MP4, index first, BT.709 limited range."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from types import TracebackType
from typing import Any

import av
import av.error
import numpy as np
from av.audio.frame import AudioFrame

from standtall.base.errors import OutputError, disk_error
from standtall.media.planes import Planes, to_frame
from standtall.media.sound_reader import MIX_RATE, Samples

BT709 = 1


class MovieWriter:
    """Encodes pictures and sound into one MP4. Pictures and sound may come from different threads in turn."""

    def __init__(
        self,
        path: Path,
        width: int,
        height: int,
        rate: Fraction,
        options: dict[str, str],
        sound: bool = True,
        sound_bit_rate: int = 192_000,
    ) -> None:
        self._path = path
        try:
            self._container = av.open(str(path), "w", format="mp4", options={"movflags": "+faststart"})
        except (OSError, av.error.FFmpegError) as error:
            raise _failed(error, path) from error
        video: Any = self._container.add_stream("libx264", rate=rate, options=options)
        video.width, video.height, video.pix_fmt = width, height, "yuv420p"
        context = video.codec_context
        context.thread_type = "AUTO"  # else the encoder falls back to slices, which is far slower
        context.time_base = 1 / rate
        context.color_primaries, context.color_trc, context.colorspace, context.color_range = BT709, BT709, BT709, 1
        self._video = video
        self._rate = rate
        self._audio: Any = None
        if sound:
            self._audio = self._container.add_stream("aac", rate=MIX_RATE, layout="stereo")
            self._audio.bit_rate = sound_bit_rate
        self._pictures = 0
        self._samples = 0
        self._open = True

    def picture(self, planes: Planes) -> None:
        """Encode the next picture."""
        frame = to_frame(planes)
        frame.pts, frame.time_base = self._pictures, 1 / self._rate
        self._pictures += 1
        self._mux(self._video, frame)

    def sound(self, samples: Samples) -> None:
        """Encode the next float32 (2, samples) at 48 kHz."""
        frame = AudioFrame.from_ndarray(np.ascontiguousarray(samples, np.float32), format="fltp", layout="stereo")
        frame.sample_rate, frame.pts, frame.time_base = MIX_RATE, self._samples, Fraction(1, MIX_RATE)
        self._samples += samples.shape[1]
        self._mux(self._audio, frame)

    def _mux(self, stream: Any, frame: Any) -> None:
        try:
            for packet in stream.encode(frame):
                self._container.mux(packet)
        except (OSError, av.error.FFmpegError) as error:
            raise _failed(error, self._path) from error

    def close(self) -> None:
        """Finish the file; raises `OutputError` when the last of it cannot be written."""
        if not self._open:
            return
        self._open = False
        try:
            if self._audio is not None:
                self._mux(self._audio, None)
            self._mux(self._video, None)
        finally:
            try:
                self._container.close()
            except (OSError, av.error.FFmpegError) as error:
                raise _failed(error, self._path) from error

    def __enter__(self) -> MovieWriter:
        return self

    def __exit__(self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None) -> None:
        if kind is None:
            self.close()
        elif self._open:
            self._open = False
            try:
                self._container.close()
            except (OSError, av.error.FFmpegError):
                return  # the first error is the one to tell


def _failed(error: Exception, path: Path) -> OutputError:
    if isinstance(error, OSError):
        return disk_error(error, path)
    return OutputError(f"{path} could not be encoded.", "Try another size or frame rate.", reason=str(error))
