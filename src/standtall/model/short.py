"""A short: what is cut from a source, how it is framed, how its captions look."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from typing import Literal

from standtall.model import checks
from standtall.model.channel import FIRST
from standtall.model.timemap import Excerpt, TimeMap

WIDTH, HEIGHT = 1080, 1920

Joins = Literal["straight", "punch", "blend"]
"""How the picture goes over a cut inside one camera position: as it is, a little nearer and back by turns, or blended."""


@dataclass(frozen=True, slots=True)
class HandCrop:
    """A crop set by hand for the shot that holds `at`: centre and height in shares of the source picture."""

    at: int
    cx: float
    cy: float
    h: float

    def __post_init__(self) -> None:
        checks.in_range("The centre of a crop", self.cx, 0.0, 1.0)
        checks.in_range("The centre of a crop", self.cy, 0.0, 1.0)
        checks.in_range("The height of a crop", self.h, 0.1, 1.0)


@dataclass(frozen=True, slots=True)
class Follow:
    """In the shot that holds `at`, follow this person whoever talks."""

    at: int
    person: int


@dataclass(frozen=True, slots=True)
class Framing:
    """How the camera behaves: calmness 0 (quick) .. 1 (calm), and the choices made by hand.

    Shots in which no face is as high as `whole_under` (a share of the picture's height) stay whole: what is beside the face
    matters there.
    """

    calm: float = 0.6
    crops: tuple[HandCrop, ...] = ()
    follows: tuple[Follow, ...] = ()
    whole_under: float = 0.0

    def __post_init__(self) -> None:
        checks.in_range("Calmness", self.calm, 0.0, 1.0)
        checks.in_range("The height of faces beside a screen", self.whole_under, 0.0, 1.0)


@dataclass(frozen=True, slots=True)
class Cover:
    """Another picture shown over a passage of the source, `start` to `end` in its ticks, while the sound goes on.

    `path` and the content `key` say which file, `at` from which of its ticks on.
    """

    path: str
    key: str
    start: int
    end: int
    at: int = 0

    def __post_init__(self) -> None:
        checks.forward("A picture over the talk", self.start, self.end)
        checks.in_range("Where a picture over the talk begins", self.at, 0, 1 << 50)


@dataclass(frozen=True, slots=True)
class Short:
    """Excerpts of one source in the order in which they are heard, plus everything that makes a finished file of them.

    Excerpts never overlap, but may stand in another order than in the source. Words of the source that no excerpt covers
    are cut out; they stay in the source's words and are brought back by covering them again. `caption_y` is the middle of
    the captions as a share of the height, None to keep them clear of the face automatically. `caption_language` is that
    of a translation, or empty for the words as they are said.
    """

    name: str
    source_key: str
    excerpts: tuple[Excerpt, ...]
    look: str = "ember"
    framing: Framing = Framing()
    caption_y: float | None = None
    captions_on: bool = True
    caption_language: str = ""
    width: int = WIDTH
    height: int = HEIGHT
    rate: Fraction = Fraction(0)
    """Pictures a second; 0 means as the source."""
    joins: Joins = "straight"
    channel: str = FIRST.name
    covers: tuple[Cover, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("The width of a short", self.width, 64, 4320)
        checks.in_range("The height of a short", self.height, 64, 7680)
        checks.in_range("Pictures a second", float(self.rate), 0, 120)
        if self.caption_y is not None:
            checks.in_range("The place of the captions", self.caption_y, 0.05, 0.95)
        checks.apart("The excerpts of a short", tuple((e.start, e.end) for e in self.excerpts))

        checks.apart("Pictures over the talk", tuple((c.start, c.end) for c in self.covers))

    @property
    def time_map(self) -> TimeMap:
        return TimeMap(self.excerpts)

    @property
    def length(self) -> int:
        """Ticks."""
        return sum(e.length for e in self.excerpts)

    @property
    def aspect(self) -> float:
        """Width over height."""
        return self.width / self.height
