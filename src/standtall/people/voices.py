"""How each person sounds.

Where lips leave no doubt they teach it; voices like nobody's are given to those in view whose lips move with them on the whole,
or are speakers who are not in the picture.
"""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.cluster.hierarchy import fcluster, linkage

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.words import Word
from standtall.people.talking import Mouths, stretches

Vectors = NDArray[np.float32]
Floats = NDArray[np.float64]

ALIKE: Final = 0.68
"""Mean cosine between passages of one voice lies above, between two voices below (docs/decisions/0014)."""
STRANGE: Final = 0.60
"""A passage less like each known voice than this belongs to somebody else."""
SAME: Final = 0.92
"""Whole voices more alike than this are one voice."""
TAUGHT_S: Final = 1.5
"""Seconds of sure lips that teach a voice, and seconds that a voice without a face must last."""
STRANGE_SHARE: Final = 0.0015
"""Such a voice must also last this share of all talk: hours hold odd sounds enough to make up a few seconds."""
SURE_LIPS, CLEARLY = 0.0, 2.0
"""What lips tell (natural logarithm) where they leave no doubt that somebody speaks, and how much more than anybody else's."""
ALL_TOLD: Final = 1.0
"""The same for all passages of one voice together."""
UNIT: Final = round(1.7 * TICKS_PER_SECOND)
"""Turns may change inside a stretch without a pause, so voices are judged in units of about this length."""
MOST: Final = 2500
"""Passages that are grouped; more are told by their likeness to the groups."""
VOICE_WEIGHT, LIPS_WEIGHT = 6.0, 0.8
"""How much a second of voice counts, for each step of likeness (cosine), and a second of what lips tell."""
SEEN_FIRST: Final = 4.5
"""How much (natural logarithm) likelier a voice that nobody has yet is that of somebody in view than of somebody unseen, before
their lips are looked at."""
UNSEEN: Final = -0.25
"""What is taken for the lips of somebody who is not in view, to tell whose voice it is."""


@dataclass(frozen=True, slots=True)
class Voices:
    """Prints (n, 256) of length 1, and the ticks of the middles of the passages (n,) that they were taken from, rising."""

    middles: NDArray[np.int64]
    prints: Vectors

    def between(self, start: int, end: int) -> Vectors | None:
        """The mean print of a passage, of length 1; None where nothing was taken."""
        a, b = np.searchsorted(self.middles, [start, end])
        if a == b:
            return None
        mean = self.prints[a:b].mean(axis=0)
        return (mean / max(1e-9, float(np.linalg.norm(mean)))).astype(np.float32)


SILENT: Final = Voices(np.zeros(0, np.int64), np.zeros((0, 1), np.float32))


@dataclass(frozen=True, slots=True)
class _Unit:
    """A passage from which voices are learnt: what the lips around it tell of each person, and its voice print."""

    start: int
    end: int
    lips: Floats
    print: Vectors | None

    @property
    def best(self) -> int | None:
        """Whose lips leave no doubt; None where there is any."""
        seen = np.where(np.isnan(self.lips), -np.inf, self.lips)
        order = np.argsort(seen)[::-1]
        if not len(seen) or seen[order[0]] < SURE_LIPS:
            return None
        return int(order[0]) if len(seen) == 1 or seen[order[0]] - seen[order[1]] >= CLEARLY else None


def learn_voices(
    words: tuple[Word, ...], mouths: Mouths, cuts: tuple[int, ...], voices: Voices, least: int = 1
) -> dict[int, Vectors]:
    """How each person sounds whose voice is known, by their number; those from `mouths.people` on have no face.

    Where no voice can be told from lips, at least `least` are told apart.
    """
    units = _units(words, mouths, cuts, voices)
    known = _taught(units)
    strangers = _strangers(units, list(known.values()))
    if not known and len(strangers) < least:
        strangers = _parted(units)
    strangers = _with_faces(units, strangers, known)
    return known | {mouths.people + i: voice for i, voice in enumerate(strangers)}


def as_numbers(voice: Vectors) -> tuple[int, ...]:
    """A print of length 1 in whole 127ths, as `model.people.People` keeps it."""
    return tuple(round(127 * float(v)) for v in voice)


def two_voices(prints: Vectors) -> NDArray[np.int64] | None:
    """Which of two voices each print (n, 256) is, 0 or 1 (the first print is 0); None when all are alike."""
    if len(prints) < 2:
        return None
    tree = linkage(prints.astype(np.float64), "average", metric="cosine")
    side = fcluster(tree, 2, "maxclust") - 1
    if len(set(side.tolist())) < 2:
        return None
    return np.asarray(side != side[0], np.int64)


