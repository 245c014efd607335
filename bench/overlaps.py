"""Who talks beside whom, and how sure the program is of who talks, against the truth of each set.

Truth knows phrases without their pauses, and lips are read over more than a second: what is told within 0.75 s of people who do talk
at once is right.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any

from bench.people import matched, one_to_one
from bench.row import Row
from bench.sets import SETS, Scene, scenes_of
from standtall.base.time import TICKS_PER_SECOND

NEAR_S, LONG_S, TOGETHER_S = 0.75, 1.0, 0.05
SURE = 0.9

Said = list[tuple[str, float, float]]


def run() -> Iterator[Row]:
    for name in SETS:
        right = told = found = there = 0
        alone = length = 0.0
        sure: list[bool] = []
        for scene in scenes_of(name):
            names = one_to_one(matched(scene)[0])
            said = [(who, start, end) for who, start, end in scene.truth["said"]]
            together = _together(said)
            good = [_is_true(names.get(t.person), t.start, t.end, said) for t in scene.analysis.people.overlaps]
            right, told = right + sum(good), told + len(good)
            there += len(together)
            found += sum(_is_told(scene, start, end) for start, end in together)
            alone, length = alone + len(good) - sum(good), length + scene.source.length / TICKS_PER_SECOND / 60
            sure += _sure_words(scene, names)
        yield Row(f"{name}: told to talk at once, rightly", right / max(1, told), f"of {told}", ">= 0.9")
        yield Row(f"{name}: found of those who do for {LONG_S:.0f} s and more", found / max(1, there), f"of {there}")
        yield Row(f"{name}: told where nobody does, a minute", alone / max(1e-9, length), "count", "<= 0.1")
        yield Row(f"{name}: words whose speaker is told as {SURE:.0%} sure, right", sum(sure) / max(1, len(sure)), "share", f">= {SURE}")


def _together(said: Said) -> list[tuple[float, float]]:
    """Where two talk at once for long."""
    pairs = [(a, b) for i, a in enumerate(said) for b in said[i + 1 :] if a[0] != b[0]]
    spans = [(max(a[1], b[1]), min(a[2], b[2])) for a, b in pairs]
    return [(start, end) for start, end in spans if end - start >= LONG_S]


def _is_true(who: str | None, start: int, end: int, said: Said) -> bool:
    """Whether somebody does talk beside another near a passage (ticks)."""
    first, last = start / TICKS_PER_SECOND - NEAR_S, end / TICKS_PER_SECOND + NEAR_S
    mine = [(a, b) for name, a, b in said if name == who]
    others = [(a, b) for name, a, b in said if name != who]
    return any(min(b, d, last) - max(a, c, first) > TOGETHER_S for a, b in mine for c, d in others)


def _is_told(scene: Scene, start: float, end: float) -> bool:
    return any(t.start / TICKS_PER_SECOND < end and t.end / TICKS_PER_SECOND > start for t in scene.analysis.people.overlaps)


def _sure_words(scene: Scene, names: dict[int, str]) -> list[bool]:
    """For each word of a passage that is sure, whether the right one says it; where nobody is known to speak it does not count."""
    truth: dict[str, Any] = scene.truth
    out = []
    for talk in scene.analysis.people.talk:
        if talk.confidence < SURE:
            continue
        for word in scene.analysis.words:
            middle = (word.start + word.end) / 2
            true = {who for who, start, end in truth["said"] if start <= middle / TICKS_PER_SECOND < end}
            if talk.start <= middle < talk.end and true:
                out.append(names.get(talk.person) in true)
    return out
