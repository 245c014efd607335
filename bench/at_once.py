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
from bench.rendering import bare, crops_of
from bench.row import Row
from standtall.jobs.events import Ended, Event, Problem, Progressed
from standtall.jobs.queue import JobQueue
from standtall.jobs.requests import RenderRequest, Request
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.session.composing import footage_for, worked_out
from standtall.session.render_request import render_request
from standtall.session.told import as_told, found_in

SHORTS, LENGTH_S, MOST, S = 8, 30, 2, 48_000
"""A short is rarely under half a minute."""


def run() -> Iterator[Row]:
    source, raw = demo()
    found = found_in(raw)
    analysis = as_told(found.analysis, found.transcript)
    with tempfile.TemporaryDirectory() as folder:
        requests, crops = [], []
        for n in range(SHORTS):
            start = (5 + 18 * n) * S
            short = Short.of(f"s{n}", (Segment(source.key, start, start + LENGTH_S * S),))
            requests.append(render_request(short, {source.key: (source, analysis)}, Path(folder) / f"{n}.mp4"))
            crops.append(crops_of(worked_out(short, footage_for(short, source, analysis))))

        def bares(some: range) -> float:
            began = time.monotonic()
            with ThreadPoolExecutor(MOST) as pool:
                list(pool.map(lambda n: bare(source.path, LENGTH_S, str(Path(folder) / f"bare{n}.mp4"), crops[n], start_s=5 + 18 * n), some))
            return time.monotonic() - began

        first, second = range(SHORTS // 2), range(SHORTS // 2, SHORTS)  # ours, bare, bare, ours: the machine is not as fast at all times
        taken, proofs = _queue([requests[n] for n in first])
        plain = bares(first) + bares(second)
        more, more_proofs = _queue([requests[n] for n in second])
        taken, proofs = taken + more, proofs + more_proofs
        told = f"eight shorts of {LENGTH_S} s, {MOST} at once, start of the process and all"
        yield Row(f"{told} but the proof, of bare encodes as many at once", (taken - proofs / MOST) / plain, "ratio", "<= 1.1")
        yield Row("the same with the proof", taken / plain, "ratio", "")
        yield Row("the same with the proof", taken, "s")


def _queue(requests: list[RenderRequest]) -> tuple[float, float]:
    """Seconds until all have ended, and the seconds of all proofs together; raises where one failed."""
    left, done, wrong = [len(requests)], threading.Event(), []
    begun: dict[int, float] = {}
    proofs: list[float] = []

    def heard(number: int, _request: Request, event: Event) -> None:
        if isinstance(event, Progressed) and event.stage == "proof":
            begun.setdefault(number, time.monotonic())
        if isinstance(event, Problem):
            wrong.append(event.message)
        if isinstance(event, Ended):
            if number in begun:  # else it failed before
                proofs.append(time.monotonic() - begun[number])
            left[0] -= 1
            if left[0] == 0:
                done.set()

    queue = JobQueue(heard)
    queue.at_once("render", MOST)
    began = time.monotonic()
    for request in requests:
        queue.ask(replace(request))
    done.wait()
    taken = time.monotonic() - began
    queue.close()
    if wrong:
        raise SystemExit(f"A render failed: {wrong[0]}")
    return taken, sum(proofs)
