"""Whether a passage begins where telling begins and ends where it ends."""

from __future__ import annotations

from typing import Final

import numpy as np
from numpy.typing import NDArray

from standtall.base.interface_language import tr
from standtall.model.moment import Part, Passage, Reason
from standtall.moments.asides import WHOLE_TURN
from standtall.moments.talk import Talk, clipped, reason

FAR: Final = 6
"""Sentences on each side of an edge that are looked at."""
MOST_WON: Final = 4.0
"""Of gain: so much missed or wasted makes an edge as bad as can be."""
NEAR_EDGE: Final = 3
"""Sentences of a turn that are no more than this are not left out at its beginning or end."""
LEFT_OUT: Final = 0.5
"""Gain that is missed."""
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
    edge = _edge(talk, number, -1)
    value, reasons = 0.55 + 0.3 * edge, []
    said = " ".join(talk.words[i].text for i in talk.sentence_at(start)[:SHOWN])
    left = talk.turn_before(number)
    if talk.begins_turn(number):
        value += 0.15
    elif not talk.asides[number - 1]:
        value -= 0.25
    if 0 < len(left) <= NEAR_EDGE and talk.gain_of(left) >= LEFT_OUT:
        value -= 0.3
        reasons.append(reason(tr("begins at “{said}” and leaves out how it began", said=said), False, start))
    elif edge > 0.5:
        reasons.append(reason(tr("begins where it begins to tell: “{said}”", said=said), True, start))
    elif edge < -0.3:
        reasons.append(reason(tr("begins in the middle or too early: “{said}”", said=said), False, start))
    made = Part("edges", clipped(value), tuple(reasons))
    talk.memory[key] = made
    return made.value, reasons


def _end(talk: Talk, passage: Passage, last: int) -> tuple[float, list[Reason]]:
    aside = _aside_turn(talk, passage, last)
    key = ("end", last, aside)
    if key in talk.memory:
        kept = talk.memory[key]
        return kept.value, list(kept.reasons)
    number = int(talk.sentence_of[last])
    edge = _edge(talk, number, 1)
    value, reasons = 0.45 + 0.3 * edge, []
    sentence = talk.sentence_at(last)
    said = " ".join(talk.words[i].text for i in sentence[-SHOWN:])
    reacts, left = talk.reaction_after(last), talk.turn_after(number)
    if aside:
        value -= 0.5
        reasons.append(reason(tr("ends on a side remark: “{said}”", said=said), False, sentence.start, last))
    elif reacts and talk.words[reacts.start].speaker != talk.words[last].speaker:
        value += 0.25
        heard = " ".join(talk.words[i].text for i in reacts[:SHOWN]).strip(".,;:!?")
        reasons.append(
            reason(
                tr("ends on “{said}”, which the listener takes up: “{heard}”", said=said, heard=heard),
                True,
                sentence.start,
                reacts[-1],
            )
        )
    elif edge > 0.5:
        reasons.append(reason(tr("ends where it has been told: “{said}”", said=said), True, sentence.start, last))
    if not left:
        value += 0.15
    else:
        value -= 0.2
        if len(left) <= NEAR_EDGE and talk.gain_of(left) >= LEFT_OUT:
            value -= 0.2
            reasons.append(reason(tr("stops at “{said}”, short of how it ends", said=said), False, last))
    made = Part("edges", clipped(value), tuple(reasons))
    talk.memory[key] = made
    return made.value, reasons


def _edge(talk: Talk, sentence: int, side: int) -> float:
    """-1..1: whether an edge stands where telling begins (`side` is -1) or ends (1). What the sentences tell over the usual is
    summed up outward and inward: what could be won outside and what is lost inside both count against it (after the maximal
    scoring subsequences of Ruzzo and Tompa 1999, ISMB 7)."""
    gains = talk.gains
    turn = talk.turns[talk.turn_of[sentence]]
    inward = [sentence - side * k for k in range(FAR)]
    outward = [n for k in range(1, FAR + 1) if (n := sentence + side * k) in turn]
    won = _best(gains, outward, 1.0)
    lost = _best(talk.lasting_gains, inward, -1.0)
    return float(1 - 2 * min(1.0, (won + lost) / MOST_WON))


def _best(gains: NDArray[np.float64], order: list[int], sign: float) -> float:
    """The largest running sum over sentences in an order, at least 0."""
    total = best = 0.0
    for n in order:
        if not 0 <= n < len(gains):
            break
        total += sign * gains[n]
        best = max(best, total)
    return best


def _aside_turn(talk: Talk, passage: Passage, end: int) -> bool:
    """Whether a passage that holds a long turn ends in a short one after it."""
    first, last = (int(talk.turn_of[talk.sentence_of[i]]) for i in (min(r.start for r in passage), end))
    return talk.turn_words[last] < WHOLE_TURN and bool(talk.long_turns[max(first, last)] > talk.long_turns[first])
