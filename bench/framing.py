"""The camera on the demo against the truth that was written when it was drawn."""

from __future__ import annotations

import time
from collections.abc import Iterator

from bench.demo import demo, truth
from bench.row import Row
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.framing.camera import plan
from standtall.model.cut import Segment
from standtall.model.short import Short


def run() -> Iterator[Row]:
    source, analysis = demo()
    true = truth()
    began = time.perf_counter()
    camera = plan(Short.of("all", (Segment(source.key, 0, source.length),)), source, analysis.people)
    took = time.perf_counter() - began
    inside = heads = wrong = talking = still = outside = 0
    before = None
    for n in range(true["frames"]):
        crop = camera.at(round((n + 0.5) * TICKS_PER_SECOND / true["rate"])).crop
        outside += not Rect(0, 0, 1, 1).contains(crop, slack=1e-9)
        still += before is not None and abs(crop.x - before.x) < 0.001 and abs(crop.y - before.y) < 0.001
        before = crop
        people = {name: (Rect(*head), Rect(*face)) for name, head, face in true["people"][n]}
        speaker = true["speakers"][n]
        if speaker not in people:
            continue
        talking += 1
        head, face = (r.scaled(1 / source.width, 1 / source.height) for r in people[speaker])
        inside += crop.contains(face)
        heads += crop.contains(head, slack=0.005)
        others = (f.scaled(1 / source.width, 1 / source.height) for name, (_h, f) in people.items() if name != speaker)
        wrong += not crop.contains(face) and any(crop.contains(f) for f in others)
    yield Row("speaker's whole face inside the crop, of talking frames", inside / talking, "share", ">= 0.98")
    yield Row("speaker's whole head with hair inside the crop", heads / talking, "share")
    yield Row("wrong person in the crop, of talking time", wrong / talking, "share", "<= 0.03")
    yield Row("frames with a crop outside the picture", outside, "frames", "<= 0")
    yield Row("camera still (under 0.1 % of width a frame)", still / true["frames"], "share", ">= 0.60")
    yield Row("planning, of the length of the footage", took / (source.length / TICKS_PER_SECOND), "ratio")
