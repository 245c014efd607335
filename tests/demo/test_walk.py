"""The second piece of demo footage: the shipped file shows what its truth says, and the program sees it so."""

from __future__ import annotations

from collections import Counter
from typing import Any

import numpy as np
import pytest

from standtall.base.geometry import Rect
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.dialogue import FRAME_RATE
from standtall.demo.programme import after
from standtall.demo.programme import truth as demo_truth
from standtall.demo.walk import DISSOLVE, LINES, Walk
from standtall.framing.camera import plan
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.reader import PictureReader
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.source import Source
from standtall.people.shake import measure_shake
from standtall.session.analyse import Options, known
from standtall.session.demo_project import open_demo

S = TICKS_PER_SECOND


@pytest.fixture(scope="module")
def true() -> dict[str, Any]:
    return demo_truth("after")


@pytest.fixture
def source() -> Source:
    return probe(after())


@pytest.fixture
def found(source: Source) -> Analysis:
    """The shipped analysis, which opens with the demo."""
    cache = AnalysisCache()
    open_demo(cache)
    analysis = known(source, Options(), cache)
    assert analysis is not None
    return analysis


def test_the_shipped_picture_is_what_this_code_draws(text_engine: None, source: Source, true: dict[str, Any]) -> None:
    walk = Walk()
    assert walk.frames == true["frames"]
    with PictureReader(source.path) as reader:
        for n in (40, 300, walk.starts[1], 700, 930):
            drawn, people = walk.frame(n)
            shown = reader.at(round((n + 0.5) * S / FRAME_RATE)).y.astype(float)
            luma = 16 + 219 / 255 * (drawn.astype(float) @ np.array([0.2126, 0.7152, 0.0722]))
            assert np.abs(shown - luma).mean() < 3, n
            assert [[who, [round(v) for v in d.face]] for who, d in people] == [
                [who, face] for who, _h, face in true["people"][n]
            ]


def test_what_is_said_is_taken_out_of_the_programme(true: dict[str, Any]) -> None:
    assert len(true["lines"]) == len(LINES)
    spans = [(line["words"][0][1], line["words"][-1][2]) for line in true["lines"]]
    assert all(a[1] < b[0] for a, b in zip(spans, spans[1:], strict=False)), "nobody interrupts"


def test_shots_people_and_the_screen_are_seen_as_they_are(found: Analysis, source: Source, true: dict[str, Any]) -> None:
    people = found.people
    starts = [s.start * FRAME_RATE / S for s in people.shots[1:]]
    assert len(starts) == 2, "the slide that changes is no cut"
    assert abs(starts[0] - true["cuts"][0]) <= DISSOLVE / 4
    assert abs(starts[1] - true["cuts"][1]) <= 0.5
    assert len({t.person for t in people.tracks}) == 3
    pairs: Counter[tuple[int, str]] = Counter()
    for track in people.tracks:
        for sample in track.samples:
            n = min(true["frames"] - 1, sample.at * FRAME_RATE // S)
            boxes = {name: Rect(*box).scaled(1 / 1920, 1 / 1080) for name, _h, box in true["people"][n]}
            pairs[track.person, max(boxes, key=lambda name: boxes[name].overlap(sample.rect))] += 1
    best_of = {person: max((c, name) for (p, name), c in pairs.items() if p == person)[1] for person, _ in pairs}
    assert sorted(best_of.values()) == ["marlow", "odile", "wren"]
    right = sum(c for (person, name), c in pairs.items() if best_of[person] == name)
    assert right >= 0.98 * sum(pairs.values()), "nobody is taken for another after they crossed"
    place = Rect(*true["screens"][1]).scaled(1 / 1920, 1 / 1080)
    assert any(r.rect.overlap(place) > 0.7 for r in people.screens)


def test_each_shot_is_framed_as_it_asks_for(found: Analysis, source: Source) -> None:
    short = Short.of("all", (Segment(source.key, 0, source.length),))
    camera = plan(short, source, found.people)
    assert [camera.at(t * S).layout for t in (3, 20, 30)] == ["follow", "screen", "follow"]


def test_its_shake_is_measured(source: Source, true: dict[str, Any]) -> None:
    first = true["cuts"][1]
    start = round(first * S / FRAME_RATE)
    shake = measure_shake(source, start, start + 2 * S, Progress())
    moved = np.stack([np.array(shake.x) * 1920, np.array(shake.y) * 1080], axis=1)
    there = np.array(true["shake"][first : first + len(moved)], float)
    assert np.abs(np.diff(moved, axis=0) - np.diff(there, axis=0)).mean() < 1.0
