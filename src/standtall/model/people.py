"""Shots, the faces followed in them, the people they belong to, and who is talking."""

from __future__ import annotations

import bisect
import re
from dataclasses import dataclass
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.geometry import Rect
from standtall.base.interface_language import tr
from standtall.model import checks

UNNAMED: Final = re.compile(r"(Speaker|Voice) (\d+)")
"""Names that the program gives to whom nobody has named."""


def shown_name(name: str) -> str:
    """A name as it is shown: of somebody whom nobody has named, their number in the language of the program."""
    found = UNNAMED.fullmatch(name)
    if found is None:
        return name
    number = int(found[2])
    return tr("Speaker {n}", n=number) if found[1] == "Speaker" else tr("Voice {n}", n=number)


@dataclass(frozen=True, slots=True)
class Shot:
    """Footage between two cuts, in ticks of the source; `look` is how it looks as a whole, each value 0..255, and `weights` how
    much there is to see in each column of it, 0..100 (see `people.shot_looks`); both empty where that was not looked at."""

    start: int
    end: int
    look: tuple[int, ...] = ()
    weights: tuple[int, ...] = ()

    def __post_init__(self) -> None:
        checks.forward("A shot", self.start, self.end)


@dataclass(frozen=True, slots=True)
class FaceSample:
    """A face at one time: tick, box in shares of the picture (0..1), mouth opening as a share of face height (None where the face
    does not show, so that the box tells where it would be), and how far the face is turned, -1 (to the left edge of the picture)
    .. 1."""

    at: int
    x: float
    y: float
    w: float
    h: float
    mouth: float | None
    turn: float = 0.0

    @property
    def rect(self) -> Rect:
        return Rect(self.x, self.y, self.w, self.h)


NEAR: Final = 12_000
"""Ticks from a sample within which a face is taken to be where it was."""


@dataclass(frozen=True, slots=True)
class Track:
    """One face followed through one shot; `person` is the same number wherever the same person is seen."""

    shot: int
    person: int
    samples: tuple[FaceSample, ...]

    @property
    def start(self) -> int:
        return self.samples[0].at

    @property
    def end(self) -> int:
        return self.samples[-1].at

    def at(self, tick: int) -> Rect | None:
        """The face box at `tick`, read between samples that are near; None where it was not seen for a quarter of a second: who
        walks is somewhere else by then."""
        i = bisect.bisect_right(self.samples, tick, key=lambda s: s.at)
        near = NEAR
        if i == 0:
            return self.samples[0].rect if self.samples[0].at - tick <= near else None
        if i == len(self.samples):
            return self.samples[-1].rect if tick - self.samples[-1].at <= near else None
        a, b = self.samples[i - 1], self.samples[i]
        if b.at - a.at > 2 * near:  # where somebody was not seen is not known
            return a.rect if tick - a.at <= near else b.rect if b.at - tick <= near else None
        f = (tick - a.at) / max(1, b.at - a.at)
        return Rect(a.x + (b.x - a.x) * f, a.y + (b.y - a.y) * f, a.w + (b.w - a.w) * f, a.h + (b.h - a.h) * f)


@dataclass(frozen=True, slots=True)
class Region:
    """A place in the picture (shares of it) where something is from `start` to `end` (ticks): writing, or a screen."""

    start: int
    end: int
    x: float
    y: float
    w: float
    h: float

    def __post_init__(self) -> None:
        checks.forward("A region", self.start, self.end)

    @property
    def rect(self) -> Rect:
        return Rect(self.x, self.y, self.w, self.h)


@dataclass(frozen=True, slots=True)
class Shake:
    """How the picture as a whole moves from `start` to `end` (ticks): where each picture, shown from one of the `times` on, lies
    against the first of them, in shares of the picture."""

    start: int
    end: int
    times: tuple[int, ...]
    x: tuple[float, ...]
    y: tuple[float, ...]

    def __post_init__(self) -> None:
        checks.forward("A measurement of shake", self.start, self.end)
        if not len(self.times) == len(self.x) == len(self.y):
            raise ProjectError(tr("A measurement of shake must have as many places as times."))


@dataclass(frozen=True, slots=True)
class Talk:
    """A passage said by one person who is in the picture, with how sure that is, 0..1."""

    start: int
    end: int
    person: int
    confidence: float


@dataclass(frozen=True, slots=True)
class People:
    """All that was found in the picture of one source: everything in the order of its start; talk never overlaps."""

    shots: tuple[Shot, ...] = ()
    tracks: tuple[Track, ...] = ()
    talk: tuple[Talk, ...] = ()
    names: tuple[str, ...] = ()
    texts: tuple[Region, ...] = ()
    """Lines of writing, by shot."""
    screens: tuple[Region, ...] = ()
    """Screens, slides and charts, by shot."""
    wardrobes: tuple[tuple[int, ...], ...] = ()
    """What each person with a face looks like apart from it, by their number: the colours of hair, skin and clothes (see
    `people.wardrobe`) in ten-thousandths."""
    shakes: tuple[Shake, ...] = ()
    """Measured only where a shot is to be steadied."""
    overlaps: tuple[Talk, ...] = ()
    """What others in view say beside `talk`, by its start."""
    voices: tuple[tuple[int, ...], ...] = ()
    """How each person sounds, by their number: their voice print (see `people.voices`) in 127ths, empty where it is not known."""
    faces: tuple[tuple[int, ...], ...] = ()
    """What each person's face is like, by their number: its vector (see `people.face_vectors`) in thousandths, empty where it is
    not known."""

    def shot_at(self, tick: int) -> int:
        """Index of the shot at `tick` (the last one after the end)."""
        i = bisect.bisect_right(self.shots, tick, key=lambda s: s.start) - 1
        return max(0, min(len(self.shots) - 1, i))

    def talk_at(self, tick: int) -> Talk | None:
        """The passage said at `tick`, or None."""
        i = bisect.bisect_right(self.talk, tick, key=lambda t: t.start) - 1
        return self.talk[i] if i >= 0 and tick < self.talk[i].end else None

    def speaker_at(self, tick: int) -> int | None:
        """The person talking at `tick`, or None."""
        talk = self.talk_at(tick)
        return None if talk is None else talk.person

    def others_at(self, tick: int) -> tuple[int, ...]:
        """Who talks at `tick` beside the person of `talk`."""
        last = bisect.bisect_right(self.overlaps, tick, key=lambda t: t.start)
        return tuple(t.person for t in self.overlaps[:last] if tick < t.end)

    def tracks_in(self, shot: int) -> tuple[Track, ...]:
        if not self.shots:
            return ()
        span = self.shots[shot]
        first = bisect.bisect_left(self.tracks, span.start, key=lambda t: t.start)
        last = bisect.bisect_left(self.tracks, span.end, key=lambda t: t.start)
        return tuple(track for track in self.tracks[first:last] if track.shot == shot)

    def seen_in(self, regions: tuple[Region, ...], start: int, end: int) -> tuple[Region, ...]:
        """Those of the texts or screens that are there at some time of [start, end)."""
        return tuple(r for r in regions if r.start < end and r.end > start)

    def talk_within(self, start: int, end: int) -> tuple[Talk, ...]:
        """What is said in [start, end), whole passages."""
        first = bisect.bisect_right(self.talk, start, key=lambda t: t.end)
        last = bisect.bisect_left(self.talk, end, key=lambda t: t.start)
        return self.talk[first:last]
