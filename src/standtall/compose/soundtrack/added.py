"""What is mixed with the talk: music under it, sounds of cutaways, sound effects, clips before and after it."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Final, NamedTuple

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError
from standtall.compose.composition import Composition
from standtall.compose.soundtrack.own_music import played_from
from standtall.library.music import piece_of
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound, sound_of
from standtall.model.extras import Cutaway, SoundExtra
from standtall.model.sound import Music
from standtall.sound.assembly import assembled, faded, repeated
from standtall.sound.ducking import curve_of, duck_db
from standtall.sound.effects import effect
from standtall.sound.loudness import blocks_of, loudness_lufs, power_of
from standtall.sound.meters import MOMENTARY_MS, lufs

QUIETEST: Final = -50.0
"""What is softer (LUFS) is no talk to set the music by."""
WITHOUT_TALK: Final = -20.0
EDGE: Final = MIX_RATE // 50
"""Fade at the ends of the sound of a cutaway: 20 ms."""


class Sounding(NamedTuple):
    """A sound that begins at a tick of the short."""

    at: int
    samples: Samples


def word_times(composition: Composition) -> list[tuple[int, int]]:
    """Start and end of all words that are heard, in ticks of the short."""
    out = []
    for number, segment in enumerate(composition.time_map.segments):
        begin = composition.time_map.span_of(number)[0] - segment.start
        for word in composition.footage[segment.source].analysis.words:
            if word.end > segment.start and word.start < segment.end:
                out.append((max(word.start, segment.start) + begin, min(word.end, segment.end) + begin))
    return out


def music_levels(composition: Composition, music: Music) -> NDArray[np.float64]:
    """How far under the talk the music is in each millisecond of the talk, in dB."""
    return duck_db(word_times(composition), composition.time_map.length, music)


def music_under(composition: Composition, music: Music, talk: Samples) -> Samples | None:
    """The music as long as the talk, at its level under it: its loudest moment (momentary loudness) is as far under the talk
    as is asked for. None where its file is not there."""
    sound = music_sound(composition, music, talk.shape[1])
    if sound is None:
        return None
    loudest, said = float(blocks_of(power_of(sound), MOMENTARY_MS).max(initial=0.0)), loudness_lufs(talk)
    if loudest <= 0:
        return None
    own = float(lufs(np.array([loudest]))[0])
    wanted = said if np.isfinite(said) and said > QUIETEST else WITHOUT_TALK
    gain = np.float32(10 ** ((wanted - own) / 20))
    return sound * (gain * curve_of(music_levels(composition, music), talk.shape[1]))


def music_sound(composition: Composition, music: Music, length: int) -> Samples | None:
    """The music by itself: (2, length)."""
    try:
        piece = piece_of(music.path)
        if piece is not None:
            sound = assembled(piece, read_sound(piece.file, MIX_RATE, 2), length, music.start)
            return faded(sound, round(music.fade_in_s * MIX_RATE), 0)
        if music.path not in composition.sounds:
            return None
        first = played_from(music, length)
        sound = repeated(read_sound(music.path, MIX_RATE, 2, first, first + length), length)
    except MediaError:
        return None
    return faded(sound, round(music.fade_in_s * MIX_RATE), round(music.fade_out_s * MIX_RATE))


def effects_of(composition: Composition) -> Iterator[Sounding]:
    """The sound effects, each where its extent begins."""
    for extra in composition.short.extras.items:
        if isinstance(extra, SoundExtra):
            made = effect(extra.effect)
            for start, _end in composition.extras.spans(extra.id)[:1]:
                if made is not None:
                    yield Sounding(max(0, start), made * np.float32(10 ** (extra.db / 20)))


def cutaway_sounds(composition: Composition) -> Iterator[tuple[Sounding, Cutaway]]:
    """The own sounds of cutaways, for each stretch in which one is shown."""
    for number, segment in enumerate(composition.time_map.segments):
        begin = composition.time_map.span_of(number)[0] - segment.start
        for cutaway in composition.short.extras.cutaways:
            a, b = max(segment.start, cutaway.extent.start), min(segment.end, cutaway.extent.end)
            file = composition.files.get(cutaway.path)
            if cutaway.sound == "off" or a >= b or segment.source != cutaway.extent.source:
                continue
            if file is None or not file.has_sound:
                continue
            first = cutaway.at + a - cutaway.extent.start
            sound = faded(sound_of(file, MIX_RATE, 2, first, first + b - a), EDGE, EDGE) * np.float32(10 ** (cutaway.db / 20))
            yield Sounding(begin + a, sound), cutaway


def clip_sound(composition: Composition, where: str, length: int) -> Samples:
    """The sound of the clip before ("opening") or after ("closing") the talk, so many samples long; silence where it has none."""
    clip = composition.short.extras.opening if where == "opening" else composition.short.extras.closing
    file = composition.files.get(clip.path) if clip is not None else None
    if clip is None or file is None or not file.has_sound:
        return np.zeros((2, length), np.float32)
    own = min(length, clip.length)
    sound = sound_of(file, MIX_RATE, 2, clip.at, clip.at + own) * np.float32(10 ** (clip.db / 20))
    return np.pad(faded(sound, EDGE, EDGE), ((0, 0), (0, length - own)))
