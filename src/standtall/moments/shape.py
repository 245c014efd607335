"""Other shapes of a passage: without a dull stretch of its middle, or opening on a strong line that is said later."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.model.moment import Moment, Passage
from standtall.moments.parts import alone, opening
from standtall.moments.talk import Talk

LONGER: Final = 1.6
"""Passages up to this many times too long are looked at: they may fit without their middle."""
LEAST_GAIN: Final = 0.02
"""A change is only proposed where the rating gets so much better: what was said in one go is better left so."""
LEAST_LEAD_GAIN: Final = 0.03
LEAST_AFTER: Final = 5
"""Words of a sentence that can follow a dropped stretch: shorter ones lean on what was said."""
LEAST_DULL: Final = 3 * TICKS_PER_SECOND
MOST_DULL_SENTENCES: Final = 6
LEAD: Final = (round(1.2 * TICKS_PER_SECOND), 5 * TICKS_PER_SECOND)

Rate = Callable[[Moment, range | None, range | None], Moment]


def shaped(talk: Talk, moment: Moment, rate: Rate, limits: tuple[int, int]) -> Moment | None:
    """The best other shape of a passage inside the limits (ticks), or None where none is clearly better."""
    fitting = [made for dull in _dull(talk, moment) if _fits(made := rate(moment, None, dull), limits)]
    best = moment if _fits(moment, limits) else None
    if fitting:
        shorter = max(fitting, key=lambda m: m.rating)
        best = shorter if best is None or shorter.rating > best.rating + LEAST_GAIN else best
    if best is None:
        return None
    base = best
    opened = [made for lead in _leads(talk, base) if _fits(made := rate(base, lead, base.dull), limits)]
    if opened:
        gripping = max(opened, key=lambda m: m.rating)
        best = gripping if gripping.rating > base.rating + LEAST_LEAD_GAIN else base
    return None if best is moment else best


def _fits(moment: Moment, limits: tuple[int, int]) -> bool:
    return limits[0] <= moment.length <= limits[1]


def _sentences(talk: Talk, first: int, last: int) -> tuple[int, int]:
    """Numbers of the first sentence and of the one after the last."""
    return int(talk.sentence_of[first]), int(talk.sentence_of[last]) + 1


def _dull(talk: Talk, moment: Moment) -> Iterator[range]:
    """Runs of sentences inside that could go: what follows must not lean on them."""
    first, stop = _sentences(talk, moment.first, moment.last)
    for a in range(first + 1, stop - 1):
        for b in range(a + 1, min(stop - 1, a + MOST_DULL_SENTENCES) + 1):
            if talk.asides[b - 1] in ("pointing", "notice"):
                break  # what comes after is another thing
            run = range(talk.sentences[a].start, talk.sentences[b - 1].stop)
            length = talk.words[run[-1]].end - talk.words[run.start].start
            if length < LEAST_DULL or 2 * length > moment.end - moment.start:
                continue
            if not _joins_up(talk, run, talk.sentences[b]):
                continue
            if talk.told[run.stop] - talk.told[run.start] > 0.75 * talk.usual * length / TICKS_PER_SECOND:
                continue
            yield run


def _joins_up(talk: Talk, gone: range, after: range) -> bool:
    """Whether what follows a dropped stretch can follow what comes before it: by the same person, leaning on nothing dropped."""
    before = gone.start - 1
    leans = talk.bare[after.start] in talk.lists.links or talk.bare[after.start] in talk.lists.outside or len(after) < LEAST_AFTER
    asked = talk.asks(before) or talk.asks(gone[-1])
    return not leans and not asked and talk.words[before].speaker == talk.words[after.start].speaker


def _leads(talk: Talk, moment: Moment) -> Iterator[range]:
    """Strong lines of its middle that could open the passage: its last line stays the last."""
    first, stop = _sentences(talk, moment.first, moment.last)
    now = opening(talk, moment.passage).value
    for number in range(first + 1, stop - 1):
        line = talk.sentences[number]
        length = talk.words[line[-1]].end - talk.words[line.start].start
        if not LEAD[0] <= length <= LEAD[1] or talk.asides[number]:
            continue
        if (moment.dull is not None and line.start in moment.dull) or talk.asks(line[-1]):
            continue  # a question would stand far from its answer
        if talk.words[line.start].speaker != talk.words[moment.first].speaker:
            continue
        passage: Passage = (line,)
        if opening(talk, passage).value >= now + 0.2 and alone(talk, passage).value >= 0.85:
            yield line
