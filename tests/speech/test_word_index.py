"""Search over a transcript."""

from __future__ import annotations

import random
import re

import pytest

from standtall.model.words import Word
from standtall.speech.word_index import WordIndex

TEXT = "You don't grow vegetables, you grow soil. Soils, gardening and gardens: Brambledown grows. you GROW tomatos"


def words_of(text: str, speakers: int = 1) -> tuple[Word, ...]:
    return tuple(Word(t, i * 100, i * 100 + 90, 1.0, i // 4 % speakers) for i, t in enumerate(text.split()))


def said(index: WordIndex, *args: object, **more: object) -> list[str]:
    pieces = TEXT.split()
    return [" ".join(pieces[h.start : h.stop]) for h in index.search(*args, **more)]  # type: ignore[arg-type]


def test_words_and_phrases_are_found_whatever_their_case_and_punctuation() -> None:
    index = WordIndex(words_of(TEXT))
    assert said(index, "you grow") == ["you grow", "you GROW"]
    assert said(index, "Soil") == ["soil."]
    assert said(index, "  ") == []
    assert said(index, "potato") == []
    assert said(index, "don't grow vegetables") == ["don't grow vegetables,"]


def test_loose_search_forgives_endings_and_slips() -> None:
    index = WordIndex(words_of(TEXT))
    assert said(index, "garden", loose=True) == ["gardening", "gardens:"]
    assert said(index, "tomatoes", loose=True) == ["tomatos"]
    assert said(index, "brambeldown", loose=True) == ["Brambledown"]
    assert said(index, "soil", loose=True) == ["soil.", "Soils,"]
    assert said(index, "you grows", loose=True) == ["you grow", "you GROW"]


def test_a_speaker_can_be_asked_for() -> None:
    index = WordIndex(words_of(TEXT, 2))
    assert said(index, "you", speaker=0) == ["You"]
    assert len(index.search("", speaker=1)) == 2
    assert index.search("", speaker=1)[0] == range(4, 8)


@pytest.mark.parametrize("query", ["w17", "w17 w3", "w1"])
def test_hits_are_those_of_a_plain_regular_expression(query: str) -> None:
    """The regular expressions of Python's standard library as reference, on random text."""
    rng = random.Random(5)
    pieces = [f"w{rng.randrange(24)}" for _ in range(4000)]
    text = " ".join(pieces)
    starts = {m.start(): i for i, m in enumerate(re.finditer(r"\S+", text))}
    expected = [starts[m.start()] for m in re.finditer(rf"(?<!\S){query}(?!\S)", text)]
    assert [h.start for h in WordIndex(words_of(text)).search(query)] == expected
