"""Sound: published loudness cases, reference libraries, levelling of speakers, cleaning, music under speech, other recorders.

Accuracy is measured on the demo's voices and on recordings of other make (`tests/data/hand-marked`, meetings).
"""

from __future__ import annotations

import itertools
import re
import subprocess
import tempfile
import wave
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path

import imageio_ffmpeg
import numpy as np
import pyebur128
import pyloudnorm
from scipy import signal

from bench.demo import demo
from bench.row import Row
from bench.sound_repair import beats_followed, repaired
from standtall.base.errors import MediaError
from standtall.compose.soundtrack.added import music_levels, music_sound, word_times
from standtall.compose.soundtrack.mixdown import parts_of
from standtall.compose.soundtrack.talk_sound import Talk
from standtall.ink import engine
from standtall.library.music import pieces
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.cut import Segment
from standtall.model.short import Short
from standtall.model.sound import Music, SoundMix
from standtall.model.words import Word
from standtall.session.composing import footage_for, worked_out
from standtall.session.told import as_told, found_in
from standtall.sound.cleaning import find_hum, noise_of, without_hum, without_noise
from standtall.sound.ducking import talking
from standtall.sound.loudness import loudness_lufs, power_of, true_peak_db
from standtall.sound.meters import lufs, metered, range_of
from standtall.sound.mix import joined
from standtall.sound.recorder import aligned, resampled
from standtall.sound.speakers import gain_curve

DATA = Path(__file__).parents[1] / "tests/data"
S = MIX_RATE


def run() -> Iterator[Row]:
    engine.start()
    yield from _published()
    yield from _references()
    yield from _speakers()
    yield from _hum()
    yield from _noise()
    yield from repaired(_voices())
    yield from beats_followed()
    yield from _music()
    yield from _edits()
    yield from _recorders()


def _sine(*parts: tuple[float, float], hertz: float = 1000.0) -> Samples:
    """Stereo sine, (seconds, dBFS) one after the other."""
    out, phase = [], 0.0
    for seconds, dbfs in parts:
        n = round(seconds * S)
        out.append(10 ** (dbfs / 20) * np.sin(2 * np.pi * hertz * (np.arange(n)) / S + phase))
        phase += 2 * np.pi * hertz * n / S
    return np.repeat(np.concatenate(out)[None].astype(np.float32), 2, axis=0)


def _published() -> Iterator[Row]:
    """EBU Tech 3341 (2016) table 1 and 3342 (2016) table 1, values from memory. Not run: 3341 cases 6 (five channels), 7 and 8
    (authentic programmes), 3342 cases 5 and 6 (authentic programmes)."""
    worst = 0.0
    for parts, wanted in (
        ([(20, -23)], -23), ([(20, -33)], -33), ([(10, -36), (60, -23), (10, -36)], -23),
        ([(10, -72), (10, -36), (60, -23), (10, -36), (10, -72)], -23), ([(20, -26), (20.1, -20), (20, -26)], -23),
    ):  # fmt: skip
        worst = max(worst, abs(loudness_lufs(_sine(*parts)) - wanted))
    yield Row("EBU 3341 cases 1-5, integrated: worst error", worst, "LU", "<= 0.1")
    nine = metered(_sine(*[(1.34, -20), (1.66, -30)] * 5)).short[30:]
    yield Row("EBU 3341 case 9, short-term: worst error", float(np.abs(nine + 23).max()), "LU", "<= 0.1")
    ten = [metered(_sine((0.15 * n, -200), (3, -23), (1, -200))).short.max() for n in range(20)]
    yield Row("EBU 3341 case 10, greatest short-term: worst error", float(np.abs(np.array(ten) + 23).max()), "LU", "<= 0.1")
    twelve = metered(_sine(*[(0.18, -20), (0.22, -30)] * 25)).momentary[10:]
    yield Row("EBU 3341 case 12, momentary: worst error", float(np.abs(twelve + 23).max()), "LU", "<= 0.1")
    thirteen = [metered(_sine((0.02 * n, -200), (0.4, -23), (1, -200))).momentary.max() for n in range(20)]
    yield Row("EBU 3341 case 13, greatest momentary: worst error", float(np.abs(np.array(thirteen) + 23).max()), "LU", "<= 0.1")
    worst_up = worst_down = 0.0
    for part, phase, level, wanted in (
        (4, 0, 0.5, -6.0),
        (4, 45, 0.5, -6.0),
        (6, 60, 0.5, -6.0),
        (8, 67.5, 0.5, -6.0),
        (4, 45, 1.41, 3.0),
    ):
        wave_ = level * np.sin(2 * np.pi * np.arange(2 * S) / part + np.radians(phase))
        edge = np.minimum(1, np.minimum(np.arange(2 * S), np.arange(2 * S)[::-1]) / 4800)
        error = true_peak_db(np.repeat((wave_ * edge)[None].astype(np.float32), 2, axis=0)) - wanted
        worst_up, worst_down = max(worst_up, error), max(worst_down, -error)
    yield Row("EBU 3341 cases 15-19, true peak: too high", worst_up, "dB", "<= 0.2")
    yield Row("EBU 3341 cases 15-19, true peak: too low", worst_down, "dB", "<= 0.4")
    ranges = (
        ([(20, -20), (20, -30)], 10),
        ([(20, -20), (20, -15)], 5),
        ([(20, -40), (20, -20)], 20),
        ([(20, v) for v in (-50, -35, -20, -35, -50)], 15),
    )
    error = max(abs(range_of(power_of(_sine(*parts))) - wanted) for parts, wanted in ranges)
    yield Row("EBU 3342 cases 1-4, loudness range: worst error", error, "LU", "<= 1")


