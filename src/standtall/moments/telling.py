"""Where in a talk something is told: how likely each sentence is inside a strong passage, begins one, or ends one.

A segmental conditional random field (Sarawagi and Cohen 2004, "Semi-Markov conditional random fields for information
extraction", NIPS 17) over the sentences, taught by the marked talks in `bench/talks` (`tools/telling_weights.py`). What it looks
at is measured of the words, mostly by the lists of their language; it knows no word by itself. In a language without lists what
depends on them counts as usual.
"""

from __future__ import annotations

import json
from collections.abc import Iterable
from dataclasses import dataclass
from functools import cache
from pathlib import Path
from typing import TYPE_CHECKING, Any, Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND

if TYPE_CHECKING:
    from standtall.moments.talk import Talk

WEIGHTS: Final = Path(__file__).with_name("telling.json")
SHARES: Final = (
    "hedge", "address", "first_person", "being", "modal", "claim", "feeling", "how_to", "contrast", "saying", "about_talk",
    "past",
)  # fmt: skip
"""Kinds of words: their shares of a sentence."""
BEGINNINGS: Final = ("links", "question", "clearing", "opener", "person")
"""Kinds of words: whether a sentence begins with one."""
EARLY: Final = (("outside", 3), ("number", 4), ("claim", 4), ("address", 4), ("extreme", 5))
"""Kinds of words: whether one is among so many first words."""
FROM_LISTS: Final = (
    *SHARES, *(f"begins: {name}" for name in BEGINNINGS), *(f"early: {name}" for name in dict(EARLY)), "bridge", "begins to tell",
    "pointing", "reaction",
)  # fmt: skip
MEASURED: Final = (
    "told a second", "told a word", "rarest", "numbers", "names", "asks", "length", "short", "turn", "cohesion", "new", "commas",
)  # fmt: skip
FEATURES: Final = (*FROM_LISTS, *MEASURED)
AT_EDGES: Final = (
    "turn begins", "same speaker outside", "asked outside", "cohesion across", "cohesion outward", "cohesion inward", "pause",
    "other speaker inside", "aside outside",
)  # fmt: skip
"""What is measured at an edge, beside the features of the sentence, of the one outside it, and the means of some on each side."""
AROUND: Final = 3
"""Sentences on each side of an edge whose mean counts."""
NEAR: Final = 4
"""Sentences on each side that are looked through for the same rare words."""
LONGEST_PAUSE: Final = 1.5
"""Seconds."""
SCRAP: Final = 5
"""Words."""
LONG_TURN: Final = 60
"""Words."""


@dataclass(frozen=True, slots=True)
class Telling:
    """For each sentence the log odds that it is inside a strong passage, and what speaks for a passage to begin or end there."""

    inside: NDArray[np.float64]
    begins: NDArray[np.float64]
    ends: NDArray[np.float64]
    until: NDArray[np.float64]
    """(sentences + 1,) running sum of `inside`."""

    def of(self, first: NDArray[np.int64] | int, last: NDArray[np.int64] | int) -> Any:
        """The log odds of passages from a sentence to another, each included."""
        return self.begins[first] + self.ends[last] + self.until[np.asarray(last) + 1] - self.until[first]

    def from_start(self, sentence: int) -> float:
        """What is won where a passage begins with a sentence; comparable among beginnings."""
        return float(self.begins[sentence] - self.until[sentence])

    def to_end(self, sentence: int) -> float:
        """What is won where a passage ends with a sentence; comparable among ends."""
        return float(self.ends[sentence] + self.until[sentence + 1])


def telling_of(talk: Talk) -> Telling:
    """Of all sentences of a talk."""
    if not talk.sentences:
        nothing = np.zeros(0)
        return Telling(nothing, nothing, nothing, np.zeros(1))
    weights = _weights()
    plain, edges = measured(talk)
    known = bool(talk.lists.hedge)
    inside = _weighed(plain, weights["inside"], known) + weights["inside"]["shift"]
    begins = _weighed(edges[1], weights["begins"], known) + weights["begins"]["shift"]
    ends = _weighed(edges[-1], weights["ends"], known)
    return Telling(inside, begins, ends, np.concatenate([[0.0], np.cumsum(inside)]))


