"""Random cuts through OpenTimelineIO and EDL and back, at every rate."""

from __future__ import annotations

import random
import tempfile
from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path

from tests.exchange.test_cuts import random_cut, sources

from bench.row import Row
from standtall.base.timecode import RATES, can_drop, frame_of
from standtall.exchange.edl import edl_text, read_edl
from standtall.exchange.otio import otio_text, read_otio
from standtall.session.cuts_in import brought_in

S, CUTS = 48_000, 200


def run() -> Iterator[Row]:
    dice = random.Random(15)
    kinds = [(r, d) for r in RATES for d in (False, True) if can_drop(r) or not d]
    exact = to_the_frame = 0
    with tempfile.TemporaryDirectory() as folder:
        for number in range(CUTS):
            rate, drop = kinds[number % len(kinds)]
            first = dice.choice([0, frame_of("10:00:00:00", rate, drop)])
            cut = random_cut(dice, rate, False, drop, first)
            path = Path(folder) / "a.otio"
            path.write_text(otio_text(cut))
            (short,) = brought_in(read_otio(path), sources(rate, drop, first)).shorts
            exact += [(s.source, s.start, s.end) for s in short.segments] == [(c.file.key, c.start, c.end) for c in cut.clips]
            cut = random_cut(dice, rate, True, drop, first)
            path = Path(folder) / "a.edl"
            path.write_text(edl_text(cut))
            (short,) = brought_in(read_edl(path, rate), sources(rate, drop, first)).shorts
            wanted = [(c.file.key, *_frames(c.start, c.end, rate)) for c in cut.clips]
            to_the_frame += [(s.source, *_frames(s.start, s.end, rate)) for s in short.segments] == wanted
    yield Row(f"exchange: of {CUTS} random cuts back exactly through OpenTimelineIO", exact, "count", f">= {CUTS}")
    yield Row("exchange: the same to the frame through EDL, at ten counts", to_the_frame, "count", f">= {CUTS}")


def _frames(start: int, end: int, rate: Fraction) -> tuple[int, int]:
    return round(Fraction(start, S) * rate), round(Fraction(end, S) * rate)
