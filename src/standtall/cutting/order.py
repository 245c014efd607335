"""The order in which pieces are heard."""

from __future__ import annotations

from collections.abc import Iterable

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.cutting.by_words import pieces_for
from standtall.cutting.cut_points import covered_with, without
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short


def move(short: Short, number: int, to: int) -> Edit:
    """Let piece `number` be heard as the one numbered `to`."""
    if not (0 <= number < len(short.segments) and 0 <= to < len(short.segments)) or number == to:
        raise NothingToDo(
            tr("There is no other place for this piece."), tr("Split the short first, or add words from elsewhere.")
        )
    listed = list(short.segments)
    listed.insert(to, listed.pop(number))
    return Edit(tr("Move a piece"), short.with_segments(listed))


def remove(short: Short, number: int) -> Edit:
    """Remove a piece."""
    if len(short.segments) == 1:
        raise NothingToDo(tr("A short needs at least one piece."), tr("Choose another passage first."))
    return Edit(tr("Remove a piece"), short.with_segments((*short.segments[:number], *short.segments[number + 1 :])))


def to_front(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Let the chosen words open the short: moved there from inside it, or taken from anywhere else in the source."""
    chosen = tuple(indexes)
    pieces = pieces_for(analysis, chosen)
    if not pieces:
        raise NothingToDo(tr("No words are chosen."), tr("Drag over the words that should open the short."))
    rest = short.segments
    for piece in pieces:
        rest = without(rest, piece.source, piece.start, piece.end)
    if (rest and pieces[-1].meets(rest[0])) or (*pieces, *rest) == short.segments:
        raise NothingToDo(tr("The short opens on these words already."), tr("Choose words from further down."))
    return Edit(tr("Open on {chosen}", chosen=count_of(len(chosen))), short.with_segments((*pieces, *rest)))


def to_end(short: Short, passages: tuple[Segment, ...]) -> Edit:
    """Let passages, also of other footage, end the short; what of them is in it already moves there."""
    rest = short.segments
    for piece in passages:
        rest = without(rest, piece.source, piece.start, piece.end)
    if (*rest, *passages) == short.segments:
        raise NothingToDo(tr("The short ends on these words already."), tr("Copy words from further up."))
    return Edit(tr("Add {passages}", passages=count_of(len(passages), "passage")), short.with_segments((*rest, *passages)))


def back_to_source_order(short: Short) -> Edit:
    """Let all pieces be heard in their original order, source by source; pieces that meet become one."""
    places = {key: n for n, key in enumerate(short.sources)}
    ordered = sorted(short.segments, key=lambda e: (places[e.source], e.start))
    out = ordered[:1]
    for e in ordered[1:]:
        if out[-1].meets(e):
            out[-1:] = covered_with((out[-1],), e.source, e.start, e.end)
        else:
            out.append(e)
    if tuple(out) == short.segments:
        raise NothingToDo(tr("The pieces stand in their original order."))
    return Edit(tr("Original order"), short.with_segments(out))
