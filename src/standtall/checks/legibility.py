"""Whether captions can be read: their contrast against the picture that is really behind them, their speed, the length of lines.

Contrast after WCAG 2.2 (W3C recommendation, 2024), success criterion 1.4.3 and the definitions of contrast ratio and relative
luminance. Reading speed and line length are common practice, no source.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from typing import Final, Literal

import numpy as np
from numpy.typing import NDArray

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.layers.caption import CaptionLayer
from standtall.compose.layers.frame import Frame
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.drawing import near_letters
from standtall.ink.drawn import PARTS, STEPS, InkWord
from standtall.ink.states import colour, look_of
from standtall.media.planes import Planes, to_bgr
from standtall.model.style import CaptionStyle, Changes

LEAST: Final = 4.5
"""Contrast ratio of text (WCAG 2.2, 1.4.3)."""
FASTEST: Final = 25.0
"""Letters a second of a card."""
LONGEST_LINE: Final = 42
"""Letters of a line."""
MOMENTS: Final = (0.1, 0.5, 0.9)
"""Shares of the time of a card at which the picture behind it is looked at."""
EDGES: Final = (10, 50, 90)
"""Percentiles of the luminance behind a word against which it must stand out."""
Fault = Literal["contrast", "speed", "length"]


@dataclass(frozen=True, slots=True)
class Illegible:
    """What is hard to read in one card: the number of the card, a word of it where the contrast is low, and the value that is too
    low (contrast) or too high (letters a second, letters of a line)."""

    fault: Fault
    card: int
    text: str
    value: float

    @property
    def told(self) -> str:
        """In words for the person."""
        if self.fault == "contrast":
            return tr(
                "“{said}” has a contrast of {value:.1f} : 1; {least} : 1 is needed", said=self.text, value=self.value, least=LEAST
            )
        if self.fault == "speed":
            return tr(
                "“{said}” runs at {value:.0f} letters a second; {most:.0f} can be read",
                said=self.text,
                value=self.value,
                most=FASTEST,
            )
        return tr(
            "“{said}” is a line of {value:.0f} letters; {most} are easy to follow",
            said=self.text,
            value=self.value,
            most=LONGEST_LINE,
        )


@dataclass(frozen=True, slots=True)
class Behind:
    """The picture behind a card at one moment, without the captions: B'G'R' of the box from (x, y), in pixels of the frame."""

    card: int
    tick: int
    x: int
    y: int
    picture: NDArray[np.uint8]


def luminance(bgr: NDArray[np.float64] | tuple[float, float, float]) -> NDArray[np.float64]:
    """Relative luminance of B'G'R' values 0..1 (last axis), by the definition of WCAG 2.2."""
    values = np.asarray(bgr, np.float64)
    linear = np.where(values <= 0.04045, values / 12.92, ((values + 0.055) / 1.055) ** 2.4)
    return np.asarray(linear @ np.array([0.0722, 0.7152, 0.2126]), np.float64)


def ratio(one: float, two: float) -> float:
    """Contrast ratio of two relative luminances, 1..21."""
    high, low = max(one, two), min(one, two)
    return (high + 0.05) / (low + 0.05)


