"""A cut as other programs know it: clips of footage one after another, with what lies over, under and beside them."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from standtall.base.geometry import Rect


@dataclass(frozen=True, slots=True)
class CutFile:
    """A media file: `first` is the frame of its own timecode at which it begins, `length` its length in ticks, at `rate` fps.
    `reel` is empty where the file names none."""

    key: str
    path: str
    name: str
    length: int
    rate: Fraction
    first: int = 0
    drop: bool = False
    reel: str = ""
    width: int = 0
    height: int = 0
    has_sound: bool = True


@dataclass(frozen=True, slots=True)
class Reframe:
    """From `at` (ticks after the start of its clip) on, the part `crop` of the picture (shares of it) fills the frame."""

    at: int
    layout: str
    crop: Rect


@dataclass(frozen=True, slots=True)
class CutClip:
    """From `start` to `end` (ticks of the file), with what is said in it, and how it is framed."""

    file: CutFile
    start: int
    end: int
    name: str = ""
    says: str = ""
    framing: tuple[Reframe, ...] = ()
    transition: str = "cut"
    transition_length: int = 0

    @property
    def length(self) -> int:
        return self.end - self.start


@dataclass(frozen=True, slots=True)
class CutMarker:
    """A place of the cut, in its ticks."""

    at: int
    name: str
    note: str = ""
    length: int = 0


@dataclass(frozen=True, slots=True)
class CutTitle:
    """A card of captions, in ticks of the cut."""

    start: int
    end: int
    text: str


@dataclass(frozen=True, slots=True)
class CutOver:
    """Another file shown, or heard, from `start` to `end` of the cut, from tick `at` of it on."""

    path: str
    name: str
    key: str
    start: int
    end: int
    at: int = 0
    still: bool = False


@dataclass(frozen=True, slots=True)
class CutList:
    """A whole cut at `rate` fps, `width` by `height` pixels. Times of the cut count from 0 in ticks."""

    name: str
    rate: Fraction
    width: int
    height: int
    clips: tuple[CutClip, ...]
    drop: bool = False
    markers: tuple[CutMarker, ...] = ()
    captions: tuple[CutTitle, ...] = ()
    cutaways: tuple[CutOver, ...] = ()
    music: tuple[CutOver, ...] = ()

    @property
    def length(self) -> int:
        """Ticks."""
        return sum(c.length for c in self.clips)

    @property
    def starts(self) -> tuple[int, ...]:
        """Where each clip begins, in ticks of the cut."""
        out, at = [], 0
        for clip in self.clips:
            out.append(at)
            at += clip.length
        return tuple(out)


@dataclass(frozen=True, slots=True)
class IncomingClip:
    """A clip that another program wrote: which file it names, and from which second of it (`from_media`) or of its timecode to
    which. `at` is where it stands in the cut, in seconds."""

    name: str
    path: str
    reel: str
    key: str
    start: Fraction
    end: Fraction
    from_media: bool
    rate: Fraction
    at: Fraction = Fraction(0)
    exact: tuple[int, int] | None = None
    """The same in ticks of the file, where this program wrote it."""


@dataclass(frozen=True, slots=True)
class IncomingMarker:
    """A marked place or passage, in seconds of the cut, or of a file where one is named."""

    name: str
    note: str
    start: Fraction
    end: Fraction
    file: str = ""


@dataclass(frozen=True, slots=True)
class Incoming:
    """What a file of another program holds, and in sentences what of it could not be read."""

    name: str
    clips: tuple[IncomingClip, ...]
    markers: tuple[IncomingMarker, ...] = ()
    left_out: tuple[str, ...] = ()