def _voices() -> list[Samples]:
    """Voices of other make: hand-marked recordings and meetings, stereo."""
    names = ["hand-marked/mfa/cold_corpus.wav", "hand-marked/mfa/acoustic_corpus.wav", "hand-marked/praatio/bobby.wav",
             "hand-marked/praatio/damon_set_test.wav", *(f"meetings/{n}.flac" for n in ("dev00", "sample", "trn05", "trn08", "tst00"))]  # fmt: skip
    return [read_sound(DATA / n, S, 2) for n in names if (DATA / n).exists()]


def _references() -> Iterator[Row]:
    rng = np.random.default_rng(7)
    voices, loud, peak = _voices(), [0.0, 0.0], 0.0
    music = [read_sound(p.file, S, 2, 0, 40 * S) for p in pieces()]
    meter = pyloudnorm.Meter(S)
    other = 0.0
    with tempfile.TemporaryDirectory() as folder:
        for n in range(50):
            mix = voices[n % len(voices)][:, : 15 * S] * rng.uniform(0.1, 0.9)
            at = int(rng.integers(0, 20 * S))
            mix = mix + music[n % len(music)][:, at : at + mix.shape[1]] * rng.uniform(0, 0.6)
            mix[1] *= rng.uniform(0.3, 1)
            mix = np.clip(mix, -0.98, 0.98)
            mix = np.round(mix * 32767).astype(np.float32) / 32767
            file = Path(folder) / "mix.wav"
            with wave.open(str(file), "wb") as out:
                out.setnchannels(2)
                out.setsampwidth(2)
                out.setframerate(S)
                out.writeframes(np.round(mix.T * 32767).astype("<i2").tobytes())
            command = [
                imageio_ffmpeg.get_ffmpeg_exe(),
                "-nostats",
                "-i",
                str(file),
                "-af",
                "ebur128=peak=true",
                "-f",
                "null",
                "-",
            ]
            said = subprocess.run(command, capture_output=True, text=True, check=True).stderr.rsplit("Summary:", 1)[1]
            ours = loudness_lufs(mix)
            state = pyebur128.R128State(2, S, pyebur128.MeasurementMode.MODE_I)
            state.add_frames(np.ascontiguousarray(mix.T).ravel(), mix.shape[1])
            other = max(other, abs(ours - pyebur128.get_loudness_global(state)))
            theirs = float(re.search(r"I:\s+(-?[\d.]+) LUFS", said)[1]), float(meter.integrated_loudness(mix.T.astype(float)))
            loud = [max(a, abs(ours - t)) for a, t in zip(loud, theirs, strict=True)]
            over = 20 * np.log10(np.abs(signal.resample_poly(mix, 8, 1, axis=1)).max())
            peak = max(
                peak,
                abs(true_peak_db(mix) - float(re.search(r"Peak:\s+(-?[\d.]+) dBFS", said)[1])),
                abs(true_peak_db(mix) - over),
            )
    yield Row("50 mixes: worst difference of loudness to libav's ebur128", loud[0], "LU", "<= 0.1")
    yield Row("50 mixes: worst difference of loudness to libebur128", other, "LU", "<= 0.1")
    yield Row("  to pyloudnorm, which differs from the other two as well", loud[1], "LU")
    yield Row("50 mixes: worst difference of true peak to two libraries", peak, "dB", "<= 0.2")


