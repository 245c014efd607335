"""Proposed removals on made-up talk with known truth."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.ndimage import median_filter

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.by_words import from_words, kept_words
from standtall.cutting.cut_points import SHORTEST, without_all
from standtall.cutting.removals import PACES, Removal, _smoothed, out_of, removals, saved, tighten
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.words import Word
from standtall.speech.fillers import is_filler

AS_SAID, TIGHTEST = PACES[0], PACES[-1]


def talk(text: str, pauses: dict[int, float] | None = None, noisy: frozenset[int] = frozenset()) -> Analysis:
    """Words of 0.3 s, 0.06 s apart, or as far as `pauses` says after a word; `noisy` pauses are not silent."""
    at, words, level = 4_800, [], []
    for i, text_ in enumerate(text.split()):
        kind = "filler" if is_filler(text_, "en") else "word"
        words.append(Word(text_, at, at + 14_400, kind=kind))  # type: ignore[arg-type]
        at += 14_400 + round((pauses or {}).get(i, 0.06) * TICKS_PER_SECOND)
    level = [-70.0] * (at // LEVEL_STEP + 60)
    for i, w in enumerate(words):
        until = words[i + 1].start if i in noisy and i + 1 < len(words) else w.end
        for n in range(w.start // LEVEL_STEP, until // LEVEL_STEP):
            level[n] = -20.0
    return Analysis("key", tuple(words), level_db=tuple(level), language="en")


def whole(analysis: Analysis) -> Short:
    return from_words("a", analysis, range(len(analysis.words)))


def found(text: str) -> list[tuple[str, str]]:
    analysis = talk(text)
    proposed = removals(whole(analysis), analysis, AS_SAID)
    return [(r.kind, " ".join(analysis.words[i].text for i in r.words)) for r in proposed]


@pytest.mark.parametrize(
    ("text", "wanted"),
    [
        ("So, um, we dug it.", [("filler", "um,")]),
        ("I have wasted, you know, one spade.", [("filler", "you know,")]),
        ("Do you know what sort of spade?", []),
        ("I raked, I I fed every plant.", [("repeat", "I")]),
        ("like a, uh, like a nervous waiter.", [("repeat", "like a,"), ("filler", "uh,")]),
        ("we could we could start now.", [("repeat", "we could")]),
        ("It was very very cold. No, no.", []),
        ("That's all? That's all.", []),
        ("I went – I was going home.", [("false start", "I went –")]),
        ("They wanted uh they needed a tap.", [("filler", "uh"), ("false start", "They wanted")]),
        ("The first bed I dug, the second bed I left.", []),
    ],
)
def test_what_is_proposed(text: str, wanted: list[tuple[str, str]]) -> None:
    assert sorted(found(text)) == sorted(wanted)


def test_silences_by_pace_leave_room_and_spare_what_sounds() -> None:
    analysis = talk("one two three. four five six", {1: 1.0, 2: 1.0, 4: 1.0}, noisy=frozenset({4}))
    short = whole(analysis)
    counts = [len(removals(short, analysis, pace)) for pace in PACES]
    assert counts == [0, 0, 1, 2, 2, 2]
    first, second = removals(short, analysis, TIGHTEST)
    words = analysis.words
    assert words[1].end < first.start < first.end < words[2].start
    left = [(words[2].start - words[1].end - first.length), (words[3].start - words[2].end - second.length)]
    assert left[0] == pytest.approx(0.1 * TICKS_PER_SECOND, abs=2 * LEVEL_STEP)
    assert left[1] > left[0], "after a sentence more is left"


def test_all_are_taken_out_as_one_step_and_told() -> None:
    analysis = talk("So um we dug it. And uh we we left it alone.", {4: 1.5})
    short = whole(analysis)
    proposed = removals(short, analysis, PACES[2])
    assert {r.kind for r in proposed} == {"filler", "repeat", "silence"}
    made = tighten(short, proposed)
    assert made.label == "Tighten: 4 removals"
    assert short.length - made.short.length == saved(short, proposed)
    texts = [analysis.words[i].text for i in kept_words(made.short, analysis)]
    assert " ".join(texts) == "So we dug it. And we left it alone."
    assert out_of(made.short, proposed) == set(proposed) and not out_of(short, proposed)
    assert removals(made.short, analysis, PACES[2]) == ()


def test_taking_nothing_or_everything_says_so() -> None:
    analysis = talk("one two three")
    short = whole(analysis)
    for chosen in ((), (Removal("silence", "key", 0, 10**9, range(0)),)):
        with pytest.raises(NothingToDo):
            tighten(short, chosen)
    nothing = Analysis("key")
    assert removals(short, nothing, TIGHTEST) == ()


@given(st.lists(st.sampled_from([-90.0, -52.5, -41.0, -30.0, -12.5]), min_size=1, max_size=60), st.integers(1, 60))
def test_levels_are_smoothed_as_by_the_reference(levels: list[float], size: int) -> None:
    """Against SciPy's `median_filter`, for odd and even sizes."""
    size = min(size, len(levels))
    assert np.array_equal(_smoothed(np.array(levels), size), median_filter(np.array(levels), size, mode="nearest"))


@given(
    st.lists(st.tuples(st.sampled_from("ab"), st.integers(0, 40), st.integers(1, 12)), min_size=1, max_size=8),
    st.lists(st.tuples(st.sampled_from("ab"), st.integers(0, 40), st.integers(1, 12)), max_size=8),
)
def test_many_passages_at_once_are_as_one_after_another(kept: list[tuple[str, int, int]], gone: list[tuple[str, int, int]]) -> None:
    step = SHORTEST // 3 + 1  # so that what is left is now and then too short to stay
    segments: tuple[Segment, ...] = ()
    for piece in (Segment(source, a * step, (a + n) * step) for source, a, n in kept):
        segments += () if any(piece.overlaps(e) for e in segments) else (piece,)
    passages = [Segment(source, a * step, (a + n) * step) for source, a, n in gone]
    left = segments
    for p in passages:
        left = tuple(piece for e in left for piece in one_by_one(e, p))
    assert without_all(segments, passages) == left
    removals_ = [Removal("silence", p.source, p.start, p.end, range(0)) for p in passages]
    short = Short.of("a", segments)
    assert out_of(short, removals_) == {r for r, p in zip(removals_, passages, strict=True) if not any(e.overlaps(p) for e in segments)}


def one_by_one(e: Segment, gone: Segment) -> list[Segment]:
    if not e.overlaps(gone):
        return [e]
    sides = ((e.start, gone.start), (gone.end, e.end))
    return [Segment(e.source, a, b) for a, b in sides if b - a >= SHORTEST]
