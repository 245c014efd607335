"""Draws captions and measures their texts: cards are set once, their words drawn once for each state, and kept."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable
from dataclasses import replace
from functools import partial
from typing import Final, TypeVar

from PySide6.QtGui import QFontMetricsF, QPainterPath, QTransform

from standtall.ink import drawing, word_parts
from standtall.ink.drawn import PARTS, STEPS, InkWord, Rows
from standtall.ink.emoji_pictures import pictured
from standtall.ink.layout import PICTURE, LaidCard, cleaned, joins, laid_out
from standtall.ink.letters import font_of
from standtall.ink.masks import Mask, coloured
from standtall.ink.sprite import Sprite
from standtall.ink.states import WordLook, at_rest, colour, look_of
from standtall.model.style import CaptionStyle

T = TypeVar("T")
KEPT: Final = 320
"""Drawings kept in memory: those of some cards."""
MOST_WIDTHS: Final = 100_000
DIM: Final = 0.3
"""Words that keep at least so much of their opacity have their whole shadow all the time, which is drawn once for a card."""
RISE: Final = 0.7
"""How far a card comes from, in ems."""


class CaptionInk:
    """Captions of one style at one picture size. Needs `ink.engine.start()`; use it from one thread."""

    def __init__(self, style: CaptionStyle, width: int, height: int, language: str = "") -> None:
        self.style, self.width, self.height, self.language = style, width, height, language
        self._kept: OrderedDict[Hashable, object] = OrderedDict()
        self._cards = 0
        self._metrics: dict[bool, QFontMetricsF] = {}
        self._widths: dict[str, float] = {}

    def width_of(self, text: str) -> float:
        """Width of a text as a share of the widest line."""
        known = self._widths.get(text)
        if known is None:
            if len(self._widths) > MOST_WIDTHS:
                self._widths.clear()
            plain, emoji = cleaned(text), pictured(text)
            for one in reversed(emoji):
                plain = plain[: one.start] + plain[one.end :]
            advance = self._metrics_for(plain).horizontalAdvance(plain) + len(emoji) * PICTURE * self.style.size * self.height
            known = self._widths[text] = advance / (self.style.width * self.width)
        return known

    def _metrics_for(self, text: str) -> QFontMetricsF:
        stacks = not text.isascii() and joins(text)
        if stacks not in self._metrics:
            self._metrics[stacks] = QFontMetricsF(
                font_of(self.style, self.height, language=self.language, text=text if stacks else "")
            )
        return self._metrics[stacks]

    def sprites(self, rows: Rows, middle: float, come: int = STEPS, go: int = 0) -> list[Sprite]:
        """What is drawn of a card, from the bottom up; its middle at a share of the height. `come` tells how far it has come,
        `go` how far it is gone, 0..STEPS."""
        out = self._still(rows, middle)
        if come < STEPS:
            out = self._on_the_way(out, self.style.entrance, come / STEPS)
        if go > 0:
            out = self._on_the_way(out, self.style.exit, 1 - go / STEPS)
        return out

    def card(self, rows: Rows, middle: float) -> LaidCard:
        """The card as it is set; kept whatever word is being said."""
        return self._set(rows, middle)[1]

    def _set(self, rows: Rows, middle: float) -> tuple[int, LaidCard]:
        """The card with a number of its own, which is quicker to find drawings by than all that the card holds."""
        key = ("card", tuple(tuple((w.text, w.style) for w in row) for row in rows), middle)

        def make() -> tuple[int, LaidCard]:
            self._cards += 1
            return self._cards, laid_out(rows, self.style, (self.width, self.height), middle, self.language)

        return self._once(key, make)

    def _once(self, key: Hashable, make: Callable[[], T]) -> T:
        """What is kept under a key, made where it is not there."""
        kept = self._kept.get(key, self)
        if kept is self:
            kept = self._kept[key] = make()
            if len(self._kept) > KEPT:
                self._kept.popitem(last=False)
        else:
            self._kept.move_to_end(key)
        return kept  # type: ignore[return-value]

    def grounds(self, rows: Rows, middle: float) -> list[Sprite]:
        """What lies under the letters of a card: band, boxes and shadows."""
        words = [w for row in rows for w in row]
        if not words:
            return []
        (number, card), frame, style = self._set(rows, middle), (self.width, self.height), self.style
        whole = style.reveal == "all" and min(min(w.style.upcoming, w.style.said) for w in words) >= DIM
        out = [self._once(("band", number), partial(drawing.band, card, style, frame))]
        if whole:
            pairs = tuple(zip(card.words, words, strict=True))
            out.append(self._once(("shadows", number), partial(drawing.shadows, card, pairs, frame)))
            out.append(self._once(("word boxes", number), partial(drawing.word_boxes, card, pairs, frame)))
        out.append(self._once(("boxes", number), partial(drawing.boxes, card, style, frame)))
        for n, word in enumerate(words if not whole else ()):
            told = word.told if word.state == "now" and word.style.reveal == "letters" else 0
            out += self._once(("under", n, word.state, word.lit, told, number), partial(self._under, number, card, n, word))
        return [s for s in out if s is not None]

    def _under(self, number: int, card: LaidCard, n: int, word: InkWord) -> list[Sprite | None]:
        """The shadow and the box of one word, for styles that show words one after the other."""
        share = _share(word, look_of(word))
        if share <= 0:
            return []
        pair, out = ((card.words[n], word),), []
        for name, make in (("shadow", drawing.shadows), ("word box", drawing.word_boxes)):
            under = self._once((name, n, number), partial(make, card, pair, (self.width, self.height)))
            told = None if under is None else self._told(under, card, n, word, QTransform())
            out.append(told if told is None or share >= 1 else told.faded(share))
        return out

    def _still(self, rows: Rows, middle: float) -> list[Sprite]:
        words = [w for row in rows for w in row]
        if not words:
            return []
        (number, card), frame, style = self._set(rows, middle), (self.width, self.height), self.style
        out: list[Sprite | None] = [*self.grounds(rows, middle)]
        for n, word in enumerate(words):
            if word.state == "now" and colour(style.run)[3] > 0:
                out.append(self._once(("run", n, word.told, number), partial(drawing.run_bar, card, n, word, style, frame)))
            told = word.told if word.state == "now" and (word.style.sweep or word.style.reveal == "letters") else 0
            out += self._once(("word", n, word.state, word.lit, told, number), partial(self._word, rows, middle, n, word))
        return [s for s in out if s is not None]

    def _word(self, rows: Rows, middle: float, n: int, word: InkWord) -> list[Sprite | None]:
        """The parts of one word in its state, from the bottom up."""
        look, style, frame = look_of(word), word.style, (self.width, self.height)
        number, card = self._set(rows, middle)
        place = card.words[n]
        own = word_parts.own_way(card, place, look)
        stands = (look.scale, look.lift, look.lean)
        out: list[Sprite | None] = []
        if look.glow > 0 and style.glow > 0:
            shine = self._once(("glow", n, number), partial(self._glow, rows, middle, n, word))
            out.append(coloured([(shine, (*colour(style.highlight)[:3], min(1.0, look.glow)))]))
        if look.mark[3] > 0 or look.line[3] > 0:
            make = partial(word_parts.behind, card, place, word, look, own, frame)
            out.append(self._once(("behind", n, look.mark, look.line, *stands, number), make))
        if look.ink[3] > 0:
            masks = ("letters", n, look.weight, *stands, number)
            filled, lined = self._once(masks, partial(self._letters, rows, middle, n, word, look, own))
            ring = colour(style.outline)
            under = [] if lined is None else [(lined, (*ring[:3], ring[3] * look.ink[3]))]
            written = self._once(("written", look.ink, masks), partial(coloured, [*under, (filled, look.ink)]))
            if style.sweep and word.state == "now" and written is not None:
                full = self._once(("filled", masks), partial(coloured, [*under, (filled, colour(style.highlight))]))
                part = partial(word_parts.told_part, card=card, place=place, own=own, until=word_parts.swept(place, word.told))
                rest = part(written, rest=True)
                out += [None if full is None else part(full), rest and self._told(rest, card, n, word, own)]
            else:
                out.append(None if written is None else self._told(written, card, n, word, own))
            if place.pictures:
                make = partial(word_parts.pictures, card, place, own, look.ink[3], frame)
                out.append(self._told(self._once(("emoji", n, look.ink[3], *stands, number), make), card, n, word, own))
        return out

    def _told(self, drawn: Sprite, card: LaidCard, n: int, word: InkWord, own: QTransform) -> Sprite | None:
        """What is to be seen of a word that comes letter by letter."""
        if word.style.reveal != "letters" or word.state != "now" or word.told >= PARTS:
            return drawn
        place = card.words[n]
        return word_parts.told_part(drawn, card, place, own, word_parts.letters_told(place, word.told))

    def _glow(self, rows: Rows, middle: float, n: int, word: InkWord) -> Mask:
        card, look = self.card(rows, middle), at_rest(word.style, "now")
        own = word_parts.own_way(card, card.words[n], look)
        return word_parts.glow(card, self._outline(rows, n, look.weight, middle), own, (self.width, self.height))

    def _letters(self, rows: Rows, middle: float, n: int, word: InkWord, look: WordLook, own: QTransform) -> word_parts.Letters:
        """The letters of a word as they stand. Those that move are drawn once where they come to rest and seen from there, if
        they keep their weight: nobody can tell for the frames that it takes."""
        number, card = self._set(rows, middle)
        style, frame = word.style, (self.width, self.height)
        ring = style.outline_width * self.height if colour(style.outline)[3] > 0 else 0.0
        draw = partial(word_parts.letters, card, self._outline(rows, n, look.weight, middle))
        still = at_rest(style, "now")
        if word.lit >= STEPS or look.weight != still.weight or own.isIdentity():
            return draw(own, ring, frame)
        there = word_parts.own_way(card, card.words[n], still)
        key = ("letters", n, still.weight, still.scale, still.lift, still.lean, number)
        return word_parts.on_the_way(self._once(key, partial(draw, there, ring, frame)), card, there, own, frame)

    def _outline(self, rows: Rows, number: int, weight: int, middle: float) -> QPainterPath:
        """The outline of a word in another weight: in the middle of the room that it has."""
        words = [w for row in rows for w in row]
        card_number, card = self._set(rows, middle)
        place = card.words[number]
        if weight == words[number].style.weight:
            return place.outline

        def heavier() -> QPainterPath:
            word = replace(words[number], style=replace(words[number].style, weight=weight))
            (own,) = laid_out(((word,),), replace(self.style, width=0.96), (self.width, self.height), middle, self.language).words
            scale = place.rect.height() / max(1.0, own.rect.height())
            to = QTransform().translate(place.rect.center().x(), place.baseline).scale(scale, scale)
            return to.translate(-own.rect.center().x(), -own.baseline).map(own.outline)

        return self._once(("weight", number, weight, card_number), heavier)

    def _on_the_way(self, sprites: list[Sprite], way: str, share: float) -> list[Sprite]:
        """A card that comes or goes: `share` of it is there."""
        eased = share * share * (3 - 2 * share)
        em = self.style.size * self.height
        far = round((1 - eased) * RISE * em / 2) * 2
        if way == "fade":
            return [s.faded(eased) for s in sprites]
        if way in ("rise", "drop"):
            return [s.moved(0, far if way == "rise" else -far).faded(eased) for s in sprites]
        if way == "slide":
            return [s.moved(-2 * far, 0).faded(eased) for s in sprites]
        if way == "grow" and sprites:
            boxes = [(s.x, s.y, s.x + s.luma.shape[1], s.y + s.luma.shape[0]) for s in sprites]
            centre = (
                (min(b[0] for b in boxes) + max(b[2] for b in boxes)) / 2,
                (min(b[1] for b in boxes) + max(b[3] for b in boxes)) / 2,
            )
            return [s.scaled(0.82 + 0.18 * eased, centre).faded(eased) for s in sprites]
        if way == "wipe" and sprites:
            left, right = min(s.x for s in sprites), max(s.x + s.luma.shape[1] for s in sprites)
            until = round((left + eased * (right - left)) / 2) * 2
            return [cut for s in sprites if (cut := s.cut(left, until)) is not None]
        return sprites


def _share(word: InkWord, look: WordLook) -> float:
    """How much of a word's own opacity it has, in hundredths."""
    return min(1.0, round(look.ink[3] / max(0.01, colour(word.style.ink)[3]), 2))
