"""Groups the words of a short into cards of one or two lines, by the least total cost of all breaks.

A card never reaches over a pause, the end of a sentence, a change of speaker or a cut of the short. Inside such a phrase dynamic
programming finds the breaks with the least sum of costs (as in D. E. Knuth and M. F. Plass, "Breaking paragraphs into lines",
1981): full and even lines, no word parted from the one it belongs to, marks of punctuation at the ends.
"""

from __future__ import annotations

import functools
import itertools
import operator
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass, field
from typing import Final, NamedTuple, overload

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND
from standtall.captions.said import CaptionWord, CaptionWords
from standtall.language.bonds import bonds
from standtall.language.joining import gap, joined
from standtall.language.sentences import PHRASE_PAUSE
from standtall.model.caption_marks import Break, BreakKind, Hold
from standtall.model.words import ends_sentence

HOLD: Final = round(0.5 * TICKS_PER_SECOND)
"""A card stays until the next one when that comes sooner than this, so that captions do not flicker."""
AFTER: Final = round(0.22 * TICKS_PER_SECOND)
"""How long a word stays highlighted, and a card on show, after its end where nothing follows."""
PARTED: Final = 6.0
"""Cost of a break between words that belong together; more than all that an uneven line can cost."""
MARKS: Final = (",", ";", ":", "–", "—", "،", "、", "，")
NEVER: Final = 1e6

Kinds = tuple[BreakKind | None, ...]
"""What a person put before each word of a phrase."""
Width = Callable[[str], float]
"""Width of a text as a share of the widest allowed line."""
Ticks = NDArray[np.int64]
_CARD_START, _CARD_END = operator.attrgetter("start"), operator.attrgetter("end")
_PAIR: Final = 16
"""Bytes of a start and an end."""
_Known = dict[tuple[tuple[str, ...], Kinds | None, bytes], tuple[tuple[int, ...], ...]]
"""How many words each line of each card of a phrase holds, by its texts, what a person put before them, and their starts and ends
from its start on (int64, word by word)."""
MOST_KNOWN: Final = 8_192


@dataclass(frozen=True, slots=True)
class Grouping:
    """What cards are to be like: most words and most lines of one, its least and most seconds on show, and whether it stays until
    the next begins."""

    max_words: int = 4
    max_lines: int = 1
    least_s: float = 0.0
    most_s: float = 6.0
    close_gaps: bool = True
    language: str = "en"


class Card(NamedTuple):
    """Words shown together from `start` to `end` (ticks of the short), in one line or more."""

    lines: tuple[tuple[CaptionWord, ...], ...]
    start: int
    end: int

    @property
    def words(self) -> tuple[CaptionWord, ...]:
        return tuple(w for line in self.lines for w in line)

    @property
    def text(self) -> str:
        return joined([w.text for w in self.words])

    def highlighted_at(self, tick: int) -> int | None:
        """Position of the word being said; a word stays highlighted until the next begins, unless a real pause follows."""
        found, end = None, 0
        for i, word in enumerate(self.words):
            if word.start <= tick:
                found, end = i, word.end
        if found is not None and tick >= end + AFTER:
            return None
        return found


@dataclass(frozen=True, slots=True)
class ByHand:
    """What a person has settled: what stands before words, how long cards stay; by source and word."""

    before: dict[tuple[str, int], BreakKind] = field(default_factory=dict)
    holds: dict[tuple[str, int], int] = field(default_factory=dict)

    @classmethod
    def of(cls, breaks: Sequence[Break], holds: Sequence[Hold]) -> ByHand:
        return cls({(b.source, b.word): b.kind for b in breaks}, {(h.source, h.word): h.ticks for h in holds})


