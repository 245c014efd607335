"""A recognition model tried on footage: what it hears, how long it takes, and how much memory."""

from __future__ import annotations

import resource
import time
from dataclasses import dataclass
from pathlib import Path

from standtall.base.progress import Progress
from standtall.media.sound_reader import SPEECH_RATE, sound_of
from standtall.model.source import Source


@dataclass(frozen=True, slots=True)
class Trial:
    """`seconds` of work for `length_s` of sound, the model loaded; `memory_mb` is the most that this process ever used."""

    text: str
    seconds: float
    length_s: float
    memory_mb: int


def try_model(source: Source, start: int, end: int, language: str, folder: Path | None, progress: Progress) -> Trial:
    """Listen to a source from `start` to `end` (ticks) with the model in a folder, or with the one that ships for None. Raises
    `ModelMissing`. It stands for itself in a process of its own: its memory is that of the process."""
    from standtall.speech import models
    from standtall.speech.recognise import WhisperRecogniser

    recogniser = WhisperRecogniser(models.usable(folder) if folder is not None else models.shipped(), language or None)
    sound = sound_of(source, SPEECH_RATE, 1, start, end)
    progress.report("words", 0.1)
    began = time.perf_counter()
    words = recogniser.words(sound)
    spent = time.perf_counter() - began
    memory = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024  # kilobytes on Linux, getrusage(2)
    return Trial(" ".join(w.text for w in words), spent, (end - start) / 48_000, memory)
