"""The properties of caption styles, and how the nearer choice wins over the wider one."""

from __future__ import annotations

import dataclasses
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from typing import Literal

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr
from standtall.model.style_properties import PROPERTIES

Value = str | float | int | bool
Changes = Mapping[str, Value]
"""Properties of a style by their names, with other values."""


@dataclass(frozen=True, slots=True)
class CaptionStyle:
    """How captions are drawn, grouped, and how words change as they are said. What each property means and may be is written in
    `style_properties.PROPERTIES`. Sizes are shares of the picture's height or ems of the letters, colours `#rrggbb` or
    `#rrggbbaa`.

    A word is in one of three states: upcoming, being said now, said. Its colour, box, underline, size, weight, slant, height and
    glow belong to the states, and change between them over `ease_s` seconds by `ease`.
    """

    family: str
    weight: int = 500
    italic: bool = False
    size: float = 0.04
    case: str = "as said"
    letter_spacing: float = 0.0
    line_spacing: float = 1.0
    ink: str = "#ffffff"
    speaker_inks: str = ""
    punctuation: str = "all"
    outline: str = "#00000000"
    outline_width: float = 0.0
    shadow: float = 0.0
    shadow_ink: str = "#000000"
    shadow_down: float = 0.045
    shadow_blur: float = 0.07
    plate: str = "#00000000"
    plate_of: str = "line"
    plate_wide: float = 0.3
    plate_high: float = 0.1
    plate_radius: float = 0.0
    band: float = 0.0
    align: str = "centre"
    across: float = 0.5
    width: float = 0.86
    rotation: float = 0.0
    max_words: int = 4
    max_lines: int = 1
    least_s: float = 0.0
    most_s: float = 6.0
    close_gaps: bool = True
    highlight: str = "#ffffff"
    line: str = "#00000000"
    mark: str = "#00000000"
    mark_radius: float = 0.0
    run: str = "#00000000"
    grow: float = 1.0
    lift: float = 0.0
    lean: float = 0.0
    now_weight: int = 0
    glow: float = 0.0
    sweep: bool = False
    ease: str = "none"
    ease_s: float = 0.12
    upcoming: float = 1.0
    said: float = 1.0
    said_ink: str = ""
    reveal: str = "all"
    entrance: str = "none"
    entrance_s: float = 0.2
    exit: str = "none"
    exit_s: float = 0.15
    second_family: str = ""
    second_weight: int = 0
    second_size: float = 1.0
    second_ink: str = ""
    second_italic: bool = False
    strong_ink: str = ""
    strong_size: float = 1.0
    strong_weight: int = 0
    strong_italic: bool = False

    def __post_init__(self) -> None:
        for name, allowed in PROPERTIES.items():
            allowed.check(name, getattr(self, name))


@dataclass(frozen=True, slots=True)
class ShapeScope:
    """Frames of one shape, such as "9:16"."""

    shape: str
    kind: Literal["shape"] = "shape"


@dataclass(frozen=True, slots=True)
class CardScope:
    """The card (the lines shown together) that holds a word."""

    source: str
    word: int
    kind: Literal["card"] = "card"


@dataclass(frozen=True, slots=True)
class LineScope:
    """The line that holds a word."""

    source: str
    word: int
    kind: Literal["line"] = "line"


@dataclass(frozen=True, slots=True)
class WordScope:
    """One word of a source, by its id."""

    source: str
    word: int
    kind: Literal["word"] = "word"


Scope = ShapeScope | CardScope | LineScope | WordScope


@dataclass(frozen=True, slots=True)
class Override:
    """Other values of some properties, for one scope."""

    scope: Scope
    style: Changes


def resolved(base: CaptionStyle, changes: Iterable[Changes]) -> CaptionStyle:
    """The style after all changes, from the widest scope to the nearest; raises `ProjectError` for a value not allowed."""
    values: dict[str, Value] = {}
    for change in changes:
        values.update(change)
    if not values:
        return base
    check_changes(values)
    return dataclasses.replace(base, **values)  # type: ignore[arg-type]


def check_changes(changes: Changes) -> None:
    """Raise `ProjectError` for a property that no style has, or a value that it may not have."""
    for name, value in changes.items():
        allowed = PROPERTIES.get(name)
        if allowed is None:
            raise ProjectError(
                tr("A caption style has no property “{name}”.", name=name[:40]),
                tr("It has: {these}.", these=", ".join(PROPERTIES)),
            )
        allowed.check(name, value)
