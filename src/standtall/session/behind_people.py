"""Whether the people of a passage can be told from what is behind them well enough to show something there."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.painters.assets import Assets
from standtall.compose.painters.frames import FramePainter
from standtall.compose.producers.framing import seen_at
from standtall.model.extras import Cutaway
from standtall.session.composing import worked_out

WIDE: Final = 270
MOMENTS: Final = 5
"""Of each cutaway, at most one a second."""
MOST: Final = 24
COVERED: Final = 0.85
"""Share of the inner part of a head that has to be told for a person, and of the heads that have to be so."""
INNER: Final = 0.6


def told_apart(composition: Composition, cutaways: Sequence[Cutaway], copies: Mapping[str, str], progress: Progress) -> float:
    """The share of heads that are told for people in the talk under some cutaways. `copies` are quicker copies of files.

    Raises `NothingToDo` where that is too little, or no head is seen there; `MediaError` for footage that cannot be read.
    """
    from standtall.people.silhouettes import Silhouettes

    output = composition.short.output
    size = replace(output, width=WIDE, height=round(WIDE * output.height / output.width / 2) * 2)
    bare = replace(composition.short, output=size, extras=replace(composition.short.extras, cutaways=()))
    talk = worked_out(replace(bare, captions=replace(bare.captions, shown=False)), composition.footage)
    silhouettes, told = Silhouettes(), []
    ticks = _moments(composition, cutaways)
    with Assets(copies) as assets:
        painter = FramePainter(assets, size.width, size.height)
        for n, tick in enumerate(ticks):
            progress.report("looking", n / len(ticks))
            progress.check()
            heads = seen_at(talk.footage, talk.time_map, tick, writing=False)
            if not heads:
                continue
            cover = silhouettes.cover(painter.paint(talk.frame(talk.frame_at(tick))))
            for head in heads:
                x0, x1 = (max(0, round((head.cx + s * head.w * INNER / 2) * size.width)) for s in (-1, 1))
                y0, y1 = (max(0, round((head.cy + s * head.h * INNER / 2) * size.height)) for s in (-1, 1))
                part = cover[y0:y1, x0:x1]
                if part.size:
                    told.append(float(part.mean()) >= COVERED)
    share = sum(told) / len(told) if told else 0.0
    if share < COVERED:
        raise NothingToDo(
            tr("The people here cannot be told from what is behind them."),
            tr("Show it over all, in a window, or beside the talk."),
        )
    return share


def _moments(composition: Composition, cutaways: Sequence[Cutaway]) -> list[int]:
    """Ticks of the short at which it is looked, of all cutaways together."""
    out = []
    for cutaway in cutaways:
        extent = cutaway.extent
        count = max(1, min(MOMENTS, extent.length // TICKS_PER_SECOND))
        for n in range(count):
            here = composition.time_map.to_short(extent.source, extent.start + extent.length * (2 * n + 1) // (2 * count))
            if here is not None:
                out.append(here)
    return out[:: max(1, len(out) // MOST)]
