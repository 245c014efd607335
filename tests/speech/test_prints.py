"""Voice prints: on the demo's three voices against its truth, and where they are taken."""

from __future__ import annotations

import numpy as np

from standtall.base.time import TICKS_PER_SECOND
from standtall.demo.programme import programme, truth
from standtall.media.sound_reader import SPEECH_RATE, read_sound
from standtall.model.words import Word
from standtall.speech.prints import LEAST_S, WINDOW_S, voice_prints, windows


def words(*spans: tuple[float, float], ends: str = "") -> tuple[Word, ...]:
    return tuple(Word("w" + ends, round(a * TICKS_PER_SECOND), round(b * TICKS_PER_SECOND)) for a, b in spans)


def test_windows_lie_inside_speech_and_never_over_a_pause() -> None:
    talk = (*words(*[(i * 0.4, i * 0.4 + 0.4) for i in range(10)]), *words((5.0, 5.2)), *words((6.0, 6.5)))
    spans = windows(talk)
    assert all(b - a <= WINDOW_S + 1e-6 for a, b in spans)
    assert all(b - a >= LEAST_S for a, b in spans)
    assert spans[0][0] == 0.0
    assert any(abs(b - 4.0) < 1e-6 for _, b in spans)
    assert spans[-1] == (6.0, 6.5)
    assert not any(a < 5.2 and b > 5.0 for a, b in spans), "0.2 s of voice says nothing"


def test_a_sentence_end_parts_two_windows() -> None:
    assert windows(words((0.0, 1.0), (1.0, 2.0), ends=".")) == [(0.0, 1.0), (1.0, 2.0)]


def test_prints_of_one_voice_are_alike_and_of_two_are_not() -> None:
    """Weights and method of the package named in the module; here on the demo's voices against who was made to speak."""
    lines = [line for line in truth()["lines"] if line["end"] - line["start"] > 2.4][:14]
    sound = read_sound(programme(), SPEECH_RATE, 1).reshape(-1)
    prints = voice_prints(sound, [(line["words"][0][1], line["words"][0][1] + WINDOW_S) for line in lines])
    assert np.allclose(np.linalg.norm(prints, axis=1), 1, atol=1e-5)
    who = np.array([line["speaker"] for line in lines])
    same = who[:, None] == who[None, :]
    alike = prints @ prints.T
    off = ~np.eye(len(who), dtype=bool)
    assert alike[same & off].min() > alike[~same].max()


def test_a_weak_voice_sounds_like_itself() -> None:
    line = truth()["lines"][0]["words"]
    sound = read_sound(programme(), SPEECH_RATE, 1).reshape(-1)
    spans = [(line[0][1], line[0][1] + WINDOW_S)]
    loud, weak = voice_prints(sound, spans), voice_prints(sound * np.float32(0.05), spans)
    assert float((loud @ weak.T)[0, 0]) > 0.9


def test_no_spans_no_prints() -> None:
    assert voice_prints(np.zeros(100, np.float32), []).shape == (0, 256)
