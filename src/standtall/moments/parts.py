"""The measured parts of a passage's rating, each with the words that earned or cost it.

The rules follow what editors look for (common practice, no source): an opening that grips in its first three seconds, something
worth hearing, a real ending, nothing that refers outside. The words that they look for are those of the language (`lists`).
"""

from __future__ import annotations

from typing import Final

import numpy as np

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.language.rarity import COMMON_BITS
from standtall.model.moment import Part, Passage
from standtall.moments.asides import WHOLE_TURN
from standtall.moments.edges import edges
from standtall.moments.talk import ENOUGH, Talk, clipped, reason

OPENING: Final = 3 * TICKS_PER_SECOND

USUAL_PACE: Final = (2.0, 3.6)
"""Words a second of talk that is easy to follow and not slow (common practice, no source)."""
LEAD_SHARE: Final = 0.6
INSIDE: Final = 4
"""Sentences of an answer that are looked at."""
WEAK: Final = 0.6
WORTHY: Final = (
    ("how to", 0.16, tr("says what to do")),
    ("claim", 0.14, tr("makes a claim")),
    ("contrast", 0.08, tr("sets one thing against another")),
    ("feeling", 0.14, tr("says how it feels")),
    ("number", 0.10, tr("gives numbers")),
    ("name", 0.06, tr("names names")),
    ("laugh", 0.16, tr("people laugh")),
)


def opening(talk: Talk, passage: Passage) -> Part:
    """What the first three seconds hold; where it opens on a line from later, also those of what follows."""
    if len(passage) > 1 and passage[1].start < passage[0].start:
        lead, body = (opening(talk, (run,)) for run in passage[:2])
        return Part("opening", clipped(LEAD_SHARE * lead.value + (1 - LEAD_SHARE) * body.value), lead.reasons)
    run = passage[0]
    key = ("opening", run.start, min(run.stop, run.start + 16))
    if key not in talk.memory:
        talk.memory[key] = _opening(talk, run)
    return talk.memory[key]


def _opening(talk: Talk, run: range) -> Part:
    begin = talk.words[run.start].start
    first = [i for i in run[:16] if talk.words[i].start < begin + OPENING]
    bare = [talk.bare[i] for i in first]
    value, reasons = 0.3, []
    sentence, told = talk.sentence_at(run.start), talk.lists
    if (talk.asks(sentence[-1]) and _answered(talk, sentence)) or (
        bare[:1] and bare[0] in told.question and not talk.asks(sentence[-1])
    ):
        value += 0.35
        reasons.append(reason(tr("opens on a question"), True, run.start, sentence[-1]))
    for kind, gain, text in (
        (told.claim, 0.25, tr("opens on a claim")),
        (told.number, 0.2, tr("names a number at once")),
        (told.address, 0.15, tr("speaks to the viewer at once")),
        (told.contrast, 0.12, tr("opens on a contrast")),
        (told.how_to, 0.12, tr("says what to do at once")),
    ):
        hit = next(
            (i for i, b in zip(first, bare, strict=True) if b in kind or (kind is told.number and talk.is_number(b))), None
        )
        if hit is not None:
            value += gain
            reasons.append(reason(f"{text}: “{talk.words[hit].text.strip('.,;:!?')}”", True, hit))
    if bare[:1] and bare[0] in told.clearing:
        value -= 0.1 if talk.begins_turn(int(talk.sentence_of[run.start])) else 0.3  # between two turns it is hardly heard
        reasons.append(
            reason(tr("“{written}” only clears the throat", written=talk.words[run.start].text.strip(".,")), False, run.start)
        )
    fillers = sum(talk.words[i].kind == "filler" for i in first)
    if fillers:
        value -= 0.15 * fillers
        reasons.append(reason(tr("a filler in the first three seconds"), False, first[0], first[-1]))
    who = next((w for w in bare if w not in told.clearing), "")
    if who in told.person and any(w in told.past or told.past_form.fullmatch(w) for w in bare):
        value += 0.15
        reasons.append(reason(tr("begins to tell what happened"), True, first[0], first[-1]))
    return Part("opening", clipped(value), tuple(reasons))


def _answered(talk: Talk, question: range) -> bool:
    """Whether the same person goes on after a question, or somebody answers it at length."""
    number = int(talk.sentence_of[question.start]) + 1
    if number >= len(talk.sentences) or talk.turn_words[talk.turn_of[number]] < WHOLE_TURN:
        return False
    return float(talk.substance[number : number + INSIDE].mean()) >= ENOUGH