class Cards(Sequence[Card]):
    """The cards of a short, in columns like its words: those with which they begin (`firsts`, their numbers), how many words each
    line of each has, and from when to when it is shown. One is made a `Card` where it is asked for."""

    __slots__ = ("ends", "firsts", "rows", "said", "starts")
    __hash__ = None  # type: ignore[assignment]

    def __init__(self, said: CaptionWords, rows: Sequence[tuple[int, ...]], starts: Ticks, ends: Ticks) -> None:
        self.said, self.rows, self.starts, self.ends = said, rows, starts, ends
        self.firsts: list[int] = [0, *itertools.accumulate(map(sum, rows))][: len(rows)]

    @classmethod
    def of(cls, made: Sequence[Card]) -> Cards:
        """The columns of cards that were made one by one."""
        said = CaptionWords.of([word for card in made for word in card.words])
        starts, ends = (np.array([at(card) for card in made], np.int64) for at in (_CARD_START, _CARD_END))
        return cls(said, [tuple(map(len, card.lines)) for card in made], starts, ends)

    def __len__(self) -> int:
        return len(self.rows)

    @overload
    def __getitem__(self, at: int) -> Card: ...
    @overload
    def __getitem__(self, at: slice) -> tuple[Card, ...]: ...
    def __getitem__(self, at: int | slice) -> Card | tuple[Card, ...]:
        if isinstance(at, slice):
            return tuple(self[n] for n in range(*at.indices(len(self))))
        rows, first = self.rows[at], self.firsts[at]
        return Card(_lines(self.said[first : first + sum(rows)], rows), int(self.starts[at]), int(self.ends[at]))

    def __iter__(self) -> Iterator[Card]:
        said = tuple(self.said)
        for first, rows, start, end in zip(self.firsts, self.rows, self.starts.tolist(), self.ends.tolist(), strict=True):
            yield Card(_lines(said[first : first + sum(rows)], rows), start, end)

    def __eq__(self, other: object) -> bool:
        if isinstance(other, Cards):
            times = ((self.starts, other.starts), (self.ends, other.ends))
            alike = all(np.array_equal(mine, theirs) for mine, theirs in times) and list(self.rows) == list(other.rows)
            return alike and self.said == other.said
        return isinstance(other, Sequence) and len(self) == len(other) and all(a == b for a, b in zip(self, other, strict=True))

    def at(self, tick: int) -> int | None:
        """The number of the card on show at a tick of the short."""
        number = int(np.searchsorted(self.starts, tick, "right")) - 1
        return None if number < 0 or tick >= self.ends[number] else number


def cards(
    words: Sequence[CaptionWord], grouping: Grouping, width: Width, length: int, by_hand: ByHand | None = None
) -> Cards:  # fmt: skip
    """The cards of a short of `length` ticks. Where a person broke or joined words that is done; a join over the ends of phrases
    too, unless the speaker changes."""
    said = CaptionWords.of(words)
    if not said:
        return Cards.of(())
    hand = by_hand or ByHand()
    known = _known_breaks(grouping, width)
    firsts = _phrase_starts(said, hand)
    sizes = np.diff(firsts, append=len(said))
    from_start = (np.stack((said.starts, said.ends), axis=1) - np.repeat(said.starts[firsts], sizes)[:, None]).tobytes()
    groups: list[tuple[int, ...]] = []
    for first, last in itertools.pairwise((*firsts, len(said))):
        kinds = _kinds(said, range(first, last), hand) if hand.before else None
        about = said.texts[first:last], kinds, from_start[_PAIR * first : _PAIR * last]
        counts = known.get(about)
        if counts is None:
            if len(known) >= MOST_KNOWN:
                known.clear()
            counts = known[about] = _broken(*about, grouping, width)
        groups += counts
    return _shown(said, groups, grouping, length, hand)


def _kinds(said: CaptionWords, phrase: range, hand: ByHand) -> Kinds | None:
    kinds = tuple(hand.before.get((said.sources[n], said.words[n].id)) for n in phrase)
    return kinds if any(kinds) else None


@functools.lru_cache(maxsize=64)  # the looks that are shown beside each other have one each
def _known_breaks(_grouping: Grouping, _width: Width) -> _Known:
    """How phrases were broken with a grouping and a width; kept, since an edit changes few phrases of many."""
    return {}


