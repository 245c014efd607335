"""Finds words and phrases in a transcript: exactly, or loosely (other endings, small slips)."""

from __future__ import annotations

from typing import Final

from standtall.model.words import Word, bare

ALIKE: Final = 78.0
"""Two spellings that share so much (per cent of their letters, Indel similarity) count as the same in a loose search."""
SHORTEST_STEM: Final = 3
MOST_HITS: Final = 20_000


class WordIndex:
    """Where every spelling stands in the words of a source; made once, asked often."""

    def __init__(self, words: tuple[Word, ...]) -> None:
        self._bare = [w.bare for w in words]
        self._speakers = [w.speaker for w in words]
        self._places: dict[str, list[int]] = {}
        for i, text in enumerate(self._bare):
            self._places.setdefault(text, []).append(i)
        self._spellings = [s for s in self._places if s]

    def _alike(self, text: str, loose: bool) -> set[str]:
        if not loose:
            return {text} & self._places.keys()
        out = {s for s in self._spellings if len(text) >= SHORTEST_STEM and s.startswith(text)}
        out |= {s for s in self._spellings if len(s) > SHORTEST_STEM and text.startswith(s) and len(text) - len(s) <= 3}
        if len(text) > SHORTEST_STEM:
            from rapidfuzz import fuzz, process  # slow to import: the window opens without it

            out |= {m[0] for m in process.extract(text, self._spellings, scorer=fuzz.ratio, score_cutoff=ALIKE, limit=None)}
        return out | ({text} & self._places.keys())

    def search(self, query: str, loose: bool = False, speaker: int | None = None) -> tuple[range, ...]:
        """Every place where the words of `query` follow each other, in order, said by `speaker` if given.

        An empty query with a speaker finds each passage of that speaker.
        """
        wanted = [b for b in (bare(p) for p in query.split()) if b]
        if not wanted:
            return self._passages(speaker) if speaker is not None else ()
        sets = [self._alike(w, loose) for w in wanted]
        if not all(sets):
            return ()
        n, last = len(wanted), len(self._bare)
        starts = sorted(i for s in sets[0] for i in self._places[s])
        out: list[range] = []
        free = 0
        for i in starts:
            if i < free or i + n > last or (speaker is not None and self._speakers[i] != speaker):
                continue
            if all(self._bare[i + k] in sets[k] for k in range(1, n)):
                out.append(range(i, i + n))
                free = i + n
                if len(out) == MOST_HITS:
                    break
        return tuple(out)

    def _passages(self, speaker: int) -> tuple[range, ...]:
        out: list[range] = []
        for i, who in enumerate(self._speakers):
            if who != speaker:
                continue
            if out and out[-1].stop == i:
                out[-1] = range(out[-1].start, i + 1)
            else:
                out.append(range(i, i + 1))
        return tuple(out)
