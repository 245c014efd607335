"""Words in columns say what the words say."""

from __future__ import annotations

import numpy as np

from standtall.model.word_columns import MOST_KEPT, columns_of
from standtall.model.words import Kind, Word

WORDS = tuple(Word(f"w{n}", 10 * n, 10 * n + 7, kind="unspoken" if n % 4 == 2 else "word") for n in range(12))


def test_columns_say_what_the_words_say() -> None:
    columns = columns_of(WORDS)
    assert columns.words is WORDS and columns.texts == tuple(w.text for w in WORDS)
    assert columns.starts.tolist() == [w.start for w in WORDS] and columns.ends.tolist() == [w.end for w in WORDS]
    assert columns_of(WORDS) is columns
    assert columns_of((*WORDS, Word("x", 900, 901))) is not columns


def test_a_part_is_without_a_kind() -> None:
    unspoken: Kind = "unspoken"
    part = columns_of(WORDS).part(range(1, 8), unspoken)
    assert part.texts == ("w1", "w3", "w4", "w5", "w7")
    assert part.starts.tolist() == [w.start for w in part.words] and np.all(part.ends - part.starts == 7)
    assert columns_of(WORDS).part(range(3, 5), unspoken).texts == ("w3", "w4")
    assert columns_of(()).part(range(0), unspoken).words == ()


def test_few_transcripts_are_kept() -> None:
    many = [tuple(Word("x", n * 10 + k, n * 10 + k + 1) for k in range(2)) for n in range(3 * MOST_KEPT)]
    first = columns_of(many[0])
    for words in many[1:]:
        columns_of(words)
    assert columns_of(many[0]) is not first
    assert columns_of(many[0]).words is many[0]
