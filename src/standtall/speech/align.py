"""Forced alignment: the exact place of known words in the sound, by a hidden Markov model of phones.

Uses the acoustic model and dictionary that the pocketsphinx package carries (BSD licence). Two passes: words first,
then phones within them, in frames of 10 ms.
"""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any, Final, Protocol

import numpy as np

from standtall.base.progress import Progress
from standtall.media.sound_reader import SPEECH_RATE, Samples
from standtall.speech.spelling import guessed_sounds, spoken_forms
from standtall.speech.voice import silent

FRAME_S: Final = 0.01
SPLIT_GAP_S: Final = 0.5
LONGEST_S: Final = 15.0
PAD_S: Final = 0.4
NO_WORD: Final = 25
"""No word has a silence of so many hundredths of a second inside."""
PAUSE_S: Final = 0.06
"""After a pause of this length a word begins with its first sound: no closure can be told from silence there."""
FARTHEST_S: Final = 0.9
"""A word that would move further than this keeps the time it had: the aligner has lost its place."""

LEAST_SILENCE: Final = 9
"""Silence of so many hundredths of a second is more than the closure of a stop, which belongs to its word."""


@dataclass(frozen=True, slots=True)
class Timed:
    """A word with its times in seconds; `moved` is False where the sound could not confirm it."""

    text: str
    start: float
    end: float
    moved: bool = False


class Aligner(Protocol):
    """Moves the rough times of known words to where they are in mono samples at 16 kHz."""

    def align(self, samples: Samples, words: Sequence[Timed], progress: Progress | None = None) -> list[Timed]: ...


class PhoneAligner:
    """Aligns English by its dictionary, and other languages by the sounds that their letters suggest.

    On English recordings with hand-marked words, letters alone place starts 20 ms off in the median, the dictionary 10,
    the recogniser 60 (docs/measures.md): far from right for any one word, but the order of sounds is enough.
    """

    def __init__(self, language: str = "en") -> None:
        from pocketsphinx import Decoder

        self._language = language
        # pauses are likelier in talk than in the dictation that the usual 0.005 and 0.65 were made for: with these, 0.93
        # instead of 0.86 of the words of a spontaneous recording lie within 100 ms of their marks
        # the best-path search over the word lattice drops the last words of a text, so it stays off
        self._decoder: Any = Decoder(
            samprate=float(SPEECH_RATE),
            lm=None,
            loglevel="FATAL",
            beam=1e-120,
            wbeam=1e-120,
            pbeam=1e-100,
            bestpath=False,
            silprob=0.3,
            wip=1.0,
        )

    def align(self, samples: Samples, words: Sequence[Timed], progress: Progress | None = None) -> list[Timed]:
        """The same words in the same order with tightened times; never overlapping."""
        sound = (np.clip(samples.reshape(-1), -1, 1) * 32767).astype(np.int16)
        out: list[Timed] = []
        for group in _groups(words):
            out += self._group(sound, group)
            if progress is not None and words:
                progress.report("timing", len(out) / len(words))
        return _in_order(out_of_silence(samples, out))

    def _group(self, sound: np.ndarray, group: list[Timed]) -> list[Timed]:
        found = self._place(sound, group)
        if found is not None:
            return found
        if len(group) == 1:
            return group
        gaps = [b.start - a.end for a, b in itertools.pairwise(group)]
        cut = int(np.argmax(gaps)) + 1
        return self._group(sound, group[:cut]) + self._group(sound, group[cut:])

    def _place(self, sound: np.ndarray, group: list[Timed]) -> list[Timed] | None:
        forms = [self._known(spoken_forms(word.text, self._language)) for word in group]
        flat = [form for word in forms for form in word]
        if not flat:
            return list(group)
        first = max(0.0, group[0].start - PAD_S)
        last = min(len(sound) / SPEECH_RATE, group[-1].end + PAD_S)
        part = sound[int(first * SPEECH_RATE) : int(last * SPEECH_RATE)].tobytes()
        spans = self._decode(part, flat)
        if spans is None:
            return None
        out: list[Timed] = []
        at = 0
        for word, form in zip(group, forms, strict=True):
            if not form:
                out.append(word)
                continue
            start, end = first + spans[at][0], first + spans[at + len(form) - 1][1]
            at += len(form)
            if abs(start - word.start) > FARTHEST_S or end - start < 0.02:
                out.append(word)
            else:
                out.append(Timed(word.text, start, end, True))
        return out

    def _known(self, forms: list[str]) -> list[str]:
        out = []
        for plain in forms:
            form = plain if self._language == "en" else f"={plain}"
            if self._decoder.lookup_word(form) is None:
                sounds = guessed_sounds(plain, self._language)
                if not sounds:
                    continue
                self._decoder.add_word(form, sounds, True)
            out.append(form)
        return out

    def _decode(self, part: bytes, flat: list[str]) -> list[tuple[float, float]] | None:
        """Start and end in seconds of each word of `flat`; None where the model finds no path through the sound."""
        decoder = self._decoder
        try:
            decoder.set_align_text(" ".join(flat))
            self._hear(part)
            if decoder.hyp() is None:
                return None
            rough = [(s.start_frame * FRAME_S, (s.end_frame + 1) * FRAME_S) for s in decoder.seg() if _spoken(s.word)]
        except RuntimeError:
            return None
        if len(rough) != len(flat):
            return None
        try:
            decoder.set_alignment()
            self._hear(part)  # the second pass has no hypothesis to ask for, and may fail where the first did not
            alignment = decoder.get_alignment()
        except RuntimeError:
            return rough
        fine = [(e.start * FRAME_S, (e.start + e.duration) * FRAME_S) for e in alignment or () if _spoken(e.name)]
        return fine if len(fine) == len(flat) else rough

    def _hear(self, part: bytes) -> None:
        self._decoder.start_utt()
        self._decoder.process_raw(part, full_utt=True)
        self._decoder.end_utt()


