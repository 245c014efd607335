"""What Moments asks of a source: laughter and applause are looked for once and kept; then passages are rated and chosen."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from typing import Final

import numpy as np

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.sound_reader import SPEECH_RATE, sound_of
from standtall.model.analysis import LEVEL_STEP, Analysis, Sounding
from standtall.model.source import Source
from standtall.moments.finder import Finder
from standtall.sound.crowd import kind_of

LEAST: Final = round(0.6 * TICKS_PER_SECOND)
OVER_FLOOR: Final = 0.35
"""What is heard lies at least this share of the way from the floor of the recording up to its talk."""
MOST: Final = 600
"""So many stretches are listened to at most, the longest first."""


@dataclass(frozen=True, slots=True)
class _Soundings:
    soundings: tuple[Sounding, ...]


def finder_for(source: Source, analysis: Analysis, cache: AnalysisCache, progress: Progress) -> Finder:
    """All that finding moments in a source needs; slow the first time, since it listens for laughter and applause."""
    return Finder(replace(analysis, soundings=soundings_of(source, analysis, cache, progress)))


def soundings_of(source: Source, analysis: Analysis, cache: AnalysisCache, progress: Progress) -> tuple[Sounding, ...]:
    """Laughter and applause between the words of a source."""
    if not source.has_sound or not analysis.level_db:
        return ()
    kept = cache.find(source.key, "soundings", _Soundings, str(len(analysis.words)))
    if kept is None:
        stretches = sorted(_wordless(analysis), key=lambda s: s[0] - s[1])[:MOST]
        found = []
        for n, (start, end) in enumerate(sorted(stretches)):
            progress.report("soundings", n / len(stretches))
            kind = kind_of(sound_of(source, SPEECH_RATE, 1, start, end).reshape(-1))
            if kind is not None:
                found.append(Sounding(kind, start, end))
        kept = _Soundings(tuple(found))
        cache.keep(source.key, "soundings", kept, str(len(analysis.words)))
    return kept.soundings


def kept_soundings(source: Source, analysis: Analysis, cache: AnalysisCache) -> tuple[Sounding, ...]:
    """Those that were looked for already; nothing is listened to."""
    kept = cache.find(source.key, "soundings", _Soundings, str(len(analysis.words)))
    return kept.soundings if kept is not None else ()


def _wordless(analysis: Analysis) -> Iterator[tuple[int, int]]:
    """Stretches (ticks) in which something is heard but no word said."""
    level = np.array(analysis.level_db, np.float32)
    heard = level[level > -90.0]
    if not len(heard):
        return
    floor, talk = np.percentile(heard, (4, 90))
    loud = level > floor + OVER_FLOOR * (talk - floor)
    edges = [0, *(t for w in analysis.words for t in (w.start, w.end)), len(level) * LEVEL_STEP]
    for start, end in zip(edges[::2], edges[1::2], strict=True):
        if end - start < LEAST:
            continue
        here = loud[start // LEVEL_STEP : end // LEVEL_STEP]
        places = np.flatnonzero(here)
        if len(places) * LEVEL_STEP >= LEAST // 2 and (places[-1] - places[0]) * LEVEL_STEP >= LEAST:
            begin = start // LEVEL_STEP * LEVEL_STEP
            yield begin + int(places[0]) * LEVEL_STEP, begin + (int(places[-1]) + 1) * LEVEL_STEP
