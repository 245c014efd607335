"""Writes finished movies and sounds: H.264, HEVC or AV1 with AAC in MP4, index first; VP9 with Opus in WebM; BT.709 limited."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from types import TracebackType
from typing import Any, Final

import av
import av.error
import numpy as np
from av.audio.frame import AudioFrame
from av.stream import Disposition

from standtall.base.errors import OutputError, disk_error
from standtall.base.interface_language import tr
from standtall.media.planes import Planes, put, to_frame
from standtall.media.sound_reader import MIX_RATE, Samples
from standtall.model.form import Codec

BT709 = 1
ENCODERS: Final[dict[Codec, str]] = {"h264": "libx264", "hevc": "libx265", "av1": "libsvtav1", "vp9": "libvpx-vp9"}
SOUNDS: Final[dict[str, tuple[str, str, str]]] = {
    "m4a": ("ipod", "aac", "fltp"), "opus": ("ogg", "libopus", "fltp"), "wav": ("wav", "pcm_s24le", "s32"),
    "flac": ("flac", "flac", "s32"),
}  # fmt: skip
"""Container, encoder and form of samples of each sound format."""


class MovieWriter:
    """Encodes pictures and sound into one MP4, with a `cover` (JPEG) in it where there is one; WebM has none. Pictures and sound
    may come from different threads in turn."""

    def __init__(
        self,
        path: Path,
        width: int,
        height: int,
        rate: Fraction,
        options: dict[str, str],
        sound: bool = True,
        sound_bit_rate: int = 192_000,
        codec: Codec = "h264",
        cover: bytes | None = None,
    ) -> None:
        self._path = path
        self._web = web = codec == "vp9"
        try:
            flags = {} if web else {"movflags": "+faststart"}
            self._container = av.open(str(path), "w", format="webm" if web else "mp4", options=flags)
        except (OSError, av.error.FFmpegError) as error:
            raise _failed(error, path) from error
        video: Any = self._container.add_stream(ENCODERS[codec], rate=rate, options=options)
        video.width, video.height, video.pix_fmt = width, height, "yuv420p"
        context = video.codec_context
        context.thread_type = "AUTO"  # else the encoder falls back to slices, which is far slower
        context.time_base = 1 / rate
        context.color_primaries, context.color_trc, context.colorspace, context.color_range = BT709, BT709, BT709, 1
        if codec == "hevc":
            context.codec_tag = "hvc1"  # the one of the two names that all players take
        self._video = video
        self._rate = rate
        self._audio: Any = None
        if sound:
            self._audio = self._container.add_stream("libopus" if web else "aac", rate=MIX_RATE, layout="stereo")
            self._audio.bit_rate = sound_bit_rate
        self._cover = cover
        if cover is not None and not web:
            self._art: Any = self._container.add_stream("mjpeg", rate=1)
            self._art.width, self._art.height, self._art.pix_fmt = width, height, "yuvj420p"
            self._art.disposition = Disposition.attached_pic
        self._frame: Any = None
        self._pictures = 0
        self._samples = 0
        self._open = True

    def picture(self, planes: Planes) -> None:
        """Encode the next picture."""
        if self._frame is None:
            self._frame = to_frame(planes)
        else:  # the encoders have taken a copy of what it held
            self._frame.make_writable()
            put(planes, self._frame)
        frame = self._frame
        frame.pts, frame.time_base = self._pictures, 1 / self._rate
        if self._pictures == 0 and self._cover is not None and not self._web:
            self._attach(self._cover)
        self._pictures += 1
        self._mux(self._video, frame)

    def _attach(self, picture: bytes) -> None:
        """Put a JPEG into the file, as what stands for it where it does not play."""
        packet = av.Packet(picture)
        packet.stream, packet.pts, packet.dts = self._art, 0, 0
        try:
            self._container.mux(packet)
        except (OSError, av.error.FFmpegError) as error:
            raise _failed(error, self._path) from error

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


def write_sound(path: Path, samples: Samples, kind: str, bit_rate: int = 192_000) -> None:
    """Write float32 (2, samples) at 48 kHz as a sound file of a kind in `SOUNDS`; raises `OutputError`."""
    container_name, encoder, form = SOUNDS[kind]
    try:
        with av.open(str(path), "w", format=container_name) as container:
            stream: Any = container.add_stream(encoder, rate=MIX_RATE, layout="stereo")
            if form == "s32":
                stream.codec_context.format = form  # 24 bits, else it writes 16
            if kind in ("m4a", "opus"):
                stream.bit_rate = bit_rate
            for at in range(0, samples.shape[1], MIX_RATE):
                part = np.ascontiguousarray(samples[:, at : at + MIX_RATE])
                if form == "s32":
                    whole = np.clip(np.round(part.T.astype(np.float64) * 2**31), -(2**31), 2**31 - 1).astype(np.int32)
                    frame = AudioFrame.from_ndarray(np.ascontiguousarray(whole.reshape(1, -1)), format="s32", layout="stereo")
                else:
                    frame = AudioFrame.from_ndarray(part, format="fltp", layout="stereo")
                frame.sample_rate, frame.pts, frame.time_base = MIX_RATE, at, Fraction(1, MIX_RATE)
                for packet in stream.encode(frame):
                    container.mux(packet)
            for packet in stream.encode(None):
                container.mux(packet)
    except (OSError, av.error.FFmpegError) as error:
        raise _failed(error, path) from error


def _failed(error: Exception, path: Path) -> OutputError:
    if isinstance(error, OSError):
        return disk_error(error, path)
    return OutputError(tr("{path} could not be encoded.", path=path), tr("Try another size or frame rate."), reason=str(error))
