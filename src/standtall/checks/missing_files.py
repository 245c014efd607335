"""Whether the files that a short shows are there."""

from __future__ import annotations

from pathlib import Path

from standtall.checks.notice import Notice
from standtall.compose.composition import Composition
from standtall.model.timemap import SourceTime


def cutaways_missing(composition: Composition) -> tuple[Notice, ...]:
    """A notice for each file of a cutaway that is not where it was."""
    out = []
    for path in composition.missing:
        first = next(c for c in composition.short.extras.cutaways if c.path == path)
        place = SourceTime(first.extent.source, first.extent.start)
        out.append(Notice("cutaway missing", {"path": path, "name": Path(path).name}, place, ("remove the cutaways",)))
    return tuple(out)