def looked_behind(composition: Composition, paint: Callable[[Frame], Planes], progress: Callable[[float], None]) -> list[Behind]:
    """What lies behind every card; `paint` paints a frame at the size of the composition's output, `progress` hears the share."""
    out = []
    width, height = composition.short.output.width, composition.short.output.height
    ink = CaptionInk(composition.caption_style, width, height, composition.caption_language)
    for number, card in enumerate(composition.cards):
        progress(number / max(1, len(composition.cards)))
        for share in MOMENTS:
            tick = round(card.start + share * (card.end - card.start))
            frame = composition.frame(composition.frame_at(tick))
            layer = next((k for k in frame.layers if isinstance(k, CaptionLayer)), None)
            if layer is None:
                continue
            under = Frame(
                frame.number, frame.tick, tuple(k for k in frame.layers if not isinstance(k, CaptionLayer)), frame.heard
            )
            planes = paint(under)
            left, top, right, bottom = _box(ink, layer, width, height)
            part = Planes(
                planes.y[top:bottom, left:right], planes.u[top // 2 : bottom // 2, left // 2 : right // 2],
                planes.v[top // 2 : bottom // 2, left // 2 : right // 2],
            )  # fmt: skip
            out.append(Behind(number, frame.tick, left, top, to_bgr(part)))
    return out


def _box(ink: CaptionInk, layer: CaptionLayer, width: int, height: int) -> tuple[int, int, int, int]:
    card = ink.card(tuple(tuple(w.drawn for w in row) for row in layer.rows), layer.middle)
    whole = card.placed.mapRect(card.rows[0].united(card.rows[-1])).adjusted(-24, -24, 24, 24)
    left, top = max(0, int(whole.left()) // 2 * 2), max(0, int(whole.top()) // 2 * 2)
    return left, top, min(width, int(whole.right()) // 2 * 2 + 2), min(height, int(whole.bottom()) // 2 * 2 + 2)


def low_contrast(composition: Composition, behind: Sequence[Behind]) -> list[Illegible]:
    """The word of each card with the least contrast, where that is too little; the least first."""
    width, height = composition.short.output.width, composition.short.output.height
    worst: dict[int, Illegible] = {}
    inks: dict[CaptionStyle, CaptionInk] = {}
    for part in behind:
        layer = _layer(composition, part.tick)
        if layer is None:
            continue
        ink = inks.setdefault(layer.style, CaptionInk(layer.style, width, height, composition.caption_language))
        for text, found in _contrasts(ink, layer, part):
            if found < min(LEAST, worst[part.card].value if part.card in worst else LEAST):
                worst[part.card] = Illegible("contrast", part.card, text, found)
    return sorted(worst.values(), key=lambda w: w.value)


def _layer(composition: Composition, tick: int) -> CaptionLayer | None:
    layers = composition.frame(composition.frame_at(tick)).layers
    return next((k for k in layers if isinstance(k, CaptionLayer)), None)


def _contrasts(ink: CaptionInk, layer: CaptionLayer, part: Behind) -> list[tuple[str, float]]:
    """Each word of a layer with its least contrast against what lies behind and around its letters."""
    rows = tuple(
        tuple(replace(w.drawn, lit=STEPS, told=PARTS) for w in row) for row in layer.rows
    )  # as it is once it has changed
    card = ink.card(rows, layer.middle)
    ground = _over(part, ink, rows, layer.middle)
    out = []
    for number, word in enumerate(w for row in rows for w in row):
        look = look_of(word)
        if word.state == "upcoming" or look.ink[3] < 0.05:
            continue  # words still to come are dim on purpose
        left, top, near = near_letters(card, number, (ink.width, ink.height))
        rows_, columns = np.nonzero(near)
        y, x = rows_ + top - part.y, columns + left - part.x
        inside = (y >= 0) & (y < len(ground)) & (x >= 0) & (x < ground.shape[1])
        seen = ground[y[inside], x[inside]]
        if not len(seen):
            continue
        levels = [float(v) for v in np.percentile(luminance(seen / 255.0), EDGES)]
        own = np.array(look.ink[2::-1])
        mean = seen.mean(axis=0) / 255.0
        letters = float(luminance(own * look.ink[3] + mean * (1 - look.ink[3])))
        edge = colour(word.style.outline)
        if word.style.outline_width * ink.height >= 1.5 and edge[3] > 0.6:
            levels = [float(luminance(np.array(edge[2::-1]) * edge[3] + mean * (1 - edge[3])))]
        marked = look.mark[3] > 0.6
        if marked:
            levels = [float(luminance(np.array(look.mark[2::-1]) * look.mark[3] + mean * (1 - look.mark[3])))]
        among = min(levels) < letters < max(levels)
        out.append((word.text, 1.0 if among else min(ratio(letters, level) for level in levels)))
    return out


def _over(part: Behind, ink: CaptionInk, rows: tuple[tuple[InkWord, ...], ...], middle: float) -> NDArray[np.float64]:
    """The picture with what the style lays under the letters: band, boxes, shadows; B'G'R' 0..255."""
    out = part.picture.astype(np.float64)
    for sprite in ink.grounds(rows, middle):
        high, wide = sprite.picture.shape[:2]
        x0, y0 = max(0, sprite.x - part.x), max(0, sprite.y - part.y)
        x1, y1 = min(out.shape[1], sprite.x - part.x + wide), min(out.shape[0], sprite.y - part.y + high)
        if x1 <= x0 or y1 <= y0:
            continue
        drawn = sprite.picture[y0 + part.y - sprite.y : y1 + part.y - sprite.y, x0 + part.x - sprite.x : x1 + part.x - sprite.x]
        out[y0:y1, x0:x1] = out[y0:y1, x0:x1] * (1 - drawn[..., 3:] / 255.0) + drawn[..., :3]
    return out


def hard_to_follow(composition: Composition) -> list[Illegible]:
    """Cards that are too quick to read, and lines that are too long."""
    out = []
    for number, card in enumerate(composition.cards):
        letters = len(card.text)
        seconds = max(0.01, (card.end - card.start) / TICKS_PER_SECOND)
        if letters / seconds > FASTEST and letters > 12:
            out.append(Illegible("speed", number, card.text, letters / seconds))
        longest = max(len(" ".join(w.text for w in line)) for line in card.lines)
        if longest > LONGEST_LINE:
            out.append(Illegible("length", number, card.text, float(longest)))
    return out


def fixes(style: CaptionStyle) -> list[tuple[str, Changes]]:
    """Changes that give letters a ground to stand on, the slightest first, each with its name."""
    dark = float(luminance(np.array(colour(style.ink)[2::-1]))) < 0.3
    far = "#ffffff" if dark else "#000000"
    return [
        (tr("A darker shadow") if not dark else tr("A light shadow"), {"shadow": 0.95, "shadow_ink": far, "shadow_blur": 0.12}),
        (tr("An outline"), {"outline": far, "outline_width": 0.0022}),
        (tr("A dimmed band"), {"band": 0.75} if not dark else {"plate": "#ffffffd9"}),
        (tr("A box"), {"plate": f"{far}f2", "plate_of": "line"}),
    ]
