"""What the sound of a short is made of and how it measures, worked out once for the panel, the lane and the meters."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

from standtall.base.errors import MediaError, NothingToDo
from standtall.base.files import content_key
from standtall.base.interface_language import tr
from standtall.base.progress import Progress
from standtall.compose.composition import Composition
from standtall.compose.soundtrack.added import music_levels
from standtall.compose.soundtrack.made_of import MadeOf, made_of
from standtall.compose.soundtrack.mixdown import Parts, parts_of, soundtrack
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound, sound_of
from standtall.model.sound import Cleaning, Music, Recorder, SoundMix
from standtall.model.source import Source
from standtall.sound.loudness import loudness_lufs
from standtall.sound.meters import Meters, metered
from standtall.sound.recorder import aligned

LONGEST_ALIGNED_S = 1800
"""So much of two recordings is compared at most: what lies beyond runs on by the same clock."""


@dataclass(frozen=True, slots=True)
class Heard:
    """The finished sound of a short, how it measures, what each speaker was and is changed by (LUFS and dB, by source and
    number), and how far under the talk its music is in each millisecond, in dB."""

    track: Samples | None
    meters: Meters | None
    speakers: dict[tuple[str, int], tuple[float, float]]
    duck_db: NDArray[np.float64] | None


@dataclass(frozen=True, slots=True)
class Mixed:
    """The finished sound of a short, with the parts that it is measured by, or how it measures where that is known."""

    composition: Composition
    track: Samples | None
    known: Parts | Heard


class Hearing:
    """Works out and measures the sound of one short after the other. What was last found is kept, so that a change that is not
    heard takes no time. Not thread safe: use it from one thread."""

    def __init__(self) -> None:
        self._of: MadeOf | None = None
        self._mixed: Mixed | None = None

    def mixed(self, composition: Composition, progress: Progress | None = None) -> Mixed:
        """Work the sound of a short out; `progress` stops it."""
        of = made_of(composition)
        if self._mixed is None or of != self._of:
            parts = parts_of(composition, progress)
            self._mixed, self._of = Mixed(composition, soundtrack(composition, progress, parts), parts), of
        return replace(self._mixed, composition=composition)

    def measured(self, sound: Mixed, progress: Progress) -> Heard:
        """Measure the sound of a short; `progress` stops it."""
        if isinstance(sound.known, Heard):
            return sound.known
        track, music = sound.track, sound.composition.short.sound.music
        levels = None if music is None else music_levels(sound.composition, music)
        heard = Heard(track, None if track is None else metered(track, progress), sound.known.speakers, levels)
        if self._mixed is not None and self._mixed.known is sound.known:
            self._mixed = replace(self._mixed, known=heard)  # the parts of a minute are 50 MB
        return heard


def as_recorded(composition: Composition, like: Samples) -> Samples | None:
    """The sound of a short without anything done to it, as loud as another one, so that louder is not taken for better."""
    mix = composition.short.sound
    plain = replace(composition.short, sound=SoundMix(mix.loudness, (), False, Cleaning(), None, ()))
    made = soundtrack(replace(composition, short=plain))
    if made is None:
        return None
    gain = loudness_lufs(like) - loudness_lufs(made)
    return made * np.float32(10 ** (gain / 20)) if np.isfinite(gain) else made


def recorder_for(source: Source, path: Path) -> Recorder:
    """Align a sound file with a source. Raises `MediaError` where it holds no sound, or another talk."""
    if not source.has_sound:
        raise NothingToDo(tr("This footage has no sound to align with."), tr("Choose footage with the camera's own sound."))
    length = LONGEST_ALIGNED_S * MIX_RATE
    own = sound_of(source, MIX_RATE, 1, 0, min(source.length, length))[0]
    other = read_sound(path, MIX_RATE, 1, 0, 2 * length)[0]
    end = int(np.flatnonzero(other)[-1]) + 1 if np.any(other) else 0
    if end < 2 * MIX_RATE:
        raise MediaError(tr("{name} is silent.", name=path.name), tr("Choose the recording of this talk."))
    found = aligned(own, other[:end])
    return Recorder(source.key, str(path), content_key(path), round(found.offset, 3), round(found.ppm, 3))


def music_file(path: Path) -> Music:
    """A file as music. Raises `MediaError` where it holds no sound."""
    if not np.any(read_sound(path, MIX_RATE, 1, 0, 20 * MIX_RATE)):
        raise MediaError(tr("{name} is silent for its first 20 seconds.", name=path.name), tr("Choose another file."))
    return Music(str(path), content_key(path))
