"""Trimming pieces: by time, by word, by frame; splitting, and cutting away what lies to one side."""

from __future__ import annotations

import bisect
from fractions import Fraction
from typing import Final, Literal

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.cut_points import SHORTEST, cut_after, cut_before, without
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.timemap import SourceTime
from standtall.model.words import words_within

Edge = Literal["start", "end"]
LEAST: Final = TICKS_PER_SECOND // 10
"""What a short keeps at least."""


def piece_at(short: Short, at: SourceTime) -> int:
    """Number of the piece that holds a moment of a source, or of the one that lies nearest to it."""
    return min(range(len(short.segments)), key=lambda n: _distance(short.segments[n], at))


def _distance(e: Segment, at: SourceTime) -> tuple[bool, int]:
    inside = e.holds(*at)
    return e.source != at.source, 0 if inside else min(abs(e.start - at.tick), abs(at.tick - e.end + 1))


def start_at(short: Short, at: SourceTime) -> Edit:
    """Let the short begin at a moment of a source: what is heard before is cut, or its first piece is opened further back."""
    source, tick = at
    after = [(e.end, n) for n, e in enumerate(short.segments) if e.source == source and e.end > tick]
    number = min(after)[1] if after else len(short.segments)
    left = short.segments[number:]
    if left and left[0].start < tick:
        left = (Segment(source, tick, left[0].end), *left[1:])
    elif number == 0:
        return Edit(tr("Set start"), trim(short, 0, "start", tick).short)
    return Edit(tr("Set start"), _kept(short, left))


def end_at(short: Short, at: SourceTime) -> Edit:
    """Let the short end at a moment of a source."""
    source, tick = at
    before = [(e.start, n) for n, e in enumerate(short.segments) if e.source == source and e.start < tick]
    number = max(before)[1] if before else -1
    left = short.segments[: number + 1]
    if left and left[-1].end > tick:
        left = (*left[:-1], Segment(source, left[-1].start, tick))
    elif left and len(left) == len(short.segments):
        return Edit(tr("Set end"), trim(short, number, "end", tick).short)
    return Edit(tr("Set end"), _kept(short, left))


def _kept(short: Short, segments: tuple[Segment, ...]) -> Short:
    if sum(e.length for e in segments) < LEAST:
        raise NothingToDo(tr("Nothing would be left of the short."), tr("Choose a place inside it."))
    return short.with_segments(segments)


def trim(short: Short, number: int, edge: Edge, tick: int) -> Edit:
    """Move one edge of piece `number` to a tick of the source, as far as the pieces beside it in the source allow."""
    piece = short.segments[number]
    others = [e for n, e in enumerate(short.segments) if n != number and e.source == piece.source]
    if edge == "start":
        low = max((e.end for e in others if e.end <= piece.start), default=0)
        moved = Segment(piece.source, max(low, min(tick, piece.end - SHORTEST)), piece.end)
    else:
        high = min((e.start for e in others if e.start >= piece.end), default=1 << 62)
        moved = Segment(piece.source, piece.start, min(high, max(tick, piece.start + SHORTEST)))
    if moved == piece:
        raise NothingToDo(tr("This end cannot be moved further."), tr("It meets the next piece, or nothing would be left."))
    label = "Begin" if edge == "start" else "End"
    less = moved.length < piece.length
    label += " later" if (edge == "start" and less) or (edge == "end" and not less) else " earlier"
    return Edit(label, _kept(short, (*short.segments[:number], moved, *short.segments[number + 1 :])))


def trim_by_frame(short: Short, number: int, edge: Edge, frames: int, rate: Fraction) -> Edit:
    """Move an edge by frames of `rate` a second."""
    piece = short.segments[number]
    at = piece.start if edge == "start" else piece.end
    return trim(short, number, edge, max(0, at + round(frames * TICKS_PER_SECOND / rate)))


def trim_by_word(short: Short, analysis: Analysis, number: int, edge: Edge, way: int) -> Edit:
    """Move an edge to the next word (way 1) or the one before (-1)."""
    words = analysis.words
    piece = short.segments[number]
    held = words_within(words, piece.start, piece.end)
    if edge == "start":
        first = held.start if held else bisect.bisect_left(words, piece.start, key=lambda w: w.start)
        target = first + way
        tick = cut_before(analysis, target) if 0 <= target < len(words) else None
    else:
        last = held[-1] if held else bisect.bisect_left(words, piece.end, key=lambda w: w.end) - 1
        target = last + way
        tick = cut_after(analysis, target) if 0 <= target < len(words) else None
    if tick is None:
        raise NothingToDo(tr("There is no word beyond this end."), tr("Trim it by frames instead."))
    return trim(short, number, edge, tick)


def split(short: Short, at: SourceTime) -> Edit:
    """Part the piece under a moment of a source in two, which can then be moved or cut by themselves."""
    number, piece = _under(short, at)
    tick = at.tick
    if tick - piece.start < SHORTEST or piece.end - tick < SHORTEST:
        raise NothingToDo(tr("The piece ends here already."), tr("Move the playhead into a piece."))
    parts = (Segment(piece.source, piece.start, tick), Segment(piece.source, tick, piece.end))
    return Edit(tr("Split"), short.with_segments((*short.segments[:number], *parts, *short.segments[number + 1 :])))


def cut_before_here(short: Short, at: SourceTime) -> Edit:
    """Cut what the piece under a moment of a source holds before it."""
    _number, piece = _under(short, at)
    return Edit(tr("Cut before here"), _kept(short, without(short.segments, piece.source, piece.start, at.tick)))


def cut_after_here(short: Short, at: SourceTime) -> Edit:
    """Cut what the piece under a moment of a source holds after it."""
    _number, piece = _under(short, at)
    return Edit(tr("Cut after here"), _kept(short, without(short.segments, piece.source, at.tick, piece.end)))


def _under(short: Short, at: SourceTime) -> tuple[int, Segment]:
    for number, piece in enumerate(short.segments):
        if piece.holds(*at):
            return number, piece
    raise NothingToDo(tr("The playhead is not inside the short."), tr("Move it to words that are not cut."))
