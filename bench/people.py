"""Who is seen: faces found, kept apart and known again, against the truth of each set."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator

from bench.row import Row
from bench.sets import SETS, Scene, scenes_of
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND

SMALLEST_FACE = 40
"""Pixels of width from which a face is to be found."""


def run() -> Iterator[Row]:
    for name in SETS:
        right = seen = there = false = samples = 0
        counts: list[tuple[str, int, int]] = []
        for scene in scenes_of(name):
            pairs, faces, found, astray = matched(scene)
            best = one_to_one(pairs)
            good = sum(count for (who, person), count in pairs.items() if best.get(person) == who)
            right, seen, there, false, samples = (
                right + good,
                seen + sum(pairs.values()),
                there + faces,
                false + astray,
                samples + found,
            )
            true = {who for here in scene.truth["people"] for who, *_ in here}
            counts.append((scene.name, len(true), len({t.person for t in scene.analysis.people.tracks})))
            if good < 0.98 * sum(pairs.values()) or counts[-1][1] != counts[-1][2]:
                print(
                    f"  {name}: {scene.name}: {good / max(1, sum(pairs.values())):.3f} right, {counts[-1][2]} people of {counts[-1][1]}; {dict(pairs)}"
                )
        yield Row(f"{name}: face samples given to the right person", right / max(1, seen), "share", ">= 0.98")
        yield Row(f"{name}: faces that were found, of all from {SMALLEST_FACE} px", seen / max(1, there), "share")
        yield Row(f"{name}: faces found where nobody is", false / max(1, samples), "share")
        yield Row(
            f"{name}: scenes with the right number of people", sum(a == b for _, a, b in counts) / len(counts), "share", ">= 1"
        )


def matched(scene: Scene) -> tuple[Counter[tuple[str, int]], int, int, int]:
    """-> (how often each true person was found as each person; true faces looked at; faces found; of those, astray)."""
    pairs: Counter[tuple[str, int]] = Counter()
    faces = found = astray = 0
    people = scene.analysis.people
    w, h = scene.source.width, scene.source.height
    for n in range(0, scene.truth["frames"], 5):
        tick = round((n + 0.5) * TICKS_PER_SECOND / scene.truth["rate"])
        here = {who: Rect(*face).scaled(1 / w, 1 / h) for who, _head, face in scene.truth["people"][n]}
        here = {who: face for who, face in here.items() if face.cx > 0.01 and face.cx < 0.99 and face.w * w >= SMALLEST_FACE}
        faces += len(here)
        boxes = [(t.person, t.at(tick)) for t in people.tracks_in(people.shot_at(tick))] if people.shots else []
        for person, box in boxes:
            if box is None:
                continue
            found += 1
            near = max(here, key=lambda who: box.overlap(here[who]), default=None)
            if near is None or box.overlap(here[near]) < 0.25:
                astray += 1
                continue
            pairs[near, person] += 1
    return pairs, faces, found, astray


def one_to_one(pairs: Counter[tuple[str, int]]) -> dict[int, str]:
    out: dict[int, str] = {}
    for (who, person), _count in pairs.most_common():
        if person not in out and who not in out.values():
            out[person] = who
    return out
