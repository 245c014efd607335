"""Who is talking: lips and voices together.

What the lips of everybody in view tell, and how like each known voice it sounds, is a likelihood for each speaker at each step;
from it the chain of `people.turn_taking` finds who talks, how sure that is, and who talks beside them.
"""

from __future__ import annotations

from typing import Final, NamedTuple

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import Talk
from standtall.model.words import Word
from standtall.people.talking import HIDDEN, Mouths
from standtall.people.turn_taking import Steps, beside, likeliest, probabilities, steps_of
from standtall.people.voices import ALIKE, LIPS_WEIGHT, STRANGE, VOICE_WEIGHT, Vectors, Voices, learn_voices

Floats = NDArray[np.float64]
Numbers = NDArray[np.int64]

MOST_APART: Final = 0.3
"""A voice is never taken to be less like than the likest by more than this."""
EVIDENCE: Final = 2.0
"""Lips and voices tell more than the weights above say, which only find the likeliest course: with this, what is called probable
is right as often as it says (docs/decisions/0044)."""
NEAR: Final = round(0.8 * TICKS_PER_SECOND)
"""Passages with their middle so near count for a word."""
GAP_WEIGHT: Final = 0.4
"""How much lips count between words where it is loud: nobody was understood there, yet somebody may talk."""
SPEAKS, QUIET, LOUD = 1.2, 0.3, 0.45
"""What lips must tell, and how loud it must be (0..1), for somebody to talk where no word was understood."""
LISTENS: Final = -1.0
"""What lips tell of a lone face that listens to a voice from outside the picture, at most."""
BOTH, BOTH_SHORTEST = 0.9, round(0.5 * TICKS_PER_SECOND)
"""How likely it is that somebody talks beside another, and for how long at least, where it is told."""
SHORTEST: Final = round(0.35 * TICKS_PER_SECOND)
"""Such talk is at least so long."""


class Said(NamedTuple):
    """Who talks (passages that never overlap), who talks beside them, how many of the speakers have no face, and how each person
    sounds whose voice is known."""

    talk: tuple[Talk, ...]
    overlaps: tuple[Talk, ...]
    strangers: int
    known: dict[int, Vectors]


def who_talks(words: tuple[Word, ...], mouths: Mouths, cuts: tuple[int, ...], voices: Voices, least: int = 1) -> Said:
    """Who says each stretch of speech, neighbours of one person joined; who talks beside them; how many speakers have no face.

    Numbers below `mouths.people` are those of the faces. A stretch of which nothing is known (nobody in view, no voice) is left
    out.
    Somebody in view whose lips follow the voice talks also where no word was understood.
    """
    people = mouths.people
    known = learn_voices(words, mouths, cuts, voices, least)
    strangers = sum(person >= people for person in known)
    count = people + strangers
    steps = steps_of(words, mouths.length)
    if not count or not len(steps.starts):
        return Said((), (), strangers, known)
    lips, alike = mouths.tell(steps.first, steps.last), _alike(steps, voices, list(known.values()))
    loud = mouths.loudness(steps.starts, steps.ends)
    likes = _likes(steps, lips, loud, alike, list(known), count)
    path, sure = likeliest(likes, steps.costs), probabilities(EVIDENCE * likes, EVIDENCE * steps.costs)
    said = _talk(steps, path, sure, lips, loud, alike)
    others = _overlaps(steps, path, lips, _counted(steps, loud, 1.0))
    return Said(_joined(said, cuts), _joined(others, cuts), strangers, known)


def _alike(steps: Steps, voices: Voices, known: list[Vectors]) -> Floats:
    """How like each known voice (column) each step that is a word sounds, as the cosine with the mean print of the passages
    around it, the nearest counting most; not a number where nothing was taken."""
    out = np.full((len(steps.starts), len(known)), np.nan)
    if not known:
        return out
    middles = (steps.starts + steps.ends) // 2
    first, last = np.searchsorted(voices.middles, middles - NEAR), np.searchsorted(voices.middles, middles + NEAR)
    columns = np.array(known).T
    for i in np.flatnonzero((steps.words >= 0) & (last > first)):
        near = slice(first[i], last[i])
        mean = (1.001 - np.abs(voices.middles[near] - middles[i]) / NEAR) @ voices.prints[near]
        out[i] = mean @ columns / max(1e-9, float(np.linalg.norm(mean)))
    return out


