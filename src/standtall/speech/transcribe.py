"""The whole way from sound to timed words: recognise, align, and hear again what was left out."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Final

import numpy as np

from standtall.base.progress import Progress
from standtall.base.time import ticks
from standtall.media.sound_reader import SPEECH_RATE, Samples
from standtall.model.words import NOBODY, Kind, Word, bare
from standtall.speech.align import Aligner, Timed
from standtall.speech.doubts import confidences
from standtall.speech.edge_refinement import on_edges
from standtall.speech.fillers import HELD, is_filler
from standtall.speech.hesitations import hesitations
from standtall.speech.loops import without_loops
from standtall.speech.recognise import Heard, Recogniser
from standtall.speech.voice import silent, voiced

UNCOVERED_S: Final = 0.35
"""Voice that no word covers for this long is recognised again."""
ROOM_S: Final = 0.25
SURELY_THERE: Final = 0.5
ECHO, SURELY_SAID = 0.25, 0.75
FASTEST_S: Final = 0.03
"""Nobody says a letter in less (8 syllables, some 24 letters, a second are quick; common practice, no source)."""
HELD_SURE: Final = 0.6
"""Likelihood of a filler that was found by its sound alone."""
LIKELY: Final = 0.25
"""What is heard in a short spot alone counts from here on, and only with a length of its own: else it is made up."""


@dataclass(frozen=True, slots=True)
class _Spot:
    start: float
    end: float


def transcribe(samples: Samples, recogniser: Recogniser, aligner: Aligner | None, at: float = 0.0) -> tuple[Word, ...]:
    """Mono float32 samples at 16 kHz, that begin `at` seconds of the source, to words with times in ticks of it.

    The recogniser drops whole phrases near the edges of its windows, so voice that no aligned word covers is
    recognised a second time on its own and put in between.
    """
    told = recogniser.words(samples)
    heard = _without_echoes(without_loops(told, recogniser.language))
    timed = _in_voice(samples, _aligned(samples, heard, aligner))
    noisy: list[tuple[float, float]] = []  # where only loops were heard: a laugh or a noise, which holds no fillers either
    for spot in _uncovered(samples, timed):
        timed, looped = _fill(samples, spot, timed, recogniser, aligner)
        noisy += [(spot.start, spot.end)] if looped else []
    held = hesitations(samples, sorted([*((p.start, p.end) for _, p in timed), *noisy]))
    sure = confidences([h for h, _ in timed], [p for _, p in timed])
    words = [_word(h, place, s, at, recogniser.language) for (h, place), s in zip(timed, sure, strict=True)]
    texts = dict(zip(("uh", "um"), HELD.get(recogniser.language or "en", HELD["en"]), strict=True))
    words += [Word(texts[text], ticks(start + at), ticks(end + at), HELD_SURE, NOBODY, "filler") for text, start, end in held]
    return tuple(sorted(words, key=lambda w: w.start))


def align_words(
    samples: Samples, words: tuple[Word, ...], aligner: Aligner, progress: Progress | None = None
) -> tuple[Word, ...]:
    """Words from a script or caption file, moved to where they are said."""
    rough = [Timed(w.text, w.start / 48_000, w.end / 48_000) for w in words]
    placed = aligner.align(samples, rough, progress)
    return tuple(
        Word(old.text, ticks(new.start), max(ticks(new.end), ticks(new.start) + 1), old.confidence if new.moved else 0.5)
        for old, new in zip(words, placed, strict=True)
    )


def _aligned(samples: Samples, heard: list[Heard], aligner: Aligner | None) -> list[tuple[Heard, Timed]]:
    rough = [Timed(h.text, h.start, h.end) for h in heard]
    placed = aligner.align(samples, rough) if aligner is not None else on_edges(samples, rough)
    return list(zip(heard, placed, strict=True))


def _without_echoes(heard: list[Heard]) -> list[Heard]:
    """Without words that only repeat a likely one and are unlikely themselves, or too short to have been said: recognisers
    stammer at the ends of passages."""
    out: list[Heard] = []
    for h in heard:
        text = bare(h.text)
        again = bool(out) and out[-1].probability > SURELY_THERE and text == bare(out[-1].text)
        hasty = h.probability < SURELY_SAID and h.end - h.start < FASTEST_S * len(text)
        if not (again and (h.probability < ECHO or hasty)):
            out.append(h)
    return out


def _in_voice(samples: Samples, timed: list[tuple[Heard, Timed]]) -> list[tuple[Heard, Timed]]:
    """Without words that stand where nobody makes a sound: recognisers invent some at the edges of silence."""
    quiet = silent(samples)
    out = []
    for heard, place in timed:
        a, b = max(0, int(place.start * 100)), int(place.end * 100) + 1
        if not quiet[a:b].all():
            out.append((heard, place))
    return out


def _uncovered(samples: Samples, timed: list[tuple[Heard, Timed]]) -> list[_Spot]:
    free = voiced(samples)
    for _, place in timed:
        free[max(0, int(place.start * 100) - 6) : int(place.end * 100) + 12] = False
    edges = np.flatnonzero(np.diff(np.concatenate([[0], free.astype(np.int8), [0]])))
    spots: list[_Spot] = []
    for a, b in zip(edges[::2] / 100, edges[1::2] / 100, strict=True):
        if spots and a - spots[-1].end < 0.25:
            spots[-1] = _Spot(spots[-1].start, float(b))
        else:
            spots.append(_Spot(float(a), float(b)))
    return [s for s in spots if s.end - s.start >= UNCOVERED_S]


def _fill(
    samples: Samples, spot: _Spot, timed: list[tuple[Heard, Timed]], recogniser: Recogniser, aligner: Aligner | None
) -> tuple[list[tuple[Heard, Timed]], bool]:
    """-> (the words with those of the spot, whether what was heard there was a loop)."""
    before = max((p.end for _, p in timed if p.end <= spot.start + 0.06), default=0.0)
    after = min((p.start for _, p in timed if p.start >= spot.end - 0.12), default=len(samples.reshape(-1)) / SPEECH_RATE)
    first, last = max(before, spot.start - ROOM_S), min(after, spot.end + ROOM_S)
    part = samples.reshape(-1)[int(first * SPEECH_RATE) : int(last * SPEECH_RATE)]
    told = [h for h in recogniser.words(part) if bare(h.text)]
    real = without_loops(told, recogniser.language)
    looped = len(real) < len(told)
    if looped and all(is_filler(h.text, recogniser.language) for h in real):
        real = []  # what stands beside a loop in so short a spot is the loop beginning
    heard = [
        Heard(h.text, h.start + first, h.end + first, h.probability)
        for h in real
        if h.probability > LIKELY and h.end > h.start and h.start < last - first
    ]
    if not heard:
        return timed, looped
    new = _aligned(samples, heard, aligner)
    new = [(h, p) for h, p in new if p.start >= before - 0.05 and p.end <= after + 0.05]
    joined = sorted([*timed, *new], key=lambda pair: pair[1].start)
    return [pair for i, pair in enumerate(joined) if i == 0 or pair[1].start >= joined[i - 1][1].start + 0.02], looped


def _word(heard: Heard, place: Timed, sure: float, at: float, language: str | None) -> Word:
    start = max(0, ticks(place.start + at))
    kind: Kind = "filler" if is_filler(heard.text, language) else "word"
    return Word(heard.text, start, max(start + 1, ticks(place.end + at)), sure, NOBODY, kind)
