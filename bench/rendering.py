"""Finished shorts of several kinds against a bare decode, crop, scale and encode of the same frames."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import imageio_ffmpeg
from PySide6.QtGui import QGuiApplication

from bench.demo import demo
from bench.every_extra import with_every_extra
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.layers.picture import PictureLayer
from standtall.ink import engine
from standtall.media.probe import probe
from standtall.model.cut import Segment
from standtall.model.form import Form
from standtall.model.framing_edits import set_layout
from standtall.model.source import Source
from standtall.render.render import options_of, render
from standtall.session.begin import Choice, short_of
from standtall.session.composing import footage_for, worked_out

ROUNDS, S = 3, TICKS_PER_SECOND
SECONDS = 20
"""Of each variant but the plain one."""
RICHEST = "sleeve"
"""The look that takes longest to draw (`bench captions`)."""

OURS = """
import resource, sys
from bench.rendering import ours
seconds = ours(sys.argv[1], sys.argv[2], sys.argv[3])
print(seconds, resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024)
"""


def made(kind: str, film: str = "", folder: Path = Path()) -> tuple[Composition, Source]:
    """A short of a kind ("plain", "richest", "whole", "extras", "small", "large") from the demo, or from a `film` like it."""
    source, analysis = demo()
    if film:
        source = probe(film)
        analysis = replace(analysis, source_key=source.key)
    seconds = 60 if kind == "plain" else SECONDS
    short = short_of(source, analysis, Choice(start=0, end=seconds * S))
    if kind == "richest":
        short = replace(short, captions=replace(short.captions, look=RICHEST))
    if kind == "whole":
        for shot in analysis.people.shots:
            short = set_layout(short, Segment(source.key, shot.start, shot.end), "whole").short
    if kind == "extras":
        short = with_every_extra(short, source, folder)
    if kind == "large":
        short = replace(short, output=replace(short.output, width=2160, height=3840))
    return worked_out(short, footage_for(short, source, analysis)), source


def ours(kind: str, film: str, out: str) -> float:
    """Render a short of a kind to `out`; -> seconds, with everything from the project to the checked file."""
    began = time.perf_counter()
    composition, _source = made(kind, film, Path(out).parent)
    render(composition, Path(out), Progress())
    return time.perf_counter() - began


def bare(path: str, length_s: float, out: str, crops: Crops | None = None, size: tuple[int, int] = (1080, 1920), start_s: float = 0.0) -> float:  # fmt: skip
    """The reference command line: decode, crop, scale, encode with the same settings, sound included; -> seconds. With `crops` it
    cuts out of each picture what ours does, so that both encode the same frames; else one window that stands still."""
    q = options_of(Form())
    chain = f"crop=608:1080:600:0,scale={size[0]}:{size[1]}:flags=bicubic"
    if crops is not None:
        told = Path(out).with_suffix(".crops")
        told.write_text("".join(f"{at:.4f} " + ", ".join(f"crop@c {k} {v}" for k, v in zip("whxy", box, strict=True)) + ";\n"
                                for at, box in crops))  # fmt: skip
        w, h, x, y = crops[0][1]
        chain = f"sendcmd=f={told},crop@c={w}:{h}:{x}:{y},scale={size[0]}:{size[1]}:flags=bicubic"
    command = [imageio_ffmpeg.get_ffmpeg_exe(), "-hide_banner", "-loglevel", "error", "-y", "-ss", f"{start_s:.4f}", "-t", str(length_s), "-i", path,
               "-vf", chain, "-c:v", "libx264", "-preset", q["preset"],
               "-crf", q["crf"], "-profile:v", "high", "-bf", "2", "-rc-lookahead", "12", "-partitions", q["partitions"], "-pix_fmt", "yuv420p", "-c:a", "aac", "-b:a", "192k",
               "-movflags", "+faststart", out]  # fmt: skip
    began = time.perf_counter()
    subprocess.run(command, check=True)
    return time.perf_counter() - began


Crops = list[tuple[float, tuple[int, int, int, int]]]
"""From each time in seconds on: width, height, left and upper side of what is cut out, in pixels of the footage."""


def crops_of(composition: Composition) -> Crops:
    """What each frame of a short of one whole piece cuts out of the footage, where that changes."""
    source = next(iter(composition.footage.values())).source
    out: Crops = []
    for number in range(composition.frames):
        layer = next(k for k in composition.frame(number).layers if isinstance(k, PictureLayer))
        c = layer.crop
        w, h = round(c.w * source.width / 2) * 2, round(c.h * source.height / 2) * 2
        box = (w, h, min(source.width - w, round(c.x * source.width)), min(source.height - h, round(c.y * source.height)))
        if not out or out[-1][1] != box:
            out.append((number / float(composition.fps), box))
    return out


def run() -> Iterator[Row]:
    _app = QGuiApplication.instance() or QGuiApplication([])
    engine.start()
    with tempfile.TemporaryDirectory() as folder:
        ratio, peak, plain = _beside("plain", "", Path(folder), ROUNDS)
        yield Row("a finished 60 s short, plain captions on a crop, of a bare encode of the same frames", ratio, "ratio", "<= 1.10")
        yield Row("bare encode, of the length", plain, "ratio")
        yield Row("peak memory of the render, 1080p", peak, "MB", "<= 700")
        for kind, told, goal in (("richest", "the richest look", "1.18"), ("whole", "whole on its blur", "1.25"),
                                 ("extras", "every extra", "1.35")):  # fmt: skip
            ratio, peak, _plain = _beside(kind, "", Path(folder), ROUNDS)
            yield Row(f"{told}, {SECONDS} s, of a bare encode of a crop of the same seconds", ratio, "ratio", f"<= {goal}")
        film = _larger(Path(folder))
        for kind, told in (("small", "4K to 1080 x 1920"), ("large", "4K to 2160 x 3840")):
            ratio, peak, _plain = _beside(kind, film, Path(folder), ROUNDS)
            yield Row(f"{told}, {SECONDS} s, of a bare encode of the same frames", ratio, "ratio", "<= 1.15")
            yield Row(f"peak memory, {told}", peak, "MB", "<= 1500")


def _beside(kind: str, film: str, folder: Path, rounds: int) -> tuple[float, float, float]:
    """-> wall time of a render, of a bare encode, in the middle of some rounds; its peak memory in MB; seconds of the bare encode
    for each second of the film."""
    still = "plain" if kind in ("whole", "extras", "richest") else kind
    composition, source = made(still, film, folder)
    crops, ratios, memory, bares = crops_of(composition), [], 0.0, []
    output, first = composition.short.output, composition.short.segments[0].start / S
    for number in range(rounds):
        out = f"{folder}/ours{number}.mp4"
        done = subprocess.run([sys.executable, "-c", OURS, kind, film, out], capture_output=True, text=True, check=True,
                              env={**os.environ, "PYTHONPATH": "."})  # fmt: skip
        seconds, peak = (float(v) for v in done.stdout.split()[-2:])
        length = probe(out).length / S
        bares.append(bare(source.path, length, f"{folder}/bare.mp4", crops, (output.width, output.height), first) / length)
        ratios.append(seconds / length / bares[-1])
        memory = max(memory, peak)
    print(f"  {kind}: {', '.join(f'{r:.3f}' for r in ratios)}", flush=True)
    return sorted(ratios)[rounds // 2], memory, sorted(bares)[rounds // 2]


def _larger(folder: Path) -> str:
    """The first seconds of the demo's programme at four times as many pixels."""
    film = f"{folder}/larger.mp4"
    command = [imageio_ffmpeg.get_ffmpeg_exe(), "-v", "error", "-y", "-t", str(SECONDS + 10), "-i", demo()[0].path, "-vf",
               "scale=3840:2160:flags=bicubic", "-c:v", "libx264", "-preset", "faster", "-crf", "20", "-c:a", "copy", film]  # fmt: skip
    subprocess.run(command, check=True)
    return film