def _counted(steps: Steps, loud: Floats, between: float) -> Floats:
    """The seconds of each step for which lips count: all of a word, of what is `between` words that share where it is loud."""
    there = np.clip((loud - QUIET) / (LOUD - QUIET), 0.0, 1.0)
    return np.where(steps.words >= 0, 1.0, between * there) * steps.seconds


def _likes(steps: Steps, lips: Floats, loud: Floats, alike: Floats, known: list[int], count: int) -> Floats:
    """How likely each speaker is at each step by lips and voice alone, as a natural logarithm (all of a step have one constant in
    common)."""
    people, seconds = lips.shape[1], steps.seconds
    likes = np.zeros((len(seconds), count))
    likes[:, :people] += LIPS_WEIGHT * np.nan_to_num(lips) * _counted(steps, loud, GAP_WEIGHT)[:, None]
    heard = ~np.isnan(alike).all(axis=1)
    if known and heard.any():
        voice = np.repeat(np.minimum(STRANGE, alike.min(axis=1))[:, None], count, axis=1)
        voice[:, :people][~np.isnan(lips)] = ALIKE  # it may well be their voice: only nobody knows how it sounds
        voice[:, known] = alike
        voice = np.maximum(voice, voice.max(axis=1, keepdims=True) - MOST_APART)
        likes[heard] += (VOICE_WEIGHT * voice * seconds[:, None])[heard]
    return likes


def _talk(steps: Steps, path: Numbers, sure: Floats, lips: Floats, loud: Floats, alike: Floats) -> list[Talk]:
    """The words of the likeliest course; and what is between them where somebody's lips follow the voice for long enough."""
    unseen = np.full((len(path), sure.shape[1] - lips.shape[1]), np.nan)
    told = np.concatenate([lips, unseen], axis=1)[np.arange(len(path)), path]
    some = np.any(np.nan_to_num(lips, nan=LISTENS) > LISTENS, axis=1) | (np.sum(~np.isnan(lips), axis=1) > 1)
    said = (steps.words >= 0) & (some | ~np.isnan(alike).all(axis=1))
    moves = (steps.words < 0) & (np.nan_to_num(told, nan=-1.0) > SPEAKS) & (loud > LOUD)
    out: list[Talk] = []
    i = 0
    while i < len(path):
        j = i + 1
        if moves[i]:
            while j < len(path) and moves[j] and path[j] == path[i]:
                j += 1
        long = steps.ends[j - 1] - steps.starts[i] >= SHORTEST
        if said[i] or (moves[i] and long):
            share = float(sure[i:j, path[i]].mean())
            out.append(Talk(int(steps.starts[i]), int(steps.ends[j - 1]), int(path[i]), round(share, 3)))
        i = j
    return out


def _overlaps(steps: Steps, path: Numbers, lips: Floats, counted: Floats) -> list[Talk]:
    """Where somebody in view talks beside the likeliest speaker, by their start."""
    out: list[Talk] = []
    for person in range(lips.shape[1]):
        theirs = lips[:, person]
        if np.isnan(theirs).all():
            continue
        likely = beside(EVIDENCE * LIPS_WEIGHT * np.nan_to_num(theirs, nan=HIDDEN), counted)
        there = (likely > BOTH) & (path != person) & ~np.isnan(theirs)
        edges = np.flatnonzero(np.diff(there, prepend=False, append=False))
        for first, last in zip(edges[::2], edges[1::2] - 1, strict=True):
            start, end = int(steps.starts[first]), int(steps.ends[last])
            if end - start >= BOTH_SHORTEST:
                out.append(Talk(start, end, person, round(float(likely[first : last + 1].mean()), 3)))
    return sorted(out, key=lambda t: t.start)


def _joined(talk: list[Talk], cuts: tuple[int, ...]) -> tuple[Talk, ...]:
    """Passages of one person with less than two seconds and no cut between them as one, and as sure as their parts are on the
    whole."""
    out: list[Talk] = []
    lengths: list[int] = []
    for t in talk:
        near = bool(out) and out[-1].person == t.person and t.start - out[-1].end < 2 * TICKS_PER_SECOND
        if near and not any(out[-1].end <= cut <= t.start for cut in cuts):
            lengths[-1] += t.end - t.start
            share = (t.end - t.start) / lengths[-1]
            sure = out[-1].confidence + share * (t.confidence - out[-1].confidence)
            out[-1] = Talk(out[-1].start, t.end, t.person, round(sure, 3))
        else:
            out.append(t)
            lengths.append(t.end - t.start)
    return tuple(out)
