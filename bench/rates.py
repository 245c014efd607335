"""Sound against picture over ten minutes, at rates in and out from 23.976 to 60: how far they part from the first to the last."""

from __future__ import annotations

import tempfile
from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np
from PySide6.QtGui import QGuiApplication

from bench.row import Row
from standtall.base.progress import Progress
from standtall.ink import engine
from standtall.media.planes import Planes
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.media.sound_reader import read_sound
from standtall.media.writer import MovieWriter
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.render.render import render
from standtall.session.composing import footage_for, worked_out

S, SECONDS, TURN_S = 48_000, 600, 10
WIDE, HIGH = 320, 180
PAIRS = ((Fraction(24_000, 1001), Fraction(30)), (Fraction(30_000, 1001), Fraction(0)), (Fraction(25), Fraction(60)), (Fraction(60_000, 1001), Fraction(24)),
         (Fraction(30), Fraction(25)), (Fraction(50), Fraction(30)), (Fraction(60), Fraction(0)))  # fmt: skip
"""Rates in and out; 0 is that of the footage."""


def film(path: Path, rate: Fraction) -> None:
    """A white bar that grows from the left to the right in each ten seconds, and a click at the start of each."""
    click = np.zeros(SECONDS * S, np.float32)
    for at in range(0, SECONDS * S, TURN_S * S):
        click[at : at + 480] = 0.5 * np.sin(2 * np.pi * 1000 * np.arange(480) / S)
    half = np.full((HIGH // 2, WIDE // 2), 128, np.uint8)
    with MovieWriter(path, WIDE, HIGH, rate, {"preset": "ultrafast", "crf": "14"}, sound=True) as writer:
        count = round(SECONDS * rate)
        for n in range(count):
            edge = (float((n + Fraction(1, 2)) / rate) % TURN_S) / TURN_S * WIDE  # a picture is of its middle
            row = 16 + 219 * np.clip(edge - np.arange(WIDE), 0, 1)
            writer.picture(Planes(np.broadcast_to(np.rint(row).astype(np.uint8), (HIGH, WIDE)).copy(), half, half))
            a, b = (round(k / rate * S) for k in (n, n + 1))
            writer.sound(np.stack([click[a:b]] * 2))


def parted_ms(path: Path) -> tuple[float, float]:
    """Picture against sound near the start and near the end, in ms."""
    rate = probe(path).rate
    heard = np.abs(read_sound(path, S, 1).reshape(-1))
    out = []
    for turn in (1, SECONDS // TURN_S - 1):
        near = turn * TURN_S * S
        part = heard[near - S : near + S]
        sound = (int(np.argmax(part > 0.3 * part.max())) - S) / S
        late = []
        with PictureReader(path) as reader:
            for seen in reader.walk((turn * TURN_S + 2) * S, (turn * TURN_S + 8) * S):
                share = (float(seen.planes().y.astype(np.float64).mean()) - 16) / 219
                middle = seen.tick / S + float(1 / (2 * rate))
                late.append((middle % TURN_S) - TURN_S * share)
        out.append(1000 * (float(np.mean(late)) - sound))
    return out[0], out[1]


def run() -> Iterator[Row]:
    _app = QGuiApplication.instance() or QGuiApplication([])
    engine.start()
    worst_change = worst_off = 0.0
    with tempfile.TemporaryDirectory() as folder:
        for rate_in, rate_out in PAIRS:
            source_path, out = Path(folder) / "in.mp4", Path(folder) / "out.mp4"
            film(source_path, rate_in)
            source = probe(source_path)
            short = Short.of("a", (Segment(source.key, 0, min(source.length, SECONDS * S)),))
            short = replace(short, output=replace(short.output, width=WIDE, height=HIGH, fps=rate_out),
                            sound=replace(short.sound, loudness=-24.0))  # fmt: skip
            analysis = Analysis(source.key)
            render(worked_out(short, footage_for(short, source, analysis)), out, Progress())
            first, last = parted_ms(out)
            print(f"  {float(rate_in):.3f} to {float(rate_out or rate_in):.3f} fps: {first:+.2f} ms at first, {last:+.2f} at last", flush=True)
            worst_change = max(worst_change, abs(last - first))
            worst_off = max(worst_off, abs(first), abs(last))
    yield Row("sound against picture over ten minutes: largest change", worst_change, "ms", "<= 10")
    yield Row("the same: farthest apart", worst_off, "ms")
