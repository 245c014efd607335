"""Groups the words of a short into caption lines, by the least total cost of the breaks between them."""

from __future__ import annotations

import functools
from collections.abc import Callable
from dataclasses import dataclass
from typing import Final

from standtall.base.time import TICKS
from standtall.model.timemap import TimeMap
from standtall.model.words import Word, words_within

PAUSE: Final = round(0.38 * TICKS)
"""A silence from which a line never reaches over it."""
HOLD: Final = round(0.5 * TICKS)
"""A line stays until the next one when that comes sooner than this, so that captions do not flicker."""
AFTER: Final = round(0.22 * TICKS)
_BOUND: Final = """
a an the of to in on at by for with from as and or but so if that than my your his her its our their this these those
is are was were be i you he she it we they i'm i've don't not very no one's
"""
BOUND_TO_NEXT: Final = frozenset(_BOUND.split())
"""Words that belong to the one after them (common practice, no source)."""

Width = Callable[[str], float]
"""Width of a text as a share of the widest allowed line."""


@dataclass(frozen=True, slots=True)
class CaptionWord:
    """A word of a line: index into the source's words, text, start and end in ticks of the short."""

    index: int
    text: str
    start: int
    end: int


@dataclass(frozen=True, slots=True)
class CaptionLine:
    """Words shown together from `start` to `end` (ticks of the short)."""

    words: tuple[CaptionWord, ...]
    start: int
    end: int

    @property
    def text(self) -> str:
        return " ".join(w.text for w in self.words)

    def lit_at(self, tick: int) -> int | None:
        """Position of the word being said; a word stays lit until the next begins, unless a real pause follows."""
        lit = None
        for i, word in enumerate(self.words):
            if word.start <= tick:
                lit = i
        if lit is not None and tick >= self.words[lit].end + AFTER:
            return None
        return lit


def spoken(
    words: tuple[Word, ...], time_map: TimeMap, nudge: int = 0, unspoken: bool = False
) -> tuple[CaptionWord, ...]:
    """The words that the short keeps, in its own time and `nudge` ticks later; those not spoken only if asked for."""
    out: list[CaptionWord] = []
    for number, excerpt in enumerate(time_map.excerpts):
        begin, end = time_map.span_of(number)
        for i in words_within(words, excerpt.start, excerpt.end):
            if words[i].kind == "unspoken" and not unspoken:
                continue
            moved = begin - excerpt.start + nudge
            start = min(max(begin, words[i].start + moved), end - 1)
            out.append(CaptionWord(i, words[i].text, start, max(start + 1, min(end, words[i].end + moved))))
    return tuple(out)


def lines(said: tuple[CaptionWord, ...], max_words: int, width: Width, length: int) -> tuple[CaptionLine, ...]:
    """Caption lines of at most `max_words` words and a width of 1, in the short's time.

    Lines never reach over a pause or the end of a sentence; inside such a phrase the breaks with the least total
    cost are taken: even lines, and no break after a word that belongs to the next.
    """
    groups: list[tuple[CaptionWord, ...]] = []
    for phrase in _phrases(said):
        at = 0
        for count in _broken(tuple(w.text for w in phrase), max_words, width):
            groups.append(tuple(phrase[at : at + count]))
            at += count
    out: list[CaptionLine] = []
    for i, group in enumerate(groups):
        after = groups[i + 1][0].start if i + 1 < len(groups) else length
        end = after if after - group[-1].end < HOLD else group[-1].end + AFTER
        out.append(CaptionLine(group, group[0].start, min(end, after)))
    return tuple(out)


def _phrases(said: tuple[CaptionWord, ...]) -> list[list[CaptionWord]]:
    out: list[list[CaptionWord]] = []
    for word in said:
        new = not out or word.start - out[-1][-1].end > PAUSE or out[-1][-1].text.rstrip("\"'”’").endswith((".", "!", "?"))
        if new:
            out.append([word])
        else:
            out[-1].append(word)
    return out


def _cost(group: tuple[str, ...], last: bool, max_words: int, width: Width) -> float:
    wide = width(" ".join(group))
    if wide > 1 and len(group) > 1:
        return 1e6
    cost = (1 - len(group) / max_words) ** 2 + 0.3 * (1 - min(1.0, wide)) ** 2
    tail = group[-1]
    if not last:
        if tail.lower().strip(",;:") in BOUND_TO_NEXT:
            cost += 0.9
        if not tail.endswith((",", ";", ":", "-", "–")):
            cost += 0.15
    cost += 1.1 * sum(text.endswith((",", ";", ":")) for text in group[:-1])
    return cost


@functools.lru_cache(maxsize=8_192)
def _broken(phrase: tuple[str, ...], max_words: int, width: Width) -> tuple[int, ...]:
    """How many words each line of a phrase holds; kept, since an edit changes few phrases of many."""
    best: list[tuple[float, int]] = [(0.0, 0)]
    for end in range(1, len(phrase) + 1):
        options = [
            (best[start][0] + _cost(phrase[start:end], end == len(phrase), max_words, width), start)
            for start in range(max(0, end - max_words), end)
        ]
        best.append(min(options))
    out: list[int] = []
    end = len(phrase)
    while end:
        start = best[end][1]
        out.append(end - start)
        end = start
    return tuple(out[::-1])
