"""Refusals of the model: what it is, what is allowed, what was given."""

from __future__ import annotations

import itertools

from standtall.base.errors import ProjectError


def in_range(name: str, value: float, low: float, high: float) -> None:
    """Raise `ProjectError` unless low <= value <= high."""
    if not low <= value <= high:
        raise ProjectError(f"{name} must lie between {low:g} and {high:g}, not {value:g}.")


def forward(name: str, start: int, end: int) -> None:
    """Raise `ProjectError` unless 0 <= start < end (in ticks)."""
    if not 0 <= start < end:
        raise ProjectError(f"{name} must start at or after 0 and end after it starts, not run from {start} to {end}.")


def apart(name: str, spans: tuple[tuple[int, int], ...]) -> None:
    """Raise `ProjectError` where spans, in whatever order, overlap."""
    for (_, end), (start, _) in itertools.pairwise(sorted(spans)):
        if start < end:
            raise ProjectError(f"{name} must not overlap; one starts at {start} before another ends at {end}.")