@cache
def _weights() -> dict[str, Any]:
    told: dict[str, Any] = json.loads(WEIGHTS.read_text("utf-8"))
    return told


def _weighed(values: NDArray[np.float64], weights: dict[str, Any], known: bool) -> NDArray[np.float64]:
    """(sentences,) sum of the standardised features times their weights."""
    mean, spread, weight = (np.array(weights[name]) for name in ("mean", "spread", "weight"))
    if not known:
        rows = np.arange(len(weight)) % len(FEATURES)
        from_lists = (rows < len(FROM_LISTS)) & (np.arange(len(weight)) < len(weight) // len(FEATURES) * len(FEATURES))
        weight = np.where(from_lists, 0.0, weight)
    out: NDArray[np.float64] = ((values - mean) / spread) @ weight
    return out


def measured(talk: Talk) -> tuple[NDArray[np.float64], dict[int, NDArray[np.float64]]]:
    """-> (sentences, features) of each sentence, and (sentences, 4 features + those at edges) of each as the first (1) and as the
    last (-1) of a passage."""
    plain = _features(talk)
    return plain, {side: _at_edge(talk, plain, side) for side in (1, -1)}


def _features(talk: Talk) -> NDArray[np.float64]:
    lists, starts = talk.lists, np.array([s.start for s in talk.sentences])
    stops = np.array([s.stop for s in talk.sentences])
    lengths = stops - starts
    kinds = {*SHARES, *BEGINNINGS, *dict(EARLY)}
    flags = {name: np.array([b in getattr(lists, name) for b in talk.bare], float) for name in kinds}
    flags["past"] = np.array([b in lists.past or bool(lists.past_form.fullmatch(b)) for b in talk.bare], float)
    flags["number"] = np.array([talk.is_number(b) for b in talk.bare], float)
    flags["name"] = np.array([talk.named(i) for i in range(len(talk.bare))], float)
    flags["comma"] = np.array([w.text.endswith(",") for w in talk.words], float)
    sums = {name: np.concatenate([[0.0], np.cumsum(flag)]) for name, flag in flags.items()}

    def count(name: str, most: int | None = None) -> NDArray[np.float64]:
        until = stops if most is None else np.minimum(stops, starts + most)
        out: NDArray[np.float64] = sums[name][until] - sums[name][starts]
        return out

    told = talk.told[stops] - talk.told[starts]
    seconds = np.array([max(0.5, talk.length_of((s,))) for s in talk.sentences])
    rarest = np.array([talk.bits[s.start : s.stop].max(initial=0.0) for s in talk.sentences])
    tells = (flags["person"][starts] > 0) & (count("past", 5) > 0)
    bridge = [talk.points(n) for n in range(len(starts))]
    cohesion, new = _cohesion(talk)
    columns = {
        **{name: count(name) / lengths for name in SHARES},
        **{f"begins: {name}": flags[name][starts] for name in BEGINNINGS},
        **{f"early: {name}": np.minimum(1, count(name, most)) for name, most in EARLY},
        "bridge": bridge,
        "begins to tell": tells,
        "pointing": [aside == "pointing" for aside in talk.asides],
        "reaction": [aside == "reaction" for aside in talk.asides],
        "told a second": np.minimum(3, told / seconds / max(0.1, talk.usual)),
        "told a word": told / lengths / 5,
        "rarest": rarest / 10,
        "numbers": np.minimum(2, count("number")),
        "names": np.minimum(2, count("name")),
        "asks": [talk.asks(s[-1]) for s in talk.sentences],
        "length": np.log(lengths),
        "short": lengths <= SCRAP,
        "turn": np.minimum(1, np.array(talk.turn_words)[talk.turn_of] / LONG_TURN),
        "cohesion": cohesion,
        "new": new,
        "commas": count("comma") / lengths,
    }
    return np.stack([np.asarray(columns[name], float) for name in FEATURES], axis=1)


def _rare(talk: Talk) -> list[frozenset[str]]:
    return [frozenset(talk.stems[i] for i in s if talk.bits[i] > 0) for s in talk.sentences]


def _joined(sets: Iterable[frozenset[str]]) -> frozenset[str]:
    return frozenset().union(*sets)


def _shared(a: frozenset[str], b: frozenset[str]) -> float:
    """Of the smaller of two sets of words."""
    return len(a & b) / min(len(a), len(b)) if a and b else 0.0


def _cohesion(talk: Talk) -> tuple[list[float], list[float]]:
    """For each sentence the shares of its rare words that stand near it, too, and that were not said before (after Halliday and
    Hasan 1976, Cohesion in English)."""
    rare, before = _rare(talk), set[str]()
    near, new = [], []
    for n, words in enumerate(rare):
        around = _joined((*rare[max(0, n - NEAR) : n], *rare[n + 1 : n + NEAR + 1]))
        near.append(len(words & around) / max(1, len(words)))
        new.append(len(words - before) / max(1, len(words)))
        before |= words
    return near, new


def _at_edge(talk: Talk, plain: NDArray[np.float64], side: int) -> NDArray[np.float64]:
    inner, outer = (_mean(plain, sign * side) for sign in (1, -1))
    return np.concatenate([plain, _moved(plain, -side), inner, outer, _own(talk, side)], axis=1)


def _moved(rows: NDArray[np.float64], by: int) -> NDArray[np.float64]:
    """For each row the one that stands `by` after it, zeros where there is none."""
    out = np.zeros_like(rows)
    there = np.arange(max(0, -by), min(len(rows), len(rows) - by))
    out[there] = rows[there + by]
    return out


def _mean(rows: NDArray[np.float64], side: int) -> NDArray[np.float64]:
    """For each row the mean of those next to it on one side."""
    ones = np.ones((len(rows), 1))
    total, count = (sum(_moved(part, side * d) for d in range(1, AROUND + 1)) for part in (rows, ones))
    out: NDArray[np.float64] = total / np.maximum(1, count)
    return out


def _own(talk: Talk, side: int) -> NDArray[np.float64]:
    """(sentences, those at edges): what is measured where a passage would be cut."""
    rare, count = _rare(talk), len(talk.sentences)
    speaker = [talk.words[s.start].speaker for s in talk.sentences]
    rows = []
    for n in range(count):
        out, cut = n - side, n if side > 0 else n + 1
        alone = not 0 <= out < count
        before, after = rare[max(0, cut - NEAR) : cut], rare[cut : cut + NEAR]
        back, on = rare[max(0, n - NEAR) : n], rare[n + 1 : n + 1 + NEAR]
        outward, inward = (back, on) if side > 0 else (on, back)
        within = n + side
        pause = LONGEST_PAUSE
        if 0 < cut < count:
            pause = (talk.words[talk.sentences[cut].start].start - talk.words[talk.sentences[cut - 1][-1]].end) / TICKS_PER_SECOND
        rows.append(
            (
                alone or talk.turn_of[out] != talk.turn_of[n],
                not alone and speaker[out] == speaker[n],
                not alone and talk.asks(talk.sentences[out][-1]),
                _shared(_joined(before), _joined(after)),
                _shared(_joined(outward), rare[n]),
                _shared(rare[n], _joined(inward)),
                min(LONGEST_PAUSE, pause),
                0 <= within < count and speaker[within] != speaker[n],
                alone or bool(talk.asides[out]),
            )
        )
    return np.array(rows, float).reshape(count, len(AT_EDGES))
