"""Finds where a recogniser repeats itself instead of listening: on laughter, music and noise it writes the same words again.

Such a run is told by repetition, by words that follow each other quicker than anybody can speak, and, where they do not, by how
long it goes on. People repeat themselves, too, but not so often.
"""

from __future__ import annotations

import zlib
from collections.abc import Sequence
from typing import Final

from standtall.model.words import bare
from standtall.speech.fillers import is_filler
from standtall.speech.recognise import Heard

LONGEST_CYCLE: Final = 12
"""Words of what is repeated, at most."""
HASTY_S: Final = 0.06
"""Words that take less than this in the mean are not spoken: the quickest talk has some 8 syllables a second (common practice,
no source)."""
HASTY_TIMES, TIMES, LEAST_WORDS = 3, 6, 8
"""How often a cycle stands in a row to be a loop: where its words are hasty, and otherwise (then it has that many words)."""
FILLERS_IN_A_ROW: Final = 5
MOST_PACKED: Final = 2.4
"""A text that packs better than this repeats itself (the threshold of Radford et al. 2022, 4.5, by zlib as there)."""
PACKED_WORDS: Final = 12


def loops(heard: Sequence[Heard], language: str | None) -> list[range]:
    """Runs of words that the recogniser made up, in order and apart."""
    texts = [bare(h.text) for h in heard]
    out: list[range] = []
    i = 0
    while i < len(heard):
        found = _loop_at(heard, texts, i, language)
        if found:
            out.append(found)
        i = found.stop if found else i + 1
    return out


def without_loops(heard: Sequence[Heard], language: str | None) -> list[Heard]:
    """The words that were heard: without loops, and without marks that stand alone (a full stop is no word)."""
    worded = [h for h in heard if bare(h.text)]
    made_up = {i for run in loops(worded, language) for i in run}
    return [h for i, h in enumerate(worded) if i not in made_up]


def _loop_at(heard: Sequence[Heard], texts: list[str], first: int, language: str | None) -> range | None:
    """The longest loop that begins with word `first`."""
    best = _fillers(texts, first, language)
    for cycle in range(1, LONGEST_CYCLE + 1):
        stop = first + cycle
        while stop < len(texts) and texts[stop] == texts[stop - cycle]:
            stop += 1
        if stop - first < 2 * cycle:
            continue
        run = range(first, stop)
        times = len(run) // cycle
        hasty = (heard[run[-1]].end - heard[first].start) / len(run) < HASTY_S
        packed = len(run) >= PACKED_WORDS and _packs(texts[run.start : run.stop]) > MOST_PACKED
        if (hasty and times >= HASTY_TIMES) or (times >= TIMES and len(run) >= LEAST_WORDS) or (packed and times >= HASTY_TIMES):
            best = run if best is None or len(run) > len(best) else best
    return best


def _fillers(texts: list[str], first: int, language: str | None) -> range | None:
    """Fillers in a row, more than anybody utters."""
    stop = first
    while stop < len(texts) and is_filler(texts[stop], language):
        stop += 1
    return range(first, stop) if stop - first >= FILLERS_IN_A_ROW else None


def _packs(texts: list[str]) -> float:
    """How many times smaller a text gets by packing."""
    data = " ".join(texts).encode()
    return len(data) / len(zlib.compress(data))
