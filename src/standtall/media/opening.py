"""Opens media files safely and turns codec-library errors into sentences."""

from __future__ import annotations

from fractions import Fraction
from pathlib import Path
from typing import Any

import av
import av.error
from av.container import InputContainer

from standtall.base.errors import MediaError
from standtall.base.time import TICKS

av.logging.restore_default_callback()  # the one that calls Python can wait for ever on a codec's threads
av.logging.set_libav_level(av.logging.PANIC)

LOCAL_ONLY = {"protocol_whitelist": "file"}
"""A container or playlist on disk may never make the program open anything but local files."""


def open_media(path: str | Path) -> InputContainer:
    """Open a local file for reading; raises `MediaError` that says what is wrong with it."""
    place = Path(path)
    if not place.exists():
        raise MediaError(f"There is no file {place}.", "Check the name, or choose the file again.")
    if place.is_dir():
        raise MediaError(f"{place} is a folder.", "Choose the media files in it.")
    if place.stat().st_size == 0:
        raise MediaError(f"{place.name} is empty (0 bytes).", "Copy or export the file again.")
    try:
        return av.open(str(place.absolute()), options=dict(LOCAL_ONLY), metadata_errors="replace")
    except PermissionError as error:
        raise MediaError(f"{place} may not be read.", "Change its permissions, or copy it to your own folder.") from error
    except (av.error.FFmpegError, OSError, ValueError) as error:
        raise damaged(place, error) from error


def damaged(path: Path, error: BaseException) -> MediaError:
    """What to say of a file that the codec library refuses."""
    return MediaError(
        f"{path.name} is not a video or sound file that can be read, or it is damaged.",
        "Play it in another program; if it is cut short, copy or export it again.",
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
    return round((pts * time_base - zero) * TICKS)


def only(streams: Any) -> Any:
    """The first stream of its kind, or None."""
    return streams[0] if len(streams) else None
