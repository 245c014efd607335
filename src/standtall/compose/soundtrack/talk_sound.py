"""The talk of a short as it is heard: cleaned, from another recorder where there is one, each speaker at their level."""

from __future__ import annotations

import functools
from collections.abc import Mapping
from typing import Final

import numpy as np

from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.footage import Footage
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound, sound_of
from standtall.model.cut import Segment
from standtall.model.sound import Cleaning, Recorder
from standtall.sound.cleaning import find_hum, noise_of, without_hum, without_noise
from standtall.sound.mix import FADE, joined
from standtall.sound.recorder import resampled
from standtall.sound.speakers import gain_curve, levelling, speaker_loudness

MARGIN: Final = FADE
"""Samples read beside each segment, for crossfades."""


class Talk:
    """The pieces of the talk that a composition uses, read once; `progress` stops it (`Cancelled`)."""

    def __init__(self, composition: Composition, progress: Progress | None = None) -> None:
        self._made, self._progress = composition, progress or Progress()
        self._mix = composition.short.sound
        self._pieces: dict[Segment, tuple[int, Samples]] = {}
        """By segment: where what was read begins in the source, and the sound."""
        for key in composition.short.sources:
            self._read(composition.footage[key], [s for s in composition.short.segments if s.source == key])
        self.gains = self._gains()
        """What each is changed by in dB."""

    def sound(self) -> Samples:
        """float32 (2, length of the talk)."""
        return joined(self._made.short.segments, self._piece)

    def _read(self, footage: Footage, segments: list[Segment]) -> None:
        own = {s: (max(0, s.start - MARGIN), s.end + MARGIN) for s in segments}
        if footage.source.has_sound:
            read: dict[Segment, Samples] = {}
            for segment, (a, b) in own.items():
                self._progress.check()
                read[segment] = sound_of(footage.source, MIX_RATE, 2, a, b)
        else:
            read = {s: np.zeros((2, b - a), np.float32) for s, (a, b) in own.items()}
        for recorder in self._mix.recorders:
            if recorder.source == footage.source.key and recorder.path in self._made.sounds:
                for segment, (a, b) in own.items():
                    self._progress.check()
                    read[segment] = _with_recorder(read[segment], recorder, footage, a, b)
        cleaning = self._mix.cleaning
        if segments and cleaning != Cleaning():
            read = _cleaned(read, cleaning, self._progress)
        self._pieces |= {s: (own[s][0], sound) for s, sound in read.items()}

    def _piece(self, source: str, start: int, end: int) -> Samples:
        footage = self._made.footage[source]
        segment = next(s for s in self._pieces if s.source == source and s.start - MARGIN <= start and end <= s.end + MARGIN)
        begin, sound = self._pieces[segment]
        part = sound[:, start - begin : end - begin]
        part = np.pad(part, ((0, 0), (0, end - start - part.shape[1])))
        gains = {speaker: db for (key, speaker), db in self.gains.items() if key == source}
        return part * gain_curve(footage.analysis.words, gains, start, end) if any(gains.values()) else part

    @functools.cached_property
    def before(self) -> dict[tuple[str, int], float]:
        """Loudness in LUFS of each speaker, by source and number, as they were recorded: measured over all segments of a source,
        one after the other, when it is asked for."""
        out: dict[tuple[str, int], list[tuple[float, float]]] = {}
        for segment, (begin, sound) in self._pieces.items():
            self._progress.check()
            footage = self._made.footage[segment.source]
            words = [w for w in footage.analysis.words if segment.start <= w.start and w.end <= segment.end]
            for speaker, lufs in speaker_loudness(sound, words, begin).items():
                seconds = sum(w.end - w.start for w in words if w.speaker == speaker) / MIX_RATE
                out.setdefault((segment.source, speaker), []).append((lufs, seconds))
        return {
            key: 10 * float(np.log10(sum(s * 10 ** (v / 10) for v, s in found) / sum(s for _v, s in found)))
            for key, found in out.items()
        }

    def _gains(self) -> dict[tuple[str, int], float]:
        even: Mapping[tuple[str, int], float] = {}
        if self._mix.even and len(self.before) > 1:
            numbered = dict(enumerate(self.before))
            found = levelling({n: self.before[key] for n, key in numbered.items()})
            even = {numbered[n]: db for n, db in found.items()}
        by_hand = {(g.source, g.speaker): g.db for g in self._mix.speaker_gains}
        return {key: even.get(key, 0.0) + by_hand.get(key, 0.0) for key in {*even, *by_hand}}


def _cleaned(read: dict[Segment, Samples], cleaning: Cleaning, progress: Progress) -> dict[Segment, Samples]:
    """All pieces of one source cleaned alike: what is to be taken out is measured over all of them."""
    if cleaning.clicks:
        from standtall.sound.clicks import without_clicks, without_pops

        for segment, sound in read.items():
            progress.check()
            read[segment] = without_pops(without_clicks(sound))
    whole = np.concatenate(list(read.values()), axis=1)
    if cleaning.hum:
        found = find_hum(whole)
        if found is not None:
            read = {s: without_hum(sound, found) for s, sound in read.items()}
            whole = np.concatenate(list(read.values()), axis=1)
    if cleaning.noise != "off":
        profile = noise_of(whole)
        for segment, sound in read.items():
            progress.check()
            read[segment] = without_noise(sound, profile, cleaning.noise)
    return read


def _with_recorder(own: Samples, recorder: Recorder, footage: Footage, start: int, end: int) -> Samples:
    """The sound of a source between two ticks with that of another recorder in its place, or mixed in."""
    step = 1 + recorder.ppm / 1e6
    first, last = recorder.offset + start * step, recorder.offset + end * step
    begin = max(0, int(first) - 64)
    heard = read_sound(recorder.path, MIX_RATE, 2, begin, max(begin + 1, int(last) + 64))
    other = resampled(heard, first - begin, step, end - start) * np.float32(10 ** (recorder.db / 20))
    if not recorder.speakers:
        return other if recorder.use == "instead" else own + other
    share = _while_speaking(footage, recorder.speakers, start, end)
    return own * (1 - share) + other * share if recorder.use == "instead" else own + other * share


def _while_speaking(footage: Footage, speakers: tuple[int, ...], start: int, end: int) -> Samples:
    """1 while one of the speakers has the word, 0 while others have, going over as levels do."""
    most = 120.0
    words = footage.analysis.words
    gains = {w.speaker: (0.0 if w.speaker in speakers else -most) for w in words}
    curve = gain_curve(words, gains, start, end)
    return np.asarray(np.where(curve < 1e-5, 0, curve), np.float32)
