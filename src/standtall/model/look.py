"""A look: how captions are set and lit."""

from __future__ import annotations

import re
from dataclasses import dataclass
from typing import Literal

from standtall.base.errors import ProjectError
from standtall.model import checks

Lighting = Literal["colour", "box"]

_COLOUR = re.compile(r"#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")


@dataclass(frozen=True, slots=True)
class Look:
    """Caption style. Sizes are shares of the picture's height, colours `#rrggbb` or `#rrggbbaa`.

    `lighting` says how the word being said is lit: in another colour, or by a box behind it. `ahead` is the opacity
    of words still to come (1 shows them like the others).
    """

    name: str
    title: str
    family: str
    weight: int
    size: float
    lighting: Lighting
    ink: str
    lit: str
    box: str
    outline: str
    outline_width: float
    shadow: float
    capitals: bool
    max_words: int
    ahead: float
    letter_spacing: float = 0.0

    def __post_init__(self) -> None:
        checks.in_range("The caption size", self.size, 0.01, 0.2)
        checks.in_range("Words a line", self.max_words, 1, 12)
        checks.in_range("The weight of a font", self.weight, 1, 1000)
        checks.in_range("The opacity of words to come", self.ahead, 0.0, 1.0)
        for colour in (self.ink, self.lit, self.box, self.outline):
            if not _COLOUR.fullmatch(colour):
                raise ProjectError(f"A colour is written #rrggbb or #rrggbbaa, not '{colour}'.")


LOOKS: tuple[Look, ...] = (
    Look(
        name="ember", title="Ember", family="Anton", weight=400, size=0.052, lighting="colour", ink="#fff8ec",
        lit="#f2a33a", box="#00000000", outline="#14181b", outline_width=0.0042, shadow=0.55, capitals=True,
        max_words=3, ahead=1.0, letter_spacing=0.012,
    ),
    Look(
        name="marker", title="Marker", family="Poppins", weight=800, size=0.042, lighting="box", ink="#ffffff",
        lit="#10211f", box="#2fd0ba", outline="#14181b", outline_width=0.0026, shadow=0.45, capitals=False,
        max_words=4, ahead=1.0,
    ),
)  # fmt: skip
"""The looks that ship."""


def look_named(name: str) -> Look:
    """The shipped look called `name`; raises `ProjectError` naming those there are."""
    for look in LOOKS:
        if look.name == name:
            return look
    raise ProjectError(f"There is no look called '{name}'.", f"Choose one of: {', '.join(k.name for k in LOOKS)}.")
