"""The sound of a short: its segments one after the other, each speaker at their level, the whole at its loudness."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

import numpy as np

from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.media.sound_reader import MIX_RATE, Samples, sound_of
from standtall.model.sound import SoundMix
from standtall.sound.loudness import levelled
from standtall.sound.mix import joined

FADE: Final = MIX_RATE // 50
"""How long a change of a speaker's level takes: 20 ms."""


def soundtrack(composition: Composition, progress: Progress | None = None) -> Samples | None:
    """The sound of a short as float32 (2, samples) at 48 kHz, or None where none of its sources has any."""
    footage, mix = composition.footage, composition.short.sound
    if not any(f.source.has_sound for f in footage.values()):
        return None
    whole = joined(composition.short.segments, lambda source, a, b: _talk(footage[source], mix, a, b))
    return levelled(whole, mix.loudness, progress=progress)


def _talk(footage: Footage, mix: SoundMix, start: int, end: int) -> Samples:
    """What is heard of a source between two ticks."""
    if not footage.source.has_sound:
        return np.zeros((2, end - start), np.float32)
    samples = sound_of(footage.source, MIX_RATE, 2, start, end)
    gains = {g.speaker: g.db for g in mix.speaker_gains if g.source == footage.source.key}
    return samples * _gain_curve(footage, gains, start, end) if gains else samples


def _gain_curve(footage: Footage, gains: Mapping[int, float], start: int, end: int) -> Samples:
    """What each sample between two ticks is multiplied by: a speaker's gain from their first word of a turn to the next turn."""
    words = [w for w in footage.analysis.words if w.end > start and w.start < end]
    curve = np.ones(end - start, np.float32)
    for number, word in enumerate(words):
        begin = start if number == 0 else max(start, (words[number - 1].end + word.start) // 2)
        curve[begin - start :] = 10 ** (gains.get(word.speaker, 0.0) / 20)
    width = min(FADE, len(curve))
    if width < 2 or np.ptp(curve) == 0:
        return curve
    padded = np.pad(curve, (width // 2, width - 1 - width // 2), mode="edge")
    steps = np.cumsum(np.concatenate([[0.0], padded.astype(np.float64)]))
    return ((steps[width:] - steps[:-width]) / width).astype(np.float32)
