"""Cuts a stream of sound into pieces that the recogniser hears at once, at the quietest place each time."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Final

import numpy as np
from scipy.ndimage import uniform_filter1d

from standtall.media.sound_reader import SPEECH_RATE, Samples, level_db

LEAST_S, MOST_S = 18.0, 28.5
"""A piece lasts so long: it fits into one window of the recogniser, which is 30 s."""
QUIET_S: Final = 0.3
"""The quietest stretch of this length is looked for, so that no word is cut."""


@dataclass(frozen=True, slots=True)
class Piece:
    """Sound from `start` seconds on."""

    number: int
    start: float
    samples: Samples

    @property
    def end(self) -> float:
        return self.start + len(self.samples) / SPEECH_RATE


def pieces(blocks: Iterable[Samples], start: float = 0.0, end: float | None = None) -> Iterator[Piece]:
    """Pieces of mono float32 at 16 kHz between two times in seconds, in order and without gaps."""
    first = round(start * SPEECH_RATE)
    last = None if end is None else round(end * SPEECH_RATE)
    held: Samples = np.zeros(0, np.float32)
    passed = 0
    begin, number = first, 0
    most = round(MOST_S * SPEECH_RATE)
    for block in blocks:
        low, high = max(0, first - passed), len(block) if last is None else min(len(block), last - passed)
        passed += len(block)
        if high > low:
            held = np.concatenate([held, block[low:high]])
        while len(held) > most:
            cut = _quietest(held)
            yield Piece(number, begin / SPEECH_RATE, held[:cut])
            held, begin, number = held[cut:], begin + cut, number + 1
        if last is not None and passed >= last:
            break
    if len(held):
        yield Piece(number, begin / SPEECH_RATE, held)


def _quietest(samples: Samples) -> int:
    """Where to cut: the middle of the quietest stretch between the least and the most length, in samples."""
    a, b = round(LEAST_S * 100), round(MOST_S * 100)
    power = 10 ** (level_db(samples)[a:b].astype(np.float64) / 10)
    quiet = uniform_filter1d(power, round(QUIET_S * 100), mode="nearest")
    return (a + int(np.argmin(quiet))) * SPEECH_RATE // 100 + SPEECH_RATE // 200
