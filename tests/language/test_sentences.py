"""Where sentences and phrases end: by mark, pause and speaker."""

from __future__ import annotations

import pytest

from standtall.base.time import TICKS_PER_SECOND
from standtall.language.sentences import PHRASE_PAUSE, closes_phrase, sentences
from standtall.language.stems import stem
from standtall.model.words import SENTENCE_PAUSE, Word


def word(text: str, start_s: float, speaker: int = 0, kind: str = "word") -> Word:
    start = round(start_s * TICKS_PER_SECOND)
    return Word(text, start, start + TICKS_PER_SECOND // 4, speaker=speaker, kind=kind)  # type: ignore[arg-type]


def test_marks_long_pauses_and_speakers_end_a_sentence() -> None:
    words = (word("So", 0), word("it.", 0.3), word("Then", 0.6), word("on", 3), word("and", 3.3, 1), word("why?”", 3.6, 1))
    assert sentences(words) == [range(2), range(2, 3), range(3, 4), range(4, 6)]
    assert sentences(()) == []


def test_words_that_are_not_spoken_belong_to_none_and_part_nothing() -> None:
    words = (word("not.", 0, kind="unspoken"), word("one", 1), word("never.", 1.3, kind="unspoken"), word("two", 1.6))
    assert sentences(words) == [range(1, 4)]
    assert sentences((word("not", 0, kind="unspoken"),)) == []


@pytest.mark.parametrize(
    ("text", "pause", "speaker", "phrase", "sentence"),
    [
        ("so", 0, 0, False, False),
        ("so.", 0, 0, True, True),
        ("so", PHRASE_PAUSE, 0, False, False),
        ("so", PHRASE_PAUSE + 1, 0, True, False),
        ("so", SENTENCE_PAUSE, 0, True, False),
        ("so", SENTENCE_PAUSE + 1, 0, True, True),
        ("so", 0, 1, True, True),
    ],
)
def test_a_sentence_closes_its_phrase_and_a_short_pause_only_that(
    text: str, pause: int, speaker: int, phrase: bool, sentence: bool
) -> None:
    first = Word(text, 0, 100)
    after = Word("then", 100 + pause, 200 + pause, speaker=speaker)
    first = Word(text, 0, 100, speaker=0)
    assert closes_phrase(first, after) is phrase
    assert (len(sentences((first, after))) == 2) is sentence


def test_stems_join_the_forms_of_a_word() -> None:
    assert stem("allotments", "en") == stem("allotment", "en")
    assert stem("häuser", "de") == stem("haus", "de")
    assert stem("庭", "ja") == "庭", "a language without a stemmer"
