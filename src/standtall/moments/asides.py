"""Sentences that carry nothing of their own: what a listener says to show that he listens, and greetings, thanks and notices.

A reaction is told by its place (after somebody else's words, or after another reaction), its length, and by how little it says
that was not just said. Greetings and notices are told by what is said in all programmes of a language (`lists`), and run together
at the start and at the end of a source.
"""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from typing import Final, Literal

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.rarity import COMMON_BITS, information
from standtall.language.stems import stem
from standtall.model.words import Word
from standtall.moments.lists import Lists, lists_of

Aside = Literal["", "reaction", "notice", "pointing"]

ECHOED: Final = 30
"""Words back in which what is repeated was said."""
LONGEST_ECHO, LEAST_ECHO = 18, 4
"""Words of what repeats somebody, and those in a row that are the same."""
SHORT_QUESTION: Final = 3
LONGEST_REACTION: Final = 8
WHOLE_TURN: Final = 25
"""Words of a turn in which something is told, not only exchanged (common practice, no source)."""
PASSAGE: Final = 60
"""Words between two notices near the end from which on something is told there."""
START: Final = 75 * TICKS_PER_SECOND
"""From the start of a source, and before its end: greetings this far apart belong to one welcome or one goodbye."""
BETWEEN: Final = 20 * TICKS_PER_SECOND


def asides(words: Sequence[Word], sentences: Sequence[range], language: str) -> list[Aside]:
    """What each sentence is: a reaction, a greeting or notice, or "" for talk."""
    out: list[Aside] = []
    for number in range(len(sentences)):
        out.append("reaction" if _reacts(words, sentences, number, out, language) else "")
    told = lists_of(language)
    texts = [" ".join(words[i].bare for i in s) for s in sentences]
    out = ["pointing" if not aside and told.pointing.search(text) else aside for aside, text in zip(out, texts, strict=True)]
    for number in _notices(words, sentences, texts, told, out):
        out[number] = "notice"
    return out


def _reacts(words: Sequence[Word], sentences: Sequence[range], number: int, before: Sequence[Aside], language: str) -> bool:
    if number == 0:
        return False
    here, last = sentences[number], sentences[number - 1]
    taken_up = words[here.start].speaker != words[last[-1]].speaker
    if not taken_up and before[-1] != "reaction":
        return False
    answers = asks(words[last[-1]])
    said = [words[i] for i in here if words[i].kind == "word"]
    just_said = words[max(0, here.start - ECHOED) : here.start]
    reacting = lists_of(language).reacting
    if not answers and len(said) <= LONGEST_ECHO and _echoes([w.bare for w in said], [w.bare for w in just_said], reacting):
        return True
    question = asks(words[here[-1]])
    follows = words[sentences[number + 1].start].speaker if number + 1 < len(sentences) else None
    if taken_up and question and len(said) <= SHORT_QUESTION and follows == words[last[-1]].speaker:
        return True  # "Excuse me?", and the talk goes on
    if len(said) > LONGEST_REACTION or answers or (question and len(said) > SHORT_QUESTION):
        return False
    known = {stem(w.bare, language) for w in just_said}
    telling = [w.bare for w in said if w.bare not in reacting and information(w.bare, language) > COMMON_BITS]
    new = [bare for bare in telling if stem(bare, language) not in known]
    starts = bool(said) and said[0].bare in reacting
    return len(new) == 0 or (starts and len(new) <= 1 and len(said) <= 6)


def _echoes(said: list[str], before: list[str], reacting: frozenset[str]) -> bool:
    """Whether somebody's words begin by repeating some in a row."""
    begin = next((n for n, w in enumerate(said) if w not in reacting), len(said))
    first = said[begin : begin + LEAST_ECHO]
    return len(first) == LEAST_ECHO and any(before[n : n + LEAST_ECHO] == first for n in range(len(before)))


def asks(word: Word) -> bool:
    """Whether a word ends a question."""
    return word.text.rstrip("\"'”’)").endswith("?")


def _notices(
    words: Sequence[Word], sentences: Sequence[range], texts: Sequence[str], told: Lists, asides: Sequence[Aside]
) -> set[int]:
    """Numbers of the sentences that greet, thank or announce, and of what stands among them."""
    first, last = (words[sentences[0].start].start, words[sentences[-1][-1]].end) if sentences else (0, 0)
    near = min(START, (last - first) // 3)

    def hit(n: int) -> bool:
        at_an_edge = words[sentences[n].start].start - first < near or last - words[sentences[n][-1]].end < near
        if at_an_edge and (_introduces([words[i] for i in sentences[n]], told.i_am) or told.at_edge.search(texts[n])):
            return True
        return bool(told.greeting.search(texts[n]) or told.notice.search(texts[n]))

    hits = [n for n in range(len(sentences)) if hit(n)]
    out = set(hits)
    if not hits:
        return out
    early = [n for n in hits if words[sentences[n].start].start - first < near]
    late = [n for n in hits if last - words[sentences[n][-1]].end < near]
    if early:
        out |= set(range(_until_talk(words, sentences, asides, early[-1] + 1)))
    for a, b in itertools.pairwise((*late, len(sentences) - 1) if len(late) > 1 else ()):
        if sum(len(sentences[n]) for n in range(a + 1, b)) < PASSAGE:
            out |= set(range(a, b + 1))
    for a, b in itertools.pairwise(hits):
        if words[sentences[b].start].start - words[sentences[a][-1]].end < BETWEEN:
            out |= set(range(a, b))
    return out


def _introduces(sentence: Sequence[Word], i_am: frozenset[str]) -> bool:
    """Whether somebody says his name: "I'm", then words with capitals."""
    at = next((n for n, w in enumerate(sentence[:3]) if w.bare in i_am), None)
    return at is not None and at + 1 < len(sentence) and sentence[at + 1].text[:1].isupper()


def _until_talk(words: Sequence[Word], sentences: Sequence[range], asides: Sequence[Aside], number: int) -> int:
    """The sentence at which a long turn begins after `number`, or the question that it answers: what comes between belongs to the
    welcome. `number` itself where none does within a minute or so."""
    begin, at = number, number
    while at < len(sentences) and words[sentences[at].start].start - words[sentences[begin].start].start < START:
        stop, told = at, 0
        speaker = words[sentences[at].start].speaker
        while stop < len(sentences) and (words[sentences[stop].start].speaker == speaker or asides[stop] == "reaction"):
            told += len(sentences[stop]) if asides[stop] != "reaction" else 0  # what somebody throws in ends no turn
            stop += 1
        if told >= WHOLE_TURN and asides[at] != "reaction":
            asked = at > begin and asks(words[sentences[at - 1][-1]])
            return at - 1 if asked else at
        at = max(stop, at + 1)
    return number
