"""Passages of whole sentences, and words found by what is said."""

from __future__ import annotations

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import clock
from standtall.language.sentences import sentences
from standtall.model.words import Word, words_within


def opening(words: tuple[Word, ...], length: int) -> range:
    """The words of the first whole sentences that fit into `length` ticks; raises `NothingToDo` without words."""
    found = sentences(words)
    if not found:
        raise NothingToDo(tr("Nobody says a word in this footage."), tr("Choose the part to use by time: --from and --to."))
    last = found[0]
    for sentence in found:
        if words[sentence[-1]].end - words[0].start > length:
            break
        last = sentence
    return range(last[-1] + 1)


def between(words: tuple[Word, ...], start: int, end: int) -> range:
    """The words inside [start, end) ticks; raises `NothingToDo` when there are none."""
    found = words_within(words, start, end)
    if not found:
        raise NothingToDo(
            tr("No words are said between {start} and {end}.", start=clock(start), end=clock(end)), tr("Choose another part.")
        )
    return found


def said(words: tuple[Word, ...], first: str, last: str | None = None) -> range:
    """The words from the phrase `first` to the end of the phrase `last`; raises `NothingToDo` when not found."""
    begin = _find(words, first, 0)
    if last is None:
        return begin
    return range(begin[0], _find(words, last, begin[0])[-1] + 1)


def _find(words: tuple[Word, ...], phrase: str, after: int) -> range:
    wanted = [Word(piece, 0, 1).bare for piece in phrase.split()]
    bare = [w.bare for w in words]
    for i in range(after, len(bare) - len(wanted) + 1):
        if wanted and bare[i : i + len(wanted)] == wanted:
            return range(i, i + len(wanted))
    raise NothingToDo(
        tr("'{phrase}' is not said.", phrase=phrase), tr("Look at the words with: stand-tall analyse FOOTAGE --words")
    )
