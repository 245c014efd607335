"""Words in columns say what the words say."""

from __future__ import annotations

from hypothesis import given
from hypothesis import strategies as st

from standtall.model.word_columns import MOST_KEPT, columns_of, ranges_within
from standtall.model.words import Word, words_within

WORDS = tuple(Word(f"w{n}", 10 * n, 10 * n + 7, kind="unspoken" if n % 4 == 2 else "word") for n in range(12))


def test_columns_say_what_the_words_say() -> None:
    columns = columns_of(WORDS)
    assert columns.words is WORDS and columns.texts == tuple(w.text for w in WORDS)
    assert columns.starts.tolist() == [w.start for w in WORDS] and columns.ends.tolist() == [w.end for w in WORDS]
    assert columns.spoken.tolist() == [w.kind != "unspoken" for w in WORDS]
    assert columns_of(WORDS) is columns
    assert columns_of((*WORDS, Word("x", 900, 901))) is not columns


@given(st.lists(st.tuples(st.integers(0, 130), st.integers(0, 130)), max_size=9))
def test_words_within_many_spans_are_those_within_each(spans: list[tuple[int, int]]) -> None:
    spans = [(min(span), max(span)) for span in spans]
    assert ranges_within(WORDS, spans) == [words_within(WORDS, *span) for span in spans]
    assert ranges_within((), spans) == [range(0)] * len(spans)


def test_few_transcripts_are_kept() -> None:
    many = [tuple(Word("x", n * 10 + k, n * 10 + k + 1) for k in range(2)) for n in range(3 * MOST_KEPT)]
    first = columns_of(many[0])
    for words in many[1:]:
        columns_of(words)
    assert columns_of(many[0]) is not first
    assert columns_of(many[0]).words is many[0]
