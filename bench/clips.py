"""Finished clips found again inside 90 minutes by their sound."""

from __future__ import annotations

import resource
import tempfile
import time
from collections.abc import Iterator
from concurrent.futures import ProcessPoolExecutor
from pathlib import Path

import numpy as np
from scipy import signal
from tests.conftest import write_sound

from bench.demo import demo
from bench.row import Row
from standtall.base.progress import Progress
from standtall.base.time import TICKS_PER_SECOND
from standtall.library.cache import AnalysisCache
from standtall.media.probe import probe
from standtall.media.sound_reader import Samples, read_sound
from standtall.session.clips import ClipFinder
from standtall.sound.landmarks import RATE

MINUTES, CLIPS, STRANGERS = 90, 50, 10
FULL = 16_000
"""The footage is made at this rate."""


HOURS, FILES = 20, 10


def run() -> Iterator[Row]:
    with tempfile.TemporaryDirectory() as folder:
        yield from _run(Path(folder))


def many() -> Iterator[Row]:
    """Fifty clips against twenty hours in ten files."""
    with tempfile.TemporaryDirectory() as folder:
        yield from _many(Path(folder))


def babble(seconds: int, rng: np.random.Generator) -> Samples:
    """Made-up voices at 8 kHz that never say the same twice: syllables of harmonics under three formants, with pauses."""
    out = np.zeros(seconds * RATE, np.float32)
    at, pitch = 0, 120.0
    while at < len(out):
        size = int(rng.uniform(0.09, 0.34) * RATE)
        if rng.random() < 0.12:
            at += int(rng.uniform(0.1, 0.7) * RATE)
            pitch = float(rng.uniform(90, 240))
            continue
        pitch = float(np.clip(pitch * rng.uniform(0.9, 1.11), 80, 260))
        t = np.arange(size, dtype=np.float32) / RATE
        bend = pitch * (t + rng.uniform(-0.4, 0.4) * t * t)
        harmonics = np.arange(1, int(3_600 / pitch))
        formants = rng.uniform((250, 800, 1_900), (850, 2_300, 3_200))
        gain = sum(g / (1 + ((harmonics * pitch - f) / 130) ** 2) for f, g in zip(formants, (1.0, 0.6, 0.35), strict=True))
        said = np.sin(2 * np.pi * np.outer(harmonics, bend)).astype(np.float32).T @ gain.astype(np.float32)
        said *= np.hanning(size).astype(np.float32) * np.float32(0.08 * rng.uniform(0.5, 1.0))
        n = min(size, len(out) - at)
        out[at : at + n] += said[:n]
        at += int(size * 0.9)
    return out


def _file(
    folder: Path, number: int, seconds: int, wanted: list[tuple[int, int, tuple[int, float, float]]]
) -> dict[tuple[int, int], Samples]:
    """Write one of the files; -> the parts of it that clips are made of. The first begins with an hour of real voices."""
    rng = np.random.default_rng(1_000 + number)
    talk = babble(seconds, rng)
    if number == 0:
        source, _analysis = demo()
        real = hours_of_talk(seconds // 2, rng, read_sound(source.path, FULL, 1).reshape(-1))[::2]
        talk[: len(real)] = real
    write_sound(folder / f"file {number}.m4a", talk, RATE)
    return {(c, k): talk[round(a * RATE) : round((a + length) * RATE)].copy() for c, k, (_n, a, length) in wanted}


def _with_music(voice: Samples, rng: np.random.Generator) -> Samples:
    """With music 12 dB under the voice, at 8 kHz."""
    bed = music(2 * len(voice), rng)[::2]
    loud = np.sqrt(np.square(voice).mean()) / max(1e-9, float(np.sqrt(np.square(bed).mean())))
    return voice + bed * np.float32(loud * 10 ** (-12 / 20))


def _many(folder: Path) -> Iterator[Row]:
    rng = np.random.default_rng(23)
    each = HOURS * 3_600 // FILES
    wanted = [[(n, float(rng.uniform(0, each - 40)), float(rng.uniform(5, 20))) for _ in range(3)] for n in rng.integers(0, FILES, CLIPS)]
    for pieces in wanted:  # two pieces of one file, one of another
        pieces[2] = (int(rng.integers(0, FILES)), *pieces[2][1:])
    parts: dict[tuple[int, int], Samples] = {}
    with ProcessPoolExecutor(2) as pool:  # the made-up voices take longest
        made = [pool.submit(_file, folder, n, each, [(c, k, p) for c, w in enumerate(wanted) for k, p in enumerate(w) if p[0] == n])
                for n in range(FILES)]  # fmt: skip
        for one in made:
            parts.update(one.result())
    footage = [probe(folder / f"file {n}.m4a") for n in range(FILES)]
    clips = [
        write_sound(folder / f"clip{c}.m4a", _with_music(np.concatenate([parts[c, k] for k in range(3)]), rng), RATE)
        for c in range(CLIPS)
    ]
    strangers = [write_sound(folder / f"other{n}.m4a", _with_music(babble(30, rng), rng), RATE) for n in range(STRANGERS)]
    cache = AnalysisCache(folder / "cache")
    began = time.monotonic()
    ClipFinder(footage, Progress(), cache)
    yield Row(f"time to listen to {HOURS} hours in {FILES} files", time.monotonic() - began, "s")
    kept = sum(p.stat().st_size for p in (folder / "cache").rglob("*") if p.is_file())
    yield Row("kept of an hour, to be looked through again", kept / 1e6 / HOURS, "MB")
    began = time.monotonic()
    finder = ClipFinder(footage, Progress(), cache)
    found = [finder.locate(path) for path in clips]
    took = time.monotonic() - began
    whole = wrong = 0
    for clip, pieces in zip(found, wanted, strict=True):
        at, hits = 0.0, 0
        for file, start, length in pieces:
            middle = (at + length / 2) * TICKS_PER_SECOND
            here = [p for p in clip.pieces if p.clip_start < middle < p.clip_end]
            good = [
                p for p in here
                if p.source == footage[file].key and abs((p.start - p.clip_start) / TICKS_PER_SECOND - (start - at)) <= 0.04
            ]  # fmt: skip
            hits += bool(good)
            wrong += len(here) - len(good)
            at += length
        whole += hits == len(pieces)
    yield Row(f"{CLIPS} clips against {HOURS} hours, once listened to", took, "s", "<= 60")
    yield Row(f"  found with all three pieces within 40 ms, of {CLIPS}", whole, "", f">= {CLIPS}")
    false = sum(bool(finder.locate(path).pieces) for path in strangers)
    yield Row(f"  pieces in a wrong place, and of {STRANGERS} strangers found", wrong + false, "", "<= 0")


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
    finder = ClipFinder([probe(footage)], Progress(), AnalysisCache(folder / "cache"))
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
    from standtall.model.traced import TracedPiece

    assert isinstance(piece, TracedPiece)
    clip = read_sound(path, RATE, 1).reshape(-1)
    a, b = (round(v * RATE / TICKS_PER_SECOND) for v in (piece.clip_start, piece.clip_end))
    whole = finder.read(0, MINUTES * 60 * RATE)
    exact = int(np.argmax(signal.correlate(whole, clip[a:b], "valid", "fft")))
    return Row(
        "off from scipy.signal.correlate over all of it",
        abs(exact - round(piece.start * RATE / TICKS_PER_SECOND)) * 1000 / RATE,
        "ms",
        "<= 1",
    )
