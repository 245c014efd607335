"""Letters of other languages as sounds, and what they are worth for finding words."""

from __future__ import annotations

import json
from pathlib import Path

import numpy as np
import pytest

from standtall.media.sound_reader import SPEECH_RATE, read_sound
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.letter_sounds import RULES
from standtall.speech.spelling import guessed_sounds

VOICES = Path(__file__).parents[2] / "bench" / "voices"
PHONES = frozenset(
    "AA AE AH AO AW AY B CH D DH EH ER EY F G HH IH IY JH K L M N NG OW OY P R S SH T TH UH UW V W Y Z ZH".split(" ")  # noqa: SIM905
)
"""The phones of the CMU pronouncing dictionary (its file `cmudict.phones`), without stress."""


@pytest.mark.parametrize(
    ("language", "word", "sounds"),
    [
        ("de", "Schrauben", "SH R AW B AH N"), ("de", "stehen", "SH T EY AH N"), ("de", "wenig", "V EH N IH HH"),
        ("de", "Zeit", "T S AY T"), ("es", "guerra", "G EY R AA"), ("es", "niño", "N IY N Y OW"), ("es", "hacer", "AA S EY R"),
        ("es", "ciudad", "S IY UW D AA D"), ("it", "gnocchi", "N Y OW K IY"), ("it", "ciao", "CH AA OW"),
        ("it", "famiglia", "F AA M IY L Y AA"), ("de", "123", ""), ("fr", "table", "T AE B L"),
    ],
)  # fmt: skip
def test_letters_sound_as_in_their_language(language: str, word: str, sounds: str) -> None:
    assert guessed_sounds(word, language) == sounds


def test_rules_name_only_sounds_of_the_set() -> None:
    for parts in RULES.values():
        for rules in parts:
            assert {s for _letters, sounds in rules for s in sounds.split()} <= PHONES


@pytest.mark.parametrize(("language", "least"), [("de", 0.95), ("it", 0.95)])
def test_words_of_other_languages_are_found_by_their_letters(language: str, least: float) -> None:
    """Made-up talk whose word starts its voices told (`tools/other_voices.py`); English rules find .90 of the German words."""
    sound = read_sound(str(VOICES / f"{language}-tune.flac"), SPEECH_RATE, 1).reshape(-1)
    true = json.loads((VOICES / f"{language}-tune.json").read_text("utf-8"))
    rng = np.random.default_rng(2)
    rough = [Timed(w, max(0.0, s + float(rng.uniform(-0.15, 0.15))), s + 0.25) for w, s in true]
    off = np.array([abs(p.start - s) for p, (_w, s) in zip(PhoneAligner(language).align(sound, rough), true, strict=True)])
    assert np.mean(off <= 0.1) >= least
    assert np.median(off) <= 0.02
