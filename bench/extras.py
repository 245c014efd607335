"""Extras: what a short with all of them costs to render and to play, pictures suggested by words."""

from __future__ import annotations

import tempfile
import time
from collections.abc import Iterator
from pathlib import Path

from tests.extras.test_suggestions import scored

from bench.demo import demo
from bench.every_extra import with_every_extra
from bench.layouts import TALK_AT_S, played
from bench.rendering import bare
from bench.row import Row
from standtall.base.progress import Progress
from standtall.ink import engine
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.render.render import render
from standtall.session.composing import footage_for, worked_out

S, ROUNDS, SECONDS = 48_000, 3, 20


def run() -> Iterator[Row]:
    engine.start()
    yield from _suggested()
    yield from _rendered()
    for line in played([("follow", TALK_AT_S, "broadsheet", "extras")]):
        kind, *rest = line.split()
        if kind == "played":
            yield Row("frames shown in time in the window with every extra", float(rest[1]), "share", ">= 0.95")


def _suggested() -> Iterator[Row]:
    """The sentences and their pictures were committed before the code; the words of the pictures were written after them, by the
    same hand; rules and weights were looked at on "tune" only."""
    for half in ("tune", "held"):
        right, chance = scored(half)
        yield Row(f"suggestions, {half}: the first one fits", right, "share", ">= 0.8")
        yield Row(f"suggestions, {half}: by chance", chance, "share")


def _rendered() -> Iterator[Row]:
    """Two pieces of ten seconds with every extra at once, beside a bare decode, crop, scale and encode of as many seconds."""
    source, analysis = demo()
    ratios, plains = [], []
    with tempfile.TemporaryDirectory() as folder:
        cut = (Segment(source.key, 16 * S, 26 * S), Segment(source.key, 100 * S, 110 * S))
        plain = Short.of("a", cut)
        short = with_every_extra(plain, source, Path(folder))
        for number in range(ROUNDS):
            times = []
            for one in (short, plain):
                began = time.perf_counter()
                made = worked_out(one, footage_for(one, source, analysis))
                render(made, Path(folder) / f"{number}.mp4", Progress())
                times.append((time.perf_counter() - began) / (one.length / S))
            reference = bare(source.path, SECONDS, f"{folder}/bare.mp4") / SECONDS
            ratios.append(times[0] / reference)
            plains.append(times[1] / reference)
    yield Row("render with every extra, of a bare encode, a second of each", sorted(ratios)[ROUNDS // 2], "ratio", "<= 1.35")
    yield Row("render of the same without extras, of a bare encode", sorted(plains)[ROUNDS // 2], "ratio")
