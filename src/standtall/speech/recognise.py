"""Speech to words with the Whisper base model (Radford et al. 2022, arXiv:2212.04356) run by CTranslate2."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import Final, Protocol

import numpy as np

from standtall.base.progress import Progress
from standtall.media.sound import SPEECH_RATE, Samples

FILLER_PROMPT: Final = "Um, so, uh, I I was, er, you know, thinking, um, that, uh, hmm, we could, um, start."
"""Text that makes the model write fillers down instead of smoothing them away."""


@dataclass(frozen=True, slots=True)
class Heard:
    """A word as the recogniser heard it: text with punctuation, seconds, probability 0..1."""

    text: str
    start: float
    end: float
    probability: float


class Recogniser(Protocol):
    """Turns mono samples at 16 kHz, -1..1, into words in time order."""

    def words(self, samples: Samples, progress: Progress | None = None) -> list[Heard]: ...


class WhisperRecogniser:
    """The recogniser that ships: int8 on the processor, beam of 5, sequential windows."""

    def __init__(self, model: Path, language: str | None = None, threads: int = 2) -> None:
        from faster_whisper import WhisperModel

        self._model = WhisperModel(str(model), device="cpu", compute_type="int8", cpu_threads=threads, local_files_only=True)
        self._language = language

    def words(self, samples: Samples, progress: Progress | None = None) -> list[Heard]:
        """All words in float32 (samples,); an empty list for silence."""
        mono = np.ascontiguousarray(samples.reshape(-1), np.float32)
        if len(mono) < SPEECH_RATE // 10:
            return []
        segments, _info = self._model.transcribe(
            mono,
            language=self._language,
            beam_size=5,
            word_timestamps=True,
            condition_on_previous_text=True,
            initial_prompt=FILLER_PROMPT,
        )
        out: list[Heard] = []
        total = len(mono) / SPEECH_RATE
        for segment in segments:
            if segment.no_speech_prob > 0.85 and segment.avg_logprob < -1.0:
                continue
            for word in segment.words or []:
                text = word.word.strip()
                if text:
                    out.append(Heard(text, float(word.start), float(word.end), min(1.0, float(word.probability))))
            if progress is not None:
                progress.report("words", min(1.0, segment.end / total))
        return out
