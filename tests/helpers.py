"""Small made-up values that many tests need."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np

from standtall.compose.composition import Composition
from standtall.media.reader import PictureReader
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


def assert_alike(here: Path, away: Path) -> None:
    """Two movies of the same pictures, as far as an encoder with several threads tells: x264 does not give the same bytes
    each time where it weighs blocks by how much later pictures need them (`mbtree`) and has B-pictures."""
    with PictureReader(here) as one, PictureReader(away) as other:
        for (n, a), b in zip(enumerate(one.walk()), other.walk(), strict=True):
            assert a.tick == b.tick
            difference = np.abs(a.planes().y.astype(np.int16) - b.planes().y)
            assert difference.mean() < 0.5 and difference.max() < 64, n
