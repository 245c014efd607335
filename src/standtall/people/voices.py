"""Who is talking: lips and voices together.

Where lips leave no doubt they teach how each person sounds; voices then decide where lips say little, and voices that are
like nobody's become speakers who are not in the picture.
"""

from __future__ import annotations

import bisect
from dataclasses import dataclass
from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.cluster.hierarchy import fcluster, linkage

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Talk
from standtall.model.words import Word
from standtall.people.talking import PAUSE, Lips

Vectors = NDArray[np.float32]

ALIKE: Final = 0.68
"""Mean cosine between passages of one voice lies above, between two voices below (docs/decisions/0014)."""
STRANGE: Final = 0.60
"""A passage less like each known voice than this belongs to somebody else."""
SAME: Final = 0.92
"""Whole voices more alike than this are one voice."""
TAUGHT_S: Final = 2.0
"""Seconds of sure lips that teach a voice, and seconds that a voice without a face must last."""
STRANGE_SHARE: Final = 0.0015
"""Such a voice must also last this share of all talk: hours hold odd sounds enough to make up a few seconds."""
SURE_LIPS: Final = 0.5
UNIT: Final = round(1.7 * TICKS_PER_SECOND)
"""Turns may change inside a stretch without a pause, so voices are judged in units of about this length."""
MOST: Final = 2500
"""Passages that are grouped; more are told by their likeness to the groups."""
VOICE_WEIGHT, LIPS_WEIGHT = 9.0, 2.2
UNSEEN_COST: Final = 3.5
"""What it costs to say that somebody unseen talks while the lips of somebody in view follow the voice as those of a speaker
do."""
STILL, TALKING = 0.3, 0.7
"""Scores of lips (1 is usual for a speaker) that say nothing, and enough."""
TURN_COST, BREAK_COST = 0.35, 1.5
"""What a change of speaker costs after a pause or the end of a sentence, and in the middle of one."""


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
    start: int
    end: int
    lips: Lips
    opens: bool
    """Whether it follows a pause, a cut or the end of a sentence."""
    print: Vectors | None


def who_talks(
    words: tuple[Word, ...], lips: list[Lips], cuts: tuple[int, ...], voices: Voices, people: int, least: int = 1
) -> tuple[tuple[Talk, ...], int]:
    """Who says each stretch of speech, neighbours of one person joined; and how many speakers have no face.

    Numbers below `people` are those of the faces. A stretch that nothing is known of (nobody in view, no voice) is left out.
    """
    units = _units(words, lips, voices)
    known = _taught(units, people)
    strangers = _strangers(units, list(known.values()))
    if not known and len(strangers) < least:
        strangers = _parted(units)
    for i, voice in enumerate(strangers):
        known[people + i] = voice
    chosen = _best_path(units, known, people + len(strangers))
    out = [Talk(u.start, u.end, who, sure) for u, (who, sure) in zip(units, chosen, strict=True) if who >= 0]
    return _joined(out, cuts), len(strangers)


def two_voices(prints: Vectors) -> NDArray[np.int64] | None:
    """Which of two voices each print (n, 256) is, 0 or 1 (the first print is 0); None when all are alike."""
    if len(prints) < 2:
        return None
    tree = linkage(prints.astype(np.float64), "average", metric="cosine")
    side = fcluster(tree, 2, "maxclust") - 1
    if len(set(side.tolist())) < 2:
        return None
    return np.asarray(side != side[0], np.int64)


