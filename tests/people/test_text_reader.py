"""Lines of writing are read from pictures; what is no writing gives none."""

from __future__ import annotations

import cv2
import numpy as np
import pytest

from standtall.people.text_reader import TextReader

SAID = ("Dry the clay for nine days", "heat it slowly", "NEVER OPEN THE DOOR", "1847")


@pytest.fixture(scope="module")
def reader() -> TextReader:
    return TextReader()


def wall() -> np.ndarray:
    return np.random.default_rng(1).normal(90, 3, (960, 540, 3)).clip(0, 255).astype(np.uint8)


@pytest.mark.parametrize("ink", [(250, 250, 250), (40, 220, 250)])
def test_lines_are_read_from_the_top_down(reader: TextReader, ink: tuple[int, int, int]) -> None:
    picture = wall()
    for n, line in enumerate(SAID):
        for colour, thick in (((10, 10, 10), 8), (ink, 2)):  # with an outline, as captions have
            cv2.putText(picture, line, (30, 300 + 90 * n), cv2.FONT_HERSHEY_DUPLEX, 1.05, colour, thick, cv2.LINE_AA)
    lines = reader.lines(picture)
    assert [line.text for line in lines] == list(SAID)
    assert [line.box.cy * 960 for line in lines] == pytest.approx([290, 380, 470, 560], abs=8)


def test_what_is_no_writing_gives_no_lines(reader: TextReader) -> None:
    picture = wall()
    cv2.ellipse(picture, (270, 400), (120, 160), 0, 0, 360, (140, 170, 220), -1)
    assert reader.lines(picture) == []
    assert reader.lines(np.zeros((32, 32, 3), np.uint8)) == []


def test_words_with_grounds_of_their_own_are_one_line_in_their_order(reader: TextReader) -> None:
    picture = wall()
    for n, (word, left) in enumerate((("DRY", 30), ("THE", 140), ("BRICKS", 250), ("NOW", 440))):
        cv2.rectangle(picture, (left - 8, 300 - 6 * (n % 2)), (left + 24 * len(word) + 12, 356), (30, 30, 30), -1)
        cv2.putText(picture, word, (left, 345 - 4 * (n % 2)), cv2.FONT_HERSHEY_DUPLEX, 1.15, (255, 255, 255), 2, cv2.LINE_AA)
    (line,) = reader.lines(picture)
    assert line.text.split() == ["DRY", "THE", "BRICKS", "NOW"]
