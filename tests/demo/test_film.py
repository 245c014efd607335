"""The made-up programme: what is drawn is where the truth says, the shipped truth is that of the shipped picture."""

from __future__ import annotations

import itertools
from typing import Any

import numpy as np
import pytest
from PySide6.QtGui import QImage

from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.dialogue import FRAME_RATE, HEIGHT, SCENES, VOICES, WIDTH
from standtall.demo.film import HEADS, Film
from standtall.demo.heads import PEOPLE, Pose, draw_head
from standtall.demo.sets import blank, pen_on, pixels
from standtall.media.reader import PictureReader
from standtall.model.source import Source

RATE = 8_000


@pytest.fixture(scope="module")
def film(demo_truth: dict[str, Any], text_engine: None) -> Film:
    """The film over a hum that swells where somebody talks."""
    length = demo_truth["frames"] / FRAME_RATE
    sound = np.zeros(round(length * RATE))
    for line in demo_truth["lines"]:
        sound[int(line["start"] * RATE) : int(line["end"] * RATE)] = 0.3
    return Film({"lines": demo_truth["lines"], "length": length}, sound, RATE)


def array_of(image: QImage) -> np.ndarray:
    return np.asarray(pixels(image))[..., :3].astype(int)


@pytest.mark.parametrize("frame", [30, 1_500, 3_000, 4_800])
def test_a_frame_is_the_same_whenever_it_is_drawn(film: Film, frame: int) -> None:
    first, people, texts = film.frame(frame)
    film.frame(frame + 7)
    again, people_again, texts_again = film.frame(frame)
    np.testing.assert_array_equal(array_of(first), array_of(again))
    assert (people, texts) == (people_again, texts_again)
    assert (first.width(), first.height()) == (WIDTH, HEIGHT)


def test_the_shipped_truth_is_what_this_code_draws(film: Film, demo_truth: dict[str, Any]) -> None:
    assert film.starts[1:] == demo_truth["cuts"]
    assert [scene.camera for scene in SCENES] == demo_truth["cameras"]
    for frame in range(0, demo_truth["frames"], 331):
        drawn = [[who, [round(v) for v in d.head]] for who, d in film.frame(frame)[1]]
        known = [[who, head] for who, head, _face in demo_truth["people"][frame]]
        if SCENES[film.scene_of(frame)].camera in ("chart", "landscape"):
            continue
        assert [who for who, _ in drawn] == [who for who, _ in known]
        for (_, a), (_, b) in zip(drawn, known, strict=True):
            assert np.abs(np.array(a) - b).max() <= 6, "nods follow the loudness, which is the voices' in the shipped one"


def test_the_shipped_picture_shows_the_heads_where_the_truth_says(
    demo_source: Source, demo_truth: dict[str, Any], film: Film
) -> None:
    for frame in (200, 2_400, 4_000):
        if not demo_truth["people"][frame]:
            continue
        with PictureReader(demo_source.path) as reader:
            shipped = reader.at(round((frame + 0.5) * TICKS_PER_SECOND / FRAME_RATE)).y.astype(int)
        image, people, _texts = film.frame(frame)
        luma = array_of(image) @ np.array([0.0722, 0.7152, 0.2126])  # BT.709, limited range as the file has it
        luma = 16 + luma * 219 / 255
        for _who, drawn in people:
            x, y, w, h = (round(v) for v in drawn.face)
            part = np.s_[y : y + h, x : x + w]
            assert np.corrcoef(shipped[part].ravel(), luma[part].ravel())[0, 1] > 0.9


def test_a_head_covers_its_box_and_nothing_far_from_it() -> None:
    ground = array_of(blank(640, 480, "#808080"))
    for name, person in PEOPLE.items():
        image = blank(640, 480, "#808080")
        painter = pen_on(image)
        drawn = draw_head(painter, person, 320, 220, 200, Pose())
        painter.end()
        changed = np.abs(array_of(image) - ground).sum(axis=2) > 24
        x, y, w, h = (round(v) for v in drawn.head)
        assert changed[y + 4 : y + h - 4, x + w // 3 : x + 2 * w // 3].mean() > 0.98, name
        assert not changed[: max(0, y - 6)].any(), "nothing is drawn above the hair"
        fx, fy, fw, fh = drawn.face
        assert x <= fx + 1 and y <= fy + 1, "the face lies inside the head"
        assert fx + fw <= x + w + 1 and fy + fh <= y + h + 1


@pytest.mark.parametrize("name", sorted(PEOPLE))
def test_a_mouth_opens_and_an_eye_closes(name: str) -> None:
    def face(pose: Pose) -> np.ndarray:
        image = blank(480, 480, "#808080")
        painter = pen_on(image)
        drawn = draw_head(painter, PEOPLE[name], 240, 220, 240, pose)
        painter.end()
        x, y, w, h = (round(v) for v in drawn.face)
        return array_of(image)[y : y + h, x : x + w]

    still = face(Pose())
    talking, blinking = face(Pose(mouth=0.9)), face(Pose(blink=1.0))
    half = len(still) // 2
    by_mouth, by_blink = np.abs(talking - still).sum(axis=2), np.abs(blinking - still).sum(axis=2)
    assert by_mouth[half:].sum() > 5 * by_mouth[:half].sum(), "a mouth moves the lower half"
    assert by_blink[:half].sum() > 5 * by_blink[half:].sum(), "a blink moves the upper half"


def test_mouths_open_only_where_their_owner_talks(film: Film, demo_truth: dict[str, Any]) -> None:
    for line in demo_truth["lines"]:
        a, b = round(line["start"] * FRAME_RATE) + 2, round(line["end"] * FRAME_RATE) - 2
        assert film._mouths[line["speaker"]][a:b].min() > 0.5
    talking = np.stack([film._mouths[who] > 0 for who in PEOPLE])
    assert talking.sum(axis=0).max() <= 2, "lines meet, but never three at once"


def test_the_script_is_whole() -> None:
    for scene in SCENES:
        assert scene.camera in HEADS
        for line in scene.lines:
            assert line.speaker in VOICES
            assert line.gap_s >= 0
    for before, after in itertools.pairwise(SCENES):
        assert before.camera != after.camera, "every scene begins with a cut"


def test_words_of_the_truth_are_in_order_inside_their_lines(demo_truth: dict[str, Any]) -> None:
    words = [w for line in demo_truth["lines"] for w in line["words"]]
    assert len(words) > 400
    for (_, a, b), (_, c, _d) in itertools.pairwise(words):
        assert a < b <= c + 0.03
    for line in demo_truth["lines"]:
        assert line["start"] - 0.2 <= line["words"][0][1]
        assert line["words"][-1][2] <= line["end"] + 0.2
