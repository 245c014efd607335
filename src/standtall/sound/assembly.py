"""Puts music together to the length of a short: pieces that ship unit by unit up to their own ending, files by crossfades."""

from __future__ import annotations

from typing import Final

import numpy as np

from standtall.library.music import Piece
from standtall.media.sound_reader import MIX_RATE, Samples

CROSS: Final = 2 * MIX_RATE
"""Samples over which a file goes over into its own beginning."""
SOFT: Final = MIX_RATE // 50
"""Fade at a start inside of a unit."""
PICKUP: Final = 3
"""The unit of which the end leads into the first one."""


def unit_order(piece: Piece, length: int, start: int = 0) -> tuple[list[int], int]:
    """Which units are played for a length in samples, and how many samples of the first are left out, so that the cadence ends
    with the short: whole units before the cadence, the first cut at a beat. `start` (samples) chooses the unit it begins with."""
    whole = piece.unit
    before = max(0, length - whole)
    count = -(-before // whole)
    left_out = count * whole - before
    parts = piece.units - 1
    first = start // whole % parts
    order = [(first + n) % parts for n in range(count)]
    if left_out and order:
        order = [(first + PICKUP) % parts, *((first + n) % parts for n in range(count - 1))]
    return [*order, piece.units - 1], left_out if count else max(0, whole - length)


def assembled(piece: Piece, sound: Samples, length: int, start: int = 0) -> Samples:
    """float32 (2, length) of a piece with its ending at the end; `sound` is all of its file. The first sample that is heard lies
    on a beat, less than one after the start."""
    order, left_out = unit_order(piece, length, start)
    whole, long = piece.unit, piece.unit + piece.tail
    out = np.zeros((2, length + long), np.float32)
    at = -left_out
    for n, number in enumerate(order):
        part = sound[:, number * long : (number + 1) * long]
        skip = 0
        if n == 0 and at < 0:
            skip = -(at // piece.beat) * piece.beat
            part = part[:, skip:].copy()
            soft = min(SOFT, part.shape[1])
            part[:, :soft] *= np.linspace(0, 1, soft, dtype=np.float32)
        begin = at + skip
        end = min(out.shape[1], begin + part.shape[1])
        if begin < out.shape[1] and end > begin:
            out[:, begin:end] += part[:, : end - begin]
        at += whole
    return out[:, :length]


def beats_of(piece: Piece, length: int) -> tuple[int, ...]:
    """Where the beats of a piece lie in a sound of that length, in samples."""
    return tuple(range(length % piece.beat, length, piece.beat))


def repeated(sound: Samples, length: int) -> Samples:
    """float32 (2, length) of a file's sound: as it is where it is long enough, else going over into its own beginning."""
    have = sound.shape[1]
    if have == 0:
        return np.zeros((2, length), np.float32)
    out = np.zeros((2, length), np.float32)
    cross = min(CROSS, have // 3)
    at = 0
    while at < length:
        part = sound[:, : min(have, length - at)].copy()
        if at and cross:
            part[:, :cross] *= np.sqrt(np.linspace(0, 1, cross, dtype=np.float32))[: part.shape[1]]
        if at + have < length and cross:
            part[:, -cross:] *= np.sqrt(np.linspace(1, 0, cross, dtype=np.float32))
        out[:, at : at + part.shape[1]] += part
        at += max(1, have - cross)
    return out


def faded(sound: Samples, fade_in: int, fade_out: int) -> Samples:
    """The same with a soft start and end, in samples."""
    count = sound.shape[1]
    into, away = min(fade_in, count), min(fade_out, count)
    if into:
        sound[:, :into] *= np.sin(np.linspace(0, np.pi / 2, into)).astype(np.float32) ** 2
    if away:
        sound[:, -away:] *= np.cos(np.linspace(0, np.pi / 2, away)).astype(np.float32) ** 2
    return sound
