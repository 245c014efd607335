"""Who talks when, of those who may: lips, voices and the manner in which people take turns, joined into one probability.

Time is taken in steps, the words and what lies between them. At each step everybody who may talk (faces, and voices without one)
has a likelihood by their lips and their voice; going over to somebody else costs something, less where a sentence ends or a pause
is. Of this chain the likeliest course is found by Viterbi's algorithm, and the probability of everybody at each step by the
forward-backward algorithm, both exact (Rabiner 1989, "A tutorial on hidden Markov models", Proceedings of the IEEE 77, 257-286).
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.words import Word
from standtall.people.talking import PAUSE

Floats = NDArray[np.float64]

GAP: Final = round(0.2 * TICKS_PER_SECOND)
"""About how long a step between words is."""
WINDOW: Final = round(1.6 * TICKS_PER_SECOND)
"""Over about this long lips are read for a step, inside the speech that it belongs to."""
BREAK_COST, SENTENCE, PAUSED = 2.0, 0.8, 1.0
"""What a change of speaker costs in the middle of a sentence (natural logarithm), and how much less at the end of one, and after
a pause of `LONG_PAUSE` and more; less than that for a shorter one."""
BEGINS, ENDS = 3.0, 1.5
"""What it costs to begin talking beside another, and to end it (natural logarithm)."""
LONG_PAUSE: Final = round(0.6 * TICKS_PER_SECOND)


@dataclass(frozen=True, slots=True)
class Steps:
    """Steps that fill a stretch of time: `starts` and `ends` (n,) in ticks; `words` (n,) is the number of the word that a step
    is, -1 between words; `costs` (n,) what a change of speaker costs as it begins; `first` and `last` (n,) the time around it, in
    ticks, from which its lips are read."""

    starts: NDArray[np.int64]
    ends: NDArray[np.int64]
    words: NDArray[np.int64]
    costs: Floats
    first: NDArray[np.int64]
    last: NDArray[np.int64]

    @property
    def seconds(self) -> Floats:
        out: Floats = (self.ends - self.starts) / TICKS_PER_SECOND
        return out


def steps_of(words: tuple[Word, ...], length: int) -> Steps:
    """The steps from the beginning of a source to `length`, or to the end of its last word."""
    starts: list[int] = []
    ends: list[int] = []
    numbers: list[int] = []
    runs: list[int] = []
    """For each step the number of the speech, or of the time between speech, that it belongs to."""
    costs: list[float] = []
    at = run = 0
    closed = True

    def between(start: int, end: int) -> None:
        parts = max(1, round((end - start) / GAP))
        for part in range(parts):
            starts.append(start + (end - start) * part // parts)
            ends.append(start + (end - start) * (part + 1) // parts)
            numbers.append(-1)
            runs.append(run)
            costs.append(_cost(closed and not part, 0))

    for number, word in enumerate(words):
        start = max(word.start, at)
        if word.end <= start:
            continue
        opens = closed or start - at > PAUSE
        run += opens
        if start > at:
            between(at, start)
            run += opens
        starts.append(start)
        ends.append(word.end)
        numbers.append(number)
        runs.append(run)
        costs.append(_cost(closed, start - at))
        at, closed = word.end, word.ends_sentence
    if length > at:
        run += 1
        between(at, length)
    begins, stops = np.array(starts, np.int64), np.array(ends, np.int64)
    return Steps(begins, stops, np.array(numbers, np.int64), np.array(costs), *_windows(begins, stops, np.array(runs, np.int64)))


def _cost(closed: bool, pause: int) -> float:
    return BREAK_COST - SENTENCE * closed - PAUSED * min(1.0, pause / LONG_PAUSE)


def _windows(starts: NDArray[np.int64], ends: NDArray[np.int64], runs: NDArray[np.int64]) -> tuple[NDArray[np.int64], ...]:
    """About `WINDOW` around the middle of each step, inside the run that it belongs to."""
    if not len(starts):
        return starts, ends
    opens = np.flatnonzero(np.diff(runs, prepend=runs[0] - 1))
    closes = np.append(opens[1:], len(runs)) - 1
    run = np.cumsum(np.diff(runs, prepend=runs[0]) != 0)
    low, high = starts[opens][run], ends[closes][run]
    middle = (starts + ends) // 2
    first = np.maximum(low, np.minimum(middle - WINDOW // 2, high - WINDOW))
    last = np.minimum(high, np.maximum(middle + WINDOW // 2, low + WINDOW))
    return first, last


def likeliest(likes: Floats, costs: Floats) -> NDArray[np.int64]:
    """The likeliest of the speakers (columns of `likes`, natural logarithms) at each step (row); `costs` (n,) is what a change
    costs as each step begins."""
    count = likes.shape[1]
    everybody = np.arange(count)
    back = np.zeros(likes.shape, np.int32)
    total = likes[0].copy()
    for i in range(1, len(likes)):
        best = int(total.argmax())
        change = total[best] - costs[i]
        stays = total >= change
        back[i] = np.where(stays, everybody, best)
        total = np.where(stays, total, change) + likes[i]
    path = np.empty(len(likes), np.int64)
    path[-1] = total.argmax()
    for i in range(len(likes) - 1, 0, -1):
        path[i - 1] = back[i, path[i]]
    return path


def probabilities(likes: Floats, costs: Floats) -> Floats:
    """How likely each speaker (column) is at each step (row), all steps considered: each row sums to 1."""
    forth, back = _passed(likes, costs), np.zeros_like(likes)
    back[:-1] = _passed(likes[::-1], np.append(0.0, costs[:0:-1]))[::-1][1:]
    # what comes after a step, seen from it: the later steps' own sum, gone over to from each speaker
    after = np.zeros_like(likes)
    for i in range(len(likes) - 1):
        after[i] = _over(back[i], costs[i + 1])
    return _shares(forth + after)


def _passed(likes: Floats, costs: Floats) -> Floats:
    """The logarithm of the sum over all courses up to each step, less what all speakers have in common."""
    out = np.empty_like(likes)
    out[0] = likes[0]
    for i in range(1, len(likes)):
        out[i] = _over(out[i - 1], costs[i]) + likes[i]
        out[i] -= out[i].max()
    return out


def _over(total: Floats, cost: float) -> Floats:
    """The logarithm of the sum of staying and of going over from anybody."""
    top = total.max()
    shares = np.exp(total - top)
    changed = np.exp(-cost)
    out: Floats = top + np.log(shares * (1.0 - changed) + shares.sum() * changed)
    return out


def _shares(values: Floats) -> Floats:
    out = np.exp(values - values.max(axis=1, keepdims=True))
    out /= out.sum(axis=1, keepdims=True)
    return out


def beside(tells: Floats, seconds: Floats) -> Floats:
    """How likely it is at each step that somebody talks beside the one who does, told by their lips.

    `tells` (n,) is how many times likelier a second of them is that of a speaker, as a natural logarithm, `seconds` (n,) how many
    of it a step counts.
    A chain of two states, beginning seldom (`BEGINS`) and ending soon (`ENDS`), by the forward-backward algorithm.
    """
    shares = np.exp(np.clip(tells * seconds, -30.0, 30.0))
    begins, ends = float(np.exp(-BEGINS)), float(np.exp(-ENDS))
    forth = np.empty((len(tells), 2))
    silent, talks = 1.0 - begins, begins
    for i, share in enumerate(shares):
        if i:
            silent, talks = silent * (1.0 - begins) + talks * ends, silent * begins + talks * (1.0 - ends)
        talks *= share
        silent, talks = silent / (silent + talks), talks / (silent + talks)
        forth[i] = silent, talks
    out = np.empty(len(tells))
    silent = talks = 1.0
    for i in range(len(tells) - 1, -1, -1):
        out[i] = forth[i, 1] * talks / (forth[i, 0] * silent + forth[i, 1] * talks)
        talks *= shares[i]
        silent, talks = silent * (1.0 - begins) + talks * begins, silent * ends + talks * (1.0 - ends)
        silent, talks = silent / (silent + talks), talks / (silent + talks)
    return out
