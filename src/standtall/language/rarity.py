"""How much a word tells: rare words say more than common ones.

Frequencies come from the small lists of the wordfreq package (Speer 2022, doi:10.5281/zenodo.7199437; CC BY-SA 4.0), made by
`tools/word_frequencies.py`. Information is -log2 of the frequency (Shannon 1948).
"""

from __future__ import annotations

import functools
import gzip
from importlib import resources
from typing import Final

BITS_A_STEP: Final = 0.0332193
"""log2 of 10 ** (1 / 100): the lists go in steps of a hundredth of a power of ten."""
UNKNOWN_BITS: Final = 21.0
"""What a word that is not on the list tells: it is rarer than one in two million."""
COMMON_BITS: Final = 12.0
"""Words that tell less than this are the glue of every text."""
LISTS: Final = ("en", "de", "fr", "es", "it", "nl", "pl", "pt")


@functools.cache
def _steps(language: str) -> dict[str, int]:
    with resources.files("standtall.language").joinpath(f"data/{language}.txt.gz").open("rb") as file:
        lines = gzip.decompress(file.read()).decode().split("\n")
    return {word: step for step, line in enumerate(lines) for word in line.split(" ") if word}


def information(word: str, language: str) -> float:
    """Bits that a word (lower case, without punctuation) tells in a language; by its length where there is no list."""
    if language not in LISTS:
        return min(UNKNOWN_BITS, 4.0 + 1.6 * len(word))
    step = _steps(language).get(word)
    if step is None and "'" in word:
        step = _steps(language).get(word.split("'")[0])
    return UNKNOWN_BITS if step is None else min(UNKNOWN_BITS, step * BITS_A_STEP)
