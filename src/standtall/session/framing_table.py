"""The automatic framing of whole footage as a table, for other programs and for measuring."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction
from typing import Final

from standtall.base.time import TICKS_PER_SECOND, frame_count, frame_middle
from standtall.framing.camera import plan
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.framing import Framing, Layout
from standtall.model.output import Output
from standtall.model.short import Short
from standtall.model.source import Source

COLUMNS: Final = ("frame", "out", "cell", "x", "y", "w", "h", "layout", "reason")
Row = tuple[int, int, int, float, float, float, float, str, str]


def framing_rows(source: Source, analysis: Analysis, layout: Layout | None = None, output: Output | None = None) -> Iterator[Row]:
    """One row a cell of each frame: `frame` counts those of the source and `out` those of the result (both from 0), the crop
    is in pixels of the source. `layout` holds for all shots; None takes what each shot asks for."""
    whole = Short.of(source.name, (Segment(source.key, 0, source.length),))
    whole = replace(whole, framing=Framing(layout=layout), output=output or Output())
    camera = plan(whole, source, analysis.people, everywhere=True)
    rate = source.rate or Fraction(30)
    fps = whole.output.fps or rate
    for out in range(max(1, frame_count(source.length, fps))):
        tick = frame_middle(out, fps)
        span = camera.span_at(tick)
        number = int(Fraction(tick, TICKS_PER_SECOND) * rate)
        for cell, shown in enumerate(span.at(tick).cells):
            crop = shown.crop.scaled(source.width, source.height)
            place = (round(v, 3) for v in (crop.x, crop.y, crop.w, crop.h))
            x, y, w, h = place
            yield number, out, cell, x, y, w, h, span.decision.layout, span.decision.why.kind
