"""Corrections: pure functions from a transcript to a named revision of it.

No correction touches the time of a word that it is not about, and words never overlap or change their order.
"""

from __future__ import annotations

import bisect
import difflib
from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass, replace
from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import count_of, tr
from standtall.base.time import TICKS_PER_SECOND, seconds
from standtall.model.identity import distinct, identified
from standtall.model.transcript import LARGEST_OFFSET, Cast, Change, Revision, Speaker, Transcript, cast_of
from standtall.model.words import NEW, NOBODY, Kind, Word, bare

SHORTEST: Final = TICKS_PER_SECOND // 50
"""No word is made shorter than this: 20 ms."""
LONGEST_TEXT: Final = 200
"""Most characters of one word."""


@dataclass(frozen=True, slots=True)
class Term:
    """An entry of a word list: how a name or term is written, and how it is wrongly heard (both may be several words)."""

    text: str
    heard: tuple[str, ...] = ()


def _clean(text: str) -> list[str]:
    return [piece[:LONGEST_TEXT] for piece in text.split()]


def _named(transcript: Transcript, old: Sequence[Word], new: Iterable[Word]) -> tuple[Word, ...]:
    """`new` words in place of `old` ones, each under an id that no other word has: one that none of the old ones had, or that an
    earlier new one has, is exchanged for one that is free."""
    put = tuple(new)
    mine = {w.id for w in old}
    if len({w.id for w in put}) == len(put) and all(w.id in mine for w in put):
        return put
    keeps: list[bool] = []
    for word in put:
        keeps.append(word.id in mine)
        mine.discard(word.id)
    fresh = iter(distinct((w for w, k in zip(put, keeps, strict=True) if not k), {w.id for w in transcript.words}))
    return tuple(w if k else next(fresh) for w, k in zip(put, keeps, strict=True))


def _one(transcript: Transcript, chosen: range, new: Iterable[Word], label: str) -> Revision:
    old = transcript.words[chosen.start : chosen.stop]
    put = _named(transcript, old, new)
    if old == put:
        raise NothingToDo(tr("That is how it stands already."))
    return Revision(label, (Change(chosen.start, old, put),))


def _each(transcript: Transcript, chosen: Iterable[int], change: Callable[[Word], Word], label: str) -> Revision:
    """Change single words, wherever they stand, in one step."""
    changes = []
    for i in sorted(set(chosen), reverse=True):
        word = transcript.words[i]
        new = change(word)
        if new != word:
            changes.append(Change(i, (word,), (new,)))
    if not changes:
        raise NothingToDo(tr("That is how it stands already."))
    return Revision(label.format(count_of(len(changes))), tuple(changes))


