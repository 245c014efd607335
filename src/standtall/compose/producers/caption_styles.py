"""Which style holds for the short, for a card, and for each of its words."""

from __future__ import annotations

from dataclasses import dataclass, field, replace

from standtall.captions.grouping import Card
from standtall.captions.said import CaptionWord
from standtall.model.captions import Captions
from standtall.model.style import CaptionStyle, CardScope, Changes, LineScope, ShapeScope, WordScope, resolved


@dataclass(frozen=True, slots=True)
class CardStyles:
    """The style of a card, and that of each of its words, row by row."""

    card: CaptionStyle
    words: tuple[tuple[CaptionStyle, ...], ...]


@dataclass(frozen=True, slots=True)
class CaptionStyles:
    """What styles hold in one short: the look's own, changed for the whole short, its shape, a card, a line or a word. What was
    found for a card is kept, for frames ask often."""

    look: CaptionStyle
    captions: Captions
    shape: str
    _kept: dict[Card, CardStyles] = field(default_factory=dict, compare=False, repr=False)

    def of_short(self) -> CaptionStyle:
        """For the whole short in its shape."""
        shapes = [o.style for o in self.captions.overrides if isinstance(o.scope, ShapeScope) and o.scope.shape == self.shape]
        return resolved(self.look, (self.captions.style, *shapes))

    def of_card(self, base: CaptionStyle, card: Card) -> CardStyles:
        """For a card and its words, given that of the short."""
        if card not in self._kept:
            style = resolved(base, self._changes({_key(w) for w in card.words}, CardScope))
            rows = tuple(tuple(self._of_row(style, row, number)) for number, row in enumerate(card.lines))
            self._kept[card] = CardStyles(style, rows)
        return self._kept[card]

    def _of_row(self, style: CaptionStyle, row: tuple[CaptionWord, ...], number: int) -> list[CaptionStyle]:
        line = resolved(_second(style) if number else style, self._changes({_key(w) for w in row}, LineScope))
        return [self._of_word(line, word) for word in row]

    def _of_word(self, line: CaptionStyle, word: CaptionWord) -> CaptionStyle:
        style = line
        inks = line.speaker_inks.split()
        if inks:
            ink = inks[max(0, word.said.speaker) % len(inks)]
            style = replace(style, ink=ink, highlight=ink if line.highlight == line.ink else line.highlight)
        if any((s.source, s.word) == _key(word) for s in self.captions.strong):
            style = _strong(style)
        return resolved(style, self._changes({_key(word)}, WordScope))

    def _changes(self, held: set[tuple[str, int]], kind: type) -> list[Changes]:
        """Changes of one kind of scope that are about any of these words."""
        return [
            override.style
            for override in self.captions.overrides
            if isinstance(override.scope, CardScope | LineScope | WordScope)
            and type(override.scope) is kind
            and (override.scope.source, override.scope.word) in held
        ]


def _key(word: CaptionWord) -> tuple[str, int]:
    return word.source, word.said.id


def _second(style: CaptionStyle) -> CaptionStyle:
    """That of all lines after the first."""
    ink = style.second_ink or style.ink
    return replace(
        style, family=style.second_family or style.family, weight=style.second_weight or style.weight, ink=ink,
        size=_sized(style.size * style.second_size), italic=style.second_italic or style.italic,
        highlight=ink if style.highlight == style.ink else style.highlight,
    )  # fmt: skip


def _strong(style: CaptionStyle) -> CaptionStyle:
    ink = style.strong_ink or style.ink
    return replace(
        style, ink=ink, said_ink=ink if style.said_ink else "", highlight=ink if style.strong_ink else style.highlight,
        weight=style.strong_weight or style.weight, now_weight=style.now_weight and max(style.now_weight, style.strong_weight),
        size=_sized(style.size * style.strong_size), italic=style.strong_italic or style.italic,
    )  # fmt: skip


def _sized(size: float) -> float:
    return min(0.2, max(0.01, size))
