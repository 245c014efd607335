"""A second language by the recogniser's own translation, which goes into English only."""

from __future__ import annotations

from typing import Final

from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND, seconds, ticks
from standtall.media.sound_reader import SPEECH_RATE, sound_of
from standtall.model.source import Source
from standtall.model.transcript import Transcript
from standtall.model.translation import Passage, Translation, passages_of

MOST: Final = 28 * TICKS_PER_SECOND
ROOM: Final = TICKS_PER_SECOND // 10


def in_english(source: Source, transcript: Transcript, language: str, progress: Progress) -> Translation:
    """The talk in English, passage by passage; `language` is the one spoken. Raises `ModelMissing`, `Cancelled`.

    Passages are heard together as far as one window of the recogniser holds them, and each sentence goes to the passage
    it shares most time with.
    """
    from standtall.speech import models
    from standtall.speech.recognise import WhisperRecogniser

    passages = passages_of(transcript.words)
    recogniser = WhisperRecogniser(models.require(), language)
    texts: dict[int, list[str]] = {}
    first = 0
    while first < len(passages):
        progress.check()
        last = first
        while last + 1 < len(passages) and passages[last + 1].end - passages[first].start <= MOST:
            last += 1
        begin = max(0, passages[first].start - ROOM)
        sound = sound_of(source, SPEECH_RATE, 1, begin, min(source.length, passages[last].end + ROOM))
        for start, end, text in recogniser.in_english(sound):
            a, b = begin + ticks(start), begin + ticks(end)
            best = max(range(first, last + 1), key=lambda i: min(b, passages[i].end) - max(a, passages[i].start))
            texts.setdefault(best, []).append(text)
        progress.report("translating", min(1.0, seconds(passages[last].end) / max(0.1, seconds(source.length))))
        first = last + 1
    rows = tuple(Passage(p.start, p.end, p.original, " ".join(texts.get(i, []))) for i, p in enumerate(passages))
    return Translation("en", rows)
