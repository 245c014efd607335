"""Titles from a passage's own words, in four manners: as asked, as promised, as numbers, as said. Nothing is invented."""

from __future__ import annotations

import re
from typing import Final

from standtall.model.moment import Passage, Title
from standtall.moments.talk import Talk

LONGEST: Final = 60


def titles_of(talk: Talk, passage: Passage) -> tuple[Title, ...]:
    """At most one title for each manner that the words allow, the most telling manner first; always one as said."""
    found = [s for run in passage for s in talk.sentences if s.start >= run.start and s.stop <= run.stop]
    asked = next((s for s in found if talk.asks(s[-1])), None)
    promised = next((s for s in found if any(talk.bare[i] in talk.lists.how_to for i in s) and s is not asked), None)
    numbers = next((s for s in found if any(talk.is_number(talk.bare[i]) for i in s)), None)
    telling = max(found or list(passage), key=lambda s: float(talk.told[s.stop] - talk.told[s.start]) / (3 + len(s)))
    out: dict[str, Title] = {}
    for sentence, manner in ((asked, "as asked"), (promised, "as promised"), (numbers, "as numbers"), (telling, "as said")):
        text = line_of(talk, sentence, "?" if manner == "as asked" else "") if sentence is not None else ""
        if text and text not in out:
            out[text] = Title(text, manner)  # type: ignore[arg-type]
    return tuple(out.values())


def line_of(talk: Talk, sentence: range, mark: str = "") -> str:
    """The sentence without its throat-clearing, cut at a natural place where it is too long."""
    first = sentence.start
    while first < sentence[-1] and (talk.bare[first] in talk.lists.clearing or talk.words[first].kind == "filler"):
        first += 1
    texts = [talk.words[i].text for i in range(first, sentence.stop) if talk.words[i].kind == "word"]
    line = " ".join(texts).strip(" ,;:.!?…")
    if len(line) > LONGEST:
        cut = max((m.start() for m in re.finditer(r"[,;:]", line[:LONGEST])), default=0)
        line = line[:cut] if cut > LONGEST // 3 else line[: line.rfind(" ", 0, LONGEST - 1)] + "…"
        mark = "" if line.endswith("…") else mark
    return line[:1].upper() + line[1:] + mark if line else ""
