"""The form of a finished file: how pictures and sound are encoded, and what is written beside it."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

Codec = Literal["h264", "hevc", "av1", "vp9"]
Quality = Literal["small", "good", "best"]
CaptionsIn = Literal["picture", "file", "both"]
SoundAlone = Literal["", "m4a", "opus", "wav", "flac"]
ENDINGS: Final[dict[Codec, str]] = {"h264": ".mp4", "hevc": ".mp4", "av1": ".mp4", "vp9": ".webm"}
BESIDE: Final = (".srt", ".vtt", ".ass")
WIDTHS: Final = (720, 1080, 1440, 2160)
RATES: Final = (Fraction(24), Fraction(25), Fraction(30), Fraction(50), Fraction(60))


@dataclass(frozen=True, slots=True)
class Form:
    """`bit_rate` (kilobits a second) holds instead of `quality` where it is not 0. `captions` are in the picture, in
    files `beside` it (by their endings), or both. With `sound_alone` only the sound is written, in that format."""

    codec: Codec = "h264"
    quality: Quality = "good"
    bit_rate: int = 0
    captions: CaptionsIn = "picture"
    beside: tuple[str, ...] = (".srt",)
    sound_alone: SoundAlone = ""

    def __post_init__(self) -> None:
        if self.bit_rate:
            checks.in_range("The bit rate in kilobits a second", self.bit_rate, 100, 200_000)
        if not set(self.beside) <= set(BESIDE):
            raise ProjectError(tr("Captions are written as {these}.", these=", ".join(BESIDE)))

    @property
    def ending(self) -> str:
        """Of the file that is written."""
        return f".{self.sound_alone}" if self.sound_alone else ENDINGS[self.codec]
