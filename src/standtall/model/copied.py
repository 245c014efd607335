"""What is copied from one short to be pasted into another, and how passages read that come from a clipboard."""

from __future__ import annotations

import json
from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo, ProjectError
from standtall.base.interface_language import tr
from standtall.base.reading import Unreadable, json_of
from standtall.model.codec import from_plain, to_plain
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.source import Source

LARGEST: Final = 200_000
MOST: Final = 500


def passages_text(passages: tuple[Segment, ...]) -> str:
    """Passages of footage as JSON, for a clipboard or a drag."""
    return json.dumps([to_plain(p) for p in passages])


def passages_in(text: str, sources: tuple[Source, ...]) -> tuple[Segment, ...]:
    """Passages out of such a text, which anybody may have written; only those that lie in one of `sources`. Raises
    `NothingToDo` where there are none."""
    try:
        data = json_of(text, LARGEST)
        rows = data if isinstance(data, list) else []
        found = [from_plain(Segment, row) for row in rows[:MOST]]
    except (Unreadable, ProjectError) as error:
        raise NothingToDo(tr("What was copied are no passages of footage."), tr("Copy words of a transcript first.")) from error
    lengths = {s.key: s.length for s in sources}
    there = tuple(p for p in found if p.end <= lengths.get(p.source, 0))
    if not there:
        raise NothingToDo(tr("What was copied is of footage that is not in this project."), tr("Add that footage first."))
    return there


def styled_like(short: Short, other: Short) -> Edit:
    """How the captions of another short look, and where they stand; what is made different at single words stays."""
    theirs = other.captions
    new = replace(short.captions, shown=theirs.shown, look=theirs.look, place=theirs.place, style=theirs.style)
    if new == short.captions:
        raise NothingToDo(tr("These captions look like the ones that were copied already."))
    return Edit(tr("Paste the style of captions"), replace(short, captions=new))


def framed_like(short: Short, other: Short) -> Edit:
    """How another short is framed as a whole: shape, layouts, calm, backdrop; what is chosen for single shots stays."""
    theirs = other.framing
    mine = replace(theirs, shots=short.framing.shots, punches=short.framing.punches, edges=short.framing.edges)
    new = replace(short, framing=mine, output=replace(short.output, width=other.output.width, height=other.output.height))
    if new == short:
        raise NothingToDo(tr("This short is framed like the one that was copied already."))
    return Edit(tr("Paste the framing"), new)
