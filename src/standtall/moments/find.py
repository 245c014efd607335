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

from standtall.base.time import TICKS
from standtall.model.analysis import Analysis
from standtall.model.moment import PARTS, Moment, PartName
from standtall.model.words import words_within
from standtall.moments.parts import MEASURES, Talk
from standtall.moments.titles import titles_of

WEIGHTS: Final[dict[PartName, float]] = {
    "opening": 0.28, "worth": 0.26, "ending": 0.16, "alone": 0.16, "pace": 0.08, "picture": 0.06,
}  # fmt: skip
"""In the order in which editors ask for them (common practice, no source)."""
MOST_SHARED: Final = 0.2
"""Two proposals share at most this part of the shorter one."""
MOST_PASSED: Final = 0.7
ALIKE_COST, NEAR_COST = 0.25, 0.08
NEAR: Final = 90 * TICKS
TOPIC_GAIN: Final = 0.35


@dataclass(frozen=True, slots=True)
class Wish:
    """What is asked for: lengths in seconds, how many, topics (words or phrases), one talker or all, a part of the source."""

    least_s: float = 15
    most_s: float = 60
    count: int = 10
    topics: tuple[str, ...] = ()
    talker: int | None = None
    part: tuple[int, int] | None = None
    voted: tuple[tuple[tuple[int, int], bool], ...] = ()
    """Passages (ticks) that the person kept (True): they stay and come first, whatever else is asked; and those passed over
    (False): they and what is nearly the same do not come again."""


def find_moments(analysis: Analysis, wish: Wish, check: Callable[[], None] = lambda: None) -> tuple[Moment, ...]:
    """The best passages, best first; fewer than asked for, or none, where the talk does not hold them."""
    talk = Talk(analysis)
    rated = [_rated(talk, span, wish) for span in _spans(talk, wish)]
    check()
    kept = [_rated(talk, words_within(talk.words, *span), wish) for span, keep in wish.voted if keep]
    chosen = kept + _chosen(talk, rated, wish, len(kept))
    return tuple(replace(m, titles=titles_of(talk, m.words)) for m in chosen)


def _spans(talk: Talk, wish: Wish) -> list[range]:
    """Runs of whole sentences of the wished length."""
    low, high = wish.least_s * TICKS, wish.most_s * TICKS
    words = talk.words
    first, last = wish.part or (0, words[-1].end + 1 if words else 0)
    out: list[range] = []
    found = [s for s in talk.sentences if words[s.start].start >= first and words[s[-1]].end <= last]
    for i, begin in enumerate(found):
        for end in found[i:]:
            length = words[end[-1]].end - words[begin.start].start
            if length > high:
                break
            if length >= low and _by(talk, range(begin.start, end.stop), wish.talker):
                out.append(range(begin.start, end.stop))
    return out


def _by(talk: Talk, span: range, talker: int | None) -> bool:
    """Whether most of it is said by the wished talker."""
    return talker is None or sum(talk.words[i].talker == talker for i in span) >= 0.7 * len(span)


def _rated(talk: Talk, span: range, wish: Wish) -> Moment:
    parts = tuple(measure(talk, span) for measure in MEASURES)
    rating = sum(WEIGHTS[name] * next(p.value for p in parts if p.name == name) for name in PARTS)
    if wish.topics:
        said = " ".join(talk.bare[i] for i in span)
        hits = sum(stem(topic.lower()) in said for topic in wish.topics)
        rating += TOPIC_GAIN * hits / len(wish.topics)
    words = talk.words
    return Moment(span.start, span[-1], words[span.start].start, words[span[-1]].end, round(rating, 4), parts)


def stem(word: str) -> str:
    """A word without its usual English endings: enough to meet its other forms."""
    for ending in ("ing", "ies", "es", "ed", "s"):
        if word.endswith(ending) and len(word) - len(ending) >= 3:
            return word[: -len(ending)]
    return word


def _chosen(talk: Talk, rated: list[Moment], wish: Wish, kept: int) -> list[Moment]:
    if not rated:
        return []
    starts, ends = (np.array([getattr(m, name) for m in rated], np.int64) for name in ("start", "end"))
    lengths = ends - starts
    gain = np.array([m.rating for m in rated])
    open_ = np.ones(len(rated), bool)
    for (start, end), keep in wish.voted:
        shared = np.minimum(ends, end) - np.maximum(starts, start)
        open_ &= shared <= (MOST_SHARED if keep else MOST_PASSED) * np.minimum(lengths, end - start)
    telling = [frozenset(talk.bare[i] for i in m.words if talk.bits[i] > 0) for m in rated]
    out: list[Moment] = []
    while open_.any() and len(out) + kept < wish.count:
        best = int(np.argmax(np.where(open_, gain, -np.inf)))
        out.append(rated[best])
        shared = np.minimum(ends, ends[best]) - np.maximum(starts, starts[best])
        open_ &= shared <= MOST_SHARED * np.minimum(lengths, lengths[best])
        near = np.abs((starts + ends) - (starts[best] + ends[best])) / 2 < NEAR
        gain = gain - NEAR_COST * near
        mine = telling[best]
        for i in np.flatnonzero(open_):
            both = len(mine & telling[i])
            if both:
                gain[i] -= ALIKE_COST * both / max(1, min(len(mine), len(telling[i])))
    return out
