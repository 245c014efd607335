"""Finished clips found again inside 90 minutes by their sound."""

from __future__ import annotations

import resource
import tempfile
import time
from collections.abc import Iterator
from pathlib import Path

import numpy as np
from scipy import signal
from tests.conftest import write_sound

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.media.probe import probe
from standtall.media.sound_reader import Samples, read_sound
from standtall.session.clips import ClipFinder
from standtall.sound.landmarks import RATE

MINUTES, CLIPS, STRANGERS = 90, 50, 10
FULL = 16_000
"""The footage is made at this rate."""


def run() -> Iterator[Row]:
    with tempfile.TemporaryDirectory() as folder:
        yield from _run(Path(folder))


def hours_of_talk(seconds: int, rng: np.random.Generator, voice: Samples) -> Samples:
    """Made-up talk: sentences of the demo in ever other order, at ever other speeds, so that no minute comes twice."""
    out = np.zeros(seconds * FULL, np.float32)
    at, turn = 0, 0
    while at < len(out):
        speed = 0.72 * 1.021 ** (turn % 30)
        places = np.arange(0, len(voice) - 1, speed)
        said = np.interp(places, np.arange(len(voice)), voice).astype(np.float32)
        cuts = np.array_split(said, 40)
        for n in rng.permutation(40):
            part = cuts[n][: len(out) - at]
            out[at : at + len(part)] = part
            at += len(part)
        turn += 1
    return out


def music(length: int, rng: np.random.Generator) -> Samples:
    """Chords of plucked tones, one each half second."""
    out = np.zeros(length, np.float32)
    for at in range(0, length, FULL // 2):
        n = min(FULL, length - at)
        t = np.arange(n) / FULL
        for note in rng.choice([220.0, 261.6, 329.6, 392.0, 440.0, 523.3, 659.3], 3, replace=False):
            out[at : at + n] += (np.sin(2 * np.pi * note * t) * np.exp(-3 * t)).astype(np.float32)
    return out


def _mixed(voice: Samples, rng: np.random.Generator) -> Samples:
    """With music 12 dB under the voice."""
    bed = music(len(voice), rng)
    loud = np.sqrt(np.square(voice).mean()) / max(1e-9, float(np.sqrt(np.square(bed).mean())))
    return voice + bed * np.float32(loud * 10 ** (-12 / 20))


def _run(folder: Path) -> Iterator[Row]:
    rng = np.random.default_rng(11)
    source, _analysis = demo()
    voice = read_sound(source.path, FULL, 1).reshape(-1)
    talk = hours_of_talk(MINUTES * 60, rng, voice)
    footage = write_sound(folder / "footage.m4a", talk, FULL)
    truths: list[list[tuple[float, float, float]]] = []
    paths = []
    for n in range(CLIPS):
        length, pieces, truth, at = float(rng.uniform(20, 60)), [], [], 0.0
        for share in rng.dirichlet((6, 6, 6)):
            size = max(4.0, length * float(share))
            start = float(rng.uniform(0, MINUTES * 60 - size))
            a, b = round(start * FULL), round((start + size) * FULL)
            pieces.append(talk[a:b])
            truth.append((at, at + (b - a) / FULL, a / FULL - at))
            at += (b - a) / FULL
        truths.append(truth)
        paths.append(write_sound(folder / f"clip{n}.m4a", _mixed(np.concatenate(pieces), rng), FULL))
    stranger = hours_of_talk(
        STRANGERS * 30, np.random.default_rng(5), signal.resample_poly(voice, 41, 47).astype(np.float32)[::-1].copy()
    )
    strangers = [
        write_sound(folder / f"other{n}.m4a", _mixed(stranger[n * 30 * FULL : (n + 1) * 30 * FULL], rng), FULL)
        for n in range(STRANGERS)
    ]
    del talk
    began = time.monotonic()
    finder = ClipFinder(probe(footage), Progress())
    ready = time.monotonic() - began
    located = [finder.locate(path) for path in paths]
    took = time.monotonic() - began
    worst, found, edges, wrong = 0.0, 0, [], 0
    for result, truth in zip(located, truths, strict=True):
        hits = 0
        for a, b, offset in truth:
            here = [p for p in result.pieces if p.clip_start / TICKS_PER_SECOND < (a + b) / 2 < p.clip_end / TICKS_PER_SECOND]
            error = min((abs((p.start - p.clip_start) / TICKS_PER_SECOND - offset) for p in here), default=9.9)
            hits += error <= 0.04
            if error <= 0.04:
                worst = max(worst, error)
                edges += [max(abs(p.clip_start / TICKS_PER_SECOND - a), abs(p.clip_end / TICKS_PER_SECOND - b)) for p in here[:1]]
            wrong += bool(here) and error > 0.04
        found += hits == len(truth)
    false = sum(bool(finder.locate(path).pieces) for path in strangers)
    yield Row(f"clips of {CLIPS} found with all three pieces within 40 ms", found, "", f">= {CLIPS}")
    yield Row("farthest that a found piece lies off", 1000 * worst, "ms", "<= 40")
    yield Row("ends of pieces off, median", 1000 * float(np.median(edges)), "ms")
    yield Row("ends of pieces off, 95 of 100", 1000 * float(np.percentile(edges, 95)), "ms")
    yield Row("pieces put in a wrong place, and strangers found", wrong + false, "", "<= 0")
    yield Row(f"time to listen to {MINUTES} minutes", ready, "s")
    yield Row(f"time in all, with {CLIPS} clips", took, "s", "<= 20")
    yield Row(
        "largest memory of the process (made footage included)", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024, "MB"
    )
    yield _against_scipy(finder, paths[0], located[0].pieces[0] if located[0].pieces else None)


def _against_scipy(finder: ClipFinder, path: Path, piece: object) -> Row:
    """The exact answer for one piece, by correlating it with the whole footage (scipy.signal.correlate)."""
    from standtall.sound.matching import Found

    assert isinstance(piece, Found)
    clip = read_sound(path, RATE, 1).reshape(-1)
    a, b = (round(v * RATE / TICKS_PER_SECOND) for v in (piece.clip_start, piece.clip_end))
    whole = finder._read(0, MINUTES * 60 * RATE)
    exact = int(np.argmax(signal.correlate(whole, clip[a:b], "valid", "fft")))
    return Row(
        "off from scipy.signal.correlate over all of it",
        abs(exact - round(piece.start * RATE / TICKS_PER_SECOND)) * 1000 / RATE,
        "ms",
        "<= 1",
    )
