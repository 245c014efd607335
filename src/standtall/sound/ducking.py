"""How loud music is under a talk: by its words, not by the level of the sound, so that it never moves inside a sentence."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import MIX_RATE
from standtall.model.sound import Music

PAUSE: Final = round(0.8 * MIX_RATE)
"""Shorter pauses belong to the sentence: the music stays down."""
STEP: Final = MIX_RATE // 1000


def talking(words: Sequence[tuple[int, int]], least_pause: int = PAUSE) -> list[tuple[int, int]]:
    """Spans (ticks of the short) in which somebody talks: words with all pauses between them that are no longer than that."""
    out: list[tuple[int, int]] = []
    for start, end in sorted(words):
        if out and start - out[-1][1] <= least_pause:
            out[-1] = out[-1][0], max(out[-1][1], end)
        else:
            out.append((start, end))
    return out


def duck_db(words: Sequence[tuple[int, int]], length: int, music: Music) -> NDArray[np.float64]:
    """(length / 48,) how far under the talk the music is in each millisecond, in dB: `under_db` from the first word of a span to
    its last, and `pause_db` outside, going over softly before and after."""
    count = -(-length // STEP)
    up = np.ones(count)
    for start, end in talking(words):
        a, b = start / STEP, end / STEP
        lead, release = max(1.0, music.lead_s * 1000), max(1.0, music.release_s * 1000)
        t = np.arange(max(0, int(a - lead)), min(count, int(np.ceil(b + release)) + 1))
        away = np.where(t < a, (a - t) / lead, np.where(t > b, (t - b) / release, 0.0))
        share = np.clip(away, 0, 1)
        up[t] = np.minimum(up[t], share * share * (3 - 2 * share))
    return np.asarray(-(music.under_db + (music.pause_db - music.under_db) * up))


def curve_of(db: NDArray[np.float64], length: int) -> NDArray[np.float32]:
    """(length,) a gain for each sample from a level in dB for each millisecond."""
    middles = (np.arange(len(db)) + 0.5) * STEP
    return np.asarray(10 ** (np.interp(np.arange(length), middles, db) / 20), np.float32)