def out_of_silence(samples: Samples, words: Sequence[Timed]) -> list[Timed]:
    """The same words without the silence that the model put at their edges: pauses belong to no word."""
    quiet = silent(samples)
    out = []
    for word in words:
        a, b = max(0, round(word.start * 100)), min(len(quiet), round(word.end * 100))
        loud = np.flatnonzero(~quiet[a:b])
        if not len(loud):
            out.append(word)
            continue
        gaps = np.diff(loud)
        if len(gaps) and gaps.max() >= NO_WORD:  # a pause inside a word: what is before or after it is a neighbour's
            at = int(np.argmax(gaps))
            loud = loud[at + 1 :] if at + 1 < len(loud) / 2 else loud[: at + 1]
        lead, trail = int(loud[0]), b - a - 1 - int(loud[-1])
        after_pause = not out or word.start - out[-1].end >= PAUSE_S
        start = word.start + (lead / 100 if lead >= LEAST_SILENCE or after_pause else 0.0)
        end = word.end - (trail / 100 if trail >= LEAST_SILENCE else 0.0)
        out.append(Timed(word.text, start, max(end, start + 0.02), word.moved))
    return out


def _spoken(name: str) -> bool:
    """False for silences and noises."""
    return not name.startswith(("<", "["))


def _groups(words: Sequence[Timed]) -> list[list[Timed]]:
    out: list[list[Timed]] = []
    for word in words:
        if out and word.start - out[-1][-1].end <= SPLIT_GAP_S and word.end - out[-1][0].start <= LONGEST_S:
            out[-1].append(word)
        else:
            out.append([word])
    return out


def _in_order(words: list[Timed]) -> list[Timed]:
    """Give each word at least 20 ms and let none begin before the one before it ends."""
    out: list[Timed] = []
    for i, word in enumerate(words):
        start = max(word.start, out[-1].start + 0.02 if out else 0.0)
        end = max(word.end, start + 0.02)
        if i + 1 < len(words) and words[i + 1].start > start + 0.02:
            end = min(end, words[i + 1].start)
        if out and out[-1].end > start:
            before = out[-1]
            out[-1] = Timed(before.text, before.start, start, before.moved)
        out.append(Timed(word.text, start, end, word.moved))
    return out
