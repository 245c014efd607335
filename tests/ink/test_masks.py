"""Letters kept apart from their colours: the same as drawn in their colours at once."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np
import pytest
from PySide6.QtGui import QTransform

from standtall.ink.caption_ink import CaptionInk
from standtall.ink.drawn import PARTS, InkWord
from standtall.ink.masks import Mask, coloured
from standtall.ink.sprite import Sprite, sprite
from standtall.media.planes import Planes
from standtall.model.style import CaptionStyle

RNG = np.random.default_rng(4)
PLAIN = CaptionStyle("Rubik", 700, size=0.05, ink="#ffffff", highlight="#40c0ff")


def mask() -> Mask:
    soft = cv2.GaussianBlur((RNG.random((40, 60)) > 0.6).astype(np.float32) * 255, (0, 0), 1.5)
    return Mask.of(np.rint(soft).astype(np.uint8), 8, 4)


def on(ground: int, sprites: list[Sprite], size: tuple[int, int] = (80, 60)) -> Planes:
    wide, high = size
    out = Planes(np.full((high, wide), ground, np.uint8), *(np.full((high // 2, wide // 2), 128, np.uint8) for _ in range(2)))
    for one in sprites:
        one.blend(out)
    return out


@pytest.mark.parametrize("alpha", [1.0, 0.4])
def test_a_mask_in_a_colour_is_the_drawing_in_that_colour(alpha: float) -> None:
    one, red_green_blue = mask(), (0.9, 0.3, 0.2)
    cover = one.full.astype(float) * alpha
    bgra = np.stack([cover * c for c in red_green_blue[::-1]] + [cover], axis=-1)
    there = sprite(np.rint(bgra).astype(np.uint8), one.x, one.y)
    here = coloured([(one, (*red_green_blue, alpha))])
    assert here is not None
    for a, b in zip(vars_of(on(90, [here])), vars_of(on(90, [there])), strict=True):
        assert np.abs(a.astype(int) - b).max() <= 2
    drawn = np.rint(bgra)
    rows, _columns = np.nonzero(drawn[..., 3])
    assert len(rows) > 500
    assert np.abs(here.picture.astype(float) - drawn).max() <= 1


def test_one_mask_over_another_covers_it() -> None:
    below, above = Mask.of(np.full((8, 8), 255, np.uint8), 0, 0), Mask.of(np.full((8, 8), 128, np.uint8), 0, 0)
    both = coloured([(below, (0.0, 0.0, 0.0, 1.0)), (above, (1.0, 1.0, 1.0, 1.0))])
    assert both is not None
    assert np.abs(on(90, [both]).y[:8, :8].astype(int) - (16 + 219 // 2)).max() <= 1
    assert (both.picture[..., 3] == 255).all()
    assert np.abs(both.picture[..., 0].astype(int) - 128).max() <= 1


def test_nothing_is_drawn_of_what_is_not_seen() -> None:
    assert coloured([(mask(), (1.0, 1.0, 1.0, 0.0))]) is None


def test_a_mask_seen_from_where_it_is_stays_as_it_is_and_goes_where_it_is_sent() -> None:
    one = mask()
    still = one.moved_by(QTransform(), (200, 200))
    left, top = one.x - still.x, one.y - still.y
    assert np.abs(still.full[top : top + 40, left : left + 60].astype(int) - one.full).max() <= 1
    moved = one.moved_by(QTransform.fromTranslate(20, 6), (200, 200))
    left, top = one.x + 20 - moved.x, one.y + 6 - moved.y
    assert np.abs(moved.full[top : top + 40, left : left + 60].astype(int) - one.full).max() <= 1
    half = one.moved_by(QTransform.fromScale(0.5, 0.5), (200, 200))
    assert half.full.astype(float).sum() == pytest.approx(one.full.astype(float).sum() / 4, rel=0.05)


@pytest.mark.parametrize("rotation", [0.0, 4.0])
def test_a_word_that_is_filled_along_keeps_its_opacity_while_its_card_goes(rotation: float) -> None:
    """Both colours of a word that is filled are drawn side by side: laid over each other they would be seen twice."""
    style = replace(PLAIN, sweep=True, exit="fade", ink="#ffffff", highlight="#ffffff", rotation=rotation)
    ink = CaptionInk(style, 540, 960)
    for told in (0, PARTS // 3, PARTS // 2, PARTS):
        swept, whole = (
            on(16, ink.sprites(((InkWord("minimum", style, state, told=told),),), 0.5, go=4), (540, 960)).y.astype(int)
            for state in ("now", "said")
        )
        assert whole.max() > 60
        assert np.abs(swept - whole).max() <= 4 if rotation == 0 else np.quantile(np.abs(swept - whole), 0.9995) <= 4


@pytest.mark.parametrize("rotation", [0.0, -3.0])
def test_letters_that_are_not_yet_told_are_not_seen(rotation: float) -> None:
    style = replace(PLAIN, reveal="letters", rotation=rotation, outline_width=0.003, outline="#000000")
    ink = CaptionInk(style, 540, 960)
    seen = []
    for told in (1, PARTS // 2, PARTS):
        rows = ((InkWord("minimum", style, "now", told=told),),)
        seen.append(np.abs(on(90, ink.sprites(rows, 0.5), (540, 960)).y.astype(int) - 90).sum())
    assert seen[0] < 0.35 * seen[2]
    assert 0.35 * seen[2] < seen[1] < 0.75 * seen[2]


def vars_of(planes: Planes) -> tuple[np.ndarray, np.ndarray, np.ndarray]:  # type: ignore[type-arg]
    return planes.y, planes.u, planes.v
