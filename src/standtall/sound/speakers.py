"""How loud each speaker is, and what brings them to one level."""

from __future__ import annotations

import itertools
from collections.abc import Mapping, Sequence
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import MIX_RATE, Samples
from standtall.model.words import Word
from standtall.sound.loudness import gated, power_of

LEAST_S: Final = 1.2
"""A speaker who is heard for less keeps their level: nothing can be said about it."""
MOST_DB: Final = 18.0
FADE: Final = MIX_RATE // 50
LONGEST_FADE: Final = MIX_RATE // 2
"""A change of level takes the pause between two turns, from 20 ms to half a second."""


def speaker_loudness(samples: Samples, words: Sequence[Word], start: int) -> dict[int, float]:
    """Loudness (LUFS) of each speaker of a sound that begins at tick `start` of its source, over the time of their words."""
    power = power_of(samples)
    out: dict[int, float] = {}
    for speaker in sorted({w.speaker for w in words}):
        held = np.zeros(len(power), bool)
        for word in words:
            if word.speaker == speaker:
                held[max(0, (word.start - start) // 48) : max(0, (word.end - start) // 48)] = True
        if held.sum() >= LEAST_S * 1000:
            out[speaker] = gated(power[held])
    return {k: v for k, v in out.items() if np.isfinite(v)}


def levelling(loudness: Mapping[int, float]) -> dict[int, float]:
    """Gain in dB of each speaker, so that all are as loud as the loudest."""
    most = max(loudness.values(), default=0.0)
    return {k: min(MOST_DB, most - v) for k, v in loudness.items()}


def gain_curve(words: Sequence[Word], gains: Mapping[int, float], start: int, end: int) -> NDArray[np.float32]:
    """(end - start,) what each sample between two ticks is multiplied by: each speaker's gain during their words, going over
    between two turns for as long as the pause between them lasts."""
    here = [w for w in words if w.end > start and w.start < end]
    if not here or not any(gains.values()):
        return np.ones(end - start, np.float32)
    times, values = [float(start)], [gains.get(here[0].speaker, 0.0)]
    for before, word in itertools.pairwise(here):
        a, b = gains.get(before.speaker, 0.0), gains.get(word.speaker, 0.0)
        if a == b:
            continue
        middle, pause = (before.end + word.start) / 2, word.start - before.end
        half = min(max(pause, FADE), LONGEST_FADE) / 2
        times += [max(times[-1], middle - half), max(times[-1], middle + half)]
        values += [a, b]
    db = np.interp(np.arange(start, end), times, values)
    return np.asarray(10 ** (db / 20), np.float32)
