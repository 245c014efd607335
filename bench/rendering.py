"""A filled 60 s short with captions against a bare decode, crop, scale and encode of the same frames."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from pathlib import Path

import imageio_ffmpeg

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.probe import probe
from standtall.model.form import Form
from standtall.render.render import options_of, render
from standtall.session.begin import Choice, short_of
from standtall.session.composing import footage_for, worked_out

ROUNDS = 3

OURS = """
import resource, sys, time
from bench.rendering import ours
seconds = ours(sys.argv[1])
print(seconds, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024)
"""


def ours(out: str) -> float:
    """Render the short to `out`; -> seconds, with everything from the project to the checked file."""
    source, analysis = demo()
    began = time.perf_counter()
    short = short_of(source, analysis, Choice(start=0, end=60 * TICKS_PER_SECOND))
    render(worked_out(short, footage_for(short, source, analysis)), Path(out), Progress())
    return time.perf_counter() - began


def bare(path: str, length_s: float, out: str) -> float:
    """The reference command line: decode, crop, scale, encode with the same settings, sound included."""
    q = options_of(Form())
    command = [imageio_ffmpeg.get_ffmpeg_exe(), "-hide_banner", "-loglevel", "error", "-y", "-t", str(length_s), "-i", path,
               "-vf", "crop=608:1080:600:0,scale=1080:1920:flags=bicubic", "-c:v", "libx264", "-preset", q["preset"],
               "-crf", q["crf"], "-profile:v", "high", "-bf", "2", "-rc-lookahead", "12", "-pix_fmt", "yuv420p", "-c:a", "aac", "-b:a", "192k",
               "-movflags", "+faststart", out]  # fmt: skip
    began = time.perf_counter()
    subprocess.run(command, check=True)
    return time.perf_counter() - began


def run() -> Iterator[Row]:
    source, _analysis = demo()
    ratios, memory, plain = [], 0.0, []
    with tempfile.TemporaryDirectory() as folder:
        for number in range(ROUNDS):
            out = f"{folder}/ours{number}.mp4"
            run_ours = subprocess.run(
                [sys.executable, "-c", OURS, out],
                capture_output=True,
                text=True,
                check=True,
                env={**os.environ, "PYTHONPATH": "."},
            )
            seconds, peak = (float(v) for v in run_ours.stdout.split()[-2:])
            length = probe(out).length / TICKS_PER_SECOND
            plain.append(bare(source.path, length, f"{folder}/bare.mp4"))
            ratios.append(seconds / plain[-1])
            memory = max(memory, peak)
    ratios.sort()
    yield Row("wall time of a finished 60 s short, of a bare encode", ratios[len(ratios) // 2], "ratio", "<= 1.25")
    yield Row("bare encode, of the length", plain[0] / length, "ratio")
    yield Row("peak memory of the render", memory, "MB", "<= 700")
