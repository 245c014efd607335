"""Finds a clip by its words, where its sound was replaced: those of the caption file beside it, or of the captions in its
picture, in what was said."""

from __future__ import annotations

import unicodedata
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from pathlib import Path
from statistics import median
from typing import Final

from standtall.base.errors import StandTallError
from standtall.exchange.words_in import read_words
from standtall.library.cache import AnalysisCache
from standtall.model.source import Source
from standtall.model.traced import TracedPiece
from standtall.model.words import Word, bare
from standtall.session.analysis_tasks import HeardWords

ENDINGS: Final = (".srt", ".vtt", ".json")
RUN: Final = 3
"""Words in a row that a place is looked up by."""
LEAST: Final = 4
"""A piece has at least so many words that agree."""
ENOUGH: Final = 0.5
"""Where less than this share of its words is found, a clip only says what others have said, too."""
SKIP: Final = 2
"""So many words in a row may differ inside a piece: heard otherwise, or corrected in the captions."""
STEADY: Final = 9
"""Words whose middle tells how far apart clip and source are: in captions the times of single words are rough."""
MISREAD: Final = 75
"""Likeness in hundredths of a word that was read from a picture to the one that was said."""
SHORTEST: Final = 4
"""Letters of a word that is told by likeness."""


def words_beside(path: Path) -> tuple[Word, ...]:
    """The words of the caption file of the same name beside a clip, none where there is none that can be read."""
    for ending in ENDINGS:
        file = path.with_suffix(ending)
        if file.is_file():
            try:
                read = read_words(file)
            except StandTallError:
                continue
            if read.times != "none":
                return tuple(w for w in read.words if bare(w.text))
    return ()


@dataclass(frozen=True, slots=True)
class _Run:
    """Words of a clip that agree with words of a source from a place on: (word of the clip, word of the source) each."""

    source: int
    pairs: tuple[tuple[int, int], ...]


class WordIndex:
    """What was said in sources that are analysed, by every three words in a row."""

    def __init__(self, sources: Sequence[Source], cache: AnalysisCache) -> None:
        self._sources = sources
        self._said: list[tuple[Word, ...]] = []
        self._places: dict[tuple[str, ...], list[tuple[int, int]]] = {}
        for number, source in enumerate(sources):
            kept = max(cache.all_of(source.key, "words", HeardWords), key=lambda w: len(w.words), default=HeardWords(()))
            words = tuple(w for w in kept.words if bare(w.text))
            self._said.append(words)
            plain = [bare(w.text) for w in words]
            for at in range(len(plain) - RUN + 1):
                self._places.setdefault(tuple(plain[at : at + RUN]), []).append((number, at))

    @property
    def knows(self) -> bool:
        """Whether anything that was said is known."""
        return any(self._said)

    @cached_property
    def _spellings(self) -> dict[str, str]:
        """The words that were said by their letters without accents; of several that share them the one that was said most."""
        often = Counter(bare(w.text) for words in self._said for w in words)
        return {_letters(word): word for word, _ in reversed(often.most_common())}

    def spelled(self, read: Sequence[Word]) -> tuple[Word, ...]:
        """Words that were read from a picture as they are spelled where they were said: without accents, run together, or with a
        letter that was read wrong, they are the same."""
        return tuple(replace(w, text=text) for w in read for text in self._spelled(_letters(bare(w.text))))

    def _spelled(self, read: str) -> tuple[str, ...]:
        from rapidfuzz import fuzz, process

        known = self._spellings
        if read in known:
            return (known[read],)
        halves = [(read[:n], read[n:]) for n in range(1, len(read)) if read[:n] in known and read[n:] in known]
        if halves:
            return tuple(known[half] for half in max(halves, key=lambda pair: min(map(len, pair))))
        like = process.extractOne(read, known, scorer=fuzz.ratio, score_cutoff=MISREAD) if len(read) >= SHORTEST else None
        return (like[0],) if like else (read,)

    def pieces(self, clip: Sequence[Word]) -> tuple[TracedPiece, ...]:
        """Where the words of a clip were said, in their order: from each word on the longest run that agrees."""
        plain = [bare(w.text) for w in clip]
        out: list[TracedPiece] = []
        at = agreed = 0
        while at < len(plain):
            runs = [self._run(plain, at, *place) for place in self._places.get(tuple(plain[at : at + RUN]), ())]
            best = max(runs, key=lambda run: len(run.pairs), default=None)
            if best is None or len(best.pairs) < LEAST:
                at += 1
                continue
            out.append(self._piece(clip, best))
            agreed += len(best.pairs)
            at = best.pairs[-1][0] + 1
        return tuple(out) if agreed >= ENOUGH * len(plain) else ()

    def _run(self, plain: Sequence[str], at: int, source: int, place: int) -> _Run:
        said = self._said[source]
        pairs, here, there = [(at, place)], at + 1, place + 1
        while here < len(plain) and there < len(said):
            step = next(
                (
                    (i, j)
                    for gap in range(SKIP + 1)
                    for i, j in ((gap, gap), *((gap, k) for k in range(gap)), *((k, gap) for k in range(gap)))
                    if here + i < len(plain) and there + j < len(said) and plain[here + i] == bare(said[there + j].text)
                ),
                None,
            )
            if step is None:
                break
            here, there = here + step[0], there + step[1]
            pairs.append((here, there))
            here, there = here + 1, there + 1
        return _Run(source, tuple(pairs))

    def _piece(self, clip: Sequence[Word], run: _Run) -> TracedPiece:
        said = self._said[run.source]
        (first, a), (last, b) = run.pairs[0], run.pairs[-1]
        share = len(run.pairs) / max(last - first + 1, b - a + 1)
        key = self._sources[run.source].key
        apart = [said[there].start - clip[here].start for here, there in run.pairs]
        start, end = clip[first].start + int(median(apart[:STEADY])), clip[last].end + int(median(apart[-STEADY:]))
        return TracedPiece(key, clip[first].start, clip[last].end, max(0, start), max(0, start, end), round(share, 3))


def _letters(word: str) -> str:
    """Without accents."""
    return "".join(c for c in unicodedata.normalize("NFKD", word) if not unicodedata.combining(c))
