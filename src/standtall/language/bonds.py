"""How firmly each word belongs to the one after it: parts of names, numbers with what they count, determiners with their noun,
negations with what they negate. The lists are short and closed; languages without one get only names and numbers.

Tuned on `tests/data/bonds/tune.txt`; the limits of strength are common practice, no source.
"""

from __future__ import annotations

import functools
import itertools
import json
from collections.abc import Sequence
from pathlib import Path
from typing import Final

from standtall.language.joining import joined, unspaced
from standtall.language.segmentation import chunk_ends, splits

FIRM: Final = 1.0
"""Of words that are never to be parted."""
NOUN, PERHAPS, LOOSE = 0.8, 0.5, 0.3


@functools.cache
def _words(kind: str, language: str = "any") -> frozenset[str]:
    """One of the closed lists: determiners, negations, function (words that no noun phrase goes on with) and leads (words that
    open what follows) of a language; titles, numbers, degrees, ones and auxiliaries of any."""
    lists: dict[str, dict[str, str]] = json.loads((Path(__file__).parent / "data" / "function_words.json").read_text())
    return frozenset(lists.get(language, {}).get(kind, "").split())


def bonds(words: Sequence[str], language: str = "en") -> tuple[float, ...]:
    """The strength 0..1 of the bond between each word and its next, one less than there are words."""
    return _bonds(tuple(words), language.split("-")[0] or "en")


@functools.lru_cache(maxsize=8_192)
def _bonds(words: tuple[str, ...], language: str) -> tuple[float, ...]:
    if any(unspaced(w[-1]) for w in words if w):
        return _unspaced(words, language)
    plain = [w.lower().strip("\"'“”‘’«»()[],;:.!?…–-").replace("’", "'") for w in words]
    out = [0.0] * max(0, len(words) - 1)
    for i in range(len(out)):
        if words[i].endswith((",", ";", ":", ".", "!", "?", "…", "–")):
            continue
        out[i] = max(_of_pair(words, plain, i, language), _of_noun(words, plain, i, out, language))
    return tuple(out)


def _capital(word: str) -> bool:
    bare = word.lstrip("\"'“‘«(¿¡")
    return bare[:1].isupper() and bare not in ("I", "I'm", "I've", "I'd", "I'll")


def is_number(word: str) -> bool:
    """Whether a word (lower case, without punctuation) counts."""
    return word in _words("numbers") or (word[:1].isdigit() and any(c.isdigit() for c in word))


def _of_pair(words: tuple[str, ...], plain: list[str], i: int, language: str) -> float:
    """By the two words alone."""
    one, two = plain[i], plain[i + 1]
    function = two in _words("function", language) and two not in _words("degrees")
    if one in _words("titles") and _capital(words[i + 1]):
        return FIRM
    if (
        _capital(words[i])
        and _capital(words[i + 1])
        and one not in _words("function", language)
        and one not in _words("determiners", language)
    ):
        return NOUN if language == "de" else FIRM
    if two in ("the", "der", "von", "of") and i + 2 < len(words) and i and _capital(words[i]) and _capital(words[i + 2]):
        return FIRM
    if is_number(one) and (is_number(two) or (one == "half" and two in _words("determiners", language))):
        return FIRM
    if (is_number(one) or one in _words("ones")) and not function and two not in ("and", "of"):
        return FIRM
    if one in _words("negations", language) or (language == "en" and one.endswith("n't")):
        return FIRM
    if language == "en" and two in ("not", "never") and one in _words("auxiliaries"):
        return NOUN
    if language == "fr" and two in ("pas", "jamais", "rien", "plus"):
        return NOUN
    if language == "en" and one == "such" and two == "a":
        return FIRM
    if one in _words("determiners", language):
        if two in _words("leads", language):
            return NOUN if one in ("that", "this", "das") else 0.0
        return FIRM if not function else (NOUN if one in ("that", "this", "das") else LOOSE)
    if language == "en" and one.endswith(("'s", "s'")) and len(one) > 4 and not function:
        return NOUN
    if one in _words("degrees") and not function:
        return NOUN
    return LOOSE if one in _words("leads", language) else 0.0


def _of_noun(words: tuple[str, ...], plain: list[str], i: int, before: list[float], language: str) -> float:
    """Between an adjective and its noun: words after a determiner or a number that no function word parts from it. What is told
    from a verb is told by the word after: a noun is followed by nothing, a preposition or a verb, a verb by a determiner."""
    if i == 0 or before[i - 1] < NOUN or plain[i - 1] in _words("negations", language) or plain[i - 1].endswith("n't"):
        return 0.0
    opens = plain[i - 1] in _words("determiners", language) or is_number(plain[i - 1]) or before[i - 1] == NOUN
    if not opens or plain[i + 1] in _words("function", language) or plain[i] in _words("function", language):
        return 0.0
    if plain[i + 1] in _words("determiners", language) or is_number(plain[i + 1]) or plain[i + 1].endswith("ly"):
        return 0.0
    last = i + 2 >= len(words) or words[i + 1].endswith((",", ";", ":", ".", "!", "?"))
    if last or is_number(plain[i]):
        return NOUN
    after = plain[i + 2]
    if after in _words("determiners", language) or is_number(after):
        return LOOSE
    return NOUN if after in _words("function", language) else PERHAPS


def _unspaced(words: tuple[str, ...], language: str) -> tuple[float, ...]:
    """Scripts without spaces: words inside one phrase of the segmenter belong together."""
    text = joined(words)
    ends = chunk_ends(text, language if splits(language) else "")
    at, out = 0, []
    for one, two in itertools.pairwise(words):
        at += len(one)
        out.append(0.0 if at in ends else NOUN)
        at += 0 if unspaced(one[-1:]) and unspaced(two[:1]) else 1
    return tuple(out)
