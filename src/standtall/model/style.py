"""The properties of caption styles, and how the nearer choice wins over the wider one."""

from __future__ import annotations

import dataclasses
import functools
import re
import typing
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from typing import Literal

from standtall.base.errors import ProjectError
from standtall.model import checks

Lighting = Literal["colour", "underline"]
"""How the word being said is told apart: by its colour, or also by a line under it."""
Value = str | float | int | bool
Changes = Mapping[str, Value]
"""Properties of a style by their names, with other values."""

_COLOUR = re.compile(r"#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")


@dataclass(frozen=True, slots=True)
class CaptionStyle:
    """How captions are drawn. Sizes are shares of the picture's height, colours `#rrggbb` or `#rrggbbaa`.

    `highlight` is the colour of the word being said, `line` that of the line under it; `upcoming` is the opacity of words still
    to come (1 shows them like the others). `plate` is the colour of the ground behind a line of words, with square corners;
    a colour without opacity leaves it out.
    """

    family: str
    weight: int = 500
    size: float = 0.04
    lighting: Lighting = "colour"
    ink: str = "#ffffff"
    highlight: str = "#ffffff"
    line: str = "#ffffff"
    plate: str = "#00000000"
    outline: str = "#00000000"
    outline_width: float = 0.0
    shadow: float = 0.0
    capitals: bool = False
    max_words: int = 4
    upcoming: float = 1.0
    letter_spacing: float = 0.0

    def __post_init__(self) -> None:
        if not self.family or len(self.family) > 80:
            raise ProjectError("The font family of a caption style must be a name of at most 80 letters.")
        checks.in_range("The caption size", self.size, 0.01, 0.2)
        checks.in_range("Words a line", self.max_words, 1, 12)
        checks.in_range("The weight of a font", self.weight, 1, 1000)
        checks.in_range("The opacity of words to come", self.upcoming, 0.0, 1.0)
        checks.in_range("The width of the outline", self.outline_width, 0.0, 0.05)
        checks.in_range("The shadow", self.shadow, 0.0, 1.0)
        checks.in_range("The letter spacing", self.letter_spacing, -0.2, 1.0)
        for colour in (self.ink, self.highlight, self.line, self.plate, self.outline):
            if not _COLOUR.fullmatch(colour):
                raise ProjectError(f"A colour is written #rrggbb or #rrggbbaa, not '{colour[:20]}'.")


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


@functools.cache
def _kinds() -> dict[str, typing.Any]:
    return typing.get_type_hints(CaptionStyle)


def check_changes(changes: Changes) -> None:
    """Raise `ProjectError` for a property that no style has, or a value of another type."""
    hints = _kinds() if changes else {}
    for name, value in changes.items():
        kind = hints.get(name)
        if kind is None:
            raise ProjectError(f"A caption style has no property “{name[:40]}”.", f"It has: {', '.join(sorted(hints))}.")
        if typing.get_origin(kind) is Literal:
            good = value in typing.get_args(kind)
        elif kind is float:
            good = type(value) in (int, float)
        else:
            good = type(value) is kind
        if not good:
            raise ProjectError(f"The property “{name}” of a caption style cannot be {str(value)[:40]!r}.")
