"""How likely each recognised word is right.

The recogniser's own probability says too little: a name it never heard gets 0.99. A logistic regression on what is known of a
word and its neighbours was fitted on recordings with truth (clean, in noise, in a room, by telephone, faster), each recording
judged by the others: `tools/fit_doubts.py`, docs/decisions/0015. Of words told to be 0.9 to 1.0 likely, 0.955 were right.
"""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray
from scipy.special import expit

from standtall.model.words import bare
from standtall.speech.align import Timed
from standtall.speech.recognise import Heard

LEAST, MOST = 0.005, 0.995
NEAR: Final = 3
FARTHEST_S: Final = 0.6
LETTER_S, WORD_S = 0.06, 0.06
"""A word of n letters usually lasts n * LETTER_S + WORD_S seconds (fitted on the hand-marked recordings)."""
SHORT: Final = 3
BIAS: Final = 0.921
WEIGHTS: Final = (0.469, -0.031, 0.485, 1.246, -1.100, -2.045, 0.107, -0.900)
"""For: log odds of the recogniser; the lesser of both neighbours'; the mean around; not found by the aligner; seconds that the
aligner moved it; log of its length over the usual; at most three letters; a capital inside a sentence, as of a name."""


def features(heard: list[Heard], placed: list[Timed]) -> NDArray[np.float64]:
    """(n, 8): what `WEIGHTS` is for."""
    probability = np.clip([h.probability for h in heard], LEAST, MOST)
    odds = np.log(probability / (1 - probability))
    out = np.zeros((len(heard), len(WEIGHTS)))
    for i, (h, place) in enumerate(zip(heard, placed, strict=True)):
        beside = [odds[j] for j in (i - 1, i + 1) if 0 <= j < len(odds)]
        letters = max(1, len(bare(h.text)))
        usual = LETTER_S * letters + WORD_S
        inside = i > 0 and not heard[i - 1].text.endswith((".", "?", "!"))
        out[i] = (
            odds[i],
            min(beside, default=odds[i]),
            odds[max(0, i - NEAR) : i + NEAR + 1].mean(),
            not place.moved,
            min(FARTHEST_S, abs(place.start - h.start)),
            abs(np.log(max(0.02, place.end - place.start) / usual)),
            letters <= SHORT,
            inside and h.text[:1].isupper(),
        )
    return out


def confidences(heard: list[Heard], placed: list[Timed]) -> list[float]:
    """How likely each word is right, 0..1, rounded to 4 digits; `placed` is where the aligner put them."""
    if not heard:
        return []
    told: NDArray[np.float64] = expit(BIAS + features(heard, placed) @ np.array(WEIGHTS))
    return [round(float(t), 4) for t in told]