def _talk(seconds: tuple[float, float] = (96.0, 150.0)) -> tuple[Short, dict]:
    source, found = demo()
    analysis = as_told(found, found_in(found).transcript)
    short = Short.of("talk", [Segment(source.key, round(seconds[0] * S), round(seconds[1] * S))])
    return short, footage_for(short, source, analysis)


def _speakers() -> Iterator[Row]:
    """A talk in which one speaker is 8 dB softer than recorded, so that what is between them is what it was and 8 more."""
    short, footage = _talk()
    plain = Talk(worked_out(short, footage))
    key = max(plain.before, key=lambda k: plain.before[k])
    softest = next(k for k in plain.before if k != key)
    down = 8 - (plain.before[key] - plain.before[softest])
    talk = _Softened(worked_out(replace(short, sound=SoundMix(even=True)), footage), softest, down)
    before = max(talk.before.values()) - min(talk.before.values())
    made = worked_out(replace(short, sound=SoundMix(even=True)), footage)
    after = _levels(made, talk.sound())
    yield Row("speakers: difference before levelling", before, "LU")
    yield Row("speakers: difference after levelling", max(after) - min(after), "LU", "<= 1")


class _Softened(Talk):
    """A talk whose recording holds one speaker softer."""

    def __init__(self, composition, who: tuple[str, int], down: float) -> None:
        self._who, self._down = who, down
        super().__init__(composition)

    def _read(self, footage, segments) -> None:
        super()._read(footage, segments)
        for segment, (begin, sound) in list(self._pieces.items()):
            curve = gain_curve(footage.analysis.words, {self._who[1]: -self._down}, begin, begin + sound.shape[1])
            self._pieces[segment] = begin, sound * curve


def _levels(made, sound: Samples) -> list[float]:
    """Loudness of each speaker in the finished talk, by pyloudnorm's filters on their words set one after the other."""
    out: dict[int, list[Samples]] = {}
    for word in (w for f in made.footage.values() for w in f.analysis.words):
        at = made.time_map.to_short(made.short.main_source, word.start)
        if at is not None:
            out.setdefault(word.speaker, []).append(sound[:, at : at + word.end - word.start])
    return [
        float(pyloudnorm.Meter(S).integrated_loudness(np.concatenate(v, axis=1).T.astype(float)))
        for v in out.values()
        if sum(p.shape[1] for p in v) > 2 * S
    ]


def _hum() -> Iterator[Row]:
    """Hum of 50 and 60 Hz (not exactly) with harmonics, as loud as hum is heard, in voices of other make."""
    worst, voice_off, found_all = 100.0, 0.0, 1.0
    false = 0
    for n, voice in enumerate(_voices()):
        voice = voice[:, : 25 * S]
        if voice.shape[1] < 6 * S:
            continue
        own = find_hum(voice)
        hertz = (50.03, 59.96, 49.98, 60.02)[n % 4]
        if own is not None:  # what is left of two hums at once cannot be told apart
            false += 1
            continue
        t = np.arange(voice.shape[1]) / S
        hum = sum(0.012 / k**0.7 * np.sin(2 * np.pi * hertz * k * t + k) for k in (1, 2, 3, 4, 5, 7, 9)).astype(np.float32)
        found = find_hum(voice + hum)
        if found is None:
            found_all = 0.0
            continue
        made = without_hum(voice + hum, found)
        # what is left of the hum is what the subtraction leaves of it alone, with the voice deciding the weights
        left = _lines(made - voice, hertz)
        worst = min(worst, _lines(np.repeat(hum[None], 2, axis=0), hertz) - left)
        voice_off = max(voice_off, abs(loudness_lufs(made) - loudness_lufs(voice)))
    yield Row("hum found in all recordings that have it", found_all, "", ">= 1")
    yield Row("recordings that have hum of their own, as found", float(false), "", "")
    yield Row("hum: least that it goes down", worst, "dB", ">= 30")
    yield Row("hum: most that the voice's loudness changes", voice_off, "dB", "<= 0.5")


