"""The words of a short in its own time, against the plain way to reckon them."""

from __future__ import annotations

from fractions import Fraction

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from standtall.base.time import frame_middle
from standtall.captions.said import CaptionWord, CaptionWords, _first_frames, spoken
from standtall.model.analysis import Analysis
from standtall.model.cut import Segment
from standtall.model.timemap import TimeMap
from standtall.model.words import Kind, Word, words_within

KEY = "k"
RATES = (Fraction(24_000, 1_001), Fraction(24), Fraction(25), Fraction(30_000, 1_001), Fraction(30), Fraction(60), Fraction(7, 3))


def plainly(analysis: Analysis, time_map: TimeMap) -> list[tuple[str, int, int, int]]:
    out = []
    for number, segment in enumerate(time_map.segments):
        begin, end = time_map.span_of(number)
        for i in words_within(analysis.words, segment.start, segment.end):
            word = analysis.words[i]
            if word.kind != "unspoken":
                start = min(max(begin, word.start + begin - segment.start), end - 1)
                out.append((word.text, start, max(start + 1, min(end, word.end + begin - segment.start)), number))
    return out


@given(
    st.lists(st.tuples(st.integers(0, 900), st.integers(1, 2_000), st.sampled_from(["word", "filler", "unspoken"])), max_size=30),
    st.lists(st.tuples(st.integers(0, 1_500), st.integers(1, 9_000)), min_size=1, max_size=6),
)
def test_words_are_those_of_the_segments(said: list[tuple[int, int, Kind]], parts: list[tuple[int, int]]) -> None:
    words, at = [], 0
    for n, (gap, length, kind) in enumerate(said):
        words.append(Word(f"w{n}", at + gap, at + gap + length, kind=kind))
        at += gap + length
    segments, at = [], 0
    for gap, length in parts:
        segments.append(Segment(KEY, at + gap, at + gap + length))
        at += gap + length
    time_map = TimeMap(tuple(segments))
    analysis = Analysis(KEY, tuple(words))
    found = spoken({KEY: analysis}, time_map)
    assert [(w.text, w.start, w.end, w.segment) for w in found] == plainly(analysis, time_map)
    assert all(type(w) is CaptionWord and w.source == KEY and w.said.text == w.text for w in found)


@pytest.mark.parametrize("fps", RATES)
@given(st.lists(st.integers(0, 48_000 * 3_600 * 12), min_size=1, max_size=20))
def test_the_first_frame_is_the_first_whose_middle_is_not_before(fps: Fraction, starts: list[int]) -> None:
    for tick, number in zip(starts, _first_frames(np.array(starts), fps).tolist(), strict=True):
        assert frame_middle(number, fps) >= tick
        assert number == 0 or frame_middle(number - 1, fps) < tick


def test_words_in_columns_are_the_words() -> None:
    said = [CaptionWord(KEY, Word(f"w{n}", n, n + 1, speaker=n % 3), f"w{n}", 10 * n, 10 * n + 7, n // 4) for n in range(9)]
    columns = CaptionWords.of(said)
    assert len(columns) == 9 and list(columns) == said and columns == said and CaptionWords.of(columns) is columns
    assert columns[0] == said[0] and columns[-1] == said[-1] and type(columns[2].start) is int
    assert columns[2:5] == tuple(said[2:5]) and columns[7:] == tuple(said[7:]) and columns[5:2] == ()
    for n, other in enumerate((said[3]._replace(start=29), said[3]._replace(end=99), said[3]._replace(text="x"), said[3]._replace(segment=7))):
        assert columns != CaptionWords.of([*said[:3], other, *said[4:]]), n
    assert columns == CaptionWords.of(list(said)) and columns != CaptionWords.of(said[:-1])
    assert columns.speakers.tolist() == [n % 3 for n in range(9)]
    assert columns != said[1:] and columns != [*said[:8], said[8]._replace(end=99)]
    assert not CaptionWords.of([]) and list(CaptionWords.of([])) == [] and not spoken({}, TimeMap((Segment(KEY, 0, 5),)))
    with pytest.raises(IndexError):
        columns[9]
