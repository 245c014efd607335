"""Sentences of a talk: by punctuation, long pauses and changes of speaker."""

from __future__ import annotations

from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.words import Word

PAUSE: Final = round(1.5 * TICKS_PER_SECOND)
"""A silence after which something new begins, whatever the punctuation says (common practice, no source)."""


def sentences(words: tuple[Word, ...]) -> list[range]:
    """Indexes of the words of each sentence, in order; words that were not spoken belong to none."""
    out: list[range] = []
    first: int | None = None
    spoken = [i for i, w in enumerate(words) if w.kind != "unspoken"]
    for n, i in enumerate(spoken):
        first = i if first is None else first
        after = words[spoken[n + 1]] if n + 1 < len(spoken) else None
        word = words[i]
        ends = after is None or word.ends_sentence or after.start - word.end > PAUSE or after.speaker != word.speaker
        if ends:
            out.append(range(first, i + 1))
            first = None
    return out
