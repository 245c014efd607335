"""What is shown and heard over or beside the talk."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model import checks
from standtall.model.cut import Segment, check_apart
from standtall.model.extents import Extent, WholeExtent
from standtall.model.style import Changes, check_changes

LONGEST_TEXT, LONGEST_PATH = 400, 4096
MOST_EXTRAS = 400

Placing = Literal["full", "window", "beside", "behind"]
"""Where a cutaway is shown: over the whole frame, in a window over the talk, beside it (above it on a tall frame), or all over
the frame behind the people of the talk, where it is always cropped."""
Fit = Literal["crop", "whole"]
Move = Literal["none", "nearer", "away", "left", "right"]
OwnSound = Literal["off", "under", "instead"]


@dataclass(frozen=True, slots=True)
class Cutaway:
    """Another picture shown over a passage of a source (its `extent`).

    `path` and the content `key` say which file, `at` from which of its ticks on; `placing` where it is shown, `fit` whether it is
    cropped (around `across`, a share of its width) or shown whole, `move` how a still moves slowly. Its own `sound` is off, under
    the talk (by `db`), or heard instead of it.
    """

    path: str
    key: str
    extent: Segment
    at: int = 0
    placing: Placing = "full"
    fit: Fit = "crop"
    across: float = 0.5
    move: Move = "none"
    sound: OwnSound = "off"
    db: float = -12.0

    def __post_init__(self) -> None:
        checks.in_range("Where a cutaway begins", self.at, 0, 1 << 50)
        checks.in_range("The middle of a cutaway's crop", self.across, 0.0, 1.0)
        checks.in_range("The level of a cutaway in dB", self.db, -60.0, 12.0)


@dataclass(frozen=True, slots=True)
class TextExtra:
    """A text on the frame. `style` is what differs from the look's style of headlines (or of texts), `down` its middle as a share
    of the height; lines break where the text does, else by balance. `headline` tells the headline from other texts."""

    id: int
    text: str
    extent: Extent = field(default_factory=WholeExtent)
    headline: bool = False
    down: float = 0.16
    style: Changes = field(default_factory=dict)
    kind: Literal["text"] = "text"

    def __post_init__(self) -> None:
        if not self.text.strip() or len(self.text) > LONGEST_TEXT:
            raise ProjectError(tr("A text on the picture has 1 to {most} letters.", most=LONGEST_TEXT))
        checks.in_range("The height of a text", self.down, 0.0, 1.0)
        check_changes(self.style)


Corner = Literal["free", "top left", "top right", "bottom left", "bottom right"]
PictureRole = Literal["logo", "sticker"]


@dataclass(frozen=True, slots=True)
class PictureExtra:
    """A picture on the frame, its proportions kept: a logo or a sticker. `size` is its width as a share of the frame's; in a
    corner its `margin` to both edges is a share of the frame's width, free its middle is at (`across`, `down`)."""

    id: int
    path: str
    key: str
    role: PictureRole = "sticker"
    extent: Extent = field(default_factory=WholeExtent)
    corner: Corner = "free"
    across: float = 0.5
    down: float = 0.3
    size: float = 0.22
    margin: float = 0.05
    opacity: float = 1.0
    rotation: float = 0.0
    entrance: Literal["none", "fade", "grow", "drop"] = "none"
    kind: Literal["picture"] = "picture"

    def __post_init__(self) -> None:
        if not self.path or len(self.path) > LONGEST_PATH:
            raise ProjectError(tr("A picture needs a file."))
        for name, value, low, high in (
            ("The place of a picture from side to side", self.across, -0.5, 1.5),
            ("The height of a picture", self.down, -0.5, 1.5),
            ("The size of a picture", self.size, 0.02, 2.0), ("The margin of a picture", self.margin, 0.0, 0.5),
            ("The opacity of a picture", self.opacity, 0.0, 1.0),
            ("The rotation of a picture", self.rotation, -180.0, 180.0),
        ):  # fmt: skip
            checks.in_range(name, value, low, high)


Edge = Literal["top", "bottom", "left", "right"]


@dataclass(frozen=True, slots=True)
class BarExtra:
    """A bar along an edge of the frame that fills as the short plays: flush with the edge, or away from it by `margin` (a share
    of the frame's width), `thickness` thick (as a share of the same). `round` rounds the ends. `ground` is what is not filled
    yet."""

    id: int
    extent: Extent = field(default_factory=WholeExtent)
    edge: Edge = "bottom"
    thickness: float = 0.012
    margin: float = 0.0
    colour: str = "#f2a33a"
    ground: str = "#00000066"
    round: bool = False
    kind: Literal["bar"] = "bar"

    def __post_init__(self) -> None:
        checks.in_range("The thickness of a progress bar", self.thickness, 0.002, 0.2)
        checks.in_range("The margin of a progress bar", self.margin, 0.0, 0.4)
        checks.colour("The colour of a progress bar", self.colour)
        checks.colour_or_clear("The ground of a progress bar", self.ground)


Light = Literal["grain", "warm", "flash", "tape"]


@dataclass(frozen=True, slots=True)
class LightExtra:
    """A light effect over the picture; `strength` is 0 (nothing) to 1."""

    id: int
    light: Light
    extent: Extent = field(default_factory=WholeExtent)
    strength: float = 0.5
    kind: Literal["light"] = "light"

    def __post_init__(self) -> None:
        checks.in_range("The strength of a light effect", self.strength, 0.0, 1.0)


@dataclass(frozen=True, slots=True)
class SoundExtra:
    """A sound effect (one of `sound.effects`) that begins where its extent does, `db` under or over its own level."""

    id: int
    effect: str
    extent: Extent = field(default_factory=WholeExtent)
    db: float = -6.0
    kind: Literal["sound"] = "sound"

    def __post_init__(self) -> None:
        checks.in_range("The level of a sound effect in dB", self.db, -60.0, 12.0)


Extra = TextExtra | PictureExtra | BarExtra | LightExtra | SoundExtra


@dataclass(frozen=True, slots=True)
class Clip:
    """A clip or a still before or after the talk, `length` ticks of it from `at` on; its sound is changed by `db`."""

    path: str
    key: str
    length: int
    at: int = 0
    db: float = 0.0
    fit: Fit = "crop"

    def __post_init__(self) -> None:
        checks.in_range("Where a clip begins", self.at, 0, 1 << 50)
        checks.in_range("The length of a clip in ticks", self.length, 1, 120 * TICKS_PER_SECOND)
        checks.in_range("The level of a clip in dB", self.db, -60.0, 12.0)


@dataclass(frozen=True, slots=True)
class Extras:
    """Cutaways never overlap; `items` lie over each other in their order, each under an id of its own. `opening` and `closing`
    are played before and after the talk."""

    cutaways: tuple[Cutaway, ...] = ()
    items: tuple[Extra, ...] = ()
    opening: Clip | None = None
    closing: Clip | None = None

    def __post_init__(self) -> None:
        check_apart(tr("Cutaways"), tuple(c.extent for c in self.cutaways))
        if len(self.items) > MOST_EXTRAS:
            raise ProjectError(tr("A short holds at most {most} extras.", most=MOST_EXTRAS))
        if len({e.id for e in self.items}) < len(self.items):
            raise ProjectError(tr("Two extras of a short have the same number."))

    def item(self, number: int) -> Extra | None:
        """The extra with an id."""
        return next((e for e in self.items if e.id == number), None)
