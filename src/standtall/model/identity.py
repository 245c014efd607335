"""Which words are the same when a transcript is replaced, and ids that no two words share."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import replace

from standtall.model.words import Word


def distinct(words: Iterable[Word], taken: set[int]) -> tuple[Word, ...]:
    """The words with ids that are not `taken` and that differ; `taken` then holds theirs, too."""
    out: list[Word] = []
    for word in words:
        number = word.id
        while number in taken:
            number += 1
        taken.add(number)
        out.append(word if number == word.id else replace(word, id=number))
    return tuple(out)


def identified(old: Sequence[Word], new: Sequence[Word], taken: Iterable[int] = (), first: bool = False) -> tuple[Word, ...]:
    """`new` words in place of `old` ones (both in time order), each under the id of the old word that it stands for: of those not
    yet stood for the one with which it shares most time, or the `first` with which it shares any (so merged words are the first
    of them). A new word that shares time with none gets an id that is neither among the old ones nor `taken`.
    """
    used: dict[int, int] = {}
    """Id by the number of the new word."""
    free = 0
    for number, word in enumerate(new):
        best, shared = -1, 0
        for i in range(free, len(old)):
            if old[i].start >= word.end:
                break
            time = min(word.end, old[i].end) - max(word.start, old[i].start)
            if time > shared:
                best, shared = i, time
                if first:
                    break
        if best >= 0:
            used[number] = old[best].id
            free = best + 1
    others = {*taken, *(w.id for w in old)}
    fresh = iter(distinct((w for n, w in enumerate(new) if n not in used), others))
    return tuple(replace(w, id=used[n]) if n in used else next(fresh) for n, w in enumerate(new))
