"""How a short sounds: levels of the talk, and of what is mixed with it."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.model import checks


@dataclass(frozen=True, slots=True)
class SpeakerGain:
    """How much louder (dB) a speaker of a source is made, by their number in its transcript."""

    source: str
    speaker: int
    db: float

    def __post_init__(self) -> None:
        checks.in_range("The gain of a speaker in dB", self.db, -24.0, 24.0)


@dataclass(frozen=True, slots=True)
class SoundMix:
    """`loudness` is that of the finished sound in LUFS (ITU-R BS.1770)."""

    loudness: float = -14.0
    speaker_gains: tuple[SpeakerGain, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("The loudness in LUFS", self.loudness, -36.0, -6.0)