def worth(talk: Talk, passage: Passage, told: bool = True) -> Part:
    """How much is told, how new, how useful, how moving."""
    length = max(1.0, talk.length_of(passage))
    rate = float(sum(talk.told[run.stop] - talk.told[run.start] for run in passage)) / length
    value = 0.3 * min(2.0, rate / max(0.1, talk.usual)) / 1.4 + WEAK * _weak(talk, passage)
    counts = [(talk.count(kind, passage), kind, gain, text) for kind, gain, text in WORTHY]
    value += sum(gain * min(1.0, 0.5 + n / 4) for n, _kind, gain, _text in counts if n)
    reasons = []
    if told:
        words = [i for run in passage for i in run]
        strong = sorted(words, key=lambda i: -talk.bits[i])[:3]
        named = ", ".join(dict.fromkeys(talk.words[i].text.strip(".,;:!?") for i in sorted(strong) if talk.bits[i] > 0))
        if rate > 1.1 * talk.usual and named:
            reasons.append(reason(tr("tells much: {named}", named=named), True, min(strong), max(strong)))
        elif rate < 0.8 * talk.usual:
            reasons.append(reason(tr("tells less than the rest of the talk"), False, words[0], words[-1]))
        for n, kind, _gain, text in counts:
            if n:
                sums = talk.counts[kind]
                hit = next(i for i in words if sums[i + 1] > sums[i])
                shown = "" if kind == "laugh" else f": “{talk.words[hit].text.strip('.,;:!?')}”"
                reasons.append(reason(text + shown, True, hit))
    return Part("worth", clipped(value), tuple(reasons))


def _weak(talk: Talk, passage: Passage) -> float:
    """-1..0: less the share of its time in which little is told."""
    heard = weak = 0.0
    for run in passage:
        first, stop = int(talk.sentence_of[run.start]), int(talk.sentence_of[run[-1]]) + 1
        heard += float(talk.heard_weak[0, stop] - talk.heard_weak[0, first])
        weak += float(talk.heard_weak[1, stop] - talk.heard_weak[1, first])
    return -weak / max(0.1, heard)


def ending(talk: Talk, passage: Passage) -> Part:
    """Whether the thought is closed."""
    last = passage[-1][-1]
    sentence = talk.sentence_at(last)
    longer = sum(len(run) for run in passage) > len(sentence)
    key = ("ending", last, longer)
    if key not in talk.memory:
        talk.memory[key] = _ending(talk, last, sentence if longer else None)
    return talk.memory[key]


def _ending(talk: Talk, last: int, sentence: range | None) -> Part:
    value, reasons = 0.35, []
    if talk.asks(last) and not talk.quotes(last):
        value -= 0.15
        reasons.append(reason(tr("ends on a question that nobody answers"), False, last))
    elif talk.words[last].ends_sentence:
        value += 0.25
        reasons.append(reason(tr("ends with its sentence"), True, last))
    after = talk.words[last + 1] if last + 1 < len(talk.words) else None
    pause = seconds(after.start - talk.words[last].end) if after is not None else 2.0
    if pause >= 0.5:
        value += 0.2
        reasons.append(reason(tr("a pause of {pause:.1f} s follows", pause=pause), True, last))
    if after is not None and after.bare in talk.lists.links and pause < 0.8:
        value -= 0.2
        reasons.append(reason(tr("the talk goes on with “{said}”", said=after.text), False, last))
    if sentence is not None and len(sentence) <= 8 and talk.words[last].ends_sentence:
        value += 0.15
        reasons.append(reason(tr("ends on a short line"), True, sentence[0], last))
    sums = talk.counts["laugh"]
    if sums[last + 1] > sums[last]:
        value += 0.15
        reasons.append(reason(tr("ends on a laugh"), True, last))
    return Part("ending", clipped(value), tuple(reasons))


def alone(talk: Talk, passage: Passage) -> Part:
    """Whether it is understood without the rest; where it opens on a line from later, both that line and what follows."""
    if len(passage) > 1 and passage[1].start < passage[0].start:
        lead, body = (alone(talk, (run,)) for run in passage[:2])
        told = tuple(r for part in (lead, body) for r in part.reasons if not r.good)
        return Part("alone", min(lead.value, body.value), told or lead.reasons)
    key = ("alone", passage[0].start, min(passage[0].stop, passage[0].start + 40))
    if key not in talk.memory:
        talk.memory[key] = _alone(talk, passage[0])
    return talk.memory[key]


