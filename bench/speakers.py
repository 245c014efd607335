"""Speakers: who says each word of the demo, with and without the picture, and in real conversations (tests/data/meetings)."""

from __future__ import annotations

import itertools
from collections import defaultdict
from collections.abc import Iterable, Iterator
from pathlib import Path

import numpy as np

from bench.demo import demo, truth
from bench.row import Row
from standtall.base.time import ticks
from standtall.demo.programme import SHIPPED
from standtall.library.cache import AnalysisCache
from standtall.media.sound_reader import SPEECH_RATE, Samples, level_db, read_sound
from standtall.model.people import People
from standtall.model.words import Word
from standtall.people.detection import with_talk
from standtall.people.voices import Voices
from standtall.session.analyse import Options, voices_in
from standtall.speech.prints import voice_prints, windows

MEETINGS = Path(__file__).parent.parent / "tests" / "data" / "meetings"


def share_right(said: Iterable[tuple[str, float, float]], people: People) -> float:
    """The share of talking time under the right speaker, each true speaker (name, start, end in seconds) being one found."""
    said = list(said)
    shared: dict[tuple[int | None, str], float] = defaultdict(float)
    for name, start, end in said:
        shared[people.speaker_at(ticks((start + end) / 2)), name] += end - start
    right, taken = 0.0, set[int | str | None]()
    for (found, name), time in sorted(shared.items(), key=lambda item: -item[1]):
        if found is not None and found not in taken and name not in taken:
            right += time
            taken |= {found, name}
    return right / sum(end - start for _, start, end in said)


def heard(sound: Samples, words: tuple[Word, ...]) -> Voices:
    spans = windows(words)
    middles = np.array([ticks((a + b) / 2) for a, b in spans], np.int64)
    return Voices(middles, voice_prints(sound, spans))


def meeting(name: str) -> tuple[Samples, tuple[Word, ...], list[tuple[str, float, float]]]:
    """Half a minute of a real conversation: sound, speech in words of about 0.3 s, and who alone says which of them."""
    turns = []
    for line in (MEETINGS / "turns.rttm").read_text("utf-8").splitlines():
        parts = line.split()
        if parts[1] == name:
            turns.append((parts[7], float(parts[3]), float(parts[3]) + float(parts[4])))
    sound = read_sound(MEETINGS / f"{name}.flac", SPEECH_RATE, 1).reshape(-1)
    talking = np.zeros(len(sound) // 160 + 2, np.int8)
    for _, start, end in turns:
        talking[round(start * 100) : round(end * 100)] = 1
    edges = np.flatnonzero(np.diff(np.concatenate([[0], talking, [0]]))) / 100
    words: list[Word] = []
    said = []
    for start, end in zip(edges[::2], edges[1::2], strict=True):
        marks = np.linspace(start, end, 1 + max(1, round((end - start) / 0.3)))
        for a, b in itertools.pairwise(marks):
            words.append(Word("w", ticks(float(a)), ticks(float(b))))
            here = {who for who, x, y in turns if x <= (a + b) / 2 < y}
            if len(here) == 1:
                said.append((here.pop(), float(a), float(b)))
    return sound, tuple(words), said


def run() -> Iterator[Row]:
    source, analysis = demo()
    said = [(line["speaker"], word[1], word[2]) for line in truth()["lines"] for word in line["words"]]
    yield Row("demo: talking time under the right speaker", share_right(said, analysis.people), "share", ">= 0.95")
    cache = AnalysisCache(SHIPPED / "ready")
    voices = voices_in(source, Options(), cache)
    assert voices is not None
    level = np.array(analysis.level_db, np.float32)
    lips = with_talk(_faces_alone(analysis.people), analysis.words, level)
    yield Row("demo: by the lips alone", share_right(said, lips), "share")
    alone = with_talk(People(), analysis.words, level, voices)
    yield Row("demo: by the voices alone, as for sound without a picture", share_right(said, alone), "share", ">= 0.95")
    yield Row("demo: speakers found by the voices alone (3 talk)", len(alone.names), "speakers")
    shares = []
    for name in ("dev00", "trn05", "trn08", "tst00", "sample"):
        sound, words, true = meeting(name)
        found = with_talk(People(), words, level_db(sound), heard(sound, words))
        shares.append(share_right(true, found))
    yield Row("real conversations of half a minute, voices alone (mean of 5)", float(np.mean(shares)), "share")


def _faces_alone(people: People) -> People:
    seen = 1 + max(t.person for t in people.tracks)
    return People(people.shots, people.tracks, (), people.names[:seen])
