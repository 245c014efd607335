"""Planes made smaller by the codec library, against OpenCV's means of areas."""

from __future__ import annotations

import cv2
import numpy as np
import pytest

from standtall.media.planes import LARGE, scaled

PICTURE = np.random.default_rng(4).integers(0, 256, (1080, 1924)).astype(np.uint8)


@pytest.mark.parametrize("left, width, size", [(0, 1920, (1080, 608)), (3, 1217, (1080, 959)), (500, 608, (135, 240)), (7, 1001, (67, 121)), (1, 1919, (1917, 121))])  # fmt: skip
def test_large_planes_made_smaller_are_the_means_of_what_they_cover(left: int, width: int, size: tuple[int, int]) -> None:
    plane = PICTURE[:, left : left + width]
    assert plane.size >= LARGE, "else it is OpenCV itself"
    means = cv2.resize(plane, size, interpolation=cv2.INTER_AREA).astype(np.int16)
    apart = np.abs(scaled(plane, size).astype(np.int16) - means)
    assert apart.max() <= 2 and apart.mean() < 0.5, "to the last column"


def test_planes_that_are_turned_or_small_are_scaled_too() -> None:
    turned = PICTURE.T
    assert np.array_equal(
        scaled(turned, (540, 960)), cv2.resize(np.ascontiguousarray(turned), (540, 960), interpolation=cv2.INTER_AREA)
    )
    assert scaled(PICTURE[:100, :100], (50, 50)).shape == (50, 50)