def _alone(talk: Talk, run: range) -> Part:
    value, reasons = 1.0, []
    start = run.start
    named = 0
    for i in talk.sentence_at(start)[:8]:
        if i not in run:
            break
        if talk.bits[i] > COMMON_BITS:
            named += 1
        if talk.bare[i] in talk.lists.outside and not named and not (talk.bare[i] in talk.lists.these and i > start):
            value -= 0.35
            reasons.append(
                reason(tr("“{said}” in the first line refers to something outside", said=talk.words[i].text), False, i)
            )
            break
    if talk.bare[start] in talk.lists.links and not talk.begins_turn(int(talk.sentence_of[start])):
        value -= 0.2
        reasons.append(reason(tr("“{said}” leans on what came before", said=talk.words[start].text), False, start))
    before = talk.words[start - 1] if start else None
    if before is not None and talk.asks(start - 1) and before.speaker != talk.words[start].speaker:
        value -= 0.25
        reasons.append(reason(tr("answers a question that is left out"), False, start))
    for i in run[:40]:
        if talk.named(i) and talk.first_said[talk.bare[i]] < start:
            value -= 0.12
            reasons.append(reason(tr("“{written}” was introduced before", written=talk.words[i].text.strip(".,;:!?")), False, i))
            break
    if not reasons:
        reasons.append(reason(tr("needs nothing from outside"), True, start))
    return Part("alone", clipped(value), tuple(reasons))


def pace(talk: Talk, passage: Passage) -> Part:
    """Words a second, and dead air."""
    length = max(0.5, talk.length_of(passage))
    first, last = passage[0].start, passage[-1][-1]
    rate = sum(len(run) for run in passage) / length
    low, high = USUAL_PACE
    value, reasons = 1.0, []
    if rate < low:
        value -= min(0.6, (low - rate) / low)
        reasons.append(reason(tr("slow: {rate:.0f} words a minute", rate=60 * rate), False, first, last))
    elif rate > high:
        value -= min(0.4, (rate - high) / high)
        reasons.append(reason(tr("hurried: {rate:.0f} words a minute", rate=60 * rate), False, first, last))
    else:
        reasons.append(reason(tr("{rate:.0f} words a minute", rate=60 * rate), True, first, last))
    if talk.count("gap", tuple(run[:-1] for run in passage if len(run) > 1)):
        gaps = [(talk.words[i + 1].start - talk.words[i].end, i) for run in passage for i in run[:-1]]
        longest, at = max(gaps)
        value -= min(0.4, 0.12 * seconds(longest))
        reasons.append(reason(tr("{longest:.1f} s of silence inside", longest=seconds(longest)), False, at, at + 1))
    return Part("pace", clipped(value), tuple(reasons))


def picture(talk: Talk, passage: Passage) -> Part:
    """Whether somebody is in view."""
    first, last = passage[0].start, passage[-1][-1]
    if not talk.analysis.people.shots:
        return Part("picture", 0.5, (reason(tr("nobody was looked for in the picture"), False, first),))
    seen = total = 0.0
    for run in passage:
        a, b = int(seconds(talk.words[run.start].start)), int(np.ceil(seconds(talk.words[run[-1]].end)))
        seen += float(talk.seen[min(b, len(talk.seen) - 1)] - talk.seen[min(a, len(talk.seen) - 1)])
        total += b - a
    share = min(1.0, seen / max(1.0, total))
    text = (
        tr("somebody is in view all the time") if share > 0.97 else tr("somebody is in view for {share:.0%} of it", share=share)
    )
    return Part("picture", clipped(0.2 + 0.8 * share), (reason(text, share >= 0.6, first, last),))


def measured(talk: Talk, passage: Passage, told: bool = True) -> tuple[Part, ...]:
    """All parts of a passage, in their order; with `told` false without the costly reasons."""
    return (
        opening(talk, passage), worth(talk, passage, told), ending(talk, passage), alone(talk, passage), pace(talk, passage),
        picture(talk, passage), edges(talk, passage),
    )  # fmt: skip
