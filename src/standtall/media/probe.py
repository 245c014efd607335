"""Describes a media file from its headers, checking each number it is told."""

from __future__ import annotations

import re
from fractions import Fraction
from pathlib import Path
from typing import Any, Final

import av
import av.error
from av.container import InputContainer

from standtall.base.errors import MediaError
from standtall.base.files import content_key
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, clock
from standtall.media.conform import square_size
from standtall.media.opening import DAMAGE, damaged, only, open_media, rate_of, tick_of, zero_of
from standtall.model.source import SoundTrack, Source

LONGEST_S: Final = 24 * 3600
LARGEST: Final = 16_384
TIMECODE: Final = re.compile(r"\d{2}:\d{2}:\d{2}[:;.]\d{2}")
REEL: Final = re.compile(r"[\w\-. ]{1,32}")
STILL_LENGTH: Final = 5 * TICKS_PER_SECOND
"""How long a still picture stands."""
SCAN_S: Final = 12
"""How far into the file key frames are looked for, in seconds."""


def probe(path: str | Path) -> Source:
    """Describe the file at `path`.

    Raises `MediaError` when it is missing, not media, has neither picture nor sound, has no length, lies about its
    size, or ends before it says it does.
    """
    place = Path(path).absolute()
    with open_media(place) as container:
        try:
            return _describe(place, container)
        except DAMAGE as error:
            raise damaged(place, error) from error


def _describe(place: Path, container: InputContainer) -> Source:
    video, audio = picture_stream(container), only(container.streams.audio)
    if video is None and audio is None:
        raise MediaError(tr("{name} has neither picture nor sound.", name=place.name), tr("Choose a video or sound file."))
    still = video is not None and audio is None and is_still(container)
    length = STILL_LENGTH if still else _length(container, video or audio)
    if length is None or length <= 0:
        raise MediaError(tr("{name} has no length: nothing in it can be played.", name=place.name), tr("Export the file again."))
    if length > LONGEST_S * TICKS_PER_SECOND:
        raise MediaError(
            tr("{name} says it runs for more than a day.", name=place.name), tr("Its header is damaged: export it again.")
        )
    width = height = rotation = gap = 0
    rate = Fraction(0)
    if video is not None:
        width, height = video.width, video.height
        if not (0 < width <= LARGEST and 0 < height <= LARGEST):
            raise MediaError(
                tr("{name} says its picture is {width} by {height}.", name=place.name, width=width, height=height),
                tr("Its header is damaged: export it again."),
            )
        rate = rate_of(container, video) or Fraction(25)
        if not Fraction(1, 10) <= rate <= 300:
            rate = Fraction(25)
        rotation, gap = _look_inside(place, container, video, None if still else length)
        width, height = square_size(width, height, video.sample_aspect_ratio)
        if rotation in (90, 270):
            width, height = height, width
    return Source(
        key=content_key(place),
        path=str(place),
        name=place.stem,
        length=length,
        width=width,
        height=height,
        rate=rate,
        rotation=rotation,
        video_codec=video.codec_context.name if video is not None else "",
        pixel_format=(video.codec_context.pix_fmt or "") if video is not None else "",
        audio_codec=audio.codec_context.name if audio is not None else "",
        audio_rate=audio.rate if audio is not None else 0,
        audio_channels=audio.channels if audio is not None else 0,
        size_bytes=place.stat().st_size,
        keyframe_gap=gap,
        still=still,
        sound_tracks=tuple(_sound_track(s) for s in container.streams.audio),
        timecode=_named(container, "timecode", TIMECODE),
        reel=_named(container, "reel_name", REEL),
    )


def _named(container: InputContainer, name: str, form: re.Pattern[str]) -> str:
    """What a file says of itself under a name, in its head or that of a track; empty where it is not of the form."""
    told = [container.metadata, *(s.metadata for s in container.streams)]
    found = (str(t[name]).strip() for t in told if name in t)
    return next((text for text in found if form.fullmatch(text)), "")


def is_still(container: InputContainer) -> bool:
    """True for a single picture, such as PNG or JPEG."""
    name = container.format.name
    return name == "image2" or name.endswith("_pipe")


def _sound_track(stream: Any) -> SoundTrack:
    codec, told = stream.codec_context, stream.metadata
    language, title = str(stream.language or "")[:20], str(told.get("title", ""))[:80]
    return SoundTrack(codec.name, stream.channels, stream.rate or 0, "" if language == "und" else language, title)


def picture_stream(container: InputContainer) -> Any:
    """The first moving picture; cover art inside sound files does not count."""
    for stream in container.streams.video:
        decoder: Any = stream.codec_context  # None where no decoder is known
        if decoder is not None and not stream.disposition & av.stream.Disposition.attached_pic:
            return stream
    return None


def _length(container: InputContainer, stream: Any) -> int | None:
    if stream.duration is not None and stream.time_base is not None:
        return round(stream.duration * stream.time_base * TICKS_PER_SECOND)
    if container.duration is not None:
        return round(Fraction(container.duration, av.time_base) * TICKS_PER_SECOND)
    return None


def _look_inside(place: Path, container: InputContainer, video: Any, length: int | None) -> tuple[int, int]:
    """-> (rotation clockwise, widest gap between key frames in ticks); proves that pictures can be decoded.

    `length` is None for a still picture, which has neither.
    """
    frame = next(container.decode(video), None)
    if frame is None:
        raise MediaError(tr("No picture in {name} can be decoded.", name=place.name), tr("Export the file again."))
    rotation = round(-frame.rotation) % 360
    if length is None:
        return rotation, 0
    container.seek(0)
    zero = zero_of(container)
    keys: list[int] = []
    last = 0
    for packet in container.demux(video):
        if packet.pts is None:
            continue
        last = tick_of(packet.pts, video.time_base, zero)
        if packet.is_keyframe:
            keys.append(last)
        if last > SCAN_S * TICKS_PER_SECOND:
            break
    gaps = [b - a for a, b in zip(keys, [*keys[1:], last], strict=True)]
    _check_end(place, container, video, length)
    return rotation, max(gaps, default=0)


def _check_end(place: Path, container: InputContainer, video: Any, length: int) -> None:
    """Raise `MediaError` when packets stop well before the length that the header claims."""
    slack = max(2 * TICKS_PER_SECOND, length // 50)
    if length < 2 * slack:
        return
    zero = zero_of(container)
    target = Fraction(length - slack, TICKS_PER_SECOND) + zero
    container.seek(round(target / video.time_base), stream=video, backward=True)
    last = 0
    for packet in container.demux(video):
        if packet.pts is not None and packet.size:
            last = max(last, tick_of(packet.pts, video.time_base, zero))
    if last < length - slack:
        raise MediaError(
            tr("{name} is cut short: it should run {length} but the file ends early.", name=place.name, length=clock(length)),
            tr("Copy or export it again; a half-finished download does this."),
            last_s=last / TICKS_PER_SECOND,
        )
