"""The words that captions say: those that a short keeps of its sources, in the time of the short."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Protocol

from standtall.model.timemap import TimeMap
from standtall.model.translation import Translation
from standtall.model.words import Word, words_within


@dataclass(frozen=True, slots=True)
class CaptionWord:
    """A word of a card: the word of which source it stands for, its text, start and end in ticks of the short, and the segment of
    the short that it is in."""

    source: str
    said: Word
    text: str
    start: int
    end: int
    segment: int = 0


class Worded(Protocol):
    """What has words: an analysis or a transcript of one source."""

    @property
    def words(self) -> tuple[Word, ...]: ...
    @property
    def caption_offset(self) -> int: ...
    @property
    def translations(self) -> tuple[Translation, ...]: ...


def spoken(worded: Mapping[str, Worded], time_map: TimeMap, shifted: bool = True) -> tuple[CaptionWord, ...]:
    """The words that a short keeps of its sources, in its own time, later by their caption offset where they are to be
    `shifted`; words that are not in the sound are left out."""
    out: list[CaptionWord] = []
    for number, segment in enumerate(time_map.segments):
        if segment.source not in worded:
            continue
        words = worded[segment.source].words
        begin, end = time_map.span_of(number)
        moved = begin - segment.start + (worded[segment.source].caption_offset if shifted else 0)
        for i in words_within(words, segment.start, segment.end):
            if words[i].kind == "unspoken":
                continue
            start = min(max(begin, words[i].start + moved), end - 1)
            stop = max(start + 1, min(end, words[i].end + moved))
            out.append(CaptionWord(segment.source, words[i], words[i].text, start, stop, number))
    return tuple(out)
