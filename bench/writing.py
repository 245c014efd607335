"""Writing and screens that are found, against the truth of each set (in the demo only the writing at the edges is written down)."""

from __future__ import annotations

from collections.abc import Iterator

from bench.row import Row
from bench.sets import SETS, scenes_of
from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND


def run() -> Iterator[Row]:
    for name in SETS:
        texts = found_texts = screens = found_screens = false_texts = false_screens = 0
        length = 0.0
        for scene in scenes_of(name):
            w, h = scene.truth["size"]
            length += scene.source.length / TICKS_PER_SECOND / 60
            for (first, last), lines, screen in zip(
                scene.truth["shots"], scene.truth["texts"], scene.truth["screens"], strict=True
            ):
                at = round((first + last) / 2 * TICKS_PER_SECOND / scene.truth["rate"])
                people = scene.analysis.people
                ours = [r.rect for r in people.texts if r.start <= at < r.end]
                shown = [r.rect for r in people.screens if r.start <= at < r.end]
                true = [Rect(*line).scaled(1 / w, 1 / h) for line in lines]
                texts += len(true)
                found_texts += sum(any(box.overlap(line) > 0.25 for box in ours) for line in true)
                on_chart = name == "demo" and (bool(true) or bool(shown))  # not all writing on its screens is in the truth
                false_texts += 0 if on_chart else sum(all(box.overlap(line) < 0.05 for line in true) for box in ours)
                if screen is not None:
                    place = Rect(*screen).scaled(1 / w, 1 / h)
                    screens += 1
                    found_screens += any(box.overlap(place) > 0.7 for box in shown)
                elif name != "demo":
                    false_screens += len(shown)
        if texts:
            yield Row(f"{name}: lines of writing found", found_texts / texts, "share", ">= 0.95")
        yield Row(f"{name}: lines that are none", false_texts / length, "a minute", "<= 1")
        if screens:
            yield Row(f"{name}: screens and charts found", found_screens / screens, "share", ">= 0.95")
        yield Row(f"{name}: screens that are none", false_screens / length, "a minute", "<= 1")
