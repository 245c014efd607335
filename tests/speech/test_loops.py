"""Loops of the recogniser: told from people who repeat themselves; on sounds that nobody speaks nothing is written."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.io import wavfile
from scipy.signal import butter, sosfilt

from standtall.media.sound_reader import Samples
from standtall.speech import models
from standtall.speech.align import PhoneAligner
from standtall.speech.loops import loops, without_loops
from standtall.speech.recognise import Heard, WhisperRecogniser
from standtall.speech.transcribe import transcribe

pytestmark = pytest.mark.fault
DATA = Path(__file__).parents[1] / "data"


def heard(text: str, each_s: float = 0.3) -> list[Heard]:
    return [Heard(t, i * each_s, (i + 1) * each_s, 0.99) for i, t in enumerate(text.split())]


def left(text: str, each_s: float = 0.3) -> str:
    return " ".join(h.text for h in without_loops(heard(text, each_s), "en"))


@pytest.mark.parametrize(
    "said",
    ["No, no, no, that is not it.", "It was very, very, very, very good.", "I I I was, you know, you know, um, uh, there.",
     "Knock knock. Who is there? Knock knock. Who is there?", "Um, uh, so we began.", "bla bla bla bla and so on"],
)  # fmt: skip
def test_people_who_repeat_themselves_stay(said: str) -> None:
    assert left(said) == said


@pytest.mark.parametrize(
    ("said", "each_s"),
    [("uh, " * 30, 0.3), ("Uh uh uh buh uh uh uh uh uh uh", 0.01), (". . . . . .", 0.3), ("-b " * 20, 0.0),
     ("we could, um, " * 9, 0.02), ("I'm, er, you know, thinking, um, " * 8, 0.2), ("thank you. " * 14, 0.3)],
)  # fmt: skip
def test_what_goes_on_and_on_goes(said: str, each_s: float) -> None:
    assert left(said, each_s) in ("", "buh", "Uh uh uh buh")
    before, after = "Then we all laughed.", "He was not there."
    around = [*heard(before), *heard(said, each_s), *heard(after)]
    kept = " ".join(h.text for h in without_loops(around, "en"))
    assert kept.startswith(before)
    assert kept.endswith(after)


@given(st.lists(st.sampled_from(["a", "b", "uh", "."]), max_size=40), st.sampled_from([0.01, 0.3]))
def test_loops_lie_apart_in_order_and_inside(texts: list[str], each_s: float) -> None:
    words = heard(" ".join(texts), each_s)
    runs = loops(words, "en")
    assert all(a.stop <= b.start for a, b in zip(runs, runs[1:], strict=False))
    assert all(0 <= r.start < r.stop <= len(words) for r in runs)
    assert [h for h in without_loops(words, "en") if h not in words] == []


def laugh(seconds: float, calls_s: float) -> Samples:
    """Bursts of a voice with breath before each, of another make than those the rule was tried on."""
    rate, rng = 16_000, np.random.default_rng(8)
    out = np.zeros(round(seconds * rate))
    t = np.arange(round(0.11 * rate)) / rate
    for at in np.arange(0.1, seconds - 0.3, 1 / calls_s):
        pitch = 240 * (1 - 0.1 * at / seconds)
        call = sum(np.sin(2 * np.pi * pitch * k * t) / k * (2.0 if 3 <= k <= 5 else 1.0) for k in range(1, 14)) * np.hanning(
            len(t)
        )
        breath = sosfilt(butter(2, [800, 5000], "band", fs=rate, output="sos"), rng.normal(size=len(t))) * np.hanning(len(t))
        a = round(at * rate)
        out[a : a + len(t)] += 0.4 * breath
        out[a + 800 : a + 800 + len(t)] += call
    return (0.25 * out / np.abs(out).max()).astype(np.float32)


@pytest.mark.real
@pytest.mark.parametrize("kind", ["laugh", "hiss"])
def test_on_laughter_and_noise_nothing_is_written_and_the_speech_around_stays(kind: str) -> None:
    if not models.installed():
        pytest.skip("no speech model here")
    rate, speech = wavfile.read(sorted((DATA / "librivox").glob("*.wav"))[0])
    assert rate == 16_000
    talk = (speech[: 6 * rate] / 32_768).astype(np.float32)
    hiss = (0.15 * np.random.default_rng(2).normal(size=5 * rate)).astype(np.float32)
    between = laugh(5.0, 5.2) if kind == "laugh" else hiss
    recogniser, aligner = WhisperRecogniser(models.require(), "en", 1), PhoneAligner("en")
    alone = [w.text for w in transcribe(talk, recogniser, aligner)]
    words = transcribe(np.concatenate([talk, between]), recogniser, aligner)
    inside = [w.text for w in words if w.start / 48_000 > 6.1]
    assert len(inside) <= 2, inside
    said = [w.text.strip(".,") for w in words if w.start / 48_000 <= 6.1]
    assert said[: len(alone) - 2] == [t.strip(".,") for t in alone][: len(alone) - 2]
