"""How high a voice speaks in the passages that a short is made of."""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np

from standtall.language.stress import MELODY_STEP, Melody
from standtall.media.sound_reader import SPEECH_RATE, read_sound
from standtall.model.cut import Segment
from standtall.model.source import Source
from standtall.sound.pitch import pitch_of


def melody_of(source: Source, segments: Iterable[Segment]) -> Melody | None:
    """The pitch in those of the segments that are of a source, None where it has no sound or none of them. Raises `MediaError`
    where the sound cannot be read."""
    own = [s for s in segments if s.source == source.key]
    if not own or not source.has_sound:
        return None
    first = min(s.start for s in own) // MELODY_STEP
    hz = np.full(-(-max(s.end for s in own) // MELODY_STEP) - first, np.nan)
    for segment in own:
        samples = read_sound(source.path, SPEECH_RATE, 1, segment.start, segment.end, track=source.sound_track).reshape(-1)
        told = pitch_of(samples, SPEECH_RATE)
        at = segment.start // MELODY_STEP - first
        hz[at : at + len(told)] = told[: len(hz) - at]
    return Melody(first * MELODY_STEP, hz)
