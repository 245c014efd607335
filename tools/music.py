"""Composes and renders the music that ships: ten pieces of our own, each for a mood.

    apt install fluidsynth fluid-soundfont-gm        (FluidR3 GM by Frank Wen, MIT licence)
    python tools/music.py

A piece has a part A and a part B over eight bars of chords each, and a cadence of two bars. It is rendered in units of two bars,
each with the sound that rings on after it, so that `sound.assembly` can put them together to any length without a seam. Writes
`src/standtall/library/music/NAME.ogg` (Opus) and `index.json`.
"""

from __future__ import annotations

import json
import random
import struct
import subprocess
import sys
import tempfile
import wave
from dataclasses import dataclass, field
from pathlib import Path

import numpy as np

ROOT = Path(__file__).parent.parent
OUT = ROOT / "src/standtall/library/music"
FONT = "/usr/share/sounds/sf2/FluidR3_GM.sf2"
RATE, PPQ = 48_000, 480
TAIL = 2 * RATE
BARS = 2
MAJOR, MINOR, DORIAN, LYDIAN = (0, 2, 4, 5, 7, 9, 11), (0, 2, 3, 5, 7, 8, 10), (0, 2, 3, 5, 7, 9, 10), (0, 2, 4, 6, 7, 9, 11)


@dataclass
class Piece:
    """`bpm` makes a beat a whole number of samples. Chords are steps of the scale (1 is its root), two letters a bar at most."""

    title: str
    about: str
    words: str
    bpm: float
    key: int
    scale: tuple[int, ...]
    a: str
    b: str
    cadence: str
    lead: int
    pad: int
    bass: int
    pattern: str
    """How chords are played: held, broken (one note after the other), pulsed, or strummed."""
    beats: int = 4
    drums: str = ""
    second: int | None = None
    busy: float = 0.5
    octave: int = 5
    seed: int = 1
    notes: list[tuple[int, int, int, int, int]] = field(default_factory=list)


PIECES = {
    "still-water": Piece("Still water", "Calm: a slow piano over held strings.", "calm quiet peace breathe slow faith nature", 60, 60, MAJOR, "1 5 6 4 1 5 4 1", "6 4 1 5 6 4 2 5", "4 5 | 1", 0, 48, 32, "broken", busy=0.3, seed=3),
    "window-seat": Piece("Window seat", "Warm: a nylon guitar and a soft flute.", "warm home family friend kind story memory", 75, 62, MAJOR, "1 6 4 5 1 6 2 5", "4 5 3 6 4 1 2 5", "2 5 | 1", 73, 24, 32, "broken", busy=0.45, seed=5),
    "first-light": Piece("First light", "Hopeful: it opens bar by bar, with a horn above.", "hope future begin new dream learn grow change", 90, 67, MAJOR, "1 1 4 4 6 5 4 5", "4 5 6 1 4 5 6 5", "4 5 | 1", 60, 48, 33, "pulsed", busy=0.4, drums="soft", seed=8),
    "market-day": Piece("Market day", "Bright: a marimba with a bouncing bass.", "bright food market people city travel fresh summer", 112.5, 65, MAJOR, "1 4 1 5 1 4 2 5", "6 2 5 1 6 2 4 5", "4 5 | 1", 12, 25, 32, "strummed", busy=0.7, drums="light", seed=11),
    "paper-boats": Piece("Paper boats", "Playful: plucked strings and a clarinet, in three.", "play fun child laugh game silly funny joke", 120, 60, MAJOR, "1 5 1 4 6 2 5 1", "4 1 5 6 2 5 1 5", "5 5 | 1", 71, 45, 32, "strummed", beats=3, busy=0.6, seed=13),
    "long-road": Piece("Long road", "Driving: a muted guitar that does not stop.", "drive work business sport strong fast push win goal effort", 120, 57, MINOR, "1 1 6 7 1 1 4 5", "6 7 1 1 6 7 4 5", "6 7 | 1", 80, 28, 34, "pulsed", busy=0.5, drums="drive", second=48, seed=17),
    "ledger": Piece("Ledger", "Serious: low strings under a sparse piano.", "serious money law news politics decision problem number", 72, 57, DORIAN, "1 4 1 7 1 4 6 5", "6 7 1 4 6 7 5 5", "4 5 | 1", 0, 49, 43, "held", busy=0.35, octave=4, seed=19),
    "night-lamp": Piece("Night lamp", "Dreamy: a celesta over slow waves.", "dream night sleep wonder space star imagine soft", 80, 65, LYDIAN, "1 2 1 2 6 2 1 5", "4 5 1 2 4 5 2 5", "2 5 | 1", 8, 89, 32, "broken", busy=0.35, seed=23),
    "undertow": Piece("Undertow", "Tense: a low pulse that waits for something.", "tense danger fear crisis secret wait warning risk", 96, 50, MINOR, "1 1 1 6 1 1 4 5", "6 6 5 5 4 4 5 5", "4 5 | 1", 46, 44, 38, "pulsed", busy=0.3, drums="heart", seed=29, octave=5),
    "lanterns": Piece("Lanterns", "Festive: brass and bells for a good end.", "celebrate party birthday wedding win holiday thank success award", 128, 67, MAJOR, "1 5 6 4 1 5 4 5", "4 5 1 6 2 5 1 5", "4 5 | 1", 56, 61, 33, "strummed", busy=0.55, drums="full", second=14, seed=31),
}  # fmt: skip


