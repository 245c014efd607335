"""How a short is framed: how the camera behaves, and what was chosen by hand for single shots."""

from __future__ import annotations

import itertools
from dataclasses import dataclass, replace
from typing import Final, Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model import checks

Layout = Literal["follow", "whole", "stack", "grid", "screen", "corner"]
"""A crop that follows somebody; the whole picture on a backdrop; people above each other; four people; a screen with a face under
it; a small picture in the corner of another."""
LAYOUT_TITLES: Final[dict[Layout, str]] = {
    "follow": tr("Follow"), "whole": tr("Whole"), "stack": tr("Stack"), "grid": tr("Grid"), "screen": tr("Screen and face"),
    "corner": tr("Corner"),
}  # fmt: skip
"""What the window calls each layout."""


CELLED: Final[frozenset[Layout]] = frozenset(("stack", "grid", "screen", "corner"))
"""Layouts of several cells."""

Ease = Literal["smooth", "even", "hold"]
"""It sets out and arrives by and by; it moves evenly; it stays, and is cut."""


@dataclass(frozen=True, slots=True)
class Keyframe:
    """A crop at one tick of the source: its centre and height in shares of the source picture, how it goes on to the next, and of
    which `cell` it is where the layout has several (from 0)."""

    at: int
    cx: float
    cy: float
    h: float
    ease: Ease = "smooth"
    cell: int = 0

    def __post_init__(self) -> None:
        checks.in_range("The number of a cell", self.cell, 0, 3)
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


@dataclass(frozen=True, slots=True)
class BoxAt:
    """Where a box is at a tick of the source, in shares of the picture."""

    at: int
    x: float
    y: float
    w: float
    h: float

    def __post_init__(self) -> None:
        for value, name in ((self.x, "left edge"), (self.y, "top"), (self.x + self.w, "right edge"), (self.y + self.h, "bottom")):
            checks.in_range(f"The {name} of a box", value, -0.001, 1.001)
        checks.in_range("The width of a box", self.w, 0.001, 1.0)
        checks.in_range("The height of a box", self.h, 0.001, 1.0)


@dataclass(frozen=True, slots=True)
class BoxTarget:
    """Follow a thing that was drawn around: where it is at some ticks, in order, and evenly in between. One place alone stands
    still. `drawn` is the tick at which it was drawn."""

    places: tuple[BoxAt, ...]
    drawn: int
    kind: Literal["box"] = "box"

    def __post_init__(self) -> None:
        if not self.places or any(a.at >= b.at for a, b in itertools.pairwise(self.places)):
            raise ProjectError(tr("The places of a box must be there, in the order of their time."))


Target = PersonTarget | SpeakingTarget | BoxTarget
"""Whom or what the camera follows."""

FACE: Final = 0.205
"""Wished height of a face, hairline to chin, as a share of its cell (common practice, no source)."""
FACES: Final = (0.08, 0.5)
"""The smallest and the largest that can be asked for."""


@dataclass(frozen=True, slots=True)
class CellCrop:
    """A crop that was set by hand for one `cell` of a layout (from 0): its centre and height in shares of the source picture."""

    cell: int
    cx: float
    cy: float
    h: float

    def __post_init__(self) -> None:
        checks.in_range("The number of a cell", self.cell, 0, 3)
        checks.in_range("The centre of a crop", self.cx, 0.0, 1.0)
        checks.in_range("The centre of a crop", self.cy, 0.0, 1.0)
        checks.in_range("The height of a crop", self.h, 0.05, 1.0)


@dataclass(frozen=True, slots=True)
class Reaction:
    """From `start` to `end` (ticks of the source) one person is shown, whoever talks: a listener, mostly."""

    start: int
    end: int
    person: int

    def __post_init__(self) -> None:
        checks.forward("A reaction", self.start, self.end)


@dataclass(frozen=True, slots=True)
class ShotFraming:
    """What was chosen by hand for the shot of a source that holds the tick `at`; None and empty leave it to the camera.

    `face` is the wished height of a face as a share of its cell, `share` the height of the upper of two cells as a share of both.
    A `locked` shot is never framed anew by a command that is about many shots: it stays in the layout `kept`, whatever is chosen
    for all.
    """

    source: str
    at: int
    layout: Layout | None = None
    target: Target | None = None
    keyframes: tuple[Keyframe, ...] = ()
    locked: bool = False
    kept: Layout | None = None
    face: float | None = None
    share: float | None = None
    cells: tuple[CellCrop, ...] = ()
    steady: bool = False
    """Whether shake is taken out."""
    reactions: tuple[Reaction, ...] = ()

    def __post_init__(self) -> None:
        if self.face is not None:
            checks.in_range("The height of a face", self.face, *FACES)
        if self.share is not None:
            checks.in_range("The share of a cell", self.share, 0.2, 0.8)

    @property
    def empty(self) -> bool:
        """Whether nothing is chosen."""
        return self == ShotFraming(self.source, self.at)


