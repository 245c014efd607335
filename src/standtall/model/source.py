"""A piece of footage, as its file describes itself."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Final

from standtall.model import checks

MIX: Final = -1
"""The sound track that is all tracks of a file together."""


@dataclass(frozen=True, slots=True)
class SoundTrack:
    """One of the sound tracks of a file, as it describes itself; `language` and `title` may be empty."""

    codec: str
    channels: int
    rate: int
    language: str = ""
    title: str = ""


@dataclass(frozen=True, slots=True)
class Source:
    """What is known of a media file without decoding it.

    `width` and `height` are as displayed: in square pixels, after `rotation` (0, 90, 180 or 270 degrees clockwise).
    `length` is in ticks; `rate` in fps, 0 where there is no picture. `keyframe_gap` is the longest distance between
    key frames seen near the start, in ticks: it foretells how slow seeking is.
    """

    key: str
    path: str
    name: str
    length: int
    width: int = 0
    height: int = 0
    rate: Fraction = Fraction(0)
    rotation: int = 0
    video_codec: str = ""
    pixel_format: str = ""
    audio_codec: str = ""
    audio_rate: int = 0
    audio_channels: int = 0
    size_bytes: int = 0
    keyframe_gap: int = 0
    still: bool = False
    sound_tracks: tuple[SoundTrack, ...] = ()
    sound_track: int = 0
    """Which of them is used, or `MIX`."""
    timecode: str = ""
    """That of its first frame, as the file says it; empty where it says none."""
    reel: str = ""

    def __post_init__(self) -> None:
        checks.in_range("The length of a source in ticks", self.length, 1, 48_000 * 3600 * 24)
        checks.in_range("The width of a picture", self.width, 0, 16_384)
        checks.in_range("The height of a picture", self.height, 0, 16_384)
        checks.in_range("The sound track", self.sound_track, MIX, max(0, len(self.sound_tracks) - 1))

    @property
    def has_picture(self) -> bool:
        return self.width > 0

    @property
    def has_sound(self) -> bool:
        return self.audio_channels > 0
