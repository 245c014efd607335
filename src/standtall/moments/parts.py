"""The measured parts of a passage's rating, each with the words that earned or cost it.

The rules follow what editors look for (common practice, no source): an opening that grips in its first three seconds, something
worth hearing, a real ending, nothing that refers outside. The word lists are English; in other languages what does not
depend on them is measured all the same.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from functools import cached_property
from typing import Final

import numpy as np

from standtall.base.time import TICKS, seconds
from standtall.model.analysis import Analysis
from standtall.model.moment import Part, Reason
from standtall.model.words import Word
from standtall.moments.rarity import COMMON_BITS, information
from standtall.moments.sentences import sentences

OPENING: Final = 3 * TICKS


def _set(text: str) -> frozenset[str]:
    return frozenset(text.split())


QUESTION: Final = _set("what why how who when where which whose")
ADDRESS: Final = _set("you your you're you'll you've yourself")
CLAIM: Final = _set(
    "never always nobody everybody everyone nothing everything only best worst most least truth secret mistake wrong must"
)
CONTRAST: Final = _set("but instead yet however although actually except until unless not")
NUMBER: Final = _set(
    "two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty sixty hundred thousand million billion "
    "half twice"
)
CLEARING: Final = _set("um uh er so well okay ok anyway right yeah and like basically actually alright hello welcome thanks")
OUTSIDE: Final = _set("it this that they them these those he she him her his their its there then such both")
POINTING: Final = _set("this that these those such")
LINKS: Final = _set("and but so because or then also")
HOW_TO: Final = _set("should need try make put keep use stop start first step way method")
FEELING: Final = _set(
    "love hate fear afraid proud angry happy sad cry cried laugh laughed hope hurt beautiful terrible wonderful wasted regret "
    "believe dream"
)
USUAL_PACE: Final = (2.0, 3.6)
"""Words a second of talk that is easy to follow and not slow (common practice, no source)."""


@dataclass(frozen=True)
class Talk:
    """The words of a source with what is measured of them once: sentences, information, novelty, pauses."""

    analysis: Analysis

    @property
    def words(self) -> tuple[Word, ...]:
        return self.analysis.words

    @property
    def language(self) -> str:
        return self.analysis.language or "en"

    @cached_property
    def sentences(self) -> list[range]:
        return sentences(self.words)

    @cached_property
    def bare(self) -> list[str]:
        return [w.bare for w in self.words]

    @cached_property
    def bits(self) -> np.ndarray:
        """(n,) information of each word, less the more often the source says it; 0 for glue and fillers."""
        told: dict[str, int] = {}
        out = np.zeros(len(self.words))
        for i, word in enumerate(self.bare):
            value = information(word, self.language)
            if self.words[i].kind != "word" or value < COMMON_BITS:
                continue
            told[word] = told.get(word, 0) + 1
            out[i] = value / told[word] ** 0.5
        return out

    @cached_property
    def told(self) -> np.ndarray:
        """(n + 1,) running sum of `bits`."""
        return np.concatenate([[0.0], np.cumsum(self.bits)])

    @cached_property
    def usual(self) -> float:
        """Bits a second that this talk tells in the mean."""
        length = seconds(self.words[-1].end - self.words[0].start) if self.words else 1.0
        return float(self.told[-1]) / max(1.0, length)


def is_number(word: str) -> bool:
    return word in NUMBER or bool(re.fullmatch(r"\d[\d.,]*", word))


def _reason(text: str, good: bool, first: int, last: int | None = None) -> Reason:
    return Reason(text, good, first, first if last is None else last)


def _clip(value: float) -> float:
    return round(min(1.0, max(0.0, value)), 3)


def opening(talk: Talk, words: range) -> Part:
    """What the first three seconds hold."""
    begin = talk.words[words.start].start
    first = [i for i in words if talk.words[i].start < begin + OPENING]
    bare = [talk.bare[i] for i in first]
    value, reasons = 0.3, []
    sentence = next((s for s in talk.sentences if words.start in s), range(words.start, words.start + 1))
    if talk.words[sentence[-1]].text.rstrip("\"'”’)").endswith("?") or (bare[:1] and bare[0] in QUESTION):
        value += 0.35
        reasons.append(_reason("opens on a question", True, words.start, sentence[-1]))
    for kind, gain, text in (
        (CLAIM, 0.25, "opens on a claim"),
        (NUMBER, 0.2, "names a number at once"),
        (ADDRESS, 0.15, "speaks to the viewer at once"),
        (CONTRAST, 0.12, "opens on a contrast"),
    ):
        hit = next((i for i, b in zip(first, bare, strict=True) if b in kind or (kind is NUMBER and is_number(b))), None)
        if hit is not None:
            value += gain
            reasons.append(_reason(text, True, hit))
    if bare[:1] and bare[0] in CLEARING:
        value -= 0.3
        reasons.append(_reason(f"“{talk.words[words.start].text}” only clears the throat", False, words.start))
    silent = sum(talk.words[i].kind == "filler" for i in first)
    if silent:
        value -= 0.15 * silent
        reasons.append(_reason("a filler in the first three seconds", False, first[0], first[-1]))
    return Part("opening", _clip(value), tuple(reasons))


def worth(talk: Talk, words: range) -> Part:
    """How much is told, how new, how useful, how moving."""
    length = max(1.0, seconds(talk.words[words[-1]].end - talk.words[words.start].start))
    rate = float(talk.told[words.stop] - talk.told[words.start]) / length
    value = 0.45 * min(2.0, rate / max(0.1, talk.usual)) / 1.4
    reasons = []
    strong = sorted(words, key=lambda i: -talk.bits[i])[:3]
    named = ", ".join(dict.fromkeys(talk.words[i].text.strip(".,;:!?") for i in sorted(strong) if talk.bits[i] > 0))
    if rate > 1.1 * talk.usual and named:
        reasons.append(_reason(f"tells much: {named}", True, min(strong), max(strong)))
    elif rate < 0.8 * talk.usual:
        reasons.append(_reason("tells less than the rest of the talk", False, words.start, words[-1]))
    for kind, gain, text in (
        (HOW_TO, 0.16, "says what to do"),
        (CLAIM, 0.14, "makes a claim"),
        (CONTRAST, 0.08, "sets one thing against another"),
        (FEELING, 0.14, "says how it feels"),
        (NUMBER, 0.1, "gives numbers"),
    ):
        hits = [i for i in words if talk.bare[i] in kind or (kind is NUMBER and is_number(talk.bare[i]))]
        if hits:
            value += gain * min(1.0, 0.5 + len(hits) / 4)
            reasons.append(_reason(text, True, hits[0], hits[0]))
    return Part("worth", _clip(value), tuple(reasons))


def ending(talk: Talk, words: range) -> Part:
    """Whether the thought is closed."""
    last = words[-1]
    value, reasons = 0.35, []
    if talk.words[last].text.rstrip("\"'”’)").endswith("?"):
        value -= 0.15
        reasons.append(_reason("ends on a question that nobody answers", False, last))
    elif talk.words[last].ends_sentence:
        value += 0.25
        reasons.append(_reason("ends with its sentence", True, last))
    after = talk.words[last + 1] if last + 1 < len(talk.words) else None
    pause = seconds(after.start - talk.words[last].end) if after is not None else 2.0
    if pause >= 0.5:
        value += 0.2
        reasons.append(_reason(f"a pause of {pause:.1f} s follows", True, last))
    if after is not None and after.bare in LINKS and pause < 0.8:
        value -= 0.2
        reasons.append(_reason(f"the talk goes on with “{after.text}”", False, last))
    sentence = next((s for s in talk.sentences if last in s), range(last, last + 1))
    if len(sentence) <= 8 and talk.words[last].ends_sentence and len(words) > len(sentence):
        value += 0.15
        reasons.append(_reason("ends on a short line", True, sentence[0], last))
    return Part("ending", _clip(value), tuple(reasons))


def alone(talk: Talk, words: range) -> Part:
    """Whether it is understood without the rest."""
    value, reasons = 1.0, []
    sentence = next((s for s in talk.sentences if words.start in s), words)
    named = 0
    for i in sentence[:8]:
        if i not in words:
            break
        if talk.bits[i] > COMMON_BITS:
            named += 1
        if talk.bare[i] in OUTSIDE and not named and not (talk.bare[i] in POINTING and i > words.start):
            value -= 0.35
            reasons.append(_reason(f"“{talk.words[i].text}” in the first line refers to something outside", False, i))
            break
    if talk.bare[words.start] in LINKS:
        value -= 0.2
        reasons.append(_reason(f"“{talk.words[words.start].text}” leans on what came before", False, words.start))
    before = talk.words[words.start - 1] if words.start else None
    if before is not None and before.text.rstrip("\"'”’)").endswith("?") and before.talker != talk.words[words.start].talker:
        value -= 0.25
        reasons.append(_reason("answers a question that is left out", False, words.start))
    if not reasons:
        reasons.append(_reason("needs nothing from outside", True, words.start))
    return Part("alone", _clip(value), tuple(reasons))


def pace(talk: Talk, words: range) -> Part:
    """Words a second, and dead air."""
    length = max(0.5, seconds(talk.words[words[-1]].end - talk.words[words.start].start))
    rate = len(words) / length
    low, high = USUAL_PACE
    value, reasons = 1.0, []
    if rate < low:
        value -= min(0.6, (low - rate) / low)
        reasons.append(_reason(f"slow: {60 * rate:.0f} words a minute", False, words.start, words[-1]))
    elif rate > high:
        value -= min(0.4, (rate - high) / high)
        reasons.append(_reason(f"hurried: {60 * rate:.0f} words a minute", False, words.start, words[-1]))
    else:
        reasons.append(_reason(f"{60 * rate:.0f} words a minute", True, words.start, words[-1]))
    gaps = [(talk.words[i + 1].start - talk.words[i].end, i) for i in words[:-1]]
    longest, at = max(gaps, default=(0, words.start))
    if longest > 1.5 * TICKS:
        value -= min(0.4, 0.12 * seconds(longest))
        reasons.append(_reason(f"{seconds(longest):.1f} s of silence inside", False, at, at + 1))
    return Part("pace", _clip(value), tuple(reasons))


def picture(talk: Talk, words: range) -> Part:
    """Whether somebody is in view."""
    people = talk.analysis.people
    if not people.shots:
        return Part("picture", 0.5, (_reason("nobody was looked for in the picture", False, words.start),))
    start, end = talk.words[words.start].start, talk.words[words[-1]].end
    times = range(start, end, TICKS)
    seen = sum(any(t.start <= tick <= t.end for t in people.tracks_in(people.shot_at(tick))) for tick in times)
    share = seen / max(1, len(times))
    text = "somebody is in view all the time" if share > 0.97 else f"somebody is in view for {share:.0%} of it"
    return Part("picture", _clip(0.2 + 0.8 * share), (_reason(text, share >= 0.6, words.start, words[-1]),))


MEASURES: Final = (opening, worth, ending, alone, pace, picture)
