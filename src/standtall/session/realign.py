"""Listening to a passage again: the exact times of its words, and other ways of understanding it."""

from __future__ import annotations

from typing import TYPE_CHECKING, Final

import numpy as np

from standtall.base.errors import NothingToDo
from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND, seconds, ticks
from standtall.media.sound_reader import SPEECH_RATE, Samples, sound_of
from standtall.model.source import Source
from standtall.model.transcript import Transcript

if TYPE_CHECKING:
    from standtall.people.voices import Voices

ROOM: Final = TICKS_PER_SECOND
"""Sound read around the words, so that they may move."""
NEIGHBOURS: Final = 3
"""Words on each side that are aligned along, so that the sound of a neighbour is not taken for a chosen word."""
CONTEXT: Final = 6
"""Words on each side that are listened to together with low_confidence ones."""


def _sound(source: Source, start: int, end: int) -> Samples:
    if not source.has_sound:
        raise NothingToDo(tr("This footage has no sound."), tr("Move the words by hand."))
    return sound_of(source, SPEECH_RATE, 1, start, end)


def align_again(source: Source, transcript: Transcript, chosen: range, language: str) -> list[tuple[int, int]]:
    """Start and end in ticks of the chosen words, found in the sound near where they stand. `language` is a code such as
    "en", or empty where nobody said, which is taken for English.

    Raises `NothingToDo` when none of them can be found.
    """
    from standtall.speech.align import PhoneAligner, Timed
    from standtall.speech.spelling import UNSPELT

    if language in UNSPELT:
        raise NothingToDo(
            tr("Words of this language cannot be found in the sound by their letters."),
            tr("Move them by hand, beside their sound."),
        )

    first, last = max(0, chosen.start - NEIGHBOURS), min(len(transcript.words), chosen.stop + NEIGHBOURS)
    words = transcript.words[first:last]
    begin = max(0, words[0].start - ROOM)
    sound = _sound(source, begin, min(source.length, words[-1].end + ROOM))
    rough = [Timed(w.text, seconds(w.start - begin), seconds(w.end - begin)) for w in words]
    placed = PhoneAligner(language or "en").align(sound, rough)[chosen.start - first : chosen.stop - first]
    if not any(p.moved for p in placed):
        raise NothingToDo(tr("These words could not be found in the sound."), tr("Check their spelling, or move them by hand."))
    return [(begin + ticks(p.start), begin + max(ticks(p.end), ticks(p.start) + 1)) for p in placed]


def other_voice(voices: Voices | None, transcript: Transcript, speaker: int) -> tuple[int, ...]:
    """Indexes of the words of one speaker that a second voice says: the one that talks less.

    Raises `NothingToDo` when the voices were not measured or all sound alike.
    """
    from standtall.people.voices import two_voices

    mine = [i for i, w in enumerate(transcript.words) if w.speaker == speaker]
    if voices is None or not len(voices.middles) or len(mine) < 2:
        raise NothingToDo(tr("There is too little of this voice to divide."), tr("Choose words and give them to a new speaker."))
    middles = np.array([(transcript.words[i].start + transcript.words[i].end) // 2 for i in mine])
    after = np.clip(np.searchsorted(voices.middles, middles), 1, max(1, len(voices.middles) - 1))
    nearest = np.minimum(after, len(voices.middles) - 1)
    before = after - 1
    nearest = np.where(abs(voices.middles[before] - middles) < abs(voices.middles[nearest] - middles), before, nearest)
    used, place = np.unique(nearest, return_inverse=True)
    sides = two_voices(voices.prints[used])
    if sides is None:
        raise NothingToDo(tr("All that they say sounds like one voice."), tr("Choose words and give them to a new speaker."))
    second = sides[place] == 1
    if second.sum() * 2 > len(mine):
        second = ~second
    return tuple(i for i, theirs in zip(mine, second, strict=True) if theirs)


def hear_again(source: Source, transcript: Transcript, chosen: range, language: str) -> tuple[str, ...]:
    """What else the chosen words could be in a language (as in `align_again`), likeliest first.

    Raises `NothingToDo` when nothing else was understood.
    """
    from standtall.speech import models
    from standtall.speech.recognise import WhisperRecogniser, otherwise

    first, last = max(0, chosen.start - CONTEXT), min(len(transcript.words), chosen.stop + CONTEXT)
    around = transcript.words[first:last]
    sound = _sound(
        source, max(0, around[0].start - TICKS_PER_SECOND // 4), min(source.length, around[-1].end + TICKS_PER_SECOND // 4)
    )
    heard = WhisperRecogniser(models.require(), language or None).hypotheses(sound)
    found = otherwise([w.text for w in around], range(chosen.start - first, chosen.stop - first), heard)
    if not found:
        raise NothingToDo(tr("Nothing else was understood there."), tr("Hear the word and type it."))
    return found