def _lines(sound: Samples, hertz: float) -> float:
    """Power of the harmonics of a frequency in dB, in windows of 4 s."""
    mono, size = sound.mean(axis=0), 4 * S
    total = 0.0
    for at in range(0, len(mono) - size + 1, size):
        t = np.arange(size) / S
        part = mono[at : at + size] * np.hanning(size)
        total += sum(abs(np.sum(part * np.exp(-2j * np.pi * hertz * k * t))) ** 2 for k in (1, 2, 3, 4, 5, 7, 9))
    return 10 * float(np.log10(total + 1e-20))


def _noise() -> Iterator[Row]:
    """Steady noise (pink and white) 20 dB under the voice: how far it goes down in pauses, and how far the voice changes."""
    rng = np.random.default_rng(3)
    for strength, goal in (("gentle", ""), ("strong", ">= 12")):
        downs, voices = [], []
        for n, voice in enumerate(_voices()):
            voice = voice[:, : 20 * S]
            if voice.shape[1] < 6 * S:
                continue
            white = rng.standard_normal(voice.shape[1])
            noise = (
                white
                if n % 2
                else signal.lfilter([0.049922, -0.095993, 0.050612, -0.004408], [1, -2.494956, 2.017265, -0.522189], white)
            )
            level = np.sqrt(np.square(voice).mean()) * 10 ** (-20 / 20)
            noise = (noise / noise.std() * level).astype(np.float32)
            mixed = voice + noise
            made = without_noise(mixed, noise_of(mixed), strength)
            power = np.square(voice.mean(axis=0))[: voice.shape[1] // 4800 * 4800].reshape(-1, 4800).mean(axis=1)
            quiet = np.repeat(power < 0.1 * level**2, 4800)
            if quiet.sum() < S:
                continue
            loud = np.repeat(power > np.percentile(power, 60), 4800)
            own = np.square(mixed[:, : len(quiet)][:, quiet]).mean()
            downs.append(10 * np.log10(own / np.square(made[:, : len(quiet)][:, quiet]).mean()))
            voices.append(
                abs(
                    10
                    * np.log10(np.square(made[:, : len(loud)][:, loud]).mean() / np.square(mixed[:, : len(loud)][:, loud]).mean())
                )
            )
        yield Row(f"noise, {strength}: least that pauses go down", float(min(downs)), "dB", goal)
        yield Row(f"noise, {strength}: most that the voice changes", float(max(voices)), "dB")


def _music() -> Iterator[Row]:
    """Every piece under the demo: how far under the words it is, each word measured over 400 ms, and how soon it is back."""
    short, footage = _talk((96.0, 156.0))
    under, back, seams = 100.0, 0.0, 0.0
    for piece in pieces():
        made = worked_out(replace(short, sound=SoundMix(music=Music(piece.path))), footage)
        parts = parts_of(made)
        assert parts.music is not None
        talk = loudness_lufs(parts.talk)
        music = lufs(power_of(parts.music))
        blocks = np.convolve(10 ** (music / 10), np.ones(400) / 400, "same")
        for start, end in talking(word_times(made)):
            a, b = start // 48 + 200, end // 48 - 200
            if b > a:  # blocks of 400 ms that lie inside
                under = min(under, talk - float(10 * np.log10(blocks[a:b].max())))
        levels = music_levels(made, made.short.sound.music)
        spans = talking(word_times(made))
        for (_a, end), (start, _b) in itertools.pairwise(spans):
            top = levels[end // 48 : start // 48]
            reached = np.flatnonzero(top >= -made.short.sound.music.pause_db - 0.1)
            back = max(back, float(reached[0] / 1000) if len(reached) else 9.0)
        sound = music_sound(made, made.short.sound.music, 60 * S)
        whole = piece.unit
        assert sound is not None
        jumps = np.abs(np.diff(sound.mean(axis=0)))
        at = [n * whole for n in range(1, 60 * S // whole)]
        shift = (60 * S) % whole
        seams = max(
            seams,
            max(
                float(jumps[max(0, x + shift - 3) : x + shift + 3].max() / np.percentile(jumps, 99.9))
                for x in at
                if x + shift + 3 < len(jumps)
            ),
        )
    yield Row("music: least that it is under the talk while anybody speaks", under, "LU", ">= 15")
    yield Row("music: longest until it is back in a pause over 0.8 s (release 0.5)", back, "s", "<= 0.51")
    yield Row("music: step where units meet, beside the 99.9th percentile of its own steps", seams, "", "")


def _edits() -> Iterator[Row]:
    """What is heard of edits: a pure low tone, cut where it does not fit, with speakers whose levels differ. All that stands above
    3 kHz comes from the edits."""
    tone = (0.3 * np.sin(2 * np.pi * 187.3 * np.arange(60 * S) / S)).astype(np.float32)
    cuts = [Segment("tone", round(a * S), round((a + 1.7) * S)) for a in np.arange(1, 50, 2.13)]
    words = [Word("a", round(t * S), round((t + 0.4) * S), speaker=int(t * 2) % 2) for t in np.arange(0.2, 59, 0.5)]

    def read(_source: str, a: int, b: int) -> Samples:
        return np.repeat(tone[None, a:b], 2, axis=0) * gain_curve(words, {0: 0.0, 1: 8.0}, a, b)

    made = joined(tuple(cuts), read).mean(axis=0).astype(float)
    high = signal.sosfilt(signal.butter(8, 3000, "high", fs=S, output="sos"), made)[2000:-2000]
    yield Row(
        "cuts and levels of speakers: loudest above 3 kHz of a low tone",
        20 * float(np.log10(np.abs(high).max())),
        "dBFS",
        "<= -60",
    )


def _recorders() -> Iterator[Row]:
    """20 pairs: the same voice through two rooms, with noise, late by up to 40 s, clocks that differ by up to 80 ppm."""
    rng = np.random.default_rng(11)
    source, _analysis = demo()
    errors, drifts, plain_errors = [], [], []
    voices = [read_sound(source.path, S, 1, round(a * S), round((a + 70) * S))[0] for a in (0, 90)] + [
        v.mean(axis=0) for v in (*_voices()[:2], _voices()[4])
    ]  # the two recordings between are of one second: nothing that a second recorder would have taken
    for n in range(20):
        voice = voices[n % len(voices)]
        voice = voice[: 70 * S]
        ppm = (n * 80 / 19) * (1 if n % 2 else -1)
        late = float(rng.uniform(0, 40) * S) if n % 3 else -float(rng.uniform(0, 0.2) * len(voice))
        count = int(len(voice) + max(0, late))
        other = resampled(voice[None], -late / (1 + ppm / 1e6), 1 / (1 + ppm / 1e6), count)[0]
        camera = _room(voice, rng, 0.25) + rng.standard_normal(len(voice)).astype(np.float32) * float(voice.std()) * 0.08
        other = _room(other, rng, 0.12) + rng.standard_normal(len(other)).astype(np.float32) * float(voice.std()) * 0.05
        try:
            found = aligned(camera, other)
        except MediaError:
            errors.append(1000.0)
            continue
        places = np.linspace(0, len(voice), 9)
        wanted, ours = late + places * (1 + ppm / 1e6), found.offset + places * (1 + found.ppm / 1e6)
        errors.append(float(np.abs(wanted - ours).max() / S * 1000))
        drifts.append(abs(found.ppm - ppm))
        whole = signal.correlate(other, camera, "full", method="fft")
        plain_errors.append(float(abs(np.argmax(whole) - (len(camera) - 1) - late) / S * 1000))
    yield Row("recorder: worst error over the whole length, 20 pairs", max(errors), "ms", "<= 0.1")
    yield Row("recorder: pairs within 0.1 ms", float(sum(e <= 0.1 for e in errors)), "of 20", "")
    yield Row("recorder: worst error of the drift", max(drifts), "ppm", "")
    yield Row("recorder: worst error of scipy.signal.correlate, one place", max(plain_errors), "ms", "")
    try:
        aligned(voices[0], voices[2])
        wrong = 1.0
    except MediaError:
        wrong = 0.0
    yield Row("recorder: two sounds that do not belong together are aligned", wrong, "", "<= 0")


def _room(sound: Samples, rng: np.random.Generator, seconds: float) -> Samples:
    """The sound in a room: direct sound first, then reflections that die away."""
    n = round(seconds * S)
    reply = rng.standard_normal(n) * np.exp(-np.arange(n) / (n / 6)) * 0.05
    reply[:200] = 0
    reply[0] = 1
    return signal.fftconvolve(sound, reply)[: len(sound)].astype(np.float32)