@dataclass(frozen=True, slots=True)
class ShotEdge:
    """A tick at which a person parted a shot in two (`parted`), or joined two at their cut."""

    source: str
    at: int
    parted: bool


PunchWhy = Literal["by hand", "louder", "higher", "drawn out", "exclaimed"]
"""A person wants it; its words are louder or higher than those around, said more slowly, or end in an exclamation."""
PUNCHES: Final = (1.02, 1.6)
"""The least and the most that a punch-in is nearer."""


@dataclass(frozen=True, slots=True)
class Punch:
    """A punch-in: from `start` to `end` (ticks of a source) the picture is `size` times as near, at once or by and by."""

    source: str
    start: int
    end: int
    size: float = 1.15
    ease: Literal["smooth", "cut"] = "smooth"
    why: PunchWhy = "by hand"

    def __post_init__(self) -> None:
        checks.forward("A punch-in", self.start, self.end)
        checks.in_range("The size of a punch-in", self.size, *PUNCHES)


BackdropKind = Literal["blurred", "coloured", "graded", "picture"]
"""An enlargement of the picture itself; one colour; one that goes over into another downwards; a picture of one's own."""


@dataclass(frozen=True, slots=True)
class Backdrop:
    """What lies behind a picture that does not fill the frame. Colours are "#rrggbb"; a picture is given by its path and content
    key."""

    kind: BackdropKind = "blurred"
    colour: str = "#24303a"
    lower: str = "#0e1418"
    path: str = ""
    key: str = ""

    def __post_init__(self) -> None:
        checks.colour("The colour of a backdrop", self.colour)
        checks.colour("The lower colour of a backdrop", self.lower)


@dataclass(frozen=True, slots=True)
class WholeStyle:
    """How the layout Whole shows the picture: its `scale` (1 is the width of the frame), how far its middle is above (-) or below
    the middle of the frame and how round its corners are, both in shares of the frame's height and width, and how dark its
    shadow is, 0..1."""

    backdrop: Backdrop = Backdrop()
    scale: float = 1.0
    down: float = 0.0
    radius: float = 0.0
    shadow: float = 0.0

    def __post_init__(self) -> None:
        checks.in_range("The scale of a picture", self.scale, 0.4, 2.0)
        checks.in_range("The place of a picture", self.down, -0.4, 0.4)
        checks.in_range("The radius of corners", self.radius, 0.0, 0.2)
        checks.in_range("The darkness of a shadow", self.shadow, 0.0, 1.0)


@dataclass(frozen=True, slots=True)
class Bar:
    """What parts the cells of a frame: its width as a share of the frame's width, and its colour."""

    width: float = 0.0
    colour: str = "#101216"

    def __post_init__(self) -> None:
        checks.in_range("The width of a bar", self.width, 0.0, 0.1)
        checks.colour("The colour of a bar", self.colour)


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
    face: float = FACE
    """Wished height of a face as a share of its cell, in all shots."""
    edges: tuple[ShotEdge, ...] = ()
    """Where shots were parted and joined by hand."""
    whole: WholeStyle = WholeStyle()
    bar: Bar = Bar()
    punches: tuple[Punch, ...] = ()

    def __post_init__(self) -> None:
        checks.in_range("Calmness", self.calm, 0.0, 1.0)
        checks.in_range("The time over which answers are held", self.hold_s, 0.0, 10.0)
        checks.in_range("The height of faces beside a screen", self.fit_under, 0.0, 1.0)
        checks.in_range("The height of a face", self.face, *FACES)
        for source in {p.source for p in self.punches}:
            checks.apart("Punch-ins", tuple((p.start, p.end) for p in self.punches if p.source == source))

    def of_shot(self, source: str, start: int, end: int) -> ShotFraming | None:
        """What was chosen for the shot of a source from `start` to `end`."""
        return next((s for s in self.shots if s.source == source and start <= s.at < end), None)

    def with_shot(self, source: str, start: int, end: int, chosen: ShotFraming | None) -> Framing:
        """The framing with another choice for one shot, or (None) with none."""
        others = tuple(s for s in self.shots if not (s.source == source and start <= s.at < end))
        return replace(self, shots=others if chosen is None else (*others, chosen))
