"""The sound of a short, whole: the talk with all that is mixed with it, at its loudness."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.compose.soundtrack.added import clip_sound, cutaway_sounds, effects_of, music_under
from standtall.compose.soundtrack.talk_sound import Talk
from standtall.media.sound_reader import Samples
from standtall.model.extras import SoundExtra
from standtall.sound.loudness import levelled


@dataclass(frozen=True, slots=True)
class Parts:
    """The talk and the music of a short before they are mixed, float32 (2, samples), and what the talk was made of."""

    talk: Samples
    music: Samples | None
    made_of: Talk

    @property
    def speakers(self) -> dict[tuple[str, int], tuple[float, float]]:
        """The loudness in LUFS of each speaker as recorded and what they are changed by in dB, by source and number."""
        return {key: (lufs, self.made_of.gains.get(key, 0.0)) for key, lufs in self.made_of.before.items()}


def parts_of(composition: Composition, progress: Progress | None = None) -> Parts:
    """The talk and the music of a short; `progress` stops it (`Cancelled`)."""
    talk = Talk(composition, progress)
    sound = talk.sound()
    music = composition.short.sound.music
    under = None if music is None else music_under(composition, music, sound)
    return Parts(sound, under, talk)


def soundtrack(composition: Composition, progress: Progress | None = None, parts: Parts | None = None) -> Samples | None:
    """The sound of a short as float32 (2, samples) at 48 kHz, or None where nothing of it has any."""
    short = composition.short
    heard = any(f.source.has_sound for f in composition.footage.values()) or composition.sounds
    added = short.sound.music is not None or any(isinstance(e, SoundExtra) for e in short.extras.items)
    clips = any(f.has_sound for f in composition.files.values())
    if not (heard or added or clips):
        return None
    made = parts or parts_of(composition, progress)
    whole = made.talk.copy()
    for sounding, cutaway in cutaway_sounds(composition):
        part = whole[:, sounding.at : sounding.at + sounding.samples.shape[1]]
        if cutaway.sound == "instead":
            part *= _gap(part.shape[1])
        part += sounding.samples[:, : part.shape[1]]
    if made.music is not None:
        whole += made.music
    for sounding in effects_of(composition):
        part = whole[:, sounding.at : sounding.at + sounding.samples.shape[1]]
        part += sounding.samples[:, : part.shape[1]]
    lead = composition.lead_ticks
    if composition.frames > 0 and (lead or short.extras.closing is not None):
        total = round(composition.frames / composition.fps * TICKS_PER_SECOND)
        tail = max(0, total - lead - whole.shape[1])
        before, after = clip_sound(composition, "opening", lead), clip_sound(composition, "closing", tail)
        whole = np.concatenate([before, whole, after], axis=1)
    return levelled(whole, short.sound.loudness, progress=progress)


def _gap(count: int) -> Samples:
    """What the talk is multiplied by while something else is heard instead: gone, with soft edges."""
    edge = min(960, count // 2)
    out = np.zeros(count, np.float32)
    if edge:
        out[:edge] = np.linspace(1, 0, edge)
        out[-edge:] = np.linspace(0, 1, edge)
    return out
