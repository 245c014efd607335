"""Caption layers: the card on show at a moment, each word in the style that holds for it and in its state."""

from __future__ import annotations

from collections.abc import Collection, Mapping
from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.grouping import AFTER, Card, Grouping, Width
from standtall.captions.said import CaptionWord
from standtall.compose.layers.caption import CaptionLayer, ShownWord
from standtall.compose.producers.caption_styles import CaptionStyles
from standtall.ink.drawn import PARTS, STEPS, InkWord, State
from standtall.language.written import written
from standtall.model.caption_marks import WordEmoji
from standtall.model.style import CaptionStyle

Emoji = Mapping[tuple[str, int], WordEmoji]
"""By source and word."""
_NONE: Final[Emoji] = {}


@dataclass(frozen=True, slots=True)
class WrittenWidth:
    """Widths of texts as they are written in a style; equal ones give equal widths, so that what was grouped is kept."""

    width: Width
    case: str
    punctuation: str
    masked: frozenset[str]

    @classmethod
    def of(cls, width: Width, style: CaptionStyle, masked: Collection[str]) -> WrittenWidth:
        return cls(width, style.case, style.punctuation, frozenset(word.casefold() for word in masked))

    def __call__(self, text: str) -> float:
        return self.width(written(text, self.case, self.punctuation, self.masked))


def grouping_of(style: CaptionStyle, language: str) -> Grouping:
    """How a style wants its cards."""
    return Grouping(style.max_words, style.max_lines, style.least_s, style.most_s, style.close_gaps, language)


def worded_as(word: CaptionWord, style: CaptionStyle, masked: Collection[str], emoji: Emoji = _NONE) -> str:
    """The text of a word as it is drawn, with the emoji that stands after it."""
    text = written(word.text, style.case, style.punctuation, masked)
    own = emoji.get((word.source, word.said.id))
    return f"{text}\u00a0{own.emoji}" if own is not None and own.place == "line" else text


def caption_layer(
    card: Card, tick: int, styles: CaptionStyles, base: CaptionStyle, middle: float, language: str = "", emoji: Emoji = _NONE
) -> CaptionLayer:
    """The layer of a card at a tick of the short; `base` is the style of the short."""
    found = styles.of_card(base, card)
    masked = {word.casefold() for word in styles.captions.masked}
    now = card.highlighted_at(tick)
    rows: list[tuple[ShownWord, ...]] = []
    number, said = 0, card.words
    for row, row_styles in zip(card.lines, found.words, strict=True):
        out, above = [], []
        for word, style in zip(row, row_styles, strict=True):
            over = min(word.end + AFTER, said[number + 1].start) if number + 1 < len(said) else word.end + AFTER
            drawn = _drawn(word, worded_as(word, style, masked, emoji), style, state_of(number, now), (tick, over))
            out.append(ShownWord(word.source, word.said.id, drawn))
            own = emoji.get((word.source, word.said.id))
            if own is not None and own.place == "above":
                above.append(ShownWord(word.source, word.said.id, _drawn(word, own.emoji, style, drawn.state, (tick, over))))
            number += 1
        rows += [tuple(above)] if above else []
        rows.append(tuple(out))
    come, go = _on_the_way(card, found.card, tick)
    return CaptionLayer(tuple(rows), found.card, middle, come, go, language)


def state_of(number: int, now: int | None) -> State:
    """How word `number` of a card is shown while the word `now` is being said (None: none of them)."""
    if now is None or number < now:
        return "said"
    return "now" if number == now else "upcoming"


def _drawn(word: CaptionWord, text: str, style: CaptionStyle, state: State, times: tuple[int, int]) -> InkWord:
    """The word with how far it is changed and said, only where its style shows that; `times` are now, and when it is no longer
    highlighted."""
    tick, over = times
    lit, told = STEPS, PARTS
    if style.ease != "none" and style.ease_s > 0:
        if state == "now":
            lit = _part(tick - word.start, style.ease_s)
        elif state == "said":
            lit = _part(tick - over, style.ease_s)
    if state == "now" and (style.sweep or style.reveal == "letters" or not style.run.endswith("00") or len(style.run) == 7):
        told = min(PARTS, max(0, -(-(tick - word.start) * PARTS // max(1, word.end - word.start))))
    return InkWord(text, style, state, lit, told)


def _part(ticks: int, seconds: float) -> int:
    """How many of all steps of a change are done after so many ticks; the first is done at once."""
    return min(STEPS, max(1, round(STEPS * ticks / (seconds * TICKS_PER_SECOND))))


def _on_the_way(card: Card, style: CaptionStyle, tick: int) -> tuple[int, int]:
    come, go = STEPS, 0
    if style.entrance != "none" and style.entrance_s > 0:
        come = _part(tick - card.start, style.entrance_s)
    if style.exit != "none" and style.exit_s > 0:
        go = STEPS - _part(card.end - tick, style.exit_s)
    return come, go
