"""The words of a translation in the time of a short: each passage shares its time among its letters."""

from __future__ import annotations

from typing import Final

from standtall.captions.lines import CaptionWord
from standtall.model.timemap import TimeMap
from standtall.model.translation import Passage, Translation
from standtall.model.words import Word, words_within

LEAST_KEPT: Final = 0.4
"""A passage of which less of its time is in the short says what is not heard any more, and is left out."""


def translated(words: tuple[Word, ...], translation: Translation, time_map: TimeMap, nudge: int = 0) -> tuple[CaptionWord, ...]:
    """The translated passages that the short keeps, `nudge` ticks later; `index` is that of the first word of a passage.

    Words of another language have no times of their own, so the time of a passage is shared out by letters.
    """
    places: list[tuple[int, int, Passage]] = []
    for number, excerpt in enumerate(time_map.excerpts):
        begin = time_map.span_of(number)[0]
        for passage in translation.passages:
            start, end = max(passage.start, excerpt.start), min(passage.end, excerpt.end)
            if start >= end or not passage.text:
                continue
            here = (begin + start - excerpt.start, begin + end - excerpt.start)
            if places and places[-1][2] is passage:
                places[-1] = (places[-1][0], here[1], passage)
            else:
                places.append((*here, passage))
    out: list[CaptionWord] = []
    for begin, stop, passage in places:
        if stop - begin < LEAST_KEPT * (passage.end - passage.start):
            continue
        inside = words_within(words, passage.start, passage.end)
        texts = passage.text.split()
        letters = sum(len(t) + 1 for t in texts)
        at = 0
        for text in texts:
            start = begin + (stop - begin) * at // letters
            at += len(text) + 1
            end = begin + (stop - begin) * at // letters
            out.append(CaptionWord(min(inside.start, len(words) - 1), text, start + nudge, max(start + 1, end) + nudge))
    return tuple(w for w in out if w.start >= 0)
