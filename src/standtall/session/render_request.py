"""Requests made of what is open: self-contained, with no more in them than the work needs."""

from __future__ import annotations

import bisect
from collections.abc import Mapping
from dataclasses import replace
from pathlib import Path

from standtall.framing.shots import with_edges
from standtall.jobs.requests import RenderFootage, RenderRequest
from standtall.library.looks import look_or_first
from standtall.model.analysis import Analysis
from standtall.model.cut import LONGEST_TRANSITION, Segment
from standtall.model.people import People
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.model.words import Word


def render_request(short: Short, footage: Mapping[str, tuple[Source, Analysis]], out: Path) -> RenderRequest:
    """A request to render a short as it stands now; `footage` holds its sources by content key."""
    used = []
    for key in short.sources:
        source, analysis = footage[key]
        edges = tuple(e for e in short.framing.edges if e.source == key)
        chosen = replace(analysis, people=with_edges(analysis.people, edges))
        used.append(RenderFootage(source, trimmed(chosen, [s for s in short.segments if s.source == key])))
    return RenderRequest(short, tuple(used), look_or_first(short.captions.look), str(out.absolute()))


def trimmed(analysis: Analysis, segments: list[Segment]) -> Analysis:
    """What is known of the parts of a source that segments use, so that they are framed and captioned as from all of it: words
    that they touch (also those of a passage that is translated as one), whole shots with their faces, who speaks in those."""
    translations = tuple(
        replace(t, passages=tuple(p for p in t.passages if _touches(segments, p.start, p.end))) for t in analysis.translations
    )
    spans = [(p.start, p.end) for t in translations for p in t.passages] + [(s.start, s.end) for s in segments]
    spans = _merged(spans)
    starts = [a for a, _b in spans]

    def used(word: Word) -> bool:
        i = bisect.bisect_left(starts, word.end) - 1
        return i >= 0 and spans[i][1] > word.start

    words = tuple(w for w in analysis.words if used(w))
    return replace(
        analysis, words=words, people=_people(analysis.people, segments), level_db=(), translations=translations, soundings=()
    )


def _merged(spans: list[tuple[int, int]]) -> list[tuple[int, int]]:
    """The same times as spans in order, none of which meets another."""
    out: list[tuple[int, int]] = []
    for start, end in sorted(spans):
        if out and start <= out[-1][1]:
            out[-1] = out[-1][0], max(out[-1][1], end)
        else:
            out.append((start, end))
    return out


def _touches(segments: list[Segment], start: int, end: int) -> bool:
    return any(s.start < end and start < s.end for s in segments)


def _people(people: People, segments: list[Segment]) -> People:
    """The shots that segments touch, each under its new number; a transition shows a little of what comes after a segment. No
    render needs to know by what people are known elsewhere."""
    kept = [
        n for n, s in enumerate(people.shots) if any(e.start < s.end and s.start < e.end + LONGEST_TRANSITION for e in segments)
    ]
    places = {old: new for new, old in enumerate(kept)}
    shots = tuple(people.shots[n] for n in kept)
    tracks = tuple(replace(t, shot=places[t.shot]) for t in people.tracks if t.shot in places)
    starts = [s.start for s in shots]

    def speaks_here(start: int, end: int) -> bool:
        i = bisect.bisect_right(starts, end) - 1
        return i >= 0 and shots[i].end > start

    shakes = tuple(s for s in people.shakes if any(s.start < shot.end and s.end > shot.start for shot in shots))
    talk, overlaps = (tuple(t for t in said if speaks_here(t.start, t.end)) for said in (people.talk, people.overlaps))
    return People(shots, tracks, talk, people.names, people.texts, people.screens, shakes=shakes, overlaps=overlaps)
