"""Listening to a passage again: the exact times of its words, and other ways of understanding it."""

from __future__ import annotations

from typing import Final

from standtall.base.errors import NothingToDo
from standtall.base.time import TICKS, seconds, ticks
from standtall.media.sound import SPEECH_RATE, Samples, sound_of
from standtall.model.source import Source
from standtall.model.transcript import Transcript

ROOM: Final = TICKS
"""Sound read around the words, so that they may move."""
NEIGHBOURS: Final = 3
"""Words on each side that are aligned along, so that the sound of a neighbour is not taken for a chosen word."""
CONTEXT: Final = 6
"""Words on each side that are listened to together with doubtful ones."""


def _sound(source: Source, start: int, end: int) -> Samples:
    if not source.has_sound:
        raise NothingToDo("This footage has no sound.", "Move the words by hand.")
    return sound_of(source, SPEECH_RATE, 1, start, end)


def align_again(source: Source, transcript: Transcript, chosen: range) -> list[tuple[int, int]]:
    """Start and end in ticks of the chosen words, found in the sound near where they stand.

    Raises `NothingToDo` when none of them can be found.
    """
    from standtall.speech.align import PhoneAligner, Timed

    first, last = max(0, chosen.start - NEIGHBOURS), min(len(transcript.words), chosen.stop + NEIGHBOURS)
    words = transcript.words[first:last]
    begin = max(0, words[0].start - ROOM)
    sound = _sound(source, begin, min(source.length, words[-1].end + ROOM))
    rough = [Timed(w.text, seconds(w.start - begin), seconds(w.end - begin)) for w in words]
    placed = PhoneAligner().align(sound, rough)[chosen.start - first : chosen.stop - first]
    if not any(p.moved for p in placed):
        raise NothingToDo("These words could not be found in the sound.", "Check their spelling, or move them by hand.")
    return [(begin + ticks(p.start), begin + max(ticks(p.end), ticks(p.start) + 1)) for p in placed]


def hear_again(source: Source, transcript: Transcript, chosen: range) -> tuple[str, ...]:
    """What else the chosen words could be, likeliest first. Raises `NothingToDo` when nothing else was understood."""
    from standtall.speech import models
    from standtall.speech.recognise import WhisperRecogniser, otherwise

    first, last = max(0, chosen.start - CONTEXT), min(len(transcript.words), chosen.stop + CONTEXT)
    around = transcript.words[first:last]
    sound = _sound(source, max(0, around[0].start - TICKS // 4), min(source.length, around[-1].end + TICKS // 4))
    heard = WhisperRecogniser(models.require()).hypotheses(sound)
    found = otherwise([w.text for w in around], range(chosen.start - first, chosen.stop - first), heard)
    if not found:
        raise NothingToDo("Nothing else was understood there.", "Hear the word and type it.")
    return found
