"""Cutting by words: cut words, bring them back, take a passage; picture and sound go with them.

A piece keeps the start and the end that were set by hand as long as its first and last words stay.
"""

from __future__ import annotations

import itertools
from collections.abc import Iterable
from dataclasses import replace

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.cutting.cut_points import SHORTEST, covered_with, cut_after, cut_before, runs, spans_of
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.short import Short
from standtall.model.word_columns import ranges_within


def pieces_for(analysis: Analysis, chosen: Iterable[int]) -> tuple[Segment, ...]:
    """Pieces that hold exactly the words `chosen` (indexes, in the order in which they are to be heard)."""
    out: list[Segment] = []
    taken: set[int] = set()
    for run in runs([i for i in chosen if not (i in taken or taken.add(i))]):  # type: ignore[func-returns-value]
        piece = spans_of(analysis, run)
        for other in out:  # runs that touch share the quietest place between them
            if other.start < piece.end <= other.end and piece.start < other.start:
                piece = Segment(piece.source, piece.start, other.start)
            elif other.start <= piece.start < other.end < piece.end:
                piece = Segment(piece.source, other.end, piece.end)
        out.append(piece)
    return tuple(out)


def kept_words(short: Short, analysis: Analysis) -> tuple[int, ...]:
    """Indexes of the words that the short holds, in the order in which they are heard."""
    return tuple(itertools.chain.from_iterable(_held(short, analysis)))


def _held(short: Short, analysis: Analysis) -> list[range]:
    """Indexes of the words of a source that each segment holds; none where it is of another source."""
    mine = [e.source == analysis.source_key for e in short.segments]
    found = ranges_within(analysis.words, ((e.start, e.end) for e in short.segments))
    return [held if of_it else range(0) for held, of_it in zip(found, mine, strict=True)]


def from_words(name: str, analysis: Analysis, chosen: Iterable[int], base: Short | None = None) -> Short:
    """A short of the chosen words in that order; style and framing come from `base` if given.

    Raises `NothingToDo` when no word is chosen.
    """
    segments = pieces_for(analysis, chosen)
    if not segments:
        raise NothingToDo(tr("No words are chosen."), tr("Drag over the words that the short should hold."))
    if base is None:
        return Short.of(name, segments)
    return replace(base.with_segments(segments), name=name)


def choose(short: Short, analysis: Analysis, chosen: Iterable[int]) -> Edit:
    """Make the chosen words the whole short."""
    picked = tuple(chosen)
    return Edit(tr("Use only {picked}", picked=count_of(len(picked))), from_words(short.name, analysis, picked, short))


def cut(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Cut words out; picture and sound go with them.

    Raises `NothingToDo` when none of them is in the short, or nothing would be left.
    """
    gone = set(indexes)
    out: list[Segment] = []
    count = 0
    for segment, held in zip(short.segments, _held(short, analysis), strict=True):
        taken = sorted(i for i in gone if i in held)
        count += len(taken)
        if not taken:
            out.append(segment)
            continue
        edges = [held.start, *(edge for i in taken for edge in (i, i + 1)), held.stop]
        left = [range(a, b) for a, b in zip(edges[::2], edges[1::2], strict=True) if a < b]
        out += _left_of(analysis, segment, held, left)
    if not count:
        raise NothingToDo(tr("These words are not in the short."), tr("Choose words that are not cut."))
    if not out:
        raise NothingToDo(tr("A short needs at least one word."), tr("Leave one word, or choose another passage."))
    return Edit(tr("Cut {count}", count=count_of(count)), short.with_segments(out))


def _left_of(analysis: Analysis, segment: Segment, held: range, left: list[range]) -> list[Segment]:
    """What is left of a piece: the runs of words that stay, each with its room."""
    out: list[Segment] = []
    at = segment.start
    for run in left:
        start = segment.start if run.start == held.start else max(at, cut_before(analysis, run.start))
        end = segment.end if run.stop == held.stop else min(segment.end, cut_after(analysis, run[-1]))
        at = max(end, start + SHORTEST) if end <= start else end
        out.append(Segment(segment.source, start, at))
    return out


def bring_back(short: Short, analysis: Analysis, indexes: Iterable[int]) -> Edit:
    """Bring words back where they were said, add words from outside the short, or undo cuts between the chosen words.

    Raises `NothingToDo` when the short holds all of them, without a cut between them.
    """
    chosen = sorted(set(indexes))
    held = set(kept_words(short, analysis))
    new = [i for i in chosen if i not in held]
    segments = short.segments
    for run in runs(chosen):
        start = _middle(analysis, run[0]) if run[0] in held else _from(segments, analysis, run[0])
        end = _middle(analysis, run[-1]) if run[-1] in held else _until(segments, analysis, run[-1])
        if start < end:
            segments = covered_with(segments, analysis.source_key, start, end)
    if segments == short.segments:
        raise NothingToDo(tr("These words are in the short already."), tr("Choose words that are cut or pale."))
    return Edit(tr("Bring back {new}", new=count_of(len(new))) if new else tr("Close a cut"), short.with_segments(segments))


def _middle(analysis: Analysis, i: int) -> int:
    return (analysis.words[i].start + analysis.words[i].end) // 2


def _holder(segments: tuple[Segment, ...], analysis: Analysis, i: int) -> Segment | None:
    """The piece that holds a word."""
    if not 0 <= i < len(analysis.words):
        return None
    middle = _middle(analysis, i)
    return next((e for e in segments if e.holds(analysis.source_key, middle)), None)


def _from(segments: tuple[Segment, ...], analysis: Analysis, i: int) -> int:
    """Where word i begins when it is put back: where the piece with the word before it ends, or in its own room."""
    holder = _holder(segments, analysis, i - 1)
    return holder.end if holder is not None else cut_before(analysis, i)


def _until(segments: tuple[Segment, ...], analysis: Analysis, i: int) -> int:
    holder = _holder(segments, analysis, i + 1)
    return holder.start if holder is not None else cut_after(analysis, i)
