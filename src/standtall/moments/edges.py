"""Whether a passage begins where telling begins and ends where it ends."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from standtall.base.interface_language import tr
from standtall.model.moment import Part, Passage, Reason
from standtall.moments.asides import WHOLE_TURN
from standtall.moments.talk import Talk, clipped, reason

FAR: Final = 6
"""Sentences on each side of an edge that are looked at."""
MOST_WON: Final = 4.0
"""Of log odds: an edge that could be so much better is as bad as can be."""
LEFT_OUT: Final = 1.0
"""Of log odds that are missed where an edge stands too far inside."""
SHOWN: Final = 5
"""Words that are shown of an edge."""


def edges(talk: Talk, passage: Passage) -> Part:
    """How well it begins and ends, each half of the part; where it opens on a line from later, what follows that is looked at."""
    body = next((run for run in passage if run.start == min(r.start for r in passage)), passage[0])
    last = max(r[-1] for r in passage)
    begins, ends = _start(talk, body.start), _end(talk, passage, last)
    return Part("edges", clipped((begins[0] + ends[0]) / 2), (*begins[1], *ends[1]))


def _start(talk: Talk, start: int) -> tuple[float, list[Reason]]:
    key = ("start", start)
    if key in talk.memory:
        kept = talk.memory[key]
        return kept.value, list(kept.reasons)
    number = int(talk.sentence_of[start])
    lost, better = _lost(talk, number, talk.telling.from_start)
    edge = 1 - 2 * min(1.0, lost / MOST_WON)
    reasons = []
    said = " ".join(talk.words[i].text for i in talk.sentence_at(start)[:SHOWN])
    if better < number and lost > LEFT_OUT and _one_talk(talk, better, number):
        reasons.append(reason(tr("begins at “{said}” and leaves out how it began", said=said), False, start))
    elif edge > 0.5:
        reasons.append(reason(tr("begins where it begins to tell: “{said}”", said=said), True, start))
    elif edge < -0.3:
        reasons.append(reason(tr("begins in the middle or too early: “{said}”", said=said), False, start))
    made = Part("edges", clipped(0.5 + 0.5 * edge), tuple(reasons))
    talk.memory[key] = made
    return made.value, reasons


def _end(talk: Talk, passage: Passage, last: int) -> tuple[float, list[Reason]]:
    aside = _aside_turn(talk, passage, last)
    key = ("end", last, aside)
    if key in talk.memory:
        kept = talk.memory[key]
        return kept.value, list(kept.reasons)
    number = int(talk.sentence_of[last])
    lost, better = _lost(talk, number, talk.telling.to_end)
    edge = 1 - 2 * min(1.0, lost / MOST_WON)
    value, reasons = 0.5 + 0.5 * edge, []
    sentence = talk.sentence_at(last)
    said = " ".join(talk.words[i].text for i in sentence[-SHOWN:])
    reacts = talk.reaction_after(last)
    if aside:
        value -= 0.5
        reasons.append(reason(tr("ends on a side remark: “{said}”", said=said), False, sentence.start, last))
    elif better > number and lost > LEFT_OUT and _one_talk(talk, number, better):
        reasons.append(reason(tr("stops at “{said}”, short of how it ends", said=said), False, last))
    elif reacts and talk.words[reacts.start].speaker != talk.words[last].speaker:
        heard = " ".join(talk.words[i].text for i in reacts[:SHOWN]).strip(".,;:!?")
        taken = tr("ends on “{said}”, which the listener takes up: “{heard}”", said=said, heard=heard)
        reasons.append(reason(taken, True, sentence.start, reacts[-1]))
    elif edge > 0.5:
        reasons.append(reason(tr("ends where it has been told: “{said}”", said=said), True, sentence.start, last))
    made = Part("edges", clipped(value), tuple(reasons))
    talk.memory[key] = made
    return made.value, reasons


def _lost(talk: Talk, sentence: int, value: Callable[[int], float]) -> tuple[float, int]:
    """By how much the best sentence near would be better as an edge, and which it is."""
    near = range(max(0, sentence - FAR), min(len(talk.sentences), sentence + FAR + 1))
    best = max(near, key=value)
    return value(best) - value(sentence), best


def _one_talk(talk: Talk, first: int, last: int) -> bool:
    """Whether no notice stands among sentences: what lies behind one is another thing, and not left out."""
    return all(talk.asides[n] not in ("notice", "pointing") for n in range(first, last + 1))


def _aside_turn(talk: Talk, passage: Passage, end: int) -> bool:
    """Whether a passage that holds a long turn ends in a short one after it."""
    first, last = (int(talk.turn_of[talk.sentence_of[i]]) for i in (min(r.start for r in passage), end))
    return talk.turn_words[last] < WHOLE_TURN and bool(talk.long_turns[max(first, last)] > talk.long_turns[first])
