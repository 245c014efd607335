"""What is foretold of ten different shorts against what they cost, and the proof against the render it follows."""

from __future__ import annotations

import tempfile
import time
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import numpy as np
from PySide6.QtGui import QGuiApplication

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.compose.soundtrack.mixdown import soundtrack
from standtall.ink import engine
from standtall.jobs.requests import RenderRequest
from standtall.model.cut import Segment
from standtall.model.form import Form
from standtall.model.short import Short
from standtall.render.proving import proved
from standtall.render.render import render
from standtall.session.before_render import composition_of
from standtall.session.foretell import foretold
from standtall.session.render_request import render_request
from standtall.session.told import as_told, found_in

S = 48_000
CASES: tuple[tuple[tuple[int, int], int, Form], ...] = (
    ((10, 24), 1080, Form()),
    ((30, 52), 1080, Form()),
    ((60, 75), 720, Form(quality="small")),
    ((80, 110), 720, Form()),
    ((95, 109), 1080, Form(quality="best")),
    ((5, 19), 720, Form(codec="hevc")),
    ((40, 52), 1080, Form(bit_rate=4000)),
    ((12, 42), 720, Form(quality="best")),
    ((70, 84), 1080, Form(quality="small")),
    ((100, 118), 720, Form(codec="vp9")),
)
"""Seconds of the demo, pixels across, form."""


def run() -> Iterator[Row]:
    _app = QGuiApplication.instance() or QGuiApplication([])
    engine.start()
    sizes, times, proofs, off = [], [], [], 0
    with tempfile.TemporaryDirectory() as folder:
        for number, request in enumerate(_requests(Path(folder))):
            size, seconds = foretold(request, Progress())
            composition = composition_of(request)
            out = Path(request.out)
            began = time.monotonic()
            render(composition, out, Progress(), request.form)
            drawn = time.monotonic() - began
            track = soundtrack(composition, Progress())
            began = time.monotonic()
            off += sum(not f.right for f in proved(out, composition, track, Progress()))
            proof = time.monotonic() - began
            sizes.append(size / out.stat().st_size - 1)
            times.append(seconds / (drawn + proof) - 1)
            proofs.append(proof / drawn)
            print(f"  {number}: size {sizes[-1]:+.3f}, time {times[-1]:+.3f}, proof {proofs[-1]:.2f}", flush=True)
    yield Row("ten shorts: size foretold, farthest off", float(np.abs(sizes).max()), "share", "<= 0.10")
    yield Row("ten shorts: size foretold, in the middle", float(np.median(np.abs(sizes))), "share")
    yield Row("ten shorts: time foretold, farthest off", float(np.abs(times).max()), "share", "<= 0.25")
    yield Row("ten shorts: time foretold, in the middle", float(np.median(np.abs(times))), "share")
    yield Row("proof, of the time of its render", float(np.median(proofs)), "ratio")
    yield Row("points of ten right renders that are called wrong", off, "", "<= 0")


def _requests(folder: Path) -> Iterator[RenderRequest]:
    source, raw = demo()
    found = found_in(raw)
    analysis = as_told(found.analysis, found.transcript)
    for number, ((start, end), width, form) in enumerate(CASES):
        short = Short.of(f"short {number}", (Segment(source.key, start * S, end * S),))
        short = replace(short, output=replace(short.output, width=width, height=width * 16 // 9))
        out = folder / f"{number}{form.ending}"
        yield replace(render_request(short, {source.key: (source, analysis)}, out), form=form)
