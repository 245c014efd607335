"""People told from what is behind them: a drawing whose people are known, the guided filter, and whether a passage can be used."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np
import pytest
from bench.scenes.script import SCENES
from bench.silhouettes import pictures

from standtall.base.errors import NothingToDo
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.media.planes import Planes
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.extras import Cutaway
from standtall.model.people import People
from standtall.model.source import Source
from standtall.people.silhouettes import REACH, Silhouettes, guided
from standtall.session.behind_people import told_apart
from tests.helpers import composed, small_short

S = 48_000


def test_people_are_told_from_a_drawn_room(monkeypatch: pytest.MonkeyPatch) -> None:
    """A scene of the bench, whose people can be left out of the picture."""
    monkeypatch.setattr("bench.silhouettes.SCENES", tuple(s for s in SCENES if s.name == "slides"))
    monkeypatch.setattr("bench.silhouettes.MOMENTS", (0.13,))
    ((_name, picture, truth),) = pictures(True)
    found = Silhouettes().cover(picture)
    assert found.shape == truth.shape
    assert found.dtype == np.float32
    assert (found.min(), found.max()) == (0.0, 1.0)
    told = found > 0.5
    assert (told & truth).sum() / (told | truth).sum() > 0.9


def test_where_nobody_is_nobody_is_told() -> None:
    grey = Planes(np.full((480, 270), 120, np.uint8), *(np.full((240, 135), 128, np.uint8) for _ in range(2)))
    assert Silhouettes().cover(grey).mean() < 0.05


def test_a_mask_is_led_along_the_edge_of_its_guide() -> None:
    """A soft edge beside a sharp one goes to it; where the guide is even the mask is only smoothed (He, Sun, Tang 2013)."""
    guide = np.zeros((60, 80), np.float32)
    guide[:, 40:] = 1.0
    soft = np.clip((np.arange(80, dtype=np.float32) - 34) / 12, 0, 1)[None].repeat(60, axis=0)
    led = guided(guide, soft)
    assert led[30, 40] - led[30, 39] > 3 * (soft[30, 40] - soft[30, 39])
    even = guided(np.full_like(guide, 0.5), soft)
    twice = cv2.blur(cv2.blur(soft, (2 * REACH + 1,) * 2), (2 * REACH + 1,) * 2)
    assert np.abs(even - twice)[:, 12:-12].max() < 1e-3


@pytest.fixture
def talk(demo_source: Source, demo_analysis: Analysis) -> Composition:
    return composed(small_short("x", demo_source.key, (20 * S, 24 * S), captions=False), demo_source, demo_analysis)


def test_a_passage_whose_people_are_told_can_have_something_behind_them(talk: Composition, demo_source: Source) -> None:
    cutaway = Cutaway("a.png", "k", Segment(demo_source.key, 20 * S, 23 * S), placing="behind")
    assert told_apart(talk, [cutaway], {}, Progress()) >= 0.85


def test_a_passage_without_people_is_refused_in_a_sentence(
    demo_source: Source, demo_analysis: Analysis, talk: Composition
) -> None:  # fmt: skip
    cutaway = Cutaway("a.png", "k", Segment(demo_source.key, 20 * S, 23 * S), placing="behind")
    nobody = composed(talk.short, demo_source, replace(demo_analysis, people=People()))
    with pytest.raises(NothingToDo, match="cannot be told"):
        told_apart(nobody, [cutaway], {}, Progress())
