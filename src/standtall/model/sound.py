"""How a short sounds: how the talk is cleaned and levelled, and what is mixed with it."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from standtall.model import checks

Noise = Literal["off", "gentle", "strong"]


@dataclass(frozen=True, slots=True)
class SpeakerGain:
    """How much louder (dB) a speaker of a source is made, by their number in its transcript."""

    source: str
    speaker: int
    db: float

    def __post_init__(self) -> None:
        checks.in_range("The gain of a speaker in dB", self.db, -24.0, 24.0)


@dataclass(frozen=True, slots=True)
class Cleaning:
    """What is taken out of the talk: mains hum with its harmonics, steady noise, and short clicks and pops of plosives."""

    hum: bool = False
    noise: Noise = "off"
    clicks: bool = False


@dataclass(frozen=True, slots=True)
class Music:
    """Music under the talk: a piece that ships (`path` is "music:NAME") or a file, by its content `key`.

    At its loudest it is `under_db` softer than the talk while anybody speaks and `pause_db` softer in pauses; it goes down
    `lead_s` before a word and comes up over `release_s` after the last one. A file begins `start` ticks in. `fade_in_s` and
    `fade_out_s` are the
    seconds in which it comes and goes at the ends of the short; a piece that ships has an ending of its own.
    """

    path: str
    key: str = ""
    start: int = 0
    under_db: float = 17.0
    pause_db: float = 7.0
    lead_s: float = 0.25
    release_s: float = 0.5
    fade_in_s: float = 0.4
    fade_out_s: float = 1.5

    def __post_init__(self) -> None:
        checks.in_range("Where the music begins", self.start, 0, 1 << 50)
        for name, value, low, high in (
            ("How far the music is under the talk in dB", self.under_db, 0.0, 60.0),
            ("How far the music is under the talk in pauses in dB", self.pause_db, -6.0, 60.0),
            ("How long before a word the music goes down", self.lead_s, 0.02, 2.0),
            ("How long the music takes to come up", self.release_s, 0.05, 5.0),
            ("How long the music takes to come", self.fade_in_s, 0.0, 20.0),
            ("How long the music takes to go", self.fade_out_s, 0.0, 20.0),
        ):
            checks.in_range(name, value, low, high)


@dataclass(frozen=True, slots=True)
class Recorder:
    """The sound of another recorder for a source, aligned: tick t of the source is sample `offset` + t * (1 + `ppm` / 1e6) of the
    file at 48 kHz. It is heard instead of the source's own sound or with it; with `speakers` only while these speak."""

    source: str
    path: str
    key: str
    offset: float
    ppm: float = 0.0
    use: Literal["instead", "with"] = "instead"
    db: float = 0.0
    speakers: tuple[int, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("The offset of a recorder", self.offset, -1e10, 1e10)
        checks.in_range("The drift of a recorder in ppm", self.ppm, -2000.0, 2000.0)
        checks.in_range("The level of a recorder in dB", self.db, -60.0, 24.0)


@dataclass(frozen=True, slots=True)
class SoundMix:
    """`loudness` is that of the finished sound in LUFS (ITU-R BS.1770); with `even` each speaker is brought to the level of the
    loudest, and `speaker_gains` come on top."""

    loudness: float = -14.0
    speaker_gains: tuple[SpeakerGain, ...] = ()
    even: bool = False
    cleaning: Cleaning = Cleaning()
    music: Music | None = None
    recorders: tuple[Recorder, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("The loudness in LUFS", self.loudness, -36.0, -6.0)
