"""Texts of a post out of a short's own words, in three manners and in the form that a channel has. Nothing is invented: each
part says which words it comes from.

The sentences of the short are dealt out: each manner opens on a line of its own and goes on with others than the rest, so that
the three read differently. A text is never only the first sentence: that is heard anyway.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Final

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.language.bonds import bonds
from standtall.language.joining import joined
from standtall.language.sentences import PHRASE_PAUSE, sentences
from standtall.language.stems import stem
from standtall.model.channel import Channel
from standtall.model.post import PostText
from standtall.model.post_rules import MANNERS, Manner, TextRules, counted
from standtall.model.words import Word
from standtall.moments.lists import lists_of
from standtall.posts.key_terms import KeyTerm, bits_of, hashtag, key_terms
from standtall.posts.templates import TEMPLATE, Facts, written_by

LEAST_WORDS: Final = 4
"""Of a part of a sentence that can stand by itself."""
MOST_SENTENCES: Final = 3
NAMES: Final = 4
"""Terms in a title of names."""
ALIKE: Final = 0.5
"""Of two manners at most this share of all their words is the same."""
_LEADING: Final = "and but or so because then that which who the a an to of in on with for"
LEADING_ON: Final = frozenset(_LEADING.split(" "))
"""English words that no text ends on; other languages keep theirs."""
USUAL_TITLE: Final = 70
"""A title is no longer than this, though a channel would take more (common practice, no source)."""
LONGEST_OPENING: Final = 160
"""Of the first line of a text without a title."""
_MARKS: Final = " ,;:.!?…–—-"
_ENDS: Final = ".!?…。！？؟।"


@dataclass(frozen=True, slots=True)
class Said:
    """The words of a short in the order in which they are heard, timed in the short, and their language."""

    words: tuple[Word, ...]
    language: str = "en"


@dataclass(frozen=True, slots=True)
class Proposal:
    """A text in a manner, and by field the indexes of the words that it comes from."""

    manner: Manner
    text: PostText
    title_from: tuple[int, ...]
    description_from: tuple[int, ...]
    tags_from: tuple[tuple[int, ...], ...]

    def where(self, said: Said) -> str:
        """From which times of the short the title and the description come, for people."""
        parts = []
        for name, words in (("title", self.title_from), ("description", self.description_from)):
            if words:
                first, last = said.words[words[0]].start, said.words[max(words)].end
                parts.append(
                    tr(
                        "{name} from {first:.1f} to {last:.1f} s",
                        name=name,
                        first=first / TICKS_PER_SECOND,
                        last=last / TICKS_PER_SECOND,
                    )
                )
        return "; ".join(parts)


def proposals(
    said: Said, channel: Channel, facts: Facts | None = None, template: str = TEMPLATE, again: int = 0
) -> tuple[Proposal, ...]:
    """One proposal in each manner, that of the channel first; `again` counts how often others were asked for. None for a short in
    which nothing is said."""
    if not any(w.kind == "word" for w in said.words):
        return ()
    order = sorted(MANNERS, key=lambda m: m != channel.posts.text.manner)
    drafts = _Drafts(said, channel.posts.text, again)
    texts = {manner: drafts.text(manner) for manner in order}
    return tuple(_whole(texts[m], said, drafts.terms, channel, facts or Facts(), template) for m in order)


@dataclass(frozen=True, slots=True)
class _Draft:
    manner: Manner
    title: str
    title_from: tuple[int, ...]
    body: str
    body_from: tuple[int, ...]


class _Drafts:
    """Deals the lines of a short out to the manners."""

    def __init__(self, said: Said, rules: TextRules, again: int) -> None:
        self._said, self._rules, self._again = said, rules, again
        self._bits = bits_of(said.words, said.language)
        self.terms = key_terms(said.words, said.language)
        spans = sentences(said.words)
        self._first = spans[0] if spans else range(0)
        if len(spans) < 2 * len(MANNERS):
            spans = [part for span in spans for part in _clauses(said.words, span)]
        self._lines = [s for s in spans if _spoken(said.words, s)]
        while len(self._lines) < 2 and len(_spoken(said.words, self._lines[0])) > 1:
            self._lines = _halves(said.words, self._lines[0])  # two of the manners need a line each
        self._free = set(self._lines)
        self._taken: list[frozenset[str]] = []
        self._titles = {manner: self._title(manner) for manner in MANNERS}  # all of them first: then what is left is dealt out

    def text(self, manner: Manner) -> _Draft:
        title, title_from = self._titles[manner]
        body, body_from = self._body(set(title_from), title)
        heard = self._words(*(self._said.words[i].text for i in self._first))  # the first sentence alone is heard anyway
        while self._alike(title, body) or self._words(title, body) == heard:
            if body_from:
                body_from = body_from[:-1]
                body = self._told(body_from)
            elif len(title_from) > 1:
                title, title_from = self._shorter(manner, title_from)
            else:
                break
        self._taken.append(self._words(title, body))
        return _Draft(manner, title, title_from, body, tuple(i for s in body_from for i in _cleared(self._said, s)))

    def _alike(self, title: str, body: str) -> bool:
        return any(_share(self._words(title, body), other) > ALIKE for other in self._taken)

    def _shorter(self, manner: Manner, words: tuple[int, ...]) -> tuple[str, tuple[int, ...]]:
        """A title with fewer words: names without the last of them, of a line its half that tells more."""
        said = self._said.words
        if manner == "names":
            terms: list[KeyTerm] = []
            for term in self.terms:
                if set(term.words) <= set(words) and not any(set(t.words) & set(term.words) for t in terms):
                    terms.append(term)
            if len(terms) > 1:
                kept = sorted(terms[:-1], key=lambda t: t.words)
                return _listed(kept), tuple(i for t in kept for i in t.words)
        halves = [_spoken(said, part) for part in _halves(said, words)]
        half = max(halves, key=lambda part: sum(self._bits[i] for i in part) if 0 < len(part) < len(words) else -1.0)
        return _capital(joined([said[i].text for i in half]).strip(_MARKS)), tuple(half)

    def _title(self, manner: Manner) -> tuple[str, tuple[int, ...]]:
        rules = self._rules
        most = min(rules.title_most, USUAL_TITLE) if rules.title_most else min(rules.description_most // 3, LONGEST_OPENING)
        if manner == "names":
            return self._names(most)
        ranked = sorted(self._free or self._lines, key=lambda s: -self._worth(s, manner))
        if not ranked:
            return self._names(most)
        span = ranked[self._again % len(ranked)]
        self._free.discard(span)
        text, words = self._line(span, most)
        asks = self._said.words[span[-1]].text.rstrip("\"'”’»)")[-1:] == "?"
        if asks and words and words[-1] == span[-1] and counted(text + "?", self._rules.counted_in) <= most:
            text += "?"
        return text, words

    def _names(self, most: int) -> tuple[str, tuple[int, ...]]:
        """A title of what the short is about, in the order in which it is said."""
        terms = self.terms[self._again % max(1, len(self.terms) - NAMES + 1) :] or self.terms
        chosen: list[KeyTerm] = []
        for term in terms:
            if len(chosen) == NAMES:
                break
            if all(not set(t.words) & set(term.words) for t in chosen):
                tried = sorted([*chosen, term], key=lambda t: t.words)
                if counted(_listed(tried), self._rules.counted_in) <= most:
                    chosen = tried
        if not chosen:
            return self._line(self._lines[-1], most)
        return _listed(chosen), tuple(i for t in chosen for i in t.words)

    def _worth(self, span: range, manner: Manner) -> float:
        words = self._said.words
        told = sum(max(0.0, self._bits[i] - 8.0) for i in span) / (6 + len(span))
        if manner == "asks":
            how_to = lists_of(_language(self._said)).how_to
            ends = words[span[-1]].text.rstrip("\"'”’»)")[-1:]
            told += 12.0 * (ends in ("?", "？", "؟", ";")) + 4.0 * any(words[i].bare in how_to for i in span)
        return told - 6.0 * (span == self._first) - 2.0 * (len(span) < LEAST_WORDS)

    def _line(self, span: range, most: int) -> tuple[str, tuple[int, ...]]:
        """A sentence without its throat-clearing, cut at a natural place where it is too long; -> (text, the words in it)."""
        words = self._said.words
        kept = _cleared(self._said, span)
        whole = _capital(joined([words[i].text for i in kept]).strip(_MARKS))
        if counted(whole, self._rules.counted_in) <= most:
            return whole, tuple(kept)
        best: tuple[str, tuple[int, ...]] = ("", ())
        for n in range(1, len(kept)):
            text = _capital(joined([words[i].text for i in kept[:n]]).strip(_MARKS))
            closed = words[kept[n - 1]].text[-1:] in ",;:"
            if counted(text + "…", self._rules.counted_in) > most:
                break
            if closed and n >= LEAST_WORDS:
                best = text, tuple(kept[:n])
            elif not best[1] or not _closed(words, best[1]):
                best = text + "…", tuple(kept[:n])
        return best if best[1] else _cut_word(words[kept[0]].text, kept[0], most, self._rules)

    def _body(self, title: set[int], line: str) -> tuple[str, tuple[range, ...]]:
        """Some lines that are not in the title, the most telling ones, as they come in the short."""
        room = self._rules.description_most
        if not room:
            return "", ()
        open_ = [s for s in self._lines if s in self._free and not set(s) <= title]
        ranked = sorted(open_, key=lambda s: -self._worth(s, "tells"))
        shift = self._again % max(1, len(ranked))
        chosen: list[range] = []
        share = max(1, min(MOST_SENTENCES, len(self._lines) // len(MANNERS)))
        for span in ranked[shift:] + ranked[:shift]:
            tried = sorted([*chosen, span], key=lambda s: s.start)
            if len(chosen) == share:
                break
            if tried == [self._first] and not line:
                continue
            if counted(self._told(tuple(tried)), self._rules.counted_in) <= 0.7 * room:
                chosen = tried
        self._free -= set(chosen)
        return self._told(tuple(chosen)), tuple(chosen)

    def _told(self, spans: Sequence[range]) -> str:
        words = self._said.words
        parts = []
        for span in spans:
            kept = [words[i].text for i in _cleared(self._said, span)]
            text = _capital(joined(kept).strip(" ,;:–—-"))
            parts.append(text if text[-1:] in _ENDS else f"{text}.")
        return " ".join(parts)

    @staticmethod
    def _words(*texts: str) -> frozenset[str]:
        return frozenset(w for text in texts for w in re.findall(r"[^\W_]+", text.casefold()))


def _whole(draft: _Draft, said: Said, terms: Sequence[KeyTerm], channel: Channel, facts: Facts, template: str) -> Proposal:
    """The draft with everything that the channel has, within its limits."""
    rules = channel.posts.text
    tags, tags_from = _tags(terms, rules)
    text = PostText(
        title=draft.title if rules.title_most else "",
        hashtags=tags,
        search_words=_search_words(terms, rules),
        shelf=_shelf(said, rules),
        audience=rules.audiences[0] if rules.audiences else "",
        link=facts.link if rules.link != "none" else "",
    )
    body, body_from, title_from = draft.body, draft.body_from, draft.title_from
    if not rules.title_most:
        body = f"{draft.title}{'' if draft.title[-1:] in _ENDS else '.'}" + (f" {body}" if body else "")
        body_from, title_from = (*draft.title_from, *body_from), ()
    while True:
        made = replace(text, description=written_by(template, text, body, facts, rules))
        if counted(made.description, rules.counted_in) <= rules.description_most or not rules.description_most:
            break
        if text.hashtags and rules.hashtags == "in the text":
            text, tags_from = replace(text, hashtags=text.hashtags[:-1]), tags_from[:-1]
        elif len(body) > 8:
            body = body[: len(body) * 3 // 4].rsplit(" ", 1)[0].rstrip(_MARKS) + "…"
        elif template != "{text}":
            template = "{text}"  # the channel has no room for more than the words
        else:
            made = replace(text, description="")
            break
    return Proposal(draft.manner, made, title_from, body_from if made.description else (), tags_from)


def _tags(terms: Sequence[KeyTerm], rules: TextRules) -> tuple[tuple[str, ...], tuple[tuple[int, ...], ...]]:
    if rules.hashtags == "none":
        return (), ()
    out: dict[str, tuple[int, ...]] = {}
    for term in terms:
        tag = hashtag(term.text)
        if tag and len(tag) <= rules.hashtag_longest and tag not in out and len(out) < rules.hashtags_most:
            out[tag] = term.words
    return tuple(out), tuple(out.values())


def _search_words(terms: Sequence[KeyTerm], rules: TextRules) -> tuple[str, ...]:
    out: list[str] = []
    for term in terms:
        word = term.text if term.named else term.text.lower()
        if len(out) < rules.search_words_most and word not in out and len(", ".join([*out, word])) <= rules.search_words_longest:
            out.append(word)
    return tuple(out)


def _shelf(said: Said, rules: TextRules) -> str:
    """The shelf whose name is spoken of most, none where none is."""
    language = _language(said)
    stems = [stem(w.bare, language) for w in said.words if w.kind == "word"]
    counts = {s: sum(stems.count(stem(p.casefold(), language)) for p in s.split() if len(p) > 3) for s in rules.shelves}
    best = max(counts, key=lambda s: counts[s], default="")
    return best if counts.get(best) else ""


def _clauses(words: tuple[Word, ...], span: range) -> list[range]:
    """A sentence in parts that can stand alone: at its commas and pauses, none shorter than `LEAST_WORDS`."""
    out: list[range] = []
    first = span.start
    for i in span:
        breaks = words[i].text[-1:] in ",;:—–、，" or (i + 1 < span.stop and words[i + 1].start - words[i].end > PHRASE_PAUSE)
        if breaks and i + 1 - first >= LEAST_WORDS and span.stop - i - 1 >= LEAST_WORDS:
            out.append(range(first, i + 1))
            first = i + 1
    return [*out, range(first, span.stop)]


def _halves(words: tuple[Word, ...], span: Sequence[int]) -> list[range]:
    """A line in two, where its words belong together least near its middle."""
    kept = list(span)
    held = bonds([words[i].text for i in kept])
    middle = min(range(1, len(kept)), key=lambda n: abs(n - len(kept) / 2) / len(kept) + held[n - 1])
    return [range(kept[0], kept[middle]), range(kept[middle], kept[-1] + 1)]


def _language(said: Said) -> str:
    return said.language.split("-")[0] or "en"


def _spoken(words: tuple[Word, ...], span: range) -> list[int]:
    return [i for i in span if words[i].kind == "word"]


def _cleared(said: Said, span: range) -> list[int]:
    """The words of a sentence without the throat-clearing that it begins with."""
    first, words, clearing = span.start, said.words, lists_of(_language(said)).clearing
    while first < span[-1] and (words[first].bare in clearing or words[first].kind != "word"):
        first += 1
    kept = _spoken(words, range(first, span.stop))
    while len(kept) > 1 and words[kept[-1]].bare in LEADING_ON and not words[kept[-1]].ends_sentence:
        kept.pop()  # it leads on to what is not quoted
    return kept


def _closed(words: tuple[Word, ...], kept: tuple[int, ...]) -> bool:
    return words[kept[-1]].text[-1:] in ",;:"


def _cut_word(text: str, index: int, most: int, rules: TextRules) -> tuple[str, tuple[int, ...]]:
    """As much of one word as there is room for."""
    while text and counted(text + "…", rules.counted_in) > most:
        text = text[:-1]
    return (text + "…", (index,)) if text else ("", ())


def _listed(terms: Sequence[KeyTerm]) -> str:
    return _capital(", ".join(t.text for t in terms))


def _capital(text: str) -> str:
    return text[:1].upper() + text[1:]


def _share(a: frozenset[str], b: frozenset[str]) -> float:
    return len(a & b) / max(1, len(a | b))
