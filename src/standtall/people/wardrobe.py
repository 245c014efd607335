"""What somebody looks like apart from their features: the colours of hair, skin and clothes, which know a person again over cuts.

Face vectors fail on drawn people; these hold on drawn and on filmed ones.
"""

from __future__ import annotations

from typing import Final

import cv2
import numpy as np
from numpy.typing import NDArray

from standtall.base.geometry import Rect

BINS: Final = (12, 6, 5)
"""Of hue, saturation and value."""
SHARES: Final = (0.25, 0.25, 0.5)
"""What hair, skin and clothes count for."""
SOFT: Final = 0.6
"""Standard deviation, in bins, by which colours are spread: light is never the same twice."""


def wardrobe(picture: NDArray[np.uint8], face: Rect, shows: bool = True) -> NDArray[np.float32]:
    """Three histograms one after the other, float32 (3 x 360,), that add up to 1: hair, skin, and clothes around a face box.

    `picture` is uint8 (height, width, 3) B'G'R'; a part that is outside the picture counts for nothing, nor does the skin of a
    face that does not show.
    """
    h, w = picture.shape[:2]
    parts = (
        Rect(face.x - face.w * 0.05, face.y - face.h * 0.22, face.w * 1.1, face.h * 0.2),
        Rect(face.x + face.w * 0.2, face.y + face.h * 0.4, face.w * 0.6, face.h * 0.3),
        Rect(face.x - face.w * 0.35, face.bottom + face.h * 0.5, face.w * 1.7, face.h * 0.75),
    )
    shares = SHARES if shows else (SHARES[0], 0.0, SHARES[2])
    return np.concatenate([_colours(picture, part, w, h) * share for part, share in zip(parts, shares, strict=True)])


def _colours(picture: NDArray[np.uint8], part: Rect, w: int, h: int) -> NDArray[np.float32]:
    x0, y0 = int(max(0, part.x)), int(max(0, part.y))
    x1, y1 = int(min(w, part.right)), int(min(h, part.bottom))
    if x1 - x0 < 4 or y1 - y0 < 4:
        return np.zeros(int(np.prod(BINS)), np.float32)
    hsv = cv2.cvtColor(picture[y0:y1, x0:x1], cv2.COLOR_BGR2HSV)
    counts = cv2.calcHist([hsv], [0, 1, 2], None, list(BINS), [0, 180, 0, 256, 0, 256])
    hue = np.concatenate([counts[-3:], counts, counts[:3]])  # hues go round
    spread = cv2.GaussianBlur(hue.reshape(hue.shape[0], -1), (1, 5), 0, sigmaY=SOFT)[3:-3].reshape(BINS)
    spread = np.stack([cv2.GaussianBlur(plane, (5, 5), SOFT) for plane in spread])
    flat = spread.ravel().astype(np.float32)
    out: NDArray[np.float32] = flat / max(1e-6, float(flat.sum()))
    return out
