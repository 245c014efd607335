"""Draws the whole programme into an MP4, splits it into parts that fit the repository, and writes the truth beside it.

python -m standtall.demo.make SPEECH_FOLDER OUT_FOLDER
"""

from __future__ import annotations

import gzip
import hashlib
import json
import os
import sys
from fractions import Fraction
from pathlib import Path
from typing import Final

import numpy as np
from scipy.signal import resample_poly

from standtall.demo import film, sets
from standtall.demo.dialogue import FRAME_RATE, HEIGHT, WIDTH
from standtall.media.planes import from_rgb
from standtall.media.writer import MovieWriter

PART_BYTES: Final = 3_900_000
OPTIONS: Final = {"preset": "slow", "crf": "23", "g": "30", "tune": "animation"}


def main(speech: Path, out: Path) -> None:
    """Write `programme.mp4.NN`, `programme.json` (name, size, SHA-256, parts) and `truth.json.gz` into `out`."""
    import soundfile
    from PySide6.QtGui import QGuiApplication

    from standtall.ink.fonts import load_fonts

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    application = QGuiApplication.instance() or QGuiApplication([])
    load_fonts()
    made = film.load(speech)
    sound, rate = soundfile.read(speech / "speech.wav", dtype="float32")
    mono = resample_poly(sound, 48_000 // np.gcd(48_000, rate), rate // np.gcd(48_000, rate)).astype(np.float32) * 0.8
    stereo = np.stack([mono, mono])
    out.mkdir(parents=True, exist_ok=True)
    movie = out / "programme.mp4"
    per_frame = 48_000 // FRAME_RATE
    with MovieWriter(movie, WIDTH, HEIGHT, Fraction(FRAME_RATE), OPTIONS, sound_bit_rate=128_000) as writer:
        for n in range(made.frames):
            picture = sets.pixels(made.frame(n)[0])[..., 2::-1]
            writer.picture(from_rgb(picture))
            writer.sound(stereo[:, n * per_frame : (n + 1) * per_frame])
            if n % 300 == 0:
                print(f"{n} of {made.frames} frames", flush=True)
    data = movie.read_bytes()
    parts = [data[a : a + PART_BYTES] for a in range(0, len(data), PART_BYTES)]
    for old in out.glob("programme.mp4.*"):
        old.unlink()
    names = []
    for i, part in enumerate(parts):
        names.append(f"programme.mp4.{i:02d}")
        (out / names[-1]).write_bytes(part)
    movie.unlink()
    about = {"name": "The Allotment Hour.mp4", "bytes": len(data), "sha256": hashlib.sha256(data).hexdigest(), "parts": names}
    (out / "programme.json").write_text(json.dumps(about, indent=1) + "\n", "utf-8")
    truth = json.dumps(made.truth(), separators=(",", ":")).encode()
    (out / "truth.json.gz").write_bytes(gzip.compress(truth, 9, mtime=0))
    print(f"{len(data)} bytes in {len(parts)} parts")
    del application


if __name__ == "__main__":
    main(Path(sys.argv[1]), Path(sys.argv[2]))
