"""A script without times, matched with the words that were recognised: where both agree, the recognised times are taken."""

from __future__ import annotations

import difflib
from dataclasses import replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.corrections import shared_out
from standtall.model.words import Word

LEAST: Final = 0.25
"""A script that shares fewer of its words with the sound belongs to something else."""
MISSED: Final = 0.3
"""Confidence of script words that were not heard: they are shown as low_confidence."""
PACE: Final = TICKS_PER_SECOND // 3


def laid_over(script: tuple[str, ...], heard: tuple[Word, ...], length: int) -> tuple[tuple[Word, ...], float]:
    """-> (the script's words with times in ticks, the share of them that was heard).

    Words between two heard ones share the time between these; they are low_confidence, so that what does not agree is seen.
    Raises `NothingToDo` when the script does not belong to the sound.
    """
    texts = [Word(t, 0, 1).bare for t in script]
    matcher = difflib.SequenceMatcher(None, texts, [w.bare for w in heard], autojunk=False)
    out: list[Word] = []
    agreed = 0
    for how, a, b, c, d in matcher.get_opcodes():
        if how == "equal":
            out += [replace(w, text=t, confidence=max(0.9, w.confidence)) for w, t in zip(heard[c:d], script[a:b], strict=True)]
            agreed += b - a
        elif how in ("replace", "delete"):
            low = heard[c].start if d > c else (heard[c - 1].end if c else 0)
            high = heard[d - 1].end if d > c else (heard[c].start if c < len(heard) else min(length, low + PACE * (b - a)))
            low = max(low, out[-1].end if out else 0)
            like = heard[min(c, len(heard) - 1)] if heard else Word("-", 0, 1)
            room = max(high - low, b - a)
            out += [replace(w, confidence=MISSED) for w in shared_out(script[a:b], low, low + room, like)]
    share = agreed / max(1, len(script))
    if share < LEAST:
        raise NothingToDo(
            tr("This script does not belong to the sound: only {share:.0%} of its words are heard in it.", share=share),
            tr("Choose the script of this footage."),
        )
    return tuple(out), share
