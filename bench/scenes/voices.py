"""Recorded voices for the second set, with the times of what they say: hand-marked recordings, a reader, real conversations."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

import numpy as np
from praatio import textgrid

from standtall.media.sound_reader import SPEECH_RATE, Samples, read_sound

DATA = Path(__file__).parents[2] / "tests" / "data"
PAUSE_S = 0.22
LIBRIVOX = "sense_and_sensibility_01_austen_64kb-0"


@dataclass(frozen=True, slots=True)
class Voice:
    """Samples at `SPEECH_RATE`, and what is said without a pause: (start, end) in seconds, in order."""

    samples: Samples
    phrases: tuple[tuple[float, float], ...]


def _read(path: Path) -> Samples:
    return read_sound(path, SPEECH_RATE, 1).reshape(-1)


def _joined(spans: list[tuple[float, float]]) -> tuple[tuple[float, float], ...]:
    out: list[list[float]] = []
    for start, end in spans:
        if out and start - out[-1][1] < PAUSE_S:
            out[-1][1] = end
        else:
            out.append([start, end])
    return tuple((a, b) for a, b in out)


def _marked(sound: Path, marks: Path, tier: str) -> Voice:
    grid = textgrid.openTextgrid(str(marks), includeEmptyIntervals=False)
    spans = [(e.start, e.end) for e in grid.getTier(tier).entries if e.label.strip() not in ("", "sil", "sp", "{LG}", "{NS}")]
    return Voice(_read(sound), _joined(spans))


def loud(samples: Samples) -> list[tuple[float, float]]:
    """Where there is sound within 26 dB of the loudest, in steps of 10 ms."""
    step = SPEECH_RATE // 100
    level = np.sqrt((samples[: len(samples) // step * step].reshape(-1, step) ** 2).mean(axis=1))
    there = level > np.percentile(level, 97) * 0.05
    edges = np.flatnonzero(np.diff(np.concatenate([[0], there.astype(int), [0]]))) / 100
    return [(float(a), float(b)) for a, b in zip(edges[::2], edges[1::2], strict=True) if b - a > 0.04]


def _reader() -> Voice:
    samples = np.concatenate([_read(DATA / "librivox" / f"{LIBRIVOX}{n}.wav") for n in ("870", "880", "890", "920", "930")])
    return Voice(samples, _joined(loud(samples)))


@lru_cache
def voice(name: str) -> Voice:
    """ "reader", "acoustic", "cold", or the name of somebody who talks in one of the conversations."""
    if name == "reader":
        return _reader()
    if name in ("acoustic", "cold"):
        stem = DATA / "hand-marked" / "mfa" / f"{name}_corpus"
        return _marked(stem.with_suffix(".wav"), stem.with_suffix(".TextGrid"), "words")
    for talk in ("dev00", "trn05", "trn08", "tst00"):
        samples, turns = conversation(talk)
        if any(who == name for who, _, _ in turns):
            return Voice(samples, _alone(samples, turns, name))
    raise KeyError(name)


def _alone(samples: Samples, turns: tuple[tuple[str, float, float], ...], name: str) -> tuple[tuple[float, float], ...]:
    """Where `name` alone talks."""
    mine = np.zeros(len(samples) // (SPEECH_RATE // 100) + 1, bool)
    for who, start, end in sorted(turns, key=lambda t: t[0] != name):
        mine[round(start * 100) : round(end * 100)] = who == name
    heard = [(a, b) for a, b in loud(samples) if mine[round(a * 100) : max(round(a * 100) + 1, round(b * 100))].all()]
    return _joined(heard)


@lru_cache
def conversation(name: str) -> tuple[Samples, tuple[tuple[str, float, float], ...]]:
    """Half a minute of a real conversation: sound, and (who, start, end) in seconds, overlaps and all."""
    turns = []
    for line in (DATA / "meetings" / "turns.rttm").read_text("utf-8").splitlines():
        parts = line.split()
        if parts[1] == name:
            turns.append((parts[7], float(parts[3]), float(parts[3]) + float(parts[4])))
    return _read(DATA / "meetings" / f"{name}.flac"), tuple(turns)
