"""Which layout a shot asks for, and why."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from standtall.framing.decisions import WhyKind
from standtall.model.framing import Framing, Layout
from standtall.model.people import People
from standtall.model.source import Source


@dataclass(frozen=True, slots=True)
class Suggestion:
    """A layout, and why."""

    layout: Layout | None
    why: WhyKind


def suggested(framing: Framing, source: Source, people: People, number: int) -> Suggestion:
    """What shot `number` asks for."""
    tracks = people.tracks_in(number)
    if not tracks:
        return Suggestion("whole", "nobody in view")
    tallest = max(float(np.median([s.h for s in t.samples])) for t in tracks)
    if tallest < framing.fit_under:
        return Suggestion("whole", "face beside a screen")
    return Suggestion("follow", "speaking")
