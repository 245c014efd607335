"""What is said of the words of a transcript in columns, for what looks at thousands of them at each edit."""

from __future__ import annotations

from dataclasses import dataclass
from itertools import compress
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.model.words import Kind, Word

MOST_KEPT: Final = 8


@dataclass(frozen=True, slots=True)
class Columns:
    """Words with their texts, their starts and ends in ticks, and the numbers of their speakers, (n,) each."""

    words: tuple[Word, ...]
    texts: tuple[str, ...]
    starts: NDArray[np.int64]
    ends: NDArray[np.int64]
    speakers: NDArray[np.int64]
    kinds: tuple[Kind, ...]

    def part(self, numbers: range, without: Kind) -> Columns:
        """A stretch of them without those of a kind."""
        here = slice(numbers.start, numbers.stop)
        part = Columns(
            self.words[here], self.texts[here], self.starts[here], self.ends[here], self.speakers[here], self.kinds[here]
        )
        if without not in part.kinds:
            return part
        stay = np.array([kind != without for kind in part.kinds])
        return Columns(
            tuple(compress(part.words, stay)), tuple(compress(part.texts, stay)), part.starts[stay], part.ends[stay],
            part.speakers[stay], tuple(compress(part.kinds, stay)),
        )  # fmt: skip


_kept: dict[int, Columns] = {}
"""Those of the transcripts that were asked for last, by the identity of their words, which they keep alive."""


def columns_of(words: tuple[Word, ...]) -> Columns:
    """The columns of a transcript's words; kept for a few transcripts."""
    found = _kept.get(id(words))
    if found is None:
        count = len(words)
        found = Columns(
            words,
            tuple(w.text for w in words),
            np.fromiter((w.start for w in words), np.int64, count),
            np.fromiter((w.end for w in words), np.int64, count),
            np.fromiter((w.speaker for w in words), np.int64, count),
            tuple(w.kind for w in words),
        )
        for oldest in list(_kept)[: len(_kept) + 1 - MOST_KEPT]:
            _kept.pop(oldest, None)
        _kept[id(words)] = found
    return found
