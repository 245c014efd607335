"""The sound of the excerpts, one after the other, with crossfades that cannot be heard."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

import numpy as np

from standtall.media.sound import Samples
from standtall.model.timemap import Excerpt

FADE: Final = 480
"""Length of a crossfade at a join: 10 ms at 48 kHz."""
EDGE: Final = 240
"""Length of the fade at the very start and end."""

Reader = Callable[[int, int], Samples]
"""Gives float32 (2, end - start) between two ticks of the source; silence outside it."""


def joined(excerpts: tuple[Excerpt, ...], read: Reader) -> Samples:
    """float32 (2, total length): sample n belongs to tick n of the short."""
    total = sum(e.length for e in excerpts)
    out = np.zeros((2, total), np.float32)
    at = 0
    for i, excerpt in enumerate(excerpts):
        meets_before = i > 0 and excerpts[i - 1].end == excerpt.start
        meets_after = i + 1 < len(excerpts) and excerpts[i + 1].start == excerpt.end
        before = FADE // 2 if i > 0 and not meets_before else 0
        after = FADE // 2 if i + 1 < len(excerpts) and not meets_after else 0
        before, after = min(before, at, excerpt.start), min(after, total - at - excerpt.length)
        piece = read(excerpt.start - before, excerpt.end + after).copy()
        if before:
            _ramp(piece[:, : 2 * before], rising=True)
        if after:
            _ramp(piece[:, -2 * after :], rising=False)
        out[:, at - before : at + excerpt.length + after] += piece
        at += excerpt.length
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
