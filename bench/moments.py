"""Moments: the ranking against planted passages, speed and memory for hours of words, and a strike in four hours of them."""

from __future__ import annotations

import time
import tracemalloc
from collections.abc import Iterator

import numpy as np

from bench.demo import demo
from bench.programme import Programme, programme
from bench.row import Row
from bench.talks import JUDGED, TUNING, talked
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.analysis import Analysis
from standtall.model.moment import Moment
from standtall.moments.finder import Finder, Wish
from standtall.session.told import as_told, found_in

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
    yield from _talks()
    _source, raw = demo()
    told = found_in(raw)
    analysis = as_told(told.analysis, told.transcript)
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


def judged(name: str) -> tuple[int, int, int, int, int, int, int, int]:
    """Of the first proposals in a talk: strong passages that were met, how many there are, proposals that met one, and of those
    the starts that are exact and within one sentence, the same of ends; proposals with a greeting or notice."""
    made = talked(name)
    finder = Finder(made.analysis)
    numbers = finder.talk.sentence_of
    met, off, notices = set(), [], 0
    for moment in finder.find(Wish(20, 60, FIRST)):
        words = set(moment.words)
        notices += any(words & set(house) for house in made.house)
        best = max(range(len(made.strong)), key=lambda n: len(words & set(made.strong[n])))
        strong = made.strong[best]
        if len(words & set(strong)) >= 0.5 * max(len(strong), len(words)):
            met.add(best)
            off.append([abs(int(numbers[a]) - int(numbers[b])) for a, b in ((moment.first, strong.start), (moment.last, strong[-1]))])
    near = [sum(o[edge] <= most for o in off) for edge in (0, 1) for most in (0, 1)]
    return len(met), len(made.strong), len(off), near[0], near[1], near[2], near[3], notices


def _talks() -> Iterator[Row]:
    """Talks of over ten minutes, written before the rules, and those that teach: all of these together."""
    for name in JUDGED:
        met, strong, hits, start, start_near, end, end_near, notices = judged(name)
        said = f"{name} ({talked(name).analysis.words[-1].end / TICKS_PER_SECOND / 60:.1f} min)"
        yield Row(f"{said}: strong passages met by the first {FIRST}, of {strong}", met, "", f">= {strong}")
        for edge, exact, near in (("starts", start, start_near), ("ends", end, end_near)):
            yield Row(f"{said}: {edge} exact", exact / max(1, hits), "", ">= 0.8")
            yield Row(f"{said}: {edge} within one sentence", near / max(1, hits), "", ">= 0.95")
        yield Row(f"{said}: with a greeting or notice", notices, "", "<= 0")
    total = np.sum([judged(name) for name in TUNING], axis=0)
    yield Row(f"talks that teach: strong passages met, of {total[1]}", int(total[0]), "")
    yield Row("talks that teach: starts exact", total[3] / total[2], "")
    yield Row("talks that teach: ends exact", total[5] / total[2], "")


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
