"""Changes of shot on pictures made for the test: what is one is found where it is, what only looks like one is not."""

from __future__ import annotations

import cv2
import numpy as np
import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.media.planes import Planes
from standtall.people.shot_changes import SIZE, ChangeFinder, difference, shots_between, structure, where_it_changes

FPS = 15
STEP = TICKS_PER_SECOND // FPS
Pictures = list[np.ndarray]


def place(seed: int, level: int = 120, contrast: float = 40.0, wide: int = SIZE[0]) -> np.ndarray:
    """A picture of soft shapes, float32 (90, wide)."""
    dice = np.random.default_rng(seed)
    rough = dice.normal(0, 1, (14, wide // 7))
    smooth = cv2.resize(rough, (wide, SIZE[1]), interpolation=cv2.INTER_CUBIC)
    return (level + contrast * smooth).clip(0, 255).astype(np.float32)


def changes(pictures: Pictures) -> list[tuple[float, bool]]:
    """(frame, gradual) of each change found, with a little noise as of coding."""
    finder, dice = ChangeFinder(), np.random.default_rng(9)
    grey = np.full((SIZE[1], SIZE[0]), 128, np.uint8)
    for n, picture in enumerate(pictures):
        luma = (picture + dice.normal(0, 1.0, picture.shape)).clip(0, 255).astype(np.uint8)
        finder.see(n * STEP, Planes(luma, grey, grey))
    return [(c.after / STEP, c.gradual) for c in finder.changes()]


def held(picture: np.ndarray, count: int = 30) -> Pictures:
    return [picture] * count


def over(a: np.ndarray, b: np.ndarray, count: int) -> Pictures:
    return [a + (b - a) * (k + 1) / (count + 1) for k in range(count)]


A, B = place(1), place(2)


@pytest.mark.parametrize("level", [30, 120, 220])
@pytest.mark.parametrize("contrast", [8.0, 40.0])
def test_a_cut_between_pictures_of_one_colour_is_found(level: int, contrast: float) -> None:
    assert changes(held(place(1, level, contrast)) + held(place(2, level, contrast))) == [(30, False)]


@pytest.mark.parametrize("count", [5, 8, 12, 18])
def test_a_dissolve_is_one_change_in_its_middle(count: int) -> None:
    ((at, gradual),) = changes(held(A) + over(A, B, count) + held(B))
    assert gradual
    assert abs(at - (30 + count / 2)) <= 2


def test_a_wipe_is_one_change() -> None:
    pictures = [np.concatenate([B[:, : k * 16], A[:, k * 16 :]], axis=1) for k in range(1, 10)]
    ((at, gradual),) = changes(held(A) + pictures + held(B))
    assert gradual
    assert abs(at - 34.5) <= 2


def test_a_fade_through_black_is_one_change() -> None:
    black = np.full_like(A, 16)
    ((at, gradual),) = changes(held(A) + over(A, black, 7) + held(black, 3) + over(black, B, 7) + held(B))
    assert gradual
    assert abs(at - 38.5) <= 2


def test_a_flash_is_none() -> None:
    white = np.full_like(A, 250)
    assert changes([*held(A), white, *held(A)]) == []
    assert changes([*held(A), (A + 120).clip(0, 255), *held(A)]) == []


def test_a_pan_is_none_however_quick() -> None:
    wide = place(3, wide=1_200)
    for speed in (3, 12, 40):
        moved = [wide[:, k * speed : k * speed + SIZE[0]] for k in range(min(40, 1_000 // speed))]
        assert changes(held(moved[0]) + moved + held(moved[-1])) == [], speed


def test_somebody_who_walks_through_is_none() -> None:
    pictures = []
    for k in range(60):
        picture = A.copy()
        cv2.rectangle(picture, (k * 3 - 30, 20), (k * 3, 89), 200.0, -1)
        pictures.append(picture)
    assert changes(held(A) + pictures + held(A)) == []


def test_a_shaking_picture_is_none_and_a_cut_out_of_it_is_one() -> None:
    dice = np.random.default_rng(4)

    def shaken(seed: int) -> Pictures:
        wide = place(seed, wide=240)
        return [wide[:, 40 + x : 200 + x] for x in dice.integers(-1, 2, 40)]

    assert changes(shaken(5) + shaken(6)) == [(40, False)]


def test_a_cut_over_a_black_picture_is_one() -> None:
    assert [at for at, _ in changes([*held(A), np.full_like(A, 16), *held(B)])] == [31]


def test_a_slow_pan_over_a_soft_ground_is_none() -> None:
    """Each place of a soft gradient changes evenly, as in a dissolve, but goes on before and after."""
    high = cv2.resize(np.linspace(220, 20, 40)[:, None].repeat(SIZE[0], 1), (SIZE[0], 400))
    cv2.circle(high, (60, 200), 30, 240.0, -1)
    soft = cv2.GaussianBlur(high, (0, 0), 8)
    assert changes([soft[2 * k : 2 * k + SIZE[1]].astype(np.float32) for k in range(120)]) == []


def test_plain_cards_differ_by_their_light() -> None:
    assert changes(held(np.full_like(A, 40)) + held(np.full_like(A, 150))) == [(30, False)]


def test_structure_does_not_change_with_the_light() -> None:
    bright = structure((A * 0.5 + 90).astype(np.uint8)).astype(np.float32)
    dark = structure((A * 0.5 + 20).astype(np.uint8)).astype(np.float32)
    other = structure(B.astype(np.uint8)).astype(np.float32)
    assert float(difference(bright, dark)) < 0.1
    assert float(difference(bright, other)) > 0.5
    assert float(difference(bright, bright)) == 0


def test_shots_fill_the_source() -> None:
    shots = shots_between([50, 20, 0, 100], 100)
    assert [(s.start, s.end) for s in shots] == [(0, 20), (20, 50), (50, 100)]


def test_the_picture_that_changes_most_is_named() -> None:
    grey = np.full((4, 4), 128, np.uint8)
    pictures = [(n, Planes(np.full((4, 4), v, np.uint8), grey, grey)) for n, v in enumerate((10, 12, 90, 95))]
    assert where_it_changes(pictures) == 2
    assert where_it_changes(pictures[:1]) is None


def test_a_few_pictures_have_no_changes() -> None:
    assert changes(held(A, 3)) == []
    assert ChangeFinder().step == 1.0


def test_a_slide_that_changes_on_half_of_the_picture_is_no_cut() -> None:
    first, second = A.copy(), A.copy()
    first[10:70, 10:85], second[10:70, 10:85] = B[10:70, 10:85], place(3)[10:70, 10:85]
    assert changes(held(first) + held(second)) == []
    near, far = A.copy(), A.copy()
    cv2.ellipse(near, (110, 70), (34, 60), 0, 0, 360, 200.0, -1)
    cv2.ellipse(far, (40, 80), (14, 24), 0, 0, 360, 200.0, -1)
    cv2.circle(near, (103, 40), 9, 60.0, -1)
    assert changes(held(far) + held(near)) == [(30, False)], "somebody stands elsewhere, as no screen would show"
    lower = B.copy()
    lower[76:] = A[76:]
    assert changes(held(A) + held(lower)) == [(30, False)], "a line of news below stays over a cut"
