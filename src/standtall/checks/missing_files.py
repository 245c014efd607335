"""Whether the files that a short shows and plays are there."""

from __future__ import annotations

from pathlib import Path

from standtall.checks.notice import Notice
from standtall.compose.composition import Composition
from standtall.model.timemap import SourceTime


def files_missing(composition: Composition) -> tuple[Notice, ...]:
    """A notice for each file of a cutaway, of the backdrop, or of other extras and sounds, that is not where it was."""
    out = []
    for path in composition.missing:
        facts = {"path": path, "name": Path(path).name}
        first = next((c for c in composition.short.extras.cutaways if c.path == path), None)
        if first is None and path == composition.short.framing.whole.backdrop.path:
            out.append(Notice("backdrop missing", facts, None, ("blur the picture behind",)))
            continue
        if first is None:
            out.append(Notice("file missing", facts, None, ("leave it out",)))
            continue
        place = SourceTime(first.extent.source, first.extent.start)
        out.append(Notice("cutaway missing", facts, place, ("remove the cutaways",)))
    return tuple(out)
