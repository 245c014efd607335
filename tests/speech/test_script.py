"""A script matched with recognised words."""

from __future__ import annotations

import itertools

import pytest

from standtall.base.errors import NothingToDo
from standtall.model.analysis import Analysis
from standtall.model.words import Word
from standtall.speech.script import laid_over

HEARD = tuple(
    Word(t, i * 24_000, i * 24_000 + 20_000, 0.8)
    for i, t in enumerate(["you", "don't", "grow", "vegetables", "you", "grow", "soil"])
)


def test_heard_words_give_their_times_and_others_share_the_gap() -> None:
    words, share = laid_over(("You", "do", "not", "grow", "any", "vegetables,", "you", "grow", "soil."), HEARD, 200_000)
    assert [w.text for w in words] == ["You", "do", "not", "grow", "any", "vegetables,", "you", "grow", "soil."]
    assert share == pytest.approx(6 / 9)
    assert (words[1].start, words[2].end) == (HEARD[1].start, HEARD[1].end)
    assert HEARD[2].end <= words[4].start < words[4].end <= HEARD[3].start
    assert [w.low_confidence for w in words] == [False, True, True, False, True, False, False, False, False]
    assert all(a.end <= b.start for a, b in itertools.pairwise(words))


def test_a_script_of_something_else_is_refused() -> None:
    with pytest.raises(NothingToDo, match="does not belong"):
        laid_over(("the", "quick", "brown", "fox", "jumps", "over", "lazy", "dogs", "all", "day", "long"), HEARD, 200_000)
    with pytest.raises(NothingToDo, match="does not belong"):
        laid_over(("a", "b"), (), 200_000)


def test_the_demo_script_is_laid_over_its_sound(demo_analysis: Analysis, demo_truth: dict) -> None:
    """Against the truth of the demo: the words of its script stand where they are said."""
    said = [w for line in demo_truth["lines"] for w in line["words"]]
    words, share = laid_over(tuple(w[0] for w in said), demo_analysis.words, 180 * 48_000)
    errors = sorted(abs(w.start / 48_000 - t[1]) for w, t in zip(words, said, strict=True))
    assert share > 0.9
    assert errors[len(errors) // 2] < 0.04
    assert errors[int(len(errors) * 0.95)] < 0.2
