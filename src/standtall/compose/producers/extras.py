"""Layers of the extras of a short: texts, pictures, the progress bar, light effects."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.layers.bar import BarLayer
from standtall.compose.layers.image import ImageLayer
from standtall.compose.layers.layer import Layer
from standtall.compose.layers.light import LightLayer
from standtall.compose.layers.text import TextLayer
from standtall.extras.lines import Width, lines_of
from standtall.ink.drawn import STEPS, InkWord, Rows
from standtall.model.extents import PassageExtent, Spans, WholeExtent, WordTimes, spans_of
from standtall.model.extras import BarExtra, Extra, Extras, LightExtra, PictureExtra, SoundExtra, TextExtra
from standtall.model.look import Look
from standtall.model.style import CaptionStyle, Changes, resolved
from standtall.model.timemap import TimeMap
from standtall.model.words import Word

PICTURE_STEPS: Final = 24
"""Steps a second of pictures that move; as `ink.placed_pictures` draws them."""
COMES_S: Final = 0.25
"""Seconds that a picture takes to come."""
PLAIN: Final[Changes] = {
    "speaker_inks": "", "upcoming": 1.0, "said": 1.0, "said_ink": "", "reveal": "all", "lift": 0.0, "grow": 1.0, "band": 0.0,
    "glow": 0.0, "sweep": False, "run": "#00000000", "mark": "#00000000", "line": "#00000000", "ease": "none", "rotation": 0.0,
    "across": 0.5, "align": "centre", "max_lines": 3, "entrance": "none", "exit": "none", "punctuation": "all", "max_words": 8,
}  # fmt: skip
"""What a text that nobody says does not take over from the captions."""
HEADLINE: Final[Changes] = {"size": 0.05, "width": 0.86, "line_spacing": 1.02}
LABEL: Final[Changes] = {"size": 0.032, "width": 0.8}
Measure = Callable[[CaptionStyle], Width]
"""Gives for a style what measures texts in it."""


def text_style(look: Look, text: TextExtra) -> CaptionStyle:
    """The style of a text: the look's captions, made plain, as the look has headlines (or texts), as was chosen for this one."""
    kind, own = (HEADLINE, look.headline) if text.headline else (LABEL, look.label)
    return resolved(look.style, (PLAIN, kind, own, text.style))


@dataclass(frozen=True, slots=True)
class _Placed:
    """An extra with the times at which it is on; texts with their rows and their style."""

    extra: Extra
    spans: Spans
    rows: Rows = ()
    style: CaptionStyle | None = None


