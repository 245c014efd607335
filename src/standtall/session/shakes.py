"""Shake where it is needed: measured once, kept beside the analysis."""

from __future__ import annotations

from dataclasses import replace

from standtall.base.progress import Progress
from standtall.framing.shots import with_edges
from standtall.library.cache import AnalysisCache
from standtall.model.analysis import Analysis
from standtall.model.people import Shake
from standtall.model.short import Short
from standtall.model.source import Source


def measured(source: Source, start: int, end: int, cache: AnalysisCache, progress: Progress) -> Shake:
    """The shake of a part of a source (ticks), from the cache or measured now. Raises `MediaError`."""
    mark = f"{start}-{end}"
    kept = cache.find(source.key, "shake", Shake, mark)
    if kept is None:
        from standtall.people.shake import measure_shake  # slow to import

        kept = measure_shake(source, start, end, progress)
        cache.keep(source.key, "shake", kept, mark)
    return kept


def with_shakes(short: Short, source: Source, analysis: Analysis, progress: Progress) -> Analysis:
    """The analysis with the shake of each shot of a source that a short steadies, as far as the short uses it."""
    people = with_edges(analysis.people, tuple(e for e in short.framing.edges if e.source == source.key))
    shakes = list(people.shakes)
    for shot in people.shots:
        chosen = short.framing.of_shot(source.key, shot.start, shot.end)
        used = any(s.source == source.key and s.start < shot.end and s.end > shot.start for s in short.segments)
        there = any(s.start <= shot.start and s.end >= shot.end for s in shakes)
        if chosen is not None and chosen.steady and used and not there:
            shakes.append(measured(source, shot.start, shot.end, AnalysisCache(), progress))
    return replace(analysis, people=replace(analysis.people, shakes=tuple(shakes)))
