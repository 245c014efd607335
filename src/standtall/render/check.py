"""Opens a finished file and measures whether it is what was asked for."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.media.probe import probe
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.sound.loudness import CEILING_DBTP, loudness_lufs, true_peak_db

LOUDNESS_SLACK: Final = 0.5
PEAK_SLACK: Final = 0.05
SHORTEST_FOR_LOUDNESS: Final = 3 * TICKS_PER_SECOND


@dataclass(frozen=True, slots=True)
class Report:
    """What was measured in a finished file; `problems` says in words what is not as it should be."""

    width: int
    height: int
    rate: float
    length_s: float
    size_bytes: int
    loudness_lufs: float | None
    true_peak_dbtp: float | None
    captions: int
    problems: tuple[str, ...]


def is_mp4(path: Path) -> bool:
    """Whether a file is an MP4: it begins with the box of its type (ISO/IEC 14496-12)."""
    with path.open("rb") as file:
        return file.read(8)[4:] == b"ftyp"


def index_first(path: Path) -> bool:
    """True when the movie's index stands before its data, so that it plays while it loads (ISO/IEC 14496-12)."""
    with path.open("rb") as file:
        while len(head := file.read(8)) == 8:
            size, kind = int.from_bytes(head[:4], "big"), head[4:]
            if kind == b"moov":
                return True
            if kind == b"mdat":
                return False
            if size == 1:
                size = int.from_bytes(file.read(8), "big") - 8
            if size < 8:
                return False
            file.seek(size - 8, 1)
    return False


def measure(path: Path, composition: Composition, track: Samples | None) -> Report:
    """Measure the file at `path` against the composition it was made from."""
    made = probe(path)
    short, fps = composition.short, float(composition.fps)
    output, target = short.output, short.sound.loudness
    wanted = composition.frames / fps
    problems = []
    if (made.width, made.height) != (output.width, output.height):
        problems.append(f"it is {made.width} by {made.height} instead of {output.width} by {output.height}")
    if abs(made.length / TICKS_PER_SECOND - wanted) > 1.5 / fps:
        problems.append(f"it runs {made.length / TICKS_PER_SECOND:.2f} s instead of {wanted:.2f} s")
    if is_mp4(path) and not index_first(path):
        problems.append("its index stands at the end")
    loud = peak = None
    if track is not None:
        if not made.has_sound:
            problems.append("it has no sound")
        else:
            heard = read_sound(path, MIX_RATE, 2)
            loud, peak = loudness_lufs(heard), true_peak_db(heard)
            if peak > CEILING_DBTP + PEAK_SLACK:
                problems.append(f"its true peak is {peak:.1f} dBTP, over {CEILING_DBTP:.0f}")
            silent = loudness_lufs(track) < -60
            if not silent and short.length >= SHORTEST_FOR_LOUDNESS and abs(loud - target) > LOUDNESS_SLACK:
                problems.append(f"its loudness is {loud:.1f} LUFS instead of {target:.0f}")
    return Report(
        made.width, made.height, float(made.rate), made.length / TICKS_PER_SECOND, made.size_bytes,
        None if loud is None else round(loud, 2), None if peak is None else round(peak, 2),
        len(composition.cards) if short.captions.shown else 0, tuple(problems),
    )  # fmt: skip
