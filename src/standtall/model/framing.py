"""How a short is framed: how the camera behaves, and what was chosen by hand for single shots."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Final, Literal

from standtall.model import checks

Layout = Literal["follow", "whole", "stack", "grid", "screen", "corner"]
"""A crop that follows somebody; the whole picture on a backdrop; people above each other; four people; a screen with a face under
it; a small picture in the corner of another."""
LAYOUT_TITLES: Final[dict[Layout, str]] = {
    "follow": "Follow", "whole": "Whole", "stack": "Stack", "grid": "Grid", "screen": "Screen and face", "corner": "Corner",
}  # fmt: skip
"""What the window calls each layout."""


Ease = Literal["smooth", "even", "hold"]
"""It sets out and arrives by and by; it moves evenly; it stays, and is cut."""


@dataclass(frozen=True, slots=True)
class Keyframe:
    """A crop at one tick of the source: its centre and height in shares of the source picture, and how it goes on to the next."""

    at: int
    cx: float
    cy: float
    h: float
    ease: Ease = "smooth"

    def __post_init__(self) -> None:
        checks.in_range("The centre of a crop", self.cx, 0.0, 1.0)
        checks.in_range("The centre of a crop", self.cy, 0.0, 1.0)
        checks.in_range("The height of a crop", self.h, 0.1, 1.0)


@dataclass(frozen=True, slots=True)
class PersonTarget:
    """Follow one person of the source, whoever talks."""

    person: int
    kind: Literal["person"] = "person"


@dataclass(frozen=True, slots=True)
class SpeakingTarget:
    """Follow whoever talks."""

    kind: Literal["speaking"] = "speaking"


Target = PersonTarget | SpeakingTarget
"""Whom the camera follows."""


@dataclass(frozen=True, slots=True)
class ShotFraming:
    """What was chosen by hand for the shot of a source that holds the tick `at`; None and empty leave it to the camera.

    A `locked` shot is never framed anew by a command that is about many shots.
    """

    source: str
    at: int
    layout: Layout | None = None
    target: Target | None = None
    keyframes: tuple[Keyframe, ...] = ()
    locked: bool = False


@dataclass(frozen=True, slots=True)
class Framing:
    """Calmness 0 (follows closely) .. 1 (stays still), the layout for all shots (None: as each asks for), and the choices
    made by hand.

    Shots in which no face is as high as `fit_under` (a share of the picture's height) are fitted whole: what is beside the
    face matters there.
    """

    calm: float = 0.6
    layout: Layout | None = None
    fit_under: float = 0.0
    shots: tuple[ShotFraming, ...] = ()
    hold_s: float = 0.7
    """Answers that are shorter than this do not get the picture."""

    def __post_init__(self) -> None:
        checks.in_range("Calmness", self.calm, 0.0, 1.0)
        checks.in_range("The time over which answers are held", self.hold_s, 0.0, 10.0)
        checks.in_range("The height of faces beside a screen", self.fit_under, 0.0, 1.0)

    def of_shot(self, source: str, start: int, end: int) -> ShotFraming | None:
        """What was chosen for the shot of a source from `start` to `end`."""
        return next((s for s in self.shots if s.source == source and start <= s.at < end), None)

    def with_shot(self, source: str, start: int, end: int, chosen: ShotFraming | None) -> Framing:
        """The framing with another choice for one shot, or (None) with none."""
        others = tuple(s for s in self.shots if not (s.source == source and start <= s.at < end))
        return replace(self, shots=others if chosen is None else (*others, chosen))
