"""Moments: the ranking against planted passages, speed and memory for hours of words, and a strike in four hours of them."""

from __future__ import annotations

import time
import tracemalloc
from collections.abc import Iterator

import numpy as np

from bench.demo import demo
from bench.programme import Programme, programme
from bench.row import Row
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment
from standtall.moments.finder import Finder, Wish

FIRST = 10
DEMO_STRONG = ("Why does one person's plot", "Here is what nobody tells you", "The first thing I did was everything wrong", "So I tried it",
               "What should somebody do on Monday", "I have. I've wasted fifteen years")  # fmt: skip


def run() -> Iterator[Row]:
    made = programme()
    finder = Finder(made.analysis)
    found = finder.find(Wish(12, 45, FIRST))
    yield Row(f"of the first {FIRST} proposals on a planted strong passage", _on_planted(found, made), "", ">= 8")
    whole = finder.find(Wish(12, 45, FIRST, whole=True))
    yield Row(f"of the first {FIRST} as said on a planted strong passage", _on_planted(whole, made), "", ">= 8")
    yield Row("proposals that start and end on a sentence", _on_sentences(finder, (*found, *whole)), "", ">= 1.0")
    _source, analysis = demo()
    here = Finder(analysis)
    proposed = here.find(Wish(10, 45, 6))
    yield Row("demo: of the first 4 proposals on a strong passage", _on_demo(proposed[:4], analysis), "", ">= 3")
    yield Row("demo: proposals that start and end on a sentence", _on_sentences(here, proposed), "", ">= 1.0")
    used = []
    for hours, goal in ((1, "<= 2"), (4, "<= 8")):
        long = programme(60 * hours, seed=9).analysis
        tracemalloc.start()
        began = time.monotonic()
        Finder(long).find(Wish(15, 60, 20))
        traced = time.monotonic() - began
        used.append(tracemalloc.get_traced_memory()[1] / 2**20)
        tracemalloc.stop()
        began = time.monotonic()
        Finder(long).find(Wish(15, 60, 20))
        yield Row(f"proposals for {hours} h of words ({len(long.words)})", min(traced, time.monotonic() - began), "s", goal)
    yield Row("memory for four hours against four times that for one", used[1] / (4 * used[0]), "", "<= 1.3")


def _on_planted(found: tuple[Moment, ...], made: Programme) -> int:
    """Proposals that a planted strong passage overlaps by half or more of itself."""
    return sum(any(min(m.end, b) - max(m.start, a) >= 0.5 * (b - a) for a, b in made.strong) for m in found)


def _on_sentences(finder: Finder, found: tuple[Moment, ...]) -> float:
    starts, ends = {s.start for s in finder.talk.sentences}, {s[-1] for s in finder.talk.sentences}
    good = [run.start in starts and run[-1] in ends for m in found for run in m.passage]
    return float(np.mean(good))


def _on_demo(found: tuple[Moment, ...], analysis: Analysis) -> int:
    """Proposals that hold one of the demo's strong lines."""
    texts = [" ".join(analysis.words[i].bare for i in m.words) for m in found]
    wanted = [" ".join(w.strip(".,").lower() for w in line.split()[:4]) for line in DEMO_STRONG]
    return sum(any(w in text for w in wanted) for text in texts)