def _shown(said: CaptionWords, groups: list[tuple[int, ...]], grouping: Grouping, length: int, hand: ByHand) -> Cards:
    """The cards of so many words in each line, and from when to when each is shown."""
    counts = np.fromiter(map(sum, groups), np.int64, len(groups))
    lasts = np.cumsum(counts)
    begins, last_ends = said.starts[lasts - counts], said.ends[lasts - 1]
    after = np.append(begins[1:], length)
    closes = (after - last_ends < HOLD) & grouping.close_gaps
    stops = np.maximum(np.where(closes, after, last_ends + AFTER), begins + round(grouping.least_s * TICKS_PER_SECOND))
    for n in range(len(groups)) if hand.holds else ():
        stay = _stay(said, range(lasts[n] - counts[n], lasts[n]), hand)
        stops[n] = stops[n] if stay is None else last_ends[n] + stay
    return Cards(said, groups, begins, np.maximum(begins + 1, np.minimum(stops, after)))


def _lines(words: tuple[CaptionWord, ...], rows: tuple[int, ...]) -> tuple[tuple[CaptionWord, ...], ...]:
    if len(rows) == 1:
        return (words,)
    return tuple([words[a:b] for a, b in itertools.pairwise(itertools.accumulate(rows, initial=0))])


def _stay(said: CaptionWords, card: range, hand: ByHand) -> int | None:
    """How long a person let a card stay after its last word."""
    about = ((said.sources[n], said.words[n].id) for n in card)
    return next((hand.holds[word] for word in about if word in hand.holds), None)


def _phrase_starts(said: CaptionWords, hand: ByHand) -> list[int]:
    """Numbers of the words with which phrases begin: after a pause, the end of a sentence, another speaker, a cut."""
    parted = (np.diff(said.segments) != 0) | (np.diff(said.speakers) != 0)
    if len(set(said.sources)) > 1:
        parted |= np.array([a != b for a, b in itertools.pairwise(said.sources)], bool)
    pauses = said.starts[1:] - said.ends[:-1] > PHRASE_PAUSE
    begins = parted | pauses | np.fromiter(map(ends_sentence, said.texts), bool, len(said))[:-1]
    for n in range(1, len(said)) if hand.before else ():
        kind = hand.before.get((said.sources[n], said.words[n].id))
        if kind is not None and not parted[n - 1]:
            begins[n - 1] = kind == "card"
    return [0, *(np.flatnonzero(begins) + 1).tolist()]


