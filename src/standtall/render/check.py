"""Opens a finished file and measures whether it is what was asked for."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path
from typing import Final

from standtall.base.interface_language import tr
from standtall.base.time import TICKS_PER_SECOND
from standtall.compose.composition import Composition
from standtall.media.probe import probe
from standtall.media.sound_reader import MIX_RATE, Samples, read_sound
from standtall.model.proof import Finding
from standtall.sound.loudness import CEILING_DBTP, loudness_lufs, true_peak_db

LOUDNESS_SLACK: Final = 0.5
PEAK_SLACK: Final = 0.05
SHORTEST_FOR_LOUDNESS: Final = 3 * TICKS_PER_SECOND


@dataclass(frozen=True, slots=True)
class Report:
    """What was measured in a finished file, point by point; `problems` says in words why it cannot be used."""

    width: int
    height: int
    rate: float
    length_s: float
    size_bytes: int
    loudness_lufs: float | None
    true_peak_dbtp: float | None
    captions: int
    problems: tuple[str, ...]
    findings: tuple[Finding, ...] = ()


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
    """Measure the file at `path` against the composition it was made from, without decoding its pictures."""
    made = probe(path)
    short, fps = composition.short, float(composition.fps)
    output, target = short.output, short.sound.loudness
    wanted, length = composition.frames / fps, made.length / TICKS_PER_SECOND
    sized = (made.width, made.height) == (output.width, output.height)
    long_enough = abs(length - wanted) <= 1.5 / fps
    first = not is_mp4(path) or index_first(path)
    findings = [
        Finding("size", sized, {"width": made.width, "height": made.height, "bytes": made.size_bytes}),
        Finding("length", long_enough, {"seconds": length, "wanted": wanted}),
        Finding("rate", abs(float(made.rate) - fps) < 0.01 * fps, {"fps": float(made.rate), "wanted": fps}),
        Finding("index", first),
    ]
    problems = []
    if not sized:
        problems.append(
            tr(
                "it is {width} by {height} instead of {wanted_width} by {wanted_height}",
                width=made.width,
                height=made.height,
                wanted_width=output.width,
                wanted_height=output.height,
            )
        )
    if not long_enough:
        problems.append(tr("it runs {length:.2f} s instead of {wanted:.2f} s", length=length, wanted=wanted))
    if not first:
        problems.append(tr("its index stands at the end"))
    loud = peak = None
    if track is not None:
        findings.append(Finding("sound", made.has_sound))
        if not made.has_sound:
            problems.append(tr("it has no sound"))
        else:
            heard = read_sound(path, MIX_RATE, 2)
            loud, peak = loudness_lufs(heard), true_peak_db(heard)
            silent = loudness_lufs(track) < -60
            level = silent or short.length < SHORTEST_FOR_LOUDNESS or abs(loud - target) <= LOUDNESS_SLACK
            findings.append(Finding("loudness", level, {"LUFS": loud, "wanted": target}))
            findings.append(Finding("true peak", peak <= CEILING_DBTP + PEAK_SLACK, {"dBTP": peak, "most": CEILING_DBTP}))
    return Report(
        made.width, made.height, float(made.rate), length, made.size_bytes,
        None if loud is None else round(loud, 2), None if peak is None else round(peak, 2),
        len(composition.cards) if short.captions.shown else 0, tuple(problems), tuple(findings),
    )  # fmt: skip
