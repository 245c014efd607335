"""Stems of words, also while several threads ask for them."""

from __future__ import annotations

import sys
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor

import pytest

from standtall.language.stems import STEMMERS, stem

WORDS = [
    f"{begin}{end}"
    for begin in ("garden", "wonder", "harvest", "plant", "season")
    for end in ("ing", "ed", "s", "ful", "ness", "ers")
]


@pytest.fixture
def quick_switches() -> Iterator[None]:
    """Threads take turns so often that what they share is seen half done."""
    before = sys.getswitchinterval()
    sys.setswitchinterval(1e-6)
    yield
    sys.setswitchinterval(before)


@pytest.mark.fault
@pytest.mark.usefixtures("quick_switches")
def test_threads_that_stem_at_once_get_their_own_words() -> None:
    alone = [stem(word, "en") for word in WORDS]

    def again(shift: int) -> list[str]:
        turned = WORDS[shift:] + WORDS[:shift]
        for _ in range(60):
            stems = [stem(word, "en") for word in turned]
            assert stems == alone[shift:] + alone[:shift]
        return stems

    with ThreadPoolExecutor(4) as threads:
        assert len(list(threads.map(again, range(4)))) == 4


@pytest.mark.parametrize("language", sorted(STEMMERS))
def test_every_language_has_its_stemmer(language: str) -> None:
    assert stem("aaa", language)
