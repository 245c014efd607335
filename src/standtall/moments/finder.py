"""Chooses the best passages of a talk, together.

All runs of whole sentences inside the wished length are rated. The set is then chosen greedily for the sum of the ratings less
what members share with each other in time, in words and in place: a submodular gain, for which greedy choice is near the best
(Nemhauser, Wolsey and Fisher 1978, doi:10.1007/BF01588971; Carbonell and Goldstein 1998, doi:10.1145/290941.291025).
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment, Passage, Shape, passage_of
from standtall.model.words import words_within
from standtall.moments.asides import WHOLE_TURN
from standtall.moments.learning import USUAL
from standtall.moments.parts import measured
from standtall.moments.shape import LONGER, shaped
from standtall.moments.talk import Talk
from standtall.moments.titles import titles_of
from standtall.moments.topics import Topics

MOST_SHARED: Final = 0.2
"""Two proposals share at most this part of the shorter one."""
MOST_PASSED: Final = 0.7
RATED_ODDS: Final = 5.0
"""Log odds that the whole rating of a passage adds to those of its edges: the best of 0, 5, 10, 20 and 40 in leaving out talks
that teach."""
ALIKE_COST, NEAR_COST, SAME_CHAPTER_COST = 0.25, 0.08, 0.05
NEAR: Final = 90 * TICKS_PER_SECOND
TOPIC_GAIN: Final = 0.45
LIKE_GAIN: Final = 0.9
SHAPED: Final = 8
"""For each proposal that is asked for, so many of the best are tried in other shapes."""


@dataclass(frozen=True, slots=True)
class Wish:
    """What is asked for: lengths in seconds, how many, topics (words or phrases), one speaker or all, a part of the source."""

    least_s: float = 15
    most_s: float = 60
    count: int = 10
    topics: tuple[str, ...] = ()
    speaker: int | None = None
    part: tuple[int, int] | None = None
    voted: tuple[tuple[tuple[int, int], bool], ...] = ()
    """Passages (ticks) that the person kept (True): they stay and come first, whatever else is asked; and those skipped
    (False): they and what is nearly the same do not come again."""
    like: tuple[int, int] | None = None
    """A passage (ticks): what is about the same things comes first."""
    weights: tuple[float, ...] = USUAL
    """How much each part of the rating counts, in their order."""
    whole: bool = False
    """Only passages as they were said: none leaves anything out or opens on a line from later."""


class Finder:
    """Rates and chooses passages of one source; what is measured once is kept for the next question."""

    def __init__(self, analysis: Analysis) -> None:
        self.analysis = analysis
        self.talk = Talk(analysis)
        self.topics = Topics(self.talk)
        self.chapters = self.topics.chapters()

    def find(self, wish: Wish, check: Callable[[], None] = lambda: None) -> tuple[Moment, ...]:
        """The best passages, best first; fewer than asked for, or none, where the talk does not hold them."""
        asked = _Asked(self, wish)
        rated: list[Moment] = []
        for n, span in enumerate(self._spans(wish)):
            rated.append(self._rated(span.start, span[-1], asked))
            if n % 1000 == 0:
                check()
        rated = self._well_cut(rated, wish)
        inside = [m for m in rated if m.length <= wish.most_s * TICKS_PER_SECOND]
        if not wish.whole:
            inside = self._in_other_shapes(inside, rated, wish, asked)
        check()
        kept = [words_within(self.talk.words, *span) for span, keep in wish.voted if keep]
        first = [self._rated(span[0], span[-1], asked) for span in kept if span]
        chosen = first + self._chosen(inside, wish, len(first))
        return tuple(self._told(m, asked) for m in chosen)

    def rerated(self, moment: Moment, shape: Shape, wish: Wish) -> Moment:
        """A proposal in another shape: what the person takes back."""
        asked = _Asked(self, wish)
        return self._told(self._rated(moment.first, shape.last, asked, shape.lead, shape.dull), asked)

    def _spans(self, wish: Wish) -> list[range]:
        """Runs of whole sentences of the wished length, and longer ones that may fit without their middle."""
        low, high = wish.least_s * TICKS_PER_SECOND, wish.most_s * TICKS_PER_SECOND * (1 if wish.whole else LONGER)
        words = self.talk.words
        first, last = wish.part or (0, words[-1].end + 1 if words else 0)
        out: list[range] = []
        found = [
            (s, aside) for s, aside in zip(self.talk.sentences, self.talk.asides, strict=True)
            if words[s.start].start >= first and words[s[-1]].end <= last
        ]  # fmt: skip
        for i, (begin, opens) in enumerate(found):
            if opens and not self._leads_on(begin):
                continue
            for end, closes in found[i:]:
                length = words[end[-1]].end - words[begin.start].start
                if length > high or closes == "notice":
                    break
                if (
                    not closes
                    and (not self.talk.asks(end[-1]) or self.talk.quotes(end[-1]))
                    and length >= low
                    and self._by(range(begin.start, end.stop), wish.speaker)
                ):
                    out.append(range(begin.start, end.stop))
        return out

    def _leads_on(self, sentence: range) -> bool:
        """Whether a sentence that reacts is the first of something long by the same person: "Okay, hear me out."."""
        talk, number = self.talk, int(self.talk.sentence_of[sentence.start])
        if talk.asides[number] != "reaction" or number + 1 >= len(talk.sentences):
            return False
        after = talk.sentences[number + 1].start
        same = talk.words[after].speaker == talk.words[sentence.start].speaker
        new = number == 0 or talk.words[sentence.start - 1].speaker != talk.words[sentence.start].speaker
        return same and new and not talk.asides[number + 1] and talk.turn_words[talk.turn_of[number + 1]] >= WHOLE_TURN

    def _well_cut(self, rated: list[Moment], wish: Wish) -> list[Moment]:
        """Of passages that share too much to be proposed together the one whose edges stand best, with a little of its rating;
        those that are too long by themselves."""
        number = self.talk.sentence_of
        bounds = np.array([(m.start, m.end, number[m.first], number[m.last]) for m in rated], np.int64)
        starts, ends, first, last = bounds.reshape(-1, 4).T
        lengths = ends - starts
        value = self.talk.telling.of(first, last) + RATED_ODDS * np.array([m.rating for m in rated])
        long, open_, out = lengths > wish.most_s * TICKS_PER_SECOND, _allowed(wish, starts, ends), list[int]()
        for n in np.argsort(-value, kind="stable"):
            if open_[n]:
                out.append(int(n))
                shared = np.minimum(ends, ends[n]) - np.maximum(starts, starts[n])
                open_ &= (shared <= MOST_SHARED * np.minimum(lengths, lengths[n])) | (long != long[n])
        return [rated[n] for n in sorted(out)]

    def _by(self, span: range, speaker: int | None) -> bool:
        """Whether most of it is said by the wished speaker."""
        return speaker is None or sum(self.talk.words[i].speaker == speaker for i in span) >= 0.7 * len(span)

    def _rated(
        self, first: int, last: int, asked: _Asked, lead: range | None = None, dull: range | None = None, told: bool = False
    ) -> Moment:
        talk = self.talk
        passage = passage_of(first, last, lead, dull)
        parts = measured(talk, passage, told)
        rating = sum(weight * part.value for weight, part in zip(asked.wish.weights, parts, strict=True)) + asked.gain(passage)
        words = talk.words
        length = sum(words[run[-1]].end - words[run.start].start for run in passage)
        return Moment(first, last, words[first].start, words[last].end, round(rating, 4), parts, length, lead, dull)

    def _told(self, moment: Moment, asked: _Asked) -> Moment:
        """With its reasons, titles and what it is about: worked out for what is shown, and nothing else."""
        full = self._rated(moment.first, moment.last, asked, moment.lead, moment.dull, told=True)
        after, within = self.talk.reaction_after(full.last), self.talk.reaction_within(full.first, full.last)
        return replace(
            full,
            titles=titles_of(self.talk, full.passage),
            about=asked.met(full.passage),
            reaction=after or None,
            reacts=within or None,
        )

    def _in_other_shapes(self, inside: list[Moment], rated: list[Moment], wish: Wish, asked: _Asked) -> list[Moment]:
        """The best ones with a dull stretch left out or a strong line first, where that rates clearly higher."""
        most = wish.most_s * TICKS_PER_SECOND
        best = sorted(range(len(inside)), key=lambda n: -inside[n].rating)[: SHAPED * wish.count]
        long = sorted((m for m in rated if m.length > most), key=lambda m: -m.rating)[: SHAPED * wish.count]
        out = list(inside)

        def rate(moment: Moment, lead: range | None, dull: range | None) -> Moment:
            return self._rated(moment.first, moment.last, asked, lead, dull)

        limits = (round(wish.least_s * TICKS_PER_SECOND), round(most))
        for n in best:
            out[n] = shaped(self.talk, out[n], rate, limits) or out[n]
        for moment in long:
            made = shaped(self.talk, moment, rate, limits)
            if made is not None:
                out.append(made)
        return out

    def _chosen(self, rated: list[Moment], wish: Wish, kept: int) -> list[Moment]:
        if not rated:
            return []
        talk = self.talk
        starts, ends = (np.array([getattr(m, name) for m in rated], np.int64) for name in ("start", "end"))
        lengths = ends - starts
        middles = (starts + ends) // 2
        begins = np.array([c.start for c in self.chapters[1:]], np.int64)
        chapters = np.searchsorted(begins, middles, "right")
        gain = np.array([m.rating for m in rated])
        open_ = _allowed(wish, starts, ends)
        stems: list[frozenset[str] | None] = [None] * len(rated)

        def telling(n: int) -> frozenset[str]:
            known = stems[n]
            if known is None:
                words = range(rated[n].first, rated[n].last + 1)
                known = stems[n] = frozenset(talk.stems[i] for i in words if talk.bits[i] > 0)
            return known

        out: list[Moment] = []
        while open_.any() and len(out) + kept < wish.count:
            best = int(np.argmax(np.where(open_, gain, -np.inf)))
            out.append(rated[best])
            shared = np.minimum(ends, ends[best]) - np.maximum(starts, starts[best])
            open_ &= shared <= MOST_SHARED * np.minimum(lengths, lengths[best])
            gain = gain - NEAR_COST * (np.abs(middles - middles[best]) < NEAR) - SAME_CHAPTER_COST * (chapters == chapters[best])
            mine = telling(best)
            for i in np.flatnonzero(open_ & (gain > _bound(gain, open_, wish.count))):
                both = len(mine & telling(int(i)))
                if both:
                    gain[i] -= ALIKE_COST * both / max(1, min(len(mine), len(telling(int(i)))))
        return out


def _allowed(wish: Wish, starts: NDArray[np.int64], ends: NDArray[np.int64]) -> NDArray[np.bool_]:
    """Whether passages (ticks) are neither what was kept or skipped before, nor what others shall be like."""
    lengths = ends - starts
    out = np.ones(len(starts), bool)
    for (start, end), keep in wish.voted:
        shared = np.minimum(ends, end) - np.maximum(starts, start)
        out &= shared <= (MOST_SHARED if keep else MOST_PASSED) * np.minimum(lengths, end - start)
    if wish.like is not None:
        out &= np.minimum(ends, wish.like[1]) - np.maximum(starts, wish.like[0]) <= MOST_SHARED * lengths
    return out


def _bound(gain: NDArray[np.float64], open_: NDArray[np.bool_], count: int) -> float:
    """A gain so low that nothing under it can be chosen soon: what lies under it need not be compared."""
    most = 60 * count
    free = gain[open_]
    return float(np.partition(free, -most)[-most]) if len(free) > most else -np.inf


class _Asked:
    """A wish made ready: the stems that belong to each topic, and to the passage that others should be like."""

    def __init__(self, finder: Finder, wish: Wish) -> None:
        self.wish = wish
        self._talk = finder.talk
        self._topics = [(topic, self._sums(finder.topics.related(topic))) for topic in wish.topics]
        self._like = None
        if wish.like is not None:
            words = words_within(finder.talk.words, *wish.like)
            self._like = self._sums(finder.topics.of_passage(tuple(words)))

    def _sums(self, stems: dict[str, float]) -> NDArray[np.float64]:
        """(n + 1,) running sum of the weights of the words."""
        return np.concatenate([[0.0], np.cumsum([stems.get(s, 0.0) for s in self._talk.stems])])

    def _share(self, sums: NDArray[np.float64], passage: Passage, enough: float) -> float:
        return min(1.0, float(sum(sums[run.stop] - sums[run.start] for run in passage)) / enough)

    def gain(self, passage: Passage) -> float:
        """What the topics and the likeness add to the rating of a passage."""
        out = 0.0
        if self._topics:
            out += TOPIC_GAIN * sum(self._share(sums, passage, 2.0) for _topic, sums in self._topics) / len(self._topics)
        if self._like is not None:
            out += LIKE_GAIN * self._share(self._like, passage, 5.0)
        return out

    def met(self, passage: Passage) -> tuple[str, ...]:
        """The topics that are spoken of, each with the words that say so."""
        out: list[str] = []
        for topic, sums in self._topics:
            hits = [i for run in passage for i in run if sums[i + 1] - sums[i] > 0.2]
            said = dict.fromkeys(self._talk.bare[i] for i in sorted(hits, key=lambda i: sums[i] - sums[i + 1]))
            if self._share(sums, passage, 1.0) >= 0.5:
                out.append(f"{topic}: {', '.join(list(said)[:4])}")
        return tuple(out)
