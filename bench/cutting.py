"""Cutting by words on the demo's truth: what is clipped, what can be heard of a cut, what is found to be taken out."""

from __future__ import annotations

import itertools
from collections.abc import Iterator
from pathlib import Path

import numpy as np
from faster_whisper.vad import VadOptions, get_speech_timestamps
from scipy import signal
from tests.speech.test_speech import hand_marked, load_16k, marked_words

from bench.demo import demo, truth
from bench.row import Row
from bench.words import matched
from standtall.base.time import TICKS_PER_SECOND
from standtall.cutting.by_words import from_words
from standtall.cutting.cut_points import cut_after, cut_before
from standtall.cutting.removals import PACES, Removal, removals
from standtall.media.sound_reader import MIX_RATE, SPEECH_RATE, level_db, read_sound, sound_of
from standtall.model.analysis import LEVEL_STEP, Analysis
from standtall.model.cut import Segment
from standtall.model.words import Word
from standtall.sound.mix import Reader, joined
from standtall.speech.fillers import is_filler

MEETING = Path(__file__).parents[1] / "tests/data/meetings/trn08.flac"

OVER_FLOOR_DB = 14.0
JOINS = 200


def run() -> Iterator[Row]:
    """All rows."""
    source, analysis = demo()
    said = [(str(text), start, end) for line in truth()["lines"] for text, start, end in line["words"]]
    yield from _clipped(analysis, said)
    yield from _joins(lambda _source, a, b: sound_of(source, MIX_RATE, 2, a, b), analysis)
    yield from _found(analysis, said)


def _clipped(analysis: Analysis, said: list[tuple[str, float, float]]) -> Iterator[Row]:
    """How much of each true word that sounds lies beyond the cut beside it."""
    level = np.array(analysis.level_db)
    sounds = level > np.percentile(level, 5) + OVER_FLOOR_DB
    pairs = dict(matched([w.text for w in analysis.words], [s[0] for s in said]))
    lost = []
    for i, j in pairs.items():
        if pairs.get(i + 1) != j + 1:
            continue
        after, before = (cut(analysis, n) / LEVEL_STEP for cut, n in ((cut_after, i), (cut_before, i + 1)))
        end, start = said[j][2] * 100, said[j + 1][1] * 100
        for first, last in ((after, end), (start, before)):
            lost.append(10 * int(sounds[int(np.ceil(first)) : max(int(np.ceil(first)), int(last))].sum()))
    clipped = np.array(lost)
    yield Row("cuts that clip more than 10 ms of a true word", float((clipped > 10).mean()), "", "<= 0.0")
    yield Row("most that is clipped of a true word", float(clipped.max()), "ms", "<= 10")


def _joins(read: Reader, analysis: Analysis) -> Iterator[Row]:
    """What a cut adds above the pitch of what is joined, in dBFS: on a sine, and on the demo's speech."""
    rng = np.random.default_rng(7)
    wave = (0.5 * np.sin(2 * np.pi * 220.7 / MIX_RATE * np.arange(30 * MIX_RATE))).astype(np.float32)
    sine = np.stack([wave, wave])
    yield Row(
        "click at a join of a sine", _click(lambda _source, a, b: sine[:, a:b], 28 * TICKS_PER_SECOND, rng), "dBFS", "<= -50"
    )
    yield Row("click at a join of speech", _click(read, analysis.words[-1].end, rng), "dBFS", "<= -50")


def _click(read: Reader, length: int, rng: np.random.Generator) -> float:
    """The loudest sample over 9 kHz at a join beyond what both sides hold within 60 ms of it anyway."""
    high = signal.firwin(257, 9_000, fs=MIX_RATE, pass_zero=False)
    worst, span, near = 0.0, TICKS_PER_SECOND // 4, 2_880
    for _ in range(JOINS):
        a, b = sorted(int(v) for v in rng.integers(2 * span, length - 2 * span, 2))
        if b - a < 2 * span:
            continue
        mix = joined((Segment("key", a - span, a), Segment("key", b, b + span)), read)
        heard, before, after = (
            np.abs(signal.fftconvolve(sound[0], high, "same"))
            for sound in (mix, read("key", a - span, a + span), read("key", b - span, b + span))
        )
        own = max(part[span - near : span + near].max() for part in (before, after))
        worst = max(worst, float(heard[span - 480 : span + 480].max() - own))
    return 20 * float(np.log10(max(1e-7, worst)))


def _found(analysis: Analysis, said: list[tuple[str, float, float]]) -> Iterator[Row]:
    """Fillers, repeats and silences of the demo against its text."""
    short = from_words("all", analysis, range(len(analysis.words)))
    proposed = removals(short, analysis, PACES[3])
    fillers = [(a, b) for text, a, b in said if is_filler(text, "en")] + _places(said, "you know,")
    repeats = _places(said, "I I")[:1] + _places(said, "like a, uh, like")
    yield from _score("fillers", [r for r in proposed if r.kind == "filler"], fillers)
    yield from _score("repeats", [r for r in proposed if r.kind == "repeat"], repeats)
    yield from _silences("demo, against its text", [(analysis, _gaps(said))])
    yield from _silences("recordings, against Silero", list(_recordings()))
    yield from _silences("recordings with noise put in, Silero and hand marks", list(_noisy()))


