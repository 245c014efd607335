"""Opens media files safely and turns codec-library errors into sentences."""

from __future__ import annotations

import re
import traceback
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

import av
import av.error
from av.container import InputContainer

from standtall.base import log
from standtall.base.errors import MediaError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND

av.logging.restore_default_callback()  # the one that calls Python can wait for ever on a codec's threads
av.logging.set_libav_level(av.logging.PANIC)

_CONTAINERS = """
mov mp4 matroska webm mpegts mpeg mpegvideo m4v avi flv asf mxf nut ogg ivf dv h261 h263 h264 hevc obu gif apng
wav w64 mp3 aac ac3 eac3 flac aiff caf amr opus
image2 avif webp png_pipe jpeg_pipe jpegls_pipe jpegxl_pipe webp_pipe bmp_pipe tiff_pipe gif_pipe j2k_pipe exr_pipe dpx_pipe
pam_pipe pbm_pipe pgm_pipe ppm_pipe tga_pipe qoi_pipe psd_pipe sgi_pipe
"""
SAFE = {"protocol_whitelist": "file", "format_whitelist": ",".join(_CONTAINERS.split()), "pattern_type": "none"}
"""A file may never make the program open another one, local or not: playlists, which do (and one that names itself took 5 GB
and half a minute), are no footage, and the name of a picture is no pattern."""

DAMAGE: Final = (
    av.error.FFmpegError, ValueError, TypeError, ArithmeticError, LookupError, AttributeError, AssertionError, MemoryError,
)  # fmt: skip
"""What reading a damaged file can raise: the codec library's own errors, and those of its Python side, which meets values that no
whole file has (a demuxer that adds a stream in the middle, a stream without a codec)."""
RATE_COMMENT: Final = re.compile(r"passages of footage of (\d{1,9})/([1-9]\d{0,8}) pictures a second")
MOST_PIXELS: Final = 100_000_000
"""Most pixels of a picture: three times those of 8K; each costs memory many times over."""


def coders() -> str:
    """Name and version of the library that decodes and encodes."""
    return f"libavcodec {'.'.join(map(str, av.library_versions['libavcodec']))}"


def open_media(path: str | Path) -> InputContainer:
    """Open a local file for reading; raises `MediaError` that says what is wrong with it."""
    place = Path(path)
    if not place.exists():
        raise MediaError(tr("There is no file {place}.", place=place), tr("Check the name, or choose the file again."))
    if place.is_dir():
        raise MediaError(tr("{place} is a folder.", place=place), tr("Choose the media files in it."))
    if place.stat().st_size == 0:
        raise MediaError(tr("{name} is empty (0 bytes).", name=place.name), tr("Copy or export the file again."))
    try:
        container = av.open(str(place.absolute()), options=dict(SAFE), metadata_errors="replace")
    except PermissionError as error:
        raise MediaError(
            tr("{place} may not be read.", place=place), tr("Change its permissions, or copy it to your own folder.")
        ) from error
    except (*DAMAGE, OSError) as error:
        raise damaged(place, error) from error
    try:
        for stream in container.streams.video:
            if stream.width * stream.height > MOST_PIXELS:
                size = f"{stream.width} by {stream.height}"
                raise MediaError(
                    tr(
                        "{name} says its picture is {size}: that is more than this program can work with.",
                        name=place.name,
                        size=size,
                    ),
                    tr("Save it smaller, at most 100 megapixels; if it is smaller, its header is damaged."),
                )
    except DAMAGE as error:
        container.close()
        raise damaged(place, error) from error
    except MediaError:
        container.close()
        raise
    return container


def rate_of(container: InputContainer, video: Any) -> Fraction:
    """Pictures a second in the mean, 0 where it is not known; of footage of which only passages are left, that of the whole,
    which it says in its comment."""
    told = RATE_COMMENT.fullmatch(str(container.metadata.get("comment", container.metadata.get("COMMENT", ""))))
    if told:
        return Fraction(int(told[1]), int(told[2]))
    return Fraction(video.average_rate or video.guessed_rate or 0)


def rate_comment(rate: Fraction) -> str:
    """What footage of which only passages are left says of its rate."""
    return f"passages of footage of {rate.numerator}/{rate.denominator} pictures a second"


def damaged(path: Path, error: BaseException) -> MediaError:
    """What to say of a file that the codec library refuses."""
    if not isinstance(error, av.error.FFmpegError):  # it may be a fault of ours after all
        trace = "".join(traceback.format_exception(error)[-6:])
        log.note(f"{path} is taken for damaged:\n{trace}")
    return MediaError(
        tr("{name} is not a video or sound file that can be read, or it is damaged.", name=path.name),
        tr("Play it in another program; if it is cut short, copy or export it again."),
        path=str(path),
        reason=str(error),
    )


def zero_of(container: InputContainer) -> Fraction:
    """The time in seconds that counts as the start of the file."""
    start: int | None = container.start_time  # None for some sound files, whatever the stubs say
    if start is None or abs(start) > av.time_base * 86_400:
        return Fraction(0)
    return Fraction(start, av.time_base)


def tick_of(pts: int, time_base: Fraction, zero: Fraction) -> int:
    """A presentation time stamp in ticks after the start of the file."""
    return round((pts * time_base - zero) * TICKS_PER_SECOND)


def only(streams: Any) -> Any:
    """The first stream of its kind, or None."""
    return streams[0] if len(streams) else None
