"""Other languages: words found at their true starts, as recognised and when their text is known."""

from __future__ import annotations

import json
from collections.abc import Iterator
from pathlib import Path

import numpy as np

from bench.row import Row
from bench.words import matched
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.sound_reader import SPEECH_RATE, Samples, read_sound
from standtall.model.words import Word
from standtall.speech import models
from standtall.speech.align import PhoneAligner, Timed
from standtall.speech.chunks import pieces
from standtall.speech.recognise import WhisperRecogniser
from standtall.speech.transcribe import transcribe

VOICES = Path(__file__).parent / "voices"
NAMES = {"de": "German", "es": "Spanish", "it": "Italian"}
PARTS = ("tune", "held")
GOAL_S = 0.15


def talk(language: str, part: str) -> tuple[Samples, list[tuple[str, float]]]:
    """Mono samples at 16 kHz of a made-up talk (`tools/other_voices.py`), and its words with their true starts in seconds."""
    path = VOICES / f"{language}-{part}.flac"
    true = json.loads(path.with_suffix(".json").read_text("utf-8"))
    return read_sound(str(path), SPEECH_RATE, 1).reshape(-1), [(word, float(start)) for word, start in true]


def recognised(sound: Samples, language: str) -> tuple[Word, ...]:
    recogniser, aligner = WhisperRecogniser(models.require(), language), PhoneAligner(language)
    return tuple(w for p in pieces([sound]) for w in transcribe(p.samples, recogniser, aligner, p.start))


def run() -> Iterator[Row]:
    for part in PARTS:
        for language, name in NAMES.items():
            sound, true = talk(language, part)
            words = recognised(sound, language)
            pairs = matched([w.text for w in words], [t for t, _s in true])
            off = np.array([abs(words[i].start / TICKS_PER_SECOND - true[j][1]) for i, j in pairs])
            yield Row(f"{name}, {part}: words understood, of {len(true)}", len(pairs) / len(true), "share")
            yield Row(f"{name}, {part}: starts within 150 ms", float((off <= GOAL_S).mean()), "share", ">= 0.9")
            yield Row(f"{name}, {part}: median error of starts", 1_000 * float(np.median(off)), "ms")
            rng = np.random.default_rng(0)
            rough = [Timed(t, max(0.0, s + float(rng.uniform(-GOAL_S, GOAL_S))), s + 0.25) for t, s in true]
            placed = PhoneAligner(language).align(sound, rough)
            off = np.array([abs(p.start - s) for p, (_t, s) in zip(placed, true, strict=True)])
            yield Row(f"{name}, {part}: known words, starts within 150 ms", float((off <= GOAL_S).mean()), "share", ">= 0.9")
