"""Groups the words of a short into caption lines, by the least total cost of the breaks between them."""

from __future__ import annotations

import functools
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Final, Protocol

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.joining import joined
from standtall.language.sentences import PHRASE_PAUSE
from standtall.model.timemap import TimeMap
from standtall.model.translation import Translation
from standtall.model.words import Word, ends_sentence, words_within

HOLD: Final = round(0.5 * TICKS_PER_SECOND)
"""A line stays until the next one when that comes sooner than this, so that captions do not flicker."""
AFTER: Final = round(0.22 * TICKS_PER_SECOND)
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
    """A word of a line: the word of which source it stands for, its text, start and end in ticks of the short."""

    source: str
    said: Word
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
        return joined([w.text for w in self.words])

    def highlighted_at(self, tick: int) -> int | None:
        """Position of the word being said; a word stays highlighted until the next begins, unless a real pause follows."""
        found = None
        for i, word in enumerate(self.words):
            if word.start <= tick:
                found = i
        if found is not None and tick >= self.words[found].end + AFTER:
            return None
        return found


class Worded(Protocol):
    """What has words: an analysis or a transcript of one source."""

    @property
    def words(self) -> tuple[Word, ...]: ...
    @property
    def caption_offset(self) -> int: ...
    @property
    def translations(self) -> tuple[Translation, ...]: ...


def spoken(worded: Mapping[str, Worded], time_map: TimeMap, shifted: bool = True) -> tuple[CaptionWord, ...]:
    """The words that a short keeps of its sources, in its own time, later by their caption offset where they are to be
    `shifted`; words that are not in the sound are left out."""
    out: list[CaptionWord] = []
    for number, segment in enumerate(time_map.segments):
        if segment.source not in worded:
            continue
        words = worded[segment.source].words
        begin, end = time_map.span_of(number)
        moved = begin - segment.start + (worded[segment.source].caption_offset if shifted else 0)
        for i in words_within(words, segment.start, segment.end):
            if words[i].kind == "unspoken":
                continue
            start = min(max(begin, words[i].start + moved), end - 1)
            stop = max(start + 1, min(end, words[i].end + moved))
            out.append(CaptionWord(segment.source, words[i], words[i].text, start, stop))
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
        new = not out or word.start - out[-1][-1].end > PHRASE_PAUSE or ends_sentence(out[-1][-1].text)
        if new:
            out.append([word])
        else:
            out[-1].append(word)
    return out


def _cost(group: tuple[str, ...], last: bool, max_words: int, width: Width) -> float:
    wide = width(joined(group))
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
