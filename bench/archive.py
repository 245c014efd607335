"""The archive of everything said at a hundred hours of made-up talk: how soon words are found, how large the index is."""

from __future__ import annotations

import json
import random
import tempfile
import time
from collections.abc import Iterator
from pathlib import Path

import numpy as np

from bench.row import Row
from standtall.model.codec import to_plain
from standtall.model.transcript import Speaker, Transcript
from standtall.model.words import Word
from standtall.session.archive import Archive, ArchivedSource

S, HOURS, WORDS_AN_HOUR, VOCABULARY = 48_000, 100, 9_000, 30_000


def _talk(dice: random.Random, spellings: list[str]) -> Transcript:
    """An hour of words by Zipf's law in sentences of 6 to 20 words."""
    words, at, left = [], 0, 0
    ranks = np.minimum(np.random.default_rng(dice.randrange(1 << 30)).zipf(1.25, WORDS_AN_HOUR), VOCABULARY) - 1
    for rank in ranks:
        text = spellings[int(rank)]
        left = left - 1 if left else dice.randint(6, 20)
        words.append(Word(text + ("." if left == 0 else ""), at, at + 14_000, 0.9, dice.randrange(2)))
        at += 19_200
    return Transcript(tuple(words), (Speaker("Ann"), Speaker("Bo")))


def run() -> Iterator[Row]:
    dice = random.Random(8)
    letters = "abcdefghijklmnoprstuvwy"
    spellings = ["".join(dice.choice(letters) for _ in range(dice.randint(2, 9))) for _ in range(VOCABULARY)]
    with tempfile.TemporaryDirectory() as folder, Archive(Path(folder) / "a.sqlite") as archive:
        size, slowest, phrases = 0, 0.0, []
        for hour in range(HOURS):
            transcript = _talk(dice, spellings)
            size += len(json.dumps(to_plain(transcript.words), separators=(",", ":")))
            began = time.perf_counter()
            archive.add(ArchivedSource(f"{hour:024x}", f"hour {hour}", "/a.mp4", "made up", f"2026-{hour % 12 + 1:02d}-01"), transcript)
            slowest = max(slowest, time.perf_counter() - began)
            at = dice.randrange(len(transcript.words) - 4)
            phrases.append(" ".join(w.bare for w in transcript.words[at : at + 3]))
        archive._db.execute("PRAGMA wal_checkpoint(TRUNCATE)")
        index = archive.path.stat().st_size
        yield Row("archive: words", HOURS * WORDS_AN_HOUR, "count")
        yield Row("archive: index, of the words' own size as they are kept (JSON)", index / size, "share", "<= 0.15")
        yield Row("archive: an hour added, slowest", slowest, "s", "<= 2")
        kinds = {"a word": [p.split()[0] for p in phrases], "a phrase": phrases}
        for kind, asked in kinds.items():
            yield Row(f"archive: {kind} found, 95 of 100", 1000 * _taken(archive, asked, False), "ms", "<= 50")
        yield Row("archive: loosely, 95 of 100", 1000 * _taken(archive, [p.rsplit(" ", 1)[0] for p in phrases], True), "ms", "<= 200")
        missed = sum(not archive.search(p) for p in phrases)
        yield Row("archive: phrases that are there and are not found", missed, "count", "<= 0")
        began = time.perf_counter()
        for p in phrases[:20]:
            archive.said_before(p)
        yield Row("archive: where a passage was said before, mean", 1000 * (time.perf_counter() - began) / 20, "ms")


def _taken(archive: Archive, asked: list[str], loose: bool) -> float:
    times = []
    for query in asked:
        began = time.perf_counter()
        archive.search(query, loose)
        times.append(time.perf_counter() - began)
    return float(np.percentile(times, 95))
