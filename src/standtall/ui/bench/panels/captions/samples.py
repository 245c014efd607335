"""Pictures of looks: a few words in each, as captions would be at a moment. They are made beside the window."""

from __future__ import annotations

from dataclasses import replace
from typing import Final, NamedTuple

from PySide6.QtGui import QImage

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.grouping import Cards, cards
from standtall.captions.said import CaptionWord
from standtall.compose.producers.caption_styles import CaptionStyles
from standtall.compose.producers.captions import WrittenWidth, caption_layer, grouping_of
from standtall.ink.caption_ink import CaptionInk
from standtall.ink.sprite import painted
from standtall.model.captions import Captions
from standtall.model.look import Look
from standtall.model.words import Word

PACE: Final = round(0.42 * TICKS_PER_SECOND)
"""Time of a word in a sample."""
REST: Final = round(0.9 * TICKS_PER_SECOND)
TALL: Final = 400
"""Height of the frame that a sample is a part of: letters are seen in about their share of a small picture."""


class Wanted(NamedTuple):
    """A sample of a look: how wide, of which words in which language, at which tick since they began."""

    look: Look
    width: int
    words: tuple[str, ...]
    language: str
    tick: int


class Samples:
    """Makes samples; use it from one thread. What a look needs for its words is made once."""

    def __init__(self) -> None:
        self._made: dict[str, tuple[object, Cards, CaptionInk, CaptionStyles]] = {}

    def picture(self, wanted: Wanted) -> QImage | None:
        """A frame of which the sample is the middle, (TALL, width) pixels; nothing where there are no words."""
        made, ink, styles = self._ready(wanted)
        tick = wanted.tick % length_of(wanted.words)
        card = next((c for c in made if c.start <= tick < c.end), made[-1] if made else None)
        if card is None:
            return None
        layer = caption_layer(card, min(tick, card.end - 1), styles, styles.look, 0.5, wanted.language)
        rows = tuple(tuple(w.drawn for w in row) for row in layer.rows)
        return painted(ink.sprites(rows, 0.5, layer.come, layer.go), wanted.width, TALL)

    def _ready(self, wanted: Wanted) -> tuple[Cards, CaptionInk, CaptionStyles]:
        about = wanted._replace(tick=0)
        kept = self._made.get(wanted.look.name)
        if kept is None or kept[0] != about:
            style = wanted.look.style
            style = replace(style, across=0.5, width=0.94, size=min(0.06, style.size * 1.25))
            ink = CaptionInk(style, wanted.width, TALL, wanted.language)
            said = tuple(
                CaptionWord("", Word(text, n * PACE, (n + 1) * PACE - 1_000, id=n), text, n * PACE, (n + 1) * PACE - 1_000)
                for n, text in enumerate(wanted.words)
            )
            measure = WrittenWidth.of(ink.width_of, style, ())
            made = cards(said, grouping_of(style, wanted.language or "en"), measure, length_of(wanted.words))
            kept = self._made[wanted.look.name] = about, made, ink, CaptionStyles(style, Captions(), "9:16")
        return kept[1:]


def length_of(words: tuple[str, ...]) -> int:
    """Ticks until a sample of so many words begins again."""
    return len(words) * PACE + REST
