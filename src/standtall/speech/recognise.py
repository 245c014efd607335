"""Speech to words with the Whisper base model (Radford et al. 2022, arXiv:2212.04356) run by CTranslate2."""

from __future__ import annotations

import difflib
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Any, Final, Protocol

import numpy as np
from numpy.typing import NDArray

from standtall.media.sound_reader import SPEECH_RATE, Samples
from standtall.model.words import bare
from standtall.speech.fillers import prompt
from standtall.speech.voice import last_voice_s

ROOM_S, LEAST_S = 2.0, 10.0
"""Silence that the model hears after the sound, and the least that it hears at all."""
FRAMES_A_SECOND: Final = 100
LEFT_S: Final = 0.25
"""What is left of the sound after the last word may be so short that it holds no other."""


@dataclass(frozen=True, slots=True)
class Heard:
    """A word as the recogniser heard it: text with punctuation, seconds, probability 0..1."""

    text: str
    start: float
    end: float
    probability: float


class Recogniser(Protocol):
    """Turns mono samples at 16 kHz, -1..1, into words in time order.

    Every call stands for itself: told what was said before, the model falls into repeating it.
    """

    language: str | None

    def words(self, samples: Samples) -> list[Heard]: ...


def _engine(model: Path, threads: int) -> Any:
    """The engine, whose encoder listens to the sound that is there and not to the silence that fills its window up: on pieces
    of 18 to 28 s this saves a third of its work, on short spots four fifths, with the same word errors (docs/decisions/0023)."""
    from faster_whisper import WhisperModel

    class Sparing(WhisperModel):  # type: ignore[misc]
        def encode(self, features: NDArray[np.float32]) -> Any:
            return super().encode(heard_part(features))

    return Sparing(str(model), device="cpu", compute_type="int8", cpu_threads=threads, local_files_only=True)


def heard_part(features: NDArray[np.float32]) -> NDArray[np.float32]:
    """Mel features (bands, frames) without the zeros at their end, but for `ROOM_S` of them."""
    if features.ndim != 2:
        return features
    sounds = np.flatnonzero(np.abs(features).max(axis=0) > 0)
    last = int(sounds[-1]) + 1 if len(sounds) else 0
    count = max(round(LEAST_S * FRAMES_A_SECOND), last + round(ROOM_S * FRAMES_A_SECOND))
    return np.ascontiguousarray(features[:, : min(features.shape[1], count + count % 2)])  # the encoder halves the frames


class WhisperRecogniser:
    """The recogniser that ships: int8 on the processor, beam of 5, sequential windows."""

    def __init__(self, model: Path, language: str | None = None, threads: int = 2, terms: tuple[str, ...] = ()) -> None:
        self._model = _engine(model, threads)
        self.language = language
        self._terms = terms

    def detect(self, samples: Samples) -> str:
        """The language spoken in mono samples at 16 kHz, such as "en"."""
        language, _sure, _all = self._model.detect_language(np.ascontiguousarray(samples.reshape(-1), np.float32))
        return str(language)

    def words(self, samples: Samples) -> list[Heard]:
        """All words in float32 (samples,); an empty list for silence."""
        mono = np.ascontiguousarray(samples.reshape(-1), np.float32)
        if len(mono) < SPEECH_RATE // 10:
            return []
        segments, _info = self._model.transcribe(
            mono,
            language=self.language,
            beam_size=5,
            best_of=2,
            temperature=[0.0, 0.4],  # more tries cost up to 20 s a window and were never better
            word_timestamps=True,
            condition_on_previous_text=True,
            initial_prompt=prompt(self.language, self._terms),
        )
        out: list[Heard] = []
        last = last_voice_s(mono) - LEFT_S
        for segment in segments:
            if segment.no_speech_prob > 0.85 and segment.avg_logprob < -1.0:
                continue
            for word in segment.words or []:
                text = word.word.strip()
                if text:
                    out.append(Heard(text, float(word.start), float(word.end), min(1.0, float(word.probability))))
            if segment.end >= last:
                break  # another window would hold silence, from which the model makes words up
        return out

    def in_english(self, samples: Samples) -> list[tuple[float, float, str]]:
        """What is said, in English, as (start, end in seconds, text) of each sentence or so."""
        mono = np.ascontiguousarray(samples.reshape(-1), np.float32)
        segments, _info = self._model.transcribe(
            mono, language=self.language, task="translate", beam_size=5, temperature=0.0, condition_on_previous_text=False
        )
        return [(float(s.start), float(s.end), s.text.strip()) for s in segments if s.text.strip()]

    def hypotheses(self, samples: Samples, count: int = 8) -> list[str]:
        """The likeliest texts of one short passage (30 s at most), best first, by a wide beam."""
        from faster_whisper.tokenizer import Tokenizer

        model = self._model
        mono = np.ascontiguousarray(samples.reshape(-1), np.float32)[: 30 * SPEECH_RATE]
        features = model.feature_extractor(mono)
        features = features[:, : model.feature_extractor.nb_max_frames]
        features = np.pad(features, ((0, 0), (0, model.feature_extractor.nb_max_frames - features.shape[1])))
        encoded = model.encode(features)
        spoken = Tokenizer(model.hf_tokenizer, model.model.is_multilingual, task="transcribe", language=self.language or "en")
        prompt = model.get_prompt(spoken, [], without_timestamps=True)
        result = model.model.generate(encoded, [prompt], beam_size=count, num_hypotheses=count, max_length=224)[0]
        texts = (spoken.decode([t for t in tokens if t < spoken.eot]).strip() for tokens in result.sequences_ids)
        return list(dict.fromkeys(t for t in texts if t))


def otherwise(now: Sequence[str], chosen: range, heard: Sequence[str]) -> tuple[str, ...]:
    """What other hearings (whole texts) have in place of the chosen words of `now`, in their order, each once."""
    mine = [bare(w) for w in now]
    out: list[str] = []
    for text in heard:
        pieces = text.split()
        edges: dict[int, int] = {}
        matcher = difflib.SequenceMatcher(None, mine, [bare(p) for p in pieces], autojunk=False)
        for how, a, b, c, d in matcher.get_opcodes():
            if how == "equal" or b - a == d - c:
                edges.update(zip(range(a, b + 1), range(c, d + 1), strict=True))
            else:
                edges.setdefault(a, c)
                edges[b] = d
        if chosen.start not in edges or chosen.stop not in edges:
            continue
        other = " ".join(pieces[edges[chosen.start] : edges[chosen.stop]]).strip(" ,.;:!?")
        same = [bare(p) for p in other.split()] == [mine[i] for i in chosen]
        if other and not same and other not in out:
            out.append(other)
    return tuple(out)
