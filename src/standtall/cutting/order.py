"""The order in which pieces are heard."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from standtall.base.errors import NothingToDo
from standtall.cutting.edges import covered_with, without
from standtall.cutting.words import pieces_for
from standtall.model.analysis import Analysis
from standtall.model.edits import Edit, count_of
from standtall.model.short import Short


def move(short: Short, number: int, to: int) -> Edit:
    """Let piece `number` be heard as the one numbered `to`."""
    if not (0 <= number < len(short.excerpts) and 0 <= to < len(short.excerpts)) or number == to:
        raise NothingToDo("There is no other place for this piece.", "Split the short first, or add words from elsewhere.")
    listed = list(short.excerpts)
    listed.insert(to, listed.pop(number))
    return Edit("Move a piece", replace(short, excerpts=tuple(listed)))


def remove(short: Short, number: int) -> Edit:
    """Take a piece out."""
    if len(short.excerpts) == 1:
        raise NothingToDo("A short needs at least one piece.", "Choose another passage first.")
    return Edit("Take a piece out", replace(short, excerpts=(*short.excerpts[:number], *short.excerpts[number + 1 :])))


def to_front(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Let the chosen words open the short: moved there from inside it, or taken from anywhere else in the source."""
    chosen = tuple(indexes)
    pieces = pieces_for(analysis, chosen)
    if not pieces:
        raise NothingToDo("No words are chosen.", "Drag over the words that should open the short.")
    rest = short.excerpts
    for piece in pieces:
        rest = without(rest, piece.start, piece.end)
    if (rest and rest[0].start == pieces[-1].end) or (*pieces, *rest) == short.excerpts:
        raise NothingToDo("The short opens on these words already.", "Choose words from further down.")
    return Edit(f"Open on {count_of(len(chosen))}", replace(short, excerpts=(*pieces, *rest)))


def back_to_source_order(short: Short) -> Edit:
    """Let all pieces be heard as they were said; pieces that meet become one."""
    ordered = sorted(short.excerpts, key=lambda e: e.start)
    out = ordered[:1]
    for e in ordered[1:]:
        if out[-1].end == e.start:
            out[-1:] = covered_with((out[-1],), e.start, e.end)
        else:
            out.append(e)
    if tuple(out) == short.excerpts:
        raise NothingToDo("The pieces stand as they were said.")
    return Edit("Order as said", replace(short, excerpts=tuple(out)))
