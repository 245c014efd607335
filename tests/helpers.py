"""Small made-up values that many tests need."""

from __future__ import annotations

from dataclasses import replace

from standtall.compose.composition import Composition
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment, Transitions
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.session.composing import footage_for, worked_out


def small_short(
    name: str, key: str, *parts: tuple[int, int], size: tuple[int, int] = (270, 480), captions: bool = True,
    transitions: Transitions = "straight",
) -> Short:  # fmt: skip
    """A short of parts (ticks) of one source, in a small size."""
    made = Short.of(name, [Segment(key, start, end) for start, end in parts])
    return replace(
        made,
        cut=replace(made.cut, transitions=transitions),
        captions=replace(made.captions, shown=captions),
        output=replace(made.output, width=size[0], height=size[1]),
    )


def composed(short: Short, source: Source, analysis: Analysis) -> Composition:
    """A short of one source, worked out as the program does."""
    return worked_out(short, footage_for(short, source, analysis))
