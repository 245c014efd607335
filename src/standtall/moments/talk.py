"""The words of a source with what is measured of them once, so that any passage is rated in a few steps."""

from __future__ import annotations

import re
from dataclasses import dataclass, field
from functools import cached_property
from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.sentences import sentences
from standtall.language.stems import stem
from standtall.model.analysis import Analysis
from standtall.model.moment import Part, Passage, Reason
from standtall.model.words import Word
from standtall.moments.asides import WHOLE_TURN, Aside, asides, asks
from standtall.moments.lists import Lists, lists_of
from standtall.moments.telling import Telling, telling_of

VAGUE_COST: Final = 3.0
BRIDGED: Final = 0.7
"""What a sentence tells that only points to what was said or to what there is."""
ENOUGH: Final = 0.7
"""Of what the talk tells in the mean: under this a sentence is weak."""
SCRAP: Final = 5
SHORT_ANSWER: Final = 15
"""Words."""
LAUGHED: Final = TICKS_PER_SECOND
"""A laugh that begins within this after a word is about it."""


def reason(text: str, good: bool, first: int, last: int | None = None) -> Reason:
    """About the words between two, in whichever order a passage holds them."""
    other = first if last is None else last
    return Reason(text, good, min(first, other), max(first, other))


def clipped(value: float) -> float:
    return round(min(1.0, max(0.0, value)), 3)


