"""A montage: cutaways over what is said, shared out evenly or cut on its phrases."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Final, Literal

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.language.sentences import closes_phrase
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.edits import Edit
from standtall.model.extras import Cutaway
from standtall.model.short import Short
from standtall.model.words import words_within

How = Literal["even", "phrases", "beats"]
LEAST: Final = TICKS_PER_SECOND // 2
"""A picture that stands shorter than this is not seen."""


@dataclass(frozen=True, slots=True)
class Picture:
    """Footage or a still to lay over: file, content key, length in ticks, whether it stands still."""

    path: str
    key: str
    length: int
    still: bool = False


def lay_over(
    short: Short, analysis: Analysis, pictures: Sequence[Picture], how: How, beats: Sequence[int] = ()
) -> Edit:  # fmt: skip
    """Lay pictures over the whole short, in their order.

    Each gets an even share, or its share ends at the nearest phrase, or at the nearest of the `beats` (ticks of the short). They
    lie on the words: a later cut takes its part of a picture with it. Raises `NothingToDo` without pictures, or where there are
    more than the short can show.
    """
    if not pictures:
        raise NothingToDo(tr("No pictures are chosen."), tr("Choose footage or stills to lay over the words."))
    if short.talk_length // len(pictures) < LEAST:
        raise NothingToDo(
            tr(
                "{pictures} pictures are too many for a short of {talk_length} s.",
                pictures=len(pictures),
                talk_length=short.talk_length // TICKS_PER_SECOND,
            ),
            tr("Choose fewer, or a longer short."),
        )
    edges = [short.talk_length * n // len(pictures) for n in range(len(pictures) + 1)]
    if how == "beats" and not beats:
        raise NothingToDo(
            tr("The beats of the music are not known."), tr("Choose a piece of music that ships in the Sound panel first.")
        )
    if how == "beats":
        edges = _on_phrases(edges, list(beats))
    if how == "phrases":
        edges = _on_phrases(edges, _phrase_ends(short, analysis))
    cutaways = [c for n, p in enumerate(pictures) for c in _cutaways(short, p, edges[n], edges[n + 1])]
    return Edit(tr("Lay {pictures} over", pictures=count_of(len(pictures), "picture")), _with(short, tuple(cutaways)))


def _with(short: Short, cutaways: tuple[Cutaway, ...]) -> Short:
    return replace(short, extras=replace(short.extras, cutaways=cutaways))


def _phrase_ends(short: Short, analysis: Analysis) -> list[int]:
    """Where phrases end, in ticks of the short: at pauses, at the ends of sentences and at commas."""
    words, time_map = analysis.words, short.time_map
    out: list[int] = []
    for number, e in enumerate(short.segments):
        begin = time_map.span_of(number)[0]
        held = words_within(words, e.start, e.end) if e.source == analysis.source_key else range(0)
        for i in held[:-1]:
            if closes_phrase(words[i], words[i + 1]) or words[i].text.endswith((",", ";", ":")):
                out.append(begin + (words[i].end + words[i + 1].start) // 2 - e.start)
        if number + 1 < len(short.segments):
            out.append(time_map.span_of(number)[1])
    return sorted(out)


def _on_phrases(edges: list[int], ends: list[int]) -> list[int]:
    """Even edges moved to the nearest ends of phrases, each to another one; an edge that finds none stays."""
    out = [edges[0]]
    free = list(ends)
    for n, edge in enumerate(edges[1:-1], 1):
        share = edges[n + 1] - edges[n]
        latest = edges[-1] - LEAST * (len(edges) - 1 - n)
        near = [f for f in free if out[-1] + LEAST <= f <= latest and abs(f - edge) < share]
        best = min(near, key=lambda f: abs(f - edge), default=max(edge, out[-1] + LEAST))
        free = [f for f in free if f > best]
        out.append(best)
    return [*out, edges[-1]]


def _cutaways(short: Short, picture: Picture, start: int, end: int) -> list[Cutaway]:
    """One picture over a stretch of the short: a cutaway on each segment that the stretch touches."""
    out: list[Cutaway] = []
    time_map, at = short.time_map, 0
    for number, e in enumerate(short.segments):
        begin, stop = time_map.span_of(number)
        a, b = max(start, begin), min(end, stop)
        if a >= b:
            continue
        into = 0 if picture.still else at % max(1, picture.length)
        extent = Segment(e.source, e.start + a - begin, e.start + b - begin)
        out.append(Cutaway(picture.path, picture.key, extent, into))
        at += b - a
    return out