@dataclass(frozen=True, slots=True)
class _Phrase:
    """A phrase with all that the cost of a card needs; `wide[i]` is the width of all words before word i with their spaces."""

    texts: tuple[str, ...]
    bond: tuple[float, ...]
    kinds: tuple[BreakKind | None, ...]
    wide: tuple[float, ...]
    spaces: tuple[float, ...]
    times: tuple[tuple[int, int], ...]
    grouping: Grouping

    def width(self, first: int, last: int) -> float:
        """Of words first..last-1 in one line."""
        return self.wide[last] - self.wide[first] - (self.spaces[first - 1] if first else 0.0)

    def break_cost(self, at: int, new_card: bool) -> float:
        """Of a break before word `at`."""
        kind = self.kinds[at]
        if kind == "none":
            return NEVER
        if kind == "card":
            return 0.0 if new_card else NEVER
        if kind == "line":
            return 0.3 if new_card else -1.0
        tail = self.texts[at - 1]
        cost = PARTED * self.bond[at - 1] ** 2
        if not tail.endswith((*MARKS, "-")):
            cost += 0.15
        return cost if new_card else 0.8 * cost

    def lines(self, first: int, last: int) -> tuple[float, tuple[int, ...]]:
        """The best way to set words first..last-1 in one card; -> cost, how many words each line has."""
        found = [self._set(first, last, (last - first,))]
        if self.grouping.max_lines > 1:
            found += [self._set(first, last, (cut - first, last - cut)) for cut in range(first + 1, last)]
        if self.grouping.max_lines > 2:
            found += [
                self._set(first, last, (one - first, two - one, last - two))
                for one in range(first + 1, last - 1) for two in range(one + 1, last)
            ]  # fmt: skip
        return min(found)

    def _set(self, first: int, last: int, counts: tuple[int, ...]) -> tuple[float, tuple[int, ...]]:
        cost, at, widths = 0.0, first, []
        for number, count in enumerate(counts):
            if number:
                cost += self.break_cost(at, new_card=False)
            wide = self.width(at, at + count)
            if wide > 1 and count > 1 and not self._held(at, at + count):
                cost += NEVER * wide
            widths.append(min(1.0, wide))
            at += count
        if any(self.kinds[i] == "card" for i in range(first + 1, last)):
            cost += NEVER
        at = first
        for count in counts:  # a line broken by hand is broken
            cost += NEVER * sum(self.kinds[i] == "line" for i in range(at + 1, at + count))
            at += count
        full = sum(widths) / self.grouping.max_lines if len(counts) == 1 else max(widths)
        cost += 0.3 * (1 - full) ** 2 + 0.6 * (max(widths) - min(widths)) ** 2 + 0.12 * (len(counts) - 1)
        return cost, counts

    def _held(self, first: int, last: int) -> bool:
        """Whether a person joined all of these words: then they are one line, set smaller where they must be."""
        return all(self.kinds[i] == "none" for i in range(first + 1, last))

    def card(self, first: int, last: int) -> tuple[float, tuple[int, ...]]:
        cost, counts = self.lines(first, last)
        many = self.grouping.max_words
        count = last - first
        if count > many and not self._held(first, last):
            cost += NEVER * (count - many)
        cost += (1 - min(count, many) / many) ** 2
        seconds = (self.times[last - 1][1] - self.times[first][0]) / TICKS_PER_SECOND
        if seconds > self.grouping.most_s and count > 1:
            cost += 20 * (seconds / self.grouping.most_s - 1)
        cost += max(0.0, 1 - seconds / self.grouping.least_s) if self.grouping.least_s else 0.0
        cost += 1.1 * sum(text.endswith(MARKS) for text in self.texts[first : last - 1]) / self.grouping.max_lines
        if first:
            cost += self.break_cost(first, new_card=True)
        return cost, counts


def _most(phrase: _Phrase, end: int) -> int:
    """The first word that a card ending before `end` may begin with: joined words may be more than the most."""
    first = max(0, end - phrase.grouping.max_words)
    while first > 0 and phrase.kinds[first] == "none":
        first -= 1
    held = end - 1
    while held > 0 and phrase.kinds[held] == "none":
        held -= 1
    return min(first, held)


def _broken(
    texts: tuple[str, ...], kinds: Kinds | None, times: bytes, grouping: Grouping, width: Width
) -> tuple[tuple[int, ...], ...]:  # fmt: skip
    """How many words each line of each card of a phrase holds."""
    pairs = np.frombuffer(times, np.int64).reshape(-1, 2).tolist()
    phrase = phrase_of(texts, kinds, tuple((start, end) for start, end in pairs), grouping, width)
    best: list[tuple[float, int, tuple[int, ...]]] = [(0.0, 0, ())]
    for end in range(1, len(texts) + 1):
        options = []
        for first in range(_most(phrase, end), end):
            cost, counts = phrase.card(first, end)
            options.append((best[first][0] + cost, first, counts))
        best.append(min(options))
    out: list[tuple[int, ...]] = []
    end = len(texts)
    while end:
        out.append(best[end][2])
        end = best[end][1]
    return tuple(out[::-1])


def phrase_of(
    texts: tuple[str, ...], kinds: Kinds | None, times: tuple[tuple[int, int], ...], grouping: Grouping, width: Width
) -> _Phrase:  # fmt: skip
    """A phrase ready for the costs of its cards."""
    space = width(" ")
    spaces = [space * len(gap(one, two)) for one, two in itertools.pairwise(texts)]
    wide = [0.0]
    for i, text in enumerate(texts):
        wide.append(wide[-1] + width(text) + (spaces[i - 1] if i else 0.0))
    bond = bonds(texts, grouping.language)
    return _Phrase(texts, bond, kinds or (None,) * len(texts), tuple(wide), tuple(spaces), times, grouping)
