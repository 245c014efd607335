"""How a word looks in its state, and on its way from one state to the next."""

from __future__ import annotations

import functools
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

from standtall.ink.drawn import STEPS, InkWord, State
from standtall.model.style import CaptionStyle

Colour = tuple[float, float, float, float]
"""Red, green, blue and opacity, 0..1."""
_BEFORE: Final[dict[State, State]] = {"now": "upcoming", "said": "now"}
OVER: Final = 1.70158
"""How far "over" goes beyond its end, a tenth of the way (R. Penner, "Motion, tweening, and easing", 2002)."""


@dataclass(frozen=True, slots=True)
class WordLook:
    """Colours; `scale` and `weight` of the letters, `lift` in ems, `lean` in degrees, `glow` 0..1."""

    ink: Colour
    mark: Colour
    line: Colour
    scale: float
    lift: float
    lean: float
    glow: float
    weight: int


def _over(t: float) -> float:
    return 1 + (OVER + 1) * (t - 1) ** 3 + OVER * (t - 1) ** 2


EASES: Final[dict[str, Callable[[float], float]]] = {
    "none": lambda _t: 1.0,
    "even": lambda t: t,
    "soft": lambda t: t * t * (3 - 2 * t),
    "over": _over,
}


@functools.lru_cache(maxsize=2_048)
def look_of(word: InkWord) -> WordLook:
    """How a word looks at its step."""
    now = at_rest(word.style, word.state)
    if word.lit >= STEPS or word.state == "upcoming":
        return now
    return _between(at_rest(word.style, _BEFORE[word.state]), now, EASES[word.style.ease](word.lit / STEPS))


@functools.lru_cache(maxsize=1_024)
def colour(text: str, opacity: float = 1.0) -> Colour:
    """From `#rrggbb` or `#rrggbbaa`."""
    alpha = int(text[7:9], 16) / 255 if len(text) == 9 else 1.0
    return int(text[1:3], 16) / 255, int(text[3:5], 16) / 255, int(text[5:7], 16) / 255, alpha * opacity


def at_rest(style: CaptionStyle, state: State) -> WordLook:
    """How a word looks in a state once it is there."""
    if state == "now":
        return WordLook(
            colour(style.ink if style.sweep else style.highlight), colour(style.mark), colour(style.line), style.grow, style.lift,
            style.lean, style.glow, style.now_weight or style.weight,
        )  # fmt: skip
    if style.reveal != "all" and state == "upcoming":
        ink = colour(style.ink, 0.0)
    elif state == "upcoming":
        ink = colour(style.ink, style.upcoming)
    else:
        ink = colour(style.said_ink or style.ink, style.said)
    return WordLook(ink, colour(style.mark, 0.0), colour(style.line, 0.0), 1.0, 0.0, 0.0, 0.0, style.weight)


def _between(one: WordLook, two: WordLook, t: float) -> WordLook:
    plain = min(1.0, max(0.0, t))

    def mixed(a: Colour, b: Colour) -> Colour:
        red, green, blue, alpha = (x + (y - x) * plain for x, y in zip(a, b, strict=True))
        return red, green, blue, alpha

    def moved(a: float, b: float) -> float:
        return a + (b - a) * t

    weight = round(moved(one.weight, two.weight) / 25) * 25 if one.weight != two.weight else two.weight
    return WordLook(
        mixed(one.ink, two.ink), mixed(one.mark, two.mark), mixed(one.line, two.line), moved(one.scale, two.scale),
        moved(one.lift, two.lift), moved(one.lean, two.lean), max(0.0, moved(one.glow, two.glow)), max(1, min(1000, weight)),
    )  # fmt: skip
