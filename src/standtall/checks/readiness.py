"""What should be looked at before a short is rendered, beside its framing, captions and extras."""

from __future__ import annotations

from collections.abc import Collection, Iterator
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.said import spoken
from standtall.checks.notice import Notice
from standtall.compose.composition import Composition
from standtall.media.sound_reader import MIX_RATE, sound_of
from standtall.model.extras import TextExtra
from standtall.model.timemap import SourceTime
from standtall.sound.loudness import loudness_lufs

LONGEST_SILENCE: Final = (round(0.6 * TICKS_PER_SECOND), TICKS_PER_SECOND)
"""Before the first word and after the last one (common practice, no source)."""
QUIET_LUFS: Final = -38.0
"""Recordings under this are raised so far that their noise is heard (common practice, no source)."""
CLIPPED, CLIPPED_RUN = 0.999, 4
"""Of full scale, and samples in a row, where a recording was too loud for its recorder (common practice, no source)."""
MOST_CLIPS_A_MINUTE: Final = 10


def word_notices(composition: Composition) -> tuple[Notice, ...]:
    """A lost cover, captions that are not there, words of low confidence that nobody looked at, silence at an end."""
    time_map = composition.time_map
    words = spoken({k: f.analysis for k, f in composition.footage.items()}, time_map, shifted=False)
    out = []
    cover = composition.short.cover
    if cover is not None and time_map.to_short(cover.source, cover.tick) is None:
        out.append(Notice("cover gone", {}, None, ("remove the cover",)))
    if words and not (composition.short.captions.shown and composition.cards):
        out.append(Notice("no captions", {}, None, ("show the captions",) if composition.cards else ()))
    doubted = [w for w in words if w.said.low_confidence]
    if doubted:
        first = min(doubted, key=lambda w: w.start)
        text = ", ".join(dict.fromkeys(w.text.strip(".,;:!?") for w in doubted[:3]))
        place = SourceTime(first.source, first.said.start)
        out.append(Notice("words unsure", {"count": len(doubted), "words": text}, place, ()))
    if words and composition.lead == 0:
        out += _silences(composition, min(w.start for w in words), max(w.end for w in words))
    return tuple(out)


def _silences(composition: Composition, first: int, last: int) -> Iterator[Notice]:
    time_map, clips = composition.time_map, composition.short.extras
    quiet = composition.short.sound.music is None
    if quiet and first > LONGEST_SILENCE[0]:
        yield Notice("silence at the start", {"length": first}, time_map.to_source(0), ("trim the silence",))
    if quiet and clips.closing is None and time_map.length - last > LONGEST_SILENCE[1]:
        length, place = time_map.length - last, time_map.to_source(time_map.length - 1)
        yield Notice("silence at the end", {"length": length}, place, ("trim the silence",))


def font_notices(composition: Composition, families: Collection[str]) -> tuple[Notice, ...]:
    """Families of letters that its captions and texts ask for and that are not there."""
    texts = [i.style.get("family") for i in composition.short.extras.items if isinstance(i, TextExtra)]
    wanted = {composition.caption_style.family, *(str(family) for family in texts if family)}
    return tuple(Notice("font missing", {"name": name}, None, ()) for name in sorted(wanted - set(families)))


def sound_notices(composition: Composition) -> tuple[Notice, ...]:
    """Passages that were recorded too quietly, or too loudly. Raises `MediaError` for sound that cannot be read."""
    quiet: Notice | None = None
    clips, seconds = 0, 0.0
    first: SourceTime | None = None
    for segment in composition.short.segments:
        source = composition.footage[segment.source].source
        if not source.has_sound:
            continue
        heard = sound_of(source, MIX_RATE, 1, segment.start, segment.end)
        loud = loudness_lufs(np.repeat(heard.reshape(1, -1), 2, axis=0)) if segment.length > TICKS_PER_SECOND else 0.0
        if quiet is None and loud < QUIET_LUFS:
            quiet = Notice("sound too quiet", {"lufs": round(loud)}, SourceTime(segment.source, segment.start), ())
        places = _clipped(heard.reshape(-1))
        clips += len(places)
        seconds += segment.length / TICKS_PER_SECOND
        if len(places) and first is None:
            first = SourceTime(segment.source, segment.start + round(int(places[0]) / MIX_RATE * TICKS_PER_SECOND))
    out = [] if quiet is None else [quiet]
    if clips > MOST_CLIPS_A_MINUTE * max(seconds, 6) / 60:
        out.append(Notice("sound clipped", {"count": clips}, first, ()))
    return tuple(out)


def _clipped(mono: NDArray[np.float32]) -> NDArray[np.int64]:
    """Where runs of full samples begin."""
    full = (np.abs(mono) >= CLIPPED).astype(np.int8)
    edges = np.flatnonzero(np.diff(np.concatenate([[0], full, [0]])))
    runs = edges.reshape(-1, 2)
    return np.asarray(runs[runs[:, 1] - runs[:, 0] >= CLIPPED_RUN, 0], np.int64)
