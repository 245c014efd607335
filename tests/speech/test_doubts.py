"""Likelihoods of words, and what is mended between recognising and showing."""

from __future__ import annotations

import numpy as np

from standtall.media.sound_reader import Samples
from standtall.model.words import DOUBT
from standtall.speech.align import Timed, out_of_silence
from standtall.speech.doubts import WEIGHTS, confidences, features
from standtall.speech.recognise import Heard
from standtall.speech.transcribe import transcribe


def sure(texts: str, probability: float = 0.97) -> tuple[list[Heard], list[Timed]]:
    """Words of 0.3 s that the aligner found where they were heard."""
    heard = [Heard(t, i * 0.4, i * 0.4 + 0.3, probability) for i, t in enumerate(texts.split())]
    return heard, [Timed(h.text, h.start, h.end, True) for h in heard]


def test_a_clear_sentence_is_not_in_doubt() -> None:
    told = confidences(*sure("we walked along the river today"))
    assert min(told) > 0.95
    assert confidences([], []) == []


def test_each_kind_of_trouble_lowers_the_likelihood() -> None:
    heard, placed = sure("we walked along the river today")
    usual = confidences(heard, placed)[2]
    weak = [*heard[:2], Heard("along", 0.8, 1.1, 0.2), *heard[3:]]
    assert confidences(weak, placed)[2] < DOUBT < usual
    moved = [*placed[:2], Timed("along", 1.3, 1.6, True), *placed[3:]]
    assert confidences(heard, moved)[2] < usual
    name = [*heard[:2], Heard("Along", 0.8, 1.1, 0.97), *heard[3:]]
    assert confidences(name, placed)[2] < usual
    assert confidences([Heard("Along", 0.8, 1.1, 0.97)], placed[2:3])[0] > confidences(name, placed)[2], "a first word is no name"
    crushed = [*placed[:2], Timed("along", 0.8, 0.83, True), *placed[3:]]
    assert confidences(heard, crushed)[2] < usual


def test_doubt_spreads_to_the_neighbours() -> None:
    heard, placed = sure("we walked along the river today")
    weak = [*heard[:3], Heard("the", 1.2, 1.5, 0.02), *heard[4:]]
    assert confidences(weak, placed)[2] < confidences(heard, placed)[2]
    assert features(heard, placed).shape == (6, len(WEIGHTS))


def tones(*spans: tuple[float, float], length: float = 4.0) -> Samples:
    """Noise in the spans and digital silence elsewhere."""
    out = np.zeros(int(length * 16_000), np.float32)
    for start, end in spans:
        part = slice(int(start * 16_000), int(end * 16_000))
        out[part] = np.random.default_rng(2).normal(0, 0.1, out[part].shape)
    return out


def test_silence_belongs_to_no_word() -> None:
    sound = tones((0.5, 1.0), (2.0, 2.6))
    first, second = out_of_silence(sound, [Timed("one", 0.3, 1.4, True), Timed("two", 1.4, 3.0, True)])
    assert (round(first.start, 2), round(first.end, 2)) == (0.5, 1.0)
    assert (round(second.start, 2), round(second.end, 2)) == (2.0, 2.6)


def test_of_a_word_with_a_pause_inside_the_longer_side_is_left() -> None:
    sound = tones((0.5, 0.6), (1.2, 1.8))
    (word,) = out_of_silence(sound, [Timed("broad", 0.5, 1.8, True)])
    assert (round(word.start, 2), round(word.end, 2)) == (1.2, 1.8)


def test_the_closure_of_a_stop_stays_with_its_word() -> None:
    sound = tones((0.5, 1.0), (1.07, 1.6))
    words = out_of_silence(sound, [Timed("a", 0.5, 1.0, True), Timed("pause", 1.0, 1.6, True)])
    assert words[1].start == 1.0


class Stammering:
    """A recogniser that says its last word twice."""

    language = "en"

    def __init__(self, second: float, end: float = 1.8) -> None:
        self._second, self._end = second, end

    def words(self, samples: Samples) -> list[Heard]:
        if len(samples) < 16_000 * 3:
            return []
        return [Heard("Many", 0.5, 0.9, 0.95), Heard("thanks.", 1.0, 1.4, 0.99), Heard("Thanks.", 1.4, self._end, self._second)]


def test_an_unlikely_echo_is_dropped_and_a_likely_repetition_stays() -> None:
    sound = tones((0.5, 1.8))
    assert [w.text for w in transcribe(sound, Stammering(0.1), None)] == ["Many", "thanks."]
    assert [w.text for w in transcribe(sound, Stammering(0.8), None)] == ["Many", "thanks.", "Thanks."]


def test_nobody_says_a_word_again_in_a_tenth_of_a_second() -> None:
    sound = tones((0.5, 1.8))
    assert [w.text for w in transcribe(sound, Stammering(0.5, 1.5), None)] == ["Many", "thanks."]
    assert [w.text for w in transcribe(sound, Stammering(0.5, 1.7), None)] == ["Many", "thanks.", "Thanks."]