@dataclass(frozen=True, slots=True)
class PlacedExtras:
    """The extras of a short, worked out. Their layers are asked for by tick of the short and number of its frame."""

    placed: tuple[_Placed, ...]
    language: str
    fps: Fraction
    frames: int

    def spans(self, number: int) -> Spans:
        """When the extra with an id is on."""
        return next((p.spans for p in self.placed if p.extra.id == number), ())

    def text_rows(self, number: int) -> tuple[Rows, CaptionStyle] | None:
        """How the text with an id is set; None for what is no text."""
        return next(((p.rows, p.style) for p in self.placed if p.extra.id == number and p.style is not None), None)

    def under(self, tick: int) -> tuple[Layer, ...]:
        """What lies under captions and other extras: light effects."""
        return tuple(
            LightLayer(p.extra.light, p.extra.strength, self._frames_into(p, tick), float(self.fps))
            for p in self.placed
            if isinstance(p.extra, LightExtra) and _on(p, tick)
        )

    def over(self, number: int, tick: int) -> tuple[Layer, ...]:
        """Texts, pictures and bars, from the ground up."""
        out: list[Layer] = []
        for one in self.placed:
            extra = one.extra
            if isinstance(extra, LightExtra | SoundExtra) or not _on(one, tick):
                continue
            if isinstance(extra, BarExtra):
                out.append(BarLayer(extra, (number + 1) / self.frames))
            elif isinstance(extra, PictureExtra):
                out.append(self._picture(extra, self._frames_into(one, tick)))
            else:
                out.append(self._text(extra, one, tick))
        return tuple(out)

    def _frames_into(self, one: _Placed, tick: int) -> int:
        start = next((a for a, b in one.spans if a <= tick < b), 0)
        return int((tick - start) * self.fps / TICKS_PER_SECOND)

    def _picture(self, extra: PictureExtra, into: int) -> ImageLayer:
        seconds = into / float(self.fps)
        layer = ImageLayer(
            extra.id, extra.path, extra.key, extra.across, extra.down, extra.size, extra.opacity, extra.rotation,
            int(seconds * PICTURE_STEPS + 1e-6), extra.corner, extra.margin,
        )  # fmt: skip
        share = min(1.0, (seconds + 1 / float(self.fps)) / COMES_S)
        if extra.entrance == "none" or share >= 1:
            return layer
        eased = round((share * share * (3 - 2 * share)) * STEPS) / STEPS
        if extra.entrance == "fade":
            return replace(layer, opacity=layer.opacity * eased)
        if extra.entrance == "grow":
            return replace(layer, size=max(0.02, layer.size * (0.6 + 0.4 * eased)), opacity=layer.opacity * eased)
        return replace(layer, down=layer.down - 0.08 * (1 - eased), opacity=layer.opacity * eased)

    def _text(self, extra: TextExtra, one: _Placed, tick: int) -> TextLayer:
        style = one.style
        assert style is not None, "texts are placed with their style"
        start, end = next((a, b) for a, b in one.spans if a <= tick < b)
        come = _part(tick - start, style.entrance_s) if style.entrance != "none" and style.entrance_s > 0 else STEPS
        go = STEPS - _part(end - tick, style.exit_s) if style.exit != "none" and style.exit_s > 0 else 0
        return TextLayer(extra.id, one.rows, style, extra.down, come, go, self.language)


def _on(one: _Placed, tick: int) -> bool:
    return any(a <= tick < b for a, b in one.spans)


def _part(ticks: int, seconds: float) -> int:
    return min(STEPS, max(1, round(STEPS * ticks / (seconds * TICKS_PER_SECOND))))


def placed_extras(
    extras: Extras, look: Look, time_map: TimeMap, around: tuple[int, int], times: WordTimes, measure: Measure,
    language: str, fps: Fraction, frames: int,
) -> PlacedExtras:  # fmt: skip
    """Work the extras of a short out. `around` is the time before and after the talk in ticks, during which what is there for the
    whole short is, too."""
    placed = []
    for extra in extras.items:
        spans = spans_of(extra.extent, time_map, times)
        if isinstance(extra.extent, WholeExtent):
            spans = ((-around[0], time_map.length + around[1]),)
        if isinstance(extra, TextExtra):
            placed.append(_set(extra, spans, text_style(look, extra), measure))
        else:
            placed.append(_Placed(extra, spans))
    return PlacedExtras(tuple(placed), language, fps, frames)


def _set(extra: TextExtra, spans: Spans, style: CaptionStyle, measure: Measure) -> _Placed:
    """A text in its lines, all in letters small enough that the widest fits."""
    width = measure(style)
    lines = lines_of(_cased(extra.text, style.case), width, style.max_lines)
    widest = max((width(" ".join(line)) for line in lines), default=1.0)
    if widest > 1:
        style = replace(style, size=max(0.01, style.size / widest))
    return _Placed(extra, spans, tuple(tuple(InkWord(word, style) for word in line) for line in lines), style)


def _cased(text: str, case: str) -> str:
    return text.upper() if case == "capitals" else (text.lower() if case == "small" else text)


def times_of(extras: Extras, words: Mapping[str, Sequence[Word]]) -> WordTimes:
    """Start and end of the words that passages of extras begin and end with, by source and id; `words` are those of sources."""
    needed: dict[str, set[int]] = {}
    for extra in extras.items:
        if isinstance(extra.extent, PassageExtent) and extra.extent.first >= 0:
            needed.setdefault(extra.extent.source, set()).update((extra.extent.first, extra.extent.last))
    return {(key, w.id): (w.start, w.end) for key, ids in needed.items() for w in words.get(key, ()) if w.id in ids}
