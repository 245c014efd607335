"""Caption layers: the card on show at a moment, each word in the style that holds for it."""

from __future__ import annotations

from dataclasses import dataclass

from standtall.captions.lines import CaptionLine
from standtall.compose.layers.caption import CaptionLayer, ShownWord, State
from standtall.model.captions import Captions
from standtall.model.style import CaptionStyle, CardScope, Changes, LineScope, ShapeScope, WordScope, resolved


@dataclass(frozen=True, slots=True)
class CaptionStyles:
    """What styles hold in one short: the look's own, changed for the whole short, its shape, a card, a line or a word."""

    look: CaptionStyle
    captions: Captions
    shape: str

    def of_short(self) -> CaptionStyle:
        """For the whole short in its shape."""
        shapes = [o.style for o in self.captions.overrides if isinstance(o.scope, ShapeScope) and o.scope.shape == self.shape]
        return resolved(self.look, (self.captions.style, *shapes))

    def of_card(self, base: CaptionStyle, card: CaptionLine) -> CaptionStyle:
        """For a card, given that of the short."""
        held = {(w.source, w.said.id) for w in card.words}
        return resolved(base, self._changes(held, (CardScope, LineScope)))

    def of_word(self, base: CaptionStyle, source: str, word: int) -> CaptionStyle:
        """For one word, given that of its card."""
        return resolved(base, self._changes({(source, word)}, (WordScope,)))

    def _changes(self, held: set[tuple[str, int]], scopes: tuple[type, ...]) -> list[Changes]:
        """Changes that are about any of these words, those of cards before those of lines."""
        return [
            override.style
            for kind in scopes
            for override in self.captions.overrides
            if isinstance(override.scope, CardScope | LineScope | WordScope)
            and type(override.scope) is kind
            and (override.scope.source, override.scope.word) in held
        ]


def caption_layer(card: CaptionLine, tick: int, styles: CaptionStyles, base: CaptionStyle, middle: float) -> CaptionLayer:
    """The layer of a card at a tick of the short; `base` is the style of the short."""
    style = styles.of_card(base, card)
    now = card.highlighted_at(tick)
    words = []
    for i, word in enumerate(card.words):
        own = styles.of_word(style, word.source, word.said.id)
        words.append(ShownWord(word.source, word.said.id, word.text, state_of(i, now), own if own != style else None))
    return CaptionLayer(tuple(words), style, middle)


def state_of(number: int, now: int | None) -> State:
    """How word `number` of a card is shown while the word `now` is being said (None: none of them)."""
    if now is None or number < now:
        return "said"
    return "now" if number == now else "upcoming"
