"""Writing and screens: found on drawn pictures; what is seen once, or on somebody, is nothing."""

from __future__ import annotations

import cv2
import numpy as np
import pytest

from standtall.base.geometry import Rect
from standtall.base.time import TICKS_PER_SECOND
from standtall.model.people import FaceSample, Shot, Track
from standtall.people.sights import EVERY, FIRST, SECOND, Sight, Sights, regions
from standtall.people.writing import TextDetector, screens_in

S = TICKS_PER_SECOND


def card(lines: list[str], size: tuple[int, int] = (960, 540), box: tuple[int, int, int, int] = (60, 60, 560, 340)) -> np.ndarray:
    """Lines on a pale card before a mottled wall."""
    wall = np.random.default_rng(1).normal(90, 3, (size[1], size[0], 3)).clip(0, 255).astype(np.uint8)
    x, y, w, h = box
    cv2.rectangle(wall, (x, y), (x + w, y + h), (240, 240, 236), -1)
    for i, line in enumerate(lines):
        cv2.putText(wall, line, (x + 30, y + 60 + 70 * i), cv2.FONT_HERSHEY_DUPLEX, 1.1, (40, 40, 50), 2, cv2.LINE_AA)
    return wall


@pytest.fixture(scope="module")
def detector() -> TextDetector:
    return TextDetector()


def test_lines_are_found_where_they_stand(detector: TextDetector) -> None:
    found = detector.lines(card(["Dry the clay for nine days", "Heat it slowly", "Never open the door"]))
    assert len(found) == 3
    assert [round(line.y * 540) for line in found] == pytest.approx([95, 165, 235], abs=12)
    assert all(line.x * 960 == pytest.approx(90, abs=12) for line in found)


def test_a_picture_without_writing_has_none(detector: TextDetector) -> None:
    assert detector.lines(card([])) == []


def test_a_card_with_three_lines_is_a_screen_and_one_with_a_line_is_none(detector: TextDetector) -> None:
    full = card(["Dry the clay for nine days", "Heat it slowly", "Never open the door"])
    (screen,) = screens_in(full, detector.lines(full))
    assert screen.overlap(Rect(60 / 960, 60 / 540, 560 / 960, 340 / 540)) > 0.9
    poor = card(["Open every day"])
    assert screens_in(poor, detector.lines(poor)) == []


class Fixed:
    """Stands in for the detector: the same lines at each look."""

    def __init__(self) -> None:
        self.looks = 0

    def lines(self, _picture: object) -> list[Rect]:
        self.looks += 1
        return [Rect(0.1, 0.1, 0.3, 0.05)]


def test_it_looks_after_a_change_and_then_seldom() -> None:
    fixed = Fixed()
    sights = Sights(fixed)  # type: ignore[arg-type]
    for n in range(40 * 10):
        sights.see(n * S // 10, 0.9 if n == 200 else 0.01, lambda: np.zeros((90, 160, 3), np.uint8))
    times = [s.at for s in sights.seen]
    assert times[:2] == [0, pytest.approx(SECOND, abs=S // 10)]
    assert any(abs(t - 20 * S - FIRST) <= S // 10 for t in times)
    assert any(abs(t - 20 * S - SECOND) <= S // 10 for t in times)
    assert fixed.looks <= 4 + 40 * S // EVERY


def test_a_shaking_picture_is_looked_at_too() -> None:
    sights = Sights(Fixed())  # type: ignore[arg-type]
    for n in range(40 * 10):
        sights.see(n * S // 10, 0.25 + 0.08 * (n % 3), lambda: np.zeros((90, 160, 3), np.uint8))
    assert 4 <= len(sights.seen) <= 8


SHOT = (Shot(0, 20 * S),)
LINE = Rect(0.1, 0.1, 0.3, 0.05)


def sight(at: float, *lines: Rect) -> Sight:
    return Sight(round(at * S), lines, ())


def test_what_is_seen_once_of_several_looks_is_nothing() -> None:
    texts, _ = regions([sight(1, LINE, Rect(0.6, 0.6, 0.2, 0.05)), sight(3, LINE), sight(13, LINE)], SHOT, ())
    ((only),) = texts
    assert (only.start, only.end) == (0, 20 * S)
    assert only.rect == LINE


def test_writing_that_comes_later_begins_between_two_looks() -> None:
    texts, _ = regions([sight(1), sight(3, LINE), sight(13, LINE)], SHOT, ())
    assert (texts[0].start, texts[0].end) == (2 * S, 20 * S)


def test_writing_on_somebody_is_no_writing() -> None:
    there = Track(0, 0, tuple(FaceSample(t, 0.2, 0.02, 0.1, 0.15, 0.0) for t in range(0, 20 * S, S // 5)))
    sights = [sight(1, Rect(0.15, 0.3, 0.2, 0.05)), sight(3, Rect(0.15, 0.3, 0.2, 0.05))]
    assert regions(sights, SHOT, (there,))[0] == ()
    assert len(regions(sights, SHOT, ())[0]) == 1
