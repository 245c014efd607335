"""Music files of the editor's own: where their beats lie, and from where they are played so that a short ends on one."""

from __future__ import annotations

import functools
from typing import Final

import numpy as np

from standtall.media.sound_reader import MIX_RATE, read_sound
from standtall.model.sound import Music
from standtall.sound.beats import beats

LOOKED_AT: Final = 8 * 60 * MIX_RATE
"""Samples of a file in which beats are looked for: the longest short, from anywhere in a song."""


@functools.lru_cache(maxsize=8)
def _beats_of(path: str, _key: str) -> tuple[int, ...]:
    sound = read_sound(path, MIX_RATE, 1, 0, LOOKED_AT)
    heard = np.flatnonzero(sound.any(axis=0))  # what is asked for beyond the end of a file is silence
    return tuple(beats(sound[:, : heard[-1] + 1 if len(heard) else 0]).tolist())


def played_from(music: Music, length: int) -> int:
    """The sample of a file that is heard first under a talk of `length` samples: less than a beat from where it was put, so that
    the talk ends on a beat. Raises `MediaError` for a file that cannot be read."""
    found = np.array(_beats_of(music.path, music.key))
    end = music.start + length
    if len(found) < 2 or found[-1] + 2 * MIX_RATE < end:
        return music.start  # nothing beats, or the file is too short and goes over into its own beginning
    usual, ends = int(np.median(np.diff(found))), found[found >= length]  # it cannot be played from before its beginning
    nearest = int(ends[np.argmin(np.abs(ends - end))]) if len(ends) else end
    return nearest - length if abs(nearest - end) <= usual else music.start


def beats_under(music: Music, length: int) -> tuple[int, ...]:
    """The beats of a file in samples of a talk of `length` samples. Raises `MediaError` for a file that cannot be read."""
    first = played_from(music, length)
    return tuple(b - first for b in _beats_of(music.path, music.key) if first <= b < first + length)