def _units(words: tuple[Word, ...], mouths: Mouths, cuts: tuple[int, ...], voices: Voices) -> list[_Unit]:
    starts = [w.start for w in words]
    spans = stretches(words, cuts)
    lips = mouths.tell(np.array([a for a, _ in spans], np.int64), np.array([b for _, b in spans], np.int64))
    out: list[_Unit] = []
    for (first, last), told in zip(spans, lips, strict=True):
        inside = words[bisect.bisect_left(starts, first) : bisect.bisect_left(starts, last)]
        pieces: list[list[int]] = []
        for word in inside:
            if pieces and (word.end - pieces[-1][0] <= UNIT or last - word.start < UNIT // 2):
                pieces[-1][1] = word.end
            else:
                pieces.append([word.start, word.end])
        out += [_Unit(start, end, told, voices.between(start, end)) for start, end in pieces]
    return out


def _taught(units: list[_Unit]) -> dict[int, Vectors]:
    """How each person sounds, from the passages where lips leave no doubt; passages unlike the rest are left out.

    No two people have the same voice: of two who seem to, the one whose lips spoke for less long was chewing.
    """
    out: dict[int, Vectors] = {}
    sure: dict[int, list[_Unit]] = {}
    for unit in units:
        if unit.print is not None and (best := unit.best) is not None:
            sure.setdefault(best, []).append(unit)
    times = {person: sum(u.end - u.start for u in theirs) for person, theirs in sure.items()}
    for person in sorted(times, key=lambda p: (-times[p], p)):
        if times[person] < TAUGHT_S * TICKS_PER_SECOND:
            continue
        prints, lengths = np.array([u.print for u in sure[person]]), np.array([u.end - u.start for u in sure[person]])
        alike = prints @ prints[int(np.argmax((prints @ prints.T) @ lengths))] >= STRANGE
        voice = _mean(prints[alike])
        enough = lengths[alike].sum() >= TAUGHT_S * TICKS_PER_SECOND
        if enough and all(float(voice @ other) < SAME for other in out.values()):
            out[person] = voice
    return out


def _strangers(units: list[_Unit], known: list[Vectors]) -> list[Vectors]:
    """Voices that are like nobody's who is known, the one with most to say first."""
    loose = [u for u in units if u.print is not None and all(float(u.print @ k) < STRANGE for k in known)]
    loose = sorted(loose, key=lambda u: u.start - u.end)[:MOST]
    if not loose:
        return []
    least = max(TAUGHT_S, STRANGE_SHARE * sum(u.end - u.start for u in units) / TICKS_PER_SECOND)
    prints = np.array([u.print for u in loose])
    lengths = np.array([u.end - u.start for u in loose]) / TICKS_PER_SECOND
    groups = np.ones(1, int)
    if len(loose) > 1:
        groups = fcluster(linkage(prints.astype(np.float64), "average", metric="cosine"), 1 - ALIKE, "distance")
    sizes = [(float(lengths[groups == g].sum()), g) for g in sorted(set(groups.tolist()))]
    return [_mean(prints[groups == g]) for size, g in sorted(sizes, reverse=True) if size >= least]


def _with_faces(units: list[_Unit], strangers: list[Vectors], known: dict[int, Vectors]) -> list[Vectors]:
    """The voices that belong to nobody in view; the others are added to `known`.

    All that a voice says is taken together: where people talk at once no single passage may leave no doubt, yet only the lips of
    one of them move through all of it. A voice like that of somebody known whose lips moved with it is nobody of their own."""
    left = []
    ours = np.array(strangers)
    for number, voice in enumerate(strangers):
        theirs = [u for u in units if u.print is not None and (ours @ u.print).argmax() == number and voice @ u.print >= ALIKE]
        if not theirs:  # a voice out of passages that are all little like it
            left.append(voice)
            continue
        seconds = np.array([(u.end - u.start) / TICKS_PER_SECOND for u in theirs])
        told = LIPS_WEIGHT * seconds @ np.nan_to_num(np.array([u.lips for u in theirs]), nan=UNSEEN)
        for person in range(len(told)):
            if person in known:
                told[person] += VOICE_WEIGHT * seconds.sum() * min(0.0, float(voice @ known[person]) - ALIKE)
        order = np.argsort(told)[::-1]
        second = told[order[1]] if len(told) > 1 else -np.inf
        best = int(order[0]) if len(told) and told[order[0]] > -SEEN_FIRST else -1
        if best < 0 or (best not in known and told[best] - second < ALL_TOLD):
            left.append(voice)
        elif best not in known:
            known[best] = voice
    return left


def _parted(units: list[_Unit]) -> list[Vectors]:
    """Two voices, whatever they are like: the person says there are two."""
    prints = np.array([u.print for u in units if u.print is not None])
    sides = two_voices(prints)
    return [] if sides is None else [_mean(prints[sides == side]) for side in (0, 1)]


def _mean(prints: Vectors) -> Vectors:
    mean = prints.mean(axis=0)
    return (mean / max(1e-9, float(np.linalg.norm(mean)))).astype(np.float32)
