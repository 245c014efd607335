"""What captions say: the words as they are spoken, or those of a translation."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from standtall.captions.said import CaptionWord, CaptionWords, Worded, spoken
from standtall.language.segmentation import chunks
from standtall.model.timemap import TimeMap
from standtall.model.translation import Passage
from standtall.model.words import words_within

LEAST_KEPT: Final = 0.4
"""A passage of which less of its time is in the short says what is not heard any more, and is left out."""


def worded(texts: Mapping[str, Worded], time_map: TimeMap, language: str = "", shifted: bool = True) -> CaptionWords:
    """What the captions of a short say: the translation into a `language` where any source has one, else the words as they are
    spoken. They come later by the caption offset of their source where they are to be `shifted`."""
    if language and any(t.language == language for text in texts.values() for t in text.translations):
        return translated(texts, time_map, language, shifted)
    return spoken(texts, time_map, shifted)


def translated(texts: Mapping[str, Worded], time_map: TimeMap, language: str, shifted: bool = True) -> CaptionWords:
    """The translated passages that a short keeps; each word stands for the first spoken word of its passage.

    Words of another language have no times of their own, so the time of a passage is shared out by letters.
    """
    places: list[tuple[int, int, str, Passage]] = []
    for number, segment in enumerate(time_map.segments):
        begin = time_map.span_of(number)[0]
        text = texts.get(segment.source)
        passages = [p for t in (text.translations if text else ()) if t.language == language for p in t.passages]
        for passage in passages:
            start, end = max(passage.start, segment.start), min(passage.end, segment.end)
            if start >= end or not passage.text:
                continue
            here = (begin + start - segment.start, begin + end - segment.start)
            if places and places[-1][3] is passage:
                places[-1] = (places[-1][0], here[1], segment.source, passage)
            else:
                places.append((*here, segment.source, passage))
    out: list[CaptionWord] = []
    for begin, stop, source, passage in places:
        if stop - begin >= LEAST_KEPT * (passage.end - passage.start):
            out += _shared_out(source, texts[source], passage, (begin, stop), shifted, language)
    last = time_map.length - 1
    return CaptionWords.of([w._replace(segment=time_map.index_at(min(w.start, last))) for w in out if w.start >= 0])


def _shared_out(
    source: str, text: Worded, passage: Passage, span: tuple[int, int], shifted: bool, language: str
) -> list[CaptionWord]:  # fmt: skip
    begin, stop = span
    offset = text.caption_offset if shifted else 0
    inside = words_within(text.words, passage.start, passage.end)
    said = text.words[min(inside.start, len(text.words) - 1)]
    pieces = chunks(passage.text, language)
    letters = sum(len(t) + 1 for t in pieces)
    out: list[CaptionWord] = []
    at = 0
    for piece in pieces:
        start = begin + (stop - begin) * at // letters
        at += len(piece) + 1
        end = begin + (stop - begin) * at // letters
        out.append(CaptionWord(source, said, piece, start + offset, max(start + 1, end) + offset))
    return out