def _units(words: tuple[Word, ...], lips: list[Lips], voices: Voices) -> list[_Unit]:
    starts = [w.start for w in words]
    out: list[_Unit] = []
    closed, ended = True, 0
    for stretch in lips:
        inside = words[bisect.bisect_left(starts, stretch.start) : bisect.bisect_left(starts, stretch.end)]
        pieces: list[list[int]] = []
        for word in inside:
            if pieces and (word.end - pieces[-1][0] <= UNIT or stretch.end - word.start < UNIT // 2):
                pieces[-1][1] = word.end
            else:
                pieces.append([word.start, word.end])
        for i, (start, end) in enumerate(pieces):
            opens = i == 0 and (closed or start - ended > PAUSE)
            out.append(_Unit(start, end, stretch, opens, voices.between(start, end)))
        if inside:
            closed, ended = inside[-1].ends_sentence, inside[-1].end
    return out


def _taught(units: list[_Unit], people: int) -> dict[int, Vectors]:
    """How each person sounds, from the passages where lips leave no doubt; passages unlike the rest are left out.

    No two people have the same voice: of two who seem to, the one whose lips spoke for less long was chewing.
    """
    out: dict[int, Vectors] = {}
    sure = [u for u in units if u.print is not None and u.lips.best is not None and u.lips.sure >= SURE_LIPS]
    times = {p: sum(u.end - u.start for u in sure if u.lips.best == p) for p in range(people)}
    for person in sorted(times, key=lambda p: -times[p]):
        if times[person] < TAUGHT_S * TICKS_PER_SECOND:
            continue
        prints = np.array([u.print for u in sure if u.lips.best == person])
        middle = prints[int(np.argmax((prints @ prints.T).mean(axis=1)))]
        voice = _mean(prints[prints @ middle >= STRANGE])
        if all(float(voice @ other) < SAME for other in out.values()):
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


def _parted(units: list[_Unit]) -> list[Vectors]:
    """Two voices, whatever they are like: the person says there are two."""
    prints = np.array([u.print for u in units if u.print is not None])
    sides = two_voices(prints)
    return [] if sides is None else [_mean(prints[sides == side]) for side in (0, 1)]


def _mean(prints: Vectors) -> Vectors:
    mean = prints.mean(axis=0)
    return (mean / max(1e-9, float(np.linalg.norm(mean)))).astype(np.float32)


def _best_path(units: list[_Unit], known: dict[int, Vectors], count: int) -> list[tuple[int, float]]:
    """The likeliest speaker of each unit (-1 for nobody known) by dynamic programming, and how sure that is, 0..1."""
    if not units or not count:
        return [(-1, 0.0)] * len(units)
    likes = np.array([_likes(u, known, count) for u in units])
    costs = np.array([TURN_COST if u.opens else BREAK_COST for u in units])
    back = np.zeros(likes.shape, int)
    total = likes[0].copy()
    for i in range(1, len(units)):
        best = int(np.argmax(total))
        change = total[best] - costs[i]
        stays = total >= change
        back[i] = np.where(stays, np.arange(count), best)
        total = np.where(stays, total, change) + likes[i]
    at = int(np.argmax(total))
    path = [at]
    for i in range(len(units) - 1, 0, -1):
        at = int(back[i, at])
        path.append(at)
    out: list[tuple[int, float]] = []
    for unit, like, who in zip(units, likes, reversed(path), strict=True):
        others = np.delete(like, who)
        sure = float(np.clip(like[who] - others.max(initial=like[who] - 1.0), 0.0, 1.0))
        nobody = unit.print is None and unit.lips.best is None
        out.append((-1, 0.0) if nobody else (who, round(sure, 3)))
    return out


def _likes(unit: _Unit, known: dict[int, Vectors], count: int) -> NDArray[np.float64]:
    like = np.zeros(count)
    if unit.print is not None and known:
        unknown = min(STRANGE, min(float(unit.print @ v) for v in known.values()))
        like += VOICE_WEIGHT * unknown
        for who in unit.lips.scores:  # it may well be their voice: only nobody knows how it sounds
            like[who] = VOICE_WEIGHT * ALIKE
        for who, voice in known.items():
            like[who] = VOICE_WEIGHT * float(unit.print @ voice)
    if unit.lips.best is not None:
        top = max(unit.lips.scores.values())
        for who, score in unit.lips.scores.items():
            like[who] += LIPS_WEIGHT * max(0.0, score) / max(top, 1e-6)
        out_of_view = [who for who in range(count) if who not in unit.lips.scores]
        like[out_of_view] -= UNSEEN_COST * float(np.clip((top - STILL) / (TALKING - STILL), 0.0, 1.0))
    return like


def _joined(talk: list[Talk], cuts: tuple[int, ...]) -> tuple[Talk, ...]:
    out: list[Talk] = []
    for t in talk:
        near = bool(out) and out[-1].person == t.person and t.start - out[-1].end < 2 * TICKS_PER_SECOND
        if near and not any(out[-1].end <= cut <= t.start for cut in cuts):
            out[-1] = Talk(out[-1].start, t.end, t.person, min(out[-1].confidence, t.confidence))
        else:
            out.append(t)
    return tuple(out)