@dataclass(frozen=True)
class Talk:
    """The words of a source: sentences, information, counts of telling kinds, pauses."""

    analysis: Analysis
    memory: dict[tuple[object, ...], Part] = field(default_factory=dict)
    """Parts that depend on one place alone, kept for all passages that begin or end there."""

    @property
    def words(self) -> tuple[Word, ...]:
        return self.analysis.words

    @property
    def language(self) -> str:
        return self.analysis.language or "en"

    @cached_property
    def lists(self) -> Lists:
        """Words of its language."""
        return lists_of(self.language)

    def is_number(self, word: str) -> bool:
        return word in self.lists.number or bool(re.fullmatch(r"\d[\d.,]*", word))

    @cached_property
    def sentences(self) -> list[range]:
        return sentences(self.words)

    @cached_property
    def sentence_of(self) -> NDArray[np.int32]:
        """(n,) number of the sentence of each word, -1 for words that were not spoken."""
        out = np.full(len(self.words), -1, np.int32)
        for number, span in enumerate(self.sentences):
            out[span.start : span.stop] = number
        return out

    @cached_property
    def asides(self) -> list[Aside]:
        """What each sentence is beside talk."""
        return asides(self.words, self.sentences, self.language)

    @cached_property
    def heard_weak(self) -> NDArray[np.float64]:
        """(2, sentences + 1) running sums of the seconds of each sentence, and of those in which little is told."""
        length = np.array([self.length_of((s,)) for s in self.sentences])
        weak = length * np.maximum(0.0, 1 - self.substance / ENOUGH)
        return np.concatenate([np.zeros((2, 1)), np.cumsum([length, weak], axis=1)], axis=1)

    @cached_property
    def long_turns(self) -> NDArray[np.int64]:
        """(turns + 1,) how many of the turns before each are long."""
        return np.concatenate([[0], np.cumsum(np.array(self.turn_words) >= WHOLE_TURN)])

    def begins_turn(self, sentence: int) -> bool:
        """Whether a sentence is the first of a turn."""
        return sentence == 0 or bool(self.turn_of[sentence - 1] != self.turn_of[sentence])

    def quotes(self, last: int) -> bool:
        """Whether the sentence that ends with a word gives what somebody else said: its question waits for no answer."""
        return any(self.bare[i] in self.lists.saying for i in self.sentence_at(last))

    def reaction_after(self, last: int) -> range:
        """The words after `last` that only react to it; empty where there are none."""
        number = int(self.sentence_of[last]) + 1
        stop = number
        while 0 < stop < len(self.sentences) and self.asides[stop] == "reaction":
            stop += 1
        return range(last + 1, self.sentences[stop - 1].stop) if stop > number > 0 else range(last + 1, last + 1)

    @cached_property
    def turns(self) -> list[range]:
        """Sentences (by number) that one person says on end; a listener's reaction does not end a turn, one of both does, and so
        does what leads elsewhere."""
        out: list[range] = []
        speaker: int | None = None
        answered = False
        for number, (sentence, aside) in enumerate(zip(self.sentences, self.asides, strict=True)):
            here = self.words[sentence.start].speaker
            if out and not answered and here == speaker and not aside:
                out[-1] = range(out[-1].start, number + 1)
            elif out and aside == "reaction":
                out[-1] = range(out[-1].start, number + 1)
                answered = answered or here == speaker or self._closes(out[-1], sentence)
            else:
                out.append(range(number, number + 1))
                speaker, answered = here, False
        return out

    def _closes(self, turn: range, reaction: range) -> bool:
        """Whether a reaction ends what was told, and does not only go along with it: by its words, or as the third of a question,
        a short answer and its taking up (sequence-closing thirds: Schegloff 2007, Sequence Organization in Interaction)."""
        asked = turn.start > 0 and self.asks(self.sentences[turn.start - 1][-1])
        told = sum(len(self.sentences[n]) for n in turn if not self.asides[n])
        return (asked and told < SHORT_ANSWER) or any(self.bare[i] in self.lists.closing for i in reaction)

    @cached_property
    def turn_of(self) -> NDArray[np.int32]:
        """(sentences,) number of the turn of each."""
        return np.repeat(np.arange(len(self.turns), dtype=np.int32), [len(t) for t in self.turns])

    @cached_property
    def turn_words(self) -> list[int]:
        """How many words each turn holds at most between two reactions."""
        out = []
        for turn in self.turns:
            most = here = 0
            for n in turn:
                here = 0 if self.asides[n] == "reaction" else here + (0 if self.asides[n] else len(self.sentences[n]))
                most = max(most, here)
            out.append(most)
        return out

    @cached_property
    def substance(self) -> NDArray[np.float64]:
        """(sentences,) 0..2: what each tells a second, against the whole talk; less in the quick to and fro of small turns,
        nothing in what only reacts. A question counts as part of what answers it."""
        out = np.zeros(len(self.sentences))
        lengths = self.turn_words
        for number, sentence in enumerate(self.sentences):
            if self.asides[number]:
                continue
            turn = int(self.turn_of[number])
            size = lengths[turn]
            if self.asks(sentence[-1]) and number == self.turns[turn][-1] and turn + 1 < len(lengths):
                size = max(size, lengths[turn + 1])
            tells = float(self.told[sentence.stop] - self.told[sentence.start]) / max(0.5, self.length_of((sentence,)))
            tells *= BRIDGED if self.points(number) else 1.0
            vague = sum(self.bare[i] in self.lists.hedge for i in sentence) / len(sentence)
            out[number] = min(2.0, tells / max(0.1, self.usual)) * min(1.0, size / WHOLE_TURN) * max(0.2, 1 - VAGUE_COST * vague)
        return out

    def points(self, number: int) -> bool:
        """Whether a sentence only points to what was said or to what there is."""
        sentence = self.sentences[number]
        being = self.lists.being
        return self.bare[sentence.start] in self.lists.bridge and any(self.bare[i] in being for i in sentence[1:3])

    @cached_property
    def telling(self) -> Telling:
        """Where something is told."""
        return telling_of(self)

    def reaction_within(self, first: int, last: int) -> range:
        """The words up to `last` that only react; empty where it ends on something else."""
        start = number = int(self.sentence_of[last])
        while start > int(self.sentence_of[first]) and self.asides[start] == "reaction":
            start -= 1
        return range(self.sentences[start].stop, last + 1) if start < number else range(0)

    def sentence_at(self, word: int) -> range:
        number = int(self.sentence_of[word])
        return self.sentences[number] if number >= 0 else range(word, word + 1)

    @cached_property
    def bare(self) -> list[str]:
        return [w.bare for w in self.words]

    @cached_property
    def stems(self) -> list[str]:
        known = {b: stem(b, self.language) for b in set(self.bare)}
        return [known[b] for b in self.bare]

    @cached_property
    def bits(self) -> NDArray[np.float64]:
        """(n,) information of each word, less the more often the source says it; 0 for glue and fillers."""
        told: dict[str, int] = {}
        value_of = {b: information(b, self.language) for b in set(self.bare)}
        out = np.zeros(len(self.words))
        for i, word in enumerate(self.bare):
            value = value_of[word]
            if self.words[i].kind != "word" or value < COMMON_BITS:
                continue
            told[word] = told.get(word, 0) + 1
            out[i] = value / told[word] ** 0.5
        return out

    @cached_property
    def told(self) -> NDArray[np.float64]:
        """(n + 1,) running sum of `bits`."""
        return np.concatenate([[0.0], np.cumsum(self.bits)])

    @cached_property
    def usual(self) -> float:
        """Bits a second that this talk tells in the mean."""
        length = seconds(self.words[-1].end - self.words[0].start) if self.words else 1.0
        return float(self.told[-1]) / max(1.0, length)

    @cached_property
    def counts(self) -> dict[str, NDArray[np.int64]]:
        """For each telling kind of word the (n + 1,) running count."""
        flags = {
            "how to": [b in self.lists.how_to for b in self.bare],
            "claim": [b in self.lists.claim for b in self.bare],
            "contrast": [b in self.lists.contrast for b in self.bare],
            "feeling": [b in self.lists.feeling for b in self.bare],
            "number": [self.is_number(b) for b in self.bare],
            "name": [self.named(i) for i in range(len(self.bare))],
            "laugh": self._laughed(),
            "gap": [seconds(b.start - a.end) > 1.5 for a, b in zip(self.words, self.words[1:], strict=False)] + [False],
        }
        return {kind: np.concatenate([[0], np.cumsum(np.array(some, np.int64))]) for kind, some in flags.items()}

    def count(self, kind: str, passage: Passage) -> int:
        sums = self.counts[kind]
        return int(sum(sums[run.stop] - sums[run.start] for run in passage))

    def named(self, i: int) -> bool:
        """Whether a word is a name: written with a capital inside a sentence."""
        text = self.words[i].text
        inside = i > 0 and self.sentence_of[i] == self.sentence_of[i - 1]
        return inside and self.language != "de" and text[:1].isupper() and self.bare[i].split("'")[0] != "i" and len(text) > 1

    def _laughed(self) -> list[bool]:
        out = [False] * len(self.words)
        starts = np.array([w.start for w in self.words])
        for heard in self.analysis.soundings:
            if heard.kind == "laughter" and len(starts):
                i = max(0, int(np.searchsorted(starts, heard.start)) - 1)
                out[i] = out[i] or heard.start - self.words[i].end < LAUGHED
        return out

    @cached_property
    def first_said(self) -> dict[str, int]:
        """The first word (index) of each spelling."""
        out: dict[str, int] = {}
        for i, b in enumerate(self.bare):
            out.setdefault(b, i)
        return out

    @cached_property
    def seen(self) -> NDArray[np.float64]:
        """Running sum over whole seconds of the source in which somebody is in view."""
        people = self.analysis.people
        last = int(seconds(self.words[-1].end)) + 2 if self.words else 1
        flags = np.zeros(last)
        for track in people.tracks:
            flags[int(seconds(track.start)) : int(seconds(track.end)) + 1] = 1.0
        return np.concatenate([[0.0], np.cumsum(flags)])

    def asks(self, i: int) -> bool:
        """Whether a word ends a question."""
        return asks(self.words[i])

    def length_of(self, passage: Passage) -> float:
        """Seconds from the first to the last word of each run."""
        return sum(seconds(self.words[run[-1]].end - self.words[run.start].start) for run in passage)