def degree(piece: Piece, step: int, octave: int) -> int:
    """The key number of a step of the scale (0 is the root) in an octave."""
    return 12 * octave + piece.key % 12 + piece.scale[step % 7] + 12 * (step // 7)


def chord(piece: Piece, name: str) -> list[int]:
    """Steps of the scale of a chord."""
    root = int(name) - 1
    return [root, root + 2, root + 4]


class Composer:
    """Writes the notes of a piece: (channel, key, start, length, how hard), in ticks of a bar's beats."""

    def __init__(self, piece: Piece) -> None:
        self.p, self.rng = piece, random.Random(piece.seed)
        self.motif = self._motif()

    def _motif(self) -> list[tuple[float, float, int]]:
        """Two bars of (start in beats, length, step beside the chord's notes)."""
        out, at, step = [], 0.0, self.rng.choice((2, 4))
        total = 2 * self.p.beats
        while at < total - 0.25:
            length = self.rng.choice((0.5, 1, 1, 2) if self.rng.random() < self.p.busy else (1, 2, 2, 3))
            length = min(length, total - at)
            step += self.rng.choice((-2, -1, -1, 1, 1, 2))
            step = max(-1, min(8, step))
            if self.rng.random() < 0.85:
                out.append((at, length, step))
            at += length
        return out

    def part(self, chords: list[str], answer: bool) -> list[list[tuple[int, int, int, float, int]]]:
        """Four units of two bars: the melody states its motif, repeats it from another step, varies it, and answers."""
        units = []
        for unit in range(4):
            notes: list[tuple[int, int, int, float, int]] = []
            pair = chords[2 * unit : 2 * unit + 2]
            for bar, name in enumerate(pair):
                notes += self._accompany(name, bar * self.p.beats, unit == 3 and bar == 1)
            shift = (0, self.rng.choice((-1, 1)), 2 if answer else 0, 0)[unit]
            notes += self._melody(pair, shift, unit, answer)
            units.append(notes)
        return units

    def _melody(self, pair: list[str], shift: int, unit: int, answer: bool) -> list[tuple[int, int, int, float, int]]:
        out = []
        motif = [(a, n, -s + 5 if answer and unit == 2 else s) for a, n, s in self.motif]
        for at, length, step in motif:
            bar = min(1, int(at // self.p.beats))
            held = chord(self.p, pair[bar])
            wish = step + shift
            if at % self.p.beats in (0, 2):  # strong beats lie on the chord
                wish = min((h + 7 * o for h in held for o in (-1, 0, 1)), key=lambda h: abs(h - wish))
            if unit == 3 and at >= 2 * self.p.beats - 2:
                wish = min((h + 7 * o for h in held for o in (-1, 0, 1)), key=lambda h: abs(h - wish))
            hard = 66 + self.rng.randint(0, 14)
            out.append((0, degree(self.p, wish, self.p.octave), at, 0.94 * length, hard))
            if self.p.second is not None and at % self.p.beats == 0:
                out.append((3, degree(self.p, wish + 2, self.p.octave), at, 0.94 * length, hard - 24))
        return out

    def _accompany(self, name: str, at: float, turn: bool) -> list[tuple[int, int, int, float, int]]:
        held, beats, out = chord(self.p, name), self.p.beats, []
        root = degree(self.p, held[0], 3)
        root -= 12 if root > 50 else 0
        steps = {"pulsed": 0.5, "strummed": beats / 2, "broken": beats, "held": beats}[self.p.pattern]
        at_bass = 0.0
        while at_bass < beats:
            fifth = self.p.pattern == "strummed" and at_bass > 0
            out.append((2, root + (7 if fifth else 0), at + at_bass, 0.9 * steps, 70))
            at_bass += steps
        keys = sorted(degree(self.p, s, 4) for s in held)
        if self.p.pattern == "broken":
            order = [*keys, keys[0] + 12, keys[2], keys[1]]
            for n in range(2 * beats):
                out.append((1, order[n % len(order)], at + n / 2, 1.4, 48 + 6 * (n % 4 == 0)))
        elif self.p.pattern == "pulsed":
            for n in range(2 * beats):
                out += [(1, k, at + n / 2, 0.42, 44 + 10 * (n % 2 == 0)) for k in keys]
        elif self.p.pattern == "strummed":
            for n in range(beats):
                if n or beats == 4:
                    out += [(1, k, at + n + (0.5 if beats == 4 else 0) + 0.02 * i, 0.4, 50) for i, k in enumerate(keys)]
        else:
            out += [(1, k, at, beats * 0.98, 52) for k in keys]
        return out + self._drum(at, turn)

    def _drum(self, at: float, turn: bool) -> list[tuple[int, int, int, float, int]]:
        kinds = {
            "": [], "soft": [(70, 0.5, 30), (70, 1.5, 26), (70, 2.5, 30), (70, 3.5, 26)],
            "light": [(36, 0, 56), (70, 1, 34), (36, 2, 50), (70, 3, 34), (42, 0.5, 30), (42, 2.5, 30)],
            "drive": [(36, 0, 74), (42, 0.5, 36), (38, 1, 52), (42, 1.5, 36), (36, 2, 72), (42, 2.5, 36), (38, 3, 54), (42, 3.5, 38)],
            "heart": [(35, 0, 60), (35, 0.5, 44)],
            "full": [(36, 0, 76), (42, 0.5, 40), (38, 1, 56), (42, 1.5, 40), (36, 2, 72), (36, 2.5, 60), (38, 3, 58), (54, 3.5, 44)],
        }[self.p.drums]  # fmt: skip
        out = [(9, key, at + beat, 0.3, hard) for key, beat, hard in kinds if beat < self.p.beats]
        if turn and self.p.drums in ("drive", "full"):
            out += [(9, 38, at + 3.25 + 0.25 * n, 0.2, 40 + 8 * n) for n in range(3)]
        return out

    def cadence(self) -> list[tuple[int, int, int, float, int]]:
        """A bar that leads home, and the chord of the root that rings on."""
        first, last = (part.split() for part in self.p.cadence.split("|"))
        out: list[tuple[int, int, int, float, int]] = []
        half = self.p.beats / 2
        for n, name in enumerate(first):
            held = chord(self.p, name)
            root = degree(self.p, held[0], 3)
            out.append((2, root - (12 if root > 50 else 0), n * half, half, 74))
            out += [(1, degree(self.p, s, 4), n * half, half, 54) for s in held]
            out.append((0, degree(self.p, held[1 - n], self.p.octave), n * half, half, 74))
        held = chord(self.p, last[0])
        root = degree(self.p, held[0], 3)
        home = float(self.p.beats)
        out.append((2, root - (12 if root > 50 else 0), home, self.p.beats, 80))
        out += [(1, degree(self.p, s, 4), home, self.p.beats, 58) for s in held]
        out.append((0, degree(self.p, 0, self.p.octave), home, self.p.beats, 80))
        if self.p.drums in ("drive", "full", "light"):
            out.append((9, 36, home, 0.4, 76))
            if self.p.drums == "full":
                out.append((9, 49, home, 2, 56))
        return out


def midi(piece: Piece, notes: list[tuple[int, int, int, float, int]]) -> bytes:
    """A standard MIDI file (format 0) of some notes."""
    events: list[tuple[int, int, bytes]] = []
    programs = {0: piece.lead, 1: piece.pad, 2: piece.bass, 3: piece.second or 0}
    for channel, program in programs.items():
        events.append((0, 0, bytes((0xC0 | channel, program))))
        pan = {0: 64, 1: 78, 2: 60, 3: 44}[channel]
        events.append((0, 0, bytes((0xB0 | channel, 10, pan))))
        events.append((0, 0, bytes((0xB0 | channel, 91, 50))))
    for channel, key, start, length, hard in notes:
        begin = round(start * PPQ)
        events.append((begin, 2, bytes((0x90 | channel, key, min(127, hard)))))
        events.append((max(begin + 1, round((start + length) * PPQ)), 1, bytes((0x80 | channel, key, 0))))
    tempo = round(60_000_000 / piece.bpm)
    data, last = b"\x00\xff\x51\x03" + struct.pack(">I", tempo)[1:], 0
    for tick, _order, message in sorted(events):
        data += _length(tick - last) + message
        last = tick
    data += _length(PPQ * 8) + b"\xff\x2f\x00"
    return b"MThd" + struct.pack(">IHHH", 6, 0, 1, PPQ) + b"MTrk" + struct.pack(">I", len(data)) + data


def _length(value: int) -> bytes:
    out = [value & 0x7F]
    while value := value >> 7:
        out.insert(0, (value & 0x7F) | 0x80)
    return bytes(out)


def rendered(data: bytes, length: int) -> np.ndarray:
    """float32 (2, length) of a MIDI file."""
    with tempfile.TemporaryDirectory() as folder:
        source, out = Path(folder) / "a.mid", Path(folder) / "a.wav"
        source.write_bytes(data)
        command = ["fluidsynth", "-ni", "-q", "-g", "0.6", "-r", str(RATE), "-F", str(out), "-O", "s16", FONT, str(source)]
        subprocess.run(command, check=True, capture_output=True)
        with wave.open(str(out)) as file:
            samples = np.frombuffer(file.readframes(file.getnframes()), "<i2").reshape(-1, 2).T.astype(np.float32) / 32768
    made = np.zeros((2, length), np.float32)
    part = samples[:, :length]
    made[:, : part.shape[1]] = part
    fade = np.cos(np.linspace(0, np.pi / 2, RATE // 2)).astype(np.float32) ** 2
    made[:, -len(fade) :] *= fade
    return made


def main() -> None:
    sys.path.insert(0, str(ROOT / "src"))
    import av

    from standtall.sound.loudness import loudness_lufs

    OUT.mkdir(parents=True, exist_ok=True)
    index = {}
    for name, piece in PIECES.items():
        beat = round(RATE * 60 / piece.bpm)
        assert abs(beat * piece.bpm / 60 - RATE) < 1e-6, name
        composer = Composer(piece)
        units = composer.part(piece.a.split(), False) + composer.part(piece.b.split(), True) + [composer.cadence()]
        length = BARS * piece.beats * beat + TAIL
        sound = np.concatenate([rendered(midi(piece, notes), length) for notes in units], axis=1)
        plain = sum(np.pad(sound[:, n * length : (n + 1) * length], ((0, 0), (n * (length - TAIL), (8 - n) * (length - TAIL)))) for n in range(9))
        gain = 10 ** ((-18 - loudness_lufs(np.ascontiguousarray(plain, np.float32))) / 20)
        sound *= min(gain, 0.98 / float(np.abs(plain).max()))
        with av.open(str(OUT / f"{name}.ogg"), "w") as file:
            stream = file.add_stream("libopus", rate=RATE)
            stream.layout, stream.bit_rate = "stereo", 72_000
            for at in range(0, sound.shape[1], 960):
                frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(sound[:, at : at + 960]), format="fltp", layout="stereo")
                frame.rate, frame.pts = RATE, at
                for packet in stream.encode(frame):
                    file.mux(packet)
            for packet in stream.encode(None):
                file.mux(packet)
        index[name] = {
            "title": piece.title, "about": piece.about, "words": piece.words.split(), "beat": beat, "beats": piece.beats,
            "bars": BARS, "units": len(units), "tail": TAIL, "bpm": piece.bpm,
        }  # fmt: skip
        print(name, f"{sound.shape[1] / RATE:.0f} s", (OUT / f"{name}.ogg").stat().st_size // 1000, "kB", f"{loudness_lufs(np.ascontiguousarray(plain * min(gain, 0.98 / float(np.abs(plain).max())), np.float32)):.1f} LUFS")
    (OUT / "index.json").write_text(json.dumps(index, ensure_ascii=False, indent=1) + "\n", encoding="utf-8")


if __name__ == "__main__":
    main()
