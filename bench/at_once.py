"""Eight shorts through the queue against eight bare encodes, both with as many at once as the program would begin."""

from __future__ import annotations

import tempfile
import threading
import time
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from dataclasses import replace
from pathlib import Path

from bench.demo import demo
from bench.rendering import bare
from bench.row import Row
from standtall.jobs.events import Ended, Event, Problem
from standtall.jobs.queue import JobQueue
from standtall.jobs.requests import RenderRequest, Request
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.session.render_request import render_request
from standtall.session.told import as_told, found_in

SHORTS, LENGTH_S, S = 8, 8, 48_000


def run() -> Iterator[Row]:
    source, raw = demo()
    found = found_in(raw)
    analysis = as_told(found.analysis, found.transcript)
    with tempfile.TemporaryDirectory() as folder:
        requests = []
        for n in range(SHORTS):
            start = (5 + 18 * n) * S
            short = Short.of(f"s{n}", (Segment(source.key, start, start + LENGTH_S * S),))
            requests.append(render_request(short, {source.key: (source, analysis)}, Path(folder) / f"{n}.mp4"))
        for most in (1, 2):
            taken = _queue(requests, most)
            began = time.monotonic()
            with ThreadPoolExecutor(most) as pool:
                list(pool.map(lambda n: bare(source.path, LENGTH_S, str(Path(folder) / f"bare{n}.mp4")), range(SHORTS)))
            plain = time.monotonic() - began
            goal = "<= 1.1" if most == 2 else ""
            yield Row(f"eight shorts of {LENGTH_S} s, {most} at once, proof and all, of bare encodes as many at once", taken / plain, "ratio", goal)
            yield Row(f"the same, {most} at once", taken, "s")


def _queue(requests: list[RenderRequest], most: int) -> float:
    """Seconds until all have ended; raises where one failed."""
    left, done, wrong = [len(requests)], threading.Event(), []

    def heard(_number: int, _request: Request, event: Event) -> None:
        if isinstance(event, Problem):
            wrong.append(event.message)
        if isinstance(event, Ended):
            left[0] -= 1
            if left[0] == 0:
                done.set()

    queue = JobQueue(heard)
    queue.at_once("render", most)
    began = time.monotonic()
    for request in requests:
        queue.ask(replace(request))
    done.wait()
    taken = time.monotonic() - began
    queue.close()
    if wrong:
        raise SystemExit(f"A render failed: {wrong[0]}")
    return taken