def _silences(name: str, spoken: list[tuple[Analysis, list[tuple[float, float]]]]) -> Iterator[Row]:
    """Silences that must be found are well over the longest that the pace allows; those near it may be proposed."""
    found = wanted = right = proposed = 0
    for analysis, gaps in spoken:
        words = analysis.words
        whole = from_words("all", analysis, range(len(words)))
        some = [
            (r.start / TICKS_PER_SECOND, r.end / TICKS_PER_SECOND)
            for r in removals(whole, analysis, PACES[4])
            if r.kind == "silence"
        ]
        long = [
            g
            for g in gaps
            if g[1] - g[0] > 0.6 and words[0].start / TICKS_PER_SECOND < g[0] and g[1] < words[-1].end / TICKS_PER_SECOND
        ]
        wanted, proposed = wanted + len(long), proposed + len(some)
        found += sum(any(a < g[1] and b > g[0] for a, b in some) for g in long)
        right += sum(any(a < g[1] and b > g[0] and g[1] - g[0] > 0.3 for g in gaps) for a, b in some)
    yield Row(f"silences found ({name}; {wanted} of them)", found / max(1, wanted), "", ">= 0.9")
    yield Row(f"silences rightly proposed ({name})", right / max(1, proposed), "", ">= 0.9")


def _places(said: list[tuple[str, float, float]], phrase: str) -> list[tuple[float, float]]:
    """Where a phrase of the text is said."""
    texts, size = [s[0].lower() for s in said], len(phrase.split())
    return [(said[n][1], said[n + size - 1][2]) for n in range(len(said)) if texts[n : n + size] == phrase.lower().split()]


def _gaps(said: list[tuple[str, float, float]]) -> list[tuple[float, float]]:
    return [(a[2], b[1]) for a, b in itertools.pairwise(said)]


def _recordings() -> Iterator[tuple[Analysis, list[tuple[float, float]]]]:
    """Recordings of people with hand-marked words, and where a voice-activity network (Silero, as faster-whisper carries
    it) hears nobody."""
    options = VadOptions(threshold=0.5, min_silence_duration_ms=200, speech_pad_ms=0)
    for _name, path, marks, hint in hand_marked():
        sound = load_16k(path)
        words = tuple(
            Word(t, round(a * TICKS_PER_SECOND), max(round(b * TICKS_PER_SECOND), round(a * TICKS_PER_SECOND) + 1))
            for t, a, b in marked_words(marks, hint)
        )
        spans = [(s["start"] / SPEECH_RATE, s["end"] / SPEECH_RATE) for s in get_speech_timestamps(sound, options)]
        level = tuple(float(v) for v in level_db(sound))
        gaps = [(a[1], b[0]) for a, b in itertools.pairwise(spans)]
        yield Analysis("key", words, level_db=level), gaps


def _noisy() -> Iterator[tuple[Analysis, list[tuple[float, float]]]]:
    """The longer hand-marked recordings as they are and with four kinds of noise, 20 and 12 dB under the voice. A gap counts where
    Silero hears nobody in the recording without the noise and the hand marks name less than 0.15 s of words, and where the hand
    marks leave more than 0.3 s free: Silero alone takes marked words of a hoarse voice for silence, and hum for a voice."""
    options = VadOptions(threshold=0.5, min_silence_duration_ms=200, speech_pad_ms=0)
    for _name, path, marks, hint in hand_marked():
        sound = load_16k(path)
        words = tuple(
            Word(t, round(a * TICKS_PER_SECOND), max(round(b * TICKS_PER_SECOND), round(a * TICKS_PER_SECOND) + 1))
            for t, a, b in marked_words(marks, hint)
        )
        if len(words) < 10:
            continue
        spans = [(s["start"] / SPEECH_RATE, s["end"] / SPEECH_RATE) for s in get_speech_timestamps(sound, options)]
        times = [(w.start / TICKS_PER_SECOND, w.end / TICKS_PER_SECOND) for w in words]
        heard = [(a[1], b[0]) for a, b in itertools.pairwise(spans)]
        gaps = [g for g in heard if sum(max(0.0, min(g[1], b) - max(g[0], a)) for a, b in times) < 0.15]
        gaps += [(a[1], b[0]) for a, b in itertools.pairwise(times) if b[0] - a[1] > 0.3]
        for noise, under in _noises(len(sound)):
            mixed = sound + (noise * np.sqrt(np.square(sound).mean()) * 10 ** (-under / 20)).astype(np.float32)
            yield Analysis("key", words, level_db=tuple(float(v) for v in level_db(mixed))), gaps


def _noises(count: int) -> Iterator[tuple[np.ndarray, float]]:
    """Noise of power 1, and how far under the voice it is: none, white, pink, a fan with its hum, a meeting."""
    white = np.random.default_rng(5).standard_normal(count)
    pink = signal.lfilter([0.049922, -0.095993, 0.050612, -0.004408], [1, -2.494956, 2.017265, -0.522189], white)
    fan = signal.lfilter([1], [1, -0.95], white) + 8 * np.sin(2 * np.pi * 120 * np.arange(count) / SPEECH_RATE)
    meeting = np.resize(read_sound(MEETING, SPEECH_RATE, 1)[0], count)
    yield np.zeros(count), 0.0
    for noise in (white, pink, fan, meeting):
        for under in (20.0, 12.0):
            yield noise / noise.std(), under


def _score(name: str, proposed: list[Removal], wanted: list[tuple[float, float]]) -> Iterator[Row]:
    hit = {
        n
        for n, (a, b) in enumerate(wanted)
        if any(r.start / TICKS_PER_SECOND < b and r.end / TICKS_PER_SECOND > a for r in proposed)
    }
    right = sum(any(r.start / TICKS_PER_SECOND < b and r.end / TICKS_PER_SECOND > a for a, b in wanted) for r in proposed)
    yield Row(f"{name} found", len(hit) / max(1, len(wanted)), "", ">= 0.9")
    yield Row(f"{name} rightly proposed", right / max(1, len(proposed)), "", ">= 0.9")
