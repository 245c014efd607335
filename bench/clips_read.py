"""Finished clips whose sound was replaced, found by the captions in their picture."""

from __future__ import annotations

import tempfile
import time
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import av
import numpy as np

from bench.demo import demo
from bench.row import Row
from bench.talks import talked
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.ink import engine
from standtall.library.cache import AnalysisCache
from standtall.library.looks import LOOKS
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.look import Look
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.render.render import render
from standtall.session.analysis_tasks import HeardWords
from standtall.session.clips import ClipFinder
from standtall.session.composing import footage_for, worked_out

SECONDS, EVERY_S, FIRST_S = 15, 7, 12
NEAR_S = 1.0
"""What one goes to is then in view: captions tell when a card begins, not when a word does."""
WIDE = 720


def run() -> Iterator[Row]:
    """A clip in each look, each of another passage; then passages whose captions say what nobody said here."""
    engine.start()
    source, analysis = demo()
    looks = LOOKS.load().values
    with tempfile.TemporaryDirectory() as folder:
        cache = AnalysisCache(Path(folder) / "cache")
        cache.keep(source.key, "words", HeardWords(analysis.words, "en"), "x")
        finder = ClipFinder([source], Progress(), cache)
        found, off, covered, took = [], [], [], 0.0
        for number, look in enumerate(looks):
            at = FIRST_S + EVERY_S * number
            clip = _clip(source, analysis, look, at, Path(folder) / f"{look.name}.mp4")
            began = time.monotonic()
            traced = finder.locate(clip)
            took += time.monotonic() - began
            covered.append(traced.covered / (SECONDS * TICKS_PER_SECOND))
            places = [abs(seconds(p.start - p.clip_start) - at) for p in traced.pieces]
            off += places
            if places and max(places) <= NEAR_S:
                found.append(look.name)
        missed = ", ".join(k.name for k in looks if k.name not in found) or "none"
        yield Row(f"silent clips found by what is read, of {len(looks)} looks (not found: {missed})", len(found), "", f">= {len(looks)}")
        yield Row("  of each that was given a place, in the middle", float(np.median(covered)), "share")
        yield Row("  farthest that a piece lies off", max(off, default=99.0), "s", f"<= {NEAR_S}")
        yield Row("  time for a second of a clip", took / (len(looks) * SECONDS), "s")
        false = 0
        for name in ("lecture", "banter"):
            words = talked(name).analysis.words
            other = replace(analysis, words=words)
            for number, look in enumerate(looks[:5]):
                start = 20 + 60 * number
                false += bool(finder.locate(_clip(source, other, look, start, Path(folder) / f"{name}{number}.mp4")).pieces)
        yield Row("  strangers found, of 10", false, "", "<= 0")


def _clip(source: Source, analysis: Analysis, look: Look, at_s: int, path: Path) -> Path:
    """The picture alone of a passage with its captions."""
    start = at_s % round(seconds(source.length) - SECONDS) * TICKS_PER_SECOND
    moved = tuple(
        replace(w, start=w.start - at_s * TICKS_PER_SECOND + start, end=w.end - at_s * TICKS_PER_SECOND + start)
        for w in analysis.words if w.start >= at_s * TICKS_PER_SECOND - start
    )  # fmt: skip
    said = replace(analysis, words=moved) if start != at_s * TICKS_PER_SECOND else analysis
    short = Short.of("a", (Segment(source.key, start, start + SECONDS * TICKS_PER_SECOND),))
    output = replace(short.output, width=WIDE, height=WIDE * 16 // 9)
    short = replace(short, output=output, captions=replace(short.captions, look=look.name, shown=True))
    whole = path.with_name(f"whole {path.name}")
    render(worked_out(short, footage_for(short, source, said), look), whole, Progress())
    with av.open(str(whole)) as read, av.open(str(path), "w") as written:
        picture = read.streams.video[0]
        copy = written.add_stream_from_template(picture)
        for packet in read.demux(picture):
            if packet.dts is not None:
                packet.stream = copy
                written.mux(packet)
    return path
