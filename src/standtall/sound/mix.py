"""The sound of the segments, one after the other, with crossfades that cannot be heard."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

import numpy as np

from standtall.media.sound_reader import Samples
from standtall.model.cut import Segment

FADE: Final = 480
"""Length of a crossfade at a join: 10 ms at 48 kHz."""
EDGE: Final = 240
"""Length of the fade at the very start and end."""

Reader = Callable[[str, int, int], Samples]
"""Gives float32 (2, end - start) of a source between two of its ticks; silence outside it."""


def joined(segments: tuple[Segment, ...], read: Reader) -> Samples:
    """float32 (2, total length): sample n belongs to tick n of the short."""
    total = sum(e.length for e in segments)
    out = np.zeros((2, total), np.float32)
    at = 0
    for i, segment in enumerate(segments):
        meets_before = i > 0 and segments[i - 1].meets(segment)
        meets_after = i + 1 < len(segments) and segment.meets(segments[i + 1])
        before = FADE // 2 if i > 0 and not meets_before else 0
        after = FADE // 2 if i + 1 < len(segments) and not meets_after else 0
        before, after = min(before, at, segment.start), min(after, total - at - segment.length)
        piece = read(segment.source, segment.start - before, segment.end + after).copy()
        if before:
            _ramp(piece[:, : 2 * before], rising=True)
        if after:
            _ramp(piece[:, -2 * after :], rising=False)
        out[:, at - before : at + segment.length + after] += piece
        at += segment.length
    edge = min(EDGE, total // 2)
    if edge:
        _ramp(out[:, :edge], rising=True)
        _ramp(out[:, -edge:], rising=False)
    return out


def _ramp(part: Samples, rising: bool) -> None:
    """Raised cosine in place: two of them over each other add up to one."""
    n = part.shape[1]
    curve = (0.5 - 0.5 * np.cos(np.pi * (np.arange(n) + 0.5) / max(1, n))).astype(np.float32)
    part *= curve if rising else curve[::-1]
