"""Refusals of the model: what it is, what is allowed, what was given."""

from __future__ import annotations

import itertools
import re
from typing import Final

from standtall.base.errors import ProjectError
from standtall.base.interface_language import tr

COLOUR: Final = re.compile(r"#[0-9a-fA-F]{6}")
CLEAR: Final = re.compile(r"([0-9a-fA-F]{2})?")


def colour(name: str, value: str) -> None:
    """Raise `ProjectError` unless a colour is written #rrggbb."""
    if not COLOUR.fullmatch(value):
        raise ProjectError(tr("{name} is written #rrggbb, not '{value}'.", name=name, value=value[:20]))


def colour_or_clear(name: str, value: str) -> None:
    """Raise `ProjectError` unless a colour is written #rrggbb or #rrggbbaa."""
    if not COLOUR.fullmatch(value[:7]) or not CLEAR.fullmatch(value[7:]):
        raise ProjectError(tr("{name} is written #rrggbb or #rrggbbaa, not '{value}'.", name=name, value=value[:20]))


def in_range(name: str, value: float, low: float, high: float) -> None:
    """Raise `ProjectError` unless low <= value <= high."""
    if not low <= value <= high:
        raise ProjectError(
            tr("{name} must lie between {low:g} and {high:g}, not {value:g}.", name=name, low=low, high=high, value=value)
        )


def forward(name: str, start: int, end: int) -> None:
    """Raise `ProjectError` unless 0 <= start < end (in ticks)."""
    if not 0 <= start < end:
        raise ProjectError(
            tr(
                "{name} must start at or after 0 and end after it starts, not run from {start} to {end}.",
                name=name,
                start=start,
                end=end,
            )
        )


def apart(name: str, spans: tuple[tuple[int, int], ...]) -> None:
    """Raise `ProjectError` where spans, in whatever order, overlap."""
    for (_, end), (start, _) in itertools.pairwise(sorted(spans)):
        if start < end:
            raise ProjectError(
                tr(
                    "{name} must not overlap; one starts at {start} before another ends at {end}.",
                    name=name,
                    start=start,
                    end=end,
                )
            )