def shared_out(texts: Sequence[str], start: int, end: int, like: Word, same: bool = True) -> list[Word]:
    """Words that fill `start` to `end` in shares of their length; what cannot be known is taken from `like`. The first is the
    `same` word as `like` or a new one, the others are new. Raises `NothingToDo` where there is less than a tick for each."""
    if end - start < len(texts):
        raise NothingToDo(tr("There is no room for so many words there."), tr("Choose the words beside them as well."))
    weights = [len(t) + 1 for t in texts]
    edges = [start]
    for i in range(len(texts)):
        left = len(texts) - 1 - i
        edges.append(min(end - left, max(edges[-1] + 1, start + (end - start) * sum(weights[: i + 1]) // sum(weights))))
    return [
        replace(like, text=t, start=a, end=b, confidence=1.0, kind="word", id=like.id if same and n == 0 else NEW)
        for n, (t, a, b) in enumerate(zip(texts, edges, edges[1:], strict=False))
    ]


def retype(transcript: Transcript, chosen: range, text: str) -> Revision:
    """Put other words in place of the chosen ones.

    Words that stay keep their times; new ones share the time of those they replace, or the gap they are put in.
    An empty text removes the chosen words.
    """
    new = _clean(text)
    old = transcript.words[chosen.start : chosen.stop]
    if not new:
        return remove(transcript, chosen)
    out: list[Word] = []
    matcher = difflib.SequenceMatcher(None, [w.bare for w in old], [bare(t) for t in new], autojunk=False)
    for how, a, b, c, d in matcher.get_opcodes():
        if b - a == d - c:  # the same words, or as many others in their places
            out += [replace(w, text=t, confidence=1.0, kind="word") for w, t in zip(old[a:b], new[c:d], strict=True)]
        elif how == "replace":
            out += shared_out(new[c:d], old[a].start, old[b - 1].end, old[a])
        elif how == "insert":
            out += _put_between(transcript, chosen.start + a, new[c:d], out)
    label = tr("Retype “{these}”", these=" ".join(new)[:40])
    return _one(transcript, chosen, out, label)


def _put_between(transcript: Transcript, at: int, texts: list[str], done: list[Word]) -> list[Word]:
    """New words in the gap before word `at`; where there is no gap, they take the last part of the word before."""
    words = transcript.words
    before = done[-1] if done else (words[at - 1] if at else None)
    low = before.end if before else max(0, words[at].start - TICKS_PER_SECOND // 2)
    high = words[at].start if at < len(words) else low + len(texts) * TICKS_PER_SECOND // 3
    high = min(high, low + len(texts) * TICKS_PER_SECOND // 2)
    like = before or words[at]
    if high - low >= SHORTEST * len(texts):
        return shared_out(texts, low, high, like, same=False)
    if done and done[-1].end - done[-1].start > 2 * SHORTEST * (len(texts) + 1):
        whole = done.pop()
        both = shared_out([whole.text, *texts], whole.start, whole.end, whole)
        return [replace(whole, end=both[0].end), *both[1:]]
    raise NothingToDo(tr("There is no room for another word there."), tr("Retype the word beside it together with the new one."))


def add(transcript: Transcript, at: int, text: str) -> Revision:
    """Add words before word `at`, in the gap there."""
    new = _clean(text)
    if not new:
        raise NothingToDo(tr("Nothing was typed."), tr("Type the missing word."))
    if not transcript.words:
        raise NothingToDo(tr("There are no words yet."), tr("Analyse the footage first."))
    return _one(transcript, range(at, at), _put_between(transcript, at, new, []), tr("Add “{these}”", these=" ".join(new)[:40]))


def remove(transcript: Transcript, chosen: range) -> Revision:
    """Take words out of the transcript; the sound stays."""
    return _one(transcript, chosen, (), tr("Remove {chosen}", chosen=count_of(len(chosen))))


def merge(transcript: Transcript, chosen: range) -> Revision:
    """Make one word of the chosen ones, written together."""
    old = transcript.words[chosen.start : chosen.stop]
    if len(old) < 2:
        raise NothingToDo(tr("Choose two or more words to make one of them."))
    one = replace(old[0], text="".join(w.text for w in old)[:LONGEST_TEXT], end=old[-1].end, confidence=1.0)
    return _one(transcript, chosen, (one,), tr("Merge into “{said}”", said=one.text[:40]))


def split(transcript: Transcript, index: int, letters: int | None = None) -> Revision:
    """Make two words of one, after so many letters (in the middle if not given); they share its time by length."""
    word = transcript.words[index]
    at = len(word.text) // 2 if letters is None else letters
    if not 0 < at < len(word.text) or word.end - word.start < 2 * SHORTEST:
        raise NothingToDo(tr("This word cannot be split there."))
    first, second = shared_out([word.text[:at].strip() or "…", word.text[at:].strip() or "…"], word.start, word.end, word)
    return _one(transcript, range(index, index + 1), (first, second), tr("Split “{said}”", said=word.text[:40]))


def retime(transcript: Transcript, index: int, start: int, end: int) -> Revision:
    """Move the edges of a word as far as its neighbours allow."""
    words = transcript.words
    low = words[index - 1].end if index else 0
    high = words[index + 1].start if index + 1 < len(words) else max(end, words[index].end)
    start = min(max(low, start), max(low, high - SHORTEST))
    end = max(start + 1, min(high, max(start + SHORTEST, end)))
    new = replace(words[index], start=start, end=end)
    moved = seconds(start - words[index].start) or seconds(end - words[index].end)
    label = tr("Move “{said}” by {moved:+.2f} s", said=new.text[:40], moved=moved)
    return _one(transcript, range(index, index + 1), (new,), label)


def move_edge(transcript: Transcript, index: int, at: int) -> Revision:
    """Move the edge between a word and the next: one ends and the other begins at the tick `at`, as far as both keep some
    length."""
    one, other = transcript.words[index], transcript.words[index + 1]
    at = max(one.start + SHORTEST, min(at, other.end - SHORTEST))
    moved = seconds(at - one.end) or seconds(at - other.start)
    label = tr("Move “{said}” by {moved:+.2f} s", said=other.text[:40], moved=moved)
    return _one(transcript, range(index, index + 2), (replace(one, end=at), replace(other, start=at)), label)


def accept(transcript: Transcript, chosen: Iterable[int]) -> Revision:
    """The words are right as they stand."""
    return _each(transcript, chosen, lambda w: replace(w, confidence=1.0), tr("Accept {}"))


def mark_unspoken(transcript: Transcript, chosen: Iterable[int], unspoken: bool = True) -> Revision:
    """Say that words are not in the sound (or are); they stay in the script but are never shown as captions."""
    kind: Kind = "unspoken" if unspoken else "word"
    label = tr("Not spoken: {}") if unspoken else tr("Spoken: {}")
    return _each(transcript, chosen, lambda w: replace(w, kind=kind), label)


def aligned(transcript: Transcript, chosen: range, times: Sequence[tuple[int, int]]) -> Revision:
    """New times for the chosen words, as they were found in the sound; kept between their neighbours."""
    words = transcript.words
    low = words[chosen.start - 1].end if chosen.start else 0
    high = words[chosen.stop].start if chosen.stop < len(words) else None
    out = []
    for i, (start, end) in zip(chosen, times, strict=True):
        start = max(low, start)
        end = max(start + 1, end)
        if high is not None:
            left = chosen.stop - 1 - i
            start, end = min(start, high - 1 - left), min(end, high - left)
            start, end = max(low, start), max(max(low, start) + 1, end)
        out.append(replace(words[i], start=start, end=end))
        low = end
    return _one(transcript, chosen, out, tr("Time {chosen} by the sound", chosen=count_of(len(chosen))))


def found(transcript: Transcript, phrase: str) -> list[range]:
    """Where a phrase is said: the same words give or take case and punctuation, without overlap."""
    wanted = [bare(p) for p in phrase.split()]
    wanted = [w for w in wanted if w]
    out: list[range] = []
    if not wanted:
        return out
    words = transcript.words
    n, i = len(wanted), 0
    while i + n <= len(words):
        if words[i].bare == wanted[0] and [w.bare for w in words[i : i + n]] == wanted:
            out.append(range(i, i + n))
            i += n
        else:
            i += 1
    return out


def replace_all(transcript: Transcript, phrase: str, by: str) -> Revision:
    """Write `by` wherever `phrase` stands, as one step; punctuation around it and capitals at its start are kept."""
    places = found(transcript, phrase)
    new = _clean(by)
    if not places:
        raise NothingToDo(
            tr("“{phrase}” is not in the transcript.", phrase=phrase), tr("Check the spelling, or search for it loosely.")
        )
    if not new:
        raise NothingToDo(tr("There is nothing to put in its place."), tr("Type the right words."))
    return _rewritten(
        transcript,
        [(p, new) for p in places],
        tr("Replace “{phrase}” {places}", phrase=phrase[:30], places=count_of(len(places), "time")),
    )


def _rewritten(transcript: Transcript, places: list[tuple[range, list[str]]], label: str) -> Revision:
    changes = []
    for place, texts in sorted(places, key=lambda p: -p[0].start):
        old = transcript.words[place.start : place.stop]
        put = _dressed(texts, old)
        if len(put) == len(old):
            new = tuple(replace(w, text=t, confidence=1.0) for w, t in zip(old, put, strict=True))
        else:
            new = _named(transcript, old, shared_out(put, old[0].start, old[-1].end, old[0]))
        if new != old:
            changes.append(Change(place.start, old, new))
    if not changes:
        raise NothingToDo(tr("That is how it stands already."))
    return Revision(label, tuple(changes))


def _dressed(texts: list[str], old: tuple[Word, ...]) -> list[str]:
    """Punctuation before the first and after the last old word goes on; a capital at the start of a sentence, too."""
    out = list(texts)
    first, last = old[0].text, old[-1].text
    lead = first[: len(first) - len(first.lstrip("\"'“‘«([¿¡"))]
    tail = last[len(last.rstrip(".,;:!?…\"'”’»)]–—-")) :]
    if first.lstrip("\"'“‘«([¿¡")[:1].isupper() and out[0][:1].islower():
        out[0] = out[0][:1].upper() + out[0][1:]
    out[0] = lead + out[0]
    if tail and not out[-1].endswith(tail):
        out[-1] += tail
    return out


def apply_terms(transcript: Transcript, terms: Sequence[Term]) -> Revision:
    """Write every term of a word list as it should be, wherever it was heard wrongly or in another case."""
    places: list[tuple[range, list[str]]] = []
    taken: set[int] = set()
    pairs = [(heard, term.text) for term in terms for heard in (*term.heard, term.text)]
    for heard, text in sorted(pairs, key=lambda p: -len(p[0].split())):  # the longest first
        for place in found(transcript, heard):
            old = transcript.words[place.start : place.stop]
            if not taken.isdisjoint(place) or _dressed(text.split(), old) == [w.text for w in old]:
                continue
            taken.update(place)
            places.append((place, text.split()))
    if not places:
        raise NothingToDo(tr("The word list changes nothing: all its words are written as they should be."))
    return _rewritten(transcript, places, tr("Word list: {places}", places=count_of(len(places), "place")))


# speakers and the caption offset


def _recast(transcript: Transcript, label: str, changes: tuple[Change, ...] = (), **values: object) -> Revision:
    before = cast_of(transcript)
    after = replace(before, **values)  # type: ignore[arg-type]
    if before == after and not changes:
        raise NothingToDo(tr("That is how it stands already."))
    return Revision(label, changes, before, after)


def set_caption_offset(transcript: Transcript, ticks: int) -> Revision:
    """Show all captions so many ticks later than their words (earlier where negative)."""
    ticks = max(-LARGEST_OFFSET, min(LARGEST_OFFSET, ticks))
    return _recast(transcript, tr("Caption offset {ticks:+.2f} s", ticks=seconds(ticks)), caption_offset=ticks)


def name_speaker(transcript: Transcript, speaker: int, name: str) -> Revision:
    text = " ".join(name.split())[:60]
    if not text:
        raise NothingToDo(tr("A speaker needs a name."), tr("Type one."))
    speakers = list(transcript.speakers)
    speakers[speaker] = replace(speakers[speaker], name=text)
    return _recast(transcript, tr("Name {said}", said=text), speakers=tuple(speakers))


def assign(transcript: Transcript, chosen: Iterable[int], speaker: int) -> Revision:
    """Say who says the chosen words; a number one past the last makes a new speaker."""
    speakers = transcript.speakers
    if speaker == len(speakers):
        speakers = (*speakers, Speaker(f"Speaker {speaker + 1}"))
    elif speaker != NOBODY and not 0 <= speaker < len(speakers):
        raise NothingToDo(tr("There is no such speaker."))
    changes = _each(transcript, chosen, lambda w: replace(w, speaker=speaker), "").changes
    name = speakers[speaker].name if speaker >= 0 else "nobody"
    return _recast(
        transcript,
        tr("Said by {name}: {changes}", name=name, changes=count_of(len(changes))),
        changes,
        speakers=speakers,
        by_hand=True,
    )


def join_speakers(transcript: Transcript, keep: int, gone: int) -> Revision:
    """Two speakers are one: all that `gone` says is said by `keep`."""
    if keep == gone:
        raise NothingToDo(tr("Choose two different speakers."))
    speakers = list(transcript.speakers)
    if speakers[keep].person < 0:
        speakers[keep] = replace(speakers[keep], person=speakers[gone].person)
    name = speakers[gone].name
    del speakers[gone]

    def moved(word: Word) -> Word:
        to = keep if word.speaker == gone else word.speaker
        return replace(word, speaker=to - 1 if to > gone else to)

    changes = []
    for i in range(len(transcript.words) - 1, -1, -1):
        word = transcript.words[i]
        new = moved(word)
        if new is not word and new != word:
            changes.append(Change(i, (word,), (new,)))
    kept = speakers[keep - 1 if keep > gone else keep].name
    return _recast(
        transcript, tr("{name} is {kept}", name=name, kept=kept), tuple(changes), speakers=tuple(speakers), by_hand=True
    )


def split_speaker(transcript: Transcript, speaker: int, theirs: Iterable[int]) -> Revision:
    """One speaker is two: those of the words `theirs` (indexes) that are under their name go to a new speaker."""
    moved = [i for i in theirs if transcript.words[i].speaker == speaker]
    if not moved:
        raise NothingToDo(tr("None of these words are theirs."))
    new = len(transcript.speakers)
    name = f"Speaker {new + 1}"
    changes = _each(transcript, moved, lambda w: replace(w, speaker=new), "").changes
    label = tr(
        "{name_of} is two people: {changes} to {name}",
        name_of=transcript.name_of(speaker),
        changes=count_of(len(changes)),
        name=name,
    )
    return _recast(transcript, label, changes, speakers=(*transcript.speakers, Speaker(name)), by_hand=True)


def heard_anew(transcript: Transcript, fresh: Transcript, label: str) -> Revision:
    """All words and speakers replaced, as one step that can be undone."""
    changes = (Change(0, transcript.words, identified(transcript.words, fresh.words)),)
    return Revision(label, changes, cast_of(transcript), Cast(fresh.speakers, transcript.caption_offset, fresh.by_hand))


def rest_heard(transcript: Transcript, fresh: Transcript) -> Revision:
    """What an analysis found after the first corrections were made: who says what, and words after the last one."""
    end = transcript.words[-1].end if transcript.words else 0
    more = distinct((w for w in fresh.words if w.start >= end), {w.id for w in transcript.words})
    changes = [Change(len(transcript.words), (), more)] if more else []
    starts = [w.start for w in fresh.words]
    for i in range(len(transcript.words) - 1, -1, -1):
        word = transcript.words[i]
        k = bisect.bisect_right(starts, (word.start + word.end) // 2) - 1
        if word.speaker == NOBODY and k >= 0 and fresh.words[k].speaker != NOBODY:
            changes.append(Change(i, (word,), (replace(word, speaker=fresh.words[k].speaker),)))
    speakers = transcript.speakers or fresh.speakers
    label = tr("The rest of the words") if more else tr("Who says what, as it was found")
    return _recast(transcript, label, tuple(changes), speakers=speakers)
