"""What a talk is about, and where that changes: related words, novelty, chapters.

A change of topic is where the words of the sentences before and after have least in common (TextTiling: Hearst 1997,
Computational Linguistics 23(1)). Words are related when they are said near each other more often than by chance (pointwise
mutual information: Church and Hanks 1990, Computational Linguistics 16(1); normalised as by Bouma 2009).
"""

from __future__ import annotations

import math
from typing import TYPE_CHECKING, Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.language.rarity import COMMON_BITS
from standtall.language.stems import stem
from standtall.model.moment import Chapter
from standtall.moments.talk import Talk
from standtall.moments.titles import line_of

if TYPE_CHECKING:
    from scipy.sparse import csr_matrix

BLOCK: Final = 7
"""Sentences on each side that are compared."""
NEAR: Final = 2
"""Words this many sentences apart are near each other."""
MOST_RELATED: Final = 8
LEAST_LIFT: Final = 0.33
"""Of normalised mutual information, 0..1."""
LEAST_CHAPTER: Final = 40 * TICKS_PER_SECOND
MOST_CHAPTERS: Final = 40


class Topics:
    """The telling words of each sentence of a talk as a sparse matrix; made once."""

    def __init__(self, talk: Talk) -> None:
        self.talk = talk
        self.names: list[str] = []
        numbers: dict[str, int] = {}
        rows, columns, values = [], [], []
        self.shown: dict[str, str] = {}
        for row, sentence in enumerate(talk.sentences):
            for i in sentence:
                if talk.bits[i] <= 0:
                    continue
                stem = talk.stems[i]
                if stem not in numbers:
                    numbers[stem] = len(self.names)
                    self.names.append(stem)
                    self.shown[stem] = talk.bare[i]
                rows.append(row)
                columns.append(numbers[stem])
                values.append(1.0)
        shape = (max(1, len(talk.sentences)), max(1, len(self.names)))
        from scipy.sparse import csr_matrix  # slow to import: the window opens without it

        self.said = csr_matrix((values, (rows, columns)), shape=shape)
        self.said.data[:] = np.minimum(self.said.data, 2.0)
        self._numbers = numbers

    def related(self, topic: str) -> dict[str, float]:
        """Stems that belong to a topic (a word or phrase) with weights 0..1: its own words, and what is said near them."""
        wanted = [stem(w, self.talk.language) for w in topic.lower().split()]
        columns = [self._numbers[w] for w in wanted if w in self._numbers]
        if not columns:
            return {}
        here = np.asarray((self.said[:, columns] > 0).sum(axis=1)).ravel() >= len(columns)
        near = np.convolve(here.astype(np.float64), np.ones(2 * NEAR + 1), "same") > 0
        total, inside = self.said.shape[0], int(near.sum())
        present = (self.said > 0).astype(np.float64)
        among = np.asarray(present[np.flatnonzero(near)].sum(axis=0)).ravel()
        everywhere = np.asarray(present.sum(axis=0)).ravel()
        often = np.maximum(1e-9, among / total)
        chance = np.maximum(1.0, everywhere * max(1, inside)) / total
        lift = np.log2(np.maximum(1e-9, among / chance)) / np.maximum(1.0, -np.log2(often))
        lift[(among < 2) | (lift < LEAST_LIFT)] = 0.0
        lift[columns] = 0.0
        best = np.argsort(-lift)[:MOST_RELATED]
        top = float(lift[best[0]]) if len(best) and lift[best[0]] > 0 else 1.0
        out = {self.names[n]: 0.5 * float(lift[n]) / top for n in best if lift[n] > 0}
        return out | {self.names[c]: 1.0 for c in columns}

    def of_passage(self, words: tuple[int, ...]) -> dict[str, float]:
        """The stems that tell a passage from the rest, with weights 0..1: what "more like this" asks for."""
        stems = [self.talk.stems[i] for i in words if self.talk.bits[i] > COMMON_BITS / 2]
        weights: dict[str, float] = {}
        for name in stems:
            everywhere = float(self.said[:, self._numbers[name]].sum()) if name in self._numbers else 1.0
            weights[name] = weights.get(name, 0.0) + 1 / math.sqrt(max(1.0, everywhere))
        best = sorted(weights.items(), key=lambda w: -w[1])[: 2 * MOST_RELATED]
        top = best[0][1] if best else 1.0
        return {stem: weight / top for stem, weight in best}

    def change(self) -> NDArray[np.float64]:
        """(sentences,) 0..1: how much the words after the start of each sentence differ from those before it."""
        from scipy.ndimage import gaussian_filter1d
        from scipy.sparse import diags

        count = self.said.shape[0]
        if count < 4 or not self.names:
            return np.zeros(count)
        rare = np.log1p(count / np.maximum(1.0, np.asarray((self.said > 0).sum(axis=0)).ravel()))
        weighed = self.said @ diags(rare)
        sums = np.arange(count)
        left = _band(count, np.maximum(0, sums - BLOCK), sums) @ weighed
        right = _band(count, sums, np.minimum(count, sums + BLOCK)) @ weighed
        dot, before, after = (_products(a, b) for a, b in ((left, right), (left, left), (right, right)))
        size = np.sqrt(before * after)
        alike = np.divide(dot, size, out=np.zeros(count), where=size > 0)
        out: NDArray[np.float64] = 1 - np.clip(alike, 0, 1)
        return gaussian_filter1d(out, 1.0)

    def chapters(self) -> tuple[Chapter, ...]:
        """Parts of the source that are each about one thing, in order, from its first word to its end."""
        talk = self.talk
        if not talk.sentences:
            return ()
        starts = [talk.words[s.start].start for s in talk.sentences]
        end = talk.words[-1].end
        begins = [0, *self._breaks(np.array(starts), end)]
        out: list[Chapter] = []
        for n, first in enumerate(begins):
            last = begins[n + 1] if n + 1 < len(begins) else len(starts)
            telling = self._telling(first, last)
            title = self._title(first, last, telling)
            begin = 0 if n == 0 else starts[first]
            out.append(Chapter(begin, starts[last] if last < len(starts) else end, title, telling))
        return tuple(out)

    def _breaks(self, starts: NDArray[np.int64], end: int) -> list[int]:
        """Sentences at which a chapter begins: the deepest valleys first, none too near another."""
        change = self.change()
        depth = np.zeros(len(change))
        for n in range(1, len(change)):
            left = change[max(0, n - 2 * BLOCK) : n + 1].min()
            right = change[n : n + 2 * BLOCK].min()
            depth[n] = 2 * change[n] - left - right
            last, first = (self.talk.words[i] for i in (self.talk.sentences[n - 1][-1], self.talk.sentences[n].start))
            depth[n] += 0.12 * min(2.0, max(0.0, seconds(first.start - last.end) - 0.4)) + 0.06 * (first.speaker != last.speaker)
        whole = end - int(starts[0])
        least = max(min(LEAST_CHAPTER, whole // 5), whole // MOST_CHAPTERS)
        enough = float(depth.mean() + 0.5 * depth.std())
        chosen: list[int] = []
        for n in np.argsort(-depth):
            if depth[n] < enough or n == 0:
                break
            places = [int(starts[0]), end, *(int(starts[c]) for c in chosen)]
            if all(abs(int(starts[n]) - place) >= least for place in places):
                chosen.append(int(n))
        return sorted(chosen)

    def _telling(self, first: int, last: int) -> tuple[str, ...]:
        inside = np.asarray(self.said[first:last].sum(axis=0)).ravel()
        everywhere = np.asarray(self.said.sum(axis=0)).ravel()
        score = inside * np.sqrt(inside / np.maximum(1.0, everywhere))
        best = [n for n in np.argsort(-score)[:3] if score[n] > 0]
        return tuple(self.shown[self.names[n]] for n in best)

    def _title(self, first: int, last: int, telling: tuple[str, ...]) -> str:
        talk = self.talk
        wanted = {stem(t, talk.language) for t in telling}

        def value(number: int) -> float:
            sentence = talk.sentences[number]
            if not 3 <= len(sentence) <= 14:
                return -1.0
            hits = sum(talk.stems[i] in wanted for i in sentence)
            return hits + float(talk.told[sentence.stop] - talk.told[sentence.start]) / (40 * (3 + len(sentence)))

        best = max(range(first, last), key=value)
        if value(best) >= 1.0:
            return line_of(talk, talk.sentences[best])
        return ", ".join(telling).capitalize() or line_of(talk, talk.sentences[first])


def _products(a: csr_matrix, b: csr_matrix) -> NDArray[np.float64]:
    """(rows,) the scalar product of each row of one with that of the other."""
    return np.asarray(a.multiply(b).sum(axis=1)).ravel()


def _band(count: int, first: NDArray[np.int64], stop: NDArray[np.int64]) -> csr_matrix:
    """(count, count) with ones in row n from first[n] up to stop[n]."""
    from scipy.sparse import csr_matrix

    lengths = stop - first
    columns = np.concatenate([np.arange(a, b) for a, b in zip(first, stop, strict=True)]) if count else np.zeros(0, int)
    return csr_matrix((np.ones(len(columns)), columns, np.concatenate([[0], np.cumsum(lengths)])), shape=(count, count))
