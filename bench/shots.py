"""Changes of shot against the truth of each set: cuts, dissolves, fades, wipes; flashes and whip pans are none."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from bench.row import Row
from bench.sets import SETS, scenes_of
from standtall.base.time import TICKS_PER_SECOND


def run() -> Iterator[Row]:
    for name in SETS:
        hits = true = found = 0
        off: list[float] = []
        for scene in scenes_of(name):
            changes = [
                (cut["at"], 2 if cut["kind"] == "cut" else max(5, cut["frames"] / 2), cut["kind"]) for cut in scene.truth["cuts"]
            ]
            ours = [s.start * scene.truth["rate"] / TICKS_PER_SECOND for s in scene.analysis.people.shots[1:]]
            left = list(ours)
            for at, slack, kind in changes:
                near = min(left, key=lambda x: abs(x - at), default=None)
                if near is not None and abs(near - at) <= slack:
                    left.remove(near)
                    hits += 1
                    if kind != "cut":
                        off.append(abs(near - at))
                else:
                    print(f"  {name}: {scene.name}: missed the {kind} at frame {at}")
            if left:
                print(f"  {name}: {scene.name}: none is at {[round(x) for x in left]}")
            true, found = true + len(changes), found + len(ours)
        yield Row(f"{name}: changes of shot found", hits / max(1, true), "share", ">= 0.98")
        yield Row(f"{name}: right among those found", hits / max(1, found), "share", ">= 0.98")
        if off:
            yield Row(f"{name}: gradual changes, furthest from their middle", float(np.max(off)), "frames", "<= 5")
