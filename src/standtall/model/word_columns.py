"""What is said of the words of a transcript in columns, for what looks at thousands of them at each edit."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import ArrayLike, NDArray

from standtall.model.words import Word

MOST_KEPT: Final = 8


Ints = NDArray[np.int64]


@dataclass(frozen=True, slots=True)
class Columns:
    """Words with their texts, their starts, ends and middles in ticks, the numbers of their speakers, and whether they are
    spoken, (n,) each."""

    words: tuple[Word, ...]
    texts: tuple[str, ...]
    starts: Ints
    ends: Ints
    middles: Ints
    speakers: Ints
    spoken: NDArray[np.bool_]

    def within(self, starts: ArrayLike, ends: ArrayLike) -> tuple[Ints, Ints]:
        """The words whose middle lies in each [start, end), as `words_within` finds those of one: the first, and the one after
        the last, (m,) each."""
        return np.searchsorted(self.middles, starts), np.searchsorted(self.middles, ends)


def ranges_within(words: tuple[Word, ...], spans: Iterable[tuple[int, int]]) -> list[range]:
    """What `words_within` says of each of many spans."""
    edges = np.array(list(spans), np.int64).reshape(-1, 2)
    firsts, lasts = columns_of(words).within(edges[:, 0], edges[:, 1])
    return list(map(range, firsts.tolist(), lasts.tolist()))


_kept: dict[int, Columns] = {}
"""Those of the transcripts that were asked for last, by the identity of their words, which they keep alive."""


def columns_of(words: tuple[Word, ...]) -> Columns:
    """The columns of a transcript's words; kept for a few transcripts."""
    found = _kept.get(id(words))
    if found is None:
        count = len(words)
        starts = np.fromiter((w.start for w in words), np.int64, count)
        ends = np.fromiter((w.end for w in words), np.int64, count)
        found = Columns(
            words,
            tuple(w.text for w in words),
            starts,
            ends,
            (starts + ends) // 2,
            np.fromiter((w.speaker for w in words), np.int64, count),
            np.fromiter((w.kind != "unspoken" for w in words), np.bool_, count),
        )
        for oldest in list(_kept)[: len(_kept) + 1 - MOST_KEPT]:
            _kept.pop(oldest, None)
        _kept[id(words)] = found
    return found
